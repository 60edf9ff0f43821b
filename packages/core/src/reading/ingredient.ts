import { foodOf, hazardOf, type FoodId, type HazardId, type PossibleHazard } from '../reference/index.ts';
import { claimsIn, sharesFree, type Claimed } from './claims.ts';
import { isPlainWord, longestAt, nearest, wordsOf, type Meaning } from './lexicon.ts';
import { formsIn, isFormWord } from './forms.ts';
import { describesOnly } from './tails.ts';
import { remembering } from './remembered.ts';
import { joined, type Token } from './tokens.ts';
import {
  animalHazards,
  flesh,
  dairyWords,
  plantSources,
  standInsMayHold,
  notTheFood,
  meatShapes,
  meatlessSources,
  styleWords,
  exemptDerivatives,
  seedWords,
  purposes,
  connectors,
} from './kindsOfWords.ts';

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
  /** The word is no known one, and was read as what it is nearest to. */
  readonly isGuess: boolean;
}

export interface ReadClaim extends Span {
  readonly claim: string;
  readonly words: string;
}

/** Words of a text and where they stand. */
export interface SpanOfWords extends Span {
  readonly words: string;
}

export interface ReadFood extends Span {
  readonly food: FoodId;
  readonly name: string;
  readonly words: string;
  /** One of several of which the cook takes one. */
  readonly alternative: boolean;
}

/** A word that makes something of several things of what it stands by: "breaded", "mix", "filling". */
export interface ReadForm extends Span {
  readonly words: string;
  readonly contains: readonly HazardId[];
  readonly possible: readonly PossibleHazard[];
  readonly why: string;
}

export type AnimalOrigin = 'animal' | 'possible' | 'none' | 'unknown';

export interface IngredientReading {
  readonly text: string;
  readonly contained: readonly ReadHazard[];
  readonly possible: readonly ReadHazard[];
  readonly foods: readonly ReadFood[];
  readonly claims: readonly ReadClaim[];
  /** For a line of a recipe: a label lists what such a thing is made of itself. */
  readonly forms: readonly ReadForm[];
  /** "Butter or oil": the words of each, in their order. */
  readonly choices: readonly SpanOfWords[];
  /** Words that nobody has explained; with any of these the line is a check for everybody who avoids anything. */
  readonly unknown: readonly SpanOfWords[];
  /** The line calls itself optional; what it holds counts all the same. */
  readonly optional: boolean;
  /** `unknown` where words are not understood and nothing animal is found. */
  readonly animal: AnimalOrigin;
}

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
  isGuess: boolean;
}

/** Tokens from the first, up to but without the second. */
type Stretch = readonly [number, number];

interface Notes {
  readonly claims: ReadClaim[];
  readonly unknown: SpanOfWords[];
  readonly foods: ReadFood[];
  readonly forms: ReadForm[];
  /** How many words or phrases meant something. */
  understood: number;
}

/**
 * Reads one ingredient line as a careful cook would: what it contains, what it may hold until the label is read, what is claimed,
 * and which words are not understood. "X or Y" makes what only one holds possible; "X-free" removes only what it names.
 * Linear in the length of the text.
 */
export const readIngredient = remembering(read);

