import { id } from '../../test-support/id.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import { KitKind, type Occasion } from '../model/index.ts';
import { kitKindOf } from '../reference/index.ts';
import { tasksOf, type TaskKit } from './index.ts';

const kit = [
  ...[1, 2, 3, 4].map((n) => unit(`bowl-${n}`, 'bowl')),
  ...[1, 2].map((n) => unit(`pot-${n}`, 'large-pot')),
  ...[1, 2].map((n) => unit(`pan-${n}`, 'frying-pan')),
  ...[1, 2].map((n) => unit(`tray-${n}`, 'baking-tray')),
  ...[1, 2].map((n) => unit(`dish-${n}`, 'serving-dish')),
  unit('board', 'board', 'plastic'),
  unit('blender', 'blender'),
];

type Loose = Record<string, unknown>;
const food = line('rice', 'rice');
const made = (steps: Loose[], more: Loose = {}): Occasion =>
  occasion({ guests: [guest('ana')], recipes: [recipe('it', [food], steps)], kit, ...more });
/** What a step is done in: kind, and what its food is called there; `<` emptied at its start, `>` until when it is kept, `*` until taken. */
const inWhat = (one: Occasion, id: string): readonly string[] =>
  tasksOf(one, fit(one))
    .tasks.find((task) => task.id === id)!
    .kit.map((use: TaskKit) => {
      const name = use.hold === undefined ? use.kind : use.hold.split('/').slice(1).join('/');
      const kept = use.keptUntilMin === undefined ? '' : `>${use.keptUntilMin}`;
      return `${name}${use.forMin === undefined ? '' : `<${use.forMin}`}${kept}${use.untilTaken ? '*' : ''}`;
    });

test('every kind of kit has its row', () => {
  for (const kind of KitKind.options) expect(kitKindOf(kind).kind).toBe(kind);
  expect(() => kitKindOf('cauldron')).toThrow('No row for kit of kind cauldron.');
});

describe('steps of one recipe', () => {
  test('are in the same piece where they go on with the same food, named or not', () => {
    const one = made([
      step('boil', { uses: ['rice'], kit: [{ kind: 'large-pot' }], burner: true }),
      step('stir', {}),
      step('season', { kit: [{ kind: 'large-pot' }] }),
    ]);
    expect(inWhat(one, 'it.plain.boil')).toEqual(['large-pot/boil~0']);
    expect(inWhat(one, 'it.plain.stir')).toEqual(['large-pot/boil~0']);
    expect(inWhat(one, 'it.plain.season')).toEqual(['large-pot/boil~0>0']);
  });

  test('take out of what it was in: by hand to the end, tipped out where it then goes by itself', () => {
    const steps = (hands: string) => [
      step('mix', { uses: ['rice'], kit: [{ kind: 'bowl' }] }),
      step('bake', {
        kit: [{ kind: 'baking-tray' }],
        hands,
        ...(hands === 'off' ? { oven: { temperatureC: 180 } } : {}),
      }),
    ];
    expect(inWhat(made(steps('on')), 'it.plain.bake')).toEqual(['baking-tray/bake~0>0', 'bowl/mix~0']);
    expect(inWhat(made(steps('off')), 'it.plain.bake')).toEqual(['baking-tray/bake~0>0', 'bowl/mix~0<1']);
  });

  test('do not go on in what cannot stand on the heat', () => {
    const one = made([
      step('mix', { uses: ['rice'], kit: [{ kind: 'bowl' }] }),
      step('bake', { hands: 'off', oven: { temperatureC: 180 } }),
    ]);
    expect(inWhat(one, 'it.plain.bake')).toEqual(['bowl/mix~0<1']);
  });

  test('leave nothing on boards, and in pans only what is not taken out when it is done', () => {
    const fried = (next: Loose) => [
      step('chop', { uses: ['rice'], kit: [{ kind: 'board' }] }),
      step('fry', { kit: [{ kind: 'frying-pan' }], burner: true }),
      step('next', next),
    ];
    expect(inWhat(made(fried({ kit: [{ kind: 'bowl' }] })), 'it.plain.next')).toEqual(['bowl/next~0>60']);
    expect(inWhat(made(fried({})), 'it.plain.next')).toEqual(['frying-pan/fry~0>0']);
    expect(inWhat(made(fried({})), 'it.plain.fry')).toEqual(['frying-pan/fry~0']);
  });

  test('leave it in a machine only where nothing else is at hand', () => {
    const blended = (kinds: string[]) =>
      made([
        step('blend', { uses: ['rice'], kit: kinds.map((kind) => ({ kind })) }),
        step('plate', { kit: [{ kind: 'serving-dish' }] }),
      ]);
    expect(inWhat(blended(['blender']), 'it.plain.plate')).toEqual(['serving-dish/plate~0>60', 'blender/blend~0']);
    expect(inWhat(blended(['bowl', 'blender']), 'it.plain.plate')).toEqual(['serving-dish/plate~0>60', 'bowl/blend~0']);
  });

  test('leave it in what is gone on with, not in what stands beside it', () => {
    const one = made([
      step('fill', {
        uses: ['rice'],
        kit: [
          { kind: 'large-pot', as: 'pot' },
          { kind: 'bowl', as: 'rest' },
        ],
      }),
      step('cook', { kit: [{ kind: 'large-pot', as: 'pot' }], burner: true }),
    ]);
    expect(inWhat(one, 'it.plain.cook')).toEqual(['large-pot/pot>0']);
  });
});

