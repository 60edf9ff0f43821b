import { ovenPhases } from '../ledger/index.ts';
import { fit } from '../fit/index.ts';

import { happened, type Progress } from '../state/index.ts';
import { fromTriangle, seeded } from '../numbers/index.ts';
import {
  ovensOf,
  type Occasion,
  type Oven,
  type Plan,
  type PlannedStep,
  endingLook,
  laterLooks,
  entryOf,
} from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { tasksOf, type Task, type TaskNetwork } from '../tasks/index.ts';
import { coldCavity, stepCavity, tauOf, thereInMin, type CavityAction, type CavitySpec } from './cavity.ts';

/** What an oven says of itself. Temperatures in °C on the scale of its dial; null where it does not answer, or is off. */
export interface CavityReading {
  readonly kind: 'cavity';
  readonly device: string;
  readonly name: string;
  /** Its number in the kitchen; 0 is the main one. */
  readonly oven: number;
  readonly atMin: number;
  readonly setC: number | null;
  readonly shownC: number | null;
  readonly isHeating: boolean;
  readonly isOpen: boolean;
  /** Minutes until it shows what it is set to; null where it will not, or nobody can say. */
  readonly thereInMin: number | null;
  /** Since when it does not answer. */
  readonly silentSinceMin: number | null;
}

/** What a thermometer in food says. */
export interface ProbeReading {
  readonly kind: 'probe';
  readonly device: string;
  readonly name: string;
  readonly atMin: number;
  /** The planned step of what it is in; null: in nothing. */
  readonly task: string | null;
  readonly coreC: number | null;
  readonly silentSinceMin: number | null;
}
export type DeviceReading = CavityReading | ProbeReading;

export const cavityDevice = (oven: number): string => `cavity-${oven + 1}`;
export const probeDevice = (oven: number): string => `probe-${oven + 1}`;

const specOf = (oven: Oven): CavitySpec => ({
  heatsCPerMin: oven.heatsCPerMin ?? rules.ovenHeatsCPerMin,
  coolsCPerMin: oven.coolsCPerMin ?? rules.ovenCoolsCPerMin,
  offsetC: oven.offsetC,
});

/** A number in [0, 1) that a task has on a day: the same each time it is asked for. */
function lotOf(day: string, task: string): number {
  let hash = 0x811c9dc5;
  for (const letter of `${day}/${task}`) hash = Math.imul(hash ^ letter.charCodeAt(0), 0x01000193);
  return seeded(hash)();
}

/**
 * The ovens of a rehearsed day, and a probe in each: what they show follows from what was ticked (dials turned, food put in, looked at,
 * taken out) and from the faults that were asked for. Nothing is kept but the events, so a restart loses nothing; the same events give the same readings.
 */
