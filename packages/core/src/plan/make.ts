import { basisOf, type GuestId, type Occasion, type Plan, type PlannedBatch, type PlannedOven, type PlannedStep, type PlannedWash } from '../model/index.ts';
import { fit, type FitTable } from '../fit/index.ts';
import { effortPerSecond, isStuck, lowerBoundMin, solve, type Problem, type Stuck, type Timetable } from '../schedule/index.ts';
import { tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { compile, marks } from './compile.ts';

export interface PlanOptions {
  readonly seed?: number;
  /** How much to look for, in seconds of an ordinary machine; the same number gives the same plan on any. */
  readonly seconds?: number;
}

export type PlanEvent =
  | { readonly kind: 'found'; readonly plan: Plan }
  | { readonly kind: 'progress'; readonly share: number };

/** Why there is no plan, in a cook's words, and what would free it. */
export interface NoPlan {
  readonly what: string;
  readonly why: string;
  readonly tryThis: string;
  /** Whether it is certain that there is none; otherwise many orders of work were tried in vain. */
  readonly proven: boolean;
}

export type PlanResult = { readonly kind: 'plan'; readonly plan: Plan } | { readonly kind: 'none'; readonly reason: NoPlan };

/**
 * Plans an occasion: yields every better plan as it is found, and progress; returns the best or why there is none.
 * Work is counted, not timed: the same occasion and seed give the same plan to the minute.
 */
export function* planning(occasion: Occasion, options: PlanOptions = {}, table: FitTable = fit(occasion)): Generator<PlanEvent, PlanResult> {
  const { seed = 1, seconds = 2 } = options;
  const network = tasksOf(occasion, table);
  if (network.tasks.length === 0) {
    return { kind: 'none', reason: { what: 'There is nothing to plan yet.', why: 'No dish on the menu is eaten by anybody.', tryThis: 'Add guests and dishes.', proven: true } };
  }
  const lacking = missingKit(occasion, network);
  if (lacking) return { kind: 'none', reason: lacking };
  const problem = compile(occasion, network);
  const bound = lowerBoundMin(problem);
  const search = solve(problem, { seed, effort: seconds * effortPerSecond });
  for (;;) {
    const next = search.next();
    if (next.done) {
      if (isStuck(next.value)) return { kind: 'none', reason: explain(occasion, network, next.value) };
      return { kind: 'plan', plan: toPlan(occasion, network, problem, next.value, seed, bound) };
    }
    if (next.value.kind === 'found') yield { kind: 'found', plan: toPlan(occasion, network, problem, next.value.timetable, seed, bound) };
    else yield { kind: 'progress', share: next.value.share };
  }
}

/** Kit that a step needs more of than the kitchen has: no order of work can help. */
function missingKit(occasion: Occasion, network: TaskNetwork): NoPlan | undefined {
  for (const task of network.tasks) {
    for (const kind of new Set(task.kit.map((use) => use.kind))) {
      const wanted = task.kit.filter((use) => use.kind === kind).length;
      const there = occasion.kitchen.kit.filter((unit) => unit.kind === kind).length;
      if (there < wanted) {
        const name = kind.replaceAll('-', ' ');
        return { what: `“${task.title}” finds no place.`, why: `It needs ${wanted === 1 ? `a ${name}` : `${wanted} of ${name}`}; the kitchen has ${there === 0 ? 'none' : there}.`, tryThis: `Add a ${name} to the kitchen, or take the dish off the menu.`, proven: true };
      }
    }
  }
  return undefined;
}

/** Plans an occasion to the end. */
export function makePlan(occasion: Occasion, options: PlanOptions = {}): PlanResult {
  const run = planning(occasion, options);
  for (;;) {
    const next = run.next();
    if (next.done) return next.value;
  }
}

function toPlan(occasion: Occasion, network: TaskNetwork, problem: Problem, timetable: Timetable, seed: number, lowerBound: number): Plan {
  const { kitchen } = occasion;
  const unitId = (index: number) => kitchen.kit[index]!.id;
  const cookId = (index: number) => kitchen.cooks[index]!.id;
  const batches = network.batches.map((batch): PlannedBatch => ({
    id: batch.id,
    dish: batch.dish,
    versions: [...batch.versions],
    ...(batch.base ? { base: batch.base } : {}),
    portions: Math.round(batch.portions * 100) / 100,
  }));
  const steps = timetable.placed.map((each): PlannedStep => {
    const task = network.tasks[each.activity]!;
    return {
      kind: 'step',
      id: task.id,
      startMin: each.startMin,
      endMin: each.endMin,
      batch: task.batch,
      step: task.step.id,
      ...(each.worker >= 0 ? { cook: cookId(each.worker) } : {}),
      units: each.units.map(unitId),
      racks: [...each.shelves],
      attention: each.attention.map((point) => ({ startMin: point.startMin, endMin: point.endMin, cook: cookId(point.worker), what: task.attention[point.index]!.what })),
    };
  });
  const washes = timetable.washes.map((wash, index): PlannedWash => ({
    kind: 'wash',
    id: `wash-${index + 1}`,
    startMin: wash.startMin,
    endMin: wash.endMin,
    cook: cookId(wash.worker),
    units: wash.units.map(unitId),
    because: wash.because.map(({ unit, marks: found, before }) => ({
      unit: unit >= 0 ? unitId(unit) : 'hands',
      hazards: found.map((mark) => marks[mark]!),
      before: problem.activities[before]!.id,
      guests: guestsBehind(network, before, found),
    })),
  }));
  const ovens = timetable.heats.map((heat, index): PlannedOven => ({
    kind: 'oven', id: `oven-${index + 1}`, startMin: heat.startMin, endMin: heat.readyMin, untilMin: heat.untilMin, temperatureC: heat.temperatureC,
  }));
  const tasks = [...steps, ...washes, ...ovens].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin || (a.id < b.id ? -1 : 1));
  return { format: 'lupin.plan/1', occasion: occasion.id, basis: basisOf(occasion), seed, batches, tasks, lowerBoundMin: lowerBound };
}

