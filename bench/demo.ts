import { readdirSync, readFileSync } from 'node:fs';
import { readOccasionFile, readRecipeFile, type Occasion, type Recipe } from '@lupin/core';

const json = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));

export const libraryRecipes = (): Recipe[] =>
  readdirSync('data/recipes').map((file) => readRecipeFile(json(`data/recipes/${file}`)));

/** The benches run from the project's root. */
export function demo(name: string): Occasion {
  return readOccasionFile(json(`data/occasions/${name}.json`), libraryRecipes());
}

/** Best and median of several runs in ms: the machine is noisy, so the best says what the code can do. */
export function timed(runs: number, work: () => void): { readonly best: number; readonly median: number } {
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const from = performance.now();
    work();
    times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  return { best: times[0]!, median: times[Math.floor(times.length / 2)]! };
}

export const ms = (value: number): string => `${value < 10 ? value.toFixed(2) : value.toFixed(0)} ms`;
