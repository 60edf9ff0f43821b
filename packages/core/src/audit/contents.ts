import { kitKindOf, rules } from '../reference/index.ts';
import type { TaskId, UnitId } from '../model/index.ts';
import { isVessel } from '../scale/index.ts';
import { clock, doing, heldAs, linksOf, named, upTo, type Facts, type StepFacts } from './facts.ts';
import type { Finding } from './finding.ts';

/** A stretch in which a unit is taken: it is worked with, or food lies in it. */
interface Taken {
  readonly unit: UnitId;
  readonly startMin: number;
  readonly endMin: number;
  readonly what: () => string;
  readonly task: TaskId;
  /** The step whose food it is; absent for a wash. */
  readonly by?: StepFacts | undefined;
  readonly lies: boolean;
  /** It is a base that lies there for versions to take from. */
  readonly forOthers?: boolean;
}

/**
 * Follows food from piece to piece: what is in which, from the step that fills it to the last that takes from it, or until its dish is off the
 * table. Nothing else may be in a piece meanwhile, whatever the recipe calls it.
 */
export function auditContents(facts: Facts): Finding[] {
  const { occasion } = facts;
  const kit = new Map(occasion.kitchen.kit.map((unit) => [unit.id, unit]));
  const taken = new Map<UnitId, Taken[]>();
  const note = (each: Taken) => {
    const known = taken.get(each.unit);
    if (known) known.push(each);
    else taken.set(each.unit, [each]);
  };
  const followed = follow(facts);
  const { lying, takers } = followed;
  for (const each of facts.steps) {
    const { task } = each;
    const whose = { task: task.id, by: each };
    for (const unit of task.units) {
      note({
        ...whose,
        unit,
        startMin: task.startMin,
        endMin: workedUntil(each, unit, followed),
        what: () => named(occasion, each),
        lies: false,
      });
    }
    for (const unit of lying.get(each)!)
      note({
        ...whose,
        unit,
        // Where no piece is named it goes on in the one it was in, from the first minute.
        startMin: task.units.includes(unit) ? task.endMin : task.startMin,
        endMin: emptiedMin(facts, each, unit, takers.get(each) ?? []),
        what: () => `the food of ${named(occasion, each)}`,
        lies: true,
        forOthers: (takers.get(each) ?? []).some(({ batch }) => batch.planned.base === each.batch.planned.id),
      });
  }
  for (const stretch of namedPieces(facts, followed)) note(stretch);
  for (const wash of facts.washes)
    for (const unit of wash.units)
      note({
        unit,
        startMin: wash.startMin,
        endMin: Math.max(wash.endMin, wash.machineUntilMin ?? wash.endMin),
        what: () => `a wash (${clock(occasion, wash.startMin)})`,
        task: wash.id,
        lies: false,
      });
  return [...taken].flatMap(([unit, list]) =>
    clashesIn(unit, list, followed).map(([one, two]): Finding => {
      const name = kit.get(unit)?.name ?? unit;
      return one.lies || two.lies
        ? {
            code: 'contents',
            message: `${name} still holds ${(one.lies ? one : two).what()} when it is wanted by ${(one.lies ? two : one).what()}.`,
            tasks: [one.task, two.task],
            guests: [],
          }
        : {
            code: 'kit-twice',
            message: `${name} is wanted by ${one.what()} and ${two.what()} at once.`,
            tasks: [one.task, two.task],
            guests: [],
          };
    }),
  );
}

/** For each step the pieces in which its food lies when it is over, the steps that take from it, and those that it takes from. */
interface Followed {
  readonly lying: ReadonlyMap<StepFacts, readonly UnitId[]>;
  readonly takers: ReadonlyMap<StepFacts, readonly StepFacts[]>;
  readonly sources: ReadonlyMap<StepFacts, readonly StepFacts[]>;
}

function follow(facts: Facts): Followed {
  const sources = new Map<StepFacts, readonly StepFacts[]>();
  const takers = new Map<StepFacts, StepFacts[]>();
  for (const each of facts.steps) {
    const from = linksOf(each.batch.recipe, each.step).flatMap((link) => doing(facts, each.batch, link.step) ?? []);
    sources.set(each, from);
    for (const other of from) takers.set(other, [...(takers.get(other) ?? []), each]);
  }
  const lying = new Map<StepFacts, readonly UnitId[]>();
  const find = (each: StepFacts): readonly UnitId[] => {
    const known = lying.get(each);
    if (known) return known;
    lying.set(each, []);
    const before = sources.get(each)!.map((source) => ({ source, units: find(source) }));
    const here = liesAfter(facts, each, before, takers.get(each) ?? []);
    lying.set(each, here);
    return here;
  };
  for (const each of facts.steps) find(each);
  return { lying, takers, sources };
}

