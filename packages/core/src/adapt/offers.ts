import {
  foodOf,
  sameJob,
  substitutionsFor,
  type FoodId,
  type HazardId,
  type Role,
  type Substitution,
} from '../reference/index.ts';
import type {
  Dish,
  Guest,
  GuestId,
  IngredientLine,
  LineId,
  Occasion,
  OwnSubstitution,
  Recipe,
  Swap,
  Version,
} from '../model/index.ts';
import { knowledgeOf, servedEvidence, type Evidence, type Knowledge } from '../exposure/index.ts';
import { dishEvidence, judge, noTraceHazards, type DishRow, type FitTable, type Verdict } from '../fit/index.ts';
import { jobOf, workedFood, type Job } from '../jobs/index.ts';
import { choicesOf, type Choice } from '../reading/index.ts';
import { applySwaps, recipeOf, swappedRecipe, versionFor, versionRecipe } from '../versions/index.ts';

/** One way to change one line, weighed for the guests who would eat the result. */
export interface LineOption {
  readonly swap: Swap;
  readonly name: string;
  /** What goes in. */
  readonly foods: readonly FoodId[];
  readonly technique: string;
  readonly closeness: number;
  /** The worst this swap brings to anyone who would eat it, by itself. */
  readonly brings: Verdict;
  /** Guests for whom it would bring a conflict; such an option is shown but cannot be chosen for them. */
  readonly breaks: readonly GuestId[];
  /** Guests for whom a label must be read first. */
  readonly asks: readonly GuestId[];
}

export interface LineOffer {
  readonly line: LineId;
  readonly words: string;
  readonly role: Role | undefined;
  /** Best first. */
  readonly options: readonly LineOption[];
}

export type Scope = 'everyone' | 'own-version';

/** What can be done so that a guest may eat a dish: for each line in the way, the options; and the best whole answer. */
export interface Offer {
  readonly scope: Scope;
  readonly lines: readonly LineOffer[];
  readonly swaps: readonly Swap[];
  /** Who eats the changed version. */
  readonly guests: readonly GuestId[];
  /** Of those, who could not eat the dish before and can now, at least after checks. */
  readonly gains: readonly GuestId[];
  readonly verdictAfter: Verdict;
}

const rank: Record<Verdict, number> = { clear: 0, check: 1, conflict: 2 };

const freshOf = new WeakMap<
  Recipe,
  { readonly knowledge: Knowledge; readonly bySwap: Map<string, readonly Evidence[]> }
>();

/** What a swap brings that was not there: the same for every guest, so it is found once for a recipe as long as what is known stays the same. */
function freshEvidence(recipe: Recipe, swap: Swap, knowledge: Knowledge): readonly Evidence[] {
  let known = freshOf.get(recipe);
  if (known?.knowledge !== knowledge) freshOf.set(recipe, (known = { knowledge, bySwap: new Map() }));
  const key = JSON.stringify(swap);
  let fresh = known.bySwap.get(key);
  if (!fresh) {
    const kept = new Set(recipe.lines.map((each) => each.id));
    fresh = servedEvidence(applySwaps(recipe, [swap]), knowledge).filter(
      (evidence) => evidence.line === undefined || !kept.has(evidence.line),
    );
    known.bySwap.set(key, fresh);
  }
  return fresh;
}

function optionFor(
  occasion: Occasion,
  dish: Dish,
  line: LineId,
  swap: Swap,
  substitution: Pick<Substitution, 'with' | 'technique' | 'closeness'> | undefined,
  eaters: readonly Guest[],
): LineOption {
  const recipe = recipeOf(occasion, dish);
  const before = recipe.lines.find((each) => each.id === line)!;
  const fresh = freshEvidence(recipe, swap, knowledgeOf(occasion));
  const verdicts = eaters.map((guest) => ({ guest: guest.id, verdict: judge(guest, fresh).verdict }));
  const of = (verdict: Verdict) => verdicts.filter((each) => each.verdict === verdict).map((each) => each.guest);
  return {
    swap,
    name: substitution ? namesOf(substitution.with) : `leave out: ${before.text}`,
    foods: substitution?.with.map((part) => part.food) ?? [],
    technique: substitution?.technique ?? 'The dish stands without it.',
    closeness: substitution?.closeness ?? 2,
    brings: verdicts.reduce<Verdict>((sum, each) => (rank[each.verdict] > rank[sum] ? each.verdict : sum), 'clear'),
    breaks: of('conflict'),
    asks: of('check'),
  };
}

