import { clockTime, dayOf, minutesOfClock, type KitKind } from '@lupin/core';

/** A cook's time in the kitchen by the clock. It may run past midnight: then `to` is earlier than `from`. */
export interface ClockWindow {
  /** 0 is the occasion's day, −1 the day before. */
  readonly day: number;
  readonly from: string;
  readonly to: string;
}

interface MinuteWindow {
  readonly fromMin: number;
  readonly toMin: number;
}

export function windowToClock(serveAt: string, { fromMin, toMin }: MinuteWindow): ClockWindow {
  return { day: dayOf(serveAt, fromMin), from: clockTime(serveAt, fromMin), to: clockTime(serveAt, toMin) };
}

export function windowFromClock(serveAt: string, { day, from, to }: ClockWindow): MinuteWindow {
  const fromMin = day * 1440 + minutesOfClock(from) - minutesOfClock(serveAt);
  const length = (minutesOfClock(to) - minutesOfClock(from) + 1440) % 1440;
  return { fromMin, toMin: fromMin + (length === 0 ? 1440 : length) };
}

export const kitNames: Readonly<Record<KitKind, string>> = {
  board: 'Board',
  knife: 'Knife',
  bowl: 'Bowl',
  saucepan: 'Saucepan',
  'large-pot': 'Large pot',
  'frying-pan': 'Frying pan',
  skillet: 'Skillet',
  'roasting-tin': 'Roasting tin',
  'baking-tray': 'Baking tray',
  'gratin-dish': 'Gratin dish',
  'cake-tin': 'Cake tin',
  blender: 'Blender',
  'food-processor': 'Food processor',
  mixer: 'Mixer',
  'slow-cooker': 'Slow cooker',
  microwave: 'Microwave',
  grater: 'Grater',
  whisk: 'Whisk',
  spoon: 'Spoon',
  bench: 'Bench',
  sieve: 'Sieve',
  toaster: 'Toaster',
  'serving-dish': 'Serving dish',
  box: 'Box',
  probe: 'Probe',
};
