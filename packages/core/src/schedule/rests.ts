import type { Bar } from './bars.ts';
import { mostAtOnce } from './busy.ts';
import type { Handling, Rest, Shelter, Span } from './problem.ts';
import type { Refusal } from './place.ts';
import { wayOf, type State } from './state.ts';
import { away } from './times.ts';

/** Something that stands, or waits in a shelter, between two activities. */
interface Waiting extends Span {
  readonly from: number;
  /** −1: until it is due. */
  readonly next: number;
  readonly shelter?: Shelter | undefined;
  /** It is in the shelter already, by the way in which what comes before it is done. */
  readonly isThere: boolean;
  /** What is to spare of the time of what comes before it: it may be waiting for so long already. */
  readonly spareMin: number;
  /** As much of that as is not counted as standing already, where it stands while it is worked on. */
  readonly sinceMin: number;
}

/** Where an activity would be placed. */
interface Spot {
  readonly index: number;
  readonly cook: number;
  readonly start: number;
  readonly end: number;
  /** Whom it keeps busy, and when. */
  readonly busy: readonly (Span & { readonly cook: number })[];
}

/** Nobody has a minute for it any sooner or later than this before and after. */
const mostAsideMin = 10;

/** Of all that something may stand, what is taken for a long wait. */
const longShare = 0.4;

/** What spoils and waits after an activity at a spot. */
function waitsAfter(state: State, index: number, end: number): readonly Waiting[] {
  const { prepared, placed } = state;
  const found: Waiting[] = [];
  for (const next of prepared.followers[index]!) {
    const there = placed[next.activity];
    if (there && next.spoils) found.push(waiting(state, index, next.activity, end, there.startMin, next.shelter));
  }
  const { dueMin, spoils, shelter } = prepared.problem.activities[index]!;
  if (dueMin !== undefined && spoils) found.push(waiting(state, index, -1, end, dueMin, shelter));
  return found;
}

/** A wait, where it can be spent, and whether what waits is there already: what is done in another way may not be. Made for every place that is tried. */
const waiting = (
  state: State,
  from: number,
  next: number,
  startMin: number,
  endMin: number,
  shelter: Shelter | undefined,
): Waiting => {
  const spareMin = wayOf(state, from).spareMin ?? 0;
  return {
    from,
    next,
    startMin,
    endMin,
    shelter,
    isThere: shelter !== undefined && shelter.isThere && (wayOf(state, from).takes[shelter.pool] ?? 0) > 0,
    spareMin,
    sinceMin: state.prepared.problem.activities[from]!.stands ? 0 : spareMin,
  };
};

/** Until when what is in a shelter when an activity ends stays there, in what it stands in: until the last that is placed wants it, or it is due. */
export function staysUntil(state: State, index: number, end: number): number {
  if (!state.prepared.standing?.stays[index]) return end;
  let until = end;
  for (const wait of waitsAfter(state, index, end)) if (wait.isThere) until = Math.max(until, wait.endMin);
  return until;
}

/** What spoils and waits before an activity at a spot: where what comes before it was placed first. */
function waitsBefore(state: State, index: number, start: number): readonly Waiting[] {
  const { prepared, placed } = state;
  const found: Waiting[] = [];
  for (const link of prepared.problem.activities[index]!.before) {
    const there = placed[link.activity];
    if (there && link.spoils) found.push(waiting(state, link.activity, index, there.endMin, start, link.shelter));
  }
  return found;
}

/** How long something stands of a wait: what of it is not spent in a shelter. */
function stoodMin({ startMin, endMin, isThere, sinceMin }: Waiting, rest: Rest | undefined): number {
  if (isThere) return 0;
  const waitsMin = endMin - startMin + sinceMin;
  return rest ? waitsMin - (rest.endMin - rest.startMin) : waitsMin;
}

/** How long what comes out of an activity that is placed, or not yet, stands from there on, until it is fresh again or due. */
function standsAfter(state: State, index: number): number {
  const here = state.placed[index];
  if (!here) return state.prepared.standing!.after[index]!;
  const known = state.standsAfter[index]!;
  if (known >= 0) return known;
  let most = state.prepared.standing!.after[index]!;
  for (const wait of waitsAfter(state, index, here.endMin))
    most = Math.max(most, stoodMin(wait, state.rests[index]!.get(wait.next)) + onFrom(state, wait.next));
  state.standsAfter[index] = most;
  return most;
}

/** How long it stands from the start of an activity on; −1: it is served. */
function onFrom(state: State, next: number): number {
  if (next < 0) return 0;
  const { freshens } = state.prepared.problem.activities[next]!;
  return freshens ? 0 : ownMin(state, next) + standsAfter(state, next);
}

