import { bentTimeFactor, hazardOf, kitKindOf, membersOf, rules, type HazardId } from '../reference/index.ts';
import type {
  Dish,
  Guest,
  Occasion,
  Plan,
  PlannedBatch,
  PlannedOven,
  PlannedStep,
  PlannedWash,
  Recipe,
  ResidueMark,
  Step,
  StepId,
  TaskId,
} from '../model/index.ts';
import { knowledgeOf, lineEvidence } from '../exposure/index.ts';
import { avoidedBy, fit } from '../fit/index.ts';
import { inVessels, vesselNeed, type VesselNeed } from '../scale/index.ts';
import {
  elsewhereOf,
  kitOfPart,
  sourceOf,
  stepsOfPart,
  takingStep,
  versionParts,
  versionRecipe,
  type StepElsewhere,
  type VersionPart,
} from '../versions/index.ts';

/** A batch as the audit sees it, worked out afresh from the occasion and never from what the scheduler was told. */
export interface BatchFacts {
  readonly planned: PlannedBatch;
  readonly dish: Dish;
  readonly recipe: Recipe;
  readonly dishName: string;
  readonly eaters: readonly Guest[];
  /** This batch and those it is taken from. */
  readonly lineage: ReadonlySet<string>;
  /** A component cooked once, and what was lost, is served to nobody by itself. */
  readonly served: boolean;
  /** Components that come from a batch of their own: what that batch calls their steps and their kit. */
  readonly from: readonly {
    readonly batch: string;
    readonly steps: ReadonlyMap<StepId, StepId>;
    readonly kit: ReadonlyMap<string, string>;
  }[];
  /** Steps of its recipe that are another dish's: what it takes from there. */
  readonly taken: ReadonlyMap<StepId, StepElsewhere>;
  readonly factor: number;
  /** What its amount must be baked in; undefined where the recipe does not say. */
  readonly vessel: VesselNeed | undefined;
}

export interface StepFacts {
  readonly task: PlannedStep;
  readonly batch: BatchFacts;
  /** The step as it is really done: another way, or at a bent temperature. */
  readonly step: Step;
  readonly written: Step;
}

/** The step in the way the plan names; undefined where the recipe has no such way. */
function doneThisWay(written: Step, task: PlannedStep): Step | undefined {
  if (task.way === undefined)
    return written.oven && task.bentC !== 0
      ? { ...written, oven: { ...written.oven, temperatureC: written.oven.temperatureC + task.bentC } }
      : written;
  const way = written.alternatives.find((each) => each.id === task.way);
  if (!way) return undefined;
  const { oven: _none, cold: _warm, ...rest } = written;
  return {
    ...rest,
    title: way.name,
    durationMin: way.durationMin,
    hands: way.hands,
    kit: way.kit,
    burner: way.burner,
    looks: [],
  };
}

/** What the plan puts into the fridge stands there while it goes by itself. */
const inItsPlace = (step: Step | undefined, { inFridge }: PlannedStep): Step | undefined =>
  step && inFridge && step.hands === 'off' && !step.oven && !step.burner && !step.cold
    ? { ...step, cold: 'fridge' }
    : step;

/** Food that is put into the fridge after a step, and taken out for others. */
export interface RestFacts {
  readonly task: PlannedStep;
  readonly after: StepFacts;
  /** For which step it, or some of it, is taken out, and when; `table`: it is served. */
  readonly takes: readonly { readonly before: TaskId | 'table'; readonly look: PlannedStep['looks'][number] }[];
}

export interface Facts {
  readonly occasion: Occasion;
  readonly batches: ReadonlyMap<string, BatchFacts>;
  readonly steps: readonly StepFacts[];
  readonly rests: readonly RestFacts[];
  readonly washes: readonly PlannedWash[];
  readonly ovens: readonly PlannedOven[];
  /** Batch and step names that the plan has but the occasion has not. */
  readonly strangers: readonly string[];
  /** Components that the plan cooks once though they are not the same, or go where they do not belong; in words. */
  readonly unlike: readonly string[];
  /** Version batches that somebody eats, as "dish/version", whether planned or not. */
  readonly eaten: ReadonlyMap<string, { readonly dish: Dish; readonly recipe: Recipe; readonly name: string }>;
}

