import type { TaskId } from '../model/index.ts';
import type { DayNet } from './net.ts';

/**
 * Whether something may be begun before its time by whoever is free, as the played days have it: no more than its piece allows, and all that it waits
 * for is done. What must lie some time back counts from when it was planned to be over.
 */
export function mayBeginEarly(net: DayNet, task: TaskId, minute: number, isDone: (task: TaskId) => boolean): boolean {
  const piece = net.pieces.find((each) => each.id === task);
  if (!piece || piece.earlyMin === 0 || minute < piece.plannedStartMin - piece.earlyMin) return false;
  return piece.waits.every(({ piece: index, leastMin, fromStart }) => {
    const before = net.pieces[index]!;
    const overMin = before.plannedStartMin + (fromStart ? 0 : before.plannedMin) + leastMin;
    // Nobody ticks an oven that comes to its heat, nor the moment at which something was begun.
    if (leastMin > 0 || fromStart || before.kind === 'oven') return minute >= overMin;
    return isDone(before.id);
  });
}
