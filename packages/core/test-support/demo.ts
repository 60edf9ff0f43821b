import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readOccasionFile, readRecipeFile } from '../src/formats/index.ts';
import type { Occasion, Recipe } from '../src/model/index.ts';

const data = join(__dirname, '../../../data');
const json = (...path: string[]): unknown => JSON.parse(readFileSync(join(data, ...path), 'utf8'));

export const demoRecipes: readonly Recipe[] = readdirSync(join(data, 'recipes')).map((file) =>
  readRecipeFile(json('recipes', file)),
);

/** A fresh copy of a demo occasion, to be changed at will. */
export function demo(name: 'lantern-supper' | 'sunday-lunch' | 'allotment-lunch'): Occasion {
  return structuredClone(readOccasionFile(json('occasions', `${name}.json`), demoRecipes));
}
