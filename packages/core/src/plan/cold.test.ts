import { id } from '../../test-support/id.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { runSheet } from '../cookday/index.ts';
import { fit } from '../fit/index.ts';
import type { Occasion, Plan, PlannedStep } from '../model/index.ts';
import { makePlan } from './make.ts';

const mousse = (id: string, bowls = 1) =>
  recipe(
    id,
    [line('it', 'apple')],
    [
      step('whip', {
        uses: ['it'],
        after: [],
        kit: Array.from({ length: bowls }, (_, at) => ({ kind: 'bowl', as: `bowl-${at}` })),
      }),
      step('chill', {
        hands: 'off',
        cold: 'fridge',
        durationMin: { least: 60, likely: 60, most: 90 },
        kit: Array.from({ length: bowls }, (_, at) => ({ kind: 'bowl', as: `bowl-${at}` })),
      }),
    ],
    { hold: { mostMin: 120, how: 'cold' } },
  );
const cold = (fridgePlaces: number | undefined, recipes = [mousse('one'), mousse('two')], holdMin = 120): Occasion => {
  const one = occasion({
    guests: [guest('ana')],
    recipes,
    dishes: recipes.map((each) => dish(each['id'] as string)),
    kit: [1, 2, 3, 4].map((n) => unit(`bowl-${n}`, 'bowl')),
  });
  return {
    ...one,
    recipes: one.recipes.map((each) => ({ ...each, hold: { ...each.hold, mostMin: holdMin } })),
    kitchen: { ...one.kitchen, ...(fridgePlaces === undefined ? {} : { fridgePlaces }) },
  };
};
const planOf = (one: Occasion): Plan => {
  const made = makePlan(one, { seconds: 0.1 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  expect(audit(one, made.plan).findings).toEqual([]);
  return made.plan;
};
const chills = (plan: Plan): PlannedStep[] =>
  plan.tasks.filter((task): task is PlannedStep => task.kind === 'step' && task.step === id('chill'));
const overlap = ([a, b]: PlannedStep[]): boolean => a!.startMin < b!.endMin && b!.startMin < a!.endMin;

test('with room for one they chill one after the other; with room for two, or nothing said, together', () => {
  expect(overlap(chills(planOf(cold(1))))).toBe(false);
  expect(overlap(chills(planOf(cold(2))))).toBe(true);
  expect(overlap(chills(planOf(cold(undefined))))).toBe(true);
});

test('what takes more places than there are, and what cannot take turns, finds none, and it is said why', () => {
  expect(makePlan(cold(1, [mousse('one', 2)]))).toMatchObject({
    kind: 'none',
    reason: { why: 'It takes 2 places in the fridge; there are not so many.', proven: true },
  });
  expect(makePlan(cold(0, [mousse('one')]))).toMatchObject({
    kind: 'none',
    reason: { why: 'It takes a place in the fridge; there is none.' },
  });
  expect(makePlan(cold(1, undefined, 5), { seconds: 0.1 })).toMatchObject({ kind: 'none', reason: { proven: false } });
});

test('the audit counts by itself, and the run sheet says where it goes', () => {
  const plan = planOf(cold(2));
  const one = cold(1);
  const full = { ...plan, basis: planOf(one).basis };
  const [finding] = audit(one, full).findings;
  expect(finding).toMatchObject({ code: 'cold-room' });
  expect(finding!.message).toMatch(/2 dishes stand in the fridge, which has room for 1\.$/);
  expect(runSheet(one, plan, fit(one)).find((entry) => entry.title === 'chill')).toMatchObject({ cold: 'fridge' });
});