/** Gathers what the audit needs to know, marking whatever the plan names that is not there. */
export function gather(occasion: Occasion, plan: Plan): Facts {
  const table = fit(occasion);
  const strangers: string[] = [];
  const guests = new Map(occasion.guests.map((guest) => [guest.id, guest]));
  const batches = new Map<string, BatchFacts>();
  const eaten = new Map<string, { dish: Dish; recipe: Recipe; name: string }>();
  for (const row of table.rows) {
    for (const made of row.versions) {
      if (made.eaters.length > 0)
        eaten.set(`${row.dish.id}/${made.version.id}`, { dish: row.dish, recipe: made.recipe, name: made.recipe.name });
    }
  }
  const unlike: string[] = [];
  const places = plan.batches.flatMap((planned) => partPlaces(occasion, planned));
  const lost = new Set<string>(plan.batches.flatMap((planned) => (planned.lost ? [planned.id] : [])));
  for (const planned of plan.batches) {
    if (planned.component) {
      const here = places.filter((each) => each.batch === planned.id);
      const parts = here.flatMap((each) => each.part ?? []);
      const dish = occasion.dishes.find((each) => each.id === planned.dish);
      if (!dish || parts.length === 0) {
        strangers.push(`batch ${planned.id}`);
        continue;
      }
      const recipe = inVessels(parts[0]!.made, undefined, occasion.kitchen, planned.portions / parts[0]!.made.portions);
      if (
        parts.length < here.length ||
        parts.some((part) => part.recipe.id !== planned.component!.recipe || part.sameAs !== parts[0]!.sameAs)
      )
        unlike.push(recipe.name);
      const eaters = new Set(
        here.flatMap(
          (each) =>
            table.rows
              .find((row) => row.dish.id === each.dish)
              ?.versions.find((made) => made.version.id === each.version)?.eaters ?? [],
        ),
      );
      batches.set(planned.id, {
        planned,
        dish,
        recipe,
        dishName: recipe.name,
        eaters: occasion.guests.filter((guest) => eaters.has(guest.id)),
        lineage: new Set([planned.id]),
        served: false,
        from: [],
        taken: new Map(),
        factor: planned.portions / recipe.portions,
        vessel: undefined,
      });
      continue;
    }
    const row = table.rows.find((each) => each.dish.id === planned.dish);
    const versions = row?.versions.filter((each) => planned.versions.includes(each.version.id)) ?? [];
    if (!row || versions.length === 0 || versions.length !== planned.versions.length) {
      strangers.push(`batch ${planned.id}`);
      continue;
    }
    // A base is made as the dish's first version: what differs between versions is only added after it.
    const written =
      versions.length === 1 ? versions[0]!.recipe : versionRecipe(occasion, row.dish, row.dish.versions[0]!);
    const factor = planned.portions / written.portions;
    const vessel = vesselNeed(written, factor, occasion.kitchen);
    const recipe = inVessels(written, vessel, occasion.kitchen, factor);
    const from = places.filter(
      (each) =>
        each.part &&
        !lost.has(each.batch) &&
        each.dish === planned.dish &&
        each.version === versions[0]!.version.id &&
        versions.every(({ version }) =>
          places.some(
            (other) =>
              other.batch === each.batch &&
              other.dish === each.dish &&
              other.version === version.id &&
              other.path === each.path,
          ),
        ),
    );
    batches.set(planned.id, {
      planned,
      dish: row.dish,
      recipe,
      dishName: recipe.name,
      eaters: versions.flatMap((each) => each.eaters).map((id) => guests.get(id)!),
      lineage: new Set([planned.id, ...(planned.base ? [planned.base] : []), ...from.map((each) => each.batch)]),
      served: planned.lost !== true,
      from: from.map(({ batch, part }) => ({ batch, steps: stepsOfPart(part!), kit: kitOfPart(part!) })),
      taken: takenBy(occasion, row.dish, recipe),
      factor,
      vessel,
    });
  }
  for (const [id, batch] of batches) batches.set(id, { ...batch, lineage: lineageOf(batches, batch) });
  const steps = stepsOf(plan, batches, strangers);
  return {
    occasion,
    batches,
    steps,
    rests: restsOf(plan, steps, strangers),
    washes: plan.tasks.filter((task) => task.kind === 'wash'),
    ovens: plan.tasks.filter((task) => task.kind === 'oven'),
    strangers,
    unlike,
    eaten,
  };
}

