import { commit } from './commit.ts';
import { tryPlace, type Choice, type Refusal } from './place.ts';
import type { Prepared } from './prepare.ts';
import { prune, reachesGuarded } from './prune.ts';
import { scoreOf } from './score.ts';
import type { Stuck, Timetable, Wash } from './problem.ts';
import { emptyState, wayOf, takeBack, type State } from './state.ts';

/** How the activities are turned into a timetable. */
export interface Leaning {
  /** Which goes in first, and so last in time; absent: whatever can end latest. Followers stand before what they follow. */
  readonly line?: Int32Array | undefined;
  /** Without a line: minutes by which an activity goes sooner in it. */
  readonly lean: Float64Array;
  /** Minutes by which an activity is put earlier than it could be, so that what comes before it finds room. */
  readonly early: Float64Array;
  /** Which way each activity is done. */
  readonly ways: Uint8Array;
  /** Who does an activity by hand; −1: whoever can latest. */
  readonly who: Int8Array;
  /** 1: what it leaves dirty is washed by hand, though a machine could. */
  readonly byHand: Uint8Array;
  /** A place with fewer washes is taken if it is at most this many minutes earlier. */
  readonly patienceMin: number;
}

export interface Decoded {
  readonly result: Timetable | Stuck;
  /** How many places were looked at: the measure of work. */
  readonly looked: number;
}

const chainTries = 8;

/**
 * Builds one timetable from the serving backwards: one activity after the other is placed, as late as everything already
 * placed allows. Demands ("no wheat from here on") travel backwards with it, so a wash is put in exactly where a residue
 * would otherwise reach somebody it must not. Same problem and leaning: same timetable.
 * @param near the timetable that the leaning is a neighbour of: it is given back where nothing has changed
 */
export function decode(prepared: Prepared, leaning: Leaning, near?: Timetable): Decoded {
  const state = emptyState(prepared, leaning);
  const stuck = leaning.line ? byLine(state, leaning, leaning.line) : byLatest(state, leaning);
  if (stuck) return { result: { ...stuck, around: holdersOf(state, stuck.activity) }, looked: state.looked };
  if (near && sameAs(near, state)) return { result: near, looked: state.looked };
  // So many more washes than its neighbour are not worth asking which of them are needed.
  const hopeless = near && state.washes.length > near.washesPlaced + mostMoreWashes;
  const washes = hopeless ? state.washes : prune(prepared, state.order, state.washes, false);
  return { result: timetableOf(state, washes), looked: state.looked };
}

const timetableOf = (
  { prepared, order, ovens, blockers, washes: placed }: State,
  washes: readonly Wash[],
): Timetable => ({
  placed: order,
  washes,
  heats: ovens.flatMap((contents, number) => contents.heats(number)).sort((a, b) => a.startMin - b.startMin),
  score: scoreOf(prepared.problem, order, washes),
  blockers,
  washesPlaced: placed.length,
});

/** How far it is followed what holds what. */
const mostHolders = 12;

/** From an activity that found no place along what comes after it and what stood in the way of that, to what could be otherwise. */
function holdersOf(state: State, from: number): readonly number[] {
  const found: number[] = [from];
  for (let at = 0; at < found.length && found.length < mostHolders; at++) {
    const index = found[at]!;
    const blocker = state.blockers[index]!;
    for (const next of [...state.prepared.followers[index]!.map((each) => each.activity), blocker])
      if (next >= 0 && state.placed[next] !== undefined && !found.includes(next)) found.push(next);
  }
  return found.slice(1);
}

const mostMoreWashes = 4;

function sameAs(near: Timetable, state: State): boolean {
  if (near.washesPlaced !== state.washes.length) return false;
  for (const each of near.placed) {
    const mine = state.placed[each.activity]!;
    if (mine.startMin !== each.startMin || mine.cook !== each.cook || mine.way !== each.way || mine.oven !== each.oven)
      return false;
    for (let i = 0; i < mine.units.length; i++) if (mine.units[i] !== each.units[i]) return false;
    for (let i = 0; i < mine.racks.length; i++) if (mine.racks[i] !== each.racks[i]) return false;
    for (let i = 0; i < mine.looks.length; i++) if (mine.looks[i]!.cook !== each.looks[i]!.cook) return false;
  }
  return true;
}

