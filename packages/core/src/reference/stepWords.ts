import * as v from 'valibot';
import file from '../../../../data/reference/step-words.json' with { type: 'json' };

const usual = v.tuple([v.number(), v.number(), v.number()]);
const File = v.strictObject({
  source: v.string(),
  /** Kit by its names, and the verbs that need it though nobody names it. */
  kit: v.array(v.strictObject({ kind: v.string(), words: v.array(v.string()), verbs: v.array(v.string()) })),
  /** Work that goes by itself; `usual`: least, likely and most minutes where a recipe names none. */
  passive: v.array(v.strictObject({ verb: v.string(), heat: v.optional(v.picklist(['oven', 'burner'])), usual })),
  burner: v.array(v.string()),
  /** Words that keep a cook at the pan. */
  busy: v.array(v.string()),
  activeUsual: v.array(v.strictObject({ verb: v.string(), usual })),
  /** Gas mark and °C. */
  gasMarks: v.array(v.tuple([v.number(), v.number()])),
});

/** How steps are worded. @source data/reference/step-words.json */
export const stepWords = v.parse(File, file);
