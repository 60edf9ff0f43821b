import type { DayNet } from '../chances/index.ts';
import type { TaskId } from '../model/index.ts';
import type { Standpoint } from '../state/index.ts';

/**
 * Whether something may be begun before its time by whoever is free, as the played days have it: by no more than its piece allows, and when all that it
 * waits for is over, and has been for as long as it must, by when that really was. What is only taken to be in hand has not begun.
 */
export function mayBeginEarly(
  net: DayNet,
  { plan, done, running, assumed, nowMin }: Standpoint,
  task: TaskId,
): boolean {
  const piece = net.pieces.find((each) => each.id === task);
  if (!piece || piece.earlyMin === 0 || nowMin < piece.plannedStartMin - piece.earlyMin) return false;
  return piece.waits.every(({ piece: index, leastMin, fromStart }) => {
    const { id } = net.pieces[index]!;
    const before = plan.tasks.find((each) => each.id === id);
    if (!before) return false;
    const hasBegun = done.has(id) || (running.has(id) && !assumed.has(id));
    return fromStart
      ? hasBegun && nowMin >= before.startMin + leastMin
      : done.has(id) && nowMin >= before.endMin + leastMin;
  });
}
