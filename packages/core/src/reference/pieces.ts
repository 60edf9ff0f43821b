import * as v from 'valibot';
import file from '../../../../data/reference/piece-weights.json' with { type: 'json' };
import type { Food } from './foods.ts';

const grams = v.pipe(v.number(), v.minValue(0.001));
const File = v.strictObject({
  source: v.string(),
  sizes: v.record(v.string(), v.number()),
  eggSizes: v.record(v.string(), v.number()),
  pieces: v.array(
    v.strictObject({
      piece: v.string(),
      /** g of a piece of anything. */ usually: v.optional(grams),
      /** g by food. */ of: v.optional(v.record(v.string(), grams), {}),
    }),
  ),
});
const { sizes, eggSizes, pieces } = v.parse(File, file);
const byPiece = new Map(pieces.map((each) => [each.piece, each]));
/** Every food named in the table, for its test. */
export const piecedFoods: readonly string[] = pieces.flatMap((each) => Object.keys(each.of));

const single = (word: string): string =>
  ({ leaves: 'leaf', loaves: 'loaf', bunches: 'bunch', halves: 'half', boxes: 'box' })[word] ?? word.replace(/s$/, '');

/**
 * What one piece weighs, in g, edible part: "cloves" of garlic, a "large" egg, a "small bunch" of dill. Undefined where nobody has weighed one.
 * @source data/reference/piece-weights.json
 */
export function pieceWeightG(food: Food, piece: string): number | undefined {
  let factor = 1;
  let noun = '';
  for (const word of piece
    .toLowerCase()
    .split(/\s+/)
    .filter((each) => each !== '')) {
    const size = (food.id === 'egg' ? eggSizes : sizes)[word];
    if (size !== undefined) factor *= size;
    else if (!['whole', 'ripe', 'good', 'of'].includes(word)) noun = single(word);
  }
  const usual =
    noun === '' || noun === single(food.name)
      ? food.pieceG
      : (byPiece.get(noun)?.of[food.id] ?? byPiece.get(noun)?.usually);
  // Cubes, cloves and legs that the catalogue knows as foods of their own weigh what it says.
  const own =
    usual ??
    (food.pieceG !== undefined && food.name.split(' ').some((word) => single(word) === noun) ? food.pieceG : undefined);
  return own === undefined ? undefined : own * factor;
}
