import { claimOn, longestAt } from './lexicon.ts';
import type { Token } from './tokens.ts';

/** What is said to be absent, and where. Token indices, both ends included. */
export interface Claim {
  readonly name: string;
  readonly first: number;
  readonly last: number;
}

/** What a stretch of tokens claims. `noPromise`: "plant-based", "non-dairy": words that promise nothing. */
export interface Claimed {
  readonly claims: readonly Claim[];
  /** Claims that are denied ("not vegan"): their words mean nothing. */
  readonly denied: readonly Omit<Claim, 'name'>[];
  readonly removed: ReadonlyMap<string, 'gone' | 'doubtful'>;
  readonly vegan: boolean;
  readonly noPromise: boolean;
}

const afterNo = new Set(['added', 'any', 'trace', 'of', 'the', 'containing', 'addition', 'whatsoever']);
const less = /^(egg|meat|dairy|milk|flour|gluten|nut|soy|yeast|sugar|fat|oil|salt|alcohol)(?:less|free)$/;

/** A place in a text, with the words from it on; undefined past the end of the stretch that is read. */
interface Place {
  readonly tokens: readonly Token[];
  readonly at: number;
  readonly to: number;
  readonly word: string;
  readonly next: string | undefined;
  /** The word after the next, also past the end: of "gluten free from" the "free" still counts. */
  readonly third: string | undefined;
}

/** What a reader has read from a place: up to which token, and what it claims, denies or removes. */
interface Read {
  readonly last: number;
  readonly claims?: readonly Claim[];
  readonly denied?: readonly Omit<Claim, 'name'>[];
  /** Words whose hazards are gone, or in doubt, by it. */
  readonly removes?: readonly string[];
  readonly vegan?: true;
  readonly noPromise?: true;
}

type Reader = (place: Place) => Read | undefined;

const saying = (name: string, { at }: Place, last: number): Read => ({ last, claims: [{ name, first: at, last }] });

/** "X-free" in one of its ways of being written: nothing where it names nothing that can be absent. */
const freeOf = (words: string, name: string, place: Place, last: number): Read | undefined =>
  claimOn(words) === undefined ? undefined : { ...saying(name, place, last), removes: [words] };

/** "Dairy-free if needed", "preferably vegan": a wish, and no word about what is really used. */
const wished: Reader = ({ tokens, at, to }) => {
  const last = wishedFrom(tokens, at, to);
  return last === undefined ? undefined : { last, denied: [{ first: at, last }] };
};

/** The first of "gluten- and dairy-free". */
const sharing: Reader = (place) => {
  const shared = sharesFree(place.tokens, place.at, place.to);
  const read = shared === undefined ? undefined : freeOf(place.word, `${place.word}-free`, place, place.at);
  return read && { ...read, last: shared! - 1 };
};

/** "Not gluten-free", "not vegan": what is denied is no claim. */
const denying: Reader = ({ at, word, next, third }) => {
  const isDiet = next === 'vegan' || next === 'vegetarian';
  if (word !== 'not' || next === undefined || (third !== 'free' && !isDiet)) return undefined;
  const last = at + (isDiet ? 1 : 2);
  return { last, denied: [{ first: at, last }] };
};

const diet: Reader = (place) => {
  if (['vegan', 'veganised', 'veganized'].includes(place.word))
    return { ...saying('vegan', place, place.at), vegan: true };
  return ['vegetarian', 'veggie'].includes(place.word) ? saying('vegetarian', place, place.at) : undefined;
};

/** "Plant-based", "non-dairy": words that promise nothing. */
const noPromises: Reader = (place) => {
  const { word, next, at } = place;
  if (word === 'plant' && next === 'based') return { ...saying('plant-based', place, at + 1), noPromise: true };
  if (word === 'non' && (next === 'dairy' || next === 'animal'))
    return { ...saying(`non-${next}`, place, at + 1), noPromise: true };
  return undefined;
};

const nonAlcoholic: Reader = (place) =>
  place.word === 'non' && (place.next === 'alcoholic' || place.next === 'alcohol')
    ? freeOf('alcohol', 'alcohol-free', place, place.at + 1)
    : undefined;

const forCoeliacs: Reader = (place) =>
  place.word === 'suitable' &&
  place.next === 'for' &&
  /^c(?:o)?eliac$/.test(place.third ?? '') &&
  place.tokens[place.at - 1]?.word !== 'not'
    ? freeOf('gluten', 'gluten-free', place, place.at + 2)
    : undefined;

