import { readRecipes } from '@lupin/core';
import { fixedTo, isYieldSaid, mended, noMends } from './mends.ts';

const [reading] = readRecipes(
  'Cod\nFor the family\n\n4 cod fillets\n1 tbsp oil\n\nFry the cod in the oil for 3 minutes a side.',
).recipes;
const one = reading!;
const core = one.questions.find(({ id }) => id.startsWith('core'))!;
const softer = core.answers.findIndex(({ label }) => /softer/.test(label));
const coresOf = (recipe: typeof one.recipe) => recipe.steps.map(({ coreC }) => coreC);

test('nothing pressed, nothing changed', () => {
  expect(mended(one, undefined)).toBe(one.recipe);
  expect(mended(one, noMends)).toBe(one.recipe);
});

test('answers, portions and course are put in together', () => {
  const recipe = mended(one, { answers: new Map([[core.id, softer]]), portions: 6, usualCourse: 'Starters' });
  expect(coresOf(recipe)).not.toContain(63);
  expect(recipe).toMatchObject({ portions: 6, usualCourse: 'Starters' });
});

test('what was mended after an answer is not undone by it', () => {
  const answers = {
    answers: new Map([
      [core.id, softer],
      ['portions', 1],
    ]),
  };
  const mends = fixedTo(one.recipe, one, answers);
  expect(coresOf(mended(one, mends))).toContain(63);
  expect(mends.answers.get('portions')).toBe(1);
});

test('how many it feeds is said by an answer or a number, not by any other mend', () => {
  expect(isYieldSaid(one, noMends)).toBe(false);
  expect(isYieldSaid(one, { answers: new Map([[core.id, softer]]), usualCourse: 'Starters' })).toBe(false);
  expect(isYieldSaid(one, { answers: new Map([['portions', 0]]) })).toBe(true);
  expect(isYieldSaid(one, { ...noMends, portions: 6 })).toBe(true);
});
