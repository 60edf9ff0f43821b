import { byHand, washOf, type Place } from '../../test-support/byHand.ts';
import { id } from '../../test-support/id.ts';
import { guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { gather } from './facts.ts';
import { auditResources } from './resources.ts';

type Loose = Record<string, unknown>;

const cook = (name: string, more: Loose = {}) => ({
  id: name,
  name: `The ${name}`,
  windows: [{ fromMin: -300, toMin: 60 }],
  leaves: [],
  ...more,
});
const of = (recipes: Loose[], kitchen: Loose = {}, wishes: Loose = {}): Occasion => {
  const one = occasion({
    guests: [guest('ana')],
    recipes,
    kit: [
      unit('board', 'board', 'plastic'),
      unit('old', 'board', 'wood'),
      unit('knife', 'knife'),
      ...['pot-1', 'pot-2'].map((name) => unit(name, 'large-pot')),
    ],
    cooks: [cook('cook'), cook('help')],
  });
  return { ...one, kitchen: { ...one.kitchen, ...kitchen }, wishes: { ...one.wishes, ...wishes } } as Occasion;
};
const one = (name: string, extra: Loose = {}, food = 'carrot') =>
  recipe(name, [line('it', food)], [step('do', { uses: ['it'], ...extra })]);
const said = (on: Occasion, plan: Plan): string[] =>
  auditResources(gather(on, plan)).map(({ code, tasks, guests, message }) => {
    expect(guests).toEqual([]);
    return `${code} [${tasks.join(' ')}] ${message}`;
  });
const saidOf = (on: Occasion, places: Record<string, Place>, besides: Loose[] = [], batches?: Loose[]) =>
  said(on, byHand(on, places, { besides, ...(batches && { batches }) }));
const codes = (list: readonly string[]) => list.map((each) => each.split(' ')[0]);

describe('kit', () => {
  const cut = of([one('a', { kit: [{ kind: 'board' }, { kind: 'knife' }] })]);
  const on = (...units: string[]) => saidOf(cut, { 'a.plain.do': [-60, -55, { units }] });
  test('is there, and of the kind that is needed', () => {
    expect(on('board', 'knife')).toEqual([]);
    expect(on('old', 'knife', 'pot-1')).toEqual([]);
    expect(on('knife', 'board')).toEqual([
      'kit [a.plain.do] “do” (a, 17:00) needs a board and has knife.',
      'kit [a.plain.do] “do” (a, 17:00) needs a knife and has board.',
    ]);
    expect(on('board')).toEqual(['kit [a.plain.do] “do” (a, 17:00) needs a knife and has none.']);
    expect(on('board', 'knife', 'moon')).toEqual([
      'unknown-name [a.plain.do] “do” (a, 17:00) uses “moon”, which is not in the kitchen.',
    ]);
  });

  const pot = { kind: 'large-pot', as: 'pot' };
  const stew = of([
    recipe(
      'stew',
      [line('it', 'carrot')],
      [step('a', { uses: ['it'], kit: [pot] }), step('b', { kit: [pot] }), step('c', { kit: [pot] })],
    ),
  ]);
  test('keeps the food that it holds', () => {
    const at = (...pots: string[]) =>
      saidOf(stew, {
        'stew.plain.a': [-60, -55, { units: [pots[0]] }],
        'stew.plain.b': [-50, -45, { units: [pots[1]] }],
        'stew.plain.c': [-40, -35, { units: [pots[2]] }],
      });
    expect(at('pot-1', 'pot-1', 'pot-1')).toEqual([]);
    expect(at('pot-1', 'pot-2', 'pot-1')).toEqual([
      'kit [stew.plain.a stew.plain.b] “b” (stew, 17:10) has its food on pot-2, but it was on pot-1.',
    ]);
    expect(at('pot-1', 'pot-2', 'pot-2')).toHaveLength(2);
  });

  describe('for an amount', () => {
    const vessel = (lengthCm: number) => ({ shape: 'rectangle', lengthCm, widthCm: 30, depthCm: 2 });
    const tray = (name: string, lengthCm: number) => unit(name, 'baking-tray', 'steel', { vessel: vessel(lengthCm) });
    const roots = of(
      [
        recipe(
          'roots',
          [line('it', 'carrot')],
          [
            step('roast', {
              hands: 'off',
              uses: ['it'],
              kit: [{ kind: 'baking-tray', as: 'tray' }],
              oven: { temperatureC: 200 },
            }),
          ],
          { pan: { vessel: vessel(40), singleLayer: true } },
        ),
      ],
      { kit: [tray('t1', 40), tray('t2', 40), tray('small', 12), unit('board', 'board', 'plastic')] },
    );
    const at = (portions: number, ...units: string[]) =>
      saidOf(
        roots,
        { 'roots.plain.roast': [-60, -20, { units }] },
        [],
        [{ id: 'roots.plain', dish: 'roots', versions: ['plain'], portions }],
      );
    test('is large enough, and as many as it takes', () => {
      expect(at(4, 't1')).toEqual([]);
      expect(at(4, 'small')).toEqual(['vessel [roots.plain.roast] “roast” (roots, 17:00) is too much for small.']);
      expect(at(8, 't1', 't2')).toEqual([]);
      expect(at(8, 't1', 'small')).toEqual([
        'vessel [roots.plain.roast] “roast” (roots, 17:00) is too much for small, even in 2 of them.',
      ]);
      expect(at(8, 't1', 'board')).toEqual([
        expect.stringMatching(/^kit .* needs a baking-tray and has board/),
        'vessel [roots.plain.roast] “roast” (roots, 17:00) needs 2 of its kind of baking-tray for its amount.',
      ]);
      expect(codes(at(4, 'board'))).toEqual(['kit']);
      expect(codes(at(8, 't1'))).toEqual(['kit', 'vessel']);
    });
  });
});

describe('cooks', () => {
  const two = of([one('a'), one('b')]);
  const at = (a: Place, b: Place, besides: Loose[] = [], on = two) =>
    saidOf(on, { 'a.plain.do': a, 'b.plain.do': b }, besides);
  const look = (startMin: number, who = 'cook') => ({
    look: id('turn'),
    startMin,
    endMin: startMin + 2,
    cook: who,
    what: 'turn it',
  });

  test('do one thing at a time, to the minute', () => {
    expect(at([-60, -55], [-55, -50])).toEqual([]);
    expect(at([-60, -55], [-56, -50])).toEqual([
      'cook-twice [a.plain.do b.plain.do] The cook would be busy with “do” (a, 17:00) and “do” (b, 17:04) at once.',
    ]);
    expect(at([-56, -50], [-60, -55])).toEqual([expect.stringMatching(/^cook-twice \[b\.plain\.do a\.plain\.do\]/)]);
    expect(at([-60, -55], [-60, -55, { cook: 'help' }])).toEqual([]);
  });
  test('also when they look at something, or wash up', () => {
    expect(at([-60, -55], [-90, -30, { cook: 'help', looks: [look(-56)] }])).toEqual([
      'cook-twice [a.plain.do b.plain.do] The cook would be busy with “do” (a, 17:00) and “turn it” at 17:04, for “do” (b, 16:30) at once.',
    ]);
    expect(at([-60, -55], [-90, -80], [washOf('w', -58, -53, ['knife'])])).toEqual([
      'cook-twice [a.plain.do w] The cook would be busy with “do” (a, 17:00) and a wash at 17:02 at once.',
    ]);
    expect(at([-60, -55], [-90, -80], [washOf('w', -55, -50, ['knife'])])).toEqual([]);
    // Two looks of one step at once are two things.
    expect(codes(at([-60, -55], [-90, -30, { cook: 'help', looks: [look(-40), look(-39)] }]))).toEqual(['cook-twice']);
  });
  test('also when they put something away or take it out', () => {
    const rest = {
      kind: 'step',
      id: 'rest',
      batch: 'a.plain',
      step: 'rest',
      startMin: -55,
      endMin: -29,
      units: [],
      oven: 0,
      racks: [],
      bentC: 0,
      rest: { after: 'a.plain.do', before: ['table'] },
      looks: [look(-55), { ...look(-31) }],
    };
    expect(codes(at([-60, -55], [-50, -45], [rest]))).toEqual([]);
    expect(at([-60, -55], [-30, -25], [rest])).toEqual([
      'cook-twice [rest b.plain.do] The cook would be busy with “turn it” at 17:29, after “do” (a, 17:00) and “do” (b, 17:30) at once.',
    ]);
  });
  test('are there, and somebody is', () => {
    const b: Place = [-100, -90];
    expect(at([-300, -295], b)).toEqual([]);
    expect(at([-301, -295], b)).toEqual(['cook-away [a.plain.do] The cook is not in the kitchen for “do” (a, 12:59).']);
    expect(at([55, 60], b)).toEqual([]);
    expect(codes(at([56, 61], b))).toEqual(['cook-away']);
    expect(at([-60, -55, { cook: undefined }], b)).toEqual(['cook-missing [a.plain.do] Nobody does “do” (a, 17:00).']);
    expect(at([-60, -55, { cook: 'moon' }], b)).toEqual([
      'unknown-name [a.plain.do] “do” (a, 17:00) is for “moon”, who is no cook here.',
    ]);
    const byItself = of([one('a', { hands: 'off' }), one('b')]);
    expect(at([-60, -55], b, [], byItself)).toEqual([]);
  });
  test('come for one time or another, and a step falls within one of them', () => {
    const twice = of([one('a'), one('b')], {
      cooks: [
        cook('cook', {
          windows: [
            { fromMin: -300, toMin: -100 },
            { fromMin: -90, toMin: 0 },
          ],
        }),
      ],
    });
    const b: Place = [-300, -290];
    expect(at([-105, -100], b, [], twice)).toEqual([]);
    expect(at([-90, -85], b, [], twice)).toEqual([]);
    expect(codes(at([-105, -86], b, [], twice))).toEqual(['cook-away']);
    expect(codes(at([-98, -92], b, [], twice))).toEqual(['cook-away']);
  });
  test('are away when they have said so', () => {
    const away = of([one('a'), one('b')], {}, { absences: [{ cook: 'cook', fromMin: -80, toMin: -60 }] });
    const b: Place = [-300, -290];
    expect(at([-60, -55], b, [], away)).toEqual([]);
    expect(codes(at([-61, -55], b, [], away))).toEqual(['cook-away']);
    expect(at([-85, -80], b, [], away)).toEqual([]);
    expect(codes(at([-85, -79], b, [], away))).toEqual(['cook-away']);
    expect(at([-70, -65, { cook: 'help' }], b, [], away)).toEqual([]);
  });
});

describe('what a cook leaves to others', () => {
  const leaving = (leaves: string[], recipes: Loose[]) =>
    of(recipes, { cooks: [cook('cook', { leaves }), cook('help')] });
  const alone = (leaves: string[], extra: Loose, food = 'carrot', said: Loose = {}) =>
    saidOf(leaving(leaves, [one('a', extra, food)]), { 'a.plain.do': [-60, -55, said] }).filter((each) =>
      each.startsWith('chore'),
    );
  const knife = { kit: [{ kind: 'knife' }] };

  test.each([
    ['knives', knife, {}, 'carrot', 'knives'],
    ['heat', { burner: true }, {}, 'carrot', 'the oven and the hob'],
    ['heat', { oven: { temperatureC: 180 } }, {}, 'carrot', 'the oven and the hob'],
    ['raw', {}, {}, 'chicken', 'raw meat and fish'],
    ['raw', { coreC: 74 }, {}, 'chicken', 'raw meat and fish'],
  ])('%s: %j', (chore, extra, more, food, words) => {
    expect(alone([chore], { ...extra, ...more }, food)).toEqual([
      `chore [a.plain.do] The cook leaves ${words} to others, and would do “do” (a, 17:00).`,
    ]);
    expect(alone([], extra, food)).toEqual([]);
    expect(alone([chore], extra, food, { cook: 'help' })).toEqual([]);
    expect(alone([chore], {}, 'carrot')).toEqual([]);
  });
  test('is neither done nor looked at by them, and said once of a step', () => {
    const looks = [-58, -56].map((startMin) => ({
      look: id(`l${startMin}`),
      startMin,
      endMin: startMin + 1,
      cook: 'cook',
      what: 'look',
    }));
    const said = alone(['heat'], { hands: 'off', burner: true }, 'carrot', { looks });
    expect(said).toHaveLength(1);
  });
  test('raw is no longer raw when it has been cooked through, and egg is not flesh', () => {
    const cooked = (coreC: number) =>
      leaving(
        ['raw'],
        [recipe('a', [line('it', 'chicken')], [step('boil', { uses: ['it'], hands: 'off', coreC }), step('pull')])],
      );
    const places: Record<string, Place> = { 'a.plain.boil': [-60, -55], 'a.plain.pull': [-50, -45] };
    expect(codes(saidOf(cooked(74), places))).toEqual([]);
    expect(codes(saidOf(cooked(60), places))).toEqual(['chore']);
    const pink = (burner: boolean) =>
      leaving(
        ['raw'],
        [
          recipe(
            'a',
            [line('it', 'beef')],
            [step('boil', { uses: ['it'], hands: 'off', burner, meantRaw: ['raw-cut'] }), step('pull')],
          ),
        ],
      );
    expect(codes(saidOf(pink(true), places))).toEqual([]);
    expect(codes(saidOf(pink(false), places))).toEqual(['chore']);
    expect(alone(['raw'], {}, 'egg')).toEqual([]);
    expect(
      alone(['raw'], { hands: 'off', coreC: 74 }, 'chicken', {
        looks: [{ look: id('l'), startMin: -58, endMin: -57, cook: 'cook', what: 'look' }],
      }),
    ).toEqual([]);
  });
  test('washing up, but not the washing of their own hands', () => {
    const on = leaving(['washing-up'], [one('a')]);
    const wash = (units: string[], who = 'cook') =>
      saidOf(on, { 'a.plain.do': [-60, -55] }, [washOf('w', -50, -45, units, { cook: who })]);
    expect(wash(['knife'])).toEqual(['chore [w] The cook leaves washing up to others, and would do it at 17:10.']);
    expect(wash([])).toEqual([]);
    expect(wash(['knife'], 'help')).toEqual([]);
  });
});

describe('places', () => {
  const boiling = (name: string) => one(name, { hands: 'off', burner: true });
  const burners = (count: number, a: Place, b: Place) =>
    saidOf(of([boiling('a'), boiling('b')], { burners: count }), { 'a.plain.do': a, 'b.plain.do': b });
  test('no more pots are on the heat than there are burners', () => {
    expect(burners(1, [-60, -55], [-55, -50])).toEqual([]);
    expect(burners(1, [-60, -55], [-56, -50])).toEqual([
      'burners [a.plain.do b.plain.do] At 17:04, 2 pots are on 1 burners.',
    ]);
    expect(burners(1, [-55, -50], [-60, -54])).toHaveLength(1);
    expect(burners(2, [-60, -55], [-60, -55])).toEqual([]);
    expect(burners(0, [-60, -55], [-50, -45])).toEqual(['burners [a.plain.do] At 17:00, 1 pots are on 0 burners.']);
  });
  test('a dish in two pots takes two', () => {
    const pot = (name: string) => unit(name, 'large-pot', 'steel', { vessel: { shape: 'pot', volumeL: 3 } });
    const stew = recipe(
      'stew',
      [line('it', 'carrot')],
      [step('boil', { hands: 'off', burner: true, uses: ['it'], kit: [{ kind: 'large-pot', as: 'pot' }] })],
      { pan: { vessel: { shape: 'pot', volumeL: 3 } } },
    );
    const on = (count: number) =>
      codes(
        saidOf(
          of([stew], { burners: count, kit: [pot('p1'), pot('p2')] }),
          { 'stew.plain.boil': [-60, -20, { units: ['p1', 'p2'] }] },
          [],
          [{ id: 'stew.plain', dish: 'stew', versions: ['plain'], portions: 8 }],
        ),
      );
    expect(on(2)).toEqual([]);
    expect(on(1)).toEqual(['burners']);
  });

  describe.each([
    ['fridge', 'fridgePlaces'],
    ['freezer', 'freezerPlaces'],
  ])('the %s', (where, places) => {
    const chilling = (name: string, kit: Loose[] = []) => one(name, { hands: 'off', cold: where, kit });
    const at = (room: number | undefined, a: Place, b: Place, kit: Loose[] = []) =>
      saidOf(of([chilling('a', kit), chilling('b')], { [places]: room }), { 'a.plain.do': a, 'b.plain.do': b }).filter(
        (each) => each.startsWith('cold-room'),
      );
    test('holds no more than it has room for, if somebody has said how much that is', () => {
      expect(at(1, [-60, -55], [-55, -50])).toEqual([]);
      expect(at(1, [-60, -55], [-56, -50])).toEqual([
        `cold-room [a.plain.do b.plain.do] At 17:04, 2 dishes stand in the ${where}, which has room for 1.`,
      ]);
      expect(at(1, [-55, -50], [-60, -54])).toHaveLength(1);
      expect(at(2, [-60, -55], [-60, -55])).toEqual([]);
      expect(at(undefined, [-60, -55], [-60, -55])).toEqual([]);
    });
    test('counts the pieces that a dish stands in', () => {
      const pots = [
        { kind: 'large-pot', as: 'one' },
        { kind: 'large-pot', as: 'two' },
      ];
      expect(at(2, [-60, -55], [-56, -50], pots)).toHaveLength(1);
      expect(at(3, [-60, -55], [-56, -50], pots)).toEqual([]);
      expect(at(1, [-60, -55], [-50, -45], [{ kind: 'board' }, { kind: 'knife' }])).toEqual([]);
    });
  });
  test('what is put into the fridge in between has its place there, and none in the freezer', () => {
    const rest = (name: string) => ({
      kind: 'step',
      id: `rest-${name}`,
      batch: `${name}.plain`,
      step: 'rest',
      startMin: -55,
      endMin: -30,
      units: [],
      oven: 0,
      racks: [],
      bentC: 0,
      rest: { after: `${name}.plain.do`, before: ['table'] },
      looks: [-55, -31].map((startMin) => ({ look: id('l'), startMin, endMin: startMin + 1, cook: 'cook', what: 'l' })),
    });
    const on = (room: Loose) =>
      codes(
        saidOf(of([one('a'), one('b')], room), { 'a.plain.do': [-60, -55], 'b.plain.do': [-60, -55] }, [
          rest('a'),
          rest('b'),
        ]),
      ).filter((code) => code === 'cold-room');
    expect(on({ fridgePlaces: 1 })).toEqual(['cold-room']);
    expect(on({ fridgePlaces: 2 })).toEqual([]);
    expect(on({ freezerPlaces: 1 })).toEqual([]);
  });
});

describe('washes', () => {
  const on = (kitchen: Loose, ...washes: Loose[]) =>
    saidOf(of([one('a')], kitchen), { 'a.plain.do': [-290, -285] }, washes);
  test('have the time that each piece takes, and a minute for hands', () => {
    expect(on({}, washOf('w', -60, -55, ['board', 'knife']))).toEqual([]);
    expect(on({}, washOf('w', -60, -56, ['board', 'knife']))).toEqual([
      'wash-too-short [w] The wash at 17:00 has 4 min; hands, board, knife take 5.',
    ]);
    expect(on({}, washOf('w', -60, -59, []))).toEqual([]);
    expect(codes(on({}, washOf('w', -60, -60, [])))).toEqual(['wash-too-short']);
  });
  test('are of kit that is there and comes clean', () => {
    expect(on({}, washOf('w', -60, -50, ['moon']))).toEqual([
      'unknown-name [w] The wash at 17:00 names “moon”, which is not in the kitchen.',
    ]);
    expect(on({}, washOf('w', -60, -50, ['old']))).toEqual([
      'wash-in-vain [w] old is washed at 17:00, but wood never comes clean of a trace.',
    ]);
  });
  test('are at the sink one after the other', () => {
    const both = (min: number) =>
      on({}, washOf('v', -60, -55, ['board']), washOf('w', min, min + 5, ['knife'], { cook: 'help' }));
    expect(both(-55)).toEqual([]);
    expect(both(-65)).toEqual([]);
    expect(both(-56)).toEqual(['sink [v w] Two washes are at the sink at 17:04.']);
    expect(both(-64)).toEqual(['sink [w v] Two washes are at the sink at 17:00.']);
  });

  describe('by machine', () => {
    const machine = { dishwasher: { cycleMin: 60, places: 2 } };
    const load = (units: string[], more: Loose = {}) =>
      washOf('w', -200, -197, units, { machineUntilMin: -137, ...more });
    test('take the minutes of loading, and the whole programme', () => {
      expect(on(machine, load(['board', 'pot-1']))).toEqual([]);
      expect(codes(on(machine, load(['board'], { endMin: -198, machineUntilMin: -138 })))).toEqual(['wash-too-short']);
      expect(on(machine, load(['board'], { machineUntilMin: -138 }))).toEqual([
        'dishwasher [w] The dishwasher loaded at 14:40 runs 59 min; its programme takes 60.',
      ]);
    });
    test('no more than it has room for, and nothing that is spoilt in it', () => {
      expect(on(machine, load(['board', 'pot-1', 'pot-2']))).toEqual([
        'dishwasher [w] 3 pieces are loaded at 14:40 and 2 have room.',
      ]);
      expect(on(machine, load(['knife']))).toEqual([
        'dishwasher [w] knife does not go into the dishwasher, and is loaded at 14:40.',
      ]);
      expect(on({}, load(['board']))).toEqual([
        'dishwasher [w] The wash at 14:40 is for a dishwasher, and this kitchen has none.',
      ]);
    });
    test('one load after the other', () => {
      const next = (min: number) =>
        on(machine, load(['board']), washOf('x', min - 3, min, ['pot-1'], { machineUntilMin: min + 60, cook: 'help' }));
      expect(next(-134)).toEqual([]);
      expect(next(-135)).toEqual(['dishwasher [w x] The dishwasher still runs when it is loaded again at 15:42.']);
    });
  });
});
