import { id } from '../../test-support/id.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { runSheet } from '../cookday/index.ts';
import { fit } from '../fit/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { inVessels, isTooMuch, vesselNeed } from './vessels.ts';

const rectangle = (lengthCm: number, widthCm: number, depthCm = 5) => ({
  shape: 'rectangle',
  lengthCm,
  widthCm,
  depthCm,
});
const tray = (id: string, vessel?: object) => unit(id, 'baking-tray', 'steel', vessel ? { vessel } : {});
const roots = (pan: object) =>
  recipe(
    'roots',
    [line('it', 'carrot')],
    [
      step('spread', { uses: ['it'], after: [], kit: [{ kind: 'board' }, { kind: 'baking-tray', as: 'tray' }] }),
      step('roast', {
        hands: 'off',
        durationMin: { least: 30, likely: 30, most: 35 },
        kit: [{ kind: 'baking-tray', as: 'tray' }],
        oven: { temperatureC: 200 },
      }),
    ],
    { pan },
  );
const house = (
  kit: object[],
  pan: object = { vessel: rectangle(40, 30, 2), singleLayer: true },
  more: { guests?: number; racks?: number; recipes?: object[] } = {},
): Occasion => {
  const one = occasion({
    guests: Array.from({ length: more.guests ?? 4 }, (_, at) => guest(`g${at}`)),
    recipes: [roots(pan) as never, ...((more.recipes ?? []) as never[])],
    dishes: [dish('roots')],
    kit: [unit('board-1', 'board', 'plastic'), ...(kit as never[])],
  });
  return { ...one, kitchen: { ...one.kitchen, oven: { ...one.kitchen.oven, racks: more.racks ?? 2 } } };
};
const need = (one: Occasion, factor: number) => vesselNeed(one.recipes[0]!, factor, one.kitchen);

test('so many that all lies in one layer, or is not over-full; of those that are large enough', () => {
  const trays = house([
    tray('a', rectangle(40, 30, 2)),
    tray('b', rectangle(40, 30, 2)),
    tray('little', rectangle(20, 15, 2)),
  ]);
  expect(need(trays, 1)).toMatchObject({ kind: 'baking-tray', as: 'tray', count: 1, units: ['a', 'b'], racks: 1 });
  expect(need(trays, 1.09)).toMatchObject({ count: 1 });
  expect(need(trays, 1.5)).toMatchObject({ count: 2, units: ['a', 'b'], racks: 2 });
  expect(need(trays, 0.2)).toMatchObject({ count: 1, units: ['a', 'b', 'little'] });
  const deep = house([tray('a', rectangle(30, 20)), tray('b', rectangle(30, 20))], { vessel: rectangle(30, 20) });
  expect(need(deep, 1.2)).toMatchObject({ count: 1 });
  expect(need(deep, 1.3)).toMatchObject({ count: 2 });
});

test('small ones stand side by side on a rack; what the oven is said to have room for counts', () => {
  const small = house(
    [1, 2, 3, 4].map((n) => tray(`t${n}`, rectangle(22, 16))),
    { vessel: rectangle(22, 16) },
  );
  expect(need(small, 4)).toMatchObject({ count: 4, racks: 1 });
  const narrow = {
    ...small,
    kitchen: { ...small.kitchen, oven: { ...small.kitchen.oven, racks: 4, shelfWidthCm: 25, shelfDepthCm: 25 } },
  };
  expect(need(narrow, 4)).toMatchObject({ count: 4, racks: 4 });
});

test('kit without measures is like the recipe’s own; where nothing holds it, it is all there is; a recipe that says nothing asks nothing', () => {
  expect(need(house([tray('a'), tray('b'), tray('c')]), 2)).toMatchObject({ count: 2, units: ['a', 'b', 'c'] });
  expect(isTooMuch(need(house([tray('a', rectangle(40, 30, 2))]), 9)!)).toBe(true);
  expect(isTooMuch(need(house([tray('a'), tray('b')]), 2)!)).toBe(false);
  expect(need(house([]), 1)).toMatchObject({ count: 1, units: [], racks: 1 });
  expect(vesselNeed({ ...house([]).recipes[0]!, pan: undefined }, 1, house([]).kitchen)).toBeUndefined();
  // A recipe that names no pot has none.
  expect(need(house([tray('a')], { vessel: { shape: 'pot', volumeL: 3 } }), 1)).toBeUndefined();
  expect(need(house([tray('a')]), Number.NaN)).toBeUndefined();
  const one = house([tray('a')]);
  expect(inVessels(one.recipes[0]!, need(one, 1), one.kitchen, 1)).toBe(one.recipes[0]);
});

