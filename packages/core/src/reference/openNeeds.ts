import * as v from 'valibot';
import rows from '../../../../data/reference/open-needs.json' with { type: 'json' };

const text = v.pipe(v.string(), v.minLength(1));

/**
 * Needs that Lupin knows the word of and does not judge, because they are of amounts, states or custom: what to ask whoever has one.
 * @source in each row
 */
export const openNeeds = v.parse(
  v.array(
    v.strictObject({
      id: text,
      name: text,
      words: v.pipe(v.array(text), v.minLength(1)),
      /** What to go through with the guest, each a few words. */
      asks: v.pipe(v.array(text), v.minLength(2)),
      source: text,
    }),
  ),
  rows,
);
export type OpenNeedFacts = (typeof openNeeds)[number];
