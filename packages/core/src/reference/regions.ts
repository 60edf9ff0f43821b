import * as v from 'valibot';
import rows from '../../../../data/reference/regions.json' with { type: 'json' };
import { HazardId, hazardOf } from './hazards.ts';

/** A region and what its law asks to be declared on a label. A hazard that is not declared may be on no label at all. */
const RegionRow = v.strictObject({
  id: v.string(),
  name: v.string(),
  law: v.string(),
  declares: v.array(HazardId),
  note: v.string(),
});

export type Region = v.InferOutput<typeof RegionRow>;
export const regions: readonly Region[] = v.parse(v.array(RegionRow), rows);

/** Regions whose law does not ask for an allergen to be named: silence on a label from there says nothing of it. Empty for what is no allergen. */
export function unnamedIn(hazard: HazardId): readonly Region[] {
  return hazardOf(hazard).kind === 'allergen' ? regions.filter((region) => !region.declares.includes(hazard)) : [];
}