describe('more than the racks hold, or the trays there are', () => {
  const wide = rectangle(40, 30, 2);
  const roastOf = (one: Occasion) => tasksOf(one, fit(one)).tasks.find((task) => task.step.id === 'roast')!;

  test.each([
    ['three trays on two racks: two rounds of fewer', ['a', 'b', 'c'], 2, 3, { rounds: 2, count: 2, racks: 2 }],
    ['one rack: a round for each tray', ['a', 'b', 'c'], 1, 3, { rounds: 3, count: 1, racks: 1 }],
    ['one tray, filled twice', ['a'], 2, 2, { rounds: 2, count: 1, racks: 1 }],
    ['two trays on two racks', ['a', 'b'], 2, 2, { rounds: 1, count: 2, racks: 2 }],
  ])('%s', (_, trays, racks, factor, expected) => {
    const one = house(trays.map((name) => tray(name, wide)) as never, undefined, { racks });
    expect(need(one, factor)).toMatchObject(expected);
  });

  test('one load after the other, with somebody who changes them; the audit asks for all of it', () => {
    const one = house([tray('a', wide), tray('b', wide)], undefined, { guests: 12, racks: 1 });
    expect(roastOf(one).durationMin).toEqual({ least: 94, planned: 94, most: 109 });
    expect(roastOf(one).looks.map(({ atMin, takesMin }) => [atMin, takesMin])).toEqual([
      [0, 1],
      [30, 2],
      [62, 2],
      [93, 1],
    ]);
    expect(roastOf(one).step).toMatchObject({
      title: 'roast, in 3 rounds',
      text: expect.stringMatching(/In 3 rounds of one rack\.$/) as string,
    });
    const made = makePlan(one, { seconds: 0.1 });
    if (made.kind === 'none') throw new Error(made.reason.what);
    expect(audit(one, made.plan).findings).toEqual([]);
    const hasty = structuredClone(made.plan) as unknown as {
      tasks: { kind: string; id: string; startMin: number; endMin: number }[];
    };
    const roast = hasty.tasks.find((task) => task.id === 'roots.plain.roast')!;
    roast.startMin = roast.endMin - 30;
    expect(audit(one, hasty as unknown as Plan).passed).toBe(false);
  });

  test('also where the recipe itself says how many racks it takes; on the hob there are no rounds', () => {
    const one = house([tray('a')], { vessel: wide });
    const three: Occasion = {
      ...one,
      recipes: one.recipes.map((each) => ({
        ...each,
        pan: undefined,
        steps: each.steps.map((step) =>
          step.oven
            ? {
                ...step,
                coreC: 74,
                oven: { ...step.oven, racks: 3 as const },
                looks: [{ id: id('turn'), atMin: 15, takesMin: 1, what: 'turn' }],
              }
            : step,
        ),
      })),
    };
    const roast = roastOf(three);
    expect(roast.ways[0]!.oven).toMatchObject({ racks: 2 });
    expect(roast.durationMin.planned).toBe(62);
    expect(roast.looks.map(({ atMin }) => atMin)).toEqual([0, 15, 30, 47, 61]);
    expect(roast.step.text).toMatch(/waits for its turn stays in the fridge/);
    const large = {
      ...three,
      kitchen: { ...three.kitchen, moreOvens: [{ ...three.kitchen.oven, name: 'large', racks: 3 }] },
    };
    const made = makePlan(large, { seconds: 0.1 });
    if (made.kind === 'none') throw new Error(made.reason.what);
    // The oven with three racks takes it in one go, and the one with two does not take it at all.
    expect(made.plan.tasks.find((task) => task.id === roast.id)).toMatchObject({ oven: 1, racks: [0, 1, 2] });
  });
});

