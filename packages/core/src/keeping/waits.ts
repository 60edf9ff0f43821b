import { coolWords, rules } from '../reference/index.ts';
import type { Recipe, Step, StepId } from '../model/index.ts';
import type { Knowledge } from '../exposure/index.ts';
import { followsOf, heats } from '../versions/index.ts';
import { foodAfter, isCold, type FoodAfter } from './food.ts';
import { qualityOf } from './quality.ts';

/** How food may wait between one step and the next, or the table. Minutes. */
export interface WaitLaw {
  /** It spoils: what it stands in the room counts towards the two hours. */
  readonly spoils: boolean;
  /** So long it may stand at once; Infinity: only all it stands, taken together, counts. */
  readonly standsMin: number;
  /** In the fridge, and how long in all; absent: it must not, or need not. */
  readonly cold?: { readonly mostMin: number; readonly isThere: boolean } | undefined;
}

/** What keeping asks of a recipe's steps. */
export interface Waits {
  /** The law of the wait after a step until another, or until the table. */
  readonly between: (before: StepId, after: StepId | undefined) => WaitLaw;
  /** Steps whose food stands in the room while they go on. */
  readonly standing: ReadonlySet<StepId>;
  /** Steps that heat food through: what it stood before them counts no more. */
  readonly heating: ReadonlySet<StepId>;
  /** What goes by itself and must stand in the fridge meanwhile, though the recipe does not say so. */
  readonly inFridge: ReadonlySet<StepId>;
  /** Steps after which its food is raw: it waits for minutes. */
  readonly raw: ReadonlySet<StepId>;
  /** For a dish that is served hot: the steps that heat it last, and how long before the table each may have ended. */
  readonly hot?: ReadonlyMap<StepId, number> | undefined;
}

const free: WaitLaw = { spoils: false, standsMin: Infinity };

/**
 * How long a recipe's food may wait, wherever the recipe is silent and however long it says: what it says itself is reckoned with besides,
 * and can only make it stricter. `minutesOf`: how long each step takes in the amount that is made.
 */
export function waitsOf(recipe: Recipe, knowledge: Knowledge, minutesOf: (step: StepId) => number): Waits {
  const after = foodAfter(recipe, knowledge);
  const steps = new Map(recipe.steps.map((step) => [step.id, step]));
  const inFridge = new Set(
    recipe.steps.filter((step) => mustBeCold(step, after.get(step.id)!, minutesOf(step.id))).map((step) => step.id),
  );
  const isOut = (id: StepId) => {
    const step = steps.get(id)!;
    return !heats(step) && !isCold(step) && !inFridge.has(id) && !(step.hands === 'off' && after.get(id)!.rises);
  };
  const hot = servedHot(recipe, after, minutesOf);
  const quality = qualityOf(recipe, knowledge);
  const isHeatedAgain = (id: StepId) => {
    const later = new Set<StepId>([id]);
    return recipe.steps.some((step, index) => {
      if (!followsOf(recipe, index).some((link) => later.has(link.step))) return false;
      later.add(step.id);
      return heats(step) && minutesOf(step.id) >= rules.reheatsLeastMin;
    });
  };
  return {
    standing: new Set(recipe.steps.filter(({ id }) => isOut(id) && after.get(id)!.spoils).map(({ id }) => id)),
    heating: new Set(recipe.steps.filter(heats).map(({ id }) => id)),
    inFridge,
    raw: new Set(recipe.steps.flatMap(({ id }) => (after.get(id)!.isRaw ? [id] : []))),
    hot,
    between: (before, next) => stricter(safely(before, next), next && staysGood(before, next)),
  };

  function safely(before: StepId, next: StepId | undefined): WaitLaw {
    const food = after.get(before)!;
    if (!food.spoils || (food.rises && next !== undefined)) return free;
    const standsMin = food.isRaw ? rules.rawWaitsMostMin : Infinity;
    // Flesh that is browned and not done goes on at once: chilled, it would be warm for long, twice.
    if (food.isPartCooked) return { spoils: true, standsMin };
    // What is served hot and not heated again cannot be chilled on the way.
    if (hot && food.isCooked && !isHeatedAgain(before)) return { spoils: true, standsMin };
    return {
      spoils: true,
      standsMin,
      cold: { mostMin: coldMostMin(recipe, food), isThere: isThere(before) },
    };
  }

  function isThere(id: StepId): boolean {
    return isCold(steps.get(id)!) || inFridge.has(id);
  }

  /** What a wait may be before the dish is less good. Where it stands in the fridge already it stays there. */
  function staysGood(before: StepId, next: StepId): WaitLaw | undefined {
    const law = quality(before, next);
    if (!law || (after.get(before)!.rises && !heats(steps.get(next)!))) return undefined;
    const { standsMin, coldMin } = law;
    return {
      spoils: true,
      standsMin,
      ...(coldMin === undefined ? {} : { cold: { mostMin: coldMin, isThere: isThere(before) } }),
    };
  }
}