/** How long what an activity ends with has stood by then, since it was fresh. */
function stoodBy(state: State, index: number): number {
  const here = state.placed[index];
  const least = state.prepared.standing!.upTo[index]!;
  if (!here || state.prepared.problem.activities[index]!.freshens) return least;
  let most = 0;
  for (const wait of waitsBefore(state, index, here.startMin))
    most = Math.max(most, stoodMin(wait, state.rests[wait.from]!.get(index)) + stoodBy(state, wait.from));
  return Math.max(least, most + ownMin(state, index));
}

function ownMin(state: State, index: number): number {
  const here = state.placed[index];
  if (!here || !state.prepared.problem.activities[index]!.stands) return 0;
  return here.endMin - here.startMin;
}

/**
 * Puts away what would stand too long around an activity at a spot, at once or all in all: a place, and a minute of somebody at either end.
 * Those that are known are kept where they still hold. Gives back what stands in the way.
 */
export function restsAround(state: State, spot: Spot, known: readonly Rest[] = []): readonly Rest[] | Bar | Refusal {
  const { standing, problem } = state.prepared;
  const { index, start, end } = spot;
  if (!standing?.concerns[index]) return none;
  const after = waitsAfter(state, index, end);
  const before = waitsBefore(state, index, start);
  if (after.length === 0 && before.length === 0) return none;
  const rests: Rest[] = [];
  const restOf = (wait: Waiting) => rests.find(({ from, next }) => from === wait.from && next === wait.next);
  const shelter = (wait: Waiting): Bar | Refusal | undefined => {
    const rest = restFor(
      state,
      spot,
      wait,
      rests,
      known.find(({ from, next }) => from === wait.from && next === wait.next),
    );
    if (!('from' in rest)) return rest;
    rests.push(rest);
    return undefined;
  };
  for (const wait of [...after, ...before]) {
    const reason = reasonToShelter(wait, problem.standsMostMin!);
    if (!reason) continue;
    // What it stands in was not kept for it.
    if (wait.isThere && wait.next === index && !keepsItsUnits(state, wait)) return { tryEnd: end - 1, why: 'no-unit' };
    const bar = shelter(wait);
    if (bar && reason === 'must') return bar;
  }
  for (;;) {
    const over = overdue(state, spot, before, after, restOf);
    if (over.min <= 0) return rests;
    if (!over.longest) {
      const { follower, min: shortMin } = over;
      return { why: 'wait-too-long', ...(follower === undefined ? {} : { follower, shortMin }) };
    }
    const bar = shelter(over.longest);
    if (bar) return bar;
  }
}

/** A long wait is better spent in a shelter at once than made up for by several short ones, where that can be. */
function reasonToShelter(wait: Waiting, mostMin: number): 'must' | 'better' | undefined {
  const { shelter, isThere, startMin, endMin, spareMin } = wait;
  if (!shelter || endMin <= startMin) return undefined;
  const waitsMin = endMin - startMin + spareMin;
  if (isThere || waitsMin > shelter.standsMin) return 'must';
  return waitsMin > mostMin * longShare ? 'better' : undefined;
}

/** By how much what is made stands too long on the longest way through an activity, and which of the waits beside it is best put away. */
function overdue(
  state: State,
  { index, start, end }: Spot,
  before: readonly Waiting[],
  after: readonly Waiting[],
  restOf: (wait: Waiting) => Rest | undefined,
): { readonly min: number; readonly longest?: Waiting | undefined; readonly follower?: number | undefined } {
  const { prepared } = state;
  const standing = prepared.standing!;
  const { freshens, stands } = prepared.problem.activities[index]!;
  const mostMin = prepared.problem.standsMostMin!;
  const own = stands ? end - start : 0;
  const least = standing.upTo[index]! - (stands ? Math.min(own, standing.upTo[index]!) : 0);
  const comes = before.map((wait) => ({ wait, min: stoodMin(wait, restOf(wait)) + stoodBy(state, wait.from) }));
  const goes = after.map((wait) => ({ wait, min: stoodMin(wait, restOf(wait)) + onFrom(state, wait.next) }));
  const came = Math.max(least, ...comes.map((each) => each.min));
  const went = Math.max(standing.after[index]!, ...goes.map((each) => each.min));
  const min = freshens ? Math.max(came, went) - mostMin : came + own + went - mostMin;
  if (min <= 0) return { min };
  // What stands longest on the way that is too long is put away first.
  const byLength = [...(went >= came ? goes : comes), ...goes, ...comes].sort((a, b) => b.min - a.min);
  const longest = byLength.find(({ wait }) => wait.shelter && !restOf(wait) && stoodMin(wait, undefined) > 0)?.wait;
  const follower = [...goes].sort((a, b) => b.min - a.min)[0]?.wait.next;
  return { min, longest, follower: follower === undefined || follower < 0 ? undefined : follower };
}

const keepsItsUnits = ({ placed, units }: State, { from, endMin }: Waiting): boolean => {
  const there = placed[from]!;
  return there.units.every((unit) => (units[unit]!.next(there.endMin)?.start ?? Infinity) >= endMin);
};

