import { adaptable, fit, foods, openChecks, type Guest, type Occasion, type Recipe } from '@lupin/core';
import { demo, ms, timed } from './demo.ts';

const base = demo('lantern-supper');
const hazardsInUse = ['gluten', 'milk', 'egg', 'tree-nut', 'peanut', 'soy', 'sesame', 'fish', 'mustard', 'celery'];

/** An invented table: every second guest may have no trace of something, dishes of 15 lines from all over the catalogue; nothing is remembered from before. */
function invented(guestCount: number, dishCount: number, shift: number): Occasion {
  const guests = Array.from(
    { length: guestCount },
    (_, i) =>
      ({
        id: `g${i}`,
        name: `Guest ${i}`,
        appetite: 'adult',
        confirmedOn: '2026-11-20',
        note: '',
        needs:
          i % 2 === 0
            ? [
                {
                  id: 'n',
                  kind: 'hazard',
                  hazard: hazardsInUse[(i / 2) % hazardsInUse.length],
                  strictness: 'no-trace',
                  exceptions: [],
                  note: '',
                  certifiedOnly: false,
                },
              ]
            : i % 5 === 0
              ? [{ id: 'n', kind: 'diet', diet: 'vegan', strictness: 'not-ingredient', exceptions: [], note: '' }]
              : [],
      }) as unknown as Guest,
  );
  const recipes = Array.from(
    { length: dishCount },
    (_, d) =>
      ({
        ...structuredClone(base.recipes[d % base.recipes.length]!),
        id: `r${d}`,
        lines: Array.from({ length: 15 }, (_, l) => ({
          id: `l${l}`,
          text: `line ${l}`,
          food: foods[(d * 37 + l * 53 + shift) % foods.length]!.id,
          amount: { kind: 'mass', massG: 100 },
          part: 'body',
          canOmit: false,
        })),
      }) as unknown as Recipe,
  );
  const dishes = recipes.map(
    (recipe, d) =>
      ({
        ...structuredClone(base.dishes[0]!),
        id: `d${d}`,
        recipe: recipe.id,
        course: base.courses[d % base.courses.length]!.id,
        versions: [{ id: 'v', name: 'as written', swaps: [], guests: [] }],
        notFor: [],
        shares: [],
      }) as unknown as Occasion['dishes'][number],
  );
  return { ...base, guests, recipes, dishes, labels: [], ownFoods: [] };
}

/** The same occasion with one line of one dish changed, all else the same objects, as editing leaves it. */
function edited(one: Occasion, round: number): Occasion {
  const recipe = one.recipes[round % one.recipes.length]!;
  const lines = recipe.lines.map((line, index) =>
    index === 0 ? { ...line, food: foods[(round * 101) % foods.length]!.id } : line,
  );
  return { ...one, recipes: one.recipes.map((each) => (each === recipe ? { ...recipe, lines } : each)) };
}

console.log('verdicts, 15 lines a dish');
let [firstCold, firstEdit] = [0, 0];
for (const [guestCount, dishCount] of [
  [13, 18],
  [40, 60],
  [126, 190],
] as const) {
  for (let warm = 0; warm < 3; warm++) fit(invented(guestCount, dishCount, warm));
  const fresh = Array.from({ length: 5 }, (_, i) => invented(guestCount, dishCount, 100 + i));
  let at = 0;
  const cold = timed(5, () => void fit(fresh[at++]!));
  let now = fresh[0]!;
  fit(now);
  const edits = Array.from({ length: 20 }, (_, round) => (now = edited(now, round)));
  let edit = 0;
  const after = timed(20, () => void fit(edits[edit++]!));
  const cells = guestCount * dishCount;
  if (cells < 300) [firstCold, firstEdit] = [cold.best, after.best];
  console.log(
    `  ${guestCount} guests × ${dishCount} dishes (×${(cells / 234).toFixed(0)} the cells): cold best ${ms(cold.best)}, median ${ms(cold.median)}, ×${(cold.best / firstCold).toFixed(1)}; after one edit best ${ms(after.best)}, median ${ms(after.median)}, ×${(after.best / firstEdit).toFixed(1)}`,
  );
}

console.log('the Lantern Supper');
const cold = timed(12, () => void fit(structuredClone(base)));
const table = fit(base);
const again = timed(20, () => void fit({ ...base }));
console.log(`  13 guests × 11 dishes: cold best ${ms(cold.best)} (copying it included), again best ${ms(again.best)}`);
const offers = timed(8, () => void adaptable(base, table));
console.log(`  which conflicts a swap would turn: best ${ms(offers.best)}, median ${ms(offers.median)}`);
const open = timed(8, () => void openChecks(base, table));
console.log(`  all open checks, ranked: best ${ms(open.best)}, median ${ms(open.median)}`);