describe('a bake that lies deeper or shallower than its recipe has it', () => {
  const asWritten = { vessel: rectangle(30, 20) };
  const timed = (units: object[], pan: object = asWritten, guests = 4) => {
    const one = house(units, pan, { guests });
    return {
      one,
      task: tasksOf(one, fit(one)).tasks.find((each) => each.step.id === 'roast')!,
      need: need(one, guests / 4)!,
    };
  };

  test('is planned longer where every piece that will do is smaller, by the depth of the food', () => {
    const { task, need: vessel } = timed([tray('a', rectangle(30, 17)), tray('b', rectangle(30, 17))]);
    const deeper = (30 * 20) / (30 * 17);
    expect(vessel.longer).toEqual([expect.closeTo(deeper ** 1.2), expect.closeTo(deeper ** 1.2)]);
    expect(task.durationMin).toEqual({
      least: 30,
      planned: Math.round(30 * deeper ** 1.2),
      most: Math.round(35 * deeper ** 1.2 * 1.15),
    });
  });

  test('is never planned shorter, and looked at sooner; in a piece as large as the recipe’s nothing changes', () => {
    const mild = 0.8 ** 1.2 * 0.85;
    expect(timed([tray('a', rectangle(30, 25))]).task.durationMin).toEqual({
      least: Math.round(30 * mild),
      planned: 30,
      most: 35,
    });
    const { task, one } = timed([tray('a', rectangle(40, 30))]);
    expect(task.durationMin).toEqual({ least: 15, planned: 30, most: 35 });
    const made = makePlan(one, { seconds: 0.1 });
    if (made.kind === 'none') throw new Error(made.reason.what);
    expect(audit(one, made.plan).findings).toEqual([]);
    expect(runSheet(one, made.plan).find((entry) => entry.id === task.id)).toMatchObject({
      leastMin: 15,
      lies: 'shallower',
    });
    expect(timed([tray('a', rectangle(30, 20))]).task.durationMin).toEqual({ least: 30, planned: 30, most: 35 });
    expect(timed([tray('a')]).task.durationMin).toEqual({ least: 30, planned: 30, most: 35 });
  });

  test('of several sizes the range takes in all, and the run sheet only that of the piece the plan has', () => {
    const { task, one } = timed([tray('wide', rectangle(40, 30)), tray('own', rectangle(30, 20))]);
    expect(task.durationMin).toMatchObject({ planned: 30, most: 35 });
    expect(task.durationMin.least).toBeLessThan(20);
    const fixed = { ...one, wishes: { ...one.wishes, pins: [{ task: task.id, unit: 'own' }] } } as unknown as Occasion;
    const made = makePlan(fixed, { seconds: 0.1 });
    if (made.kind === 'none') throw new Error(made.reason.what);
    const entry = runSheet(fixed, made.plan).find((each) => each.id === task.id);
    expect(entry).toMatchObject({ leastMin: 30, mostMin: 35 });
    expect(entry).not.toHaveProperty('lies');
  });

  test('nobody is told to look while the door must stay shut, however shallow it lies', () => {
    const { one, task } = timed([tray('a', rectangle(40, 30))]);
    const shut = {
      ...one,
      recipes: one.recipes.map((each) => ({
        ...each,
        steps: each.steps.map((step) => (step.oven ? { ...step, oven: { ...step.oven, shutMin: 25 } } : step)),
      })),
    };
    const made = makePlan(shut, { seconds: 0.1 });
    if (made.kind === 'none') throw new Error(made.reason.what);
    expect(runSheet(shut, made.plan).find((entry) => entry.id === task.id)).toMatchObject({ leastMin: 25 });
  });

  test('what lies in one layer takes its time, whatever the tray', () => {
    expect(
      timed([tray('a', rectangle(60, 40, 2))], { vessel: rectangle(40, 30, 2), singleLayer: true }).task.durationMin,
    ).toEqual({ least: 30, planned: 30, most: 35 });
  });
});

