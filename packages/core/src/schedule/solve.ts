import { anneal } from './anneal.ts';
import { findFirst } from './first.ts';
import { groundOf } from './moves.ts';
import { prepare } from './prepare.ts';
import type { Problem, Stuck, Timetable } from './problem.ts';
import { seeded } from './random.ts';
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
}

/** Places that an ordinary machine looks at in a second, in a kitchen of sixty tasks. Measured with `npm run bench -- schedule`. */
export const effortPerSecond = 400_000;

/** How much may be spent on finding a first timetable, for each activity. */
const lostEffort = 5000;

/**
 * Looks for ever better timetables, yielding each improvement and a note of every round. Returns the best,
 * or what stood in the way most often where none was found.
 */
export function* solve(problem: Problem, { seed, effort, firstEffort }: SolveOptions): Generator<Step, Timetable | Stuck> {
  const random = seeded(seed);
  const prepared = prepare(problem);
  const ground = groundOf(prepared);
  const first = yield* findFirst(prepared, ground, random, firstEffort ?? Math.max(lostEffort * problem.activities.length, effort));
  if (isStuck(first.result)) return first.result;
  // Where nothing must be kept apart the critical chain is all there is: then following it beats wandering.
  const better = prepared.classes.length === 0 ? tabu : anneal;
  return yield* better(ground, random, effort, { leaning: first.leaning, table: first.result });
}
