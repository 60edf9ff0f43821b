import { slips } from './slips.ts';
import {
  claimEntries,
  foods,
  hazardOf,
  plainWords,
  pouredNames,
  wordEntries,
  type ClaimEntry,
  type FoodId,
  type HazardId,
} from '../reference/index.ts';
import { joined, singular, tokenise, type Token } from './tokens.ts';

/** What a word or phrase brings. */
export interface Meaning {
  readonly phrase: readonly string[];
  readonly contains: readonly HazardId[];
  readonly possible: readonly HazardId[];
  /** Groups that are only possible although a member is contained. */
  readonly lifts: readonly HazardId[];
  /** The catalogue food it names. */
  readonly food?: FoodId;
  /** Holds only where the first word is written with an apostrophe, or in the plural. */
  readonly form?: 'owner' | 'plural';
}

/** All words that are known. */
interface Lexicon {
  /** By their first words; the longest phrase first, one that holds only in a form before one that always does. */
  readonly byFirst: ReadonlyMap<string, readonly Meaning[]>;
  /** Single words by their length, from four letters: those that a slip may have been meant for. */
  readonly singlesByLength: ReadonlyMap<number, readonly Meaning[]>;
}

type Learned = Pick<Meaning, 'contains' | 'possible' | 'lifts'> & {
  readonly food?: FoodId;
  readonly form?: Meaning['form'] | undefined;
};

/** "Chopped hazelnuts", known for what it holds, is the food that its last words name, where that holds nothing else. */
function nameFoods(byFirst: ReadonlyMap<string, Meaning[]>): void {
  const foodCalled = (phrase: readonly string[]) =>
    byFirst
      .get(phrase[0]!)
      ?.find((each) => each.food !== undefined && !each.form && each.phrase.join(' ') === phrase.join(' '));
  for (const list of byFirst.values())
    list.forEach((meaning, at) => {
      if (meaning.food || meaning.form || meaning.phrase.length < 2) return;
      const named = foodCalled(meaning.phrase.slice(1));
      if (named?.contains.every((hazard) => meaning.contains.includes(hazard)) && named.contains.length > 0)
        list[at] = { ...meaning, food: named.food! };
    });
}

