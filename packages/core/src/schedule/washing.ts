import { isBar, type Bar } from './bars.ts';
import { clashes, type Demand } from './demands.ts';
import { freeAgainMin } from './free.ts';
import type { Carry, Machine, Placed, Problem, Wash, Way } from './problem.ts';
import { covers, withDemand, without, type State } from './state.ts';
import type { Surface } from './surface.ts';
import { away, called, horizon } from './times.ts';
import type { Picked } from './units.ts';

/** Whatever is dirty is washed within this time, in minutes. */
const longestDirtyMin = 45;

/** A place looked at: who does it, when, on what. */
export interface Spot {
  readonly index: number;
  readonly way: Way;
  readonly cook: number;
  readonly start: number;
  readonly end: number;
  /** Until when what is worked on stays in its units. */
  readonly staysMin: number;
  readonly picked: Picked;
  readonly looks: Placed['looks'];
  /** What must not be in it for the sake of what stands below it in the oven. */
  readonly below: Demand | undefined;
}

export interface Washed {
  readonly washes: readonly Wash[];
  /** What is asked of everything that goes into the activity. */
  readonly asked: Demand;
}

/** The surfaces of a spot by their number: its units in their order, then the hands. */
interface Surfaces {
  readonly count: number;
  readonly units: readonly number[];
  readonly at: (number: number) => Surface;
  readonly unitAt: (number: number) => number;
  /** When it is free again, after the activity. */
  readonly endOf: (number: number) => number;
}

const surfacesOf = (state: State, { index, way, cook, start, end, staysMin, picked: { units } }: Spot): Surfaces => ({
  count: way.handsOn ? units.length + 1 : units.length,
  units,
  at: (number) => (number < units.length ? state.units[units[number]!]! : state.hands[cook]!),
  unitAt: (number) => (number < units.length ? units[number]! : -1),
  endOf: (number) => (number < units.length ? freeAgainMin(state, index, way.uses[number]!, start, staysMin) : end),
});

/**
 * Washes where a residue would reach what is guarded from it: after the activity, as soon as it is done, for what comes next;
 * before it, where it comes between two uses and asks more than was asked there, or where something is on it from before the beginning.
 */
export function washUp(state: State, spot: Spot): Washed | Bar {
  const { prepared } = state;
  if (prepared.classes.length === 0) return { washes: noWash, asked: prepared.nothing };
  const surfaces = surfacesOf(state, spot);
  const suspect = isSuspect(state, surfaces);
  const own = prepared.facts[spot.index]!.carries;
  // Kit with an unknown past may give off whatever it holds to what is used next.
  const carries = suspect ? [...own, { mark: prepared.unknownClass, origin: -1 }] : own;
  const { below = prepared.nothing } = spot;
  const unknowing = [state.food[spot.index]!, below];
  if (suspect && unknowing.some((demand) => clashes(carries, demand, prepared.sets).includes(prepared.unknownClass)))
    return { why: 'no-clean-unit', tryEnd: spot.end - 1 };
  const { after, left, asked } = askedOf(state, spot, surfaces, carries, suspect);
  const before = dirtyBefore(state, spot, surfaces, asked);
  if (after.length === 0 && before.length === 0) return { washes: noWash, asked };
  const washedAfter = washAfter(state, spot, surfaces, after, left);
  if ('tryEnd' in washedAfter) return washedAfter;
  const washedBefore = washBefore(state, spot, surfaces, before, asked);
  if ('tryEnd' in washedBefore) return washedBefore;
  return { washes: [...washedAfter, ...washedBefore], asked };
}

const noWash: readonly Wash[] = [];
const none: readonly number[] = [];

/** Whether one of its units has a past that nobody knows and no wash takes away. */
function isSuspect({ prepared }: State, { units }: Surfaces): boolean {
  if (prepared.unknownClass < 0) return false;
  for (const unit of units) {
    const { comesClean, barred } = prepared.problem.units[unit]!;
    if (!comesClean && barred.length === 0) return true;
  }
  return false;
}

interface Asked {
  /** Surfaces to be washed after the activity, by number, and what is on each of all that must go. */
  readonly after: readonly number[];
  readonly left: readonly (readonly number[])[];
  /** What is asked of everything that goes into the activity. */
  readonly asked: Demand;
}

