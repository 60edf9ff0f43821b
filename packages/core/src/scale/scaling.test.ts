import { id } from '../../test-support/id.ts';
import * as fc from 'fast-check';
import { demo, demoRecipes } from '../../test-support/demo.ts';
import { line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { looseStart, measure, measureEggs, readAmount } from '../quantities/index.ts';
import { foodOf, foods, scalingRules } from '../reference/index.ts';
import { fit } from '../fit/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { bentFactor, scaleLine } from './lines.ts';
import { factorForLine, factorForPortions, factorForYield } from './factors.ts';
import { factorForPan, panChoices } from './pans.ts';
import { scale, usualShare } from './portions.ts';

const of = (food: string, amount: object, text = food, extra = {}) =>
  occasion({
    guests: [],
    recipes: [
      recipe('r', [line('l', food, { amount, text, ...extra })], [step('s', { uses: ['l'], text: 'Simmer it.' })]),
    ],
  }).recipes[0]!;

test.each([
  ['chilli grows slower', 'chilli-flakes', 4, 0.8],
  ['bay too', 'bay-leaf', 4, 0.85],
  ['salt only in big batches', 'salt', 2, 1],
  ['carrots in a straight line', 'carrot', 8, 1],
])('%s', (_name, food, factor, exponent) => {
  const made = of(food, { kind: 'mass', massG: 10 });
  const { amount, bent } = scaleLine(made, made.lines[0]!, factor);
  const rule = scalingRules.find((each) => each.foods.includes(id(food)));
  expect(amount).toMatchObject({
    massG: expect.closeTo(10 * (exponent === 1 ? factor : rule!.from * (factor / rule!.from) ** exponent), 6) as number,
  });
  expect(bent === undefined).toBe(exponent === 1);
});

test('there and back again, bent or straight, is where it began', () => {
  for (const rule of scalingRules)
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1000, noNaN: true }), (factor) => {
        expect(bentFactor(rule, factor) * bentFactor(rule, 1 / factor)).toBeCloseTo(1, 9);
      }),
    );
});

test('more is never less, and a rule never gives more than a straight line for more', () => {
  for (const rule of scalingRules)
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 1, max: 500, noNaN: true }),
        (a, b) => {
          const [low, high] = [Math.min(a, b), Math.max(a, b)];
          expect(bentFactor(rule, low)).toBeLessThanOrEqual(bentFactor(rule, high) + 1e-9);
          expect(bentFactor(rule, high)).toBeLessThanOrEqual(high + 1e-9);
        },
      ),
    );
});

test('the amounts of versions add up to the base they are taken from', () => {
  const lantern = demo('lantern-supper');
  const table = fit(lantern);
  const made = scale(lantern, table);
  for (const batch of tasksOf(lantern, table).batches) {
    if (batch.versions.length < 2) continue;
    for (const each of batch.recipe.lines) {
      if (each.amount.kind !== 'mass') continue;
      const base = scaleLine(batch.recipe, each, batch.factor, batch.dishFactor).amount as { massG: number };
      const parts = made
        .filter((version) => version.dish === batch.dish && version.recipe.lines.some((one) => one === each))
        .map((version) => version.lines.find((one) => one.line === each)!.amount as { massG: number });
      if (parts.length === batch.versions.length)
        expect(parts.reduce((sum, part) => sum + part.massG, 0)).toBeCloseTo(base.massG, 6);
    }
  }
});

test('what is measured out in cups and spoons weighs what it should, but for the error that is shown', () => {
  for (const food of foods) {
    const { densityGPerMl } = food;
    if (densityGPerMl === undefined) continue;
    fc.assert(
      fc.property(fc.double({ min: 2, max: 3500, noNaN: true }), (massG) => {
        const measured = measure({ kind: 'mass', massG }, 'us', { densityGPerMl });
        const { amount } = readAmount(`${measured.text} ${food.name}`, 'us');
        if (amount.kind !== 'volume' || measured.error === undefined) return;
        expect([food.id, measured.text, (amount.volumeMl * densityGPerMl) / massG]).toEqual([
          food.id,
          measured.text,
          expect.closeTo(1 + measured.error, 2),
        ]);
      }),
      { numRuns: 4 },
    );
  }
});

test.each([
  [0.5, '25 g beaten egg (about 1⅔ tbsp)', '1 egg, with 19 ml less liquid'],
  [1.5, '1 egg + 25 g beaten egg (about 1⅔ tbsp)', '2 eggs, with 19 ml less liquid'],
  [2.02, '2 eggs', undefined],
  [3.3, '3 eggs + 15 g beaten egg (about 1 tbsp)', '3 eggs, with 11 ml more liquid'],
  [4.15, '4 eggs', undefined],
  [1.15, '1 egg + 7 g beaten egg (about ½ tbsp)', '1 egg, with 6 ml more liquid'],
])('%d eggs', (count, text, orWhole) => {
  expect(measureEggs(count, 50)).toEqual({ text, orWhole });
});

