import { byHand, washOf, type Place } from '../../test-support/byHand.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { auditContents } from './contents.ts';
import { gather } from './facts.ts';

type Loose = Record<string, unknown>;

const kit = [
  ...['pot-1', 'pot-2', 'pot-3'].map((name) => unit(name, 'large-pot')),
  ...['pan-1', 'pan-2'].map((name) => unit(name, 'frying-pan')),
  ...['bowl-1', 'bowl-2', 'bowl-3'].map((name) => unit(name, 'bowl')),
  ...['plate-1', 'plate-2'].map((name) => unit(name, 'serving-dish', 'ceramic')),
  ...['tray-1', 'tray-2', 'tray-3'].map((name) => unit(name, 'baking-tray')),
  ...['tin-1', 'tin-2'].map((name) => unit(name, 'cake-tin')),
  unit('mill', 'blender'),
  unit('board', 'board', 'plastic'),
  unit('knife', 'knife'),
];
const dry = (name: string, steps: Loose[], extra: Loose = {}) => recipe(name, [line('salt', 'salt')], steps, extra);
const of = (recipes: Loose[], more: Loose = {}): Occasion =>
  occasion({ guests: [guest('ana')], recipes, kit, ...more } as Parameters<typeof occasion>[0]);
const use = (kind: string, as?: string) => (as === undefined ? { kind } : { kind, as });
const own = (...kinds: string[]) => kinds.map((kind) => use(kind));

/** What is said of contents: code, tasks, words. */
const said = (one: Occasion, plan: Plan): string[] =>
  auditContents(gather(one, plan)).map(({ code, tasks, guests, message }) => {
    expect(guests).toEqual([]);
    return `${code} [${tasks.join(' ')}] ${message}`;
  });
/** For each step its minutes and pieces. */
const saidOf = (
  one: Occasion,
  places: Record<string, readonly [number, number, ...string[]]>,
  more: { besides?: Loose[]; batches?: Loose[] } = {},
): string[] =>
  said(
    one,
    byHand(
      one,
      Object.fromEntries(
        Object.entries(places).map(([name, [from, to, ...units]]): [string, Place] => [name, [from, to, { units }]]),
      ),
      more,
    ),
  );
const shortly = (list: readonly string[]) => list.map((each) => each.replace(/\].*/, ']'));

const soup = dry('soup', [
  step('boil', { kit: own('large-pot'), burner: true }),
  step('blend', { kit: own('serving-dish') }),
]);
const sauce = dry('sauce', [
  step('simmer', { kit: own('large-pot'), burner: true }),
  step('pour', { kit: own('serving-dish') }),
]);

describe('a pot in which food waits', () => {
  const both = of([soup, sauce]);
  const at = (simmerMin: number, blendUnits: string[] = ['plate-1', 'pot-1']) =>
    saidOf(both, {
      'soup.plain.boil': [-100, -95, 'pot-1'],
      'soup.plain.blend': [-50, -45, ...blendUnits],
      'sauce.plain.simmer': [simmerMin, simmerMin + 5, 'pot-1'],
      'sauce.plain.pour': [-20, -15, 'plate-2', 'pot-1'],
    });
  test('is not there for another dish, and it is said what is in it', () => {
    expect(at(-80)).toEqual([
      'contents [soup.plain.boil sauce.plain.simmer] pot-1 still holds the food of “boil” (soup, 16:20) when it is wanted by “simmer” (sauce, 16:40).',
      'contents [sauce.plain.simmer soup.plain.blend] pot-1 still holds the food of “simmer” (sauce, 16:40) when it is wanted by “blend” (soup, 17:10).',
    ]);
  });
  test('until whoever takes from it is done, to the minute', () => {
    expect(at(-46)).not.toEqual([]);
    expect(at(-45)).toEqual([]);
    expect(at(-105)).not.toEqual([]);
  });
  test('nor for the same one where the plan does not say that it is taken from', () => {
    expect(shortly(at(-54, ['plate-1']))).toContain('contents [soup.plain.boil sauce.plain.simmer]');
    expect(at(-50, ['plate-1'])).toEqual([]);
    expect(at(-51, ['plate-1'])).not.toEqual([]);
  });
  test('at one moment two steps cannot work with it', () => {
    expect(shortly(at(-97))).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^(kit-twice|contents) \[soup\.plain\.boil sauce\.plain\.simmer\]/),
      ]),
    );
  });
});

