import { demoRecipes } from '../../test-support/demo.ts';
import { checkRecipe } from './check.ts';
import { readRecipes, type RecipeReading } from './readRecipe.ts';
import { toJsonLd, toRecipeFile, toText } from './write.ts';

const one = (text: string): RecipeReading => {
  const { recipes, faults } = readRecipes(text);
  expect(faults).toEqual([]);
  return recipes[0]!;
};
const stepTable = ({ recipe }: RecipeReading) =>
  recipe.steps.map((step) => [step.title, step.durationMin.likely, step.hands, step.uses.join(' ')]);

const pie = `Chicken and leek pie

Serves 4-6
Prep time: 30 minutes

Ingredients
For the filling:
- 600 g chicken thighs, boneless
- 2 leeks, sliced
- 300 ml chicken stock
- 100 ml double cream
- 1 tbsp cornflour
- salt and pepper
For the top:
- 320 g ready-rolled puff pastry
- 1 egg, beaten

Method
1. Preheat the oven to 200°C/180°C fan/gas 6. Slice the leeks. Fry the chicken in a large pan over a medium heat for 8 minutes until golden.
2. Add the leeks and cook for 5 minutes, stirring occasionally. Pour in the stock and simmer for 20 minutes, stirring now and then.
3. Mix the cornflour with a little water and stir in with the cream. Season well.
4. Tip into a pie dish, cover with the pastry and brush with the egg. Bake for 25–30 minutes until golden and bubbling.
5. Serve with peas and butter.

Keeps in the fridge for 2 days.`;

test('a pasted recipe: yield, headings, lines, and a method taken apart where something goes by itself', () => {
  const reading = one(pie);
  const { recipe } = reading;
  expect([recipe.name, recipe.portions, recipe.usualCourse, recipe.servedWith, recipe.keeps]).toEqual([
    'Chicken and leek pie',
    4,
    'Mains',
    ['peas and butter'],
    [{ where: 'fridge', days: 2 }],
  ]);
  expect(recipe.lines.map((line) => [line.food, line.heading])).toEqual([
    ['chicken', 'For the filling'],
    ['leek', 'For the filling'],
    ['chicken-stock', 'For the filling'],
    ['cream', 'For the filling'],
    ['cornflour', 'For the filling'],
    [undefined, 'For the filling'],
    ['puff-pastry', 'For the top'],
    ['egg', 'For the top'],
  ]);
  expect(stepTable(reading)).toEqual([
    ['Slice the leeks', 5, 'on', 'leeks'],
    ['Fry the chicken in a large pan over a medium heat', 13, 'on', 'chicken-thighs'],
    ['Simmer', 20, 'off', 'chicken-stock'],
    ['Mix the cornflour with a little water', 2, 'on', 'cornflour'],
    ['Stir in with the cream', 2, 'on', 'double-cream salt'],
    ['Tip into a pie dish', 6, 'on', 'ready-rolled-puff-pastry egg'],
    ['Bake', 28, 'off', ''],
  ]);
  // The slurry may be mixed at any time: only what it is stirred into waits for it.
  expect(
    recipe.steps.map((step) => step.after?.map((each) => recipe.steps.findIndex(({ id }) => id === each.step))),
  ).toEqual([[], [0], [1], [], [3, 2], [4], [5]]);
  const bake = recipe.steps[6]!;
  expect(bake).toMatchObject({
    oven: { temperatureC: 200, covered: false },
    durationMin: { least: 25, most: 30 },
    until: 'golden and bubbling',
    kit: [{ kind: 'gratin-dish', as: 'gratin-dish' }],
  });
  expect(recipe.steps[2]!.looks.map((each) => each.atMin)).toEqual([5, 10, 15]);
  expect(recipe.original).toEqual({ format: 'text', text: pie });
});

test('every note points at its words, and what was guessed is said', () => {
  const reading = one(pie);
  reading.steps.forEach((step, i) => {
    const { text } = reading.recipe.steps[i]!;
    for (const note of step.notes) expect(text.slice(note.start, note.end).trim()).toBe(note.words.trim());
  });
  expect(reading.steps.map((step) => step.guessed)).toEqual([['time'], [], [], ['time'], ['time'], ['time'], []]);
});

