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

/** Finds what is said to be absent between two tokens. Negations name foods; "X-free" removes only what it names. */
export function claimsIn(tokens: readonly Token[], from: number, to: number): Claimed {
  const claims: Claim[] = [];
  const denied: Omit<Claim, 'name'>[] = [];
  const removed = new Map<string, 'gone' | 'doubtful'>();
  let vegan = false;
  let noPromise = false;
  const claim = (name: string, first: number, last: number) => void claims.push({ name, first, last });
  const remove = (words: string): boolean => {
    const entry = claimOn(words);
    entry?.removes.forEach((hazard) => removed.set(hazard, 'gone'));
    entry?.weakens.forEach((hazard) => {
      if (removed.get(hazard) !== 'gone') removed.set(hazard, 'doubtful');
    });
    return entry !== undefined;
  };
  for (let at = from; at < to; at++) {
    const { word } = tokens[at]!;
    const next = at + 1 < to ? tokens[at + 1]!.word : undefined;
    // "Dairy-free if needed", "preferably vegan": a wish, and no word about what is really used.
    const wishEnd = wishedFrom(tokens, at, to);
    if (wishEnd !== undefined) {
      denied.push({ first: at, last: wishEnd });
      at = wishEnd;
      continue;
    }
    const shared = sharesFree(tokens, at, to);
    if (shared !== undefined && remove(word)) {
      claim(`${word}-free`, at, at);
      at = shared - 1;
      continue;
    }
    const whole = less.exec(word);
    // "Not gluten-free", "not vegan": what is denied is no claim.
    if (
      word === 'not' &&
      next !== undefined &&
      (tokens[at + 2]?.word === 'free' || next === 'vegan' || next === 'vegetarian')
    ) {
      const last = at + (next === 'vegan' || next === 'vegetarian' ? 1 : 2);
      denied.push({ first: at, last });
      at = last;
      continue;
    }
    if (word === 'vegan' || word === 'veganised' || word === 'veganized') {
      vegan = true;
      claim('vegan', at, at);
    } else if (word === 'vegetarian' || word === 'veggie') claim('vegetarian', at, at);
    else if (word === 'plant' && next === 'based') {
      noPromise = true;
      claim('plant-based', at, at + 1);
      at++;
    } else if (word === 'non' && (next === 'dairy' || next === 'animal')) {
      noPromise = true;
      claim(`non-${next}`, at, at + 1);
      at++;
    } else if (word === 'non' && (next === 'alcoholic' || next === 'alcohol') && remove('alcohol')) {
      claim('alcohol-free', at, at + 1);
      at++;
    } else if (
      word === 'suitable' &&
      next === 'for' &&
      /^c(?:o)?eliac$/.test(tokens[at + 2]?.word ?? '') &&
      tokens[at - 1]?.word !== 'not' &&
      remove('gluten')
    ) {
      claim('gluten-free', at, at + 2);
      at += 2;
    } else if (word === 'gf' && remove('gluten')) claim('gluten-free', at, at);
    else if (word === 'df' && remove('dairy')) claim('dairy-free', at, at);
    else if (whole && remove(whole[1]!)) claim(`${whole[1]}-free`, at, at);
    else if (next !== undefined && tokens[at + 2]?.word === 'free' && at + 2 < to && remove(`${word} ${next}`)) {
      claim(`${word} ${next}-free`, at, at + 2);
      at += 2;
    } else if (next === 'free' && tokens[at + 2]?.word !== 'range' && tokens[at + 2]?.word !== 'from' && remove(word)) {
      claim(`${word}-free`, at, at + 1);
      at++;
    }
    // "Lard-free pastry": the lard is named as absent, and nothing else.
    else if (next === 'free' && /^-$/.test(tokens[at + 1]!.gap) && longestAt(tokens, at, at + 1)) {
      claim(`${word}-free`, at, at + 1);
      at++;
    } else if (
      next !== undefined &&
      (word === 'without' ||
        word === 'no' ||
        word === 'not' ||
        word === 'minu' ||
        word === 'minus' ||
        (word === 'free' && (next === 'from' || next === 'of')))
    )
      at = negated(tokens, at, at + (word === 'free' ? 2 : 1), to, remove, claim);
    else if (next !== undefined && ((word === 'instead' && next === 'of') || (word === 'rather' && next === 'than')))
      at = negated(tokens, at, at + 2, to, remove, claim);
    else if (word === 'in' && next === 'place' && tokens[at + 2]?.word === 'of')
      at = negated(tokens, at, at + 3, to, remove, claim);
  }
  return { claims, denied, removed, vegan, noPromise };
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

/** "Free from milk, egg and nuts", "no butter", "instead of cream": what follows is named as absent. Returns the last token read. */
function negated(
  tokens: readonly Token[],
  at: number,
  after: number,
  to: number,
  remove: (words: string) => boolean,
  claim: (name: string, first: number, last: number) => void,
): number {
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
    if (!remove(word) && !phrase) break;
    const size = phrase ? phrase.phrase.length : 1;
    claim(
      `no ${tokens
        .slice(cursor, cursor + size)
        .map((token) => token.word)
        .join(' ')}`,
      cursor,
      cursor + size - 1,
    );
    last = cursor + size - 1;
    cursor += size;
    // "No butter, milk": a list goes on only after a comma or "and".
    if (cursor < to && !/,/.test(tokens[cursor]!.gap) && !['and', 'or'].includes(tokens[cursor]!.word)) break;
  }
  return Math.max(at, last);
}