describe('a piece that holds nothing', () => {
  const cut = (name: string) =>
    dry(name, [step('cut', { kit: own('board', 'knife') }), step('toss', { kit: own('bowl') })]);
  const two = of([cut('one'), cut('two')]);
  const at = (min: number) =>
    saidOf(two, {
      'one.plain.cut': [-60, -55, 'board', 'knife'],
      'one.plain.toss': [-20, -15, 'bowl-1'],
      'two.plain.cut': [min, min + 5, 'board', 'knife'],
      'two.plain.toss': [-20, -15, 'bowl-2'],
    });
  test('is free as soon as nobody works with it', () => {
    expect(at(-55)).toEqual([]);
    expect(at(-56)).toEqual([
      'kit-twice [one.plain.cut two.plain.cut] board is wanted by “cut” (one, 17:00) and “cut” (two, 17:04) at once.',
      'kit-twice [one.plain.cut two.plain.cut] knife is wanted by “cut” (one, 17:00) and “cut” (two, 17:04) at once.',
    ]);
  });
  test('nor a machine or a pan, from which food is taken at once, but for the last that it is in', () => {
    const milled = (name: string) =>
      dry(name, [step('mill', { kit: own('blender') }), step('toss', { kit: own('bowl') })]);
    const fried = (name: string) =>
      dry(name, [step('mill', { kit: own('frying-pan') }), step('toss', { kit: own('bowl') })]);
    const at_ = (make: (name: string) => Loose, piece: string) =>
      shortly(
        saidOf(of([make('one'), make('two')]), {
          'one.plain.mill': [-60, -55, piece],
          'one.plain.toss': [-20, -15, 'bowl-1'],
          'two.plain.mill': [-50, -45, piece],
          'two.plain.toss': [-20, -15, 'bowl-2'],
        }),
      );
    expect(at_(fried, 'pan-1')).toEqual([]);
    expect(at_(milled, 'mill')).toEqual(['contents [one.plain.mill two.plain.mill]']);
    const last = of([
      dry('one', [step('fry', { kit: own('frying-pan') })]),
      dry('two', [step('fry', { kit: own('frying-pan') })]),
    ]);
    expect(
      shortly(saidOf(last, { 'one.plain.fry': [-60, -55, 'pan-1'], 'two.plain.fry': [-50, -45, 'pan-1'] })),
    ).toEqual(['contents [one.plain.fry two.plain.fry]']);
  });
});

describe('a dish that is done', () => {
  const courses = [
    { id: 'main', name: 'Main', offsetMin: 0 },
    { id: 'sweet', name: 'Sweet', offsetMin: 90 },
  ];
  const plated = (name: string, kind: string) => dry(name, [step('plate', { kit: own(kind) })]);
  const evening = (kind: string): Occasion => {
    const one = of([plated('salad', kind), plated('cake', kind)]);
    return {
      ...one,
      courses,
      dishes: one.dishes.map((each) => (each.id === 'cake' ? { ...each, course: 'sweet' } : each)),
    } as unknown as Occasion;
  };
  const at = (kind: string, piece: string, min: number) =>
    shortly(
      saidOf(evening(kind), { 'salad.plain.plate': [-10, -5, piece], 'cake.plain.plate': [min, min + 5, piece] }),
    );
  const clash = ['contents [salad.plain.plate cake.plain.plate]'];
  test('on what goes to table is there until the table is cleared', () => {
    expect(at('serving-dish', 'plate-1', -20)).toEqual(['contents [cake.plain.plate salad.plain.plate]']);
    expect(at('serving-dish', 'plate-1', 59)).toEqual(clash);
    expect(at('serving-dish', 'plate-1', 60)).toEqual([]);
  });
  test('in what stays in the kitchen, until it is served', () => {
    expect(at('baking-tray', 'tray-1', -1)).toEqual(clash);
    expect(at('baking-tray', 'tray-1', 0)).toEqual([]);
  });
  test('late, it is there while somebody works on it, and for no hour after', () => {
    const late = shortly(
      saidOf(evening('baking-tray'), {
        'salad.plain.plate': [0, 20, 'tray-1'],
        'cake.plain.plate': [20, 25, 'tray-1'],
      }),
    );
    expect(late).toEqual([]);
  });
  test('that nobody eats, or that was lost, is in nobody’s way', () => {
    const away = {
      ...evening('bowl'),
      dishes: evening('bowl').dishes.map((each) => (each.id === 'salad' ? { ...each, notFor: ['ana'] } : each)),
    } as unknown as Occasion;
    const places: Record<string, readonly [number, number, string]> = {
      'salad.plain.plate': [-30, -25, 'bowl-1'],
      'cake.plain.plate': [-20, -15, 'bowl-1'],
    };
    expect(saidOf(away, places)).toEqual([]);
    const batches = ['salad', 'cake'].map((name) => ({
      id: `${name}.plain`,
      dish: name,
      versions: ['plain'],
      portions: 4,
      ...(name === 'salad' && { lost: true }),
    }));
    expect(
      saidOf(
        evening('baking-tray'),
        { 'salad.plain.plate': [-30, -25, 'tray-1'], 'cake.plain.plate': [-20, -15, 'tray-1'] },
        { batches },
      ),
    ).toEqual([]);
  });
});

