import { clockTime, dayOf, type KitKind, type Occasion } from '@lupin/core';

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

function minutesOf(clock: string): number {
  const [hours, minutes] = clock.split(':').map(Number);
  return hours! * 60 + minutes!;
}

export function windowToClock(serveAt: string, { fromMin, toMin }: MinuteWindow): ClockWindow {
  return { day: dayOf(serveAt, fromMin), from: clockTime(serveAt, fromMin), to: clockTime(serveAt, toMin) };
}

export function windowFromClock(serveAt: string, { day, from, to }: ClockWindow): MinuteWindow {
  const fromMin = day * 1440 + minutesOf(from) - minutesOf(serveAt);
  const length = (minutesOf(to) - minutesOf(from) + 1440) % 1440;
  return { fromMin, toMin: fromMin + (length === 0 ? 1440 : length) };
}

/** Serves at another time; the cooks' times, and what is fixed, stay where they are by the clock. */
export function movedServing(occasion: Occasion, serveAt: string): Occasion {
  const later = minutesOf(serveAt) - minutesOf(occasion.serveAt);
  return {
    ...occasion,
    serveAt,
    kitchen: { ...occasion.kitchen, cooks: occasion.kitchen.cooks.map((cook) => ({ ...cook, windows: cook.windows.map((window) => ({ fromMin: window.fromMin - later, toMin: window.toMin - later })) })) },
    wishes: {
      ...occasion.wishes,
      absences: occasion.wishes.absences.map((each) => ({ ...each, fromMin: each.fromMin - later, toMin: each.toMin - later })),
      pins: occasion.wishes.pins.map((pin) => Object.fromEntries(Object.entries(pin).map(([key, value]) => [key, key.endsWith('Min') && typeof value === 'number' ? value - later : value])) as typeof pin),
    },
  };
}

export const kitNames: Readonly<Record<KitKind, string>> = {
  board: 'Board', knife: 'Knife', bowl: 'Bowl', saucepan: 'Saucepan', 'large-pot': 'Large pot', 'frying-pan': 'Frying pan', skillet: 'Skillet', 'roasting-tin': 'Roasting tin',
  'baking-tray': 'Baking tray', 'gratin-dish': 'Gratin dish', 'cake-tin': 'Cake tin', blender: 'Blender', grater: 'Grater', whisk: 'Whisk', spoon: 'Spoon', bench: 'Bench', sieve: 'Sieve',
  toaster: 'Toaster', 'serving-dish': 'Serving dish', box: 'Box', probe: 'Probe',
};
