import * as v from 'valibot';
import file from '../../../../data/reference/packages.json' with { type: 'json' };
import { FoodId } from './foods.ts';

const sizes = v.pipe(v.array(v.pipe(v.number(), v.minValue(0.1))), v.minLength(1));
const Row = v.union([
  v.strictObject({ food: FoodId, called: v.string(), massG: sizes }),
  v.strictObject({ food: FoodId, called: v.string(), volumeMl: sizes }),
  v.strictObject({ food: FoodId, called: v.string(), count: sizes }),
]);

/** How foods are usually sold. @source data/reference/packages.json */
export type UsualPackage = v.InferOutput<typeof Row>;
const rows = v.parse(v.strictObject({ source: v.string(), packages: v.array(Row) }), file).packages;
const byFood = new Map<string, UsualPackage>(rows.map((row) => [row.food, row]));
export const usualPackageOf = (food: string): UsualPackage | undefined => byFood.get(food);
export const packagedFoods: readonly FoodId[] = rows.map((row) => row.food);