function read(text: string): IngredientReading {
  const tokens = wordsOf(text);
  const notes: Notes = { claims: [], unknown: [], foods: [], forms: [], understood: 0 };
  const choices: SpanOfWords[] = [];
  const hazards = new Map<HazardId, ReadHazard>();
  const warned = precautions(tokens);
  for (const [from, to] of segments(tokens)) {
    const options = splitOptions(tokens, from, to);
    if (options.length > 1) choices.push(...options.map(([first, end]) => spanOf(text, tokens, first, end - 1)));
    const weighed = options.map(([first, end]) =>
      readOption(text, tokens, first, end, options.length > 1, warned, notes),
    );
    for (const hazard of new Set(weighed.flatMap((option) => [...option.keys()]))) {
      const {
        first,
        last,
        because: reason,
        level: own,
        isGuess,
      } = weighed.find((option) => option.has(hazard))!.get(hazard)!;
      const level = weighed.every((option) => option.get(hazard)?.level === 'contained') ? 'contained' : 'possible';
      const because =
        own === 'contained' && level === 'possible' ? `${reason.slice(0, -1)}, and is one of several choices.` : reason;
      if (isOutweighed({ level, isGuess }, hazards.get(hazard))) continue;
      hazards.set(hazard, { hazard, level, ...spanOf(text, tokens, first, last), because, isGuess });
    }
  }
  const { claims, unknown, foods, forms } = notes;
  // "As needed", "2 cups": words that name nothing are no food that is known.
  if (notes.understood === 0 && claims.length === 0 && unknown.length === 0 && tokens.length > 0)
    unknown.push(spanOf(text, tokens, 0, tokens.length - 1));
  const all = [...hazards.values()];
  const contained = all.filter((each) => each.level === 'contained');
  const possible = all.filter((each) => each.level === 'possible');
  return {
    text,
    contained,
    possible,
    foods,
    claims,
    forms,
    choices,
    unknown,
    optional: tokens.some((token) => token.word === 'optional' || token.word === 'optionally'),
    animal: animalOrigin(contained, possible, tokens.length === 0 ? [text] : unknown),
  };
}

/** Whether a name that stands at `start` is said of something that is known already: "the flour" is the gluten-free flour of the list; a bare "flour" may be another. */
export const isTheOne = (text: string, start: number): boolean =>
  /\b(?:the|your|this|that|all)\s+(?:[\p{L}-]+\s+)?$/iu.test(text.slice(0, start));

export function animalOrigin(
  contained: readonly { hazard: HazardId }[],
  possible: readonly { hazard: HazardId }[],
  unknown: readonly unknown[],
): AnimalOrigin {
  const has = (some: readonly { hazard: HazardId }[]) => some.some((each) => animalHazards.has(each.hazard));
  return has(contained) ? 'animal' : has(possible) ? 'possible' : unknown.length > 0 ? 'unknown' : 'none';
}

function spanOf(text: string, tokens: readonly Token[], first: number, last: number): Span & { words: string } {
  const [start, end] = [tokens[first]!.start, tokens[last]!.end];
  return { start, end, words: text.slice(start, end) };
}

/** Parts a line where one thing ends and the next begins: at "and", "plus", "with", a semicolon, or a comma before a number. A list of what is absent stays whole. */
function segments(tokens: readonly Token[]): readonly (readonly [number, number])[] {
  const found: [number, number][] = [];
  const absent = new Set<number>();
  for (const { name, first, last } of claimsIn(tokens, 0, tokens.length).claims)
    if (name.startsWith('no ')) for (let at = first; at <= last; at++) absent.add(at);
  let from = 0;
  for (let at = 0; at < tokens.length; at++) {
    const shared = sharesFree(tokens, at, tokens.length);
    if (shared !== undefined) {
      at = shared;
      continue;
    }
    const phrase = longestAt(tokens, at);
    const { word, gap } = tokens[at]!;
    const newThing = at > from && (/[;&+]/.test(gap) || (/,/.test(gap) && /^\d/.test(word)));
    if (newThing) {
      found.push([from, at]);
      from = at;
    }
    // "Half and half" is one thing, "and/or" is an "or".
    if (phrase && phrase.phrase.length > 1) at += phrase.phrase.length - 1;
    else if (
      connectors.has(word) &&
      at > from &&
      at + 1 < tokens.length &&
      tokens[at + 1]!.word !== 'or' &&
      !(absent.has(at - 1) && absent.has(at + 1))
    ) {
      found.push([from, at]);
      from = at + 1;
    }
  }
  found.push([from, tokens.length]);
  return found.filter(([first, end]) => end > first);
}

