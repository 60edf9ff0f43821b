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
  test('a bowl whose food was spread in a tin is free for the batter that the tin is filled with later', () => {
    const cake = dry('cake', [
      step('beat', { after: [], kit: [use('bowl', 'bowl'), use('cake-tin', 'tin')] }),
      step('batter', { after: [], kit: [use('bowl', 'bowl-2')] }),
      step('fill', { after: [{ step: 'beat' }, { step: 'batter' }], kit: [use('cake-tin', 'tin')] }),
    ]);
    const places = (bowl: string): Parameters<typeof saidOf>[1] => ({
      'cake.plain.beat': [-60, -55, 'bowl-1', 'tin-1'],
      'cake.plain.batter': [-50, -45, bowl],
      'cake.plain.fill': [-40, -35, 'tin-1', bowl],
    });
    expect(saidOf(of([cake]), places('bowl-1'))).toEqual([]);
    expect(saidOf(of([cake]), places('bowl-2'))).toEqual([]);
    const tea = dry('tea', [step('brew', { kit: own('cake-tin') })]);
    expect(
      shortly(saidOf(of([cake, tea]), { ...places('bowl-1'), 'tea.plain.brew': [-53, -52, 'tin-1'] })),
    ).toContainEqual(expect.stringContaining('tea.plain.brew'));
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

/** A stew as written for Ana, without its herb for Ben; made together as far as it goes. */
const stewInTwo = dish('stew', 'stew', {
  versions: [
    { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
    { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'herb' }], guests: ['ben'] },
  ],
});
const stewBatches = [
  { id: 'stew.base', dish: 'stew', versions: ['plain', 'bare'], portions: 4 },
  { id: 'stew.plain', dish: 'stew', versions: ['plain'], portions: 2, base: 'stew.base' },
  { id: 'stew.bare', dish: 'stew', versions: ['bare'], portions: 2, base: 'stew.base' },
];

describe('versions', () => {
  const finish = (as?: string) => [
    step('boil', { uses: ['salt'], kit: [use('large-pot', as)], burner: true, splitPoint: true }),
    step('finish', { uses: ['herb'], kit: [use('large-pot', as)], burner: true }),
  ];
  const stew = (as?: string) =>
    of([recipe('stew', [line('salt', 'salt'), line('herb', 'parsley')], finish(as))], {
      guests: [guest('ana'), guest('ben')],
      dishes: [stewInTwo],
    });
  const at = (as: string | undefined, plainMin: number, bareMin: number, pots = ['pot-1', 'pot-2']) =>
    shortly(
      saidOf(
        stew(as),
        {
          'stew.base.boil': [-60, -55, 'pot-1'],
          'stew.plain.finish': [plainMin, plainMin + 5, pots[0]!],
          'stew.bare.finish': [bareMin, bareMin + 5, pots[1]!],
        },
        { batches: stewBatches },
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

describe('which of its pieces a step leaves its food in', () => {
  /** The pieces that may not be washed while the food of the first step waits for the second. */
  const kept = (
    first: Loose,
    pieces: readonly string[],
    more: { second?: Loose; secondIn?: readonly string[] } = {},
  ) => {
    const one = of([
      dry('dish', [{ ...first, id: 'make' }, more.second ?? step('plate', { kit: own('serving-dish') })]),
    ]);
    const second = (more.second?.['id'] as string | undefined) ?? 'plate';
    return pieces.filter(
      (piece) =>
        saidOf(
          one,
          {
            'dish.plain.make': [-90, -85, ...pieces],
            [`dish.plain.${second}`]: [-20, -15, ...(more.secondIn ?? ['plate-1'])],
          },
          { besides: [washOf('w', -60, -58, [piece])] },
        ).length > 0,
    );
  };
  test('the last, where it is taken on to a piece of its own', () => {
    expect(kept(step('make', { kit: own('bowl', 'bowl') }), ['bowl-1', 'bowl-2'])).toEqual(['bowl-2']);
  });
  test('no pan or board where there is a bowl', () => {
    expect(kept(step('make', { kit: own('bowl', 'frying-pan') }), ['bowl-1', 'pan-1'])).toEqual(['bowl-1']);
    expect(kept(step('make', { kit: own('bowl', 'board', 'knife') }), ['bowl-1', 'board', 'knife'])).toEqual([
      'bowl-1',
    ]);
  });
  test('on the hob, what can stand there', () => {
    const make = step('make', { kit: own('large-pot', 'bowl'), burner: true });
    expect(kept(make, ['pot-1', 'bowl-1'])).toEqual(['pot-1']);
    const fry = step('make', { kit: own('large-pot', 'frying-pan'), burner: true });
    expect(kept(fry, ['pot-1', 'pan-1'])).toEqual(['pot-1']);
  });
  test('in the oven, what can be in it', () => {
    const bake = step('make', { kit: own('baking-tray', 'bowl'), oven: { temperatureC: 180 } });
    expect(kept(bake, ['tray-1', 'bowl-1'])).toEqual(['tray-1']);
  });
  test('in passing things alone, none: it is taken on at once', () => {
    expect(kept(step('make', { kit: own('frying-pan') }), ['pan-1'])).toEqual([]);
  });
  test('the one in which the next step goes on, whether it has a name or not', () => {
    const on = (as?: string) =>
      kept(step('make', { kit: [use('bowl', as), use('bowl', as && 'other')] }), ['bowl-1', 'bowl-2'], {
        second: step('fold', { kit: [use('bowl', as)] }),
        secondIn: ['bowl-1'],
      });
    expect(on()).toEqual(['bowl-1']);
    expect(on('big')).toEqual(['bowl-1']);
  });
  test('not one that the next step has washed and under another name', () => {
    const renamed = kept(step('make', { kit: [use('bowl', 'butter'), use('bowl', 'eggs')] }), ['bowl-1', 'bowl-2'], {
      second: step('ice', { kit: [use('bowl', 'icing')] }),
      secondIn: ['bowl-1'],
    });
    expect(renamed).toEqual(['bowl-2']);
    const nameless = kept(step('make', { kit: own('bowl', 'bowl') }), ['bowl-1', 'bowl-2'], {
      second: step('ice', { kit: [use('bowl', 'icing')] }),
      secondIn: ['bowl-1'],
    });
    expect(nameless).toEqual(['bowl-2']);
  });
  test('the new one of two, where the other is what it was in', () => {
    const one = of([
      dry('dish', [
        step('mix', { kit: own('bowl') }),
        step('sift', { kit: own('bowl', 'bowl') }),
        step('plate', { kit: own('serving-dish') }),
      ]),
    ]);
    const at = (piece: string) =>
      saidOf(
        one,
        {
          'dish.plain.mix': [-90, -85, 'bowl-2'],
          'dish.plain.sift': [-80, -75, 'bowl-1', 'bowl-2'],
          'dish.plain.plate': [-20, -15, 'plate-1'],
        },
        { besides: [washOf('w', -60, -58, [piece])] },
      );
    expect(at('bowl-1')).toHaveLength(1);
    expect(at('bowl-2')).toEqual([]);
  });
  test('where both it was in and the new one are gone on with, the new one', () => {
    const one = of([
      dry('dish', [
        step('mix', { kit: own('bowl') }),
        step('sift', { kit: own('bowl', 'bowl') }),
        step('fold', { kit: own('bowl', 'bowl') }),
      ]),
    ]);
    const at = (piece: string) =>
      saidOf(
        one,
        {
          'dish.plain.mix': [-90, -85, 'bowl-2'],
          'dish.plain.sift': [-80, -75, 'bowl-1', 'bowl-2'],
          'dish.plain.fold': [-20, -15, 'bowl-1', 'bowl-2'],
        },
        { besides: [washOf('w', -60, -58, [piece])] },
      );
    expect(at('bowl-1')).toHaveLength(1);
    expect(at('bowl-2')).toEqual([]);
  });
  test('the pan itself, where the dish is finished in it a second time', () => {
    const twice = (as?: string) =>
      shortly(
        saidOf(
          of([
            dry('dish', [
              step('sear', { kit: [use('frying-pan', as)], burner: true }),
              step('finish', { kit: [use('frying-pan', as)], burner: true }),
            ]),
          ]),
          {
            'dish.plain.sear': [-60, -55, 'pan-1'],
            'dish.plain.finish': [-50, -45, 'pan-1'],
          },
          { besides: [washOf('w', -10, -8, ['pan-1'])] },
        ),
      );
    expect(twice('pan')).toEqual(['contents [dish.plain.finish w]']);
    expect(twice()).toEqual(['contents [dish.plain.finish w]']);
  });
  test('and everything that is new in its last step, until it is served', () => {
    const made = of([dry('dish', [step('plate', { kit: own('serving-dish', 'bowl') })])]);
    for (const piece of ['plate-1', 'bowl-1'])
      expect(
        saidOf(
          made,
          { 'dish.plain.plate': [-60, -55, 'plate-1', 'bowl-1'] },
          { besides: [washOf('w', -30, -28, [piece])] },
        ),
      ).toHaveLength(1);
  });
  test('what the kitchen does not have holds nothing, and is called by its id', () => {
    const one = of([dry('dish', [step('mix', { kit: own('bowl') }), step('plate', { kit: own('serving-dish') })])]);
    const at = (min: number) =>
      saidOf(
        one,
        {
          'dish.plain.mix': [-90, -85, 'ghost'],
          'dish.plain.plate': [-20, -15, 'plate-1'],
        },
        { besides: [washOf('w', min, min + 2, ['ghost'])] },
      );
    expect(at(-60)).toEqual([]);
    expect(at(-88)).toEqual([
      'kit-twice [dish.plain.mix w] ghost is wanted by “mix” (dish, 16:30) and a wash (16:32) at once.',
    ]);
  });
});

describe('going on without a piece of its own', () => {
  const off = (name: string, extra: Loose = {}) =>
    step(name, { hands: 'off', durationMin: { least: 20, likely: 20, most: 20 }, ...extra });
  const taken = (steps: Loose[], places: Record<string, readonly [number, number, ...string[]]>, pieces: string[]) =>
    pieces.filter(
      (piece) =>
        saidOf(of([dry('dish', steps)]), { ...places }, { besides: [washOf('w', -30, -28, [piece])] }).length > 0,
    );
  test('it stays in all that it was in, if that can be on the heat', () => {
    const steps = (heat: Loose) => [
      step('fill', { after: [], kit: [use('large-pot', 'a'), use('bowl', 'b')] }),
      off('stand', heat),
      step('pour', { kit: [use('large-pot', 'a'), use('bowl', 'b')] }),
    ];
    const places: Record<string, readonly [number, number, ...string[]]> = {
      'dish.plain.fill': [-90, -85, 'pot-1', 'bowl-1'],
      'dish.plain.stand': [-40, -20],
      'dish.plain.pour': [-10, -5, 'pot-1', 'bowl-1'],
    };
    // Its pieces have names: they are kept from the first step to the last, heat or no heat.
    expect(taken(steps({}), places, ['pot-1', 'bowl-1', 'bowl-2'])).toEqual(['pot-1', 'bowl-1']);
    const nameless = (heat: Loose) => [
      step('fill', { kit: own('large-pot', 'bowl') }),
      off('stand', heat),
      step('pour', { kit: own('serving-dish') }),
    ];
    const poured: typeof places = { ...places, 'dish.plain.pour': [-10, -5, 'plate-1'] };
    expect(taken(nameless({}), poured, ['pot-1', 'bowl-1'])).toEqual(['bowl-1']);
    expect(taken(nameless({ burner: true }), poured, ['pot-1', 'bowl-1'])).toEqual([]);
  });
  test('of two foods that come together, it stays in the piece of the later', () => {
    const steps = [
      step('dry', { after: [], kit: own('bowl') }),
      step('wet', { after: [], kit: own('bowl') }),
      off('stand', { after: [{ step: 'dry' }, { step: 'wet' }] }),
      step('plate', { kit: own('serving-dish') }),
    ];
    expect(
      taken(
        steps,
        {
          'dish.plain.dry': [-90, -85, 'bowl-1'],
          'dish.plain.wet': [-80, -75, 'bowl-2'],
          'dish.plain.stand': [-40, -20],
          'dish.plain.plate': [-10, -5, 'plate-1'],
        },
        ['bowl-1', 'bowl-2'],
      ),
    ).toEqual(['bowl-2']);
  });
  test('what was cooked once for several stays in its pot, and the dish that has of it is not in that', () => {
    const sauce_ = dry('sauce', [step('simmer', { kit: own('large-pot'), burner: true })], {
      keeps: [{ where: 'fridge', days: 3 }],
    });
    const pie = recipe(
      'pie',
      [line('s', undefined, { component: 'sauce', amount: { kind: 'batches', batches: 1 } })],
      [off('stand', { uses: ['s'] }), step('plate', { kit: own('serving-dish') })],
    );
    const one = of([sauce_, pie], { dishes: [dish('pie')] });
    const at = (min: number) =>
      saidOf(
        one,
        {
          'sauce.once.simmer': [-90, -60, 'pot-1'],
          'pie.plain.stand': [-40, -20],
          'pie.plain.plate': [-10, -5, 'plate-1'],
        },
        {
          besides: [washOf('w', min, min + 2, ['pot-1'])],
          batches: [
            {
              id: 'sauce.once',
              dish: 'pie',
              versions: ['plain'],
              portions: 8,
              component: { recipe: 'sauce', into: [{ dish: 'pie', version: 'plain', path: ['s'] }] },
            },
            { id: 'pie.plain', dish: 'pie', versions: ['plain'], portions: 4 },
          ],
        },
      );
    expect(at(-50)).toHaveLength(1);
    expect(at(-38)).toEqual([]);
  });
});

describe('how long a piece is worked with', () => {
  const off = (name: string, minutes: number, extra: Loose = {}) =>
    step(name, { hands: 'off', durationMin: { least: minutes, likely: minutes, most: minutes }, ...extra });
  const at = (
    steps: Loose[],
    places: Record<string, readonly [number, number, ...string[]]>,
    piece: string,
    min: number,
    more: Loose = {},
  ) =>
    shortly(saidOf(of([dry('dish', steps)], more), { ...places }, { besides: [washOf('w', min, min + 2, [piece])] }));
  test('a machine that its food never lay in runs until the step is over', () => {
    const churned = [
      step('chill', { kit: own('bowl') }),
      off('churn', 30, { kit: own('blender', 'bowl') }),
      step('plate', { kit: own('serving-dish') }),
    ];
    const places: Record<string, readonly [number, number, ...string[]]> = {
      'dish.plain.chill': [-90, -85, 'bowl-1'],
      'dish.plain.churn': [-80, -50, 'mill', 'bowl-2', 'bowl-1'],
      'dish.plain.plate': [-20, -15, 'plate-1'],
    };
    expect(at(churned, places, 'mill', -60)).toEqual(['kit-twice [dish.plain.churn w]']);
    expect(at(churned, places, 'mill', -50)).toEqual([]);
    // The bowl that it came from was tipped out into it.
    expect(at(churned, places, 'bowl-1', -79)).toEqual([]);
    expect(at(churned, places, 'bowl-1', -80)).not.toEqual([]);
  });
  test('one of two foods tipped together frees its own piece', () => {
    const baked = [
      step('beat', { after: [], kit: own('bowl') }),
      step('cream', { after: [], kit: own('bowl') }),
      off('bake', 40, { after: [{ step: 'beat' }, { step: 'cream' }], kit: own('cake-tin') }),
    ];
    const places: Record<string, readonly [number, number, ...string[]]> = {
      'dish.plain.beat': [-90, -85, 'bowl-1'],
      'dish.plain.cream': [-80, -75, 'bowl-2'],
      'dish.plain.bake': [-60, -20, 'tin-1', 'bowl-1', 'bowl-2'],
    };
    for (const bowl of ['bowl-1', 'bowl-2']) {
      expect(at(baked, places, bowl, -59)).toEqual([]);
      expect(at(baked, places, bowl, -62)).not.toEqual([]);
    }
    expect(at(baked, places, 'tin-1', -40)).not.toEqual([]);
  });
  test('what nobody eats any more is tipped out where another needs the piece', () => {
    const baked = [off('bake', 40, { kit: own('cake-tin') })];
    const places: Record<string, readonly [number, number, ...string[]]> = { 'dish.plain.bake': [-60, -20, 'tin-1'] };
    expect(at(baked, places, 'tin-1', -40)).not.toEqual([]);
    const nobody = { dishes: [dish('dish', 'dish', { notFor: ['ana'] })] };
    expect(at(baked, places, 'tin-1', -40, nobody)).toEqual([]);
    expect(at(baked, places, 'tin-1', -60, nobody)).not.toEqual([]);
  });
});

describe('a name that holds a piece', () => {
  test('from the first of its steps by the clock, wherever the food is meanwhile', () => {
    const one = of([
      dry('cake', [
        step('grease', { after: [], kit: [use('cake-tin', 'tin'), use('bowl')] }),
        step('mix', { after: [{ step: 'grease' }], kit: own('bowl') }),
        step('fill', { after: [{ step: 'mix' }], kit: [use('cake-tin', 'tin')] }),
      ]),
    ]);
    const at = (min: number) =>
      saidOf(
        one,
        {
          'cake.plain.fill': [-40, -35, 'tin-1', 'bowl-1'],
          'cake.plain.mix': [-80, -75, 'bowl-1'],
          'cake.plain.grease': [-90, -85, 'tin-1', 'bowl-1'],
        },
        { besides: [washOf('w', min, min + 2, ['tin-1'])] },
      );
    expect(at(-70)).toEqual([
      'contents [cake.plain.grease w] tin-1 still holds the food of “grease” (cake, 16:30) when it is wanted by a wash (16:50).',
    ]);
    expect(at(-93)).toEqual([]);
  });
  test('in one step alone it is no more than in use', () => {
    const one = of([dry('one', [step('fill', { kit: [use('board', 'b')] })])]);
    expect(
      shortly(saidOf(one, { 'one.plain.fill': [-40, -35, 'board'] }, { besides: [washOf('w', -38, -36, ['board'])] })),
    ).toEqual(['kit-twice [one.plain.fill w]']);
  });
  test('without a name, a bowl taken again later was free meanwhile', () => {
    const one = of([
      dry('cake', [
        step('mix', { kit: own('bowl') }),
        step('bake', { kit: own('cake-tin') }),
        step('ice', { kit: own('bowl') }),
      ]),
    ]);
    expect(
      saidOf(
        one,
        {
          'cake.plain.mix': [-90, -85, 'bowl-1'],
          'cake.plain.bake': [-80, -60, 'tin-1', 'bowl-1'],
          'cake.plain.ice': [-20, -15, 'bowl-1', 'tin-1'],
        },
        { besides: [washOf('w', -40, -38, ['bowl-1'])] },
      ),
    ).toEqual([]);
  });
  test('a piece that the plan does not give is nobody’s', () => {
    const pair = (name: string) =>
      dry(name, [
        step('mix', { kit: [use('bowl', 'big'), use('bowl', 'small')] }),
        step('fold', { kit: [use('bowl', 'big'), use('bowl', 'small')] }),
      ]);
    expect(
      saidOf(of([pair('one'), pair('two')]), {
        'one.plain.mix': [-90, -85, 'bowl-1'],
        'one.plain.fold': [-60, -55, 'bowl-1'],
        'two.plain.mix': [-80, -75, 'bowl-2'],
        'two.plain.fold': [-50, -45, 'bowl-2'],
      }),
    ).toEqual([]);
  });
});

describe('a course of its own', () => {
  test('keeps a dish on its plate until it is cleared', () => {
    const one = {
      ...of([
        dry('salad', [step('plate', { kit: own('serving-dish') })]),
        dry('cake', [step('plate', { kit: own('serving-dish') })]),
      ]),
      courses: [
        { id: 'main', name: 'Main', offsetMin: 0 },
        { id: 'sweet', name: 'Sweet', offsetMin: 90 },
      ],
    };
    const evening = {
      ...one,
      dishes: one.dishes.map((each) => (each.id === 'cake' ? { ...each, course: 'sweet' } : each)),
    } as unknown as Occasion;
    const at = (min: number) =>
      shortly(
        saidOf(evening, { 'cake.plain.plate': [-30, -25, 'plate-1'], 'salad.plain.plate': [min, min + 2, 'plate-1'] }),
      );
    expect(at(100)).toEqual(['contents [cake.plain.plate salad.plain.plate]']);
    expect(at(149)).not.toEqual([]);
    expect(at(150)).toEqual([]);
  });
});

describe('two steps of one food at one time', () => {
  const off = (name: string, extra: Loose = {}) =>
    step(name, { hands: 'off', durationMin: { least: 60, likely: 60, most: 60 }, ...extra });
  const at = (steps: Loose[], places: Record<string, readonly [number, number, ...string[]]>) =>
    shortly(saidOf(of([dry('broth', steps)]), places));
  const simmerAndSkim: Record<string, readonly [number, number, ...string[]]> = {
    'broth.plain.simmer': [-90, -30, 'pot-1'],
    'broth.plain.skim': [-60, -58, 'pot-1'],
    'broth.plain.serve': [-20, -15, 'plate-1'],
  };
  test('may be in its pot, where one takes from the other there', () => {
    expect(
      at(
        [
          off('simmer', { after: [], kit: own('large-pot'), burner: true }),
          step('skim', { after: [{ step: 'simmer' }], kit: own('large-pot') }),
          step('serve', { after: [{ step: 'skim' }], kit: own('serving-dish') }),
        ],
        simmerAndSkim,
      ),
    ).toEqual([]);
  });
  test('not where neither comes of the other', () => {
    expect(
      at(
        [
          off('simmer', { after: [], kit: own('large-pot'), burner: true }),
          step('skim', { after: [], kit: own('large-pot') }),
          step('serve', { after: [{ step: 'skim' }, { step: 'simmer' }], kit: own('serving-dish') }),
        ],
        simmerAndSkim,
      ),
    ).toEqual(expect.arrayContaining(['kit-twice [broth.plain.simmer broth.plain.skim]']));
  });
  test('nor in a piece that the food of the one never lay in', () => {
    expect(
      at(
        [
          off('simmer', { after: [], kit: own('large-pot', 'board'), burner: true }),
          step('skim', { after: [{ step: 'simmer' }], kit: own('board') }),
          step('serve', { after: [{ step: 'skim' }], kit: own('serving-dish') }),
        ],
        {
          'broth.plain.simmer': [-90, -30, 'pot-1', 'board'],
          'broth.plain.skim': [-60, -58, 'board'],
          'broth.plain.serve': [-20, -15, 'plate-1'],
        },
      ),
    ).toEqual(['kit-twice [broth.plain.simmer broth.plain.skim]']);
  });
});

describe('one clash of two tasks', () => {
  test('is told once, whatever overlaps with what', () => {
    const one = of([
      dry('one', [step('mix', { kit: own('bowl') }), step('plate', { kit: own('serving-dish') })]),
      dry('two', [step('beat', { kit: own('bowl') }), step('plate', { kit: own('serving-dish') })]),
    ]);
    expect(
      shortly(
        saidOf(one, {
          'one.plain.mix': [-90, -80, 'bowl-1'],
          'one.plain.plate': [-40, -35, 'plate-1'],
          'two.plain.beat': [-85, -75, 'bowl-1'],
          'two.plain.plate': [-30, -25, 'plate-2'],
        }),
      ),
    ).toEqual(['kit-twice [one.plain.mix two.plain.beat]']);
  });
});

describe('what is left of a base', () => {
  const stew = of(
    [
      recipe(
        'stew',
        [line('salt', 'salt'), line('herb', 'parsley')],
        [
          step('boil', { uses: ['salt'], kit: own('large-pot'), burner: true, splitPoint: true }),
          step('stand', {
            uses: ['herb'],
            hands: 'off',
            durationMin: { least: 30, likely: 30, most: 30 },
          }),
          step('plate', { kit: own('serving-dish') }),
        ],
      ),
    ],
    {
      guests: [guest('ana'), guest('ben')],
      dishes: [stewInTwo],
    },
  );
  const at = (piece: string, min: number) =>
    shortly(
      saidOf(
        stew,
        {
          'stew.base.boil': [-90, -60, 'pot-1'],
          'stew.bare.stand': [-50, -20, 'pot-2'],
          'stew.plain.stand': [-50, -20, 'pot-1'],
          'stew.bare.plate': [-10, -5, 'plate-1'],
          'stew.plain.plate': [-8, -3, 'plate-2'],
        },
        { batches: stewBatches, besides: [washOf('w', min, min + 2, [piece])] },
      ),
    );
  test('stays in its pot, and what was taken out of that is in its own', () => {
    expect(at('board', -30)).toEqual([]);
    for (const pot of ['pot-1', 'pot-2'])
      for (const min of [-30, -15]) expect(at(pot, min)).toEqual([expect.stringMatching(/^(contents|kit-twice) /)]);
    expect(at('pot-2', -60)).toEqual([]);
    expect(at('pot-1', -60)).not.toEqual([]);
    expect(at('pot-1', -8)).toEqual([]);
    expect(at('pot-2', -10)).toEqual([]);
  });
});
