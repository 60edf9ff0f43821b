import { id } from '../../test-support/id.ts';
import { demoRecipes } from '../../test-support/demo.ts';
import { checkRecipe } from './check.ts';
import type { RecipeFindingCode } from './finding.ts';
import { readRecipes } from './readRecipe.ts';

const read = (ingredients: string, method: string, name = 'A dish') =>
  readRecipes(`${name}\n\nServes 4\n\nIngredients\n${ingredients}\n\nMethod\n${method}`).recipes[0]!;
const codes = (ingredients: string, method: string, name?: string) =>
  read(ingredients, method, name).findings.map((each) => each.code);

test.each<[RecipeFindingCode, string, string, string?]>([
  ['unused-ingredient', '200 g carrots\n2 onions', 'Roast the carrots at 200 °C for 30 minutes.'],
  ['unlisted-ingredient', '200 g carrots', 'Toss the carrots with sesame oil and roast at 200 °C for 30 minutes.'],
  ['unlisted-ingredient', '200 g carrots', 'Roast the carrots at 200 °C for 30 minutes. Serve with garlic bread.'],
  ['fahrenheit', '200 g carrots', 'Roast the carrots at 400 °C for 30 minutes.'],
  ['conflicting-heats', '200 g carrots', 'Roast the carrots at 350 °F (220 °C) for 30 minutes.'],
  ['no-oven-heat', '200 g carrots', 'Bake the carrots for 30 minutes.'],
  [
    'looked-at-too-soon',
    '4 eggs\n100 g sugar',
    'Whisk the eggs and the sugar. Bake at 160 °C for 50 minutes, turning it after 20 minutes. Do not open the oven for the first 30 minutes.',
  ],
  [
    'boiled-then-baked',
    '200 g pasta\n200 g cheddar',
    'Boil the pasta for 10 minutes. Top with the cheddar. Bake at 200 °C for 25 minutes.',
  ],
  [
    'poultry-core',
    '4 chicken thighs',
    'Roast the chicken at 200 °C for 40 minutes, until it is 65 °C in the thickest part.',
  ],
  ['raw-core', '500 g minced beef', 'Fry the beef in a pan for 10 minutes; it stays pink inside.'],
  ['raw-core', '4 eggs', 'Boil the eggs for 5 minutes.'],
  ['raw-core', '6 eggs\n200 g flour', 'Whisk the eggs and the flour. Fry spoonfuls in a pan for 2 minutes.'],
  ['raw-core', '200 g flour\n100 g sugar', 'Stir the flour and the sugar together and serve.'],
  [
    'touched-raw',
    '4 chicken thighs\n100 ml soy sauce',
    'Marinate the chicken in the soy sauce for 1 hour. Roast at 200 °C until a thermometer reads 75 °C. Pour the remaining marinade over and serve.',
  ],
  [
    'raw-tasting',
    '200 g chickpea flour\n1 tsp salt',
    'Mix the chickpea flour with water and salt. Taste and adjust the seasoning. Fry spoonfuls for 3 minutes.',
  ],
  ['raw-served', '2 eggs\n200 ml oil', 'Whisk the eggs and the oil to a mayonnaise.'],
  ['false-name', '200 g butter\n200 g rice', 'Stir the butter and the rice over a low heat.', 'Vegan rice'],
  ['odd-line', '200 g zorblat', 'Fry the zorblat for 5 minutes.'],
  ['odd-amount', '1 cup (900 g) flour', 'Mix the flour.'],
])('%s is found', (code, ingredients, method, ...name) => {
  expect(codes(ingredients, method, ...name)).toContain(code);
});

test.each([
  [
    'no fish went into it',
    'Whisk 150 g of the flour with the water to a batter. Dust with the remaining flour and fry',
    false,
  ],
  ['the fish lay in it', 'Dredge the cod in the flour. Thicken the sauce with the remaining flour and fry', true],
])('flour that is left over, and %s', (_, method, isDanger) => {
  const found = codes(
    '4 cod fillets\n200 g flour\n200 ml water',
    `${method} the cod for 8 minutes, until it is 63 °C inside.`,
  );
  expect(found.includes('touched-raw')).toBe(isDanger);
});

test.each([
  [
    'a plain roast with a core temperature',
    '4 chicken thighs\n1 tbsp oil\nsalt',
    'Rub the chicken with the oil and salt. Roast at 200 °C for 40 minutes, until a thermometer in the thickest part reads 74 °C.',
  ],
  [
    'pasta undercooked on purpose',
    '200 g pasta\n200 g cheddar',
    'Boil the pasta for 8 minutes: it stays al dente. Top with the cheddar. Bake at 200 °C for 25 minutes.',
  ],
  [
    'a coating that is thrown away',
    '4 fish fillets, cod\n100 g flour',
    'Dredge the fish in the flour and throw the remaining flour away. Fry for 6 minutes until a probe reads 74 °C.',
  ],
  [
    'kit named like food',
    '200 g flour\n100 g butter',
    'Rub the butter into the flour until it looks like breadcrumbs. Line a baking sheet with baking paper and bake at 180 °C for 20 minutes, 93 °C inside.',
  ],
  ['both scales agree', '500 g carrots', 'Roast the carrots at 200 °C/180 °C fan/400 °F/gas 6 for 30 minutes.'],
  [
    'the kinds of what is listed',
    '300 g strawberries\n200 g cheddar\n4 chicken thighs',
    'Brown the meat. Add the berries and the cheese and simmer for 25 minutes until the chicken is cooked through (75 °C).',
  ],
  [
    'parts of a listed egg, and a pastry case',
    '4 eggs\n250 g flour\n125 g butter',
    'Whisk the egg whites, beat the yolks, rub the butter into the flour. Fill the pastry case and bake at 190 °C for 30 minutes, 93 °C inside.',
  ],
  [
    'tasted after it was cooked',
    '100 g chickpea flour\n500 ml water',
    'Simmer the chickpea flour and the water for 10 minutes, stirring. Taste and adjust the seasoning.',
  ],
])('no false alarm: %s', (_name, ingredients, method) => {
  expect(codes(ingredients, method)).toEqual([]);
});

