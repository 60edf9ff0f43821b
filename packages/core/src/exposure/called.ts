import { foods, namesApart, type Food, type FoodId } from '../reference/index.ts';
import { tokenise } from '../reading/index.ts';

type Phrase = readonly string[];
const phraseOf = (name: string): Phrase => tokenise(name).map((token) => token.word);

/** What a food itself is called, and not what else is sold or cut as it. */
export const ownNames = ({ name, plural, us }: Pick<Food, 'name' | 'plural' | 'us'>): readonly string[] =>
  [name, plural, us].flatMap((each) => each ?? []);

function byFirstWord<T>(
  rows: readonly (readonly [Phrase, T])[],
): ReadonlyMap<string, readonly (readonly [Phrase, T])[]> {
  const map = new Map<string, (readonly [Phrase, T])[]>();
  for (const row of rows) map.set(row[0][0]!, [...(map.get(row[0][0]!) ?? []), row]);
  return map;
}

let built:
  | {
      readonly called: ReadonlyMap<string, readonly (readonly [Phrase, FoodId])[]>;
      readonly apart: ReadonlyMap<string, readonly (readonly [Phrase, readonly FoodId[]])[]>;
    }
  | undefined;

function tables() {
  if (built) return built;
  const generic = new Set<string>(namesApart.generic);
  const singles = foods.filter(({ id, kind }) => kind !== 'composite' && !generic.has(id));
  built = {
    called: byFirstWord(singles.flatMap((food) => ownNames(food).map((name) => [phraseOf(name), food.id] as const))),
    apart: byFirstWord(namesApart.apart.map(({ words, not }) => [phraseOf(words), not] as const)),
  };
  return built;
}

const isAt = (words: Phrase, at: number, phrase: Phrase): boolean => phrase.every((word, i) => words[at + i] === word);

/** Words that take away what stands beside them: "egg-free", "no garlic". */
const takesAway = new Set(['free', 'less']);
const deny = new Set(['no', 'non', 'without', 'not', 'vegan', 'vegetarian', 'mock', 'faux']);

/**
 * The foods of one ingredient that words name: "pineapple juice" names pineapple, "cherry tomatoes" tomato and no cherry. A food's own name within a
 * longer one is taken for that food, unless `names-apart.json` says that it is none.
 */
export function foodsCalledIn(text: string): ReadonlySet<FoodId> {
  const { called, apart } = tables();
  const words = phraseOf(text);
  const found = new Set<FoodId>();
  /** For each food that is not meant, from where to where. */
  const stretches = words.flatMap((word, at) =>
    (apart.get(word) ?? [])
      .filter(([phrase]) => isAt(words, at, phrase))
      .map(([phrase, not]) => ({ from: at, to: at + phrase.length, not })),
  );
  words.forEach((word, at) => {
    for (const [phrase, food] of called.get(word) ?? []) {
      const to = at + phrase.length;
      if (!isAt(words, at, phrase) || takesAway.has(words[to] ?? '') || deny.has(words[at - 1] ?? '')) continue;
      if (stretches.some((each) => each.from <= at && to <= each.to && each.not.includes(food))) continue;
      found.add(food);
    }
  });
  return found;
}
