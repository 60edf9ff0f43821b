import type { UnitUse } from './problem.ts';
import type { State } from './state.ts';

/** When the unit of a use is free again, as far as is placed what follows. `staysMin`: until when what was worked on stays where it is. */
export function freeAgainMin(
  { placed, prepared }: Pick<State, 'placed' | 'prepared'>,
  index: number,
  { forMin, keptUntilMin, untilTaken }: UnitUse,
  startMin: number,
  staysMin: number,
): number {
  if (forMin !== undefined) return Math.min(staysMin, startMin + forMin);
  let until = keptUntilMin === undefined || keptUntilMin < staysMin ? staysMin : keptUntilMin;
  if (untilTaken)
    for (const { activity, isOrder } of prepared.followers[index]!)
      if (!isOrder) until = Math.max(until, placed[activity]?.startMin ?? until);
  return until;
}
