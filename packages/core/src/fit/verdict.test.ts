import * as fc from 'fast-check';
import * as v from 'valibot';
import { line, noTrace } from '../../test-support/small.ts';
import { foods, hazards } from '../reference/index.ts';
import { Guest, IngredientLine, LabelRecord, type Strictness } from '../model/index.ts';
import { lineEvidence } from '../exposure/index.ts';
import { judge, type Verdict } from './verdict.ts';

const guest = (...needs: unknown[]) => v.parse(Guest, { id: 'g', name: 'Gwen', needs });
const avoids = (hazard: string, strictness: Strictness) => guest({ id: 'n', kind: 'hazard', hazard, strictness });
const diet = (name: string, strictness: Strictness = 'not-ingredient') => guest({ id: 'n', kind: 'diet', diet: name, strictness });
const lines = (...names: (string | undefined)[]) => names.map((food, i) => v.parse(IngredientLine, line(`l${i}`, food)));
const evidenceOf = (all: readonly IngredientLine[], labels: readonly LabelRecord[] = []) => all.flatMap((each) => lineEvidence(each, labels));
const verdict = (who: Guest, ...names: (string | undefined)[]): Verdict => judge(who, evidenceOf(lines(...names))).verdict;
const label = (food: string, contains: string[], mayContain: string[], more: object = {}) => v.parse(LabelRecord, { food, product: 'Packet', readOn: '2026-11-01', contains, mayContain, ...more });

describe('what a cook would say', () => {
  const cases: readonly [string, Guest, string | undefined, Verdict][] = [
    ['bread for a coeliac', avoids('gluten', 'no-trace'), 'breadcrumbs', 'conflict'],
    ['plain oats for a coeliac', avoids('gluten', 'no-trace'), 'rolled-oats', 'check'],
    ['certified oats for a coeliac', avoids('gluten', 'no-trace'), 'gf-oats', 'clear'],
    ['a stock cube nobody has read', avoids('gluten', 'no-trace'), 'vegetable-stock-cube', 'check'],
    ['butter for lactose only', avoids('lactose', 'not-ingredient'), 'butter', 'check'],
    ['aged cheese for lactose only', avoids('lactose', 'not-ingredient'), 'aged-hard-cheese', 'clear'],
    ['aged cheese for a milk allergy', avoids('milk', 'no-trace'), 'aged-hard-cheese', 'conflict'],
    ['lactose-free milk for a milk allergy', avoids('milk', 'no-trace'), 'lactose-free-milk', 'conflict'],
    ['walnuts for a nut allergy', avoids('tree-nut', 'no-trace'), 'walnut', 'conflict'],
    ['walnuts, packed beside other nuts, for a cashew allergy', avoids('cashew', 'no-trace'), 'walnut', 'check'],
    ['pecans for a walnut allergy', avoids('walnut', 'no-trace'), 'pecans', 'check'],
    ['coconut for a nut allergy', avoids('tree-nut', 'no-trace'), 'coconut-cream', 'check'],
    ['coconut for a peanut allergy', avoids('peanut', 'no-trace'), 'coconut-oil', 'clear'],
    ['honey for a vegan', diet('vegan'), 'honey', 'conflict'],
    ['aged cheese for a vegetarian: rennet', diet('vegetarian'), 'aged-hard-cheese', 'check'],
    ['a mustard jar for a vegan', diet('vegan'), 'mustard-prepared', 'clear'],
    ['bread for somebody who would rather not', avoids('wheat', 'prefers-not'), 'breadcrumbs', 'clear'],
    ['words nobody understands, for a vegan', diet('vegan'), undefined, 'check'],
    ['words nobody understands, for nobody in particular', guest(), undefined, 'clear'],
    ['an unread composite for a sesame allergy', avoids('sesame', 'no-trace'), 'pomegranate-molasses', 'check'],
    ['an unread composite for a sesame choice', avoids('sesame', 'not-ingredient'), 'pomegranate-molasses', 'clear'],
    ['garlic for somebody who eats none', guest({ id: 'n', kind: 'food', food: 'garlic', strictness: 'not-ingredient' }), 'garlic', 'conflict'],
    ['a stock cube for somebody who eats no garlic', guest({ id: 'n', kind: 'food', food: 'garlic', strictness: 'not-ingredient' }), 'vegetable-stock-cube', 'check'],
  ];
  test.each(cases)('%s', (_, who, food, expected) => expect(verdict(who, food)).toBe(expected));
});

test('a need nobody has understood makes even plain potatoes a check', () => {
  expect(verdict(guest({ id: 'q', kind: 'open', text: 'nothing blue' }), 'potato')).toBe('check');
});

