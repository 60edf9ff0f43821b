import type { Occasion, Pin } from '@lupin/core';

const empty = (pin: Pin): boolean => Object.entries(pin).every(([key, value]) => key === 'task' || value === undefined);

export const pinOf = (occasion: Occasion, task: string): Pin | undefined =>
  occasion.wishes.pins.find((pin) => pin.task === task);

/** The occasion with one more thing fixed about a task, or let go (`undefined`). */
export function pinned(occasion: Occasion, task: string, part: Partial<Pin>): Occasion {
  const merged = { ...pinOf(occasion, task), ...part, task };
  const pin = Object.fromEntries(Object.entries(merged).filter(([, value]) => value !== undefined)) as Pin;
  const others = occasion.wishes.pins.filter((each) => each.task !== task);
  return { ...occasion, wishes: { ...occasion.wishes, pins: empty(pin) ? others : [...others, pin] } };
}
