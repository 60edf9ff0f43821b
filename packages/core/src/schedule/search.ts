import type { Leaning } from './decode.ts';
import type { Stuck, Timetable } from './problem.ts';

/** What a search tells while it looks. */
export type Step =
  | { readonly kind: 'found'; readonly round: number; readonly timetable: Timetable }
  /** How much of the looking is done, 0 to 1; 0 while there is no timetable yet. */
  | { readonly kind: 'round'; readonly share: number };

/** A timetable with the line and leaning that led to it. */
export interface Standing {
  readonly leaning: Leaning;
  readonly table: Timetable;
}

export const isStuck = (result: Timetable | Stuck): result is Stuck => 'why' in result;

/** The order in which a timetable was built, as a line for its neighbours. */
export const asBuilt = (leaning: Leaning, table: Timetable): Standing => ({
  table,
  leaning: { ...leaning, line: Int32Array.from(table.placed, (each) => each.activity) },
});

/** The order in which things end, the last first: without washes and holds a line in this order gives the same timetable again, and neighbours in it are neighbours in time. */
export const inTime = (leaning: Leaning, table: Timetable): Standing => ({
  table,
  leaning: {
    ...leaning,
    line: Int32Array.from(
      [...table.placed].sort((a, b) => b.endMin - a.endMin),
      (each) => each.activity,
    ),
  },
});
