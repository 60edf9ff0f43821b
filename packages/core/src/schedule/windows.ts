import { changeMin } from './oven.ts';
import type { Way, Problem } from './problem.ts';

/** Two or more demands that cannot hold together, whatever the order of work. */
export type Clash =
  /** Between what comes before and after it there is less time than it takes; `shortMin`: by how much. */
  | { readonly kind: 'no-time'; readonly activities: readonly [number]; readonly shortMin: number }
  /** Nobody who can do it is there at any time it could be done. */
  | { readonly kind: 'no-cook'; readonly activities: readonly [number] }
  | { readonly kind: 'no-unit' | 'no-oven' | 'no-flame' | 'no-room'; readonly activities: readonly [number] }
  /** Two loads whose temperatures never suit each other, in the one oven, with no time for one after the other; the second would have to be later. */
  | { readonly kind: 'temperatures'; readonly activities: readonly [number, number]; readonly shortMin: number }
  /** Two activities that need the same thing at the same time. */
  | {
      readonly kind: 'same-unit' | 'same-cook';
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
  Math.min(...problem.activities[index]!.ways.map((way) => way.durationMin));
const longest = (problem: Problem, index: number): number =>
  Math.max(...problem.activities[index]!.ways.map((way) => way.durationMin));

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
  const { activities, units, cooks, ovens } = problem;
  const windows = windowsOf(problem);
  for (const [index, activity] of activities.entries()) {
    if (
      activity.ways.every((way) =>
        way.uses.some(
          (use) =>
            way.uses.filter((each) => each.kind === use.kind).length >
            units.filter((unit) => unit.kind === use.kind).length,
        ),
      )
    )
      return { kind: 'no-unit', activities: [index] };
    if (activity.ways.every((way) => way.oven && way.oven.in.length === 0))
      return { kind: 'no-oven', activities: [index] };
    if (activity.ways.every((way) => way.flames > problem.flames)) return { kind: 'no-flame', activities: [index] };
    if (activity.ways.every((way) => way.stands && way.stands.places > (problem.rooms?.[way.stands.room] ?? Infinity)))
      return { kind: 'no-room', activities: [index] };
    const { startsAtEarliest, endsAtEarliest, endsAtLatest } = windows[index]!;
    const short = Math.max(endsAtEarliest - endsAtLatest, shortest(problem, index) - (endsAtLatest - startsAtEarliest));
    if (short > 0) return { kind: 'no-time', activities: [index], shortMin: short };
    const able = activity.cooks ?? [...cooks.keys()];
    const there = activity.ways.some(
      (way) =>
        !way.handsOn ||
        able.some((cook) =>
          cooks[cook]!.windows.some(
            (shift) =>
              Math.min(shift.toMin, endsAtLatest) - Math.max(shift.fromMin, startsAtEarliest) >= way.durationMin,
          ),
        ),
    );
    if (!there) return { kind: 'no-cook', activities: [index] };
  }
  /** By how much neither order fits, and the two in the order that is short of less. */
  const together = (
    one: number,
    two: number,
    between: (from: Way, to: Way) => number,
  ): { readonly short: number; readonly pair: readonly [number, number] } => {
    const inTurn = (first: number, second: number) =>
      windows[first]!.endsAtEarliest -
      windows[second]!.endsAtLatest +
      Math.min(
        ...activities[first]!.ways.flatMap((from) =>
          activities[second]!.ways.map((to) => between(from, to) + to.durationMin),
        ),
      );
    const [forth, opposite] = [inTurn(one, two), inTurn(two, one)];
    return forth <= opposite ? { short: forth, pair: [one, two] } : { short: opposite, pair: [two, one] };
  };
  for (let one = 0; one < activities.length; one++) {
    for (let two = one + 1; two < activities.length; two++) {
      const [a, b] = [activities[one]!, activities[two]!];
      const oven = sameOven(a, b);
      if (oven !== undefined) {
        const apart = a.ways.every((x) =>
          b.ways.every(
            (y) => x.oven!.lowC > y.oven!.highC || y.oven!.lowC > x.oven!.highC || x.oven!.alone || y.oven!.alone,
          ),
        );
        const { short, pair } = together(one, two, (from, to) => leastChange(from.oven!, to.oven!, ovens[oven]!));
        if (apart && short > 0) return { kind: 'temperatures', activities: pair, shortMin: short };
      }
      const hands = (activity: Problem['activities'][number]) => activity.ways.every((way) => way.handsOn);
      if (
        hands(a) &&
        hands(b) &&
        (cooks.length === 1 || (a.cooks?.length === 1 && b.cooks?.length === 1 && a.cooks[0] === b.cooks[0]))
      ) {
        const { short, pair } = together(one, two, () => 0);
        if (short > 0) return { kind: 'same-cook', activities: pair, shortMin: short };
      }
      const shared =
        a.ways.length === 1 &&
        b.ways.length === 1 &&
        a.ways[0]!.uses.some(
          (use) =>
            units.filter((unit) => unit.kind === use.kind).length === 1 &&
            b.ways[0]!.uses.some((other) => other.kind === use.kind),
        );
      if (shared) {
        const { short, pair } = together(one, two, () => 0);
        if (short > 0) return { kind: 'same-unit', activities: pair, shortMin: short };
      }
    }
  }
  return tooMuchWork(problem, windows);
}

/** The only oven that both need, whichever way they are done. */
function sameOven(a: Problem['activities'][number], b: Problem['activities'][number]): number | undefined {
  const only = new Set([...a.ways, ...b.ways].map((way) => (way.oven?.in.length === 1 ? way.oven.in[0]! : -1)));
  const [first] = only;
  return only.size === 1 && first !== undefined && first >= 0 ? first : undefined;
}

function leastChange(
  from: NonNullable<Problem['activities'][number]['ways'][number]['oven']>,
  to: typeof from,
  oven: Problem['ovens'][number],
): number {
  if (from.highC < to.lowC) return changeMin(from.highC, to.lowC, oven);
  return from.lowC > to.highC ? changeMin(from.lowC, to.highC, oven) : 0;
}

/** More than this many activities are not looked at by threes: the search will tell. */
const mostByThrees = 160;

function tooMuchWork(problem: Problem, windows: readonly Window[]): Clash | undefined {
  const { activities, cooks } = problem;
  const hands = activities.flatMap((activity, index) =>
    activity.ways.every((way) => way.handsOn) ? [{ index, work: shortest(problem, index), ...windows[index]! }] : [],
  );
  if (hands.length > mostByThrees) return undefined;
  for (const from of new Set(hands.map((each) => each.startsAtEarliest))) {
    for (const to of new Set(hands.map((each) => each.endsAtLatest))) {
      if (to <= from) continue;
      const inside = hands.filter((each) => each.startsAtEarliest >= from && each.endsAtLatest <= to);
      const work = inside.reduce((sum, each) => sum + each.work, 0);
      const there = cooks.reduce(
        (sum, cook) =>
          sum +
          cook.windows.reduce(
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
