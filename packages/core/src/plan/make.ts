import {
  basisOf,
  type GuestId,
  type Occasion,
  type Plan,
  type PlannedBatch,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
  numberedTask,
  type TaskId,
  inTime,
} from '../model/index.ts';
import { fit, type FitTable } from '../fit/index.ts';
import {
  effortPerSecond,
  isStuck,
  lowerBoundMin,
  provenClash,
  solve,
  type Heat,
  type Placed,
  type Problem,
  type Timetable,
  type Wash,
} from '../schedule/index.ts';
import { tasksOf, type Task, type TaskNetwork } from '../tasks/index.ts';
import { compile, marks, usableWays } from './compile.ts';
import { explainClash, explainStuck, type NoPlan } from './explain.ts';
import { whatFrees } from './freeing.ts';
import { wishesInConflict } from './wishes.ts';

export interface PlanOptions {
  readonly seed?: number;
  /** How much to look for, in seconds of an ordinary machine; the same number gives the same plan on any. */
  readonly seconds?: number;
  /** A plan to begin from, of an occasion much like this one: what can stay as it is stays. */
  readonly from?: Plan | undefined;
}

export type PlanEvent =
  { readonly kind: 'found'; readonly plan: Plan } | { readonly kind: 'progress'; readonly share: number };

export type PlanResult =
  { readonly kind: 'plan'; readonly plan: Plan } | { readonly kind: 'none'; readonly reason: NoPlan };

/**
 * Plans an occasion: yields every better plan as it is found, and progress; returns the best or why there is none.
 * Work is counted, not timed: the same occasion and seed give the same plan to the minute.
 */
export function* planning(
  occasion: Occasion,
  options: PlanOptions = {},
  table: FitTable = fit(occasion),
): Generator<PlanEvent, PlanResult> {
  const { seed = 1, seconds = 2, from } = options;
  const network = tasksOf(occasion, table);
  if (network.tasks.length === 0) {
    return {
      kind: 'none',
      reason: {
        what: 'There is nothing to plan yet.',
        why: 'No dish on the menu is eaten by anybody.',
        tryThis: 'Add guests and dishes.',
        proven: true,
      },
    };
  }
  const problem = compile(occasion, network);
  const clash = provenClash(problem);
  if (clash)
    return { kind: 'none', reason: wishesInConflict(occasion, network) ?? explainClash(occasion, network, clash) };
  const bound = lowerBoundMin(problem);
  const search = solve(problem, {
    seed,
    effort: seconds * effortPerSecond,
    from: from && orderOf(occasion, network.tasks, problem, from),
  });
  for (;;) {
    const next = search.next();
    if (next.done) {
      if (isStuck(next.value)) {
        const wished = wishesInConflict(occasion, network);
        if (wished) return { kind: 'none', reason: wished };
        const reason = explainStuck(occasion, network, next.value);
        const freed = whatFrees(occasion, network, next.value);
        return { kind: 'none', reason: freed ? { ...reason, tryThis: freed } : reason };
      }
      return { kind: 'plan', plan: toPlan(occasion, network, problem, next.value, seed, bound) };
    }
    if (next.value.kind === 'found')
      yield { kind: 'found', plan: toPlan(occasion, network, problem, next.value.timetable, seed, bound) };
    else yield { kind: 'progress', share: next.value.share };
  }
}

/** Plans an occasion to the end. */
export function makePlan(occasion: Occasion, options: PlanOptions = {}): PlanResult {
  const run = planning(occasion, options);
  for (;;) {
    const next = run.next();
    if (next.done) return next.value;
  }
}

function toPlan(
  occasion: Occasion,
  network: TaskNetwork,
  problem: Problem,
  timetable: Timetable,
  seed: number,
  lowerBound: number,
): Plan {
  const steps = timetable.placed.map((each) => stepOf(occasion, network.tasks[each.activity]!, each));
  const washes = timetable.washes.map((wash, index) =>
    washOf(occasion, network, problem, wash, numberedTask('wash', index + 1)),
  );
  const ovens = timetable.heats.map((heat, index) => ovenOf(heat, numberedTask('oven', index + 1)));
  return {
    format: 'lupin.plan/2',
    occasion: occasion.id,
    basis: basisOf(occasion),
    seed,
    batches: batchesOf(network),
    tasks: inTime([...steps, ...washes, ...ovens]),
    lowerBoundMin: lowerBound,
  };
}

