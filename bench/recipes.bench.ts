import { readRecipes, toJsonLd, toText } from '@lupin/core';
import { libraryRecipes, ms, timed } from './demo.ts';

const demoRecipes = libraryRecipes();
const asText = demoRecipes.map(toText);
const asData = demoRecipes.map((recipe) => JSON.stringify(toJsonLd(recipe)));
/** Lines that were read before are remembered: no two recipes of the bench may have the same. */
const varied = (text: string, turn: number): string =>
  text.replace(/(^- |")(\d+)(?= )/gm, (_whole, before: string, figure: string) => `${before}${Number(figure) + turn}`);
let turn = 0;
for (const [name, texts] of [
  ['pasted text', asText],
  ['linked data', asData],
] as const) {
  let first = 0;
  for (const count of [100, 1_000]) {
    const { best, median } = timed(2, () => {
      for (let i = 0; i < count; i++) readRecipes(varied(texts[i % texts.length]!, ++turn));
    });
    if (first === 0) first = best;
    console.log(
      `  ${name}: ${count} recipes read and checked: best ${ms(best)}, median ${ms(median)}, ×${(best / first).toFixed(1)} for ×${count / 100}`,
    );
  }
}
for (const [name, unit] of [
  ['steps', 'Bake for 20 minutes at 180 °C. '],
  ['words', 'stir the pot and '],
  ['markup', '<div>'],
  ['figures', '1 2 3 '],
] as const) {
  const times = [20_000, 200_000].map(
    (length) =>
      timed(
        2,
        () =>
          void readRecipes(`Soup\n\nIngredients\n2 carrots\n\nMethod\n${unit.repeat(Math.ceil(length / unit.length))}`),
      ).best,
  );
  console.log(
    `  one text of ${name}: 20 000 characters ${ms(times[0]!)}, 200 000 ${ms(times[1]!)}, ×${(times[1]! / times[0]!).toFixed(1)}`,
  );
}
