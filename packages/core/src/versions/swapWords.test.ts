import { line, occasion, guest, recipe, step } from '../../test-support/small.ts';
import { applySwaps } from './applySwaps.ts';
import type { Swap } from '../model/index.ts';

/** What the only step of a recipe says when its first line has something else for it, or nothing. */
const said = (text: string, swap: 'omit' | readonly string[], ...foods: string[]) => {
  const one = occasion({
    guests: [guest('gwen')],
    recipes: [
      recipe(
        'it',
        foods.map((food, at) => line(`l${at}`, food)),
        [step('do', { title: text.slice(0, 60), text, uses: foods.map((_, at) => `l${at}`) })],
      ),
    ],
    dishes: [],
  });
  const how =
    swap === 'omit'
      ? { kind: 'omit', line: 'l0' }
      : {
          kind: 'own',
          line: 'l0',
          with: swap.map((food) => ({ food, ratio: 1 })),
          technique: '',
          addMin: 0,
          kit: [],
        };
  const made = applySwaps(one.recipes[0]!, [how as unknown as Swap]);
  return made.steps[0]!;
};

test.each([
  ['Whisk the eggs to a foam.', ['aquafaba'], ['egg'], 'Whisk the aquafaba to a foam.'],
  ['Melt the butter with the onions.', ['olive-oil'], ['butter', 'onion'], 'Melt the olive oil with the onions.'],
  ['Scatter the cheese on top.', ['breadcrumbs'], ['cheddar'], 'Scatter the fresh breadcrumbs on top.'],
  ['Beat in cheese and pepper.', ['breadcrumbs'], ['parmesan', 'butter'], 'Beat in fresh breadcrumbs and pepper.'],
  ['Beat in cheese and pepper.', ['breadcrumbs'], ['parmesan', 'cheddar'], 'Beat in cheese and pepper.'],
  [
    'Warm the milk. Stir the custard; add more milk.',
    ['oat-drink'],
    ['milk'],
    'Warm the oat drink. Stir the custard; add more oat drink.',
  ],
  ['Flour flies: cover what is open.', ['gf-flour-blend'], ['wheat-flour'], /^Gluten-free flour.* flies/],
  ['Cook to the thickness of cream.', ['olive-oil'], ['butter'], 'Cook to the thickness of cream.'],
  [
    'Fold in the egg, then the flour.',
    ['flaxseed', 'water'],
    ['egg', 'wheat-flour'],
    /Fold in the .+ and water, then the flour\./,
  ],
])('%s', (text, swap, foods, expected) => {
  const step = said(text, swap, ...foods);
  for (const words of [step.text, step.title]) expect(words).toEqual(expect.stringMatching(expected));
});

test('what is left out is said to be', () => {
  expect(said('Fold in the walnuts.', 'omit', 'walnut').text).toContain('Fold in the walnuts (left out).');
});

test('a food of which the version has another line keeps its name', () => {
  expect(said('Beat the eggs.', ['aquafaba'], 'egg', 'egg').text).toBe('Beat the eggs.');
  expect(said('Grate the cheese.', ['breadcrumbs'], 'cheddar', 'parmesan').text).toBe('Grate the cheese.');
});
