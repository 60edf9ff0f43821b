import { line, recipe, step } from '../../test-support/small.ts';
import { Recipe } from '../model/index.ts';
import * as v from 'valibot';
import { scaleAmount } from './scaleAmount.ts';
import { inBatchWords } from './batchWords.ts';

const cake = v.parse(
  Recipe,
  recipe(
    'cake',
    [
      line('milk', 'milk', { amount: { kind: 'volume', volumeMl: 300 } }),
      line('flour', 'wheat-flour', { amount: { kind: 'mass', massG: 250 } }),
      line('eggs', 'egg', { text: 'eggs', amount: { kind: 'count', count: 3, piece: '' } }),
      line('garlic', 'garlic', { text: 'garlic', amount: { kind: 'count', count: 2, piece: 'clove' } }),
      line('salt', 'salt', { amount: { kind: 'words', words: 'to taste' } }),
    ],
    [step('mix', { uses: ['milk', 'flour', 'eggs', 'garlic', 'salt'] })],
  ),
);
const times = (factor: number, text: string) =>
  inBatchWords(
    text,
    factor,
    cake.lines.map((each) => ({ line: each, amount: scaleAmount(each.amount, factor) })),
  );

describe('the amounts in a step’s words are those of the batch', () => {
  test.each([
    ['Stir in 100 ml of the milk.', 'Stir in 200 ml of the milk.'],
    [
      'Whisk 150 g flour with 2 tbsp water, then add another 50 g.',
      'Whisk 300 g flour with 4 tbsp water, then add another 100 g.',
    ],
    ['Add 1½ cups of stock and a tablespoon of oil', 'Add 3 cups of stock and 2 tbsp of oil'],
    ['Pour in 100–150 ml water (100 to 150 ml)', 'Pour in 200–300 ml water (200–300 ml)'],
    ['Beat 2 of the eggs and the third', 'Beat 4 of the eggs and the third'],
    [
      'Crack in two large eggs; crush 1 garlic clove, or 2 cloves of garlic',
      'Crack in 4 large eggs; crush 2 garlic clove, or 4 cloves of garlic',
    ],
    ['Take 8 oz cheese', 'Take 1 lb cheese'],
    ['Add half a cup of milk', 'Add 1 cup of milk'],
  ])('%s', (text, doubled) => {
    expect(times(2, text)).toBe(doubled);
    expect(times(1, text)).toBe(text);
  });

  test.each([
    'Bake at 180 °C for 20 to 25 minutes in a 23 cm tin.',
    'Line a 900 g loaf tin; take a 2 litre pot, a 2-litre bowl.',
    'Open a 400 g tin of tomatoes.',
    'Shape into balls of 60 g, or pieces weighing 60 g; 60 g each.',
    'Add the oil, 1 tbsp at a time, then the eggs one at a time, 1 egg at a time.',
    'Put 1 tbsp of filling on each.',
    'The liquid of tinned chickpeas, about 3 tbsp an egg; with ½ tsp baking powder more for each egg in a cake.',
    'Roll out 5 mm thick, cut in 12, and turn 2 or 3 times over 10 minutes.',
    'Heat to 350 F, gas 4; 180 C.',
    'Use 2 bowls, whisk eggs in one of them.',
    'Season. Beat an egg in half the milk.',
  ])('as it is: %s', (text) => {
    expect(times(2, text)).toBe(text);
    expect(times(1 / 3, text)).toBe(text);
  });

  test('in measures that a cook has', () => {
    expect(times(1.33, 'Stir in 200 g of the flour')).toBe('Stir in 265 g of the flour');
    expect(times(0.5, 'Add 1 tbsp of the milk, and 1 egg')).toBe('Add ½ tbsp of the milk, and ½ egg');
  });

  test('what does not grow in a straight line is told as it grows', () => {
    const lines = [{ line: cake.lines[0]!, amount: { kind: 'volume' as const, volumeMl: 450 } }];
    expect(inBatchWords('Add 100 ml milk and 100 ml water', 2, lines)).toBe('Add 150 ml milk and 200 ml water');
    expect(inBatchWords('Add 100 ml milk', 1, lines)).toBe('Add 150 ml milk');
  });
});
