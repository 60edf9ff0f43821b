/** A word of the text, normalised, with its place in the text as it was given. */
export interface Token {
  /** Lower case, no accents, no apostrophes, singular. */
  readonly word: string;
  readonly start: number;
  readonly end: number;
  /** What stands between this token and the one before it. */
  readonly gap: string;
}

/** Lower case without accents; typographic letters taken apart. One character may become two. */
function plain(text: string): string {
  return text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/œ/g, 'oe').replace(/æ/g, 'ae').replace(/ß/g, 'ss').replace(/ø/g, 'o').replace(/['’‘`´]/g, '');
}

/** A crude singular, the same for word lists and text, so that plurals meet. */
export function singular(word: string): string {
  if (word.length <= 3 || /(ss|us|is)$/.test(word)) return word;
  if (word.endsWith('ies') && word.length > 4) return `${word.slice(0, -3)}y`;
  if (/(oes|ches|shes|xes|sses)$/.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

const wordPattern = /[\p{L}\p{M}\p{N}'’‘`´]+/gu;

/** Splits a text into words in linear time; hyphens part words, e-numbers are kept whole ("E 322", "e-322" ─► "e322"). */
export function tokenise(text: string): readonly Token[] {
  const tokens: Token[] = [];
  let last = 0;
  for (const match of text.matchAll(wordPattern)) {
    const start = match.index;
    const end = start + match[0].length;
    const word = singular(plain(match[0]));
    const gap = text.slice(last, start);
    last = end;
    const before = tokens[tokens.length - 1];
    if (before?.word === 'e' && /^\d{3,4}[a-z]?$/.test(word) && /^[- ]$/.test(gap)) {
      tokens[tokens.length - 1] = { ...before, word: `e${word}`, end };
      continue;
    }
    if (word !== '') tokens.push({ word, start, end, gap });
  }
  return tokens;
}
