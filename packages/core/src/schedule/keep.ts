import { isBar } from './bars.ts';
import { cleanSurface, commit, takeWash } from './commit.ts';
import { latestEnd, type Leaning } from './decode.ts';
import { clashes } from './demands.ts';
import { busyWith, choiceOf, lookAt, roomAfter, waitsTooLong } from './place.ts';
import type { Prepared } from './prepare.ts';
import { freeAgainMin } from './free.ts';
import type { Placed, Rest, Wash, Way } from './problem.ts';
import { restsAround } from './rests.ts';
import { emptyState, wayOf, type State } from './state.ts';
import { away } from './times.ts';

/** A timetable that is known already, to be kept as far as it still holds: washes name the activities they are for. */
export interface Known {
  readonly placed: readonly Placed[];
  readonly washes: readonly Wash[];
}

/** As much of a known timetable as holds, and what is not in it: let go, come to hold no more, or new. */
export interface Kept {
  readonly state: State;
  readonly open: readonly number[];
}

/** Puts everything known back where it was, what ends last first, but for what is let go: what keeps an oven at its heat is there before what is in it meanwhile. */
export function keep(prepared: Prepared, leaning: Leaning, known: Known, loose: ReadonlySet<number>): Kept {
  const state = emptyState(prepared, leaning);
  state.looksAtBeginning = false;
  letGoWhenLastUsed(state, known);
  const cleaned = known.washes
    .filter((wash) => keepWash(state, wash, loose))
    .flatMap((wash) => cleanedBy(known, wash, loose));
  const rests = known.placed.flatMap((placed) => placed.rests);
  const latestFirst = [...known.placed].sort((a, b) => b.endMin - a.endMin || b.startMin - a.startMin);
  for (const placed of latestFirst) {
    if (loose.has(placed.activity)) continue;
    // What is washed before a step must be known to be before the step is looked at, and not earlier: food may be kept on it later.
    for (const { wash, unit, next } of cleaned)
      if (next === placed.activity) cleanSurface(state, wash, unit, placed.activity);
    keepPlace(state, leaning, placed, rests);
  }
  state.looksAtBeginning = true;
  const dirty = meetingTheBeginning(state);
  if (dirty.length > 0) return keep(prepared, leaning, known, new Set([...loose, ...dirty]));
  return { state, open: prepared.problem.activities.flatMap((_, index) => (state.placed[index] ? [] : [index])) };
}

/** Food that is in a unit from the beginning stays there until its last step: after that other food may be. */
function letGoWhenLastUsed(state: State, { placed }: Known): void {
  state.prepared.problem.units.forEach(({ holds }, unit) => {
    if (holds?.hold === undefined) return;
    const known: (Placed | undefined)[] = state.placed.slice();
    for (const each of placed) known[each.activity] = each;
    const ends = placed.flatMap(({ activity, startMin, endMin }) =>
      wayOf(state, activity).uses.flatMap((use) =>
        use.hold === holds.hold
          ? [freeAgainMin({ prepared: state.prepared, placed: known }, activity, use, startMin, endMin)]
          : [],
      ),
    );
    if (ends.length > 0) state.units[unit]!.holdUntil(holds.hold, Infinity, Math.max(...ends));
  });
}

/** Activities that are the first on a surface on which something was from the beginning that they must not meet. */
function meetingTheBeginning({ prepared, units, hands }: State): readonly number[] {
  return [...units, ...hands].flatMap((surface) => {
    const first = surface.uses.at(-1);
    return first && !first.isWash && clashes(surface.marks, first.demand, prepared.sets).length > 0
      ? [first.activity]
      : [];
  });
}

/** A wash stays where somebody has the time for it and something that stays still needs it; what does not finds its own. */
function keepWash(state: State, wash: Wash, loose: ReadonlySet<number>): boolean {
  const { startMin, endMin, machineUntilMin } = wash;
  const isFree =
    state.busy[wash.cook]!.clash(startMin, endMin) === undefined &&
    away(state, wash.cook, startMin, endMin) === undefined &&
    state.sink.clash(startMin, endMin) === undefined &&
    (machineUntilMin === undefined || state.machine.clash(startMin, machineUntilMin) === undefined);
  const [first] = wash.because.filter(({ before }) => !loose.has(before));
  if (first === undefined || !isFree) return false;
  takeWash(state, wash, first.before);
  return true;
}

interface Cleaned {
  readonly wash: Wash;
  /** −1: the hands of the cook who washes. */
  readonly unit: number;
  /** The first activity that has it afterwards. */
  readonly next: number;
}

/** What a wash cleans, and for which activity first. */
function cleanedBy({ placed }: Known, wash: Wash, loose: ReadonlySet<number>): readonly Cleaned[] {
  return wash.because.flatMap(({ unit }): Cleaned[] => {
    const cleanMin = unit >= 0 ? (wash.machineUntilMin ?? wash.endMin) : wash.endMin;
    const users = placed.filter(
      (each) =>
        each.startMin >= cleanMin &&
        !loose.has(each.activity) &&
        (unit >= 0 ? each.units.includes(unit) : each.cook === wash.cook),
    );
    const first = users.sort((a, b) => a.startMin - b.startMin)[0];
    return first ? [{ wash, unit, next: first.activity }] : [];
  });
}

/** The way it is done, with nothing left to choose. */
const asItWas = (way: Way, placed: Placed): Way => ({
  ...way,
  uses: way.uses.map((use, at) => ({ ...use, only: [placed.units[at]!] })),
  ...(way.oven ? { oven: { ...way.oven, in: [placed.oven], rack: placed.racks[0] } } : {}),
});

function keepPlace(state: State, leaning: Leaning, placed: Placed, known: readonly Rest[]): void {
  const { activity: index, startMin: start, endMin: end } = placed;
  const way = wayOf(state, index);
  const { endsByMin = Infinity } = state.prepared.problem.activities[index]!;
  const { earliestStart, latestStart } = roomAfter(state, index);
  if (end - start !== way.durationMin || placed.units.length !== way.uses.length) return;
  if (state.waiting[index] === 0 && end > latestEnd(state, leaning, index)) return;
  if (end > endsByMin || start < earliestStart || start > latestStart || waitsTooLong(state, index, end)) return;
  const whose = placed.looks.map((look) => look.cook);
  const found = lookAt(state, index, asItWas(way, placed), placed.cook >= 0 ? placed.cook : 0, start, end, whose);
  if (isBar(found)) return;
  const rests = restsAround(
    state,
    { index, cook: placed.cook, start, end, busy: busyWith(found, way, placed.cook, start, end) },
    known,
  );
  if (isBar(rests) || 'why' in rests) return;
  commit(state, index, choiceOf(found, { cook: placed.cook, start, end, blocker: -1 }, rests));
}
