import { byHand, washOf, type Place } from '../../test-support/byHand.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { gather } from './facts.ts';
import { replayResidues } from './residues.ts';

type Loose = Record<string, unknown>;

const kit = [
  unit('board', 'board', 'plastic'),
  unit('old', 'board', 'wood'),
  unit('pan', 'saucepan'),
  unit('bowl', 'bowl'),
];
const cooks = ['cook', 'help'].map((name) => ({
  id: name,
  name: `The ${name}`,
  windows: [{ fromMin: -600, toMin: 60 }],
}));
const oriel = guest('oriel', noTrace('gluten'));

const of = (recipes: Loose[], more: Loose = {}): Occasion =>
  occasion({ guests: [guest('ana'), oriel], recipes, kit, cooks, ...more } as Parameters<typeof occasion>[0]);
const one = (name: string, food: string, extra: Loose = {}): Loose =>
  recipe(name, [line('it', food)], [step('do', { uses: ['it'], ...extra })]);

const replayOf = (on: Occasion, plan: Plan) => replayResidues(gather(on, plan));
const said = (on: Occasion, plan: Plan): string[] =>
  replayOf(on, plan).findings.map(
    ({ code, tasks, guests, message }) => `${code} [${[...tasks, ...guests].join(' ')}] ${message}`,
  );
const saidOf = (on: Occasion, places: Record<string, Place>, besides: Loose[] = [], batches?: Loose[]): string[] =>
  said(on, byHand(on, places, { besides, ...(batches && { batches }) }));
const codes = (list: readonly string[]) => list.map((each) => each.split(' ')[0]);

const bread = one('bread', 'couscous');
const plums = one('plums', 'plum');
const table = of([bread, plums]);
/** Bread, then plums, both on the plastic board, by cooks of their own. */
const onBoard: Record<string, Place> = {
  'bread.plain.do': [-60, -55, { units: ['board'], cook: 'cook' }],
  'plums.plain.do': [-50, -45, { units: ['board'], cook: 'help' }],
};

