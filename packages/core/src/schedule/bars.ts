import { mostAtOnce } from './busy.ts';
import { hits, letsNoMoreIn, type Demand } from './demands.ts';
import type { Placed, Stuck, Way } from './problem.ts';
import { withDemand, type State } from './state.ts';
import { away, called, horizon } from './times.ts';

/**
 * What stands in the way of a place that was looked at: the latest end before it that is worth a try, and, where they are known, why
 * and which activity it is (−1: none).
 */
export interface Bar {
  readonly tryEnd: number;
  readonly why?: Stuck['why'];
  readonly pool?: number;
  readonly blocker?: number;
}

export const isBar = (found: object): found is Bar => (found as Partial<Bar>).tryEnd !== undefined;

/** The cook whose hands it needs all through is at something else, or not there. */
export function handsBar(state: State, way: Way, cook: number, start: number, end: number): Bar | undefined {
  if (!way.handsOn) return undefined;
  const gap = state.busy[cook]!.latestGap(end, way.durationMin);
  if (gap < end) return { tryEnd: gap, blocker: state.busy[cook]!.ownerAt(gap) };
  const gone = away(state, cook, start, end);
  return gone === undefined ? undefined : { tryEnd: gone };
}

/** Dust would be in the air over something that must be kept from it. */
export function dustBar(state: State, index: number, way: Way, start: number, end: number): Bar | undefined {
  if (!state.prepared.anyDust) return undefined;
  const { problem, facts, beginnings } = state.prepared;
  const mine = facts[index]!;
  const over = dustOver(state, index, way, start, end);
  if (over) {
    const clear = mine.dust.length > 0 ? over.startMin - problem.settleMin : over.startMin;
    return { tryEnd: Math.min(clear, end - 1), why: 'dust', blocker: over.activity };
  }
  // From before the beginning: earlier it is no better.
  const hangs = way.handsOn && beginnings.air.some((air) => air.untilMin > start && hits(air.dust, mine.guards));
  const open =
    mine.dust.length > 0 &&
    beginnings.open.some(
      (each) => each.startMin < end + problem.settleMin && each.endMin > start && hits(mine.dust, each.guards),
    );
  return hangs || open ? { tryEnd: end - 1, why: 'dust' } : undefined;
}

/** What is open while this throws up dust, or throws up dust while this is open. */
function dustOver(state: State, index: number, way: Way, start: number, end: number): Placed | undefined {
  const { problem, facts } = state.prepared;
  const mine = facts[index]!;
  if (mine.dust.length > 0) {
    for (const other of state.order) {
      const there = facts[other.activity]!;
      if (
        other.startMin < end + problem.settleMin &&
        other.endMin > start &&
        problem.activities[other.activity]!.ways[other.way]!.handsOn &&
        hits(mine.dust, there.guards)
      )
        return other;
    }
  }
  if (!way.handsOn) return undefined;
  for (const other of state.dusty) {
    if (
      other.startMin < end &&
      other.endMin + problem.settleMin > start &&
      hits(facts[other.activity]!.dust, mine.guards)
    )
      return other;
  }
  return undefined;
}

/** A pool has not so many places left. */
export function placesBar(state: State, way: Way, start: number, end: number): Bar | undefined {
  const { pools } = state.prepared.problem;
  for (let pool = 0; pool < pools.length; pool++) {
    const places = way.takes[pool] ?? 0;
    const taken = state.taken[pool]!;
    if (places === 0 || pools[pool] === Infinity || mostAtOnce(taken, start, end) + places <= pools[pool]!) continue;
    let until = horizon;
    let blocker = -1;
    for (const each of taken)
      if (each.start < end && each.end > start && each.start > until) {
        until = each.start;
        blocker = each.activity;
      }
    return { tryEnd: Math.min(until, end - 1), why: 'no-place', pool, blocker };
  }
  return undefined;
}

export interface Racked {
  readonly oven: number;
  readonly racks: readonly number[];
  /** What must not be in it, so that it cannot fall on what stands below. */
  readonly below?: Demand | undefined;
}
export const unracked: Racked = { oven: -1, racks: [] };

/** When the oven is opened for an activity: as it goes in and comes out, and whenever somebody sees to it. */
export const opensOf = (way: Way, start: number, end: number): readonly number[] => [
  start,
  ...way.looks.map((point) => start + point.atMin),
  // It likely comes out before all is over that is to spare.
  ...(way.spareMin ? [end - way.spareMin] : []),
  end,
];

