import { checkRecipe } from './check.ts';
import { answered, type RecipeQuestion } from './questions.ts';
import { readRecipes } from './readRecipe.ts';

const read = (lines: string, method: string, head = 'Serves 4') => {
  const [one] = readRecipes(`A dish\n${head}\n\n${lines}\n\n${method}`).recipes;
  return one!;
};
const asked = (questions: readonly RecipeQuestion[], id: RegExp) => questions.find((each) => id.test(each.id));
const pressed = (one: ReturnType<typeof read>, id: RegExp, label: RegExp) => {
  const answer = asked(one.questions, id)!.answers.find((each) => label.test(each.label))!;
  return answered(one.recipe, answer.changes);
};

test('a recipe that says everything is asked nothing', () => {
  const { questions } = read(
    '1 chicken, about 1.6 kg\n2 tbsp oil',
    'Rub the chicken with the oil. Roast at 190 °C for 90 minutes, until it is 74 °C inside.',
  );
  expect(questions).toEqual([]);
});

test('what can hurt is asked first, then the heat, how many it feeds, and how long; never more than five', () => {
  const one = read(
    '600 g chicken thighs\n1 onion, sliced\n500 g potatoes\n300 g carrots\n200 ml stock\n2 tbsp oil',
    'Fry the onion in the oil until soft. Add the chicken and stock. Bake until done. Boil the potatoes until soft. Simmer the carrots in another pan until tender.',
    'For the family',
  );
  expect(one.questions.map(({ id }) => id.split(':')[0])).toEqual(['core', 'oven', 'portions', 'minutes', 'minutes']);
  for (const { answers } of one.questions) expect(answers[0].changes).toEqual([]);
});

test('pink meat rests, and is offered only where meat is in one piece', () => {
  const steak = read(
    '4 sirloin steaks\n1 tbsp oil',
    'Fry the steaks in the oil for 3 minutes a side. Rest for 5 minutes.',
  );
  expect(asked(steak.questions, /^core/)!.answers.map(({ label }) => label)).toEqual([
    '71 °C, measured',
    '63 °C, pink, and it rests 3 minutes',
    'It is meant to be rarer',
  ]);
  expect(pressed(steak, /^core/, /pink/).steps.map(({ coreC }) => coreC)).toContain(63);
  const mince = read('500 g minced beef', 'Shape into burgers. Fry for 5 minutes a side.');
  expect(asked(mince.questions, /^core/)!.answers.map(({ label }) => label)).toEqual(['71 °C, measured']);
});

test('whoever says that it stays soft is told what that means', () => {
  const cod = read('4 cod fillets\n1 tbsp oil', 'Fry the cod in the oil for 3 minutes a side.');
  const soft = pressed(cod, /^core/, /softer/);
  expect(soft.steps.every(({ coreC }) => coreC === undefined)).toBe(true);
  expect(soft.steps.flatMap(({ meantRaw = [] }) => meantRaw)).toEqual(['raw-fish']);
  expect(checkRecipe(soft, () => undefined).map(({ code, weight }) => [code, weight])).toEqual([['meant-raw', 'hint']]);
});

test('the heat of an oven, how many it feeds and how long it takes are one press each', () => {
  const one = read('1 kg potatoes\n2 tbsp oil', 'Toss the potatoes in the oil. Roast until golden.', '');
  expect(pressed(one, /^oven/, /^220/).steps.at(-1)!.oven!.temperatureC).toBe(220);
  expect(pressed(one, /^portions/, /^8$/).portions).toBe(8);
  const [, other] = asked(one.questions, /^minutes/)!.answers;
  const { durationMin } = answered(one.recipe, other!.changes).steps.at(-1)!;
  expect(durationMin.likely).not.toBe(one.recipe.steps.at(-1)!.durationMin.likely);
  expect(durationMin.least).toBeLessThanOrEqual(durationMin.likely);
  expect(durationMin.most).toBeGreaterThanOrEqual(durationMin.likely);
});

