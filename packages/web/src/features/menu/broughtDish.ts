import * as v from 'valibot';
import { Dish, Recipe, type Occasion } from '@lupin/core';
import { freshId } from '../../shared/words.ts';

export interface BroughtDish {
  readonly name: string;
  readonly by: string;
  readonly how: 'brought' | 'bought';
  readonly course: string;
  /** What is in it, as far as it is known: one thing a line, or parted by commas. */
  readonly contents: string;
  readonly portions: number;
  /** Minutes in the oven to warm it; 0 for none. */
  readonly warmMin: number;
}

/**
 * Puts a dish that others cook on the menu: a recipe of what they said is in it, with one step, so that it takes its place in the
 * oven and on the table like any other. Throws where the result would be no recipe.
 */
export function withBrought(
  occasion: Occasion,
  { name, by, how, course, contents, portions, warmMin }: BroughtDish,
): Occasion {
  const words = contents
    .split(/[\n,;]+/)
    .map((each) => each.trim())
    .filter(Boolean);
  const lines = (words.length > 0 ? words : [name]).slice(0, 100).map((text, index) => ({
    id: `line-${index + 1}`,
    text: text.slice(0, 300),
    amount: { kind: 'words', words: 'as it comes' },
  }));
  const recipeId = freshId(
    name,
    occasion.recipes.map((each) => each.id),
  );
  const uses = lines.map((line) => line.id);
  const step =
    warmMin > 0
      ? {
          id: 'warm',
          title: `Warm the ${name.toLowerCase()}`.slice(0, 120),
          text: `In its own dish, covered. Keep its own spoon with it.`,
          uses,
          durationMin: { least: warmMin, likely: warmMin, most: warmMin + 10 },
          hands: 'off',
          oven: { temperatureC: 170, toleranceC: 20, racks: 1, covered: true },
          coreC: 74,
          until: 'steaming hot all through',
        }
      : {
          id: 'set-out',
          title: `Set out the ${name.toLowerCase()}`.slice(0, 120),
          text: 'In the dish it came in, with its own spoon.',
          uses,
          durationMin: { least: 2, likely: 3, most: 5 },
          hands: 'on',
        };
  const recipe = v.parse(Recipe, {
    id: recipeId,
    name,
    about: how === 'bought' ? `bought from ${by}` : `brought by ${by}`,
    portions,
    lines,
    steps: [step],
    hold: { mostMin: 120, how: warmMin > 0 ? 'covered, warm' : 'cold, covered' },
  });
  const dish = v.parse(Dish, {
    id: freshId(
      name,
      occasion.dishes.map((each) => each.id),
    ),
    course,
    recipe: recipe.id,
    versions: [{ id: 'as-it-comes', name: 'as it comes', swaps: [], guests: [] }],
    brought: { how, by },
  });
  return { ...occasion, recipes: [...occasion.recipes, recipe], dishes: [...occasion.dishes, dish] };
}
