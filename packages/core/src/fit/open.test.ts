import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { id } from '../../test-support/id.ts';
import type { Occasion } from '../model/index.ts';
import { knowledgeOf } from '../exposure/index.ts';
import { openChecks, type OpenCheck } from './checks.ts';
import { dishEvidence, fit, type Cell, type FitTable } from './table.ts';
import type { Reason, Settles, Verdict } from './verdict.ts';

type Told = Pick<Reason, 'settles'> & Partial<Pick<Reason, 'food' | 'line' | 'chain'>>;

/** A table in which all that is said of a guest and a dish is given. */
function tableOf(one: Occasion, said: Readonly<Record<string, readonly Told[] | Verdict>>): FitTable {
  const real = fit(one);
  return {
    ...real,
    rows: real.rows.map((row) => ({
      ...row,
      cells: new Map(
        [...row.cells].map(([who, cell]): [typeof who, Cell] => {
          const told = said[`${row.dish.id}/${who}`] ?? 'clear';
          const reasons = typeof told === 'string' ? [] : told.map(reasonOf);
          const verdict = typeof told === 'string' ? told : 'check';
          return [who, { ...cell, judgement: { verdict, reasons, notes: [] }, served: verdict !== 'conflict' }];
        }),
      ),
    })),
  };
}

const reasonOf = ({ settles, food, line: of, chain = ['need', 'words', 'why'] }: Told): Reason => ({
  verdict: 'check',
  need: { id: id('n'), kind: 'open', text: 'x' },
  settles,
  food,
  line: of,
  chain,
});

const plain = (name: string) => recipe(name, [line('it', 'potato')], [step('cook', { uses: ['it'] })]);
const keyOf = (check: OpenCheck): string =>
  ({
    label: () => `label ${check.kind === 'label' ? check.food : ''}`,
    product: () => `product ${check.kind === 'product' ? check.food : ''}`,
    line: () => `line ${check.kind === 'line' ? `${check.dish}/${check.line}` : ''}`,
    recipe: () => `recipe ${check.kind === 'recipe' ? check.dish : ''}`,
    maker: () => `maker ${check.kind === 'maker' ? check.dish : ''}`,
    guest: () => `guest ${check.kind === 'guest' ? check.guest : ''}`,
  })[check.kind]();

