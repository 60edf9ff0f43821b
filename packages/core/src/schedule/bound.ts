import type { Problem } from './problem.ts';
import { windowsOf } from './windows.ts';

/**
 * No timetable can be shorter, from the first hand on the day to the last serving. The greatest of several bounds: the longest
 * chain; and for every resource, that those who need it do so one after another, between what must come before the
 * first and after the last of them.
 * @source the capacity bound over heads and tails as in Carlier, European Journal of Operational Research 1982;11:42-47
 */
export function lowerBoundMin(problem: Problem): number {
  const { activities, dayStartsMin } = problem;
  const lastDue = Math.max(0, ...activities.flatMap((activity) => activity.dueMin ?? []));
  const least = activities.map((activity) => Math.min(...activity.ways.map((way) => way.durationMin)));
  const order = backwards(problem);
  const tail = activities.map((activity) => (activity.dueMin === undefined ? 0 : lastDue - activity.dueMin));
  for (const index of order) {
    for (const link of activities[index]!.before) {
      tail[link.activity] = Math.max(tail[link.activity]!, tail[index]! + least[index]! + link.leastMin);
    }
  }
  // Only what the waits forbid to be done before the day counts, and only where a hand is laid on it.
  const windows = windowsOf(problem);
  const today = activities.map(
    (activity, index) =>
      windows[index]!.startsAtEarliest >= dayStartsMin &&
      activity.ways.every((way) => way.handsOn || way.looks.some((point) => point.atMin === 0)),
  );
  const head = activities.map(() => 0);
  for (const index of [...order].reverse()) {
    for (const link of activities[index]!.before)
      if (today[link.activity])
        head[index] = Math.max(head[index]!, head[link.activity]! + least[link.activity]! + link.leastMin);
  }
  let bound = 0;
  activities.forEach((_, index) => {
    if (today[index]) bound = Math.max(bound, head[index]! + least[index]! + tail[index]!);
  });
  for (const { capacity, needs } of resources(problem)) {
    const users = needs.filter((each) => today[each.activity]);
    bound = Math.max(
      bound,
      capacityBound(
        users.map((each) => ({
          head: head[each.activity]!,
          work: least[each.activity]! * each.amount,
          tail: tail[each.activity]!,
        })),
        capacity,
      ),
    );
  }
  return Math.ceil(bound);
}

/** Followers before what they follow. */
function backwards({ activities }: Problem): readonly number[] {
  const waiting = activities.map(() => 0);
  for (const activity of activities) for (const link of activity.before) waiting[link.activity]!++;
  const order = activities.flatMap((_, index) => (waiting[index] === 0 ? [index] : []));
  for (let i = 0; i < order.length; i++)
    for (const link of activities[order[i]!]!.before) if (--waiting[link.activity]! === 0) order.push(link.activity);
  return order;
}

interface Resource {
  readonly capacity: number;
  readonly needs: readonly { readonly activity: number; readonly amount: number }[];
}

function resources({ activities, cooks, units, ovens, pools }: Problem): readonly Resource[] {
  const found: Resource[] = [];
  const add = (capacity: number, amountOf: (activity: Problem['activities'][number]) => number) => {
    const needs = activities.flatMap((activity, index) => {
      const amount = amountOf(activity);
      return amount > 0 ? [{ activity: index, amount }] : [];
    });
    if (capacity > 0 && capacity < Infinity && needs.length > 1) found.push({ capacity, needs });
  };
  const always = (
    activity: Problem['activities'][number],
    amount: (way: Problem['activities'][number]['ways'][number]) => number,
  ) => Math.min(...activity.ways.map(amount));
  add(cooks.length, (activity) => always(activity, (way) => (way.handsOn ? 1 : 0)));
  cooks.forEach((_, cook) =>
    add(1, (activity) =>
      activity.cooks?.length === 1 && activity.cooks[0] === cook ? always(activity, (way) => (way.handsOn ? 1 : 0)) : 0,
    ),
  );
  for (const kind of new Set(units.map((unit) => unit.kind)))
    add(units.filter((unit) => unit.kind === kind).length, (activity) =>
      always(activity, (way) => way.uses.filter((use) => use.kind === kind).length),
    );
  add(
    ovens.reduce((sum, oven) => sum + oven.racks, 0),
    (activity) =>
      always(activity, (way) =>
        way.oven ? Math.min(way.oven.racks, ...way.oven.in.map((each) => ovens[each]!.racks)) : 0,
      ),
  );
  pools.forEach((places, pool) => add(places, (activity) => always(activity, (way) => way.takes[pool] ?? 0)));
  return found;
}

function capacityBound(
  users: readonly { readonly head: number; readonly work: number; readonly tail: number }[],
  capacity: number,
): number {
  let bound = 0;
  const tails = [...new Set(users.map((each) => each.tail))];
  for (const head of new Set(users.map((each) => each.head))) {
    for (const tail of tails) {
      let work = 0;
      for (const each of users) if (each.head >= head && each.tail >= tail) work += each.work;
      if (work > 0) bound = Math.max(bound, head + work / capacity + tail);
    }
  }
  return bound;
}