/** What follows "may contain" or "traces of", up to the end of its sentence or bracket, is feared, not known. */
function precautions(tokens: readonly Token[]): readonly Stretch[] {
  const found: Stretch[] = [];
  for (let at = 0; at + 1 < tokens.length; at++) {
    const { word } = tokens[at]!;
    const next = tokens[at + 1]!.word;
    const begins =
      (word === 'may' && ['contain', 'also', 'have', 'include', 'still'].includes(next)) ||
      (word === 'trace' && next === 'of');
    if (!begins) continue;
    let end = at + 1;
    while (end < tokens.length && !/[.)\]\n;]/.test(tokens[end]!.gap)) end++;
    found.push([at, end]);
    at = end - 1;
  }
  return found;
}

/** "Butter or oil", "cream/milk": stretches of tokens of which one is used. */
function splitOptions(tokens: readonly Token[], start: number, stop: number): readonly (readonly [number, number])[] {
  const options: [number, number][] = [];
  let from = start;
  for (let at = start; at < stop; at++) {
    const shared = sharesFree(tokens, at, stop);
    if (shared !== undefined) {
      at = shared;
      continue;
    }
    const token = tokens[at]!;
    const isOr = token.word === 'or' && at > from && at + 1 < stop;
    const isSlash = at > from && /\//.test(token.gap) && !/^\d/.test(token.word);
    if (!isOr && !isSlash) continue;
    options.push([from, at]);
    from = isOr ? at + 1 : at;
  }
  options.push([from, stop]);
  // "1 or 2 eggs", "small or medium": an option without food is no option.
  const empty = ([first, end]: readonly [number, number]) => {
    for (let at = first; at < end; at++)
      if (!isPlainWord(tokens[at]!.word) || longestAt(tokens, at, end)?.food) return false;
    return true;
  };
  const merged: [number, number][] = [];
  for (const option of options) {
    const last = merged[merged.length - 1];
    if (last && empty(last)) last[1] = option[1];
    else merged.push(option);
  }
  const tail = merged[merged.length - 1]!;
  if (merged.length > 1 && empty(tail)) {
    merged.pop();
    merged[merged.length - 1]![1] = tail[1];
  }
  return merged;
}

/** One of the things that may be used, and what its line says about it. */
interface Option {
  readonly text: string;
  readonly tokens: readonly Token[];
  readonly from: number;
  readonly to: number;
  readonly said: Claimed;
  readonly found: readonly Found[];
}

/** A name in an option, and what stands around it. */
interface Named extends Found {
  /** What was found before it. */
  readonly before: Found | undefined;
  /** After "may contain". */
  readonly feared: boolean;
  /** "Bacon-flavoured": it tastes of that. */
  readonly onlyStyle: boolean;
  /** "Mushroom bacon": of a plant, by the word before it. */
  readonly meatless: boolean;
  /** "Almond milk". */
  readonly ofPlant: boolean;
  /** A claim inside the name ("gluten-free beer") is part of what that food is known for, and does not change what it holds. */
  readonly claimed: boolean;
}

type Put = (hazard: HazardId, level: Weighed['level'], why?: string) => void;

function readOption(
  text: string,
  tokens: readonly Token[],
  from: number,
  to: number,
  alternative: boolean,
  warned: readonly Stretch[],
  notes: Notes,
): Map<HazardId, Weighed> {
  const said = claimsIn(tokens, from, to);
  notes.claims.push(
    ...said.claims.map(({ name, first, last }) => ({ claim: name, ...spanOf(text, tokens, first, last) })),
  );
  const found = findMeanings(tokens, from, to, said, notes.unknown, text);
  notes.understood += found.length;
  notes.forms.push(...readForms(text, tokens, from, to, { said, found, alternative }));
  const option: Option = { text, tokens, from, to, said, found };
  const weighed = new Map<HazardId, Weighed>();
  for (const [index, { meaning, first, last, readAs }] of found.entries()) {
    if (meaning.food && !readAs)
      notes.foods.push({
        food: meaning.food,
        name: foodOf(meaning.food)!.name,
        ...spanOf(text, tokens, first, last),
        alternative,
      });
    const named = namedAt(option, index, warned);
    const put = putting(option, named, weighed);
    for (const hazard of meaning.contains) weighContained(option, named, hazard, put);
    for (const hazard of meaning.possible) weighPossible(option, named, hazard, put);
    weighStandIn(option, named, put);
  }
  return weighed;
}

