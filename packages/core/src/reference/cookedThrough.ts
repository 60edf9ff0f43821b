import * as v from 'valibot';
import file from '../../../../data/reference/cooked-through.json' with { type: 'json' };
import { HazardId } from './hazards.ts';

const Way = v.strictObject({
  /** What is done, in words. */
  means: v.string(),
  /** All that may still be raw in it: where anything else is, this way says nothing. */
  hazards: v.array(HazardId),
  /** What must be raw in it, or it is another thing. */
  holds: v.optional(HazardId),
  where: v.picklist(['oven', 'hob', 'slow-cooker']),
  /** Words of the step, as a regular expression. */
  words: v.optional(v.string()),
  /** What the line of the food must say it is cut into, as a regular expression. */
  pieces: v.optional(v.string()),
  /** Only for food that goes in alone, as eggs in their shells do. */
  whole: v.optional(v.boolean(), false),
  leastMin: v.number(),
  leastOvenC: v.optional(v.number(), 0),
  /** What its middle comes to at the least, in °C. */
  coreC: v.number(),
});
export type CookingThrough = v.InferOutput<typeof Way>;

/** Ways of cooking that are sure to cook through, though nobody says how hot. @source data/reference/cooked-through.json */
export const cookingThrough: readonly CookingThrough[] = v.parse(
  v.strictObject({ source: v.string(), ways: v.array(Way) }),
  file,
).ways;