/** Of two laws of one wait what both allow. */
export function stricter(one: WaitLaw, other: WaitLaw | undefined): WaitLaw {
  if (!other?.spoils) return one;
  if (!one.spoils) return other;
  return {
    spoils: true,
    standsMin: Math.min(one.standsMin, other.standsMin),
    cold: one.cold && other.cold && { ...one.cold, mostMin: Math.min(one.cold.mostMin, other.cold.mostMin) },
  };
}

/** How long it keeps in the fridge, in minutes: what is raw a day; the rest by its recipe's word, but no longer than leftovers do. */
function coldMostMin({ keeps }: Recipe, { isRaw }: FoodAfter): number {
  const said = keeps.find(({ where }) => where === 'fridge');
  if (!said || isRaw) return rules.coldWaitMostMin;
  return Math.min(said.days, rules.leftoverFridgeDays) * 1440;
}

const mustBeCold = (step: Step, { spoils, isRaw, rises }: FoodAfter, minutes: number): boolean =>
  spoils &&
  !rises &&
  step.hands === 'off' &&
  !heats(step) &&
  !isCold(step) &&
  minutes > (isRaw ? rules.rawWaitsMostMin : rules.setAsideMostMin);

/** Whether the finished dish is to be hot at the table, and since when it then is: from the last heat on, not from the last step. */
function servedHot(
  recipe: Recipe,
  after: ReadonlyMap<StepId, FoodAfter>,
  minutesOf: (step: StepId) => number,
): Waits['hot'] {
  if (coolWords.test(recipe.hold.how)) return undefined;
  const followed = new Set(recipe.steps.flatMap((_, index) => followsOf(recipe, index).map((link) => link.step)));
  const steps = new Map(recipe.steps.map((step, index) => [step.id, { step, index }]));
  /** The last heats on the ways to a step, and how long it takes from them to its end. */
  const heatsBefore = (id: StepId): ReadonlyMap<StepId, number> => {
    const { step, index } = steps.get(id)!;
    // Toasted nuts need not be warm.
    if (heats(step)) return after.get(id)!.spoils ? new Map([[id, 0]]) : new Map();
    if (hasCooled(step, minutesOf(id))) return new Map();
    const found = new Map<StepId, number>();
    for (const link of followsOf(recipe, index))
      for (const [heat, minutes] of heatsBefore(link.step))
        found.set(heat, Math.max(found.get(heat) ?? 0, minutes + (link.mostMin ?? link.leastMin) + minutesOf(id)));
    return found;
  };
  const ends = recipe.steps.filter((step) => !followed.has(step.id) && after.get(step.id)!.spoils);
  const hold = Math.max(recipe.hold.mostMin, rules.hotHoldLeastMin);
  const last = new Map<StepId, number>();
  // Carving and dressing take their time, and a wait that the recipe itself allows is not held against what it says the dish may stand.
  for (const step of ends)
    for (const [heat, minutes] of heatsBefore(step.id)) last.set(heat, Math.max(last.get(heat) ?? 0, minutes + hold));
  return last.size > 0 ? last : undefined;
}

const hasCooled = (step: Step, minutes: number): boolean =>
  isCold(step) ||
  (step.hands === 'off' && minutes >= rules.coolsOffMin) ||
  (step.hands === 'off' && coolWords.test(`${step.title} ${step.text}`));
