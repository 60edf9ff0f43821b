import { readRecipes } from './readRecipe.ts';

/** Recipes as people really send them: each way of writing must come to the same kinds of lines and steps. */
interface Style {
  readonly text: string;
  readonly name: string;
  readonly portions: number;
  readonly foods: readonly (string | undefined)[];
  /** Title begins with, likely minutes, hands. */
  readonly steps: readonly (readonly [string, number, 'on' | 'off'])[];
}

const styles: Readonly<Record<string, Style>> = {
  'no heading over the list, °F, a tin in inches': {
    text: `CLASSIC BANANA BREAD
Prep: 15 mins | Cook: 1 hr | Serves 8

2 cups (240g) all-purpose flour
1 tsp baking soda
1/2 cup butter, softened
2 eggs, beaten
2 1/3 cups mashed overripe bananas

Directions
Preheat oven to 350 degrees F (175 degrees C). Lightly grease a 9x5 inch loaf pan.
In a large bowl, combine flour and baking soda. Beat in butter, eggs and mashed bananas until well blended.
Bake in preheated oven for 60 to 65 minutes, until a toothpick comes out clean. Let bread cool in pan for 10 minutes, then turn out.`,
    name: 'CLASSIC BANANA BREAD',
    portions: 8,
    foods: ['wheat-flour', 'bicarbonate-of-soda', 'butter', 'egg', 'banana'],
    steps: [
      ['Combine flour', 6, 'on'],
      ['Bake', 63, 'off'],
      ['Cool in pan', 10, 'off'],
    ],
  },
  'steps numbered on lines of their own, a slow cooker, two ways of timing': {
    text: `Slow Cooker Chilli

INGREDIENTS:
1kg beef mince
2 onions - diced
2 x 400g cans kidney beans, drained & rinsed
500ml beef stock

METHOD:
Step 1
Brown the mince in a large frying pan over a high heat for 5-6 mins, in batches if needed.
Step 2
Tip everything into the slow cooker and cook on low for 8 hrs or high for 4 hrs.`,
    name: 'Slow Cooker Chilli',
    portions: 4,
    foods: ['beef-mince', 'onion', 'kidney-beans', 'beef-stock'],
    steps: [
      ['Brown the mince', 6, 'on'],
      ['Cook on low', 480, 'off'],
    ],
  },
  'steps that are numbered with nothing behind the number': {
    text: `Baked haddock
Serves 4

4 haddock fillets
2 Leeks
1 tbsp oil

1 Heat the oven to 200°C.
2 Slice the leeks and lay them in a gratin dish with the oil.

3 Lay the haddock on top.
4 Bake for 15 minutes, to 63°C inside.`,
    name: 'Baked haddock',
    portions: 4,
    foods: ['haddock', 'leek', 'oil'],
    steps: [
      ['Slice the leeks', 11, 'on'],
      ['Bake', 15, 'off'],
    ],
  },
  'what was cooked on the hob is put into a dish for the oven, all in one paragraph': {
    text: `Fennel bake
Serves 4

2 fennel bulbs, in wedges
40 g butter
40 g plain flour
500 ml milk
50 g breadcrumbs

Boil the fennel for 8 minutes and drain. Melt the butter in a saucepan, stir in the flour, whisk in the milk and simmer 4 minutes. Lay the fennel in a baking dish, pour over the sauce and scatter with crumbs. Bake at 200°C for 20 minutes.`,
    name: 'Fennel bake',
    portions: 4,
    foods: ['fennel', 'butter', 'wheat-flour', 'milk', 'breadcrumbs'],
    steps: [
      ['Boil the fennel', 8, 'off'],
      ['Melt the butter', 4, 'on'],
      ['Lay the fennel', 8, 'on'],
      ['Bake', 20, 'off'],
    ],
  },
  'headings inside the list, the grill at the end, leftovers': {
    text: `Pasta bake
Serves 6

For the sauce
1 cup raw cashews
1 cup water
1 Tbsp lemon juice

For the pasta
12 oz macaroni

1. Blend all sauce ingredients until smooth, about 2 minutes.
2. Meanwhile, boil the macaroni for 8 minutes.
3. Toss with the sauce in a baking dish. Bake at 375°F, uncovered, for 20 minutes. Broil 2 minutes to brown the top - watch closely!
Leftovers keep 3 days in the fridge.`,
    name: 'Pasta bake',
    portions: 6,
    foods: ['cashews', 'water', 'lemon-juice', 'dried-pasta'],
    steps: [
      ['Blend all sauce', 2, 'on'],
      ['Boil the macaroni', 8, 'off'],
      ['Toss with', 2, 'on'],
      ['Bake', 20, 'off'],
      ['Broil', 2, 'on'],
    ],
  },
  'the oven set in the middle, basted, turned up, rested': {
    text: `Roast chicken
Ingredients
1 whole chicken (about 1.6kg)
1 lemon, halved
50g butter, softened
Method
Take the chicken out of the fridge an hour before roasting. Heat the oven to 200C/180C fan/gas 6.
Rub the butter all over and put the lemon in the cavity.
Roast for 1 hr 20 mins, basting every 20 mins, until a thermometer in the thigh reads 74C. Turn the oven up to 220C for the last 10 minutes.
Rest for 15 mins before carving.`,
    name: 'Roast chicken',
    portions: 4,
    foods: ['chicken', 'lemon', 'butter'],
    steps: [
      ['Take the chicken out', 1, 'on'],
      ['Rub the butter', 10, 'on'],
      ['Roast', 70, 'off'],
      ['Turn the oven up', 10, 'off'],
      ['Rest', 15, 'off'],
    ],
  },
  'told in sentences': {
    text: 'Pickled red onions: Thinly slice 1 red onion. Bring 120ml vinegar, 120ml water and 1 tbsp sugar to the boil, pour over the onion and leave to stand for 30 minutes. Keeps 2 weeks in the fridge.',
    name: 'Pickled red onions',
    portions: 4,
    foods: ['red-onion', 'white-vinegar', 'water', 'sugar'],
    steps: [
      ['Slice 1 red onion', 5, 'on'],
      ['Bring 120ml vinegar', 4, 'on'],
      ['Pour over the onion', 3, 'on'],
      ['Stand', 30, 'off'],
    ],
  },
};

