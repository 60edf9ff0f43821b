import { addGuards, ExemptSets, hits, letsNoMoreIn, noDemand, type Demand } from './demands.ts';
import type { Load } from './oven.ts';
import type { Carry, Guard, Link, Problem, Shelter, Span } from './problem.ts';

/** An activity's marks, in the numbers of their classes. */
export interface MarkFacts {
  readonly carries: readonly Carry[];
  /** What it carries that its own heat does not end. */
  readonly lasting: readonly Carry[];
  readonly guards: readonly Guard[];
  readonly dust: readonly Carry[];
  readonly drips: readonly Carry[];
  readonly ends: readonly number[];
  /** Its own guards as a demand. */
  readonly demand: Demand;
}

/** What is there at the beginning, in the numbers of classes of marks. */
export interface Beginnings {
  /** For each unit and each pair of hands, what is on it. */
  readonly onUnits: readonly (readonly Carry[])[];
  readonly onHands: readonly (readonly Carry[])[];
  /** For each oven, what is in it. */
  readonly loads: readonly (readonly Load[])[];
  readonly air: readonly { readonly dust: readonly Carry[]; readonly untilMin: number }[];
  readonly open: readonly (Span & { readonly guards: readonly Guard[] })[];
}

/**
 * What is the same for every timetable of a problem, worked out once. Marks that nobody carries or nobody guards against are
 * left out, and marks that always go together are followed as one *class*: a kitchen of seventy hazards has ten or so.
 */
export interface Prepared {
  readonly problem: Problem;
  readonly sets: ExemptSets;
  readonly facts: readonly MarkFacts[];
  readonly beginnings: Beginnings;
  readonly classes: readonly (readonly number[])[];
  readonly unknownClass: number;
  readonly nothing: Demand;
  readonly unitsOfKind: ReadonlyMap<string, readonly number[]>;
  /** For each unit, the first that is like it in all that is known at the beginning. */
  readonly like: readonly number[];
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
    readonly isOrder?: true | undefined;
    readonly spoils?: boolean | undefined;
    readonly shelter?: Shelter | undefined;
  }[])[];
  /** What spoils stands at least so long before each activity, that with it, and after it, by the work on it alone; undefined where nothing spoils. */
  readonly standing: Standing | undefined;
  /** How many followers each activity has. */
  readonly waiting: Int32Array;
  /** Activities whose kit may be held from one to the next. */
  readonly holders: readonly number[];
  /** The exemptions that let in whatever food brings, but not a past that nobody knows; and none at all. */
  readonly anyFood: number;
  readonly nobody: number;
  /** For each class, where it comes from anywhere. */
  readonly carriers: readonly (readonly number[])[];
  /** Whether more must not stand under an activity in the oven than over it: then it goes as low as there is room. */
  readonly lowest: readonly boolean[];
  readonly anyDust: boolean;
  /** For each activity, the cooks who can do it. */
  readonly able: readonly (readonly number[])[];
  /** For each activity, what must come so shortly before it that both go in as one chain. */
  readonly tight: readonly (readonly Link[])[];
}

export interface Standing {
  readonly upTo: readonly number[];
  readonly after: readonly number[];
  /** Whether anything that spoils comes into an activity, or waits after it; whether it may be left where it is cold already. */
  readonly concerns: readonly boolean[];
  readonly stays: readonly boolean[];
}

/** A wait of at most this long, in minutes, binds two activities into one chain. */
const tightMin = 60;

/** Marks as they are met, and the classes that stand for them. */
interface Classes {
  readonly classes: readonly (readonly number[])[];
  readonly classOf: ReadonlyMap<number, number>;
}

/** Which marks are guarded against somewhere, and which are carried somewhere: only those that are both are followed. */
function followedMarks(problem: Problem): number[] {
  const { activities, units, cooks, ovens, air = [], open = [], unknownMark } = problem;
  const loads = ovens.flatMap((oven) => oven.loads ?? []);
  const marksOf = (lists: readonly (readonly { readonly mark: number }[])[]) => lists.flat().map(({ mark }) => mark);
  const guarded = new Set([
    ...marksOf([...activities, ...loads, ...open].map(({ guards }) => guards)),
    ...units.flatMap(({ barred }) => (barred.length > 0 ? [...barred, unknownMark] : [])),
  ]);
  const carried = new Set([
    ...marksOf(activities.flatMap(({ carries, dust }) => [carries, dust])),
    ...marksOf(units.map(({ holds }) => holds?.marks ?? [])),
    ...marksOf(cooks.map(({ marks }) => marks ?? [])),
    ...marksOf(loads.map(({ drips }) => drips)),
    ...marksOf(air.map(({ dust }) => dust)),
    ...(units.some(({ comesClean }) => !comesClean) ? [unknownMark] : []),
  ]);
  return [...guarded].filter((mark) => carried.has(mark));
}

