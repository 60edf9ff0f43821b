import * as v from 'valibot';
import file from '../../../../data/reference/verbs.json' with { type: 'json' };

/**
 * What a verb does to food: `cut` on a board; `work` by hand; `mix` together; `move` to another place; `dress` at the end; `serve`; `fry`, `heat`
 * and `toast` on the hob with hands on it; `simmer` there by itself; `cook`, which says neither; `bake`, `grill`, `microwave`; `machine`; `chill`,
 * `freeze`; `wait`; `end` (drain, turn, lift out, set aside), which belongs to what it ends; `kit` and `oven`, which are no work on food.
 */
export const VerbClass = v.picklist([
  'cut',
  'work',
  'mix',
  'move',
  'dress',
  'serve',
  'fry',
  'heat',
  'toast',
  'simmer',
  'cook',
  'bake',
  'grill',
  'microwave',
  'machine',
  'chill',
  'freeze',
  'wait',
  'end',
  'kit',
  'oven',
]);
export type VerbClass = v.InferOutput<typeof VerbClass>;

const Verb = v.strictObject({
  verb: v.string(),
  does: VerbClass,
  /** Also the name of a thing or of its look. */
  noun: v.optional(v.boolean(), false),
  /** Done in passing before what comes next. */
  quick: v.optional(v.boolean(), false),
  /** Least, likely and most minutes where a recipe names none. */
  usual: v.tuple([v.number(), v.number(), v.number()]),
});
export type Verb = v.InferOutput<typeof Verb>;

/** How cooks name their work. @source data/reference/verbs.json */
export const verbs: readonly Verb[] = v.parse(v.strictObject({ source: v.string(), verbs: v.array(Verb) }), file).verbs;
