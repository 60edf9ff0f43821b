import { id } from '../../test-support/id.ts';
import { guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { rules } from '../reference/index.ts';
import {
  basisOf,
  restAfter,
  restStep,
  type Occasion,
  type Plan,
  type PlannedStep,
  type TaskId,
} from '../model/index.ts';
import { audit } from './audit.ts';
import { gather } from './facts.ts';
import type { FindingCode } from './finding.ts';
import { auditStanding } from './standing.ts';

type Loose = Record<string, unknown>;

/** A dish of these foods and steps, eaten by one guest. Steps follow one another. */
const dishOf = (foods: readonly string[], steps: readonly Loose[], extra: Loose = {}): Occasion =>
  occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'r',
        foods.map((food) => line(food, food)),
        steps.map((each, at) => step(`s${at}`, { uses: at === 0 ? foods : [], ...each })),
        { hold: { mostMin: 600, how: 'cold, in the fridge' }, ...extra },
      ),
    ],
    cooks: [{ id: 'cook', name: 'Cook', windows: [{ fromMin: -5000, toMin: 60 }] }],
  });

const heat = { hands: 'off', burner: true, durationMin: { least: 20, likely: 20, most: 25 } };
const cooking = { ...heat, coreC: 95 };
const chilling = { hands: 'off', cold: 'fridge', durationMin: { least: 20, likely: 20, most: 25 } };

interface At {
  readonly startMin: number;
  readonly endMin: number;
  /** Put into the fridge after it, so many minutes after its end, and taken out so many minutes before the next, or the table. */
  readonly rest?: { readonly putAfterMin: number; readonly takenBeforeMin: number };
}

function planOf(one: Occasion, places: readonly At[]): Plan {
  const idAt = (at: number) => `r.plain.s${at}` as TaskId;
  const steps = one.recipes[0]!.steps;
  const tasks = places.flatMap(({ startMin, endMin, rest }, at): PlannedStep[] => {
    const here = steps[at]!;
    const planned = {
      kind: 'step' as const,
      id: idAt(at),
      startMin,
      endMin,
      batch: id('r.plain'),
      step: here.id,
      ...(here.hands === 'on' ? { cook: id('cook') } : {}),
      units: [],
      oven: 0,
      racks: [],
      bentC: 0,
      looks: [],
    } as unknown as PlannedStep;
    if (!rest) return [planned];
    const next = places[at + 1];
    const put = endMin + rest.putAfterMin;
    const out = (next?.startMin ?? 0) - rest.takenBeforeMin - 1;
    const look = (name: string, from: number) => ({
      look: id(name),
      startMin: from,
      endMin: from + 1,
      cook: id('cook'),
      what: name,
    });
    return [
      planned,
      {
        ...planned,
        cook: undefined,
        id: restAfter(planned.id),
        step: restStep,
        startMin: put,
        endMin: out + 1,
        rest: { after: planned.id, before: [next ? idAt(at + 1) : 'table'] },
        looks: [look('start', put), look('end', out)],
      } as unknown as PlannedStep,
    ];
  });
  return {
    format: 'lupin.plan/2',
    occasion: one.id,
    basis: basisOf(one),
    seed: 1,
    batches: [{ id: id('r.plain'), dish: id('r'), versions: [id('plain')], portions: 4 }],
    tasks,
    lowerBoundMin: 0,
  };
}

const found = (one: Occasion, places: readonly At[]): readonly FindingCode[] => [
  ...new Set(auditStanding(gather(one, planOf(one, places))).map((finding) => finding.code)),
];

let planted = 0;
/** Nothing at the limit, the code a minute over it. */
function holdsTo(limitMin: number, code: FindingCode, places: (minutes: number) => readonly [Occasion, readonly At[]]) {
  planted++;
  expect(found(...places(limitMin))).toEqual([]);
  expect(found(...places(limitMin + 1))).toContain(code);
}

const prep = (endMin: number): At => ({ startMin: endMin - 5, endMin });

