import { dish, guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { basisOf } from './basis.ts';
import type { Occasion } from './occasion.ts';

const soup = (id: string) => recipe(id, [line('water', 'water')], [step('boil', { uses: ['water'] })]);
const one = occasion({ guests: [guest('ada')], recipes: [soup('soup'), soup('stew')] });

test('a dish that takes nothing rests on what it did before dishes could take', () => {
  const old = { ...one, dishes: one.dishes.map(({ takes: _takes, ...each }) => each) } as unknown as Occasion;
  expect(basisOf(old)).toBe(basisOf(one));
});

test('what a dish takes, and how sure the plan is to be, are part of what it rests on; a note is not', () => {
  const takes = [{ line: 'water', from: 'stew', step: 'boil' }];
  const taking = occasion({
    guests: [guest('ada')],
    recipes: [soup('soup'), soup('stew')],
    dishes: [dish('soup', 'soup', { takes }), dish('stew')],
  });
  expect(basisOf(taking)).not.toBe(basisOf(one));
  expect(basisOf({ ...one, wishes: { ...one.wishes, sure: 99 } })).not.toBe(basisOf(one));
  expect(basisOf({ ...one, note: 'bring chairs' })).toBe(basisOf(one));
});
