import * as v from 'valibot';
import { HazardId, Material } from '../reference/index.ts';
import { CookId, Name, UnitId } from './ids.ts';
import { KitKind, Pan } from './recipe.ts';

export const KitUnit = v.strictObject({
  id: UnitId,
  kind: KitKind,
  name: Name,
  material: Material,
  /** Minutes to wash it, hot water and detergent. */
  washMin: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(60)),
  /** Kept free from these: nothing that holds one of them is ever put on it. */
  keptFreeOf: v.optional(v.array(HazardId), []),
  /** Its inner measures, for what is baked or boiled in it. */
  vessel: v.optional(Pan),
});
export type KitUnit = v.InferOutput<typeof KitUnit>;

/** Minutes relative to serving (negative: before). */
const Moment = v.pipe(v.number(), v.integer(), v.minValue(-5760), v.maxValue(720));

export const Cook = v.strictObject({
  id: CookId,
  name: Name,
  /** When this cook is in the kitchen. */
  windows: v.pipe(v.array(v.strictObject({ fromMin: Moment, toMin: Moment })), v.minLength(1, 'A cook needs a time in the kitchen.'), v.maxLength(20)),
});
export type Cook = v.InferOutput<typeof Cook>;

export const Kitchen = v.strictObject({
  name: Name,
  kit: v.pipe(v.array(KitUnit), v.maxLength(200)),
  burners: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(12)),
  oven: v.strictObject({ racks: v.picklist([1, 2]), mostC: v.pipe(v.number(), v.minValue(150), v.maxValue(320)) }),
  cooks: v.pipe(v.array(Cook), v.minLength(1, 'Somebody must cook.'), v.maxLength(6)),
});
export type Kitchen = v.InferOutput<typeof Kitchen>;
