import { mostAtOnce } from './busy.ts';
import { fits, type Load } from './chamber.ts';
import { clashes, meet, type Demand } from './demands.ts';
import type { Activity, Carry, Guard, Placed, Problem, Stuck, Wash } from './problem.ts';
import type { State } from './state.ts';
import type { Surface } from './surface.ts';

export type Refusal = Pick<Stuck, 'why' | 'follower' | 'shortMin'>;

/** A place found for an activity, not yet taken. */
export interface Choice {
  readonly worker: number;
  readonly units: readonly number[];
  readonly start: number;
  readonly end: number;
  readonly washes: readonly Wash[];
  readonly shelves: readonly number[];
  readonly attention: Placed['attention'];
  /** What is asked of everything that goes into it. */
  readonly asked: Demand;
}

export const horizon = -10_000;
/** Whatever is dirty is washed within this time, in minutes. */
const longestDirtyMin = 45;

export function hits(carries: readonly Carry[], guards: readonly Guard[]): boolean {
  return carries.some(({ mark, origin }) => guards.some((guard) => guard.mark === mark && !guard.exempt.includes(origin)));
}

/** Where a worker is not free in [start, end): the moment by which a next try must end. */
function workerClash(problem: Problem, state: State, worker: number, start: number, end: number): number | undefined {
  const clash = state.busy[worker]!.clash(start, end);
  if (clash !== undefined) return clash;
  const { windows } = problem.workers[worker]!;
  if (windows.some((shift) => shift.fromMin <= start && shift.toMin >= end)) return undefined;
  return Math.max(horizon, ...windows.map((shift) => shift.toMin).filter((to) => to < end));
}

function dustClash(problem: Problem, state: State, activity: Activity, start: number, end: number): number | undefined {
  if (!activity.handsOn && activity.dust.length === 0) return undefined;
  for (const other of state.order) {
    const there = problem.activities[other.activity]!;
    if (activity.dust.length > 0 && there.handsOn && other.startMin < end + problem.settleMin && other.endMin > start && hits(activity.dust, there.guards)) return other.startMin - problem.settleMin;
    if (there.dust.length > 0 && activity.handsOn && other.startMin < end && other.endMin + problem.settleMin > start && hits(there.dust, activity.guards)) return other.startMin;
  }
  return undefined;
}

function shelfChoice(problem: Problem, state: State, index: number, start: number, end: number): number[] | undefined {
  const activity = problem.activities[index]!;
  const { chamber } = problem;
  const use = activity.chamber!;
  const all = Array.from({ length: chamber.shelves }, (_, i) => i);
  const options = use.shelves >= chamber.shelves ? [all] : all.map((shelf) => [shelf]);
  const overlapping = state.loads.filter((each) => each.start < end && each.end > start);
  for (const shelves of options) {
    if (overlapping.some((each) => each.shelves.some((shelf) => shelves.includes(shelf)))) continue;
    // Shelf 0 is the top: what drips from an uncovered load above must not be what the one below is guarded from.
    const drips = overlapping.some((each) => {
      const theirs = problem.activities[each.activity]!;
      const above = Math.min(...shelves) < Math.min(...each.shelves);
      return above ? !use.covered && hits(activity.carries, theirs.guards) : !each.use.covered && hits(theirs.carries, activity.guards);
    });
    if (drips) continue;
    const load: Load = { start, end, use, shelves, activity: index };
    if (fits([...state.loads, load], chamber)) return shelves;
  }
  return undefined;
}

/** Where a load overlaps one whose temperature can never suit it, the start of that one: nothing later need be tried. */
function beforeUnlike(state: State, activity: Activity, start: number, end: number): number | undefined {
  const use = activity.chamber!;
  const unlike = state.loads.filter((each) => each.start < end && each.end > start && (use.alone || each.use.alone || each.use.lowC > use.highC || each.use.highC < use.lowC));
  return unlike.length > 0 ? Math.min(...unlike.map((each) => each.start)) : undefined;
}

interface Picked {
  readonly units: readonly number[];
  readonly marks: readonly (readonly number[])[];
}

