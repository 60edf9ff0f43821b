import { readAmount } from './readAmount.ts';

const g = (massG: number, toMassG?: number) => ({ kind: 'mass', massG, ...(toMassG && { toMassG }) });
const ml = (volumeMl: number, toVolumeMl?: number) => ({ kind: 'volume', volumeMl, ...(toVolumeMl && { toVolumeMl }) });
const pieces = (count: number, piece = '', extra = {}) => ({ kind: 'count', count, piece, ...extra });
const words = (text: string) => ({ kind: 'words', words: text });

test.each<[string, object]>([
  ['1½ kg potatoes', g(1500)],
  ['1 1/2 cups flour', ml(360)],
  ['1-1/2 cups flour', ml(360)],
  ['1,5 kg beef', g(1500)],
  ['1,000 g flour', g(1000)],
  ['three quarters of a cup sugar', ml(180)],
  ['half a dozen eggs', pieces(6)],
  ['one and a half lemons', pieces(1.5)],
  ['2–3 carrots', pieces(2, '', { toCount: 3 })],
  ['3-2 carrots', pieces(2, '', { toCount: 3 })],
  ['between 2 and 3 cups stock', ml(480, 720)],
  ['100 ml - 150 ml cream', ml(100, 150)],
  ['1 lb 4 oz beef', g(566.99)],
  ['½ cup plus 2 tbsp sugar', ml(150)],
  ['2 x 400 g tins chopped tomatoes', pieces(2, 'tins', { eachG: 400 })],
  ['2 c. flour', ml(480)],
  ['1 T. oil', ml(15)],
  ['onions 2', pieces(2)],
  ['eggs, 3 large', pieces(3, 'large')],
  ['vitamin B 12 tablets', words('')],
  ['flour 550', words('')],
  ['flour 00', words('')],
  ['stock (page 2)', words('')],
  ['leeks (3)', pieces(3)],
  ['⅔ of a 300 g packet of pasta', pieces(0.6667, 'packet', { eachG: 300 })],
  ['2 (400 g) tins tomatoes', pieces(2, 'tins', { eachG: 400 })],
  ['one 400g tin chickpeas', pieces(1, 'tin', { eachG: 400 })],
  ['½ x 400g tin beans', pieces(0.5, 'tin', { eachG: 400 })],
  ['1 x 7g sachet yeast', pieces(1, '', { eachG: 7 })],
  ['3 x 250 ml cartons cream', ml(750)],
  ['2 salmon fillets (150 g each)', pieces(2, 'fillets', { eachG: 150 })],
  ['2 onions (about 300 g)', pieces(2, '', { eachG: 150 })],
  ['4 garlic cloves', pieces(4, 'cloves')],
  ['3 large eggs, beaten', pieces(3, 'large')],
  ['1 stick butter, softened', g(113.4)],
  ['1 T honey', ml(15)],
  ['heaped tbsp cornflour', ml(15)],
  ['Flour - 200 g', g(200)],
  ['Sugar 200g', g(200)],
  ['Juice of 2 lemons', pieces(2)],
  ['about 300 ml warm water', ml(300)],
  ['2 cm piece of ginger', words('2 cm piece')],
  ['8 (6-inch) tortillas', pieces(8)],
  ['a knob of ghee', words('a knob')],
  ['2 handfuls spinach', words('2 handfuls')],
  ['salt to taste', words('to taste')],
  ['olive oil, for frying', words('for frying')],
  ['salt and pepper', words('')],
  ['flour type 00', words('')],
  ['900000 kg flour', words('900000 kg')],
  ['10000.5 eggs', words('10000.5')],
  ['2 x 900 kg sacks flour', words('2 x 900 kg')],
  ['', words('')],
])('%s', (text, amount) => {
  expect(readAmount(text).amount).toEqual(amount);
});

test('said twice: the weight counts, the other way is kept beside it', () => {
  expect(readAmount('1 cup (120 g) flour')).toMatchObject({ amount: g(120), also: [ml(240)], end: 13 });
  expect(readAmount('200g/7oz plain flour')).toMatchObject({ amount: g(200), also: [{ kind: 'mass' }] });
});

test('cups, pints and fluid ounces are the writer’s', () => {
  expect(readAmount('1 pint cream', 'us').amount).toEqual(ml(473.18));
  expect(readAmount('1 pint cream').amount).toEqual(ml(568.26));
  expect(readAmount('1 cup cream', 'us').amount).toEqual(ml(236.588));
});

test('a long line of anything is read in bounded time and never throws', () => {
  for (const text of [
    '1 '.repeat(20_000),
    '½'.repeat(20_000),
    '1/'.repeat(20_000),
    '1-'.repeat(20_000),
    '('.repeat(20_000),
    'small '.repeat(8000),
    '9'.repeat(20_000),
    '1/0 cup milk',
    '\u0000\u202e1 g',
  ])
    expect(() => readAmount(text.slice(0, 5000))).not.toThrow();
  expect(readAmount('1/0 cup milk').amount.kind).toBe('words');
});
