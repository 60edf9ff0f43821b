import { guest as guestOf, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { id } from '../../test-support/id.ts';
import { guest } from '../../test-support/judging.ts';
import type { Evidence } from '../exposure/index.ts';
import { askAbout } from './ask.ts';
import { coverGaps } from './cover.ts';
import { nameFaults, productFaults } from './names.ts';
import { avoidedBy, needWords, noTraceHazards } from './needs.ts';
import { fit } from './table.ts';

const need = (of: object) => guest({ id: 'n', ...of }).needs[0]!;

test.each([
  [{ kind: 'open', text: 'no white things' }, 'not yet understood: “no white things”'],
  [{ kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }, 'vegan'],
  [{ kind: 'diet', diet: 'vegan', strictness: 'no-trace' }, 'vegan, no trace'],
  [{ kind: 'diet', diet: 'vegan', strictness: 'prefers-not' }, 'vegan, a preference'],
  [{ kind: 'hazard', hazard: 'milk', strictness: 'no-trace' }, 'no trace of milk'],
  [{ kind: 'hazard', hazard: 'milk', strictness: 'not-ingredient' }, 'no milk as an ingredient'],
  [{ kind: 'hazard', hazard: 'milk', strictness: 'prefers-not' }, 'prefers no milk'],
  [{ kind: 'hazard', hazard: 'lactose', strictness: 'not-ingredient' }, 'no lactose'],
  [{ kind: 'hazard', hazard: 'lactose', strictness: 'no-trace' }, 'no trace of lactose'],
  [
    { kind: 'hazard', hazard: 'gluten', strictness: 'no-trace', certifiedOnly: true },
    'no trace of gluten, certified goods only',
  ],
  [{ kind: 'family', family: 'allium', strictness: 'prefers-not' }, 'prefers no onions and garlic'],
  [{ kind: 'food', food: 'garlic', strictness: 'not-ingredient' }, 'no garlic as an ingredient'],
  [
    {
      kind: 'family',
      family: 'allium',
      strictness: 'not-ingredient',
      exceptions: [
        { food: 'chives', words: 'fine' },
        { food: 'leek', words: 'fine' },
      ],
    },
    'no onions and garlic as an ingredient, except chives and leek',
  ],
] as const)('%j in words', (of, words) => {
  expect(needWords(need(of))).toBe(words);
});

test('what a need avoids: a hazard itself, a diet all it leaves out, a food or an open question none', () => {
  expect(avoidedBy(need({ kind: 'hazard', hazard: 'milk', strictness: 'no-trace' }))).toEqual(['milk']);
  expect(avoidedBy(need({ kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }))).toEqual(
    expect.arrayContaining(['milk', 'egg', 'honey', 'meat']),
  );
  expect(avoidedBy(need({ kind: 'food', food: 'garlic', strictness: 'no-trace' }))).toEqual([]);
  expect(avoidedBy(need({ kind: 'family', family: 'allium', strictness: 'no-trace' }))).toEqual([]);
  expect(avoidedBy(need({ kind: 'open', text: 'hm' }))).toEqual([]);
});

test('no trace: the thing, its members, the group that may hold it, its relatives; of nothing else a guest avoids', () => {
  const of = (...needs: object[]) => noTraceHazards(guest(...needs));
  const strict = (hazard: string) => ({ id: hazard, kind: 'hazard', hazard, strictness: 'no-trace' });
  expect([...of(strict('walnut'))]).toEqual(expect.arrayContaining(['walnut', 'tree-nut', 'pecan']));
  expect(of(strict('walnut')).has(id('almond'))).toBe(false);
  expect([...of(strict('tree-nut'))]).toEqual(expect.arrayContaining(['tree-nut', 'walnut', 'almond', 'cashew']));
  expect([...of(strict('gluten'))]).toEqual(expect.arrayContaining(['gluten', 'wheat', 'barley', 'rye']));
  expect(of({ ...strict('milk'), strictness: 'not-ingredient' }).size).toBe(0);
  expect(of({ ...strict('milk'), strictness: 'prefers-not' }).size).toBe(0);
  expect(of({ id: 'o', kind: 'open', text: 'hm' }).size).toBe(0);
  expect(of({ id: 'd', kind: 'diet', diet: 'vegan', strictness: 'no-trace' }).has(id('egg'))).toBe(true);
});

describe('asked about in words', () => {
  const one = occasion({
    guests: [guestOf('ana', noTrace('milk')), guestOf('ben')],
    recipes: [recipe('soup', [line('it', 'potato')], [step('boil', { uses: ['it'] })])],
  });
  test('everybody is told what it would do to them', () => {
    const answer = askAbout(one, '  2 tbsp butter ')!;
    expect(answer.reading.text).toBe('2 tbsp butter');
    expect(answer.guests.map(({ guest: who, judgement }) => [who.id, judgement.verdict])).toEqual([
      ['ana', 'conflict'],
      ['ben', 'clear'],
    ]);
  });
  test('nothing is asked of nothing, and no more is read than fits a line', () => {
    expect(askAbout(one, '   ')).toBeUndefined();
    expect(askAbout(one, 'butter '.repeat(100))!.reading.text).toHaveLength(300);
  });
});

describe('names that promise', () => {
  const holds = (hazard: string, level: Evidence['level'] = 'contained', lifts: string[] = []): Evidence => ({
    about: { kind: 'hazard', hazard: id(hazard), ...(lifts.length > 0 && { lifts: lifts.map((each) => id(each)) }) },
    level,
    grade: 'usual',
    words: 'the stuff',
    because: '',
  });
  test.each([
    ['Vegan cake', ['meat', 'poultry', 'pork', 'fish', 'crustacean', 'mollusc', 'gelatine', 'other-animal']],
    ['Vegan cake', ['milk', 'egg', 'honey']],
    ['Vegetarian pie', ['meat', 'poultry', 'pork', 'fish', 'crustacean', 'mollusc', 'gelatine', 'other-animal']],
    ['Gluten-free cake', ['gluten', 'wheat', 'barley', 'rye']],
    ['Wheat-free bread', ['wheat']],
    ['Dairy-free spread', ['milk']],
    ['Milk-free spread', ['milk']],
    ['Lactose-free cream', ['lactose']],
    ['Egg-free mayo', ['egg']],
    ['Nut-free pesto', ['tree-nut', 'walnut', 'almond']],
    ['Peanut-free bar', ['peanut']],
    ['Soy-free sauce', ['soy']],
    ['Sesame-free bar', ['sesame']],
    ['Fish-free sauce', ['fish']],
    ['Alcohol-free sauce', ['alcohol']],
    ['Meat-free pie', ['meat', 'poultry', 'pork']],
  ])('“%s” is broken by each of %j', (name, hazards) => {
    for (const hazard of hazards)
      expect([hazard, nameFaults(name, [holds(hazard)])]).toMatchObject([hazard, [{ state: 'broken' }]]);
  });
  test.each([
    ['Vegetarian pie', 'milk'],
    ['Vegetarian pie', 'egg'],
    ['Wheat-free bread', 'rye'],
    ['Nut-free pesto', 'peanut'],
    ['Peanut-free bar', 'almond'],
    ['Lactose-free cream', 'milk'],
    ['Walnut cake', 'walnut'],
  ])('“%s” promises nothing about %s', (name, hazard) => {
    expect(nameFaults(name, [holds(hazard)])).toEqual([]);
  });
  test('what some of it is for promises nothing of the rest; what all of it is for does', () => {
    expect(nameFaults('Chicken skewers, and halloumi ones for the vegetarians', [holds('poultry')])).toEqual([]);
    expect(nameFaults('Lasagne for the vegetarians', [holds('poultry')])).toHaveLength(1);
  });
  test('what it may hold, or what nobody understands, leaves it unproven; what it holds comes first', () => {
    expect(nameFaults('Vegan cake', [holds('egg', 'possible')])).toEqual([
      { claim: 'vegan', state: 'unproven', words: 'It is called vegan, and may hold egg: “the stuff”.' },
    ]);
    const unknown: Evidence = { ...holds('egg'), about: { kind: 'unknown' }, words: 'zorblax' };
    expect(nameFaults('Vegan cake', [unknown])[0]!.words).toBe(
      'It is called vegan, and may hold something unknown: “zorblax”.',
    );
    expect(nameFaults('Vegan cake', [unknown, holds('egg', 'possible'), holds('milk')])).toEqual([
      { claim: 'vegan', state: 'broken', words: 'It is called vegan, and holds milk: “the stuff”.' },
    ]);
    expect(nameFaults('Vegan cake', [unknown, holds('egg', 'possible')])[0]!.words).toContain('egg');
    expect(nameFaults('Vegan cake', [holds('egg', 'trace')])).toEqual([]);
    expect(nameFaults('Cake', [unknown])).toEqual([]);
  });
  test('a grain without its gluten breaks no promise about gluten, one about wheat it does', () => {
    const starch = holds('wheat', 'contained', ['gluten']);
    expect(nameFaults('Gluten-free cake', [starch])).toEqual([]);
    expect(nameFaults('Wheat-free cake', [starch])).toHaveLength(1);
  });
  test('a product is held to what its own label lists', () => {
    expect(productFaults({ product: 'Dairy-free block', contains: [id('milk')] })).toMatchObject([
      { claim: 'dairy-free', state: 'broken', words: expect.stringContaining('“Dairy-free block”') as string },
    ]);
    expect(productFaults({ product: 'Dairy-free block', contains: [id('soy')] })).toEqual([]);
  });
});

test('too little on a plate: the hopeless first, then by course, then who has least to hope for', () => {
  const one = occasion({
    guests: [
      guestOf('ana', noTrace('milk')),
      guestOf('bo', noTrace('sesame')),
      guestOf('cy', noTrace('milk'), noTrace('sesame')),
      guestOf('di'),
    ],
    recipes: [
      recipe('mash', [line('b', 'butter')], [step('mash', { uses: ['b'] })]),
      recipe('glaze', [line('m', 'pomegranate-molasses')], [step('stir', { uses: ['m'] })]),
      recipe('rice', [line('r', 'rice')], [step('boil', { uses: ['r'] })]),
    ],
  });
  const two = {
    ...one,
    dishes: one.dishes.map((each) => ({
      ...each,
      ...(each.id === 'rice' && { course: id<never>('first') }),
      ...(each.id === 'glaze' && { notFor: [id<never>('cy')] }),
    })),
    courses: [
      { ...one.courses[0]!, id: id<never>('first'), name: 'First', enough: 2 },
      { ...one.courses[0]!, enough: 2 },
    ],
  };
  const gaps = coverGaps(two, fit(two));
  expect(gaps.map((gap) => [gap.guest, gap.course, gap.state, gap.clear, gap.hoped])).toEqual([
    ['ana', 'first', 'short', 1, 1],
    ['bo', 'first', 'short', 1, 1],
    ['cy', 'first', 'short', 1, 1],
    ['di', 'first', 'short', 1, 1],
    ['cy', 'main', 'short', 0, 0],
    ['ana', 'main', 'short', 0, 1],
    ['bo', 'main', 'open', 1, 2],
  ]);
  expect(coverGaps({ ...two, courses: [] }, fit({ ...two, courses: [] }))).toEqual([]);
});

test.each(['not-ingredient', 'prefers-not'])('nothing is kept clear of on kit and hands for %s', (strictness) => {
  expect([...noTraceHazards(guest({ id: 'n', kind: 'hazard', hazard: 'milk', strictness }))]).toEqual([]);
});
