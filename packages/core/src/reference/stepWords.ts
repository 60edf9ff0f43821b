import * as v from 'valibot';
import file from '../../../../data/reference/step-words.json' with { type: 'json' };

const File = v.strictObject({
  source: v.string(),
  /** Kit by its names, and the verbs that need it though nobody names it. */
  kit: v.array(v.strictObject({ kind: v.string(), words: v.array(v.string()), verbs: v.array(v.string()) })),
  /** Words that keep a cook at the pan. */
  busy: v.array(v.string()),
  /** What cooks call an oven without a figure, and about what it is in °C. */
  ovenWords: v.array(v.tuple([v.string(), v.number()])),
  /** Gas mark and °C. */
  gasMarks: v.array(v.tuple([v.number(), v.number()])),
});

/** How steps are worded. @source data/reference/step-words.json */
export const stepWords = v.parse(File, file);