function askedOf(state: State, spot: Spot, surfaces: Surfaces, carries: readonly Carry[], suspect: boolean): Asked {
  const { prepared } = state;
  const { index, picked } = spot;
  const facts = prepared.facts[index]!;
  // Heat ends some marks: for the sake of what comes later, what went into this food need not be free of them.
  let asked = withDemand(state, without(state.food[index]!, facts.ends), facts.demand);
  if (spot.below) asked = withDemand(state, asked, spot.below);
  for (const unit of surfaces.units) if (prepared.barred[unit]!.length > 0) asked = askedByKept(state, unit, asked);
  const after: number[] = [];
  const left: (readonly number[])[] = [];
  for (let at = 0; at < surfaces.count; at++) {
    const next = surfaces.at(at).next(surfaces.endOf(at));
    const ended = at < surfaces.units.length && spot.way.uses[at]!.isHeated ? facts.ends : none;
    const lasting = ended.length > 0 ? carries.filter(({ mark }) => !ended.includes(mark)) : carries;
    const found =
      at < surfaces.units.length && !suspect
        ? picked.clashes[at]!
        : next
          ? clashes(lasting, next.demand, prepared.sets)
          : [];
    left.push(found);
    if (found.length > 0) after.push(at);
    else if (next) asked = withDemand(state, asked, without(next.demand, ended));
  }
  return { after, left, asked };
}

/** Kit kept free of something asks it of everything that comes on to it. */
function askedByKept({ prepared }: State, unit: number, before: Demand): Demand {
  const asked = before.slice();
  for (const mark of prepared.barred[unit]!) asked[mark] = prepared.nobody;
  const past = prepared.unknownClass;
  if (past >= 0 && asked[past] !== prepared.nobody)
    asked[past] = asked[past]! < 0 ? prepared.anyFood : prepared.sets.intersect(asked[past]!, prepared.anyFood);
  return asked;
}

/** Surfaces on which something may be that is asked not to be: from an earlier use that asked less, or from before the beginning. */
function dirtyBefore(state: State, spot: Spot, surfaces: Surfaces, asked: Demand): readonly number[] {
  const dirty: number[] = [];
  for (let at = 0; at < surfaces.count; at++) {
    const surface = surfaces.at(at);
    const last = surface.last(spot.start);
    if (last?.isWash) continue;
    const isDirty = last
      ? !covers(state, surface.demandAt(surfaces.endOf(at)), asked)
      : isFirst(state, spot, surfaces, at) && clashes(surface.marks, asked, state.prepared.sets).length > 0;
    if (isDirty) dirty.push(at);
  }
  return dirty;
}

/** Whether nothing else will be done with a surface before: of food that is kept in it from the beginning the first step alone meets what was there. */
function isFirst(state: State, { way }: Spot, { units }: Surfaces, at: number): boolean {
  if (!state.looksAtBeginning) return false;
  const hold = at < units.length ? way.uses[at]!.hold : undefined;
  const isKept = hold !== undefined && state.prepared.problem.units[units[at]!]!.holds?.hold === hold;
  // Its coming there counts as a use that is never placed.
  return !isKept || state.holdsLeft.get(hold)! <= 2;
}

/** Who does not wash up still washes their own hands: then that is a wash of its own. */
function groupsOf(
  state: State,
  { way, cook }: Spot,
  dirty: readonly number[],
  hands: number,
): readonly (readonly number[])[] {
  if (dirty.length === 0) return [];
  const apart = way.handsOn && !state.prepared.problem.cooks[cook]!.washesUp;
  return apart && dirty.length > 1 && dirty.includes(hands) ? [dirty.filter((at) => at !== hands), [hands]] : [dirty];
}

/** Surfaces that are free again at the same moment, the first first. */
function freeAtOnce({ endOf }: Surfaces, dirty: readonly number[]): readonly (readonly number[])[] {
  if (dirty.length <= 1) return dirty.length === 0 ? [] : [dirty];
  const groups = new Map<number, number[]>();
  for (const at of dirty) {
    const group = groups.get(endOf(at));
    if (group) group.push(at);
    else groups.set(endOf(at), [at]);
  }
  return groups.size <= 1 ? [dirty] : [...groups].sort(([a], [b]) => a - b).map(([, group]) => group);
}

/** Minutes to wash all of these, and the hands that do it. */
const washMinutes = ({ units, handsMin }: Problem, dirty: readonly number[]): number =>
  dirty.reduce((sum, unit) => sum + (unit >= 0 ? units[unit]!.washMin : 0), handsMin);

