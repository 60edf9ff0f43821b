import type { Goal, Placed, Problem, Score, Wash } from './problem.ts';

type Measured = Pick<Placed, 'activity' | 'way' | 'startMin' | 'endMin' | 'cook' | 'looks' | 'rests'>;

/** The last minutes before the first serving, in which it should be calm. */
const lastMin = 30;

/** What a timetable is measured by, in the order of the problem's goals. */
export function scoreOf(
  problem: Problem,
  placed: readonly Placed[],
  washes: readonly Pick<Wash, 'startMin' | 'endMin'>[],
): Score {
  const figures = figuresOf(problem, placed, washes);
  return problem.goals.map((goal) => figures[goal]);
}

/** All that a timetable can be measured by; less is better. */
export function figuresOf(
  problem: Problem,
  placed: readonly Measured[],
  washes: readonly Pick<Wash, 'startMin' | 'endMin'>[],
): Readonly<Record<Goal, number>> {
  const { activities, dayStartsMin } = problem;
  let first = Infinity;
  let lastDue = 0;
  let calm = 0;
  let held = 0;
  let bent = 0;
  let rests = 0;
  for (const each of placed) {
    const { dueMin } = activities[each.activity]!;
    if (dueMin !== undefined) {
      lastDue = Math.max(lastDue, dueMin);
      held += Math.max(0, dueMin - each.endMin);
    }
    if (activities[each.activity]!.ways[each.way]!.bent) bent++;
    if (each.cook >= 0) {
      if (each.startMin >= dayStartsMin) first = Math.min(first, each.startMin);
      calm += Math.max(0, Math.min(each.endMin, 0) - Math.max(each.startMin, -lastMin));
    }
    for (const rest of each.rests) if (rest.put) rests++;
    for (const point of each.looks) if (point.startMin >= dayStartsMin) first = Math.min(first, point.startMin);
  }
  return {
    washes: washes.length,
    washMin: washes.reduce((sum, wash) => sum + wash.endMin - wash.startMin, 0),
    day: first === Infinity ? 0 : lastDue - first,
    calm,
    held,
    bent,
    rests,
  };
}

const weights: Record<Goal, number> = { washes: 30, bent: 25, washMin: 1, day: 1, calm: 0.5, rests: 4, held: 0.02 };
/** What comes earlier in the cook's order weighs more in the search, too. */
const places = [16, 8, 2, 1, 0.5, 0.5, 0.25];
const usual: Record<Goal, number> = { washes: 0, bent: 1, day: 2, washMin: 3, calm: 4, rests: 5, held: 6 };

/** One number for the search to walk by: it may cross a ridge that the strict order of goals would never let it. */
export function energyOf(problem: Problem, score: Score): number {
  return problem.goals.reduce(
    (sum, goal, at) => sum + score[at]! * weights[goal] * (places[at]! / places[usual[goal]]!),
    0,
  );
}
