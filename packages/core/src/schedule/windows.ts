import type { Problem } from './problem.ts';

export interface Window {
  readonly startsAtEarliest: number;
  readonly endsAtEarliest: number;
  readonly endsAtLatest: number;
}

const far = 20_000;
/** The least that an activity takes, in whichever way. */
export const shortest = (problem: Problem, index: number): number =>
  Math.min(...problem.activities[index]!.ways.map((way) => way.durationMin));
/** The longest that an activity may take, in whichever way. */
const longest = (problem: Problem, index: number): number =>
  Math.max(...problem.activities[index]!.ways.map((way) => way.durationMin));

/** When each activity can be done at all, from links, waits, servings and pins; nothing is assumed about kit or hands. */
export function windowsOf(problem: Problem): readonly Window[] {
  const { activities } = problem;
  const starts = activities.map((activity) => Math.max(-far, activity.notBeforeMin ?? -far));
  const early = activities.map((activity) =>
    Math.max(
      -far,
      activity.warm ? activity.warm.untilMin - activity.warm.mostMin : -far,
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