/** "GF", "eggless". */
const inOneWord: Reader = (place) => {
  if (place.word === 'gf') return freeOf('gluten', 'gluten-free', place, place.at);
  if (place.word === 'df') return freeOf('dairy', 'dairy-free', place, place.at);
  const whole = less.exec(place.word)?.[1];
  return whole === undefined ? undefined : freeOf(whole, `${whole}-free`, place, place.at);
};

const inTwoWords: Reader = (place) =>
  place.next !== undefined && place.third === 'free' && place.at + 2 < place.to
    ? freeOf(`${place.word} ${place.next}`, `${place.word} ${place.next}-free`, place, place.at + 2)
    : undefined;

const plainFree: Reader = (place) =>
  place.next === 'free' && place.third !== 'range' && place.third !== 'from'
    ? freeOf(place.word, `${place.word}-free`, place, place.at + 1)
    : undefined;

/** "Lard-free pastry": the lard is named as absent, and nothing else. */
const foodFree: Reader = (place) => {
  const { tokens, at, word, next } = place;
  return next === 'free' && /^-$/.test(tokens[at + 1]!.gap) && longestAt(tokens, at, at + 1)
    ? saying(`${word}-free`, place, at + 1)
    : undefined;
};

const noWords = new Set(['without', 'no', 'not', 'minu', 'minus']);

/** "One without casein", "a brand with no egg": which to buy is told, and nothing of the packet that is there. */
const sorts = new Set(['one', 'kind', 'brand', 'sort', 'type', 'variety', 'version', 'make']);
const kindWithout: Reader = (place) => {
  const before = place.tokens[place.at - 1]?.word;
  const isKind =
    before !== undefined &&
    (sorts.has(before) || (before === 'with' && sorts.has(place.tokens[place.at - 2]?.word ?? '')));
  if (!isKind || !['without', 'no', 'free'].includes(place.word)) return undefined;
  const read = absent(place);
  return read && { last: read.last, denied: [{ first: place.at, last: read.last }] };
};

/** "Free from milk", "no butter", "instead of cream". */
const absent: Reader = (place) => {
  const { tokens, at, to, word, next, third } = place;
  const size = (): number | undefined => {
    if (next === undefined) return undefined;
    if (noWords.has(word)) return 1;
    if (word === 'free' && (next === 'from' || next === 'of')) return 2;
    if ((word === 'instead' && next === 'of') || (word === 'rather' && next === 'than')) return 2;
    return word === 'in' && next === 'place' && third === 'of' ? 3 : undefined;
  };
  const after = size();
  return after === undefined ? undefined : negated(tokens, at, at + after, to);
};

/** Every way of saying that something is absent. The first that reads something at a place is right. */
const readers: readonly Reader[] = [
  ...[wished, sharing, denying, diet, noPromises, nonAlcoholic, forCoeliacs],
  ...[inOneWord, inTwoWords, plainFree, foodFree, kindWithout, absent],
];

function placeAt(tokens: readonly Token[], at: number, to: number): Place {
  const next = at + 1 < to ? tokens[at + 1]!.word : undefined;
  return { tokens, at, to, word: tokens[at]!.word, next, third: tokens[at + 2]?.word };
}

function firstRead(place: Place): Read | undefined {
  for (const reader of readers) {
    const read = reader(place);
    if (read) return read;
  }
  return undefined;
}

/** Finds what is said to be absent between two tokens. Negations name foods; "X-free" removes only what it names. */
export function claimsIn(tokens: readonly Token[], from: number, to: number): Claimed {
  const reads: Read[] = [];
  for (let at = from; at < to; at++) {
    const read = firstRead(placeAt(tokens, at, to));
    if (!read) continue;
    reads.push(read);
    at = Math.max(at, read.last);
  }
  return {
    claims: reads.flatMap((read) => read.claims ?? []),
    denied: reads.flatMap((read) => read.denied ?? []),
    removed: removedBy(reads.flatMap((read) => read.removes ?? [])),
    vegan: reads.some((read) => read.vegan),
    noPromise: reads.some((read) => read.noPromise),
  };
}

/** What words of absence take away: certainly, or only so that a doubt stays. */
function removedBy(words: readonly string[]): ReadonlyMap<string, 'gone' | 'doubtful'> {
  const removed = new Map<string, 'gone' | 'doubtful'>();
  for (const entry of words.map(claimOn)) {
    for (const hazard of entry?.removes ?? []) removed.set(hazard, 'gone');
    for (const hazard of entry?.weakens ?? []) if (removed.get(hazard) !== 'gone') removed.set(hazard, 'doubtful');
  }
  return removed;
}

