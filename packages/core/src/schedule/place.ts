import { mostAtOnce } from './busy.ts';
import type { Load } from './chamber.ts';
import type { Demand } from './demands.ts';
import type { Carry, Guard, Mode, Placed, Stuck, Wash } from './problem.ts';
import { modeOf, withDemand, without, type State } from './state.ts';
import type { Surface, SurfaceUse } from './surface.ts';
import { pickUnits } from './units.ts';
import { away, called, horizon, washUp } from './washing.ts';

export type Refusal = Pick<Stuck, 'why' | 'follower' | 'shortMin'>;

/** A place found for an activity, not yet taken. */
export interface Choice {
  readonly worker: number;
  readonly units: readonly number[];
  readonly start: number;
  readonly end: number;
  readonly washes: readonly Wash[];
  readonly chamber: number;
  readonly shelves: readonly number[];
  readonly attention: Placed['attention'];
  /** What is asked of everything that goes into it. */
  readonly asked: Demand;
  /** What stood in the way of a later place: an activity, or −1. */
  readonly blocker: number;
}

/** How many places are looked at for one activity before it is given up. */
const mostLooks = 3000;

export function hits(carries: readonly Carry[], guards: readonly Guard[]): boolean {
  return carries.some(({ mark, origin }) =>
    guards.some((guard) => guard.mark === mark && !guard.exempt.includes(origin)),
  );
}

