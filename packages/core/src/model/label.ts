import * as v from 'valibot';
import { AnsweringClaim, FamilyId, FoodId, HazardId } from '../reference/index.ts';
import { Day, Name } from './ids.ts';

/** What a label may say of itself that settles a question. */
export const LabelClaim = v.picklist(
  ['gluten-free', 'lactose-free', 'vegan', 'dairy-free', 'nut-free', 'egg-free', ...AnsweringClaim.options],
  'This claim is not known.',
);
export type LabelClaim = v.InferOutput<typeof LabelClaim>;

const common = {
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
  /** The same for whole families. */
  familiesFound: v.optional(v.array(FamilyId), []),
  familiesAbsent: v.optional(v.array(FamilyId), []),
  claims: v.optional(v.array(LabelClaim), []),
  /** The label as it was pasted or typed. */
  text: v.optional(v.pipe(v.string(), v.maxLength(20_000, 'At most 20000 characters.')), ''),
};

/**
 * What somebody read on the label of what was bought for a food, and when. It settles the catalogue's doubt;
 * it never takes away a hazard that the food holds by its nature.
 */
export const LabelRecord = v.strictObject({
  ...common,
  /** Hazards it was read for. Absent in old records, which were read for all that was asked then. */
  lookedFor: v.optional(v.array(HazardId)),
  /** It was read for an earlier occasion: for a guest who may have no trace it must be read again. */
  carriedOver: v.optional(v.boolean(), false),
});
export type LabelRecord = v.InferOutput<typeof LabelRecord>;

/** A product as it is remembered between occasions: its latest label record. */
export const Product = v.strictObject({
  id: v.pipe(
    v.string(),
    v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'An id is 1 to 64 lower-case letters, digits and hyphens.'),
  ),
  ...common,
  lookedFor: v.optional(v.array(HazardId)),
});
export type Product = v.InferOutput<typeof Product>;
