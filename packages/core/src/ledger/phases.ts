import type { Plan, PlannedOven, PlannedStep } from '../model/index.ts';

/** Which loads an oven is turned to a heat for, and which heat a load bakes at: as it is planned. */
export interface OvenPhases {
  readonly phaseOf: (load: PlannedStep) => PlannedOven | undefined;
  readonly loadsOf: (phase: PlannedOven) => readonly PlannedStep[];
}

const isIn = (load: PlannedStep, phase: PlannedOven): boolean =>
  load.racks.length > 0 && load.oven === phase.oven && load.startMin >= phase.endMin && load.endMin <= phase.untilMin;

export function ovenPhases({ tasks }: Pick<Plan, 'tasks'>): OvenPhases {
  const phases = tasks.filter((task): task is PlannedOven => task.kind === 'oven');
  const loads = tasks.filter((task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0);
  return {
    phaseOf: (load) => phases.find((phase) => isIn(load, phase)),
    loadsOf: (phase) => loads.filter((load) => isIn(load, phase)),
  };
}
