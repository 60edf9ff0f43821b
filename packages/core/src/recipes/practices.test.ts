import { demoRecipes } from '../../test-support/demo.ts';
import { practices } from '../reference/index.ts';
import { checkRecipe } from './check.ts';
import { readRecipes } from './readRecipe.ts';

const read = (lines: string, method: string) =>
  readRecipes(`Dish\n\nServes 4\n\nIngredients\n${lines}\n\nMethod\n${method}`).recipes[0]!.recipe;
const found = (lines: string, method: string) =>
  checkRecipe(read(lines, method)).filter(({ code }) => code === 'practice');

/** What must be said, in the words of many cooks; and what only sounds like it. */
test.each([
  [
    '500 g dried kidney beans\n1 onion',
    'Soak the beans overnight. Simmer gently with the onion for 1 hour.',
    /kidney beans.*boiled hard/,
  ],
  [
    '250 g dried kidney beans\n1 onion',
    'Soak the beans overnight, then put everything into the slow cooker for 8 hours.',
    /boiled hard/,
  ],
  [
    '500 g dried kidney beans',
    'Soak, drain, boil hard in fresh water for 10 minutes, then simmer for 1 hour.',
    undefined,
  ],
  ['500 g dried kidney beans', 'Drain. Bring to a rolling boil for 10 minutes, then simmer 1 hour.', undefined],
  ['2 tins kidney beans, drained\n1 onion', 'Fry the onion, add the beans and simmer for 20 minutes.', undefined],
  [
    '1 chicken, about 1.6 kg',
    'Rinse the chicken under the tap and pat dry. Roast at 200 °C for 80 minutes.',
    /rinses raw poultry/,
  ],
  ['1 turkey', 'Wash the bird inside and out. Roast at 180 °C for 3 hours.', /rinses raw poultry/],
  [
    '1 chicken, about 1.6 kg\n2 lemons',
    'Wash the lemons. Pat the chicken dry. Roast at 200 °C for 80 minutes.',
    undefined,
  ],
  ['1 chicken', 'Wash your hands after touching the chicken. Roast at 200 °C for 80 minutes.', undefined],
  ['1 frozen turkey', 'Thaw the turkey overnight on the counter. Roast at 180 °C for 3 hours.', /thaws it warm/],
  ['1 turkey', 'Defrost in warm water for 2 hours. Roast at 180 °C for 3 hours.', /thaws it warm/],
  ['1 turkey', 'Thaw in the fridge for 2 days. Roast at 180 °C for 3 hours.', undefined],
  ['200 g frozen peas', 'Thaw the peas at room temperature. Boil for 3 minutes.', undefined],
  [
    '1 turkey\n300 g stuffing mix',
    'Stuff the bird the night before and keep it in the fridge. Roast at 180 °C for 4 hours.',
    /stuffs it long before/,
  ],
  ['1 turkey\n300 g stuffing mix', 'Stuff the bird just before roasting. Roast at 180 °C for 4 hours.', undefined],
  [
    '1 head garlic\n300 ml olive oil',
    'Infuse the garlic in the oil over low heat for 20 minutes. Bottle it; it keeps for two weeks at room temperature.',
    /botulinum/,
  ],
  [
    '1 head garlic\n300 ml olive oil',
    'Confit the garlic in the oil for 40 minutes. Store in the fridge for 3 days.',
    undefined,
  ],
  [
    '1 kg beef\n2 onions',
    'Simmer for 3 hours. Leave to cool overnight in the pot. Reheat and serve.',
    /out for the night/,
  ],
  [
    '500 g strong flour\n7 g yeast',
    'Knead and leave the dough overnight on the counter. Bake at 220 °C for 30 minutes.',
    undefined,
  ],
  ['300 g dried chickpeas', 'Leave to soak overnight on the counter. Boil for 1 hour.', undefined],
  ['600 g beef mince\n1 egg', 'Shape into 4 burgers and fry 3 minutes a side until medium-rare.', /minced meat pink/],
  ['600 g beef mince', 'Shape into burgers and fry until no longer pink in the middle, 71 °C.', undefined],
  ['2 sirloin steaks', 'Fry the steaks 2 minutes a side for medium-rare. Rest.', undefined],
  [
    '1 kg chicken thighs',
    'Put the frozen chicken thighs into the slow cooker on low for 8 hours.',
    /frozen meat into a slow cooker/,
  ],
  ['500 g cooked rice', 'Reheat in the slow cooker for 4 hours.', /slow cooker/],
  ['200 g elderberries\n50 g sugar', 'Mash the berries with the sugar and chill.', /poisonous raw/],
  ['200 g elderberries\n50 g sugar', 'Simmer the berries with the sugar for 15 minutes.', undefined],
  ['30 g apricot kernels\n200 g sugar', 'Grind the kernels with the sugar.', /hydrocyanic/],
  [
    '1 kg pork belly\n25 g pink curing salt',
    'Rub the belly with the salt and keep in the fridge for 7 days. Roast at 180 °C for 2 hours.',
    /poisonous in the measure/,
  ],
  ['1 chicken', 'Do not rinse the chicken. Roast at 200 °C for 80 minutes.', undefined],
  ['1 turkey', 'Never thaw the turkey on the counter. Roast at 180 °C for 3 hours.', undefined],
] as const)('%s: %s', (lines, method, said) => {
  const words = found(lines, method).map((each) => each.words);
  if (said === undefined) expect(words).toEqual([]);
  else expect(words.join('\n')).toMatch(said);
});

test('pressed, a fix that says it right ends the finding', () => {
  const mended = [
    ['500 g dried kidney beans\n1 onion', 'Soak the beans overnight. Simmer gently with the onion for 1 hour.'],
    ['1 turkey', 'Thaw the turkey overnight on the counter. Roast at 180 °C for 3 hours.'],
    ['1 kg beef\n2 onions', 'Simmer for 3 hours. Leave to cool overnight in the pot. Reheat and serve.'],
  ].map(([lines, method]) => {
    const recipe = read(lines!, method!);
    const [finding] = checkRecipe(recipe).filter(({ code }) => code === 'practice');
    return checkRecipe(finding!.fix!.recipe).filter(({ code }) => code === 'practice').length;
  });
  expect(mended).toEqual([0, 0, 0]);
});

test('no recipe of the library does any of it, and every practice has its source', () => {
  const of = (recipe: (typeof demoRecipes)[number]) =>
    checkRecipe(recipe, (id) => demoRecipes.find((each) => each.id === id)).filter(({ code }) => code === 'practice');
  expect(demoRecipes.flatMap((recipe) => of(recipe).map(({ words }) => `${recipe.id}: ${words}`))).toEqual([]);
  expect(practices.filter(({ source }) => source.length < 10)).toEqual([]);
});
