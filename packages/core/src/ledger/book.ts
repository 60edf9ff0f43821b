import {
  inTime,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedTask,
  type PlannedWash,
  type TaskId,
} from '../model/index.ts';
import { tasksById, wayOf, type Task, type TaskNetwork, type Way } from '../tasks/index.ts';
import { ovenPhases, type OvenPhases } from './phases.ts';

/** A planned step with what is known of it: its task, and the way it is done; undefined where the occasion knows neither any more. */
export interface BookedStep {
  readonly planned: PlannedStep;
  readonly task: Task | undefined;
  readonly way: Way | undefined;
}

/** A plan read for its resources: everything in time order. */
export interface Book {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly planned: readonly PlannedTask[];
  readonly steps: readonly BookedStep[];
  readonly washes: readonly PlannedWash[];
  readonly phases: readonly PlannedOven[];
  readonly heats: OvenPhases;
  /** The step of this id; undefined for a wash or an oven. */
  readonly stepOf: (id: TaskId) => BookedStep | undefined;
  readonly phaseOf: (id: TaskId) => PlannedOven | undefined;
}

export function bookOf(
  occasion: Occasion,
  network: TaskNetwork,
  plan: Plan,
  heats: OvenPhases = ovenPhases(plan),
): Book {
  const planned = inTime(plan.tasks);
  const tasks = tasksById(network);
  const steps = planned.flatMap((each): BookedStep[] => {
    if (each.kind !== 'step') return [];
    const task = tasks.get(each.id);
    return [{ planned: each, task, way: task && wayOf(task, each) }];
  });
  const phases = planned.filter((each): each is PlannedOven => each.kind === 'oven');
  const byId = new Map(steps.map((step) => [step.planned.id, step]));
  const phaseById = new Map(phases.map((phase) => [phase.id, phase]));
  return {
    occasion,
    plan,
    planned,
    steps,
    washes: planned.filter((each): each is PlannedWash => each.kind === 'wash'),
    phases,
    heats,
    stepOf: (id) => byId.get(id),
    phaseOf: (id) => phaseById.get(id),
  };
}
