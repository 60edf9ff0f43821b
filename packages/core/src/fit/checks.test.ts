import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { coverGaps, fit, nameFaults, openChecks, productFaults } from './index.ts';
import type { Occasion } from '../model/index.ts';

const soup = recipe(
  'soup',
  [line('cube', 'vegetable-stock-cube'), line('leek', 'leek')],
  [step('cook', { uses: ['cube', 'leek'] })],
);
const stew = recipe(
  'stew',
  [line('cube', 'vegetable-stock-cube'), line('paste', 'curry-paste')],
  [step('cook', { uses: ['cube', 'paste'] })],
);
const checksOf = (one: Occasion) => openChecks(one, fit(one));

test('the label that decides most comes first, with what to look for and for whom', () => {
  const checks = checksOf(
    occasion({ guests: [guest('ana', noTrace('milk')), guest('bo', noTrace('gluten'))], recipes: [soup, stew] }),
  );
  expect(checks.map((each) => [each.kind, each.kind === 'label' && each.name, each.decides, each.touches])).toEqual([
    ['label', 'vegetable stock cube', 2, 4],
    ['label', 'curry paste', 0, 2],
  ]);
  const [cube] = checks;
  if (cube?.kind !== 'label') throw new Error('a label was expected');
  expect(cube.sought.map((each) => each.hazard as string)).toEqual([
    'milk',
    'gluten',
    'wheat',
    'barley',
    'rye',
    'oats',
  ]);
  expect(cube.sought[0]).toMatchObject({ guests: ['ana'], words: expect.stringContaining('whey') as string });
});

test('checking one label settles every plate that hung on it', () => {
  const guests = [guest('ana', noTrace('milk')), guest('bo', noTrace('gluten'))];
  const label = { food: 'vegetable-stock-cube', product: 'Cube', readOn: '2026-12-20', contains: [], mayContain: [] };
  const after = occasion({ guests, recipes: [soup, stew], labels: [label] });
  expect(checksOf(after).map((each) => each.kind === 'label' && each.name)).toEqual(['curry paste']);
  expect(fit(after).rows[0]!.cells.get(id('ana'))!.judgement.verdict).toBe('clear');
});

test('nothing is asked that no label could settle', () => {
  expect(
    checksOf(
      occasion({
        guests: [guest('ana', noTrace('walnut'))],
        recipes: [recipe('pie', [line('pecan', 'pecans')], [step('bake', { uses: ['pecan'] })])],
      }),
    ).filter((each) => each.touches === 0),
  ).toEqual([]);
  expect(checksOf(demo('lantern-supper')).every((each) => each.touches > 0 && each.why.length > 0)).toBe(true);
});

test('words nobody knows are asked about where they stand', () => {
  const odd = recipe('odd', [{ ...line('x', undefined), text: '2 tbsp zorblax' }], [step('stir', { uses: ['x'] })]);
  expect(checksOf(occasion({ guests: [guest('ana', noTrace('milk'))], recipes: [odd] }))).toEqual([
    expect.objectContaining({ kind: 'line', words: '2 tbsp zorblax', decides: 1 }),
  ]);
});

