import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { fit } from '../fit/index.ts';
import { versionRecipe } from '../versions/index.ts';
import { adaptable, applyOffer, cellKey, offersFor, type Scope } from './offers.ts';

const lantern = demo('lantern-supper');
const table = fit(lantern);
const offers = (dish: string, guest: string) =>
  offersFor(
    lantern,
    table.rows.find((row) => row.dish.id === dish)!,
    id(guest),
  );
const offer = (dish: string, guest: string, scope: Scope) => offers(dish, guest).find((each) => each.scope === scope);

function taken(dishId: string, guest: string, scope: Scope) {
  const one = structuredClone(lantern);
  const at = one.dishes.findIndex((each) => each.id === dishId);
  one.dishes[at] = applyOffer(one.dishes[at]!, offer(dishId, guest, scope)!, id(guest), id('other'), 'another');
  return one;
}

test('breadcrumbs in the way of a coeliac: offered for all, best first, and it works', () => {
  const everyone = offer('gratin', 'oriel', 'everyone')!;
  expect(everyone.lines.map((each) => each.words)).toEqual(['60 g fresh breadcrumbs']);
  expect(everyone.lines[0]!.options[0]).toMatchObject({ brings: 'clear' });
  const after = fit(taken('gratin', 'oriel', 'everyone')).rows.find((row) => row.dish.id === 'gratin')!;
  expect(after.cells.get(id('oriel'))!.judgement.verdict).toBe('clear');
});

test('what was changed for all is not called “as written” any more', () => {
  expect(taken('gratin', 'oriel', 'everyone').dishes.find((each) => each.id === 'gratin')!.versions[0]!.name).toBe(
    'changed for all',
  );
});

test('an option that breaks somebody who shares the dish is named, never chosen', () => {
  for (const row of table.rows) {
    for (const guest of lantern.guests) {
      for (const each of offersFor(lantern, row, guest.id)) {
        for (const line of each.lines) {
          const chosen = line.options.find((option) =>
            each.swaps.some((swap) => JSON.stringify(swap) === JSON.stringify(option.swap)),
          );
          expect(chosen?.breaks).toEqual([]);
        }
      }
    }
  }
});

test('no offer, taken, makes any guest of the dish worse off than a check, nor leaves the asking guest in conflict', () => {
  for (const row of table.rows) {
    for (const guest of lantern.guests) {
      for (const { scope } of offersFor(lantern, row, guest.id)) {
        const after = fit(taken(row.dish.id, guest.id, scope)).rows.find((each) => each.dish.id === row.dish.id)!;
        expect([row.dish.id, guest.id, after.cells.get(guest.id)!.judgement.verdict]).not.toEqual([
          row.dish.id,
          guest.id,
          'conflict',
        ]);
        for (const other of lantern.guests) {
          if (row.cells.get(other.id)!.judgement.verdict === 'conflict') continue;
          expect([row.dish.id, other.id, after.cells.get(other.id)!.judgement.verdict]).not.toEqual([
            row.dish.id,
            other.id,
            'conflict',
          ]);
        }
      }
    }
  }
});

test('a second version takes in all whom the same swaps help, and steps and lines follow', () => {
  const one = taken('gratin', 'lena', 'own-version');
  const gratin = one.dishes.find((each) => each.id === 'gratin')!;
  const version = gratin.versions[1]!;
  expect(version.guests).toContain('lena');
  const recipe = versionRecipe(one, gratin, version);
  expect(recipe.lines.map((line) => line.food)).not.toContain('cream');
  const used = new Set(recipe.steps.flatMap((each) => each.uses));
  expect(recipe.lines.filter((line) => !used.has(line.id))).toEqual([]);
  expect(
    recipe.steps.flatMap((each) => each.uses).filter((id) => !recipe.lines.some((line) => line.id === id)),
  ).toEqual([]);
});

test('duck for a vegan stays a conflict; a gratin is adaptable', () => {
  const shown = adaptable(lantern, table);
  expect(shown.get(cellKey('duck', 'lena'))).toBe('conflict');
  expect(shown.get(cellKey('gratin', 'lena'))).toBe('adaptable');
  expect(offers('roots', 'oriel')).toEqual([]);
});
