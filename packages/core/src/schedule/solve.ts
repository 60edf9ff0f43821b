import { decode, type Leaning } from './decode.ts';
import { better, type Problem, type Stuck, type Timetable } from './problem.ts';
import { prepare } from './state.ts';
import { seeded } from './random.ts';

export interface SolveOptions {
  readonly seed: number;
  /** How many timetables are tried. Fixed rounds, not time, so that the same input gives the same plan. */
  readonly rounds: number;
}

export type Step =
  | { readonly kind: 'found'; readonly round: number; readonly timetable: Timetable }
  /** How much of the looking is done, 0 to 1; 0 while there is no timetable yet. */
  | { readonly kind: 'round'; readonly share: number };

export const isStuck = (result: Timetable | Stuck): result is Stuck => 'why' in result;

/** How many times the rounds may be spent on finding a first timetable, and after how many in vain to begin elsewhere. */
const lostFactor = 15;
const restartAfter = 120;
const hopelessAfter = 60;

/**
 * Looks for ever better timetables, yielding each improvement and a note of every round. Returns the best,
 * or what stood in the way most often where none was found.
 */
export function* solve(problem: Problem, { seed, rounds }: SolveOptions): Generator<Step, Timetable | Stuck> {
  const random = seeded(seed);
  const prepared = prepare(problem);
  const patient = patientOnes(problem);
  const size = problem.activities.length;
  let kept: Leaning = { lean: new Float64Array(size), early: new Float64Array(size), patienceMin: 15 };
  let best: Timetable | undefined;
  const stuck = new Map<string, { count: number; stuck: Stuck }>();
  let lost = 0;
  // Orders that come to nothing are cheap to try: while there is no timetable, many more are.
  let until = rounds * lostFactor;
  for (let round = 0; round < until; round++) {
    if (!best && ++lost % restartAfter === 0) kept = { lean: Float64Array.from({ length: size }, () => random() * 60), early: new Float64Array(size), patienceMin: 15 };
    const tried: Leaning = round === 0 ? kept : neighbour(kept, size, random, best === undefined, patient);
    const result = decode(prepared, tried);
    if (isStuck(result)) {
      const key = `${result.activity}/${result.why}`;
      stuck.set(key, { count: (stuck.get(key)?.count ?? 0) + 1, stuck: result });
      // Always the same one, for want of a cook or kit: another order will not help.
      if (!best && stuck.size === 1 && round >= hopelessAfter && result.why.startsWith('no-')) return result;
      if (!best) kept = louder(problem, tried, result, random);
    } else if (!best || better(result.score, best.score)) {
      if (!best) until = round + rounds;
      best = result;
      kept = tried;
      yield { kind: 'found', round, timetable: result };
    } else if (!better(best.score, result.score)) {
      kept = tried;
    }
    yield { kind: 'round', share: best ? 1 - (until - round - 1) / rounds : 0 };
  }
  if (best) return best;
  const most = [...stuck.values()].sort((a, b) => b.count - a.count)[0];
  return most ? most.stuck : { activity: 0, why: 'circular' };
}

/** An activity and all that come after it: they must be early in line together, or it is only pushed away from them. */
function withFollowers(problem: Problem, from: number): ReadonlySet<number> {
  const found = new Set([from]);
  problem.activities.forEach((activity, index) => {
    if (activity.before.some((link) => found.has(link.activity))) found.add(index);
  });
  return found;
}

/**
 * What found no place asks louder next time: it goes sooner in line, with all that follow it; or what follows it and
 * cannot wait is put earlier by as much as was short.
 */
function louder(problem: Problem, tried: Leaning, stuck: Stuck, random: () => number): Leaning {
  const lean = Float64Array.from(tried.lean);
  const early = Float64Array.from(tried.early);
  const tooEarly = stuck.why === 'stands-too-long' || stuck.why === 'wait-too-long';
  if (tooEarly && early[stuck.activity]! > 0) {
    // It was itself pulled too early for what comes after.
    early[stuck.activity] = 0;
  } else if (stuck.follower !== undefined && stuck.shortMin !== undefined && stuck.shortMin < 300 && random() < 0.2) {
    early[stuck.follower] = early[stuck.follower]! + stuck.shortMin;
  } else {
    // By chance, not by rote: equal steps would let the same few push each other aside for ever.
    const push = 20 + Math.floor(random() * 80);
    for (const index of withFollowers(problem, stuck.activity)) lean[index] = lean[index]! + push;
  }
  if (random() < 0.4) {
    // What may stand a while before serving makes room for what may not.
    const standing = problem.activities.flatMap((activity, index) => ((activity.mostHoldMin ?? 0) > 0 ? [index] : []));
    const at = standing[Math.floor(random() * standing.length)];
    if (at !== undefined && at !== stuck.activity) early[at] = Math.floor(random() * Math.min(60, problem.activities[at]!.mostHoldMin!));
  }
  return { lean, early, patienceMin: tried.patienceMin };
}