function dustClash(state: State, index: number, mode: Mode, start: number, end: number): Placed | undefined {
  const { problem, facts } = state.prepared;
  const mine = facts[index]!;
  if (mine.dust.length > 0) {
    for (const other of state.order) {
      const there = facts[other.activity]!;
      if (
        other.startMin < end + problem.settleMin &&
        other.endMin > start &&
        problem.activities[other.activity]!.modes[other.mode]!.handsOn &&
        hits(mine.dust, there.guards)
      )
        return other;
    }
  }
  if (!mode.handsOn) return undefined;
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

interface Shelved {
  readonly chamber: number;
  readonly shelves: readonly number[];
}

/** When the chamber is opened for an activity: as it goes in and comes out, and whenever somebody sees to it. */
const opensOf = (mode: Mode, start: number, end: number): readonly number[] => [
  start,
  ...mode.attention.map((point) => start + point.atMin),
  end,
];

const unshelved: Shelved = { chamber: -1, shelves: [] };

/** A chamber and shelves that are free and suit; otherwise the latest end before this one that is worth a try. */
function shelve(
  state: State,
  index: number,
  mode: Mode,
  start: number,
  end: number,
): Shelved | { readonly tryEnd: number; readonly blocker: number } {
  const { problem, facts } = state.prepared;
  const use = mode.chamber!;
  const opens = opensOf(mode, start, end);
  let tryEnd = horizon;
  let blocker = -1;
  for (const number of use.in) {
    const contents = state.chambers[number]!;
    const refused = contents.refuses(start, end, use, opens);
    const overlapping = contents.loads.filter((each) => each.start < end && each.end > start);
    if (refused !== undefined) {
      if (refused > tryEnd) {
        tryEnd = refused;
        blocker = contents.loads.find((each) => each.start >= refused && each.start <= end)?.activity ?? -1;
      }
      continue;
    }
    const { shelves: count } = problem.chambers[number]!;
    const wanted = Math.min(use.shelves, count);
    for (let top = 0; top + wanted <= count; top++) {
      if (use.shelf !== undefined && top !== use.shelf) continue;
      const shelves = Array.from({ length: wanted }, (_, i) => top + i);
      if (overlapping.some((each) => each.shelves.some((shelf) => shelves.includes(shelf)))) continue;
      // What drips from an uncovered load above must not be what the one below is guarded from.
      const drips = overlapping.some((each) => {
        const above = top < each.shelves[0]!;
        return above
          ? !use.covered && hits(facts[index]!.drips, facts[each.activity]!.guards)
          : !each.use.covered && hits(facts[each.activity]!.drips, facts[index]!.guards);
      });
      if (!drips) return { chamber: number, shelves };
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
  mode: Mode,
  worker: number,
  start: number,
  end: number,
): Placed['attention'] | number {
  if (mode.attention.length === 0) return nobody;
  const able = state.prepared.able[index]!;
  const attention: Placed['attention'][number][] = [];
  for (let at = 0; at < mode.attention.length; at++) {
    const point = mode.attention[at]!;
    const from = start + point.atMin;
    const to = from + point.takesMin;
    let who = -1;
    let tryTo = horizon;
    for (let i = -1; i < able.length && who < 0; i++) {
      const each = i < 0 ? worker : able[i]!;
      if (i < 0 ? !able.includes(each) : each === worker) continue;
      const clash = state.busy[each]!.clash(from, to) ?? away(state, each, from, to);
      if (clash !== undefined) tryTo = Math.max(tryTo, clash);
      else if (called(attention, each, from, to)) tryTo = Math.max(tryTo, to - 1);
      else who = each;
    }
    if (who < 0) return end - Math.max(1, to - tryTo);
    attention.push({ startMin: from, endMin: to, worker: who, index: at });
  }
  return attention;
}

const nobody: Placed['attention'] = [];

/**
 * The latest place for an activity, with the given worker, that everything placed so far allows; within `patienceMin` of it,
 * one with fewer washes.
 */
export function tryPlace(
  state: State,
  index: number,
  worker: number,
  latest: number,
  patienceMin: number,
): Choice | Refusal {
  const { prepared } = state;
  const { problem } = prepared;
  const activity = problem.activities[index]!;
  const mode = modeOf(state, index);
  let best: Choice | undefined;
  // That nobody is free is said only where nothing else stood in the way.
  let reason: Stuck['why'] = 'no-worker';
  let blocker = -1;
  let end = Math.min(latest, activity.endsByMin ?? Infinity);
  const tooEarly = (activity.notBeforeMin ?? horizon) + mode.durationMin;
  for (let looks = 0; looks < mostLooks && end > horizon; looks++) {
    state.looked++;
    if (best && best.end - end > patienceMin) return best;
    const start = end - mode.durationMin;
    if (end < tooEarly) return best ?? { why: looks === 0 ? 'too-early' : reason };
    if (mode.handsOn) {
      const gap = state.busy[worker]!.latestGap(end, mode.durationMin);
      if (gap < end) {
        blocker = state.busy[worker]!.ownerAt(gap);
        end = gap;
        continue;
      }
      const gone = away(state, worker, start, end);
      if (gone !== undefined) {
        end = gone;
        continue;
      }
    }
    if (prepared.anyDust) {
      const dusty = dustClash(state, index, mode, start, end);
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
    if (mode.flames > 0 && mostAtOnce(state.flames, start, end) + mode.flames > problem.flames) {
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
    const room = mode.stands && state.standing[mode.stands.room];
    if (room && mostAtOnce(room, start, end) + mode.stands!.places > problem.rooms![mode.stands!.room]!) {
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
    let shelved = unshelved;
    if (mode.chamber) {
      const found = shelve(state, index, mode, start, end);
      if ('tryEnd' in found) {
        end = found.tryEnd;
        blocker = found.blocker;
        reason = 'no-chamber';
        continue;
      }
      shelved = found;
    }
    const attention = attend(state, index, mode, worker, start, end);
    if (typeof attention === 'number') {
      end = attention;
      continue;
    }
    const picked = pickUnits(state, index, mode, start, end);
    if ('why' in picked) {
      end = picked.tryEnd;
      if (picked.blocker >= 0) ({ blocker } = picked);
      reason = picked.why;
      continue;
    }
    const washed = washUp(state, { index, mode, worker, start, end, picked, attention });
    if ('why' in washed) {
      end = washed.tryEnd;
      if (washed.why !== 'no-worker') reason = washed.why;
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
      worker: mode.handsOn ? worker : -1,
      units: picked.units,
      start,
      end,
      chamber: shelved.chamber,
      shelves: shelved.shelves,
      attention,
      blocker,
      washes: washed.washes,
      asked: washed.asked,
    };
    if (!best || choice.washes.length < best.washes.length) best = choice;
    if (best.washes.length === 0) return best;
    end = nextChange(state, mode, worker, end);
  }
  return best ?? { why: reason };
}

/** The latest end before this one at which it comes between other uses of its kit or hands: in between, nothing changes. */
function nextChange(state: State, mode: Mode, worker: number, end: number): number {
  let latest = horizon;
  const look = ({ uses }: State['units'][number]): void => {
    for (let i = uses.length - 1; i >= 0 && uses[i]!.start < end; i--) latest = Math.max(latest, uses[i]!.start);
  };
  for (const use of mode.uses)
    for (const unit of state.prepared.unitsOfKind.get(use.kind) ?? []) look(state.units[unit]!);
  if (mode.handsOn) look(state.hands[worker]!);
  return latest;
}

/** Takes a place: everything later placed must reckon with it. */
export function commit(state: State, index: number, choice: Choice): void {
  const { prepared, order, washes, flames, dusty, trail } = state;
  const activity = prepared.problem.activities[index]!;
  const mode = modeOf(state, index);
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
    takeTime(state, wash.worker, wash.startMin, wash.endMin, index);
    state.sink.add(wash.startMin, wash.endMin, index);
    trail?.push(() => state.sink.remove(wash.startMin));
    if (wash.machineUntilMin !== undefined) {
      state.machine.add(wash.startMin, wash.machineUntilMin, index);
      trail?.push(() => state.machine.remove(wash.startMin));
    }
    for (const { unit, before } of wash.because) {
      useSurface(state, unit >= 0 ? state.units[unit]! : state.hands[wash.worker]!, {
        start: wash.startMin,
        end: unit >= 0 ? (wash.machineUntilMin ?? wash.endMin) : wash.endMin,
        activity: before,
        demand: prepared.nothing,
      });
    }
  }
  // Where nobody handles what is still raw, the kit it is heated in is freed by the heat as well.
  const asked =
    mode.handsOn || facts.ends.length === 0
      ? choice.asked
      : withDemand(state, without(choice.asked, facts.ends), facts.demand);
  for (let at = 0; at < mode.uses.length; at++) {
    const unit = choice.units[at]!;
    useSurface(state, state.units[unit]!, { start, end, activity: index, demand: asked });
    const { hold } = mode.uses[at]!;
    if (hold !== undefined) takeHold(state, hold, unit, start, end);
  }
  if (choice.worker >= 0) {
    if (prepared.classes.length > 0)
      useSurface(state, state.hands[choice.worker]!, { start, end, activity: index, demand: asked });
    takeTime(state, choice.worker, start, end, index);
  }
  for (const point of choice.attention) takeTime(state, point.worker, point.startMin, point.endMin, index);
  for (let each = 0; each < mode.flames; each++) flames.push({ start, end, activity: index });
  const room = mode.stands && state.standing[mode.stands.room];
  if (room) {
    const before = room.length;
    trail?.push(() => {
      room.length = before;
    });
    for (let each = 0; each < mode.stands!.places; each++) room.push({ start, end, activity: index });
  }
  if (mode.chamber) {
    const load: Load = {
      start,
      end,
      use: mode.chamber,
      shelves: choice.shelves,
      activity: index,
      opens: opensOf(mode, start, end),
    };
    trail?.push(state.chambers[choice.chamber]!.remember());
    state.chambers[choice.chamber]!.add(load);
  }
  const done: Placed = {
    activity: index,
    mode: state.modes[index]!,
    startMin: start,
    endMin: end,
    worker: choice.worker,
    units: choice.units,
    chamber: choice.chamber,
    shelves: choice.shelves,
    attention: choice.attention,
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

function takeTime(state: State, worker: number, from: number, to: number, owner: number): void {
  state.busy[worker]!.add(from, to, owner);
  state.trail?.push(() => state.busy[worker]!.remove(from));
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
