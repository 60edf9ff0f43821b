import { hazardOf, type Food, type FoodId } from '../reference/index.ts';
import type { Amount, DishId, GuestId, LineId, Occasion, Shop, VersionId } from '../model/index.ts';
import { daysBetween, knowledgeOf } from '../exposure/index.ts';
import type { OpenCheck } from '../fit/index.ts';
import { readLine } from '../recipes/index.ts';
import type { ScaledVersion } from '../scale/index.ts';
import { packUp, type Packing } from './packing.ts';
import { addUp, isNothing, nothing, takeOff, type Sum } from './sum.ts';

export interface ItemSource {
  readonly dish: DishId;
  readonly version: VersionId;
  readonly line: LineId;
  readonly text: string;
  readonly amount: Amount;
}

/** What must not be in it, for the same guests. */
export interface LabelWish {
  /** "no wheat, no milk". */
  readonly words: string;
  /** The words under which that stands on labels. */
  readonly lookFor: string;
  readonly guests: readonly GuestId[];
}

/** One thing to buy. */
export interface ShoppingItem {
  readonly key: string;
  readonly food?: FoodId | undefined;
  readonly name: string;
  readonly aisle: string;
  /** All that the occasion asks for. */
  readonly need: Sum;
  readonly have: Sum;
  /** What is left to buy once what is in the house is taken off. */
  readonly buy: Sum;
  readonly inHouse: boolean;
  readonly packing?: Packing | undefined;
  readonly sources: readonly ItemSource[];
  /** What its label must not say, and for whom. */
  readonly label: readonly LabelWish[];
  /** A product whose label was read already: buy the same. */
  readonly product?: string | undefined;
  readonly keepsDays: number;
  /** The trip it is bought on; undefined where there is none or everything is at home. */
  readonly shop?: Shop['id'] | undefined;
  /** It would be past its days by the meal if bought on that trip. */
  readonly tooEarly: boolean;
  readonly ticked: boolean;
}

export interface ShoppingList {
  readonly items: readonly ShoppingItem[];
  /** The sum of what has a price, and how many things to buy have none. */
  readonly cost: { readonly known: number; readonly without: number };
}

/** Water comes from the tap. */
const notBought = new Set<string>(['water', 'ice', 'pasta-cooking-water']);
const wordsKey = (text: string): string => `words:${text.toLowerCase().replace(/\s+/g, ' ').trim()}`.slice(0, 320);

interface Gathered {
  readonly key: string;
  readonly food: Food | undefined;
  readonly name: string;
  readonly sources: ItemSource[];
}

/**
 * One list for the occasion: the amounts of all batches merged by food, less what is in the house, in whole packages, each with what its label
 * must say for whom, on the latest sensible trip. Dishes that others bring need nothing. The order is by aisle, then by name.
 */
export function shoppingList(
  occasion: Occasion,
  made: readonly ScaledVersion[],
  checks: readonly OpenCheck[],
): ShoppingList {
  const { shopping } = occasion;
  const knowledge = knowledgeOf(occasion);
  const brought = new Set(occasion.dishes.filter((dish) => dish.brought).map((dish) => dish.id));
  const gathered = new Map<string, Gathered>();
  for (const version of made) {
    if (brought.has(version.dish)) continue;
    for (const { line, amount } of version.lines) {
      // A line judged by its words is bought by them; only its weights and shelf are taken from the food it is like.
      const key = line.food ?? wordsKey(bareWords(line.text));
      if (line.food && notBought.has(line.food)) continue;
      const food = line.food ? knowledge.food(line.food) : undefined;
      const item = gathered.get(key) ?? { key, food, name: food?.name ?? bareWords(line.text), sources: [] };
      item.sources.push({ dish: version.dish, version: version.version, line: line.id, text: line.text, amount });
      gathered.set(key, item);
    }
  }
  const at = new Map(shopping.at.map((each) => [each.item, each.shop]));
  const ticked = new Set(shopping.ticked);
  const wishes = labelWishes(checks);
  const items = [...gathered.values()].map(({ key, food, name, sources }): ShoppingItem => {
    const like = food ?? likeFood(name, knowledge.food);
    const need = addUp(
      sources.map((source) => source.amount),
      like,
    );
    const have = addUp(
      shopping.have.filter((each) => each.item === key).map((each) => each.amount),
      like,
    );
    const buy = isNothing(have) ? need : takeOff(need, have);
    const inHouse = isNothing(buy) && !isNothing(have);
    const keepsDays = like?.keepsDays ?? 3;
    const shop = inHouse ? undefined : shopFor(shopping.shops, at.get(key), keepsDays, occasion.date);
    return {
      key,
      ...(food && { food: food.id }),
      name,
      aisle: like?.aisle ?? 'other things',
      need,
      have,
      buy,
      inHouse,
      packing: inHouse ? undefined : packUp(buy, food, shopping.packs),
      sources,
      label: food ? (wishes.get(food.id) ?? []) : lineWishes(checks, sources),
      ...(food && knowledge.label(food.id) && { product: knowledge.label(food.id)!.product }),
      keepsDays,
      ...(shop && { shop: shop.id }),
      tooEarly: shop !== undefined && daysBetween(shop.day, occasion.date) > keepsDays,
      ticked: ticked.has(key),
    };
  });
  for (const extra of shopping.extra)
    items.push({
      key: `extra:${extra}`,
      name: extra,
      aisle: 'besides food',
      need: nothing,
      have: nothing,
      buy: nothing,
      inHouse: false,
      sources: [],
      label: [],
      keepsDays: 365,
      shop: shopFor(shopping.shops, at.get(`extra:${extra}`), 365, occasion.date)?.id,
      tooEarly: false,
      ticked: ticked.has(`extra:${extra}`),
    });
  items.sort((a, b) =>
    a.aisle === b.aisle
      ? a.name < b.name
        ? -1
        : 1
      : a.aisle === 'besides food'
        ? 1
        : b.aisle === 'besides food'
          ? -1
          : a.aisle < b.aisle
            ? -1
            : 1,
  );
  const buying = items.filter((item) => !item.inHouse);
  return {
    items,
    cost: {
      known: Math.round(buying.reduce((sum, item) => sum + (item.packing?.price ?? 0), 0) * 100) / 100,
      without: buying.filter((item) => item.packing?.price === undefined).length,
    },
  };
}

