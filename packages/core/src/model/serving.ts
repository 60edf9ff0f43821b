import { minutesOfClock } from './clock.ts';
import type { Occasion } from './occasion.ts';
import type { Pin } from './pins.ts';

/** Serves the first course at another time of the same day ("19:00"); the cooks' times, and what is fixed, stay where they are by the clock. */
export function movedServing(occasion: Occasion, serveAt: string): Occasion {
  const later = minutesOfClock(serveAt) - minutesOfClock(occasion.serveAt);
  const moved = (moment: number) => moment - later;
  const { kitchen, wishes } = occasion;
  return {
    ...occasion,
    serveAt,
    kitchen: {
      ...kitchen,
      cooks: kitchen.cooks.map((cook) => ({
        ...cook,
        windows: cook.windows.map(({ fromMin, toMin }) => ({ fromMin: moved(fromMin), toMin: moved(toMin) })),
      })),
    },
    wishes: {
      ...wishes,
      absences: wishes.absences.map((each) => ({ ...each, fromMin: moved(each.fromMin), toMin: moved(each.toMin) })),
      pins: wishes.pins.map((pin) => movedPin(pin, moved)),
    },
  };
}

const byTheClock = ['startsAtMin', 'notBeforeMin', 'endsByMin'] as const;

function movedPin(pin: Pin, moved: (moment: number) => number): Pin {
  const moments = byTheClock.flatMap((key) => (pin[key] === undefined ? [] : [[key, moved(pin[key])] as const]));
  return { ...pin, ...Object.fromEntries(moments) };
}