describe('what goes on by itself', () => {
  const off = (name: string, minutes: number, extra: Loose = {}) =>
    step(name, { hands: 'off', durationMin: { least: minutes, likely: minutes, most: minutes }, ...extra });
  const loaf = dry('loaf', [step('mix', { kit: own('bowl') }), off('bake', 40, { kit: [use('cake-tin', 'tin')] })]);
  const dip = dry('dip', [step('stir', { kit: own('bowl') }), step('plate', { kit: own('serving-dish') })]);
  const two = of([loaf, dip]);
  const at = (stirMin: number, bake: readonly string[] = ['tin-1', 'bowl-1']) =>
    saidOf(two, {
      'loaf.plain.mix': [-60, -55, 'bowl-1'],
      'loaf.plain.bake': [-50, -10, ...bake],
      'dip.plain.stir': [stirMin, stirMin + 5, 'bowl-1'],
      'dip.plain.plate': [-8, -3, 'plate-2', 'bowl-1'],
    });
  test('was tipped out of what it was in when it was set going: that is free a minute later', () => {
    expect(at(-49)).toEqual([]);
    expect(at(-50)).not.toEqual([]);
    expect(shortly(at(-54))).toContain('contents [loaf.plain.mix dip.plain.stir]');
  });
  test('with hands on it, it is there until they are done', () => {
    const knead = dry('loaf', [step('mix', { kit: own('bowl') }), step('bake', { kit: [use('cake-tin', 'tin')] })]);
    const kneaded = saidOf(of([knead, dip]), {
      'loaf.plain.mix': [-60, -55, 'bowl-1'],
      'loaf.plain.bake': [-50, -10, 'tin-1', 'bowl-1'],
      'dip.plain.stir': [-40, -35, 'bowl-1'],
      'dip.plain.plate': [-8, -3, 'plate-2', 'bowl-1'],
    });
    expect(kneaded).not.toEqual([]);
  });
  test('goes on where it is, without a piece of its own', () => {
    const proved = dry('loaf', [
      step('mix', { kit: own('bowl') }),
      off('prove', 40),
      step('shape', { kit: own('baking-tray') }),
    ]);
    const at_ = (stirMin: number) =>
      shortly(
        saidOf(of([proved, dip]), {
          'loaf.plain.mix': [-90, -85, 'bowl-1'],
          'loaf.plain.prove': [-80, -40],
          'loaf.plain.shape': [-30, -25, 'tray-1'],
          'dip.plain.stir': [stirMin, stirMin + 2, 'bowl-1'],
          'dip.plain.plate': [stirMin + 2, stirMin + 4, 'plate-2', 'bowl-1'],
        }),
      );
    // Before it proves, while it does, and until it is shaped.
    for (const min of [-84, -80, -60, -40, -34]) expect(at_(min)).not.toEqual([]);
    expect(at_(-94)).toEqual([]);
    expect(at_(-30)).toEqual([]);
  });
  test('not in a bowl on the heat or in the oven: there it is in the piece that the plan gives it', () => {
    const heated = (extra: Loose) =>
      dry('loaf', [
        step('mix', { kit: own('bowl') }),
        off('heat', 40, extra),
        step('plate', { kit: own('serving-dish') }),
      ]);
    const at_ = (extra: Loose, piece: string, stirMin: number) =>
      shortly(
        saidOf(of([heated(extra), dip]), {
          'loaf.plain.mix': [-90, -85, 'bowl-1'],
          'loaf.plain.heat': [-80, -40, piece],
          'loaf.plain.plate': [-30, -25, 'plate-1'],
          'dip.plain.stir': [stirMin, stirMin + 5, piece],
          'dip.plain.plate': [-8, -3, 'plate-2', piece],
        }),
      );
    for (const [extra, piece] of [
      [{ burner: true }, 'pot-1'],
      [{ oven: { temperatureC: 180 } }, 'tray-1'],
    ] as const)
      expect(at_(extra, piece, -38)).toEqual(['contents [loaf.plain.heat dip.plain.stir]']);
  });
});

