import * as v from 'valibot';
import { LabelRecord } from '@lupin/core';
import { demo } from '../../../../core/test-support/demo.ts';
import { answersOf, askedOf, recordOf } from './asked.ts';

const occasion = demo('lantern-supper');

test('a label is read for all that this table avoids, and not for what the food holds anyhow', () => {
  const keys = (food: string) => askedOf(occasion, food).questions.map((each) => each.key);
  expect(keys('vegetable-stock-cube')).toEqual(expect.arrayContaining(['h:wheat', 'h:milk', 'h:sesame', 'f:garlic']));
  expect(keys('butter')).not.toContain('h:milk');
  expect(askedOf(occasion, 'vegetable-stock-cube').claims).toEqual(['gluten-free']);
});

test('each question says for whom it is asked', () => {
  expect(askedOf(occasion, 'vegetable-stock-cube').questions.find((each) => each.key === 'h:wheat')!.guests).toEqual([
    'Oriel',
    'Suki',
  ]);
});

test('answers make a record, and the record gives the same answers again', () => {
  const { questions } = askedOf(occasion, 'vegetable-stock-cube');
  const answers = Object.fromEntries(
    questions.map(({ key, may }, index) => [
      key,
      index % 3 === 0 ? ('yes' as const) : index % 3 === 1 && may ? ('may' as const) : ('no' as const),
    ]),
  );
  const record = v.parse(LabelRecord, {
    food: 'vegetable-stock-cube',
    product: 'Cube',
    readOn: '2026-12-01',
    ...recordOf(questions, answers),
  });
  expect(answersOf(questions, record)).toEqual(answers);
});

test('what an earlier reading did not look for stays open', () => {
  const { questions } = askedOf(occasion, 'vegetable-stock-cube');
  const record = v.parse(LabelRecord, {
    food: 'vegetable-stock-cube',
    product: 'Cube',
    readOn: '2026-12-01',
    contains: ['celery'],
    mayContain: ['milk'],
  });
  const answers = answersOf(questions, record);
  expect([answers['h:milk'], answers['h:wheat'], answers['f:garlic']]).toEqual(['may', undefined, undefined]);
});
