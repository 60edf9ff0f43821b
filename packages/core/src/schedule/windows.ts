import { changeMin } from './chamber.ts';
import type { Mode, Problem } from './problem.ts';

/** Two or more demands that cannot hold together, whatever the order of work. */
export type Clash =
  /** Between what comes before and after it there is less time than it takes; `shortMin`: by how much. */
  | { readonly kind: 'no-time'; readonly activities: readonly [number]; readonly shortMin: number }
  /** Nobody who can do it is there at any time it could be done. */
  | { readonly kind: 'no-worker'; readonly activities: readonly [number] }
  | { readonly kind: 'no-unit' | 'no-chamber' | 'no-flame' | 'no-room'; readonly activities: readonly [number] }
  /** Two loads whose temperatures never suit each other, in the one chamber, with no time for one after the other; the second would have to be later. */
  | { readonly kind: 'temperatures'; readonly activities: readonly [number, number]; readonly shortMin: number }
  /** Two activities that need the same thing at the same time. */
  | {
      readonly kind: 'same-unit' | 'same-worker';
      readonly activities: readonly [number, number];
      readonly shortMin: number;
    }
  /** In a stretch of time there is more work for hands than there are hands. */
  | {
      readonly kind: 'too-much-work';
      readonly activities: readonly number[];
      readonly fromMin: number;
      readonly toMin: number;
      readonly shortMin: number;
    };

export interface Window {
  readonly startsAtEarliest: number;
  readonly endsAtEarliest: number;
  readonly endsAtLatest: number;
}

const far = 20_000;
const shortest = (problem: Problem, index: number): number =>
  Math.min(...problem.activities[index]!.modes.map((mode) => mode.durationMin));
const longest = (problem: Problem, index: number): number =>
  Math.max(...problem.activities[index]!.modes.map((mode) => mode.durationMin));

/** When each activity can be done at all, from links, waits, servings and pins; nothing is assumed about kit or hands. */
export function windowsOf(problem: Problem): readonly Window[] {
  const { activities } = problem;
  const starts = activities.map((activity) => Math.max(-far, activity.notBeforeMin ?? -far));
  const early = activities.map((activity) =>
    Math.max(
      -far,
      activity.dueMin !== undefined && activity.mostHoldMin !== undefined
        ? activity.dueMin - activity.mostHoldMin
        : -far,
    ),
  );
  const ends = activities.map((activity) => Math.min(far, activity.dueMin ?? far, activity.endsByMin ?? far));
  for (let pass = 0; pass <= activities.length; pass++) {
    let changed = false;
    const raise = (list: number[], index: number, to: number) => {
      if (to > list[index]!) {
        list[index] = to;
        changed = true;
      }
    };
    const lower = (index: number, to: number) => {
      if (to < ends[index]!) {
        ends[index] = to;
        changed = true;
      }
    };
    activities.forEach((activity, index) => {
      raise(early, index, starts[index]! + shortest(problem, index));
      raise(starts, index, early[index]! - longest(problem, index));
      for (const { activity: before, leastMin, mostMin } of activity.before) {
        raise(starts, index, early[before]! + leastMin);
        lower(before, ends[index]! - shortest(problem, index) - leastMin);
        if (mostMin === Infinity) continue;
        raise(early, before, starts[index]! - mostMin);
        lower(index, ends[before]! + mostMin + longest(problem, index));
      }
    });
    if (!changed) break;
  }
  return starts.map((start, index) => ({
    startsAtEarliest: start,
    endsAtEarliest: early[index]!,
    endsAtLatest: ends[index]!,
  }));
}

/**
 * Looks for demands of which it is certain that they cannot hold together: the smallest sets first. Undefined where none is
 * found, which does not say that there is a timetable.
 */