describe('steps of one dish', () => {
  test('go on in one piece with one food, and give each its turn', () => {
    const stew = dry('stew', [
      step('fry', { kit: own('large-pot'), burner: true }),
      step('braise', { kit: own('large-pot'), burner: true }),
      step('plate', { kit: own('serving-dish') }),
    ]);
    expect(
      saidOf(of([stew]), {
        'stew.plain.fry': [-60, -55, 'pot-1'],
        'stew.plain.braise': [-50, -45, 'pot-1'],
        'stew.plain.plate': [-40, -35, 'plate-1', 'pot-1'],
      }),
    ).toEqual([]);
  });
  test('that go side by side are not in one pot', () => {
    const meal = dry('meal', [
      step('rice', { after: [], kit: own('large-pot'), burner: true }),
      step('sauce', { after: [], kit: own('large-pot'), burner: true }),
      step('plate', { after: [{ step: 'rice' }, { step: 'sauce' }], kit: own('serving-dish') }),
    ]);
    const at = (rice: string, sauceIn: string) =>
      shortly(
        saidOf(of([meal]), {
          'meal.plain.rice': [-60, -55, rice],
          'meal.plain.sauce': [-50, -45, sauceIn],
          'meal.plain.plate': [-40, -35, 'plate-1', rice, sauceIn],
        }),
      );
    expect(at('pot-1', 'pot-2')).toEqual([]);
    expect(at('pot-1', 'pot-1')).toEqual(['contents [meal.plain.rice meal.plain.sauce]']);
  });
  test('a piece with a name holds one food from the first of its steps to the last', () => {
    const named = dry('cake', [
      step('line', { after: [], kit: [use('cake-tin', 'tin')] }),
      step('beat', { after: [], kit: own('bowl') }),
      step('fill', { after: [{ step: 'line' }, { step: 'beat' }], kit: [use('cake-tin', 'tin')] }),
    ]);
    const other = dry('other', [step('press', { kit: own('cake-tin') }), step('turn', { kit: own('serving-dish') })]);
    const at = (pressMin: number) =>
      shortly(
        saidOf(of([named, other]), {
          'cake.plain.line': [-90, -85, 'tin-1'],
          'cake.plain.beat': [-80, -75, 'bowl-1'],
          'cake.plain.fill': [-40, -35, 'tin-1', 'bowl-1'],
          'other.plain.press': [pressMin, pressMin + 2, 'tin-1'],
          'other.plain.turn': [pressMin + 2, pressMin + 4, 'plate-1', 'tin-1'],
        }),
      );
    expect(at(-70)).not.toEqual([]);
    expect(at(-94)).toEqual([]);
    expect(at(-93)).not.toEqual([]);
  });
  test('under another name it is another piece, and the one unit cannot be both', () => {
    const two = dry('two', [
      step('a', { after: [], kit: [use('bowl', 'big')] }),
      step('b', { after: [], kit: [use('bowl', 'small')] }),
      step('c', { after: [{ step: 'a' }, { step: 'b' }], kit: [use('bowl', 'big'), use('bowl', 'small')] }),
    ]);
    const at = (small: string) =>
      shortly(
        saidOf(of([two]), {
          'two.plain.a': [-60, -55, 'bowl-1'],
          'two.plain.b': [-50, -45, small],
          'two.plain.c': [-40, -35, 'bowl-1', small],
        }),
      );
    expect(at('bowl-2')).toEqual([]);
    expect(at('bowl-1').length).toBeGreaterThan(0);
  });
});