/** For each use of the activity a unit that is free then, rather one that needs no wash, rather one not used before. */
function pickUnits(problem: Problem, state: State, activity: Activity, start: number, end: number, guardedFrom: readonly number[]): Picked | 'no-unit' | 'no-clean-unit' {
  const chosen: number[] = [];
  const marks: (readonly number[])[] = [];
  for (const use of activity.uses) {
    const held = use.hold ? state.heldUnit.get(use.hold) : undefined;
    const opens = use.hold !== undefined && held === undefined && state.holdsLeft.get(use.hold)! > 1;
    let best = -1;
    let bestCost = Infinity;
    let bestMarks: readonly number[] = [];
    let blocked = false;
    const consider = (index: number): void => {
      const unit = problem.units[index]!;
      const surface = state.units[index]!;
      if (unit.kind !== use.kind || chosen.includes(index)) return;
      // Food stays on held kit from this use to its next one; kit that food will come to earlier must have no other past.
      if (!surface.free(start, held === undefined ? end : surface.next(end)?.start ?? end, use.hold)) return;
      if (opens && (surface.held || surface.usedBefore(end))) return;
      if (activity.carries.some(({ mark }) => unit.barred.includes(mark))) return;
      // Kit with an unknown past that never comes clean is no kit for a guarded dish, unless it is kept apart for that.
      if (!unit.comesClean && guardedFrom.some((mark) => !unit.barred.includes(mark))) { blocked = true; return; }
      const found = clashes(activity.carries, surface.demandAt(end), state.sets);
      if (found.length > 0 && (!unit.comesClean || held !== undefined)) { blocked = true; return; }
      const cost = (found.length > 0 ? 2 : 0) + (surface.usedBefore(start) ? 1 : 0);
      if (cost < bestCost) { best = index; bestCost = cost; bestMarks = found; }
    };
    if (held !== undefined) consider(held);
    else for (let index = 0; index < problem.units.length && bestCost > 0; index++) consider(index);
    if (best < 0) return blocked ? 'no-clean-unit' : 'no-unit';
    chosen.push(best);
    marks.push(bestMarks);
  }
  return { units: chosen, marks };
}

/** Whether everything asked by `inner` is asked by `outer` at least as strictly. */
function covers(state: State, outer: Demand, inner: Demand): boolean {
  for (let mark = 0; mark < inner.length; mark++) {
    const set = inner[mark]!;
    if (set >= 0 && (outer[mark]! < 0 || state.sets.intersect(outer[mark]!, set) !== outer[mark]!)) return false;
  }
  return true;
}

/**
 * The latest place for an activity, with the given worker, that everything placed so far allows; within `patienceMin` of it,
 * one with fewer washes. Washes are put in where a residue would reach what is guarded from it: after the activity, as soon
 * as it is done, for what comes next; before it, where it comes between two uses and asks more than was asked there.
 */
export function tryPlace(problem: Problem, state: State, index: number, worker: number, latest: number, patienceMin: number): Choice | Refusal {
  const activity = problem.activities[index]!;
  const guardedFrom = state.prepared.guardedFrom[index]!;
  let best: Choice | undefined;
  let end = latest;
  let reason: Stuck['why'] = 'no-worker';
  for (let guard = 0; guard < 3000 && end > horizon; guard++) {
    if (best && best.end - end > patienceMin) return best;
    const start = end - activity.durationMin;
    if (activity.handsOn) {
      const clash = workerClash(problem, state, worker, start, end);
      if (clash !== undefined) { end = Math.min(clash, end - 1); reason = 'no-worker'; continue; }
    }
    const dusty = dustClash(problem, state, activity, start, end);
    if (dusty !== undefined) { end = Math.min(dusty, end - 1); continue; }
    if (activity.flame && mostAtOnce(state.flames, start, end) >= problem.flames) { end -= 1; reason = 'no-flame'; continue; }
    let shelves: number[] = [];
    if (activity.chamber) {
      const found = shelfChoice(problem, state, index, start, end);
      if (!found) { end = Math.min(end - 1, beforeUnlike(state, activity, start, end) ?? end); reason = 'no-chamber'; continue; }
      shelves = found;
    }
    const attention = attend(problem, state, activity, worker, start);
    if (!attention) { end -= 1; reason = 'no-worker'; continue; }
    const picked = pickUnits(problem, state, activity, start, end, guardedFrom);
    if (typeof picked === 'string') { end -= 1; reason = picked; continue; }
    const washed = washUp(problem, state, index, worker, start, end, picked, attention);
    if (typeof washed === 'string') { end -= 1; reason = washed; continue; }

    if (activity.dueMin !== undefined && activity.mostHoldMin !== undefined && activity.dueMin - end > activity.mostHoldMin) return best ?? { why: 'stands-too-long' };
    const late = state.followers[index]!.find((next) => state.placed[next.activity]!.startMin - end > next.mostMin);
    if (late) return best ?? { why: 'wait-too-long', follower: late.activity, shortMin: state.placed[late.activity]!.startMin - end - late.mostMin };
    const choice: Choice = { worker: activity.handsOn ? worker : -1, units: picked.units, start, end, shelves, attention, ...washed };
    if (!best || choice.washes.length < best.washes.length) best = choice;
    if (best.washes.length === 0) return best;
    end -= 3;
  }
  return best ?? { why: reason };
}

