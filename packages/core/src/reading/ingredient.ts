import { hazardOf, type HazardId } from '../reference/index.ts';
import { claimOn, isPlainWord, longestAt, nearest, type Meaning } from './lexicon.ts';
import { tokenise, type Token } from './tokens.ts';

export interface Span {
  readonly start: number;
  readonly end: number;
}

export interface ReadHazard extends Span {
  readonly hazard: HazardId;
  /** `contained`: silence would be a danger. `possible`: until the label is read. */
  readonly level: 'contained' | 'possible';
  readonly words: string;
  readonly because: string;
}

export interface ReadClaim extends Span {
  readonly claim: string;
  readonly words: string;
}

export interface UnknownWord extends Span {
  readonly words: string;
}

export interface IngredientReading {
  readonly text: string;
  readonly hazards: readonly ReadHazard[];
  readonly claims: readonly ReadClaim[];
  /** Words that nobody has explained; with any of these the line is a check for everybody who avoids anything. */
  readonly unknown: readonly UnknownWord[];
  /** `unknown` where words are not understood and nothing animal is found. */
  readonly animal: 'animal' | 'possible' | 'none' | 'unknown';
}

const animalHazards = new Set<string>(['meat', 'poultry', 'pork', 'fish', 'crustacean', 'mollusc', 'milk', 'egg', 'honey', 'gelatine', 'other-animal']);
/** What follows from being vegan, until the ingredient list says otherwise. */
const veganRemoves = animalHazards;
const dairyWords = new Set(['milk', 'cream', 'butter', 'cheese', 'yogurt', 'yoghurt', 'yogourt', 'drink', 'spread', 'creme', 'custard', 'mayo', 'mayonnaise', 'kefir', 'mozzarella', 'cheddar', 'feta', 'parmesan']);
/** Plants of which stand-ins for dairy are made, besides those the word list names whole. */
const plantSources = new Set(['almond', 'cashew', 'walnut', 'hazelnut', 'macadamia', 'pistachio', 'pecan', 'nut', 'peanut', 'coconut', 'oat', 'rice', 'soy', 'soya', 'hemp', 'pea', 'flax', 'sunflower', 'seed', 'pumpkin', 'potato', 'tofu', 'cocoa', 'shea', 'apple', 'tigernut', 'cookie', 'biscoff', 'body']);
const standInsMayHold: readonly string[] = ['soy', 'tree-nut', 'coconut'];
/** After these words a thing is only compared with, eaten by, or burnt under the food. */
const notTheFood = new Set(['sized', 'size', 'shaped', 'shape', 'fed', 'coloured', 'colored', 'wood', 'smoked']);

interface Found {
  readonly meaning: Meaning;
  readonly first: number;
  readonly last: number;
  readonly readAs?: string;
}

interface Weighed {
  level: 'contained' | 'possible';
  first: number;
  last: number;
  because: string;
}

/**
 * Reads one ingredient line as a careful cook would: what it contains, what it may hold until the label is read, what is claimed,
 * and which words are not understood. "X or Y" makes what only one holds possible; "X-free" removes only what it names.
 * Linear in the length of the text.
 */
export function readIngredient(text: string): IngredientReading {
  const tokens = tokenise(text);
  const claims: ReadClaim[] = [];
  const unknown: UnknownWord[] = [];
  const options = splitOptions(tokens);
  const weighed = options.map(([from, to]) => readOption(text, tokens, from, to, claims, unknown));
  const all = new Set(weighed.flatMap((option) => [...option.keys()]));
  const hazards: ReadHazard[] = [];
  // A line whose other options hold nothing known is still one of several.
  const counted = weighed.filter((option, index) => option.size > 0 || options[index]![1] > options[index]![0]);
  for (const hazard of all) {
    const first = counted.find((option) => option.has(hazard))!.get(hazard)!;
    const contained = counted.every((option) => option.get(hazard)?.level === 'contained');
    hazards.push(place(text, tokens, hazard, { ...first, level: contained ? 'contained' : 'possible' }));
  }
  for (const { hazard, ...rest } of [...hazards]) {
    for (const group of hazardOf(hazard).groups) if (!hazards.some((each) => each.hazard === group)) hazards.push({ ...rest, hazard: group });
  }
  const has = (level: string) => hazards.some((each) => each.level === level && animalHazards.has(each.hazard));
  const animal = has('contained') ? 'animal' : has('possible') ? 'possible' : unknown.length > 0 ? 'unknown' : 'none';
  return { text, hazards, claims, unknown, animal };
}

function place(text: string, tokens: readonly Token[], hazard: HazardId, { level, first, last, because }: Weighed): ReadHazard {
  const [start, end] = [tokens[first]!.start, tokens[last]!.end];
  return { hazard, level, start, end, words: text.slice(start, end), because };
}