test('linked data in a graph: sections, markup, entities, °F, keys that want to be prototypes', () => {
  const reading = one(
    `{"@context":"https://schema.org","@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Tofu &amp; rice","recipeYield":["4","4 servings"],"totalTime":"PT45M","recipeIngredient":["1 cup rice","14 oz firm tofu","2 tbsp soy sauce &ndash; low salt","1 bunch scallions"],"recipeInstructions":[{"@type":"HowToSection","name":"Rice","itemListElement":[{"@type":"HowToStep","text":"Simmer the rice for 18 minutes, covered. Rest for 10 minutes."}]},{"@type":"HowToSection","name":"Tofu","itemListElement":[{"@type":"HowToStep","text":"<p>Cube the tofu and bake at 400&deg;F for 25 minutes, flipping half-way.</p>"},{"@type":"HowToStep","text":"Toss with the soy sauce, scallions and sesame oil."}]}],"image":"x.jpg","__proto__":{"polluted":1}}]}`,
  );
  expect(reading.recipe.name).toBe('Tofu & rice');
  expect(reading.recipe.lines[2]!.text).toBe('2 tbsp soy sauce – low salt');
  expect(reading.recipe.lines[0]!.amount).toEqual({ kind: 'volume', volumeMl: 236.588 });
  expect(stepTable(reading)).toEqual([
    ['Simmer the rice', 18, 'off', 'rice'],
    ['Rest', 10, 'off', ''],
    ['Cube the tofu', 5, 'on', 'firm-tofu'],
    ['Bake', 25, 'off', ''],
    ['Toss with the soy sauce', 2, 'on', 'soy-sauce scallions'],
  ]);
  expect(reading.recipe.steps[3]).toMatchObject({ oven: { temperatureC: 204 }, looks: [{ atMin: 13 }] });
  expect(reading.leftOver[0]!.words).toContain('image');
  expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
});

test.each([
  ['an array', (node: string) => `[${node}]`],
  ['bare', (node: string) => node],
  [
    'inside a page',
    (node: string) =>
      `<!doctype html><html><head><script type="application/ld+json">${node}</script></head><body><h1>Hello</h1></body></html>`,
  ],
  ['as the main entity', (node: string) => `{"@type":"WebPage","mainEntity":${node}}`],
])('linked data %s', (_name, wrap) => {
  const { recipe } = one(
    wrap(
      '{"@type":"Recipe","name":"Toast","recipeYield":1,"recipeIngredient":"1 slice bread\\n10 g butter","recipeInstructions":"Toast the bread.\\nSpread with the butter."}',
    ),
  );
  expect([recipe.name, recipe.portions, recipe.lines.length, recipe.steps.flatMap((step) => step.uses)]).toEqual([
    'Toast',
    1,
    2,
    ['bread', 'butter'],
  ]);
});

test('a page without recipe data is read as its words; scripts are no text, and nothing is run', () => {
  const { recipe, notes } = one(
    '<html><body><script>alert(1)</script><h1>Soup &amp; more</h1><h2>Ingredients</h2><ul><li>2 carrots</li><li>1 l water</li></ul><h2>Method</h2><p>Boil the <b>carrots</b> for 20 minutes.</p></body></html>',
  );
  expect([recipe.name, recipe.lines.map((line) => line.text), recipe.steps.length]).toEqual([
    'Soup & more',
    ['2 carrots', '1 l water'],
    1,
  ]);
  expect(JSON.stringify(recipe.steps)).not.toContain('alert');
  expect(notes[0]).toMatch(/no recipe data/);
});

test('without headings each line is taken for what it reads like; makes and keeping are no steps', () => {
  const reading = one(
    'Shortbread\n225g plain flour\n150g butter\n75g caster sugar\nRub the butter into the flour, stir in the sugar and press into a tin.\nChill for at least 30 minutes or overnight.\nBake at 160 °C for 25 minutes until pale gold.\nMakes 16 fingers',
  );
  expect(reading.recipe.makes).toEqual({ kind: 'count', count: 16, piece: 'fingers' });
  expect(stepTable(reading).map(([title]) => title)).toEqual(['Rub the butter into the flour', 'Chill', 'Bake']);
  expect(reading.recipe.steps[1]!.durationMin).toEqual({ least: 30, likely: 30, most: 720 });
});