describe('versions', () => {
  const split = (last: Loose, guests = [guest('ana'), guest('ben', noTrace('tree-nut'))]) =>
    occasion({
      guests,
      recipes: [
        recipe(
          'it',
          [food, line('nuts', 'walnut')],
          [
            step('boil', { uses: ['rice'], kit: [{ kind: 'large-pot', as: 'pot' }], burner: true, splitPoint: true }),
            step('finish', { uses: ['nuts'], ...last }),
          ],
        ),
      ],
      dishes: [
        dish('it', 'it', {
          versions: [
            { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
            { id: 'free', name: 'without nuts', swaps: [{ kind: 'omit', line: 'nuts' }], guests: ['ben'] },
          ],
        }),
      ],
      kit,
    });

  const pot = { kit: [{ kind: 'large-pot', as: 'pot' }] };
  const holdsOf = (one: ReturnType<typeof split>) =>
    tasksOf(one, fit(one)).tasks.flatMap((task) => task.kit.map(({ hold }) => hold));

  test('the first stays in what all are taken from, when the others have theirs in pieces of their own', () => {
    const one = split(pot);
    expect(inWhat(one, 'it.base.boil')).toEqual(['large-pot/pot*']);
    expect(holdsOf(one)).toEqual(['it.base/large-pot/pot', 'it.base/large-pot/pot', 'it.free/large-pot/pot']);
    const [, plain, free] = tasksOf(one, fit(one)).tasks;
    expect([plain!.afterOthers, free!.afterOthers]).toEqual([[free!.id], undefined]);
  });

  test.each<[string, Loose]>([
    ['what goes by itself', { hands: 'off' }],
    ['what takes long', { durationMin: { least: 21, likely: 21, most: 30 } }],
  ])('but does not wait in it for %s', (_, last) => {
    const one = split({ ...pot, ...last });
    expect(holdsOf(one)).toEqual(['it.base/large-pot/pot', 'it.plain/large-pot/pot', 'it.free/large-pot/pot']);
    expect(tasksOf(one, fit(one)).tasks.flatMap(({ afterOthers }) => afterOthers ?? [])).toEqual([]);
  });

  test('nobody stays in it when the first is not made', () => {
    const one = split(pot);
    one.dishes[0]!.versions.unshift({ ...one.dishes[0]!.versions[0]!, id: id('nobody'), guests: [] });
    expect(holdsOf(one).filter((hold) => hold === 'it.base/large-pot/pot')).toHaveLength(1);
  });

  test('that name nothing get a dish of their own, or on the heat a pot', () => {
    expect(inWhat(split({}), 'it.free.finish')).toEqual(['serving-dish/finish~share>60']);
    expect(inWhat(split({ burner: true }), 'it.free.finish')).toEqual(['large-pot/finish~share>0']);
  });
});
