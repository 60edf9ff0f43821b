import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import type { Occasion } from '../model/index.ts';
import { provenClash } from '../schedule/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { compile } from './compile.ts';
import { makePlan } from './make.ts';

const ana = guest('ana');
const bake = (id: string, temperatureC: number, likely: number, extra: object = {}) =>
  recipe(
    id,
    [line('it', 'potato')],
    [
      step('bake', {
        uses: ['it'],
        hands: 'off',
        durationMin: { least: likely, likely, most: likely },
        oven: { temperatureC, ...extra },
      }),
    ],
    { hold: { mostMin: 0, how: 'at once' } },
  );
const reason = (one: Occasion) => {
  const result = makePlan(one, { seconds: 0 });
  if (result.kind === 'plan') throw new Error('There is a plan.');
  return result.reason;
};
const clashOf = (one: Occasion) => provenClash(compile(one, tasksOf(one, fit(one))));

test('two dishes at 120 and 250 degrees in one oven at once: named both, by how much they are short, and it is proven', () => {
  const said = reason(occasion({ guests: [ana], recipes: [bake('meringue', 120, 60), bake('pizza', 250, 12)] }));
  expect(said.proven).toBe(true);
  expect(said.what).toMatch(/meringue.*pizza/);
  expect(said.why).toMatch(/120 °C.*250 °C.*short of at least \d+ min/);
  expect(said.tryThis).toMatch(/second oven/);
});

test('what it says would free it does: the course that much later', () => {
  const one = occasion({ guests: [ana], recipes: [bake('roast', 150, 40), bake('tart', 220, 20)] });
  const [, later, minutes] = /Serve (\w+) at least (\d+) min later/.exec(reason(one).tryThis)!;
  const short = Number(minutes);
  const served = (minutes: number): Occasion =>
    ({
      ...one,
      courses: [...one.courses, { id: 'after', name: 'After', offsetMin: minutes, enough: 1 }],
      dishes: one.dishes.map((each) => (each.id === later ? { ...each, course: 'after' } : each)),
    }) as Occasion;
  // Less is never enough; a little more is, for an oven is set to round figures.
  expect(makePlan(served(short - 1), { seconds: 0 }).kind).toBe('none');
  expect(makePlan(served(short + 10), { seconds: 0 }).kind).toBe('plan');
});

test.each<[string, Occasion, RegExp, string]>([
  [
    'no oven is hot enough',
    occasion({ guests: [ana], recipes: [bake('flatbread', 320, 5, { toleranceC: 5 })] }),
    /320 °C; no oven/,
    'no-oven',
  ],
  [
    'no burner',
    occasion({
      guests: [ana],
      burners: 0,
      recipes: [recipe('soup', [line('it', 'potato')], [step('boil', { uses: ['it'], burner: true })])],
    }),
    /needs a burner/,
    'no-place',
  ],
  [
    'a kind of kit is missing',
    occasion({
      guests: [ana],
      recipes: [recipe('soup', [line('it', 'potato')], [step('boil', { uses: ['it'], kit: [{ kind: 'large-pot' }] })])],
    }),
    /a large pot; the kitchen has none/,
    'no-unit',
  ],
  [
    'the cook is only there the evening before',
    occasion({
      guests: [ana],
      recipes: [recipe('soup', [line('it', 'potato')], [step('stir', { uses: ['it'] })])],
      cooks: [{ id: 'one', name: 'One', windows: [{ fromMin: -1500, toMin: -1200 }] }],
    }),
    /cannot begin before 16:55; One is in the kitchen only until 22:00 the day before/,
    'no-cook',
  ],
  [
    'two things for one pair of hands in the last minute',
    occasion({
      guests: [ana],
      recipes: ['one', 'two'].map((id) =>
        recipe(
          id,
          [line('it', 'potato')],
          [step('fry', { uses: ['it'], durationMin: { least: 8, likely: 8, most: 8 } })],
          { hold: { mostMin: 5, how: 'hot' } },
        ),
      ),
    }),
    /One pair of hands is short of 3 min/,
    'same-cook',
  ],
  [
    'the one blender, wanted by two',
    occasion({
      guests: [ana],
      kit: [unit('blender', 'blender')],
      cooks: ['one', 'two'].map((id) => ({ id, name: id, windows: [{ fromMin: -600, toMin: 0 }] })),
      recipes: ['one', 'two'].map((id) =>
        recipe(
          id,
          [line('it', 'potato')],
          [step('blend', { uses: ['it'], kit: [{ kind: 'blender' }], durationMin: { least: 8, likely: 8, most: 8 } })],
          { hold: { mostMin: 5, how: 'hot' } },
        ),
      ),
    }),
    /There is one, and it is short of 3 min/,
    'same-unit',
  ],
  [
    'more to do in the last ten minutes than two can',
    occasion({
      guests: [ana],
      cooks: ['one', 'two'].map((id) => ({ id, name: id, windows: [{ fromMin: -600, toMin: 0 }] })),
      recipes: ['one', 'two', 'three'].map((id) =>
        recipe(
          id,
          [line('it', 'potato')],
          [step('fry', { uses: ['it'], durationMin: { least: 8, likely: 8, most: 8 } })],
          { hold: { mostMin: 2, how: 'hot' } },
        ),
      ),
    }),
    /that is 4 min too much/,
    'too-much-work',
  ],
])('%s', (_, one, why, kind) => {
  expect(clashOf(one)?.kind).toBe(kind);
  expect(reason(one)).toMatchObject({ why: expect.stringMatching(why) as string, proven: true });
});

test('where nothing is proven, the change it names was tried and frees it', () => {
  const wooden = occasion({
    guests: [ana, guest('oriel', noTrace('gluten'))],
    kit: [unit('board-1', 'board', 'wood')],
    recipes: [recipe('plums', [line('it', 'plum')], [step('stone', { uses: ['it'], kit: [{ kind: 'board' }] })])],
    dishes: [dish('plums')],
  });
  const said = reason(wooden);
  expect(said.proven).toBe(false);
  expect(said.tryThis).toMatch(/one more board/);
  expect(
    makePlan(
      {
        ...wooden,
        kitchen: {
          ...wooden.kitchen,
          kit: [...wooden.kitchen.kit, { ...wooden.kitchen.kit[0]!, id: id('board-2'), material: 'steel' }],
        },
      },
      { seconds: 0 },
    ).kind,
  ).toBe('plan');
});

test('what has a plan is never called impossible', () => {
  for (const name of ['sunday-lunch', 'lantern-supper'] as const) expect(clashOf(demo(name))).toBeUndefined();
});
