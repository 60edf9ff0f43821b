import {
  type Dish,
  type Guest,
  type Occasion,
  type Recipe,
  type Step,
  type StepAlternative,
  type Swap,
  type Version,
} from '../model/index.ts';
import { heatedAgain } from './ahead.ts';
import { applySwaps } from './applySwaps.ts';
import { withoutLeftOut } from './leftOut.ts';
import { flatten } from './flatten.ts';
import { withTaken, type Source } from './taken.ts';

/** The version of a dish a guest would get: the one that names them, else the first. */
export function versionFor(dish: Dish, guest: Guest): Version {
  return dish.versions.find((version) => version.guests.includes(guest.id)) ?? dish.versions[0]!;
}

/** The recipe of a dish with its components written out, its steps done the way that was chosen for it, heated again where it is made ahead, and with what it takes from other dishes. */
export const recipeOf = (occasion: Occasion, dish: Dish): Recipe => takenInto(occasion, dish, dish.takes);

const takenInto = (occasion: Occasion, dish: Dish, takes: Dish['takes']): Recipe =>
  takes.length === 0
    ? ownRecipe(occasion, dish)
    : withTaken(ownRecipe(occasion, dish), takes, (id) => sourceOf(occasion, id));

/** A dish as others take from it: in the version that is for everybody whom no other names. What others cooked gives nothing. */
export function sourceOf(occasion: Occasion, id: Dish['id']): Source | undefined {
  const dish = occasion.dishes.find((each) => each.id === id);
  return dish && !dish.brought ? { dish, recipe: versionRecipe(occasion, dish, dish.versions[0]!) } : undefined;
}

function ownRecipe(occasion: Occasion, dish: Dish): Recipe {
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  const recipe = find(dish.recipe);
  if (!recipe) throw new Error(`Dish ${dish.id} names recipe ${dish.recipe}, which the occasion does not hold`);
  const made = chosenWays(flatten(recipe, find), dish.choices);
  return dish.ahead ? heatedAgain(made) : made;
}

const chosen = new WeakMap<Recipe, WeakMap<Dish['choices'], Recipe>>();

/** The recipe with its steps done the way that was chosen for a dish, and without those that were left out. */
export function chosenWays(recipe: Recipe, choices: Dish['choices']): Recipe {
  if (choices.length === 0) return recipe;
  let byChoices = chosen.get(recipe);
  if (!byChoices) chosen.set(recipe, (byChoices = new WeakMap()));
  let made = byChoices.get(choices);
  if (!made)
    byChoices.set(
      choices,
      (made = withoutLeftOut({ ...recipe, steps: recipe.steps.map((step) => inChosenWay(step, choices)) }, choices)),
    );
  return made;
}

function inChosenWay(step: Step, choices: Dish['choices']): Step {
  const wanted = choices.find((choice) => choice.step === step.id)?.alternative;
  // The step's own id stands for the way it is written.
  if (wanted === step.id) return { ...step, alternatives: [] };
  const other = step.alternatives.find((each) => each.id === wanted);
  return other ? inOtherWay(step, other) : step;
}

/** A step done another way; nothing is left to choose. */
export function inOtherWay(step: Step, other: StepAlternative): Step {
  const { oven: _oven, cold: _cold, ...rest } = step;
  return {
    ...rest,
    title: other.name,
    text: other.text,
    durationMin: other.durationMin,
    hands: other.hands,
    looks: [],
    kit: other.kit,
    burner: other.burner,
    alternatives: [],
  };
}

/** The recipe of a dish with swaps in it. A line that has something else in its place is not taken from another dish. */
export function swappedRecipe(occasion: Occasion, dish: Dish, swaps: readonly Swap[]): Recipe {
  const takes = dish.takes.filter(({ line }) => !swaps.some((swap) => swap.line === line));
  return applySwaps(takenInto(occasion, dish, takes), swaps);
}

/** The recipe as it is really made for a version. */
export const versionRecipe = (occasion: Occasion, dish: Dish, version: Version): Recipe =>
  swappedRecipe(occasion, dish, version.swaps);
