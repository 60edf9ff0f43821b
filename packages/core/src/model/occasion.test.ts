import { id } from '../../test-support/id.ts';
import * as v from 'valibot';
import { demo } from '../../test-support/demo.ts';
import { basisOf, Occasion } from './index.ts';

const lantern = demo('lantern-supper');
const refused = (change: (one: ReturnType<typeof demo>) => void): string => {
  const one = structuredClone(lantern);
  change(one);
  const result = v.safeParse(Occasion, one);
  return result.success
    ? ''
    : result.issues.map((issue) => `${v.getDotPath(issue) ?? ''}: ${issue.message}`).join('; ');
};

test('the demo occasions are what they say: 13 at table with 11 dishes, 4 at table', () => {
  expect([lantern.guests.length, lantern.dishes.length]).toEqual([13, 11]);
  expect(demo('sunday-lunch').guests).toHaveLength(4);
  expect(lantern.recipes.flatMap((recipe) => recipe.steps).length).toBeGreaterThanOrEqual(30);
});

test('written and read again, an occasion is the same', () => {
  expect(v.parse(Occasion, JSON.parse(JSON.stringify(lantern)))).toEqual(lantern);
});

test.each<[string, (one: ReturnType<typeof demo>) => void, RegExp]>([
  [
    'a step that follows a later one',
    (one) => {
      one.recipes[0]!.steps[0]!.after = [{ step: one.recipes[0]!.steps[2]!.id, leastMin: 0 }];
    },
    /does not come before it/,
  ],
  [
    'a step that uses what is not in the list',
    (one) => {
      one.recipes[0]!.steps[0]!.uses = [id('caviar')];
    },
    /not in the list/,
  ],
  [
    'a step whose times are upside down',
    (one) => {
      one.recipes[0]!.steps[0]!.durationMin = { least: 9, likely: 5, most: 7 };
    },
    /least ≤ likely ≤ most/,
  ],
  [
    'poultry that is meant to be raw',
    (one) => {
      one.recipes[0]!.steps[0]!.meantRaw = [id('raw-poultry')];
    },
    /No kitchen should serve that raw/,
  ],
  [
    'a guest named by two versions',
    (one) => {
      one.dishes[0]!.versions.push({
        id: id('third'),
        name: 'third',
        swaps: [],
        guests: [id('oriel')],
        extraPortions: 0,
      });
    },
    /named by two versions/,
  ],
  [
    'a cook who leaves before coming',
    (one) => {
      one.kitchen.cooks[0]!.windows = [{ fromMin: 0, toMin: -10 }];
    },
    /ends before it begins/,
  ],
  [
    'a swap of a line that is not there',
    (one) => {
      one.dishes[0]!.versions[0]!.swaps = [{ kind: 'omit', line: id('nothing') }];
    },
    /no line "nothing"/,
  ],
])('%s is refused with its place', (_, change, message) => {
  expect(refused(change)).toMatch(message);
});

test('what a plan rests on: guests and recipes, not the name or a note', () => {
  expect(basisOf({ ...lantern, name: 'Other', note: 'x' })).toBe(basisOf(lantern));
  expect(basisOf({ ...lantern, serveAt: '19:00' })).not.toBe(basisOf(lantern));
  const reordered = Object.fromEntries(Object.entries(lantern).reverse()) as typeof lantern;
  expect(basisOf(reordered)).toBe(basisOf(lantern));
});
