import { upgraded, upgradedEntry } from './upgrade.ts';

test('moments of a step are called looks now, wherever they stand', () => {
  const old = {
    format: 'lupin.occasion/1',
    recipes: [{ steps: [{ id: 'bake', attention: [{ atMin: 20, takesMin: 1, what: 'turn' }] }] }],
  };
  expect(upgraded({ occasion: old })).toEqual({
    occasion: {
      format: 'lupin.occasion/2',
      recipes: [{ steps: [{ id: 'bake', looks: [{ atMin: 20, takesMin: 1, what: 'turn' }] }] }],
    },
  });
});

test('what is of today is given back as it is, words that only sound like it among it', () => {
  const today = {
    format: 'lupin.recipe/2',
    recipe: { about: 'attention', steps: [{ looks: [] }] },
    attention: 'please',
  };
  expect(upgraded(today)).toBe(today);
  expect(upgraded(null)).toBeNull();
});

test('looks of a plan had a place and no name: they get the names that its recipes give them', () => {
  const at = { startMin: -60, endMin: -59, cook: 'ada' };
  const plan = {
    format: 'lupin.plan/1',
    tasks: [
      {
        id: 'pie.plain.bake',
        attention: [
          { ...at, what: 'into the oven' },
          { ...at, what: 'turn' },
          { ...at, what: 'turn again' },
          { ...at, what: 'look, and out of the oven' },
        ],
      },
    ],
  };
  const now = upgraded(plan) as { readonly tasks: readonly { readonly looks: readonly { readonly look: string }[] }[] };
  expect(now.tasks[0]!.looks.map(({ look }) => look)).toEqual(['start', 'look', 'look-2', 'end']);
  expect(upgradedEntry(plan, 'pie.plain.bake@3')).toBe('pie.plain.bake@end');
  expect(upgradedEntry(plan, 'pie.plain.bake')).toBeUndefined();
});
