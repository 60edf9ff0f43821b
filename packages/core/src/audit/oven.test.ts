import { byHand, heatOf, type Place } from '../../test-support/byHand.ts';
import { id } from '../../test-support/id.ts';
import { guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { gather } from './facts.ts';
import { auditOven } from './oven.ts';
import { replayResidues } from './residues.ts';

type Loose = Record<string, unknown>;

const baked = (name: string, oven: Loose, extra: Loose = {}, food = 'carrot'): Loose =>
  recipe(
    name,
    [line('it', food)],
    [
      step('bake', {
        hands: 'off',
        uses: ['it'],
        durationMin: { least: 1, likely: 30, most: 60 },
        oven: { temperatureC: 200, ...oven },
        ...extra,
      }),
    ],
  );
const kitchenOf = (recipes: Loose[], kitchen: Loose = {}, guests = [guest('ana')]): Occasion => {
  const one = occasion({ guests, recipes });
  return { ...one, kitchen: { ...one.kitchen, ...kitchen } } as Occasion;
};

/** What is said of the ovens of a plan: code, tasks and words. */
const said = (one: Occasion, plan: Plan): string[] => {
  const facts = gather(one, plan);
  return auditOven(facts, replayResidues(facts)).map(
    ({ code, tasks, guests, message }) => `${code} [${[...tasks, ...guests].join(' ')}] ${message}`,
  );
};
const saidOf = (one: Occasion, places: Record<string, Place>, besides: Loose[]): string[] =>
  said(one, byHand(one, places, { besides }));

/** An oven that is hot at 200 °C from -100 to 0, having had an hour for it. */
const hot = heatOf('oven-1', -160, -100, 0, 200);

describe('one load', () => {
  const pie = (oven: Loose = {}, extra: Loose = {}, kitchen: Loose = {}) =>
    kitchenOf([baked('pie', oven, extra)], kitchen);
  const from = (startMin: number, endMin: number, more: Loose = {}): Record<string, Place> => ({
    'pie.plain.bake': [startMin, endMin, { racks: [0], ...more }],
  });

  test('goes in when the oven is hot, and is out before it is off, to the minute', () => {
    expect(saidOf(pie(), from(-100, 0), [hot])).toEqual([]);
    const cold = /^oven-temperature \[pie\.plain\.bake\] “bake” .* needs the oven, which is not on, or not yet hot\.$/;
    expect(saidOf(pie(), from(-101, -50), [hot])).toEqual([expect.stringMatching(cold)]);
    expect(saidOf(pie(), from(-50, 1), [hot])).toEqual([expect.stringMatching(cold)]);
  });
  test('has the heat it wants, within what its recipe allows', () => {
    const at = (temperatureC: number) => saidOf(pie({ toleranceC: 5 }), from(-60, -30), [{ ...hot, temperatureC }]);
    expect(at(205)).toEqual([]);
    expect(at(195)).toEqual([]);
    expect(at(206)).toEqual([
      'oven-temperature [pie.plain.bake] “bake” (pie, 17:00) wants 200 °C; the oven is at 206 °C.',
    ]);
    expect(at(194)).toEqual([expect.stringMatching(/wants 200 °C; the oven is at 194 °C/)]);
  });
  test('is not promised a heat that the oven has not', () => {
    const ovenOf = (leastC: number, mostC: number) =>
      saidOf(pie({}, {}, { oven: { ...pie().kitchen.oven, leastC, mostC } }), from(-60, -30), [hot]);
    expect(ovenOf(200, 200)).toEqual([]);
    expect(ovenOf(50, 199)).toEqual([expect.stringMatching(/^oven-temperature /)]);
    expect(ovenOf(201, 250)).toEqual([expect.stringMatching(/^oven-temperature /)]);
  });
  test('by the heat of its own oven, and one that is there', () => {
    const two = pie({}, {}, { moreOvens: [{ ...pie().kitchen.oven, name: 'the small one' }] });
    const small = { ...hot, id: 'oven-2', oven: 1 };
    expect(saidOf(two, from(-60, -30, { oven: 1 }), [hot])).toEqual([
      expect.stringMatching(/needs the oven, which is not on/),
    ]);
    expect(saidOf(two, from(-60, -30, { oven: 1 }), [small])).toEqual([]);
    expect(saidOf(two, from(-60, -30, { oven: 2 }), [hot])).toEqual([
      'unknown-name [pie.plain.bake] “bake” (pie, 17:00) is for an oven that the kitchen has not.',
    ]);
    const none = pie({}, {}, { oven: { ...pie().kitchen.oven, racks: 0 } });
    expect(saidOf(none, from(-60, -30), [hot])).toEqual([expect.stringMatching(/^unknown-name /)]);
  });
  test('has a grill where it wants one', () => {
    const grilled = (grill: boolean) =>
      saidOf(pie({ grill: true }, {}, { oven: { ...pie().kitchen.oven, grill, name: 'Oven' } }), from(-60, -30), [hot]);
    expect(grilled(true)).toEqual([]);
    expect(grilled(false)).toEqual([
      'oven-temperature [pie.plain.bake] “bake” (pie, 17:00) wants a grill; Oven has none.',
    ]);
  });
  test('has all its racks, each there and each once', () => {
    const on = (racks: number[], wanted = 1) => saidOf(pie({ racks: wanted }), from(-60, -30, { racks }), [hot]);
    expect(on([1])).toEqual([]);
    expect(on([0, 1], 2)).toEqual([]);
    expect(on([])).toEqual(['oven-room [pie.plain.bake] “bake” (pie, 17:00) has no rack in the oven.']);
    expect(on([2])).toEqual([expect.stringMatching(/^oven-room .* has no rack/)]);
    for (const racks of [[0], [0, 0], [1, 2]])
      expect(on(racks, 2)).toEqual([expect.stringMatching(/^oven-room .* has not the 2 racks it takes\.$/)]);
  });
  test('is bent only if it is a bake', () => {
    const stirred = kitchenOf([recipe('soup', [line('it', 'carrot')], [step('stir', { uses: ['it'] })])]);
    expect(saidOf(stirred, { 'soup.plain.stir': [-60, -50, { bentC: 10 }] }, [])).toEqual([
      'way [soup.plain.stir] “stir” (soup, 17:00) is not baked, and cannot be baked hotter or cooler.',
    ]);
    expect(saidOf(stirred, { 'soup.plain.stir': [-60, -50] }, [])).toEqual([]);
  });
});

describe('a bake at another heat than written', () => {
  const bent = (oven: Loose, bentC: number, ovenC: number, extra: Loose = {}) => {
    const one = kitchenOf([baked('pie', oven, extra)]);
    const grill = { ...one, kitchen: { ...one.kitchen, oven: { ...one.kitchen.oven, grill: true } } };
    return saidOf(grill, { 'pie.plain.bake': [-60, -30, { racks: [0], bentC }] }, [{ ...hot, temperatureC: ovenC }]);
  };
  test('is said in which direction', () => {
    expect(bent({ temperatureC: 180 }, 21, 201)).toEqual([
      'way [pie.plain.bake] “bake” (pie, 17:00) is baked 21 °C hotter than written: more than the 20 °C for which a time can be guessed.',
    ]);
    expect(bent({ temperatureC: 221 }, -21, 200)).toEqual([
      expect.stringMatching(/is baked 21 °C cooler than written/),
    ]);
  });
  test('is judged by its bend where no oven is on', () => {
    const one = kitchenOf([baked('pie', {})]);
    const cold = (bentC: number) => saidOf(one, { 'pie.plain.bake': [-60, -30, { racks: [0], bentC }] }, []);
    expect(cold(20)).toEqual([expect.stringMatching(/^oven-temperature /)]);
    expect(cold(21)).toEqual([
      expect.stringMatching(/^oven-temperature /),
      expect.stringMatching(/^way .*more than the 20/),
    ]);
  });
  test.each([
    ['not at all', 0, 200, { grill: true }, {}, undefined],
    ['under the grill', 5, 205, { grill: true }, {}, /no slack/],
    ['strict', 5, 205, { toleranceC: 9 }, {}, /strict about the heat/],
    ['just not strict', 5, 205, { toleranceC: 10 }, {}, undefined],
    ['meat, as cool as meat may roast', -10, 173, { temperatureC: 183 }, { coreC: 74 }, undefined],
    ['meat, a degree cooler', -10, 172, { temperatureC: 182 }, { coreC: 74 }, /does not go under 163 °C/],
    [
      'meat in a recipe so lenient that only the 20 °C hold it',
      -10,
      173,
      { temperatureC: 183, toleranceC: 40 },
      { coreC: 74 },
      undefined,
    ],
    ['no meat', -10, 140, { temperatureC: 150 }, {}, undefined],
  ] as const)('%s', (_, bentC, ovenC, oven, extra, words) => {
    expect(bent(oven, bentC, ovenC, extra)).toEqual(words ? [expect.stringMatching(words)] : []);
  });
});

describe('an oven on its way to a heat', () => {
  const nothing = kitchenOf([baked('pie', {})]);
  const onlyHeats = (one: Occasion, ...heats: Loose[]) => saidOf(one, {}, heats);
  // From 20 to 185 °C it takes fifteen minutes at eleven a minute.
  test('starts from the room, at its own pace', () => {
    expect(onlyHeats(nothing, heatOf('o', -115, -100, 0, 185))).toEqual([]);
    expect(onlyHeats(nothing, heatOf('o', -114, -100, 0, 196))).toEqual([
      'oven-temperature [o] At 16:06 the oven has 14 min to get from 20 to 196 °C; it takes 16.',
    ]);
    const slow = { ...nothing, kitchen: { ...nothing.kitchen, oven: { ...nothing.kitchen.oven, heatsCPerMin: 5 } } };
    expect(onlyHeats(slow, heatOf('o', -132, -100, 0, 185))).toEqual([expect.stringMatching(/it takes 33/)]);
    expect(onlyHeats(slow, heatOf('o', -133, -100, 0, 185))).toEqual([]);
  });
  test('a part of a minute too little is forgiven, a whole one is not', () => {
    expect(onlyHeats(nothing, heatOf('o', -114, -100, 0, 180))).toEqual([]);
    expect(onlyHeats(nothing, heatOf('o', -114, -100, 0, 185))).toEqual([expect.stringMatching(/it takes 15/)]);
  });
  test('each oven has its own past', () => {
    const two = { ...nothing, kitchen: { ...nothing.kitchen, moreOvens: [nothing.kitchen.oven] } };
    const [first, second] = [heatOf('a', -160, -100, -50, 200), heatOf('b', -50, -46, 0, 200, 1)];
    expect(onlyHeats(two, first, second)).toEqual([expect.stringMatching(/^oven-temperature \[b\] .* from 20 to 200/)]);
    expect(onlyHeats(two, first, { ...second, oven: 0 })).toEqual([]);
  });
  test('cools at its own pace where it is opened', () => {
    // From 200 to 150 °C: ten minutes at five a minute, twenty-five at two.
    const next = (has: number, one = nothing) =>
      onlyHeats(one, heatOf('a', -160, -100, -50, 200), heatOf('b', -50, has - 50, 0, 150));
    expect(next(10)).toEqual([]);
    expect(next(9)).toEqual([expect.stringMatching(/has 9 min to get from 200 to 150 °C; it takes 10/)]);
    const slow = { ...nothing, kitchen: { ...nothing.kitchen, oven: { ...nothing.kitchen.oven, coolsCPerMin: 2 } } };
    expect(next(25, slow)).toEqual([]);
    expect(next(24, slow)).toEqual([expect.stringMatching(/it takes 25/)]);
  });
  test('off with the door shut it may hardly have cooled: the next heat has time for either', () => {
    // Ten minutes off: at 150 °C if it stood ajar, at 185 if it was shut.
    const after = (has: number, temperatureC: number) =>
      onlyHeats(nothing, heatOf('a', -160, -100, -50, 200), heatOf('b', -40, has - 40, 0, temperatureC));
    expect(after(5, 160)).toEqual([]);
    expect(after(4, 160)).toEqual([expect.stringMatching(/has 4 min to get from 150 to 160 °C; it takes 5/)]);
    expect(after(4, 183)).toEqual([]);
    expect(after(2, 183)).toEqual([expect.stringMatching(/from 150 to 183 °C; it takes 3/)]);
    expect(after(9, 140)).toEqual([]);
    expect(after(8, 140)).toEqual([expect.stringMatching(/has 8 min to get from 185 to 140 °C; it takes 9/)]);
  });
  test('off for long it is as warm as the room, and no cooler', () => {
    const late = (has: number) =>
      onlyHeats(nothing, heatOf('a', -800, -700, -650, 200), heatOf('b', -100 - has, -100, 0, 185));
    expect(late(15)).toEqual([]);
    expect(late(14)).toEqual([expect.stringMatching(/from 20 to 185 °C; it takes 15/)]);
  });
  test('is at one heat at a time, whichever is named first', () => {
    const [a, b] = [heatOf('a', -160, -100, -50, 200), heatOf('b', -51, -20, 0, 200)];
    const words = 'oven-temperature [a b] At 17:09 the oven would be at 200 and 200 °C at once.';
    expect(onlyHeats(nothing, a, b)).toEqual([words]);
    expect(onlyHeats(nothing, b, a)).toEqual([words]);
    expect(onlyHeats(nothing, a, { ...b, startMin: -50 })).toEqual([]);
  });
});

describe('two loads', () => {
  const both = (
    one: Loose = {},
    two: Loose = {},
    foods: [string, string] = ['carrot', 'carrot'],
    guests = [guest('ana')],
  ) => kitchenOf([baked('loaf', one, {}, foods[0]), baked('roots', two, {}, foods[1])], {}, guests);
  const at = (one: Occasion, loaf: Place, roots: Place) => {
    const grill = { ...one.kitchen.oven, grill: true };
    return saidOf(
      { ...one, kitchen: { ...one.kitchen, oven: grill, moreOvens: [grill] } },
      { 'loaf.plain.bake': loaf, 'roots.plain.bake': roots },
      [hot, { ...hot, id: 'oven-2', oven: 1 }],
    );
  };
  const on = (...racks: number[]) => ({ racks });

  test('are on racks of their own while they are in together', () => {
    const clash =
      'oven-room [loaf.plain.bake roots.plain.bake] “bake” (loaf, 17:00) and “bake” (roots, 17:10) are on one rack.';
    expect(at(both(), [-60, -30, on(0)], [-50, -20, on(0)])).toEqual([clash]);
    expect(at(both(), [-60, -30, on(0)], [-50, -20, on(1)])).toEqual([]);
    expect(at(both(), [-60, -30, on(0)], [-30, -20, on(0)])).toEqual([]);
    expect(at(both(), [-30, -20, on(0)], [-60, -30, on(0)])).toEqual([]);
    expect(at(both(), [-60, -30, on(0)], [-31, -20, on(0)])).toHaveLength(1);
    expect(at(both(), [-31, -20, on(0)], [-60, -30, on(0)])).toHaveLength(1);
    expect(at(both(), [-60, -30, on(0)], [-50, -20, { oven: 1, racks: [0] }])).toEqual([]);
    expect(at(both({ racks: 2 }), [-60, -30, on(0, 1)], [-50, -20, on(1)])).toHaveLength(1);
  });
  test('do not share the grill, whichever wants it', () => {
    const words = /^oven-room .* share the oven while the grill is on\.$/;
    expect(at(both({ grill: true }), [-60, -30, on(0)], [-50, -20, on(1)])).toEqual([expect.stringMatching(words)]);
    expect(at(both({}, { grill: true }), [-60, -30, on(0)], [-50, -20, on(1)])).toEqual([expect.stringMatching(words)]);
    expect(at(both({ grill: true }), [-60, -30, on(0)], [-30, -20, on(1)])).toEqual([]);
  });
  test('the upper one drips on the lower, unless it is covered, is of one batch with it, or holds nothing that matters', () => {
    const guests = [guest('ana'), guest('oriel', noTrace('gluten'))];
    const crumbs = (one: Loose = {}) => both(one, {}, ['breadcrumbs', 'carrot'], guests);
    const [low, high]: [Place, Place] = [
      [-60, -30, on(1)],
      [-60, -30, on(0)],
    ];
    expect(at(crumbs(), high, low)).toEqual([
      expect.stringMatching(
        /^oven-drip \[loaf\.plain\.bake roots\.plain\.bake oriel\] “bake” \(loaf, 17:00\) stands uncovered above “bake” \(roots, 17:00\): wheat.* could drip on oriel's plate\.$/,
      ),
    ]);
    expect(at(crumbs(), low, high)).toEqual([]);
    expect(at(crumbs({ covered: true }), high, low)).toEqual([]);
    expect(at(both({}, {}, ['carrot', 'carrot'], guests), high, low)).toEqual([]);
    expect(at(both({}, {}, ['breadcrumbs', 'carrot']), high, low)).toEqual([]);
    // The rack that counts is the highest of each.
    expect(at(crumbs({ racks: 2 }), [-60, -30, on(0, 2)], [-60, -30, on(1)])).toContainEqual(
      expect.stringMatching(/^oven-drip/),
    );
  });

  test('of one dish drip on each other as they like', () => {
    const dinner = recipe(
      'dinner',
      [line('it', 'breadcrumbs'), line('more', 'carrot')],
      [
        ...['crumbs', 'roots'].map((name, at) =>
          step(name, { after: [], hands: 'off', uses: [at === 0 ? 'it' : 'more'], oven: { temperatureC: 200 } }),
        ),
        step('plate', { after: [{ step: 'crumbs' }, { step: 'roots' }] }),
      ],
    );
    const one = kitchenOf([dinner], {}, [guest('oriel', noTrace('gluten'))]);
    expect(
      saidOf(one, { 'dinner.plain.crumbs': [-60, -30, on(0)], 'dinner.plain.roots': [-60, -30, on(1)] }, [hot]),
    ).toEqual([]);
  });

  describe('of which one must not be opened on', () => {
    const opened = (loaf: Place, roots: Place, shutMin = 10) => at(both({ shutMin }), loaf, roots);
    const look = (startMin: number) => ({
      look: id('look'),
      startMin,
      endMin: startMin + 1,
      cook: id('cook'),
      what: 'look',
    });
    const loaf: Place = [-60, -20, on(0)];
    test('for another to go in', () => {
      const within = (min: number) => opened(loaf, [min, -5, on(1)]);
      expect(within(-60)).toEqual([]);
      expect(within(-59)).toEqual([
        'oven-door [loaf.plain.bake roots.plain.bake] “bake” (loaf, 17:00) needs the oven shut until 17:10; at 17:01 it is opened for “bake” (roots, 17:01).',
      ]);
      expect(within(-51)).toHaveLength(1);
      expect(within(-50)).toEqual([]);
    });
    test('for another to come out', () => {
      expect(opened(loaf, [-90, -60, on(1)])).toEqual([]);
      expect(opened(loaf, [-90, -59, on(1)])).toHaveLength(1);
      expect(opened(loaf, [-90, -50, on(1)])).toEqual([]);
    });
    test('to look at another', () => {
      expect(opened(loaf, [-90, -10, { ...on(1), looks: [look(-55)] }])).toHaveLength(1);
      expect(opened(loaf, [-90, -10, { ...on(1), looks: [look(-60), look(-50)] }])).toEqual([]);
    });
    test('no longer than it is in itself', () => {
      expect(opened([-60, -55, on(0)], [-57, -5, on(1)])).toHaveLength(1);
      expect(opened([-60, -55, on(0)], [-55, -5, on(1)])).toEqual([]);
    });
    test('whichever of the two is named first', () => {
      expect(at(both({}, { shutMin: 10 }), [-55, -20, on(0)], [-60, -20, on(1)])).toHaveLength(1);
    });
  });
});
