import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { runSheet } from '../cookday/index.ts';
import { fit } from '../fit/index.ts';
import type { Occasion } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { rules } from '../reference/index.ts';
import { scale } from '../scale/index.ts';
import { shoppingList } from '../shopping/index.ts';
import { equalWork, gatherWork } from './gather.ts';

type Loose = Record<string, unknown>;
const onions = (count: number, text = `${count} onions`) =>
  line('onions', 'onion', { text, amount: { kind: 'count', count } });
const board = [{ kind: 'board' }, { kind: 'knife' }];
const slice = (extra: Loose = {}) =>
  step('slice', {
    title: 'Slice the onions',
    uses: ['onions'],
    after: [],
    kit: [...board, { kind: 'bowl', as: 'cut' }],
    durationMin: { least: 5, likely: 6, most: 9 },
    grows: true,
    ...extra,
  });
const fry = (extra: Loose = {}) =>
  step('fry', {
    title: 'Fry the onions',
    after: [{ step: 'slice' }],
    kit: [{ kind: 'bowl', as: 'cut' }, { kind: 'frying-pan' }],
    burner: true,
    ...extra,
  });
const stew = (more: { slice?: Loose; fry?: Loose; onions?: Loose } = {}) =>
  recipe('stew', [more.onions ?? onions(3)], [slice(more.slice), fry(more.fry)]);
const tart = (more: { slice?: Loose; fry?: Loose; onions?: Loose; lines?: Loose[] } = {}) =>
  recipe('tart', [more.onions ?? onions(2), ...(more.lines ?? [])], [slice(more.slice), fry(more.fry)]);
const kit = [
  unit('board-1', 'board', 'plastic'),
  unit('knife-1', 'knife'),
  unit('bowl-1', 'bowl'),
  unit('bowl-2', 'bowl'),
  unit('bowl-3', 'bowl'),
  unit('pan-1', 'frying-pan'),
  unit('pan-2', 'frying-pan'),
];
const evening = (parts: { recipes?: Loose[]; guests?: Loose[]; dishes?: Loose[] } = {}): Occasion =>
  occasion({
    guests: parts.guests ?? [guest('ada'), guest('bo'), guest('cy'), guest('di')],
    recipes: parts.recipes ?? [stew(), tart()],
    ...(parts.dishes ? { dishes: parts.dishes } : {}),
    kit,
  });
const offered = (...recipes: Loose[]) => equalWork(evening({ recipes }));

test('the same food cut in the same manner is offered, with what it saves', () => {
  const [work, ...others] = offered(stew(), tart());
  expect(others).toEqual([]);
  expect(work).toMatchObject({
    name: 'Onions, sliced',
    places: [
      { dishName: 'stew', lines: ['3 onions'] },
      { dishName: 'tart', lines: ['2 onions'] },
    ],
  });
  // 6 min for three onions and 6 for two; five take 6·(5/3)^0.7 by the one and 6·(5/2)^0.7 by the other.
  expect(work!.savesMin).toBe(
    12 - Math.round((6 * (5 / 3) ** rules.handsOnExponent + 6 * (5 / 2) ** rules.handsOnExponent) / 2),
  );
});

test('gathered, it is one step for all, in the amount of both, and nothing else about the occasion changes', () => {
  const one = evening();
  const [work] = equalWork(one);
  const together = gatherWork(one, work!.id);
  const made = makePlan(together, { seconds: 0.2 });
  if (made.kind === 'none') throw new Error(made.reason.why);
  expect(audit(together, made.plan).findings).toEqual([]);
  const sheet = runSheet(together, made.plan);
  const slices = sheet.filter((entry) => entry.title === 'Slice the onions');
  expect(slices).toHaveLength(1);
  expect(slices[0]).toMatchObject({
    dishName: 'Onions, sliced',
    versionName: 'for stew and tart',
    amounts: [{ amount: { kind: 'count', count: 5 } }],
  });
  expect(
    sheet
      .filter((entry) => entry.title === 'Fry the onions')
      .map((entry) => entry.kind === 'step' && entry.amounts.map((each) => [each.amount, each.line.text])),
  ).toEqual(
    expect.arrayContaining([
      [[{ kind: 'count', count: 3, piece: '' }, 'Onions, sliced']],
      [[{ kind: 'count', count: 2, piece: '' }, 'Onions, sliced']],
    ]),
  );
  const bought = (each: Occasion) =>
    shoppingList(each, scale(each, fit(each)), [])
      .items.filter((item) => item.food === 'onion')
      .map((item) => item.need);
  expect(bought(together)).toEqual(bought(one));
  expect(equalWork(together)).toEqual([]);
  expect(gatherWork(one, 'nothing of the kind')).toBe(one);
});

