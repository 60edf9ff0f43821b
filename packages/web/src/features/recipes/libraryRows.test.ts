import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as v from 'valibot';
import { Guest, Recipe } from '@lupin/core';
import { rowOf, wantedOf, type Wanted } from './libraryRows.ts';

const folder = join(__dirname, '../../../../../data/recipes');
const library = readdirSync(folder).map((file) =>
  v.parse(Recipe, JSON.parse(readFileSync(join(folder, file), 'utf8'))),
);
const rows = library.map((recipe) => rowOf(recipe, (id) => library.find((each) => each.id === id)));
const nothing: Wanted = { search: '', guest: undefined, mostByHandMin: undefined, isAhead: false };
const found = (wanted: Partial<Wanted>) =>
  wantedOf(rows, { ...nothing, ...wanted }).map(({ recipe, verdict }) => ({ id: recipe.id as string, verdict }));
const ids = (wanted: Partial<Wanted>) => found(wanted).map(({ id }) => id);
const who = (need: object) => v.parse(Guest, { id: 'g', name: 'G', needs: [{ id: 'n', ...need }] });

test('with nothing wanted all are there, and nobody is judged', () => {
  expect(found({})).toHaveLength(library.length);
  expect(found({}).every(({ verdict }) => verdict === undefined)).toBe(true);
  expect(library.length).toBeGreaterThanOrEqual(80);
});

test('for whom: what holds it is gone, what may hold it is there and says so', () => {
  const vegan = who({ kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' });
  expect(ids({ guest: vegan })).toEqual(expect.arrayContaining(['lentil-lasagne', 'white-bean-dip', 'spinach-dal']));
  expect(ids({ guest: vegan })).not.toEqual(expect.arrayContaining(['roast-turkey']));
  const coeliac = who({ kind: 'hazard', hazard: 'gluten', strictness: 'no-trace' });
  expect(found({ guest: coeliac })).toContainEqual({ id: 'free-from-birthday-cake', verdict: 'check' });
  expect(ids({ guest: coeliac })).not.toContain('pecan-pie');
  const halal = who({ kind: 'regimen', regimen: 'halal', strictness: 'not-ingredient' });
  expect(ids({ guest: halal })).not.toContain('sausages-in-bacon');
});

test('by words, and without words; by the time of hands; by whether it can be made the day before', () => {
  expect(ids({ search: 'lentil roast' })).toEqual(['lentil-roast']);
  expect(ids({ search: 'pie -pecan -pumpkin' })).not.toContain('pecan-pie');
  const quick = new Set(ids({ mostByHandMin: 15 }));
  expect([quick.has('cranberry-sauce'), quick.has('vegetable-dumplings')]).toEqual([true, false]);
  const ahead = new Set(ids({ isAhead: true }));
  expect([ahead.has('cranberry-sauce'), ahead.has('batter-puddings')]).toEqual([true, false]);
});
