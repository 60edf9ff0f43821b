import { rules } from '../reference/index.ts';
import { ovensOf, type Oven, type Occasion, type PlannedOven, type PlannedStep, type TaskId } from '../model/index.ts';
import type { Standpoint } from './standpoint.ts';

/** How hot an oven is, as far as anybody can know: at least and at most so much, in °C. */
export interface Heat {
  readonly leastC: number;
  readonly mostC: number;
}

export interface OvenNow extends Heat {
  /** Its number in the kitchen. */
  readonly oven: number;
  /** What it is turned to; undefined where it is off. */
  readonly setC: number | undefined;
  /** What is in it. */
  readonly loads: readonly PlannedStep[];
  /** The heat it was last turned to. */
  readonly phase: TaskId | undefined;
}

const cold: Heat = { leastC: rules.roomC, mostC: rules.roomC };

interface Rates {
  readonly up: number;
  readonly down: number;
}

const ratesOf = (oven: Oven): Rates => ({
  up: oven.heatsCPerMin ?? rules.ovenHeatsCPerMin,
  down: oven.coolsCPerMin ?? rules.ovenCoolsCPerMin,
});

const towards = (fromC: number, toC: number, minutes: number, { up, down }: Rates): number =>
  toC >= fromC ? Math.min(toC, fromC + up * minutes) : Math.max(toC, fromC - down * minutes);

/** So many minutes after it was switched off: at least what it has with the door ajar, at most what it has with the door shut. */
const fallen = ({ leastC, mostC }: Heat, offMin: number, { down }: Rates): Heat => ({
  leastC: Math.max(rules.roomC, leastC - down * offMin),
  mostC: Math.max(rules.roomC, mostC - Math.min(down, rules.ovenShutCoolsCPerMin) * offMin),
});

/** Minutes from somewhere between two heats to another: enough for either. */
export function minutesTo(oven: Oven, { leastC, mostC }: Heat, toC: number): number {
  const { up, down } = ratesOf(oven);
  return Math.ceil(Math.max(0, (toC - leastC) / up, (mostC - toC) / down));
}

/** The heat at a moment, from the times at which an oven was turned to something, in their order. */
export function heatAt(oven: Oven, phases: readonly PlannedOven[], atMin: number): Heat {
  const rates = ratesOf(oven);
  let now: Heat = cold;
  let sinceMin = -Infinity;
  for (const { startMin, endMin, untilMin, temperatureC } of phases) {
    if (startMin >= atMin) break;
    if (sinceMin > -Infinity) now = fallen(now, Math.max(0, startMin - sinceMin), rates);
    const upTo = Math.min(atMin, untilMin);
    // By its end it is taken to be there, however long that was thought to take.
    now =
      upTo >= endMin
        ? { leastC: temperatureC, mostC: temperatureC }
        : {
            leastC: towards(now.leastC, temperatureC, upTo - startMin, rates),
            mostC: towards(now.mostC, temperatureC, upTo - startMin, rates),
          };
    sinceMin = untilMin;
  }
  return sinceMin < atMin && sinceMin > -Infinity ? fallen(now, atMin - sinceMin, rates) : now;
}

/** How the ovens stand; what is in one is taken to bake at the heat it was turned to. */
export function ovensNow(occasion: Occasion, { plan, done, running, nowMin }: Standpoint): readonly OvenNow[] {
  return ovensOf(occasion.kitchen).map((oven, number): OvenNow => {
    const phases = plan.tasks.filter(
      (task): task is PlannedOven =>
        task.kind === 'oven' && task.oven === number && done.has(task.id) && task.startMin <= nowMin,
    );
    const loads = plan.tasks.filter(
      (task): task is PlannedStep =>
        task.kind === 'step' && running.has(task.id) && task.racks.length > 0 && task.oven === number,
    );
    const last = phases.at(-1);
    const isOn = last !== undefined && (loads.length > 0 || last.untilMin >= nowMin);
    const heat =
      last && loads.length > 0 ? { leastC: last.temperatureC, mostC: last.temperatureC } : heatAt(oven, phases, nowMin);
    return { oven: number, ...heat, setC: isOn ? last.temperatureC : undefined, loads, phase: last?.id };
  });
}

/** The heat over a stretch of time as a line: turned up, held, let go; after it is off as fast as it may fall. */
export function heatCurve(
  oven: Oven,
  phases: readonly PlannedOven[],
  fromMin: number,
  toMin: number,
): readonly { readonly atMin: number; readonly celsius: number }[] {
  const { down } = ratesOf(oven);
  const bends = phases.flatMap(({ startMin, endMin, untilMin, temperatureC }) => [
    startMin,
    endMin,
    untilMin,
    untilMin + (temperatureC - rules.roomC) / down,
  ]);
  return [fromMin, ...bends.filter((bend) => bend > fromMin && bend < toMin), toMin]
    .sort((a, b) => a - b)
    .map((atMin) => ({ atMin, celsius: heatAt(oven, phases, atMin).leastC }));
}
