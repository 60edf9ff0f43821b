import { readRecipes } from '@lupin/core';
import { waitsInWords, workLayout } from './workLayout.ts';

const salad = `Salad
Serves 4

2 beetroots
2 tbsp seeds
3 tbsp oil
1 tbsp vinegar
50 g rocket

Method
Roast the beetroots at 200 °C for 50 minutes. Leave to cool. Toast the seeds in a dry pan. Whisk the oil and vinegar to a dressing. Toss the rocket with the beetroots, the dressing and the seeds.`;

test('what needs nothing of each other stands side by side, and each step right of what it waits for', () => {
  const cells = workLayout(readRecipes(salad).recipes[0]!.recipe);
  expect(cells.map(({ column, row }) => [column, row])).toEqual([
    [0, 0],
    [1, 0],
    [0, 1],
    [0, 2],
    [2, 0],
  ]);
  expect(cells.map(waitsInWords)).toEqual(['at any time', 'after 1', 'at any time', 'at any time', 'after 2, 3 and 4']);
});

test('a recipe that says nothing of its order is one row', () => {
  const { recipe } = readRecipes(salad).recipes[0]!;
  const silent = { ...recipe, steps: recipe.steps.map(({ after: _after, ...step }) => step) };
  expect(workLayout(silent).map(({ column, row }) => [column, row])).toEqual([0, 1, 2, 3, 4].map((at) => [at, 0]));
});