test.each([
  ['Pull out the tendons of the chicken.', ['board']],
  ['Pat dry the chicken and set it aside.', ['board']],
  ['Dredge the chicken in the flour.', ['bowl']],
  ['Drain the chicken on a rack.', []],
  ['Drain well on plenty of kitchen paper.', []],
  ['Drain the rice in cold water.', ['sieve']],
])('the kit for what is raw, and for what drains: %s', (text, kinds) => {
  const { recipe } = one(`Bites\n\nServes 2\n\n400 g chicken\n50 g flour\n200 g rice\n\nMethod\n\n${text}\n`);
  expect(recipe.steps[0]!.kit.map(({ kind }) => kind)).toEqual(kinds);
});

test('leaves are no leaving', () => {
  const { recipe } = one(
    'Stock\n\nServes 4\n\nIngredients\n4 bay leaves\n2 onions\n\nMethod\nFry the onions and the bay leaves for 4 minutes.',
  );
  expect(recipe.steps.map((step) => step.hands)).toEqual(['on']);
});

test.each<[string, string | undefined]>([
  ['Chill for 2 hours.', 'fridge'],
  ['Leave in the fridge overnight.', 'fridge'],
  ['Freeze for 3 hours.', 'freezer'],
  ['Leave the frozen berries to stand for 30 minutes.', undefined],
  ['Rest for 20 minutes.', undefined],
  ['Leave at room temperature for 20 minutes.', undefined],
])('where it stands cold: %s', (words, cold) => {
  const { recipe } = one(
    `Cream\n\nServes 4\n\nIngredients\n500 ml cream\n100 g berries\n\nMethod\nWhisk the cream with the berries. ${words}`,
  );
  // Whatever stands is left alone: nobody's hands are busy with it.
  expect(recipe.steps.map((step) => step.hands)).toEqual(['on', 'off']);
  expect(recipe.steps.at(-1)!.cold).toBe(cold);
});

test.each<[string, number, number | undefined]>([
  ['Bake at 160 °C for 50 minutes. Do not open the oven for the first 30 minutes.', 50, 30],
  ['Bake at 160 °C for 50 minutes without opening the door for the first half hour.', 50, 30],
  ['Bake at 160 °C for 25 minutes; keep the door closed.', 25, 25],
  ['Bake at 160 °C for 25 minutes, and never open the oven door while they rise.', 25, 25],
  ['Open the oven and bake at 160 °C for 25 minutes.', 25, undefined],
])('the door stays shut: %s', (words, likely, shutMin) => {
  const { recipe } = one(
    `Sponge\n\nServes 8\n\nIngredients\n4 eggs\n100 g sugar\n\nMethod\nWhisk the eggs and the sugar. ${words}`,
  );
  const bakes = recipe.steps.filter((step) => step.oven);
  expect(bakes.map((step) => [step.durationMin.likely, step.oven!.shutMin])).toEqual([[likely, shutMin]]);
  expect(recipe.steps).toHaveLength(2);
  // Not a word of it is lost.
  if (shutMin !== undefined) expect(bakes[0]!.text).toMatch(/door|oven for/);
});

test('what is done or not, as one likes, is a step that the dish stands without', () => {
  const { recipe } = one(
    'Leek soup\nServes 4\n\n3 leeks\n2 tbsp oil\n1 litre vegetable stock\n50 g almonds\n\nMethod\nFry the leeks in the oil for 10 minutes. Add the stock and simmer for 20 minutes.\nOptional: toast the almonds in a dry pan for 4 minutes.\nServe.',
  );
  expect(recipe.steps.map((step) => step.canOmit)).toEqual([undefined, undefined, true]);
});

test.each([
  ['1 litre vegetable stock', 'large-pot'],
  ['100 ml vegetable stock', 'frying-pan'],
])('where nobody says in what it is fried, %s goes into something that holds it', (stock, kind) => {
  const { recipe } = one(
    `Leeks\nServes 4\n\n3 leeks\n2 tbsp oil\n${stock}\n\nMethod\nFry the leeks in the oil for 10 minutes. Add the stock and simmer for 20 minutes.`,
  );
  expect(recipe.steps.map((step) => step.kit.map((use) => use.kind))).toEqual([[kind], [kind]]);
  const named = one(
    `Leeks\nServes 4\n\n3 leeks\n2 tbsp oil\n${stock}\n\nMethod\nFry the leeks in the oil in a wok for 10 minutes. Add the stock and simmer for 20 minutes.`,
  );
  expect(named.recipe.steps[0]!.kit.map((use) => use.kind)).toEqual(['frying-pan']);
});

