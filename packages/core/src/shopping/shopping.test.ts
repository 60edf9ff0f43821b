import { id } from '../../test-support/id.ts';
import * as fc from 'fast-check';
import * as v from 'valibot';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { fit, openChecks } from '../fit/index.ts';
import { Shopping, type Occasion } from '../model/index.ts';
import { foodOf, packagedFoods } from '../reference/index.ts';
import { scale } from '../scale/index.ts';
import { fromShoppingCsv, toShoppingCsv } from './csv.ts';
import { shoppingList } from './list.ts';
import { packUp } from './packing.ts';
import { addUp, nothing } from './sum.ts';
import { packingWords, shoppingText, sumWords } from './words.ts';

const listOf = (one: Occasion) => {
  const table = fit(one);
  return shoppingList(one, scale(one, table), openChecks(one, table));
};
const withShopping = (one: Occasion, shopping: object): Occasion => ({ ...one, shopping: v.parse(Shopping, shopping) });
const two = () =>
  occasion({
    guests: [guest('ada', noTrace('celery')), guest('bo'), guest('cy'), guest('di')],
    recipes: [
      recipe(
        'soup',
        [
          line('carrots', 'carrot', { amount: { kind: 'mass', massG: 400 } }),
          line('stock', 'vegetable-stock-cube', {
            text: '1 stock cube',
            amount: { kind: 'count', count: 1, piece: 'cube' },
          }),
          line('tin', 'tinned-tomatoes', { amount: { kind: 'count', count: 1, piece: 'tin', eachG: 400 } }),
          line('salt', 'salt', { amount: { kind: 'words', words: 'to taste' } }),
          line('tap', 'water'),
        ],
        [step('cook', { uses: ['carrots', 'stock', 'tin', 'salt', 'tap'] })],
      ),
      recipe(
        'roots',
        [
          line('carrots', 'carrot', { amount: { kind: 'count', count: 3 } }),
          line('odd', undefined, { text: '2 tbsp zorblat paste', amount: { kind: 'volume', volumeMl: 30 } }),
          line('parsley', 'parsley', { amount: { kind: 'count', count: 1, piece: 'bunch' } }),
        ],
        [step('roast', { uses: ['carrots', 'odd', 'parsley'] })],
      ),
    ],
  });
const item = (one: Occasion, key: string) => listOf(one).items.find((each) => each.key === key)!;

test('one line for carrots by weight and by the piece, with where they go; tap water is not bought', () => {
  const carrots = item(two(), 'carrot');
  expect(carrots.need.massG).toBeCloseTo(400 + 3 * 80, 6);
  expect(carrots.sources.map((each) => each.dish)).toEqual(['soup', 'roots']);
  expect(sumWords(carrots.buy, 'carrot', 'metric')).toBe('8 (640 g)');
  expect(listOf(two()).items.some((each) => each.food === 'water')).toBe(false);
});

test('what no catalogue knows is bought by its words, and asks what it is made of', () => {
  const odd = listOf(two()).items.find((each) => each.name.includes('zorblat'))!;
  expect(odd).toMatchObject({
    name: 'zorblat paste',
    label: [{ words: 'what it is made of', lookFor: '', guests: ['ada'] }],
  });
  expect(sumWords(odd.buy, undefined, 'metric')).toBe('2 tbsp');
});

test('the label must not say celery, for Ada', () => {
  expect(item(two(), 'vegetable-stock-cube').label.flatMap((wish) => wish.guests)).toContain('ada');
  const text = shoppingText(two(), listOf(two()), 'metric', { names: false });
  expect(text).toMatch(/vegetable stock cube: .*\n.*label: .*celery/i);
  expect(text).not.toContain('ada');
});

test('what is in the house is taken off; enough of it leaves the list', () => {
  const some = withShopping(two(), {
    have: [
      { item: 'carrot', amount: { kind: 'mass', massG: 500 } },
      { item: 'parsley', amount: { kind: 'count', count: 1, piece: 'bunch' } },
    ],
  });
  expect(item(some, 'carrot').buy.massG).toBeCloseTo(140, 6);
  expect(item(some, 'parsley')).toMatchObject({ inHouse: true, packing: undefined });
});

test('fresh things go on the late trip, what keeps on the early one; a chosen trip stands, and too early is said', () => {
  const trips = [
    { id: 'early', name: 'Saturday', day: '2027-01-02' },
    { id: 'late', name: 'Friday', day: '2027-01-09' },
  ];
  const one = withShopping(two(), { shops: trips });
  expect([item(one, 'parsley').shop, item(one, 'tinned-tomatoes').shop, item(one, 'parsley').tooEarly]).toEqual([
    'late',
    'early',
    false,
  ]);
  const moved = withShopping(two(), { shops: trips, at: [{ item: 'parsley', shop: 'early' }] });
  expect(item(moved, 'parsley')).toMatchObject({ shop: 'early', tooEarly: true });
});

test.each([
  ['flour in bags', 'wheat-flour', { massG: 1200 }, '2 bags of 1 kg, 800 g left over'],
  ['one large and one small', 'tahini', { massG: 500 }, '2 jars of 280 g, 60 g left over'],
  ['eggs by the box', 'egg', { massG: 350 }, '1 box of 10, 3 left over'],
  ['milk by volume from weight', 'milk', { massG: 1030 }, '1 carton of 1 l'],
  ['rice: one kilo rather than two halves', 'rice', { massG: 900 }, '1 bag of 1 kg, 100 g left over'],
])('packages: %s', (_name, food, need, words) => {
  expect(packingWords(packUp({ ...nothing, ...need }, foodOf(food), [])!)).toBe(words);
});

