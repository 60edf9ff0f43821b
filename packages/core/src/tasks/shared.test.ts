import { id } from '../../test-support/id.ts';
import { audit } from '../audit/index.ts';
import { runSheet } from '../cookday/index.ts';
import { fit } from '../fit/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { scale } from '../scale/index.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { tasksOf } from './network.ts';

const volume = (volumeMl: number) => ({ amount: { kind: 'volume', volumeMl } });
const custard = recipe(
  'custard',
  [line('milk', 'milk', volume(600)), line('sugar', 'sugar')],
  [
    step('warm', { uses: ['milk', 'sugar'], after: [], kit: [{ kind: 'bowl', as: 'jug' }], grows: true }),
    step('chill', { hands: 'off', kit: [{ kind: 'bowl', as: 'jug' }] }),
  ],
  { keeps: [{ where: 'fridge', days: 2 }], makes: { kind: 'volume', volumeMl: 700 } },
);
const trifle = recipe(
  'trifle',
  [line('sponge', 'bread'), line('custard', undefined, { component: 'custard', ...volume(350) })],
  [
    step('cut', { uses: ['sponge'], after: [], kit: [{ kind: 'board' }] }),
    step('layer', { uses: ['custard'], kit: [{ kind: 'bowl', as: 'custard--jug' }] }),
  ],
);
const pears = recipe(
  'pears',
  [line('pears', 'pear'), line('sauce', undefined, { component: 'custard', amount: { kind: 'batches', batches: 1 } })],
  [
    step('peel', { uses: ['pears'], after: [], kit: [{ kind: 'board' }, { kind: 'knife' }] }),
    step('pour', { uses: ['sauce'], kit: [{ kind: 'bowl', as: 'sauce--jug' }] }),
  ],
);
const kit = [
  unit('board-1', 'board', 'plastic'),
  unit('knife-1', 'knife'),
  unit('bowl-1', 'bowl'),
  unit('bowl-2', 'bowl'),
  unit('bowl-3', 'bowl'),
  unit('bowl-4', 'bowl'),
  unit('bowl-5', 'bowl'),
  unit('bowl-6', 'bowl'),
  unit('spoon-1', 'spoon'),
];
const version = (id: string, guests: string[], swaps: object[] = []) => ({ id, name: id, guests, swaps });
const evening = (
  more: {
    wishes?: object;
    dishes?: Record<string, unknown>[];
    recipes?: Record<string, unknown>[];
    guests?: Record<string, unknown>[];
  } = {},
): Occasion => ({
  ...occasion({
    guests: more.guests ?? [guest('ada'), guest('bo')],
    recipes: more.recipes ?? [trifle, pears, custard],
    dishes: more.dishes ?? [dish('trifle'), dish('pears')],
    kit,
  }),
  ...(more.wishes
    ? {
        wishes: {
          pins: [],
          absences: [],
          apart: [],
          goals: ['washes', 'washMin', 'day', 'calm', 'held'],
          ...more.wishes,
        } as Occasion['wishes'],
      }
    : {}),
});
const networkOf = (one: Occasion) => tasksOf(one, fit(one));
const planOf = (one: Occasion): Plan => {
  const made = makePlan(one, { seconds: 0.2 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  return made.plan;
};

test('a component two dishes need alike is cooked once, in the amount of both, before either', () => {
  const one = evening();
  const { batches, tasks } = networkOf(one);
  const made = batches.find((each) => each.id === 'shared:custard')!;
  expect(made.into.map((use) => use.dish)).toEqual(['trifle', 'pears']);
  expect(tasks.filter((task) => task.step.id.endsWith('warm')).map((task) => task.id)).toEqual(['shared:custard.warm']);
  expect(tasks.find((task) => task.id === 'trifle.plain.layer')!.after.map((link) => link.task)).toEqual([
    'trifle.plain.cut',
    'shared:custard.chill',
  ]);
  expect(tasks.find((task) => task.id === 'pears.plain.pour')!.after.map((link) => link.task)).toEqual([
    'pears.plain.peel',
    'shared:custard.chill',
  ]);
  // Half a batch a trifle and a whole one a dish of pears, each made for two of four.
  expect(made.factor).toBeCloseTo(0.5 * 0.5 + 0.5 * 1, 6);
  const sheet = runSheet(one, planOf(one)).find((entry) => entry.id === 'shared:custard.warm')!;
  const milkBought = scale(one, fit(one))
    .flatMap((each) => each.lines)
    .filter((each) => each.line.food === 'milk')
    .reduce((sum, each) => sum + (each.amount.kind === 'volume' ? each.amount.volumeMl : NaN), 0);
  expect(sheet).toMatchObject({ kind: 'step', dishName: 'custard', versionName: 'for trifle and pears' });
  expect(sheet.kind === 'step' && sheet.amounts[0]!.amount).toEqual({ kind: 'volume', volumeMl: milkBought });
});

test('what is put by in the fridge may be only where every dish it goes into bears that', () => {
  const stewed = recipe(
    'stewed',
    [line('peas', 'pea', volume(600))],
    [
      step('simmer', { uses: ['peas'], burner: true, kit: [{ kind: 'saucepan', as: 'pan' }] }),
      step('strain', { kit: [{ kind: 'saucepan', as: 'pan' }] }),
    ],
    { keeps: [{ where: 'fridge', days: 2 }], makes: { kind: 'volume', volumeMl: 600 } },
  );
  const withPeas = (name: string, how: string) =>
    recipe(
      name,
      [line('peas', undefined, { component: 'stewed', ...volume(300) })],
      [step('fold', { uses: ['peas'], kit: [{ kind: 'bowl' }] })],
      { hold: { mostMin: 60, how } },
    );
  const lawOf = (...hows: string[]) => {
    const dishes = hows.map((how, at) => withPeas(`dish-${at}`, how));
    const one = evening({ recipes: [...dishes, stewed], dishes: hows.map((_, at) => dish(`dish-${at}`)) });
    one.kitchen.kit.push(unit('pan', 'saucepan') as never);
    const strain = networkOf(one).tasks.find((task) => task.id === 'shared:stewed.strain')!;
    return strain.after.find(({ task }) => task === 'shared:stewed.simmer')!;
  };
  expect(lawOf('cold, covered', 'at room temperature')).toHaveProperty('shelter');
  expect(lawOf('cold, covered', 'hot')).not.toHaveProperty('shelter');
});

test('its plan passes the audit, and its bowl is held until the last dish has taken from it', () => {
  const one = evening();
  const plan = planOf(one);
  expect(audit(one, plan).findings).toEqual([]);
  const bowls = new Set(
    plan.tasks.flatMap((task) =>
      task.kind === 'step' && /warm|chill|layer|pour/.test(task.id) ? task.units.slice(0, 1) : [],
    ),
  );
  expect(bowls.size).toBe(1);
});

test("it is kept free from whatever any of its eaters must not have, and is nobody else's residue", () => {
  const one = evening({
    guests: [guest('ada', noTrace('wheat')), guest('bo')],
    dishes: [dish('trifle', 'trifle', { notFor: ['ada'] }), dish('pears')],
  });
  const { tasks } = networkOf(one);
  const warm = tasks.find((task) => task.id === 'shared:custard.warm')!;
  expect(warm.guards.find((each) => each.mark === 'wheat')!.guests).toEqual(['ada']);
  expect(
    tasks.find((task) => task.id === 'pears.plain.pour')!.guards.find((each) => each.mark === 'wheat')!.exempt,
  ).toEqual(['pears.plain', 'shared:custard']);
  const plan = planOf(one);
  expect(audit(one, plan).findings).toEqual([]);
  const at = (id: string) => plan.tasks.find((task) => task.id === id)!.startMin;
  // The jug cannot be washed between: what must stay free takes first.
  expect(at('pears.plain.pour')).toBeLessThan(at('trifle.plain.layer'));
  const crossed: Plan = {
    ...plan,
    tasks: plan.tasks.map((task) =>
      task.id === 'pears.plain.pour'
        ? { ...task, startMin: at('trifle.plain.layer') + 6, endMin: at('trifle.plain.layer') + 11 }
        : task,
    ),
  };
  expect(audit(one, crossed).findings.map((each) => each.code)).toContain('crossing');
});

test('versions that change it have their own; those that do not share it, without a split point', () => {
  const two = [
    version('plain', []),
    version(
      'oat',
      ['bo'],
      [{ kind: 'own', line: 'custard--milk', name: 'oat', with: [{ food: 'oat-drink', ratio: 1 }] }],
    ),
    version('bare', ['cy'], [{ kind: 'omit', line: 'sponge' }]),
  ];
  const one = evening({
    guests: [guest('ada'), guest('bo'), guest('cy')],
    dishes: [dish('trifle', 'trifle', { versions: two }), dish('pears')],
  });
  const { batches, tasks } = networkOf(one);
  expect(batches.find((each) => each.id === 'shared:custard')!.into.map((use) => use.batch)).toEqual([
    'trifle.plain',
    'trifle.bare',
    'pears.plain',
  ]);
  expect(tasks.filter((task) => task.step.id.endsWith('warm')).map((task) => task.id)).toEqual([
    'shared:custard.warm',
    'trifle.oat.custard--warm',
  ]);
  expect(audit(one, planOf(one)).findings).toEqual([]);
});

test('the cook can have it apart; it is then offered', () => {
  const one = evening({ wishes: { apart: ['custard'] } });
  const { batches, shareable } = networkOf(one);
  expect(batches.map((each) => each.id)).toEqual(['trifle.plain', 'pears.plain']);
  expect(shareable).toEqual([{ recipe: 'custard', name: 'custard', dishes: ['trifle', 'pears'], apart: true }]);
  expect(audit(one, planOf(one)).findings).toEqual([]);
});

test('what does not keep is cooked for each; so is what a course much later needs', () => {
  const short = { ...custard, keeps: [] };
  expect(networkOf(evening({ recipes: [trifle, pears, short] })).batches).toHaveLength(2);
  const days = evening();
  const later = {
    ...days,
    courses: [...days.courses, { ...days.courses[0]!, id: id('breakfast'), offsetMin: 2800 }],
    dishes: days.dishes.map((each, at) => (at === 1 ? { ...each, course: id('breakfast') } : each)),
  };
  expect(networkOf(later).batches).toHaveLength(2);
  const sooner = {
    ...later,
    courses: later.courses.map((each) => (each.offsetMin > 0 ? { ...each, offsetMin: 1200 } : each)),
  };
  expect(networkOf(sooner).batches).toHaveLength(3);
});

test('what holds others is gathered first; what lies within it is cooked along with it', () => {
  const filling = recipe(
    'filling',
    [line('custard', undefined, { component: 'custard', amount: { kind: 'batches', batches: 2 } })],
    [step('beat', { uses: ['custard'] })],
    { keeps: [{ where: 'fridge', days: 1 }] },
  );
  const cake = (id: string) =>
    recipe(
      id,
      [line('filling', undefined, { component: 'filling', amount: { kind: 'batches', batches: 1 } })],
      [step('fill', { uses: ['filling'] })],
    );
  const one = evening({
    recipes: [cake('rolls'), cake('tart'), pears, trifle, filling, custard],
    dishes: [dish('rolls'), dish('tart'), dish('pears'), dish('trifle')],
  });
  const { batches, tasks } = networkOf(one);
  expect(
    batches.filter((each) => each.into.length > 0).map((each) => [each.id, each.into.map((use) => use.dish)]),
  ).toEqual([
    ['shared:filling', ['rolls', 'tart']],
    ['shared:custard', ['pears', 'trifle']],
  ]);
  expect(tasks.filter((task) => task.step.id.endsWith('warm')).map((task) => task.id)).toEqual([
    'shared:filling.custard--warm',
    'shared:custard.warm',
  ]);
  expect(audit(one, planOf(one)).findings).toEqual([]);
});

test('meat cooked only in the dish it goes into is raw until then, and may be', () => {
  const stock = recipe(
    'stuffing',
    [line('meat', 'chicken-thigh')],
    [step('chop', { uses: ['meat'], after: [], kit: [{ kind: 'board' }] })],
    { keeps: [{ where: 'fridge', days: 1 }] },
  );
  const baked = (id: string, coreC?: number) =>
    recipe(
      id,
      [line('stuffing', undefined, { component: 'stuffing', amount: { kind: 'batches', batches: 1 } })],
      [step('bake', { uses: ['stuffing'], hands: 'off', ...(coreC ? { coreC } : {}) })],
    );
  const guards = (second: number | undefined) => {
    const one = evening({
      recipes: [baked('pie', 75), baked('parcels', second), stock],
      dishes: [dish('pie'), dish('parcels')],
    });
    return networkOf(one)
      .tasks.find((task) => task.id === 'shared:stuffing.chop')!
      .guards.filter((each) => each.mark === 'raw-poultry')
      .map((each) => each.exempt);
  };
  expect(guards(75)).toEqual([['shared:stuffing']]);
  expect(guards(undefined)).toEqual([[]]);
});

describe('the audit is not taken in by a plan that', () => {
  const one = evening();
  const plan = planOf(one);
  const codes = (changed: Plan) => audit(one, changed).findings.map((each) => each.code);
  const withInto = (change: (into: NonNullable<Plan['batches'][number]['component']>['into']) => unknown): Plan => ({
    ...plan,
    batches: plan.batches.map((each) =>
      each.component ? { ...each, component: { ...each.component, into: change(each.component.into) as never } } : each,
    ),
  });
  test('leaves one dish without it', () =>
    expect(codes(withInto((into) => into.slice(0, 1)))).toContain('missing-step'));
  test('takes it where the dish has none', () =>
    expect(codes(withInto((into) => [...into, { ...into[0]!, path: ['sponge'] }]))).toContain('shared'));
  test('cooks once what is not alike', () => {
    const swapped = {
      ...one,
      dishes: one.dishes.map((each) =>
        each.id === 'pears'
          ? { ...each, versions: [{ ...each.versions[0]!, swaps: [{ kind: 'omit', line: 'sauce--sugar' }] }] }
          : each,
      ),
    } as Occasion;
    expect(audit(swapped, plan).findings.map((each) => each.code)).toContain('shared');
  });
  test('uses it before it is there', () => {
    const chill = plan.tasks.find((task) => task.id === 'shared:custard.chill')!;
    expect(
      codes({
        ...plan,
        tasks: plan.tasks.map((task) => (task === chill ? { ...task, startMin: -5, endMin: 0 } : task)),
      }),
    ).toContain('order');
  });
  test('pours it into another bowl', () => {
    expect(
      codes({
        ...plan,
        tasks: plan.tasks.map((task) =>
          task.kind === 'step' && task.id === 'pears.plain.pour'
            ? { ...task, units: task.units.map((id) => (id === 'bowl-1' ? 'bowl-2' : 'bowl-1')) as never }
            : task,
        ),
      }),
    ).toContain('kit');
  });
});