test.each([
  ['Fry 4 at a time, 3 minutes each side.', 'Makes 12 patties', 3],
  ['Fry in two batches, 6 minutes each.', 'Makes 12 patties', 2],
  ['Fry for 6 minutes.', 'Makes 12 patties', undefined],
  ['Fry in two goes, ten minutes altogether.', 'Makes 12 patties', 2],
])('%s: so many loads', (words, makes, loads) => {
  const { recipe } = one(
    `Patties\nServes 6\n${makes}\n\n500 g beans\n3 tbsp oil\n\nMethod\nMash the beans and shape 12 patties. Heat the oil. ${words}`,
  );
  expect(recipe.steps.at(-1)!.loads).toBe(loads);
});

test('“the mash” is the mashed potato, and what is fried after the oil is hot is what was made ready', () => {
  const { recipe } = one(
    'Salmon cakes\nMakes 8 cakes, serves 4\n\n400 g cooked salmon\n500 g mashed potato\n1 egg\n100 g breadcrumbs\n5 tbsp sunflower oil\n\nMethod\nFlake the salmon into the mash, mix in the egg, shape 8 cakes. Coat with the crumbs. Heat the oil in a frying pan. Fry 4 at a time, 4 minutes each side.',
  );
  expect(recipe.makes).toEqual({ kind: 'count', count: 8, piece: 'cakes' });
  expect(recipe.portions).toBe(4);
  const [cakes, fry] = recipe.steps;
  expect(cakes!.uses).toContain('potato');
  expect(fry!.after).toEqual([{ step: cakes!.id, leastMin: 0 }]);
  expect([fry!.loads, fry!.durationMin.likely]).toEqual([2, 16]);
});

test('what the list says is for frying, for the tin or to glaze goes where that is done', () => {
  const { recipe } = one(
    'Cheese pasties\nServes 4\n\n300 g puff pastry\n200 g cheddar\noil for shallow frying\n1 egg, to glaze\nbutter for the tin\n4 sprigs parsley\n\nMethod\nFill the pastry with the cheddar. Brush the tops. Grease a tin. Bake at 200 °C for 20 minutes.',
  );
  const stepOf = (text: string) =>
    recipe.steps.find(({ uses }) => uses.includes(recipe.lines.find((each) => each.text.includes(text))!.id))?.text ??
    '';
  expect(stepOf('to glaze')).toContain('Brush');
  expect(stepOf('for the tin')).toContain('Grease');
  // Nothing is fried, and nobody says what the parsley is for.
  expect([stepOf('frying'), stepOf('parsley')]).toEqual(['', '']);
  const fried = one(
    'Latkes\nServes 4\n\n1 kg potatoes\n2 eggs\noil for frying\n\nMethod\nGrate the potatoes, mix with the eggs. Fry spoonfuls for 4 minutes a side.',
  );
  expect(fried.recipe.steps.at(-1)!.uses).toEqual([fried.recipe.lines[2]!.id]);
});

test.each([
  ['Sit them on top, 25 min more.', 25],
  ['Drop the dumplings into the stew for 20 minutes.', 20],
])('what is put into a stew cooks in it: %s', (words, minutes) => {
  const { recipe } = one(
    `Stew with dumplings\nServes 4\n\n600 g beef\n1 l stock\n150 g flour\n75 g suet\n\nMethod\nBrown the beef. Add stock, simmer 2 hours. Mix flour and suet with water, roll 12 dumplings. ${words}`,
  );
  const last = recipe.steps.at(-1)!;
  expect([last.burner, last.hands, last.durationMin.likely, last.after!.length]).toEqual([true, 'off', minutes, 2]);
});

test('“cook stirring until thick” is on the heat, and its yolks are not raw', () => {
  const { recipe } = one(
    'Custard\nServes 4\n\n400 ml milk\n4 egg yolks\n80 g sugar\n35 g cornflour\n\nMethod\nHeat milk; whisk yolks, sugar, cornflour; pour on, return to the pan and cook stirring until thick.',
  );
  expect(recipe.steps.at(-1)!.burner).toBe(true);
  expect(checkRecipe(recipe).filter(({ weight }) => weight === 'danger')).toEqual([]);
});

