import * as v from 'valibot';
import rows from '../../../../data/reference/kit-kinds.json' with { type: 'json' };

const KitKindRow = v.strictObject({
  kind: v.string(),
  /**
   * Whether food is left in it when a step is over: `machine`, only where nothing else is at hand; `in-passing`, not where what comes next is
   * done in something else: what is fried is taken out when it is done.
   */
  holds: v.picklist(['food', 'machine', 'in-passing', 'nothing']),
  /** Whether it can stand in the oven, on the hob, and go to the table. */
  oven: v.boolean(),
  hob: v.boolean(),
  table: v.boolean(),
  /** It heats by itself what is in it, with neither oven nor hob. */
  heats: v.optional(v.boolean(), false),
});

/** What a kind of kit can do for food. @source kitchen practice; a row of data/reference/kit-kinds.json */
export type KitKindFacts = v.InferOutput<typeof KitKindRow>;

const byKind = new Map(v.parse(v.array(KitKindRow), rows).map((row) => [row.kind, row]));

/** Throws for a kind that has no row; a test holds the table against the kinds there are. */
export function kitKindOf(kind: string): KitKindFacts {
  const row = byKind.get(kind);
  if (!row) throw new Error(`No row for kit of kind ${kind}.`);
  return row;
}