function readForms(
  text: string,
  tokens: readonly Token[],
  from: number,
  to: number,
  { said, found, alternative }: Pick<Option, 'said' | 'found'> & { readonly alternative: boolean },
): readonly ReadForm[] {
  // What is known to be made of several things has its own doubts.
  const isComposite = found.some(({ meaning }) => meaning.food && foodOf(meaning.food)!.kind === 'composite');
  const stays = (hazard: HazardId) => said.removed.get(hazard) !== 'gone' && !(said.vegan && isAnimal(hazard));
  return formsIn(tokens, from, to, found).map(({ form, first, last }): ReadForm => {
    const held = form.contains.flatMap((hazard) => [hazard, ...hazardOf(hazard).groups]).filter(stays);
    const sure = alternative ? [] : held.filter((hazard) => said.removed.get(hazard) === undefined);
    const doubtful = held.filter((hazard) => !sure.includes(hazard));
    return {
      ...spanOf(text, tokens, first, last),
      contains: sure,
      possible: [
        ...doubtful.map((hazard): PossibleHazard => ({ hazard, why: form.why, trace: false, lifts: false })),
        ...(isComposite ? [] : form.possible.filter(({ hazard }) => stays(hazard))),
      ],
      why: form.why,
    };
  });
}

function namedAt({ tokens, from, to, said, found }: Option, index: number, warned: readonly Stretch[]): Named {
  const each = found[index]!;
  const { meaning, first, last } = each;
  // The word right before it, where both are one name.
  const source = first - 1 >= from && joined(tokens[first]!) ? tokens[first - 1]!.word : '';
  const next = last + 1 < to ? tokens[last + 1]! : undefined;
  const claimEnd = new Map(said.claims.map((claim) => [claim.first, claim.last]));
  return {
    ...each,
    before: found[index - 1],
    feared: warned.some(([begin, end]) => first >= begin && first < end),
    onlyStyle: next !== undefined && /^[- ]?$/.test(next.gap) && styleWords.has(next.word),
    meatless: meatlessSources.has(source),
    ofPlant: meaning.phrase.length === 1 && dairyWords.has(meaning.phrase[0]!) && plantSources.has(source),
    claimed: within(first, last, claimEnd),
  };
}

/** What is contained outweighs what is possible, and a known word one that was guessed; of two alike the first counts. */
function isOutweighed(
  { level, isGuess }: Pick<Weighed, 'level' | 'isGuess'>,
  before: Pick<Weighed, 'level' | 'isGuess'> | undefined,
): boolean {
  if (!before) return false;
  return before.level === level ? isGuess || !before.isGuess : level === 'possible';
}

const putting =
  ({ text, tokens }: Option, { first, last, readAs }: Named, weighed: Map<HazardId, Weighed>): Put =>
  (hazard, level, why = level === 'possible' ? 'may hold' : 'holds') => {
    const isGuess = readAs !== undefined;
    if (isOutweighed({ level, isGuess }, weighed.get(hazard))) return;
    const { words } = spanOf(text, tokens, first, last);
    const guessed = readAs ? ` (read as ${readAs})` : '';
    const because = `“${words}”${guessed} ${why} ${hazardOf(hazard).name}.`;
    weighed.set(hazard, { level, first, last, because, isGuess });
  };

const isAnimal = (hazard: HazardId): boolean => animalHazards.has(hazard) || hazard === 'lactose';
const isFlesh = (hazard: HazardId): boolean => flesh.has(hazard) || hazard === 'crustacean' || hazard === 'mollusc';