test.each([
  'Shape 20, deep fry 4 minutes.',
  'Shallow fry the beans for 4 minutes.',
  'Add the flour and stir fry 3 minutes.',
])('in two words, too, it is fried: %s', (words) => {
  const { recipe } = one(`Beans\nServes 4\n\n600 g beans\n100 g flour\n1 l oil\n\nMethod\nMash the beans. ${words}`);
  expect(recipe.steps.at(-1)!.burner).toBe(true);
});

describe('minutes and a heat, and no verb', () => {
  const last = (words: string) =>
    one(
      `Cake\nServes 4\n\n3 eggs\n250 g sugar\n200 g flour\n100 g butter\n\nMethod\nWhisk the eggs, sugar, flour and melted butter. ${words}`,
    ).recipe.steps.map(({ oven, durationMin, after, hands }) => [
      oven?.temperatureC,
      durationMin.likely,
      hands,
      after!.length,
    ])[1];
  test.each([
    ['25 min at 175 °C.', 175, 25],
    ['Loaf tin, 60 min at 170 °C.', 170, 60],
    ['45 min 180 °C.', 180, 45],
    ['375F, 25 minutes.', 191, 25],
    ['425F for 20 min.', 218, 20],
    ['40 mins, gas 4.', 180, 40],
    ['Flatten, 12 min at 180 °C.', 180, 12],
    ['1 h 15 at 160 °C.', 160, 75],
    ['15 min at 160.', 160, 15],
    ['50 minutes at 170 fan.', 190, 50],
    ['Bain-marie, 45 min at 150 °C.', 150, 45],
  ])('is baked: %s', (words, heat, minutes) => {
    expect(last(words)).toEqual([heat, minutes, 'off', 1]);
  });
  test('but what goes into hot fat is fried', () => {
    expect(last('Into oil at 180 °C for 3 minutes.')?.[0]).toBeUndefined();
  });
});

test('grilled to a heat is that hot inside, and what is named after the time is put on it', () => {
  const { recipe } = one(
    'Burgers\nServes 6\n\n900 g beef mince\n1 egg\n6 slices cheddar\n\nMethod\nMix mince with the egg, shape 6 patties. Grill 5 min a side to 71 °C, cheddar on for the last minute.',
  );
  const [mix, grill] = recipe.steps;
  expect(grill!.after!.map(({ step }) => step)).toEqual([mix!.id]);
  expect([grill!.coreC, grill!.oven?.grill, grill!.oven!.temperatureC > 200]).toEqual([71, true, true]);
});

test.each([
  ['8', 8, undefined],
  ['6 to 8', 6, undefined],
  ['2 people', 2, undefined],
  ['16 squares', undefined, 'squares'],
  ['1 loaf, 10 slices', 10, 'loaf'],
  ['12 puddings', undefined, 'puddings'],
])('right under the name, “%s” is no ingredient', (row, portions, piece) => {
  const { recipe } = one(
    `Treacle slice\n${row}\n\n200 g flour\n100 g butter\n\nMethod\nRub the butter into the flour.`,
  );
  expect(recipe.lines).toHaveLength(2);
  if (portions !== undefined) expect(recipe.portions).toBe(portions);
  expect(recipe.makes?.kind === 'count' ? recipe.makes.piece : undefined).toBe(piece);
});
test('a list may begin with a count', () => {
  expect(one('Boiled eggs\n\n6 eggs\n\nMethod\nBoil the eggs for 10 minutes.').recipe.lines).toHaveLength(1);
  expect(one('Boiled eggs\n6 eggs\n\nMethod\nBoil the eggs for 10 minutes.').recipe.lines).toHaveLength(1);
});

test.each([
  ['Blitz the rest to a pesto.', ['walnuts', 'parsley', 'oil']],
  ['Blitz everything else to a pesto.', ['walnuts', 'parsley', 'oil']],
])('%s: of all that was not named', (words, names) => {
  const { recipe } = one(
    `Penne\nServes 4\n\n350 g penne\n100 g walnuts\n1 bunch parsley\n120 ml olive oil\n\nMethod\nBoil the penne for 9 minutes. ${words}`,
  );
  const used = recipe.steps.at(-1)!.uses.map((id) => recipe.lines.find((each) => each.id === id)!.text);
  for (const name of names) expect(used.join()).toContain(name);
  expect(used.join()).not.toContain('penne');
});

