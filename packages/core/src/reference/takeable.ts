import * as v from 'valibot';
import file from '../../../../data/reference/takeable.json' with { type: 'json' };
import { FoodId } from './foods.ts';

const Words = v.pipe(
  v.string(),
  v.transform((words) => new RegExp(words, 'iu')),
);

/**
 * What of a dish can be what another leaves: these foods, from so many ml on where a line says them, and lines called so; and in which words a recipe
 * says that something is cooked in liquid, of which some is left.
 */
export const takeable = v.parse(
  v.strictObject({
    source: v.string(),
    foods: v.pipe(
      v.array(FoodId),
      v.transform((foods) => new Set<string>(foods)),
    ),
    called: Words,
    cookedIn: Words,
    leastMl: v.number(),
  }),
  file,
);
