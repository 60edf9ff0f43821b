import * as v from 'valibot';
import rows from '../../../../data/reference/families.json' with { type: 'json' };

/** A family of foods that a guest can avoid as a whole. */
const FamilyRow = v.strictObject({ id: v.string(), name: v.string(), note: v.string(), source: v.string() });

export type Family = v.InferOutput<typeof FamilyRow>;
export const families: readonly Family[] = v.parse(v.array(FamilyRow), rows);
export const FamilyId = v.pipe(
  v.picklist(
    families.map((family) => family.id),
    'This family of foods is not known.',
  ),
  v.brand('FamilyId'),
);
export type FamilyId = v.InferOutput<typeof FamilyId>;

export function familyOf(id: FamilyId): Family {
  const family = families.find((each) => each.id === id);
  if (!family) throw new Error(`No family "${id}" in data/reference/families.json`);
  return family;
}
