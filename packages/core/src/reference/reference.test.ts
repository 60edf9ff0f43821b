import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  bearingOf,
  cleaningOf,
  densityDoubtOf,
  diets,
  doubtedAisles,
  foodOf,
  foods,
  hazards,
  piecedFoods,
  pieceWeightG,
  HazardId,
  materials,
  membersOf,
  qualityWaits,
  substitutions,
} from './index.ts';
import * as v from 'valibot';

const id = (text: string) => v.parse(HazardId, text);

test('every fact has a source, and no id stands twice', () => {
  for (const rows of [hazards, foods, diets, substitutions, qualityWaits]) {
    expect(rows.filter((row) => row.source.trim() === '')).toEqual([]);
    expect(new Set(rows.map((row) => row.id)).size).toBe(rows.length);
  }
  for (const material of materials) expect(cleaningOf(material).source).not.toBe('');
});

test('what a food contains it does not also possibly contain; possible hazards say why', () => {
  for (const food of foods) {
    for (const { hazard, why } of food.possible) {
      expect([food.id, food.contains.includes(hazard)]).toEqual([food.id, false]);
      expect(why.length).toBeGreaterThan(10);
    }
  }
});

test('a swap stands in for foods that exist, with foods that exist, and never with the food itself', () => {
  for (const { id: name, replaces, with: parts } of substitutions) {
    for (const food of [...replaces, ...parts.map((part) => part.food)])
      expect([name, foodOf(food)?.id]).toEqual([name, food]);
    expect(parts.some((part) => replaces.includes(part.food))).toBe(false);
  }
});

test('every food of a recipe in the library is in the catalogue', () => {
  const folder = join(__dirname, '../../../../data/recipes');
  for (const file of readdirSync(folder)) {
    const { lines } = JSON.parse(readFileSync(join(folder, file), 'utf8')) as {
      lines: { food: string; component?: string }[];
    };
    expect(lines.filter((line) => line.component === undefined && !foodOf(line.food))).toEqual([]);
  }
});

test.each([
  ['walnut', 'tree-nut', 'same'],
  ['pine-nut', 'tree-nut', 'same'],
  ['wheat', 'gluten', 'same'],
  ['tree-nut', 'walnut', 'maybe'],
  ['gluten', 'wheat', 'maybe'],
  ['pecan', 'walnut', 'related'],
  ['pistachio', 'cashew', 'related'],
  ['lupin', 'peanut', 'related'],
  ['mollusc', 'crustacean', 'related'],
  ['coconut', 'tree-nut', 'related'],
  ['coconut', 'walnut', 'none'],
  ['peanut', 'tree-nut', 'none'],
  ['oats', 'gluten', 'none'],
  ['milk', 'egg', 'none'],
])('%s found, %s avoided: %s', (found, avoided, bearing) => {
  expect(bearingOf(id(found), id(avoided))).toBe(bearing);
});

test('gluten is wheat, barley and rye; oats bring it by the catalogue, not by being oats', () => {
  expect(membersOf(id('gluten'))).toEqual(['wheat', 'barley', 'rye']);
  expect(foodOf('rolled-oats')!.possible.map((each) => each.hazard)).toContain('gluten');
  expect(foodOf('gf-oats')!.possible).toEqual([]);
});

test('waits that spoil a dish are of foods that are there', () => {
  const named = qualityWaits.flatMap(({ of }) => [...(of?.foods ?? []), ...(of?.without ?? [])]);
  expect(named.filter((food) => !foodOf(food))).toEqual([]);
});

test('pieces that were weighed are of foods that are there', () => {
  expect(piecedFoods.filter((id) => !foodOf(id))).toEqual([]);
});

test.each([
  ['garlic', 'cloves', 4],
  ['garlic', 'large cloves', 5.6],
  ['garlic', 'head', 45],
  ['egg', 'medium', 45],
  ['parsley', 'small bunch', 21],
  ['chicken-stock-cube', 'cube', 10],
  ['onion', '', 140],
] as const)('one %s, “%s”, weighs %d g', (food, piece, massG) => {
  expect(pieceWeightG(foodOf(food)!, piece)).toBeCloseTo(massG, 5);
});

test('shelves whose cups are doubted are shelves that there are; no food with a density goes without', () => {
  const aisles = new Set(foods.map((food) => food.aisle));
  expect(doubtedAisles.filter((aisle) => !aisles.has(aisle))).toEqual([]);
  for (const food of foods) if (food.densityGPerMl !== undefined) expect(densityDoubtOf(food)).toBeGreaterThan(0);
});