type Kinds = ReadonlyMap<UnitId, ReturnType<typeof kitKindOf>>;
const kindsIn = new WeakMap<Facts, Kinds>();

/** What kind of kit each piece of the kitchen is, worked out once for a plan. */
function kindsOf(facts: Facts): Kinds {
  const kinds =
    kindsIn.get(facts) ?? new Map(facts.occasion.kitchen.kit.map((unit) => [unit.id, kitKindOf(unit.kind)]));
  kindsIn.set(facts, kinds);
  return kinds;
}

function liesAfter(
  facts: Facts,
  each: StepFacts,
  before: readonly { readonly source: StepFacts; readonly units: readonly UnitId[] }[],
  next: readonly StepFacts[],
): readonly UnitId[] {
  const { task, step, batch } = each;
  // What nobody eats any more is in nobody's way: whoever wants the piece empties it.
  if (batch.eaters.length === 0) return [];
  const kindOf = (unit: UnitId) => kindsOf(facts).get(unit);
  const isOthers = (unit: UnitId) => {
    const as = step.kit[task.units.indexOf(unit)]?.as;
    return as !== undefined && batch.from.some((component) => component.kit.has(as));
  };
  const holds = (unit: UnitId) => (kindOf(unit)?.holds ?? 'nothing') !== 'nothing';
  const was = new Set(before.flatMap(({ units }) => units));
  const holding = task.units.slice(0, step.kit.length).filter((unit) => holds(unit) && !isOthers(unit));
  const isHot = (unit: UnitId) => (!step.oven || kindOf(unit)!.oven) && (!step.burner || kindOf(unit)!.hob);
  // Done without a piece of its own, it stays where it was, if that can be.
  if (holding.length === 0) {
    const stays = before.findLast(({ source, units }) => isStayedIn(source, each) && units.some(isHot));
    return (
      stays?.units.filter(isHot) ?? task.units.slice(step.kit.length).filter((unit) => holds(unit) && !was.has(unit))
    );
  }
  const filled = holding.filter((unit) => !was.has(unit));
  if (next.length === 0 && batch.served && filled.length > 0) return filled;
  // In a piece that the taker names itself, before one it only empties: that may have been filled anew by another step in between.
  const gone = (units: readonly UnitId[]) => {
    const into = units.filter((unit) => next.some((taker) => goesOnIn(each, taker, unit)));
    const byName = into.filter((unit) => next.some((taker) => isNamedBy(taker, unit)));
    return byName.length > 0 ? byName : into;
  };
  const goneOnWith = gone(filled).length > 0 ? gone(filled) : gone(holding);
  if (goneOnWith.length > 0) return goneOnWith;
  const into = filled.length > 0 ? filled : holding;
  const isFood = (unit: UnitId) => kindOf(unit)!.holds === 'food';
  if (next.length > 0 && into.every((unit) => kindOf(unit)!.holds === 'in-passing')) return [];
  const last = into.findLast((unit) => isFood(unit) && isHot(unit)) ?? into.findLast(isFood) ?? into.at(-1)!;
  const { vessel } = batch;
  const isOfVessel = (unit: UnitId) => vessel !== undefined && isVessel(vessel, step.kit[task.units.indexOf(unit)]!);
  return isOfVessel(last) ? into.filter(isOfVessel) : [last];
}

/** Whether a step's recipe asks for the piece; the others it has in hand only to empty them. */
const isNamedBy = ({ task, step }: StepFacts, unit: UnitId): boolean =>
  task.units.slice(0, step.kit.length).includes(unit);

/** Whether a step goes on in a piece of another, and has not just the same unit, washed since, under another name. */
function goesOnIn(from: StepFacts, { task, step, batch }: StepFacts, unit: UnitId): boolean {
  if (!task.units.includes(unit)) return false;
  const there = step.kit[task.units.indexOf(unit)];
  if (there?.as === undefined) return true;
  const here = from.step.kit[from.task.units.indexOf(unit)]!;
  return here.as !== undefined && heldAs(batch, there.kind, there.as) === heldAs(from.batch, here.kind, here.as);
}

/** Whether a step goes on with food where that is: its own, or what is left of a base when the other versions have theirs. */
const isStayedIn = (source: StepFacts, { batch, task }: StepFacts): boolean =>
  source.batch === batch ||
  (source.batch.planned.id === batch.planned.base && source.task.units.some((unit) => task.units.includes(unit)));

/** Until when a step works with a piece: one that goes by itself in something else than its food was in has tipped it out once it is set going. */
function workedUntil(each: StepFacts, unit: UnitId, { lying, sources }: Followed): number {
  const { task, step, batch } = each;
  const isTippedOut =
    step.hands === 'off' &&
    (batch.eaters.length === 0 ||
      (!lying.get(each)!.includes(unit) &&
        sources.get(each)!.some((source) => isStayedIn(source, each) && lying.get(source)!.includes(unit))));
  return isTippedOut ? Math.min(task.endMin, task.startMin + 1) : task.endMin;
}

