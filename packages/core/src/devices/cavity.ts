import { rules } from '../reference/index.ts';
import type { DeviceFault } from '../model/index.ts';

/** What is known of an oven: rates in °C a minute on the empty oven, and by how much it is hotter inside than it shows, in °C. */
export interface CavitySpec {
  readonly heatsCPerMin: number;
  readonly coolsCPerMin: number;
  readonly offsetC: number;
}

/** Something that was done to an oven. Moments in minutes. `tauMin`: the time constant of a load's core. */
export type CavityAction =
  | { readonly kind: 'dial'; readonly atMin: number; readonly dialC: number | null }
  | {
      readonly kind: 'in';
      readonly atMin: number;
      readonly load: string;
      readonly racks: number;
      readonly tauMin: number;
    }
  | { readonly kind: 'out'; readonly atMin: number; readonly load: string }
  | { readonly kind: 'door'; readonly atMin: number }
  | { readonly kind: 'fault'; readonly atMin: number; readonly fault: DeviceFault | null };

export interface CavityState {
  readonly atMin: number;
  /** What is really in it; no device says that. */
  readonly cavityC: number;
  /** What it shows, on the scale of its dial. */
  readonly shownC: number;
  readonly dialC: number | null;
  readonly isHeating: boolean;
  /** The door: open for a moment, or left ajar so that it cools to a lower dial. */
  readonly isOpen: boolean;
  readonly isAjar: boolean;
  readonly fault: DeviceFault | null;
  readonly faultSinceMin: number;
  readonly loads: ReadonlyMap<string, CavityLoad>;
}

/** Something in an oven: how many racks it takes, its core in °C, the time constant of that in minutes. */
export interface CavityLoad {
  readonly racks: number;
  readonly coreC: number;
  readonly tauMin: number;
}

/** @source assumption: a plain model of a domestic oven, for rehearsals; it is not measured on any one */
const model = {
  stepMin: 0.1,
  /** Door shut, of each °C over the room it loses so much a minute. */
  lossPerMin: 0.012,
  /** How long the door stands open when something is put in, taken out or looked at. */
  openMin: 0.4,
  /** A rack of cold food takes up so much a minute of each °C between it and the oven. */
  loadPerMin: 0.006,
  /** Turned down by more than this, the door is left ajar until it is there: as it was measured. */
  ajarFromC: 15,
  /** Over the room by so much, on average, when it was measured how it cools. */
  cooledFromC: 150,
  /** A door wide open loses so many times as much. */
  openTimes: 12,
  /** The thermostat swings by so much either way. */
  swingC: 4,
  /** A load comes from the fridge. */
  loadStartsC: rules.coldHoldC,
  /** A slow oven heats with this share of its power. */
  slowShare: 0.45,
  /** A drifting one shows so much more a minute than it should, up to `driftMostC`. */
  driftCPerMin: 0.7,
  driftMostC: 60,
} as const;

/** The time constant of a load whose core comes from the fridge to `coreC` in `minutes` at `ovenC`: first order, as Newton's law of cooling has it. */
export const tauOf = (minutes: number, ovenC: number, coreC: number): number =>
  minutes / Math.log((ovenC - model.loadStartsC) / Math.max(1, ovenC - coreC));

/** A cold oven, dial off. */
export const coldCavity = (atMin: number): CavityState => ({
  atMin,
  cavityC: rules.roomC,
  shownC: rules.roomC,
  dialC: null,
  isHeating: false,
  isOpen: false,
  isAjar: false,
  fault: null,
  faultSinceMin: atMin,
  loads: new Map(),
});

