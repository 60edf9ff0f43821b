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
  const lineOf = (line: string) => linkedTo(read(pizza(line))[0]!, library, { onlyBatches: true }).recipe.lines[0]!;
  expect(lineOf('1 batch pizza dough').component).toBe('pizza-dough');
  expect(lineOf('pizza dough').component).toBeUndefined();
});

test('two that name each other are tied to neither', () => {
  const one = (name: string, other: string) =>
    `${name}\nServes 4\n\n1 batch ${other}\n200 g rice\n\nSimmer the rice for 20 minutes.`;
  for (const { recipe } of read(`${one('Red base', 'green base')}\n\n${one('Green base', 'red base')}`))
    expect(recipe.lines.every(({ component }) => component === undefined)).toBe(true);
});