/** Words that name what may be absent and are no food themselves. */
const noFood = new Set(['gluten', 'dairy', 'lactose', 'grain', 'casein']);

/** "Gluten- and dairy-free", "gluten/dairy free": where the first word shares the second one's "free", the place of the second. */
export function sharesFree(tokens: readonly Token[], at: number, to: number): number | undefined {
  if (claimOn(tokens[at]!.word) === undefined) return undefined;
  const next = tokens[at + 1];
  const second =
    next?.word === 'and' || next?.word === 'or' ? at + 2 : next && /[&/]/.test(next.gap) ? at + 1 : undefined;
  // "Milk and egg-free mayonnaise" holds milk: only a hyphen left hanging, or a word that is no food, shares.
  const hanging = next !== undefined && /^-\s/.test(next.gap);
  if (!hanging && !noFood.has(tokens[at]!.word)) return undefined;
  if (
    second === undefined ||
    second + 1 >= to ||
    tokens[second + 1]!.word !== 'free' ||
    claimOn(tokens[second]!.word) === undefined
  )
    return undefined;
  return second;
}

const wishBefore = new Set([
  'preferably',
  'ideally',
  'optionally',
  'maybe',
  'perhaps',
  'possibly',
  'if',
  'unless',
  'for',
  'when',
  'where',
  'make',
  'making',
  'keep',
  'sure',
  'non',
]);
/** "Is gluten-free" is a claim, "check that it is gluten-free" is a task. */
const copulas = new Set(['is', 'are', 'be', 'it', 'its', 'say']);
const tasks = new Set(['check', 'sure', 'ensure', 'use', 'choose', 'find', 'buy', 'if', 'that', 'must', 'should']);
const wishAfter = new Set(['if', 'when', 'where', 'option', 'optional']);
const claimWords = new Set(['vegan', 'vegetarian', 'veggie', 'gf', 'df']);

/** The last token of a claim that begins here and is only wished for, or undefined. */
function wishedFrom(tokens: readonly Token[], at: number, to: number): number | undefined {
  const { word } = tokens[at]!;
  const free = tokens[at + 1]?.word === 'free' && at + 1 < to && claimOn(word) !== undefined;
  const whole = less.test(word) && claimOn(less.exec(word)![1]!) !== undefined;
  if (!free && !whole && !claimWords.has(word)) return undefined;
  const last = free ? at + 1 : at;
  const after = last + 1 < to ? tokens[last + 1]!.word : '';
  const before = tokens[at - 1]?.word ?? '';
  // "Suitable for vegans" is a claim, "leave out for vegans" is none.
  if (before === 'for' && tokens[at - 2]?.word === 'suitable' && tokens[at - 3]?.word !== 'not') return undefined;
  const isTask = copulas.has(before) && tokens.slice(Math.max(0, at - 6), at).some((token) => tasks.has(token.word));
  return wishBefore.has(before) || isTask || wishAfter.has(after) ? last : undefined;
}

/** "Free from milk, egg and nuts", "no butter", "instead of cream": what follows is named as absent. */
function negated(tokens: readonly Token[], at: number, after: number, to: number): Read {
  const claims: Claim[] = [];
  const removes: string[] = [];
  let cursor = after;
  while (cursor < to && afterNo.has(tokens[cursor]!.word)) cursor++;
  let last = cursor - 1;
  while (cursor < to) {
    const { word, gap } = tokens[cursor]!;
    if (/[;.()|:\n]/.test(gap)) break;
    if (['and', 'or'].includes(word)) {
      cursor++;
      continue;
    }
    const phrase = longestAt(tokens, cursor, to);
    if (claimOn(word) !== undefined) removes.push(word);
    else if (!phrase) break;
    const size = phrase ? phrase.phrase.length : 1;
    const words = tokens.slice(cursor, cursor + size).map((token) => token.word);
    last = cursor + size - 1;
    claims.push({ name: `no ${words.join(' ')}`, first: cursor, last });
    cursor += size;
    // "No butter, milk": a list goes on only after a comma or "and".
    if (cursor < to && !/,/.test(tokens[cursor]!.gap) && !['and', 'or'].includes(tokens[cursor]!.word)) break;
  }
  return { last: Math.max(at, last), claims, removes };
}
