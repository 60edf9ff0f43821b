import * as v from 'valibot';
import rows from '../../../../data/reference/foods.json' with { type: 'json' };
import { HazardId } from './hazards.ts';

export const FoodId = v.pipe(v.string(), v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'A food id is lower-case words joined by hyphens.'), v.brand('FoodId'));
export type FoodId = v.InferOutput<typeof FoodId>;

const FoodRow = v.strictObject({
  id: FoodId,
  name: v.string(),
  /** Other names: US and UK words, common spellings. */
  aka: v.optional(v.array(v.string()), []),
  /** Families a guest can avoid as a whole: allium, legume, nightshade, citrus. */
  families: v.optional(v.array(v.string()), []),
  /** What a plain product of this name holds; silence about it would be a danger. */
  contains: v.optional(v.array(HazardId), []),
  /** What it may hold until the label is read, and why. */
  possible: v.optional(v.array(v.strictObject({ hazard: HazardId, why: v.string() })), []),
  /**
   * `single`: one ingredient, as grown or caught. `plain`: processed, yet of one ingredient (oil, sugar, flour).
   * `composite`: made of several; unread, it is never clear for a no-trace guest.
   */
  kind: v.picklist(['single', 'plain', 'composite']),
  densityGPerMl: v.optional(v.pipe(v.number(), v.minValue(0.05), v.maxValue(2))),
  /** Edible mass of one piece in g. */
  pieceG: v.optional(v.pipe(v.number(), v.minValue(0.1))),
  source: v.optional(v.string(), 'usual composition'),
});

export type Food = v.InferOutput<typeof FoodRow>;
export const foods: readonly Food[] = v.parse(v.array(FoodRow), rows);
const byId = new Map<string, Food>(foods.map((food) => [food.id, food]));

/** The catalogue entry, or undefined: an unknown food is the caller's *check*, never an error and never clear. */
export function foodOf(id: string): Food | undefined {
  return byId.get(id);
}
