import type { Placed } from './problem.ts';
import type { State } from './state.ts';

/** Nothing is done before this, in minutes before the first serving. */
export const horizon = -10_000;

export const called = (looks: Placed['looks'], cook: number, from: number, to: number): boolean =>
  looks.some((one) => one.cook === cook && one.startMin < to && one.endMin > from);

/** The latest moment before `end` at which a cook's time in the kitchen ends, if [start, end) is not inside it; else undefined. */
export function away(state: State, cook: number, start: number, end: number): number | undefined {
  const { windows } = state.prepared.problem.cooks[cook]!;
  let latest = horizon;
  for (const shift of windows) {
    if (shift.fromMin <= start && shift.toMin >= end) return undefined;
    if (shift.toMin < end) latest = Math.max(latest, shift.toMin);
  }
  return latest;
}