function restFor(
  state: State,
  spot: Spot,
  waiting: Waiting,
  others: readonly Rest[],
  known: Rest | undefined,
): Rest | Bar | Refusal {
  const { from, next } = waiting;
  const shelter = waiting.shelter!;
  const siblings = [...others.filter((rest) => rest.from === from), ...state.rests[from]!.values()];
  const together = siblings.find(({ put }) => put);
  const handled: (Span & Partial<Pick<Handled, 'put' | 'take'>>) | undefined = waiting.isThere
    ? waiting
    : handledFor(state, spot, waiting, shelter, others, known, together?.put);
  if (!handled) return { tryEnd: spot.end - 1, why: 'wait-too-long', blocker: next };
  const { startMin, endMin, put, take } = handled;
  const placeFromMin = Math.max(startMin, ...siblings.map((rest) => rest.endMin));
  const room = state.prepared.problem.pools[shelter.pool]!;
  if (room !== Infinity && placeFromMin < endMin) {
    const taken = [
      ...state.taken[shelter.pool]!,
      ...others.map((rest) => ({ start: rest.placeFromMin, end: rest.endMin, places: 1, activity: rest.from })),
    ];
    if (mostAtOnce(taken, placeFromMin, endMin) + 1 > room)
      // What waits for something placed already only waits longer where it is earlier.
      return from === spot.index
        ? { why: 'no-place', pool: shelter.pool }
        : { tryEnd: spot.end - 1, why: 'no-place', pool: shelter.pool };
  }
  return {
    from,
    next,
    pool: shelter.pool,
    placeFromMin,
    isShared: together !== undefined,
    startMin,
    endMin,
    put,
    take,
  };
}

type Handled = Span & { readonly put: Handling; readonly take: Handling };

/** Who puts it away and takes it out, and when: as it is known, or as late as can be; between the two it must not have stood too long. */
function handledFor(
  state: State,
  spot: Spot,
  { from, next, startMin, endMin, spareMin }: Waiting,
  shelter: Shelter,
  others: readonly Rest[],
  known: Rest | undefined,
  together: Handling | undefined,
): Handled | undefined {
  const takesMin = shelter.handlingMin;
  const halfMin = Math.floor(shelter.standsMin / 2);
  const { able } = state.prepared;
  const search = (cooks: readonly number[], fromMin: number, toMin: number) =>
    handleAt(state, spot, others, cooks, fromMin, toMin, takesMin);
  const again = (before: Handling | undefined) => before && search([before.cook], before.startMin, before.startMin);
  const latest = endMin - takesMin;
  const take =
    again(known?.take) ??
    search(
      able[next < 0 ? from : next]!,
      latest,
      Math.max(startMin + takesMin, latest - Math.min(mostAsideMin, halfMin)),
    );
  if (!take || take.startMin < startMin + takesMin) return undefined;
  // It may be waiting for all that is to spare before already.
  const asideMin = Math.max(0, Math.min(mostAsideMin, halfMin - spareMin));
  const put =
    together ??
    again(known?.put) ??
    search(able[from]!, startMin, Math.min(startMin + asideMin, take.startMin - takesMin));
  if (!put || put.startMin - startMin + spareMin > shelter.standsMin || put.endMin > take.startMin) return undefined;
  return { startMin: put.startMin, endMin: take.endMin, put, take };
}

/** The first minute from one moment towards another in which one of these cooks is free. */
function handleAt(
  state: State,
  spot: Spot,
  others: readonly Rest[],
  cooks: readonly number[],
  fromMin: number,
  toMin: number,
  takesMin: number,
): Handling | undefined {
  const step = fromMin <= toMin ? 1 : -1;
  let best: Handling | undefined;
  const look = (cook: number): void => {
    // Only what is nearer than what another has found.
    const limit = best ? best.startMin - step : toMin;
    for (let at = fromMin; step > 0 ? at <= limit : at >= limit; at += step)
      if (isFree(state, spot, others, cook, at, at + takesMin)) {
        best = { cook, startMin: at, endMin: at + takesMin };
        return;
      }
  };
  if (cooks.includes(spot.cook)) look(spot.cook);
  for (const cook of cooks) if (cook !== spot.cook) look(cook);
  return best;
}

function isFree(
  state: State,
  spot: Spot,
  others: readonly Rest[],
  cook: number,
  startMin: number,
  endMin: number,
): boolean {
  if (state.busy[cook]!.clash(startMin, endMin) !== undefined) return false;
  if (away(state, cook, startMin, endMin) !== undefined) return false;
  const overlaps = (each: Span & { readonly cook: number }) =>
    each.cook === cook && each.startMin < endMin && each.endMin > startMin;
  return (
    !spot.busy.some(overlaps) &&
    !others.some(({ put, take, isShared }) => (put && !isShared && overlaps(put)) || (take && overlaps(take)))
  );
}

const none: readonly Rest[] = [];
