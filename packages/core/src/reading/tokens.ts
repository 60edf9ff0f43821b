import { remembering } from './remembered.ts';

/** A word of the text, normalised, with its place in the text as it was given. */
export interface Token {
  /** Lower case, no accents, no apostrophes, singular. */
  readonly word: string;
  readonly start: number;
  readonly end: number;
  /** What stands between this token and the one before it. */
  readonly gap: string;
  /** It was written with an apostrophe: the fingers of a lady are no sponge fingers. */
  readonly owner: boolean;
  readonly plural: boolean;
}

/** Lower case without accents; typographic letters taken apart. One character may become two. */
function plain(text: string): string {
  // Most words have nothing to take off.
  if (/^[a-z0-9]+$/.test(text)) return text;
  return text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/œ/g, 'oe')
    .replace(/æ/g, 'ae')
    .replace(/ß/g, 'ss')
    .replace(/ø/g, 'o')
    .replace(/[\u00AD'’‘`´]/g, '');
}

/** Plurals that no rule finds. */
const odd = new Map(
  Object.entries({
    leaves: 'leaf',
    loaves: 'loaf',
    halves: 'half',
    calves: 'calf',
    knives: 'knife',
    cookies: 'cookie',
    brownies: 'brownie',
    blondies: 'blondie',
    smoothies: 'smoothie',
    veggies: 'veggie',
    pies: 'pie',
    geese: 'goose',
    fungi: 'fungus',
    children: 'child',
  }),
);

/** A crude singular, the same for word lists and text, so that plurals meet. */
export function singular(word: string): string {
  const known = odd.get(word);
  if (known) return known;
  if (word.length <= 3 || /(ss|us|is)$/.test(word)) return word;
  if (word.endsWith('ies') && word.length > 4) return `${word.slice(0, -3)}y`;
  if (/(oes|ches|shes|xes|sses)$/.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

const wordPattern = /[\p{L}\p{M}\p{N}\u00AD'’‘`´]+/gu;

/** Splits a text into words in linear time; hyphens part words, e-numbers are kept whole ("E 322", "e-322" ─► "e322"). */
export const tokenise = remembering(tokensOf);

function tokensOf(text: string): readonly Token[] {
  const tokens: Token[] = [];
  let last = 0;
  for (const match of text.matchAll(wordPattern)) {
    const start = match.index;
    const end = start + match[0].length;
    const spelt = plain(match[0]);
    const word = singular(spelt);
    const gap = text.slice(last, start);
    last = end;
    const before = tokens[tokens.length - 1];
    if (before?.word === 'e' && /^\d{3,4}[a-z]?$/.test(word) && /^[- ]$/.test(gap)) {
      tokens[tokens.length - 1] = { ...before, word: `e${word}`, end };
      continue;
    }
    if (word !== '') tokens.push({ word, start, end, gap, owner: /['’‘`´]/.test(match[0]), plural: word !== spelt });
  }
  return tokens;
}

/** Whether two neighbouring tokens can belong to one phrase: nothing that parts a list stands between them. */
export const joined = (token: Token): boolean => !/[,;:()[\]{}/•·|]|[.!?]\s/.test(token.gap);
