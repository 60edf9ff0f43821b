import { numberOf, numberSource } from './numbers.ts';

/** The number a text begins with, and the words it took. */
const first = (text: string) => {
  const words = new RegExp(`^${numberSource}`, 'iu').exec(text)?.[0];
  return words === undefined ? undefined : ([words, numberOf(words)] as const);
};

test.each([
  ['twenty-five minutes', 'twenty-five', 25],
  ['twenty five minutes', 'twenty five', 25],
  ['ninety nine', 'ninety nine', 99],
  ['seventeen', 'seventeen', 17],
  ['forty minutes', 'forty', 40],
  ['a hundred grams', 'a hundred', 100],
  ['two hundred grams', 'two hundred', 200],
  ['three hundred and fifty ml', 'three hundred and fifty', 350],
  ['a hundred and twenty-five g', 'a hundred and twenty-five', 125],
  ['two hundred and a pinch of salt', 'two hundred', 200],
  ['thirty one-inch pieces', 'thirty', 30],
  ['one and a half cups', 'one and a half', 1.5],
  ['1 and a half cups', '1 and a half', 1.5],
  ['two-thirds of a cup', 'two-thirds of a', 2 / 3],
  ['one third cup', 'one third', 1 / 3],
  ['2 dozen clams', '2 dozen', 24],
  ['three doz. eggs', 'three doz.', 36],
  ['half a dozen eggs', 'half a dozen', 6],
  ['a couple of leeks', 'a couple of', 2],
  ['an onion', 'an', 1],
  ['1 1/2 cups', '1 1/2', 1.5],
])('%s', (text, words, value) => expect(first(text)).toEqual([words, value]));

test.each(['tenderloin', 'onerous', 'salt', 'hundred'])('%s begins with no number', (text) =>
  expect(first(text)).toBeUndefined(),
);