function attend(problem: Problem, state: State, activity: Activity, worker: number, start: number): Placed['attention'][number][] | undefined {
  const attention: Placed['attention'][number][] = [];
  for (const [at, point] of activity.attention.entries()) {
    const from = start + point.atMin;
    const to = from + point.takesMin;
    const who = [worker, ...problem.workers.keys()].find((each) => workerClash(problem, state, each, from, to) === undefined && !called(attention, each, from, to));
    if (who === undefined) return undefined;
    attention.push({ startMin: from, endMin: to, worker: who, index: at });
  }
  return attention;
}

const called = (attention: Placed['attention'], worker: number, from: number, to: number): boolean =>
  attention.some((one) => one.worker === worker && one.startMin < to && one.endMin > from);

function washUp(problem: Problem, state: State, index: number, worker: number, start: number, end: number, picked: Picked, attention: Placed['attention']): Pick<Choice, 'washes' | 'asked'> | Stuck['why'] {
  const activity = problem.activities[index]!;
  const surfaces: Surface[] = [...picked.units.map((unit) => state.units[unit]!), ...(activity.handsOn ? [state.hands[worker]!] : [])];
  const suspect = picked.units.some((unit) => !problem.units[unit]!.comesClean && problem.units[unit]!.barred.length === 0);
  // Kit with an unknown past may give off whatever it holds to what is used next.
  const carries = suspect ? [...activity.carries, { mark: problem.unknownMark, origin: -1 }] : activity.carries;
  if (suspect && clashes(carries, state.food[index]!, state.sets).includes(problem.unknownMark)) return 'no-clean-unit';
  const marks = surfaces.map((surface, at) => (at < picked.units.length && !suspect ? picked.marks[at]! : clashes(carries, surface.demandAt(end), state.sets)));
  const cutAfter = marks.map((found) => found.length > 0);

  const asked = state.food[index]!.slice();
  meet(asked, state.prepared.guards[index]!, state.sets);
  // Heat ends some marks: what went into this food before need not be free of them for the food's own sake.
  for (const mark of activity.ends?.marks ?? []) asked[mark] = -1;
  // Kit kept free of something asks it of everything that comes on to it.
  const nobody = state.sets.intern([]);
  for (const unit of picked.units) for (const mark of problem.units[unit]!.barred) asked[mark] = nobody;
  surfaces.forEach((surface, at) => { if (!cutAfter[at]) meet(asked, surface.demandAt(end), state.sets); });

  const washes: Wash[] = [];
  const idOf = (at: number) => (at < picked.units.length ? picked.units[at]! : -1);
  const own = (who: number, from: number, to: number) => (activity.handsOn && who === worker && start < to && end > from) || called(attention, who, from, to);
  const minutes = (dirty: readonly number[]) => dirty.reduce((sum, at) => sum + (idOf(at) >= 0 ? problem.units[idOf(at)]!.washMin : 0), problem.handsMin);

  const after = surfaces.flatMap((_, at) => (cutAfter[at] ? [at] : []));
  if (after.length > 0) {
    if (after.some((at) => idOf(at) >= 0 && !problem.units[idOf(at)]!.comesClean)) return 'no-clean-unit';
    const limit = Math.min(end + longestDirtyMin, ...after.map((at) => surfaces[at]!.next(end)!.start));
    const duration = minutes(after);
    const washer = (activity.handsOn ? [worker] : [...problem.workers.keys()]).map((who) => ({ who, at: washSlot(problem, state, who, duration, end, limit, own) })).find((each) => each.at !== undefined);
    if (!washer) return 'no-worker';
    washes.push({
      startMin: washer.at!, endMin: washer.at! + duration, worker: washer.who, units: after.map(idOf).filter((unit) => unit >= 0),
      because: after.map((at) => ({ unit: idOf(at), marks: marks[at]!, before: surfaces[at]!.next(end)!.activity })),
    });
  }
  // Between two uses, what came before was only kept from what came after: where this asks more, a wash goes before it.
  const before = surfaces.flatMap((surface, at) => (surface.usedBefore(start) && !covers(state, surface.demandAt(end), asked) ? [at] : []));
  if (before.length > 0) {
    if (before.some((at) => idOf(at) >= 0 && (!problem.units[idOf(at)]!.comesClean || activity.uses[at]!.hold !== undefined && state.heldUnit.has(activity.uses[at]!.hold!)))) return 'no-clean-unit';
    const duration = minutes(before);
    const from = start - duration;
    if (workerClash(problem, state, worker, from, start) !== undefined || state.sink.clash(from, start) !== undefined || called(attention, worker, from, start)) return 'no-worker';
    if (before.some((at) => idOf(at) >= 0 && !surfaces[at]!.free(from, start, undefined))) return 'no-unit';
    washes.push({
      startMin: from, endMin: start, worker, units: before.map(idOf).filter((unit) => unit >= 0),
      because: before.map((at) => {
        const then = surfaces[at]!.demandAt(end);
        return { unit: idOf(at), marks: asked.reduce<number[]>((found, set, mark) => (set >= 0 && then[mark]! < 0 ? [...found, mark] : found), []), before: index };
      }),
    });
  }
  return { washes, asked };
}

