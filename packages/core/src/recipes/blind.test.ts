import { readRecipes } from './readRecipe.ts';

const usesOf = (lines: readonly string[], method: string) => {
  const { recipe } = readRecipes(`Tart\nServes 6\n\n${lines.join('\n')}\n\n${method}`).recipes[0]!;
  const textOf = (id: string) => recipe.lines.find((line) => line.id === id)!.text;
  return recipe.steps.map(({ text, uses }) => [text, uses.map(textOf)] as const);
};
/** The words of the step in which a line is used. */
const whereIs = (line: string, steps: ReturnType<typeof usesOf>): readonly string[] =>
  steps.filter(([, uses]) => uses.includes(line)).map(([text]) => text);

const lines = ['1 sheet shortcrust pastry', '150 g frozen peas', '200 g green beans', '3 eggs', '200 ml cream'];
const after =
  'Boil the peas and green beans for 3 minutes. Beat the eggs and cream, stir in the vegetables, pour into the case and bake for 30 minutes at 180C.';

test.each([
  'Line a tin with the pastry. Line with baking paper and beans and bake blind at 190C for 15 minutes, then remove the beans and bake for 5 minutes more.',
  'Line a tin with the pastry, fill with baking beans and bake at 190C for 15 minutes. Lift out the paper and beans and bake for 5 minutes more.',
  'Line a tin with the pastry, cover with foil and weigh it down with raw rice. Bake blind at 190C for 15 minutes. Take out the rice, bake for 5 minutes more.',
  'Line a tin with the pastry and bake it blind at 190C for 15 minutes. Remove the beans and bake for 5 minutes more.',
])('what a case is baked blind with is none of its beans: %s', (before) => {
  const steps = usesOf(lines, `${before} ${after}`);
  for (const line of ['150 g frozen peas', '200 g green beans'])
    expect(whereIs(line, steps)).toEqual([expect.stringContaining('Boil the peas')]);
});

test('once they are out, the beans of the recipe are taken out of their own water', () => {
  const steps = usesOf(
    ['1 sheet shortcrust pastry', '200 g green beans', '3 eggs', '200 ml cream'],
    'Line a tin with the pastry and bake it blind at 190C for 15 minutes. Remove the beans. Boil water in a pan, tip in the green beans and cook for 3 minutes. Beat the eggs and cream. Pour over the beans in the case and bake for 30 minutes at 180C.',
  );
  expect(whereIs('200 g green beans', steps)).toEqual([expect.stringMatching(/3 minutes/)]);
});

test('beans on paper, and rice that is taken out of its water, are food where nothing is baked blind', () => {
  const steps = usesOf(
    ['400 g green beans', '1 tbsp oil', '200 g rice'],
    'Line a tray with baking paper, add the beans and oil and roast at 200C for 15 minutes. Soak the rice, then remove the rice from its water and boil for 10 minutes.',
  );
  expect(whereIs('400 g green beans', steps)).toEqual([expect.stringContaining('Add the beans')]);
  expect(whereIs('200 g rice', steps)).not.toEqual([]);
});