/** What an ingredient does in its dish: what the cook has set, else what is read from what is done with it. */
export const roleOf = (recipe: Recipe, line: IngredientLine): Role | undefined => jobOf(recipe, line).role;

/** Whether a swap does a job there: it is made for it, and the setting is one in which it does it. */
const doesIt = ({ role, only, never }: Substitution, job: Job): boolean =>
  role === job.role &&
  (only === undefined || only.some((setting) => job.settings.has(setting))) &&
  !never.some((setting) => job.settings.has(setting));

/** One of the things that the line itself lets the cook choose from: what its writer meant, so nothing is closer. */
function choiceFor(
  occasion: Occasion,
  dish: Dish,
  line: LineId,
  { food, words }: Choice,
  eaters: readonly Guest[],
): LineOption {
  const parts = [{ food, ratio: 1 }];
  const swap: Swap = { kind: 'own', line, name: words, with: parts, technique: '', addMin: 0 };
  const change = { with: parts, technique: '', closeness: closest };
  return { ...optionFor(occasion, dish, line, swap, change, eaters), name: words };
}

const closest = 5;

/** Whether a swap is one of the things that its line leaves to choose from. */
function takesChoice({ lines }: Recipe, swap: Swap): boolean {
  const line = lines.find((each) => each.id === swap.line);
  return (
    swap.kind === 'own' &&
    line?.food === undefined &&
    choicesOf(line?.text ?? '').some(({ food }) => food === swap.with[0]!.food)
  );
}

/** What is another dish in taste or texture is offered, and never first: a label is sooner read than a pudding of water eaten. */
const isPoor = ({ closeness }: LineOption): boolean => closeness < 3;
/** How much nearer a swap must come to be worth one label more. */
const labelCost = 0.6;
const worth = ({ closeness, asks, brings }: LineOption): number =>
  closeness - labelCost * Math.max(asks.length, Number(brings === 'check'));

/**
 * Whether a swap brings something into the dish of which no trace may reach somebody at this table: cashews for cream, where a guest with a nut
 * allergy sits, though they eat another version.
 */
function unwelcomeAt(occasion: Occasion, recipe: Recipe): (option: LineOption) => boolean {
  const feared = new Set(occasion.guests.flatMap((guest) => [...noTraceHazards(guest)]));
  const holds = (food: FoodId): readonly HazardId[] => foodOf(food)?.contains ?? [];
  const there = new Set(recipe.lines.flatMap(({ food }) => (food ? holds(food) : [])));
  return ({ foods }) => foods.flatMap(holds).some((hazard) => feared.has(hazard) && !there.has(hazard));
}

const avoidedBy = (eaters: readonly Guest[]): ReadonlySet<HazardId> =>
  new Set(eaters.flatMap(({ needs }) => needs.flatMap((need) => (need.kind === 'hazard' ? [need.hazard] : []))));

const boughtBy = new WeakMap<Occasion['recipes'], ReadonlySet<FoodId>>();
/** Foods that the menu asks for as it is written. */
function boughtAnyway(occasion: Occasion): ReadonlySet<FoodId> {
  let foods = boughtBy.get(occasion.recipes);
  if (!foods)
    boughtBy.set(
      occasion.recipes,
      (foods = new Set(occasion.recipes.flatMap((recipe) => recipe.lines.flatMap((line) => line.food ?? [])))),
    );
  return foods;
}

/** A swap of the table; for a line that says more than one food does it is written out, for the table knows foods alone. */
const swapOf = (line: IngredientLine, { id, with: parts, technique, addMin }: Substitution): Swap =>
  line.food === undefined
    ? { kind: 'own', line: line.id, name: namesOf(parts), with: parts, technique, addMin }
    : { kind: 'substitute', line: line.id, substitution: id };

const namesOf = (parts: Substitution['with']): string =>
  parts.map((part) => foodOf(part.food)?.name ?? part.food).join(' and ');

const withoutTake = (dish: Dish, line: LineId): Dish =>
  dish.takes.some((taken) => taken.line === line)
    ? { ...dish, takes: dish.takes.filter((taken) => taken.line !== line) }
    : dish;

