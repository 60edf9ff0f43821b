import { mostAtOnce } from './busy.ts';
import type { Load } from './oven.ts';
import type { Demand } from './demands.ts';
import type { Carry, Guard, Way, Placed, Stuck, Wash } from './problem.ts';
import { wayOf, withDemand, without, type State } from './state.ts';
import type { Surface, SurfaceUse } from './surface.ts';
import { pickUnits } from './units.ts';
import { away, called, horizon, washUp } from './washing.ts';

export type Refusal = Pick<Stuck, 'why' | 'follower' | 'shortMin'>;

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
  /** What is asked of everything that goes into it. */
  readonly asked: Demand;
  /** What stood in the way of a later place: an activity, or −1. */
  readonly blocker: number;
}

/** How many places are looked at for one activity before it is given up. */
const mostTries = 3000;

export function hits(carries: readonly Carry[], guards: readonly Guard[]): boolean {
  return carries.some(({ mark, origin }) =>
    guards.some((guard) => guard.mark === mark && !guard.exempt.includes(origin)),
  );
}

function dustClash(state: State, index: number, way: Way, start: number, end: number): Placed | undefined {
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

interface Racked {
  readonly oven: number;
  readonly racks: readonly number[];
}

/** When the oven is opened for an activity: as it goes in and comes out, and whenever somebody sees to it. */
const opensOf = (way: Way, start: number, end: number): readonly number[] => [
  start,
  ...way.looks.map((point) => start + point.atMin),
  end,
];

const unracked: Racked = { oven: -1, racks: [] };

/** A oven and racks that are free and suit; otherwise the latest end before this one that is worth a try. */
function rackFor(
  state: State,
  index: number,
  way: Way,
  start: number,
  end: number,
): Racked | { readonly tryEnd: number; readonly blocker: number } {
  const { problem, facts } = state.prepared;
  const use = way.oven!;
  const opens = opensOf(way, start, end);
  let tryEnd = horizon;
  let blocker = -1;
  for (const number of use.in) {
    const contents = state.ovens[number]!;
    const refused = contents.refuses(start, end, use, opens);
    const overlapping = contents.loads.filter((each) => each.start < end && each.end > start);
    if (refused !== undefined) {
      if (refused > tryEnd) {
        tryEnd = refused;
        blocker = contents.loads.find((each) => each.start >= refused && each.start <= end)?.activity ?? -1;
      }
      continue;
    }
    const { racks: count } = problem.ovens[number]!;
    const wanted = Math.min(use.racks, count);
    for (let top = 0; top + wanted <= count; top++) {
      if (use.rack !== undefined && top !== use.rack) continue;
      const racks = Array.from({ length: wanted }, (_, i) => top + i);
      if (overlapping.some((each) => each.racks.some((rack) => racks.includes(rack)))) continue;
      // What drips from an uncovered load above must not be what the one below is guarded from.
      const drips = overlapping.some((each) => {
        const above = top < each.racks[0]!;
        return above
          ? !use.covered && hits(facts[index]!.drips, facts[each.activity]!.guards)
          : !each.use.covered && hits(facts[each.activity]!.drips, facts[index]!.guards);
      });
      if (!drips) return { oven: number, racks };
    }
    for (const load of overlapping)
      if (load.start > tryEnd) {
        tryEnd = load.start;
        blocker = load.activity;
      }
  }
  return { tryEnd: Math.min(tryEnd, end - 1), blocker };
}

/** Who comes to look, and when; or the latest end before this one that is worth a try. */
function attend(
  state: State,
  index: number,
  way: Way,
  cook: number,
  start: number,
  end: number,
): Placed['looks'] | number {
  if (way.looks.length === 0) return nobody;
  const able = state.prepared.able[index]!;
  const looks: Placed['looks'][number][] = [];
  for (let at = 0; at < way.looks.length; at++) {
    const point = way.looks[at]!;
    const from = start + point.atMin;
    const to = from + point.takesMin;
    let who = -1;
    let tryTo = horizon;
    for (let i = -1; i < able.length && who < 0; i++) {
      const each = i < 0 ? cook : able[i]!;
      if (i < 0 ? !able.includes(each) : each === cook) continue;
      const clash = state.busy[each]!.clash(from, to) ?? away(state, each, from, to);
      if (clash !== undefined) tryTo = Math.max(tryTo, clash);
      else if (called(looks, each, from, to)) tryTo = Math.max(tryTo, to - 1);
      else who = each;
    }
    if (who < 0) return end - Math.max(1, to - tryTo);
    looks.push({ startMin: from, endMin: to, cook: who, index: at });
  }
  return looks;
}

const nobody: Placed['looks'] = [];

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
  const { prepared } = state;
  const { problem } = prepared;
  const activity = problem.activities[index]!;
  const way = wayOf(state, index);
  let best: Choice | undefined;
  // That nobody is free is said only where nothing else stood in the way.
  let reason: Stuck['why'] = 'no-cook';
  let blocker = -1;
  let end = Math.min(latest, activity.endsByMin ?? Infinity);
  const tooEarly = (activity.notBeforeMin ?? horizon) + way.durationMin;
  for (let tries = 0; tries < mostTries && end > horizon; tries++) {
    state.looked++;
    if (best && best.end - end > patienceMin) return best;
    const start = end - way.durationMin;
    if (end < tooEarly) return best ?? { why: tries === 0 ? 'too-early' : reason };
    if (way.handsOn) {
      const gap = state.busy[cook]!.latestGap(end, way.durationMin);
      if (gap < end) {
        blocker = state.busy[cook]!.ownerAt(gap);
        end = gap;
        continue;
      }
      const gone = away(state, cook, start, end);
      if (gone !== undefined) {
        end = gone;
        continue;
      }
    }
    if (prepared.anyDust) {
      const dusty = dustClash(state, index, way, start, end);
      if (dusty) {
        blocker = dusty.activity;
        end = Math.min(
          prepared.facts[index]!.dust.length > 0 ? dusty.startMin - problem.settleMin : dusty.startMin,
          end - 1,
        );
        reason = 'dust';
        continue;
      }
    }
    if (way.flames > 0 && mostAtOnce(state.flames, start, end) + way.flames > problem.flames) {
      let until = horizon;
      for (const each of state.flames)
        if (each.start < end && each.end > start && each.start > until) {
          until = each.start;
          blocker = each.activity;
        }
      end = Math.min(until, end - 1);
      reason = 'no-flame';
      continue;
    }
    const room = way.stands && state.standing[way.stands.room];
    if (room && mostAtOnce(room, start, end) + way.stands!.places > problem.rooms![way.stands!.room]!) {
      let until = horizon;
      for (const each of room)
        if (each.start < end && each.end > start && each.start > until) {
          until = each.start;
          blocker = each.activity;
        }
      end = Math.min(until, end - 1);
      reason = 'no-room';
      continue;
    }
    let racked = unracked;
    if (way.oven) {
      const found = rackFor(state, index, way, start, end);
      if ('tryEnd' in found) {
        end = found.tryEnd;
        blocker = found.blocker;
        reason = 'no-oven';
        continue;
      }
      racked = found;
    }
    const looks = attend(state, index, way, cook, start, end);
    if (typeof looks === 'number') {
      end = looks;
      continue;
    }
    const picked = pickUnits(state, index, way, start, end);
    if ('why' in picked) {
      end = picked.tryEnd;
      if (picked.blocker >= 0) ({ blocker } = picked);
      reason = picked.why;
      continue;
    }
    const washed = washUp(state, { index, way, cook, start, end, picked, looks });
    if ('why' in washed) {
      end = washed.tryEnd;
      if (washed.why !== 'no-cook') reason = washed.why;
      continue;
    }

    if (
      activity.dueMin !== undefined &&
      activity.mostHoldMin !== undefined &&
      activity.dueMin - end > activity.mostHoldMin
    )
      return best ?? { why: 'stands-too-long' };
    const late = prepared.followers[index]!.find((next) => state.placed[next.activity]!.startMin - end > next.mostMin);
    if (late)
      return (
        best ?? {
          why: 'wait-too-long',
          follower: late.activity,
          shortMin: state.placed[late.activity]!.startMin - end - late.mostMin,
        }
      );
    const choice: Choice = {
      cook: way.handsOn ? cook : -1,
      units: picked.units,
      start,
      end,
      oven: racked.oven,
      racks: racked.racks,
      looks,
      blocker,
      washes: washed.washes,
      asked: washed.asked,
    };
    if (!best || choice.washes.length < best.washes.length) best = choice;
    if (best.washes.length === 0) return best;
    end = nextChange(state, way, cook, end);
  }
  return best ?? { why: reason };
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

/** Takes a place: everything later placed must reckon with it. */
export function commit(state: State, index: number, choice: Choice): void {
  const { prepared, order, washes, flames, dusty, trail } = state;
  const activity = prepared.problem.activities[index]!;
  const way = wayOf(state, index);
  const facts = prepared.facts[index]!;
  const { start, end } = choice;
  if (trail) {
    const [orders, washed, flaming, dusts] = [order.length, washes.length, flames.length, dusty.length];
    trail.push(() => {
      order.length = orders;
      washes.length = washed;
      flames.length = flaming;
      dusty.length = dusts;
      state.placed[index] = undefined;
    });
  }
  for (const wash of choice.washes) {
    washes.push(wash);
    takeTime(state, wash.cook, wash.startMin, wash.endMin, index);
    state.sink.add(wash.startMin, wash.endMin, index);
    trail?.push(() => state.sink.remove(wash.startMin));
    if (wash.machineUntilMin !== undefined) {
      state.machine.add(wash.startMin, wash.machineUntilMin, index);
      trail?.push(() => state.machine.remove(wash.startMin));
    }
    for (const { unit, before } of wash.because) {
      useSurface(state, unit >= 0 ? state.units[unit]! : state.hands[wash.cook]!, {
        start: wash.startMin,
        end: unit >= 0 ? (wash.machineUntilMin ?? wash.endMin) : wash.endMin,
        activity: before,
        demand: prepared.nothing,
      });
    }
  }
  // Where nobody handles what is still raw, the kit it is heated in is freed by the heat as well.
  const asked =
    way.handsOn || facts.ends.length === 0
      ? choice.asked
      : withDemand(state, without(choice.asked, facts.ends), facts.demand);
  for (let at = 0; at < way.uses.length; at++) {
    const unit = choice.units[at]!;
    useSurface(state, state.units[unit]!, { start, end, activity: index, demand: asked });
    const { hold } = way.uses[at]!;
    if (hold !== undefined) takeHold(state, hold, unit, start, end);
  }
  if (choice.cook >= 0) {
    if (prepared.classes.length > 0)
      useSurface(state, state.hands[choice.cook]!, { start, end, activity: index, demand: asked });
    takeTime(state, choice.cook, start, end, index);
  }
  for (const point of choice.looks) takeTime(state, point.cook, point.startMin, point.endMin, index);
  for (let each = 0; each < way.flames; each++) flames.push({ start, end, activity: index });
  const room = way.stands && state.standing[way.stands.room];
  if (room) {
    const before = room.length;
    trail?.push(() => {
      room.length = before;
    });
    for (let each = 0; each < way.stands!.places; each++) room.push({ start, end, activity: index });
  }
  if (way.oven) {
    const load: Load = {
      start,
      end,
      use: way.oven,
      racks: choice.racks,
      activity: index,
      opens: opensOf(way, start, end),
    };
    trail?.push(state.ovens[choice.oven]!.remember());
    state.ovens[choice.oven]!.add(load);
  }
  const done: Placed = {
    activity: index,
    way: state.ways[index]!,
    startMin: start,
    endMin: end,
    cook: choice.cook,
    units: choice.units,
    oven: choice.oven,
    racks: choice.racks,
    looks: choice.looks,
  };
  state.placed[index] = done;
  state.blockers[index] = choice.blocker;
  order.push(done);
  if (facts.dust.length > 0) dusty.push(done);
  for (const link of activity.before) {
    const food = state.food[link.activity]!;
    trail?.push(() => {
      state.food[link.activity] = food;
      state.waiting[link.activity]!++;
    });
    if (asked !== prepared.nothing) state.food[link.activity] = withDemand(state, food, asked);
    state.waiting[link.activity]!--;
  }
}

function takeTime(state: State, cook: number, from: number, to: number, owner: number): void {
  state.busy[cook]!.add(from, to, owner);
  state.trail?.push(() => state.busy[cook]!.remove(from));
}

function useSurface(state: State, surface: Surface, use: SurfaceUse): void {
  surface.add(use);
  state.trail?.push(() => surface.remove(use));
}

/** Food stays on a unit from here to its next use. */
function takeHold(state: State, hold: string, unit: number, start: number, end: number): void {
  const surface = state.units[unit]!;
  const left = state.holdsLeft.get(hold)!;
  const held = state.heldUnit.get(hold);
  if (state.trail) {
    const back = surface.rememberHold();
    state.trail.push(() => {
      back();
      state.holdsLeft.set(hold, left);
      if (held === undefined) state.heldUnit.delete(hold);
      else state.heldUnit.set(hold, held);
    });
  }
  state.holdsLeft.set(hold, left - 1);
  state.heldUnit.set(hold, unit);
  if (left > 1) surface.holdUntil(hold, end);
  else surface.release(hold, start);
}
