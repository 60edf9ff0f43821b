import * as v from 'valibot';
import { CheckedRecipe, forOccasion, Occasion, Recipe, upgraded } from '../model/index.ts';

/**
 * An occasion as kept in `data/occasions`: its recipes named by id, or written out. Puts copies of the recipes in, with all they are made with, and checks the whole.
 * Throws a ValiError with the place where the file is wrong, or an Error naming a recipe that is not there.
 */
export function readOccasionFile(file: unknown, recipes: readonly Recipe[]): Occasion {
  const named = v.parse(v.looseObject({ recipes: v.array(v.union([v.string(), Recipe])) }), upgraded(file));
  const find = (id: string) => recipes.find((each) => each.id === id);
  const copies = named.recipes.flatMap((id) => {
    if (typeof id !== 'string') return [id];
    const recipe = find(id);
    if (!recipe) throw new Error(`The occasion names recipe "${id}", which is not in data/recipes`);
    return forOccasion(recipe, find);
  });
  // Two dishes may be made with the same component.
  return v.parse(Occasion, {
    ...named,
    recipes: copies.filter((recipe, index) => copies.findIndex((other) => other.id === recipe.id) === index),
  });
}

/** A recipe as kept in `data/recipes`. */
export function readRecipeFile(file: unknown): Recipe {
  return v.parse(CheckedRecipe, upgraded(file));
}