/** The batches as a plan names them. */
export const batchesOf = (network: TaskNetwork): PlannedBatch[] =>
  network.batches.map((batch): PlannedBatch => ({
    id: batch.id,
    dish: batch.dish,
    versions: [...batch.versions],
    ...(batch.base ? { base: batch.base } : {}),
    portions: Math.round(batch.portions * 100) / 100,
    ...(batch.into.length > 0
      ? {
          component: {
            recipe: batch.recipe.id,
            into: batch.into.flatMap(({ dish, versions, part }) =>
              versions.map((version) => ({ dish, version, path: [...part.path] })),
            ),
          },
        }
      : {}),
  }));

export function stepOf(occasion: Occasion, task: Task, each: Placed): PlannedStep {
  const { kit, cooks } = occasion.kitchen;
  const way = usableWays(occasion, task)[each.way]!;
  return {
    kind: 'step',
    id: task.id,
    startMin: each.startMin,
    endMin: each.endMin,
    batch: task.batch,
    step: task.step.id,
    ...(each.cook >= 0 ? { cook: cooks[each.cook]!.id } : {}),
    units: each.units.map((unit) => kit[unit]!.id),
    oven: Math.max(0, each.oven),
    racks: [...each.racks],
    ...(way.id ? { way: way.id } : {}),
    bentC: way.bentC,
    looks: each.looks.map((point) => ({
      look: way.looks[point.index]!.id,
      startMin: point.startMin,
      endMin: point.endMin,
      cook: cooks[point.cook]!.id,
      what: way.looks[point.index]!.what,
    })),
  };
}

export function washOf(
  occasion: Occasion,
  network: TaskNetwork,
  problem: Problem,
  wash: Wash,
  id: TaskId,
): PlannedWash {
  const { kit, cooks } = occasion.kitchen;
  return {
    kind: 'wash',
    id,
    startMin: wash.startMin,
    endMin: wash.endMin,
    cook: cooks[wash.cook]!.id,
    units: wash.units.map((unit) => kit[unit]!.id),
    ...(wash.machineUntilMin === undefined ? {} : { machineUntilMin: wash.machineUntilMin }),
    hands: true,
    because: wash.because.map(({ unit, marks: found, before }) => ({
      unit: unit >= 0 ? kit[unit]!.id : ('hands' as const),
      hazards: found.map((mark) => marks[mark]!),
      before: problem.activities[before]!.id as TaskId,
      guests: guestsBehind(network, problem.activities[before]!.id as TaskId, found),
    })),
  };
}

export const ovenOf = (heat: Heat, id: TaskId): PlannedOven => ({
  kind: 'oven',
  id,
  oven: heat.oven,
  startMin: heat.startMin,
  endMin: heat.readyMin,
  untilMin: heat.untilMin,
  temperatureC: heat.temperatureC,
});

/** For whom a wash before this task is: the guests its own guards name; where it only hands the demand on, those of its batch. */
function guestsBehind(network: TaskNetwork, task: TaskId, found: readonly number[]): GuestId[] {
  const names = new Set(found.map((mark) => marks[mark]!));
  const own = (network.tasks.find((each) => each.id === task)?.guards ?? [])
    .filter((guard) => names.has(guard.mark))
    .flatMap((guard) => guard.guests);
  return [...new Set(own)];
}

/**
 * The order of a plan's steps as the scheduler takes it, those that stand for what was before a day's middle last; undefined where the
 * work is not the same any more.
 */
export function orderOf(
  occasion: Occasion,
  tasks: readonly (Task | undefined)[],
  { activities }: Problem,
  plan: Plan,
): { readonly line: Int32Array; readonly ways: Uint8Array } | undefined {
  const steps = new Map(plan.tasks.flatMap((task) => (task.kind === 'step' ? [[task.id, task] as const] : [])));
  if (tasks.some((task) => task && !steps.has(task.id))) return undefined;
  const line = tasks
    .map((task, index) => ({ index, step: task && steps.get(task.id)! }))
    .sort((a, b) =>
      a.step && b.step
        ? b.step.endMin - a.step.endMin || b.step.startMin - a.step.startMin
        : Number(!a.step) - Number(!b.step),
    );
  const ways = tasks.map((task, at) =>
    task && activities[at]!.ways.length > 1
      ? Math.max(
          0,
          usableWays(occasion, task).findIndex(
            (way) => way.id === steps.get(task.id)!.way && way.bentC === steps.get(task.id)!.bentC,
          ),
        )
      : 0,
  );
  return { line: Int32Array.from(line, (each) => each.index), ways: Uint8Array.from(ways) };
}
