import * as v from 'valibot';
import { demoRecipes } from '../../test-support/demo.ts';
import { CheckedRecipe, type Recipe } from '../model/index.ts';
import { followsOf } from '../versions/index.ts';
import { readRecipes } from './readRecipe.ts';
import { answered } from './questions.ts';
import { markedIn, markOf } from './stepMark.ts';
import { toText } from './write.ts';

/** What a timetable is made of, by the places of the steps and not by their names. */
const workOf = (recipe: Recipe) =>
  recipe.steps.map((step, index) => ({
    after: followsOf(recipe, index)
      .map((link) => recipe.steps.findIndex(({ id }) => id === link.step))
      .sort((a, b) => a - b),
    hands: step.hands,
    durationMin: step.durationMin,
    oven: step.oven && [step.oven.temperatureC, step.oven.grill],
    burner: step.burner,
    cold: step.cold,
  }));

test.each(demoRecipes.map((recipe) => [recipe.name, recipe] as const))(
  '%s: written as text and read back, its work is the same',
  (_, recipe) => {
    const again = readRecipes(toText(recipe)).recipes[0]!.recipe;
    expect(workOf(again)).toEqual(workOf(recipe));
    // What is asked to be that hot is not forgotten; what was not may be known by its way of cooking.
    recipe.steps.forEach(({ coreC }, at) => {
      if (coreC !== undefined) expect(again.steps[at]!.coreC).toBe(coreC);
    });
  },
);

// Which line goes where is told by the words alone: of the library's short ones not all name what they take.
test('loads come back, and so many as no recipe holds are no mark', () => {
  const text =
    'Patties\nServes 4\n\n400 g beans\n2 tbsp oil\n\nMethod\nMash the beans and shape. Fry in the oil in 3 lots, 6 minutes each.';
  const { recipe } = readRecipes(text).recipes[0]!;
  const loads = (one: Recipe) => one.steps.map((step) => [step.loads, step.durationMin.likely]);
  expect(loads(recipe)).toContainEqual([3, 18]);
  expect(loads(readRecipes(toText(recipe)).recipes[0]!.recipe)).toEqual(loads(recipe));
  const bare = { ...recipe, steps: recipe.steps.map((step) => ({ ...step, text: 'Fry them.' })) };
  expect(loads(readRecipes(toText(bare)).recipes[0]!.recipe)).toEqual(loads(recipe));
  expect(markedIn('Fry. [by hand, 5 min (4–6), hob in 1 loads; at any time]')).toBeUndefined();
});

test('most lines come back to the step they are used in', () => {
  const shares = demoRecipes.map((recipe) => {
    const again = readRecipes(toText(recipe)).recipes[0]!.recipe;
    const placeOf = (one: Recipe, line: number) =>
      one.steps.findIndex(({ uses }) => uses.includes(one.lines[line]!.id));
    const right = recipe.lines.filter((_, at) => placeOf(again, at) === placeOf(recipe, at)).length;
    return [right, recipe.lines.length] as const;
  });
  const total = (at: 0 | 1) => shares.reduce((sum, share) => sum + share[at], 0);
  expect(total(0) / total(1)).toBeGreaterThan(0.65);
});

test('what is meant to stay raw is written, and read back', () => {
  const [first] = readRecipes(
    'Mayonnaise\nServes 4\n\n2 egg yolks\n200 ml oil\n\nWhisk the yolks and the oil in a bowl.',
  ).recipes;
  const { recipe, questions } = first!;
  const yes = questions.flatMap(({ id, answers }) => (id.startsWith('meant') ? answers[1]!.changes : []));
  const meant = answered(recipe, yes);
  expect(toText(meant)).toContain('raw-egg on purpose');
  const again = readRecipes(toText(meant)).recipes[0]!;
  expect(again.recipe.steps.map(({ meantRaw }) => meantRaw)).toEqual(meant.steps.map(({ meantRaw }) => meantRaw));
  expect(again.questions.filter(({ id }) => id.startsWith('meant') || id.startsWith('core'))).toEqual([]);
});

test('a soft bake that is meant so is asked nothing when it is read back', () => {
  const text =
    'Eggs\nServes 2\n\nIngredients\n4 eggs\n\nMethod\n1. Bake the eggs in a gratin dish. [by itself, 10 min (8–12), oven 180 °C, raw-egg on purpose; at any time]';
  const { recipe, questions } = readRecipes(text).recipes[0]!;
  expect(recipe.steps).toMatchObject([{ meantRaw: ['raw-egg'] }]);
  expect(recipe.steps[0]!.coreC).toBeUndefined();
  expect(questions.map(({ id }) => id)).toEqual([]);
  expect(markedIn('Bake. [by hand, 3 min (2–4), raw-poultry on purpose; at any time]')!.mark.meantRaw).toEqual([]);
});

test('a mark that is not quite one stays in the words, and the text is read as any other', () => {
  expect(markedIn('Bake it. [by itself, 40 min]')).toBeUndefined();
  const text = toText(demoRecipes[0]!).replace(/\[by itself,/g, '[all alone,');
  expect(readRecipes(text).recipes[0]!.recipe.steps.length).toBeGreaterThan(0);
});

test('a mark may name a step that is not there, or itself: it waits for neither', () => {
  const { recipe } = readRecipes(
    'Toast\nServes 2\n\nIngredients\n4 slices bread\n\nMethod\n1. Toast the bread. [by hand, 3 min (2–4), hob; after 1, 7 and 9]',
  ).recipes[0]!;
  expect(recipe.steps[0]!.after).toEqual([]);
  expect(markOf(recipe, 0)).toBe('[by hand, 3 min (2–4), hob; at any time]');
});

test.each([
  '[by hand, 999999999 min (10–2000000000); at any time]',
  '[by hand, 10 min (20–30); at any time]',
  '[by hand, 2.5 min (2–3); at any time]',
  '[by itself, 10 min (5–20), oven 1800 °C; at any time]',
  '[by itself, 10 min (5–20), oven 180 °C, 999 °C inside; at any time]',
])('%s: no mark, and the recipe is one that can be kept', (mark) => {
  expect(markedIn(`Bake the bread. ${mark}`)).toBeUndefined();
  const { recipe } = readRecipes(`Toast\nServes 2\n\nIngredients\n4 slices bread\n\nMethod\n1. Bake the bread. ${mark}`)
    .recipes[0]!;
  expect(v.is(CheckedRecipe, recipe)).toBe(true);
});