/** A timetable as it is given out: washes without needless pieces, and the marks of their classes by name. */
export function finished(prepared: Prepared, table: Timetable): Timetable {
  const washes = prune(prepared, table.placed, table.washes, true);
  return {
    ...table,
    washes: washes.map((wash) => ({
      ...wash,
      because: wash.because.map((why) => ({ ...why, marks: why.marks.flatMap((each) => prepared.classes[each]!) })),
    })),
    score: scoreOf(prepared.problem, table.placed, washes),
  };
}

/**
 * Puts open activities into a timetable that is built in part, whatever can end latest first, give or take; gives back those that find no
 * place, and what goes before them.
 */
export function insert(
  state: State,
  leaning: Leaning,
  open: readonly number[],
  random: () => number = () => 0.5,
  noiseMin = 0,
): readonly number[] {
  const left = new Set(open);
  const refused = new Set<number>();
  for (;;) {
    const ready = [...left].filter((index) => state.waiting[index] === 0 && !refused.has(index));
    if (ready.length === 0) return [...left];
    const turn = (index: number) => latestEnd(state, leaning, index) + (random() - 0.5) * noiseMin;
    const [next] = ready.map((index) => ({ index, at: turn(index) })).sort((a, b) => b.at - a.at || a.index - b.index);
    // What waits only for kit that is kept by other food may find it when that is placed.
    const stuck = placeChain(state, leaning, next!.index);
    if (stuck) refused.add(next!.index);
    else refused.clear();
    for (const index of left) if (state.placed[index] !== undefined) left.delete(index);
  }
}

/** A timetable that is built to the end; undefined where a residue would reach what must be kept from it. */
export function settled(prepared: Prepared, state: State): Timetable | undefined {
  if (reachesGuarded(prepared, state.order, state.washes)) return undefined;
  return timetableOf(state, prune(prepared, state.order, state.washes, false));
}

/** Places whatever can end latest first; of what all could be done now by a pair of hands, that which can wait least. */
function byLatest(state: State, leaning: Leaning): Stuck | undefined {
  const { activities } = state.prepared.problem;
  const open = new Set(activities.flatMap((_, index) => (state.waiting[index] === 0 ? [index] : [])));
  while (state.order.length < activities.length) {
    const now = Math.max(...state.busy.map((busy) => busy.first));
    const eligible = [...open]
      .map((index) => {
        const latest = latestEnd(state, leaning, index);
        return {
          index,
          turn: (wayOf(state, index).handsOn ? Math.min(latest, now) : latest) + leaning.lean[index]!,
          earliest: earliestEnd(state, index),
        };
      })
      .sort((a, b) => b.turn - a.turn || (a.earliest === b.earliest ? a.index - b.index : b.earliest - a.earliest));
    const from = state.order.length;
    const stuck = firstOf(
      state,
      leaning,
      eligible.map((each) => each.index),
    );
    if (stuck) return stuck;
    for (const { activity } of state.order.slice(from)) {
      open.delete(activity);
      for (const link of activities[activity]!.before)
        if (state.waiting[link.activity] === 0 && state.placed[link.activity] === undefined) open.add(link.activity);
    }
  }
  return undefined;
}

/** Places in the order of a line. What finds its kit held by other food steps back until that has moved on. */
function byLine(state: State, leaning: Leaning, line: Int32Array): Stuck | undefined {
  const back: number[] = [];
  let at = 0;
  while (state.order.length < line.length) {
    if (back.length === 0) {
      while (at < line.length && state.placed[line[at]!] !== undefined) at++;
      if (at >= line.length) break;
      const next = line[at]!;
      const refusal = state.waiting[next] === 0 ? placeChain(state, leaning, next) : undefined;
      if (!refusal && state.waiting[next] === 0) continue;
      if (refusal && refusal.why !== 'no-unit' && refusal.why !== 'no-clean-unit') return refusal;
    }
    const turn: number[] = [];
    for (const index of back) if (state.placed[index] === undefined && state.waiting[index] === 0) turn.push(index);
    // Of those not tried yet, as many as could go now.
    while (at < line.length && (state.placed[line[at]!] !== undefined || back.includes(line[at]!))) at++;
    for (let i = at; i < line.length && turn.length <= back.length + 3; i++)
      if (state.placed[line[i]!] === undefined && state.waiting[line[i]!] === 0 && !back.includes(line[i]!))
        turn.push(line[i]!);
    const before = state.order.length;
    const stuck = firstOf(state, leaning, turn);
    if (stuck) return stuck;
    const first = state.order[before]!.activity;
    for (const index of turn) {
      if (state.placed[index] !== undefined || index === first) break;
      if (!back.includes(index)) back.push(index);
    }
    for (let i = back.length - 1; i >= 0; i--) if (state.placed[back[i]!] !== undefined) back.splice(i, 1);
  }
  return undefined;
}

