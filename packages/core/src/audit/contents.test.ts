import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { makePlan } from '../plan/index.ts';
import { movedTo, type Occasion, type Plan, type PlannedStep, type UnitId } from '../model/index.ts';
import { audit } from './index.ts';

type Loose = Record<string, unknown>;
const holds = { hold: { mostMin: 600, how: 'cold' }, keeps: [{ where: 'fridge', days: 2 }] };
const off = (id: string, minutes: number, extra: Loose = {}) =>
  step(id, { hands: 'off', durationMin: { least: minutes, likely: minutes, most: minutes }, ...extra });

const kit = [
  unit('pot-1', 'large-pot'),
  unit('pot-2', 'large-pot'),
  unit('bowl-1', 'bowl'),
  unit('bowl-2', 'bowl'),
  unit('plate-1', 'serving-dish', 'ceramic'),
  unit('plate-2', 'serving-dish', 'ceramic'),
  unit('board', 'board', 'plastic'),
];
const dry = (id: string, steps: Loose[]) => recipe(id, [line('salt', 'salt')], steps, holds);
const of = (recipes: Loose[], more: Loose = {}): Occasion =>
  occasion({
    guests: [guest('ana')],
    recipes,
    kit,
    cooks: ['one', 'two'].map((id) => ({ id, name: id, windows: [{ fromMin: -900, toMin: 200 }] })),
    ...more,
  });