function lineOptions(
  occasion: Occasion,
  taking: Dish,
  line: LineId,
  eaters: readonly Guest[],
  own: readonly OwnSubstitution[],
): readonly LineOption[] {
  // Whatever goes in there, it is not taken from another dish any more; what its recipe has is the nearest.
  const dish = withoutTake(taking, line);
  const recipe = recipeOf(occasion, dish);
  const ingredient = recipe.lines.find((each) => each.id === line);
  if (!ingredient) return [];
  const job = jobOf(recipe, ingredient);
  const food = workedFood(ingredient);
  const avoided = avoidedBy(eaters);
  const options = (food ? substitutionsFor(food) : [])
    .filter((each) => doesIt(each, job) && !each.notFor.some((hazard) => avoided.has(hazard)))
    .map((each) => optionFor(occasion, dish, line, swapOf(ingredient, each), each, eaters));
  for (const mine of own) {
    const isForIt =
      food !== undefined &&
      mine.replaces.includes(food) &&
      (mine.role === undefined || job.role === undefined || sameJob(mine.role, job.role));
    if (!isForIt) continue;
    const { name, with: parts, technique, addMin } = mine;
    options.push(
      optionFor(occasion, dish, line, { kind: 'own', line, name, with: parts, technique, addMin }, mine, eaters),
    );
  }
  for (const choice of ingredient.food ? [] : choicesOf(ingredient.text))
    options.push(choiceFor(occasion, dish, line, choice, eaters));
  if (dish !== taking && ingredient.food) {
    const asWritten = { food: ingredient.food, words: foodOf(ingredient.food)?.name ?? ingredient.text };
    options.push(choiceFor(occasion, dish, line, asWritten, eaters));
  }
  if (ingredient.canOmit || ingredient.part !== 'body')
    options.push(optionFor(occasion, dish, line, { kind: 'omit', line }, undefined, eaters));
  const bought = boughtAnyway(occasion);
  const isUnwelcome = unwelcomeAt(occasion, recipe);
  const isNew = (option: LineOption) => (option.foods.every((each) => bought.has(each)) ? 0 : 1);
  return options.sort(
    (a, b) =>
      Number(a.brings === 'conflict') - Number(b.brings === 'conflict') ||
      Number(isUnwelcome(a)) - Number(isUnwelcome(b)) ||
      Number(isPoor(a)) - Number(isPoor(b)) ||
      worth(b) - worth(a) ||
      isNew(a) - isNew(b) ||
      (a.name < b.name ? -1 : 1),
  );
}

/** What can go in for one line of a dish as it is written, weighed for those who would eat it, with the job it has there. Best first; empty where nothing known does it. */
export function swapsAt(
  occasion: Occasion,
  dish: Dish,
  line: IngredientLine,
  eaters: readonly Guest[],
  own: readonly OwnSubstitution[] = [],
): LineOffer {
  return {
    line: line.id,
    words: line.text,
    role: roleOf(recipeOf(occasion, dish), line),
    options: lineOptions(occasion, dish, line.id, eaters, own),
  };
}

/** What a line of a version leaves to choose from ("butter (or vegan butter)"), each weighed for those who eat of that version. Empty where it leaves nothing. */
export function choicesAt(
  occasion: Occasion,
  { dish, versions }: DishRow,
  version: Version['id'],
  line: LineId,
): readonly LineOption[] {
  const made = versions.find((each) => each.version.id === version);
  const ingredient = recipeOf(occasion, dish).lines.find((each) => each.id === line);
  if (!made || !ingredient || ingredient.food || made.version.swaps.some((swap) => swap.line === line)) return [];
  const eaters = occasion.guests.filter((guest) => made.eaters.includes(guest.id));
  return choicesOf(ingredient.text).map((food) => choiceFor(occasion, dish, line, food, eaters));
}

/** The lines of the dish as written that stand in these guests' way. */
function linesInTheWay(occasion: Occasion, dish: Dish, guests: readonly Guest[], floor: Verdict): readonly LineId[] {
  const evidence = dishEvidence(occasion, dish, recipeOf(occasion, dish));
  const lines = new Set<LineId>();
  for (const guest of guests) {
    for (const reason of judge(guest, evidence).reasons) {
      if (reason.line && rank[reason.verdict] >= rank[floor]) lines.add(reason.line);
    }
  }
  const recipe = recipeOf(occasion, dish);
  // What comes over with something taken from another dish goes only with that.
  const isIn = ({ id, carriedFrom }: IngredientLine) =>
    lines.has(id) ||
    (carriedFrom === undefined &&
      dish.takes.some(
        (taken) =>
          taken.line === id && recipe.lines.some((each) => each.carriedFrom === taken.from && lines.has(each.id)),
      ));
  return recipe.lines.filter((line) => line.carriedFrom === undefined && isIn(line)).map(({ id }) => id);
}

