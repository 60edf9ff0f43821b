import { demoRecipes } from '../../test-support/demo.ts';
import { readOccasionFile, readRecipeFile } from './occasionFile.ts';

const file = {
  format: 'lupin.occasion/2',
  id: 'x',
  name: 'X',
  date: '2027-01-01',
  serveAt: '12:00',
  courses: [{ id: 'main', name: 'Main', offsetMin: 0 }],
  guests: [],
  dishes: [],
  kitchen: {
    name: 'K',
    kit: [],
    burners: 4,
    oven: { racks: 2, mostC: 250 },
    cooks: [{ id: 'c', name: 'C', windows: [{ fromMin: -60, toMin: 0 }] }],
  },
};

test('recipes named by id are put in as copies', () => {
  const one = readOccasionFile({ ...file, recipes: ['roast-roots'] }, demoRecipes);
  expect(one.recipes.map((recipe) => recipe.name)).toEqual(['Roast roots with thyme']);
});

test('a recipe that is not there is named', () => {
  expect(() => readOccasionFile({ ...file, recipes: ['unicorn'] }, demoRecipes)).toThrow(/"unicorn"/);
});

test('a recipe without steps, or with an amount below nothing, is refused', () => {
  const { steps, lines, ...rest } = demoRecipes[0]!;
  expect(() => readRecipeFile({ ...rest, lines, steps: [] })).toThrow(/needs a step/);
  expect(() =>
    readRecipeFile({ ...rest, steps, lines: [{ ...lines[0], amount: { kind: 'mass', massG: -1 } }] }),
  ).toThrow(/negative/);
});

test('every recipe of the library can be believed: each step has a time, hot steps a heat, hands-off ones an end or a sign', () => {
  for (const recipe of demoRecipes) {
    const used = new Set(recipe.steps.flatMap((step) => step.uses));
    expect([recipe.id, recipe.lines.filter((line) => !used.has(line.id)).map((line) => line.id)]).toEqual([
      recipe.id,
      [],
    ]);
    for (const step of recipe.steps) {
      expect([recipe.id, step.id, step.durationMin.likely > 0]).toEqual([recipe.id, step.id, true]);
      if (step.oven && step.hands === 'off')
        expect([recipe.id, step.id, step.until]).not.toEqual([recipe.id, step.id, '']);
    }
  }
});