describe('where food lies after a step', () => {
  /** What is said when another dish wants a piece for two minutes, and takes its food out of it at once. */
  const wanting = (steps: Loose[], places: Record<string, readonly [number, number, ...string[]]>, kind: string) => {
    const other = dry('other', [step('press', { kit: own(kind) }), step('turn', { kit: own('serving-dish') })]);
    const one = of([dry('dish', steps), other]);
    return (piece: string, min: number) =>
      shortly(
        saidOf(one, {
          ...places,
          'other.plain.press': [min, min + 2, piece],
          'other.plain.turn': [min + 2, min + 4, 'plate-2', piece],
        }),
      ).filter((each) => each.includes('other.plain.press'));
  };

  test('poured from one into another, it is in that, and the first is free', () => {
    const poured = (kind: string) =>
      wanting(
        [
          step('boil', { kit: [use('large-pot', 'pot')], burner: true }),
          step('pour', { kit: [use('large-pot', 'pot'), use('bowl')] }),
          step('plate', { kit: own('serving-dish') }),
        ],
        {
          'dish.plain.boil': [-90, -85, 'pot-1'],
          'dish.plain.pour': [-60, -55, 'pot-1', 'bowl-1'],
          'dish.plain.plate': [-20, -15, 'plate-1', 'bowl-1'],
        },
        kind,
      );
    const pots = poured('large-pot');
    expect(pots('pot-1', -80)).not.toEqual([]);
    expect(pots('pot-1', -55)).toEqual([]);
    expect(pots('pot-1', -57)).not.toEqual([]);
    const bowls = poured('bowl');
    expect(bowls('bowl-1', -70)).toEqual([]);
    expect(bowls('bowl-1', -50)).not.toEqual([]);
    expect(bowls('bowl-1', -15)).toEqual([]);
  });
  test('of two bowls, it is in the one that the next step goes on with', () => {
    const mixed = wanting(
      [
        step('mix', { kit: [use('bowl', 'dry'), use('bowl', 'wet')] }),
        step('fold', { kit: [use('bowl', 'dry')] }),
        step('plate', { kit: own('serving-dish') }),
      ],
      {
        'dish.plain.mix': [-90, -85, 'bowl-1', 'bowl-2'],
        'dish.plain.fold': [-60, -55, 'bowl-1'],
        'dish.plain.plate': [-20, -15, 'plate-1', 'bowl-1'],
      },
      'bowl',
    );
    expect(mixed('bowl-1', -70)).not.toEqual([]);
    expect(mixed('bowl-2', -70)).toEqual([]);
    expect(mixed('bowl-2', -87)).not.toEqual([]);
  });
  test('on the hob it is in what stands there, whatever else is beside it', () => {
    const simmered = (kind: string) =>
      wanting(
        [step('simmer', { kit: own('large-pot', 'bowl'), burner: true }), step('plate', { kit: own('serving-dish') })],
        { 'dish.plain.simmer': [-90, -85, 'pot-1', 'bowl-1'], 'dish.plain.plate': [-20, -15, 'plate-1', 'pot-1'] },
        kind,
      );
    expect(simmered('large-pot')('pot-1', -70)).not.toEqual([]);
    expect(simmered('large-pot')('pot-2', -70)).toEqual([]);
    expect(simmered('bowl')('bowl-1', -70)).toEqual([]);
  });
  test('a piece to which it comes back is kept for it, though it is elsewhere meanwhile', () => {
    const mash = wanting(
      [
        step('boil', { kit: [use('large-pot', 'pot')], burner: true }),
        step('drain', { kit: [use('large-pot', 'pot'), use('bowl')] }),
        step('mash', { kit: [use('large-pot', 'pot')] }),
        step('plate', { kit: own('serving-dish') }),
      ],
      {
        'dish.plain.boil': [-90, -85, 'pot-1'],
        'dish.plain.drain': [-80, -75, 'pot-1', 'bowl-1'],
        'dish.plain.mash': [-40, -35, 'pot-1', 'bowl-1'],
        'dish.plain.plate': [-20, -15, 'plate-1', 'pot-1'],
      },
      'large-pot',
    );
    expect(mash('pot-1', -60)).not.toEqual([]);
    expect(mash('pot-1', -94)).toEqual([]);
    expect(mash('pot-1', -15)).toEqual([]);
    expect(mash('pot-2', -60)).toEqual([]);
  });
  test('named in two dishes alike it is two pieces', () => {
    const pie = (name: string) =>
      dry(name, [step('fill', { kit: [use('cake-tin', 'tin')] }), step('top', { kit: [use('cake-tin', 'tin')] })]);
    const both = (second: string) =>
      shortly(
        saidOf(of([pie('one'), pie('two')]), {
          'one.plain.fill': [-90, -85, 'tin-1'],
          'one.plain.top': [-60, -55, 'tin-1'],
          'two.plain.fill': [-80, -75, second],
          'two.plain.top': [-50, -45, second],
        }),
      );
    expect(both('tin-2')).toEqual([]);
    expect(both('tin-1')).not.toEqual([]);
  });
  test('a unit of one name, washed since and taken under another, holds nothing of the first', () => {
    const cake = of([
      dry('cake', [
        step('cream', { kit: [use('bowl', 'butter')] }),
        step('bake', { kit: [use('cake-tin', 'tin')] }),
        step('ice', { kit: [use('bowl', 'icing')] }),
      ]),
    ]);
    expect(
      saidOf(
        cake,
        {
          'cake.plain.cream': [-90, -85, 'bowl-1'],
          'cake.plain.bake': [-80, -75, 'tin-1', 'bowl-1'],
          'cake.plain.ice': [-40, -35, 'bowl-1', 'tin-1'],
        },
        { besides: [washOf('w', -70, -65, ['bowl-1'])] },
      ),
    ).toEqual([]);
  });
});

