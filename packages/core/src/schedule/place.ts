import { attend, dustBar, handsBar, isBar, placesBar, rackFor, unracked, type Bar, type Racked } from './bars.ts';
import type { Demand } from './demands.ts';
import type { Placed, Rest, Stuck, Wash, Way } from './problem.ts';
import { restsAround, staysUntil } from './rests.ts';
import { wayOf, type State } from './state.ts';
import { horizon } from './times.ts';
import { pickUnits, type Picked } from './units.ts';
import { washUp, type Washed } from './washing.ts';

export type Refusal = Pick<Stuck, 'why' | 'pool' | 'follower' | 'shortMin'>;

/** A place found for an activity, not yet taken. */
export interface Choice {
  readonly cook: number;
  readonly units: readonly number[];
  readonly start: number;
  readonly end: number;
  readonly washes: readonly Wash[];
  readonly oven: number;
  readonly racks: readonly number[];
  readonly looks: Placed['looks'];
  readonly rests: readonly Rest[];
  /** Until when its units are in use: longer than it takes where its food stays in them. */
  readonly unitsEnd: number;
  /** What is asked of everything that goes into it. */
  readonly asked: Demand;
  /** What must not be in it for the sake of what stands below it in the oven. */
  readonly below: Demand | undefined;
  /** What stood in the way of a later place: an activity, or −1. */
  readonly blocker: number;
}

/** How many places are looked at for one activity before it is given up. */
const mostTries = 3000;

interface Found {
  readonly racked: Racked;
  readonly looks: Placed['looks'];
  readonly picked: Picked;
  readonly washed: Washed;
  readonly unitsEnd: number;
}

/** What is found at a place, as a choice of it. Made for every place that is tried: a spread would cost as much as the looking. */
export const choiceOf = (
  { racked, looks, picked, washed, unitsEnd }: Found,
  { cook, start, end, blocker }: Pick<Choice, 'cook' | 'start' | 'end' | 'blocker'>,
  rests: readonly Rest[],
): Choice => ({
  rests,
  unitsEnd,
  cook,
  start,
  end,
  blocker,
  units: picked.units,
  oven: racked.oven,
  racks: racked.racks,
  below: racked.below,
  looks,
  washes: washed.washes,
  asked: washed.asked,
});

/** Everything that an activity needs at one place, or what it is that is not there. `whose`: who comes to each look, where they can. */
export function lookAt(
  state: State,
  index: number,
  way: Way,
  cook: number,
  start: number,
  end: number,
  whose: readonly number[] = [],
): Found | Bar {
  const bar =
    handsBar(state, way, cook, start, end) ??
    dustBar(state, index, way, start, end) ??
    placesBar(state, way, start, end);
  if (bar) return bar;
  const racked = way.oven ? rackFor(state, index, way, start, end) : unracked;
  if (isBar(racked)) return racked;
  const looks = attend(state, index, way, cook, start, end, whose);
  if (isBar(looks)) return looks;
  const unitsEnd = staysUntil(state, index, end);
  const sooner = (found: Bar): Bar => (unitsEnd > end ? { ...found, tryEnd: Math.min(found.tryEnd, end - 1) } : found);
  const picked = pickUnits(state, index, way, start, unitsEnd);
  if (isBar(picked)) return sooner(picked);
  const washed = washUp(state, {
    index,
    way,
    cook,
    start,
    end,
    staysMin: unitsEnd,
    picked,
    looks,
    below: racked.below,
  });
  return isBar(washed) ? sooner(washed) : { racked, looks, picked, washed, unitsEnd };
}

/** What comes before an activity and is placed already: it cannot begin until that is done, and not later than that can wait. */
interface Room {
  readonly earliestStart: number;
  readonly latestStart: number;
}

export function roomAfter(state: State, index: number): Room {
  const { before, notBeforeMin } = state.prepared.problem.activities[index]!;
  let earliestStart = notBeforeMin ?? horizon;
  let latestStart = Infinity;
  for (const link of before) {
    const placed = state.placed[link.activity];
    if (!placed) continue;
    earliestStart = Math.max(earliestStart, placed.endMin + link.leastMin);
    latestStart = Math.min(latestStart, placed.endMin + link.mostMin);
  }
  return { earliestStart, latestStart };
}