/** The line without its amount: what is written on the list. */
function bareWords(text: string): string {
  const { amountSpan, text: line } = readLine(text);
  const rest = amountSpan.start === 0 ? line.slice(amountSpan.end) : line;
  return (
    rest
      .replace(/^\s*(?:of\s+)?/i, '')
      .split(/,\s/)[0]!
      .trim() || line
  );
}

function likeFood(words: string, find: (id: FoodId) => Food | undefined): Food | undefined {
  const { likeFood: like } = readLine(words);
  return like ? find(like) : undefined;
}

/** The trip to buy it on: the one chosen, else the first that is late enough for it to keep, else the last. */
function shopFor(
  shops: readonly Shop[],
  chosen: string | undefined,
  keepsDays: number,
  date: string,
): Shop | undefined {
  const wanted = shops.find((shop) => shop.id === chosen);
  if (wanted) return wanted;
  const inOrder = [...shops].sort((a, b) => (a.day < b.day ? -1 : 1)).filter((shop) => shop.day <= date);
  return inOrder.find((shop) => daysBetween(shop.day, date) <= keepsDays) ?? inOrder.at(-1) ?? shops[0];
}

function labelWishes(checks: readonly OpenCheck[]): ReadonlyMap<string, readonly LabelWish[]> {
  const wishes = new Map<string, readonly LabelWish[]>();
  for (const check of checks) {
    if (check.kind !== 'label') continue;
    wishes.set(check.food, wishesOf(check));
  }
  return wishes;
}

function wishesOf(check: Extract<OpenCheck, { kind: 'label' }>): readonly LabelWish[] {
  const byGuests = new Map<string, (typeof check.sought)[number][]>();
  for (const sought of check.sought)
    byGuests.set([...sought.guests].sort().join(), [...(byGuests.get([...sought.guests].sort().join()) ?? []), sought]);
  const wishes = [...byGuests.values()].map((some): LabelWish => {
    // A group says what its members say.
    const named = some.filter(({ hazard }) => !some.some((other) => hazardOf(hazard).groups.includes(other.hazard)));
    return {
      words: named.map(({ hazard }) => `no ${hazardOf(hazard).name.replace(/^another /, 'other ')}`).join(', '),
      lookFor: some.map((each) => each.words).join('; '),
      guests: some[0]!.guests,
    };
  });
  if (check.certified) wishes.push({ words: 'must say gluten-free', lookFor: '“gluten-free”', guests: check.guests });
  return wishes.length > 0 ? wishes : [{ words: check.why[0] ?? 'read its label', lookFor: '', guests: check.guests }];
}

function lineWishes(checks: readonly OpenCheck[], sources: readonly ItemSource[]): readonly LabelWish[] {
  const lines = new Set(sources.map((source) => `${source.dish}/${source.line}`));
  return checks.flatMap((check) =>
    check.kind === 'line' && lines.has(`${check.dish}/${check.line}`)
      ? [{ words: 'what it is made of', lookFor: '', guests: check.guests }]
      : [],
  );
}
