import type { Amount, IngredientLine, Recipe } from '../model/index.ts';
import { foodOf } from '../reference/index.ts';
import { massOf } from '../versions/index.ts';

const usable = (factor: number): number | undefined =>
  Number.isFinite(factor) && factor > 0 && factor <= 1000 ? factor : undefined;

/** How many times the recipe makes so many portions. Undefined where that is no sensible size. */
export const factorForPortions = (recipe: Recipe, portions: number): number | undefined =>
  usable(portions / recipe.portions);

/** One amount as a multiple of another of the same food, by mass where both have one, else by their own figures. */
export function ratioOf(have: Amount, wanted: Amount, food: string | undefined): number | undefined {
  const entry = food ? foodOf(food) : undefined;
  const [one, other] = [massOf(have, entry), massOf(wanted, entry)];
  if (one !== undefined && other !== undefined && other > 0) return usable(one / other);
  if (have.kind === 'volume' && wanted.kind === 'volume') return usable(have.volumeMl / wanted.volumeMl);
  if (have.kind === 'count' && wanted.kind === 'count') return usable(have.count / wanted.count);
  if (have.kind === 'mass' && wanted.kind === 'mass') return usable(have.massG / wanted.massG);
  return undefined;
}

/** How many times the recipe makes so much of what it says it makes ("30 rolls"). */
export const factorForYield = (recipe: Recipe, wanted: Amount): number | undefined =>
  recipe.makes ? ratioOf(wanted, recipe.makes, undefined) : undefined;

/** How many times the recipe uses up what there is of one ingredient. */
export const factorForLine = (line: IngredientLine, have: Amount): number | undefined =>
  ratioOf(have, line.amount, line.food);
