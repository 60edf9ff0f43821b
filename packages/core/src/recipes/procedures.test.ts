import { seenCases } from '../../test-support/procedures/cases.ts';
import { measures, scoreCase } from '../../test-support/procedures/score.ts';
import { toldIn } from './clauses.ts';
import { readRecipes } from './readRecipe.ts';

const scores = seenCases().flatMap(scoreCase);
const total = (pick: (score: (typeof scores)[number]) => number) => scores.reduce((sum, each) => sum + pick(each), 0);

// What was reached: a change that reads some recipe better must not read others worse.
test.each([
  ['operations', 0.92],
  ['device', 0.98],
  ['oven heat', 0.95],
  ['minutes', 0.97],
  ['hands', 0.98],
  ['moments', 0.9],
  ['lines', 0.96],
  ['vessel', 0.8],
  ['portions', 0.97],
] as const)('of all recipes to work with, %s are right in at least %f', (measure, least) => {
  expect(measures).toContain(measure);
  expect(total(({ shares }) => shares[measure].right) / total(({ shares }) => shares[measure].asked)).toBeGreaterThan(
    least,
  );
});

test('what waits for what is drawn as a cook draws it, and little is a step that is none', () => {
  const both = total(({ edges }) => edges.both);
  expect(both / total(({ edges }) => edges.read)).toBeGreaterThan(0.965);
  expect(both / total(({ edges }) => edges.drawn)).toBeGreaterThan(0.96);
  expect(total(({ falseSteps }) => falseSteps) / scores.length).toBeLessThan(0.21);
});

test.each([
  [
    'Boil the potatoes for 10 minutes, drain and mash with the butter.',
    ['boil: Boil the potatoes for 10 minutes', 'mash: drain and mash with the butter.'],
  ],
  ['Peel, core and dice the pears.', ['dice: Peel, core and dice the pears.']],
  ['Leave the dough to rise for an hour.', ['rise: Leave the dough to rise for an hour.']],
  ['With wet hands shape into cakes.', ['shape: With wet hands shape into cakes.']],
  ['So then you slice them and I throw them in.', ['slice: So then you slice them', 'throw: I throw them in.']],
  ['Melt the butter, cream and salt.', ['melt: Melt the butter, cream and salt.']],
  [
    'Bake for 20 minutes, then 2 minutes under the grill.',
    ['bake: Bake for 20 minutes', '?: 2 minutes under the grill.'],
  ],
  ['Fry the onion in a frying pan.', ['fry: Fry the onion in a frying pan.']],
  ['In a deep frying pan fry the onion.', ['fry: In a deep frying pan fry the onion.']],
])('what a sentence tells to do: %s', (sentence, clauses) => {
  expect(
    toldIn(sentence).flatMap((told) => told.clauses.map(({ verb, text }) => `${verb?.verb ?? '?'}: ${text}`)),
  ).toEqual(clauses);
});

test.each([
  ['If it looks dry add a splash of water.', 'only if something happens'],
  ['It keeps for 3 days in the fridge.', 'how it keeps'],
  ['Tip: use frozen berries.', 'a tip'],
  ['Do not let it boil.', 'what not to do'],
  ['You could also add a mashed banana.', 'another way'],
  ['My kids love this with peas.', 'what the author likes'],
  ['Tastes even better the next day.', 'what it is like'],
  ['Serves 6 as a starter.', 'how many it feeds'],
])('no work: %s', (sentence, why) => {
  expect(toldIn(sentence).map(({ noWork }) => noWork)).toEqual([why]);
});

const graphOf = (
  method: string,
  ingredients = '2 beetroots\n2 tbsp seeds\n3 tbsp oil\n1 tbsp vinegar\n50 g rocket',
) => {
  const { recipe } = readRecipes(`Salad\n\nServes 4\n\n${ingredients}\n\nMethod\n${method}`).recipes[0]!;
  const at = (id: string) => recipe.steps.findIndex((step) => step.id === id);
  return recipe.steps.map(({ title, after }) => `${title} < ${(after ?? []).map((each) => at(each.step)).join(' ')}`);
};

test('order follows from the food, and not from the sentences', () => {
  expect(
    graphOf(
      'Roast the beetroots at 200 °C for 50 minutes. Toast the seeds in a dry pan. Whisk the oil and vinegar to a dressing. Toss the rocket with the beetroots, the dressing and the seeds.',
    ),
  ).toEqual([
    'Roast the beetroots < ',
    'Toast the seeds in a dry pan < ',
    'Whisk the oil and vinegar to a dressing < ',
    'Toss the rocket with the beetroots < 0 1 2',
  ]);
});

test('“everything” is what is ready, and never what a later sentence names', () => {
  const { recipe } = readRecipes(
    'Stew\nServes 4\n\n1 onion\n2 carrots\n500 ml stock\n1 bunch parsley\n\nMethod\nPut everything in a pot and simmer for 30 minutes. Chop the parsley and stir it in.',
  ).recipes[0]!;
  expect(recipe.steps.map(({ uses }) => uses.length)).toEqual([3, 1]);
});

test('another way to do it is no further work', () => {
  const { recipe } = readRecipes(
    'Cream\nServes 4\n\n150 g cashews\n\nMethod\nSoak the cashews overnight, or boil for 15 minutes. Blend until smooth.',
  ).recipes[0]!;
  expect(recipe.steps.map(({ title, alternatives }) => [title, alternatives.length])).toEqual([
    ['Soak the cashews overnight', 1],
    ['Blend', 0],
  ]);
});

test('loads follow what fits, and time follows the loads', () => {
  const minutes = (text: string) =>
    readRecipes(
      `Cakes\nMakes 12\n\n200 g flour\n\nMethod\nMix the flour with water. ${text}`,
    ).recipes[0]!.recipe.steps.at(-1)!.durationMin.likely;
  expect(minutes('Fry 4 at a time for 3 minutes.')).toBe(9);
  expect(minutes('Fry in three batches for 3 minutes each.')).toBe(9);
  expect(minutes('Fry for 3 minutes.')).toBe(3);
});
