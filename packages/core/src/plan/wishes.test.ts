import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import type { Occasion, Plan, PlannedStep } from '../model/index.ts';
import { makePlan } from './make.ts';

const plan = (one: Occasion, seconds = 0.05): Plan => {
  const result = makePlan(one, { seconds });
  if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
  expect(audit(one, result.plan).findings).toEqual([]);
  return result.plan;
};
const stepOf = (made: Plan, id: string) =>
  made.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.id === id)!;
const wishing = (one: Occasion, wishes: Partial<Occasion['wishes']>): Occasion => ({
  ...one,
  wishes: { ...one.wishes, ...wishes },
});
const sunday = demo('sunday-lunch');

describe('what the cook fixes is kept', () => {
  test('a time, a cook, a rack, being out', () => {
    const pins = [
      { task: id('crumble.as-written.rub'), endsByMin: -150 },
      { task: id('potatoes.as-written.roast'), rack: 0 },
      { task: id('crumble.as-written.fruit'), notBeforeMin: -400 },
    ] as Occasion['wishes']['pins'];
    const made = plan(
      wishing(sunday, { pins, absences: [{ cook: sunday.kitchen.cooks[0]!.id, fromMin: -140, toMin: -120 }] }),
    );
    expect(stepOf(made, 'crumble.as-written.rub').endMin).toBeLessThanOrEqual(-150);
    expect(stepOf(made, 'potatoes.as-written.roast').racks).toEqual([0]);
    for (const task of made.tasks)
      if (task.kind !== 'oven' && task.cook) expect(task.endMin <= -140 || task.startMin >= -120).toBe(true);
  });

  test('dragged to a minute, it stays there and what follows follows', () => {
    const free = plan(sunday);
    const rub = stepOf(free, 'crumble.as-written.rub');
    const made = plan(wishing(sunday, { pins: [{ task: rub.id, startsAtMin: rub.startMin - 25 }] }));
    expect(stepOf(made, rub.id).startMin).toBe(rub.startMin - 25);
  });

  test('wishes that cannot hold together: the smallest set of them, and not the innocent one', () => {
    const soup = (id: string) => recipe(id, [line('it', 'potato')], [step('chop', { uses: ['it'] }), step('stir')]);
    const one = occasion({ guests: [guest('ana')], recipes: [soup('leek'), soup('pea')] });
    const result = makePlan(
      wishing(one, {
        pins: [
          { task: id('leek.plain.stir'), endsByMin: -30 },
          { task: id('pea.plain.stir'), endsByMin: -10 },
          { task: id('leek.plain.chop'), notBeforeMin: -38 },
        ],
      }),
      { seconds: 0.05 },
    );
    expect(result.kind).toBe('none');
    if (result.kind === 'plan') return;
    expect(result.reason.what).toBe('These wishes cannot hold together.');
    expect(result.reason.why).toMatch(/is done by/);
    expect(result.reason.why).toMatch(/does not begin before/);
    expect(result.reason.why).not.toMatch(/pea/);
  });

  test('the order of the goals is the cook’s: with the day first the day is no longer', () => {
    const days = (['washes', 'day'] as const).map((first) => {
      const goals = [
        first,
        ...(['washes', 'washMin', 'day', 'calm', 'held'] as const).filter((goal) => goal !== first),
      ] as Occasion['wishes']['goals'];
      const made = plan(wishing(sunday, { goals }), 0.1);
      return Math.min(
        ...made.tasks
          .flatMap((task) =>
            task.kind === 'oven'
              ? []
              : task.kind === 'step'
                ? [...(task.cook ? [task.startMin] : []), ...task.looks.map((point) => point.startMin)]
                : [task.startMin],
          )
          .filter((start) => start > -720),
      );
    });
    expect(days[1]).toBeGreaterThanOrEqual(days[0]!);
  });
});

