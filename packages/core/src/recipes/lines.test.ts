import { readRecipes } from './readRecipe.ts';
import { lineCases, lineFaults } from '../../test-support/lines/judged.ts';

test.each([
  ['seen', 0.98],
  ['unseen', 0.92],
] as const)('ingredient lines of many cooks, %s: fully right', (file, least) => {
  const cases = lineCases(file);
  const wrong = cases.flatMap((each) => {
    const faults = lineFaults(each);
    return faults.length > 0 ? [`${each.text}: ${faults.join('; ')}`] : [];
  });
  const share = 1 - wrong.length / cases.length;
  process.stdout.write(`lines, ${file}: ${cases.length - wrong.length} of ${cases.length} fully right\n`);
  if (process.env['SHOW'] && file === 'seen') process.stdout.write(`${wrong.join('\n')}\n`);
  expect(share).toBeGreaterThanOrEqual(least);
});

const linesOf = (list: string) =>
  readRecipes(`A dish\nServes 4\n\nIngredients\n${list}\n\nMethod\nMix everything.`).recipes[0]!.recipe.lines.map(
    ({ text }) => text,
  );

test('of several things in one line each is one; where one of them is not known, the line stands as it is', () => {
  expect(linesOf('1 kg rice\n1 tsp each cumin, coriander and paprika, crushed')).toEqual([
    '1 kg rice',
    '1 tsp cumin, crushed',
    '1 tsp coriander, crushed',
    '1 tsp paprika, crushed',
  ]);
  const unknown = '1 tsp each cumin, coriander and zorblat';
  expect(linesOf(`1 kg rice\n${unknown}`)).toEqual(['1 kg rice', unknown]);
});

test('points that begin with an amount are a list, though one says how long it soaks', () => {
  const list = '1 kg rice\n2 onions\n3 leeks\n\n- 200 g cashews, soaked for 4 hours\n- 2 tbsp miso';
  const { lines } = readRecipes(`A dish\nServes 4\n\n${list}\n\nMix everything and simmer for 20 minutes.`).recipes[0]!
    .recipe;
  expect(lines.map(({ text }) => text).join()).toContain('cashews');
  expect(lines.map(({ text }) => text).join()).toContain('miso');
});