/** Marks with the same signature are met, guarded and ended at the same places: one stands for all. */
function classesOf(problem: Problem): Classes {
  const { activities, units, cooks, ovens, air = [], open = [], unknownMark } = problem;
  const signature = new Map<number, string[]>(
    followedMarks(problem).map((mark) => [mark, mark === unknownMark ? ['?'] : []]),
  );
  const sign = (mark: number, word: string) => void signature.get(mark)?.push(word);
  const signCarries = (letter: string, at: string | number, carries: readonly Carry[]) => {
    for (const { mark, origin } of carries) sign(mark, `${letter}${at},${origin}`);
  };
  const signGuards = (letter: string, at: string | number, guards: readonly Guard[]) => {
    for (const { mark, exempt } of guards) sign(mark, `${letter}${at},${[...exempt].sort((a, b) => a - b).join('+')}`);
  };
  activities.forEach((activity, at) => {
    signCarries('c', at, activity.carries);
    signCarries('d', at, activity.dust);
    signCarries('f', at, activity.drips ?? []);
    signGuards('g', at, activity.guards);
    for (const mark of activity.ends) sign(mark, `e${at}`);
  });
  units.forEach(({ barred, holds }, at) => {
    for (const mark of barred) sign(mark, `b${at}`);
    signCarries('u', at, holds?.marks ?? []);
  });
  cooks.forEach(({ marks = [] }, at) => signCarries('h', at, marks));
  ovens.forEach(({ loads = [] }, oven) =>
    loads.forEach(({ drips, guards }, at) => {
      signCarries('o', `${oven}/${at}`, drips);
      signGuards('p', `${oven}/${at}`, guards);
    }),
  );
  air.forEach(({ dust }, at) => signCarries('a', at, dust));
  open.forEach(({ guards }, at) => signGuards('q', at, guards));
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
  return { classes, classOf };
}

export function prepare(problem: Problem): Prepared {
  const { activities, units } = problem;
  const { classes, classOf } = classesOf(problem);
  const sets = new ExemptSets();
  const carriesIn = (carries: readonly Carry[]): Carry[] =>
    distinct(
      carries.flatMap(({ mark, origin }) => {
        const at = classOf.get(mark);
        return at === undefined ? [] : [{ mark: at, origin }];
      }),
      (each) => `${each.mark}/${each.origin}`,
    );
  const guardsIn = (guards: readonly Guard[]): Guard[] =>
    distinct(
      guards.flatMap(({ mark, exempt }) => {
        const at = classOf.get(mark);
        return at === undefined ? [] : [{ mark: at, exempt }];
      }),
      (each) => `${each.mark}/${each.exempt.join('+')}`,
    );
  const demandOf = (guards: readonly Guard[]): Demand => {
    const demand = noDemand(classes.length);
    addGuards(demand, guards, sets);
    return demand;
  };
  const classesIn = (marks: readonly number[]): number[] => [
    ...new Set(marks.flatMap((mark) => classOf.get(mark) ?? [])),
  ];
  const facts = activities.map((activity): MarkFacts => {
    const guards = guardsIn(activity.guards);
    const demand = demandOf(guards);
    const carries = carriesIn(activity.carries);
    const ends = classesIn(activity.ends);
    return {
      carries,
      lasting: carries.filter(({ mark }) => !ends.includes(mark)),
      guards,
      dust: carriesIn(activity.dust),
      drips: carriesIn(activity.drips ?? activity.carries),
      ends,
      demand,
    };
  });
  const beginnings: Beginnings = {
    onUnits: units.map(({ holds }) => carriesIn(holds?.marks ?? [])),
    onHands: problem.cooks.map(({ marks }) => carriesIn(marks ?? [])),
    loads: problem.ovens.map(({ loads = [] }) =>
      loads.map(({ startMin, endMin, drips, guards, ...load }) => ({
        ...load,
        start: startMin,
        end: endMin,
        activity: -1,
        drips: carriesIn(drips),
        guards: guardsIn(guards),
        demand: demandOf(guardsIn(guards)),
      })),
    ),
    air: (problem.air ?? []).map(({ dust, untilMin }) => ({ dust: carriesIn(dust), untilMin })),
    open: (problem.open ?? []).map(({ guards, ...span }) => ({ ...span, guards: guardsIn(guards) })),
  };
  const feared = activities.map((activity) =>
    activity.guards.flatMap(({ mark }) =>
      mark === problem.unknownMark || problem.heatEnds.includes(mark) ? [] : [mark],
    ),
  );
  const where = (test: (unit: Problem['units'][number]) => boolean): ReadonlySet<number> =>
    new Set(units.flatMap((unit, index) => (test(unit) ? [index] : [])));
  const followers = activities.map((): Link[] => []);
  activities.forEach((activity, index) => {
    for (const link of activity.before) followers[link.activity]!.push({ ...link, activity: index });
  });
  const unitsOfKind = new Map<string, number[]>();
  units.forEach((unit, index) => unitsOfKind.set(unit.kind, [...(unitsOfKind.get(unit.kind) ?? []), index]));
  const everywhere = [
    ...facts.flatMap(({ carries, dust, drips }) => [carries, dust, drips]),
    ...beginnings.onUnits,
    ...beginnings.onHands,
    ...beginnings.air.map(({ dust }) => dust),
  ].flat();
  const origins = new Set(
    [...activities.map(({ carries }) => carries), ...beginnings.onUnits, ...beginnings.onHands].flatMap((carries) =>
      carries.flatMap(({ origin }) => (origin >= 0 ? [origin] : [])),
    ),
  );
  const carriers = classes.map((_, at) => [
    ...new Set([
      ...everywhere.flatMap(({ mark, origin }) => (mark === at ? [origin] : [])),
      ...(at === classOf.get(problem.unknownMark) ? [-1] : []),
    ]),
  ]);
  return {
    problem,
    sets,
    facts,
    beginnings,
    anyFood: sets.intern(origins),
    nobody: sets.intern([]),
    classes,
    unitsOfKind,
    like: firstAlike(units),
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
    standing: standingOf(problem),
    waiting: Int32Array.from(followers, (list) => list.length),
    holders: activities.flatMap((activity, index) =>
      activity.ways.some((way) => way.uses.some((use) => use.hold !== undefined)) ? [index] : [],
    ),
    carriers,
    lowest: lowestOf(problem, facts, { sets, carriers }),
    anyDust: activities.some((activity) => activity.dust.length > 0) || beginnings.air.length > 0,
    able: activities.map((activity) => activity.cooks ?? problem.cooks.map((_, cook) => cook)),
    tight: activities.map((activity) => activity.before.filter((link) => link.mostMin <= tightMin)),
  };
}