describe('ways', () => {
  const soaked = recipe(
    'cream',
    [line('cashews', 'cashew')],
    [
      step('soak', {
        uses: ['cashews'],
        hands: 'off',
        durationMin: { least: 480, likely: 600, most: 900 },
        alternatives: [
          {
            id: 'boil',
            name: 'Boil them soft',
            text: 'In plenty of water.',
            durationMin: { least: 12, likely: 15, most: 20 },
            hands: 'off',
            burner: true,
          },
        ],
      }),
      step('blend', {}),
    ],
  );
  const kitchen = (fromMin: number, burners = 4) =>
    occasion({
      guests: [guest('ada')],
      recipes: [soaked],
      burners,
      cooks: [{ id: 'one', name: 'One', windows: [{ fromMin, toMin: 60 }] }],
    });
  test('the short boil where there is no night for the soak, the soak where no burner is', () => {
    expect(stepOf(plan(kitchen(-120)), 'cream.plain.soak').way).toBe('boil');
    expect(stepOf(plan(kitchen(-1200, 0)), 'cream.plain.soak').way).toBeUndefined();
  });
  test('a dish can settle it', () => {
    const one = kitchen(-1200);
    const boiled = {
      ...one,
      dishes: one.dishes.map((each) => ({ ...each, choices: [{ step: 'soak', alternative: 'boil' }] })),
    } as unknown as Occasion;
    const made = plan(boiled);
    expect(stepOf(made, 'cream.plain.soak').endMin - stepOf(made, 'cream.plain.soak').startMin).toBe(15);
  });
  test('the audit refuses a way that the recipe has not', () => {
    const one = kitchen(-1200);
    const made = structuredClone(plan(one));
    stepOf(made, 'cream.plain.soak').way = id('fry');
    expect(audit(one, made).passed).toBe(false);
  });
});

describe('sharing the oven at a compromise', () => {
  const bake = (id: string, temperatureC: number, likely: number) =>
    recipe(
      id,
      [line('it', 'potato')],
      [
        step('bake', {
          uses: ['it'],
          hands: 'off',
          durationMin: { least: likely, likely, most: likely + 5 },
          oven: { temperatureC, toleranceC: 10 },
          kit: [{ kind: 'baking-tray' }],
        }),
      ],
      { hold: { mostMin: 5, how: 'hot' } },
    );
  const trays = [unit('tray-1', 'baking-tray'), unit('tray-2', 'baking-tray')];
  test('the one at 180, the other at 215: one of them is bent, its time corrected, and the audit agrees', () => {
    const one = occasion({
      guests: [guest('ana')],
      recipes: [bake('gratin', 180, 60), bake('roots', 215, 40)],
      kit: trays,
    });
    const made = plan(one, 0.1);
    const bent = made.tasks.filter((task): task is PlannedStep => task.kind === 'step' && task.bentC !== 0);
    expect(bent.length).toBeGreaterThan(0);
    for (const each of bent)
      expect(Math.sign(each.endMin - each.startMin - (each.batch.startsWith('gratin') ? 60 : 40))).toBe(
        -Math.sign(each.bentC),
      );
    const cheated = structuredClone(made);
    for (const task of cheated.tasks)
      if (task.kind === 'step' && task.bentC < 0)
        task.startMin = task.endMin - (task.batch.startsWith('gratin') ? 60 : 40);
    if (bent.some((each) => each.bentC < 0)) expect(audit(one, cheated).passed).toBe(false);
  });
  test('a second oven makes it needless', () => {
    const one = occasion({
      guests: [guest('ana')],
      recipes: [bake('gratin', 180, 60), bake('roots', 215, 40)],
      kit: trays,
    });
    const two = {
      ...one,
      kitchen: { ...one.kitchen, moreOvens: [{ ...one.kitchen.oven, name: 'Little oven', racks: 1 }] },
    };
    const made = plan(two, 0.1);
    expect(made.tasks.every((task) => task.kind !== 'step' || task.bentC === 0)).toBe(true);
    expect(new Set(made.tasks.flatMap((task) => (task.kind === 'oven' ? [task.oven] : [])))).toEqual(new Set([0, 1]));
  });
});

test('each cook does what they do, and no more', () => {
  const chop = (id: string) =>
    recipe(
      id,
      [line('it', 'potato')],
      [step('chop', { uses: ['it'], kit: [{ kind: 'knife' }] }), step('stir', { burner: true })],
    );
  const one = occasion({
    guests: [guest('ana')],
    recipes: [chop('soup'), chop('mash')],
    dishes: [dish('soup'), dish('mash')],
    kit: [unit('knife-1', 'knife'), unit('knife-2', 'knife')],
    cooks: [
      { id: 'child', name: 'Child', leaves: ['knives', 'raw'], windows: [{ fromMin: -300, toMin: 60 }] },
      { id: 'cook', name: 'Cook', leaves: ['heat'], windows: [{ fromMin: -300, toMin: 60 }] },
    ],
  });
  const made = plan(one);
  for (const task of made.tasks)
    if (task.kind === 'step' && task.cook) expect(task.cook).toBe(task.step === 'chop' ? 'cook' : 'child');
  const swapped = structuredClone(made);
  stepOf(swapped, 'soup.plain.chop').cook = id('child');
  expect(audit(one, swapped).findings.map((finding) => finding.code)).toContain('chore');
});
