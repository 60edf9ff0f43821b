import { Busy, mostAtOnce } from './busy.ts';
import { fits, heatsOf, type Load } from './chamber.ts';
import { addGuards, clashes, ExemptSets, meet, noDemand, type Demand } from './demands.ts';
import type { Activity, Carry, Guard, Placed, Problem, Score, Stuck, Timetable, Wash } from './problem.ts';

/** How an order is turned into a timetable: a lean for each activity (minutes by which it is preferred later), and how far a clean unit may be fetched from. */
export interface Leaning {
  readonly lean: Float64Array;
  /** Minutes by which an activity is put earlier than it could be, so that what comes before it finds room. */
  readonly early: Float64Array;
  /** A free unit that needs no wash is taken if it costs at most this many minutes. */
  readonly patienceMin: number;
}

interface UnitState {
  readonly demand: Demand;
  /** The start of the earliest use so far; what comes next must end before it. */
  front: number;
  firstUser: number;
  heldBy: string | undefined;
}

interface HandState {
  readonly demand: Demand;
  front: number;
  firstUser: number;
  /** Every use and wash of the hands so far, with what is asked of them just before it. */
  readonly uses: { readonly start: number; readonly demand: Demand }[];
}

interface Choice {
  readonly worker: number;
  readonly units: number[];
  readonly start: number;
  readonly end: number;
  readonly wash: Wash | undefined;
  readonly shelves: number[];
  readonly attention: Placed['attention'];
  readonly carries: readonly Carry[];
}

type Refusal = Pick<Stuck, 'why' | 'follower' | 'shortMin'>;

const horizon = -10_000;

/**
 * Builds one timetable from the serving backwards: again and again the activity that can end latest is placed, as late as
 * everything already placed allows. Demands ("no wheat from here on") travel backwards with it, so a wash is put in exactly
 * where a residue would otherwise reach somebody it must not. Same problem and leaning: same timetable.
 */
