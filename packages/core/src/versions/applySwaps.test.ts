import { demo } from '../../test-support/demo.ts';
import { applySwaps } from './applySwaps.ts';

const pears = demo('lantern-supper').recipes.find((each) => each.id === 'pears-cardamom-custard')!;
const swap = (line: string, substitution: string) => ({ kind: 'substitute' as const, line: line as never, substitution });

test('six yolks become cornflour by weight, with what to do differently and the minutes it takes', () => {
  const changed = applySwaps(pears, [swap('yolks', 'cornflour-for-yolk')]);
  const line = changed.lines.find((each) => each.food === 'cornflour')!;
  expect(line.amount).toEqual({ kind: 'mass', massG: 40.8 });
  const custard = changed.steps.find((each) => each.id === 'custard')!;
  expect(custard.uses).toContain(line.id);
  expect(custard.text).toContain('boil one full minute');
  expect(custard.durationMin.likely).toBe(pears.steps.find((each) => each.id === 'custard')!.durationMin.likely + 2);
});

test('left out: gone from the list and from the step', () => {
  const parcels = demo('lantern-supper').recipes.find((each) => each.id === 'cabbage-parcels')!;
  const changed = applySwaps(parcels, [{ kind: 'omit', line: 'garlic' as never }]);
  expect(changed.lines.some((line) => line.food === 'garlic')).toBe(false);
  expect(changed.steps.flatMap((each) => each.uses)).not.toContain('garlic');
});

test('a swap that is unknown, or for another food, leaves the old food in: nothing is lost from sight', () => {
  expect(applySwaps(pears, [swap('milk', 'no-such-swap')]).lines).toEqual(pears.lines);
  expect(applySwaps(pears, [swap('milk', 'cornflour-for-yolk')]).lines).toEqual(pears.lines);
});
