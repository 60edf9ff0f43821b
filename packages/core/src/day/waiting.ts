import { rules } from '../reference/index.ts';
import type { BatchId, TaskId } from '../model/index.ts';
import type { Progress, Standpoint } from '../state/index.ts';
import { tasksById, type Task, type TaskNetwork } from '../tasks/index.ts';

/** Food on its way to the table that stands in the room. Moments in minutes after the first serving. */
export interface FoodWaiting {
  readonly batch: BatchId;
  /** What it came out of, and what it waits for; of several, what comes first. */
  readonly after: TaskId;
  readonly next: TaskId;
  readonly sinceMin: number;
  /** When it is to go on, as the day now goes. */
  readonly nextMin: number;
  /** Until when it may stand: then it goes on, or into the fridge. */
  readonly untilMin: number;
  /** When it will have stood as long as it may in all, and nobody should eat it. */
  readonly spoiltMin: number;
  /** There is raw flesh, fish or egg in it. */
  readonly isRaw: boolean;
}

/**
 * Food between two steps that spoils and that nothing holds hot or cold: what has been done last with it is over, what comes next is not begun,
 * and nobody has put it away. The clock of finished dishes is `standingOf`.
 */
export function waitingNow(
  network: TaskNetwork,
  { plan, done, running, assumed, nowMin }: Standpoint,
  { cold }: Pick<Progress, 'cold'>,
): readonly FoodWaiting[] {
  const tasks = tasksById(network);
  const places = new Map(plan.tasks.map((task) => [task.id, task]));
  // What is only taken to be in hand, because its time has come, is so for as long as it was to take.
  const isInHand = (id: TaskId) => running.has(id) && (assumed.get(id)?.endMin ?? Infinity) >= nowMin;
  /** Since when what came out of a task stands before another; undefined: it does not. */
  const standsSince = (link: Task['after'][number]): number | undefined => {
    const from = places.get(link.task);
    if (!link.spoils || !from || !done.has(link.task) || link.shelter?.isThere) return undefined;
    const away = link.shelter && places.get(link.shelter.rest);
    if (away && running.has(away.id)) return undefined;
    const outMin = away && done.has(away.id) ? away.endMin : from.endMin;
    return (cold.get(link.task) ?? -Infinity) >= outMin ? undefined : outMin;
  };
  /** How long what comes out of a task has stood by its end, since it was heated through. */
  const stoodBy = (id: TaskId): number => {
    const task = tasks.get(id);
    const here = places.get(id);
    if (!task || !here || task.freshens) return 0;
    const before = task.after.map((link) => {
      const from = places.get(link.task);
      if (!link.spoils || !from) return 0;
      const away = link.shelter && places.get(link.shelter.rest);
      const coldMin = away ? away.endMin - away.startMin : 0;
      const said = cold.get(link.task);
      const outMin = said === undefined ? here.startMin : Math.min(said, here.startMin);
      const stood = link.shelter?.isThere ? 0 : Math.max(0, outMin - from.endMin - coldMin);
      return stood + stoodBy(link.task);
    });
    return Math.max(0, ...before) + (task.stands ? here.endMin - here.startMin : 0);
  };
  const found = new Map<TaskId, FoodWaiting>();
  for (const task of network.tasks) {
    if (done.has(task.id) || isInHand(task.id)) continue;
    for (const link of task.after) {
      const sinceMin = standsSince(link);
      if (sinceMin === undefined) continue;
      const from = tasks.get(link.task);
      const isRaw = from?.leavesRaw ?? false;
      const spoiltMin = sinceMin + rules.standsMostMin - stoodBy(link.task);
      const one: FoodWaiting = {
        batch: from?.batch ?? task.batch,
        after: link.task,
        next: task.id,
        sinceMin,
        nextMin: assumed.get(task.id)?.startMin ?? places.get(task.id)?.startMin ?? nowMin,
        untilMin: isRaw ? Math.min(sinceMin + rules.rawWaitsMostMin, spoiltMin) : spoiltMin,
        spoiltMin,
        isRaw,
      };
      const known = found.get(link.task);
      if (!known || one.untilMin < known.untilMin) found.set(link.task, one);
    }
  }
  return [...found.values()].filter(({ sinceMin }) => sinceMin <= nowMin).sort((a, b) => a.untilMin - b.untilMin);
}
