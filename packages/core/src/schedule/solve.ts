import { anneal } from './anneal.ts';
import { decode, finished, type Leaning } from './decode.ts';
import { findFirst } from './first.ts';
import { before, groundOf, shifted } from './moves.ts';
import type { Known } from './keep.ts';
import { prepare, type Prepared } from './prepare.ts';
import { repair, type Repaired } from './repair.ts';
import type { Problem, Stuck } from './problem.ts';
import { seeded } from '../numbers/index.ts';
import { isStuck, type Solved, type Step } from './search.ts';
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
  /** How a timetable of much the same work was put together, to begin from: from that a walk can go on, where it leads to one here. */
  readonly along?: Leaning | undefined;
  /** How much may be done to go on from it. */
  readonly repairEffort?: number;
}

/** Places that an ordinary machine looks at in a second, in a kitchen of sixty tasks. Measured with `npm run bench -- schedule`. */
export const effortPerSecond = 200_000;

/** How much may be spent on going on from a known timetable. */
const usualRepairEffort = 60_000;
/** How much may be spent on following how another was put together, and after how many lines in vain from the known one again. */
const followEffort = 40_000;
const afreshAfter = 15;
/** How much may be spent on finding a first timetable, for each activity. */
const lostEffort = 5000;

/**
 * Looks for ever better timetables, yielding each improvement and a note of every round. Returns the best,
 * or what stood in the way most often where none was found.
 */
export function* solve(
  problem: Problem,
  { seed, effort, firstEffort, from, along, repairEffort = usualRepairEffort }: SolveOptions,
): Generator<Step, Solved | Stuck> {
  const random = seeded(seed);
  const prepared = prepare(problem);
  const ground = groundOf(prepared);
  const led = along && (yield* follow(prepared, random, along, followEffort));
  const known = led ?? (from && (yield* repair(ground, random, repairEffort, leaningOf(problem, from), from)));
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
  return yield* better(ground, random, effort, {
    led: first.leaning,
    leaning: first.leaning,
    table: first.result,
  });
}

/**
 * Puts a timetable together as another was, of much the same work. What finds no place then goes sooner in the line, before what stands in its
 * way; where that comes to nothing, from the line as it was again. What is found so can be bettered from there: no line is known that leads to a
 * timetable that was repaired.
 */
function* follow(
  prepared: Prepared,
  random: () => number,
  along: Leaning,
  effort: number,
): Generator<Step, Repaired | undefined> {
  if (!along.line) return undefined;
  let leaning = along;
  let looked = 0;
  for (let round = 1; looked < effort; round++) {
    const { result, looked: now } = decode(prepared, leaning);
    looked += now + prepared.problem.activities.length;
    if (!isStuck(result)) {
      yield { kind: 'found', round, timetable: finished(prepared, result) };
      return { leaning, result };
    }
    yield { kind: 'round', share: 0 };
    const line = round % afreshAfter === 0 ? along.line : leaning.line!;
    leaning = { ...along, line: sooner(prepared, line, result, random) };
  }
  return undefined;
}

/** The line with what found no place sooner in it, and now and then something else elsewhere. */
function sooner(prepared: Prepared, line: Int32Array, { activity, around }: Stuck, random: () => number): Int32Array {
  const holder = around?.[Math.floor(random() * around.length)];
  const moved =
    holder !== undefined && random() < 0.5
      ? before(prepared, line, activity, holder)
      : before(prepared, line, activity, line[Math.max(0, line.indexOf(activity) - 1 - Math.floor(random() * 20))]!);
  return !moved || random() < 0.3 ? shifted(prepared, moved ?? line, random) : moved;
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
