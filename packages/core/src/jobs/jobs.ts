import {
  foodOf,
  jobGroupsOf,
  jobRulesOf,
  sameJob,
  settingRulesFor,
  speaksOf,
  substitutionsFor,
  type Asking,
  type FoodId,
  type Role,
  type Setting,
} from '../reference/index.ts';
import type { IngredientLine, Recipe } from '../model/index.ts';
import { choicesOf, readIngredient } from '../reading/index.ts';
import { gramsOf, isOf, saidOf, usageOf, type Heat, type Usage } from './usage.ts';

/** What an ingredient does in its dish, and where it does it. A line that does two jobs has the one that the rules ask for first. */
export interface Job {
  /** Its chief job; undefined: none is known for it. */
  readonly role: Role | undefined;
  readonly settings: ReadonlySet<Setting>;
}

/** So little of a mixture is hardly there. */
const thinShare = 0.15;

const fits = (pattern: RegExp | undefined, text: string): boolean => pattern === undefined || pattern.test(text);

function wordsFit(asking: Asking & { readonly or?: 'then' | 'line' | undefined }, usage: Usage, said: string): boolean {
  const own =
    asking.or === undefined ? usage.own : `${usage.own} ${asking.or === 'then' ? usage.then : usage.line.text}`;
  return (
    fits(asking.line, usage.line.text) &&
    fits(asking.dish, usage.dish) &&
    fits(asking.said, said) &&
    fits(asking.own, own) &&
    fits(asking.then, usage.then) &&
    asking.unsaid?.test(said) !== true &&
    asking.nowhere?.test(`${usage.own} ${usage.then}`) !== true
  );
}

const anyOf = (groups: readonly string[], lines: readonly IngredientLine[]): boolean =>
  groups.some((group) => lines.some((line) => isOf(group, line)));

const gramsIn = (lines: readonly IngredientLine[], group?: string): number =>
  lines.reduce((sum, line) => sum + (group === undefined || isOf(group, line) ? (gramsOf(line) ?? 0) : 0), 0);

/** A cook's list may leave out what the words name, and the reader may not have tied it: what is spoken of is there too. */
function companyFits(asking: Asking, { company, mixture, joins, own, then }: Usage): boolean {
  const isThere = (groups: readonly string[], lines: readonly IngredientLine[], words: string) =>
    anyOf(groups, lines) || groups.some((group) => speaksOf(group, words));
  return (
    (asking.with ?? []).every((group) => isThere([group], company, own)) &&
    (!asking.any || isThere(asking.any, company, own)) &&
    !(asking.without && anyOf(asking.without, company)) &&
    (!asking.joins || isThere(asking.joins, joins, then)) &&
    (!asking.near || isThere(asking.near, [...company, ...mixture, ...joins], `${own} ${then}`))
  );
}

function sharesFit({ share, thin, weight }: Asking, { line, company, mixture }: Usage): boolean {
  const own = gramsOf(line);
  if (weight !== undefined && own !== undefined && own > 0) {
    // Two flours of one dough are one flour.
    const alike = company.filter((each) => [...jobGroupsOf(line.food!)].some((group) => isOf(group, each)));
    const part = (own + gramsIn(alike)) / (gramsIn(company) + own);
    if (part < weight.least || part > weight.most) return false;
  }
  if (thin !== undefined) {
    const together = [...new Set([...company, ...mixture])];
    const all = gramsIn(together) + (own ?? 0);
    if (all > 0 && gramsIn(together, thin) / all > thinShare) return false;
  }
  if (share === undefined) return true;
  const other = gramsIn(mixture, share.of);
  if (own === undefined || other === 0) return false;
  return own / other >= share.least && own / other <= share.most;
}

function heatFits({ heat, later, notLater, plain }: Asking, { ownHeat, laterHeat }: Usage): boolean {
  const isOn = (wanted: readonly Heat[], ...places: readonly ReadonlySet<Heat>[]) =>
    wanted.some((each) => places.some((place) => place.has(each)));
  return (
    (!heat || isOn(heat, ownHeat)) &&
    (!later || isOn(later, ownHeat, laterHeat)) &&
    !(notLater && isOn(notLater, laterHeat)) &&
    !(plain && isOn(plain, ownHeat, laterHeat))
  );
}

const holds = (asking: Asking, usage: Usage, said: string): boolean =>
  wordsFit(asking, usage, said) && companyFits(asking, usage) && sharesFit(asking, usage) && heatFits(asking, usage);

const isNeverHeated = ({ ownHeat, laterHeat }: Usage): boolean =>
  (['oven', 'grill', 'hob'] as const).every((heat) => !ownHeat.has(heat) && !laterHeat.has(heat));

const nameOf = (food: FoodId): string =>
  (foodOf(food)?.name ?? food)
    .split(' ')
    .at(-1)!
    .replaceAll(/[^\p{L}-]/gu, '');

/**
 * The food a line is worked with: what it is read as; where it leaves a choice, the first that anything can take the place of; where it says more than
 * the catalogue does, what it names last ("milked cashews"). For its job and what can take its place only: nothing is cleared by it.
 */
export function workedFood({ food, text, component }: IngredientLine): FoodId | undefined {
  if (food !== undefined || component !== undefined) return food;
  const choices = choicesOf(text);
  const choice = choices.find((each) => substitutionsFor(each.food).length > 0) ?? choices[0];
  return choice?.food ?? readIngredient(text).foods.findLast((each) => each.food !== 'water')?.food;
}

const known = new WeakMap<Recipe, Map<IngredientLine, Job>>();

/**
 * What a line does in its recipe: what the cook has set, else what is read from what is done with it, with what, and what comes after. A line that
 * nobody understood has no job.
 */
export function jobOf(recipe: Recipe, line: IngredientLine): Job {
  let jobs = known.get(recipe);
  if (!jobs) known.set(recipe, (jobs = new Map()));
  let job = jobs.get(line);
  if (!job) jobs.set(line, (job = readJob(recipe, line)));
  return job;
}

function readJob(recipe: Recipe, written: IngredientLine): Job {
  const food = workedFood(written);
  if (food === undefined) return { role: written.role, settings: new Set() };
  const line = { ...written, food };
  const told = jobRulesOf(food);
  const { called, settings: settingRules } = told ?? settingRulesFor(nameOf(food));
  const usage = usageOf(recipe, line, called);
  const said = saidOf(usage.own, called);
  const settings = new Set<Setting>();
  for (const rule of settingRules) {
    const holdsHere =
      (rule.sweetness === undefined || usage.sweetness >= rule.sweetness) &&
      (rule.notSetting === undefined || !settings.has(rule.notSetting)) &&
      (rule.cold === undefined || isNeverHeated(usage)) &&
      holds(rule, usage, said);
    if (holdsHere) settings.add(rule.setting);
  }
  const found = told?.rules.find((rule) => holds(rule, usage, said))?.role;
  return { role: setRole(line, food) ?? found ?? firstRoleOf(food) ?? line.role, settings };
}

/** A job that the cook has set; one that this food is never known to do says less than what is done with it. */
const setRole = ({ role }: IngredientLine, food: FoodId): Role | undefined =>
  role !== undefined &&
  (substitutionsFor(food).some((each) => sameJob(each.role, role)) ||
    jobRulesOf(food)?.rules.some((rule) => rule.role === role))
    ? role
    : undefined;

/** The job of a food for which no rules are told: that of the first swap there is for it. */
const firstRoleOf = (food: FoodId): Role | undefined => substitutionsFor(food)[0]?.role;