test.each([
  ['2 handfuls', 'spinach', 2, 'start with about 48 g'],
  ['a handful', 'walnut', 1, 'start with about 30 g'],
  ['a splash', 'milk', 2, 'start with about 30 ml'],
  ['to taste', 'salt', 2, undefined],
])('%s of %s, ×%d', (words, food, factor, start) => {
  expect(looseStart(words, foodOf(food), factor)).toBe(start);
});

const gratin = {
  ...demoRecipes.find((each) => each.id === 'celeriac-apple-gratin')!,
  pan: { vessel: { shape: 'rectangle' as const, lengthCm: 30, widthCm: 20, depthCm: 6 }, count: 1, singleLayer: false },
};
const dishes = (...sizes: [number, number][]) =>
  occasion({
    guests: [],
    recipes: [],
    dishes: [],
    kit: sizes.map(([lengthCm, widthCm], i) =>
      unit(`dish-${i}`, 'gratin-dish', 'ceramic', { vessel: { shape: 'rectangle', lengthCm, widthCm, depthCm: 6 } }),
    ),
  }).kitchen;

test('twice the gratin: two dishes of its size, not one that runs over', () => {
  const [best, ...others] = panChoices(gratin, 2, dishes([30, 20], [30, 20], [20, 15]));
  expect(best).toMatchObject({ overfull: false, timeRatio: undefined });
  expect(best!.units.map((each) => each.id)).toEqual(['dish-0', 'dish-1']);
  expect(others.some((each) => each.units.length === 1 && !each.overfull)).toBe(false);
});

test('only a small dish: said to be over-full, with what to do; shallower is quicker, as an estimate', () => {
  expect(panChoices(gratin, 2, dishes([30, 20]))[0]).toMatchObject({
    overfull: true,
    words: expect.stringMatching(/over-full.*keep \d+ % of it back/) as string,
  });
  const shallow = panChoices(gratin, 0.5, dishes([30, 20]))[0]!;
  expect(shallow.timeRatio!.least).toBeLessThan(shallow.timeRatio!.most);
  expect(shallow.timeRatio!.most).toBeLessThan(0.6);
});

test('one layer on a tray: too much goes in rounds', () => {
  const roots = {
    ...demoRecipes.find((each) => each.id === 'roast-roots')!,
    pan: {
      vessel: { shape: 'rectangle' as const, lengthCm: 40, widthCm: 30, depthCm: 2 },
      count: 1,
      singleLayer: true,
    },
  };
  const kitchen = occasion({
    guests: [],
    recipes: [],
    dishes: [],
    kit: [
      unit('tray', 'baking-tray', 'steel', { vessel: { shape: 'rectangle', lengthCm: 40, widthCm: 30, depthCm: 2 } }),
    ],
  }).kitchen;
  expect(panChoices(roots, 2.5, kitchen)[0]).toMatchObject({ crowded: true, rounds: 3 });
});

test('sizes by portions, by what it makes, by what there is, by pan; nonsense is no size', () => {
  const rolls = of('strong-wheat-flour', { kind: 'mass', massG: 500 });
  const made = { ...rolls, makes: { kind: 'count' as const, count: 12, piece: 'rolls' } };
  expect(factorForPortions(made, 6)).toBe(1.5);
  expect(factorForYield(made, { kind: 'count', count: 30, piece: 'rolls' })).toBe(2.5);
  expect(factorForLine(made.lines[0]!, { kind: 'mass', massG: 750 })).toBe(1.5);
  expect(factorForPan(gratin.pan, { shape: 'round', diameterCm: 24, depthCm: 6 })).toBeCloseTo(0.754, 3);
  for (const odd of [0, -1, NaN, Infinity, 1e9])
    expect([
      odd,
      factorForPortions(made, odd),
      panChoices(gratin, odd, dishes([30, 20])).length > 0 && odd < 1e6,
    ]).toEqual([odd, undefined, false]);
});

test('the more dishes share a course, the less of each, and the more in all', () => {
  expect([1, 2, 3, 4].map(usualShare)).toEqual([1, 0.65, 0.5, 0.45]);
  for (let dishes = 1; dishes < 12; dishes++)
    expect(usualShare(dishes + 1) * (dishes + 1)).toBeGreaterThanOrEqual(usualShare(dishes) * dishes - 0.2);
});
