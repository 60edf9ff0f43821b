import * as v from 'valibot';
import { Day, Minutes, RecipeId, StepId } from './ids.ts';

/** How long a step really took on one day, in minutes at the size its recipe is written for. */
export const Timed = v.strictObject({
  day: v.pipe(v.string(), v.minLength(1), v.maxLength(64)),
  on: Day,
  minutes: v.pipe(v.number(), v.finite(), v.minValue(0), v.maxValue(10_000)),
});
export type Timed = v.InferOutput<typeof Timed>;

/** All that was timed of one step of one recipe, a day once. */
export const StepTiming = v.strictObject({
  id: v.pipe(v.string(), v.maxLength(140)),
  recipe: RecipeId,
  step: StepId,
  timed: v.pipe(v.array(Timed), v.maxLength(200)),
});
export type StepTiming = v.InferOutput<typeof StepTiming>;

/** A step's time as a range, in whole minutes at the recipe's size. */
export const DurationMin = v.strictObject({ least: Minutes, likely: Minutes, most: Minutes });
export type DurationMin = v.InferOutput<typeof DurationMin>;
