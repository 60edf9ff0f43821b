import { readRecipes } from './readRecipe.ts';

const linesOf = (text: string) => readRecipes(text).recipes[0]!.recipe.lines.map((line) => line.text);

test('a nut in a sentence is on the list, however it is cut', () => {
  const method = (nuts: string) =>
    `Hi Ana, the plum thing. It's for six. Rub 120g butter into 180g plain flour, stir in ${nuts}. Bake at 180 for 40 minutes.`;
  for (const nuts of ['50g hazelnuts', '50g chopped hazelnuts', '50g chopped mixed nuts', '50g flaked almonds'])
    expect(linesOf(method(nuts))).toContain(nuts);
});

test('a greeting and how many it feeds are no name', () => {
  const { name, portions } = readRecipes(
    "Hi Ana, the plum thing. It's for six. 900g plums go in a dish with 3 tablespoons of sugar. Bake at 180 for 40 minutes.",
  ).recipes[0]!.recipe;
  expect([name, portions]).toEqual(['Plum thing', 6]);
});

test('notes right below a list are the method', () => {
  const { recipe } = readRecipes(
    'lemon chicken, 6\n8 chicken thighs\n2 lemons\n1 kg potatoes\n\nPotatoes in big tin, oven 200, 15 min. Thighs on, lemon quarters. 35 min more till cooked through.',
  ).recipes[0]!;
  expect(recipe.lines).toHaveLength(3);
  expect(recipe.steps.length).toBeGreaterThan(1);
});
