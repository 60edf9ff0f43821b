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
    entry?.weakens.forEach((hazard) => { if (removed.get(hazard) !== 'gone') removed.set(hazard, 'doubtful'); });
    return entry !== undefined;
  };
  for (let at = from; at < to; at++) {
    const { word } = tokens[at]!;
    const next = at + 1 < to ? tokens[at + 1]!.word : undefined;
    const whole = less.exec(word);
    // "Not gluten-free", "not vegan": what is denied is no claim.
    if (word === 'not' && next !== undefined && (tokens[at + 2]?.word === 'free' || next === 'vegan' || next === 'vegetarian')) {
      const last = at + (next === 'vegan' || next === 'vegetarian' ? 1 : 2);
      denied.push({ first: at, last });
      at = last;
      continue;
    }
    if (word === 'vegan' || word === 'veganised' || word === 'veganized') { vegan = true; claim('vegan', at, at); }
    else if (word === 'vegetarian' || word === 'veggie') claim('vegetarian', at, at);
    else if (word === 'plant' && next === 'based') { noPromise = true; claim('plant-based', at, at + 1); at++; }
    else if (word === 'non' && (next === 'dairy' || next === 'animal')) { noPromise = true; claim(`non-${next}`, at, at + 1); at++; }
    else if (word === 'non' && (next === 'alcoholic' || next === 'alcohol') && remove('alcohol')) { claim('alcohol-free', at, at + 1); at++; }
    else if (word === 'suitable' && next === 'for' && /^c(?:o)?eliac$/.test(tokens[at + 2]?.word ?? '') && tokens[at - 1]?.word !== 'not' && remove('gluten')) { claim('gluten-free', at, at + 2); at += 2; }
    else if (word === 'gf' && remove('gluten')) claim('gluten-free', at, at);
    else if (word === 'df' && remove('dairy')) claim('dairy-free', at, at);
    else if (whole && remove(whole[1]!)) claim(`${whole[1]}-free`, at, at);
    else if (next !== undefined && tokens[at + 2]?.word === 'free' && at + 2 < to && remove(`${word} ${next}`)) { claim(`${word} ${next}-free`, at, at + 2); at += 2; }
    else if (next === 'free' && tokens[at + 2]?.word !== 'range' && tokens[at + 2]?.word !== 'from' && remove(word)) { claim(`${word}-free`, at, at + 1); at++; }
    // "Lard-free pastry": the lard is named as absent, and nothing else.
    else if (next === 'free' && /^-$/.test(tokens[at + 1]!.gap) && longestAt(tokens, at, at + 1)) { claim(`${word}-free`, at, at + 1); at++; }
    else if (next !== undefined && (word === 'without' || word === 'no' || word === 'not' || word === 'minu' || word === 'minus' || (word === 'free' && (next === 'from' || next === 'of')))) at = negated(tokens, at, at + (word === 'free' ? 2 : 1), to, remove, claim);
    else if (next !== undefined && ((word === 'instead' && next === 'of') || (word === 'rather' && next === 'than'))) at = negated(tokens, at, at + 2, to, remove, claim);
    else if (word === 'in' && next === 'place' && tokens[at + 2]?.word === 'of') at = negated(tokens, at, at + 3, to, remove, claim);
  }
  return { claims, denied, removed, vegan, noPromise };
}

/** "Free from milk, egg and nuts", "no butter", "instead of cream": what follows is named as absent. Returns the last token read. */
function negated(tokens: readonly Token[], at: number, after: number, to: number, remove: (words: string) => boolean, claim: (name: string, first: number, last: number) => void): number {
  let cursor = after;
  while (cursor < to && afterNo.has(tokens[cursor]!.word)) cursor++;
  let last = cursor - 1;
  while (cursor < to) {
    const { word, gap } = tokens[cursor]!;
    if (/[;.()|:\n]/.test(gap)) break;
    if (['and', 'or'].includes(word)) { cursor++; continue; }
    const phrase = longestAt(tokens, cursor, to);
    if (!remove(word) && !phrase) break;
    const size = phrase ? phrase.phrase.length : 1;
    claim(`no ${tokens.slice(cursor, cursor + size).map((token) => token.word).join(' ')}`, cursor, cursor + size - 1);
    last = cursor + size - 1;
    cursor += size;
    // "No butter, milk": a list goes on only after a comma or "and".
    if (cursor < to && !/,/.test(tokens[cursor]!.gap) && !['and', 'or'].includes(tokens[cursor]!.word)) break;
  }
  return Math.max(at, last);
}