describe('what is open', () => {
  const one = occasion({
    guests: [guest('ana'), guest('bo'), guest('cy')],
    recipes: [plain('soup'), plain('stew'), plain('tart')],
    dishes: [dish('soup'), dish('stew'), dish('tart', 'tart', { brought: { how: 'brought', by: 'Tamsin' } })],
  });

  test('each by what settles it: a label or product by its food, a line by where it stands, a maker by the dish, a guest by name', () => {
    const all = openChecks(
      one,
      tableOf(one, {
        'soup/ana': [{ settles: 'label', food: id('mustard-prepared') }],
        'soup/bo': [{ settles: 'product', food: id('mustard-prepared') }],
        'soup/cy': [{ settles: 'line', line: id('it') }],
        'stew/ana': [{ settles: 'guest' }],
        'tart/bo': [{ settles: 'maker' }],
        'stew/cy': [{ settles: 'nothing' }],
      }),
    );
    expect(all.map(keyOf).sort()).toEqual([
      'guest ana',
      'label mustard-prepared',
      'line soup/it',
      'maker tart',
      'product mustard-prepared',
    ]);
    expect(all.find((each) => each.kind === 'maker')).toMatchObject({ by: 'Tamsin' });
    expect(all.find((each) => each.kind === 'line')).toMatchObject({ words: '100 g potato' });
    expect(all.find((each) => each.kind === 'product')).toMatchObject({ product: 'what was bought' });
  });

  test('a line of a dish that others cook is for its maker to say, once', () => {
    const all = openChecks(
      one,
      tableOf(one, { 'tart/ana': [{ settles: 'line', line: id('it') }, { settles: 'maker' }] }),
    );
    expect(all).toMatchObject([{ kind: 'maker', dish: 'tart', decides: 1, touches: 1 }]);
  });

  test('a maker nobody has named is its maker', () => {
    expect(openChecks(one, tableOf(one, { 'soup/ana': [{ settles: 'maker' }] }))).toMatchObject([{ by: 'its maker' }]);
  });

  test('a plate counts for what alone would clear it; everything else has only a say in it', () => {
    const mustard: Told = { settles: 'label', food: id('mustard-prepared') };
    const curry: Told = { settles: 'label', food: id('curry-paste') };
    const all = openChecks(
      one,
      tableOf(one, {
        'soup/ana': [mustard, mustard],
        'soup/bo': [mustard, curry],
        'stew/bo': [curry, { settles: 'nothing' }],
      }),
    );
    expect(
      all.map((each) => ({
        key: keyOf(each),
        decides: each.decides,
        touches: each.touches,
        in: each.dishes,
        of: each.guests,
      })),
    ).toEqual([
      { key: 'label mustard-prepared', decides: 1, touches: 2, in: ['soup'], of: ['ana', 'bo'] },
      { key: 'label curry-paste', decides: 0, touches: 2, in: ['soup', 'stew'], of: ['bo'] },
    ]);
  });

  test('nothing is asked for a plate that is clear, in conflict or not served', () => {
    const open = tableOf(one, { 'soup/ana': [{ settles: 'guest' }], 'stew/ana': [{ settles: 'guest' }] });
    const row = open.rows[0]!;
    const left: FitTable = {
      ...open,
      rows: [
        { ...row, cells: new Map([...row.cells].map(([who, cell]) => [who, { ...cell, served: false }])) },
        ...open.rows.slice(1).map((each) => ({
          ...each,
          cells: new Map(
            [...each.cells].map(([who, cell]) => [
              who,
              { ...cell, judgement: { ...cell.judgement, verdict: 'clear' as const } },
            ]),
          ),
        })),
      ],
    };
    expect(openChecks(one, left)).toEqual([]);
  });

  test('what decides most first, then what has most of a say, then by name', () => {
    const ask = (settles: Settles, food?: string): Told => ({ settles, ...(food ? { food: id(food) } : {}) });
    const all = openChecks(
      one,
      tableOf(one, {
        'soup/ana': [ask('label', 'curry-paste')],
        'stew/ana': [ask('label', 'curry-paste')],
        'soup/bo': [ask('guest'), ask('label', 'mustard-prepared'), ask('product', 'mustard-prepared')],
        'stew/bo': [ask('guest'), ask('label', 'mustard-prepared')],
        'tart/bo': [ask('maker'), { settles: 'guest' }],
        'soup/cy': [{ settles: 'line', line: id('it') }, ask('label', 'barley-malt')],
        'stew/cy': [{ settles: 'line', line: id('it') }, ask('label', 'apple-juice')],
      }),
    );
    expect(all.map((each) => `${keyOf(each)} ${each.decides}/${each.touches}`)).toEqual([
      'label curry-paste 2/2',
      'guest bo 0/3',
      'label mustard-prepared 0/2',
      'label apple-juice 0/1',
      'label barley-malt 0/1',
      'line soup/it 0/1',
      'line stew/it 0/1',
      'maker tart 0/1',
      'product mustard-prepared 0/1',
    ]);
  });

  test('why it is asked: each ground once', () => {
    const because = (...chain: string[]): Told => ({ settles: 'guest', chain });
    const all = openChecks(
      one,
      tableOf(one, {
        'soup/ana': [because('need', 'words', 'one'), because('need', 'words', 'one')],
        'stew/ana': [because('need', 'words', 'two'), because('need', 'Ask.')],
      }),
    );
    expect(all[0]!.why).toEqual(['one', 'two', 'Ask.']);
  });

  test('two dishes with a line of the same name are asked about in their own words', () => {
    const two = occasion({
      guests: [guest('ana')],
      recipes: [
        recipe(
          'a',
          [{ ...line('x', undefined), text: '1 zorblax' }, line('y', 'potato')],
          [step('s', { uses: ['x', 'y'] })],
        ),
        recipe(
          'b',
          [line('y', 'potato'), { ...line('x', undefined), text: '2 quibbles' }],
          [step('s', { uses: ['x', 'y'] })],
        ),
      ],
    });
    const asked: Told = { settles: 'line', line: id('x') };
    const words = openChecks(two, tableOf(two, { 'a/ana': [asked], 'b/ana': [asked] })).map(
      (each) => each.kind === 'line' && each.words,
    );
    expect(words).toEqual(['1 zorblax', '2 quibbles']);
  });
});

