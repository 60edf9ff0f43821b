import * as v from 'valibot';
import { line, recipe, step } from '../../test-support/small.ts';
import { IngredientLine, LabelRecord, Recipe } from '../model/index.ts';
import { lineEvidence, servedEvidence, type Evidence } from './evidence.ts';

const ingredient = (food: string | undefined) => v.parse(IngredientLine, line('l', food));
const about = (each: Evidence) => (each.about.kind === 'hazard' ? each.about.hazard : each.about.kind === 'food' ? `food ${each.about.food}` : each.about.kind);
const said = (food: string | undefined, labels: LabelRecord[] = []) => lineEvidence(ingredient(food), labels).map((each) => `${each.level} ${about(each)} (${each.grade})`);
const label = (readOn: string, contains: string[]) => v.parse(LabelRecord, { food: 'vegetable-stock-cube', product: 'Cube', readOn, contains, mayContain: [] });

test('a single food rests on what it is', () => expect(said('potato')).toEqual(['contained food potato (single)']));

test('a processed food brings what it is made of, by usual composition', () => {
  expect(said('butter')).toEqual(['contained food butter (usual)', 'contained milk (usual)', 'possible lactose (usual)']);
});

test('a composite that nobody has read says so, beside what it is feared to hold', () => {
  expect(said('vegetable-stock-cube')).toEqual(expect.arrayContaining(['possible celery (usual)', 'possible unread (unknown)']));
});

test('read, it brings what the label lists and no doubt any more', () => {
  expect(said('vegetable-stock-cube', [label('2026-11-01', ['celery'])])).toEqual(['contained food vegetable-stock-cube (usual)', 'contained celery (label)']);
});

test('a food the catalogue does not know, and a line nobody has read as anything, are unknown', () => {
  expect(said('moon-dust')).toEqual(['possible unknown (unknown)']);
  expect(said(undefined)).toEqual(['possible unknown (unknown)']);
});

test('every piece of evidence has the line’s own words and one sentence why', () => {
  for (const each of lineEvidence(ingredient('vegetable-stock-cube'), [])) {
    expect(each.words).toBe('100 g vegetable-stock-cube');
    expect(each.because).toMatch(/^[A-Z“].*\.$/);
  }
});

test('the same line and labels are read once', () => {
  const [one, labels] = [ingredient('butter'), [] as LabelRecord[]];
  expect(lineEvidence(one, labels)).toBe(lineEvidence(one, labels));
  expect(lineEvidence(one, [label('2026-01-01', [])])).not.toBe(lineEvidence(one, labels));
});

test('a raw risk goes only where its own way passes through enough heat', () => {
  const made = (coreC: number, after: string) => v.parse(Recipe, recipe('r', [line('egg', 'egg'), line('more', 'egg')], [
    step('whisk', { uses: ['egg'], after: [] }),
    step('cook', { coreC, after: [{ step: 'whisk' }] }),
    step('raw', { uses: ['more'], after: after ? [{ step: after }] : [] }),
  ]));
  const raw = (one: Recipe) => servedEvidence(one, []).filter((each) => about(each) === 'raw-egg').map((each) => each.line as string);
  expect(raw(made(75, 'cook'))).toEqual(['more']);
  expect(raw(made(60, 'cook'))).toEqual(['egg', 'more']);
});