test.each(Object.entries(styles))('%s', (_name, style) => {
  const [reading] = readRecipes(style.text).recipes;
  const { recipe } = reading!;
  expect([recipe.name, recipe.portions]).toEqual([style.name, style.portions]);
  expect(recipe.lines.map((line) => line.food)).toEqual(style.foods);
  expect(recipe.steps.map((step) => [step.durationMin.likely, step.hands])).toEqual(
    style.steps.map(([, likely, hands]) => [likely, hands]),
  );
  recipe.steps.forEach((step, i) => expect(step.title.startsWith(style.steps[i]![0])).toBe(true));
});

test('the roast is hot from the oven as it was set, and hotter at the end; basting falls into the roast only', () => {
  const { steps } = readRecipes(styles['the oven set in the middle, basted, turned up, rested']!.text).recipes[0]!
    .recipe;
  expect(steps.map((step) => step.oven?.temperatureC)).toEqual([undefined, undefined, 200, 220, undefined]);
  expect(steps[2]).toMatchObject({ coreC: 74, looks: [{ atMin: 20 }, { atMin: 40 }, { atMin: 60 }] });
});

test('kept words: what keeps is a fact of the recipe, not a step', () => {
  expect(readRecipes(styles['told in sentences']!.text).recipes[0]!.recipe.keeps).toEqual([
    { where: 'fridge', days: 14 },
  ]);
  expect(
    readRecipes(styles['headings inside the list, the grill at the end, leftovers']!.text).recipes[0]!.recipe.keeps,
  ).toEqual([{ where: 'fridge', days: 3 }]);
});