const flesh = [
  'chicken',
  'chicken-mince',
  'turkey',
  'duck-leg',
  'beef-mince',
  'lamb',
  'pork',
  'venison',
  'liver',
  'salmon',
  'white-fish',
  'prawn',
  'egg',
];
/** Spoils as it is; cut; cooked; soaked. */
const spoiling = [
  'milk',
  'cream',
  'yoghurt',
  'ricotta',
  'tofu',
  'oat-drink',
  'soya-cream',
  'ham',
  'hummus',
  'mayonnaise',
  'coconut-milk',
];
const cutSpoils = [
  'lettuce',
  'spinach',
  'tomato',
  'mushroom',
  'melon',
  'strawberry',
  'parsley',
  'garlic',
  'bean-sprouts',
];
const cookedSpoils = [
  'potato',
  'carrot',
  'butternut-squash',
  'rice',
  'dried-pasta',
  'red-lentils',
  'chickpeas',
  'quinoa',
  'spinach',
  'onion',
];
const keeps = [
  'bread',
  'jam',
  'walnut',
  'sugar',
  'olive-oil',
  'wine-vinegar',
  'raisins',
  'dark-chocolate',
  'butter',
  'parmesan',
  'carrot',
  'potato',
  'lemon',
  'apple',
  'rice',
  'wheat-flour',
];

describe('raw flesh, fish and egg stand for minutes only', () => {
  test.each(flesh)('%s on the counter', (food) =>
    holdsTo(rules.rawWaitsMostMin, 'raw-wait', (wait) => [
      dishOf([food], [{}, cooking, chilling]),
      [prep(-60 - wait), { startMin: -60, endMin: -40 }, { startMin: -40, endMin: 0 }],
    ]),
  );

  test.each(flesh)('%s by itself in a step of its own', (food) =>
    holdsTo(rules.rawWaitsMostMin, 'raw-wait', (minutes) => [
      dishOf([food], [{ hands: 'off', durationMin: { least: 1, likely: 10, most: 20 } }, cooking, chilling]),
      [
        { startMin: -60 - minutes, endMin: -60 },
        { startMin: -60, endMin: -40 },
        { startMin: -40, endMin: 0 },
      ],
    ]),
  );

  test.each(flesh)('%s before it is put away, and after it is taken out', (food) => {
    const one = dishOf([food], [{}, cooking, chilling]);
    const places = (putAfterMin: number, takenBeforeMin: number): readonly At[] => [
      { startMin: -605, endMin: -600, rest: { putAfterMin, takenBeforeMin } },
      { startMin: -60, endMin: -40 },
      { startMin: -40, endMin: 0 },
    ];
    holdsTo(rules.rawWaitsMostMin, 'raw-wait', (wait) => [one, places(wait, 5)]);
    holdsTo(rules.rawWaitsMostMin, 'raw-wait', (wait) => [one, places(5, wait)]);
  });

  test.each(flesh)('%s in the fridge for a day', (food) =>
    holdsTo(rules.coldWaitMostMin, 'cold-wait', (minutes) => [
      dishOf([food], [{}, cooking, chilling]),
      [
        { startMin: -65 - minutes, endMin: -60 - minutes, rest: { putAfterMin: 0, takenBeforeMin: 0 } },
        { startMin: -60, endMin: -40 },
        { startMin: -40, endMin: 0 },
      ],
    ]),
  );
});

