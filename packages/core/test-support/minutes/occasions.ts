import { parse } from 'valibot';
import { Occasion, type Kitchen, type Recipe } from '../../src/model/index.ts';
import { madeWith } from '../../src/model/index.ts';
import { readRecipes } from '../../src/recipes/index.ts';
import { usualKitchen } from '../alone.ts';
import { demoRecipes } from '../demo.ts';
import { pasted } from '../own/read.ts';
import { marksIn } from './words.ts';

interface Served {
  /** A recipe of the library, or the first line of one that is pasted. */
  readonly made: string;
  readonly course?: 'before' | 'main' | 'after';
  /** Versions without some lines (by words of their text), for the guests named. */
  readonly without?: Readonly<Record<string, readonly string[]>>;
}

interface Told {
  readonly name: string;
  /** "ana: gluten, milk": who must not have a trace of what. */
  readonly guests: readonly string[];
  readonly dishes: readonly Served[];
  readonly kitchen?: (kitchen: Kitchen) => Kitchen;
}

const only =
  (most: Readonly<Record<string, number>>) =>
  (kitchen: Kitchen): Kitchen => ({
    ...kitchen,
    kit: kitchen.kit.filter(
      ({ kind }, at) => kitchen.kit.slice(0, at).filter((other) => other.kind === kind).length < (most[kind] ?? 99),
    ),
  });
const fewPots = only({
  bowl: 5,
  saucepan: 2,
  'large-pot': 2,
  'frying-pan': 1,
  'gratin-dish': 2,
  'baking-tray': 2,
  'serving-dish': 6,
  board: 2,
  knife: 2,
});
const withDishwasher = (kitchen: Kitchen): Kitchen => ({ ...kitchen, dishwasher: { cycleMin: 75, places: 8 } });
const wooden = (kitchen: Kitchen): Kitchen => ({
  ...kitchen,
  kit: kitchen.kit.map((unit) => (unit.id === 'board-1' ? { ...unit, material: 'wood' } : unit)),
});
const twoCooks = (kitchen: Kitchen): Kitchen => ({
  ...kitchen,
  cooks: [
    ...kitchen.cooks,
    { id: 'help' as never, name: 'Help', leaves: ['raw'], windows: [{ fromMin: -240, toMin: 30 }] },
  ],
});

/** Twelve tables as somebody might lay them: library and pasted recipes mixed, small kitchens and large, with versions and without. */
export const tables: readonly Told[] = [
  {
    name: 'a Sunday roast, almonds left off for one',
    guests: ['ana', 'ben', 'cleo: tree-nut', 'dan: gluten'],
    dishes: [
      { made: 'roast-chicken' },
      { made: 'oven-potatoes' },
      { made: 'green-beans-almonds', without: { cleo: ['almonds'] } },
      { made: 'apple-crumble', course: 'after' },
    ],
    kitchen: withDishwasher,
  },
  {
    name: 'a harvest lunch of bowls',
    guests: ['ana: gluten', 'ben', 'cleo', 'dan', 'eve: sesame', 'finn'],
    dishes: [
      { made: 'Lentil dal' },
      { made: 'herb-rice' },
      { made: 'roast-carrot-hummus', course: 'before' },
      { made: 'Couscous salad' },
      { made: 'Banana bread', course: 'after' },
    ],
  },
  {
    name: 'a name day with polenta two ways, and few pots',
    guests: ['ana', 'ben: milk', 'cleo', 'dan: tree-nut', 'eve'],
    dishes: [
      { made: 'pork-cider', without: { ben: ['cream'] } },
      { made: 'polenta-soft', without: { ben: ['butter', 'parmesan'] } },
      { made: 'braised-red-cabbage' },
      { made: 'polenta-cake', course: 'after' },
    ],
    kitchen: only({ bowl: 5, saucepan: 1, 'large-pot': 4, 'frying-pan': 1, 'serving-dish': 5, board: 2, knife: 2 }),
  },
  {
    name: 'fish on a Friday',
    guests: ['ana: milk', 'ben', 'cleo: gluten', 'dan'],
    dishes: [
      { made: 'mushroom-toasts', course: 'before' },
      { made: 'Fish parcels' },
      { made: 'Lemon potatoes' },
      { made: 'Green salad with mustard dressing' },
      { made: 'Creamy rice pudding', course: 'after' },
    ],
    kitchen: withDishwasher,
  },
  {
    name: 'pasta for the children, in a small kitchen',
    guests: ['ana', 'ben: egg', 'cleo', 'dan: gluten'],
    dishes: [
      { made: 'Sunday night macaroni' },
      { made: 'Tuna cakes' },
      { made: 'slaw-sunflower' },
      { made: 'Overnight oats for six', course: 'after' },
    ],
    kitchen: fewPots,
  },
  {
    name: 'a winter feast, with a wooden board',
    guests: ['ana: gluten', 'ben', 'cleo', 'dan: milk', 'eve', 'finn', 'gil', 'hal'],
    dishes: [
      { made: 'beetroot-orange-salad', course: 'before' },
      { made: 'duck-legs-plums' },
      { made: 'celeriac-apple-gratin', without: { ana: ['breadcrumbs'] } },
      { made: 'roast-roots' },
      { made: 'pears-cardamom-custard', course: 'after' },
    ],
    kitchen: (kitchen) => twoCooks(wooden(withDishwasher(kitchen))),
  },
  {
    name: 'a late breakfast',
    guests: ['ana: fish', 'ben: milk', 'cleo', 'dan'],
    dishes: [
      { made: 'smoked-trout-potato' },
      { made: 'skillet-cornbread' },
      { made: 'Overnight oats for six' },
      { made: 'berry-fool', course: 'after' },
      { made: 'Banana bread', course: 'after' },
    ],
  },
  {
    name: 'a curry evening for two cooks',
    guests: ['ana: sesame', 'ben', 'cleo: gluten', 'dan', 'eve'],
    dishes: [
      { made: 'Hummus', course: 'before' },
      { made: 'Chicken curry' },
      { made: 'Lentil dal' },
      { made: 'herb-rice' },
      { made: 'Couscous salad' },
    ],
    kitchen: twoCooks,
  },
  {
    name: 'crumbed chicken beside a gratin',
    guests: ['ana: gluten', 'ben: tree-nut', 'cleo', 'dan', 'eve: egg'],
    dishes: [
      { made: 'Crumbed chicken for a crowd' },
      { made: 'Potato gratin' },
      { made: 'green-beans-almonds', without: { ben: ['almonds'] } },
      { made: 'Apple pie the quick way', course: 'after' },
    ],
    kitchen: withDishwasher,
  },
  {
    name: 'no meat, cheese left out for one, and few pots',
    guests: ['ana: milk', 'ben', 'cleo', 'dan: gluten'],
    dishes: [
      { made: 'baked-pasta-aubergine', without: { ana: ['mozzarella', 'parmesan'] } },
      { made: 'stuffed-peppers' },
      { made: 'Green salad with mustard dressing' },
      { made: 'chocolate-pots', course: 'after' },
    ],
    kitchen: only({
      bowl: 5,
      saucepan: 2,
      'large-pot': 2,
      'frying-pan': 1,
      'gratin-dish': 3,
      'baking-tray': 2,
      'serving-dish': 6,
      board: 2,
      knife: 2,
    }),
  },
  {
    name: 'sausages, meatballs and bread, by two cooks',
    guests: ['ana: egg', 'ben: gluten', 'cleo', 'dan: milk', 'eve'],
    dishes: [
      { made: 'Bean and sausage casserole' },
      { made: 'Meatballs in tomato sauce' },
      { made: 'soda-bread' },
      { made: 'braised-red-cabbage' },
      { made: 'rice-pudding', course: 'after' },
    ],
    kitchen: (kitchen) => twoCooks(withDishwasher(kitchen)),
  },
  {
    name: 'lamb and salmon at one table',
    guests: ['ana: fish', 'ben: tree-nut', 'cleo', 'dan: mustard', 'eve', 'finn'],
    dishes: [
      { made: 'Carrot and ginger soup', course: 'before' },
      { made: 'lamb-shoulder' },
      { made: 'Salmon tray bake' },
      { made: 'mustard-potato-salad' },
      { made: 'plum-tart', course: 'after' },
    ],
    kitchen: wooden,
  },
];

