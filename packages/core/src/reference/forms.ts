import * as v from 'valibot';
import formRows from '../../../../data/reference/forms.json' with { type: 'json' };
import { possibleOf, type PossibleHazard } from './foods.ts';
import { HazardId } from './hazards.ts';

const FormRow = v.strictObject({
  words: v.array(v.string()),
  /** Where it stands: before what it is said of ("breaded cod"), or after it ("pie filling"). */
  place: v.picklist(['before', 'after']),
  contains: v.optional(v.array(HazardId), []),
  doubts: v.array(v.string()),
  why: v.string(),
});

/** A word that makes of a food something that is made of several, whatever the food. */
export interface Form {
  readonly words: readonly string[];
  readonly place: 'before' | 'after';
  readonly contains: readonly HazardId[];
  readonly possible: readonly PossibleHazard[];
  readonly why: string;
}

const rows = v.parse(
  v.strictObject({
    /** Names in which such a word is no doubt: what they name is one thing. */
    plainNames: v.array(v.string()),
    forms: v.array(FormRow),
  }),
  formRows,
);

/** @source usual composition of foods sold under such names */
export const forms: readonly Form[] = rows.forms.map(({ doubts, ...form }) => ({
  ...form,
  possible: possibleOf(form.words[0]!, doubts),
}));

export const plainNames: readonly string[] = rows.plainNames;
