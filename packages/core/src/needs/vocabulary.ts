import {
  diets,
  families,
  foodOf,
  foods,
  hazards,
  saidWords,
  type Food,
  type NeedFrame,
  openNeeds,
  regimenOf,
  regimens,
  type OpenNeedFacts,
} from '../reference/index.ts';
import { slips, tokenise } from '../reading/index.ts';

/** What a need can be about: "hazard:peanut", "diet:vegan", "regimen:halal", "family:citrus", "food:kiwi". */
export type Target = `${'hazard' | 'diet' | 'regimen' | 'family' | 'food'}:${string}`;

/** What a word or several say. */
export type Meaning =
  | { readonly kind: 'about'; readonly targets: readonly Target[]; readonly isStrict: boolean }
  | { readonly kind: 'ask'; readonly ask: string; readonly choices: readonly (readonly Target[])[] }
  /** `about`: what is known of it, though it is not judged. */
  | { readonly kind: 'open'; readonly about?: OpenNeedFacts }
  | { readonly kind: 'frame'; readonly frame: NeedFrame }
  | { readonly kind: 'filler' };

interface Entry {
  readonly phrase: readonly string[];
  readonly meaning: Meaning;
}

const phraseOf = (words: string): readonly string[] => tokenise(words).map((token) => token.word);
const about = (targets: readonly string[]): Meaning => ({
  kind: 'about',
  targets: targets.map((each) => each.replace('!', '') as Target),
  isStrict: targets.some((each) => each.endsWith('!')),
});

/** Hazards that are allergens by themselves: whoever names one of them means it in every food. */
const isAllergen = new Set(hazards.filter((hazard) => hazard.kind === 'allergen').map((hazard) => hazard.id as string));

/** The allergens that a food is known by: for an allergy to salmon, fish. */
export const allergensOf = (target: Target): readonly Target[] => {
  if (target.startsWith('regimen:'))
    return regimenOf(target.slice(8)).asAllergy.map((hazard): Target => `hazard:${hazard}`);
  const food = target.startsWith('food:') ? foodOf(target.slice(5)) : undefined;
  return (food?.contains ?? []).filter((hazard) => isAllergen.has(hazard)).map((hazard): Target => `hazard:${hazard}`);
};

function build(): { readonly byFirst: ReadonlyMap<string, readonly Entry[]>; readonly singles: readonly string[] } {
  const byFirst = new Map<string, Entry[]>();
  const seen = new Set<string>();
  /** What is put first is meant. */
  const put = (words: string, meaning: Meaning) => {
    const phrase = phraseOf(words);
    const key = phrase.join(' ');
    if (phrase.length === 0 || seen.has(key)) return;
    seen.add(key);
    byFirst.set(phrase[0]!, [...(byFirst.get(phrase[0]!) ?? []), { phrase, meaning }]);
  };
  for (const row of saidWords.means) for (const each of row.words) put(each, about(row.means));
  for (const row of saidWords.asks)
    for (const each of row.words)
      put(each, { kind: 'ask', ask: row.ask, choices: row.choices.map((choice) => choice as readonly Target[]) });
  for (const { id, words, strict } of regimens)
    for (const each of words) put(each, about([`regimen:${id}${strict ? '!' : ''}`]));
  for (const row of openNeeds) for (const each of row.words) put(each, { kind: 'open', about: row });
  for (const each of saidWords.open) put(each, { kind: 'open' });
  for (const diet of diets) put(diet.name, about([`diet:${diet.id}`]));
  for (const hazard of hazards)
    if (hazard.kind !== 'raw' && hazard.kind !== 'origin') put(hazard.name, about([`hazard:${hazard.id}`]));
  for (const [frame, list] of Object.entries(saidWords.frames))
    for (const each of list) put(each, { kind: 'frame', frame: frame as NeedFrame });
  const spelt = [...seen].filter((key) => !key.includes(' ') && key.length > 4);
  for (const each of saidWords.filler) put(each, { kind: 'filler' });
  for (const family of families) put(family.name, about([`family:${family.id}`]));
  putFoods(put);
  for (const list of byFirst.values()) list.sort((a, b) => b.phrase.length - a.phrase.length);
  return { byFirst, singles: spelt };
}

/** Foods that are named by what they do without are no words for that. */
const without =
  /\b(?:no|non|free|without|vegan|vegetarian|plant|dairy|egg|nut|gluten|lactose|replacers?|substitutes?|alternatives?|style)\b/i;

/** More than so many foods are no list that anybody wants on a guest: it is asked what was meant. */
const mostNamed = 4;

const own = (food: Food) => [food.name, food.plural, food.us].flatMap((name) => name ?? []);

function putFoods(put: (words: string, meaning: Meaning) => void): void {
  /** All that is called by words within its own names. */
  const calledBy = new Map<string, Set<Food>>();
  for (const food of foods)
    for (const name of own(food)) {
      const phrase = phraseOf(name);
      phrase.forEach((_, from) => {
        for (let to = from + 1; to <= phrase.length; to++) {
          const words = phrase.slice(from, to).join(' ');
          calledBy.set(words, (calledBy.get(words) ?? new Set()).add(food));
        }
      });
    }
  for (const food of foods)
    for (const name of own(food)) if (!without.test(name)) put(name, about([`food:${food.id}`]));
  for (const food of foods)
    for (const name of [...food.aka, ...food.pluralAka]) {
      if (without.test(name)) continue;
      // "Vanilla" is all that is called so, whatever the catalogue lists it under; what is of several things may be any of them.
      const called = [...new Set([food, ...(calledBy.get(phraseOf(name).join(' ')) ?? [])])];
      const isPlain = food.kind !== 'composite' && called.length <= mostNamed;
      put(
        name,
        isPlain
          ? about(called.filter(({ kind }) => kind !== 'composite').map(({ id }) => `food:${id}`))
          : {
              kind: 'ask',
              ask: `Everything that is called ${name}, or only ${food.name}?`,
              choices: [[`food:${food.id}`]],
            },
      );
    }
}

let built: ReturnType<typeof build> | undefined;
const vocabulary = () => (built ??= build());

/** The longest phrase that means something where the words begin; undefined where none does. */
export function meaningAt(words: readonly string[], at: number): Entry | undefined {
  const here = vocabulary().byFirst.get(words[at]!) ?? [];
  return here.find(({ phrase }) => phrase.every((word, i) => words[at + i] === word));
}

/** The word that was meant by a slip of the pen, if only one can be: within one letter, within two of long words; never by its first. */
export function slipOf(word: string): string | undefined {
  if (word.length < 5 || /\d/.test(word)) return undefined;
  const most = word.length >= 8 ? 2 : 1;
  const near = vocabulary()
    .singles.filter((each) => each[0] === word[0] && Math.abs(each.length - word.length) <= most)
    .map((each) => ({ each, distance: slips(word, each, most) }))
    .filter(({ distance }) => distance <= most)
    .sort((a, b) => a.distance - b.distance);
  const nearest = near.filter(({ distance }) => distance === near[0]!.distance);
  // "Allergey" is allergy or allergen, and the same either way.
  const meant = new Set(nearest.map(({ each }) => JSON.stringify(meaningAt([each], 0)?.meaning)));
  return meant.size === 1 ? nearest[0]!.each : undefined;
}
