import * as v from 'valibot';
import file from '../../../../data/reference/cuts.json' with { type: 'json' };

const File = v.strictObject({
  source: v.string(),
  work: v.array(v.strictObject({ verb: v.string(), done: v.string() })),
  /** How it is cut, by words that say so; other words of one `name` say the same. */
  manner: v.array(v.strictObject({ name: v.string(), words: v.array(v.string()) })),
});

/** What is done to fruit and vegetables before they are cooked, and in what manner. @source data/reference/cuts.json */
export const cuts = v.parse(File, file);
