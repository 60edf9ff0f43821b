import * as v from 'valibot';
import file from '../../../../data/reference/cooked-through.json' with { type: 'json' };
import { HazardId } from './hazards.ts';

const Heated = v.strictObject({
  /** All that may still be raw in it: where anything else is, this way says nothing. */
  hazards: v.array(HazardId),
  /** What must be raw in it, or it is another thing. */
  holds: v.optional(HazardId),
  where: v.picklist(['oven', 'grill', 'hob', 'slow-cooker', 'microwave']),
  leastMin: v.number(),
  leastOvenC: v.optional(v.number(), 0),
});
/** A way to heat food: where, what may be raw in it, and how long at the least. */
export type Heated = v.InferOutput<typeof Heated>;

const Way = v.strictObject({
  ...Heated.entries,
  /** What is done, in words. */
  means: v.string(),
  /** Words of the step, as a regular expression. */
  words: v.optional(v.string()),
  /** What the line of the food must say it is cut into, as a regular expression. */
  pieces: v.optional(v.string()),
  /** Only for food that goes in alone, as eggs in their shells do. */
  whole: v.optional(v.boolean(), false),
  /** What its middle comes to at the least, in °C. */
  coreC: v.number(),
});
export type CookingThrough = v.InferOutput<typeof Way>;

const Asked = v.strictObject({
  source: v.string(),
  /** Words that say something is to stay soft or pink, as a regular expression. */
  notMeant: v.string(),
  ways: v.array(Heated),
});

const read = v.parse(v.strictObject({ source: v.string(), ways: v.array(Way), asked: Asked }), file);

/** Ways of cooking that are sure to cook through, though nobody says how hot. @source data/reference/cooked-through.json */
export const cookingThrough: readonly CookingThrough[] = read.ways;

/** Ways of heating after which the safe temperature is asked for and measured, where nothing else is known. @source data/reference/cooked-through.json */
export const heatAsked: Pick<v.InferOutput<typeof Asked>, 'notMeant' | 'ways'> = read.asked;
