import type { Leaning } from './decode.ts';
import type { Stuck, Timetable } from './problem.ts';

/** What a search tells while it looks. */
export type Step =
  | { readonly kind: 'found'; readonly round: number; readonly timetable: Timetable }
  /** How much of the looking is done, 0 to 1; 0 while there is no timetable yet. */
  | { readonly kind: 'round'; readonly share: number };

/** A timetable as it is given out, and how it was put together. */
export interface Solved {
  readonly timetable: Timetable;
  readonly along: Leaning;
}

/** A timetable, what led to it, and the line in which its neighbours are looked for. */
export interface Standing {
  readonly led: Leaning;
  readonly leaning: Leaning;
  readonly table: Timetable;
}

export const isStuck = (result: Timetable | Solved | Stuck): result is Stuck => 'why' in result;

/** The order in which a timetable was built, as a line for its neighbours. */
export const asBuilt = (leaning: Leaning, table: Timetable): Standing => ({
  table,
  led: leaning,
  leaning: { ...leaning, line: Int32Array.from(table.placed, (each) => each.activity) },
});

/** The order in which things end, the last first: without washes and holds a line in this order gives the same timetable again, and neighbours in it are neighbours in time. */
export const inTime = (leaning: Leaning, table: Timetable): Standing => ({
  table,
  led: leaning,
  leaning: {
    ...leaning,
    line: Int32Array.from(
      [...table.placed].sort((a, b) => b.endMin - a.endMin),
      (each) => each.activity,
    ),
  },
});
