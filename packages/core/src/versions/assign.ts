import {
  type Dish,
  type Guest,
  type Occasion,
  type Recipe,
  type Step,
  type StepAlternative,
  type Version,
} from '../model/index.ts';
import { heatedAgain } from './ahead.ts';
import { applySwaps } from './applySwaps.ts';
import { withoutLeftOut } from './leftOut.ts';
import { flatten } from './flatten.ts';

/** The version of a dish a guest would get: the one that names them, else the first. */
export function versionFor(dish: Dish, guest: Guest): Version {
  return dish.versions.find((version) => version.guests.includes(guest.id)) ?? dish.versions[0]!;
}

/** The recipe of a dish with its components written out, its steps done the way that was chosen for it, and heated again where it is made ahead. */
export function recipeOf(occasion: Occasion, dish: Dish): Recipe {
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

/** The recipe as it is really made for a version. */
export function versionRecipe(occasion: Occasion, dish: Dish, version: Version): Recipe {
  return applySwaps(recipeOf(occasion, dish), version.swaps);
}
