import * as v from 'valibot';
import rows from '../../../../data/reference/regimens.json' with { type: 'json' };
import { FamilyId } from './families.ts';
import { FoodId, foodOf } from './foods.ts';
import { HazardId } from './hazards.ts';

const text = v.pipe(v.string(), v.minLength(1));
const Food = v.pipe(
  FoodId,
  v.check((id) => foodOf(id) !== undefined, 'There is no food of that id.'),
);

/** A claim that a label or a seller may make and that answers what a rule asks. */
export const AnsweringClaim = v.picklist(['pasteurised', 'halal', 'kosher']);

const RegimenRule = v.strictObject({
  /** `never`: it is not eaten. `ask`: it depends on what Lupin does not know. */
  says: v.picklist(['never', 'ask']),
  /** What it is about: hazards, families, foods and all that is made from them; `itself`: the food only as it is, a whole nut and not its flour. */
  hazards: v.optional(v.array(HazardId), []),
  families: v.optional(v.array(FamilyId), []),
  foods: v.optional(v.array(Food), []),
  itself: v.optional(v.array(Food), []),
  /** Foods that it is not about, though they are of what is named. */
  but: v.optional(v.array(Food), []),
  /** It does not go for what has been warmed, has become hot right through, or has reached its core temperature. */
  unless: v.optional(v.picklist(['warmed', 'through', 'core'])),
  /** That a bought thing may hold a little of it does not matter. */
  ifSure: v.optional(v.boolean(), false),
  settledBy: v.optional(AnsweringClaim),
  /** A clause, lower case. */
  why: text,
});
export type RegimenRule = v.InferOutput<typeof RegimenRule>;

/**
 * A way of eating that is more than a list of hazards: some things never, some only cooked, some a question. What lies beyond its rules is
 * asked of the guest, and their clinician or custom goes before it.
 * @source in each row
 */
const Regimen = v.strictObject({
  id: text,
  name: text,
  /** How hosts call it. */
  words: v.pipe(v.array(text), v.minLength(1)),
  kind: v.picklist(['state', 'custom', 'illness', 'amounts']),
  /** A food made of several whose label nobody has read is a question for it, traces or not. */
  unread: v.optional(v.boolean(), false),
  /** What it is where somebody calls it an allergy. */
  asAllergy: v.optional(v.array(HazardId), []),
  /** Traces matter, unless the guest says otherwise. */
  strict: v.optional(v.boolean(), false),
  rules: v.pipe(v.array(RegimenRule), v.minLength(1)),
  /** Two kinds of food that are eaten at different meals. */
  apart: v.optional(v.strictObject({ one: v.array(HazardId), other: v.array(HazardId), why: text })),
  /** What Lupin does not follow: to go through with the guest. */
  asks: v.pipe(v.array(text), v.minLength(1)),
  source: text,
});
export type Regimen = v.InferOutput<typeof Regimen>;

export const regimens: readonly Regimen[] = v.parse(v.array(Regimen), rows);
export const RegimenId = v.picklist(
  regimens.map((regimen) => regimen.id),
  'This way of eating is not known.',
);

const byId = new Map(regimens.map((regimen) => [regimen.id, regimen]));

export function regimenOf(id: string): Regimen {
  const regimen = byId.get(id);
  if (!regimen) throw new Error(`No way of eating "${id}" in data/reference/regimens.json`);
  return regimen;
}

const neverOf = new Map(
  regimens.map(({ id, rules }) => [
    id,
    [
      ...new Set(
        rules.filter(({ says, unless }) => says === 'never' && unless === undefined).flatMap(({ hazards }) => hazards),
      ),
    ],
  ]),
);

/** The hazards that a way of eating has nothing of, however they are cooked. */
export const neverIn = (id: string): readonly HazardId[] => neverOf.get(id) ?? [];
