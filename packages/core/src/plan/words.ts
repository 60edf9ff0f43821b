import { clockTime, dayWords, ovensOf, rackName, type Chore, type Occasion, type Pin } from '../model/index.ts';

/** A moment by the clock, with its day where that is another. */
export const at = (occasion: Occasion, moment: number): string =>
  [clockTime(occasion.serveAt, moment), dayWords(occasion.serveAt, moment)].filter(Boolean).join(' ');

/** What is fixed about a task, in words: "begins at 12:00", "on the upper rack". */
export function pinWords(occasion: Occasion, pin: Pin): readonly string[] {
  const { kit, cooks } = occasion.kitchen;
  const ovens = ovensOf(occasion.kitchen);
  const oven = ovens[pin.oven ?? 0] ?? occasion.kitchen.oven;
  return [
    pin.startsAtMin === undefined ? '' : `begins at ${at(occasion, pin.startsAtMin)}`,
    pin.notBeforeMin === undefined ? '' : `does not begin before ${at(occasion, pin.notBeforeMin)}`,
    pin.endsByMin === undefined ? '' : `is done by ${at(occasion, pin.endsByMin)}`,
    pin.cook === undefined ? '' : `is done by ${cooks.find((cook) => cook.id === pin.cook)?.name ?? pin.cook}`,
    pin.oven === undefined ? '' : `is in ${ovens[pin.oven]?.name ?? `oven ${pin.oven + 1}`}`,
    pin.rack === undefined ? '' : `is on ${rackName(pin.rack, oven.racks)}`,
    pin.spareMin === undefined ? '' : `has ${pin.spareMin} min to spare after it`,
    pin.unit === undefined ? '' : `is done with ${kit.find((unit) => unit.id === pin.unit)?.name ?? pin.unit}`,
  ].filter(Boolean);
}

export const choreWords: Readonly<Record<Chore, string>> = {
  knives: 'work with knives',
  heat: 'work at the heat',
  raw: 'work on raw food',
  'washing-up': 'washing up',
};
