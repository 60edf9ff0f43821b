import { clashes } from './demands.ts';
import type { Way } from './problem.ts';
import type { State } from './state.ts';

export interface Picked {
  readonly units: readonly number[];
  /** For each use, the classes that the activity would leave on the unit and that what comes next must not meet. */
  readonly clashes: readonly (readonly number[])[];
}

export interface NoUnits {
  readonly why: 'no-unit' | 'no-clean-unit';
  /** The latest end before this one at which a unit may be free. */
  readonly tryEnd: number;
  readonly blocker: number;
}

/** For each use of the activity a unit that is free then, rather one that needs no wash, rather one not used before. */
export function pickUnits(state: State, index: number, way: Way, start: number, end: number): Picked | NoUnits {
  const { prepared } = state;
  const { problem } = prepared;
  const { carries } = prepared.facts[index]!;
  if (way.uses.length === 0) return nothing;
  const chosen: number[] = [];
  const left: (readonly number[])[] = [];
  for (const use of way.uses) {
    const held = use.hold !== undefined ? state.heldUnit.get(use.hold) : undefined;
    const opens = use.hold !== undefined && held === undefined && state.holdsLeft.get(use.hold)! > 1;
    let best = -1;
    let bestCost = Infinity;
    let bestClashes: readonly number[] = [];
    let dirty = false;
    let tryEnd = -Infinity;
    let blocker = -1;
    const candidates = held !== undefined ? [held] : (use.only ?? prepared.unitsOfKind.get(use.kind) ?? []);
    for (const unitIndex of candidates) {
      if (bestCost === 0) break;
      if (chosen.includes(unitIndex) || (held !== undefined && use.only && !use.only.includes(unitIndex))) continue;
      if (start < (problem.units[unitIndex]!.freeFromMin ?? -Infinity)) continue;
      const surface = state.units[unitIndex]!;
      // Food stays on held kit from this use to its next one; kit that food will come to earlier must have no other past.
      const clash = surface.clash(start, held === undefined ? end : (surface.next(end)?.start ?? end), use.hold);
      if (clash !== undefined) {
        const until = held === undefined ? Math.min(clash, end - 1) : end - 1;
        if (until > tryEnd) {
          tryEnd = until;
          blocker = surface.ownerAt(clash);
        }
        continue;
      }
      if (opens && (surface.held || surface.usedBefore(end))) continue;
      if (prepared.barredUnits[index]!.has(unitIndex)) continue;
      // Kit with an unknown past that never comes clean is no kit for a guarded dish, unless it is kept apart for that.
      if (prepared.fearedUnits[index]!.has(unitIndex)) {
        dirty = true;
        continue;
      }
      const next = surface.next(end);
      const found = next ? clashes(carries, next.demand, prepared.sets) : none;
      if (found.length > 0 && (!problem.units[unitIndex]!.comesClean || held !== undefined)) {
        dirty = true;
        tryEnd = Math.max(tryEnd, end - 1);
        continue;
      }
      const cost = (found.length > 0 ? 2 : 0) + (surface.usedBefore(start) ? 1 : 0);
      if (cost < bestCost) {
        best = unitIndex;
        bestCost = cost;
        bestClashes = found;
      }
    }
    // A piece on which other food is kept frees itself only when that food has come to it: nothing to jump to.
    if (best < 0)
      return {
        why: dirty ? 'no-clean-unit' : 'no-unit',
        tryEnd: Math.min(end - 1, tryEnd === -Infinity ? end - 5 : tryEnd),
        blocker,
      };
    chosen.push(best);
    left.push(bestClashes);
  }
  return { units: chosen, clashes: left };
}

const none: readonly number[] = [];
const nothing: Picked = { units: [], clashes: [] };
