import { id } from '../../test-support/id.ts';
import { guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import type { Occasion } from '../model/index.ts';
import { choicesOf } from '../reading/index.ts';
import { versionRecipe } from '../versions/index.ts';
import { applyOffer, choicesAt, offersFor } from './offers.ts';

test.each([
  ['4 tbsp butter (or vegan butter)', ['butter', 'plant-spread']],
  ['100 g butter or margarine, melted', ['butter', 'margarine']],
  ['200 ml cream/oat cream', ['cream', 'oat-cream']],
  ['olive or sunflower oil', ['olive-oil', 'sunflower-oil']],
  ['peanut or almond butter', ['peanut-butter', 'almond-butter']],
  ['butter or oil', ['butter', 'oil']],
])('a line leaves a choice: %s', (text, foods) => {
  expect(choicesOf(text).map(({ food }) => food)).toEqual(foods);
});

test.each([
  ['one of them says more than a food of the catalogue', '300 ml milk or oat milk (contains wheat)'],
  ['one of them is not known', '2 tbsp butter or zorblax'],
  ['the line has something besides', 'salt and pepper or chilli'],
  ['a warning stands beside them', '50 g butter or oil; may contain gluten'],
  ['it is the number that is left open', '1 or 2 eggs'],
  ['there is but one', '100 g butter'],
])('nothing is chosen where %s', (_, text) => {
  expect(choicesOf(text)).toEqual([]);
});

/** A dish of one line as its words have it, for a host and a guest who must be kept from milk. */
const menu = (text: string, amount: object): Occasion =>
  occasion({
    guests: [guest('host'), guest('wren', noTrace('milk'))],
    recipes: [
      recipe(
        'mash',
        [line('fat', undefined, { text, amount }), line('potatoes', 'potato')],
        [step('melt', { title: 'Melt the butter', text: 'Melt the butter; mash.', uses: ['fat', 'potatoes'] })],
      ),
    ],
  });

const rowOf = (one: Occasion) => fit(one).rows[0]!;
const offered = (one: Occasion, scope: string) =>
  offersFor(one, rowOf(one), id('wren')).find((each) => each.scope === scope);
const taken = (one: Occasion): Occasion => ({
  ...one,
  dishes: [applyOffer(one.dishes[0]!, offered(one, 'own-version')!, id('wren'), id('wrens'), 'for Wren')],
});

test('what a line lets one choose is offered before anything else, and taken in one go: amount, words and verdict follow', () => {
  const one = menu('4 tbsp butter (or vegan butter)', { kind: 'volume', volumeMl: 60 });
  expect(rowOf(one).cells.get(id('wren'))!.judgement.verdict).toBe('check');
  const [first] = offered(one, 'own-version')!.lines[0]!.options;
  expect(first).toMatchObject({ foods: ['plant-spread'], breaks: [] });
  const after = taken(one);
  const made = versionRecipe(after, after.dishes[0]!, after.dishes[0]!.versions[1]!);
  expect(made.lines[0]).toMatchObject({ food: 'plant-spread', amount: { kind: 'volume', volumeMl: 60 } });
  expect(made.steps[0]).toMatchObject({ title: 'Melt the plant spread' });
  // What is a matter of the label now is asked of the label.
  const { reasons } = rowOf(after).cells.get(id('wren'))!.judgement;
  expect([...new Set(reasons.map(({ food }) => food))]).toEqual(['plant-spread']);
});

test('what is clear once it is chosen is clear; pieces stay so many pieces', () => {
  const one = menu('2 knobs of butter or olive oil', { kind: 'count', count: 2, piece: 'knobs' });
  const after = taken(one);
  expect(rowOf(after).cells.get(id('wren'))!.judgement.verdict).toBe('clear');
  const made = versionRecipe(after, after.dishes[0]!, after.dishes[0]!.versions[1]!);
  expect(made.lines[0]).toMatchObject({ food: 'olive-oil', amount: { kind: 'count', count: 2, piece: 'knobs' } });
});

test('what would hurt somebody who eats of it is never chosen', () => {
  const one = menu('2 tbsp butter or ghee', { kind: 'volume', volumeMl: 30 });
  for (const offer of offersFor(one, rowOf(one), id('wren')))
    for (const swap of offer.swaps)
      expect(swap).not.toMatchObject({ with: [{ food: expect.stringMatching(/butter|ghee/) }] });
  expect(rowOf(one).cells.get(id('wren'))!.judgement.verdict).toBe('conflict');
});

test('what is left to choose stands beside the line, whatever else is in the way; the eater whom one of them would hurt is named', () => {
  const plain = menu('4 tbsp butter (or vegan butter)', { kind: 'volume', volumeMl: 60 });
  const one = {
    ...plain,
    recipes: plain.recipes.map((each) => ({
      ...each,
      lines: each.lines.map((it) => (it.food === 'potato' ? { ...it, food: undefined, text: 'zorblax' } : it)),
    })),
  } as unknown as Occasion;
  const row = rowOf(one);
  const { version } = row.cells.get(id('wren'))!;
  expect(offersFor(one, row, id('wren'))).toEqual([]);
  expect(choicesAt(one, row, version, id('fat'))).toMatchObject([
    { name: 'butter', foods: ['butter'], breaks: ['wren'] },
    { name: 'vegan butter', foods: ['plant-spread'], breaks: [], asks: ['wren'] },
  ]);
  expect(choicesAt(one, row, version, id('potatoes'))).toEqual([]);
});
