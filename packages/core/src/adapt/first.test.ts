import { alone } from '../../test-support/alone.ts';
import { id } from '../../test-support/id.ts';
import { guest } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import { readRecipes } from '../recipes/index.ts';
import { offersFor } from './offers.ts';

const N = (hazard: string) => ({ id: 'n', kind: 'hazard', hazard, strictness: 'no-trace' });
const D = (diet: string) => ({ id: 'n', kind: 'diet', diet, strictness: 'not-ingredient' });

/** What is offered first in ordinary dishes does the job of what goes out, though its label may have to be read. */
test.each([
  [
    'Rice pudding',
    '1 l milk\n150 g pudding rice\n60 g sugar',
    'Warm the milk, stir in the rice and sugar and bake at 150 °C for 2 hours.',
    N('milk'),
    'oat drink',
  ],
  [
    'Fish pie',
    '500 ml milk\n600 g cod\n50 g plain flour\n1 kg potatoes',
    'Make a sauce of the flour and milk. Pour over the fish. Boil and mash the potatoes, spread on top and bake at 190 °C for 40 minutes.',
    N('milk'),
    'oat drink',
  ],
  [
    'Sponge cake',
    '200 g self-raising flour\n200 g butter\n200 g sugar\n4 eggs',
    'Cream the butter and sugar, beat in the eggs, fold in the flour. Bake at 180 °C for 25 minutes.',
    N('gluten'),
    'gluten-free flour blend and gluten-free baking powder',
  ],
  [
    'Sponge cake',
    '200 g self-raising flour\n200 g butter\n200 g sugar\n4 eggs',
    'Cream the butter and sugar, beat in the eggs, fold in the flour. Bake at 180 °C for 25 minutes.',
    N('egg'),
    'egg replacer and water',
  ],
  [
    'Sponge cake',
    '200 g self-raising flour\n200 g butter\n200 g sugar\n4 eggs',
    'Cream the butter and sugar, beat in the eggs, fold in the flour. Bake at 180 °C for 25 minutes.',
    D('vegan'),
    'plant block',
  ],
  [
    'Apple pie',
    '250 g plain flour\n125 g butter\n800 g apples',
    'Rub the butter into the flour, roll out the pastry. Fill with the apples and bake at 190 °C for 40 minutes.',
    N('gluten'),
    'gluten-free flour blend and xanthan gum',
  ],
  [
    'Pasta bake',
    '400 g penne\n500 g passata',
    'Boil the pasta for 9 minutes. Stir in the passata and bake at 200 °C for 20 minutes.',
    N('gluten'),
    'gluten-free pasta',
  ],
  [
    'Mushroom toast',
    '4 slices bread\n300 g mushrooms',
    'Fry the mushrooms. Toast the bread and serve the mushrooms on it.',
    N('gluten'),
    'gluten-free bread',
  ],
  [
    'Meatballs',
    '500 g beef mince\n60 g breadcrumbs\n1 egg',
    'Mix and shape into balls. Fry for 12 minutes, 71 °C inside.',
    N('egg'),
    'egg replacer and water',
  ],
  [
    'Meatballs',
    '500 g beef mince\n60 g breadcrumbs\n1 egg',
    'Mix and shape into balls. Fry for 12 minutes, 71 °C inside.',
    N('gluten'),
    'gluten-free breadcrumbs',
  ],
  [
    'Caesar dressing',
    '1 egg yolk\n200 ml olive oil\n4 anchovies',
    'Whisk the egg yolk while the oil runs in. Mash in the anchovies.',
    N('egg'),
    'aquafaba',
  ],
  [
    'Mashed potatoes',
    '100 ml milk\n1 kg potatoes',
    'Boil the potatoes for 20 minutes. Mash with the milk.',
    N('milk'),
    'oat drink',
  ],
  [
    'Gravy',
    '40 g plain flour\n40 g butter\n600 ml chicken stock',
    'Melt the butter, stir in the flour, add the stock and simmer until thick.',
    N('gluten'),
    'arrowroot',
  ],
  [
    'Chicken schnitzel',
    '4 chicken breasts\n2 eggs\n100 g breadcrumbs',
    'Dip the chicken in the eggs, then the crumbs. Fry until 74 °C inside.',
    N('egg'),
    'cornflour and water',
  ],
  [
    'White loaf',
    '500 g strong white bread flour\n7 g dried yeast\n10 g salt',
    'Knead, let it rise for 1 hour, bake at 220 °C for 35 minutes.',
    N('gluten'),
    'rice flour and tapioca flour and psyllium husk and water',
  ],
  [
    'Quiche',
    '3 eggs\n320 g shortcrust pastry',
    'Line the tin with the pastry. Whisk the eggs, pour in and bake at 180 °C for 35 minutes.',
    N('egg'),
    'tofu and cornflour',
  ],
  [
    'Pavlova',
    '4 egg whites\n220 g sugar',
    'Whisk the egg whites to stiff peaks with the sugar. Bake at 120 °C for 90 minutes.',
    N('egg'),
    'aquafaba',
  ],
  [
    'Almond cake',
    '250 g ground almonds\n200 g sugar\n4 eggs',
    'Whisk the eggs and sugar, fold in the almonds. Bake at 170 °C for 40 minutes.',
    N('tree-nut'),
    'pumpkin seeds and rice flour',
  ],
  [
    'Panna cotta',
    '4 sheets gelatine\n500 ml double cream',
    'Warm the cream, melt the soaked gelatine in it, chill for 4 hours.',
    D('vegetarian'),
    'agar',
  ],
  [
    'Green curry',
    '2 tbsp fish sauce\n400 ml coconut milk\n500 g chicken',
    'Simmer the chicken in the coconut milk with the fish sauce for 20 minutes, 74 °C.',
    N('fish'),
    'vegan fish sauce',
  ],
  [
    'Burgers',
    '4 burgers\n4 bread rolls',
    'Grill the burgers until 71 °C inside, serve in the rolls.',
    D('vegan'),
    'meat-free mince',
  ],
] as const)('%s: %s', (name, lines, method, need, first) => {
  const { recipe } = readRecipes(`${name}\n\nServes 4\n\nIngredients\n${lines}\n\nMethod\n${method}`).recipes[0]!;
  const all = alone(recipe, [], [guest('ana', need), guest('ben')]);
  const [offer] = offersFor(all, fit(all).rows[0]!, id('ana'));
  expect(offer!.lines[0]!.options[0]!.name).toBe(first);
});

