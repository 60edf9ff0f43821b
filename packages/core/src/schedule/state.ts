import { Busy } from './busy.ts';
import type { Load } from './chamber.ts';
import { addGuards, ExemptSets, noDemand, type Demand } from './demands.ts';
import type { Placed, Problem, Wash } from './problem.ts';
import { Surface } from './surface.ts';

/** What is the same for every timetable of a problem, worked out once. */
export interface Prepared {
  readonly problem: Problem;
  readonly sets: ExemptSets;
  /** For each activity, its own guards as a demand. */
  readonly guards: readonly Demand[];
  readonly nothing: Demand;
  /** For each activity, the marks that kit with an unknown past is feared for. */
  readonly guardedFrom: readonly (readonly number[])[];
}

export function prepare(problem: Problem): Prepared {
  const sets = new ExemptSets();
  const guards = problem.activities.map((activity) => {
    const demand = noDemand(problem.marks);
    addGuards(demand, activity.guards, sets);
    return demand;
  });
  const guardedFrom = problem.activities.map((activity) => activity.guards.flatMap(({ mark }) => (mark === problem.unknownMark || problem.heatEnds.includes(mark) ? [] : [mark])));
  return { problem, sets, guards, nothing: noDemand(problem.marks), guardedFrom };
}

/** The half-built timetable. */
export interface State {
  readonly prepared: Prepared;
  readonly sets: ExemptSets;
  readonly units: readonly Surface[];
  readonly hands: readonly Surface[];
  readonly busy: readonly Busy[];
  readonly sink: Busy;
  readonly loads: Load[];
  readonly flames: { readonly start: number; readonly end: number }[];
  readonly order: Placed[];
  readonly washes: Wash[];
  readonly placed: (Placed | undefined)[];
  /** What is asked of the food that goes into each activity, by what comes after it. */
  readonly food: readonly Demand[];
  /** How many followers of each activity are not placed yet. */
  readonly waiting: number[];
  readonly followers: readonly { readonly activity: number; readonly leastMin: number; readonly mostMin: number }[][];
  readonly holdsLeft: Map<string, number>;
  readonly heldUnit: Map<string, number>;
  /** Minutes by which an activity was moved earlier so that its chain finds room. */
  readonly pulled: Float64Array;
}

export function emptyState(prepared: Prepared): State {
  const { problem, sets, nothing } = prepared;
  const { activities } = problem;
  const waiting = activities.map(() => 0);
  const followers: State['followers'][number][] = activities.map(() => []);
  const holdsLeft = new Map<string, number>();
  activities.forEach((activity, index) => {
    for (const link of activity.before) {
      followers[link.activity]!.push({ activity: index, leastMin: link.leastMin, mostMin: link.mostMin });
      waiting[link.activity]!++;
    }
    for (const { hold } of activity.uses) if (hold) holdsLeft.set(hold, (holdsLeft.get(hold) ?? 0) + 1);
  });
  return {
    prepared,
    sets,
    units: problem.units.map(() => new Surface(nothing)),
    hands: problem.workers.map(() => new Surface(nothing)),
    busy: problem.workers.map(() => new Busy()),
    sink: new Busy(),
    loads: [],
    flames: [],
    order: [],
    washes: [],
    placed: activities.map(() => undefined),
    food: activities.map(() => noDemand(problem.marks)),
    waiting,
    followers,
    holdsLeft,
    heldUnit: new Map(),
    pulled: new Float64Array(activities.length),
  };
}

/** Remembers the state; the function it returns takes everything since back. */
export function remember(state: State): () => void {
  const surfaces = [...state.units, ...state.hands].map((surface) => surface.snapshot());
  const food = state.food.map((demand) => demand.slice());
  const lists = [state.sink, state.loads, state.flames, state.washes, ...state.busy];
  const lengths = lists.map((list) => list.length);
  const count = state.order.length;
  const waiting = state.waiting.slice();
  const [left, held] = [new Map(state.holdsLeft), new Map(state.heldUnit)];
  return () => {
    for (const restore of surfaces) restore();
    food.forEach((copy, i) => state.food[i]!.set(copy));
    lists.forEach((list, i) => { list.length = lengths[i]!; });
    for (const done of state.order.slice(count)) state.placed[done.activity] = undefined;
    state.order.length = count;
    waiting.forEach((value, i) => { state.waiting[i] = value; });
    refill(state.holdsLeft, left);
    refill(state.heldUnit, held);
  };
}

function refill<K, V>(map: Map<K, V>, from: ReadonlyMap<K, V>): void {
  map.clear();
  for (const [key, value] of from) map.set(key, value);
}
