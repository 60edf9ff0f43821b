import { parse } from 'valibot';
import { Recipe } from '../model/index.ts';
import { line, recipe, step } from '../../test-support/small.ts';
import { inLoads, loadsOf } from './loads.ts';

const fried = (extra: object = {}) =>
  parse(
    Recipe,
    recipe(
      'patties',
      [line('beans', 'black-beans')],
      [
        step('fry', {
          title: 'Fry the patties',
          text: 'Four minutes each side.',
          uses: ['beans'],
          burner: true,
          kit: [{ kind: 'frying-pan' }],
          durationMin: { least: 8, likely: 9, most: 12 },
          ...extra,
        }),
      ],
    ),
  );
const fry = (extra: object = {}) => fried(extra).steps[0]!;

test('what lies side by side in a pan goes on in as many loads as there is more of it', () => {
  expect([0.5, 1, 1.25, 1.26, 2.5, 3].map((factor) => loadsOf(fry(), factor))).toEqual([1, 1, 1, 2, 2, 3]);
});

test('loads that the recipe counts grow and shrink with it', () => {
  expect([0.2, 0.5, 1, 1.1, 2].map((factor) => loadsOf(fry({ loads: 3 }), factor))).toEqual([1, 2, 3, 3, 6]);
});

test('what is stirred, baked or stands in a pot goes on at once, however much', () => {
  const stirred = fry({ text: 'Stir until soft.' });
  const potted = fry({ kit: [{ kind: 'large-pot' }] });
  const baked = fry({ burner: false, loads: 3, oven: { temperatureC: 200 } });
  expect([stirred, potted, baked].map((each) => loadsOf(each, 4))).toEqual([1, 1, 1]);
  expect(loadsOf(fry(), 1000)).toBe(20);
});

test('the time is that of all loads, and the words say how many and what becomes of what is done', () => {
  const [made] = inLoads(fried({ coreC: 71 }), 3).steps;
  expect(made!.durationMin).toEqual({ least: 24, likely: 27, most: 36 });
  expect(made!.title).toBe('Fry the patties, in 3 loads');
  expect(made!.text).toContain('keep what is done warm; what waits for its turn stays in the fridge');
  const [less] = inLoads(fried({ loads: 3, durationMin: { least: 24, likely: 27, most: 36 } }), 0.3).steps;
  expect(less!.durationMin).toEqual({ least: 8, likely: 9, most: 12 });
});

test('by itself, somebody comes to change the loads, and to what the recipe looks at in each', () => {
  const alone = fried({ hands: 'off', looks: [{ atMin: 4, takesMin: 1, what: 'turn' }] });
  const [made] = inLoads(alone, 2).steps;
  expect(made!.looks.map(({ atMin, what }) => [atMin, what])).toEqual([
    [4, 'turn'],
    [7, 'one load out, load 2 of 2 in'],
    [13, 'turn'],
  ]);
});

test('what its pan is measured for goes on in as many pans at once, and in no loads', () => {
  const need = { kind: 'skillet', as: undefined, count: 2, units: ['a', 'b'], racks: 1, rounds: 1, longer: [1, 1] };
  const inSkillet = fry({ kit: [{ kind: 'skillet' }] });
  expect(loadsOf(inSkillet, 3, need as never)).toBe(1);
  expect(loadsOf(inSkillet, 3, { ...need, units: [] } as never)).toBe(3);
  expect(loadsOf(fry(), 3, need as never)).toBe(3);
});

test('a recipe as written is the very same', () => {
  const as = fried({ loads: 2 });
  expect(inLoads(as, 1)).toBe(as);
});