function firstAlike(units: Problem['units']): readonly number[] {
  const first = new Map<string, number>();
  return units.map((unit, index) => {
    const key = JSON.stringify(unit);
    const known = first.get(key) ?? index;
    first.set(key, known);
    return known;
  });
}

/** Which activities more must not stand under than over. */
function lowestOf(
  { activities }: Problem,
  facts: readonly MarkFacts[],
  known: Pick<Prepared, 'sets' | 'carriers'>,
): readonly boolean[] {
  const loads = activities.flatMap(({ ways }, index) => {
    const way = ways.find((each) => each.oven);
    return way ? [{ index, covered: way.oven!.covered }] : [];
  });
  const lowest = activities.map(() => false);
  const drips = (above: (typeof loads)[number], below: number): boolean =>
    !above.covered &&
    (hits(facts[above.index]!.drips, facts[below]!.guards) ||
      !letsNoMoreIn(known, facts[above.index]!.demand, facts[below]!.demand));
  for (const mine of loads) {
    let balance = 0;
    for (const other of loads) {
      if (drips(mine, other.index)) balance++;
      if (drips(other, mine.index)) balance--;
    }
    lowest[mine.index] = balance > 0;
  }
  return lowest;
}

/** Work on what spoils, from where it was last fresh to the end of each activity, and from there on; links may point anywhere but round in a circle. */
function standingOf({ activities, standsMostMin }: Problem): Standing | undefined {
  if (standsMostMin === undefined) return undefined;
  const own = activities.map(({ ways, stands }) => (stands ? Math.min(...ways.map((way) => way.durationMin)) : 0));
  const upTo = activities.map(() => -1);
  const after = activities.map(() => -1);
  const toEndOf = (index: number): number => {
    if (upTo[index]! >= 0) return upTo[index]!;
    upTo[index] = 0;
    const { before, freshens } = activities[index]!;
    const earlier = before.map((link) => (link.spoils ? toEndOf(link.activity) : 0));
    return (upTo[index] = freshens ? 0 : own[index]! + Math.max(0, ...earlier));
  };
  const nexts = activities.map((): number[] => []);
  activities.forEach(({ before }, index) => {
    for (const link of before) if (link.spoils) nexts[link.activity]!.push(index);
  });
  const fromEndOf = (index: number): number => {
    if (after[index]! >= 0) return after[index]!;
    after[index] = 0;
    const later = nexts[index]!.map((next) => (activities[next]!.freshens ? 0 : own[next]! + fromEndOf(next)));
    return (after[index] = Math.max(0, ...later));
  };
  activities.forEach((_, index) => {
    toEndOf(index);
    fromEndOf(index);
  });
  const links = activities.flatMap(({ before, dueMin, spoils, shelter }, index) => [
    ...before.map((link) => ({ ...link, from: link.activity, next: index })),
    ...(dueMin === undefined ? [] : [{ spoils, shelter, from: index, next: index }]),
  ]);
  const concerned = new Set(links.flatMap(({ spoils, from, next }) => (spoils ? [from, next] : [])));
  const staying = new Set(links.flatMap(({ shelter, from }) => (shelter?.isThere ? [from] : [])));
  return {
    upTo,
    after,
    concerns: activities.map((_, index) => concerned.has(index)),
    stays: activities.map((_, index) => staying.has(index)),
  };
}

function distinct<T>(list: readonly T[], keyOf: (each: T) => string): T[] {
  const seen = new Set<string>();
  return list.filter((each) => {
    const key = keyOf(each);
    return seen.has(key) ? false : (seen.add(key), true);
  });
}