test('own sizes and prices go before the usual ones; the cheaper choice is taken', () => {
  const packs = [
    { id: id('wheat-flour'), holds: { kind: 'mass' as const, massG: 1500 }, called: 'bag', price: 2.4 },
    { id: id('wheat-flour'), holds: { kind: 'mass' as const, massG: 500 }, called: 'bag', price: 1 },
  ];
  expect(packUp({ ...nothing, massG: 1200 }, foodOf('wheat-flour'), packs)).toMatchObject({
    packs: [{ count: 1, size: 1500 }],
    price: 2.4,
  });
  const one = withShopping(two(), {
    packs: [{ id: 'tinned-tomatoes', holds: { kind: 'mass', massG: 400 }, called: 'tin', price: 0.9 }],
  });
  expect(listOf(one).cost).toEqual({ known: 0.9, without: listOf(one).items.length - 1 });
});

test('packages always reach the need, with less than one package over', () => {
  fc.assert(
    fc.property(fc.constantFrom(...packagedFoods), fc.double({ min: 1, max: 20_000, noNaN: true }), (food, massG) => {
      const packing = packUp({ ...nothing, massG }, foodOf(food), []);
      if (!packing) return;
      expect(packing.leftOver).toBeGreaterThanOrEqual(0);
      expect(packing.leftOver).toBeLessThan(Math.max(...packing.packs.map((each) => each.size)) + 1e-6);
    }),
  );
});

test('the list holds what the batches hold, gram for gram', () => {
  for (const name of ['lantern-supper', 'sunday-lunch', 'allotment-lunch'] as const) {
    const one = demo(name);
    const made = scale(one, fit(one));
    const brought = new Set(one.dishes.filter((each) => each.brought).map((each) => each.id));
    const sum = made
      .filter((each) => !brought.has(each.dish))
      .flatMap((each) => each.lines)
      .filter(({ line: each }) => each.food && each.food !== 'water')
      .reduce((total, each) => total + (each.massG ?? 0), 0);
    const listed = listOf(one)
      .items.filter((each) => each.food)
      .reduce((total, each) => total + each.need.massG, 0);
    expect(listed).toBeCloseTo(sum, 4);
  }
});

test('adding up does not depend on the order', () => {
  const amounts = fc.array(
    fc.oneof(
      fc.record({ kind: fc.constant('mass' as const), massG: fc.integer({ min: 0, max: 5000 }) }),
      fc.record({ kind: fc.constant('volume' as const), volumeMl: fc.integer({ min: 0, max: 5000 }) }),
      fc.record({
        kind: fc.constant('count' as const),
        count: fc.integer({ min: 0, max: 50 }),
        piece: fc.constantFrom('', 'bunch', 'tin'),
      }),
    ),
    { maxLength: 12 },
  );
  fc.assert(
    fc.property(amounts, fc.constantFrom('carrot', 'parsley', 'milk', undefined), (some, food) => {
      const entry = food ? foodOf(food) : undefined;
      const [one, other] = [addUp(some, entry), addUp([...some].reverse(), entry)];
      expect([other.massG, other.volumeMl, [...other.pieces].sort()]).toEqual([
        expect.closeTo(one.massG, 6),
        expect.closeTo(one.volumeMl, 6),
        [...one.pieces].sort(),
      ]);
    }),
  );
});

test('CSV out and in: ticks and what is in the house come back; formulas stay text; faults name their row', () => {
  const one = withShopping(two(), {
    ticked: ['carrot'],
    have: [{ item: 'salt', amount: { kind: 'mass', massG: 100 } }],
    extra: ['=1+1', 'candles'],
  });
  const list = listOf(one);
  const csv = toShoppingCsv(one, list);
  expect(csv).toContain("'=1+1");
  const back = fromShoppingCsv(csv, list, v.parse(Shopping, { extra: ['=1+1', 'candles'] }));
  expect(back.faults).toEqual([]);
  expect(back.shopping).toMatchObject({
    ticked: ['carrot'],
    have: [{ item: 'salt', amount: { kind: 'mass', massG: 100 } }],
    extra: ['=1+1', 'candles'],
  });
  expect(fromShoppingCsv('thing;number\n1;2', list, one.shopping).faults[0]!.words).toMatch(/column/);
  const typed = fromShoppingCsv('item,have\nCarrots,500 g\nnapkins,\nparsley,plenty\n"",1\n', list, one.shopping);
  expect(typed.shopping.have).toContainEqual({ item: 'carrot', amount: { kind: 'mass', massG: 500 } });
  expect(typed.shopping.extra).toContain('napkins');
  expect(typed.faults.map((each) => each.row)).toEqual([4, 5]);
});

test('dishes that others bring are not bought; versions and swaps are', () => {
  const one = demo('allotment-lunch');
  const brought = one.dishes.filter((each) => each.brought).map((each) => each.id);
  expect(brought.length).toBeGreaterThan(0);
  expect(
    listOf(one)
      .items.flatMap((each) => each.sources)
      .some((source) => brought.includes(source.dish)),
  ).toBe(false);
  const swapped = occasion({
    guests: [guest('ada', noTrace('milk'))],
    recipes: [recipe('r', [line('milk', 'milk', { role: 'liquid-dairy' })], [step('s', { uses: ['milk'] })])],
    dishes: [
      dish('r', 'r', {
        versions: [
          {
            id: 'v',
            name: 'v',
            guests: [],
            swaps: [{ kind: 'substitute', line: 'milk', substitution: 'oat-for-milk' }],
          },
        ],
      }),
    ],
  });
  expect(listOf(swapped).items.map((each) => each.key)).toEqual(['oat-drink']);
});