describe('what to look for on a label', () => {
  const stock = recipe('soup', [line('cube', 'vegetable-stock-cube')], [step('cook', { uses: ['cube'] })]);
  const labelFor = (guests: object[], food = 'vegetable-stock-cube', labels: object[] = []) => {
    const one = occasion({
      guests: guests as never,
      labels: labels as never,
      recipes: [
        food === 'vegetable-stock-cube' ? stock : recipe('soup', [line('x', food)], [step('s', { uses: ['x'] })]),
      ],
    });
    const found = openChecks(one, fit(one)).find((each) => each.kind === 'label');
    return found?.kind === 'label' ? found : undefined;
  };
  const soughtFor = (...guests: object[]) => labelFor(guests)?.sought.map((each) => each.hazard as string);
  const need = (of: { readonly kind: string; readonly [field: string]: unknown }) => ({ id: of.kind, ...of });

  test('for no trace all that is avoided, a group opened; for a choice what is in doubt there', () => {
    expect(soughtFor(guest('ana', noTrace('sesame')))).toEqual(['sesame']);
    expect(soughtFor(guest('ana', noTrace('gluten')))).toEqual(['gluten', 'wheat', 'barley', 'rye', 'oats']);
    const vegan = guest('vic', need({ kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }));
    const sought = soughtFor(vegan);
    expect(sought).toContain('milk');
    expect(sought).not.toContain('honey');
  });

  test('single foods, families and certified goods beside; wishes and open questions ask nothing of it', () => {
    const both = labelFor([
      guest('ana', need({ kind: 'food', food: 'garlic', strictness: 'not-ingredient' })),
      guest('bo', need({ kind: 'family', family: 'allium', strictness: 'not-ingredient' })),
      guest('cy', need({ kind: 'food', food: 'celery', strictness: 'prefers-not' }), noTrace('milk')),
    ])!;
    expect(both).toMatchObject({ foods: ['garlic'], families: ['allium'], certified: false });
    expect(both.sought.map((each) => [each.hazard, each.guests])).toEqual([['milk', ['cy']]]);
    expect(labelFor([guest('ana', { ...noTrace('gluten'), certifiedOnly: true })])!.certified).toBe(true);
    expect(labelFor([guest('ana', noTrace('gluten'))])!.certified).toBe(false);
  });

  test('only for those whose plate hangs on it, and each hazard once for all of them', () => {
    const one = labelFor([
      guest('ana', noTrace('milk')),
      guest('bo', noTrace('milk'), noTrace('raw-egg')),
      guest('cy', { ...noTrace('walnut'), strictness: 'not-ingredient' }),
      guest('di', need({ kind: 'open', text: 'hm' }), noTrace('milk')),
    ])!;
    expect(one.sought.map((each) => [each.hazard, each.guests])).toEqual([['milk', ['ana', 'bo', 'di']]]);
  });

  test('what it is known to hold is not looked for: of starch without gluten, its wheat', () => {
    const starch = labelFor([guest('ana', noTrace('gluten'))], 'gluten-free-wheat-starch')!;
    expect(starch.sought.map((each) => each.hazard)).toEqual(['gluten', 'barley', 'rye', 'oats']);
  });

  test('a food that is itself what is avoided is not looked for on its own label', () => {
    const garlic = labelFor(
      [
        guest(
          'ana',
          need({ kind: 'food', food: 'vegetable-stock-cube', strictness: 'not-ingredient' }),
          noTrace('milk'),
        ),
      ],
      'curry-paste',
    );
    expect(garlic!.foods).toEqual(['vegetable-stock-cube']);
  });

  test('an earlier reading stands beside it; of a food the catalogue lacks its id', () => {
    const read = {
      food: 'vegetable-stock-cube',
      product: 'Cube',
      readOn: '2026-12-20',
      contains: [],
      mayContain: [],
      lookedFor: ['egg'],
    };
    const asked = labelFor([guest('ana', noTrace('milk'))], 'vegetable-stock-cube', [read]);
    expect(asked!.earlier).toMatchObject({ product: 'Cube' });
    expect(labelFor([guest('ana', noTrace('milk'))])!.earlier).toBeUndefined();
    const one = occasion({ guests: [guest('ana')], recipes: [stock] });
    const [odd] = openChecks(one, tableOf(one, { 'soup/ana': [{ settles: 'label', food: id('no-such-food') }] }));
    expect(odd).toMatchObject({ name: 'no-such-food', sought: [] });
    const [bought] = openChecks(one, tableOf(one, { 'soup/ana': [{ settles: 'product', food: id('no-such-food') }] }));
    expect(bought).toMatchObject({ name: 'no-such-food', product: 'what was bought' });
  });

  test('a product whose label says so is named as it was bought', () => {
    const label = {
      food: 'vegetable-stock-cube',
      product: 'Cube',
      readOn: '2026-12-20',
      contains: [],
      mayContain: ['milk'],
    };
    const one = occasion({ guests: [guest('ana', noTrace('milk'))], recipes: [stock], labels: [label] });
    expect(openChecks(one, fit(one))).toMatchObject([
      { kind: 'product', name: 'vegetable stock cube', product: 'Cube', decides: 1 },
    ]);
  });
});

