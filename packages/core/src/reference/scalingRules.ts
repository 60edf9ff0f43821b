import * as v from 'valibot';
import rows from '../../../../data/reference/scaling-rules.json' with { type: 'json' };
import { FoodId } from './foods.ts';
import { Role } from './substitutions.ts';

const Row = v.strictObject({
  id: v.string(),
  foods: v.optional(v.array(FoodId), []),
  roles: v.optional(v.array(Role), []),
  /** Only where these words stand on the line or in the steps that use it. */
  words: v.optional(v.string()),
  /** Up to this many times the recipe, and down to its inverse, it grows in a straight line. */
  from: v.pipe(v.number(), v.minValue(1)),
  /** Beyond that it grows with this power. */
  exponent: v.pipe(v.number(), v.minValue(0.1), v.maxValue(1)),
  why: v.string(),
  source: v.string(),
});

/** What does not grow in a straight line with the recipe. @source data/reference/scaling-rules.json */
export type ScalingRule = v.InferOutput<typeof Row>;
export const scalingRules: readonly ScalingRule[] = v.parse(v.array(Row), rows);
