import { presenceOf } from '../ledger/index.ts';
import type { CookId, Occasion, PlannedStep, PlannedTask, TaskId } from '../model/index.ts';

/** What is put away, put there at a moment, and taken out as long before each that follows as it was to be. `laterBy`: by how many minutes a task is later. */
export function restMoved(rest: PlannedStep, putMin: number, laterBy: (task: TaskId) => number): PlannedStep {
  const looks = rest.looks.map((look, at) => {
    const before = rest.rest!.before[at - 1];
    const taken = before === undefined || before === 'table' ? 0 : laterBy(before);
    const by = at === 0 ? putMin - look.startMin : taken;
    return { ...look, startMin: look.startMin + by, endMin: look.endMin + by };
  });
  return { ...rest, startMin: putMin, endMin: looks.at(-1)!.endMin, looks };
}

interface Busy {
  readonly cook: CookId;
  readonly startMin: number;
  readonly endMin: number;
}

/**
 * A plan in which what is put away is taken out by somebody who has a minute for it, as shortly before it is wanted as can be: where whoever was to do it
 * is busy by then, at another minute, or by another cook. `isOver`: what has been stays as it was.
 */
export function withTakers(
  occasion: Occasion,
  tasks: readonly PlannedTask[],
  isOver: (task: TaskId) => boolean,
): PlannedTask[] {
  let taken = tasks.flatMap((task) => busyWith(task));
  const startOf = new Map(tasks.map((task) => [task.id as string, task.startMin]));
  return tasks.map((task) => {
    if (task.kind !== 'step' || !task.rest || isOver(task.id)) return task;
    const others = taken.filter((each) => each.of !== task.id);
    const looks: PlannedStep['looks'] = [];
    for (const [at, look] of task.looks.entries()) {
      const wanted = at === 0 ? undefined : startOf.get(task.rest.before[at - 1]!);
      const busy = [...others, ...looks];
      looks.push(
        wanted === undefined || isFree(occasion, busy, look)
          ? look
          : (sooner(occasion, busy, look, wanted, task.looks[0]!.endMin) ?? look),
      );
    }
    const moved = { ...task, looks, endMin: looks.at(-1)!.endMin };
    // What is taken out next finds them at it.
    taken = [...others, ...busyWith(moved)];
    return moved;
  });
}

function sooner(
  occasion: Occasion,
  busy: readonly Busy[],
  look: PlannedStep['looks'][number],
  wantedMin: number,
  putMin: number,
): PlannedStep['looks'][number] | undefined {
  const takesMin = look.endMin - look.startMin;
  for (let startMin = wantedMin - takesMin; startMin >= putMin; startMin--)
    for (const { id } of occasion.kitchen.cooks) {
      const tried = { ...look, cook: id, startMin, endMin: startMin + takesMin };
      if (isFree(occasion, busy, tried)) return tried;
    }
  return undefined;
}

function isFree(
  { kitchen, wishes }: Pick<Occasion, 'kitchen' | 'wishes'>,
  busy: readonly Busy[],
  { cook, startMin, endMin }: Busy,
): boolean {
  const who = kitchen.cooks.find(({ id }) => id === cook);
  const isThere =
    who !== undefined &&
    presenceOf(who, wishes.absences).some(({ fromMin, toMin }) => fromMin <= startMin && toMin >= endMin);
  return isThere && !busy.some((each) => each.cook === cook && each.startMin < endMin && each.endMin > startMin);
}

function busyWith(task: PlannedTask): readonly (Busy & { readonly of: TaskId })[] {
  if (task.kind === 'oven') return [];
  const { id, startMin, endMin } = task;
  return [
    ...(task.cook === undefined ? [] : [{ of: id, cook: task.cook, startMin, endMin }]),
    ...(task.kind === 'step'
      ? task.looks.map((look) => ({ of: id, cook: look.cook, startMin: look.startMin, endMin: look.endMin }))
      : []),
  ];
}
