import { readHeats, readRecipes } from './index.ts';

const coresOf = (lines: string, method: string) =>
  readRecipes(`A dish\nServes 4\n\n${lines}\n\n${method}`).recipes[0]!.recipe.steps.map((step) => step.coreC);

describe('flour in a sauce', () => {
  const method = 'Melt the butter with the flour in a saucepan. Whisk in the milk and simmer for 6 minutes.';
  test('is cooked where it simmers, and that is said', () => {
    expect(coresOf('30 g butter\n30 g plain flour\n400 ml milk', method)).toContain(90);
    const [read] = readRecipes(`A dish\n\n30 g butter\n30 g plain flour\n400 ml milk\n\n${method}`).recipes;
    expect(read!.notes.join(' ')).toContain('Taken to be cooked through');
  });
  test('but how hot meat or egg in it gets inside nobody can tell: that is asked for, and measured', () => {
    expect(coresOf('30 g butter\n30 g plain flour\n400 ml milk\n300 g minced beef', method)).toContain(74);
    expect(coresOf('30 g butter\n30 g plain flour\n400 ml milk\n2 eggs', method)).toContain(74);
    const [read] = readRecipes(`A dish\n\n30 g butter\n30 g plain flour\n400 ml milk\n2 eggs\n\n${method}`).recipes;
    expect(read!.questions[0]!.answers[0].label).toBe('74 °C, measured');
    expect(read!.notes.join(' ')).not.toContain('Taken to be cooked through');
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

describe('cooked through by the way it is cooked', () => {
  const cake = '200 g flour\n2 eggs\n100 g butter';
  test.each([
    [cake, 'Beat all together in a bowl. Bake at 180 °C for 40 minutes.', 88],
    ['500 g beef, diced\n500 ml stock', 'Put the beef in a pot with the stock and simmer for 30 minutes.', 82],
    ['1.5 kg beef brisket\n500 ml stock', 'Put the beef in a pot with the stock and simmer for 2 hours.', 82],
    ['1.5 kg beef brisket', 'Put the beef in the slow cooker. Cook on low for 8 hours.', 80],
    ['6 eggs', 'Boil the eggs for 10 minutes.', 75],
    [`${cake}\n100 ml milk`, 'Whisk all together to a batter. Fry spoonfuls for 4 minutes, turning once.', 75],
  ])('%s – %s', (lines, method, coreC) => expect(coresOf(lines, method)).toContain(coreC));
  test.each([
    ['a bake of a few minutes', cake, 'Beat all together in a bowl. Bake at 180 °C for 6 minutes.'],
    ['an oven that is hardly warm', cake, 'Beat all together in a bowl. Bake at 100 °C for 20 minutes.'],
    ['soft eggs', '6 eggs', 'Boil the eggs for 6 minutes.'],
    [
      'what is meant to stay pink',
      '4 lamb chops',
      'Fry the chops for 3 minutes a side; they should be pink in the middle.',
    ],
    ['what is called rare', '2 sirloin steaks', 'Fry the steaks for 2 minutes a side for medium-rare.'],
    [
      'what is only kept warm',
      '500 g minced beef',
      'Shape the beef into patties. Keep warm in the oven at 90 °C for 30 minutes.',
    ],
  ])('but not %s', (_, lines, method) =>
    expect(coresOf(lines, method).filter((each) => each !== undefined)).toEqual([]),
  );
  test.each([
    ['a bird', '1 chicken, about 1.6 kg', 'Roast the chicken at 190 °C for 90 minutes.', 74],
    [
      'chicken in a short simmer',
      '500 g chicken breasts\n500 ml stock',
      'Simmer the chicken in the stock for 20 minutes.',
      74,
    ],
    [
      'a joint in a short simmer: well done, as nobody says pink',
      '1.5 kg beef brisket\n500 ml stock',
      'Simmer the beef in the stock for 40 minutes.',
      71,
    ],
    ['fish', '600 g cod fillets', 'Bake the cod at 200 °C for 30 minutes.', 63],
    ['mince that is baked', '500 g minced beef', 'Shape the beef into balls. Bake at 200 °C for 25 minutes.', 71],
    ['mince under the grill', '500 g minced beef', 'Shape into burgers. Grill for 6 minutes a side.', 71],
    ['a cake of the microwave', cake, 'Beat all together in a bowl. Microwave for 4 minutes.', 74],
    [
      'chicken in a cake of egg',
      `${cake}\n200 g chicken breast`,
      'Mix all together in a bowl. Bake at 180 °C for 40 minutes.',
      74,
    ],
  ])('asked for and measured: %s', (_, lines, method, coreC) => {
    expect(coresOf(lines, method).filter((each) => each !== undefined)).toEqual([coreC]);
    const { questions, findings } = readRecipes(`A dish\nServes 4\n\n${lines}\n\n${method}`).recipes[0]!;
    expect(questions[0]!.answers[0].label).toBe(`${coreC} °C, measured`);
    expect(findings.map(({ code }) => code)).not.toContain('raw-core');
  });
  test('asked for at the last heat before the table, not where it is only browned', () => {
    const lines = '1 kg lamb shoulder, diced\n500 ml stock\n2 tbsp oil';
    expect(
      coresOf(
        lines,
        'Brown the lamb in the oil in a pot for 10 minutes. Add the stock. Roast at 160 °C for 40 minutes.',
      ),
    ).toEqual([undefined, 71]);
    expect(
      coresOf(
        lines,
        'Fry the lamb in the oil in a frying pan for 10 minutes. Keep it warm in the oven at 90 °C for 10 minutes.',
      )[0],
    ).toBe(71);
  });
  test('what was cooked on its way is not raw any more', () => {
    const lines = '500 g beef, diced\n500 ml stock\n300 g shortcrust pastry\n1 egg';
    const method =
      'Put the beef in a pot with the stock and simmer for 60 minutes. Tip into a pie dish, cover with the pastry and brush with the egg. Bake at 200 °C for 30 minutes.';
    expect(coresOf(lines, method)).toEqual([82, undefined, expect.any(Number)]);
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