/** Activities whose result keeps for eight hours or more before anything must follow. */
function patientOnes(problem: Problem): readonly number[] {
  const keeps = problem.activities.map(() => Infinity);
  problem.activities.forEach((activity, index) => {
    if (activity.mostHoldMin !== undefined) keeps[index] = Math.min(keeps[index]!, activity.mostHoldMin);
    for (const link of activity.before) keeps[link.activity] = Math.min(keeps[link.activity]!, link.mostMin);
  });
  return keeps.flatMap((most, index) => (most >= 480 ? [index] : []));
}

/** A neighbour: a few activities lean elsewhere, or stand a little earlier or later. */
function neighbour(from: Leaning, size: number, random: () => number, lost: boolean, patient: readonly number[]): Leaning {
  const lean = Float64Array.from(from.lean);
  const early = Float64Array.from(from.early);
  const changes = lost ? Math.floor(random() * 3) : 1 + Math.floor(random() * 4);
  for (let i = 0; i < changes; i++) {
    const at = Math.floor(random() * size);
    if (patient.length > 0 && random() < 0.2) {
      // What can wait for hours after it may be done long ahead, even the evening before.
      const ahead = patient[Math.floor(random() * patient.length)]!;
      early[ahead] = early[ahead]! > 0 ? 0 : 180 + Math.floor(random() * 1000);
    } else if (random() < 0.25) early[at] = random() < 0.5 ? 0 : Math.max(0, early[at]! + Math.round((random() - 0.4) * 30));
    else lean[at] = lean[at]! + (random() - 0.5) * (random() < 0.3 ? 240 : 50);
  }
  return { lean, early, patienceMin: random() < 0.2 ? Math.floor(random() * 90) : from.patienceMin };
}

/**
 * No timetable can be shorter, from first hand to last serving: the longest chain of hands-on work after which something
 * must follow, and all hands-on work shared out among the workers who are there.
 */
export function lowerBoundMin(problem: Problem): number {
  const { activities, workers, dayStartsMin } = problem;
  const latest = activities.map((activity) => activity.dueMin ?? Infinity);
  for (let index = activities.length - 1; index >= 0; index--) {
    for (const link of activities[index]!.before) {
      latest[link.activity] = Math.min(latest[link.activity]!, latest[index]! - activities[index]!.durationMin - link.leastMin);
    }
  }
  const lastDue = Math.max(0, ...activities.flatMap((activity) => activity.dueMin ?? []));
  // Only what the waits forbid to be done before the day counts: its latest start may not be moved ahead.
  const chain = activities.reduce((sum, activity, index) => {
    const mustBeToday = activity.handsOn && earliestStart(problem, index) >= dayStartsMin;
    return mustBeToday ? Math.max(sum, lastDue - (latest[index]! - activity.durationMin)) : sum;
  }, 0);
  const work = activities.reduce((sum, activity, index) => (activity.handsOn && earliestStart(problem, index) >= dayStartsMin ? sum + activity.durationMin : sum), 0);
  return Math.ceil(Math.max(chain, work / Math.max(1, workers.length)));
}

/** The earliest minute at which an activity may start, given how long what follows may wait. */
function earliestStart(problem: Problem, index: number): number {
  const { activities } = problem;
  const memo = new Map<number, number>();
  const earliest = (at: number): number => {
    const known = memo.get(at);
    if (known !== undefined) return known;
    const activity = activities[at]!;
    let bound = activity.dueMin !== undefined && activity.mostHoldMin !== undefined ? activity.dueMin - activity.mostHoldMin - activity.durationMin : -Infinity;
    activities.forEach((next, follower) => {
      for (const link of next.before) if (link.activity === at) bound = Math.max(bound, earliest(follower) - link.mostMin - activity.durationMin);
    });
    memo.set(at, bound);
    return bound;
  };
  return earliest(index);
}
