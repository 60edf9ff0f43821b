import * as v from 'valibot';
import { adviseMenu, Dish, fit, Guest, openChecks, scale, shoppingList, type Occasion } from '@lupin/core';
import { demo, libraryRecipes, ms, timed } from './demo.ts';

const lantern = demo('lantern-supper');
for (const answer of adviseMenu(lantern, { library: libraryRecipes() })) {
  console.log(
    `  ${answer.policy}: weight ${answer.weight}, bound ${answer.bound}${answer.exact ? ', proven' : ''}; ${answer.cost.extraBatches} batches, ${answer.cost.oddFoods.length} odd foods, ${answer.gaps.length} gaps`,
  );
  for (const change of answer.changes) console.log(`    ${change.words}`);
}

/** An occasion of so many guests and dishes, made of the demo's, none of them fitted. */
function sized(guests: number, dishes: number): Occasion {
  const all = libraryRecipes().filter((recipe) => recipe.lines.every((line) => !line.component));
  const recipes = Array.from({ length: dishes }, (_, i) => ({
    ...all[i % all.length]!,
    id: `${all[i % all.length]!.id}-${i}` as never,
  }));
  return {
    ...lantern,
    recipes,
    guests: Array.from({ length: guests }, (_, i) =>
      v.parse(Guest, { ...lantern.guests[i % lantern.guests.length]!, id: `g-${i}`, name: `Guest ${i}` }),
    ),
    dishes: recipes.map((recipe, i) =>
      v.parse(Dish, {
        id: `d-${i}`,
        course: lantern.courses[i % lantern.courses.length]!.id,
        recipe: recipe.id,
        versions: [{ id: 'plain', name: 'as written', swaps: [], guests: [] }],
      }),
    ),
  };
}

let first = 0;
for (const [guests, dishes] of [
  [8, 6],
  [16, 12],
  [32, 24],
] as const) {
  const one = sized(guests, dishes);
  const { best, median } = timed(3, () => void adviseMenu({ ...one }, { library: libraryRecipes() }));
  if (first === 0) first = best;
  console.log(
    `  menu advice for ${guests} guests × ${dishes} dishes: best ${ms(best)}, median ${ms(median)}, ×${(best / first).toFixed(1)}`,
  );
}
for (const dishes of [6, 60]) {
  const one = sized(16, dishes);
  const table = fit(one);
  const checks = openChecks(one, table);
  const { best, median } = timed(20, () => void shoppingList(one, scale(one, table), checks));
  console.log(`  scale and merge shopping for ${dishes} dishes: best ${ms(best)}, median ${ms(median)}`);
}