function weighContained(option: Option, named: Named, hazard: HazardId, put: Put): void {
  const { said } = option;
  const { meaning, meatless } = named;
  const { groups } = hazardOf(hazard);
  const gone = named.claimed ? undefined : said.removed.get(hazard);
  if (gone === 'gone') {
    // "Wheat-free" bread may be of rye: the group it belongs to is only made doubtful.
    for (const group of groups) if (said.removed.get(group) === 'doubtful') put(group, 'possible');
    return;
  }
  if ((said.vegan || named.ofPlant) && isAnimal(hazard)) return;
  if (meatless && isFlesh(hazard) && meatShapes.has(meaning.phrase.join(' '))) return;
  // Gluten can be taken out of a grain that is named; the grain stays.
  const ownName = meaning.phrase.includes(hazard);
  const isDoubtful =
    named.feared ||
    isExempt(option, named) ||
    (isFlesh(hazard) && (meatless || named.onlyStyle)) ||
    (gone === 'doubtful' && !ownName) ||
    (said.noPromise && animalHazards.has(hazard));
  const level = isDoubtful ? 'possible' : 'contained';
  put(hazard, level);
  for (const group of groups) {
    const isGone = said.removed.get(group) === 'gone';
    if (meaning.lifts.includes(group) || (ownName && isGone)) put(group, 'possible');
    else if (!isGone) put(group, level);
  }
}

