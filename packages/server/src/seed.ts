import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Kitchen, Person, Product, readOccasionFile, readRecipeFile, type Occasion, type Recipe } from '@lupin/core';
import * as v from 'valibot';
import type { Shelf } from './shelf.ts';
import type { Store } from './store.ts';

const json = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));

export function libraryRecipes(dataDir: string): Recipe[] {
  return readdirSync(join(dataDir, 'recipes'))
    .filter((file) => file.endsWith('.json'))
    .map((file) => readRecipeFile(json(join(dataDir, 'recipes', file))));
}

export function demoOccasions(dataDir: string): Occasion[] {
  const recipes = libraryRecipes(dataDir);
  return readdirSync(join(dataDir, 'occasions'))
    .filter((file) => file.endsWith('.json'))
    .map((file) => readOccasionFile(json(join(dataDir, 'occasions', file)), recipes));
}

/** Makes the document of a new occasion: the usual kitchen and courses, nobody invited yet. */
export function blankOccasion(dataDir: string): (id: string, name: string, date: string, serveAt: string) => unknown {
  const kitchen = v.parse(Kitchen, json(join(dataDir, 'kitchen.json')));
  return (id, name, date, serveAt) => ({
    format: 'lupin.occasion/2',
    id,
    name,
    date,
    serveAt,
    courses: [
      { id: 'starters', name: 'Starters', offsetMin: 0, enough: 0 },
      { id: 'mains', name: 'Mains', offsetMin: 30 },
      { id: 'sides', name: 'Sides', offsetMin: 30, enough: 2 },
      { id: 'desserts', name: 'Desserts', offsetMin: 90 },
    ],
    guests: [],
    dishes: [],
    recipes: [],
    kitchen,
    labels: [],
  });
}

/** The demo's address book and remembered products. */
function demoShelf(dataDir: string): { readonly people: readonly Person[]; readonly products: readonly Product[] } {
  return v.parse(
    v.strictObject({ people: v.array(Person), products: v.array(Product) }),
    json(join(dataDir, 'shelf.json')),
  );
}

/** Fills what is missing: the library always, the demo occasions and address book once, when asked for. Never touches what somebody changed. */
export async function seed(
  { store, shelf }: { readonly store: Store; readonly shelf: Shelf },
  dataDir: string,
  demo: boolean,
): Promise<void> {
  if ((await shelf.list('recipe')).length === 0)
    for (const recipe of libraryRecipes(dataDir)) await shelf.put('recipe', 0, recipe);
  if (!demo || (await store.list()).length > 0) return;
  for (const occasion of demoOccasions(dataDir)) await store.create(occasion);
  const { people, products } = demoShelf(dataDir);
  for (const person of people) await shelf.put('person', 0, person);
  for (const product of products) await shelf.put('product', 0, product);
}