/** Steps an oven from one state to a moment through all that is done to it meanwhile, in their order. The same actions give the same state. */
export function stepCavity(
  spec: CavitySpec,
  from: CavityState,
  actions: readonly CavityAction[],
  untilMin: number,
): CavityState {
  const coming = actions
    .filter((each) => each.atMin <= untilMin)
    .map((each) => ({ ...each, atMin: Math.max(each.atMin, from.atMin) }))
    .sort((a, b) => a.atMin - b.atMin);
  const loads = new Map(from.loads);
  let { cavityC, dialC, isHeating, isAjar, fault, faultSinceMin } = from;
  let openUntil = from.isOpen ? from.atMin + model.openMin : -Infinity;
  let at = 0;
  const steps = Math.max(0, Math.round((untilMin - from.atMin) / model.stepMin));
  // So strong that the empty oven gains what was measured on it half way up.
  const powerCPerMin = spec.heatsCPerMin + model.lossPerMin * 90;
  const ajarLoss = Math.max(0, spec.coolsCPerMin / model.cooledFromC - model.lossPerMin);
  const drift = (nowMin: number) =>
    fault === 'drifting' ? Math.min(model.driftMostC, (nowMin - faultSinceMin) * model.driftCPerMin) : 0;
  const shown = (nowMin: number) => cavityC - spec.offsetC + drift(nowMin);
  for (let step = 0; step <= steps; step++) {
    const nowMin = from.atMin + step * model.stepMin;
    for (; at < coming.length && coming[at]!.atMin <= nowMin + 1e-9; at++) {
      const action = coming[at]!;
      if (action.kind !== 'dial' && action.kind !== 'fault') openUntil = nowMin + model.openMin;
      if (action.kind === 'dial') {
        dialC = action.dialC;
        isAjar = dialC !== null && shown(nowMin) > dialC + model.ajarFromC;
      } else if (action.kind === 'fault') [fault, faultSinceMin] = [action.fault, nowMin];
      else if (action.kind === 'in')
        loads.set(action.load, { racks: action.racks, tauMin: action.tauMin, coreC: model.loadStartsC });
      else if (action.kind === 'out') loads.delete(action.load);
    }
    if (step === steps) break;
    const shownC = shown(nowMin);
    if (dialC === null || shownC <= dialC + model.swingC) isAjar = false;
    // What is stuck stays as it was, on or off, whatever the dial says.
    if (fault !== 'stuck')
      isHeating =
        dialC !== null && !isAjar && (isHeating ? shownC < dialC + model.swingC : shownC < dialC - model.swingC);
    const loss = model.lossPerMin + (nowMin < openUntil ? ajarLoss * model.openTimes : isAjar ? ajarLoss : 0);
    let change =
      (isHeating ? powerCPerMin * (fault === 'slow' ? model.slowShare : 1) : 0) - loss * (cavityC - rules.roomC);
    for (const [load, { racks, tauMin, coreC }] of loads) {
      change -= model.loadPerMin * racks * (cavityC - coreC);
      loads.set(load, { racks, tauMin, coreC: coreC + ((cavityC - coreC) / tauMin) * model.stepMin });
    }
    cavityC = Math.max(rules.roomC, cavityC + change * model.stepMin);
  }
  return {
    atMin: Math.max(untilMin, from.atMin),
    cavityC,
    shownC: shown(untilMin),
    dialC,
    isHeating,
    isOpen: untilMin < openUntil,
    isAjar,
    fault,
    faultSinceMin,
    loads,
  };
}

/** Whether it shows what its dial asks: within the swing of its thermostat, and not still much hotter. */
export const isThere = ({ dialC, shownC }: Pick<CavityState, 'dialC' | 'shownC'>): boolean =>
  dialC !== null && shownC >= dialC - model.swingC * 2 && shownC <= dialC + model.ajarFromC;

/** In how many minutes it will show what its dial asks, if nothing else is done; undefined where that is not within three hours. */
export function thereInMin(spec: CavitySpec, state: CavityState): number | undefined {
  if (state.dialC === null) return undefined;
  for (let minutes = 0, here = state; minutes <= 180; minutes++, here = stepCavity(spec, here, [], here.atMin + 1))
    if (isThere(here)) return minutes;
  return undefined;
}
