import { ovenPhases, type OvenPhases } from '../ledger/index.ts';
import { fit } from '../fit/index.ts';
import { beganAt, happened, type Progress } from '../state/index.ts';
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
  type TaskId,
} from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { tasksById, tasksOf, type Task, type TaskNetwork } from '../tasks/index.ts';
import {
  coldCavity,
  stepCavity,
  tauOf,
  thereInMin,
  type CavityAction,
  type CavitySpec,
  type CavityState,
} from './cavity.ts';

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
  const rehearsed: Rehearsed = {
    plan,
    real: happened(plan, progress, nowMin).plan,
    progress,
    nowMin,
    day,
    tasks: tasksById(network),
    heatOf: ovenPhases(plan).heatOf,
  };
  return ovensOf(occasion.kitchen).flatMap((oven, number): DeviceReading[] => {
    if (oven.racks === 0) return [];
    const loads = loadsIn(rehearsed, number);
    const actions = [
      ...dialled(rehearsed, oven, number),
      ...loads.flatMap((load) => doneWith(rehearsed, load)),
      ...progress.faults
        .filter(({ device }) => device === cavityDevice(number))
        .map(({ fault, atMin }): CavityAction => ({ kind: 'fault', atMin, fault })),
    ];
    const spec = specOf(oven);
    const first = Math.min(nowMin, ...actions.map((each) => each.atMin));
    const state = stepCavity(spec, coldCavity(first), actions, nowMin);
    return [cavityReading(oven, number, spec, state, nowMin), probeReading(rehearsed, oven, number, loads, state)];
  });
}

/** A day as its devices see it. */
interface Rehearsed {
  readonly plan: Plan;
  /** With what has been at its real times. */
  readonly real: Plan;
  readonly progress: Progress;
  readonly nowMin: number;
  readonly day: string;
  readonly tasks: ReadonlyMap<TaskId, Task>;
  readonly heatOf: OvenPhases['heatOf'];
}

/** What was put into an oven, whether or not it is still there. */
interface LoadIn {
  readonly step: PlannedStep;
  readonly task: Task | undefined;
  readonly inMin: number;
  /** Infinity: nobody has taken it out. */
  readonly outMin: number;
}

const loadsIn = ({ plan, progress, tasks }: Rehearsed, number: number): readonly LoadIn[] =>
  plan.tasks.flatMap((step): LoadIn[] => {
    if (step.kind !== 'step' || step.racks.length === 0 || step.oven !== number) return [];
    const inMin = beganAt(step, progress);
    if (inMin === undefined) return [];
    return [{ step, task: tasks.get(step.id), inMin, outMin: outAt(step, progress, inMin) }];
  });

/** How the dial is turned: as it was ticked; its last load out, the oven is turned off. */
function dialled({ plan, real, progress }: Rehearsed, oven: Oven, number: number): readonly CavityAction[] {
  const turned = plan.tasks.flatMap((task): CavityAction[] => {
    const tick = task.kind === 'oven' && task.oven === number ? progress.ticked.get(task.id) : undefined;
    return tick && task.kind === 'oven'
      ? [{ kind: 'dial', atMin: tick.atMin, dialC: task.temperatureC - oven.offsetC }]
      : [];
  });
  const offMin = Math.max(
    -Infinity,
    ...real.tasks.flatMap((task) => (task.kind === 'oven' && task.oven === number ? [task.untilMin] : [])),
  );
  return offMin > -Infinity ? [...turned, { kind: 'dial', atMin: offMin + 1, dialC: null }] : turned;
}

/** A load put in, looked at, taken out. */
function doneWith({ progress, nowMin, day, heatOf }: Rehearsed, load: LoadIn): readonly CavityAction[] {
  const { step, task, inMin, outMin } = load;
  return [
    {
      kind: 'in',
      atMin: inMin,
      load: step.id,
      racks: step.racks.length,
      tauMin: tauOfLoad(step, task, lotOf(day, step.id), heatOf.get(step.id)),
    },
    ...laterLooks(step).flatMap((look): CavityAction[] => {
      const seen = progress.ticked.get(entryOf(step, look));
      return seen ? [{ kind: 'door', atMin: seen.atMin }] : [];
    }),
    ...(outMin <= nowMin ? [{ kind: 'out' as const, atMin: outMin, load: step.id }] : []),
  ];
}

function cavityReading(
  oven: Oven,
  number: number,
  spec: CavitySpec,
  state: CavityState,
  nowMin: number,
): CavityReading {
  const named = { kind: 'cavity' as const, device: cavityDevice(number), name: oven.name, oven: number, atMin: nowMin };
  if (state.fault === 'disconnected')
    return {
      ...named,
      setC: null,
      shownC: null,
      isHeating: false,
      isOpen: false,
      thereInMin: null,
      silentSinceMin: state.faultSinceMin,
    };
  return {
    ...named,
    setC: state.dialC,
    shownC: Math.round(state.shownC),
    isHeating: state.isHeating,
    isOpen: state.isOpen || state.isAjar,
    thereInMin: thereInMin(spec, state) ?? null,
    silentSinceMin: null,
  };
}

/** A probe that drifts shows less and less, in °C a minute, and so much less at most. */
const driftCPerMin = 0.3;
const mostDriftC = 12;

/** One probe: in what is to be done next of all that has a core temperature to reach. */
function probeReading(
  { progress, nowMin }: Rehearsed,
  oven: Oven,
  number: number,
  loads: readonly LoadIn[],
  state: CavityState,
): ProbeReading {
  const named = {
    kind: 'probe' as const,
    device: probeDevice(number),
    name: `Probe, ${oven.name.toLowerCase()}`,
    atMin: nowMin,
  };
  const fault = progress.faults.filter((each) => each.device === named.device).at(-1);
  if (fault?.fault === 'disconnected') return { ...named, task: null, coreC: null, silentSinceMin: fault.atMin };
  const [probed] = loads
    .filter(({ task, outMin }) => outMin > nowMin && task?.step.coreC !== undefined)
    .sort((a, b) => a.step.endMin - b.step.endMin);
  const coreC = probed && state.loads.get(probed.step.id)?.coreC;
  const offC = fault?.fault === 'drifting' ? -Math.min(mostDriftC, (nowMin - fault.atMin) * driftCPerMin) : 0;
  return {
    ...named,
    task: probed?.step.id ?? null,
    coreC: coreC === undefined ? null : Math.round((coreC + offC) * 10) / 10,
    silentSinceMin: null,
  };
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
