import { fit } from '../fit/index.ts';
import type { GateItem, Occasion, Plan } from '../model/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { happened } from './happened.ts';
import type { Progress, Reading } from './progress.ts';

/** How a dish came to the table. Moments in minutes after the first serving. */
export interface DishAccount {
  readonly batch: string;
  readonly name: string;
  readonly atMin: number;
  /** When its last step was done; absent where it never was. */
  readonly readyMin?: number | undefined;
}

export interface StepAccount {
  readonly id: string;
  readonly title: string;
  readonly dishName: string;
  readonly plannedMin: number;
  readonly tookMin: number;
}

/** What a day was, against what was planned. */
export interface Account {
  readonly dishes: readonly DishAccount[];
  /** Steps whose time was told by ticks at both ends, by how far they were from the plan, the furthest first. */
  readonly steps: readonly StepAccount[];
  readonly skipped: readonly { readonly wash: string; readonly items: readonly GateItem[]; readonly reason: string; readonly atMin: number }[];
  /** Core temperatures that were not reached at their last reading. */
  readonly low: readonly (Reading & { readonly title: string; readonly limitC: number })[];
}

/** Reads a day that is over, or stands somewhere, into an account. */
export function accountOf(occasion: Occasion, plan: Plan, progress: Progress, nowMin: number): Account {
  const network = tasksOf(occasion, fit(occasion));
  const { plan: real, done } = happened(plan, progress, nowMin);
  const batches = new Map(network.batches.map((batch) => [batch.id, batch]));
  const nameOf = (id: string) => batches.get(id)!.recipe.name;
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const really = new Map(real.tasks.map((task) => [task.id, task]));
  const dishes = network.tasks.flatMap((task): DishAccount[] => (task.serve ? [{ batch: task.batch, name: nameOf(task.batch), atMin: task.serve.atMin, readyMin: done.has(task.id) ? really.get(task.id)!.endMin : undefined }] : []));
  const steps = network.tasks.flatMap((task): StepAccount[] => {
    const [was, is] = [planned.get(task.id), really.get(task.id)];
    // A step done by hand has one tick, at its end: how long it took is not known from that.
    if (!was || is?.kind !== 'step' || is.cook !== undefined || !done.has(task.id)) return [];
    return [{ id: task.id, title: task.title, dishName: nameOf(task.batch), plannedMin: was.endMin - was.startMin, tookMin: is.endMin - is.startMin }];
  }).sort((a, b) => Math.abs(b.tookMin - b.plannedMin) - Math.abs(a.tookMin - a.plannedMin));
  const last = new Map<string, Reading>();
  for (const reading of progress.readings) if (reading.counts && reading.measured === 'core') last.set(reading.entry, reading);
  const low = [...last.values()].flatMap((reading) => {
    const task = network.tasks.find((each) => each.id === reading.entry);
    return task?.step.coreC !== undefined && reading.celsius < task.step.coreC ? [{ ...reading, title: task.title, limitC: task.step.coreC }] : [];
  });
  return { dishes, steps, low, skipped: [...progress.gates].flatMap(([wash, gate]) => gate.skipped.map(({ items, reason, atMin }) => ({ wash, items, reason, atMin }))) };
}
