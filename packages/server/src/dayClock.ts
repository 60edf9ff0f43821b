import { minutesOfClock } from '@lupin/core';

/** The moment when an occasion's first course is served, in ms since 1970, by the clock of this machine. */
export function servedAtMs({ date, serveAt }: { readonly date: string; readonly serveAt: string }): number {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const minutes = minutesOfClock(serveAt);
  return new Date(year, month - 1, day, Math.floor(minutes / 60), minutes % 60).getTime();
}

/** A clock that was set to a moment (`clockMin`, minutes after the first serving) at `clockAt` (ms since 1970) and goes `speed` times as fast. */
export interface ClockState {
  readonly speed: number;
  readonly clockMin: number;
  readonly clockAt: number;
}

/** What the clock shows; a machine whose own clock was set back does not take the day back with it. */
export const readClock = ({ speed, clockMin, clockAt }: ClockState, nowMs: number): number =>
  clockMin + (Math.max(0, nowMs - clockAt) * speed) / 60_000;
