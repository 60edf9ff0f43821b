import type { Span } from '../reading/index.ts';
import { isVerb } from './verbWords.ts';

export interface Sentence extends Span {
  readonly text: string;
}

/** Sentences with their places. A full stop inside a number or after a short form ends none. */
export function sentencesOf(text: string): readonly Sentence[] {
  const found: Sentence[] = [];
  let from = 0;
  const push = (end: number) => {
    const raw = text.slice(from, end);
    const trimmed = raw.trim();
    if (trimmed !== '')
      found.push({
        text: trimmed,
        start: from + raw.indexOf(trimmed),
        end: from + raw.indexOf(trimmed) + trimmed.length,
      });
    from = end;
  };
  for (const match of text.matchAll(/[.!?;]+["”’')\]]*(?=\s|$)|\n+/g)) {
    const before = text.slice(Math.max(from, match.index - 8), match.index);
    if (
      match[0] === '.' &&
      /\b(?:approx|mins?|hrs?|secs?|tbsp|tsp|oz|lb|no|deg|fl|temp|e\.g|i\.e|ca|v|w|t|c|approx|pkt|tsps|tbsps)$/i.test(
        before,
      ) &&
      !/^\s+\p{Lu}/u.test(text.slice(match.index + 1, match.index + 4)) &&
      !/^\s+(?:meanwhile|then|and then|next|while|serve|now)\b/.test(text.slice(match.index + 1))
    )
      continue;
    push(match.index + match[0].length);
  }
  push(text.length);
  return found;
}

export const forms = (verb: string): string => {
  const stem = verb.replace(/e$/, '');
  const twice = /[^aeiou][aeiou][bdgmnprt]$/.test(verb) ? `${verb.at(-1)!}?` : '';
  return String.raw`(?:${verb}(?:s|d|ed)?|${stem}${twice}(?:ing|ed)|${verb.endsWith('y') ? verb.slice(0, -1) + 'ie[sd]' : stem + 'ed'})`;
};
/** As many spaces: what is left keeps its place. */
export const blank = (words: string): string => ' '.repeat(words.length);
export const word = (source: string, flags = 'iu') =>
  new RegExp(String.raw`(?<![\p{L}-])(?:${source})(?![\p{L}])`, flags);
export function titleOf(text: string): string {
  const clean = text
    .replace(/\s+/g, ' ')
    .replace(/^(?:meanwhile|next|then|now|first|finally|after that|to serve),?\s+/i, '')
    .trim();
  const first = clean.split(/[.;:,(]| until | for (?:about |at least )?\d| at \d/u)[0]!;
  // "Slice the leek and the mushrooms" is one thing to do, "slice the leek and fry it" is two.
  const next = [...first.matchAll(/ and (?<word>\p{Ll}{3,}) /gu)].find(({ groups }) => isVerb(groups!['word']!));
  const clause = first.slice(0, next?.index).trim() || clean;
  const short = clause.length <= 60 ? clause : `${clause.slice(0, 58).replace(/\s+\S*$/, '')} …`;
  return short.charAt(0).toUpperCase() + short.slice(1) || 'Step';
}

/** Said first of a step, or in brackets: it is done or not, as one likes. */
export const mayBeLeft =
  /^\W*(?:optional(?:ly)?|if (?:you )?(?:like|wish|prefer|want)|if (?:liked|wished|preferred))\b|\(optional\)/i;
