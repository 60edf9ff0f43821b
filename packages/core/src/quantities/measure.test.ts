import * as fc from 'fast-check';
import type { Amount } from '../model/index.ts';
import { inFractions, measure, temperature, type MeasureSystem } from './measure.ts';

const g = (massG: number): Amount => ({ kind: 'mass', massG });
const ml = (volumeMl: number): Amount => ({ kind: 'volume', volumeMl });
const n = (count: number, piece = ''): Amount => ({ kind: 'count', count, piece });

test.each<[Amount, MeasureSystem, object, string, string]>([
  [g(113.4), 'metric', {}, '115 g', '113 g'],
  [g(7.2), 'metric', {}, '7 g', '7.2 g'],
  [g(1234), 'metric', {}, '1.23 kg', '1.23 kg'],
  [g(0.2), 'metric', {}, 'a pinch', '0.2 g'],
  [g(453.6), 'us', {}, '1 lb', '16 oz, 454 g'],
  [g(150), 'us', { densityGPerMl: 0.53 }, '1 cup + 3 tbsp', '5.29 oz, 150 g'],
  [ml(15), 'metric', {}, '1 tbsp', '15 ml'],
  [ml(37.5), 'metric', {}, '2½ tbsp', '37.5 ml'],
  [ml(3.75), 'metric', {}, '¾ tsp', '3.75 ml'],
  [ml(313), 'metric', {}, '310 ml', '313 ml'],
  [ml(236.6), 'us', {}, '1 cup', '237 ml'],
  [ml(192), 'us', {}, '¾ cup + 1 tbsp', '192 ml'],
  [n(1.5), 'metric', { massG: 75 }, '1½', '1.5, about 75 g'],
  [n(2.34, 'cloves'), 'metric', {}, '2⅓ cloves', '2.34 cloves'],
  [{ kind: 'words', words: 'to taste' }, 'us', {}, 'to taste', ''],
  [g(0), 'metric', {}, 'none', '0 g'],
])('%j in %s', (amount, system, options, text, exact) => {
  expect(measure(amount, system, options)).toMatchObject({ text, exact });
});

test('what is shown is never an eighth off, from a teaspoon up: spoons come in quarters', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 3500, noNaN: true }),
      fc.constantFrom<MeasureSystem>('metric', 'us'),
      (amount, system) => {
        for (const each of [measure(ml(amount), system), measure(g(Math.max(20, amount)), 'metric')])
          expect(Math.abs(each.error ?? 0)).toBeLessThan(0.125);
      },
    ),
  );
});

test('at most two measures, and no more than eight of a spoon', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 3500, noNaN: true }), (amount) => {
      const { text } = measure(ml(amount), 'us');
      expect(text.split(' + ').length).toBeLessThanOrEqual(2);
      for (const [, count] of text.matchAll(/(\d+)\D* tbsp/g)) expect(Number(count)).toBeLessThanOrEqual(8);
    }),
  );
});

test.each([
  [0.5, '½'],
  [1.98, '2'],
  [2.34, '2⅓'],
  [0.05, '0'],
  [3, '3'],
])('%d in fractions is %s', (value, text) => expect(inFractions(value).text).toBe(text));

test.each([
  [180, 'C', '180 °C'],
  [180, 'F', '355 °F'],
  [74, 'F', '165 °F'],
  [63, 'F', '145 °F'],
  [200, 'F', '390 °F'],
] as const)('%d °C on %s', (celsius, scale, text) => expect(temperature(celsius, scale)).toBe(text));

test('flour by the cup says how far a cup may be off; milk does not need to', () => {
  expect(measure({ kind: 'mass', massG: 240 }, 'us', { densityGPerMl: 0.53, densityDoubt: 0.12 }).exact).toContain(
    'give or take 12 %',
  );
  expect(measure({ kind: 'mass', massG: 240 }, 'us', { densityGPerMl: 1.03, densityDoubt: 0.02 }).exact).not.toContain(
    'give or take',
  );
  expect(measure({ kind: 'mass', massG: 240 }, 'us').text).toBe('8½ oz');
});

test('sprigs and leaves are counted, not cut; under one they are a share of one', () => {
  const text = (count: number, piece: string) => measure({ kind: 'count', count, piece }, 'metric').text;
  expect([text(5.85, 'sprigs'), text(1.3, 'bay leaves'), text(2.4, 'leaves'), text(0.6, 'sprig')]).toEqual([
    '6 sprigs',
    '1 bay leaves',
    '2 leaves',
    '⅔ sprig',
  ]);
});