/** Until when a step's food is in a piece: until the last that takes from it begins, whose own piece it may then be; a finished dish, until it is served, and off the table. */
function emptiedMin(facts: Facts, { task, batch }: StepFacts, unit: UnitId, takers: readonly StepFacts[]): number {
  if (takers.length > 0) return Math.max(task.endMin, ...takers.map((taker) => taker.task.startMin));
  const course = facts.occasion.courses.find(({ id }) => id === batch.dish.course);
  if (!batch.served || !course) return task.endMin;
  const goesToTable = kindsOf(facts).get(unit)!.table;
  return Math.max(task.endMin, course.offsetMin + (goesToTable ? rules.tableMin : 0));
}

/** A piece to which a recipe gives a name holds its food from the first of its steps to the last. */
function namedPieces(facts: Facts, followed: Followed): readonly Taken[] {
  const pieces = new Map<string, { readonly unit: UnitId; readonly steps: StepFacts[] }>();
  for (const each of facts.steps)
    each.step.kit.forEach((use, at) => {
      const unit = each.task.units[at];
      if (use.as === undefined || unit === undefined || each.batch.eaters.length === 0) return;
      const key = `${heldAs(each.batch, use.kind, use.as)}/${unit}`;
      const before = pieces.get(key);
      if (before) before.steps.push(each);
      else pieces.set(key, { unit, steps: [each] });
    });
  const inSeveral = [...pieces.values()].filter(({ steps }) => steps.length > 1);
  return inSeveral.map(({ unit, steps }): Taken => {
    const [first] = [...steps].sort((a, b) => a.task.startMin - b.task.startMin);
    return {
      unit,
      startMin: first!.task.startMin,
      endMin: Math.max(...steps.map((each) => workedUntil(each, unit, followed))),
      what: () => `the food of ${named(facts.occasion, first!)}`,
      task: first!.task.id,
      by: first,
      lies: true,
    };
  });
}

function clashesIn(unit: UnitId, list: readonly Taken[], followed: Followed): readonly (readonly [Taken, Taken])[] {
  const sorted = [...list].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
  const pairs = new Map<string, readonly [Taken, Taken]>();
  sorted.forEach((one, i) => {
    for (let j = i + 1; j < sorted.length && sorted[j]!.startMin < one.endMin; j++) {
      const two = sorted[j]!;
      const key = [one.task, two.task].sort().join();
      // The first of several clashes of two tasks is the one that is said.
      if (two.endMin > two.startMin && !pairs.has(key) && !isSameFood(unit, one, two, followed))
        pairs.set(key, [one, two]);
    }
  });
  return [...pairs.values()];
}

/** Whether two stretches are of one food: of one step and another on its way, or of steps whose recipe gives the piece one name; or one takes from such a step. */
function isSameFood(unit: UnitId, one: Taken, two: Taken, { lying, sources }: Followed): boolean {
  if (!one.by || !two.by) return false;
  const [a, b] = [one.by, two.by];
  // Whoever stays in it waits until the others have theirs.
  if ((one.forOthers || two.forOthers) && a.batch !== b.batch) return false;
  // What is worked with cannot be worked with elsewhere, unless by a step on the same food.
  if (!one.lies && !two.lies) {
    const comesOutOf = (each: StepFacts, other: StepFacts) =>
      sources
        .get(each)!
        .some((from) => lying.get(from)!.includes(unit) && (from === other || isOneName(unit, from, other)));
    return a === b || isOneName(unit, a, b) || comesOutOf(a, b) || comesOutOf(b, a);
  }
  const there = (each: StepFacts) =>
    sources.get(each)!.filter((source) => isStayedIn(source, each) && source.task.units.includes(unit));
  return (
    isAlike(unit, a, b) ||
    there(a).some((source) => isAlike(unit, source, b)) ||
    there(b).some((source) => isAlike(unit, a, source))
  );
}

function isAlike(unit: UnitId, a: StepFacts, b: StepFacts): boolean {
  if (a === b || isOneName(unit, a, b)) return true;
  if (a.batch !== b.batch) return false;
  const isBefore = (first: StepFacts, then: StepFacts) =>
    upTo(first.batch.recipe, then.step).some((step) => step.id === first.step.id);
  return isBefore(a, b) || isBefore(b, a);
}

/** Whether two steps' recipes give a unit one name. */
function isOneName(unit: UnitId, a: StepFacts, b: StepFacts): boolean {
  const keysOf = ({ task, step, batch }: StepFacts) =>
    step.kit.flatMap((use, at) =>
      use.as !== undefined && task.units[at] === unit ? [heldAs(batch, use.kind, use.as)] : [],
    );
  return keysOf(a).some((key) => keysOf(b).includes(key));
}
