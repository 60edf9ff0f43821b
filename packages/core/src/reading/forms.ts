import { foodOf, forms, plainNames, type Form } from '../reference/index.ts';
import { isPlainWord, type Meaning } from './lexicon.ts';
import { joined, tokenise, type Token } from './tokens.ts';

/** A form word where it stands. Token indices, both ends included. */
export interface FoundForm {
  readonly form: Form;
  readonly first: number;
  readonly last: number;
}

/** Something that was named, and where. */
interface NamedAt {
  readonly meaning: Meaning;
  readonly first: number;
  readonly last: number;
}

const phraseOf = (words: string): readonly string[] => tokenise(words).map(({ word }) => word);

const byFirst = new Map<string, { readonly phrase: readonly string[]; readonly form: Form }[]>();
for (const form of forms)
  for (const words of form.words) {
    const phrase = phraseOf(words);
    byFirst.set(phrase[0]!, [...(byFirst.get(phrase[0]!) ?? []), { phrase, form }]);
  }
const plain = new Set(plainNames.map((name) => phraseOf(name).join(' ')));

/** Whether a word only says in which form something comes: no slip for another. */
export const isFormWord = (word: string): boolean => byFirst.has(word);

/** "Casserole dish", "pie tin": the thing it is cooked in. */
const pieces = new Set([
  'dish',
  'tin',
  'pan',
  'plate',
  'tray',
  'case',
  'pot',
  'mould',
  'ring',
  'steak',
  'apple',
  'leaf',
]);

/** Words that make a composite of what they stand by: "breaded cod", "apple pie filling", also where the catalogue's own name for a plain thing has one. */
export function formsIn(
  tokens: readonly Token[],
  from: number,
  to: number,
  found: readonly NamedAt[],
): readonly FoundForm[] {
  const seen: FoundForm[] = [];
  for (let at = from; at < to; at++) {
    const inside = found.find(({ first, last }) => first <= at && at <= last);
    for (const { phrase, form } of byFirst.get(tokens[at]!.word) ?? []) {
      const last = at + phrase.length - 1;
      if (
        last >= to ||
        !phrase.every((word, i) => tokens[at + i]!.word === word && (i === 0 || joined(tokens[at + i]!)))
      )
        continue;
      if (inside ? isInName(inside, last) : stands(tokens, form, at, last, to, found))
        seen.push({ form, first: at, last });
    }
  }
  return seen;
}

/** Whether it is a part of a plain thing's name that is not known to be one thing nevertheless. */
function isInName({ meaning, first, last }: NamedAt, end: number): boolean {
  const isOneThing = meaning.food ? foodOf(meaning.food)!.kind !== 'composite' : meaning.contains.length > 0;
  return isOneThing && last > first && end <= last && !plain.has(meaning.phrase.join(' '));
}

function stands(
  tokens: readonly Token[],
  { place }: Form,
  first: number,
  last: number,
  to: number,
  found: readonly NamedAt[],
): boolean {
  if (place === 'after') {
    const next = last + 1 < to ? tokens[last + 1] : undefined;
    return (
      joined(tokens[first]!) &&
      found.some((each) => each.last === first - 1) &&
      !(next && joined(next) && pieces.has(next.word))
    );
  }
  let at = last + 1;
  while (at < to && joined(tokens[at]!)) {
    const named = found.find((each) => each.first === at);
    if (named) {
      const whole = [...tokens.slice(first, last + 1).map(({ word }) => word), ...named.meaning.phrase].join(' ');
      return !plain.has(whole);
    }
    if (!isPlainWord(tokens[at]!.word) || connectsAway.has(tokens[at]!.word)) return false;
    at++;
  }
  return false;
}

/** "Coated in egg", "filled with rice", "stuffed to the brim": what follows is another thing. */
const connectsAway = new Set(['in', 'with', 'to', 'of', 'for', 'by', 'on', 'from', 'as', 'until', 'into', 'and']);
