import { startLook, type PlannedTask, type TaskId, type UnitId } from '../model/index.ts';
import { tippedOutMin, type TaskKit } from '../tasks/index.ts';
import type { Use } from './page.ts';
import type { Book } from './book.ts';
import type { Law } from './law.ts';

const useOf = (task: PlannedTask, freeMin = task.endMin): Use => ({
  task: task.id,
  startMin: task.startMin,
  endMin: task.endMin,
  freeMin,
  places: 1,
});

/** Until when what a wash has taken cannot be used: while the dishwasher runs. */
const cleanAt = (task: PlannedTask): number =>
  task.kind === 'wash' ? Math.max(task.endMin, task.machineUntilMin ?? task.endMin) : task.endMin;

/** A cook does one thing at a time: what they do all through, washes, and setting going what then goes by itself. Looks on the way take them from what is in hand. */
export const hands: Law = {
  shared: 'in-turn',
  pages: ({ occasion, planned }) =>
    occasion.kitchen.cooks.map(({ id }) => ({
      resource: { kind: 'hands', cook: id },
      capacity: 1,
      uses: planned.flatMap((task): Use[] => {
        if (task.kind === 'oven') return [];
        if (task.cook === id) return [useOf(task)];
        if (task.kind === 'wash') return [];
        const start = task.looks.find(({ look, cook }) => look === startLook && cook === id);
        return start ? [{ ...useOf(task), endMin: start.endMin, freeMin: start.endMin, begins: true }] : [];
      }),
    })),
};

/** A unit of kit does one thing at a time; in what food is kept in nothing else is done until its last step. */
export const kit: Law = {
  shared: 'in-turn',
  pages: (book) =>
    book.occasion.kitchen.kit.map((unit) => ({
      resource: { kind: 'kit', unit: unit.id },
      capacity: 1,
      uses: [
        ...book.planned.flatMap((task): Use[] => {
          if (task.kind === 'oven' || !task.units.includes(unit.id)) return [];
          const forMin = tippedOutAfterMin(book, task, unit.id);
          if (forMin === undefined) return [useOf(task, cleanAt(task))];
          const endMin = Math.min(task.endMin, task.startMin + forMin);
          return [{ ...useOf(task), endMin, freeMin: endMin, fromStart: true }];
        }),
        ...keptIn(book, unit.id),
        ...keptToTable(book, unit.id),
        ...takenFrom(book, unit.id),
      ].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin),
    })),
};

/** When food stays in a unit from one of its steps to the next. */
function keptIn({ steps }: Book, unit: string): readonly Use[] {
  const ends = new Map<string, { readonly task: TaskId; readonly endMin: number }>();
  return steps.flatMap(({ planned, way }): Use[] => {
    const at = planned.units.findIndex((id) => id === unit);
    const hold = at < 0 ? undefined : way?.kit[at]?.hold;
    if (hold === undefined) return [];
    const before = ends.get(hold);
    ends.set(hold, { task: planned.id, endMin: planned.endMin });
    if (!before || before.endMin >= planned.startMin) return [];
    return [
      {
        task: before.task,
        startMin: before.endMin,
        endMin: planned.startMin,
        freeMin: planned.startMin,
        places: 1,
        keeps: true,
      },
    ];
  });
}

/** After how many minutes of a step a unit is free again, where that is before its end; a step that the menu no longer has is as its plan says. */
function tippedOutAfterMin(book: Book, task: PlannedTask, unit: UnitId): number | undefined {
  if (task.kind !== 'step') return undefined;
  if (book.stepOf(task.id)?.task) return usedAs(book, task, unit)?.forMin;
  return task.emptied?.includes(unit) ? tippedOutMin : undefined;
}

/** How a step uses a unit. */
function usedAs({ stepOf }: Book, task: PlannedTask, unit: string): TaskKit | undefined {
  if (task.kind !== 'step') return undefined;
  const at = task.units.findIndex((each) => each === unit);
  return at < 0 ? undefined : stepOf(task.id)?.way?.kit[at];
}

/** When a finished dish waits in a unit for the table, and is at it. */
const keptToTable = (book: Book, unit: string): readonly Use[] =>
  book.steps.flatMap(({ planned }): Use[] => {
    const until = usedAs(book, planned, unit)?.keptUntilMin ?? -Infinity;
    return until <= planned.endMin
      ? []
      : [{ task: planned.id, startMin: planned.endMin, endMin: until, freeMin: until, places: 1, keeps: true }];
  });

/** When food stays in a unit for others to take from: until each of them has begun. */
const takenFrom = (book: Book, unit: string): readonly Use[] =>
  book.steps.flatMap(({ planned }): Use[] => {
    if (!usedAs(book, planned, unit)?.untilTaken) return [];
    return book.steps.flatMap((other): Use[] => {
      const takes = other.task?.after.some((link) => link.task === planned.id) ?? false;
      const until = other.planned.startMin;
      if (!takes || until <= planned.endMin || usedAs(book, other.planned, unit)) return [];
      return [
        {
          task: planned.id,
          startMin: planned.endMin,
          endMin: until,
          freeMin: until,
          places: 1,
          keeps: true,
          endedBy: other.planned.id,
        },
      ];
    });
  });

/** One wash at a time. */
export const sink: Law = {
  shared: 'in-turn',
  pages: ({ washes }) => [{ resource: { kind: 'sink' }, capacity: 1, uses: washes.map((wash) => useOf(wash)) }],
};

/** One load after the other, each for its whole programme. */
export const dishwasher: Law = {
  shared: 'in-turn',
  pages: ({ washes }) => [
    {
      resource: { kind: 'dishwasher' },
      capacity: 1,
      uses: washes.filter((wash) => wash.machineUntilMin !== undefined).map((wash) => useOf(wash, cleanAt(wash))),
    },
  ],
};