/** "Butter or oil", "cream/milk": stretches of tokens of which one is used. */
function splitOptions(tokens: readonly Token[]): readonly (readonly [number, number])[] {
  const options: [number, number][] = [];
  let from = 0;
  tokens.forEach((token, at) => {
    const isOr = token.word === 'or' && at > from && at + 1 < tokens.length;
    const isSlash = /\//.test(token.gap) && !/^\d/.test(token.word) && at > from;
    if (isOr) {
      options.push([from, at]);
      from = at + 1;
    } else if (isSlash) {
      options.push([from, at]);
      from = at;
    }
  });
  options.push([from, tokens.length]);
  // "1 or 2 eggs", "small or medium": an option without food is no option.
  const merged: [number, number][] = [];
  for (const option of options) {
    const last = merged[merged.length - 1];
    const empty = last && tokens.slice(last[0], last[1]).every((token) => isPlainWord(token.word));
    if (last && empty) last[1] = option[1];
    else merged.push(option);
  }
  const tail = merged[merged.length - 1]!;
  if (merged.length > 1 && tokens.slice(tail[0], tail[1]).every((token) => isPlainWord(token.word))) {
    merged.pop();
    merged[merged.length - 1]![1] = tail[1];
  }
  return merged;
}

function readOption(text: string, tokens: readonly Token[], from: number, to: number, claims: ReadClaim[], unknown: UnknownWord[]): Map<HazardId, Weighed> {
  const taken = new Array<boolean>(to - from).fill(false);
  const take = (first: number, last: number) => { for (let at = first; at <= last; at++) if (at >= from && at < to) taken[at - from] = true; };
  const removed = new Map<string, 'gone' | 'doubtful'>();
  let vegan = false;
  let noPromise = false;
  const claim = (name: string, first: number, last: number) => {
    claims.push({ claim: name, start: tokens[first]!.start, end: tokens[last]!.end, words: text.slice(tokens[first]!.start, tokens[last]!.end) });
    take(first, last);
  };
  const remove = (words: string): boolean => {
    const entry = claimOn(words);
    entry?.removes.forEach((hazard) => removed.set(hazard, 'gone'));
    entry?.weakens.forEach((hazard) => { if (removed.get(hazard) !== 'gone') removed.set(hazard, 'doubtful'); });
    return entry !== undefined;
  };
  for (let at = from; at < to; at++) {
    const { word } = tokens[at]!;
    const next = tokens[at + 1]?.word;
    if (word === 'vegan') { vegan = true; claim('vegan', at, at); }
    else if (word === 'vegetarian' || (word === 'plant' && next === 'based') || (word === 'non' && next === 'dairy')) { noPromise = word !== 'vegetarian'; claim(word === 'vegetarian' ? 'vegetarian' : word === 'plant' ? 'plant-based' : 'non-dairy', at, word === 'vegetarian' ? at : at + 1); }
    else if (word === 'gf' && remove('gluten')) claim('gluten-free', at, at);
    else if (next === 'free' && at + 1 < to && tokens[at + 2]?.word !== 'range' && remove(word)) claim(`${word}-free`, at, at + 1);
    else if ((word === 'without' || word === 'no' || (word === 'free' && (next === 'from' || next === 'of'))) && at + 1 < to) at = negated(tokens, at, to, remove, claim, take);
  }
  const found = findMeanings(tokens, from, to, taken, unknown, text);
  const weighed = new Map<HazardId, Weighed>();
  const put = (hazard: HazardId, level: Weighed['level'], { first, last, readAs }: Found, why: string) => {
    const before = weighed.get(hazard);
    if (before && (before.level === 'contained' || level === 'possible')) return;
    weighed.set(hazard, { level, first, last, because: `“${text.slice(tokens[first]!.start, tokens[last]!.end)}”${readAs ? ` (read as ${readAs})` : ''} ${why} ${hazardOf(hazard).name}.` });
  };
  for (const [index, each] of found.entries()) {
    const { meaning, first } = each;
    const dairyWord = meaning.phrase.length === 1 && dairyWords.has(meaning.phrase[0]!);
    const source = tokens[first - 1]?.word;
    const ofPlant = dairyWord && first - 1 >= from && source !== undefined && plantSources.has(source) && !/[,;()]/.test(tokens[first]!.gap);
    const standIn = (vegan || noPromise) && meaning.contains.some((hazard) => veganRemoves.has(hazard));
    for (const hazard of meaning.contains) {
      const gone = removed.get(hazard);
      // "Wheat-free" bread may be of rye: the group it belongs to is only made doubtful.
      if (gone === 'gone') for (const group of hazardOf(hazard).groups) if (removed.get(group) === 'doubtful') put(group, 'possible', each, 'may hold');
      if (gone === 'gone' || ((vegan || ofPlant) && veganRemoves.has(hazard)) || (ofPlant && hazard === 'lactose') || (vegan && hazard === 'lactose')) continue;
      if (gone === 'doubtful' || (noPromise && veganRemoves.has(hazard))) put(hazard, 'possible', each, 'may hold');
      else put(hazard, 'contained', each, 'holds');
    }
    for (const hazard of meaning.possible) {
      if (removed.has(hazard) || (vegan && veganRemoves.has(hazard)) || (vegan && hazard === 'lactose')) continue;
      if (ofPlant && meaning.phrase[0] !== 'cheese') continue;
      put(hazard, 'possible', each, 'may hold');
    }
    if (ofPlant && meaning.phrase[0] === 'cheese' && removed.get('milk') !== 'gone' && !vegan) put('milk' as HazardId, 'possible', each, 'may hold');
    if (standIn && !ofPlant && found[index - 1]?.last !== first - 1) {
      for (const hazard of standInsMayHold) if (!removed.has(hazard)) put(hazard as HazardId, 'possible', each, 'made without animal products may hold');
    }
  }
  return weighed;
}

