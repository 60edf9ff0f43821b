import { dish, guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { readRecipes } from '../recipes/index.ts';
import { takeableFor } from './takeable.ts';

type Loose = Record<string, unknown>;

const volume = (volumeMl: number) => ({ amount: { kind: 'volume', volumeMl } });
const boiled = (id: string, food: string, extra: Loose = {}) =>
  recipe(
    id,
    [line(food, food)],
    [
      step('peel', { uses: [food], after: [] }),
      step('boil', { hands: 'off', burner: true, ...extra }),
      step('mash', { burner: true }),
    ],
  );
const gravy = recipe(
  'gravy',
  [
    line('water', undefined, { text: '300 ml potato water', ...volume(300) }),
    line('oil', 'olive-oil', { text: '2 tbsp oil', ...volume(30) }),
    line('wine', 'red-wine', { text: 'a glass of wine', ...volume(150) }),
  ],
  [step('simmer', { uses: ['water', 'oil', 'wine'], after: [], burner: true })],
);
const menu = (recipes: Loose[], dishes?: Loose[]) =>
  occasion({ guests: [guest('ada')], recipes, ...(dishes && { dishes }) });
const of = (one: ReturnType<typeof menu>, id: string) =>
  takeableFor(
    one,
    one.dishes.find((each) => each.id === id)!,
  );

test('what boils or bakes by itself leaves something; what is stirred or peeled does not', () => {
  const { sources } = of(menu([boiled('potatoes', 'potato'), gravy]), 'gravy');
  expect(sources.map(({ step: { id }, what }) => [id, what])).toEqual([['boil', 'liquid']]);
});

test('a recipe’s own word for what it leaves is taken', () => {
  const { sources } = of(menu([boiled('potatoes', 'potato', { leaves: ['the potato water'] }), gravy]), 'gravy');
  expect(sources.map(({ what }) => what)).toEqual(['potato water']);
});

test('juices are of a roasting tin, and not of a cake', () => {
  const inOven = (kind: string) => ({ burner: false, oven: { temperatureC: 180 }, kit: [{ kind }] });
  const of2 = (kind: string) =>
    of(menu([boiled('side', 'potato', { title: 'Bake', ...inOven(kind) }), gravy]), 'gravy').sources.map(
      ({ what }) => what,
    );
  expect(of2('roasting-tin')).toEqual(['juices']);
  expect(of2('cake-tin')).toEqual([]);
  expect(of(menu([boiled('side', 'potato', { title: 'Fry' }), gravy]), 'gravy').sources).toEqual([]);
});

test('glasses of liquid can come from elsewhere, spoonfuls cannot', () => {
  const { lines } = of(menu([boiled('potatoes', 'potato'), gravy]), 'gravy');
  expect(lines.map(({ id }) => id)).toEqual(['water', 'wine']);
});

test('the recipe’s own words are heard: potato water where potatoes are boiled, and not where beans are', () => {
  const likely = (food: string) => of(menu([boiled('side', food), gravy]), 'gravy').likely.map(({ line: id }) => id);
  expect(likely('potato')).toEqual(['water']);
  expect(likely('green-beans')).toEqual([]);
});

test('they are heard as the reader reads them, too', () => {
  const [read] = readRecipes(
    'Gravy\n\n400 ml potato water\n2 tins chickpeas in water\n\nSimmer the potato water with the chickpeas for 5 minutes.',
  ).recipes;
  const asRead = { ...read!.recipe, id: 'gravy' } as never;
  const { lines, likely } = of(menu([boiled('side', 'potato'), asRead]), 'gravy');
  expect(lines.map(({ text }) => text)).toEqual(['400 ml potato water']);
  expect(likely.map(({ words }) => words)).toEqual(['400 ml potato water']);
});

test('what is taken already is not asked again, and a dish that takes from this one gives it nothing', () => {
  const dishes = [
    dish('potatoes'),
    dish('gravy', 'gravy', { takes: [{ line: 'water', from: 'potatoes', step: 'boil' }] }),
  ];
  const one = menu([boiled('potatoes', 'potato'), gravy], dishes);
  expect(of(one, 'gravy').likely).toEqual([]);
  expect(of(one, 'potatoes').sources).toEqual([]);
});
