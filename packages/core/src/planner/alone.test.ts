import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'valibot';
import { alone, usualKitchen } from '../../test-support/alone.ts';
import { KitKind, madeWith, Recipe } from '../model/index.ts';
import { auditedPlanning, toEnd } from './index.ts';

const folder = join(__dirname, '../../../../data/recipes');
const library = readdirSync(folder).map((file) => parse(Recipe, JSON.parse(readFileSync(join(folder, file), 'utf8'))));
const find = (id: string) => library.find((recipe) => recipe.id === id);
const little = { seconds: 0.005, firstSeconds: 1 };

test('a new occasion’s kitchen has every kind of kit that a recipe can name', () => {
  const kinds = new Set(usualKitchen().kit.map((unit) => unit.kind));
  expect(KitKind.options.filter((kind) => !kinds.has(kind))).toEqual([]);
});

describe('each recipe of the library, alone in a new occasion’s kitchen', () => {
  test.each(library.map((recipe) => [recipe.id, recipe] as const))('%s', (_, recipe) => {
    const parts = madeWith(recipe, find).parts.filter((part) => part !== recipe);
    const result = toEnd(auditedPlanning(alone(recipe, parts), little));
    // A dough is for other recipes: nobody is served it raw.
    if (recipe.id === 'short-crust')
      expect(result).toMatchObject({ reason: { what: 'Something would go to the table raw.' } });
    else expect(result.kind === 'plan' || result.reason).toBe(true);
  });

  /** Everything that a person wrote beside it to say how it hangs together, and how it keeps. */
  const bare = (recipe: Recipe): Recipe => ({
    ...recipe,
    hold: { mostMin: 30, how: 'not said' },
    keeps: [],
    steps: recipe.steps.map(({ after: _after, cold: _cold, coreC: _core, ...step }) => ({
      ...step,
      kit: step.kit.map(({ kind }) => ({ kind })),
    })),
  });

  test.each(library.map((recipe) => [recipe.id, recipe] as const))(
    '%s without a word on waits, cold, vessels and cores: a plan, or what it needs to know',
    (_, recipe) => {
      const parts = madeWith(recipe, find).parts.filter((part) => part !== recipe);
      const result = toEnd(auditedPlanning(alone(bare(recipe), parts.map(bare)), little));
      if (result.kind === 'none') expect(result.reason.what).toBe('Something would go to the table raw.');
      else expect(result.kind).toBe('plan');
    },
  );
});
