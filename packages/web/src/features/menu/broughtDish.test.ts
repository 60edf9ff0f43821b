import { makePlan, audit, fit } from '@lupin/core';
import { demo } from '../../../../core/test-support/demo.ts';
import { withBrought } from './broughtDish.ts';

const salad = {
  name: 'Potato salad',
  by: 'Tamsin',
  how: 'brought',
  course: 'sides',
  contents: 'potatoes, mayonnaise\nchives; salt',
  portions: 6,
  warmMin: 0,
} as const;

test('a brought dish stands on the menu with what its maker named, line by line', () => {
  const occasion = withBrought(demo('sunday-lunch'), salad);
  const recipe = occasion.recipes.at(-1)!;
  expect(recipe.lines.map((line) => line.text)).toEqual(['potatoes', 'mayonnaise', 'chives', 'salt']);
  const row = fit(occasion).rows.at(-1)!;
  expect([...row.cells.values()].some((cell) => cell.judgement.verdict !== 'clear')).toBe(true);
});

test('two of one name do not get into each other’s way', () => {
  const twice = withBrought(withBrought(demo('sunday-lunch'), salad), salad);
  expect(new Set(twice.dishes.map((dish) => dish.id)).size).toBe(twice.dishes.length);
});

test('warmed in the oven, it takes its place in a plan that passes the audit', () => {
  const occasion = withBrought(demo('sunday-lunch'), {
    ...salad,
    name: 'Leek pie',
    contents: 'leeks, pastry',
    warmMin: 25,
  });
  const result = makePlan(occasion, { seed: 1, seconds: 0.05 });
  if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
  expect(result.plan.tasks.some((task) => task.kind === 'step' && task.step === 'warm')).toBe(true);
  expect(audit(occasion, result.plan).findings).toEqual([]);
});
