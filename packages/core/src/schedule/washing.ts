import { clashes, type Demand } from './demands.ts';
import type { Machine, Way, Placed, Problem, Stuck, Wash } from './problem.ts';
import { withDemand, without, type State } from './state.ts';
import type { Surface } from './surface.ts';
import type { Picked } from './units.ts';

/** Nothing is done before this, in minutes before the first serving. */
export const horizon = -10_000;
/** Whatever is dirty is washed within this time, in minutes. */
const longestDirtyMin = 45;

/** A place looked at: who does it, when, on what. */
export interface Spot {
  readonly index: number;
  readonly way: Way;
  readonly cook: number;
  readonly start: number;
  readonly end: number;
  readonly picked: Picked;
  readonly looks: Placed['looks'];
}

export interface Washed {
  readonly washes: readonly Wash[];
  /** What is asked of everything that goes into the activity. */
  readonly asked: Demand;
}

/** Why nothing can be washed there, and the latest end before this one that is worth a try. */
export interface Unwashed {
  readonly why: Stuck['why'];
  readonly tryEnd: number;
}

export const called = (looks: Placed['looks'], cook: number, from: number, to: number): boolean =>
  looks.some((one) => one.cook === cook && one.startMin < to && one.endMin > from);

/**
 * Washes where a residue would reach what is guarded from it: after the activity, as soon as it is done, for what comes next;
 * before it, where it comes between two uses and asks more than was asked there.
 */
