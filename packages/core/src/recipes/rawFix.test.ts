import { guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { checkRecipe } from './check.ts';

type Loose = Record<string, unknown>;

/** Chicken that is rubbed and then roasted; beside it onions are fried, and something else is done at the end. */
const dinner = ({ roast = {}, onions = {}, last = {} }: { roast?: Loose; onions?: Loose; last?: Loose }) =>
  occasion({
    guests: [guest('host')],
    recipes: [
      recipe(
        'dinner',
        [line('bird', 'chicken'), line('onions', 'onion'), line('cream', 'cream')],
        [
          step('rub', { uses: ['bird'] }),
          step('roast', {
            title: 'Roast',
            hands: 'off',
            after: [{ step: 'rub' }],
            oven: { temperatureC: 200 },
            ...roast,
          }),
          step('onions', { title: 'Fry the onions', uses: ['onions'], burner: true, after: [], ...onions }),
          step('last', { title: 'Finish', uses: ['cream'], burner: true, after: [{ step: 'onions' }], ...last }),
        ],
      ),
    ],
  }).recipes[0]!;

const rawFinding = (one: ReturnType<typeof dinner>) =>
  checkRecipe(one).find(({ code }) => code === 'poultry-core' || code === 'raw-core');

test('how hot raw flesh gets is offered for a step on its own way, not for the last hot step of all', () => {
  const found = rawFinding(dinner({}));
  expect(found).toMatchObject({
    step: 'roast',
    fix: { label: expect.stringContaining('“Roast” ends at 74 °C') as string },
  });
  const fixed = found!.fix!.recipe;
  expect(fixed.steps.map(({ coreC }) => coreC)).toEqual([undefined, 74, undefined, undefined]);
  expect(rawFinding(fixed)).toBeUndefined();
});

test('it may be a later step, where the food goes on to that', () => {
  const joined = dinner({ last: { after: [{ step: 'onions' }, { step: 'roast' }] } });
  expect(rawFinding(joined)).toMatchObject({ step: 'last' });
});

test.each([
  ['in its title', { title: 'Optional: crisp in the pan' }],
  ['in brackets', { text: 'Crisp the skin in a pan (optional).' }],
  ['in its first words', { text: 'If you like, crisp the skin in a pan.' }],
])('a step that may be left undone is never asked to make it safe: %s', (_, said) => {
  const joined = dinner({ last: { after: [{ step: 'onions' }, { step: 'roast' }], ...said } });
  expect(rawFinding(joined)).toMatchObject({ step: 'roast' });
});

test('a step that only adds a little more if one likes is none of those', () => {
  const joined = dinner({ last: { after: [{ step: 'roast' }], text: 'Simmer in the cream. Add pepper if you like.' } });
  expect(rawFinding(joined)).toMatchObject({ step: 'last' });
});

test('where nothing on its way is hot, no other heat is offered for it', () => {
  const raw = dinner({ roast: { oven: undefined } });
  const found = rawFinding(raw);
  expect(found).toMatchObject({ weight: 'danger', words: expect.stringContaining('never heated') as string });
  expect(found).not.toHaveProperty('fix');
});

test('what a part has been heated in is not called never heated, and no heat of another food is offered for it', () => {
  const both = occasion({
    guests: [guest('host')],
    recipes: [
      recipe('roast', [line('bird', 'chicken')], [step('roast', { uses: ['bird'], oven: { temperatureC: 200 } })], {
        makes: { kind: 'mass', massG: 1000 },
      }),
      recipe(
        'salad',
        [
          line('part', undefined, { component: 'roast', amount: { kind: 'batches', batches: 1 } }),
          line('rice', 'rice'),
        ],
        [
          step('rice', { title: 'Boil the rice', uses: ['rice'], burner: true, after: [] }),
          step('toss', { uses: ['part'], after: [{ step: 'rice' }] }),
        ],
      ),
    ],
  });
  const found = checkRecipe(both.recipes[1]!, (id) => both.recipes.find((each) => each.id === id)).find(
    ({ code }) => code === 'poultry-core',
  );
  expect(found?.words).toMatch(/^No step says that .* reaches 74 °C/);
  expect(found).not.toHaveProperty('fix');
});
