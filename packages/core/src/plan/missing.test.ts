import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { piecesOfKit } from '../model/index.ts';
import { makePlan } from './index.ts';

const one = (kit: Record<string, unknown>[]) =>
  occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'soup',
        [line('it', 'potato')],
        [
          step('boil', { uses: ['it'], burner: true, kit: [{ kind: 'large-pot' }] }),
          step('blend', { kit: [{ kind: 'blender' }] }),
        ],
      ),
      recipe(
        'salad',
        [line('it', 'beetroot')],
        [
          step('cut', {
            uses: ['it'],
            kit: [{ kind: 'board' }, { kind: 'bowl', as: 'one' }, { kind: 'bowl', as: 'two' }],
          }),
        ],
      ),
    ],
    dishes: [dish('soup'), dish('salad')],
    kit,
  });
const all = [
  unit('pot', 'large-pot'),
  unit('blender', 'blender'),
  unit('board', 'board', 'plastic'),
  unit('bowl-1', 'bowl'),
  unit('bowl-2', 'bowl'),
  unit('dish', 'serving-dish', 'ceramic'),
];
const without = (...ids: string[]) =>
  makePlan(one(all.filter((each) => !ids.includes(each['id'] as string))), { seconds: 0.1 });

test('all pieces that are missing are named at once, with how many and for what', () => {
  const result = without('pot', 'bowl-2');
  expect(result).toMatchObject({
    kind: 'none',
    reason: {
      proven: true,
      what: 'The kitchen lacks 2 kinds of kit that the menu needs.',
      why: '“boil” (soup) needs a large pot; “cut” (salad) needs 2 bowls.',
      missing: [
        { kind: 'large-pot', count: 1 },
        { kind: 'bowl', count: 1 },
      ],
    },
  });
});

test('one that is missing is named with the step that finds no place without it', () => {
  expect(without('blender')).toMatchObject({
    reason: {
      what: '“blend” (soup) finds no place.',
      why: 'It needs a blender; the kitchen has none.',
      missing: [{ kind: 'blender', count: 1 }],
    },
  });
  expect(without('bowl-1')).toMatchObject({
    reason: { why: 'It needs 2 bowls; the kitchen has 1.', missing: [{ kind: 'bowl', count: 1 }] },
  });
});

test('with all of them there is a plan', () => {
  expect(without().kind).toBe('plan');
});

test.each([
  ['gratin-dish', 1, 'a gratin dish'],
  ['gratin-dish', 2, '2 gratin dishes'],
  ['box', 3, '3 boxes'],
  ['knife', 2, '2 knives'],
  ['large-pot', 2, '2 large pots'],
])('pieces in words: %s × %i', (kind, count, words) => {
  expect(piecesOfKit(kind, count)).toBe(words);
});
