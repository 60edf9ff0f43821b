import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { applySwaps } from './applySwaps.ts';

const custardRecipe = demo('lantern-supper').recipes.find((each) => each.id === 'cardamom-custard')!;
const swap = (line: string, substitution: string) => ({
  kind: 'substitute' as const,
  line: id(line),
  substitution,
});

test('six yolks become cornflour by weight, with what to do differently and the minutes it takes', () => {
  const changed = applySwaps(custardRecipe, [swap('yolks', 'cornflour-for-yolk')]);
  const line = changed.lines.find((each) => each.food === 'cornflour')!;
  expect(line.amount).toEqual({ kind: 'mass', massG: 40.8 });
  const custard = changed.steps.find((each) => each.id === 'cook')!;
  expect(custard.uses).toContain(line.id);
  expect(custard.text).toContain('boil one full minute');
  expect(custard.durationMin.likely).toBe(
    custardRecipe.steps.find((each) => each.id === 'cook')!.durationMin.likely + 2,
  );
});

test('left out: gone from the list and from the step', () => {
  const parcels = demo('lantern-supper').recipes.find((each) => each.id === 'cabbage-parcels')!;
  const changed = applySwaps(parcels, [{ kind: 'omit', line: id('garlic') }]);
  expect(changed.lines.some((line) => line.food === 'garlic')).toBe(false);
  expect(changed.steps.flatMap((each) => each.uses)).not.toContain('garlic');
});

test('a swap that is unknown, or for another food, leaves the old food in: nothing is lost from sight', () => {
  expect(applySwaps(custardRecipe, [swap('milk', 'no-such-swap')]).lines).toEqual(custardRecipe.lines);
  expect(applySwaps(custardRecipe, [swap('milk', 'cornflour-for-yolk')]).lines).toEqual(custardRecipe.lines);
});
