import { rules } from '../reference/index.ts';
import {
  basisOf,
  inTime,
  moreTasks,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedTask,
  type TaskId,
} from '../model/index.ts';
import { fit } from '../fit/index.ts';
import { effortPerSecond, isStuck, provenClash, solve, type Heat, type Timetable } from '../schedule/index.ts';
import { kitchenOf, type Standpoint } from '../state/index.ts';
import { tasksById, tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { batchesOf, knownOf, ovenOf, stepsOf, washOf } from './make.ts';
import { restOf, type Rest } from './resume.ts';
import { restMoved, withTakers } from './takes.ts';

export interface RestOptions {
  readonly seed?: number;
  /** How much to look for after the first plan, in seconds of an ordinary machine. */
  readonly seconds?: number;
  /** How many places to look at for a first plan, where the plan at hand leads to none, before it is given up. */
  readonly firstEffort?: number;
  /** How many places to look at to go on from the plan at hand. */
  readonly repairEffort?: number;
  /** Food that has been begun may wait and stand longer than its recipe likes; the audit says so. */
  readonly patient?: boolean;
  /** The plan to go on from, what has been at its real times in it; absent: that of the standpoint. */
  readonly from?: Plan | undefined;
}

/**
 * Plans what is left of a day from a moment on. First the plan at hand with as little changed as can be, then ever better ones; what has
 * been is at its real times in each. Returns the best, or undefined where none was found.
 */
export function* planningRest(
  occasion: Occasion,
  standpoint: Standpoint,
  { seed = 1, seconds = 0.1, firstEffort, repairEffort, patient = false, from = standpoint.plan }: RestOptions = {},
  network: TaskNetwork = tasksOf(occasion, fit(occasion), standpoint.plan.batches),
): Generator<Plan | undefined, Plan | undefined> {
  const rest = restOf(occasion, network, kitchenOf(occasion, network, standpoint), patient);
  if (rest.tasks.length === 0) return { ...standpoint.plan, basis: basisOf(occasion) };
  if (provenClash(rest.problem)) return undefined;
  const search = solve(rest.problem, {
    seed,
    effort: seconds * effortPerSecond,
    ...(firstEffort === undefined ? {} : { firstEffort }),
    ...(repairEffort === undefined ? {} : { repairEffort }),
    from: knownOf(occasion, rest.tasks, from, standpoint.nowMin),
  });
  for (;;) {
    const next = search.next();
    if (next.done)
      return isStuck(next.value) ? undefined : whole(occasion, network, rest, standpoint, next.value.timetable, seed);
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
  standpoint: Standpoint,
  timetable: Timetable,
  seed: number,
): Plan {
  const { plan, done, running } = standpoint;
  const taken = plan.tasks.map((task) => task.id);
  const nextWash = moreTasks('wash', taken);
  const coming = stepsOf(occasion, network, rest.tasks, timetable.placed);
  const been = withFood(
    network,
    standpoint,
    plan.tasks.filter((task) => done.has(task.id) || running.has(task.id)),
    coming,
  );
  const known = new Set(network.batches.map((batch) => batch.id));
  const gone = plan.batches.filter(
    (batch) => !known.has(batch.id) && been.some((task) => task.kind === 'step' && task.batch === batch.id),
  );
  return {
    format: plan.format,
    occasion: occasion.id,
    basis: basisOf(occasion),
    seed,
    batches: [...batchesOf(network), ...gone],
    tasks: inTime(
      withTakers(
        occasion,
        [
          ...been.filter((task) => task.kind !== 'oven'),
          ...coming,
          ...timetable.washes.map((wash) => washOf(occasion, network, rest.problem, wash, nextWash())),
          ...heatsOf(standpoint, timetable.heats, been),
        ],
        (id) => done.has(id),
      ),
    ),
    lowerBoundMin: plan.lowerBoundMin,
  };
}

/**
 * What has been, with its food where it waits for what is to come: what chills stays there until then, what is put away is taken out as long
 * before as it was to be, what was to be put away still is.
 */
function withFood(
  network: TaskNetwork,
  { plan, done, running, nowMin }: Standpoint,
  been: readonly PlannedTask[],
  coming: readonly PlannedStep[],
): readonly PlannedTask[] {
  const startOf = new Map(coming.map((step) => [step.id, step.startMin]));
  const wasAt = new Map(plan.tasks.map((task) => [task.id, task.startMin]));
  const tasks = tasksById(network);
  const isIn = (id: TaskId) => done.has(id) || running.has(id);
  const laterBy = (id: TaskId) => (startOf.get(id) ?? wasAt.get(id) ?? 0) - (wasAt.get(id) ?? startOf.get(id) ?? 0);
  const moved = (rest: PlannedStep) =>
    restMoved(rest, running.has(rest.id) ? rest.startMin : Math.max(nowMin, rest.startMin), laterBy);
  const staying = been.map((task): PlannedTask => {
    if (task.kind !== 'step') return task;
    if (task.rest) return done.has(task.id) ? task : moved(task);
    if (tasks.get(task.id)?.step.cold === undefined || task.way !== undefined) return task;
    const wanted = coming.filter((step) =>
      tasks.get(step.id)?.after.some((link) => link.task === task.id && link.shelter?.isThere),
    );
    return wanted.length > 0 ? { ...task, endMin: Math.max(...wanted.map((step) => step.startMin)) } : task;
  });
  const known = new Set([...been, ...coming].map((task) => task.id));
  const stillToBePutAway = plan.tasks.flatMap((task): PlannedTask[] =>
    task.kind === 'step' && task.rest && !known.has(task.id) && isIn(task.rest.after) ? [moved(task)] : [],
  );
  return [...staying, ...stillToBePutAway];
}

/** The times at which ovens are turned to something: those that have been, the one that goes on for as long as it is now wanted, and those to come. */
function heatsOf(
  { plan, nowMin }: Standpoint,
  heats: readonly Heat[],
  been: readonly PlannedTask[],
): readonly PlannedOven[] {
  const nextOven = moreTasks(
    'oven',
    plan.tasks.map((task) => task.id),
  );
  const kept = new Map(been.flatMap((task) => (task.kind === 'oven' ? [[task.id, task] as const] : [])));
  const goesOn = new Set<PlannedOven['id']>();
  const coming: PlannedOven[] = [];
  for (const heat of heats) {
    if (heat.temperatureC <= rules.roomC) continue;
    const standing = standingAt([...kept.values()], heat, nowMin);
    if (!standing) {
      coming.push(ovenOf(heat, nextOven()));
      continue;
    }
    goesOn.add(standing.id);
    kept.set(standing.id, {
      ...standing,
      endMin: Math.min(standing.endMin, Math.max(standing.startMin, heat.readyMin, nowMin)),
      untilMin: heat.untilMin,
    });
  }
  // What an oven was turned on for and is not used for any more ends now, or stays for another heat not far off.
  for (const [id, phase] of kept) {
    if (goesOn.has(id) || phase.untilMin <= nowMin) continue;
    if (phase.startMin >= nowMin || phase.endMin > nowMin) {
      kept.delete(id);
      continue;
    }
    const next = coming.find(({ oven }) => oven === phase.oven);
    const stays = next !== undefined && next.endMin - nowMin <= rules.ovenKeptOnMin;
    kept.set(id, { ...phase, untilMin: stays ? next.startMin : nowMin });
  }
  return [...kept.values(), ...coming];
}

/** The heat that an oven has now, where it goes on: what was begun before now, or is the same and not over yet. */
function standingAt(phases: readonly PlannedOven[], heat: Heat, nowMin: number): PlannedOven | undefined {
  const last = phases.filter((each) => each.oven === heat.oven && each.startMin <= nowMin).at(-1);
  const isSame = last !== undefined && last.temperatureC === heat.temperatureC && last.untilMin >= nowMin;
  return heat.startMin < nowMin || (isSame && heat.startMin <= nowMin) ? last : undefined;
}