export function provenClash(problem: Problem): Clash | undefined {
  const { activities, units, workers, chambers } = problem;
  const windows = windowsOf(problem);
  for (const [index, activity] of activities.entries()) {
    if (
      activity.modes.every((mode) =>
        mode.uses.some(
          (use) =>
            mode.uses.filter((each) => each.kind === use.kind).length >
            units.filter((unit) => unit.kind === use.kind).length,
        ),
      )
    )
      return { kind: 'no-unit', activities: [index] };
    if (activity.modes.every((mode) => mode.chamber && mode.chamber.in.length === 0))
      return { kind: 'no-chamber', activities: [index] };
    if (activity.modes.every((mode) => mode.flames > problem.flames)) return { kind: 'no-flame', activities: [index] };
    if (
      activity.modes.every(
        (mode) => mode.stands && mode.stands.places > (problem.rooms?.[mode.stands.room] ?? Infinity),
      )
    )
      return { kind: 'no-room', activities: [index] };
    const { startsAtEarliest, endsAtEarliest, endsAtLatest } = windows[index]!;
    const short = Math.max(endsAtEarliest - endsAtLatest, shortest(problem, index) - (endsAtLatest - startsAtEarliest));
    if (short > 0) return { kind: 'no-time', activities: [index], shortMin: short };
    const able = activity.workers ?? [...workers.keys()];
    const there = activity.modes.some(
      (mode) =>
        !mode.handsOn ||
        able.some((worker) =>
          workers[worker]!.windows.some(
            (shift) =>
              Math.min(shift.toMin, endsAtLatest) - Math.max(shift.fromMin, startsAtEarliest) >= mode.durationMin,
          ),
        ),
    );
    if (!there) return { kind: 'no-worker', activities: [index] };
  }
  /** By how much neither order fits, and the two in the order that is short of less. */
  const together = (
    one: number,
    two: number,
    between: (from: Mode, to: Mode) => number,
  ): { readonly short: number; readonly pair: readonly [number, number] } => {
    const inTurn = (first: number, second: number) =>
      windows[first]!.endsAtEarliest -
      windows[second]!.endsAtLatest +
      Math.min(
        ...activities[first]!.modes.flatMap((from) =>
          activities[second]!.modes.map((to) => between(from, to) + to.durationMin),
        ),
      );
    const [forth, opposite] = [inTurn(one, two), inTurn(two, one)];
    return forth <= opposite ? { short: forth, pair: [one, two] } : { short: opposite, pair: [two, one] };
  };
  for (let one = 0; one < activities.length; one++) {
    for (let two = one + 1; two < activities.length; two++) {
      const [a, b] = [activities[one]!, activities[two]!];
      const chamber = sameChamber(a, b);
      if (chamber !== undefined) {
        const apart = a.modes.every((x) =>
          b.modes.every(
            (y) =>
              x.chamber!.lowC > y.chamber!.highC ||
              y.chamber!.lowC > x.chamber!.highC ||
              x.chamber!.alone ||
              y.chamber!.alone,
          ),
        );
        const { short, pair } = together(one, two, (from, to) =>
          leastChange(from.chamber!, to.chamber!, chambers[chamber]!),
        );
        if (apart && short > 0) return { kind: 'temperatures', activities: pair, shortMin: short };
      }
      const hands = (activity: Problem['activities'][number]) => activity.modes.every((mode) => mode.handsOn);
      if (
        hands(a) &&
        hands(b) &&
        (workers.length === 1 || (a.workers?.length === 1 && b.workers?.length === 1 && a.workers[0] === b.workers[0]))
      ) {
        const { short, pair } = together(one, two, () => 0);
        if (short > 0) return { kind: 'same-worker', activities: pair, shortMin: short };
      }
      const shared =
        a.modes.length === 1 &&
        b.modes.length === 1 &&
        a.modes[0]!.uses.some(
          (use) =>
            units.filter((unit) => unit.kind === use.kind).length === 1 &&
            b.modes[0]!.uses.some((other) => other.kind === use.kind),
        );
      if (shared) {
        const { short, pair } = together(one, two, () => 0);
        if (short > 0) return { kind: 'same-unit', activities: pair, shortMin: short };
      }
    }
  }
  return tooMuchWork(problem, windows);
}

/** The only chamber that both need, whichever way they are done. */
function sameChamber(a: Problem['activities'][number], b: Problem['activities'][number]): number | undefined {
  const only = new Set(
    [...a.modes, ...b.modes].map((mode) => (mode.chamber?.in.length === 1 ? mode.chamber.in[0]! : -1)),
  );
  const [first] = only;
  return only.size === 1 && first !== undefined && first >= 0 ? first : undefined;
}

function leastChange(
  from: NonNullable<Problem['activities'][number]['modes'][number]['chamber']>,
  to: typeof from,
  chamber: Problem['chambers'][number],
): number {
  if (from.highC < to.lowC) return changeMin(from.highC, to.lowC, chamber);
  return from.lowC > to.highC ? changeMin(from.lowC, to.highC, chamber) : 0;
}

/** More than this many activities are not looked at by threes: the search will tell. */
const mostByThrees = 160;

function tooMuchWork(problem: Problem, windows: readonly Window[]): Clash | undefined {
  const { activities, workers } = problem;
  const hands = activities.flatMap((activity, index) =>
    activity.modes.every((mode) => mode.handsOn) ? [{ index, work: shortest(problem, index), ...windows[index]! }] : [],
  );
  if (hands.length > mostByThrees) return undefined;
  for (const from of new Set(hands.map((each) => each.startsAtEarliest))) {
    for (const to of new Set(hands.map((each) => each.endsAtLatest))) {
      if (to <= from) continue;
      const inside = hands.filter((each) => each.startsAtEarliest >= from && each.endsAtLatest <= to);
      const work = inside.reduce((sum, each) => sum + each.work, 0);
      const there = workers.reduce(
        (sum, worker) =>
          sum +
          worker.windows.reduce(
            (total, shift) => total + Math.max(0, Math.min(shift.toMin, to) - Math.max(shift.fromMin, from)),
            0,
          ),
        0,
      );
      if (work > there)
        return {
          kind: 'too-much-work',
          activities: inside.map((each) => each.index),
          fromMin: from,
          toMin: to,
          shortMin: work - there,
        };
    }
  }
  return undefined;
}
