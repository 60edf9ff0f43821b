import { heatsOf } from './chamber.ts';
import { commit, tryPlace, type Choice, type Refusal } from './place.ts';
import { prune } from './prune.ts';
import type { Placed, Problem, Score, Stuck, Timetable, Wash } from './problem.ts';
import { emptyState, remember, type Prepared, type State } from './state.ts';

/** How an order is turned into a timetable. */
export interface Leaning {
  /** Minutes by which an activity goes sooner in line, and so later in time. */
  readonly lean: Float64Array;
  /** Minutes by which an activity is put earlier than it could be, so that what comes before it finds room. */
  readonly early: Float64Array;
  /** A place with fewer washes is taken if it is at most this many minutes earlier. */
  readonly patienceMin: number;
}

/** A wait of at most this long binds two activities into one chain. */
const tightMin = 60;
const chainTries = 8;

/**
 * Builds one timetable from the serving backwards: again and again the activity that can end latest is placed, as late as
 * everything already placed allows. Demands ("no wheat from here on") travel backwards with it, so a wash is put in exactly
 * where a residue would otherwise reach somebody it must not. Same problem and leaning: same timetable.
 */
export function decode(prepared: Prepared, leaning: Leaning): Timetable | Stuck {
  const { problem } = prepared;
  const { activities } = problem;
  const { lean } = leaning;
  const state = emptyState(prepared);
  while (state.order.length < activities.length) {
    // What can be done last goes first; of what all could be done now by a pair of hands, that which can wait least.
    const now = Math.max(...state.hands.map((hands) => hands.uses.reduce((first, use) => Math.min(first, use.start), Infinity)));
    const eligible = activities
      .flatMap((activity, index) => {
        if (state.placed[index] !== undefined || state.waiting[index] !== 0) return [];
        const latest = latestEnd(problem, state, leaning, index);
        return [{ index, turn: (activity.handsOn ? Math.min(latest, now) : latest) + lean[index]!, earliest: earliestEnd(problem, state, index) }];
      })
      .sort((a, b) => b.turn - a.turn || (a.earliest === b.earliest ? a.index - b.index : b.earliest - a.earliest));
    let stuck: Stuck | undefined;
    let done = false;
    // A unit may be held by food that waits for another step; then the next in line may go first.
    for (const { index } of eligible) {
      const refusal = placeChain(problem, state, leaning, index);
      if (!refusal) { done = true; break; }
      stuck ??= refusal;
      if (refusal.why !== 'no-unit' && refusal.why !== 'no-clean-unit') break;
    }
    if (!done) return stuck ?? { activity: state.placed.indexOf(undefined), why: 'circular' };
  }
  const washes = prune(problem, state.order, state.washes);
  return { placed: state.order, washes, heats: heatsOf(state.loads, problem.chamber), score: scoreOf(problem, state.order, washes) };
}

function latestEnd(problem: Problem, state: State, { early }: Leaning, index: number): number {
  let latest = problem.activities[index]!.dueMin ?? Infinity;
  for (const next of state.followers[index]!) latest = Math.min(latest, state.placed[next.activity]!.startMin - next.leastMin);
  return latest - early[index]! - state.pulled[index]!;
}

/** Before this its followers, or the table, cannot wait for it. */
function earliestEnd(problem: Problem, state: State, index: number): number {
  const { dueMin, mostHoldMin } = problem.activities[index]!;
  let earliest = dueMin !== undefined && mostHoldMin !== undefined ? dueMin - mostHoldMin : -Infinity;
  for (const next of state.followers[index]!) earliest = Math.max(earliest, state.placed[next.activity]!.startMin - next.mostMin);
  return earliest;
}

function place(problem: Problem, state: State, leaning: Leaning, index: number): Stuck | undefined {
  const { patienceMin } = leaning;
  const latest = latestEnd(problem, state, leaning, index);
  let best: Choice | undefined;
  let refusal: Refusal | undefined;
  for (const worker of problem.activities[index]!.handsOn ? problem.workers.keys() : [0]) {
    const choice = tryPlace(problem, state, index, worker, latest, patienceMin);
    if ('why' in choice) { refusal = nearer(refusal, choice); continue; }
    const gain = best ? choice.washes.length - best.washes.length : 0;
    if (!best || (gain < 0 && choice.end > best.end - patienceMin) || (gain === 0 && choice.end > best.end) || (gain > 0 && choice.end > best.end + patienceMin)) best = choice;
  }
  if (!best) return { activity: index, ...(refusal ?? { why: 'no-worker' }) };
  commit(problem, state, index, best);
  return undefined;
}

/** Of two refusals, the one that came nearer to a place: which was short of fewest minutes. */
function nearer(a: Refusal | undefined, b: Refusal): Refusal {
  if (!a) return b;
  const short = (each: Refusal) => each.shortMin ?? (each.why === 'stands-too-long' ? 100_000 : 200_000);
  return short(b) < short(a) ? b : a;
}

/**
 * Places an activity and, with it, what must come shortly before it. Where that finds no room in time, the activity is
 * moved earlier by what was short and tried again; so a chain that cannot wait goes in as a whole or not at all.
 */
function placeChain(problem: Problem, state: State, leaning: Leaning, index: number): Stuck | undefined {
  const tight = problem.activities[index]!.before.filter((link) => link.mostMin <= tightMin);
  if (tight.length === 0) return place(problem, state, leaning, index);
  const asGiven = state.pulled[index]!;
  const takeBack = remember(state);
  let last: Stuck | undefined;
  for (let attempt = 0; attempt < chainTries; attempt++) {
    const refusal = place(problem, state, leaning, index);
    if (refusal) {
      // Pulled as far as its own followers let it: what was short below is the cause to name.
      state.pulled[index] = asGiven;
      return refusal.follower === undefined && last ? { activity: index, why: last.why } : refusal;
    }
    last = undefined;
    for (const link of tight) {
      if (state.waiting[link.activity] !== 0 || state.placed[link.activity] !== undefined) continue;
      last = placeChain(problem, state, leaning, link.activity);
      if (last) break;
    }
    if (!last) return undefined;
    takeBack();
    if (last.follower !== index || last.shortMin === undefined) break;
    state.pulled[index] = state.pulled[index]! + Math.max(1, last.shortMin);
  }
  state.pulled[index] = asGiven;
  return last;
}

function scoreOf(problem: Problem, placed: readonly Placed[], washes: readonly Wash[]): Score {
  const { activities, dayStartsMin } = problem;
  const handsOn = placed.filter((each) => each.worker >= 0);
  const starts = handsOn.map((each) => each.startMin).filter((start) => start >= dayStartsMin);
  const dues = activities.flatMap((activity) => activity.dueMin ?? []);
  const last = handsOn.reduce((sum, each) => sum + Math.max(0, Math.min(each.endMin, 0) - Math.max(each.startMin, -30)), 0);
  const held = placed.reduce((sum, each) => sum + Math.max(0, (activities[each.activity]!.dueMin ?? each.endMin) - each.endMin), 0);
  const dayMin = starts.length > 0 ? Math.max(0, ...dues) - Math.min(...starts) : 0;
  return [washes.length, washes.reduce((sum, wash) => sum + wash.endMin - wash.startMin, 0), dayMin, last, held];
}
