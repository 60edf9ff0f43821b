import type { Dish, Guest, Occasion, Recipe, Version } from '../model/index.ts';
import { applySwaps } from './applySwaps.ts';

/** The version of a dish a guest would get: the one that names them, else the first. */
export function versionFor(dish: Dish, guest: Guest): Version {
  return dish.versions.find((version) => version.guests.includes(guest.id)) ?? dish.versions[0]!;
}

export function recipeOf(occasion: Occasion, dish: Dish): Recipe {
  const recipe = occasion.recipes.find((each) => each.id === dish.recipe);
  if (!recipe) throw new Error(`Dish ${dish.id} names recipe ${dish.recipe}, which the occasion does not hold`);
  return recipe;
}

/** The recipe as it is really made for a version. */
export function versionRecipe(occasion: Occasion, dish: Dish, version: Version): Recipe {
  return applySwaps(recipeOf(occasion, dish), version.swaps);
}
