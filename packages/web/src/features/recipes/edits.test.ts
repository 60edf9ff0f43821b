import * as v from 'valibot';
import { CheckedRecipe, type Recipe } from '@lupin/core';
import { blankRecipe, moved, moveStep, newLine, newStep, reread, rereadStep, withoutLine } from './edits.ts';

const soup = (): Recipe =>
  v.parse(CheckedRecipe, {
    id: 'soup',
    name: 'Soup',
    portions: 4,
    lines: [
      { id: 'carrots', text: '400 g carrots', food: 'carrot', amount: { kind: 'mass', massG: 400 }, role: 'aromatic' },
      { id: 'stock', text: '1 l vegetable stock', food: 'vegetable-stock', amount: { kind: 'volume', volumeMl: 1000 } },
    ],
    steps: [
      {
        id: 'cut',
        title: 'Cut',
        text: '',
        uses: ['carrots'],
        durationMin: { least: 5, likely: 6, most: 8 },
        hands: 'on',
      },
      {
        id: 'simmer',
        title: 'Simmer',
        text: '',
        uses: ['stock'],
        after: [{ step: 'cut' }],
        durationMin: { least: 15, likely: 20, most: 30 },
        hands: 'off',
        burner: true,
      },
      { id: 'blend', title: 'Blend', text: '', durationMin: { least: 2, likely: 3, most: 5 }, hands: 'on' },
    ],
    hold: { mostMin: 60, how: 'hot' },
  });
const valid = (recipe: Recipe) => v.safeParse(CheckedRecipe, recipe).success;

test('a line read anew takes the new amount and food, and keeps what the cook set', () => {
  expect(reread(soup().lines[0]!, '2 parsnips', soup())).toMatchObject({
    food: 'parsnip',
    amount: { kind: 'count', count: 2 },
    role: 'aromatic',
  });
  expect(reread(soup().lines[0]!, '2 cups zorblat', soup())).not.toHaveProperty('food');
  expect(newLine(soup(), '200 g carrots').id).not.toBe('carrots');
});

test('a line taken out leaves no link to it', () => {
  expect(withoutLine(soup(), 'stock').steps.flatMap((step) => step.uses)).toEqual(['carrots']);
});

test('steps in any order stay a recipe; moving out of range changes nothing', () => {
  for (let from = 0; from < 3; from++)
    for (let to = 0; to < 3; to++) expect(valid(moveStep(soup(), from, to))).toBe(true);
  expect(moved([1, 2, 3], 0, 2)).toEqual([2, 3, 1]);
  expect(moved([1, 2, 3], 0, 7)).toEqual([1, 2, 3]);
});

test('a step read from its words takes time, heat, kit and what it uses, and takes nothing from other steps', () => {
  const recipe = {
    ...soup(),
    steps: [
      ...soup().steps,
      {
        ...newStep(soup()),
        text: 'Roast the carrots with the stock at 200 °C for 30 minutes, turning half-way, until soft.',
      },
    ],
  };
  expect(rereadStep(recipe, recipe.steps[3]!)).toMatchObject({
    hands: 'off',
    oven: { temperatureC: 200 },
    durationMin: { likely: 30 },
    looks: [{ atMin: 15 }],
    until: 'soft',
    uses: [],
  });
});

test('a recipe begins with a name and a line', () => {
  expect(valid(blankRecipe('x', 'X', '2 eggs'))).toBe(true);
  expect(blankRecipe('x', 'X', '2 eggs').lines[0]).toMatchObject({ food: 'egg', amount: { count: 2 } });
});
