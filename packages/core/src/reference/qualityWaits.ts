import * as v from 'valibot';
import rows from '../../../../data/reference/quality-waits.json' with { type: 'json' };
import { Keeping } from './keeping.ts';

const words = v.pipe(
  v.array(v.string()),
  v.transform((stems) => new RegExp(`\\b(?:${stems.join('|')})`, 'i')),
);

const QualityWaitRow = v.strictObject({
  id: v.string(),
  /** What the wait does to it, in a clause. */
  means: v.string(),
  /** What is in it by then: one of these foods, or of what keeps like this, and none of `without`. */
  of: v.optional(
    v.strictObject({
      foods: v.optional(v.array(v.string()), []),
      keeping: v.optional(v.array(Keeping), []),
      without: v.optional(v.array(v.string()), []),
      /** Only where something wet has come to it. */
      isWet: v.optional(v.boolean(), false),
    }),
  ),
  /** The step that it waits after. */
  step: v.strictObject({ heats: v.boolean(), says: v.optional(words), saysNot: v.optional(words) }),
  /** What it waits for. */
  next: v.optional(
    v.strictObject({
      heats: v.boolean(),
      samePiece: v.optional(v.boolean(), false),
      /** Nothing else comes into it from another step. */
      isOnly: v.optional(v.boolean(), false),
      /** It is nothing but a wait, in the room. */
      isWait: v.optional(v.boolean(), false),
    }),
  ),
  /** How long it may stand in the room at once, in minutes. */
  standsMin: v.number(),
  /** How long it may be in the fridge instead, in minutes; absent: the fridge does not help it. */
  coldMin: v.optional(v.number()),
  source: v.string(),
});

/** How long food may wait, between two steps, before it is less good, where its recipe does not say: a row of data/reference/quality-waits.json. */
export type QualityWait = v.InferOutput<typeof QualityWaitRow>;

export const qualityWaits: readonly QualityWait[] = v.parse(v.array(QualityWaitRow), rows);
