import { readLabel } from '@lupin/core';
import { pieces, proposed } from './labelAnswers.ts';

const keys = ['h:milk', 'h:wheat', 'h:celery', 'h:sesame', 'h:almond', 'f:garlic'];
const answers = (text: string) => proposed(readLabel(text), keys);

test('what is listed is yes, what a precaution names is may, what is nowhere is no', () => {
  expect(answers('Ingredients: rice, celery, butter. May contain sesame.')).toEqual({
    'h:milk': 'yes',
    'h:wheat': 'no',
    'h:celery': 'yes',
    'h:sesame': 'may',
    'h:almond': 'no',
    'f:garlic': 'no',
  });
});

test('a group leaves its members open, or makes them may; words nobody knows leave everything open', () => {
  expect(answers('Ingredients: rice. Contains gluten. May contain nuts.')).toMatchObject({
    'h:wheat': undefined,
    'h:almond': 'may',
  });
  expect(answers('Ingredients: rice, zorblaxate')).toMatchObject({ 'h:milk': undefined, 'f:garlic': undefined });
  expect(answers('Ingredients: rice, stock powder')).toMatchObject({ 'h:celery': undefined, 'f:garlic': undefined });
});

test('the pieces are the text again, with its words marked', () => {
  const reading = readLabel('Ingredients: butter, zorblaxate. May contain nuts.');
  expect(
    pieces(reading)
      .map((piece) => piece.text)
      .join(''),
  ).toBe(reading.text);
  expect(pieces(reading).filter((piece) => piece.kind !== 'plain')).toEqual([
    { text: 'butter', kind: 'contained' },
    { text: 'zorblaxate', kind: 'unknown' },
    { text: 'nuts', kind: 'trace' },
  ]);
});
