import { readHeats, readRecipes } from './index.ts';

const coresOf = (lines: string, method: string) =>
  readRecipes(`A dish\nServes 4\n\n${lines}\n\n${method}`).recipes[0]!.recipe.steps.map((step) => step.coreC);

describe('flour in a sauce', () => {
  const method = 'Melt the butter with the flour in a saucepan. Whisk in the milk and simmer for 6 minutes.';
  test('is cooked where it simmers, and that is said', () => {
    expect(coresOf('30 g butter\n30 g plain flour\n400 ml milk', method)).toContain(90);
    const [read] = readRecipes(`A dish\n\n30 g butter\n30 g plain flour\n400 ml milk\n\n${method}`).recipes;
    expect(read!.notes.join(' ')).toContain('Flour is taken to be cooked');
  });
  test('but how hot meat or egg in it gets inside nobody can tell', () => {
    expect(coresOf('30 g butter\n30 g plain flour\n400 ml milk\n300 g minced beef', method)).not.toContain(90);
    expect(coresOf('30 g butter\n30 g plain flour\n400 ml milk\n2 eggs', method)).not.toContain(90);
  });
  test('and not where it only melts, or simmers for a minute', () => {
    expect(
      coresOf('30 g butter\n30 g plain flour', 'Melt the butter with the flour for 4 minutes in a saucepan.'),
    ).not.toContain(90);
    expect(
      coresOf('30 g butter\n30 g plain flour\n400 ml milk', 'Whisk all in a saucepan and simmer for 1 minute.'),
    ).not.toContain(90);
  });
});

test.each([
  ['Simmer for 20 minutes until the meatballs reach 74°C.', 74],
  ['Fry for 5 minutes each side, until golden (75°C).', 75],
  ['Bake for 30 minutes till it reaches 165°F.', 74],
])('%s: what the food reaches', (text, celsius) =>
  expect(readHeats(text)).toContainEqual(expect.objectContaining({ core: true, celsius })),
);

test.each([
  'Warm the milk until it reaches 60°C.',
  'Heat the oven until it reaches 90°C.',
  'Leave until it has cooled to 60°C.',
  'Bake until golden at 180°C.',
])('%s: that is nothing inside food', (text) => expect(readHeats(text).filter(({ core }) => core)).toEqual([]));
