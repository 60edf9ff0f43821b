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

describe('an amount before what was replaced is one of what there is instead', () => {
  /** Three eggs are 135 ml of aquafaba, 200 g of butter 160 g of oil. */
  const with_ = (text: string, old: Record<string, unknown>, by: object) => {
    const step_ = { ...step('do', { title: 'Do it', text, uses: ['l0'] }) };
    const one = occasion({
      guests: [guest('gwen')],
      recipes: [recipe('it', [line('l0', String(old['food']), old)], [step_])],
      dishes: [],
    });
    const swap = { kind: 'own', line: 'l0', with: [{ ratio: 1, ...by }], technique: '', addMin: 0, kit: [] };
    return applySwaps(one.recipes[0]!, [swap as unknown as Swap]).steps[0]!.text;
  };
  const butter = { food: 'butter', amount: { kind: 'mass', massG: 200 } };
  test.each([
    ['Melt 50 g of the butter, then the rest.', 'Melt 40 g of the olive oil, then the rest.'],
    ['Melt 100 g butter; keep 100 g soft butter.', 'Melt 80 g olive oil; keep 80 g soft olive oil.'],
    ['Melt the butter over 10 minutes.', 'Melt the olive oil over 10 minutes.'],
    ['Take 50 g sugar, then the butter.', 'Take 50 g sugar, then the olive oil.'],
  ])('%s', (text, expected) => {
    expect(with_(text, butter, { food: 'olive-oil', ratio: 0.8 })).toBe(expected);
  });
  test.each([
    ['Whisk 2 eggs.', /^Whisk (?!2 )\S+.* aquafaba/],
    ['Whisk the three large eggs.', /^Whisk the (?!three )\S+.* aquafaba/],
    ['Whisk an egg.', /^Whisk an aquafaba/],
  ])('%s', (text, expected) => {
    const eggs = { food: 'egg', text: 'eggs', amount: { kind: 'count', count: 3, piece: '' } };
    expect(with_(text, eggs, { food: 'aquafaba' })).toMatch(expected);
  });
});