describe('eight who eat from a recipe for four', () => {
  const one = house(
    [tray('a', rectangle(40, 30, 2)), tray('b', rectangle(40, 30, 2)), tray('little', rectangle(20, 15, 2))],
    undefined,
    { guests: 8 },
  );
  const made = makePlan(one, { seconds: 0.1 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  const { plan } = made;

  test('two trays, held from the spreading to the end, and two racks', () => {
    expect(tasksOf(one, fit(one)).tasks.map((task) => task.kit.map((use) => use.as ?? use.kind))).toEqual([
      ['board', 'tray', 'tray-2'],
      ['tray', 'tray-2'],
    ]);
    const roast = plan.tasks.find((task) => task.kind === 'step' && task.id === 'roots.plain.roast');
    expect(roast).toMatchObject({ units: expect.arrayContaining(['a', 'b']) as string[], racks: [0, 1] });
    expect(audit(one, plan).findings).toEqual([]);
  });

  const changed = (change: (steps: { units: string[]; racks: number[] }[]) => void): string[] => {
    const copy = structuredClone(plan) as unknown as { tasks: { kind: string; units: string[]; racks: number[] }[] };
    change(copy.tasks.filter((task) => task.kind === 'step'));
    return audit(one, copy as unknown as Plan).findings.map((each) => each.code);
  };
  test('the audit objects to one tray, to one rack, and to a tray that is too small', () => {
    expect(
      changed((steps) => {
        for (const each of steps) each.units = each.units.filter((unit) => unit !== 'b');
      }),
    ).toContain('vessel');
    expect(
      changed((steps) => {
        for (const each of steps) if (each.racks.length > 0) each.racks = [0];
      }),
    ).toContain('oven-room');
    expect(
      changed((steps) => {
        for (const each of steps) each.units = each.units.map((unit) => (unit === 'b' ? 'little' : unit));
      }),
    ).toContain('vessel');
  });

  test('in an oven with two racks and another dish in it at that time there is no plan; for half as many there is', () => {
    const pie = recipe(
      'pie',
      [line('it', 'carrot')],
      [
        step('bake', {
          uses: ['it'],
          after: [],
          hands: 'off',
          durationMin: { least: 30, likely: 30, most: 30 },
          kit: [{ kind: 'gratin-dish' }],
          oven: { temperatureC: 200 },
        }),
      ],
      { hold: { mostMin: 0, how: 'at once' } },
    );
    const full = house(
      [tray('a', rectangle(40, 30, 2)), tray('b', rectangle(40, 30, 2)), unit('dish-1', 'gratin-dish')],
      undefined,
      { guests: 8, recipes: [pie] },
    );
    const both = {
      ...full,
      recipes: full.recipes.map((each) => ({ ...each, hold: { mostMin: each.id === 'pie' ? 5 : 0, how: 'at once' } })),
      dishes: [...full.dishes, { ...full.dishes[0]!, id: id('pie'), recipe: id('pie') }],
    };
    expect(makePlan(both, { seconds: 0.1 }).kind).toBe('none');
    expect(makePlan({ ...both, guests: both.guests.slice(0, 4) }, { seconds: 0.1 }).kind).toBe('plan');
  });
});

describe('soup in pots', () => {
  const pot = (id: string, volumeL: number) => unit(id, 'large-pot', 'steel', { vessel: { shape: 'pot', volumeL } });
  const soup = recipe(
    'soup',
    [line('it', 'carrot')],
    [
      step('boil', {
        uses: ['it'],
        after: [],
        hands: 'off',
        burner: true,
        durationMin: { least: 20, likely: 20, most: 25 },
        kit: [{ kind: 'large-pot', as: 'pot' }],
      }),
      step('ladle', { kit: [{ kind: 'large-pot', as: 'pot' }] }),
    ],
    { pan: { vessel: { shape: 'pot', volumeL: 4 } } },
  );
  const supper = (guests: number, pots: object[], burners = 4) =>
    occasion({
      guests: Array.from({ length: guests }, (_, at) => guest(`g${at}`)),
      recipes: [soup],
      kit: pots as never,
      burners,
    });

  test('a larger pot, or two pots on two burners', () => {
    const large = supper(6, [pot('four', 4), pot('eight', 8)]);
    expect(vesselNeed(large.recipes[0]!, 1.5, large.kitchen)).toMatchObject({ count: 1, units: ['eight'] });
    const two = supper(8, [pot('a', 4), pot('b', 4)]);
    expect(tasksOf(two, fit(two)).tasks[0]!.ways[0]).toMatchObject({
      burners: 2,
      kit: [{ as: 'pot' }, { as: 'pot-2' }],
    });
    const made = makePlan(two, { seconds: 0.1 });
    if (made.kind === 'none') throw new Error(made.reason.why);
    expect(audit(two, made.plan).findings).toEqual([]);
    // The same plan on one burner: two pots are too many.
    const one = { ...two, kitchen: { ...two.kitchen, burners: 1 } };
    expect(audit(one, made.plan).findings.map((each) => each.code)).toContain('burners');
  });

  test('where there are not so many burners, it says so', () => {
    const made = makePlan(supper(8, [pot('a', 4), pot('b', 4)], 1));
    expect(made).toMatchObject({
      kind: 'none',
      reason: { why: 'For its amount it needs 2 burners; the kitchen has 1.', proven: true },
    });
  });
});

test('what is fixed to a piece that is too small is said to be', () => {
  const trays = house([tray('a', rectangle(40, 30, 2)), tray('little', rectangle(20, 15, 2))]);
  const wished = {
    ...trays,
    wishes: {
      ...trays.wishes,
      pins: [{ task: 'roots.plain.roast', unit: 'little' } as Occasion['wishes']['pins'][number]],
    },
  };
  const made = makePlan(wished, { seconds: 0.1 });
  expect(made).toMatchObject({
    kind: 'none',
    reason: {
      what: '“roast” cannot be done with little: it is too small for so much.',
      why: 'Large enough is a.',
      proven: true,
    },
  });
});
