import * as v from 'valibot';
import { HazardId, MakerQuestionId } from '../reference/index.ts';
import { Day, Name } from './ids.ts';
import { LabelClaim } from './label.ts';

/** What the maker of a dish answered to one question, and when. */
export const MakerAnswer = v.strictObject({
  question: MakerQuestionId,
  answer: v.picklist(['yes', 'no', 'unsure'], 'An answer is yes, no or unsure.'),
  words: v.optional(v.pipe(v.string(), v.trim(), v.maxLength(1000, 'At most 1000 characters.')), ''),
  on: Day,
});
export type MakerAnswer = v.InferOutput<typeof MakerAnswer>;

/**
 * A dish that others cooked. It rests on what its maker answers, and the history of its kitchen is unknown:
 * for a no-trace guest it is *check* at best, unless it is bought sealed and its label was read.
 */
export const Brought = v.strictObject({
  how: v.picklist(['brought', 'bought'], 'A dish is brought by somebody or bought ready.'),
  by: Name,
  /** Sealed by its maker, with a label, and opened only here. */
  sealed: v.optional(v.boolean(), false),
  label: v.optional(
    v.strictObject({
      readOn: Day,
      contains: v.array(HazardId),
      mayContain: v.array(HazardId),
      claims: v.optional(v.array(LabelClaim), []),
    }),
  ),
  answers: v.optional(v.pipe(v.array(MakerAnswer), v.maxLength(20)), []),
});
export type Brought = v.InferOutput<typeof Brought>;
