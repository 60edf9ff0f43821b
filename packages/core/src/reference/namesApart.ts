import * as v from 'valibot';
import file from '../../../../data/reference/names-apart.json' with { type: 'json' };
import { FoodId } from './foods.ts';

/** Names of foods that are part of another name without the food being in it (butter beans), and those too wide to follow. @source in the file */
export const namesApart = v.parse(
  v.strictObject({
    source: v.string(),
    /** Foods whose name is said of so much that it tells nothing: "oil", "water". */
    generic: v.array(FoodId),
    apart: v.array(v.strictObject({ words: v.string(), not: v.pipe(v.array(FoodId), v.minLength(1)) })),
  }),
  file,
);
