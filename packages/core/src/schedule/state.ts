import { Busy, type Taken } from './busy.ts';
import { Contents } from './oven.ts';
import type { Demand } from './demands.ts';
import type { Prepared } from './prepare.ts';
import type { Placed, Problem, Rest, Span, Wash } from './problem.ts';
import { Surface } from './surface.ts';

/** The half-built timetable. */
export interface State {
  readonly prepared: Prepared;
  readonly units: readonly Surface[];
  readonly hands: readonly Surface[];
  readonly busy: readonly Busy[];
  readonly sink: Busy;
  /** When the machine is loaded or at work. */
  readonly machine: Busy;
  /** Of which activities what they leave dirty is washed by hand, though a machine could. */
  readonly byHand: Uint8Array;
  readonly ovens: readonly Contents[];
  /** For each pool, what takes places of it. */
  readonly taken: readonly Taken[][];
  readonly dusty: Placed[];
  readonly order: Placed[];
  /** What is put away, by the activity after which it is and, within that, by the one before which; −1: until it is due. */
  readonly rests: Map<number, Rest>[];
  /** How long what comes out of each activity stands from there on, where that has been reckoned; −1: it has not, or no longer holds. */
  readonly standsAfter: Float64Array;
  readonly washes: Wash[];
  readonly placed: (Placed | undefined)[];
  /** Which way each activity is done. */
  readonly ways: Uint8Array;
  /** What is asked of the food that goes into each activity, by what comes after it. */
  readonly food: Demand[];
  /** How many followers of each activity are not placed yet. */
  readonly waiting: Int32Array;
  readonly holdsLeft: Map<string, number>;
  readonly heldUnit: Map<string, number>;
  /** Minutes by which an activity was moved earlier so that its chain finds room. */
  readonly pulled: Float64Array;
  readonly blockers: Int32Array;
  /** How to take back what was done since a chain was begun, newest last; absent outside chains. */
  trail: (() => void)[] | undefined;
  /** Whether what is on a surface at the beginning is reckoned with as soon as something is done with it; else it is looked at when all is placed. */
  looksAtBeginning: boolean;
  /** Places looked at so far: the measure of work. */
  looked: number;
}

export function emptyState(prepared: Prepared, { ways, byHand }: Pick<State, 'ways' | 'byHand'>): State {
  const { problem, nothing, holders, beginnings } = prepared;
  const { activities } = problem;
  const size = activities.length;
  const holdsLeft = new Map<string, number>();
  for (const index of holders) {
    for (const { hold } of activities[index]!.ways[ways[index]!]!.uses)
      if (hold !== undefined) holdsLeft.set(hold, (holdsLeft.get(hold) ?? 0) + 1);
  }
  const heldUnit = new Map<string, number>();
  problem.units.forEach(({ holds }, unit) => {
    if (holds?.hold === undefined) return;
    // It came to its unit before the beginning: one use of it more, which is never placed.
    heldUnit.set(holds.hold, unit);
    holdsLeft.set(holds.hold, (holdsLeft.get(holds.hold) ?? 0) + 1);
  });
  return {
    prepared,
    ways,
    byHand,
    units: problem.units.map(({ holds }, at) => new Surface(nothing, beginnings.onUnits[at], holds?.hold)),
    hands: problem.cooks.map((_, at) => new Surface(nothing, beginnings.onHands[at])),
    busy: problem.cooks.map(({ busy }) => busyFromBefore(busy ?? [])),
    sink: busyFromBefore(problem.washing ?? []),
    machine: new Busy(),
    ovens: problem.ovens.map((oven, at) => new Contents(oven, beginnings.loads[at])),
    taken: problem.pools.map((_, pool) => takenFromBefore(problem, pool)),
    dusty: [],
    order: [],
    rests: activities.map(() => new Map()),
    standsAfter: new Float64Array(size).fill(-1),
    washes: [],
    placed: new Array<undefined>(size).fill(undefined),
    food: new Array<Demand>(size).fill(nothing),
    waiting: prepared.waiting.slice(),
    holdsLeft,
    heldUnit,
    pulled: new Float64Array(size),
    blockers: new Int32Array(size).fill(-1),
    trail: undefined,
    looksAtBeginning: true,
    looked: 0,
  };
}

function busyFromBefore(spans: readonly Span[]): Busy {
  const taken = new Busy();
  for (const { startMin, endMin } of [...spans].sort((a, b) => b.startMin - a.startMin))
    taken.add(startMin, endMin, -1);
  return taken;
}

const takenFromBefore = ({ taken = [] }: Problem, pool: number): Taken[] =>
  taken
    .filter((each) => each.pool === pool)
    .map(({ startMin, endMin, places }) => ({ start: startMin, end: endMin, places, activity: -1 }));

export const wayOf = (state: State, index: number) =>
  state.prepared.problem.activities[index]!.ways[state.ways[index]!]!;

/** Takes back everything since the trail had this length. */
export function takeBack(state: State, length: number): void {
  const trail = state.trail!;
  if (trail.length > length) state.standsAfter.fill(-1);
  while (trail.length > length) trail.pop()!();
}

/** A demand with what another asks added: a copy, unless it asks all of that already. */
export function withDemand(state: State, demand: Demand, other: Demand): Demand {
  const { sets, nothing } = state.prepared;
  if (demand === nothing || demand === other) return other;
  let both = demand;
  for (let mark = 0; mark < demand.length; mark++) {
    const theirs = other[mark]!;
    const ours = both[mark]!;
    if (theirs < 0 || ours === theirs) continue;
    const met = ours < 0 ? theirs : sets.intersect(ours, theirs);
    if (met === ours) continue;
    // Where nothing is added, which is most of the time, there is nothing to copy.
    if (both === demand) both = demand.slice();
    both[mark] = met;
  }
  return both;
}

/** A copy that asks nothing about these classes. */
export function without(demand: Demand, classes: readonly number[]): Demand {
  if (classes.length === 0) return demand;
  const left = demand.slice();
  for (const each of classes) left[each] = -1;
  return left;
}

/** Whether everything asked by `inner` is asked by `outer` at least as strictly. */
export function covers({ prepared: { sets } }: State, outer: Demand, inner: Demand): boolean {
  for (let mark = 0; mark < inner.length; mark++) {
    const set = inner[mark]!;
    if (set >= 0 && (outer[mark]! < 0 || (outer[mark] !== set && sets.intersect(outer[mark]!, set) !== outer[mark]!)))
      return false;
  }
  return true;
}