test('spoonfuls into hot oil are fried, three minutes a side', () => {
  const { recipe } = one(
    'Fritters\nServes 4\n\n3 courgettes\n2 eggs\n80 g flour\n4 tbsp oil\n\nMethod\nGrate the courgettes. Beat eggs, stir in flour and courgettes. Spoonfuls into hot oil, flatten, 3 min/side.',
  );
  expect([recipe.steps.at(-1)!.burner, recipe.steps.at(-1)!.durationMin.likely]).toEqual([true, 6]);
});

describe('plain pages', () => {
  /** Each step as: place, its lines, what it waits for by number. */
  const workOf = (list: string, method: string) =>
    one(`Pot pie supper\nServes 4\n\n${list}\n\nMethod\n${method}`).recipe.steps.map(
      ({ uses, after, burner, oven }, _, all) => {
        const at = after!.map(({ step }) => all.findIndex((each) => each.id === step) + 1).sort();
        const onTheHob = burner ? 'hob' : 'hand';
        return `${oven ? 'oven' : onTheHob}[${uses.join(' ')}]<${at.join(',')}`;
      },
    );

  test.each<[string, string, string, readonly string[]]>([
    [
      'dipped first here, then there, is one work, and all of it is fried',
      '600 g cod\n100 g plain flour\n2 eggs\n150 g breadcrumbs\n500 ml sunflower oil',
      'Dip the cod first in the flour, then the egg, then the breadcrumbs. Fry in the oil for 4 minutes.',
      ['hand[cod plain-flour eggs breadcrumbs]<', 'hob[sunflower-oil]<1'],
    ],
    [
      'what is brought together is not heated',
      '250 g plain flour\n125 g butter',
      'Rub the butter into the flour. Add water and bring it together.',
      ['hand[butter plain-flour]<'],
    ],
    [
      '150 g of the sugar is of the line that has so much',
      '6 eggs\n50 g icing sugar\n200 g caster sugar',
      'Whisk the eggs with 150 g of the sugar.',
      ['hand[eggs caster-sugar]<'],
    ],
    [
      'whites go their own way until they are folded in',
      '6 eggs, separated\n200 g dark chocolate',
      'Melt the chocolate. Cool for 20 minutes. Whisk the egg yolks, then fold in the melted chocolate. Whisk the egg whites to soft peaks. Fold the whites into the chocolate mixture.',
      ['hob[dark-chocolate]<', 'hand[]<1', 'hand[eggs]<2', 'hand[]<', 'hand[]<3,4'],
    ],
    [
      'a kept soaking liquid is not the stock on the list',
      '20 g dried porcini\n1 litre vegetable stock\n300 g risotto rice',
      'Soak the porcini for 20 minutes. Drain, keeping the liquid. Heat the stock in a saucepan. Fry the rice for 2 minutes. Add the hot stock, stirring, for 18 minutes.',
      ['hand[dried-porcini]<', 'hob[vegetable-stock]<', 'hob[risotto-rice]<1,2'],
    ],
    [
      'the pot of a pot pie is a pot',
      '250 g plain flour\n125 g butter\n800 g chicken thighs\n2 leeks',
      'Rub the butter into the flour. Chill for 30 minutes. Cook the leeks in a large pot for 10 minutes. Cut up the chicken, add to the pot and brown for 8 minutes.',
      ['hand[butter plain-flour]<', 'hand[]<1', 'hob[leeks]<', 'hob[chicken-thighs]<3'],
    ],
  ])('%s', (_, list, method, work) => expect(workOf(list, method)).toEqual(work));

  test('what is fished out is no fish, and where something is done stands with what is done there', () => {
    const { recipe, findings } = one(
      'Stew\nServes 4\n\n400 g carrots\n2 bay leaves\n1 clove garlic\n2 tbsp oil\n\nMethod\nBoil the carrots with the bay leaves for 20 minutes. Fish out the bay leaves and set aside.\nIn a wok or large frying pan, fry the garlic in the oil for 2 minutes.',
    );
    expect(findings.filter(({ words }) => /fish/i.test(words))).toEqual([]);
    expect(recipe.steps.at(-1)!.text).toMatch(/^In a wok or large frying pan, fry/);
  });
});