test('water goes in for milk in bread, and never in a pudding', () => {
  const offered = (text: string) => {
    const { recipe } = readRecipes(text).recipes[0]!;
    const all = alone(recipe, [], [guest('ana', N('milk'))]);
    return offersFor(all, fit(all).rows[0]!, id('ana'))[0]!.lines[0]!.options.map((option) => option.name);
  };
  const pudding =
    'Rice pudding\n\nServes 4\n\n1 l milk\n150 g pudding rice\n\nBake the rice in the milk at 150 °C for 2 hours.';
  expect(offered(pudding)).not.toContain('water');
  expect(offered(pudding)).toContain('rice drink');
  const bread =
    'Milk bread\n\nServes 4\n\n300 ml milk\n500 g strong white flour\n7 g dried yeast\n\nKnead it all for 10 minutes, prove 1 hour, bake at 220 °C for 30 minutes.';
  expect(offered(bread)).toContain('water');
  expect(offered(bread)[0]).not.toBe('water');
});

test('what would bring a nut into the dish is not first where somebody at the table may have no trace of it', () => {
  const { recipe } = readRecipes(
    'Tomato soup\n\nServes 4\n\n100 ml double cream\n1 kg tomatoes\n\nSimmer the tomatoes for 20 minutes, blend and stir in the cream.',
  ).recipes[0]!;
  const first = (...others: object[]) => {
    const guests = [guest('ana', N('milk')), ...others.map((need, at) => guest(`g${at}`, need as never))];
    const all = alone(recipe, [], guests);
    return offersFor(all, fit(all).rows[0]!, id('ana'))[0]!.lines[0]!.options[0]!.name;
  };
  expect([first(), first(N('cashew'))]).toEqual(['cashews and water', 'coconut cream']);
});
