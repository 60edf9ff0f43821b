import { clockTime, rackName, type Occasion, type Pin } from '@lupin/core';

const empty = (pin: Pin): boolean => Object.entries(pin).every(([key, value]) => key === 'task' || value === undefined);

export const pinOf = (occasion: Occasion, task: string): Pin | undefined => occasion.wishes.pins.find((pin) => pin.task === task);

/** The occasion with one more thing fixed about a task, or let go (`undefined`). */
export function pinned(occasion: Occasion, task: string, part: Partial<Pin>): Occasion {
  const merged = { ...pinOf(occasion, task), ...part, task };
  const pin = Object.fromEntries(Object.entries(merged).filter(([, value]) => value !== undefined)) as Pin;
  const others = occasion.wishes.pins.filter((each) => each.task !== task);
  return { ...occasion, wishes: { ...occasion.wishes, pins: empty(pin) ? others : [...others, pin] } };
}

/** What is fixed about a task, in words. */
export function pinWords(occasion: Occasion, pin: Pin): string[] {
  return [
    pin.startsAtMin === undefined ? '' : `begins at ${clockTime(occasion.serveAt, pin.startsAtMin)}`,
    pin.notBeforeMin === undefined ? '' : `not before ${clockTime(occasion.serveAt, pin.notBeforeMin)}`,
    pin.endsByMin === undefined ? '' : `done by ${clockTime(occasion.serveAt, pin.endsByMin)}`,
    pin.cook === undefined ? '' : `by ${occasion.kitchen.cooks.find((cook) => cook.id === pin.cook)?.name ?? pin.cook}`,
    pin.rack === undefined ? '' : `on the ${rackName(pin.rack, occasion.kitchen.oven.racks).replace(/^the /, '')}`,
    pin.unit === undefined ? '' : `with ${occasion.kitchen.kit.find((unit) => unit.id === pin.unit)?.name ?? pin.unit}`,
  ].filter(Boolean);
}
