import { demoRecipes } from '../../test-support/demo.ts';
import { readRecipes } from '../recipes/index.ts';
import type { Recipe } from '../model/index.ts';
import { jobOf, workedFood } from './jobs.ts';

const read = (text: string): Recipe => readRecipes(text).recipes[0]!.recipe;
const jobIn = (recipe: Recipe, line: string) =>
  jobOf(
    recipe,
    recipe.lines.find(({ text }) => text.toLowerCase().includes(line))!,
  );

test.each([
  [
    '2 eggs',
    'coating-glue',
    'Turn 600 g of fish in flour, then in the eggs, then in the crumbs. Fry 3 minutes a side.',
  ],
  ['2 eggs', 'binder', 'Mix the crumbs and the eggs into the beans so that it holds, shape patties and fry them.'],
  ['2 eggs', 'egg-wash', 'Brush the pie with the eggs and bake it.'],
  ['2 eggs', 'egg-main', 'Poach the eggs for 3 minutes.'],
  ['100 g butter', 'fat-solid', 'Rub the butter into the flour.'],
  ['100 g butter', 'fat-liquid', 'Soften the onions in the butter.'],
  ['100 g butter', 'cream-body', 'Take the sauce off the heat and beat in the butter.'],
  ['150 g cashews', 'cream-body', 'Soak the cashews for an hour, then blend with water until silky.'],
  ['150 g cashews', 'crunch', 'Toast the cashews and scatter over the rice.'],
  ['80 g breadcrumbs', 'thickener', 'Whizz the breadcrumbs with the peppers to a paste.'],
  ['80 g breadcrumbs', 'structure-flour', 'Mix the breadcrumbs into the beans and shape patties.'],
  ['4 slices bread', 'crunch', 'Cut the bread in cubes and bake until crisp.'],
  ['4 slices bread', 'flour-bread', 'Toast the bread.'],
  ['1 kg gammon joint', 'protein', 'Simmer the gammon for 2 hours.'],
  ['100 g bacon', 'umami', 'Fry the bacon until crisp.'],
])('%s does what is done with it: %s', (line, job, method) => {
  expect(jobIn(read(`Supper\nServes 4\n\n${line}\n\nMethod\n${method}`), line.split(' ').at(-1)!).role).toBe(job);
});

test('the same line is another thing in another dish: the setting says where', () => {
  const eggs = (name: string, list: string, method: string) =>
    [...jobIn(read(`${name}\nServes 4\n\n2 eggs\n${list}\n\nMethod\n${method}`), 'eggs').settings].sort();
  expect(
    eggs(
      'Sponge',
      '200 g flour\n200 g sugar',
      'Beat the eggs and sugar, fold in the flour, bake 25 minutes at 180 °C.',
    ),
  ).toEqual(expect.arrayContaining(['baked', 'cake', 'sweet']));
  const patties = eggs('Bean patties', '400 g black beans', 'Mash the beans with the eggs, shape 8 patties and fry.');
  expect(patties).toEqual(expect.arrayContaining(['fried', 'patty', 'savoury']));
  expect(patties).not.toContain('cake');
});

test('what the cook has set goes before what is read, unless nothing does that job in place of the food', () => {
  const recipe = read('Supper\nServes 4\n\n2 eggs\n\nMethod\nBrush the pie with the eggs.');
  const [line] = recipe.lines;
  const set = (role: 'binder' | 'stock') => {
    const changed = { ...line!, role };
    return jobOf({ ...recipe, lines: [changed] }, changed).role;
  };
  expect(set('binder')).toBe('binder');
  expect(set('stock')).toBe('egg-wash');
});

test('a line that is no single food is worked with by what it names; a part of another recipe by nothing', () => {
  const worked = (text: string) => workedFood(read(`Supper\nServes 4\n\n${text}\n\nMethod\nMix all.`).lines[0]!);
  expect(worked('150 g milked cashews')).toBe('cashews');
  expect(worked('50 g matzo meal or plain flour')).toBe('wheat-flour');
  expect(worked('3 tbsp soy or tamari')).toBe('soy-sauce');
  const [line] = read('Supper\nServes 4\n\n200 g flour\n\nMethod\nMix all.').lines;
  expect(workedFood({ ...line!, food: undefined, component: 'dough' as never })).toBeUndefined();
});

test('in the library what is set and what would be read agree in nine lines of ten', () => {
  const judged = demoRecipes.flatMap((recipe) =>
    recipe.lines.flatMap((line) => {
      if (!line.role) return [];
      const { role: _, ...bare } = line;
      const read = jobOf({ ...recipe, lines: recipe.lines.map((each) => (each === line ? bare : each)) }, bare);
      return read.role === undefined ? [] : [read.role === line.role];
    }),
  );
  expect(judged.length).toBeGreaterThan(100);
  expect(judged.filter(Boolean).length / judged.length).toBeGreaterThan(0.9);
});

test('two lines of one name in one step: each has the sentence that is its own', () => {
  const cakes = read(
    'Cakes\nServes 4\n\n400 g cooked salmon\n500 g mashed potato\n1 egg\n60 g plain flour\n2 eggs, beaten\n100 g breadcrumbs\n\nMethod\nFlake the salmon into the mash, mix in the egg, shape 8 cakes. Turn them in the flour, then the beaten eggs, then the crumbs. Fry 4 minutes each side.',
  );
  expect([jobIn(cakes, '1 egg').role, jobIn(cakes, '2 eggs').role]).toEqual(['binder', 'coating-glue']);
});