function takenBy(occasion: Occasion, { takes }: Dish, recipe: Recipe): ReadonlyMap<StepId, StepElsewhere> {
  const all = elsewhereOf(takes, (id) => sourceOf(occasion, id));
  // A version that has something else in the line's place takes nothing.
  return new Map([...all].filter(([id]) => recipe.steps.some((step) => step.id === id)));
}

/** The batch of a dish that another takes from: that of its first version. */
function giverOf(batches: ReadonlyMap<string, BatchFacts>, id: Dish['id']): BatchFacts | undefined {
  const own = [...batches.values()].filter(
    ({ dish, planned }) => dish.id === id && !planned.component && planned.versions.includes(dish.versions[0]!.id),
  );
  return own.find((each) => !own.some(({ planned }) => planned.base === each.planned.id)) ?? own[0];
}

/** A batch's own food and that of all it takes from, other dishes at any remove among them. */
function lineageOf(batches: ReadonlyMap<string, BatchFacts>, batch: BatchFacts): ReadonlySet<string> {
  const found = new Set([batch]);
  for (const each of found)
    for (const dish of new Set([...each.taken.values()].map((there) => there.dish))) {
      const giver = giverOf(batches, dish);
      if (giver) found.add(giver);
    }
  return new Set([...found].flatMap(({ lineage }) => [...lineage]));
}

/** The planned steps of recipes; one that no recipe has, or not in that way, is a stranger. */
function stepsOf(plan: Plan, batches: ReadonlyMap<string, BatchFacts>, strangers: string[]): StepFacts[] {
  return plan.tasks.flatMap((task): StepFacts[] => {
    if (task.kind !== 'step' || task.rest) return [];
    const batch = batches.get(task.batch);
    const written = batch?.recipe.steps.find((each) => each.id === task.step);
    const step = written && inItsPlace(doneThisWay(written, task), task);
    if (batch && step) return [{ task, batch, step, written }];
    strangers.push(`step ${task.id}`);
    return [];
  });
}

/** What the plan puts into the fridge in between; what it does not tell rightly is a stranger. */
function restsOf(plan: Plan, steps: readonly StepFacts[], strangers: string[]): RestFacts[] {
  return plan.tasks.flatMap((task): RestFacts[] => {
    if (task.kind !== 'step' || !task.rest) return [];
    const { after: afterId, before } = task.rest;
    const after = steps.find((step) => step.task.id === afterId);
    const [, ...takes] = task.looks;
    const isKnown = before.every((id) => id === 'table' || steps.some((step) => step.task.id === id));
    if (!after || !isKnown || takes.length !== before.length || task.units.length > 0 || task.racks.length > 0) {
      strangers.push(`rest ${task.id}`);
      return [];
    }
    return [{ task, after, takes: before.map((id, at) => ({ before: id, look: takes[at]! })) }];
  });
}

interface PartPlace {
  readonly batch: string;
  readonly dish: string;
  readonly version: string;
  readonly path: string;
  /** Undefined where the dish has no such component in that place. */
  readonly part: VersionPart | undefined;
}

/** Where the plan says that a component goes, held against what the dishes are really made with. */
function partPlaces(occasion: Occasion, planned: PlannedBatch): PartPlace[] {
  return (planned.component?.into ?? []).map(({ dish: id, version: versionId, path }) => {
    const dish = occasion.dishes.find((each) => each.id === id);
    const version = dish?.versions.find((each) => each.id === versionId);
    const part =
      dish && version && versionParts(occasion, dish, version).find((each) => each.path.join() === path.join());
    return { batch: planned.id, dish: id, version: versionId, path: path.join(), part };
  });
}

/** What a line leaves on whatever touches it, known or feared: allergens, raw risks, and origins such as pork that somebody may not have a trace of. */
export function residueOf(recipe: Recipe, lineId: string, occasion: Occasion): readonly ResidueMark[] {
  const line = recipe.lines.find((each) => each.id === lineId);
  if (!line) return [];
  const strange = occasion.dishes.some(
    ({ recipe: id, brought }) => id === recipe.id && brought !== undefined && !brought.sealed,
  );
  const marks: ResidueMark[] = strange ? ['unread'] : [];
  for (const { about } of lineEvidence(line, knowledgeOf(occasion))) {
    if (about.kind === 'unread' || about.kind === 'unknown') marks.push('unread');
    else if (about.kind === 'hazard') marks.push(about.hazard);
  }
  return marks;
}