/** Why food that is done at a moment would have to wait too long for the table or for what comes next; undefined: it would not. */
export function waitsTooLong(state: State, index: number, end: number): Refusal | undefined {
  const { dueMin, mostHoldMin, warm } = state.prepared.problem.activities[index]!;
  if (warm && warm.untilMin - end > warm.mostMin) return { why: 'stands-too-long' };
  if (dueMin !== undefined && mostHoldMin !== undefined && dueMin - end > mostHoldMin)
    return { why: 'stands-too-long' };
  for (const next of state.prepared.followers[index]!) {
    const placed = state.placed[next.activity];
    if (placed && placed.startMin - end > next.mostMin)
      return { why: 'wait-too-long', follower: next.activity, shortMin: placed.startMin - end - next.mostMin };
  }
  return undefined;
}

/**
 * The latest place for an activity, with the given cook, that everything placed so far allows; within `patienceMin` of it,
 * one with fewer washes.
 */
export function tryPlace(
  state: State,
  index: number,
  cook: number,
  latest: number,
  patienceMin: number,
): Choice | Refusal {
  const activity = state.prepared.problem.activities[index]!;
  const way = wayOf(state, index);
  const room = roomAfter(state, index);
  let best: Choice | undefined;
  // That nobody is free is said only where nothing else stood in the way.
  let refusal: Refusal = { why: 'no-cook' };
  let blocker = -1;
  let end = Math.min(latest, activity.endsByMin ?? Infinity, room.latestStart + way.durationMin);
  const tooEarly = room.earliestStart + way.durationMin;
  for (let tries = 0; tries < mostTries && end > horizon; tries++) {
    state.looked++;
    if (best && best.end - end > patienceMin) return best;
    if (end < tooEarly) return best ?? (tries === 0 ? { why: 'too-early' } : refusal);
    const start = end - way.durationMin;
    const found = lookAt(state, index, way, cook, start, end);
    if (isBar(found)) {
      end = found.tryEnd;
      if (found.blocker !== undefined) ({ blocker } = found);
      if (found.why !== undefined) refusal = { why: found.why, pool: found.pool };
      continue;
    }
    const rests = waitsFor(state, { index, cook, start, end }, way, found);
    if (isBar(rests)) {
      end = rests.tryEnd;
      refusal = { why: rests.why!, pool: rests.pool };
      continue;
    }
    if ('why' in rests) return best ?? rests;
    const choice = choiceOf(found, { cook: way.handsOn ? cook : -1, start, end, blocker }, rests);
    if (!best || choice.washes.length < best.washes.length) best = choice;
    if (best.washes.length === 0) return best;
    end = nextChange(state, way, cook, end);
  }
  return best ?? refusal;
}

/** What must be put away around an activity at a place; why it cannot wait as long as it would have to there. */
function waitsFor(
  state: State,
  {
    index,
    cook,
    start,
    end,
  }: { readonly index: number; readonly cook: number; readonly start: number; readonly end: number },
  way: Way,
  found: Found,
): readonly Rest[] | Bar | Refusal {
  const late = waitsTooLong(state, index, end);
  return late ?? restsAround(state, { index, cook, start, end, busy: busyWith(found, way, cook, start, end) });
}

/** Whom an activity at a place keeps busy, and when. */
export function busyWith(
  { looks, washed }: Found,
  way: Way,
  cook: number,
  start: number,
  end: number,
): readonly { readonly cook: number; readonly startMin: number; readonly endMin: number }[] {
  return [...looks, ...washed.washes, ...(way.handsOn ? [{ cook, startMin: start, endMin: end }] : [])];
}

/** The latest end before this one at which it comes between other uses of its kit or hands: in between, nothing changes. */
function nextChange(state: State, way: Way, cook: number, end: number): number {
  let latest = horizon;
  const look = ({ uses }: State['units'][number]): void => {
    for (let i = uses.length - 1; i >= 0 && uses[i]!.start < end; i--) latest = Math.max(latest, uses[i]!.start);
  };
  for (const use of way.uses)
    for (const unit of state.prepared.unitsOfKind.get(use.kind) ?? []) look(state.units[unit]!);
  if (way.handsOn) look(state.hands[cook]!);
  return latest;
}
