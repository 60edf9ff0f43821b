import { readRecipes } from './readRecipe.ts';

const stepsOf = (lines: readonly string[], method: string) => {
  const { recipe } = readRecipes(`Dinner\n\n${lines.join('\n')}\n\n${method}`).recipes[0]!;
  return recipe.steps.map(({ text, hands, durationMin }) => ({ text, hands, likely: durationMin.likely }));
};

test.each([
  [
    'taken out beforehand',
    ['1.6 kg chicken', '50 g butter'],
    'Take the chicken out of the fridge an hour before.',
    'Smear with the butter. Roast at 200C for 80 minutes.',
  ],
  [
    'brought to room temperature',
    ['2 sirloin steaks', '1 tbsp oil'],
    'Bring the steaks to room temperature for 30 minutes.',
    'Fry in the oil in a hot frying pan for 3 minutes a side.',
  ],
  [
    'after it was rubbed and chilled',
    ['1 kg pork shoulder', '2 tbsp salt'],
    'Take the pork out of the fridge 1 hour before you cook it.',
    'Roast at 160C for 3 hours.',
    'Rub the pork with the salt and leave in the fridge overnight. ',
  ],
])('raw flesh %s is no wait: it stays cold until it is worked on', (_, lines, out, then, before = '') => {
  const steps = stepsOf(lines, `${before}${out} ${then}`);
  const taken = steps.find(({ text }) => text.includes(out.slice(0, 20)))!;
  expect(taken.hands).toBe('on');
  expect(steps.filter(({ hands, likely }) => hands === 'off' && [30, 60].includes(likely))).toEqual([]);
});

test.each([
  'Take the chicken out of the freezer 24 hours before and leave it in the fridge.',
  'Take the frozen chicken out of the freezer and thaw it in the fridge for 24 hours.',
  'Take the frozen chicken out 24 hours before you cook it and let it thaw in the fridge.',
])('what is frozen has its time to thaw: %s', (out) => {
  const steps = stepsOf(
    ['1.6 kg chicken', '50 g butter'],
    `${out} Smear with the butter. Roast at 200C for 80 minutes.`,
  );
  expect(steps.some(({ hands, likely }) => hands === 'off' && likely >= 600)).toBe(true);
});

test('butter softens for its hour, and a cooked dish comes out in time', () => {
  const soft = stepsOf(
    ['200 g butter', '200 g sugar', '4 eggs', '200 g flour'],
    'Take the butter out of the fridge an hour before. Cream the butter and sugar, beat in the eggs, fold in the flour. Bake at 180C for 25 minutes.',
  );
  expect(soft[0]).toMatchObject({ hands: 'off', likely: 60 });
  const cooked = stepsOf(
    ['600 g pork belly', '1 litre stock'],
    'Simmer the pork in the stock for 2 hours, then chill overnight. Take the pork out of the fridge 30 minutes before serving. Slice.',
  );
  expect(cooked).toContainEqual(expect.objectContaining({ hands: 'off', likely: 30 }));
});

test('what is taken out is not on the heat yet, and the hour in its words is no time that it contradicts', () => {
  const text =
    'Dinner\n\n2 sirloin steaks\n1 tbsp oil\n\nTake the steaks out of the fridge an hour before. Fry them in the oil for 3 minutes a side.';
  const { recipe, findings } = readRecipes(text).recipes[0]!;
  expect(recipe.steps.map(({ burner }) => burner)).toEqual([false, true]);
  expect(findings.map(({ code }) => code)).not.toContain('conflicting-times');
});