test.each([
  ['Bake in a hot oven for 30 minutes.', 220],
  ['Bake in a moderate oven for 30 minutes.', 180],
  ['Heat the oven to 190 °C. Bake in the hot oven for 30 minutes.', 190],
  ['Bake in a slow oven, 140 °C, for 30 minutes.', 140],
])('%s: %d °C', (method, celsius) => {
  const one = read('1 kg potatoes\n2 tbsp oil', `Toss the potatoes in the oil. ${method}`);
  expect(one.recipe.steps.at(-1)!.oven!.temperatureC).toBe(celsius);
  // Only what no figure says is asked.
  expect(asked(one.questions, /^oven/) === undefined).toBe(/\d °C/.test(method));
});

test('what goes in by a guess can be had beside', () => {
  const one = read(
    '4 eggs\n200 g spinach\n200 g halloumi, sliced',
    'Boil the eggs for 10 minutes and peel them. Fry the halloumi for 3 minutes a side. Set both on the spinach.',
  );
  const question = asked(one.questions, /^order/)!;
  const apart = pressed(one, /^order/, /beside/);
  const before = one.recipe.steps.find(({ id }) => id === question.step)!;
  expect(apart.steps.find(({ id }) => id === question.step)!.after).toHaveLength(before.after!.length - 1);
});

test('an answer about a step that is gone changes nothing', () => {
  const one = read('1 kg potatoes', 'Boil the potatoes for 20 minutes.');
  const gone = [{ what: 'minutes' as const, step: 'gone' as never, minutes: 5 }];
  expect(answered(one.recipe, gone)).toEqual(one.recipe);
});

describe('what nobody says is cooked', () => {
  test.each([
    ['4 eggs', 'Boil the eggs for 5 minutes, until soft-boiled.', 'raw-egg'],
    ['2 egg yolks\n200 ml oil', 'Whisk the yolks and the oil in a bowl.', 'raw-egg'],
    ['500 g salmon fillet\n50 g salt', 'Rub the salmon with the salt. Chill for 24 hours. Slice thinly.', 'raw-fish'],
    ['4 sirloin steaks', 'Fry the steaks for 2 minutes a side: they stay pink inside.', 'raw-cut'],
  ])('%s: one press says that it is meant', (lines, method, hazard) => {
    const reading = read(lines, method);
    const question = asked(reading.questions, /^meant/)!;
    expect(question.answers[0].changes).toEqual([]);
    const said = pressed(reading, /^meant/, /^Yes/);
    expect(said.steps.flatMap(({ meantRaw = [] }) => meantRaw)).toEqual([hazard]);
    expect(checkRecipe(said, () => undefined).filter(({ weight }) => weight === 'danger')).toEqual([]);
  });
  test.each([
    ['500 g minced beef', 'Shape into burgers. Fry for 2 minutes a side, still pink inside.'],
    [
      '4 chicken breasts\n2 egg yolks\n200 ml oil',
      'Fry the chicken for 3 minutes, still pink. Whisk the yolks and oil in a bowl. Serve.',
    ],
    ['400 g flour\n2 eggs', 'Mix to a dough and serve.'],
    [
      '1 kg lamb leg\n100 g dates',
      'Stuff the lamb with the dates. Roast at 200 °C for 60 minutes; it should still be pink.',
    ],
  ])('%s: where no kitchen should serve all of it so, nobody is asked', (lines, method) =>
    expect(asked(read(lines, method).questions, /^meant/)).toBeUndefined(),
  );
  test('the finding that it is never heated can be answered the same way', () => {
    const { recipe } = read('2 egg yolks\n200 ml oil', 'Whisk the yolks and the oil in a bowl.');
    const [found] = checkRecipe(recipe, () => undefined).filter(({ code }) => code === 'raw-served');
    expect(found!.otherwise!.label).toBe('It is meant to be raw or soft');
    expect(checkRecipe(found!.otherwise!.recipe, () => undefined).map(({ code }) => code)).toEqual(['meant-raw']);
  });
});
