import type { Bar } from './bars.ts';
import { clashes } from './demands.ts';
import type { MarkFacts } from './prepare.ts';
import { freeAgainMin } from './free.ts';
import type { Carry, UnitUse, Way } from './problem.ts';
import { covers, withDemand, without, type State } from './state.ts';

export interface Picked {
  readonly units: readonly number[];
  /** For each use, the classes that the activity would leave on the unit and that what comes next must not meet. */
  readonly clashes: readonly (readonly number[])[];
}

/** For each use of the activity a unit that is free then, rather one that needs no wash, rather one not used before. */
export function pickUnits(state: State, index: number, way: Way, start: number, end: number): Picked | Bar {
  if (way.uses.length === 0) return nothing;
  const chosen: number[] = [];
  const left: (readonly number[])[] = [];
  for (const use of way.uses) {
    const until = freeAgainMin(state, index, use, start, end);
    const picked = pickUnit(state, { index, use, start, end: until, chosen });
    if ('tryEnd' in picked) return { ...picked, tryEnd: soonerBy(picked.tryEnd, until, end) };
    chosen.push(picked.unit);
    left.push(picked.clashes);
  }
  return { units: chosen, clashes: left };
}

/** When the activity would end for its unit to be free again at `tryEnd`; where that stays until a fixed moment, no earlier end helps. */
function soonerBy(tryEnd: number, until: number, end: number): number {
  if (until > end) return -Infinity;
  return Math.min(end - 1, tryEnd + end - until);
}

interface Wanted {
  readonly index: number;
  readonly use: UnitUse;
  readonly start: number;
  readonly end: number;
  readonly chosen: readonly number[];
}

/** How good a unit is: what it would cost (none: 0), the classes that must be washed off it afterwards, or that it will not do. */
interface Fitness {
  readonly cost: number;
  readonly clashes: readonly number[];
}

function pickUnit(state: State, wanted: Wanted): { readonly unit: number; readonly clashes: readonly number[] } | Bar {
  const { use, start, end, chosen } = wanted;
  const { prepared } = state;
  const { units } = prepared.problem;
  const held = use.hold !== undefined ? state.heldUnit.get(use.hold) : undefined;
  const candidates = held !== undefined ? [held] : (use.only ?? prepared.unitsOfKind.get(use.kind) ?? noUnits);
  let best: Found | undefined;
  let isDirty = false;
  let tryEnd = -Infinity;
  let blocker = -1;
  const untouched: number[] = [];
  for (const unit of candidates) {
    if (chosen.includes(unit) || (held !== undefined && use.only && !use.only.includes(unit))) continue;
    if (start < (units[unit]!.freeFromMin ?? -Infinity)) continue;
    const surface = state.units[unit]!;
    if (isSaidAlready(surface, prepared.like[unit]!, untouched)) continue;
    // Food stays on held kit from this use to its next one; kit that food will come to earlier must have no other past.
    const stays = use.hold === undefined ? undefined : surface.nextOfHold(use.hold);
    const clash = surface.clash(start, stays === undefined ? end : Math.max(end, stays), use.hold);
    if (clash !== undefined) {
      const until = held === undefined ? Math.min(clash, end - 1) : end - 1;
      if (until > tryEnd) {
        tryEnd = until;
        blocker = surface.ownerAt(clash);
      }
      continue;
    }
    const fitness = fitnessOf(state, wanted, unit, held !== undefined);
    if (fitness === 'unfit') continue;
    if (fitness === 'dirty') {
      isDirty = true;
      if (!prepared.fearedUnits[wanted.index]!.has(unit)) tryEnd = Math.max(tryEnd, end - 1);
      continue;
    }
    // Made for every piece that is tried: no spread.
    const found = { unit, cost: fitness.cost, clashes: fitness.clashes, gapMin: gapAfter(surface, end) };
    if (!best || isFitter(found, best)) best = found;
  }
  if (best) return best;
  // A piece on which other food is kept frees itself only when that food has come to it: nothing to jump to.
  return {
    why: isDirty ? 'no-clean-unit' : 'no-unit',
    tryEnd: Math.min(end - 1, tryEnd === -Infinity ? end - 5 : tryEnd),
    ...(blocker >= 0 ? { blocker } : {}),
  };
}

/** Of pieces that are alike and that nothing has been done with, one says it for all; `untouched` remembers which of them did. */
function isSaidAlready(surface: State['units'][number], like: number, untouched: number[]): boolean {
  if (!surface.isUntouched) return false;
  if (untouched.includes(like)) return true;
  untouched.push(like);
  return false;
}

type Found = Fitness & { readonly unit: number; readonly gapMin: number };

/** How long until a unit is wanted again. */
const gapAfter = (surface: State['units'][number], end: number): number => (surface.next(end)?.start ?? Infinity) - end;

/** What costs less; of alike ones that which is wanted again soonest: the others stay free for what needs them long. */
const isFitter = (one: Found, other: Found): boolean =>
  one.cost < other.cost || (one.cost === other.cost && one.gapMin < other.gapMin);

/** `unfit`: it will not do at all; `dirty`: it cannot be clean enough. */
function fitnessOf(state: State, wanted: Wanted, unit: number, isHeld: boolean): Fitness | 'unfit' | 'dirty' {
  const { index, use, start, end } = wanted;
  const { prepared } = state;
  const surface = state.units[unit]!;
  const opens = use.hold !== undefined && !isHeld && state.holdsLeft.get(use.hold)! > 1;
  if (opens && (surface.held || needsWash(state, index, surface, end))) return 'unfit';
  if (prepared.barredUnits[index]!.has(unit)) return 'unfit';
  // Kit with an unknown past that never comes clean is no kit for a guarded dish, unless it is kept apart for that.
  if (prepared.fearedUnits[index]!.has(unit)) return 'dirty';
  const next = surface.next(end);
  const found = next ? clashes(leftOn(prepared.facts[index]!, use), next.demand, prepared.sets) : none;
  if (found.length > 0 && (!prepared.problem.units[unit]!.comesClean || isHeld)) return 'dirty';
  const isUsed = surface.usedBefore(start) || surface.marks.length > 0;
  // Where other work is before it already, what fills it must find its place between the two.
  const isTight = opens && surface.usedBefore(end);
  return { cost: (isTight ? 4 : 0) + (found.length > 0 ? 2 : 0) + (isUsed ? 1 : 0), clashes: found };
}

/** Whether an earlier use of a unit asked less than what would come out of it now: then it would be washed with food in it. */
function needsWash(state: State, index: number, surface: State['units'][number], end: number): boolean {
  if (!surface.usedBefore(end)) return false;
  const { ends, demand } = state.prepared.facts[index]!;
  return !covers(state, surface.demandAt(end), withDemand(state, without(state.food[index]!, ends), demand));
}

/** What an activity leaves on a unit of its own. */
const leftOn = ({ carries, lasting }: MarkFacts, { isHeated }: UnitUse): readonly Carry[] =>
  isHeated ? lasting : carries;

const none: readonly number[] = [];
const noUnits: readonly number[] = [];
const nothing: Picked = { units: [], clashes: [] };
