import * as v from 'valibot';
import rows from '../../../../data/reference/diets.json' with { type: 'json' };
import { HazardId } from './hazards.ts';

const DietRow = v.strictObject({ id: v.string(), name: v.string(), avoids: v.array(HazardId), source: v.string() });

export type Diet = v.InferOutput<typeof DietRow>;
export const diets: readonly Diet[] = v.parse(v.array(DietRow), rows);
export const DietId = v.picklist(
  diets.map((diet) => diet.id),
  'This diet is not known.',
);

export function dietOf(id: string): Diet {
  const diet = diets.find((each) => each.id === id);
  if (!diet) throw new Error(`No diet "${id}" in data/reference/diets.json`);
  return diet;
}
