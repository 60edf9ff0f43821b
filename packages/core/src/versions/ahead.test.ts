import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import type { Occasion, PlannedStep } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { canBeHeatedAgain, recipeOf, versionRecipe } from './index.ts';

type Loose = Record<string, unknown>;
const fixed = (minutes: number) => ({ durationMin: { least: minutes, likely: minutes, most: minutes } });
const bake = (extra: Loose = {}) =>
  step('bake', {
    hands: 'off',
    oven: { temperatureC: 200 },
    kit: [{ kind: 'gratin-dish' }],
    coreC: 75,
    ...fixed(40),
    ...extra,
  });
const hot = { hold: { mostMin: 20, how: 'in the dish' }, keeps: [{ where: 'fridge', days: 2 }] };
const of = (steps: Loose[], extra: Loose = hot, foods = ['potato', 'cream']): Occasion => {
  const one = occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'pie',
        foods.map((food) => line(food, food)),
        steps,
        extra,
      ),
    ],
    dishes: [dish('pie', 'pie', { ahead: true })],
    kit: [
      unit('board', 'board', 'plastic'),
      unit('bowl', 'bowl'),
      ...['g1', 'g2'].map((name) => unit(name, 'gratin-dish', 'ceramic')),
      ...['p1', 'p2'].map((name) => unit(name, 'large-pot')),
      unit('plate', 'serving-dish', 'ceramic'),
    ],
    cooks: [
      {
        id: 'cook',
        name: 'Cook',
        windows: [
          { fromMin: -1500, toMin: -900 },
          { fromMin: -90, toMin: 60 },
        ],
      },
    ],
  });
  return { ...one, kitchen: { ...one.kitchen, fridgePlaces: 4 } };
};
const cut = step('cut', { uses: ['potato', 'cream'], kit: [{ kind: 'board' }] });
const made = (one: Occasion) => recipeOf(one, one.dishes[0]!);
const order = (one: Occasion) =>
  made(one).steps.map((each) => [each.id, (each.after ?? []).map((link) => link.step)].flat().join(' '));