describe('plates', () => {
  const brought = (more: object = {}) => dish('tart', 'tart', { brought: { how: 'brought', by: 'Tamsin', ...more } });
  const one = (guests: object[], dishes: object[], recipes = [plain('soup'), plain('tart')]) =>
    occasion({ guests: guests as never, dishes: dishes as never, recipes });

  test('a check that nothing settles leaves no hope; one that something settles does', () => {
    const unknownKitchen = one(
      [guest('ana', noTrace('milk'))],
      [
        brought({
          answers: ['everything', 'packets', 'kit', 'medium'].map((question) => ({
            question,
            answer: question === 'everything' || question === 'packets' ? 'yes' : 'no',
            words: '',
            on: '2026-12-20',
          })),
        }),
      ],
    );
    expect(fit(unknownKitchen).plates).toMatchObject([{ state: 'short', courses: [{ check: 1, hopeful: 0 }] }]);
    const unasked = one([guest('ana', noTrace('milk'))], [brought()]);
    expect(fit(unasked).plates[0]!.courses[0]!.check).toBe(1);
  });

  test('a plate is as full as its emptiest course, and each course counts its own dishes', () => {
    const base = one(
      [guest('ana', noTrace('wheat'))],
      [dish('soup'), dish('crumb', 'crumb')],
      [plain('soup'), recipe('crumb', [line('c', 'breadcrumbs')], [step('s', { uses: ['c'] })])],
    );
    const two: Occasion = {
      ...base,
      courses: [...base.courses, { ...base.courses[0]!, id: id('last'), name: 'Last' }],
      dishes: base.dishes.map((each) => (each.id === 'crumb' ? { ...each, course: id<never>('last') } : each)),
    };
    expect(fit(two).plates).toMatchObject([{ state: 'short', courses: [{ clear: 1 }, { clear: 0, check: 0 }] }]);
    const cube = one(
      [guest('ana', noTrace('milk'))],
      [dish('soup'), dish('cube', 'cube')],
      [plain('soup'), recipe('cube', [line('c', 'vegetable-stock-cube')], [step('s', { uses: ['c'] })])],
    );
    const hoped: Occasion = {
      ...cube,
      courses: two.courses,
      dishes: cube.dishes.map((each) => (each.id === 'cube' ? { ...each, course: id<never>('last') } : each)),
    };
    expect(fit(hoped).plates).toMatchObject([{ state: 'checks', courses: [{ clear: 1, hopeful: 0 }, { hopeful: 1 }] }]);
  });

  test('each version is eaten by those it is for', () => {
    const versions = [
      { id: 'plain', name: 'as written', swaps: [], guests: [] },
      { id: 'other', name: 'another', swaps: [], guests: ['bo'] },
    ];
    const table = fit(one([guest('ana'), guest('bo')], [dish('soup', 'soup', { versions })]));
    expect(table.rows[0]!.versions.map((made) => made.eaters)).toEqual([['ana'], ['bo']]);
  });

  test('what a dish brings is the same list until something of it changes', () => {
    const first = one([guest('ana')], [dish('soup'), brought()]);
    const knowledge = knowledgeOf(first);
    const [soup, tart] = first.dishes;
    const evidence = (of: typeof tart, from = first) =>
      dishEvidence(
        from,
        of!,
        first.recipes.find((each) => each.id === of!.recipe)!,
        knowledge,
      );
    expect(evidence(soup)).toBe(evidence(soup));
    expect(evidence(tart)).toBe(evidence(tart));
    const answered = {
      ...tart!,
      brought: {
        ...tart!.brought!,
        answers: [{ question: 'everything', answer: 'no', words: '', on: '2026-12-20' }],
      },
    } as typeof tart;
    expect(evidence(answered)).not.toBe(evidence(tart));
    expect(evidence(answered)).not.toEqual(evidence(tart));
  });

  test('sealed with a label, what is only possible by its name is left to the label, and its claims are the label’s', () => {
    const sealed = (claims: string[]) =>
      one(
        [guest('ana', noTrace('milk')), guest('fay', { ...noTrace('gluten'), certifiedOnly: true })],
        [
          dish('cube', 'cube', {
            brought: {
              how: 'bought',
              by: 'the shop',
              sealed: true,
              label: { readOn: '2026-12-20', contains: [], mayContain: [], claims },
            },
          }),
        ],
        [recipe('cube', [line('c', 'vegetable-stock-cube'), line('o', 'gf-oats')], [step('s', { uses: ['c', 'o'] })])],
      );
    const verdicts = (from: Occasion) => [...fit(from).rows[0]!.cells.values()].map((cell) => cell.judgement.verdict);
    expect(verdicts(sealed([]))).toEqual(['clear', 'check']);
    expect(verdicts(sealed(['gluten-free']))).toEqual(['clear', 'clear']);
  });
});