test('an empty line ends a part of the list, but not where empty lines stand all through it', () => {
  const headingsOf = (list: string) =>
    one(`Pie\nServes 4\n\n${list}\n\nMethod\nMash the potatoes with the milk. Brush with the egg.`).recipe.lines.map(
      ({ heading }) => heading,
    );
  expect(headingsOf('For the mash\n1 kg potatoes\n100 ml milk\n\n1 egg, beaten')).toEqual([
    'For the mash',
    'For the mash',
    undefined,
  ]);
  expect(headingsOf('For the mash\n\n1 kg potatoes\n\n100 ml milk\n\n1 egg, beaten')).toEqual([
    'For the mash',
    'For the mash',
    'For the mash',
  ]);
});

test('what is covered is what was just put there, and not what was mashed to go beside it', () => {
  const { recipe } = one(
    'Pie\nServes 6\n\nFor the pastry\n250 g plain flour\n125 g cold butter\nFor the filling\n800 g chicken thighs\n2 leeks\nFor the mash\n1 kg potatoes\n100 ml milk\n\nMethod\nRub the butter into the flour. Chill for 30 minutes.\nFry the chicken and the leeks for 20 minutes.\nBoil the potatoes for 20 minutes. Drain and mash with the milk.\nRoll out the pastry. Spoon the filling into a pie dish and cover with the pastry. Bake at 200 °C for 35 minutes.',
  );
  const mash = recipe.steps.find(({ title }) => title.startsWith('Mash'))!;
  expect(recipe.steps.flatMap(({ after }) => after!.map((link) => link.step))).not.toContain(mash.id);
});

test('one paragraph of everything', () => {
  const { recipe } = one(
    'Garlic pasta\nIngredients: 200 g pasta, 2 tbsp olive oil, salt, to taste, 1 clove garlic (crushed, optional). Method: Boil the pasta for 10 minutes. Toss with everything else.',
  );
  expect(recipe.lines.map((line) => [line.text, line.canOmit])).toEqual([
    ['200 g pasta', false],
    ['2 tbsp olive oil', false],
    ['salt, to taste', false],
    ['1 clove garlic (crushed, optional)', true],
  ]);
  expect(recipe.steps.map((step) => step.uses)).toEqual([['pasta'], ['olive-oil', 'salt', 'garlic']]);
});

test.each([
  [
    'turned down',
    'Roast at 220 °C for 20 minutes. Reduce the oven to 160 °C and roast for 1 hour more.',
    [
      [220, 20],
      [160, 60],
    ],
  ],
  [
    'covered, then open: one stay, with a look',
    'Cover with foil and bake at 190 °C for 25 minutes. Remove the foil and bake for another 20 minutes.',
    [[190, 45]],
  ],
  ['the grill', 'Put under a hot grill for 3 minutes, watching closely.', [[240, 3]]],
])('oven phases: %s', (_name, method, phases) => {
  const { recipe } = one(`Dish\n\nIngredients\n1 kg potatoes\n\nMethod\n${method}`);
  expect(recipe.steps.map((step) => [step.oven?.temperatureC, step.durationMin.likely])).toEqual(phases);
  if (_name.startsWith('covered'))
    expect(recipe.steps.map((step) => [step.oven?.covered, step.looks.map(({ atMin }) => atMin)])).toEqual([
      [false, [25]],
    ]);
});

test('soak overnight or boil: the second way is kept as an alternative', () => {
  const { recipe } = one(
    'Cashew cream\n\nIngredients\n150 g cashews\n\nMethod\nSoak the cashews overnight, or boil for 15 minutes. Blend until smooth.',
  );
  expect(recipe.steps[0]).toMatchObject({
    durationMin: { likely: 600 },
    alternatives: [{ durationMin: { likely: 15 }, burner: true }],
  });
});

