import * as v from 'valibot';
import rows from '../../../../data/reference/substitutions.json' with { type: 'json' };
import { FoodId } from './foods.ts';

/** What an ingredient does in a dish: a swap must do the same job. */
export const roleNames = {
  binder: 'bind',
  'thickener': 'thicken',
  'coating-crumb': 'a crisp top',
  'structure-flour': 'structure',
  'fat-solid': 'shortening and flavour',
  'fat-liquid': 'cooking fat',
  'liquid-dairy': 'milky liquid',
  'cream-body': 'body and creaminess',
  'soft-cheese': 'fresh tang',
  'hard-cheese': 'salt and savour on top',
  crunch: 'crunch',
  umami: 'savour',
  stock: 'stock',
  sweetener: 'sweetness',
  spread: 'to spread',
  accompaniment: 'served with it',
} as const;
export const Role = v.picklist(Object.keys(roleNames) as (keyof typeof roleNames)[], 'This role is not known.');
export type Role = v.InferOutput<typeof Role>;

const SubstitutionRow = v.strictObject({
  id: v.string(),
  role: Role,
  /** The foods it can stand in for. */
  replaces: v.array(FoodId),
  /** What goes in instead; `ratio` is g per g of the food replaced. */
  with: v.array(v.strictObject({ food: FoodId, ratio: v.pipe(v.number(), v.minValue(0.001), v.maxValue(20)) })),
  /** What the cook does differently. */
  technique: v.string(),
  /** Minutes more (or less) for the steps that use it. */
  addMin: v.optional(v.pipe(v.number(), v.integer()), 0),
  /** How close it comes in taste and texture, 1 (another dish) to 5 (nobody notices). */
  closeness: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(5)),
  source: v.string(),
});

export type Substitution = v.InferOutput<typeof SubstitutionRow>;
export const substitutions: readonly Substitution[] = v.parse(v.array(SubstitutionRow), rows);

export function substitutionOf(id: string): Substitution | undefined {
  return substitutions.find((each) => each.id === id);
}