describe('what is of one food is in nobody’s way', () => {
  const stock = (as?: string) =>
    of([
      dry('stock', [
        step('boil', { kit: [use('large-pot', as)], burner: true }),
        step('ladle', { after: [{ step: 'boil' }], kit: [use('large-pot', as), use('bowl')] }),
        step('strain', { after: [{ step: 'boil' }], kit: [use('large-pot', as), use('serving-dish')] }),
        step('serve', { after: [{ step: 'ladle' }, { step: 'strain' }] }),
      ]),
      dry('tea', [step('brew', { kit: own('large-pot') }), step('pour', { kit: own('serving-dish') })]),
    ]);
  const places: Record<string, readonly [number, number, ...string[]]> = {
    'stock.plain.boil': [-90, -85, 'pot-1'],
    'stock.plain.ladle': [-60, -55, 'pot-1', 'bowl-1'],
    'stock.plain.strain': [-30, -25, 'pot-1', 'plate-1'],
    'stock.plain.serve': [-20, -15],
  };
  test.each([['pot'], [undefined]])('a share is taken from the pot, and later the rest (%s)', (as) => {
    const others: typeof places = {
      'tea.plain.brew': [-200, -195, 'pot-2'],
      'tea.plain.pour': [-190, -185, 'plate-2', 'pot-2'],
    };
    expect(saidOf(stock(as), { ...places, ...others })).toEqual([]);
    for (const min of [-80, -50, -35]) {
      const tea: typeof places = {
        'tea.plain.brew': [min, min + 2, 'pot-1'],
        'tea.plain.pour': [min + 2, min + 4, 'plate-2', 'pot-1'],
      };
      expect(shortly(saidOf(stock(as), { ...places, ...tea }))).toContainEqual(
        expect.stringContaining('tea.plain.brew'),
      );
    }
  });
  test('two steps at one moment are in one pot only where the recipe names it the same', () => {
    const skimmed = (as?: string) =>
      saidOf(
        of([
          dry('broth', [
            step('simmer', { after: [], hands: 'off', kit: [use('large-pot', as)], burner: true }),
            step('skim', { after: [], kit: [use('large-pot', as)] }),
            step('serve', { after: [{ step: 'simmer' }, { step: 'skim' }] }),
          ]),
        ]),
        {
          'broth.plain.simmer': [-90, -30, 'pot-1'],
          'broth.plain.skim': [-60, -58, 'pot-1'],
          'broth.plain.serve': [-20, -15],
        },
      );
    expect(skimmed('pot')).toEqual([]);
    expect(skimmed()).not.toEqual([]);
  });
  test('a named piece is called by the first of its steps, in whatever order the plan has them', () => {
    const cake = dry('cake', [
      step('line', { after: [], kit: [use('cake-tin', 'tin')] }),
      step('rest', { after: [{ step: 'line' }] }),
      step('fill', { after: [{ step: 'rest' }], kit: [use('cake-tin', 'tin')] }),
    ]);
    const one = of([cake, dry('other', [step('press', { kit: own('cake-tin') })])]);
    const said_ = saidOf(one, {
      'cake.plain.fill': [-40, -35, 'tin-1'],
      'cake.plain.line': [-90, -85, 'tin-1'],
      'cake.plain.rest': [-80, -75],
      'other.plain.press': [-70, -68, 'tin-1'],
    });
    expect(said_[0]).toMatch(
      /^contents \[cake\.plain\.(line|rest) other\.plain\.press\] tin-1 still holds the food of “(line|rest)”/,
    );
  });
  test('of a dish that nobody eats a named piece holds nothing', () => {
    const pie = dry('pie', [
      step('fill', { kit: [use('cake-tin', 'tin')] }),
      step('top', { kit: [use('cake-tin', 'tin')] }),
    ]);
    const one = of([pie, dry('other', [step('press', { kit: own('cake-tin') })])], {
      dishes: [dish('pie', 'pie', { notFor: ['ana'] }), dish('other')],
    });
    expect(
      saidOf(one, {
        'pie.plain.fill': [-90, -85, 'tin-1'],
        'pie.plain.top': [-40, -35, 'tin-1'],
        'other.plain.press': [-20, -15, 'tin-1'],
      }),
    ).toEqual([]);
  });
});