/** The law lets some sugars go without the name of their grain; in brackets behind them it is only where they came from. */
function isExempt({ text, tokens }: Option, { before, first }: Named): boolean {
  if (!before || !exemptDerivatives.has(before.meaning.phrase.join(' '))) return false;
  const between = text.slice(tokens[before.last]!.end, tokens[first]!.start);
  return /^\s*[([](?:\s*(?:from|of|made from))?\s*$/.test(between);
}

function weighPossible({ said }: Option, { meaning, ofPlant }: Named, hazard: HazardId, put: Put): void {
  if (said.removed.get(hazard) === 'gone' && !meaning.lifts.includes(hazard)) return;
  if (said.vegan && isAnimal(hazard)) return;
  if (ofPlant && meaning.phrase[0] !== 'cheese') return;
  put(hazard, 'possible');
  for (const group of hazardOf(hazard).groups)
    if (said.removed.get(group) !== 'gone' && group !== 'meat') put(group, 'possible');
}

/** What stands in for milk or meat may hold a little of it, or what such things are made of. */
function weighStandIn({ said }: Option, { meaning, ofPlant, claimed, before, first }: Named, put: Put): void {
  const promised = said.vegan || said.removed.get('milk') === 'gone';
  if (!promised && ((ofPlant && meaning.phrase[0] === 'cheese') || (said.noPromise && claimed)))
    put('milk' as HazardId, 'possible');
  const isStandIn =
    !ofPlant &&
    meaning.contains.some((each) => (said.vegan || said.noPromise ? animalHazards.has(each) : each === 'milk')) &&
    (said.vegan || said.noPromise || said.removed.get('milk') === 'gone');
  if (!isStandIn || before?.last === first - 1) return;
  for (const hazard of standInsMayHold)
    if (!said.removed.has(hazard)) put(hazard as HazardId, 'possible', 'made without animal products may hold');
}

/** Whether a claim lies inside a stretch of tokens; `ends` maps its first token to its last. */
function within(first: number, last: number, ends: ReadonlyMap<number, number>): boolean {
  for (let at = first; at <= last; at++) if ((ends.get(at) ?? Infinity) <= last) return true;
  return false;
}

function findMeanings(
  tokens: readonly Token[],
  from: number,
  to: number,
  { claims, denied }: Claimed,
  unknown: SpanOfWords[],
  text: string,
): Found[] {
  const found: Found[] = [];
  const deniedEnd = new Map(denied.map((each) => [each.first, each.last]));
  const claimEnd = new Map<number, number>();
  for (const { first, last } of claims) for (let at = first; at <= last; at++) claimEnd.set(at, last);
  for (let at = from; at < to; at++) {
    const deniedTo = deniedEnd.get(at);
    if (deniedTo !== undefined) {
      at = deniedTo;
      continue;
    }
    const { word } = tokens[at]!;
    const meaning = longestAt(tokens, at, to);
    const last = at + (meaning?.phrase.length ?? 1) - 1;
    const claimed = claimEnd.get(at);
    // "Gluten-free oats" is a food of its own; "gluten" in "gluten-free" is none.
    if (claimed !== undefined && last <= claimed) continue;
    if (meaning && (claimed !== undefined || !claimEnd.has(last))) {
      if (!onlyCompared(tokens, at, last, to, meaning)) {
        found.push({ meaning, first: at, last });
        found.push(...overhanging(tokens, at, last, to));
      }
      at = last;
      continue;
    }
    if (isPlainWord(word) || isFormWord(word)) continue;
    const span = spanOf(text, tokens, at, at);
    const guesses = nearest(word);
    if (guesses.length === 0) {
      if (!describesOnly(tokens, at, from > 0 || found.length > 0)) unknown.push(span);
      continue;
    }
    // Several words may have been meant: what all of them hold is held, the rest is possible.
    const shared = guesses[0]!.contains.filter((hazard) => guesses.every((guess) => guess.contains.includes(hazard)));
    const rest = [...new Set(guesses.flatMap((guess) => [...guess.contains, ...guess.possible]))].filter(
      (hazard) => !shared.includes(hazard),
    );
    found.push({
      meaning: { phrase: guesses[0]!.phrase, contains: shared, possible: rest, lifts: [] },
      first: at,
      last: at,
      readAs: guesses.map((guess) => guess.phrase.join(' ')).join(' or '),
    });
    // A guess is no certainty: where nothing worth avoiding was guessed, the word stays unknown.
    if (shared.length === 0) unknown.push(span);
  }
  return found;
}

/** "Coconut milk chocolate": a name that begins inside the one that was read and goes on after it may be the one that was meant. */
function overhanging(tokens: readonly Token[], first: number, last: number, to: number): Found[] {
  for (let at = first + 1; at <= last; at++) {
    const meaning = longestAt(tokens, at, to);
    const end = at + (meaning?.phrase.length ?? 0) - 1;
    if (meaning && end > last)
      return [
        {
          meaning: { ...meaning, contains: [], possible: [...meaning.contains, ...meaning.possible] },
          first: at,
          last: end,
          readAs: meaning.phrase.join(' '),
        },
      ];
  }
  return [];
}

/** "Flour for the bread", "egg, to glaze", "fried until crisp": what it is for or what becomes of it, not what it is. */
function saysWhatFor(tokens: readonly Token[], first: number, last: number): boolean {
  if (!joined(tokens[first]!)) return false;
  const [before, further] = [tokens[first - 1]?.word, tokens[first - 2]?.word];
  if (before === 'for' || (further === 'for' && ['the', 'a', 'your', 'each'].includes(before ?? ''))) return true;
  return first === last && (before === 'until' || (before === 'to' && purposes.has(tokens[first]!.word)));
}

/** "Walnut-sized", "milk-fed", "the size of an egg", "apple-wood smoked": words that are not the food. */
function onlyCompared(tokens: readonly Token[], first: number, last: number, to: number, meaning: Meaning): boolean {
  const next = last + 1 < to ? tokens[last + 1] : undefined;
  const close = next !== undefined && /^[- ]?$/.test(next.gap);
  if (close && notTheFood.has(next.word)) return true;
  // Lecithin whose plant is named beside it is of that plant.
  if (meaning.phrase[0] === 'lecithin' && ['sunflower', 'rapeseed', 'canola'].includes(tokens[last + 1]?.word ?? ''))
    return true;
  // "Oak-smoked" names the wood, "salmon, smoked" the food.
  if (close && next.word === 'smoked' && next.gap === '-') return true;
  if (close && next.word === 'smoked' && meaning.contains.length === 0) return true;
  if (
    meaning.phrase.join(' ') === 'seed' &&
    [tokens[last + 1], tokens[last + 2]].some((token) => token !== undefined && seedWords.has(token.word))
  )
    return true;
  const before = (steps: number) => tokens[first - steps]?.word;
  if (saysWhatFor(tokens, first, last)) return true;
  return (
    (before(1) === 'of' && before(2) === 'size') ||
    (before(2) === 'of' && before(3) === 'size' && ['a', 'an', 'one'].includes(before(1) ?? '')) ||
    (before(1) === 'like' && before(2) === 'look')
  );
}
