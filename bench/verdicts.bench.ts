import { adaptable, fit, type Occasion } from '@lupin/core';
import { demo, ms, timed } from './demo.ts';

/** The table for `times` as many guests and dishes, every line a fresh object so that nothing is remembered from before. */
function grown(base: Occasion, times: number): Occasion {
  const copies = Array.from({ length: times }, (_, copy) => structuredClone({ guests: base.guests, dishes: base.dishes, recipes: base.recipes, copy }));
  return {
    ...base,
    labels: structuredClone(base.labels),
    guests: copies.flatMap(({ guests, copy }) => guests.map((guest) => ({ ...guest, id: `${guest.id}-${copy}` as never }))),
    dishes: copies.flatMap(({ dishes, copy }) => dishes.map((dish) => ({ ...dish, id: `${dish.id}-${copy}` as never, recipe: `${dish.recipe}-${copy}` as never, versions: dish.versions.map((version) => ({ ...version, guests: version.guests.map((id) => `${id}-${copy}` as never) })) }))),
    recipes: copies.flatMap(({ recipes, copy }) => recipes.map((recipe) => ({ ...recipe, id: `${recipe.id}-${copy}` as never }))),
  };
}

const base = demo('lantern-supper');
console.log('verdict table');
let first = 0;
for (const times of [1, 2, 3]) {
  const occasions = Array.from({ length: 12 }, () => grown(base, times));
  let at = 0;
  for (let warm = 0; warm < 10; warm++) fit(grown(base, times));
  const { best, median } = timed(occasions.length, () => void fit(occasions[at++]!));
  if (times === 1) first = best;
  console.log(`  ${base.guests.length * times} guests × ${base.dishes.length * times} dishes, cold: best ${ms(best)}, median ${ms(median)}, ×${(best / first).toFixed(1)} for ×${times * times} the cells`);
}
const table = fit(base);
const again = timed(20, () => void fit({ ...base }));
console.log(`  after one edit (lines remembered): best ${ms(again.best)}, median ${ms(again.median)}`);
const offers = timed(8, () => void adaptable(base, table));
console.log(`  which conflicts a swap would turn: best ${ms(offers.best)}, median ${ms(offers.median)}`);
