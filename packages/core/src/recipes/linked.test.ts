import { flatten } from '../versions/index.ts';
import { checkRecipe } from './check.ts';
import { linkedTo } from './linked.ts';
import { readRecipes } from './readRecipe.ts';

const dough = `Pizza dough

500 g strong flour
7 g yeast
300 ml water

Mix everything and knead for 8 minutes. Leave to rise for 1 hour.`;
const pizza = (line: string) => `Pepper pizza
Serves 4

${line}
200 ml passata
250 g mozzarella, torn
2 roasted peppers from a jar

Stretch the dough into rounds and spread with the passata. Top with the mozzarella and peppers. Bake at 250 °C for 12 minutes.`;
const read = (text: string) => readRecipes(text).recipes;
const tied = (line: string) => read(`${dough}\n\n${pizza(line)}`)[1]!;

test.each([
  ['1 batch pizza dough', 1],
  ['a batch of pizza dough', 1],
  ['half a batch of pizza dough', 0.5],
  ['a double batch of the dough', 2],
  ['2 quantities of pizza dough (see above)', 2],
  ['pizza dough, see above', 1],
  ['1 recipe pizza dough, at room temperature', 1],
])('%s: %d times the recipe above', (line, batches) => {
  const [first] = tied(line).recipe.lines;
  expect(first).toMatchObject({ component: 'pizza-dough', amount: { kind: 'batches', batches } });
});

test.each(['500 g plain flour', '1 batch pastry', '1 ball of bought dough', 'pizza sauce'])(
  '%s: nothing of the recipe above',
  (line) => expect(tied(line).recipe.lines[0]!.component).toBeUndefined(),
);

test('what the part holds counts, it is told, and its raw flour is cooked in the oven', () => {
  const one = tied('1 batch pizza dough');
  const [part] = read(`${dough}\n\n${pizza('1 batch pizza dough')}`).map(({ recipe }) => recipe);
  expect(one.notes.join(' ')).toContain('is made by “Pizza dough”');
  expect(one.recipe.steps.at(-1)!.coreC).toBeGreaterThanOrEqual(74);
  expect(checkRecipe(one.recipe, () => part).map(({ code }) => code)).not.toContain('component-missing');
  expect(one.findings.map(({ code }) => code)).not.toContain('component-amount');
});

test('of the library only what is asked for by the batch: anything may be bought by its name', () => {
  const library = read(dough).map(({ recipe }) => recipe);
  const lineOf = (line: string) => linkedTo(read(pizza(line))[0]!, library).recipe.lines[0]!;
  expect(lineOf('1 batch pizza dough').component).toBe('pizza-dough');
  expect(lineOf('pizza dough').component).toBeUndefined();
});

test('two that name each other are tied to neither', () => {
  const one = (name: string, other: string) =>
    `${name}\nServes 4\n\n1 batch ${other}\n200 g rice\n\nSimmer the rice for 20 minutes.`;
  for (const { recipe } of read(`${one('Red base', 'green base')}\n\n${one('Green base', 'red base')}`))
    expect(recipe.lines.every(({ component }) => component === undefined)).toBe(true);
});

test('a part of a part counts, wherever in the paste it stands', () => {
  const butter = 'Spiced butter\nServes 4\n\n100 g butter\n1 tsp cumin\n\nMelt the butter with the cumin.';
  const sauce = 'Green sauce\nServes 4\n\n1 batch spiced butter\n200 g peas\n\nBlend everything.';
  const rice =
    'Pea rice\nServes 4\n\n300 g rice\n1 batch green sauce\n\nSimmer the rice for 15 minutes. Stir in the sauce.';
  const recipes = read([rice, sauce, butter].join('\n\n'));
  expect(recipes.map(({ recipe }) => recipe.name)).toEqual(['Pea rice', 'Green sauce', 'Spiced butter']);
  const find = (id: string) => recipes.find(({ recipe }) => recipe.id === id)?.recipe;
  expect(
    flatten(recipes[0]!.recipe, find)
      .lines.map(({ text }) => text)
      .join(),
  ).toContain('butter');
  for (const { findings } of recipes) expect(findings.map(({ code }) => code)).not.toContain('component-missing');
});

test('three that name each other in a ring are tied to none, and what is outside it is', () => {
  const one = (name: string, other: string) =>
    `${name}\nServes 4\n\n1 batch ${other}\n200 g rice\n\nSimmer the rice for 20 minutes.`;
  const ring = [one('Red base', 'green base'), one('Green base', 'blue base'), one('Blue base', 'red base')];
  const recipes = read([...ring, one('Soup', 'red base')].join('\n\n'));
  const tiedTo = recipes.map(({ recipe }) => recipe.lines.flatMap(({ component }) => component ?? []));
  expect(tiedTo).toEqual([[], [], [], ['red-base']]);
});

test('what is meant pink is not asked for when it is tied, though it is said beside the work', () => {
  const paste = (aside: string) =>
    `${dough}\n\nSteak pizza\nServes 4\n\n1 batch pizza dough\n400 g beef steak\n\nTop the dough with the steak.\nFry it for 5 minutes.\n${aside}`;
  const cores = (aside: string) => read(paste(aside))[1]!.recipe.steps.map(({ coreC }) => coreC);
  expect(cores('')).not.toEqual(cores('I like it still pink in the middle.'));
});
