import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Kitchen, readOccasionFile, readRecipeFile, type Occasion, type Recipe } from '@lupin/core';
import * as v from 'valibot';
import type { Store } from './store.ts';

const json = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));

export function libraryRecipes(dataDir: string): Recipe[] {
  return readdirSync(join(dataDir, 'recipes')).filter((file) => file.endsWith('.json')).map((file) => readRecipeFile(json(join(dataDir, 'recipes', file))));
}

export function demoOccasions(dataDir: string): Occasion[] {
  const recipes = libraryRecipes(dataDir);
  return readdirSync(join(dataDir, 'occasions')).filter((file) => file.endsWith('.json')).map((file) => readOccasionFile(json(join(dataDir, 'occasions', file)), recipes));
}

/** Makes the document of a new occasion: the usual kitchen and courses, nobody invited yet. */
export function blankOccasion(dataDir: string): (id: string, name: string, date: string, serveAt: string) => unknown {
  const kitchen = v.parse(Kitchen, json(join(dataDir, 'kitchen.json')));
  return (id, name, date, serveAt) => ({
    format: 'lupin.occasion/1', id, name, date, serveAt,
    courses: [{ id: 'starters', name: 'Starters', offsetMin: 0, enough: 0 }, { id: 'mains', name: 'Mains', offsetMin: 30 }, { id: 'sides', name: 'Sides', offsetMin: 30 }, { id: 'desserts', name: 'Desserts', offsetMin: 90 }],
    guests: [], dishes: [], recipes: [], kitchen, labels: [],
  });
}

/** Fills what is missing: the library always, the demo occasions once, when asked for. Never touches what somebody changed. */
export async function seed(store: Store, dataDir: string, demo: boolean): Promise<void> {
  if ((await store.recipes()).length === 0) await store.addRecipes(libraryRecipes(dataDir));
  if (demo && (await store.list()).length === 0) for (const occasion of demoOccasions(dataDir)) await store.create(occasion);
}
