import * as v from 'valibot';
import { DietId, FamilyId, FoodId, HazardId, RegimenId } from '../reference/index.ts';
import { Day, GuestId, Name, NeedId, PersonId, Words } from './ids.ts';

/**
 * How strictly a need is meant. `no-trace`: traces, precautions, unread composite foods and unclean kit matter.
 * `not-ingredient`: it must not be in the food on purpose; traces do not matter to a choice, and are a question for an allergy.
 * `prefers-not`: a wish; at worst a note.
 */
export const Strictness = v.picklist(
  ['no-trace', 'not-ingredient', 'prefers-not'],
  'Strictness is no-trace, not-ingredient or prefers-not.',
);
export type Strictness = v.InferOutput<typeof Strictness>;

const Short = v.pipe(v.string(), v.trim(), v.maxLength(300, 'At most 300 characters.'));

/**
 * What a guest eats although the need would forbid it, in their own word (no milk, but ghee was agreed).
 * It never loosens what is kept apart, and with "no trace" it stays a *check*.
 */
export const NeedException = v.strictObject({
  food: FoodId,
  words: v.pipe(Short, v.minLength(1, 'What did the guest say? Their own words.')),
  agreedOn: v.optional(Day),
});
export type NeedException = v.InferOutput<typeof NeedException>;

const common = {
  id: NeedId,
  strictness: Strictness,
  exceptions: v.optional(v.pipe(v.array(NeedException), v.maxLength(20)), []),
  note: v.optional(Short, ''),
};

/** What a guest must or would rather avoid. An `open` need is text nobody has understood yet: it makes every dish a *check*. */
export const Need = v.variant(
  'kind',
  [
    v.strictObject({
      ...common,
      kind: v.literal('hazard'),
      hazard: HazardId,
      /** Grain goods only with a label that calls them gluten-free. */ certifiedOnly: v.optional(v.boolean(), false),
    }),
    v.strictObject({ ...common, kind: v.literal('diet'), diet: DietId }),
    v.strictObject({ ...common, kind: v.literal('regimen'), regimen: RegimenId }),
    v.strictObject({ ...common, kind: v.literal('family'), family: FamilyId }),
    v.strictObject({ ...common, kind: v.literal('food'), food: FoodId }),
    v.strictObject({
      id: NeedId,
      kind: v.literal('open'),
      text: v.pipe(
        v.string(),
        v.trim(),
        v.minLength(1, 'Say what it is.'),
        v.maxLength(300, 'At most 300 characters.'),
      ),
    }),
  ],
  'A need is a hazard, a diet, a way of eating, a family of foods, a food or an open question.',
);
export type Need = v.InferOutput<typeof Need>;

export const Appetite = v.picklist(['child', 'adult', 'big-eater'], 'Appetite is child, adult or big-eater.');
export type Appetite = v.InferOutput<typeof Appetite>;

export const Guest = v.strictObject({
  id: GuestId,
  name: Name,
  /** Who this is in the address book; absent for a guest known here only. */
  person: v.optional(PersonId),
  appetite: v.optional(Appetite, 'adult'),
  needs: v.pipe(v.array(Need), v.maxLength(30, 'At most 30 needs.')),
  /** The day on which the needs were last confirmed with the guest; absent means never asked. */
  confirmedOn: v.optional(Day),
  note: v.optional(Words, ''),
});
export type Guest = v.InferOutput<typeof Guest>;

/** Somebody in the address book: what is known of them between occasions. */
export const Person = v.strictObject({
  id: PersonId,
  name: Name,
  appetite: v.optional(Appetite, 'adult'),
  needs: v.pipe(v.array(Need), v.maxLength(30, 'At most 30 needs.')),
  confirmedOn: v.optional(Day),
  note: v.optional(Words, ''),
});
export type Person = v.InferOutput<typeof Person>;
