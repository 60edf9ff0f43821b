import { addGuards, ExemptSets, noDemand, type Demand } from './demands.ts';
import type { Carry, Guard, Link, Problem } from './problem.ts';

/** An activity's marks, in the numbers of their classes. */
export interface MarkFacts {
  readonly carries: readonly Carry[];
  readonly guards: readonly Guard[];
  readonly dust: readonly Carry[];
  readonly drips: readonly Carry[];
  readonly ends: readonly number[];
  /** Its own guards as a demand. */
  readonly demand: Demand;
}

/**
 * What is the same for every timetable of a problem, worked out once. Marks that nobody carries or nobody guards against are
 * left out, and marks that always go together are followed as one *class*: a kitchen of seventy hazards has ten or so.
 */
export interface Prepared {
  readonly problem: Problem;
  readonly sets: ExemptSets;
  readonly facts: readonly MarkFacts[];
  readonly classes: readonly (readonly number[])[];
  readonly unknownClass: number;
  readonly nothing: Demand;
  readonly unitsOfKind: ReadonlyMap<string, readonly number[]>;
  /** For each unit, the classes that are never put on it. */
  readonly barred: readonly (readonly number[])[];
  /** For each activity, the units that what it carries is barred from. */
  readonly barredUnits: readonly ReadonlySet<number>[];
  /** For each activity, the units whose unknown past is feared for those who eat it. */
  readonly fearedUnits: readonly ReadonlySet<number>[];
  readonly followers: readonly (readonly {
    readonly activity: number;
    readonly leastMin: number;
    readonly mostMin: number;
  }[])[];
  /** How many followers each activity has. */
  readonly waiting: Int32Array;
  /** Activities whose kit may be held from one to the next. */
  readonly holders: readonly number[];
  /** The exemptions that let in whatever food brings, but not a past that nobody knows; and none at all. */
  readonly anyFood: number;
  readonly nobody: number;
  readonly anyDust: boolean;
  /** For each activity, the cooks who can do it. */
  readonly able: readonly (readonly number[])[];
  /** For each activity, what must come so shortly before it that both go in as one chain. */
  readonly tight: readonly (readonly Link[])[];
}

/** A wait of at most this long, in minutes, binds two activities into one chain. */
const tightMin = 60;