test('what the name or another line only seems to cover is said', () => {
  expect(
    read(
      '200 g self-raising flour\n2 eggs',
      'Fold the flour and the eggs with walnuts. Bake at 180 °C for 30 minutes, 93 °C inside.',
      'Walnut cake',
    ).findings,
  ).toContainEqual(expect.objectContaining({ code: 'unlisted-ingredient', weight: 'danger' }));
  const bare = read(
    '100 g peanut butter\n4 bananas',
    'Fry the bananas in butter and spread with the peanut butter.',
  ).findings.filter((each) => each.code === 'unlisted-ingredient');
  expect(bare).toEqual([
    expect.objectContaining({
      weight: 'hint',
      words: expect.stringContaining('if that is not what the list has') as string,
    }),
  ]);
  expect(
    codes(
      '200 g gluten-free flour\n100 ml oat milk',
      'Whisk the flour into the milk and simmer for 8 minutes until 75 °C inside.',
    ),
  ).not.toContain('unlisted-ingredient');
  expect(codes('200 g carrots', 'Roast the carrots at 200 °C for 30 minutes. Serve with soured cream.')).toContain(
    'unlisted-ingredient',
  );
});

test('a fix mends what it was offered for, and brings nothing new', () => {
  for (const [ingredients, method] of [
    ['200 g carrots\n2 onions', 'Roast the carrots at 400 °C for 30 minutes, with sesame oil.'],
    ['4 chicken thighs', 'Roast the chicken at 200 °C for 40 minutes.'],
    ['200 g pasta', 'Boil the pasta for 10 minutes. Bake at 200 °C for 25 minutes.'],
    [
      '2 chicken legs\n100 g chickpea flour',
      'Coat the chicken with the chickpea flour, taste. Bake. Use the remaining coating.',
    ],
  ] as const) {
    const { recipe, findings } = read(ingredients, method);
    for (const finding of findings) {
      if (!finding.fix) continue;
      const after = checkRecipe(finding.fix.recipe);
      const count = (list: readonly { code: string }[]) => list.filter((each) => each.code === finding.code).length;
      expect([finding.code, count(after)]).toEqual([finding.code, count(findings) - 1]);
      expect(after.filter((each) => !findings.some((before) => before.code === each.code))).toEqual([]);
    }
    expect(checkRecipe(recipe)).toEqual(findings);
  }
});

test('components: without an amount, missing, or in a circle', () => {
  const base = read('200 g pears', 'Poach the pears for 20 minutes.').recipe;
  const withPart = (part: string, amount: object) => ({
    ...base,
    id: id('pears'),
    lines: [
      ...base.lines,
      {
        id: id('part'),
        text: 'custard',
        component: id(part),
        amount: amount as never,
        part: 'body' as const,
        canOmit: false,
      },
    ],
    steps: [{ ...base.steps[0]!, uses: [...base.steps[0]!.uses, id('part')] }],
  });
  const found = (recipe: typeof base, find: (id: string) => typeof base | undefined) =>
    checkRecipe(recipe, find).map((each) => each.code);
  const custard = { ...base, id: id('custard') };
  const some = withPart('custard', { kind: 'words', words: 'some' });
  expect(found(some, () => undefined)).toEqual(['component-missing']);
  expect(found(some, (id) => (id === 'custard' ? custard : undefined))).toEqual(['component-amount']);
  const creamy = { ...custard, lines: [{ ...custard.lines[0]!, text: '200 ml cream', food: id('cream') }] };
  expect(
    found({ ...withPart('custard', { kind: 'batches', batches: 1 }), name: 'Vegan pears' }, () => creamy),
  ).toContain('false-name');
  expect(
    found(withPart('pears', { kind: 'batches', batches: 1 }), () => withPart('pears', { kind: 'batches', batches: 1 })),
  ).toContain('component-loop');
});

test('the library has nothing dangerous or odd in it', () => {
  const find = (id: string) => demoRecipes.find((each) => each.id === id);
  expect(
    demoRecipes.flatMap((recipe) =>
      checkRecipe(recipe, find)
        .filter((each) => each.weight !== 'hint')
        .map((each) => [recipe.id, each.code, each.words]),
    ),
  ).toEqual([]);
});
