import * as fc from 'fast-check';
import { demo } from '../../test-support/demo.ts';
import { fit } from '../fit/index.ts';
import { scaleAmount } from '../versions/index.ts';
import { scale } from './portions.ts';

const lantern = demo('lantern-supper');

test('portions follow from who eats it, appetite and share; a child takes less, a big eater more', () => {
  const roots = scale(lantern, fit(lantern)).find((each) => each.dish === 'roots')!;
  expect(roots.portions).toBeCloseTo((11 + 0.6 + 1.4) * 0.6, 6);
  expect(roots.lines.find((each) => each.line.id === 'carrots')!.massG).toBeCloseTo((600 * roots.portions) / 8, 6);
});

test('a version nobody eats is not made; extra portions go to the first that is', () => {
  const one = structuredClone(lantern);
  const pears = one.dishes.find((each) => each.id === 'pears')!;
  pears.extraPortions = 2;
  const before = scale(lantern, fit(lantern)).filter((each) => each.dish === 'pears');
  const after = scale(one, fit(one)).filter((each) => each.dish === 'pears');
  expect(after[0]!.portions - before[0]!.portions).toBeCloseTo(2, 6);
  expect(after[1]!.portions).toBe(before[1]!.portions);
  pears.notFor = pears.versions[1]!.guests;
  expect(scale(one, fit(one)).filter((each) => each.dish === 'pears')).toHaveLength(1);
});

test('there and back again is the same amount; words stay words', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 1000, noNaN: true }),
      fc.double({ min: 0.05, max: 40, noNaN: true }),
      (massG, factor) => {
        const back = scaleAmount(scaleAmount({ kind: 'mass', massG }, factor), 1 / factor);
        expect(back).toMatchObject({ kind: 'mass', massG: expect.closeTo(massG, 6) as number });
      },
    ),
  );
  expect(scaleAmount({ kind: 'words', words: 'to taste' }, 7)).toEqual({ kind: 'words', words: 'to taste' });
});