/** "Free from milk, egg and nuts", "no butter", "without gluten": what follows is named as absent. Returns the last token read. */
function negated(tokens: readonly Token[], at: number, to: number, remove: (words: string) => boolean, claim: (name: string, first: number, last: number) => void, take: (first: number, last: number) => void): number {
  let cursor = at + (tokens[at]!.word === 'free' ? 2 : 1);
  if (['added', 'any', 'traces', 'trace', 'of'].includes(tokens[cursor]?.word ?? '')) cursor++;
  let last = cursor - 1;
  while (cursor < to) {
    const { word, gap } = tokens[cursor]!;
    if (cursor > at + 1 && /[;.()]/.test(gap)) break;
    if (['and', 'or'].includes(word)) { cursor++; continue; }
    const phrase = longestAt(tokens, cursor);
    const known = remove(word);
    if (!known && !phrase) break;
    const size = phrase ? phrase.phrase.length : 1;
    claim(`no ${tokens.slice(cursor, cursor + size).map((token) => token.word).join(' ')}`, cursor, cursor + size - 1);
    last = cursor + size - 1;
    cursor += size;
    // "No butter, milk": a list goes on only after a comma or "and".
    if (cursor < to && !/,/.test(tokens[cursor]!.gap) && !['and', 'or'].includes(tokens[cursor]!.word)) break;
  }
  take(at, Math.max(at, last));
  return Math.max(at, last);
}

function findMeanings(tokens: readonly Token[], from: number, to: number, taken: readonly boolean[], unknown: UnknownWord[], text: string): Found[] {
  const found: Found[] = [];
  for (let at = from; at < to; at++) {
    if (taken[at - from]) continue;
    const { word } = tokens[at]!;
    const meaning = longestAt(tokens, at);
    const last = at + (meaning?.phrase.length ?? 1) - 1;
    if (meaning && last < to && !taken.slice(at - from, last - from + 1).includes(true)) {
      const compared = notTheFood.has(tokens[last + 1]?.word ?? '') && last + 1 < to && /^[- ]?$/.test(tokens[last + 1]!.gap);
      const sizeOf = tokens[at - 1] !== undefined && tokens[at - 2]?.word === 'of' && tokens[at - 3]?.word === 'size';
      const smokedFood = tokens[last + 1]?.word === 'smoked' && (meaning.contains.length > 0 && tokens[last + 1]!.gap !== '-');
      if ((!compared || smokedFood) && !sizeOf) found.push({ meaning, first: at, last });
      at = last;
      continue;
    }
    if (isPlainWord(word)) continue;
    const guesses = nearest(word);
    if (guesses.length > 0) {
      // Several words may have been meant: what all of them hold is held, the rest is possible.
      const shared = guesses[0]!.contains.filter((hazard) => guesses.every((guess) => guess.contains.includes(hazard)));
      const rest = [...new Set(guesses.flatMap((guess) => [...guess.contains, ...guess.possible]))].filter((hazard) => !shared.includes(hazard));
      found.push({ meaning: { phrase: guesses[0]!.phrase, contains: shared, possible: rest }, first: at, last: at, readAs: guesses.map((guess) => guess.phrase.join(' ')).join(' or ') });
      // A guess is no certainty: where nothing worth avoiding was guessed, the word stays unknown.
      if (shared.length === 0) unknown.push({ start: tokens[at]!.start, end: tokens[at]!.end, words: text.slice(tokens[at]!.start, tokens[at]!.end) });
      continue;
    }
    unknown.push({ start: tokens[at]!.start, end: tokens[at]!.end, words: text.slice(tokens[at]!.start, tokens[at]!.end) });
  }
  return found;
}