describe('dishes that others cook', () => {
  const salad = recipe(
    'salad',
    [{ ...line('p', 'potato') }, { ...line('o', 'olive-oil') }],
    [step('set-out', { uses: ['p', 'o'] })],
  );
  const brought = (more: object) =>
    occasion({
      guests: [
        guest('ana', noTrace('milk')),
        guest('vic', { id: 'd', kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }),
      ],
      recipes: [salad],
      dishes: [dish('salad', 'salad', { brought: { how: 'brought', by: 'Tamsin', ...more } })],
    });
  const verdicts = (one: Occasion) => [...fit(one).rows[0]!.cells.values()].map((cell) => cell.judgement.verdict);
  const answer = (question: string, said: string, words = '') => ({ question, answer: said, words, on: '2026-12-20' });

  test('unasked, it is a check for whoever avoids anything', () => {
    expect(verdicts(brought({}))).toEqual(['check', 'check']);
    expect(checksOf(brought({})).map((each) => each.kind)).toEqual(['maker']);
  });
  test('answered, it is clear for a choice and a check at best for no trace', () => {
    expect(
      verdicts(
        brought({
          answers: [answer('everything', 'yes'), answer('packets', 'yes'), answer('kit', 'no'), answer('medium', 'no')],
        }),
      ),
    ).toEqual(['check', 'clear']);
  });
  test('sealed and labelled, it is what its label says', () => {
    const label = (contains: string[], mayContain: string[]) =>
      brought({ how: 'bought', sealed: true, label: { readOn: '2026-12-20', contains, mayContain } });
    expect(verdicts(label([], []))).toEqual(['clear', 'clear']);
    expect(verdicts(label([], ['milk']))).toEqual(['check', 'clear']);
    expect(verdicts(label(['milk'], []))).toEqual(['conflict', 'conflict']);
  });
  test('sealed and labelled, it is still a question for whoever avoids a single food, and milk on it for lactose', () => {
    const one = occasion({
      guests: [
        guest('dov', { id: 'f', kind: 'food', food: 'garlic', strictness: 'not-ingredient' }),
        guest('maud', { id: 'l', kind: 'hazard', hazard: 'lactose', strictness: 'not-ingredient' }),
      ],
      recipes: [salad],
      dishes: [
        dish('salad', 'salad', {
          brought: {
            how: 'bought',
            by: 'the shop',
            sealed: true,
            label: { readOn: '2026-12-20', contains: ['milk'], mayContain: [] },
          },
        }),
      ],
    });
    expect(verdicts(one)).toEqual(['check', 'check']);
  });
  test('used oil that nobody can name is a question for an allergy that is not about traces', () => {
    const one = occasion({
      guests: [guest('ana', { ...noTrace('milk'), strictness: 'not-ingredient' })],
      recipes: [salad],
      dishes: [
        dish('salad', 'salad', {
          brought: {
            how: 'brought',
            by: 'Tamsin',
            answers: [
              answer('everything', 'yes'),
              answer('packets', 'yes'),
              answer('kit', 'no'),
              answer('medium', 'yes'),
            ],
          },
        }),
      ],
    });
    expect(verdicts(one)).toEqual(['check']);
  });
  test('fried in oil that fried something else, it carries that over', () => {
    expect(
      verdicts(
        brought({
          answers: [
            answer('everything', 'yes'),
            answer('packets', 'yes'),
            answer('kit', 'no'),
            answer('medium', 'yes', 'the oil had cheese in it'),
          ],
        }),
      ),
    ).toEqual(['conflict', 'clear']);
  });
});

test('oil shared by two dishes carries one into the other, for those to whom traces matter', () => {
  const chips = recipe('chips', [line('p', 'potato')], [step('fry', { uses: ['p'] })]);
  const fish = recipe('fish', [line('f', 'cod'), line('w', 'wheat-flour')], [step('fry', { uses: ['f', 'w'] })]);
  const one = (shares: object[]) =>
    occasion({
      guests: [
        guest('ana', noTrace('fish')),
        guest('vic', { id: 'd', kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }),
      ],
      recipes: [chips, fish],
      dishes: [dish('chips', 'chips', { shares }), dish('fish')],
    });
  const verdicts = (occasionNow: Occasion) =>
    [...fit(occasionNow).rows[0]!.cells.values()].map((cell) => cell.judgement.verdict);
  expect(verdicts(one([]))).toEqual(['clear', 'clear']);
  expect(verdicts(one([{ medium: 'frying oil', with: ['fish'] }]))).toEqual(['conflict', 'clear']);
  // It goes both ways, whoever noted it.
  const shared = one([{ medium: 'frying oil', with: ['fish'] }]);
  const other = {
    ...shared,
    dishes: shared.dishes.map((each) =>
      each.id === 'chips'
        ? { ...each, shares: [] }
        : { ...each, shares: [{ medium: 'frying oil' as const, with: [id('chips')] }] },
    ),
  };
  expect(verdicts(other)).toEqual(['conflict', 'clear']);
});