describe('a dish made ahead', () => {
  test('is heated once more after its last heat, in the piece it is in; what followed that follows this', () => {
    const one = of([cut, bake(), step('herbs', {}), step('serve', {})]);
    expect(order(one)).toEqual(['cut', 'bake', 'heat-again bake', 'herbs heat-again', 'serve herbs']);
    const [, before, again] = made(one).steps;
    expect(again).toMatchObject({
      title: 'Heat pie through again',
      hands: 'off',
      coreC: 74,
      burner: false,
      oven: { temperatureC: 160, covered: true },
      after: [{ step: 'bake', leastMin: 180, mostMin: 2880 }],
    });
    expect(before!.kit).toEqual(again!.kit);
    expect(before!.kit[0]!.as).toBeDefined();
    // As it is made for a version, too.
    expect(versionRecipe(one, one.dishes[0]!, one.dishes[0]!.versions[0]!).steps).toHaveLength(5);
  });
  test('on the hob it is stirred; a pot that has a name keeps it', () => {
    const stew = of([
      cut,
      step('stew', { hands: 'off', burner: true, kit: [{ kind: 'large-pot', as: 'pot' }], ...fixed(40) }),
    ]);
    const again = made(stew).steps[2]!;
    expect(again).toMatchObject({ burner: true, kit: [{ kind: 'large-pot', as: 'pot' }], durationMin: { likely: 12 } });
    expect(again.oven).toBeUndefined();
    expect(again.text).toContain('stirring');
  });
  test.each<[string, Loose[], Loose]>([
    ['served cold', [cut, bake()], { hold: { mostMin: 300, how: 'cold, in the fridge' } }],
    ['good for hours', [cut, bake()], { hold: { mostMin: 121, how: 'in a tin' } }],
    ['never hot', [cut], hot],
    ['warmed for a minute', [cut, bake(fixed(2))], hot],
    [
      'of two heats side by side',
      [cut, bake({ after: [{ step: 'cut' }] }), bake({ id: 'other', after: [{ step: 'cut' }] })],
      hot,
    ],
    [
      'a roast with a gravy',
      [cut, bake(), step('gravy', { burner: true, kit: [{ kind: 'saucepan' }], ...fixed(8) }), step('carve', {})],
      hot,
    ],
    [
      'boiled for long and dressed in something warmed for a little',
      [
        cut,
        step('boil', { hands: 'off', burner: true, kit: [{ kind: 'large-pot' }], ...fixed(40) }),
        step('toss', { burner: true, kit: [{ kind: 'saucepan' }], ...fixed(5) }),
      ],
      hot,
    ],
    ['in nothing that goes back into the oven', [cut, bake({ kit: [{ kind: 'bowl' }] })], hot],
    [
      'with a way still to choose',
      [cut, bake({ alternatives: [{ id: 'steam', name: 'Steam', text: '', hands: 'off', ...fixed(9) }] })],
      hot,
    ],
  ])('cannot be one that is %s', (_, steps, extra) => {
    const one = of(steps, extra);
    expect(canBeHeatedAgain(one.recipes[0]!)).toBe(false);
    expect(made(one)).toBe(one.recipes[0]);
  });
  test.each<[string, Loose]>([
    ['a sauce from the hob', step('sauce', { burner: true, kit: [{ kind: 'saucepan' }], ...fixed(50) })],
    ['baked blind in the same dish', bake({ id: 'blind' })],
  ])('what was heated before and is in it does no harm: %s', (_, before) => {
    expect(canBeHeatedAgain(of([cut, before, bake()]).recipes[0]!)).toBe(true);
  });
  test('a pot in which something was sweated before it stewed goes back to the hob', () => {
    const sweat = step('sweat', { burner: true, kit: [{ kind: 'large-pot' }], ...fixed(8) });
    const stew = step('stew', { hands: 'off', burner: true, kit: [{ kind: 'large-pot' }], ...fixed(40) });
    expect(canBeHeatedAgain(of([cut, sweat, stew]).recipes[0]!)).toBe(true);
  });
  test('only where the cook wishes it', () => {
    const one = of([cut, bake()]);
    const { ahead: _ahead, ...plain } = one.dishes[0]!;
    expect(recipeOf(one, plain)).toBe(one.recipes[0]);
    expect(canBeHeatedAgain(one.recipes[0]!)).toBe(true);
    expect(made(one)).toBe(made(one));
  });
});

test('is planned: baked the day before, in the fridge over night, hot at the table, and audited', () => {
  const one = of([cut, bake(fixed(60)), step('herbs', {})]);
  const result = makePlan(one, { seconds: 0.05 });
  if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
  expect(audit(one, result.plan).findings).toEqual([]);
  const stepOf = (name: string) => result.plan.tasks.find((task) => task.id === `pie.plain.${name}`) as PlannedStep;
  expect(stepOf('bake').endMin).toBeLessThan(-880);
  expect(stepOf('heat-again').startMin).toBeGreaterThan(-90);
  expect(stepOf('heat-again').units).toEqual(stepOf('bake').units);
  const rest = result.plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.rest !== undefined)!;
  expect(rest.rest).toEqual({ after: 'pie.plain.bake', before: ['pie.plain.heat-again'] });
  // Without the wish, with nobody there in the afternoon, there is none: a hot dish is not chilled.
  const { ahead: _ahead, ...plain } = one.dishes[0]!;
  const early = {
    ...one,
    dishes: [plain],
    kitchen: {
      ...one.kitchen,
      cooks: [
        {
          ...one.kitchen.cooks[0]!,
          windows: [
            { fromMin: -1500, toMin: -900 },
            { fromMin: -45, toMin: 60 },
          ],
        },
      ],
    },
  };
  expect(makePlan(early, { seconds: 0.05 }).kind).toBe('none');
  expect(makePlan({ ...early, dishes: one.dishes }, { seconds: 0.05 }).kind).toBe('plan');
});