/** The earliest stretch for washing up between two moments: as soon as the work is done, not at the last moment. */
function washSlot(problem: Problem, state: State, washer: number, duration: number, from: number, limit: number, taken: (who: number, start: number, end: number) => boolean): number | undefined {
  for (let start = from; start + duration <= limit; start++) {
    const end = start + duration;
    if (workerClash(problem, state, washer, start, end) === undefined && state.sink.clash(start, end) === undefined && !taken(washer, start, end)) return start;
  }
  return undefined;
}

/** Takes a place: everything later placed must reckon with it. */
export function commit(problem: Problem, state: State, index: number, choice: Choice): void {
  const activity = problem.activities[index]!;
  const { asked, start, end } = choice;
  const { nothing } = state.prepared;
  for (const wash of choice.washes) {
    state.washes.push(wash);
    state.busy[wash.worker]!.add(wash.startMin, wash.endMin);
    state.sink.add(wash.startMin, wash.endMin);
    for (const { unit, before } of wash.because) {
      const surface = unit >= 0 ? state.units[unit]! : state.hands[wash.worker]!;
      surface.add({ start: wash.startMin, end: wash.endMin, activity: before, demand: nothing });
    }
  }
  // Where nobody handles what is still raw, the kit it is heated in is freed by the heat as well.
  if (activity.ends?.kit) for (const mark of activity.ends.marks) asked[mark] = -1;
  activity.uses.forEach((use, at) => {
    const unit = choice.units[at]!;
    const surface = state.units[unit]!;
    surface.add({ start, end, activity: index, demand: asked });
    if (!use.hold) return;
    const left = state.holdsLeft.get(use.hold)! - 1;
    state.holdsLeft.set(use.hold, left);
    state.heldUnit.set(use.hold, unit);
    if (left > 0) surface.holdUntil(use.hold, end);
    else surface.release(start);
  });
  if (choice.worker >= 0) {
    state.hands[choice.worker]!.add({ start, end, activity: index, demand: asked });
    state.busy[choice.worker]!.add(start, end);
  }
  for (const point of choice.attention) state.busy[point.worker]!.add(point.startMin, point.endMin);
  if (activity.flame) state.flames.push({ start, end });
  if (activity.chamber) state.loads.push({ start, end, use: activity.chamber, shelves: choice.shelves, activity: index });
  const done: Placed = { activity: index, startMin: start, endMin: end, worker: choice.worker, units: choice.units, shelves: choice.shelves, attention: choice.attention };
  state.placed[index] = done;
  state.order.push(done);
  for (const link of activity.before) {
    meet(state.food[link.activity]!, asked, state.sets);
    state.waiting[link.activity]!--;
  }
}
