import type { BatchId, PlannedStep, TaskId, UnitId } from '../model/index.ts';
import { tasksById, wayOf, type Task, type TaskNetwork, type Way } from '../tasks/index.ts';
import type { Standpoint } from './standpoint.ts';

/** Where food is: being worked on, in the oven, on the heat, cold, or standing. */
export type FoodPlace = 'in-hand' | 'oven' | 'heat' | 'fridge' | 'freezer' | 'counter';

/** A batch's food as it is now. */
export interface FoodNow {
  readonly place: FoodPlace;
  /** Since when it is there. */
  readonly sinceMin: number;
  /** What it is in or on: the kit of the last thing done with it. */
  readonly units: readonly UnitId[];
  /** The last thing that was done with it, or is. */
  readonly task: TaskId;
}

/** Food that is kept in a unit from one step to the next. */
export interface HeldNow {
  readonly unit: UnitId;
  /** What the unit is called by all steps that have it in common. */
  readonly hold: string;
  /** The step that put it there, or has it there. */
  readonly task: TaskId;
  readonly sinceMin: number;
  /** Whether something is still to be done with it there. */
  readonly isWanted: boolean;
}

/** What has been begun of each batch, in the order in which it was. */
function begunOf({ plan, done, running }: Standpoint): readonly PlannedStep[] {
  return plan.tasks
    .filter((task): task is PlannedStep => task.kind === 'step' && (done.has(task.id) || running.has(task.id)))
    .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
}

function placeOf(step: PlannedStep, way: Way | undefined): FoodPlace {
  if (step.cook !== undefined) return 'in-hand';
  if (step.racks.length > 0) return 'oven';
  if (way?.cold) return way.cold.where;
  return (way?.burners ?? 0) > 0 ? 'heat' : 'counter';
}

/** Where each batch's food is that has been begun. */
export function foodsNow(network: TaskNetwork, standpoint: Standpoint): ReadonlyMap<BatchId, FoodNow> {
  const tasks = tasksById(network);
  const found = new Map<BatchId, FoodNow>();
  for (const step of begunOf(standpoint)) {
    const task = tasks.get(step.id);
    const goesOn = standpoint.running.has(step.id);
    found.set(step.batch, {
      place: goesOn ? placeOf(step, task && wayOf(task, step)) : 'counter',
      sinceMin: goesOn ? step.startMin : step.endMin,
      units: step.units,
      task: step.id,
    });
  }
  return found;
}

/** Which unit keeps which food. */
export function holdsNow(network: TaskNetwork, standpoint: Standpoint): ReadonlyMap<string, HeldNow> {
  const tasks = tasksById(network);
  const wanted = new Set(
    network.tasks.flatMap((task) =>
      standpoint.done.has(task.id) || standpoint.running.has(task.id) ? [] : holdsOf(task),
    ),
  );
  const found = new Map<string, HeldNow>();
  for (const step of begunOf(standpoint)) {
    const task = tasks.get(step.id);
    const way = task && (wayOf(task, step) ?? task.ways[0]);
    way?.kit.forEach(({ hold }, at) => {
      const unit = step.units[at];
      if (hold === undefined || unit === undefined) return;
      found.set(hold, { unit, hold, task: step.id, sinceMin: step.startMin, isWanted: wanted.has(hold) });
    });
  }
  return found;
}

/**
 * Until when units are taken by food that no step is to do anything with there: a finished dish, until it is off the table; what others
 * take from, until the last of them has begun (Infinity: nobody knows when that will be). Minutes after the first serving.
 */
export function filledUntil(network: TaskNetwork, standpoint: Standpoint): ReadonlyMap<UnitId, number> {
  const tasks = tasksById(network);
  const { done, running } = standpoint;
  const found = new Map<UnitId, number>();
  const note = (unit: UnitId, untilMin: number) => found.set(unit, Math.max(untilMin, found.get(unit) ?? -Infinity));
  for (const step of begunOf(standpoint)) {
    const task = tasks.get(step.id);
    const isWanted = network.tasks.some(
      ({ id, after }) => !done.has(id) && !running.has(id) && after.some((link) => link.task === step.id),
    );
    const way = task && wayOf(task, step);
    way?.kit.forEach((use, at) => {
      const unit = step.units[at];
      if (unit === undefined) return;
      if (use.keptUntilMin !== undefined) note(unit, use.keptUntilMin);
      if (use.untilTaken && isWanted) note(unit, Infinity);
    });
  }
  return found;
}

const holdsOf = (task: Task): readonly string[] =>
  task.ways.flatMap((way) => way.kit.flatMap(({ hold }) => hold ?? []));
