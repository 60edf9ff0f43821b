import * as v from 'valibot';
import { FoodId, HazardId } from '../reference/index.ts';
import { Day, Name } from './ids.ts';

/**
 * What somebody read on the label of what was bought for a food, and when. It settles the catalogue's doubt;
 * it never takes away a hazard that the food holds by its nature.
 */
export const LabelRecord = v.strictObject({
  food: FoodId,
  product: Name,
  readOn: Day,
  /** Hazards among its ingredients. */
  contains: v.array(HazardId),
  /** Hazards named by a precaution ("may contain", "made in a place that…"). */
  mayContain: v.array(HazardId),
  /** Single foods that somebody here avoids (garlic), looked for and found, or looked for and not there. */
  foodsFound: v.optional(v.array(FoodId), []),
  foodsAbsent: v.optional(v.array(FoodId), []),
});
export type LabelRecord = v.InferOutput<typeof LabelRecord>;