function washAfter(
  state: State,
  spot: Spot,
  surfaces: Surfaces,
  after: readonly number[],
  left: Asked['left'],
): readonly Wash[] | Bar {
  const { problem } = state.prepared;
  const { end } = spot;
  const isHands = surfaces.units.length;
  const wanted = (at: number) => surfaces.at(at).next(surfaces.endOf(at))!;
  if (after.some((at) => at < isHands && !problem.units[surfaces.units[at]!]!.comesClean))
    return { why: 'no-clean-unit', tryEnd: end - 1 };
  const washes: Wash[] = [];
  let from = -Infinity;
  for (const together of freeAtOnce(surfaces, after))
    for (const group of groupsOf(state, spot, together, isHands)) {
      const units = group.map(surfaces.unitAt);
      const free = surfaces.endOf(group[0]!);
      from = Math.max(from, free);
      const cycle = problem.machine?.cycleMin ?? 0;
      let limit = free + longestDirtyMin;
      let loadedBy = limit;
      for (const at of group) {
        const { start } = wanted(at);
        limit = Math.min(limit, start);
        loadedBy = Math.min(loadedBy, at < isHands ? start - cycle : start);
      }
      const slot = slotAfter(state, spot, units, { from, limit, loadedBy });
      // What is free only after the table is so at that moment, whenever the activity ends.
      if (isBar(slot)) return free > end ? { ...slot, tryEnd: -Infinity } : slot;
      // One sink: what is washed next is washed after it.
      from = slot.endMin;
      const because: Wash['because'][number][] = [];
      for (const at of group)
        because.push({ unit: surfaces.unitAt(at), marks: left[at]!, before: wanted(at).activity });
      washes.push(washOf(slot, units, because));
    }
  return washes;
}

/** Made for every place that is tried: a spread would cost as much as the looking. */
const washOf = (
  { startMin, endMin, machineUntilMin, cook }: Slot,
  units: readonly number[],
  because: Wash['because'],
): Wash => ({
  startMin,
  endMin,
  machineUntilMin,
  cook,
  units: units.filter((unit) => unit >= 0),
  because,
});

type Slot = Pick<Wash, 'startMin' | 'endMin' | 'machineUntilMin' | 'cook'>;

/** When a group of units (−1: hands) is washed after the work, and by whom: in the machine where that can be, else at the sink. */
function slotAfter(
  state: State,
  spot: Spot,
  group: readonly number[],
  { from, limit, loadedBy }: { readonly from: number; readonly limit: number; readonly loadedBy: number },
): Slot | Bar {
  const { problem } = state.prepared;
  const { machine } = problem;
  const washers = washersFor(state, spot, group.includes(-1));
  if (machine && state.byHand[spot.index] === 0 && inMachine(problem, machine, group)) {
    const loading = problem.handsMin + machine.loadMin;
    for (const cook of washers) {
      const startMin = washSlot(state, spot, cook, loading, from, loadedBy, machine);
      if (startMin !== undefined) {
        const endMin = startMin + loading;
        return { startMin, endMin, machineUntilMin: endMin + machine.cycleMin, cook };
      }
    }
  }
  const duration = washMinutes(problem, group);
  for (const cook of washers) {
    const startMin = washSlot(state, spot, cook, duration, from, limit);
    if (startMin !== undefined) return { startMin, endMin: startMin + duration, cook };
  }
  // Done a little earlier, there may be time to wash up before the next use.
  return { tryEnd: Math.min(spot.end - 1, lastSlot(state, washers, duration, limit)) };
}

