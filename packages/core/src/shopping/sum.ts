import type { Food } from '../reference/index.ts';
import type { Amount } from '../model/index.ts';
import { upperEnd } from '../quantities/index.ts';
import { massOf } from '../versions/index.ts';

/** Amounts of one thing, added up as far as they can be. */
export interface Sum {
  /** g, of all that can be weighed. */
  readonly massG: number;
  /** ml, of what has no density. */
  readonly volumeMl: number;
  /** By the name of the piece: what has no piece weight, or is bought by the piece. */
  readonly pieces: ReadonlyMap<string, number>;
  /** "To taste", "a handful": what cannot be added. */
  readonly words: readonly string[];
}

export const nothing: Sum = { massG: 0, volumeMl: 0, pieces: new Map(), words: [] };

const pieceName = (piece: string): string =>
  piece
    .replace(/\b(?:small|medium|large|big|extra-large)\b/g, '')
    .trim()
    .replace(/(?:es|s)$/, '');

/** Adds amounts of one food: weights where the food's density or piece weight is known, else what is alike with what is alike. Of a range the upper end is bought. */
export function addUp(amounts: readonly Amount[], food: Food | undefined): Sum {
  let massG = 0;
  let volumeMl = 0;
  const pieces = new Map<string, number>();
  const words = new Set<string>();
  for (const each of amounts) {
    const amount = upperEnd(each) ?? each;
    const mass = massOf(amount, food);
    if (mass !== undefined) massG += mass;
    else if (amount.kind === 'volume') volumeMl += amount.volumeMl;
    else if (amount.kind === 'count')
      pieces.set(pieceName(amount.piece), (pieces.get(pieceName(amount.piece)) ?? 0) + amount.count);
    else if (amount.kind === 'batches') pieces.set('batch', (pieces.get('batch') ?? 0) + amount.batches);
    else if (amount.kind === 'words') words.add(amount.words);
  }
  return { massG, volumeMl, pieces, words: [...words] };
}

/** What is left to buy. Never less than nothing; words are taken off by any amount of the thing. */
export function takeOff(need: Sum, have: Sum): Sum {
  const some = have.massG > 0 || have.volumeMl > 0 || have.pieces.size > 0 || have.words.length > 0;
  return {
    massG: Math.max(0, need.massG - have.massG),
    volumeMl: Math.max(0, need.volumeMl - have.volumeMl),
    pieces: new Map(
      [...need.pieces].map(([piece, count]) => [piece, Math.max(0, count - (have.pieces.get(piece) ?? 0))]),
    ),
    words: some ? [] : need.words,
  };
}

export const isNothing = ({ massG, volumeMl, pieces, words }: Sum): boolean =>
  massG <= 1e-9 && volumeMl <= 1e-9 && [...pieces.values()].every((count) => count <= 1e-9) && words.length === 0;
