import type { Plan, PlannedOven, PlannedStep, TaskId } from '../model/index.ts';

/** Which loads an oven is turned to a heat for, and which heat a load bakes at: as it was planned, whenever either really is. */
export interface OvenPhases {
  readonly phaseOf: (load: TaskId) => TaskId | undefined;
  readonly loadsOf: (phase: TaskId) => readonly TaskId[];
  /** What the oven is turned to for a load, in °C. */
  readonly heatOf: (load: TaskId) => number | undefined;
}

const isIn = (load: PlannedStep, phase: PlannedOven): boolean =>
  load.racks.length > 0 && load.oven === phase.oven && load.startMin >= phase.endMin && load.endMin <= phase.untilMin;

/** From a plan in which every load lies within its heat. */
export function ovenPhases({ tasks }: Pick<Plan, 'tasks'>): OvenPhases {
  const phases = tasks.filter((task): task is PlannedOven => task.kind === 'oven');
  const phaseOf = new Map<TaskId, TaskId>();
  const loadsOf = new Map<TaskId, TaskId[]>();
  for (const load of tasks) {
    const phase = load.kind === 'step' && load.racks.length > 0 ? phases.find((each) => isIn(load, each)) : undefined;
    if (!phase) continue;
    phaseOf.set(load.id, phase.id);
    loadsOf.set(phase.id, [...(loadsOf.get(phase.id) ?? []), load.id]);
  }
  const heats = new Map(phases.map(({ id, temperatureC }) => [id, temperatureC]));
  return {
    phaseOf: (load) => phaseOf.get(load),
    loadsOf: (phase) => loadsOf.get(phase) ?? [],
    heatOf: (load) => heats.get(phaseOf.get(load)!),
  };
}