test('the shared table of the demo: what is brought is asked about, what is sealed rests on its label, an old label is doubted', () => {
  const one = demo('allotment-lunch');
  const table = fit(one);
  const verdict = (dishId: string, who: string) =>
    table.rows.find((row) => row.dish.id === dishId)!.cells.get(id(who))!.judgement.verdict;
  expect([verdict('crackers', 'oriel'), verdict('crackers', 'gus')]).toEqual(['clear', 'clear']);
  expect([verdict('salad', 'oriel'), verdict('salad', 'wren'), verdict('salad', 'noor')]).toEqual([
    'check',
    'conflict',
    'check',
  ]);
  expect([verdict('pie', 'oriel'), verdict('fruit', 'oriel'), verdict('fruit', 'hale')]).toEqual([
    'conflict',
    'check',
    'clear',
  ]);
  expect(
    openChecks(one, table).some(
      (check) =>
        check.kind === 'label' &&
        check.food === 'mustard-prepared' &&
        check.why.some((why) => /too long ago/.test(why)),
    ),
  ).toBe(true);
  const pie = table.rows.find((row) => row.dish.id === 'pie')!.versions[0]!;
  expect(nameFaults(pie.recipe.name, pie.evidence)).toEqual([
    expect.objectContaining({ claim: 'vegan', state: 'unproven' }),
  ]);
});

test('nobody is left with a plate of leaves unseen: gaps by course, the hopeless first', () => {
  const one = occasion({
    guests: [guest('ana', noTrace('milk')), guest('bo', noTrace('celery')), guest('cy')],
    recipes: [
      recipe('gratin', [line('b', 'butter'), line('c', 'celeriac')], [step('bake', { uses: ['b', 'c'] })]),
      soup,
    ],
  });
  const gaps = coverGaps(
    { ...one, courses: [{ ...one.courses[0]!, enough: 2 }] },
    fit({ ...one, courses: [{ ...one.courses[0]!, enough: 2 }] }),
  );
  expect(gaps.map((gap) => [gap.guest, gap.state, gap.clear, gap.hoped])).toEqual([
    ['ana', 'short', 0, 1],
    ['bo', 'short', 0, 1],
  ]);
});

test.each<[string, string[], string[]]>([
  ['Vegan gratin', ['butter'], ['vegan broken']],
  ['Vegan gratin', ['red-wine'], ['vegan unproven']],
  ['Dairy-free mash', ['potato', 'olive-oil'], []],
  ['Gluten-free cake', ['wheat-flour'], ['gluten-free broken']],
  ['Gluten-free stuffing', ['gluten-free-wheat-starch'], ['gluten-free unproven']],
  ['Nut-free pesto', ['pine-nuts'], ['nut-free broken']],
  ['Butternut soup', ['butter'], []],
])('the name “%s” over %j: %j', (name, names, expected) => {
  const one = occasion({
    guests: [],
    recipes: [
      recipe(
        'r',
        names.map((food, i) => line(`l${i}`, food)),
        [step('s', { uses: names.map((_, i) => `l${i}`) })],
      ),
    ],
  });
  expect(
    nameFaults(name, fit(one).rows[0]!.versions[0]!.evidence).map((fault) => `${fault.claim} ${fault.state}`),
  ).toEqual(expected);
});

test('a product whose name says dairy-free, and whose label lists milk, is marked', () => {
  expect(productFaults({ product: 'Dairy-free gravy', contains: [id('milk')] }).map((fault) => fault.state)).toEqual([
    'broken',
  ]);
  expect(productFaults({ product: 'Dairy-free gravy', contains: [id('wheat')] })).toEqual([]);
});