/** An oven and racks that are free and suit. */
export function rackFor(state: State, index: number, way: Way, start: number, end: number): Racked | Bar {
  const use = way.oven!;
  const opens = opensOf(way, start, end);
  let tryEnd = horizon;
  let blocker = -1;
  for (const number of use.in) {
    const contents = state.ovens[number]!;
    const refused = contents.refuses(start, end, use, opens);
    if (refused !== undefined) {
      if (refused > tryEnd) {
        tryEnd = refused;
        blocker = contents.loads.find((each) => each.start >= refused && each.start <= end)?.activity ?? -1;
      }
      continue;
    }
    const rack = topRackFor(state, index, way, number, start, end);
    if (rack)
      return {
        oven: number,
        racks: Array.from({ length: use.racks }, (_, i) => rack.top + i),
        below: rack.below,
      };
    for (const load of contents.loads)
      if (load.start < end && load.end > start && load.start > tryEnd) {
        tryEnd = load.start;
        blocker = load.activity;
      }
  }
  return { tryEnd: Math.min(tryEnd, end - 1), why: 'no-oven', blocker };
}

interface Rack {
  readonly top: number;
  readonly below: Demand | undefined;
}

/**
 * The rack from which on down a load has room in an oven and nothing drips on what must be free of it, neither what is in it nor what may
 * come into it on the way: the highest such, or the lowest for what much must not stand under. And what it must be free of there, for the
 * sake of what stands below.
 */
function topRackFor(state: State, index: number, way: Way, oven: number, start: number, end: number): Rack | undefined {
  const { problem, facts } = state.prepared;
  const use = way.oven!;
  const mine = facts[index]!;
  const count = problem.ovens[oven]!.racks;
  const wanted = use.racks;
  const beside = state.ovens[oven]!.loads.filter((each) => each.start < end && each.end > start);
  for (let tried = 0; tried + wanted <= count; tried++) {
    const top = state.prepared.lowest[index]! ? count - wanted - tried : tried;
    if (use.rack !== undefined && top !== use.rack) continue;
    if (beside.some((each) => each.racks.some((rack) => rack >= top && rack < top + wanted))) continue;
    const under = use.covered ? [] : beside.filter((each) => top < each.racks[0]!);
    const above = beside.filter((each) => !each.use.covered && each.racks[0]! < top);
    const drips =
      under.some((each) => hits(mine.drips, each.guards)) ||
      above.some((each) => hits(each.drips, mine.guards) || !letsNoMoreIn(state.prepared, each.asked, mine.demand));
    if (drips) continue;
    const below = under.reduce((asked, each) => withDemand(state, asked, each.demand), state.prepared.nothing);
    return { top, below: below === state.prepared.nothing ? undefined : below };
  }
  return undefined;
}

const noLooks: Placed['looks'] = [];

/** Who comes to look, and when: whose it was, or whoever does the work, first; then the others who can. */
export function attend(
  state: State,
  index: number,
  way: Way,
  cook: number,
  start: number,
  end: number,
  whose: readonly number[],
): Placed['looks'] | Bar {
  if (way.looks.length === 0) return noLooks;
  const able = state.prepared.able[index]!;
  const looks: Placed['looks'][number][] = [];
  for (let at = 0; at < way.looks.length; at++) {
    const point = way.looks[at]!;
    const from = start + point.atMin;
    const to = from + point.takesMin;
    let who = -1;
    let tryTo = horizon;
    const first = whose[at] ?? cook;
    for (let i = -1; i < able.length && who < 0; i++) {
      const each = i < 0 ? first : able[i]!;
      if (i < 0 ? !able.includes(each) : each === first) continue;
      const clash = state.busy[each]!.clash(from, to) ?? away(state, each, from, to);
      if (clash !== undefined) tryTo = Math.max(tryTo, clash);
      else if (called(looks, each, from, to)) tryTo = Math.max(tryTo, to - 1);
      else who = each;
    }
    if (who < 0) return { tryEnd: end - Math.max(1, to - tryTo) };
    looks.push({ startMin: from, endMin: to, cook: who, index: at });
  }
  return looks;
}
