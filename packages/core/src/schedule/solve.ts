import { anneal } from './anneal.ts';
import type { Leaning } from './decode.ts';
import { findFirst } from './first.ts';
import { groundOf } from './moves.ts';
import type { Known } from './keep.ts';
import { prepare } from './prepare.ts';
import { repair } from './repair.ts';
import type { Problem, Stuck, Timetable } from './problem.ts';
import { seeded } from '../numbers/index.ts';
import { isStuck, type Step } from './search.ts';
import { tabu } from './tabu.ts';

export interface SolveOptions {
  readonly seed: number;
  /**
   * How much may be done: places looked at, and never a time on the clock, so that the same input gives the same plan on any
   * machine. `effortPerSecond` says what an ordinary one does.
   */
  readonly effort: number;
  /** How much may be done to find a first one; absent: by the number of activities. */
  readonly firstEffort?: number;
  /** A timetable to begin from: all of it that still holds stays where it was, until something better is found. */
  readonly from?: Known | undefined;
  /** How much may be done to go on from it. */
  readonly repairEffort?: number;
}

/** Places that an ordinary machine looks at in a second, in a kitchen of sixty tasks. Measured with `npm run bench -- schedule`. */
export const effortPerSecond = 200_000;

/** How much may be spent on going on from a known timetable. */
const usualRepairEffort = 60_000;
/** How much may be spent on finding a first timetable, for each activity. */
const lostEffort = 5000;

/**
 * Looks for ever better timetables, yielding each improvement and a note of every round. Returns the best,
 * or what stood in the way most often where none was found.
 */
export function* solve(
  problem: Problem,
  { seed, effort, firstEffort, from, repairEffort = usualRepairEffort }: SolveOptions,
): Generator<Step, Timetable | Stuck> {
  const random = seeded(seed);
  const prepared = prepare(problem);
  const ground = groundOf(prepared);
  const known = from && (yield* repair(ground, random, repairEffort, leaningOf(problem, from), from));
  const first =
    known ??
    (yield* findFirst(
      prepared,
      ground,
      random,
      firstEffort ?? Math.max(lostEffort * problem.activities.length, effort),
    ));
  if (isStuck(first.result)) return first.result;
  // Where nothing must be kept apart and everything has its one place the critical chain is all there is: then following it beats wandering.
  const better = prepared.classes.length === 0 && isTied(problem) ? tabu : anneal;
  return yield* better(ground, random, effort, { leaning: first.leaning, table: first.result });
}

/** The ways of a known timetable; whatever is new is done the usual way. */
function leaningOf({ activities }: Problem, { placed }: Known): Leaning {
  const size = activities.length;
  const ways = new Uint8Array(size);
  for (const { activity, way } of placed) ways[activity] = way;
  return {
    lean: new Float64Array(size),
    early: new Float64Array(size),
    ways,
    who: new Int8Array(size).fill(-1),
    byHand: new Uint8Array(size),
    patienceMin: 15,
  };
}

/** Whether nothing is to be chosen but the order: each activity is done in one way, by one cook, with nothing else. */
const isTied = ({ activities, cooks }: Problem): boolean =>
  activities.every(
    (activity) =>
      activity.ways.length === 1 && activity.ways[0]!.uses.length === 0 && (activity.cooks ?? cooks).length === 1,
  );
