import * as v from 'valibot';
import file from '../../../../data/reference/units.json' with { type: 'json' };

const words = v.pipe(v.array(v.string()), v.minLength(1));
const UnitRow = v.variant('kind', [
  v.strictObject({
    id: v.string(),
    kind: v.literal('mass'),
    words,
    g: v.number(),
    /** The words name the food too, which stays to be read. */ keepsFood: v.optional(v.boolean(), false),
  }),
  /** `usMl`: what it holds where the recipe is American. */
  v.strictObject({ id: v.string(), kind: v.literal('volume'), words, ml: v.number(), usMl: v.optional(v.number()) }),
  v.strictObject({ id: v.string(), kind: v.literal('piece'), words }),
  /** A measure by eye; `start…`: what to begin with before tasting, leaves weighing less. */
  v.strictObject({
    id: v.string(),
    kind: v.literal('loose'),
    words,
    startG: v.optional(v.number()),
    startLeafG: v.optional(v.number()),
    startMl: v.optional(v.number()),
  }),
]);

/** A unit of measure as cooks write it. @source in data/reference/units.json */
export type Unit = v.InferOutput<typeof UnitRow>;
export const units: readonly Unit[] = v.parse(
  v.strictObject({ source: v.string(), units: v.array(UnitRow) }),
  file,
).units;
