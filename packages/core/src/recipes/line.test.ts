import { readLine } from './line.ts';

test.each<[string, string | undefined]>([
  ['200g plain flour', 'wheat-flour'],
  ['- 3 large eggs, beaten', 'egg'],
  ['2 cloves garlic, crushed', 'garlic'],
  ['zest and juice of 1 lemon', 'lemon'],
  ['8 skinless boneless chicken thighs', 'chicken'],
  ['4 tbsp sunflower oil for frying', 'sunflower-oil'],
  ['30g walnuts (optional)', 'walnut'],
  // More is said than one food tells: the words are judged.
  ['2 tbsp smooth nut butter or tahini', undefined],
  ['oats (certified gluten-free)', undefined],
  ['salt and freshly ground black pepper', undefined],
  ['500 g zorblat', undefined],
  ['vegan sausages, gluten-free', undefined],
])('%s stands for %s', (text, food) => {
  expect(readLine(text).food).toBe(food);
});

test.each([
  ['crusty bread, to serve', 'accompaniment'],
  ['chopped parsley, to garnish', 'garnish'],
  ['butter, for the tin', 'body'],
  ['flour, for dusting', 'body'],
] as const)('%s is %s', (text, part) => {
  expect(readLine(text).part).toBe(part);
});

test('what is odd is said', () => {
  expect(readLine('1 cup (900 g) flour').doubts.join(' ')).toMatch(/do not agree/);
  expect(readLine('200 g zorblat').doubts.join(' ')).toMatch(/Not understood: “zorblat”/);
  expect(readLine('butter or oil').doubts.join(' ')).toMatch(/leaves a choice/);
});