function washBefore(
  state: State,
  spot: Spot,
  surfaces: Surfaces,
  before: readonly number[],
  asked: Demand,
): readonly Wash[] | Bar {
  const { problem } = state.prepared;
  const { way, start, end, index } = spot;
  const isHands = surfaces.units.length;
  // What is the first to come into it, the last to be placed, finds it empty.
  const keepsFood = (at: number) => {
    const { hold } = way.uses[at]!;
    if (hold === undefined || state.holdsLeft.get(hold)! <= 1) return false;
    // What was there from the beginning can be washed off before any food comes into it.
    return state.heldUnit.has(hold) || surfaces.at(at).last(start) !== undefined;
  };
  if (before.some((at) => at < isHands && (!problem.units[surfaces.units[at]!]!.comesClean || keepsFood(at))))
    return { why: 'no-clean-unit', tryEnd: end - 1 };
  const because = (group: readonly number[]): Wash['because'] =>
    group.map((at) => ({
      unit: surfaces.unitAt(at),
      marks: askedMore(surfaces.at(at).demandAt(surfaces.endOf(at)), asked),
      before: index,
    }));
  const washes: Wash[] = [];
  // What is on it from before the beginning can be washed off at any time since.
  const atFirst = before.filter((at) => surfaces.at(at).last(start) === undefined);
  for (const group of groupsOf(state, spot, atFirst, isHands)) {
    const units = group.map(surfaces.unitAt);
    const slot = slotAtFirst(state, spot, units);
    if ('tryEnd' in slot) return slot;
    washes.push(washOf(slot, units, because(group)));
  }
  const between = before.filter((at) => !atFirst.includes(at));
  let until = start;
  for (const group of groupsOf(state, spot, between, isHands)) {
    const units = group.map(surfaces.unitAt);
    const isFree = (from: number) =>
      group.every((at) => at === isHands || surfaces.at(at).clash(from, start, undefined) === undefined);
    const isApart = (slot: Slot) =>
      washes.every(({ startMin, endMin }) => startMin >= slot.endMin || endMin <= slot.startMin);
    const soon = soonAfter(state, spot, surfaces, group, isFree);
    const early = soon && isApart(soon) ? soon : loadBefore(state, spot, units, until, isFree);
    const slot = early ?? slotBefore(state, spot, units, until, isFree);
    if ('tryEnd' in slot) return slot;
    // One sink, and one pair of hands: what else is washed for this is not looked at by any of these.
    if (!isApart(slot)) return { tryEnd: end - 1 };
    washes.push(washOf(slot, units, because(group)));
    if (!early) until = slot.startMin;
  }
  return washes;
}

/** A wash of what was used before, while it is fresh: as soon as all of it is free and somebody has time; undefined where that is not within reach. */
function soonAfter(
  state: State,
  spot: Spot,
  surfaces: Surfaces,
  group: readonly number[],
  isFree: (from: number) => boolean,
): Slot | undefined {
  const { machine } = state.prepared.problem;
  let from = horizon;
  for (const at of group) from = Math.max(from, surfaces.at(at).last(spot.start)!.end);
  const limit = Math.min(from + longestDirtyMin, spot.start);
  const loadedBy = Math.min(from + longestDirtyMin, spot.start - (machine?.cycleMin ?? 0));
  const slot = slotAfter(state, spot, group.map(surfaces.unitAt), { from, limit, loadedBy });
  return isBar(slot) || !isFree(slot.startMin) ? undefined : slot;
}

/** The marks of which one demand asks something and another nothing. */
function askedMore(then: Demand, asked: Demand): number[] {
  const found: number[] = [];
  asked.forEach((set, mark) => {
    if (set >= 0 && then[mark]! < 0) found.push(mark);
  });
  return found;
}

/** When something is washed that nothing has been done with since the beginning: as soon as somebody can. */
function slotAtFirst(state: State, spot: Spot, group: readonly number[]): Slot | Bar {
  const { units, cooks, machine } = state.prepared.problem;
  const from = Math.max(
    Math.min(...cooks.flatMap(({ windows }) => windows.map(({ fromMin }) => fromMin))),
    ...group.map((unit) => (unit >= 0 ? (units[unit]!.freeFromMin ?? horizon) : horizon)),
  );
  const limit = spot.start;
  const slot = slotAfter(state, spot, group, { from, limit, loadedBy: limit - (machine?.cycleMin ?? 0) });
  return 'tryEnd' in slot ? { tryEnd: spot.end - 1 } : slot;
}

/** The stretch at the sink that ends at a moment, with somebody who is free for it. */
function slotBefore(
  state: State,
  spot: Spot,
  group: readonly number[],
  until: number,
  isFree: (from: number) => boolean,
): Slot | Bar {
  const { way, start, end, looks } = spot;
  const duration = washMinutes(state.prepared.problem, group);
  const from = until - duration;
  const inSink = state.sink.clash(from, until);
  if (inSink !== undefined) return { tryEnd: Math.min(end - 1, inSink + way.durationMin) };
  const washers = washersFor(state, spot, group.includes(-1));
  const cook = washers.find(
    (who) =>
      state.busy[who]!.clash(from, until) === undefined &&
      away(state, who, from, until) === undefined &&
      !called(looks, who, from, until),
  );
  if (cook === undefined) {
    const latest = Math.max(horizon, ...washers.map((who) => state.busy[who]!.clash(from, until) ?? start - 1));
    return { tryEnd: Math.min(end - 1, latest + way.durationMin) };
  }
  if (!isFree(from)) return { why: 'no-unit', tryEnd: end - 1 };
  return { startMin: from, endMin: until, cook };
}

