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

test('browned and meant to stay pink it stands as cooked food does', () =>
  holdsTo(rules.standsMostMin, 'warm-wait', (wait) => [
    dishOf(['beef'], [{ ...heat, meantRaw: ['raw-cut'] }, chilling]),
    [
      { startMin: -60 - wait, endMin: -40 - wait },
      { startMin: -40, endMin: 0 },
    ],
  ]));
test('an egg that is boiled soft stands as cooked food does', () =>
  holdsTo(rules.standsMostMin, 'warm-wait', (wait) => [
    dishOf(['egg'], [{ ...heat, meantRaw: ['raw-egg'] }, chilling]),
    [
      { startMin: -60 - wait, endMin: -40 - wait },
      { startMin: -40, endMin: 0 },
    ],
  ]));
test('an egg that is meant to stay raw stands for minutes, as any raw egg', () =>
  holdsTo(rules.rawWaitsMostMin, 'raw-wait', (wait) => [
    dishOf(['egg'], [{ meantRaw: ['raw-egg'] }, chilling]),
    [prep(-60 - wait), { startMin: -60, endMin: -40 }],
  ]));

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

  test.each(['slow-cooker', 'microwave'])('rice, once it is cooked in a %s', (kind) =>
    holdsTo(rules.standsMostMin, 'warm-wait', (wait) => [
      dishOf(['rice'], [{ ...heat, burner: false, kit: [{ kind }] }, chilling]),
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

test('more than a hundred limits are held to the minute', () => {
  // Where only some of the tests are run there are fewer, and nothing is said of it.
  expect(planted === 0 || planted > 100).toBe(true);
});

/** Codes, tasks and words of all that is found. */
const told = (one: Occasion, places: readonly At[]): readonly string[] =>
  auditStanding(gather(one, planOf(one, places))).map(({ code, tasks, guests, message }) => {
    expect(guests).toEqual([]);
    return `${code} [${tasks.map((each) => each.replace('r.plain.', '')).join(' ')}] ${message}`;
  });
const byItself = (minutes: number, more: Loose = {}) => ({
  hands: 'off',
  durationMin: { least: minutes, likely: minutes, most: minutes },
  ...more,
});
const hot = { hold: { mostMin: 30, how: 'under foil' } };

describe('it is said of what, from when to when, and where', () => {
  test('raw-wait, warm-wait, cold-wait', () => {
    const raw = dishOf(['chicken'], [{}, cooking, chilling]);
    expect(told(raw, [prep(-80), { startMin: -60, endMin: -40 }, { startMin: -40, endMin: 0 }])).toEqual([
      'raw-wait [s0 s1] Raw poultry of r stands in the room from 16:40 to 17:00, between “s0” and “s1”; at most 15 min are allowed.',
    ]);
    expect(
      told(dishOf(['chicken'], [byItself(20), cooking, chilling]), [
        { startMin: -80, endMin: -60 },
        { startMin: -60, endMin: -40 },
        { startMin: -40, endMin: 0 },
      ]),
    ).toEqual(['raw-wait [s0] Raw poultry of r stands in the room for 20 min by itself, in “s0” (r, 16:40).']);
    expect(told(dishOf(['milk', 'cream', 'ham'], [{}, chilling]), [prep(-200), { startMin: -40, endMin: 0 }])).toEqual([
      'warm-wait [s0 s1] What has 100 g milk and 100 g cream in it (r) has stood in the room for 165 min by 17:20, when “s1” begins; at most 120 are allowed.',
      'warm-wait [s1] What has 100 g milk and 100 g cream in it (r) has stood in the room for 165 min when Main go out at 18:00; at most 120 are allowed.',
    ]);
    expect(
      told(dishOf(['milk'], [{}, chilling]), [
        { startMin: -2005, endMin: -2000, rest: { putAfterMin: 0, takenBeforeMin: 0 } },
        { startMin: -40, endMin: 0 },
      ]),
    ).toEqual([
      'cold-wait [s0] What has 100 g milk in it (r) waits in the fridge for 1960 min after “s0”; at most 1440 are allowed.',
    ]);
  });
  test('hold, reheat, part-cooked, and standing until the table', () => {
    expect(told(dishOf(['rice'], [heat], hot), [{ startMin: -100, endMin: -80 }])).toEqual([
      'hold [s0] r comes from the heat at 16:40 and is served hot at 18:00, 80 min later; at most 30 are allowed.',
    ]);
    expect(told(dishOf(['milk'], [{}]), [prep(-200)])).toEqual([
      'warm-wait [s0] What has 100 g milk in it (r) has stood in the room for 205 min when Main go out at 18:00; at most 120 are allowed.',
    ]);
    const away: At = { startMin: -320, endMin: -300, rest: { putAfterMin: 0, takenBeforeMin: 0 } };
    expect(told(dishOf(['rice'], [heat, {}], hot), [away, prep(0)])).toContain(
      'reheat [s0] r is served hot; it is chilled after “s0” and never heated through again.',
    );
    expect(told(dishOf(['chicken'], [heat, cooking]), [away, { startMin: -20, endMin: 0 }])).toEqual([
      'part-cooked [s0] 100 g chicken (r) is put away after “s0”, heated and not cooked through: it goes on to its next heat at once.',
    ]);
  });
});

describe('how long it may be in the fridge', () => {
  const away = (minutes: number): readonly At[] => [
    { startMin: -60 - minutes, endMin: -40 - minutes, rest: { putAfterMin: 0, takenBeforeMin: 0 } },
    { startMin: -40, endMin: 0 },
  ];
  test.each([
    ['as its recipe says', { keeps: [{ where: 'fridge', days: 2 }] }, 2 * 1440],
    ['never longer than leftovers', { keeps: [{ where: 'fridge', days: 9 }] }, rules.leftoverFridgeDays * 1440],
    ['a day where only the freezer is spoken of', { keeps: [{ where: 'freezer', days: 60 }] }, rules.coldWaitMostMin],
    [
      'the fridge’s days, not the freezer’s',
      {
        keeps: [
          { where: 'freezer', days: 60 },
          { where: 'fridge', days: 2 },
        ],
      },
      2 * 1440,
    ],
  ])('%s', (_, extra, mostMin) =>
    holdsTo(mostMin, 'cold-wait', (minutes) => [dishOf(['rice'], [heat, chilling], extra), away(minutes)]),
  );
  test('raw it is a day at most, whatever the recipe says', () =>
    holdsTo(rules.coldWaitMostMin, 'cold-wait', (minutes) => [
      dishOf(['chicken'], [{}, cooking, chilling], { keeps: [{ where: 'fridge', days: 3 }] }),
      [
        { startMin: -65 - minutes, endMin: -60 - minutes, rest: { putAfterMin: 0, takenBeforeMin: 0 } },
        { startMin: -60, endMin: -40 },
        { startMin: -40, endMin: 0 },
      ],
    ]));
  test('a step of its own there is as long as the recipe says at most, and as much again', () => {
    const most = 2000;
    const chilled = (food: string) =>
      dishOf([food], [{ hands: 'off', cold: 'fridge', durationMin: { least: 20, likely: 60, most } }]);
    holdsTo(2 * most, 'cold-wait', (minutes) => [chilled('milk'), [{ startMin: -minutes, endMin: 0 }]]);
    expect(found(chilled('jam'), [{ startMin: -9000, endMin: 0 }])).toEqual([]);
    const frozen = dishOf(['milk'], [{ hands: 'off', cold: 'freezer', durationMin: { least: 20, likely: 60, most } }]);
    expect(found(frozen, [{ startMin: -9000, endMin: 0 }])).toEqual([]);
  });
});

describe('a dough that rises', () => {
  const dough = ['wheat-flour', 'milk', 'egg', 'dried-yeast'];
  const bake = byItself(30, { oven: { temperatureC: 200 }, coreC: 95 });
  const proved = (foods: readonly string[], prove: Loose = {}) => dishOf(foods, [{}, byItself(180, prove), bake]);
  const places: readonly At[] = [prep(-300), { startMin: -300, endMin: -120 }, { startMin: -120, endMin: -90 }];
  test('may stand by itself for hours', () => {
    expect(found(proved(dough), places)).toEqual([]);
    expect(found(proved(['wheat-flour', 'milk', 'egg', 'fresh-yeast']), places)).toEqual([]);
  });
  test('without what makes it rise it may not', () => {
    expect(found(proved(['wheat-flour', 'milk', 'egg']), places)).toEqual(['raw-wait', 'warm-wait']);
  });
  test('nor with flesh in it, nor with hands on it, nor once it was heated', () => {
    expect(found(proved([...dough, 'chicken']), places)).toEqual(['raw-wait', 'warm-wait']);
    expect(found(proved(dough, { hands: 'on' }), places)).toEqual(['warm-wait']);
    const heated = dishOf(['milk', 'dried-yeast'], [heat, byItself(180), chilling]);
    expect(
      found(heated, [
        { startMin: -240, endMin: -220 },
        { startMin: -220, endMin: -40 },
        { startMin: -40, endMin: 0 },
      ]),
    ).toEqual(['warm-wait']);
  });
  test('with milk that was warmed before the yeast came in', () => {
    const warmed = dishOf(
      ['milk', 'wheat-flour', 'dried-yeast'],
      [{ ...heat, uses: ['milk', 'wheat-flour'] }, { uses: ['dried-yeast'] }, byItself(180), bake],
    );
    expect(
      found(warmed, [
        { startMin: -340, endMin: -320 },
        { startMin: -320, endMin: -300 },
        { startMin: -300, endMin: -120 },
        { startMin: -120, endMin: -90 },
      ]),
    ).toEqual([]);
  });
  test('between two steps it waits as long as raw egg does', () => {
    const waits = (wait: number): readonly At[] => [
      prep(-300 - wait),
      { startMin: -300, endMin: -120 },
      { startMin: -120, endMin: -90 },
    ];
    expect(found(proved(dough), waits(15))).toEqual([]);
    expect(found(proved(dough), waits(16))).toEqual(['raw-wait']);
  });
  test('after it has risen its clock begins anew', () => {
    const kneaded = dishOf(['wheat-flour', 'milk', 'dried-yeast'], [{}, byItself(180), {}, bake]);
    expect(
      found(kneaded, [prep(-360), { startMin: -300, endMin: -120 }, prep(-60), { startMin: -20, endMin: 0 }]),
    ).toEqual([]);
  });
});

describe('what is dry keeps, and what is wetted does not', () => {
  const stands = (foods: readonly string[], first: Loose = {}, then: readonly Loose[] = []) =>
    found(dishOf(foods, [first, ...then, {}]), [prep(-500), ...then.map(() => prep(-490)), prep(0)]);
  test.each([
    [['quinoa'], []],
    [['quinoa', 'water'], ['warm-wait']],
    [['water', 'quinoa'], ['warm-wait']],
    [['cashews', 'water'], ['warm-wait']],
    [['cashews', 'sugar'], []],
    [['carrot', 'water'], []],
  ])('%s', (foods, codes) => expect(stands(foods)).toEqual(codes));
  test('by a processor as by a blender, and for all that comes of it', () => {
    for (const kind of ['blender', 'food-processor'])
      expect(stands(['cashews'], { kit: [{ kind }, { kind: 'bowl' }] })).toEqual(['warm-wait']);
    expect(stands(['cashews'], { kit: [{ kind: 'bowl' }] })).toEqual([]);
    expect(stands(['cashews'], { kit: [{ kind: 'blender' }] }, [{}])).toEqual(['warm-wait']);
  });
});

describe('what nobody knows spoils', () => {
  const unknown = (text: string, food?: string) =>
    occasion({
      guests: [guest('ana')],
      recipes: [
        recipe('r', [line('l0', food, { text })], [step('s0', { uses: ['l0'] }), step('s1')], {
          hold: { mostMin: 600, how: 'cold, in the fridge' },
        }),
      ],
      cooks: [{ id: 'cook', name: 'Cook', windows: [{ fromMin: -5000, toMin: 60 }] }],
    });
  test.each([
    ['100 g wobblefrond', undefined, ['warm-wait']],
    ['100 g sugar', undefined, []],
    ['100 g sugar and wobblefrond', undefined, ['warm-wait']],
    ['100 g sugar', 'sugar', []],
  ])('%s (%s)', (text, food, codes) => {
    expect(found(unknown(text, food), [prep(-500), prep(0)])).toEqual(codes);
  });
});

describe('what is baked dry', () => {
  const flat = ['wheat-flour', 'butter', 'sugar'];
  const long: readonly At[] = [prep(-600), { startMin: -600, endMin: -570 }, prep(0)];
  const made = (foods: readonly string[], how: Loose) =>
    found(dishOf(foods, [{}, { ...heat, coreC: 95, ...how }, {}]), long);
  test('is so in the oven or in a pan, and not in a pot', () => {
    expect(made(flat, { kit: [{ kind: 'frying-pan' }] })).toEqual([]);
    expect(made(flat, { kit: [{ kind: 'bowl' }, { kind: 'frying-pan' }] })).toEqual([]);
    expect(made(flat, { burner: false, oven: { temperatureC: 180 } })).toEqual([]);
    expect(made(flat, { kit: [{ kind: 'large-pot' }] })).toEqual(['warm-wait']);
    expect(made(flat, {})).toEqual(['warm-wait']);
  });
  test('not by a heat of two minutes, nor with flesh in it', () => {
    const short = {
      oven: { temperatureC: 180 },
      burner: false,
      coreC: undefined,
      durationMin: { least: 1, likely: 2, most: 2 },
    };
    expect(made(['wheat-flour', 'egg', 'sugar'], short)).toContain('raw-wait');
    // Cooked through it is not raw any more, and flesh still; so is what was bought cooked.
    for (const flesh_ of ['chicken', 'beef-mince', 'salmon', 'prawn', 'ham'])
      expect(made([...flat, flesh_], { burner: false, oven: { temperatureC: 180 } })).toEqual(['warm-wait']);
  });
});

describe('what is heated', () => {
  const heated = (minutes: number) => dishOf(['rice'], [byItself(minutes, { burner: true }), chilling], hot);
  test('is so from three minutes on', () => {
    const places: readonly At[] = [
      { startMin: -300 - rules.heatsThroughMin, endMin: -300 },
      { startMin: -40, endMin: 0 },
    ];
    expect(found(heated(rules.heatsThroughMin), places)).toContain('warm-wait');
    expect(found(heated(rules.heatsThroughMin - 1), places)).toEqual([]);
  });
  test('is served hot, unless it has cooled on the way or is said to be cold', () => {
    const then = (step_: Loose, extra: Loose = hot) =>
      found(dishOf(['rice'], [heat, step_], extra), [
        { startMin: -115, endMin: -95 },
        { startMin: -60, endMin: 0 },
      ]);
    expect(then({})).toEqual(['hold']);
    expect(then({}, { hold: { mostMin: 30, how: 'at room temperature' } })).toEqual([]);
    expect(then({}, { hold: { mostMin: 30, how: 'cold' } })).toEqual([]);
    expect(then(chilling)).toEqual([]);
    expect(then({ ...chilling, hands: 'on' })).toEqual([]);
    expect(then(byItself(60))).toEqual([]);
    const short = (title: string, hands = 'off') =>
      found(dishOf(['rice'], [heat, { ...byItself(10), hands, title }], hot), [
        { startMin: -110, endMin: -90 },
        { startMin: -10, endMin: 0 },
      ]);
    expect(short('Let it stand')).toEqual(['hold']);
    expect(short('Let it cool')).toEqual([]);
    expect(short('Let it cool', 'on')).toEqual(['hold']);
  });
  test('may be held as long after as the work on it takes, and its recipe’s least wait or longest', () => {
    const waits = (after: Loose[], minutes: number) =>
      found(dishOf(['rice'], [heat, { after }], hot), [{ startMin: -20 - minutes, endMin: -minutes }, prep(0)]);
    for (const [after, allowed] of [
      [[{ step: 's0' }], 35],
      [[{ step: 's0', leastMin: 20 }], 55],
      [[{ step: 's0', leastMin: 20, mostMin: 40 }], 75],
    ] as const) {
      expect(waits([...after], allowed)).toEqual([]);
      expect(waits([...after], allowed + 1)).toEqual(['hold']);
    }
  });
  test('late, its clock is not the table’s any more', () => {
    expect(found(dishOf(['milk'], [{}]), [{ startMin: -200, endMin: 5 }])).toEqual(['warm-wait']);
    expect(told(dishOf(['milk'], [{}]), [{ startMin: -200, endMin: 5 }])).toEqual([
      'warm-wait [s0] What has 100 g milk in it (r) has stood in the room for 205 min by 18:05, when “s0” ends; at most 120 are allowed.',
    ]);
  });
});

describe('one food on two ways', () => {
  const graph = (foods: readonly string[], steps: readonly Loose[], places: readonly At[]) =>
    found(dishOf(foods, steps), places);
  test('is as raw as on the rawer, as warm as on the warmer', () => {
    // Half of the chicken is cooked, half goes in raw.
    const steps = [{}, { ...cooking, after: [{ step: 's0' }] }, { after: [{ step: 's0' }, { step: 's1' }] }, cooking];
    const places = (wait: number): readonly At[] => [
      prep(-95),
      { startMin: -95, endMin: -75 },
      { startMin: -75, endMin: -70 },
      { startMin: -70 + wait, endMin: -50 + wait },
    ];
    expect(graph(['chicken'], steps, places(15))).toContain('raw-wait');
    const cookedFirst = [
      {},
      { ...cooking, after: [{ step: 's0' }] },
      { after: [{ step: 's1' }, { step: 's0' }] },
      cooking,
    ];
    expect(graph(['chicken'], cookedFirst, places(16))).toContain('raw-wait');
  });
  test('is dry only where both are', () => {
    const flat = ['wheat-flour', 'butter', 'potato'];
    const bake = { ...heat, burner: false, oven: { temperatureC: 180 }, after: [{ step: 's0' }] };
    const boil = { ...heat, after: [{ step: 's0' }] };
    const both = (one: Loose, other: Loose) =>
      graph(
        flat,
        [{}, one, other, { after: [{ step: 's1' }, { step: 's2' }] }, {}],
        [prep(-500), { startMin: -500, endMin: -480 }, { startMin: -500, endMin: -480 }, prep(-470), prep(0)],
      );
    expect(both(bake, bake)).toEqual([]);
    expect(both(bake, boil)).toEqual(['warm-wait']);
    expect(both(boil, bake)).toEqual(['warm-wait']);
  });
});

describe('whose food it is', () => {
  const raw = dishOf(['chicken'], [{}, cooking, chilling]);
  const places: readonly At[] = [prep(-200), { startMin: -60, endMin: -40 }, { startMin: -40, endMin: 0 }];
  const with_ = (more: Loose) => {
    const plan = planOf(raw, places);
    return auditStanding(
      gather(raw, { ...plan, batches: plan.batches.map((each) => ({ ...each, ...more })) } as Plan),
    ).map(({ code }) => code);
  };
  test('what was lost is served to nobody', () => {
    expect(with_({})).toEqual(['raw-wait', 'warm-wait']);
    expect(with_({ lost: true })).toEqual([]);
  });
  test('a later course is served later', () => {
    const one = {
      ...dishOf(['milk'], [{}]),
      courses: [
        { id: 'first', name: 'First', offsetMin: -60 },
        { id: 'main', name: 'Main', offsetMin: 0 },
        { id: 'sweet', name: 'Sweet', offsetMin: 60 },
      ],
    } as unknown as Occasion;
    const at = (course: string) =>
      found({ ...one, dishes: one.dishes.map((each) => ({ ...each, course: id(course) })) } as Occasion, [prep(-90)]);
    expect([at('first'), at('main'), at('sweet')]).toEqual([[], [], ['warm-wait']]);
  });
});

test.each([
  ['chicken', 74],
  ['beef-mince', 71],
  ['salmon', 63],
  ['egg', 71],
])('%s is raw until it has been at %i °C', (food, safeC) => {
  const at = (coreC: number) =>
    found(dishOf([food], [{ ...heat, coreC }, chilling]), [
      { startMin: -80, endMin: -60 },
      { startMin: -44, endMin: 0 },
    ]);
  expect([at(safeC), at(safeC + 5)]).toEqual([[], []]);
  expect(at(safeC - 1)).toEqual(['raw-wait']);
});

describe('to the gram and the minute', () => {
  test('two fifths of it may spoil, and it is a dry bake still', () => {
    const bake = byItself(30, { oven: { temperatureC: 180 }, coreC: 95 });
    const made = (eggG: number) => {
      const one = dishOf(['wheat-flour', 'egg'], [{}, bake, {}]);
      const lines = one.recipes[0]!.lines.map((each) =>
        each.food === id('egg') ? { ...each, amount: { kind: 'mass' as const, massG: eggG } } : each,
      );
      return found({ ...one, recipes: [{ ...one.recipes[0]!, lines }] } as unknown as Occasion, [
        prep(-600),
        { startMin: -600, endMin: -570 },
        prep(0),
      ]);
    };
    expect([made(66), made(67)]).toEqual([[], ['warm-wait']]);
  });
  test('half an hour by itself cools it, a minute less does not', () => {
    const stands = (minutes: number) =>
      found(dishOf(['rice'], [heat, byItself(minutes)], { hold: { mostMin: 10, how: 'under foil' } }), [
        { startMin: -115, endMin: -95 },
        { startMin: -minutes, endMin: 0 },
      ]);
    expect([stands(rules.coolsOffMin), stands(rules.coolsOffMin - 1)]).toEqual([[], ['hold']]);
  });
});

describe('its words', () => {
  test('name what spoils of what there is, without how it is cut', () => {
    const one = dishOf(['sugar', 'tomato', 'lettuce', 'milk'], [{}]);
    const lines = one.recipes[0]!.lines.map((each) => ({ ...each, text: `${each.text}, in pieces , small` }));
    expect(
      told({ ...one, recipes: [{ ...one.recipes[0]!, lines }] } as unknown as Occasion, [prep(-200)])[0],
    ).toContain('What has 100 g tomato and 100 g lettuce in it (r) has stood');
  });
});