describe('what spoils stands for two hours in all', () => {
  test.each([...spoiling, ...cutSpoils])('%s on the counter', (food) =>
    // Five of the minutes are the work on it.
    holdsTo(rules.standsMostMin - 5, 'warm-wait', (wait) => [
      dishOf([food], [{}, chilling]),
      [prep(-40 - wait), { startMin: -40, endMin: 0 }],
    ]),
  );

  test.each([...spoiling, ...cutSpoils])('%s at the table', (food) =>
    holdsTo(rules.standsMostMin - 5, 'warm-wait', (wait) => [dishOf([food], [{}]), [prep(-wait)]]),
  );

  test.each(cookedSpoils)('%s once it is cooked', (food) =>
    holdsTo(rules.standsMostMin, 'warm-wait', (wait) => [
      dishOf([food], [heat, chilling]),
      [
        { startMin: -60 - wait, endMin: -40 - wait },
        { startMin: -40, endMin: 0 },
      ],
    ]),
  );

  test.each(cookedSpoils)('%s, several waits and the work between them taken together', (food) =>
    holdsTo(50, 'warm-wait', (wait) => [
      dishOf([food], [heat, { durationMin: { least: 5, likely: 20, most: 20 } }, chilling]),
      [
        { startMin: -130 - wait, endMin: -110 - wait },
        { startMin: -110, endMin: -90 },
        { startMin: -40, endMin: 0 },
      ],
    ]),
  );

  test.each([...spoiling, ...cookedSpoils])('%s: the fridge stops the clock, and heat sets it back', (food) => {
    const cooled = dishOf([food], [heat, {}, chilling]);
    expect(
      found(cooled, [
        { startMin: -700, endMin: -680, rest: { putAfterMin: 30, takenBeforeMin: 30 } },
        { startMin: -100, endMin: -95 },
        { startMin: -40, endMin: 0 },
      ]),
    ).toEqual([]);
    const again = dishOf([food], [heat, heat, chilling]);
    expect(
      found(again, [
        { startMin: -300, endMin: -280 },
        { startMin: -170, endMin: -150 },
        { startMin: -40, endMin: 0 },
      ]),
    ).toEqual([]);
  });
});

test.each(keeps)('%s, raw and as it is, stands as long as it likes', (food) =>
  expect(found(dishOf([food], [{}, {}]), [prep(-900), prep(0)])).toEqual([]),
);

test.each([
  ['cake', ['wheat-flour', 'sugar', 'butter', 'egg'], []],
  ['custard tart', ['wheat-flour', 'milk', 'cream', 'egg'], ['warm-wait']],
  ['pie of fruit', ['wheat-flour', 'butter', 'plum', 'sugar'], []],
  ['quiche', ['wheat-flour', 'butter', 'cream', 'egg', 'cheddar'], ['warm-wait']],
])('what is baked dry keeps, what is baked moist does not: %s', (_, foods, codes) => {
  const bake = {
    hands: 'off',
    oven: { temperatureC: 180 },
    coreC: 90,
    durationMin: { least: 30, likely: 30, most: 40 },
  };
  const one = dishOf(foods, [{}, bake, {}]);
  expect(found(one, [prep(-600), { startMin: -600, endMin: -570 }, prep(0)])).toEqual(codes);
});

describe('a nut cream spoils and nuts do not', () => {
  test.each([
    ['blended', [{ kind: 'blender' }], ['warm-wait']],
    ['chopped', [], []],
  ])('%s', (_, kit, codes) => {
    expect(found(dishOf(['cashews'], [{ kit }, {}]), [prep(-300), prep(0)])).toEqual(codes);
  });
});

describe('a dish that is served hot', () => {
  const hot = { hold: { mostMin: 30, how: 'under foil' } };

  test.each(cookedSpoils)(
    '%s comes from the heat no longer ago than it holds, whatever is done to it after that',
    (food) => {
      holdsTo(30, 'hold', (wait) => [dishOf([food], [heat], hot), [{ startMin: -20 - wait, endMin: -wait }]]);
      holdsTo(35, 'hold', (wait) => [
        dishOf([food], [heat, {}], hot),
        [{ startMin: -20 - wait, endMin: -wait }, prep(0)],
      ]);
    },
  );

  test.each(cookedSpoils)('%s that was chilled is heated again', (food) => {
    const rest = { putAfterMin: 0, takenBeforeMin: 0 };
    const reheating = (minutes: number) => ({
      hands: 'off',
      burner: true,
      durationMin: { least: minutes, likely: minutes, most: minutes },
    });
    const cooked: At = { startMin: -320, endMin: -300, rest };
    const one = dishOf([food], [heat, reheating(8)], hot);
    expect(found(one, [cooked, { startMin: -8, endMin: 0 }])).toEqual([]);
    expect(found(dishOf([food], [heat, reheating(7)], hot), [cooked, { startMin: -7, endMin: 0 }])).toContain('reheat');
  });
});