const offsetsMin = { before: 0, main: 30, after: 90 } as const;

function recipeCalled(made: string): Recipe {
  const known = demoRecipes.find(({ id }) => id === made);
  if (known) return known;
  const text = pasted('seen').find(({ name }) => name === made)?.text;
  const [reading] = readRecipes(text ?? '').recipes;
  if (!reading) throw new Error(`There is no recipe “${made}”`);
  return reading.recipe;
}

export function occasionOf({ name, guests, dishes, kitchen = (each) => each }: Told): Occasion {
  const people = guests.map((told) => {
    const [id, needs] = told.split(':');
    const avoided = (needs ?? '').split(',').flatMap((need) => need.trim() || []);
    return {
      id: id!,
      name: id!,
      needs: avoided.map((hazard) => ({ id: hazard, kind: 'hazard', hazard, strictness: 'no-trace' })),
    };
  });
  const recipes = new Map<string, Recipe>();
  const laid = dishes.map(({ made, course = 'main', without = {} }) => {
    const recipe = recipeCalled(made);
    const find = (id: string) => demoRecipes.find((each) => each.id === id);
    const parts = madeWith(recipe, find).parts;
    for (const part of [recipe, ...parts]) recipes.set(part.id, part);
    const lines = [recipe, ...parts].flatMap((each) => each.lines);
    const holds = (text: readonly string[], hazard: string) => text.some((line) => marksIn(line).includes(hazard));
    return {
      id: recipe.id,
      course,
      recipe: recipe.id,
      versions: [
        { id: 'plain', name: 'as written', swaps: [], guests: [] },
        ...Object.entries(without).map(([guest, words]) => ({
          id: `for-${guest}`,
          name: `for ${guest}`,
          swaps: recipe.lines.flatMap((line) =>
            words.some((word) => line.text.includes(word)) ? [{ kind: 'omit', line: line.id }] : [],
          ),
          guests: [guest],
        })),
      ],
      // Whoever must not have what is in it is not served it, as a cook would see to.
      notFor: people.flatMap(({ id, needs }) => {
        const kept = lines.filter(({ text }) => !(without[id] ?? []).some((word) => text.includes(word)));
        const texts = kept.map(({ text, food }) => `${text} (${(food ?? '').replaceAll('-', ' ')})`);
        return needs.some(({ hazard }) => holds(texts, hazard)) ? [id] : [];
      }),
    };
  });
  return parse(Occasion, {
    format: 'lupin.occasion/2',
    id: 'table',
    name,
    date: '2027-01-10',
    serveAt: '18:30',
    courses: Object.entries(offsetsMin).map(([id, offsetMin]) => ({ id, name: id, offsetMin, enough: 0 })),
    guests: people,
    recipes: [...recipes.values()],
    dishes: laid,
    kitchen: kitchen(usualKitchen()),
  });
}