/**
 * The best whole answer for a set of eaters: one option for each line in the way, none of which breaks an eater.
 * Lines are independent, because what a plate holds is the union of what its lines bring; so the best of each is the best of all.
 */
export function answer(
  occasion: Occasion,
  dish: Dish,
  scope: Scope,
  needy: readonly Guest[],
  eaters: readonly Guest[],
  kept: readonly Swap[],
  own: readonly OwnSubstitution[],
): Offer | undefined {
  const conflicts = linesInTheWay(occasion, dish, needy, 'conflict');
  const inTheWay = conflicts.length > 0 ? conflicts : linesInTheWay(occasion, dish, needy, 'check');
  const open = inTheWay.filter((line) => !kept.some((swap) => swap.line === line));
  if (inTheWay.length === 0 || open.length === 0) return undefined;
  const recipe = recipeOf(occasion, dish);
  const lines = recipe.lines
    .filter(({ id }) => open.includes(id))
    .map((line) => swapsAt(occasion, dish, line, eaters, own));
  const chosen = lines.map((line) => line.options.find((option) => option.breaks.length === 0));
  if (chosen.some((option) => option === undefined)) return undefined;
  const swaps = [...kept, ...chosen.map((option) => option!.swap)];
  return weigh(occasion, dish, scope, lines, swaps, eaters);
}

function weigh(
  occasion: Occasion,
  dish: Dish,
  scope: Scope,
  lines: readonly LineOffer[],
  swaps: readonly Swap[],
  eaters: readonly Guest[],
): Offer {
  const after = dishEvidence(occasion, dish, swappedRecipe(occasion, dish, swaps));
  const afterwards = new Map(eaters.map((guest) => [guest.id, judge(guest, after).verdict]));
  // What counts is what the guest has now, in the version they are given.
  const now = (guest: Guest) =>
    judge(guest, dishEvidence(occasion, dish, versionRecipe(occasion, dish, versionFor(dish, guest)))).verdict;
  // A choice that is taken is one doubt less, though a label may still have to be read.
  const enough = swaps.some((swap) => takesChoice(recipeOf(occasion, dish), swap)) ? 0 : 1;
  const gains = eaters
    .filter((guest) => now(guest) !== 'clear' && rank[afterwards.get(guest.id)!] <= rank[now(guest)] - enough)
    .map((guest) => guest.id);
  const verdictAfter = [...afterwards.values()].reduce<Verdict>(
    (sum, verdict) => (rank[verdict] > rank[sum] ? verdict : sum),
    'clear',
  );
  return { scope, lines, swaps, guests: eaters.map((guest) => guest.id), gains, verdictAfter };
}

/**
 * Offers for one guest and dish: a swap for everyone who shares the guest's version, and a version of their own,
 * shared with all others whom the same change helps. None of them breaks an eater. Empty where nothing is known that would do.
 */
export function offersFor(
  occasion: Occasion,
  row: DishRow,
  guestId: GuestId,
  own: readonly OwnSubstitution[] = [],
): readonly Offer[] {
  const { dish } = row;
  const guest = occasion.guests.find((each) => each.id === guestId);
  const cell = row.cells.get(guestId);
  if (!guest || !cell || cell.judgement.verdict === 'clear') return [];
  const here = row.versions.find((each) => each.version.id === cell.version)!;
  const together = occasion.guests.filter((each) => each.id === guestId || here.eaters.includes(each.id));
  const offers: Offer[] = [];
  const everyone = answer(occasion, dish, 'everyone', [guest], together, here.version.swaps, own);
  if (everyone?.gains.includes(guestId)) offers.push(everyone);
  const alone = answer(occasion, dish, 'own-version', [guest], [guest], [], own);
  if (alone?.gains.includes(guestId)) {
    // Others in conflict join when the very same swaps help them too: one more batch, not three.
    const joining = occasion.guests.filter(
      (each) =>
        each.id === guestId ||
        (row.cells.get(each.id)!.judgement.verdict === 'conflict' && !dish.notFor.includes(each.id)),
    );
    const shared = answer(occasion, dish, 'own-version', joining, joining, [], own);
    const helped = shared ? joining.filter((each) => each.id === guestId || shared.gains.includes(each.id)) : [];
    const wide = helped.length > 1 ? answer(occasion, dish, 'own-version', helped, helped, [], own) : undefined;
    offers.push(
      wide && wide.gains.includes(guestId) && rank[wide.verdictAfter] <= rank[alone.verdictAfter] ? wide : alone,
    );
  }
  return offers;
}