const planOf = (one: Occasion): Plan => {
  const made = makePlan(one, { seconds: 0.02 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  expect(audit(one, made.plan).findings).toEqual([]);
  return made.plan;
};

/** What the audit says of contents when steps are put elsewhere: their start, and their units. */
function contentsOf(one: Occasion, places: Record<string, { startMin: number; units?: string[] }>): readonly string[] {
  const plan = planOf(one);
  const tasks = plan.tasks
    .filter((task) => task.kind === 'step')
    .map((task: PlannedStep): PlannedStep => {
      const place = places[task.id];
      if (!place) return task;
      const there = movedTo(task, place.startMin, place.startMin + task.endMin - task.startMin);
      return place.units ? { ...there, units: place.units as UnitId[] } : there;
    });
  return audit(one, { ...plan, tasks })
    .findings.filter(({ code }) => code === 'contents' || code === 'kit-twice')
    .map(({ code, tasks: whose }) => `${code} ${whose.join(' ')}`);
}

const soup = dry('soup', [
  step('boil', { uses: ['salt'], kit: [{ kind: 'large-pot' }], burner: true }),
  step('blend', { kit: [{ kind: 'serving-dish' }] }),
]);
const sauce = dry('sauce', [
  step('simmer', { uses: ['salt'], kit: [{ kind: 'large-pot' }], burner: true }),
  step('pour', { kit: [{ kind: 'serving-dish' }] }),
]);

describe('a pot in which food waits', () => {
  const places = (simmerMin: number) => ({
    'soup.plain.boil': { startMin: -100, units: ['pot-1'] },
    'soup.plain.blend': { startMin: -50, units: ['plate-1', 'pot-1'] },
    'sauce.plain.simmer': { startMin: simmerMin, units: ['pot-1'] },
    'sauce.plain.pour': { startMin: -20, units: ['plate-2', 'pot-1'] },
  });
  test('is not there for another dish', () =>
    expect(contentsOf(of([soup, sauce]), places(-80))).toContain('contents soup.plain.boil sauce.plain.simmer'));
  test('until whoever takes from it is done, to the minute', () => {
    expect(contentsOf(of([soup, sauce]), places(-46))).not.toEqual([]);
    expect(contentsOf(of([soup, sauce]), places(-45))).toEqual([]);
  });
  test('nor for the same one where the plan does not say that it is taken from', () =>
    expect(
      contentsOf(of([soup, sauce]), {
        ...places(-55),
        'soup.plain.blend': { startMin: -50, units: ['plate-1'] },
        'sauce.plain.simmer': { startMin: -54, units: ['pot-1'] },
      }),
    ).toContain('contents soup.plain.boil sauce.plain.simmer'));
});

describe('a serving dish', () => {
  const cold = (id: string) => dry(id, [step('plate', { uses: ['salt'], kit: [{ kind: 'serving-dish' }] })]);
  const courses = [
    { id: 'main', name: 'Main', offsetMin: 0 },
    { id: 'sweet', name: 'Sweet', offsetMin: 90 },
  ];
  const evening = {
    ...of([cold('salad'), cold('cake')]),
    courses,
    dishes: of([cold('salad'), cold('cake')], {
      dishes: [dish('salad'), { ...dish('cake'), course: 'main' }],
    }).dishes.map((each) => (each.id === 'cake' ? { ...each, course: 'sweet' } : each)),
  } as unknown as Occasion;

  test('is its own until the table is cleared, to the minute', () => {
    const at = (startMin: number) =>
      contentsOf(evening, {
        'salad.plain.plate': { startMin: -10, units: ['plate-1'] },
        'cake.plain.plate': { startMin, units: ['plate-1'] },
      });
    expect(at(-20)).not.toEqual([]);
    expect(at(59)).toEqual(['contents salad.plain.plate cake.plain.plate']);
    expect(at(60)).toEqual([]);
  });
});

describe('what is tipped out of when something goes into the oven', () => {
  const loaf = dry('loaf', [
    step('mix', { uses: ['salt'], kit: [{ kind: 'bowl' }] }),
    off('bake', 40, { kit: [{ kind: 'serving-dish', as: 'tin' }] }),
  ]);
  const dip = dry('dip', [
    step('stir', { uses: ['salt'], kit: [{ kind: 'bowl' }] }),
    step('plate', { kit: [{ kind: 'serving-dish' }] }),
  ]);
  const at = (stirMin: number) =>
    contentsOf(of([loaf, dip]), {
      'loaf.plain.mix': { startMin: -60, units: ['bowl-1'] },
      'loaf.plain.bake': { startMin: -50, units: ['plate-1', 'bowl-1'] },
      'dip.plain.stir': { startMin: stirMin, units: ['bowl-1'] },
      'dip.plain.plate': { startMin: -20, units: ['plate-2', 'bowl-1'] },
    });
  test('is free while it bakes, and not a minute sooner', () => {
    expect(at(-49)).toEqual([]);
    expect(at(-50)).not.toEqual([]);
    expect(at(-54)).toContain('contents loaf.plain.mix dip.plain.stir');
  });
});

test('a version does not go into the pot from which another is still to be taken; the last may', () => {
  const one = of(
    [
      recipe(
        'stew',
        [line('salt', 'salt'), line('herb', 'parsley')],
        [
          step('boil', { uses: ['salt'], kit: [{ kind: 'large-pot', as: 'pot' }], burner: true, splitPoint: true }),
          step('finish', { uses: ['herb'], kit: [{ kind: 'large-pot', as: 'pot' }], burner: true }),
        ],
        holds,
      ),
    ],
    {
      guests: [guest('ana'), guest('ben')],
      dishes: [
        dish('stew', 'stew', {
          versions: [
            { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
            { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'herb' }], guests: ['ben'] },
          ],
        }),
      ],
      kit: [...kit, unit('pot-3', 'large-pot')],
    },
  );
  const places = (plain: number, bare: number) => ({
    'stew.base.boil': { startMin: -60, units: ['pot-1'] },
    'stew.plain.finish': { startMin: plain, units: ['pot-1'] },
    'stew.bare.finish': { startMin: bare, units: ['pot-2'] },
  });
  expect(contentsOf(one, places(-40, -20))).toContain('contents stew.base.boil stew.plain.finish');
  expect(contentsOf(one, places(-20, -40))).toEqual([]);
});

test('a piece is not washed while food is in it', () => {
  const one = of([soup]);
  const plan = planOf(one);
  const boil = plan.tasks.find((task) => task.id === 'soup.plain.boil') as PlannedStep;
  const wash = (startMin: number): Plan => ({
    ...plan,
    tasks: [
      ...plan.tasks.map((task) => (task.id === 'soup.plain.boil' ? movedTo(boil, -200, -195) : task)),
      {
        kind: 'wash',
        id: 'wash-9',
        startMin,
        endMin: startMin + 5,
        cook: 'two',
        units: boil.units,
        hands: true,
        because: [],
      } as unknown as Plan['tasks'][number],
    ],
  });
  const codes = (changed: Plan) => audit(one, changed).findings.map(({ code }) => code);
  expect(codes(wash(-100))).toContain('contents');
  expect(codes(wash(-300))).not.toContain('contents');
});
