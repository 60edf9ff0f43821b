import { anneal } from './anneal.ts';
import { decode, finished, type Leaning } from './decode.ts';
import { findFirst } from './first.ts';
import { groundOf } from './moves.ts';
import { prepare, type Prepared } from './prepare.ts';
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
  /** A timetable to begin from, where it still holds: its activities in the order in which they are placed (the last in time first), and which way each is done. */
  readonly from?: { readonly line: Int32Array; readonly ways: Uint8Array } | undefined;
}

/** Places that an ordinary machine looks at in a second, in a kitchen of sixty tasks. Measured with `npm run bench -- schedule`. */
export const effortPerSecond = 400_000;

/** How much may be spent on finding a first timetable, for each activity. */
const lostEffort = 5000;

/**
 * Looks for ever better timetables, yielding each improvement and a note of every round. Returns the best,
 * or what stood in the way most often where none was found.
 */
export function* solve(
  problem: Problem,
  { seed, effort, firstEffort, from }: SolveOptions,
): Generator<Step, Timetable | Stuck> {
  const random = seeded(seed);
  const prepared = prepare(problem);
  const ground = groundOf(prepared);
  const known = from && again(prepared, from.line, from.ways);
  if (known) yield { kind: 'found', round: 0, timetable: finished(prepared, known.result) };
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

/** The timetable that a known order leads to; undefined where it holds no longer. */
function again(
  prepared: Prepared,
  line: Int32Array,
  ways: Uint8Array,
): { readonly leaning: Leaning; readonly result: Timetable } | undefined {
  const size = prepared.problem.activities.length;
  const leaning: Leaning = {
    line,
    lean: new Float64Array(size),
    early: new Float64Array(size),
    ways,
    who: new Int8Array(size).fill(-1),
    byHand: new Uint8Array(size),
    patienceMin: 15,
  };
  const { result } = decode(prepared, leaning);
  return isStuck(result) ? undefined : { leaning, result };
}

/** Whether nothing is to be chosen but the order: each activity is done in one way, by one cook, with nothing else. */
const isTied = ({ activities, cooks }: Problem): boolean =>
  activities.every(
    (activity) =>
      activity.ways.length === 1 && activity.ways[0]!.uses.length === 0 && (activity.cooks ?? cooks).length === 1,
  );
