import * as v from 'valibot';
import rows from '../../../../data/reference/practices.json' with { type: 'json' };
import { FoodId, foodOf } from './foods.ts';
import { HazardId } from './hazards.ts';

const text = v.pipe(v.string(), v.minLength(1));
const Pattern = v.pipe(
  text,
  v.transform((pattern) => new RegExp(pattern, 'iu')),
);
const Foods = v.pipe(
  v.array(FoodId),
  v.check((ids) => ids.every((id) => foodOf(id) !== undefined), 'A practice names a food that does not exist.'),
);

/**
 * Something that recipes do and kitchens must not. All that a row asks for must be so: a line of one of its foods or hazards, a step that says its
 * text, and nothing of what lifts it.
 * @source in each row
 */
const Practice = v.strictObject({
  id: text,
  /** A line of one of these, or of a raw-food hazard. */
  foods: v.optional(Foods, []),
  hazards: v.optional(v.array(HazardId), []),
  /** What the words of that line are, and are not. */
  line: v.optional(Pattern),
  notLine: v.optional(Pattern),
  /** What a step says; and does not say. */
  text: v.optional(Pattern),
  notStep: v.optional(Pattern),
  /** What the recipe says somewhere; foods it must have besides. */
  needs: v.optional(Pattern),
  needsFood: v.optional(Foods, []),
  /** Said anywhere, all is well. */
  unlessText: v.optional(Pattern),
  /** Only of food that no step heats after it came in. */
  unheated: v.optional(v.boolean(), false),
  /** Only where something in the recipe spoils once it is cooked. */
  spoils: v.optional(v.boolean(), false),
  /** What is wrong with it and what is right, after the name of the line or step. */
  says: text,
  /** What is added to the step that does it, where that mends it. */
  add: v.optional(text),
  source: text,
});
export type Practice = v.InferOutput<typeof Practice>;

export const practices: readonly Practice[] = v.parse(v.array(Practice), rows);
