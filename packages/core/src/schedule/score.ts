import type { Goal, Placed, Problem, Score, Wash } from './problem.ts';

type Measured = Pick<Placed, 'activity' | 'way' | 'startMin' | 'endMin' | 'cook' | 'looks' | 'rests'>;

/** Work on the days before is no free work: things are got out, heated up and put away once more, each day again. House figures. */
const aheadWeighs = 1.5;
const aheadDayMin = 30;

/** What a timetable is measured by, and what its day is made of. */
export type Figures = Readonly<Record<Goal, number>> & {
  /** From the first hand on the day to the last serving, in minutes. */
  readonly spanMin: number;
  /** Minutes of somebody's work on the days before. */
  readonly aheadMin: number;
};

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

/** All that a timetable can be measured by; less is better. The day counts with what is done for it on the days before. */
export function figuresOf(
  problem: Problem,
  placed: readonly Measured[],
  washes: readonly Pick<Wash, 'startMin' | 'endMin'>[],
): Figures {
  const { activities, dayStartsMin } = problem;
  let first = Infinity;
  let lastDue = 0;
  let calm = 0;
  let held = 0;
  let bent = 0;
  let rests = 0;
  let aheadMin = 0;
  const aheadDays = new Set<number>();
  const worksAhead = (startMin: number, endMin: number): void => {
    aheadMin += endMin - startMin;
    aheadDays.add(Math.floor((startMin - dayStartsMin) / 1440));
  };
  const works = (startMin: number, endMin: number): void => {
    if (startMin >= dayStartsMin) first = Math.min(first, startMin);
    else worksAhead(startMin, endMin);
  };
  for (const each of placed) {
    const { dueMin } = activities[each.activity]!;
    if (dueMin !== undefined) {
      lastDue = Math.max(lastDue, dueMin);
      held += Math.max(0, dueMin - each.endMin);
    }
    if (activities[each.activity]!.ways[each.way]!.bent) bent++;
    if (each.cook >= 0) {
      works(each.startMin, each.endMin);
      calm += Math.max(0, Math.min(each.endMin, 0) - Math.max(each.startMin, -lastMin));
    }
    for (const { put } of each.rests) {
      if (!put) continue;
      rests++;
      if (put.startMin < dayStartsMin) worksAhead(put.startMin, put.endMin);
    }
    for (const point of each.looks) works(point.startMin, point.endMin);
  }
  const spanMin = first === Infinity ? 0 : lastDue - first;
  return {
    spanMin,
    aheadMin,
    washes: washes.length,
    washMin: washes.reduce((sum, wash) => sum + wash.endMin - wash.startMin, 0),
    day: spanMin + aheadWeighs * aheadMin + aheadDayMin * aheadDays.size,
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
