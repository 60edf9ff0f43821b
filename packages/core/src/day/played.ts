import { drawDurations, netOf, playDay } from '../chances/index.ts';
import { fit } from '../fit/index.ts';
import type { Happening, Occasion, Plan } from '../model/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { endingLook, lookId, looksOf } from '../cookday/index.ts';
import { gateItems } from './happened.ts';

/** Something a cook notes, and when. */
export interface Moment {
  readonly atMin: number;
  readonly what: Happening;
}

/**
 * A day as cooks would tick it who keep to the plan, while everything takes as long as its range lets it: one of the days that the
 * chances are counted from, in time order. The same seed is the same day.
 */
export function playedMoments(occasion: Occasion, plan: Plan, seed = 1): readonly Moment[] {
  const net = netOf(occasion, tasksOf(occasion, fit(occasion)), plan);
  const drawn = drawDurations(net, 1, seed);
  const day = playDay(net, net.pieces.map((piece) => drawn.get(piece.id)!), 0);
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]));
  return net.pieces.flatMap((piece, index): Moment[] => {
    const [start, end] = [day.startMin[index]!, day.endMin[index]!];
    const task = tasks.get(piece.id)!;
    switch (task.kind) {
      case 'oven':
        return [{ atMin: start, what: { kind: 'tick', entry: task.id } }];
      case 'wash':
        return gateItems(task).map((item) => ({ atMin: end, what: { kind: 'clean', wash: task.id, item } }));
      case 'step': {
        if (task.cook !== undefined) return [{ atMin: end, what: { kind: 'tick', entry: task.id } }];
        const last = endingLook(task);
        const looks = looksOf(task).map((at): Moment => ({ atMin: at === last ? end : start + ((task.attention[at]!.startMin - task.startMin) / Math.max(1, task.endMin - task.startMin)) * (end - start), what: { kind: 'tick', entry: lookId(task.id, at) } }));
        return [{ atMin: start, what: { kind: 'tick', entry: task.id } }, ...looks];
      }
      default:
        return task satisfies never;
    }
  }).sort((a, b) => a.atMin - b.atMin);
}