/** Places the first of these that finds a place; a unit may be held by food that waits for another step, then the next may go first. */
function firstOf(state: State, leaning: Leaning, candidates: readonly number[]): Stuck | undefined {
  let stuck: Stuck | undefined;
  for (const index of candidates) {
    const refusal = placeChain(state, leaning, index);
    if (!refusal) return undefined;
    stuck ??= refusal;
    if (refusal.why !== 'no-unit' && refusal.why !== 'no-clean-unit') return stuck;
  }
  return stuck ?? { activity: Math.max(0, state.placed.indexOf(undefined)), why: 'circular' };
}

export function latestEnd(state: State, { early }: Leaning, index: number): number {
  let latest = state.prepared.problem.activities[index]!.dueMin ?? Infinity;
  for (const next of state.prepared.followers[index]!)
    latest = Math.min(latest, state.placed[next.activity]!.startMin - next.leastMin);
  return latest - early[index]! - state.pulled[index]!;
}

/** Before this its followers, or the table, cannot wait for it. */
function earliestEnd(state: State, index: number): number {
  const { dueMin, mostHoldMin, warm } = state.prepared.problem.activities[index]!;
  let earliest = dueMin !== undefined && mostHoldMin !== undefined ? dueMin - mostHoldMin : -Infinity;
  if (warm) earliest = Math.max(earliest, warm.untilMin - warm.mostMin);
  for (const next of state.prepared.followers[index]!)
    earliest = Math.max(earliest, state.placed[next.activity]!.startMin - next.mostMin);
  return earliest;
}

function place(state: State, leaning: Leaning, index: number): Stuck | undefined {
  const choice = choose(state, leaning, index);
  if ('why' in choice) return choice;
  commit(state, index, choice);
  return undefined;
}

/** The best place for an activity, whoever does it. */
function choose(state: State, leaning: Leaning, index: number): Choice | Stuck {
  const { patienceMin } = leaning;
  const latest = latestEnd(state, leaning, index);
  let best: Choice | undefined;
  let refusal: Refusal | undefined;
  const all = state.prepared.able[index]!;
  const able = leaning.who[index]! >= 0 ? all.filter((cook) => cook === leaning.who[index]) : all;
  const tries = wayOf(state, index).handsOn ? able.length : 1;
  for (let i = 0; i < tries; i++) {
    const cook = able[i] ?? 0;
    const choice = tryPlace(state, index, cook, latest, patienceMin);
    if ('why' in choice) {
      refusal = nearer(refusal, choice);
      continue;
    }
    const gain = best ? choice.washes.length - best.washes.length : 0;
    if (
      !best ||
      (gain < 0 && choice.end > best.end - patienceMin) ||
      (gain === 0 && choice.end > best.end) ||
      (gain > 0 && choice.end > best.end + patienceMin)
    )
      best = choice;
  }
  return best ?? { activity: index, ...(refusal ?? { why: 'no-cook' }) };
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
function placeChain(state: State, leaning: Leaning, index: number): Stuck | undefined {
  const tight = state.prepared.tight[index]!;
  if (tight.length === 0) return place(state, leaning, index);
  const asGiven = state.pulled[index]!;
  const outermost = state.trail === undefined;
  state.trail ??= [];
  const mark = state.trail.length;
  try {
    let last: Stuck | undefined;
    for (let attempt = 0; attempt < chainTries; attempt++) {
      const refusal = place(state, leaning, index);
      if (refusal) {
        // Pulled as far as its own followers let it: what was short below is the cause to name.
        state.pulled[index] = asGiven;
        return refusal.follower === undefined && last ? { activity: index, why: last.why } : refusal;
      }
      last = undefined;
      for (const link of tight) {
        if (state.waiting[link.activity] !== 0 || state.placed[link.activity] !== undefined) continue;
        last = placeChain(state, leaning, link.activity);
        if (last) break;
      }
      if (!last) return undefined;
      takeBack(state, mark);
      if (last.follower !== index || last.shortMin === undefined) break;
      state.pulled[index] = state.pulled[index]! + Math.max(1, last.shortMin);
    }
    state.pulled[index] = asGiven;
    return last;
  } finally {
    if (outermost) state.trail = undefined;
  }
}