export function decode(problem: Problem, { lean, early, patienceMin }: Leaning): Timetable | Stuck {
  const sets = new ExemptSets();
  const { activities, units, workers, chamber } = problem;
  const unitStates = units.map((): UnitState => ({ demand: noDemand(problem.marks), front: Infinity, firstUser: -1, heldBy: undefined }));
  const handStates = workers.map((): HandState => ({ demand: noDemand(problem.marks), front: Infinity, firstUser: -1, uses: [] }));
  const busy = workers.map(() => new Busy());
  const sink = new Busy();
  const loads: Load[] = [];
  const flames: { start: number; end: number }[] = [];
  const placed: (Placed | undefined)[] = activities.map(() => undefined);
  const order: Placed[] = [];
  const washes: Wash[] = [];
  const foodDemand = activities.map(() => noDemand(problem.marks));
  const waiting = activities.map(() => 0);
  const successors: { activity: number; leastMin: number; mostMin: number }[][] = activities.map(() => []);
  activities.forEach((activity, index) => activity.before.forEach((link) => {
    successors[link.activity]!.push({ activity: index, leastMin: link.leastMin, mostMin: link.mostMin });
    waiting[link.activity]!++;
  }));
  const holdsLeft = new Map<string, number>();
  for (const activity of activities) for (const use of activity.uses) if (use.hold) holdsLeft.set(use.hold, (holdsLeft.get(use.hold) ?? 0) + 1);
  const heldUnit = new Map<string, number>();

  const latestBySuccessors = (index: number): number => {
    let latest = activities[index]!.dueMin ?? Infinity;
    for (const next of successors[index]!) latest = Math.min(latest, placed[next.activity]!.startMin - next.leastMin);
    return latest - early[index]!;
  };

  /** Before this its followers, or the table, cannot wait for it. */
  const earliestEnd = (index: number): number => {
    const { dueMin, mostHoldMin } = activities[index]!;
    let earliest = dueMin !== undefined && mostHoldMin !== undefined ? dueMin - mostHoldMin : -Infinity;
    for (const next of successors[index]!) earliest = Math.max(earliest, placed[next.activity]!.startMin - next.mostMin);
    return earliest;
  };

  const freeWorker = (worker: number, start: number, end: number): number | undefined => {
    const clash = busy[worker]!.clash(start, end);
    if (clash !== undefined) return clash;
    const window = workers[worker]!.windows.find((each) => each.fromMin <= start && each.toMin >= end);
    if (window) return undefined;
    // Outside every window: the next try ends where the latest window that lies early enough ends.
    const earlier = workers[worker]!.windows.filter((each) => each.toMin < end).map((each) => each.toMin);
    return Math.max(horizon, ...earlier);
  };

  /** The latest start of a free stretch for a worker that ends by `limit`, or undefined. */
  const latestFree = (worker: number, duration: number, limit: number, extra?: Busy): number | undefined => {
    let end = limit;
    while (end > horizon) {
      const start = end - duration;
      const clash = freeWorker(worker, start, end) ?? extra?.clash(start, end);
      if (clash === undefined) return start;
      end = clash;
    }
    return undefined;
  };

  const dustClash = (activity: Activity, start: number, end: number): number | undefined => {
    for (const other of order) {
      const there = activities[other.activity]!;
      if (activity.dust.length > 0 && there.handsOn && other.startMin < end + problem.settleMin && other.endMin > start && hits(activity.dust, there.guards)) return other.startMin - problem.settleMin;
      if (there.dust.length > 0 && activity.handsOn && other.startMin < end && other.endMin + problem.settleMin > start && hits(there.dust, activity.guards)) return other.startMin;
    }
    return undefined;
  };

  const shelfChoice = (activity: Activity, index: number, start: number, end: number): number[] | undefined => {
    const use = activity.chamber!;
    const options = use.shelves >= chamber.shelves ? [Array.from({ length: chamber.shelves }, (_, i) => i)] : Array.from({ length: chamber.shelves }, (_, i) => [i]);
    for (const shelves of options) {
      const load: Load = { start, end, use, shelves, activity: index };
      const overlapping = loads.filter((each) => each.start < end && each.end > start);
      if (overlapping.some((each) => each.shelves.some((shelf) => shelves.includes(shelf)))) continue;
      // Shelf 0 is the top: what drips from an uncovered load above must not be what the one below is guarded from.
      const drips = overlapping.some((each) => {
        const theirs = activities[each.activity]!;
        const above = Math.min(...shelves) < Math.min(...each.shelves);
        return above ? !use.covered && hits(activity.carries, theirs.guards) : !each.use.covered && hits(theirs.carries, activity.guards);
      });
      if (drips) continue;
      if (fits([...loads, load], chamber)) return shelves;
    }
    return undefined;
  };

  /** Where a load overlaps one whose temperature can never suit it, the start of that one: nothing later need be tried. */
  const beforeUnlike = (activity: Activity, start: number, end: number): number | undefined => {
    const use = activity.chamber!;
    const unlike = loads.filter((each) => each.start < end && each.end > start && (use.alone || each.use.alone || each.use.lowC > use.highC || each.use.highC < use.lowC));
    return unlike.length > 0 ? Math.min(...unlike.map((each) => each.start)) : undefined;
  };

  const pickUnits = (activity: Activity, carries: readonly Carry[], guardedFrom: readonly number[]): { units: number[]; dirty: Map<number, number[]> } | Stuck['why'] => {
    const chosen: number[] = [];
    const dirty = new Map<number, number[]>();
    for (const use of activity.uses) {
      const held = use.hold ? heldUnit.get(use.hold) : undefined;
      const candidates = held !== undefined ? [held] : units.flatMap((unit, index) => (unit.kind === use.kind && unitStates[index]!.heldBy === undefined && !chosen.includes(index) ? [index] : []));
      let best = -1;
      let bestCost = Infinity;
      let bestMarks: number[] = [];
      let blocked = false;
      for (const index of candidates) {
        const unit = units[index]!;
        const state = unitStates[index]!;
        if (carries.some(({ mark }) => unit.barred.includes(mark))) continue;
        // Kit with an unknown past that never comes clean is no kit for a guarded dish, unless it is kept apart for that.
        if (!unit.comesClean && guardedFrom.some((mark) => !unit.barred.includes(mark))) { blocked = true; continue; }
        const marks = clashes(carries, state.demand, sets);
        if (marks.length > 0 && (!unit.comesClean || held !== undefined)) { blocked = true; continue; }
        const cost = (marks.length > 0 ? patienceMin + unit.washMin : 0) - Math.min(state.front, 100_000);
        if (cost < bestCost) { best = index; bestCost = cost; bestMarks = marks; }
      }
      if (best < 0) return blocked ? 'no-clean-unit' : 'no-unit';
      chosen.push(best);
      if (bestMarks.length > 0) dirty.set(best, bestMarks);
    }
    return { units: chosen, dirty };
  };

  /** What is asked of everything that goes into this activity, its hands apart. */
  const askedBefore = (index: number, chosen: readonly number[], dirty: ReadonlyMap<number, unknown>): Demand => {
    const demand = foodDemand[index]!.slice();
    addGuards(demand, activities[index]!.guards, sets);
    for (const mark of activities[index]!.ends?.marks ?? []) demand[mark] = -1;
    for (const unit of chosen) if (!dirty.has(unit)) meet(demand, unitStates[unit]!.demand, sets);
    return demand;
  };

  /** What is asked of the hands by their next use at or after a moment. */
  const nextDemand = (hands: HandState, at: number): Demand => {
    let next: HandState['uses'][number] | undefined;
    for (const use of hands.uses) if (use.start >= at && (!next || use.start < next.start)) next = use;
    return next?.demand ?? noDemand(problem.marks);
  };

  /** Whether work can slip in between two uses of the same hands without a wash and without asking more of what came before. */
  const slipsIn = (hands: HandState, end: number, carries: readonly Carry[], asked: Demand): boolean => {
    const demand = nextDemand(hands, end);
    return clashes(carries, demand, sets).length === 0 && asked.every((set, mark) => set < 0 || (demand[mark]! >= 0 && sets.intersect(demand[mark]!, set) === demand[mark]!));
  };

  const previousUse = (hands: HandState, end: number): number => Math.max(horizon, ...hands.uses.filter((use) => use.start < end).map((use) => use.start));

  const tryPlace = (index: number, worker: number): Choice | Refusal => {
    const activity = activities[index]!;
    const guardedFrom = activity.guards.flatMap(({ mark }) => (mark === problem.unknownMark || problem.heatEnds.includes(mark) ? [] : [mark]));
    const picked = pickUnits(activity, activity.carries, guardedFrom);
    if (typeof picked === 'string') return { why: picked };
    // Such kit may also give off whatever it holds to what is used next.
    const carries = picked.units.some((unit) => !units[unit]!.comesClean && units[unit]!.barred.length === 0) ? [...activity.carries, { mark: problem.unknownMark, origin: -1 }] : activity.carries;
    if (carries !== activity.carries && clashes(carries, foodDemand[index]!, sets).includes(problem.unknownMark)) return { why: 'no-clean-unit' };
    let limit = latestBySuccessors(index);
    for (const unit of picked.units) if (!picked.dirty.has(unit)) limit = Math.min(limit, unitStates[unit]!.front);
    const handMarks = activity.handsOn ? clashes(carries, handStates[worker]!.demand, sets) : [];

    let wash: Wash | undefined;
    if (picked.dirty.size > 0 || handMarks.length > 0) {
      const because = [...picked.dirty].map(([unit, marks]) => ({ unit, marks, before: unitStates[unit]!.firstUser }));
      if (handMarks.length > 0) because.push({ unit: -1, marks: handMarks, before: handStates[worker]!.firstUser });
      const washLimit = Math.min(...[...picked.dirty.keys()].map((unit) => unitStates[unit]!.front), handMarks.length > 0 ? handStates[worker]!.front : Infinity);
      const duration = [...picked.dirty.keys()].reduce((sum, unit) => sum + units[unit]!.washMin, problem.handsMin);
      const washers = handMarks.length > 0 || activity.handsOn ? [worker] : workers.map((_, i) => i);
      let washStart: number | undefined;
      let washer = worker;
      for (const each of washers) {
        const start = latestFree(each, duration, washLimit, sink);
        if (start !== undefined && (washStart === undefined || start > washStart)) { washStart = start; washer = each; }
      }
      if (washStart === undefined) return { why: 'no-worker' };
      wash = { startMin: washStart, endMin: washStart + duration, worker: washer, units: [...picked.dirty.keys()], because };
      limit = Math.min(limit, washStart);
    }
    const asked = activity.handsOn ? askedBefore(index, picked.units, picked.dirty) : undefined;

    const washing = (who: number, start: number, end: number): number | undefined => (wash && wash.worker === who && wash.startMin < end && wash.endMin > start ? wash.startMin : undefined);
    let end = limit;
    let reason: Stuck['why'] = 'no-worker';
    for (let guard = 0; guard < 4000 && end > horizon; guard++) {
      const start = end - activity.durationMin;
      if (activity.handsOn) {
        const clash = freeWorker(worker, start, end) ?? washing(worker, start, end);
        if (clash !== undefined) { end = Math.min(clash, end - 1); reason = 'no-worker'; continue; }
        // Before all other work of these hands anything goes; between, only what changes nothing for them.
        if (end > handStates[worker]!.front && !slipsIn(handStates[worker]!, end, carries, asked!)) { end = previousUse(handStates[worker]!, end); reason = 'no-worker'; continue; }
      }
      const dusty = dustClash(activity, start, end);
      if (dusty !== undefined) { end = Math.min(dusty, end - 1); continue; }
      if (activity.flame && mostAtOnce(flames, start, end) >= problem.flames) { end -= 1; reason = 'no-flame'; continue; }
      let shelves: number[] = [];
      if (activity.chamber) {
        const found = shelfChoice(activity, index, start, end);
        if (!found) { end = beforeUnlike(activity, start, end) ?? end - 1; reason = 'no-chamber'; continue; }
        shelves = found;
      }
      const attention: Placed['attention'][number][] = [];
      const reachable = activity.attention.every((point, at) => {
        const from = start + point.atMin;
        const to = from + point.takesMin;
        const who = [worker, ...workers.keys()].find((each) => freeWorker(each, from, to) === undefined && washing(each, from, to) === undefined && !attention.some((one) => one.worker === each && one.startMin < to && one.endMin > from));
        if (who === undefined) return false;
        attention.push({ startMin: from, endMin: to, worker: who, index: at });
        return true;
      });
      if (!reachable) { end -= 1; reason = 'no-worker'; continue; }
      if (activity.dueMin !== undefined && activity.mostHoldMin !== undefined && activity.dueMin - end > activity.mostHoldMin) return { why: 'stands-too-long' };
      const late = successors[index]!.find((next) => placed[next.activity]!.startMin - end > next.mostMin);
      if (late) return { why: 'wait-too-long', follower: late.activity, shortMin: placed[late.activity]!.startMin - end - late.mostMin };
      return { worker: activity.handsOn ? worker : -1, units: picked.units, start, end, wash, shelves, attention, carries };
    }
    return { why: reason };
  };

  const commit = (index: number, choice: Choice): void => {
    const activity = activities[index]!;
    const demand = foodDemand[index]!;
    addGuards(demand, activity.guards, sets);
    if (choice.wash) {
      washes.push(choice.wash);
      busy[choice.wash.worker]!.add(choice.wash.startMin, choice.wash.endMin);
      sink.add(choice.wash.startMin, choice.wash.endMin);
      for (const { unit } of choice.wash.because) {
        if (unit >= 0) unitStates[unit]!.demand.fill(-1);
        else {
          handStates[choice.wash.worker]!.demand.fill(-1);
          handStates[choice.wash.worker]!.uses.push({ start: choice.wash.startMin, demand: noDemand(problem.marks) });
        }
      }
    }
    // Heat ends some marks: what went into this food before need not be free of them for the food's own sake.
    for (const mark of activity.ends?.marks ?? []) demand[mark] = -1;
    for (const unit of choice.units) meet(demand, unitStates[unit]!.demand, sets);
    const slipped = choice.worker >= 0 && choice.end > handStates[choice.worker]!.front;
    if (choice.worker >= 0 && !slipped) meet(demand, handStates[choice.worker]!.demand, sets);
    // Where nobody handles what is still raw, the kit it is heated in is freed as well.
    const freed = activity.ends?.kit ? activity.ends.marks : [];
    for (const mark of freed) demand[mark] = -1;
    activity.uses.forEach((use, at) => {
      const unit = choice.units[at]!;
      const state = unitStates[unit]!;
      meet(state.demand, demand, sets);
      for (const mark of freed) state.demand[mark] = -1;
      state.front = choice.start;
      state.firstUser = index;
      if (!use.hold) return;
      const left = holdsLeft.get(use.hold)! - 1;
      holdsLeft.set(use.hold, left);
      heldUnit.set(use.hold, unit);
      state.heldBy = left > 0 ? use.hold : undefined;
    });
    if (choice.worker >= 0) {
      const hands = handStates[choice.worker]!;
      busy[choice.worker]!.add(choice.start, choice.end);
      if (slipped) {
        hands.uses.push({ start: choice.start, demand: nextDemand(hands, choice.end) });
      } else {
        meet(hands.demand, demand, sets);
        hands.front = choice.start;
        hands.firstUser = index;
        hands.uses.push({ start: choice.start, demand: hands.demand.slice() });
      }
    }
    for (const point of choice.attention) busy[point.worker]!.add(point.startMin, point.endMin);
    if (activity.flame) flames.push({ start: choice.start, end: choice.end });
    if (activity.chamber) loads.push({ start: choice.start, end: choice.end, use: activity.chamber, shelves: choice.shelves, activity: index });
    const done: Placed = { activity: index, startMin: choice.start, endMin: choice.end, worker: choice.worker, units: choice.units, shelves: choice.shelves, attention: choice.attention };
    placed[index] = done;
    order.push(done);
    for (const link of activity.before) {
      meet(foodDemand[link.activity]!, demand, sets);
      waiting[link.activity]!--;
    }
  };

  for (let count = 0; count < activities.length; count++) {
    // What can be done last goes first; of what all could be done now by a pair of hands, that which can wait least.
    const now = Math.max(...handStates.map((hands) => hands.front));
    const eligible = activities
      .flatMap((activity, index) => {
        if (placed[index] !== undefined || waiting[index] !== 0) return [];
        const latest = latestBySuccessors(index);
        return [{ index, turn: (activity.handsOn ? Math.min(latest, now) : latest) + lean[index]!, earliest: earliestEnd(index) }];
      })
      .sort((a, b) => b.turn - a.turn || (a.earliest === b.earliest ? a.index - b.index : b.earliest - a.earliest))
      .map((each) => each.index);
    let stuck: Stuck | undefined;
    let done = false;
    // A unit may be held by food that waits for another step; then the next in line may go first.
    for (const index of eligible) {
      let best: Choice | undefined;
      let refusal: Refusal = { why: 'no-worker' };
      for (const worker of activities[index]!.handsOn ? workers.keys() : [0]) {
        const choice = tryPlace(index, worker);
        if ('why' in choice) { refusal = choice; continue; }
        const gain = best ? (choice.wash ? 1 : 0) - (best.wash ? 1 : 0) : 0;
        if (!best || (gain < 0 && choice.end > best.end - patienceMin) || (gain === 0 && choice.end > best.end) || (gain > 0 && choice.end > best.end + patienceMin)) best = choice;
      }
      if (best) { commit(index, best); done = true; break; }
      stuck ??= { activity: index, ...refusal };
      if (refusal.why !== 'no-unit' && refusal.why !== 'no-clean-unit') break;
    }

    if (!done) return stuck ?? { activity: activities.findIndex((_, index) => placed[index] === undefined), why: 'circular' };
  }
  return { placed: order, washes, heats: heatsOf(loads, chamber), score: scoreOf(problem, order, washes) };
}

function hits(carries: readonly Carry[], guards: readonly Guard[]): boolean {
  return carries.some(({ mark, origin }) => guards.some((guard) => guard.mark === mark && !guard.exempt.includes(origin)));
}

function scoreOf(problem: Problem, placed: readonly Placed[], washes: readonly Wash[]): Score {
  const { activities, dayStartsMin } = problem;
  const handsOn = placed.filter((each) => each.worker >= 0);
  const starts = handsOn.map((each) => each.startMin).filter((start) => start >= dayStartsMin);
  const dues = [...new Set(activities.flatMap((activity) => activity.dueMin ?? []))];
  const last = handsOn.reduce((sum, each) => sum + Math.max(0, Math.min(each.endMin, 0) - Math.max(each.startMin, -30)), 0);
  const held = placed.reduce((sum, each) => {
    const due = activities[each.activity]!.dueMin;
    return due === undefined ? sum : sum + (due - each.endMin);
  }, 0);
  const dayMin = starts.length > 0 ? Math.max(0, ...dues) - Math.min(...starts) : 0;
  return [washes.length, washes.reduce((sum, wash) => sum + wash.endMin - wash.startMin, 0), dayMin, last, held];
}
