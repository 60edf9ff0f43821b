import { changeMin } from './oven.ts';
import type { Activity, OvenAsk, Problem, Way } from './problem.ts';
import { shortest, windowsOf, type Window } from './windows.ts';

/** Two or more demands that cannot hold together, whatever the order of work. */
export type Clash =
  /** Between what comes before and after it there is less time than it takes; `shortMin`: by how much. */
  | { readonly kind: 'no-time'; readonly activities: readonly [number]; readonly shortMin: number }
  /** Nobody who can do it is there for `leastMin` at any time it could be done: from `fromMin` to `toMin`. */
  | {
      readonly kind: 'no-cook';
      readonly activities: readonly [number];
      readonly fromMin: number;
      readonly toMin: number;
      readonly leastMin: number;
      /** Who can do it, as numbers of cooks. */
      readonly able: readonly number[];
    }
  | { readonly kind: 'no-unit' | 'no-oven'; readonly activities: readonly [number] }
  | { readonly kind: 'no-place'; readonly activities: readonly [number]; readonly pool: number }
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

/**
 * Looks for demands of which it is certain that they cannot hold together: the smallest sets first. Undefined where none is
 * found, which does not say that there is a timetable.
 */
export function provenClash(problem: Problem): Clash | undefined {
  const { activities } = problem;
  const windows = windowsOf(problem);
  for (let one = 0; one < activities.length; one++) {
    const clash = lacking(problem, one) ?? untimely(problem, windows[one]!, one);
    if (clash) return clash;
  }
  for (let one = 0; one < activities.length; one++) {
    for (let two = one + 1; two < activities.length; two++) {
      const clash = clashOfTwo(problem, windows, one, two);
      if (clash) return clash;
    }
  }
  return tooMuchWork(problem, windows);
}

/** What an activity needs, whichever way it is done, and there is not. */
function lacking({ activities, units, pools }: Problem, index: number): Clash | undefined {
  const { ways } = activities[index]!;
  const countOf = (uses: readonly { readonly kind: string }[], kind: string) =>
    uses.filter((each) => each.kind === kind).length;
  if (ways.every(({ uses }) => uses.some(({ kind }) => countOf(uses, kind) > countOf(units, kind))))
    return { kind: 'no-unit', activities: [index] };
  if (ways.every(({ oven }) => oven && oven.in.length === 0)) return { kind: 'no-oven', activities: [index] };
  const full = pools.findIndex((places, pool) => ways.every(({ takes }) => (takes[pool] ?? 0) > places));
  return full < 0 ? undefined : { kind: 'no-place', activities: [index], pool: full };
}

/** Whether there is no time for an activity, or nobody there who can do it. */
function untimely(problem: Problem, window: Window, index: number): Clash | undefined {
  const { startsAtEarliest, endsAtEarliest, endsAtLatest } = window;
  const short = Math.max(endsAtEarliest - endsAtLatest, shortest(problem, index) - (endsAtLatest - startsAtEarliest));
  if (short > 0) return { kind: 'no-time', activities: [index], shortMin: short };
  const { ways, cooks } = problem.activities[index]!;
  const able = cooks ?? [...problem.cooks.keys()];
  const isThere = (cook: number, minutes: number) =>
    problem.cooks[cook]!.windows.some(
      ({ fromMin, toMin }) => Math.min(toMin, endsAtLatest) - Math.max(fromMin, startsAtEarliest) >= minutes,
    );
  const canBeDone = ways.some((way) => !way.handsOn || able.some((cook) => isThere(cook, way.durationMin)));
  if (canBeDone) return undefined;
  const leastMin = shortest(problem, index);
  return { kind: 'no-cook', activities: [index], fromMin: startsAtEarliest, toMin: endsAtLatest, leastMin, able };
}

/** By how much neither order of two activities fits, and the two in the order that is short of less. */
function inEitherOrder(
  { activities }: Problem,
  windows: readonly Window[],
  one: number,
  two: number,
  between: (from: Way, to: Way) => number = () => 0,
): { readonly shortMin: number; readonly activities: readonly [number, number] } {
  const inTurn = (first: number, second: number) =>
    windows[first]!.endsAtEarliest -
    windows[second]!.endsAtLatest +
    Math.min(
      ...activities[first]!.ways.flatMap((from) =>
        activities[second]!.ways.map((to) => between(from, to) + to.durationMin),
      ),
    );
  const [forth, opposite] = [inTurn(one, two), inTurn(two, one)];
  return forth <= opposite
    ? { shortMin: forth, activities: [one, two] }
    : { shortMin: opposite, activities: [two, one] };
}

/** Two activities that both need the one oven, the same hands or the same piece of kit, with no time for one after the other. */
function clashOfTwo(problem: Problem, windows: readonly Window[], one: number, two: number): Clash | undefined {
  const [a, b] = [problem.activities[one]!, problem.activities[two]!];
  const oven = sameOven(a, b);
  if (oven !== undefined && ovenSuitsOne(a, b)) {
    const there = problem.ovens[oven]!;
    const found = inEitherOrder(problem, windows, one, two, (from, to) => leastChange(from.oven!, to.oven!, there));
    if (found.shortMin > 0) return { kind: 'temperatures', ...found };
  }
  if (sameHands(problem, a, b)) {
    const found = inEitherOrder(problem, windows, one, two);
    if (found.shortMin > 0) return { kind: 'same-cook', ...found };
  }
  if (sameUnit(problem, a, b)) {
    const found = inEitherOrder(problem, windows, one, two);
    if (found.shortMin > 0) return { kind: 'same-unit', ...found };
  }
  return undefined;
}

const handsOn = ({ ways }: Activity): boolean => ways.every((way) => way.handsOn);

/** Whether the same pair of hands must do both. */
const sameHands = ({ cooks }: Problem, a: Activity, b: Activity): boolean =>
  handsOn(a) &&
  handsOn(b) &&
  (cooks.length === 1 || (a.cooks?.length === 1 && b.cooks?.length === 1 && a.cooks[0] === b.cooks[0]));

/** Whether both need the only piece of a kind. */
const sameUnit = ({ units }: Problem, a: Activity, b: Activity): boolean =>
  a.ways.length === 1 &&
  b.ways.length === 1 &&
  a.ways[0]!.uses.some(
    ({ kind }) =>
      units.filter((unit) => unit.kind === kind).length === 1 && b.ways[0]!.uses.some((other) => other.kind === kind),
  );

/** Whether there is no heat at which two loads could be in one oven together, whichever way they are done. */
const ovenSuitsOne = (a: Activity, b: Activity): boolean =>
  a.ways.every(({ oven: x }) =>
    b.ways.every(({ oven: y }) => x!.lowC > y!.highC || y!.lowC > x!.highC || x!.alone || y!.alone),
  );

/** The only oven that both need, whichever way they are done. */
function sameOven(a: Activity, b: Activity): number | undefined {
  const only = new Set([...a.ways, ...b.ways].map((way) => (way.oven?.in.length === 1 ? way.oven.in[0]! : -1)));
  const [first] = only;
  return only.size === 1 && first !== undefined && first >= 0 ? first : undefined;
}

function leastChange(from: OvenAsk, to: OvenAsk, oven: Problem['ovens'][number]): number {
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
