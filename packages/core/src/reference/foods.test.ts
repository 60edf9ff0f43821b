import { id } from '../../test-support/id.ts';
import { tokenise } from '../reading/tokens.ts';
import {
  claimEntries,
  familiesOf,
  foodOf,
  foods,
  hazards,
  madeFrom,
  plainWords,
  regions,
  unnamedIn,
  wordEntries,
  type Food,
} from './index.ts';

const names = (food: Food): string[] =>
  [food.name, food.plural, food.us, ...food.aka].filter((name) => name !== undefined);
const key = (text: string) =>
  tokenise(text)
    .map((token) => token.word)
    .join(' ');
const of = (id: string) => foodOf(id)!;

test('the catalogue is wide: at least 700 foods under 5000 names', () => {
  expect(foods.length).toBeGreaterThanOrEqual(700);
  expect(new Set(foods.flatMap(names).map(key)).size).toBeGreaterThan(4500);
});

test('no name stands for two foods, and none is both a food and a word of the word list', () => {
  const owner = new Map<string, string>();
  const clashes: string[] = [];
  for (const food of foods) {
    for (const name of new Set(names(food).map(key))) {
      if (owner.has(name)) clashes.push(`${name}: ${owner.get(name)} and ${food.id}`);
      owner.set(name, food.id);
    }
  }
  // What is written with an apostrophe is another thing there: the fingers of a lady are okra.
  for (const word of wordEntries.filter((entry) => entry.kind !== 'trap').flatMap((entry) => entry.words))
    if (owner.has(key(word))) clashes.push(`${word}: word and ${owner.get(key(word))}`);
  expect(clashes).toEqual([]);
});

test('what a food is made from is in the catalogue, and its hazards stay in what is made', () => {
  for (const food of foods) {
    for (const id of food.holds) expect([food.id, id, foodOf(id) !== undefined]).toEqual([food.id, id, true]);
    const inherited = madeFrom(food)
      .flatMap((part) => part.contains)
      .filter((hazard) => !hazard.startsWith('raw-'));
    expect([food.id, inherited.filter((hazard) => !food.contains.includes(hazard))]).toEqual([food.id, []]);
  }
});

test.each<[string, (food: Food) => boolean, (food: Food) => boolean]>([
  [
    'milk products hold milk',
    (food) => food.families.includes(id('dairy')),
    (food) => food.contains.includes(id('milk')),
  ],
  [
    'lactose comes with milk only',
    (food) => food.contains.includes(id('lactose')),
    (food) => food.contains.includes(id('milk')),
  ],
  [
    'nuts hold a tree nut, or are chestnuts',
    (food) => food.families.includes(id('nut')),
    (food) =>
      food.contains.some(
        (hazard) => hazard === 'tree-nut' || hazards.find((one) => one.id === hazard)!.groups.includes(id('tree-nut')),
      ),
  ],
  [
    'shellfish hold crustaceans, molluscs or another animal',
    (food) => food.families.includes(id('shellfish')),
    (food) => food.contains.some((hazard) => ['crustacean', 'mollusc', 'other-animal'].includes(hazard)),
  ],
  [
    'the fish counter sells animals',
    (food) => food.aisle === 'fish and seafood',
    (food) => food.contains.some((hazard) => ['fish', 'crustacean', 'mollusc', 'other-animal'].includes(hazard)),
  ],
  [
    'the butcher sells meat',
    (food) => food.aisle === 'meat and poultry' && food.id !== 'vegetable-suet',
    (food) => food.contains.some((hazard) => ['meat', 'poultry', 'pork'].includes(hazard)),
  ],
  [
    'vegetables and fruit hold no allergen but celery, mustard and coconut',
    (food) => ['vegetables', 'fruit'].includes(food.aisle),
    (food) => food.contains.every((hazard) => ['celery', 'mustard', 'coconut'].includes(hazard)),
  ],
  [
    'raw poultry is poultry, raw fish comes from the water, raw egg from eggs',
    (food) => food.contains.some((hazard) => hazard.startsWith('raw-') && hazard !== 'raw-flour'),
    (food) =>
      food.contains.some((hazard) =>
        ['poultry', 'meat', 'pork', 'fish', 'crustacean', 'mollusc', 'egg'].includes(hazard),
      ),
  ],
  [
    'wheat flour is raw flour',
    (food) => food.aisle === 'baking' && food.name.endsWith('flour') && food.contains.includes(id('wheat')),
    (food) => food.contains.includes(id('raw-flour')),
  ],
  [
    'every composite without a declared hazard says why its label decides, or is named so',
    (food) => food.kind === 'composite' && food.contains.length === 0 && food.possible.length === 0,
    (food) =>
      ['gluten-free-baking-powder', 'sweetener', 'cola', 'soft-drink', 'tonic-water', 'energy-drink'].includes(
        food.id,
      ) || ['coconut-drink', 'hemp-drink'].includes(food.id),
  ],
])('%s', (_, applies, holds) => {
  const some = foods.filter(applies);
  expect(some.filter((food) => !holds(food)).map((food) => food.id)).toEqual([]);
});

