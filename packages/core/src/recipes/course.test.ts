import { courseOf } from './course.ts';
import { readLine } from './line.ts';

const course = (name: string, lines: readonly string[], said: readonly string[] = [], category = '') =>
  courseOf(
    category,
    said,
    name,
    lines.map((text) => readLine(text)),
  );

test.each<[string, readonly string[], string]>([
  ['Sweet potato wedges', ['2 sweet potatoes', '2 tbsp oil', '1 tsp paprika'], 'Sides'],
  ['Rice pudding', ['100g pudding rice', '60g sugar', '1 litre milk'], 'Desserts'],
  ['Batter puddings', ['140g plain flour', '4 eggs', '200ml milk'], 'Sides'],
  ['Apple pie', ['6 apples', '120g sugar', '300g shortcrust pastry'], 'Desserts'],
  ['Fish pie', ['400g cod', '800g potatoes', '400ml milk'], 'Mains'],
  ['Something of my own', ['400g chicken thighs', '1 onion'], 'Mains'],
  ['Something of my own', ['3 carrots', '1 tbsp oil'], 'Sides'],
  ['Something of my own', ['250g chocolate', '300ml double cream'], 'Desserts'],
  ['Onion jam tart', ['4 onions', '50g sugar', '300g puff pastry', '2 cloves garlic'], 'Mains'],
  ['Lentil soup', ['200g red lentils', '1 onion', '1 litre vegetable stock'], 'Starters'],
  ['Pork with apple', ['600g pork shoulder', '3 apples', '50g honey', '1 onion'], 'Mains'],
  ['Rice in chicken stock', ['300g basmati rice', '700ml chicken stock'], 'Mains'],
  ['Green salad', ['1 lettuce', '1 tbsp oil'], 'Sides'],
  ['Duck salad', ['3 duck breasts', '1 lettuce'], 'Mains'],
])('%s of %j: %s', (name, lines, expected) => expect(course(name, lines)).toBe(expected));

test('what the page or the cook says counts for more', () => {
  const lines = ['400g chicken thighs', '1 onion'];
  expect(course('Chicken stew', lines, ['Starter for 8'])).toBe('Starters');
  expect(course('Chicken stew', lines, ['serves 4 as a side'])).toBe('Sides');
  expect(course('Chicken stew', lines, ['Serves 4'], 'Soup')).toBe('Starters');
  expect(course('Chicken stew', [])).toBe('');
});