test.each([
  ['nothing', '', /nothing to read/],
  ['half of a JSON', '{"@type":"Recipe",', /not quite/],
  ['JSON that is no recipe', '{"a":1}', /no recipe/],
  ['a Lupin file of tomorrow', '{"format":"lupin.recipe/9","recipe":{}}', /lupin\.recipe\/9/],
  [
    'a Lupin file with a fault',
    '{"format":"lupin.recipe/2","recipe":{"id":"x","name":"","portions":-1,"lines":[],"steps":[],"hold":{"mostMin":1,"how":""}}}',
    /name: A name is needed/,
  ],
  ['words that are no recipe', 'Dear Ada, thank you for the lovely evening.', /no list of ingredients/],
  ['nesting without end', '['.repeat(100_000), /not quite/],
])('%s: a sentence, not a crash', (_name, text, fault) => {
  const { recipes, faults } = readRecipes(text);
  expect(recipes).toEqual([]);
  expect(faults.join(' ')).toMatch(fault);
});

test('more than 300 ingredients: 300 are taken, and the rest is named', () => {
  const { recipe, notes, leftOver } = one(
    `Long\n\nIngredients\n${Array.from({ length: 310 }, (_, i) => `${i + 1} g salt`).join('\n')}\n\nMethod\nMix everything.`,
  );
  expect([recipe.lines.length, leftOver.length]).toEqual([300, 10]);
  expect(notes[0]).toMatch(/310/);
});

test('out and in again: Lupin’s own file loses nothing, linked data and text say the same the second time', () => {
  for (const recipe of demoRecipes) {
    expect(one(JSON.stringify(toRecipeFile(recipe))).recipe).toMatchObject(recipe);
    for (const write of [(each: typeof recipe) => JSON.stringify(toJsonLd(each)), toText]) {
      const first = one(write(recipe)).recipe;
      const again = one(write(first)).recipe;
      const bare = ({ id, original, about, hold, ...rest }: typeof recipe) =>
        [typeof id, typeof original, typeof about, typeof hold, rest] as const;
      expect([recipe.id, bare(again)]).toEqual([recipe.id, bare(first)]);
      expect(first.lines.map((line) => line.text)).toEqual(recipe.lines.map((line) => line.text));
    }
  }
});

describe('linked data as pages really have it', () => {
  const node = (part: object) =>
    one(
      JSON.stringify({
        '@type': 'Recipe',
        name: 'Scones',
        recipeIngredient: ['450 g self-raising flour', '100 g butter', '300 ml milk'],
        recipeInstructions: ['Mix everything.'],
        ...part,
      }),
    );

  test('a method in one string with its numbers in it', () => {
    const { recipe } = node({
      recipeInstructions:
        '1. Heat the oven to 220C. 2. Rub the butter into the flour. 3. Stir in the milk. 4. Bake for 12 minutes until golden.',
    });
    expect(recipe.steps.map((step) => [step.title, step.oven?.temperatureC])).toEqual([
      ['Rub the butter into the flour', undefined],
      ['Bake', 220],
    ]);
  });

  test('ingredients as name and value, markup in them, a whole list in one string', () => {
    expect(
      node({
        recipeIngredient: [
          { '@type': 'PropertyValue', name: 'plain flour', value: '200 g' },
          '<b>&frac12; tsp</b> salt<script>x</script>',
        ],
      }).recipe.lines.map((line) => line.text),
    ).toEqual(['200 g plain flour', '½ tsp salt']);
    expect(
      node({ recipeIngredient: '2 eggs, 100 g flour (sifted, plain), salt' }).recipe.lines.map((line) => line.text),
    ).toEqual(['2 eggs', '100 g flour (sifted, plain)', 'salt']);
    expect(node({ recipeIngredient: ['2 onions, chopped'] }).recipe.lines.map((line) => line.text)).toEqual([
      '2 onions, chopped',
    ]);
  });

  test('a yield that is a quantity, a time that is none, a tip that is no step', () => {
    const reading = node({
      recipeYield: { '@type': 'QuantitativeValue', value: 6 },
      cookTime: '1 hour',
      recipeInstructions: [
        { '@type': 'HowToStep', text: 'Mix everything.' },
        { '@type': 'HowToTip', text: 'Nice cold.' },
      ],
    });
    expect([reading.recipe.portions, reading.recipe.steps.length, reading.recipe.about]).toEqual([6, 1, 'Nice cold.']);
    expect(reading.leftOver.map((each) => each.words)).toContain('cookTime: 1 hour');
  });
});