test('every dish takes from it in its own proportion', () => {
  const together = gatherWork(evening(), equalWork(evening())[0]!.id);
  const component = together.recipes.find((each) => each.name === 'Onions, sliced')!;
  expect(component).toMatchObject({
    makes: { kind: 'count', count: 3 },
    hold: { mostMin: 1440 },
    steps: [
      { kit: [{ kind: 'board' }, { kind: 'knife' }, { kind: 'bowl', as: 'share-1' }, { kind: 'bowl', as: 'share-2' }] },
    ],
  });
  const tartLine = together.recipes.find((each) => each.id === 'tart')!.lines[0]!;
  expect(tartLine).toMatchObject({ text: '2 onions', component: component.id });
  expect(tartLine.amount.kind === 'count' && tartLine.amount.count).toBeCloseTo(2, 9);
  expect(tartLine).not.toHaveProperty('food');
});

test('where somebody must have no trace, it is kept free for all of them', () => {
  const floury = line('flour', 'wheat-flour');
  const pastry = step('roll', { title: 'Roll', uses: ['flour'], after: [], kit: board });
  const one = evening({
    guests: [guest('ada', noTrace('wheat')), guest('bo'), guest('cy'), guest('di')],
    recipes: [
      stew(),
      recipe(
        'tart',
        [onions(2), floury],
        [slice(), pastry, fry({ coreC: 90, after: [{ step: 'slice' }, { step: 'roll' }] })],
      ),
    ],
    dishes: [dish('stew'), dish('tart', 'tart', { notFor: ['ada'] })],
  });
  const together = gatherWork(one, equalWork(one)[0]!.id);
  const made = makePlan(together, { seconds: 0.3 });
  if (made.kind === 'none') throw new Error(made.reason.why);
  expect(audit(together, made.plan).findings).toEqual([]);
  const cut = made.plan.tasks.find((task) => task.kind === 'step' && task.batch.startsWith('shared:'))!;
  const rolled = made.plan.tasks.find((task) => task.id === 'tart.plain.roll')!;
  const washed = made.plan.tasks.filter((task) => task.kind === 'wash');
  expect(
    cut.endMin <= rolled.startMin ||
      washed.some((wash) => wash.startMin >= rolled.endMin && wash.endMin <= cut.startMin),
  ).toBe(true);
});

