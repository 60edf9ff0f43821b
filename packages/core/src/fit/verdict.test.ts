import * as v from 'valibot';
import { avoids, diet, evidenceOf, guest, lines, verdict } from '../../test-support/judging.ts';
import { noTrace } from '../../test-support/small.ts';
import { LabelRecord, type Guest, type Strictness } from '../model/index.ts';
import { judge, type Verdict } from './verdict.ts';

const label = (food: string, contains: string[], mayContain: string[], more: object = {}) =>
  v.parse(LabelRecord, { food, product: 'Packet', readOn: '2026-11-01', contains, mayContain, ...more });

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
    ['malt vinegar for a coeliac: national advice differs', avoids('gluten', 'no-trace'), 'malt-vinegar', 'check'],
    ['malt vinegar for a barley allergy', avoids('barley', 'no-trace'), 'malt-vinegar', 'conflict'],
    [
      'wheat starch without its gluten for a coeliac',
      avoids('gluten', 'no-trace'),
      'gluten-free-wheat-starch',
      'check',
    ],
    ['the same for a wheat allergy', avoids('wheat', 'no-trace'), 'gluten-free-wheat-starch', 'conflict'],
    ['beer without its gluten for a coeliac', avoids('gluten', 'no-trace'), 'gluten-free-beer', 'check'],
    [
      'groundnut oil, highly refined or not, for a peanut allergy',
      avoids('peanut', 'no-trace'),
      'groundnut-oil',
      'check',
    ],
    ['ghee for lactose only', avoids('lactose', 'not-ingredient'), 'ghee', 'clear'],
    ['yoghurt for lactose only', avoids('lactose', 'not-ingredient'), 'yoghurt', 'check'],
    ['milk for lactose only', avoids('lactose', 'not-ingredient'), 'milk', 'conflict'],
    ['mussels for a crustacean allergy', avoids('crustacean', 'no-trace'), 'mussel', 'check'],
    ['lupin flour for a peanut allergy', avoids('peanut', 'not-ingredient'), 'lupin-flour', 'check'],
    ['pine nuts for a nut allergy', avoids('tree-nut', 'no-trace'), 'pine-nuts', 'conflict'],
    ['chestnuts for a nut allergy', avoids('tree-nut', 'no-trace'), 'chestnuts', 'check'],
    ['mixed nuts for a cashew allergy', avoids('cashew', 'not-ingredient'), 'mixed-nuts', 'check'],
    [
      'bacon for somebody who eats no meat',
      guest({ id: 'n', kind: 'hazard', hazard: 'meat', strictness: 'not-ingredient' }),
      'bacon',
      'conflict',
    ],
    ['unnamed meat for somebody who eats no pork', diet('no-pork'), 'meat', 'check'],
    ['red wine for a vegan: fining', diet('vegan'), 'red-wine', 'check'],
    [
      'garlic powder for somebody who eats no garlic',
      guest({ id: 'n', kind: 'food', food: 'garlic', strictness: 'not-ingredient' }),
      'garlic-powder',
      'conflict',
    ],
    [
      'chives for somebody who eats none of the onion kin',
      guest({ id: 'n', kind: 'family', family: 'allium', strictness: 'not-ingredient' }),
      'chives',
      'conflict',
    ],
    [
      'hummus for somebody who eats no pulses',
      guest({ id: 'n', kind: 'family', family: 'legume', strictness: 'not-ingredient' }),
      'hummus',
      'conflict',
    ],
    [
      'ketchup for somebody who would rather have no nightshades',
      guest({ id: 'n', kind: 'family', family: 'nightshade', strictness: 'prefers-not' }),
      'ketchup',
      'clear',
    ],
    [
      'certified oats, unread, for somebody who eats certified goods only',
      guest({ ...noTrace('gluten'), certifiedOnly: true }),
      'gf-oats',
      'check',
    ],
    [
      'a potato for somebody who eats certified goods only',
      guest({ ...noTrace('gluten'), certifiedOnly: true }),
      'potato',
      'clear',
    ],
    [
      'garlic for somebody who eats none',
      guest({ id: 'n', kind: 'food', food: 'garlic', strictness: 'not-ingredient' }),
      'garlic',
      'conflict',
    ],
    [
      'a stock cube for somebody who eats no garlic',
      guest({ id: 'n', kind: 'food', food: 'garlic', strictness: 'not-ingredient' }),
      'vegetable-stock-cube',
      'check',
    ],
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
  expect(judgement).toMatchObject({
    verdict: 'clear',
    notes: [
      {
        chain: [
          'Gwen: prefers no mustard, not yet confirmed with them',
          '“100 g mustard-prepared”',
          'Prepared mustard: holds mustard.',
        ],
      },
    ],
  });
});

describe('labels', () => {
  const cube = lines('vegetable-stock-cube');
  const milk = avoids('milk', 'no-trace');
  test('read and without it: clear', () =>
    expect(judge(milk, evidenceOf(cube, [label('vegetable-stock-cube', [], [])])).verdict).toBe('clear'));
  test('read and listed: conflict', () =>
    expect(judge(milk, evidenceOf(cube, [label('vegetable-stock-cube', ['milk'], [])])).verdict).toBe('conflict'));
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
    const read = (more: object) => {
      const labels = [label('vegetable-stock-cube', [], [], more)];
      return judge(noGarlic, evidenceOf(cube, labels)).verdict;
    };
    expect(read({})).toBe('check');
    expect(read({ foodsAbsent: ['garlic'] })).toBe('clear');
    expect(read({ foodsFound: ['garlic'] })).toBe('conflict');
  });
  test('of two labels the later one counts', () => {
    const labels = [
      { ...label('vegetable-stock-cube', ['milk'], []), readOn: '2026-01-01' },
      { ...label('vegetable-stock-cube', [], []), readOn: '2026-10-01' },
    ];
    expect(judge(milk, evidenceOf(cube, labels)).verdict).toBe('clear');
    expect(judge(milk, evidenceOf(cube, [...labels].reverse())).verdict).toBe('clear');
  });
});

