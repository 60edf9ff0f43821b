import * as v from 'valibot';
import claimRows from '../../../../data/reference/claims.json' with { type: 'json' };
import plainRows from '../../../../data/reference/plain-words.json' with { type: 'json' };
import wordRows from '../../../../data/reference/words.json' with { type: 'json' };
import { HazardId } from './hazards.ts';

const WordRow = v.strictObject({
  /** Words and phrases as a recipe or label has them. */
  words: v.array(v.string()),
  contains: v.optional(v.array(HazardId), []),
  possible: v.optional(v.array(HazardId), []),
  /** Groups that are only possible although a member is contained: gluten in malt vinegar. */
  lifts: v.optional(v.array(HazardId), []),
  /** `trap`: it looks like a hazard and is none, or names a plain thing that must not be taken for another. */
  kind: v.optional(v.literal('trap')),
  source: v.optional(v.string(), 'usual composition'),
});

const ClaimRow = v.strictObject({
  words: v.array(v.string()),
  removes: v.array(HazardId),
  weakens: v.array(HazardId),
  because: v.string(),
});

export type WordEntry = v.InferOutput<typeof WordRow>;
export type ClaimEntry = v.InferOutput<typeof ClaimRow>;

/** Words of recipes and labels, and what each brings. */
export const wordEntries: readonly WordEntry[] = v.parse(v.array(WordRow), wordRows);
/** What "X-free" removes, and what it only makes doubtful. */
export const claimEntries: readonly ClaimEntry[] = v.parse(v.array(ClaimRow), claimRows);
/** Words that are no food: measures, sizes, cuts, colours. */
export const plainWords: readonly string[] = v.parse(v.array(v.string()), plainRows);