test('who takes from it with raw meat on their hands does not spoil it for the rest: each share has its bowl, or it is not offered', () => {
  const bed = recipe(
    'roast',
    [line('chicken', 'chicken-thigh'), onions(2)],
    [
      step('season', { uses: ['chicken'], after: [], kit: [{ kind: 'roasting-tin', as: 'tin' }] }),
      slice(),
      fry({
        title: 'Bed the thighs',
        after: [{ step: 'season', mostMin: 30 }, { step: 'slice' }],
        burner: false,
        kit: [
          { kind: 'bowl', as: 'cut' },
          { kind: 'roasting-tin', as: 'tin' },
        ],
      }),
      step('bake', {
        title: 'Bake',
        after: [{ step: 'fry', mostMin: 30 }],
        hands: 'off',
        durationMin: { least: 40, likely: 45, most: 50 },
        coreC: 80,
        oven: { temperatureC: 200 },
        kit: [{ kind: 'roasting-tin', as: 'tin' }],
      }),
    ],
  );
  const withBowls = (count: number): Occasion =>
    occasion({
      guests: [guest('ada'), guest('bo')],
      recipes: [stew(), bed],
      kit: [
        ...kit.filter((each) => each['kind'] !== 'bowl'),
        unit('tin-1', 'roasting-tin'),
        ...Array.from({ length: count }, (_, at) => unit(`bowl-${at + 1}`, 'bowl')),
      ],
    });
  const one = withBowls(2);
  const together = gatherWork(one, equalWork(one)[0]!.id);
  const made = makePlan(together, { seconds: 0.3 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  expect(audit(together, made.plan).findings).toEqual([]);
  expect(equalWork(withBowls(1))).toEqual([]);
});

test.each<[string, Loose, Loose]>([
  ['cut in another manner', stew(), tart({ slice: { title: 'Chop the onions' } })],
  ['cut finer', stew(), tart({ slice: { text: 'Very finely.' } })],
  ['cut to another measure', stew({ slice: { text: '5 mm thick.' } }), tart({ slice: { text: '1 cm thick.' } })],
  [
    'another food',
    stew(),
    tart({ onions: line('onions', 'leek', { text: '2 leeks', amount: { kind: 'count', count: 2 } }) }),
  ],
  ['a food nobody knows', stew({ onions: { ...onions(3), food: undefined } }), tart()],
  ['other work in the same step', stew(), tart({ slice: { text: 'Fry them at once.' } })],
  ['salted as it is cut', stew(), tart({ slice: { text: 'Salt them.' } })],
  ['an amount without a number', stew(), tart({ onions: { ...onions(2), amount: { kind: 'words', words: 'some' } } })],
  ['between two amounts', stew(), tart({ onions: { ...onions(2), amount: { kind: 'count', count: 2, toCount: 3 } } })],
  [
    'something before it',
    stew(),
    recipe(
      'tart',
      [onions(2), line('wine', 'water')],
      [step('first', { uses: ['wine'], after: [] }), slice({ after: [{ step: 'first' }] }), fry()],
    ),
  ],
  ['something that must stand first', stew(), tart({ fry: { after: [{ step: 'slice', leastMin: 20 }] } })],
  [
    'into the oven just as it is',
    stew(),
    tart({
      fry: {
        title: 'Roast',
        burner: false,
        hands: 'off',
        oven: { temperatureC: 180 },
        kit: [{ kind: 'bowl', as: 'cut' }],
      },
    }),
  ],
  ['another kind of kit', stew(), tart({ slice: { kit: [{ kind: 'grater' }, { kind: 'bowl', as: 'cut' }] } })],
  ['raw meat', stew({ onions: line('onions', 'chicken-thigh') }), tart({ onions: line('onions', 'chicken-thigh') })],
])('not offered: %s', (_, one, other) => {
  expect(offered(one, other)).toEqual([]);
});

test('what a version swaps, what somebody brings, and one dish alone are left as they are', () => {
  const swap = { id: 'bare', name: 'bare', guests: ['bo'], swaps: [{ kind: 'omit', line: 'onions' }] };
  const plain = { id: 'plain', name: 'as written', guests: [], swaps: [] };
  expect(equalWork(evening({ dishes: [dish('stew'), dish('tart', 'tart', { versions: [plain, swap] })] }))).toEqual([]);
  expect(
    equalWork(evening({ dishes: [dish('stew'), dish('tart', 'tart', { brought: { how: 'brought', by: 'Bo' } })] })),
  ).toEqual([]);
  expect(equalWork(evening({ dishes: [dish('stew')] }))).toEqual([]);
});

test('several foods are gathered where they are the same mixture, by weight', () => {
  const both = (onionG: number, carrotG: number) => [
    line('onions', 'onion', { amount: { kind: 'mass', massG: onionG } }),
    line('carrots', 'carrot', { amount: { kind: 'mass', massG: carrotG } }),
  ];
  const mixed = (id: string, lines: Loose[]) =>
    recipe(id, lines, [slice({ title: 'Slice onions and carrots', uses: ['onions', 'carrots'] }), fry()]);
  const one = evening({ recipes: [mixed('stew', both(300, 150)), mixed('tart', both(600, 310))] });
  const [work] = equalWork(one);
  expect(work!.name).toBe('Carrots and onions, sliced');
  const together = gatherWork(one, work!.id);
  expect(together.recipes.find((each) => each.id === 'tart')!.lines).toHaveLength(1);
  expect(together.recipes.find((each) => each.name === work!.name)).toMatchObject({
    makes: { kind: 'mass', massG: 450 },
  });
  expect(offered(mixed('stew', both(300, 150)), mixed('tart', both(300, 300)))).toEqual([]);
});

test('what was fixed for the step that goes is let go; other wishes stay', () => {
  const one = evening();
  const pinnedTo = (task: string) => ({ task, startsAtMin: -60 }) as Occasion['wishes']['pins'][number];
  const wished = {
    ...one,
    wishes: { ...one.wishes, pins: [pinnedTo('stew.plain.slice'), pinnedTo('stew.plain.fry')] },
  };
  expect(gatherWork(wished, equalWork(wished)[0]!.id).wishes.pins.map((pin) => pin.task)).toEqual(['stew.plain.fry']);
});