export function prepare(problem: Problem): Prepared {
  const { activities, units } = problem;
  const suspects = units.some((unit) => !unit.comesClean);
  const guarded = new Set([
    ...activities.flatMap((each) => each.guards.map((guard) => guard.mark)),
    ...units.flatMap((unit) => (unit.barred.length > 0 ? [...unit.barred, problem.unknownMark] : [])),
  ]);
  const carried = new Set([
    ...activities.flatMap((each) => [...each.carries, ...each.dust].map((carry) => carry.mark)),
    ...(suspects ? [problem.unknownMark] : []),
  ]);

  // Marks with the same signature are met, guarded and ended at the same places: one stands for all.
  const signature = new Map<number, string[]>(
    [...guarded].filter((mark) => carried.has(mark)).map((mark) => [mark, mark === problem.unknownMark ? ['?'] : []]),
  );
  const sign = (mark: number, word: string) => void signature.get(mark)?.push(word);
  activities.forEach((activity, i) => {
    for (const { mark, origin } of activity.carries) sign(mark, `c${i},${origin}`);
    for (const { mark, origin } of activity.dust) sign(mark, `d${i},${origin}`);
    for (const { mark, origin } of activity.drips ?? []) sign(mark, `f${i},${origin}`);
    for (const { mark, exempt } of activity.guards) sign(mark, `g${i},${[...exempt].sort((a, b) => a - b).join('+')}`);
    for (const mark of activity.ends) sign(mark, `e${i}`);
  });
  units.forEach((unit, i) => {
    for (const mark of unit.barred) sign(mark, `b${i}`);
  });
  const classOf = new Map<number, number>();
  const classes: number[][] = [];
  const known = new Map<string, number>();
  for (const [mark, words] of signature) {
    const key = words.join(' ');
    const found = known.get(key) ?? classes.length;
    if (found === classes.length) {
      known.set(key, found);
      classes.push([]);
    }
    classes[found]!.push(mark);
    classOf.set(mark, found);
  }

  const sets = new ExemptSets();
  const carriesIn = (carries: readonly Carry[]): Carry[] =>
    distinct(
      carries.flatMap(({ mark, origin }) => {
        const at = classOf.get(mark);
        return at === undefined ? [] : [{ mark: at, origin }];
      }),
      (each) => `${each.mark}/${each.origin}`,
    );
  const classesIn = (marks: readonly number[]): number[] => [
    ...new Set(marks.flatMap((mark) => classOf.get(mark) ?? [])),
  ];
  const facts = activities.map((activity): MarkFacts => {
    const guards = distinct(
      activity.guards.flatMap(({ mark, exempt }) => {
        const at = classOf.get(mark);
        return at === undefined ? [] : [{ mark: at, exempt }];
      }),
      (each) => `${each.mark}/${each.exempt.join('+')}`,
    );
    const demand = noDemand(classes.length);
    addGuards(demand, guards, sets);
    return {
      carries: carriesIn(activity.carries),
      guards,
      dust: carriesIn(activity.dust),
      drips: carriesIn(activity.drips ?? activity.carries),
      ends: classesIn(activity.ends),
      demand,
    };
  });
  const feared = activities.map((activity) =>
    activity.guards.flatMap(({ mark }) =>
      mark === problem.unknownMark || problem.heatEnds.includes(mark) ? [] : [mark],
    ),
  );
  const where = (test: (unit: Problem['units'][number]) => boolean): ReadonlySet<number> =>
    new Set(units.flatMap((unit, index) => (test(unit) ? [index] : [])));
  const followers = activities.map((): { activity: number; leastMin: number; mostMin: number }[] => []);
  activities.forEach((activity, index) => {
    for (const link of activity.before)
      followers[link.activity]!.push({ activity: index, leastMin: link.leastMin, mostMin: link.mostMin });
  });
  const unitsOfKind = new Map<string, number[]>();
  units.forEach((unit, index) => unitsOfKind.set(unit.kind, [...(unitsOfKind.get(unit.kind) ?? []), index]));
  const origins = new Set(activities.flatMap((activity) => activity.carries.map((carry) => carry.origin)));
  return {
    problem,
    sets,
    facts,
    anyFood: sets.intern(origins),
    nobody: sets.intern([]),
    classes,
    unitsOfKind,
    followers,
    unknownClass: classOf.get(problem.unknownMark) ?? -1,
    nothing: noDemand(classes.length),
    barred: units.map((unit) => classesIn(unit.barred)),
    barredUnits: activities.map((activity) =>
      where((unit) => unit.barred.length > 0 && activity.carries.some(({ mark }) => unit.barred.includes(mark))),
    ),
    fearedUnits: feared.map((marks) =>
      where((unit) => !unit.comesClean && marks.some((mark) => !unit.barred.includes(mark))),
    ),
    waiting: Int32Array.from(followers, (list) => list.length),
    holders: activities.flatMap((activity, index) =>
      activity.ways.some((way) => way.uses.some((use) => use.hold !== undefined)) ? [index] : [],
    ),
    anyDust: activities.some((activity) => activity.dust.length > 0),
    able: activities.map((activity) => activity.cooks ?? problem.cooks.map((_, cook) => cook)),
    tight: activities.map((activity) => activity.before.filter((link) => link.mostMin <= tightMin)),
  };
}

function distinct<T>(list: readonly T[], keyOf: (each: T) => string): T[] {
  const seen = new Set<string>();
  return list.filter((each) => {
    const key = keyOf(each);
    return seen.has(key) ? false : (seen.add(key), true);
  });
}