describe('what is taken from what others made', () => {
  const sauce_ = dry('sauce', [step('simmer', { kit: [use('large-pot', 'pot')], burner: true })], {
    keeps: [{ where: 'fridge', days: 3 }],
  });
  const using = (name: string) =>
    recipe(
      name,
      [line('s', undefined, { component: 'sauce', amount: { kind: 'batches', batches: 1 } })],
      [step('top', { uses: ['s'], kit: [use('serving-dish')] })],
    );
  const one = of(
    [
      sauce_,
      using('pie'),
      using('pasta'),
      dry('tea', [step('brew', { kit: own('large-pot') }), step('pour', { kit: own('bowl') })]),
    ],
    {
      dishes: [dish('pie'), dish('pasta'), dish('tea')],
    },
  );
  const into = (name: string) => ({ dish: name, version: 'plain', path: ['s'] });
  const batches = [
    {
      id: 'sauce.once',
      dish: 'pie',
      versions: ['plain'],
      portions: 8,
      component: { recipe: 'sauce', into: [into('pie'), into('pasta')] },
    },
    ...['pie', 'pasta', 'tea'].map((name) => ({ id: `${name}.plain`, dish: name, versions: ['plain'], portions: 4 })),
  ];
  test('is in its pot until the last of them has its share', () => {
    const at = (min: number) =>
      shortly(
        saidOf(
          one,
          {
            'sauce.once.simmer': [-90, -60, 'pot-1'],
            'pie.plain.top': [-50, -45, 'plate-1'],
            'pasta.plain.top': [-30, -25, 'plate-2'],
            'tea.plain.brew': [min, min + 2, 'pot-1'],
            'tea.plain.pour': [min + 2, min + 4, 'bowl-1', 'pot-1'],
          },
          { batches },
        ),
      );
    expect(at(-55)).toContain('contents [sauce.once.simmer tea.plain.brew]');
    expect(at(-40)).toContain('contents [sauce.once.simmer tea.plain.brew]');
    expect(at(-30)).toEqual([]);
  });
});

describe('versions', () => {
  const finish = (as?: string) => [
    step('boil', { uses: ['salt'], kit: [use('large-pot', as)], burner: true, splitPoint: true }),
    step('finish', { uses: ['herb'], kit: [use('large-pot', as)], burner: true }),
  ];
  const stew = (as?: string) =>
    of([recipe('stew', [line('salt', 'salt'), line('herb', 'parsley')], finish(as))], {
      guests: [guest('ana'), guest('ben')],
      dishes: [
        dish('stew', 'stew', {
          versions: [
            { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
            { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'herb' }], guests: ['ben'] },
          ],
        }),
      ],
    });
  const batches = [
    { id: 'stew.base', dish: 'stew', versions: ['plain', 'bare'], portions: 4 },
    { id: 'stew.plain', dish: 'stew', versions: ['plain'], portions: 2, base: 'stew.base' },
    { id: 'stew.bare', dish: 'stew', versions: ['bare'], portions: 2, base: 'stew.base' },
  ];
  const at = (as: string | undefined, plainMin: number, bareMin: number, pots = ['pot-1', 'pot-2']) =>
    shortly(
      saidOf(
        stew(as),
        {
          'stew.base.boil': [-60, -55, 'pot-1'],
          'stew.plain.finish': [plainMin, plainMin + 5, pots[0]!],
          'stew.bare.finish': [bareMin, bareMin + 5, pots[1]!],
        },
        { batches },
      ),
    );
  test.each([['pot'], [undefined]])(
    'none goes into the pot from which another is still to be taken; the last may (%s)',
    (as) => {
      expect(at(as, -40, -20)).toContain('contents [stew.base.boil stew.plain.finish]');
      expect(at(as, -20, -40)).toEqual([]);
    },
  );
  test('in pots of their own they go side by side', () => {
    expect(at(undefined, -40, -40, ['pot-2', 'pot-3'])).toEqual([]);
    expect(at(undefined, -40, -40, ['pot-2', 'pot-2'])).not.toEqual([]);
  });
});