test.each<[string, number | undefined, boolean]>([
  ['chicken', undefined, true],
  ['beef-mince', undefined, true],
  ['salmon', undefined, true],
  ['chicken', 95, false],
  ['egg', undefined, false],
])('%s that was heated (core %s) and put away before it goes on', (food, coreC, isWrong) => {
  const one = dishOf([food], [{ ...heat, ...(coreC ? { coreC } : {}) }, cooking]);
  const away: At = { startMin: -120, endMin: -100, rest: { putAfterMin: 0, takenBeforeMin: 0 } };
  expect(found(one, [away, { startMin: -20, endMin: 0 }])).toEqual(isWrong ? ['part-cooked'] : []);
});

test('what no step uses is in all of them', () => {
  const one = dishOf(['chicken', 'salt'], [{ uses: ['salt'] }, { ...heat }, chilling]);
  const places = (wait: number): readonly At[] => [
    prep(-60 - wait),
    { startMin: -60, endMin: -40 },
    { startMin: -40, endMin: 0 },
  ];
  expect(found(one, places(rules.rawWaitsMostMin + 1))).toContain('raw-wait');
});

describe('the fridge is somebody’s work', () => {
  const one = dishOf(['milk'], [{}, chilling]);
  const plan = planOf(one, [
    { startMin: -305, endMin: -300, rest: { putAfterMin: 0, takenBeforeMin: 0 } },
    { startMin: -40, endMin: 0 },
  ]);
  const other = (change: (rest: PlannedStep) => PlannedStep): readonly FindingCode[] =>
    audit(one, {
      ...plan,
      tasks: plan.tasks.map((task) => (task.kind === 'step' && task.rest ? change(task) : task)),
    }).findings.map((finding) => finding.code);

  test('as it is told it is well', () => {
    expect(
      other((rest) => rest).filter((code) => code === 'look' || code === 'look-time' || code === 'unknown-name'),
    ).toEqual([
      // The step that chills is set going by nobody in this plan.
      'look',
    ]);
  });

  test.each<[string, FindingCode, (rest: PlannedStep) => PlannedStep]>([
    [
      'nobody puts it there',
      'look',
      (rest) => ({ ...rest, looks: rest.looks.map((look) => ({ ...look, look: id('end') })) }),
    ],
    [
      'it takes no time',
      'look-time',
      (rest) => ({ ...rest, looks: rest.looks.map((look) => ({ ...look, endMin: look.startMin })) }),
    ],
    ['it is there before it is put there', 'look-time', (rest) => ({ ...rest, startMin: rest.startMin - 1 })],
    ['it is there after it was taken out', 'look-time', (rest) => ({ ...rest, endMin: rest.endMin + 1 })],
    [
      'it is put there before it is made',
      'look-time',
      (rest) => ({
        ...rest,
        startMin: -302,
        looks: rest.looks.map((look, at) => (at === 0 ? { ...look, startMin: -302, endMin: -301 } : look)),
      }),
    ],
    ['it is of nothing', 'unknown-name', (rest) => ({ ...rest, rest: { ...rest.rest!, after: id('nothing') } })],
    ['it is for nothing', 'unknown-name', (rest) => ({ ...rest, rest: { ...rest.rest!, before: [id('nothing')] } })],
    [
      'its cook does not exist',
      'unknown-name',
      (rest) => ({ ...rest, looks: rest.looks.map((look) => ({ ...look, cook: id('nobody') })) }),
    ],
  ])('%s', (_, code, change) => {
    expect(other(change)).toContain(code);
  });
});

afterAll(() => {
  if (planted < 100) throw new Error(`Only ${planted} limits are held`);
});
