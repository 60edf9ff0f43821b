import { rules } from '../reference/index.ts';
import {
  basisOf,
  type Occasion,
  type Plan,
  type PlannedBatch,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
  moreTasks,
  type TaskId,
  inTime,
} from '../model/index.ts';
import { fit, type FitTable } from '../fit/index.ts';
import { effortPerSecond, isStuck, provenClash, solve, type Timetable } from '../schedule/index.ts';
import { tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { batchesOf, orderOf, ovenOf, stepOf, washOf } from './make.ts';
import { restOf, type Rest, type Standpoint } from './resume.ts';

export interface RestOptions {
  readonly seed?: number;
  /** How much to look for after the first plan, in seconds of an ordinary machine. */
  readonly seconds?: number;
  /** How many places to look at for a first plan before it is given up. */
  readonly firstEffort?: number;
  /** Food that has been begun may wait and stand longer than its recipe likes; the audit says so. */
  readonly patient?: boolean;
}

/** Plans what is left of a day from a moment on: yields every better plan, what has been at its real times in each; returns the best, or undefined where none was found. */
export function* planningRest(
  occasion: Occasion,
  standpoint: Standpoint,
  { seed = 1, seconds = 0.1, firstEffort, patient = false }: RestOptions = {},
  table: FitTable = fit(occasion),
): Generator<Plan | undefined, Plan | undefined> {
  const network = tasksOf(occasion, table);
  const rest = restOf(occasion, network, standpoint, patient);
  if (rest.problem.activities.every((_, index) => rest.taskOf[index] === undefined))
    return { ...standpoint.plan, basis: basisOf(occasion) };
  if (provenClash(rest.problem)) return undefined;
  const search = solve(rest.problem, {
    seed,
    effort: seconds * effortPerSecond,
    ...(firstEffort === undefined ? {} : { firstEffort }),
    from: orderOf(occasion, rest.taskOf, rest.problem, standpoint.plan),
  });
  for (;;) {
    const next = search.next();
    if (next.done)
      return isStuck(next.value) ? undefined : whole(occasion, network, rest, standpoint, next.value, seed);
    yield next.value.kind === 'found'
      ? whole(occasion, network, rest, standpoint, next.value.timetable, seed)
      : undefined;
  }
}

/** What was before, and what is planned from here on, as one plan. */
function whole(
  occasion: Occasion,
  network: TaskNetwork,
  rest: Rest,
  { plan, done, running, nowMin }: Standpoint,
  timetable: Timetable,
  seed: number,
): Plan {
  const old = new Map(plan.tasks.map((task) => [task.id, task]));
  const been = plan.tasks.filter((task) => done.has(task.id));
  const steps = timetable.placed.flatMap((each): PlannedStep[] => {
    const task = rest.taskOf[each.activity];
    if (!task) return [];
    const before = old.get(task.id);
    if (!running.has(task.id) || before?.kind !== 'step') return [stepOf(occasion, task, each)];
    const coming = before.looks.filter((one) => one.startMin >= nowMin);
    const looks = each.looks.map((point, at) => ({
      ...coming[at]!,
      startMin: point.startMin,
      endMin: point.endMin,
      cook: occasion.kitchen.cooks[point.cook]!.id,
    }));
    return [{ ...before, looks: [...before.looks.filter((one) => one.startMin < nowMin), ...looks] }];
  });
  const taken = plan.tasks.map((task) => task.id);
  const nextWash = moreTasks('wash', taken);
  const washes = timetable.washes.map((wash): PlannedWash => washOf(occasion, network, rest.problem, wash, nextWash()));
  const nextOven = moreTasks('oven', taken);
  const ovens: PlannedOven[] = [];
  const kept = new Map(been.flatMap((task) => (task.kind === 'oven' ? [[task.id, task] as const] : [])));
  const carriedOn = new Set<TaskId>();
  for (const heat of timetable.heats) {
    if (heat.temperatureC <= rules.roomC) continue;
    // A phase that began before now is the one that stands there.
    const standing =
      heat.startMin < nowMin
        ? [...kept.values()].filter((each) => each.oven === heat.oven && each.startMin <= nowMin).at(-1)
        : undefined;
    if (!standing) {
      ovens.push(ovenOf(heat, nextOven()));
      continue;
    }
    carriedOn.add(standing.id);
    kept.set(standing.id, {
      ...standing,
      temperatureC: heat.temperatureC,
      endMin: Math.min(standing.endMin, Math.max(standing.startMin, heat.readyMin, nowMin)),
      untilMin: heat.untilMin,
    });
  }
  // What an oven was turned on for and is not used for any more ends now.
  for (const [id, phase] of kept) {
    if (carriedOn.has(id) || phase.untilMin <= nowMin) continue;
    if (phase.startMin >= nowMin || phase.endMin > nowMin) kept.delete(id);
    else kept.set(id, { ...phase, untilMin: nowMin });
  }
  const known = new Set(network.batches.map((batch) => batch.id));
  const gone = plan.batches.filter(
    (batch): batch is PlannedBatch =>
      !known.has(batch.id) && been.some((task) => task.kind === 'step' && task.batch === batch.id),
  );
  const tasks = inTime([
    ...been.flatMap((task) => (task.kind === 'oven' ? (kept.get(task.id) ?? []) : task)),
    ...steps,
    ...washes,
    ...ovens,
  ]);
  return {
    format: 'lupin.plan/2',
    occasion: occasion.id,
    basis: basisOf(occasion),
    seed,
    batches: [...batchesOf(network), ...gone],
    tasks,
    lowerBoundMin: plan.lowerBoundMin,
  };
}