export function washUp(state: State, spot: Spot): Washed | Unwashed {
  const { prepared } = state;
  const { problem } = prepared;
  const { index, way, cook, start, end, picked } = spot;
  const facts = prepared.facts[index]!;
  if (prepared.classes.length === 0) return { washes: none, asked: prepared.nothing };
  const { units } = picked;
  const count = units.length;
  const surfaceAt = (at: number): Surface => (at < count ? state.units[units[at]!]! : state.hands[cook]!);
  const places = way.handsOn ? count + 1 : count;
  let suspect = false;
  for (const unit of units)
    if (!problem.units[unit]!.comesClean && problem.units[unit]!.barred.length === 0) suspect = true;
  suspect &&= prepared.unknownClass >= 0;
  // Kit with an unknown past may give off whatever it holds to what is used next.
  const carries = suspect ? [...facts.carries, { mark: prepared.unknownClass, origin: -1 }] : facts.carries;
  if (suspect && clashes(carries, state.food[index]!, prepared.sets).includes(prepared.unknownClass))
    return { why: 'no-clean-unit', tryEnd: end - 1 };

  // Heat ends some marks: for the sake of what comes later, what went into this food need not be free of them.
  let asked = withDemand(state, without(state.food[index]!, facts.ends), facts.demand);
  // Kit kept free of something asks it of everything that comes on to it.
  for (const unit of units) {
    if (problem.units[unit]!.barred.length === 0) continue;
    asked = asked.slice();
    for (const mark of prepared.barred[unit]!) asked[mark] = prepared.nobody;
    const past = prepared.unknownClass;
    if (past >= 0 && asked[past] !== prepared.nobody)
      asked[past] = asked[past]! < 0 ? prepared.anyFood : prepared.sets.intersect(asked[past]!, prepared.anyFood);
  }
  const after: number[] = [];
  const left: (readonly number[])[] = [];
  for (let at = 0; at < places; at++) {
    const next = surfaceAt(at).next(end);
    const found =
      at < count && !suspect ? picked.clashes[at]! : next ? clashes(carries, next.demand, prepared.sets) : [];
    left.push(found);
    if (found.length > 0) after.push(at);
    else if (next) asked = withDemand(state, asked, next.demand);
  }
  // Between two uses, what came before was only kept from what came after: where this asks more, a wash goes before it.
  const before: number[] = [];
  for (let at = 0; at < places; at++) {
    const surface = surfaceAt(at);
    if (surface.usedBefore(start) && !covers(state, surface.demandAt(end), asked)) before.push(at);
  }
  if (after.length === 0 && before.length === 0) return { washes: none, asked };

  const washes: Wash[] = [];
  const unitAt = (at: number) => (at < count ? units[at]! : -1);
  const minutes = (dirty: readonly number[]): number =>
    dirty.reduce((sum, at) => sum + (at < count ? problem.units[units[at]!]!.washMin : 0), problem.handsMin);
  // Who does not wash up still washes their own hands: then that is a wash of its own.
  const apart = way.handsOn && !problem.cooks[cook]!.washesUp;
  const inGroups = (dirty: readonly number[]): readonly (readonly number[])[] =>
    apart && dirty.length > 1 && dirty.includes(count)
      ? [dirty.filter((at) => at !== count), [count]]
      : dirty.length > 0
        ? [dirty]
        : [];
  if (after.some((at) => at < count && !problem.units[units[at]!]!.comesClean))
    return { why: 'no-clean-unit', tryEnd: end - 1 };
  let from = end;
  for (const group of inGroups(after)) {
    const wanted = (at: number): number => surfaceAt(at).next(end)!.start;
    const limit = Math.min(end + longestDirtyMin, ...group.map(wanted));
    const washers = washersFor(state, spot, group.includes(count));
    let duration = minutes(group);
    let washer = -1;
    let slot: number | undefined;
    let machineMin: number | undefined;
    const { machine } = problem;
    if (machine && state.byHand[index] === 0 && inMachine(problem, machine, group.map(unitAt))) {
      const loading = problem.handsMin + machine.loadMin;
      const loadedBy = Math.min(
        end + longestDirtyMin,
        ...group.map((at) => wanted(at) - (at < count ? machine.cycleMin : 0)),
      );
      for (const who of washers) {
        slot = washSlot(state, spot, who, loading, from, loadedBy, machine);
        if (slot !== undefined) {
          [washer, duration, machineMin] = [who, loading, machine.cycleMin];
          break;
        }
      }
    }
    for (const who of slot === undefined ? washers : []) {
      slot = washSlot(state, spot, who, duration, from, limit);
      if (slot !== undefined) {
        washer = who;
        break;
      }
    }
    // Done a little earlier, there may be time to wash up before the next use.
    if (slot === undefined)
      return { why: 'no-cook', tryEnd: Math.min(end - 1, lastSlot(state, washers, duration, limit)) };
    // One sink: what is washed next is washed after it.
    from = slot + duration;
    washes.push({
      startMin: slot,
      endMin: slot + duration,
      ...(machineMin === undefined ? {} : { machineUntilMin: slot + duration + machineMin }),
      cook: washer,
      units: group.map(unitAt).filter((unit) => unit >= 0),
      because: group.map((at) => ({ unit: unitAt(at), marks: left[at]!, before: surfaceAt(at).next(end)!.activity })),
    });
  }
  if (
    before.some(
      (at) =>
        at < count &&
        (!problem.units[units[at]!]!.comesClean ||
          (way.uses[at]!.hold !== undefined && state.heldUnit.has(way.uses[at]!.hold!))),
    )
  )
    return { why: 'no-clean-unit', tryEnd: end - 1 };
  const becauseBefore = (group: readonly number[]): Wash['because'] =>
    group.map((at) => {
      const then = surfaceAt(at).demandAt(end);
      const found: number[] = [];
      asked.forEach((set, mark) => {
        if (set >= 0 && then[mark]! < 0) found.push(mark);
      });
      return { unit: unitAt(at), marks: found, before: index };
    });
  let until = start;
  for (const group of inGroups(before)) {
    const loaded = loadBefore(state, spot, group.map(unitAt), until, (from) =>
      group.every((at) => surfaceAt(at).clash(from, start, undefined) === undefined),
    );
    if (loaded) {
      washes.push({ ...loaded, units: group.map(unitAt), because: becauseBefore(group) });
      continue;
    }
    const duration = minutes(group);
    const washFrom = until - duration;
    const inSink = state.sink.clash(washFrom, until);
    if (inSink !== undefined) return { why: 'no-cook', tryEnd: Math.min(end - 1, inSink + way.durationMin) };
    const washers = washersFor(state, spot, group.includes(count));
    const washer = washers.find(
      (who) =>
        state.busy[who]!.clash(washFrom, until) === undefined &&
        away(state, who, washFrom, until) === undefined &&
        !called(spot.looks, who, washFrom, until),
    );
    if (washer === undefined)
      return {
        why: 'no-cook',
        tryEnd: Math.min(
          end - 1,
          Math.max(horizon, ...washers.map((who) => state.busy[who]!.clash(washFrom, until) ?? start - 1)) +
            way.durationMin,
        ),
      };
    if (group.some((at) => at < count && surfaceAt(at).clash(washFrom, start, undefined) !== undefined))
      return { why: 'no-unit', tryEnd: end - 1 };
    washes.push({
      startMin: washFrom,
      endMin: until,
      cook: washer,
      units: group.map(unitAt).filter((unit) => unit >= 0),
      because: becauseBefore(group),
    });
    until = washFrom;
  }
  return { washes, asked };
}

const none: readonly Wash[] = [];

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

/** The latest moment before `end` at which a cook's time in the kitchen ends, if [start, end) is not inside it; else undefined. */
export function away(state: State, cook: number, start: number, end: number): number | undefined {
  const { windows } = state.prepared.problem.cooks[cook]!;
  let latest = horizon;
  for (const shift of windows) {
    if (shift.fromMin <= start && shift.toMin >= end) return undefined;
    if (shift.toMin < end) latest = Math.max(latest, shift.toMin);
  }
  return latest;
}

/** Whether everything asked by `inner` is asked by `outer` at least as strictly. */
function covers(state: State, outer: Demand, inner: Demand): boolean {
  const { sets } = state.prepared;
  for (let mark = 0; mark < inner.length; mark++) {
    const set = inner[mark]!;
    if (set >= 0 && (outer[mark]! < 0 || (outer[mark] !== set && sets.intersect(outer[mark]!, set) !== outer[mark]!)))
      return false;
  }
  return true;
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
): Pick<Wash, 'startMin' | 'endMin' | 'machineUntilMin' | 'cook'> | undefined {
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