describe('a wash', () => {
  const one = of([soup]);
  const at = (from: number, to: number, more: Loose = {}, units = ['pot-1']) =>
    saidOf(
      one,
      { 'soup.plain.boil': [-100, -95, 'pot-1'], 'soup.plain.blend': [-50, -45, 'plate-1', 'pot-1'] },
      { besides: [washOf('wash-1', from, to, units, more)] },
    );
  test('is not of a piece in which food is', () => {
    expect(at(-90, -85)).toEqual([
      'contents [soup.plain.boil wash-1] pot-1 still holds the food of “boil” (soup, 16:20) when it is wanted by a wash (16:30).',
    ]);
    expect(at(-45, -40)).toEqual([]);
    expect(at(-110, -100)).toEqual([]);
    expect(at(-110, -99)).toEqual([
      'kit-twice [wash-1 soup.plain.boil] pot-1 is wanted by a wash (16:10) and “boil” (soup, 16:20) at once.',
    ]);
    expect(at(-90, -85, {}, ['pot-2'])).toEqual([]);
  });
  test('takes as long as the dishwasher runs', () => {
    expect(at(-120, -118, { machineUntilMin: -100 })).toEqual([]);
    expect(at(-120, -118, { machineUntilMin: -99 })).toHaveLength(1);
    expect(at(-120, -99, { machineUntilMin: -110 })).toHaveLength(1);
  });
  test('two at once are of different things', () => {
    const two = (units: string[]) =>
      shortly(
        saidOf(
          one,
          { 'soup.plain.boil': [-100, -95, 'pot-1'], 'soup.plain.blend': [-50, -45, 'plate-1', 'pot-1'] },
          { besides: [washOf('a', -200, -190, ['bowl-1']), washOf('b', -195, -185, units)] },
        ),
      );
    expect(two(['bowl-2'])).toEqual([]);
    expect(two(['bowl-1'])).toEqual(['kit-twice [a b]']);
  });
});

describe('food in several tins', () => {
  const tray = (name: string) =>
    unit(name, 'baking-tray', 'steel', { vessel: { shape: 'rectangle', lengthCm: 40, widthCm: 30, depthCm: 2 } });
  const roots = dry(
    'roots',
    [
      step('spread', { kit: [use('baking-tray', 'tray')] }),
      step('roast', {
        hands: 'off',
        durationMin: { least: 30, likely: 30, most: 35 },
        kit: [use('baking-tray', 'tray')],
        oven: { temperatureC: 200 },
      }),
    ],
    { pan: { vessel: { shape: 'rectangle', lengthCm: 40, widthCm: 30, depthCm: 2 }, singleLayer: true } },
  );
  const buns = dry('buns', [step('shape', { kit: own('baking-tray') })]);
  const one = of([roots, buns], { kit: ['t1', 't2', 't3'].map(tray) });
  const batches = [
    { id: 'roots.plain', dish: 'roots', versions: ['plain'], portions: 8 },
    { id: 'buns.plain', dish: 'buns', versions: ['plain'], portions: 4 },
  ];
  const at = (piece: string, min: number) =>
    shortly(
      saidOf(
        one,
        {
          'roots.plain.spread': [-60, -55, 't1', 't2'],
          'roots.plain.roast': [-50, -20, 't1', 't2'],
          'buns.plain.shape': [min, min + 3, piece],
        },
        { batches },
      ),
    );
  test('lies in each of them', () => {
    for (const piece of ['t1', 't2'])
      for (const min of [-54, -30, -10]) expect(at(piece, min).length).toBeGreaterThan(0);
    expect(at('t3', -30)).toEqual([]);
    expect(at('t2', 0)).toEqual([]);
  });
});