/** A hazard, what belongs to its group, the groups it belongs to, and its close relatives. */
export const nearTo = (hazard: HazardId): readonly HazardId[] => [
  hazard,
  ...membersOf(hazard),
  ...hazardOf(hazard).groups,
  ...hazardOf(hazard).related,
];

/** What must not reach this guest's plate even as a trace, groups, unnamed groups and close relatives counted. */
export function forbiddenTo(guest: Guest): ReadonlySet<ResidueMark> {
  const known = forbidden.get(guest) ?? marksAgainst(guest);
  forbidden.set(guest, known);
  return known;
}

const forbidden = new WeakMap<Guest, ReadonlySet<ResidueMark>>();

function marksAgainst(guest: Guest): ReadonlySet<ResidueMark> {
  const marks = new Set<ResidueMark>();
  for (const need of guest.needs) {
    if (need.kind === 'open' || need.strictness !== 'no-trace') continue;
    for (const avoided of avoidedBy(need)) for (const mark of nearTo(avoided)) marks.add(mark);
  }
  if (marks.size > 0) marks.add('unread');
  return marks;
}

export const isRaw = (mark: ResidueMark): boolean => mark !== 'unread' && hazardOf(mark).kind === 'raw';

export const isHot = ({ burner, oven, kit }: Step): boolean =>
  burner || oven !== undefined || kit.some((use) => kitKindOf(use.kind).heats);

/** Hot enough to brown what lies in it. */
const sears = ({ burner, oven }: Step): boolean =>
  burner || (oven !== undefined && oven.temperatureC >= rules.cooksLeastC);

/** Whether a recipe's step is to leave a raw-food risk in its food: of meat only where it is browned. */
export function leavesRaw(mark: ResidueMark, step: Step): boolean {
  if (mark === 'unread' || step.meantRaw === undefined || !step.meantRaw.includes(mark)) return false;
  const { meant } = hazardOf(mark);
  return meant !== undefined && (meant.unheated || sears(step));
}

/** Whether a step has ended a raw-food risk for all that comes after it: hot enough inside, or browned outside where the inside is meant to be as it is. */
export function cooksAway(mark: ResidueMark, step: Step): boolean {
  if (mark === 'unread') return false;
  const { safeCoreC, meant } = hazardOf(mark);
  if (safeCoreC !== undefined && step.coreC !== undefined && step.coreC >= safeCoreC) return true;
  return sears(step) && leavesRaw(mark, step) && meant !== undefined && meant.sears;
}

export const markName = (mark: ResidueMark): string => (mark === 'unread' ? 'something unread' : hazardOf(mark).name);

/** The steps a step must follow; those of the recipe's list order where it names none. */
export function linksOf(
  recipe: Recipe,
  step: Step,
): readonly { readonly step: StepId; readonly leastMin: number; readonly mostMin?: number | undefined }[] {
  if (step.after) return step.after;
  const before = recipe.steps[recipe.steps.findIndex((each) => each.id === step.id) - 1];
  return before ? [{ step: before.id, leastMin: 0 }] : [];
}

/** The lines that are first in a step's food: its own; where nothing comes before it, also what the recipe puts nowhere. */
export function broughtInto(recipe: Recipe, step: Step): readonly string[] {
  if (linksOf(recipe, step).length > 0) return step.uses;
  const nowhere = recipe.lines.filter((line) => !recipe.steps.some((each) => each.uses.includes(line.id)));
  return [...step.uses, ...nowhere.map((line) => line.id)];
}

/** A step and all that must be done before it. */
export function upTo(recipe: Recipe, last: Step): readonly Step[] {
  const found = new Set<StepId>([last.id]);
  for (let grown = true; grown;) {
    const before = recipe.steps.flatMap((step) => (found.has(step.id) ? linksOf(recipe, step) : []));
    const next = before.filter((link) => !found.has(link.step));
    grown = next.length > 0;
    for (const link of next) found.add(link.step);
  }
  return recipe.steps.filter((step) => found.has(step.id));
}

/** All planned tasks that do a step for a batch: its own, that of the batch it is taken from, that of a component cooked once, or that of another dish. */
export function allDoing(facts: Facts, batch: BatchFacts, step: StepId): readonly StepFacts[] {
  let doers = doersIn.get(facts);
  if (!doers) doersIn.set(facts, (doers = new Map()));
  let bySteps = doers.get(batch);
  if (!bySteps) doers.set(batch, (bySteps = new Map()));
  let known = bySteps.get(step);
  if (!known) bySteps.set(step, (known = findDoing(facts, batch, step)));
  return known;
}

