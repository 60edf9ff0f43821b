import type { Token } from './tokens.ts';

/** Between these and the word they lead to something comes into the food: "tossed with", "rolled in", "and", "or". */
const bringing = new Set(['with', 'plus', 'and', 'or', 'in', 'of', 'on', 'over', 'using', 'from', 'add', 'including']);

/** What follows these is what a food is for, how long, how much or how it becomes, and nothing more of it. */
const telling = new Set([
  ...['to', 'for', 'if', 'until', 'till', 'as', 'into', 'at', 'about', 'by', 'when', 'once', 'so', 'while', 'because'],
  ...['than', 'before', 'after'],
]);

/** After these another food may follow all the same: "swapped for", "stirred into", "replaced by", "if not". */
const mixing =
  /^(?:swap|chang|exchang|switch|substitut|replac|stir|mix|fold|dip|dunk|roll|press|drop|work|not|serv|turn)/;

/** Done to a food, "in" or "into" leads to its shape: "cut in slivers". */
const cutting = new Set([
  ...['cut', 'sliced', 'slice', 'chopped', 'diced', 'torn', 'broken', 'split', 'halved', 'quartered', 'divided'],
  ...['shredded', 'snapped', 'carved', 'separated', 'left', 'still'],
]);

/** The forms of words that say how something is or was done; not those of names that end alike. */
const describing = /(?:[^s]ed|[^l]ly|ish|able|less|ways?|wise)$/;
const names = /(?:seed|weed|bread|jelly)$/;

/**
 * Whether a word that is not known only says more of what was named before it: behind a comma, a dash or a bracket, and not led to by
 * anything that brings something in. Where that is not plain the word may be a food.
 * @param named whether a food was named before it
 */
export function describesOnly(tokens: readonly Token[], at: number, named: boolean): boolean {
  if (!named) return false;
  let from = at;
  while (from > 0 && !/[,(–—]| - /.test(tokens[from]!.gap)) from--;
  if (from === 0) return false;
  const { word, plural } = tokens[at]!;
  for (let before = at - 1; before >= from; before--) {
    const lead = tokens[before]!.word;
    if (mixing.test(lead)) return false;
    // "To slacken" is what it is for; "to serve something" may be another food.
    if (telling.has(lead)) return (lead !== 'to' || before === at - 1) && !mixing.test(tokens[before - 1]?.word ?? '');
    if (lead === 'in' && before > from && cutting.has(tokens[before - 1]!.word)) return true;
    if (bringing.has(lead)) return before === at - 1 && (lead === 'and' || lead === 'or') && describes(word, plural);
  }
  return describes(word, plural);
}

const describes = (word: string, plural: boolean): boolean => !plural && describing.test(word) && !names.test(word);