test('families reach through what a food is made from', () => {
  expect([...familiesOf(of('garlic-powder'))]).toContain('allium');
  expect([...familiesOf(of('hummus'))]).toContain('legume');
  expect([...familiesOf(of('ketchup'))]).toContain('nightshade');
  expect(madeFrom(of('hummus')).map((food) => food.id)).toEqual(
    expect.arrayContaining(['chickpeas', 'tahini', 'sesame-seeds']),
  );
});

test('regions declare known hazards, and differ where the law does', () => {
  const declares = (id: string) => new Set<string>(regions.find((region) => region.id === id)!.declares);
  expect([
    declares('us').has('sesame'),
    declares('us').has('mustard'),
    declares('eu').has('mustard'),
    declares('ca').has('celery'),
    declares('au').has('lupin'),
  ]).toEqual([true, false, true, false, true]);
  for (const region of regions) expect(region.law).not.toBe('');
  expect(unnamedIn(id('mustard')).map((region) => region.id)).toEqual(['us', 'au']);
  expect(unnamedIn(id('milk'))).toEqual([]);
  expect(unnamedIn(id('meat'))).toEqual([]);
});

test('a claim never removes what it also weakens, and no plain word is a hazard word', () => {
  for (const claim of claimEntries)
    expect(claim.removes.filter((hazard) => claim.weakens.includes(hazard))).toEqual([]);
  const hazardWords = new Set(wordEntries.filter((entry) => entry.contains.length > 0).flatMap((entry) => entry.words));
  expect(plainWords.filter((word) => hazardWords.has(word))).toEqual([]);
});

test('what spoils in a room is known to, also where it has a name of its own', () => {
  const keeping = (food: string) => foods.find((each) => each.id === food)?.keeping;
  const spoiling = [
    ...[
      'tuna-mayonnaise',
      'egg-mayonnaise',
      'coronation-chicken',
      'potato-salad',
      'coleslaw',
      'waldorf-salad',
      'aioli',
    ],
    ...['cheesecake', 'tiramisu', 'trifle', 'pumpkin-pie', 'pecan-pie', 'lemon-meringue-pie', 'custard-tart', 'quiche'],
    ...['rice-pudding', 'creme-brulee', 'eton-mess', 'chocolate-mousse', 'panna-cotta', 'bread-pudding', 'buttercream'],
    ...['tzatziki', 'mascarpone', 'paneer', 'burrata', 'gravlax', 'kipper', 'potted-shrimp', 'pizza', 'rosti', 'latke'],
    ...['carrot-juice', 'vegetable-juice', 'milky-coffee', 'sofrito', 'blue-cheese-dressing', 'tabbouleh', 'yuba'],
  ];
  expect(spoiling.map((food) => [food, keeping(food)])).toEqual(spoiling.map((food) => [food, 'perishable']));
  const tender = [
    'mixed-leaves',
    'little-gem',
    'iceberg-lettuce',
    'microgreens',
    'portobello',
    'beef-tomato',
    'callaloo',
  ];
  expect(tender.map((food) => [food, keeping(food)])).toEqual(tender.map((food) => [food, 'tender']));
});
