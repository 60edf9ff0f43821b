import * as v from 'valibot';
import file from '../../../../data/reference/density-doubt.json' with { type: 'json' };
import type { Food } from './foods.ts';

const share = v.pipe(v.number(), v.minValue(0), v.maxValue(0.5));
const { shelves, otherwise } = v.parse(
  v.strictObject({
    source: v.string(),
    shelves: v.array(v.strictObject({ aisle: v.string(), share })),
    otherwise: share,
  }),
  file,
);
const byAisle = new Map(shelves.map((each) => [each.aisle, each.share]));

/** How far a weight told from a volume of this food may be off, either way, as a share of it: 0.12 is ±12 %. @source data/reference/density-doubt.json */
export const densityDoubtOf = (food: Pick<Food, 'aisle'>): number => byAisle.get(food.aisle) ?? otherwise;
export const doubtedAisles: readonly string[] = [...byAisle.keys()];