describe('exceptions in the guest’s own word', () => {
  const but = (strictness: Strictness) =>
    guest({
      id: 'n',
      kind: 'hazard',
      hazard: 'milk',
      strictness,
      exceptions: [{ food: 'ghee', words: 'ghee is fine', agreedOn: '2026-11-20' }],
    });
  test('what was agreed is clear, with a note that says who said so', () => {
    const judgement = judge(but('not-ingredient'), evidenceOf(lines('ghee')));
    expect(judgement.verdict).toBe('clear');
    expect(judgement.notes[0]!.chain.at(-1)).toBe('Gwen said on 20 Nov 2026: “ghee is fine”.');
  });
  test('it reaches no other food', () => expect(verdict(but('not-ingredient'), 'ghee', 'butter')).toBe('conflict'));
  test('with no trace it stays a question', () => expect(verdict(but('no-trace'), 'ghee')).toBe('check'));
  test('a relative of what is avoided is the guest’s to allow, even with no trace', () => {
    const who = guest({
      ...noTrace('walnut'),
      exceptions: [
        { food: 'coconut', words: 'x' },
        { food: 'pecans', words: 'pecans are fine' },
      ],
    });
    const only = evidenceOf(lines('pecans')).filter((each) => each.level === 'contained');
    expect(judge(guest(noTrace('walnut')), only).reasons[0]!.settles).toBe('guest');
    expect(judge(who, only).verdict).toBe('clear');
  });
  test('no garlic, but its greens', () => {
    const who = guest({
      id: 'n',
      kind: 'food',
      food: 'garlic',
      strictness: 'not-ingredient',
      exceptions: [{ food: 'garlic-greens', words: 'the greens are fine' }],
    });
    expect([verdict(who, 'garlic-greens'), verdict(who, 'garlic')]).toEqual(['clear', 'conflict']);
  });
});

test('a label that says gluten-free is what a certified-only guest waits for', () => {
  const who = guest({ ...noTrace('gluten'), certifiedOnly: true });
  const read = (claims: string[]) =>
    judge(who, evidenceOf(lines('gf-oats'), [label('gf-oats', [], [], { claims })])).verdict;
  expect([read([]), read(['gluten-free'])]).toEqual(['check', 'clear']);
});

test('wheat starch on a label that says gluten-free: clear for a coeliac, a conflict for a wheat allergy', () => {
  const bread = (who: Guest) =>
    judge(
      who,
      evidenceOf(lines('gluten-free-bread'), [label('gluten-free-bread', ['wheat'], [], { claims: ['gluten-free'] })]),
    ).verdict;
  expect([bread(avoids('gluten', 'no-trace')), bread(avoids('wheat', 'no-trace'))]).toEqual(['clear', 'conflict']);
});

describe('what reading the list cannot settle', () => {
  const coeliac = avoids('gluten', 'no-trace');
  const sought = ['gluten', 'wheat', 'barley', 'rye', 'oats', 'milk'];
  const read = (who: Guest, food: string, more: object) =>
    judge(who, evidenceOf(lines(food), [label(food, [], [], more)])).verdict;
  test.each(['rolled-oats', 'oat-drink', 'muesli', 'malt-vinegar', 'gluten-free-wheat-starch', 'gluten-free-beer'])(
    '%s stays a check for a coeliac until its label says gluten-free',
    (food) => {
      expect(read(coeliac, food, { lookedFor: sought })).toBe('check');
      expect(read(coeliac, food, {})).toBe('check');
    },
  );
  test('called gluten-free, oats are clear', () =>
    expect(read(coeliac, 'rolled-oats', { lookedFor: sought, claims: ['gluten-free'] })).toBe('clear'));
  test('oats on a label without that claim are a check', () => {
    expect(
      judge(
        coeliac,
        evidenceOf(lines('vegetable-stock-cube'), [label('vegetable-stock-cube', ['oats'], [], { lookedFor: sought })]),
      ).verdict,
    ).toBe('check');
  });
  test('a guest who comes later is not covered by a label that was not read for them', () => {
    expect(read(avoids('sesame', 'no-trace'), 'vegetable-stock-cube', { lookedFor: sought })).toBe('check');
    expect(read(avoids('walnut', 'no-trace'), 'vegetable-stock-cube', { lookedFor: [...sought, 'tree-nut'] })).toBe(
      'clear',
    );
    expect(read(avoids('tree-nut', 'no-trace'), 'vegetable-stock-cube', { lookedFor: [...sought, 'cashew'] })).toBe(
      'check',
    );
  });
  test('a vegan with no trace is not covered by a label that was read for some of what they avoid', () => {
    expect(read(diet('vegan', 'no-trace'), 'vegetable-stock-cube', { lookedFor: sought })).toBe('check');
  });
});
