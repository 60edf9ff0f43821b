import { opensOf } from './bars.ts';
import type { Taken } from './busy.ts';
import type { Demand } from './demands.ts';
import type { Choice } from './place.ts';
import { freeAgainMin } from './free.ts';
import type { Placed, Rest, Wash } from './problem.ts';
import { wayOf, withDemand, without, type State } from './state.ts';
import type { Surface, SurfaceUse } from './surface.ts';

/** Takes a place: everything later placed must reckon with it. */
export function commit(state: State, index: number, choice: Choice): void {
  const { prepared, order, trail } = state;
  const way = wayOf(state, index);
  const facts = prepared.facts[index]!;
  const { start, end } = choice;
  rememberLists(state, index);
  for (const wash of choice.washes) commitWash(state, wash, index);
  // The kit it is heated in is freed by the heat as well, and all of it where nobody handles what is still raw.
  const heated = facts.ends.length === 0 ? choice.asked : freedByHeat(state, index, choice);
  const asked = way.handsOn ? choice.asked : heated;
  for (let at = 0; at < way.uses.length; at++) {
    const unit = choice.units[at]!;
    const until = freeAgainMin(state, index, way.uses[at]!, start, choice.unitsEnd);
    useSurface(state, state.units[unit]!, {
      start,
      end: until,
      activity: index,
      demand: way.uses[at]!.isHeated ? heated : asked,
      isWash: false,
    });
    const { hold } = way.uses[at]!;
    if (hold !== undefined) takeHold(state, hold, unit, start, until);
  }
  if (choice.cook >= 0) {
    if (prepared.classes.length > 0)
      useSurface(state, state.hands[choice.cook]!, { start, end, activity: index, demand: asked, isWash: false });
    takeTime(state, choice.cook, start, end, index);
  }
  for (const point of choice.looks) takeTime(state, point.cook, point.startMin, point.endMin, index);
  takePlaces(state, index, start, end);
  for (const rest of choice.rests) takeRest(state, rest);
  if (way.oven) {
    trail?.push(state.ovens[choice.oven]!.remember());
    state.ovens[choice.oven]!.add({
      start,
      end,
      use: way.oven,
      racks: choice.racks,
      activity: index,
      opens: opensOf(way, start, end),
      drips: facts.drips,
      guards: facts.guards,
      demand: facts.demand,
      asked: choice.asked,
    });
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
    rests: choice.rests,
  };
  state.placed[index] = done;
  // What comes before it and is placed already now stands as long as that.
  if (prepared.standing && prepared.problem.activities[index]!.before.some((link) => state.placed[link.activity]))
    state.standsAfter.fill(-1);
  state.blockers[index] = choice.blocker;
  order.push(done);
  if (facts.dust.length > 0) state.dusty.push(done);
  askOfFood(state, index, asked);
}

/** What is asked of the kit in which heat ends something: nothing of that, but for what the step itself and what stands below it must be free of. */
function freedByHeat(state: State, index: number, { asked, below }: Choice): Demand {
  const { ends, demand } = state.prepared.facts[index]!;
  const left = withDemand(state, without(asked, ends), demand);
  return below ? withDemand(state, left, below) : left;
}

/** What the lists were before, to be taken back. */
function rememberLists(state: State, index: number): void {
  const { order, washes, dusty, trail } = state;
  if (!trail) return;
  const [orders, washed, dusts] = [order.length, washes.length, dusty.length];
  trail.push(() => {
    order.length = orders;
    washes.length = washed;
    dusty.length = dusts;
    state.placed[index] = undefined;
  });
}

/** Puts a wash in; `owner` is the activity it goes with. */
function commitWash(state: State, wash: Wash, owner: number): void {
  takeWash(state, wash, owner);
  for (const { unit, before } of wash.because) cleanSurface(state, wash, unit, before);
}

/** Takes the time of a wash: the cook's, the sink's and the machine's. */
export function takeWash(state: State, wash: Wash, owner: number): void {
  const { washes, trail } = state;
  washes.push(wash);
  takeTime(state, wash.cook, wash.startMin, wash.endMin, owner);
  state.sink.add(wash.startMin, wash.endMin, owner);
  trail?.push(() => state.sink.remove(wash.startMin));
  if (wash.machineUntilMin === undefined) return;
  state.machine.add(wash.startMin, wash.machineUntilMin, owner);
  trail?.push(() => state.machine.remove(wash.startMin));
}

/** A unit, or the washing cook's hands (−1), is washed for what comes next. */
export function cleanSurface(state: State, wash: Wash, unit: number, before: number): void {
  useSurface(state, unit >= 0 ? state.units[unit]! : state.hands[wash.cook]!, {
    start: wash.startMin,
    end: unit >= 0 ? (wash.machineUntilMin ?? wash.endMin) : wash.endMin,
    activity: before,
    demand: state.prepared.nothing,
    isWash: true,
  });
}

/** Takes what it needs to put something away: a place, and the time of whoever does it. */
function takeRest(state: State, rest: Rest): void {
  const { from, next, pool, placeFromMin, isShared, endMin, put, take } = rest;
  const there = state.rests[from]!;
  there.set(next, rest);
  state.trail?.push(() => there.delete(next));
  if (put && !isShared) takeTime(state, put.cook, put.startMin, put.endMin, from);
  if (take) takeTime(state, take.cook, take.startMin, take.endMin, next < 0 ? from : next);
  if (placeFromMin < endMin) takePool(state, pool, { start: placeFromMin, end: endMin, places: 1, activity: from });
}

function takePool(state: State, pool: number, place: Taken): void {
  const taken = state.taken[pool]!;
  const before = taken.length;
  state.trail?.push(() => {
    taken.length = before;
  });
  taken.push(place);
}

function takePlaces(state: State, index: number, start: number, end: number): void {
  const { takes } = wayOf(state, index);
  for (let pool = 0; pool < takes.length; pool++) {
    if (takes[pool] === 0) continue;
    takePool(state, pool, { start, end, places: takes[pool]!, activity: index });
  }
}

/** What is asked of an activity's food is asked of everything it is made from. */
function askOfFood(state: State, index: number, asked: State['food'][number]): void {
  const { prepared, trail } = state;
  for (const link of prepared.problem.activities[index]!.before) {
    const food = state.food[link.activity]!;
    trail?.push(() => {
      state.food[link.activity] = food;
      state.waiting[link.activity]!++;
    });
    if (asked !== prepared.nothing && !link.isOrder) state.food[link.activity] = withDemand(state, food, asked);
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
  if (left > 1) surface.holdUntil(hold, start, end);
  else surface.release(hold, start);
}