const doersIn = new WeakMap<Facts, Map<BatchFacts, Map<StepId, readonly StepFacts[]>>>();

function findDoing(facts: Facts, batch: BatchFacts, step: StepId): readonly StepFacts[] {
  const there = batch.taken.get(step);
  const giver = there && giverOf(facts.batches, there.dish);
  if (giver) return allDoing(facts, giver, there.step);
  return facts.steps.filter((each) => {
    const id = each.batch.planned.id;
    if (each.step.id === step && (each.batch === batch || batch.planned.base === id)) return true;
    return batch.from.some((component) => component.batch === id && component.steps.get(step) === each.step.id);
  });
}

const eatersIn = new WeakMap<Facts, ReadonlyMap<StepFacts, readonly Guest[]>>();

/** Who eats of what a step makes: of its batch, and of the dishes that take from it. */
export function eatersOf(facts: Facts, each: StepFacts): readonly Guest[] {
  const known = eatersIn.get(facts) ?? takersEating(facts);
  eatersIn.set(facts, known);
  return known.get(each) ?? each.batch.eaters;
}

function takersEating(facts: Facts): ReadonlyMap<StepFacts, readonly Guest[]> {
  const eaters = new Map<StepFacts, Guest[]>();
  for (const batch of facts.batches.values())
    for (const step of batch.taken.keys())
      if (batch.recipe.steps.some(({ id }) => id === step))
        for (const each of allDoing(facts, batch, step))
          eaters.set(each, [...new Set([...(eaters.get(each) ?? each.batch.eaters), ...batch.eaters])]);
  return eaters;
}

/** Whether a step takes out what is from another dish. */
export const isTaking = ({ step, batch }: StepFacts): boolean =>
  batch.dish.takes.some(({ line }) => takingStep(line) === step.id);

/** The planned task that does a step for a batch, its own before any other. */
export function doing(facts: Facts, batch: BatchFacts, step: StepId): StepFacts | undefined {
  const all = allDoing(facts, batch, step);
  return all.find((each) => each.batch === batch) ?? all[0];
}

/** The piece of kit that keeps a batch's food, by the batch whose food it is. */
export function heldAs(batch: BatchFacts, kind: string, as: string): string {
  const component = batch.from.find((each) => each.kit.has(as));
  return component ? `${component.batch}/${kind}/${component.kit.get(as)}` : `${batch.planned.id}/${kind}/${as}`;
}

/** The least a step may take for this batch, in minutes: hands-on work that grows with the amount also shrinks with it. */
export function leastMin({ step, batch, written, task }: StepFacts): number {
  const grow = step.grows && step.hands === 'on' ? Math.max(0.5, batch.factor ** rules.handsOnExponent) : 1;
  // In a cooler oven it takes longer, in a hotter one less long.
  const bent =
    written.oven && task.way === undefined && task.bentC !== 0
      ? bentTimeFactor(written.oven.temperatureC, task.bentC)
      : 1;
  return Math.max(1, Math.floor(step.durationMin.least * Math.min(1, grow) * bent));
}

/** When a step is over: what stands cold may be left there for longer than it needs. */
export const endOf = ({ task, step }: StepFacts): number =>
  step.cold === undefined ? task.endMin : Math.min(task.endMin, task.startMin + step.durationMin.likely);

/** "14:05" for a moment of the occasion; a day sign where it is another day. */
export function clock(occasion: Occasion, moment: number): string {
  const [hours, minutes] = occasion.serveAt.split(':').map(Number);
  const total = hours! * 60 + minutes! + moment;
  const day = Math.floor(total / 1440);
  const within = ((total % 1440) + 1440) % 1440;
  const text = `${String(Math.floor(within / 60)).padStart(2, '0')}:${String(within % 60).padStart(2, '0')}`;
  return day === 0
    ? text
    : day === -1
      ? `${text} the day before`
      : day < 0
        ? `${text}, ${-day} days before`
        : `${text} the day after`;
}

/** A step in words: “Peel and slice” of the gratin at 14:05. */
export const named = (occasion: Occasion, { task, step, batch }: StepFacts): string =>
  `“${step.title}” (${batch.dishName}, ${clock(occasion, task.startMin)})`;