test('no trace of a single food is never clear: its residues are not followed', () => {
  expect(verdict(guest({ id: 'n', kind: 'food', food: 'garlic', strictness: 'no-trace' }), 'potato')).toBe('check');
});

test('a wish that is not met is a note, with its words', () => {
  const judgement = judge(avoids('mustard', 'prefers-not'), evidenceOf(lines('mustard-prepared')));
  expect(judgement).toMatchObject({ verdict: 'clear', notes: [{ chain: ['Gwen: prefers no mustard, not yet confirmed with them', '“100 g mustard-prepared”', 'Prepared mustard: holds mustard.'] }] });
});

describe('labels', () => {
  const cube = lines('vegetable-stock-cube');
  const milk = avoids('milk', 'no-trace');
  test('read and without it: clear', () => expect(judge(milk, evidenceOf(cube, [label('vegetable-stock-cube', [], [])])).verdict).toBe('clear'));
  test('read and listed: conflict', () => expect(judge(milk, evidenceOf(cube, [label('vegetable-stock-cube', ['milk'], [])])).verdict).toBe('conflict'));
  test('"may contain" is a check for no trace, and nothing to a vegan by choice', () => {
    const evidence = evidenceOf(cube, [label('vegetable-stock-cube', [], ['milk'])]);
    expect(judge(milk, evidence).verdict).toBe('check');
    expect(judge(diet('vegan'), evidence).verdict).toBe('clear');
    expect(judge(avoids('milk', 'not-ingredient'), evidence).verdict).toBe('check');
  });
  test('a label never takes away what the food is made of', () => {
    expect(judge(milk, evidenceOf(lines('butter'), [label('butter', [], [])])).verdict).toBe('conflict');
  });
  test('read for hazards, a label says nothing of garlic unless it was looked for', () => {
    const noGarlic = guest({ id: 'n', kind: 'food', food: 'garlic', strictness: 'not-ingredient' });
    const read = (more: object) => { const labels = [label('vegetable-stock-cube', [], [], more)]; return judge(noGarlic, evidenceOf(cube, labels), labels).verdict; };
    expect(read({})).toBe('check');
    expect(read({ foodsAbsent: ['garlic'] })).toBe('clear');
    expect(read({ foodsFound: ['garlic'] })).toBe('conflict');
  });
  test('of two labels the later one counts', () => {
    const labels = [{ ...label('vegetable-stock-cube', ['milk'], []), readOn: '2026-01-01' }, { ...label('vegetable-stock-cube', [], []), readOn: '2026-10-01' }];
    expect(judge(milk, evidenceOf(cube, labels)).verdict).toBe('clear');
    expect(judge(milk, evidenceOf(cube, [...labels].reverse())).verdict).toBe('clear');
  });
});

describe('what must always hold', () => {
  const rank = { clear: 0, check: 1, conflict: 2 };
  const food = fc.constantFrom(...foods.map((each) => each.id as string), undefined);
  const hazard = fc.constantFrom(...hazards.filter((each) => each.kind !== 'raw').map((each) => each.id as string));
  const strictness = fc.constantFrom<Strictness>('no-trace', 'not-ingredient', 'prefers-not');

  test('one more ingredient never makes a verdict better', () => {
    fc.assert(fc.property(fc.array(food, { maxLength: 6 }), food, hazard, strictness, (some, more, what, how) => {
      expect(rank[verdict(avoids(what, how), ...some, more)]).toBeGreaterThanOrEqual(rank[verdict(avoids(what, how), ...some)]);
    }));
  });
  test('a stricter need never makes it better', () => {
    fc.assert(fc.property(fc.array(food, { maxLength: 6 }), hazard, (some, what) => {
      const [strict, middle, loose] = (['no-trace', 'not-ingredient', 'prefers-not'] as const).map((how) => rank[verdict(avoids(what, how), ...some)]);
      expect(strict).toBeGreaterThanOrEqual(middle!);
      expect(middle).toBeGreaterThanOrEqual(loose!);
    }));
  });
  test('the order of ingredients does not matter', () => {
    fc.assert(fc.property(fc.array(food, { maxLength: 8 }), hazard, strictness, (some, what, how) => {
      expect(verdict(avoids(what, how), ...some)).toBe(verdict(avoids(what, how), ...[...some].reverse()));
    }));
  });
  test('what is clear for a no-trace guest holds nothing unread, unknown or possible of it', () => {
    fc.assert(fc.property(fc.array(food, { minLength: 1, maxLength: 6 }), hazard, (some, what) => {
      if (verdict(guest(noTrace(what)), ...some) !== 'clear') return;
      for (const each of evidenceOf(lines(...some))) {
        expect(each.about.kind).not.toMatch(/unread|unknown/);
        expect(each.about.kind === 'hazard' ? each.about.hazard : '').not.toBe(what);
      }
    }));
  });
});
