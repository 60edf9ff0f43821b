import { readIngredient, readLabel } from '@lupin/core';
import { corpus } from '../packages/core/test-support/ingredientCorpus.ts';
import { ms, timed } from './demo.ts';

const lines = (count: number) => Array.from({ length: count }, (_, i) => corpus[i % corpus.length]!.text);
console.log('reading ingredient lines');
let first = 0;
for (const count of [1_000, 10_000, 100_000]) {
  const some = lines(count);
  const { best, median } = timed(count > 10_000 ? 2 : 5, () => {
    for (const text of some) readIngredient(text);
  });
  if (first === 0) first = best;
  console.log(
    `  ${count} lines: best ${ms(best)}, median ${ms(median)}, ×${(best / first).toFixed(1)} for ×${count / 1000} the lines`,
  );
}
for (const length of [1_000, 10_000, 100_000]) {
  const text = 'butter, brocolli and zorblax or '.repeat(Math.ceil(length / 32)).slice(0, length);
  const { best } = timed(3, () => void readIngredient(text));
  console.log(`  one line of ${length} characters: ${ms(best)}`);
}

console.log('reading labels');
const label =
  'Ingredients: WHEAT flour, sugar, palm oil (sustainable), whey powder (MILK), emulsifier (SOYA lecithin), salt. May contain nuts and sesame. Made in a factory that handles egg. ';
for (const [name, unit] of [
  ['usual', label],
  ['brackets', '(milk '],
  ['may contain', 'may contain '],
  ['made in a', 'made in a facility that '],
  ['not suitable', 'not suitable for people '],
] as const) {
  const times = [10_000, 100_000].map(
    (length) => timed(3, () => void readLabel(unit.repeat(Math.ceil(length / unit.length)))).best,
  );
  console.log(
    `  ${name}: 10 000 characters ${ms(times[0]!)}, 100 000 ${ms(times[1]!)}, ×${(times[1]! / times[0]!).toFixed(1)}`,
  );
}
