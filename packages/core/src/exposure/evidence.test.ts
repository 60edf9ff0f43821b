import * as v from 'valibot';
import { line, recipe, step } from '../../test-support/small.ts';
import { IngredientLine, LabelRecord, OwnFood, Recipe } from '../model/index.ts';
import { lineEvidence, servedEvidence, type Evidence } from './evidence.ts';
import { knowledgeOf } from './knowledge.ts';

const knowing = (labels: LabelRecord[] = [], ownFoods: OwnFood[] = []) =>
  knowledgeOf({ labels, ownFoods, date: '2026-12-21' });

const ingredient = (food: string | undefined) => v.parse(IngredientLine, line('l', food));
const about = (each: Evidence) =>
  each.about.kind === 'hazard'
    ? each.about.hazard
    : each.about.kind === 'food'
      ? `food ${each.about.food}`
      : each.about.kind;
const said = (food: string | undefined, labels: LabelRecord[] = []) =>
  lineEvidence(ingredient(food), knowing(labels)).map((each) => `${each.level} ${about(each)} (${each.grade})`);
const label = (readOn: string, contains: string[]) =>
  v.parse(LabelRecord, { food: 'vegetable-stock-cube', product: 'Cube', readOn, contains, mayContain: [] });

test('a single food rests on what it is', () => expect(said('potato')).toEqual(['contained food potato (single)']));

test('a processed food brings what it is made of, by usual composition', () => {
  expect(said('butter')).toEqual([
    'contained food butter (usual)',
    'contained milk (usual)',
    'possible lactose (usual)',
  ]);
});

test('a composite that nobody has read says so, beside what it is feared to hold', () => {
  expect(said('vegetable-stock-cube')).toEqual(
    expect.arrayContaining(['possible celery (usual)', 'possible unread (unknown)']),
  );
});

test('read, it brings what the label lists and no doubt any more', () => {
  expect(said('vegetable-stock-cube', [label('2026-11-01', ['celery'])])).toEqual([
    'contained food vegetable-stock-cube (usual)',
    'contained celery (label)',
    'possible unlisted (label)',
  ]);
});

test('a food the catalogue does not know, and a line nobody has read as anything, are unknown', () => {
  expect(said('moon-dust')).toEqual(['possible unknown (unknown)']);
  expect(said(undefined)).toEqual(['possible unknown (unknown)']);
});

test('every piece of evidence has the line’s own words and one sentence why', () => {
  for (const each of lineEvidence(ingredient('vegetable-stock-cube'), knowing())) {
    expect(each.words).toBe('100 g vegetable-stock-cube');
    expect(each.because).toMatch(/^[A-Z“].*\.$/);
  }
});

test('the same line and labels are read once', () => {
  const one = ingredient('vegetable-stock-cube');
  const before = lineEvidence(one, knowing());
  expect(lineEvidence(one, knowing())).toBe(before);
  expect(lineEvidence(one, knowing([label('2026-12-01', [])]))).not.toBe(before);
});

test('a raw risk goes only where its own way passes through enough heat', () => {
  const made = (coreC: number, after: string) =>
    v.parse(
      Recipe,
      recipe(
        'r',
        [line('egg', 'egg'), line('more', 'egg')],
        [
          step('whisk', { uses: ['egg'], after: [] }),
          step('cook', { coreC, after: [{ step: 'whisk' }] }),
          step('raw', { uses: ['more'], after: after ? [{ step: after }] : [] }),
        ],
      ),
    );
  const raw = (one: Recipe) =>
    servedEvidence(one, knowing())
      .filter((each) => about(each) === 'raw-egg')
      .map((each) => each.line as string);
  expect(raw(made(75, 'cook'))).toEqual(['more']);
  expect(raw(made(60, 'cook'))).toEqual(['egg', 'more']);
});

describe('labels grow old', () => {
  const cube = (readOn: string, more: object = {}) =>
    said('vegetable-stock-cube', [
      v.parse(LabelRecord, {
        food: 'vegetable-stock-cube',
        product: 'Cube',
        readOn,
        contains: ['celery'],
        mayContain: [],
        ...more,
      }),
    ]);
  test('after half a year the doubts are back, and what was listed stays', () => {
    expect(cube('2026-07-01')).not.toContain('possible unread (unknown)');
    expect(cube('2026-03-01')).toEqual(
      expect.arrayContaining(['contained celery (label)', 'possible milk (usual)', 'possible unread (unknown)']),
    );
  });
  test('read for an earlier occasion, it is read again only for those who may have no trace', () => {
    const [evidence] = [
      lineEvidence(
        ingredient('vegetable-stock-cube'),
        knowing([
          v.parse(LabelRecord, {
            food: 'vegetable-stock-cube',
            product: 'Cube',
            readOn: '2026-11-01',
            contains: [],
            mayContain: [],
            carriedOver: true,
          }),
        ]),
      ),
    ];
    expect(
      evidence
        .filter((each) => each.level === 'possible' && each.about.kind === 'hazard')
        .every((each) => each.strictOnly),
    ).toBe(true);
  });
  test('what it was not read for stays in doubt', () => {
    const read = cube('2026-12-01', { lookedFor: ['milk', 'celery'] });
    expect(read).toContain('possible soy (usual)');
    expect(read).not.toContain('possible milk (usual)');
  });
});

test('a line without a food is read by its words; words nobody knows are unknown', () => {
  const words = (text: string) =>
    lineEvidence(v.parse(IngredientLine, { ...line('l', undefined), text }), knowing()).map(
      (each) => `${each.level} ${about(each)}`,
    );
  expect(words('2 tbsp ghee or oil')).toEqual(expect.arrayContaining(['possible milk', 'contained food ghee']));
  expect(words('a packet of zorblax')).toEqual(['possible unknown']);
  expect(words('as needed')).toEqual(['possible unknown']);
  expect(words('1 stock cube')).toContain('possible unread');
});

test('a food the user added is marked as their word; a correction adds a danger and takes none away', () => {
  const own = (id: string, contains: string[]) =>
    v.parse(OwnFood, {
      id,
      name: 'Grandmother’s paste',
      kind: 'plain',
      contains,
      possible: [],
      changedOn: '2026-12-01',
      note: 'she said so',
    });
  const evidence = (id: string, foods: OwnFood[]) =>
    lineEvidence(ingredient(id), knowing([], foods)).map((each) => `${each.level} ${about(each)} (${each.grade})`);
  expect(evidence('family-paste', [own('family-paste', ['walnut'])])).toEqual([
    'contained food family-paste (word)',
    'contained walnut (word)',
  ]);
  expect(evidence('butter', [own('butter', ['egg'])])).toEqual(
    expect.arrayContaining(['contained egg (word)', 'contained milk (word)']),
  );
});
