import type { TaskId } from '../model/index.ts';
import type { Task, TaskNetwork, Way } from '../tasks/index.ts';

/** For each task and each of its ways, in their order, the minutes to spare that a plan has for it. */
export type Spare = ReadonlyMap<TaskId, readonly number[]>;

/** What share of what a step may take longer than likely is to spare for it, 0 to 1: of most, and of some by their ids. */
export interface SpareShares {
  readonly usual: number;
  readonly of?: ReadonlyMap<TaskId, number> | undefined;
}

const halfOf = (minutes = Infinity): number => Math.floor(minutes / 2);

/** How much longer than likely a way may take. What only stands, soaks or chills with no sign to wait for is ready when it is planned. */
const mayRunOver = ({ step }: Task, { hands, oven, burners, durationMin }: Way): number =>
  hands === 'off' && !oven && burners === 0 && step.until === '' ? 0 : durationMin.most - durationMin.planned;

/**
 * Minutes to spare for every task: a share of what it may take longer than likely. No food waits longer for it than it may: what cannot wait so long
 * hands the rest on to what comes after it. `even`: what is to have as much in each of its ways, because a cook has said what is to be after it.
 */
export function spareOf(
  { tasks }: TaskNetwork,
  { usual, of }: SpareShares,
  even: ReadonlySet<TaskId> = new Set(),
): Spare {
  const followers = new Map<TaskId, Task['after'][number][]>();
  for (const { after } of tasks)
    for (const link of after) followers.set(link.task, [...(followers.get(link.task) ?? []), link]);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const found = new Map<TaskId, { readonly ways: readonly number[]; readonly leftMin: number }>();
  const spare = (task: Task): { readonly ways: readonly number[]; readonly leftMin: number } => {
    const known = found.get(task.id);
    if (known) return known;
    const handed = task.after.flatMap((link) => {
      const before = byId.get(link.task);
      return before ? [spare(before).leftMin] : [];
    });
    const cap = Math.max(
      0,
      Math.min(
        ...(followers.get(task.id) ?? []).map((link) => (link.mostMin ?? Infinity) - link.leastMin),
        // What must not stand for long at once is put away soon after it is done, and taken out again soon before it is wanted.
        ...(followers.get(task.id) ?? []).map(({ shelter }) => halfOf(shelter?.standsMin)),
        halfOf(task.serve?.shelter?.standsMin),
        task.serve?.mostHoldMin ?? Infinity,
        task.warm?.mostMin ?? Infinity,
      ),
    );
    const wanted = task.ways.map((way) => (of?.get(task.id) ?? usual) * mayRunOver(task, way) + Math.max(0, ...handed));
    const spared = wanted.map((minutes) => Math.floor(Math.min(Math.round(minutes), cap)));
    const made = {
      ways: even.has(task.id) ? spared.map(() => Math.min(...spared)) : spared,
      leftMin: Math.max(0, wanted[0]! - cap),
    };
    found.set(task.id, made);
    return made;
  };
  return new Map(tasks.map((task) => [task.id, spare(task).ways]));
}

/** The minutes to spare for a task in one of its ways. */
export const spareFor = (spare: Spare | undefined, task: Task, way: Way): number =>
  spare?.get(task.id)?.[task.ways.indexOf(way)] ?? 0;

/** The most that is to spare for a task in whichever way. */
export const mostSpare = (spare: Spare | undefined, task: TaskId): number => Math.max(0, ...(spare?.get(task) ?? []));

/** What is surely to spare for a task, in whichever way. */
export const leastSpare = (spare: Spare | undefined, task: TaskId): number => Math.min(...(spare?.get(task) ?? [0]));