/** For whom a wash before this task is: the guests its own guards name; where it only hands the demand on, those of its batch. */
function guestsBehind(network: TaskNetwork, task: number, found: readonly number[]): GuestId[] {
  const names = new Set(found.map((mark) => marks[mark]!));
  const own = network.tasks[task]!.guards.filter((guard) => names.has(guard.mark)).flatMap((guard) => guard.guests);
  return [...new Set(own)];
}

function explain(occasion: Occasion, network: TaskNetwork, stuck: Stuck): NoPlan {
  const task = network.tasks[stuck.activity];
  const what = task ? `“${task.title}” finds no place.` : 'The steps wait for each other.';
  const kinds = task ? [...new Set(task.kit.map((use) => use.kind))].join(', ') : '';
  switch (stuck.why) {
    case 'no-worker':
      return { what, why: 'No cook is free, and in the kitchen, when it must be done.', tryThis: 'Give a cook more time in the kitchen, ask a helper, or serve later.', proven: false };
    case 'no-unit':
      return { what, why: `There is not enough kit of its kinds: ${kinds}.`, tryThis: 'Add a piece to the kitchen, or take a dish off the menu.', proven: false };
    case 'no-clean-unit':
      return { what, why: `Of ${kinds}, no piece can be clean enough for those who eat it.`, tryThis: 'Add one that comes clean with hot water and detergent, or keep one for what is free-from.', proven: false };
    case 'wait-too-long':
      return { what, why: 'It would have to wait longer for the next step than the recipe allows.', tryThis: 'Another cook or burner, or serve a course later.', proven: false };
    case 'too-early':
      return { what, why: 'It would have to be done before the time it may begin.', tryThis: 'Let it begin earlier, or serve later.', proven: false };
    case 'dust':
      return { what, why: 'Flour would be in the air over food that must stay free from it.', tryThis: 'Do the dusty work the evening before, or use a flour that they may have.', proven: false };
    case 'stands-too-long':
      return { what, why: 'It would be ready longer before serving than it can stand.', tryThis: 'Serve a course later, or take a dish off the menu.', proven: false };
    case 'no-chamber':
      return { what, why: 'The oven has no room at the right temperature.', tryThis: 'Serve a course later, or choose a dish for the hob.', proven: false };
    case 'no-flame':
      return { what, why: `All ${occasion.kitchen.burners} burners are taken.`, tryThis: 'Choose a dish for the oven, or serve a course later.', proven: false };
    case 'circular':
      return { what, why: 'Kit is held by dishes that wait for each other.', tryThis: 'Add a pan or a bowl to the kitchen.', proven: false };
    default:
      return stuck.why satisfies never;
  }
}
