import type { Plan, PlannedOven, PlannedStep, TaskId } from '../model/index.ts';

/** Which loads an oven is turned to a heat for, and which heat a load bakes at: as it was planned, whenever either really is. Data alone: a standpoint with it goes to a worker. */
export interface OvenPhases {
  /** By load. */
  readonly phaseOf: ReadonlyMap<TaskId, TaskId>;
  /** By phase. */
  readonly loadsOf: ReadonlyMap<TaskId, readonly TaskId[]>;
  /** What the oven is turned to for a load, in °C. */
  readonly heatOf: ReadonlyMap<TaskId, number>;
}

const isIn = (load: PlannedStep, phase: PlannedOven): boolean =>
  load.racks.length > 0 && load.oven === phase.oven && load.startMin >= phase.endMin && load.endMin <= phase.untilMin;

/** From a plan in which every load lies within its heat. */
export function ovenPhases({ tasks }: Pick<Plan, 'tasks'>): OvenPhases {
  const phases = tasks.filter((task): task is PlannedOven => task.kind === 'oven');
  const phaseOf = new Map<TaskId, TaskId>();
  const loadsOf = new Map<TaskId, TaskId[]>();
  const heatOf = new Map<TaskId, number>();
  for (const load of tasks) {
    const phase = load.kind === 'step' && load.racks.length > 0 ? phases.find((each) => isIn(load, each)) : undefined;
    if (!phase) continue;
    phaseOf.set(load.id, phase.id);
    loadsOf.set(phase.id, [...(loadsOf.get(phase.id) ?? []), load.id]);
    heatOf.set(load.id, phase.temperatureC);
  }
  return { phaseOf, loadsOf, heatOf };
}