export function rehearsedDevices(
  occasion: Occasion,
  plan: Plan,
  progress: Progress,
  nowMin: number,
  day: string,
  network: TaskNetwork = tasksOf(occasion, fit(occasion), plan.batches),
): readonly DeviceReading[] {
  const tasks = new Map(network.tasks.map((task) => [task.id, task]));
  const { plan: real } = happened(plan, progress, nowMin);
  const { heatOf } = ovenPhases(plan);
  return ovensOf(occasion.kitchen).flatMap((oven, number): DeviceReading[] => {
    if (oven.racks === 0) return [];
    const spec = specOf(oven);
    const loads = plan.tasks.filter(
      (task): task is PlannedStep =>
        task.kind === 'step' && task.racks.length > 0 && task.oven === number && progress.ticked.has(task.id),
    );
    const inside = new Map<string, number>();
    const actions: CavityAction[] = [];
    for (const turned of plan.tasks) {
      const tick = turned.kind === 'oven' && turned.oven === number ? progress.ticked.get(turned.id) : undefined;
      if (tick && turned.kind === 'oven')
        actions.push({ kind: 'dial', atMin: tick.atMin, dialC: turned.temperatureC - oven.offsetC });
    }
    // Its last load out, the oven is turned off.
    const offMin = Math.max(
      -Infinity,
      ...real.tasks.flatMap((task) => (task.kind === 'oven' && task.oven === number ? [task.untilMin] : [])),
    );
    if (offMin > -Infinity) actions.push({ kind: 'dial', atMin: offMin + 1, dialC: null });
    for (const load of loads) {
      const inMin = progress.ticked.get(load.id)!.atMin;
      const outMin = outAt(load, progress, inMin);
      const task = tasks.get(load.id);
      actions.push({
        kind: 'in',
        atMin: inMin,
        load: load.id,
        racks: load.racks.length,
        tauMin: tauOfLoad(load, task, lotOf(day, load.id), heatOf.get(load.id)),
      });
      for (const look of laterLooks(load)) {
        const seen = progress.ticked.get(entryOf(load, look));
        if (seen) actions.push({ kind: 'door', atMin: seen.atMin });
      }
      if (outMin <= nowMin) actions.push({ kind: 'out', atMin: outMin, load: load.id });
      else if (task?.step.coreC !== undefined) inside.set(load.id, load.endMin);
    }
    for (const { device, fault, atMin } of progress.faults)
      if (device === cavityDevice(number)) actions.push({ kind: 'fault', atMin, fault });
    const first = Math.min(nowMin, ...actions.map((each) => each.atMin));
    const state = stepCavity(spec, coldCavity(first), actions, nowMin);
    const silent = state.fault === 'disconnected';
    const silentSinceMin = silent ? state.faultSinceMin : null;
    const cavity: CavityReading = {
      kind: 'cavity',
      device: cavityDevice(number),
      name: oven.name,
      oven: number,
      atMin: nowMin,
      setC: silent ? null : state.dialC,
      shownC: silent ? null : Math.round(state.shownC),
      isHeating: !silent && state.isHeating,
      isOpen: !silent && (state.isOpen || state.isAjar),
      thereInMin: silent ? null : (thereInMin(spec, state) ?? null),
      silentSinceMin,
    };
    const probeFault = progress.faults.filter((each) => each.device === probeDevice(number)).at(-1);
    const probeSilent = probeFault?.fault === 'disconnected';
    // One probe: in what is to be done next of all that has a core temperature to reach.
    const [probed] = [...inside].sort((a, b) => a[1] - b[1]).map(([load]) => load);
    const core = probed === undefined ? undefined : state.loads.get(probed)?.coreC;
    const off = probeFault?.fault === 'drifting' ? -Math.min(12, (nowMin - probeFault.atMin) * 0.3) : 0;
    const probe: ProbeReading = {
      kind: 'probe',
      device: probeDevice(number),
      name: `Probe, ${oven.name.toLowerCase()}`,
      atMin: nowMin,
      task: probeSilent ? null : (probed ?? null),
      coreC: probeSilent || core === undefined ? null : Math.round((core + off) * 10) / 10,
      silentSinceMin: probeSilent ? probeFault.atMin : null,
    };
    return [cavity, probe];
  });
}

/** When a load was taken out, or is by itself; for ever where nobody has. */
function outAt(load: PlannedStep, progress: Progress, inMin: number): number {
  const last = endingLook(load);
  if (last !== undefined) return progress.ticked.get(entryOf(load, last))?.atMin ?? Infinity;
  return progress.until.get(load.id) ?? inMin + load.endMin - load.startMin;
}

/** What food needs in minutes on this day, drawn from its range, as a time constant: it has its core temperature, or is hot through, after that long. */
function tauOfLoad(load: PlannedStep, task: Task | undefined, lot: number, ovenC = 180): number {
  const planned = load.endMin - load.startMin;
  const range = task?.durationMin;
  const likely = range ? Math.min(range.most, Math.max(range.least, range.planned)) : planned;
  const minutes = range ? fromTriangle({ least: range.least, likely, most: range.most }, lot) : planned;
  return tauOf(Math.max(1, minutes), ovenC, Math.min(task?.step.coreC ?? 92, ovenC - 5));
}