/** Whether the machine can wash all of these, there is something to wash in it, and it takes a cook less time than the sink. */
function inMachine({ units }: Problem, { loadMin, places }: Machine, group: readonly number[]): boolean {
  const kit = group.filter((unit) => unit >= 0);
  return (
    kit.length > 0 &&
    kit.length <= places &&
    kit.every((unit) => units[unit]!.machine) &&
    kit.reduce((sum, unit) => sum + units[unit]!.washMin, 0) > loadMin
  );
}

/** Who could do a wash at a spot: with dirty hands, only their owner; else whoever does the work first, if they wash up, then the others who do. */
function washersFor(state: State, { way, cook }: Spot, hands: boolean): readonly number[] {
  const { cooks } = state.prepared.problem;
  if (hands) return [cook];
  const others = [...cooks.keys()].filter((who) => cooks[who]!.washesUp);
  return way.handsOn && cooks[cook]!.washesUp ? [cook, ...others.filter((who) => who !== cook)] : others;
}

/** The earliest stretch for washing up between two moments: as soon as the work is done, not at the last moment. With a machine, one after which it can run. */
function washSlot(
  state: State,
  spot: Spot,
  washer: number,
  duration: number,
  from: number,
  limit: number,
  machine?: Machine,
): number | undefined {
  const { way, cook, start, end, looks } = spot;
  for (let at = Math.max(from, machine?.freeFromMin ?? horizon); at + duration <= limit;) {
    const to = at + duration;
    const blocked =
      state.busy[washer]!.blockedUntil(at, to) ??
      state.sink.blockedUntil(at, to) ??
      (machine && state.machine.blockedUntil(at, to + machine.cycleMin));
    if (blocked !== undefined) {
      at = blocked;
      continue;
    }
    if (
      (way.handsOn && washer === cook && start < to && end > at) ||
      called(looks, washer, at, to) ||
      away(state, washer, at, to) !== undefined
    ) {
      at++;
      continue;
    }
    return at;
  }
  return undefined;
}

/**
 * Loading the machine with all of a group so that it has run before a moment: the latest time somebody has for it while nothing is
 * done with any of the group since. Undefined where the machine cannot wash it, dirty hands among it, or not in time.
 */
function loadBefore(
  state: State,
  spot: Spot,
  group: readonly number[],
  before: number,
  isFree: (from: number) => boolean,
): Slot | undefined {
  const { problem } = state.prepared;
  const { machine } = problem;
  if (!machine || state.byHand[spot.index] !== 0 || group.includes(-1) || !inMachine(problem, machine, group))
    return undefined;
  const loading = problem.handsMin + machine.loadMin;
  for (let untilMin = before; ;) {
    const endMin = untilMin - machine.cycleMin;
    const startMin = endMin - loading;
    if (startMin < (machine.freeFromMin ?? horizon) || !isFree(startMin)) return undefined;
    const blocked = state.machine.clash(startMin, untilMin);
    if (blocked !== undefined) {
      untilMin = blocked;
      continue;
    }
    const inSink = state.sink.clash(startMin, endMin);
    if (inSink !== undefined) {
      untilMin = inSink + machine.cycleMin;
      continue;
    }
    const washers = washersFor(state, spot, false);
    const cook = washers.find(
      (who) =>
        state.busy[who]!.clash(startMin, endMin) === undefined &&
        away(state, who, startMin, endMin) === undefined &&
        !called(spot.looks, who, startMin, endMin),
    );
    if (cook !== undefined) return { startMin, endMin, machineUntilMin: untilMin, cook };
    const next = Math.max(
      horizon,
      ...washers.map(
        (who) => state.busy[who]!.clash(startMin, endMin) ?? away(state, who, startMin, endMin) ?? endMin - 1,
      ),
    );
    untilMin = Math.min(untilMin - 1, next + machine.cycleMin);
  }
}

/** The start of the latest stretch before a limit in which somebody could wash up. */
function lastSlot(state: State, washers: readonly number[], duration: number, limit: number): number {
  let latest = horizon;
  for (const who of washers) {
    for (let to = limit; to - duration > latest;) {
      const blocked =
        state.busy[who]!.clash(to - duration, to) ??
        state.sink.clash(to - duration, to) ??
        away(state, who, to - duration, to);
      if (blocked === undefined) {
        latest = to - duration;
        break;
      }
      to = blocked;
    }
  }
  return latest;
}
