import { fit } from '../fit/index.ts';
import type { WashItem, Occasion, Plan, BatchId } from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { happened } from '../state/index.ts';
import type { Progress, Reading } from '../state/index.ts';

/** How a dish came to the table. Moments in minutes after the first serving. */
export interface DishAccount {
  readonly batch: BatchId;
  readonly name: string;
  readonly atMin: number;
  /** When its last step was done; absent where it never was, or the day left it out. */
  readonly readyMin?: number | undefined;
}

export interface StepAccount {
  readonly id: string;
  readonly title: string;
  readonly dishName: string;
  readonly plannedMin: number;
  readonly tookMin: number;
}

/** When something was done, against when it was first planned to be. */
export interface Pace {
  readonly id: string;
  readonly title: string;
  readonly dishName: string;
  readonly cook?: string | undefined;
  readonly plannedMin: number;
  readonly reallyMin: number;
}

/** What a day was, against what was planned. */
export interface Account {
  readonly dishes: readonly DishAccount[];
  /** Dishes that were ready with less than `rules.onTimeWithinMin` to spare. */
  readonly close: readonly DishAccount[];
  /** What by itself would have kept the day in time: steps that ran over, each with the minutes it wants next time; the most first. */
  readonly change: readonly {
    readonly id: string;
    readonly title: string;
    readonly dishName: string;
    readonly moreMin: number;
  }[];
  /** Everything that was done, in the order of the first plan. */
  readonly pace: readonly Pace[];
  /** Steps whose time was told by ticks at both ends, by how far they were from the plan, the furthest first. */
  readonly steps: readonly StepAccount[];
  readonly skipped: readonly {
    readonly wash: string;
    readonly items: readonly WashItem[];
    readonly reason: string;
    readonly atMin: number;
  }[];
  /** Core temperatures that were not reached at their last reading. */
  readonly low: readonly (Reading & { readonly title: string; readonly limitC: number })[];
}

/** Reads a day that is over, or stands somewhere, into an account. `begun`: what it was begun with; a mend moves times, and would else hide that anything was late. */
export function accountOf(
  occasion: Occasion,
  plan: Plan,
  progress: Progress,
  nowMin: number,
  begun: { readonly occasion: Occasion; readonly plan: Plan } = { occasion, plan },
): Account {
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  const { plan: real, done } = happened(plan, progress, nowMin);
  const batches = new Map(network.batches.map((batch) => [batch.id, batch]));
  const nameOf = (id: BatchId) => batches.get(id)!.recipe.name;
  const planned = new Map(begun.plan.tasks.map((task) => [task.id, task]));
  const served = (dish: string) =>
    begun.occasion.courses.find(
      (course) => course.id === begun.occasion.dishes.find((each) => each.id === dish)?.course,
    )?.offsetMin;
  const really = new Map(real.tasks.map((task) => [task.id, task]));
  const dishes = network.tasks.flatMap((task): DishAccount[] =>
    task.serve
      ? [
          {
            batch: task.batch,
            name: nameOf(task.batch),
            atMin: served(batches.get(task.batch)!.dish) ?? task.serve.atMin,
            readyMin: done.has(task.id) ? really.get(task.id)!.endMin : undefined,
          },
        ]
      : [],
  );
  const steps = network.tasks
    .flatMap((task): StepAccount[] => {
      const [was, is] = [planned.get(task.id), really.get(task.id)];
      // A step done by hand has one tick, at its end: how long it took is not known from that.
      if (!was || is?.kind !== 'step' || is.cook !== undefined || !done.has(task.id)) return [];
      return [
        {
          id: task.id,
          title: task.title,
          dishName: nameOf(task.batch),
          plannedMin: was.endMin - was.startMin,
          tookMin: is.endMin - is.startMin,
        },
      ];
    })
    .sort((a, b) => Math.abs(b.tookMin - b.plannedMin) - Math.abs(a.tookMin - a.plannedMin));
  const pace = network.tasks
    .flatMap((task): Pace[] => {
      const [was, is] = [planned.get(task.id), really.get(task.id)];
      return was?.kind === 'step' && is?.kind === 'step' && done.has(task.id)
        ? [
            {
              id: task.id,
              title: task.title,
              dishName: nameOf(task.batch),
              cook: is.cook,
              plannedMin: was.endMin,
              reallyMin: is.endMin,
            },
          ]
        : [];
    })
    .sort((a, b) => a.plannedMin - b.plannedMin || (a.id < b.id ? -1 : 1));
  const close = dishes.filter(
    (dish) =>
      dish.readyMin !== undefined && dish.readyMin <= dish.atMin && dish.atMin - dish.readyMin < rules.onTimeWithinMin,
  );
  const change = steps
    .filter(
      (step) =>
        step.tookMin - step.plannedMin >= rules.onTimeWithinMin &&
        dishes.some(
          (dish) =>
            dish.readyMin !== undefined &&
            dish.readyMin > dish.atMin &&
            network.batches
              .find((batch) => batch.id === dish.batch)!
              .lineage.some((id) => step.id.startsWith(`${id}.`)),
        ),
    )
    .map(({ id, title, dishName, tookMin, plannedMin }) => ({ id, title, dishName, moreMin: tookMin - plannedMin }))
    .slice(0, 3);
  const last = new Map<string, Reading>();
  for (const reading of progress.readings)
    if (reading.counts && reading.measured === 'core') last.set(reading.entry, reading);
  const low = [...last.values()].flatMap((reading) => {
    const task = network.tasks.find((each) => each.id === reading.entry);
    return task?.step.coreC !== undefined && reading.celsius < task.step.coreC
      ? [{ ...reading, title: task.title, limitC: task.step.coreC }]
      : [];
  });
  return {
    dishes,
    close,
    change,
    pace,
    steps,
    low,
    skipped: [...progress.washes].flatMap(([wash, { skipped }]) =>
      skipped.map(({ items, reason, atMin }) => ({ wash, items, reason, atMin })),
    ),
  };
}