/** The lines that keep a guest from a dish and for which nothing is known that does their job and that the guest may eat. */
export function linesWithout(
  occasion: Occasion,
  { dish }: DishRow,
  guest: Guest,
  own: readonly OwnSubstitution[] = [],
): readonly LineOffer[] {
  const inTheWay = linesInTheWay(occasion, dish, [guest], 'conflict');
  return recipeOf(occasion, dish)
    .lines.filter(({ id }) => inTheWay.includes(id))
    .map((line) => swapsAt(occasion, dish, line, [guest], own))
    .filter(({ options }) => options.every(({ breaks }) => breaks.length > 0));
}

/** Whether `offersFor` would offer anything: a version for the guest alone is the easiest to find. */
function hasOffer(occasion: Occasion, row: DishRow, guestId: GuestId, own: readonly OwnSubstitution[]): boolean {
  const guest = occasion.guests.find((each) => each.id === guestId)!;
  const alone = answer(occasion, row.dish, 'own-version', [guest], [guest], [], own);
  return alone?.gains.includes(guestId) === true || offersFor(occasion, row, guestId, own).length > 0;
}

/** The verdict as shown: a conflict for which an offer exists is *adaptable*. */
export type ShownVerdict = Verdict | 'adaptable';

/** For every conflict of the table, whether an offer exists. */
export function adaptable(
  occasion: Occasion,
  table: FitTable,
  own: readonly OwnSubstitution[] = [],
): ReadonlyMap<string, ShownVerdict> {
  const shown = new Map<string, ShownVerdict>();
  for (const row of table.rows) {
    for (const [guest, cell] of row.cells) {
      const { verdict } = cell.judgement;
      const turned = verdict === 'conflict' && hasOffer(occasion, row, guest, own);
      shown.set(cellKey(row.dish.id, guest), turned ? 'adaptable' : verdict);
    }
  }
  return shown;
}

export const cellKey = (dish: string, guest: string): string => `${dish}/${guest}`;

/** A version that was changed is not as written any more; a name the cook gave stays. */
export const nameFor = (name: string, swaps: readonly Swap[]): string =>
  name === 'as written' && swaps.length > 0
    ? 'changed for all'
    : name === 'changed for all' && swaps.length === 0
      ? 'as written'
      : name;

/** Puts an offer into the dish: changes the shared version, or adds a version of its own (or joins one with the same swaps). */
export function applyOffer(
  dish: Dish,
  offer: Pick<Offer, 'scope' | 'swaps' | 'guests'>,
  guest: GuestId,
  newId: Version['id'],
  name: string,
): Dish {
  if (offer.scope === 'everyone') {
    const mine = dish.versions.find((version) => version.guests.includes(guest)) ?? dish.versions[0]!;
    return {
      ...dish,
      versions: dish.versions.map((version) =>
        version.id === mine.id
          ? { ...version, swaps: [...offer.swaps], name: nameFor(version.name, offer.swaps) }
          : version,
      ),
    };
  }
  const moved = new Set(offer.guests);
  const rest = dish.versions.map((version) => ({ ...version, guests: version.guests.filter((id) => !moved.has(id)) }));
  const same = rest.slice(1).find((version) => JSON.stringify(version.swaps) === JSON.stringify(offer.swaps));
  const versions = same
    ? rest.map((version) =>
        version.id === same.id ? { ...version, guests: [...version.guests, ...offer.guests] } : version,
      )
    : [...rest, { id: newId, name, swaps: [...offer.swaps], guests: [...offer.guests], extraPortions: 0 }];
  // A version nobody eats any more is not made.
  return { ...dish, versions: versions.filter((version, index) => index === 0 || version.guests.length > 0) };
}