function learnt(): Lexicon {
  const byFirst = new Map<string, Meaning[]>();
  const known = new Set<string>();
  const learn = (text: string, { contains, possible, lifts, food, form }: Learned) => {
    const phrase = tokenise(text).map((token) => token.word);
    const key = `${phrase.join(' ')} ${form ?? ''}`;
    if (phrase.length === 0 || known.has(key)) return;
    known.add(key);
    const list = byFirst.get(phrase[0]!) ?? [];
    list.push({ phrase, contains, possible, lifts, ...(food && { food }), ...(form && { form }) });
    byFirst.set(phrase[0]!, list);
  };
  for (const entry of wordEntries)
    for (const word of entry.words)
      learn(word, { ...entry, form: entry.kind === 'trap' && /['’]/.test(word) ? 'owner' : undefined });
  // Raw-food risks are no matter of words, and what shared lines may leave is no ingredient.
  for (const food of foods) {
    const contains = food.contains.filter((hazard) => !hazard.startsWith('raw-'));
    const ingredients = food.possible.filter(
      (each) => !each.trace && (each.lifts || !contains.some((held) => hazardOf(held).groups.includes(each.hazard))),
    );
    const possible = ingredients.map((each) => each.hazard);
    const lifts = ingredients.filter((each) => each.lifts).map((each) => each.hazard);
    for (const name of food.pluralAka) learn(name, { contains, possible, lifts, food: food.id, form: 'plural' });
    for (const name of [food.name, food.plural, food.us, ...food.aka])
      if (name && !food.pluralAka.includes(name)) learn(name, { contains, possible, lifts, food: food.id });
  }
  nameFoods(byFirst);
  for (const list of byFirst.values())
    list.sort(
      (a, b) => b.phrase.length - a.phrase.length || Number(b.form !== undefined) - Number(a.form !== undefined),
    );
  const singlesByLength = new Map<number, Meaning[]>();
  for (const meaning of [...byFirst.values()].flat()) {
    const length = meaning.phrase[0]!.length;
    if (meaning.phrase.length === 1 && length >= 4)
      singlesByLength.set(length, [...(singlesByLength.get(length) ?? []), meaning]);
  }
  return { byFirst, singlesByLength };
}

let built: Lexicon | undefined;
/** Thousands of words: built when the first text is read, for a planner reads none. */
const lexicon = (): Lexicon => (built ??= learnt());

/** The longest phrase that begins at a token and ends before `to`, or undefined; of a list that shares its last word, the name with that word. */
export function longestAt(tokens: readonly Token[], at: number, to: number = tokens.length): Meaning | undefined {
  const found = pouredAt(tokens, at, to) ?? phraseAt(tokens, at, to);
  return found && found.phrase.length > 1 ? found : (sharingAt(tokens, at, found) ?? found);
}

/** "3 tbsp soy", "light soy": the sauce by its short name, which alone is the bean's. */
function pouredAt(tokens: readonly Token[], at: number, to: number): Meaning | undefined {
  const { word, gap } = tokens[at]!;
  const means = pouredNames.meaningOf.get(word);
  if (means === undefined) return undefined;
  const next = at + 1 < to ? tokens[at + 1] : undefined;
  if (next && joined(next) && !pouredNames.goesOn.has(next.word)) return undefined;
  let before = at - 1;
  const isKind = before >= 0 && joined(tokens[at]!) && pouredNames.kinds.has(tokens[before]!.word);
  while (before >= 0 && pouredNames.between.has(tokens[before]!.word)) before--;
  const isPoured = before >= 0 && !/[,;(]/.test(gap) && pouredNames.measures.has(tokens[before]!.word);
  if (!isKind && !isPoured) return undefined;
  const [first, ...rest] = means.split(' ');
  const sauce = lexicon()
    .byFirst.get(first!)
    ?.find(({ phrase }) => phrase.slice(1).join(' ') === rest.join(' '));
  return sauce && { ...sauce, phrase: [word] };
}

const phraseAt = (tokens: readonly Token[], at: number, to: number): Meaning | undefined =>
  lexicon()
    .byFirst.get(tokens[at]!.word)
    ?.find(
      ({ phrase, form }) =>
        at + phrase.length <= to &&
        (!form || tokens[at]![form]) &&
        phrase.every((word, i) => tokens[at + i]!.word === word && (i === 0 || joined(tokens[at + i]!))),
    );

/** What a list may share at its end: "black, kidney and pinto beans". */
const sharedEnds = new Set(
  'bean pea lentil seed nut lettuce pepper onion mushroom berry flour milk sugar oil vinegar chocolate juice zest'.split(
    ' ',
  ),
);
const mostShared = 4;

/** One of several names before a word that is said once, for all of them. An allergen that it would hold by itself is held still: "butter and kidney beans". */
function sharingAt(tokens: readonly Token[], at: number, alone: Meaning | undefined): Meaning | undefined {
  let end = at;
  const isListed = (token: Token | undefined) => token !== undefined && /^\s*[,/]\s*$/.test(token.gap);
  for (let count = 1; count < mostShared; count++) {
    const next = tokens[end + 1];
    const isAnd = next?.word === 'and' || next?.word === 'or';
    if (!isListed(next) && !isAnd) break;
    end += isAnd ? 2 : 1;
    const head = tokens[end + 1];
    if (!tokens[end] || !head || !joined(head) || !sharedEnds.has(head.word)) continue;
    // "Butter or olive oil" shares no oil: butter oil, which is ghee, is hardly ever meant.
    if (tokens[at]!.word === 'butter' && head.word === 'oil') return undefined;
    const full = phraseAt([tokens[at]!, { ...head, gap: ' ' }], 0, 2);
    if (full?.phrase.length !== 2) return undefined;
    const feared = alone?.contains.filter(
      (hazard) => hazardOf(hazard).kind === 'allergen' && !full.contains.includes(hazard),
    );
    return { ...full, phrase: [full.phrase[0]!], contains: [...full.contains, ...(feared ?? [])] };
  }
  return undefined;
}

/** Whether a word means something: it begins a known phrase, or is a plain word. */
const isKnown = (word: string): boolean => lexicon().byFirst.has(word) || plain.has(word);

const scanned: Readonly<Record<string, string>> = { 0: 'o', 1: 'l', 3: 'e', 5: 's' };

/**
 * The words of a text as they were meant: parts of a word broken at the end of a line are joined where that makes a known word,
 * and digits that a scanner took for letters are mended where that does.
 */
export function wordsOf(text: string): readonly Token[] {
  const tokens = tokenise(text);
  const mended: Token[] = [];
  for (const token of tokens) {
    const before = mended[mended.length - 1];
    if (before && /^-[^\S\n]*\n\s*$/.test(token.gap)) {
      // The first part lost its plural s, if it had one, to nobody's harm: syllables do not end a word.
      const whole = singular(`${before.word}${token.word}`);
      if (isKnown(whole)) {
        mended[mended.length - 1] = { ...before, word: whole, end: token.end, plural: token.plural };
        continue;
      }
    }
    const letters =
      /[a-z]/.test(token.word) &&
      /[0135]/.test(token.word) &&
      !/^\d+[a-z]{1,3}$/.test(token.word) &&
      !isKnown(token.word)
        ? singular(token.word.replace(/[0135]/g, (digit) => scanned[digit]!))
        : undefined;
    mended.push(letters !== undefined && isKnown(letters) ? { ...token, word: letters } : token);
  }
  return mended;
}

const plain = new Set(plainWords.map((word) => singular(word)));
export const isPlainWord = (word: string): boolean => plain.has(word) || /^\d/.test(word) || word.length === 1;

const claims = new Map<string, ClaimEntry>();
for (const entry of claimEntries)
  for (const word of entry.words)
    claims.set(
      tokenise(word)
        .map((token) => token.word)
        .join(' '),
      entry,
    );
export const claimOn = (words: string): ClaimEntry | undefined => claims.get(words);

/** The words one may have meant: within one slip for short words, two for long ones. */
export function nearest(word: string): readonly Meaning[] {
  if (word.length < 4 || word.length > 24 || /\d/.test(word)) return [];
  let known = nearestKnown.get(word);
  if (!known) {
    // The same few words come again and again; the memory is let go before it grows.
    if (nearestKnown.size > 20_000) nearestKnown.clear();
    nearestKnown.set(word, (known = findNearest(word)));
  }
  return known;
}

const nearestKnown = new Map<string, readonly Meaning[]>();

function findNearest(word: string): readonly Meaning[] {
  const allowed = word.length >= 8 ? 2 : 1;
  let best = allowed + 1;
  let found: Meaning[] = [];
  for (let length = word.length - allowed; length <= word.length + allowed; length++) {
    for (const meaning of lexicon().singlesByLength.get(length) ?? []) {
      const other = meaning.phrase[0]!;
      // A slip in the very first letter is rare, and trying them all is not.
      if (other[0] !== word[0]) continue;
      const distance = slips(word, other, best);
      if (distance < best) {
        best = distance;
        found = [meaning];
      } else if (distance === best && best <= allowed) found.push(meaning);
    }
  }
  return found;
}