describe('from one dish to another', () => {
  test('over a board: which, of what, from where, to whom', () => {
    expect(saidOf(table, onBoard)).toEqual([
      'crossing [bread.plain.do plums.plain.do oriel] board: wheat from “do” (bread, 17:00) reaches “do” (plums, 17:10) for oriel.',
    ]);
  });
  test('over hands, which have a name', () => {
    const byOne = { ...onBoard, 'plums.plain.do': [-50, -45, { cook: 'cook' }] as Place };
    expect(saidOf(table, byOne)).toEqual([
      'crossing [bread.plain.do plums.plain.do oriel] the hands of The cook: wheat from “do” (bread, 17:00) reaches “do” (plums, 17:10) for oriel.',
    ]);
    expect(saidOf(table, { ...byOne, 'plums.plain.do': [-50, -45, { cook: 'help' }] })).toEqual([]);
  });
  test('not the other way round, nor for who may have it', () => {
    const first = { ...onBoard, 'plums.plain.do': [-70, -65, { units: ['board'], cook: 'help' }] as Place };
    expect(saidOf(table, first)).toEqual([]);
    expect(saidOf({ ...table, guests: table.guests.slice(0, 1) } as Occasion, onBoard)).toEqual([]);
    const away = of([bread, plums], { dishes: [dish('bread'), dish('plums', 'plums', { notFor: ['oriel'] })] });
    expect(saidOf(away, onBoard)).toEqual([]);
  });
  test('in time, not in the order of the plan', () => {
    const { 'bread.plain.do': first, 'plums.plain.do': then } = onBoard;
    expect(codes(saidOf(table, { 'plums.plain.do': then!, 'bread.plain.do': first! }))).toEqual(['crossing']);
  });
  test('over a piece in between, that no label names twice', () => {
    const three = of([bread, one('nuts', 'carrot'), plums]);
    const places = {
      'bread.plain.do': [-60, -55, { units: ['board'], cook: 'cook' }] as Place,
      'nuts.plain.do': [-50, -45, { units: ['board', 'bowl'], cook: 'cook' }] as Place,
      'plums.plain.do': [-40, -35, { units: ['bowl'], cook: 'help' }] as Place,
    };
    // Both dishes are eaten by Oriel: the one in between by board and by hands, the last by the bowl.
    expect(saidOf(three, places)).toEqual([
      expect.stringMatching(/^crossing .* board: wheat from “do” \(bread/),
      expect.stringMatching(/^crossing .* the hands of The cook: wheat from “do” \(bread/),
      expect.stringMatching(/^crossing \[bread\.plain\.do plums\.plain\.do oriel\] bowl: wheat from “do” \(bread/),
    ]);
  });
  test('with the food, to whatever that touches later', () => {
    const dough = recipe('dough', [line('it', 'couscous')], [step('mix', { uses: ['it'] }), step('roll')]);
    const two = of([dough, plums]);
    const places: Record<string, Place> = {
      'dough.plain.mix': [-60, -55, { cook: 'cook' }],
      'dough.plain.roll': [-50, -45, { units: ['board'], cook: 'help' }],
      'plums.plain.do': [-40, -35, { units: ['board'], cook: 'cook' }],
    };
    expect(saidOf(two, places)).toEqual([
      expect.stringMatching(/ board: wheat from “mix” \(dough/),
      expect.stringMatching(/ the hands of The cook: wheat from “mix” \(dough/),
    ]);
  });
  test('more than four guests are not named, and are all counted', () => {
    const many = Array.from({ length: 5 }, (_, at) => guest(`g${at}`, noTrace('gluten')));
    const full = of([bread, plums], { guests: many });
    const [only] = saidOf(full, onBoard);
    expect(only).toMatch(/for g0\.$/);
    expect(saidOf(full, onBoard)).toHaveLength(5);
  });
});

test('everything is called by its name', () => {
  const named = of([bread, plums], {
    guests: [guest('ana'), { ...oriel, name: 'Aunt Oriel' }, { ...guest('bo', noTrace('wheat')), name: 'Bo' }],
    kit: [unit('board', 'board', 'plastic', { name: 'The blue board' }), unit('other', 'board', 'plastic')],
  });
  expect(saidOf(named, onBoard)).toEqual([
    expect.stringMatching(
      /\] The blue board: wheat from “do” \(bread, 17:00\) reaches “do” \(plums, 17:10\) for Aunt Oriel\.$/,
    ),
    expect.stringMatching(/\] The blue board: .* for Bo\.$/),
  ]);
  const byOne = {
    ...onBoard,
    'plums.plain.do': [-50, -45, { cook: 'help' }] as Place,
    'bread.plain.do': [-60, -55, { cook: 'help' }] as Place,
  };
  expect(saidOf(named, byOne)).toContainEqual(expect.stringMatching(/\] the hands of The help: /));
});

describe('washes', () => {
  const with_ = (wash: Loose) => saidOf(table, onBoard, [wash]);
  test('a board is clean from the end of its wash', () => {
    expect(with_(washOf('w', -55, -50, ['board']))).toEqual([]);
    expect(codes(with_(washOf('w', -55, -49, ['board'])))).toEqual(['crossing']);
    expect(codes(with_(washOf('w', -70, -61, ['board'])))).toEqual(['crossing']);
    expect(codes(with_(washOf('w', -55, -50, ['bowl'])))).toEqual(['crossing']);
  });
  test('the dishwasher’s load when that has run', () => {
    expect(with_(washOf('w', -55, -52, ['board'], { machineUntilMin: -50 }))).toEqual([]);
    expect(codes(with_(washOf('w', -55, -52, ['board'], { machineUntilMin: -49 })))).toEqual(['crossing']);
    // A programme that would end before it was loaded cleans nothing before.
    expect(codes(with_(washOf('w', -55, -49, ['board'], { machineUntilMin: -52 })))).toEqual(['crossing']);
  });
  test('hands are clean when they have been washed, their own and nobody else’s', () => {
    const byOne = { ...onBoard, 'plums.plain.do': [-50, -45, { cook: 'cook' }] as Place };
    const then = (more: Loose) => codes(saidOf(table, byOne, [washOf('w', -55, -50, [], more)]));
    expect(then({})).toEqual([]);
    expect(then({ machineUntilMin: -20 })).toEqual([]);
    expect(then({ cook: 'help' })).toEqual(['crossing']);
    expect(then({ hands: false })).toEqual(['crossing']);
  });
  test('wood keeps what it has met', () => {
    const tracefree = of([bread, plums], { guests: [guest('ana'), guest('ben', noTrace('milk'))] });
    const places: Record<string, Place> = { 'plums.plain.do': [-50, -45, { units: ['old'] }] };
    expect(codes(saidOf(tracefree, places, [washOf('w', -90, -80, ['old'])]))).toEqual(['unclean-past']);
    const { surfaces } = replayOf(
      tracefree,
      byHand(tracefree, places, { besides: [washOf('w', -90, -80, ['old', 'board'])] }),
    );
    expect(surfaces.get('board')).toEqual([{ fromMin: -80, marks: [], by: 'w' }]);
    expect(surfaces.get('old')![0]).toMatchObject({ fromMin: -80, by: 'w' });
    expect(surfaces.get('old')![0]!.marks.length).toBeGreaterThan(10);
    expect(surfaces.get('hands:cook')![0]).toEqual({ fromMin: -80, marks: [], by: 'w' });
  });
});

describe('a past nobody knows', () => {
  test('is on wood, and on what is made of it, for whoever must not have a trace', () => {
    const [only, ...rest] = saidOf(of([plums]), { 'plums.plain.do': [-50, -45, { units: ['old'] }] });
    expect(rest).toEqual([]);
    expect(only).toMatch(
      /^unclean-past \[plums\.plain\.do oriel\] old: .* from before the day reach “do” \(plums, 17:10\) for oriel\.$/,
    );
    expect(
      saidOf(of([plums], { guests: [guest('ana')] }), { 'plums.plain.do': [-50, -45, { units: ['old'] }] }),
    ).toEqual([]);
    expect(saidOf(of([plums]), { 'plums.plain.do': [-50, -45, { units: ['board'] }] })).toEqual([]);
  });
  test('goes on from there to plastic, with the name of what it came from', () => {
    const two = of([one('figs', 'plum'), plums], {
      dishes: [dish('figs', 'figs', { notFor: ['oriel'] }), dish('plums')],
    });
    const words = saidOf(two, {
      'figs.plain.do': [-60, -55, { units: ['old', 'board'], cook: 'help' }],
      'plums.plain.do': [-50, -45, { units: ['board'] }],
    });
    expect(words).toEqual([
      expect.stringMatching(
        /^unclean-past \[plums\.plain\.do oriel\] board: gluten, wheat, .* from before the day reach “do” \(plums/,
      ),
    ]);
  });
  test('wood kept free of one thing may have met every other', () => {
    const keptFree = (of_: string, need: string) => {
      const boards = [unit('old', 'board', 'wood', { keptFreeOf: [of_] })];
      const on = of([plums], { kit: boards, guests: [guest('ben', noTrace(need))] });
      return codes(saidOf(on, { 'plums.plain.do': [-50, -45, { units: ['old'] }] }));
    };
    expect(keptFree('gluten', 'gluten')).toEqual([]);
    expect(keptFree('gluten', 'wheat')).toEqual([]);
    expect(keptFree('gluten', 'milk')).toEqual(['unclean-past']);
    const plastic = of([plums], {
      kit: [unit('board', 'board', 'plastic', { keptFreeOf: ['gluten'] })],
      guests: [guest('ben', noTrace('milk'))],
    });
    expect(saidOf(plastic, { 'plums.plain.do': [-50, -45, { units: ['board'] }] })).toEqual([]);
  });
});

describe('kit kept free', () => {
  const kept = unit('kept', 'board', 'plastic', { keptFreeOf: ['gluten'] });
  const free = of([bread, plums], { kit: [...kit, kept], guests: [guest('ana')] });
  test('meets it neither in the food of a step nor on what is used beside it', () => {
    expect(saidOf(free, { 'bread.plain.do': [-60, -55, { units: ['kept'] }] })).toEqual([
      'kept-free [bread.plain.do] kept: wheat reaches it in “do” (bread, 17:00).',
    ]);
    expect(
      codes(
        saidOf(free, {
          'bread.plain.do': [-60, -55, { units: ['board'] }],
          'plums.plain.do': [-50, -45, { units: ['kept'] }],
        }),
      ),
    ).toEqual(['kept-free']);
    expect(
      saidOf(free, {
        'bread.plain.do': [-60, -55, { units: ['board'] }],
        'plums.plain.do': [-50, -45, { units: ['kept'], cook: 'help' }],
      }),
    ).toEqual([]);
  });
  test('nor what nobody has read', () => {
    const odd = of([recipe('odd', [line('it', undefined)], [step('do', { uses: ['it'] })])], {
      kit: [unit('kept', 'board', 'plastic', { keptFreeOf: ['gluten'] })],
      guests: [guest('ana')],
    });
    expect(codes(saidOf(odd, { 'odd.plain.do': [-60, -55, { units: ['kept'] }] }))).toEqual([]);
  });
});

describe('raw', () => {
  const soup = (food: string, steps: Loose[], name = 'soup') => recipe(name, [line('it', food)], steps);
  const boiled = (coreC?: number) => [
    step('cut', { uses: ['it'] }),
    step('boil', { hands: 'off', burner: true, ...(coreC && { coreC }) }),
  ];
  const alone = (food: string, steps: Loose[]) => of([soup(food, steps)], { guests: [guest('ana')] });
  const places: Record<string, Place> = { 'soup.plain.cut': [-60, -55], 'soup.plain.boil': [-50, -20] };

  test('is served only when a step has cooked it, hot enough', () => {
    expect(saidOf(alone('chicken', boiled(74)), places)).toEqual([]);
    expect(saidOf(alone('chicken', boiled(73)), places)).toEqual([
      expect.stringMatching(
        /^raw-served \[soup\.plain\.boil ana\] soup goes out at 17:40 with raw .* that no step has cooked\.$/,
      ),
    ]);
    expect(codes(saidOf(alone('chicken', boiled()), places))).toEqual(['raw-served']);
    expect(saidOf(alone('carrot', boiled()), places)).toEqual([]);
  });
  test('only of what goes to the table', () => {
    const batches = [{ id: 'soup.plain', dish: 'soup', versions: ['plain'], portions: 4, lost: true }];
    expect(saidOf(alone('chicken', boiled()), places, [], batches)).toEqual([]);
  });
  test('flesh is washed off before any other dish, also one that will be cooked', () => {
    const stew = soup('carrot', boiled(95), 'stew');
    const two = of([soup('chicken', boiled(74)), stew], { guests: [guest('ana')] });
    const on: Record<string, Place> = {
      'soup.plain.cut': [-60, -55, { units: ['board'] }],
      'soup.plain.boil': [-50, -20],
      'stew.plain.cut': [-54, -51, { units: ['board'], cook: 'help' }],
      'stew.plain.boil': [-50, -20],
    };
    expect(saidOf(two, on)).toEqual([
      expect.stringMatching(/^raw-crossing \[soup\.plain\.cut stew\.plain\.cut ana\] board: raw /),
    ]);
    expect(saidOf(two, on, [washOf('w', -55, -54, ['board'], { cook: 'help' })])).toEqual([]);
  });
  test('of its own dish it may be on the board while that is still to be cooked, and not after', () => {
    const carved = (coreC: number) => [...boiled(74), step('carve', { coreC: coreC || undefined })];
    const on: Record<string, Place> = {
      'soup.plain.cut': [-60, -55, { units: ['board'] }],
      'soup.plain.boil': [-50, -20],
      'soup.plain.carve': [-15, -10, { units: ['board'], cook: 'help' }],
    };
    expect(codes(saidOf(alone('chicken', carved(0)), on))).toEqual(['raw-crossing', 'raw-served']);
    expect(saidOf(alone('chicken', carved(74)), on)).toEqual([]);
    expect(saidOf(alone('chicken', carved(0)), on, [washOf('w', -20, -16, ['board'])])).toEqual([]);
  });
  test('what stands on the heat gets as hot as its food; what is only used beside it does not', () => {
    const fried = [
      step('fry', { uses: ['it'], burner: true, coreC: 74, kit: [] }),
      step('plate', { after: [{ step: 'fry' }] }),
    ];
    const on = (piece: string): string[] =>
      saidOf(alone('chicken', fried), {
        'soup.plain.fry': [-60, -50, { units: [piece] }],
        'soup.plain.plate': [-40, -35, { units: [piece], cook: 'help' }],
      });
    expect(on('pan')).toEqual([]);
    expect(codes(on('bowl'))).toEqual(['raw-crossing', 'raw-served']);
    const offHeat = [step('fry', { uses: ['it'], coreC: 74 }), step('plate', { after: [{ step: 'fry' }] })];
    expect(
      codes(
        saidOf(alone('chicken', offHeat), {
          'soup.plain.fry': [-60, -50, { units: ['pan'] }],
          'soup.plain.plate': [-40, -35, { units: ['pan'], cook: 'help' }],
        }),
      ),
    ).toEqual(['raw-crossing', 'raw-served']);
  });
  test('in the oven a tin gets hot, a board would not', () => {
    const tins = [unit('tin', 'baking-tray'), unit('bowl', 'bowl', 'plastic')];
    const roast = [
      step('roast', { uses: ['it'], oven: { temperatureC: 200 }, coreC: 74 }),
      step('plate', { after: [{ step: 'roast' }] }),
    ];
    const on = (piece: string) =>
      codes(
        saidOf(of([soup('chicken', roast)], { guests: [guest('ana')], kit: tins }), {
          'soup.plain.roast': [-60, -50, { units: [piece] }],
          'soup.plain.plate': [-40, -35, { units: [piece], cook: 'help' }],
        }),
      );
    expect(on('tin')).toEqual([]);
    expect(on('bowl')).toEqual(['raw-crossing', 'raw-served']);
  });
  test('what goes by itself leaves its kit as it leaves its food', () => {
    const by = (hands: string) => [
      step('cook', { uses: ['it'], hands, coreC: 74 }),
      step('plate', { after: [{ step: 'cook' }] }),
    ];
    const on = (hands: string) =>
      codes(
        saidOf(alone('chicken', by(hands)), {
          'soup.plain.cook': [-60, -50, { units: ['bowl'] }],
          'soup.plain.plate': [-40, -35, { units: ['bowl'], cook: 'help' }],
        }),
      );
    expect(on('off')).toEqual([]);
    expect(on('on')).toEqual(['raw-crossing', 'raw-served']);
  });

  test('egg, unlike flesh, may be on what another dish takes, if that is cooked', () => {
    const two = (coreC: number) =>
      of([soup('egg', boiled(74)), soup('carrot', boiled(coreC), 'stew')], { guests: [guest('ana')] });
    const on: Record<string, Place> = {
      'soup.plain.cut': [-60, -55, { units: ['board'] }],
      'soup.plain.boil': [-50, -20],
      'stew.plain.cut': [-54, -51, { units: ['board'], cook: 'help' }],
      'stew.plain.boil': [-50, -20],
    };
    expect(saidOf(two(74), on)).toEqual([]);
    expect(codes(saidOf(two(60), on))).toEqual(['raw-crossing']);
  });
  describe('on purpose', () => {
    const mixed = (meantRaw?: string[], more: Loose = {}) => [
      step('whisk', { uses: ['it'], ...(meantRaw && { meantRaw }), ...more }),
      step('season'),
    ];
    const byWhisk: Record<string, Place> = {
      'soup.plain.whisk': [-60, -55, { units: ['bowl'] }],
      'soup.plain.season': [-50, -45, { units: ['bowl'] }],
    };
    test('is served where a step says so, and only what it says', () => {
      expect(saidOf(alone('egg', mixed(['raw-egg'])), byWhisk)).toEqual([]);
      expect(codes(saidOf(alone('egg', mixed()), byWhisk))).toEqual(['raw-crossing', 'raw-crossing', 'raw-served']);
      expect(codes(saidOf(alone('egg', mixed(['raw-fish'])), byWhisk))).toContain('raw-served');
      expect(codes(saidOf(alone('chicken', mixed(['raw-fish'])), byWhisk))).toContain('raw-served');
    });
    test('meat only where it is browned, and then clean of what is on its board', () => {
      const steak = (burner: boolean) => [
        step('salt', { uses: ['it'] }),
        step('fry', { burner, meantRaw: ['raw-cut'] }),
        step('slice'),
      ];
      const on: Record<string, Place> = {
        'soup.plain.salt': [-60, -55, { units: ['board'] }],
        'soup.plain.fry': [-50, -40, { units: ['pan'] }],
        'soup.plain.slice': [-35, -30, { units: ['board'], cook: 'help' }],
      };
      const wash = [washOf('w', -40, -36, ['board'], { cook: 'help' })];
      expect(codes(saidOf(alone('beef', steak(false)), on, wash))).toContain('raw-served');
      const warmed = [
        step('salt', { uses: ['it'] }),
        step('warm', { oven: { temperatureC: 80 }, meantRaw: ['raw-cut'] }),
      ];
      const inOven: Record<string, Place> = { 'soup.plain.salt': [-60, -55], 'soup.plain.warm': [-50, -40] };
      expect(codes(saidOf(alone('beef', warmed), inOven))).toContain('raw-served');
      expect(saidOf(alone('beef', steak(true)), on, wash)).toEqual([]);
      expect(codes(saidOf(alone('beef', steak(true)), on))).toContain('raw-crossing');
    });
    test('is kept from every other dish as ever', () => {
      const two = of([soup('salmon', mixed(['raw-fish'])), one('plums', 'plum')], { guests: [guest('ana')] });
      const on = (units: string[]): Record<string, Place> => ({
        ...byWhisk,
        'plums.plain.do': [-40, -35, { units, cook: 'help' }],
      });
      expect(codes(saidOf(two, on(['bowl'])))).toEqual(['raw-crossing']);
      expect(saidOf(two, on(['board']))).toEqual([]);
    });
    test('does not cover what comes in beside it, nor after', () => {
      const late = (after: object[]) =>
        of(
          [
            recipe(
              'soup',
              [line('it', 'egg'), line('more', 'egg')],
              [step('whisk', { uses: ['it'], meantRaw: ['raw-egg'] }), step('season', { uses: ['more'], after })],
            ),
          ],
          { guests: [guest('ana')] },
        );
      expect(codes(saidOf(late([{ step: 'whisk' }]), byWhisk))).toContain('raw-served');
    });
  });
  test('heat takes nothing away that nobody has read', () => {
    const on = of([recipe('soup', [line('it', undefined)], boiled(95))], { guests: [guest('ana')] });
    expect(
      replayOf(on, byHand(on, places))
        .foodOf('soup.plain.boil')
        .map(({ mark }) => mark),
    ).toEqual(['unread']);
  });

  describe('in what is made once for several dishes', () => {
    const filling = recipe('filling', [line('it', 'beef-mince')], [step('chop', { uses: ['it'] }), step('mix')], {
      keeps: [{ where: 'fridge', days: 1 }],
    });
    const using = (name: string, coreC: number | undefined) =>
      recipe(
        name,
        [line('f', undefined, { component: 'filling', amount: { kind: 'batches', batches: 1 } })],
        [step('shape', { uses: ['f'] }), step('bake', { hands: 'off', ...(coreC && { coreC }) })],
      );
    const into = (name: string) => ({ dish: name, version: 'plain', path: ['f'] });
    const made = (pieCoreC: number | undefined, tartCoreC: number | undefined) => {
      const on = of([filling, using('pie', pieCoreC), using('tart', tartCoreC)], {
        guests: [guest('ana')],
        dishes: [dish('pie'), dish('tart')],
      });
      const batches = [
        {
          id: 'filling.once',
          dish: 'pie',
          versions: ['plain'],
          portions: 8,
          component: { recipe: 'filling', into: [into('pie'), into('tart')] },
        },
        ...['pie', 'tart'].map((name) => ({ id: `${name}.plain`, dish: name, versions: ['plain'], portions: 4 })),
      ];
      return codes(
        saidOf(
          on,
          {
            'filling.once.chop': [-90, -85, { units: ['board'], cook: 'cook' }],
            'filling.once.mix': [-80, -75, { units: ['board'], cook: 'help' }],
            'pie.plain.shape': [-70, -65, { cook: 'cook' }],
            'pie.plain.bake': [-60, -30],
            'tart.plain.shape': [-70, -65, { cook: 'help' }],
            'tart.plain.bake': [-60, -30],
          },
          [],
          batches,
        ),
      );
    };
    test('it is cooked later only if each of them cooks it', () => {
      expect(made(74, 74)).toEqual([]);
      expect(made(74, undefined)).toEqual(expect.arrayContaining(['raw-crossing', 'raw-served']));
      expect(made(undefined, 74)).toEqual(expect.arrayContaining(['raw-crossing', 'raw-served']));
    });
  });

  describe('of a base', () => {
    const versions = [
      { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
      { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'herb' }], guests: ['ben'] },
    ];
    const stew = (coreC: number) =>
      of(
        [
          recipe(
            'stew',
            [line('it', 'chicken'), line('herb', 'parsley')],
            [
              step('cut', { uses: ['it'] }),
              step('mash', { splitPoint: true }),
              step('boil', { uses: ['herb'], hands: 'off', burner: true, coreC }),
            ],
          ),
        ],
        { guests: [guest('ana'), guest('ben')], dishes: [dish('stew', 'stew', { versions })] },
      );
    const batches = [
      { id: 'stew.base', dish: 'stew', versions: ['plain', 'bare'], portions: 4 },
      { id: 'stew.plain', dish: 'stew', versions: ['plain'], portions: 2, base: 'stew.base' },
      { id: 'stew.bare', dish: 'stew', versions: ['bare'], portions: 2, base: 'stew.base' },
    ];
    const at: Record<string, Place> = {
      'stew.base.cut': [-60, -55, { units: ['board'] }],
      'stew.base.mash': [-54, -51, { units: ['board'], cook: 'help' }],
      'stew.plain.boil': [-50, -20],
      'stew.bare.boil': [-50, -20],
    };
    test('is cooked later if every version made of it is', () => {
      expect(saidOf(stew(74), at, [], batches)).toEqual([]);
      expect(codes(saidOf(stew(60), at, [], batches))).toEqual(['raw-crossing', 'raw-served', 'raw-served']);
    });
  });
});

describe('flour in the air', () => {
  const dusty = (extra: Loose = {}) => one('bread', 'wheat-flour', { looseFlour: true, ...extra });
  const at = (on: Occasion, bread: Place, plums: Place) =>
    saidOf(on, { 'bread.plain.do': bread, 'plums.plain.do': plums }).filter((each) => each.startsWith('flour'));
  const two = of([dusty(), plums]);
  test('is over what is open until it has settled, to the minute', () => {
    const after = (min: number) => at(two, [-60, -55], [min, min + 5, { cook: 'help' }]);
    expect(after(-26)).toEqual([
      'flour [bread.plain.do plums.plain.do oriel] Flour from “do” (bread, 17:00) is in the air over “do” (plums, 17:34), which oriel eat.',
    ]);
    expect(after(-25)).toEqual([]);
    expect(after(-65)).toEqual([]);
    expect(after(-64)).toHaveLength(1);
  });
  test('not over what goes by itself, what holds it anyway, or for who may have it', () => {
    const covered = of([dusty(), one('plums', 'plum', { hands: 'off' })]);
    expect(at(covered, [-60, -55], [-50, -45])).toEqual([]);
    expect(at(of([dusty(), plums], { guests: [guest('ana')] }), [-60, -55], [-50, -45, { cook: 'help' }])).toEqual([]);
    expect(at(of([one('bread', 'wheat-flour'), plums]), [-60, -55], [-50, -45, { cook: 'help' }])).toEqual([]);
    expect(
      at(of([one('bread', 'rice-flour', { looseFlour: true }), plums]), [-60, -55], [-50, -45, { cook: 'help' }]),
    ).toEqual([]);
  });
  test('what came into it before is in the air too', () => {
    const dough = recipe(
      'bread',
      [line('it', 'wheat-flour'), line('seed', 'carrot')],
      [step('mix', { uses: ['it'] }), step('do', { uses: ['seed'], looseFlour: true })],
    );
    const on = of([dough, plums]);
    const words = saidOf(on, {
      'bread.plain.mix': [-90, -85],
      'bread.plain.do': [-60, -55],
      'plums.plain.do': [-50, -45, { cook: 'help' }],
    });
    expect(codes(words)).toContain('flour');
  });
});

test('what it followed is counted, and what is in a food can be asked', () => {
  const replay = replayOf(table, byHand(table, onBoard));
  // Board and both pairs of hands, and the wood with its past.
  expect(replay.followed).toBe(4);
  expect(replay.foodOf('bread.plain.do').map(({ mark, origin, from }) => [mark, origin, from])).toContainEqual([
    'wheat',
    'bread.plain',
    'bread.plain.do',
  ]);
  expect(replay.foodOf('nothing')).toEqual([]);
  expect(replay.surfaces.get('hands:help')!.map(({ by }) => by)).toEqual(['plums.plain.do']);
});
