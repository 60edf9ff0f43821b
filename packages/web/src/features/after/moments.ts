import { clockTime, minutesOfClock } from '@lupin/core';

/** The moment nearest to another at which a clock shows a time; both in minutes after the first serving. */
export function momentOfClock(serveAt: string, clock: string, nearMin: number): number {
  const near = Math.round(nearMin);
  const by = minutesOfClock(clock) - minutesOfClock(clockTime(serveAt, near));
  return near + by - Math.round(by / 1440) * 1440;
}
