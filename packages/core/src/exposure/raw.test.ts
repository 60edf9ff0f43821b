import { evidenceOf } from '../../test-support/judging.ts';
import { line } from '../../test-support/small.ts';
import { IngredientLine } from '../model/index.ts';
import { readLine } from '../recipes/index.ts';
import * as v from 'valibot';

/** The raw-food hazards of a line as it is read. */
const rawIn = (text: string) => {
  const { food, amount } = readLine(text);
  const read = v.parse(IngredientLine, { ...line('l', food), text, amount });
  const hazards = evidenceOf([read]).flatMap(({ about }) => (about.kind === 'hazard' ? [about.hazard as string] : []));
  return [...new Set(hazards)].filter((hazard) => hazard.startsWith('raw-'));
};

test.each([
  ['600 g pork secreto', 'raw-meat'],
  ['beef onglet', 'raw-meat'],
  ['1 lamb henry', 'raw-meat'],
  ['beef featherblade', 'raw-meat'],
  ['8 chicken oyster thighs', 'raw-poultry'],
  ['chicken lollipops', 'raw-poultry'],
  ['4 sausage patties', 'raw-meat'],
  ['merguez', 'raw-meat'],
  ['8 pork sausages', 'raw-meat'],
  ['12 meatballs', 'raw-meat'],
  ['4 burgers', 'raw-meat'],
  ['1.5 kg roast beef', 'raw-cut'],
  ['800 g lamb, minced', 'raw-meat'],
  ['1 rolled lamb shoulder', 'raw-meat'],
  ['hake steaks', 'raw-fish'],
  ['300 g fish pie mix', 'raw-fish'],
  ['chicken thighs, to be cooked slowly', 'raw-poultry'],
  ['500 g minced beef with a jar of roasted peppers', 'raw-meat'],
  ['8 pork sausages and 1 canned tomato', 'raw-meat'],
  ['chicken thighs for barbecued skewers zorblax', 'raw-poultry'],
  ['pork secreto, grilled peppers', 'raw-meat'],
  ['part-cooked salmon zorblax', 'raw-fish'],
  ['uncooked prawns zorblax', 'raw-fish'],
  ['4 poached eggs', 'raw-egg'],
  ['200 g salmon, to be grilled', 'raw-fish'],
  ['4 salmon fillets zorblax, roasted in the oven', 'raw-fish'],
])('an animal that is named is raw, whatever the cut: %s', (text, hazard) => {
  expect(rawIn(text)).toContain(hazard);
});

test.each([
  '300 g cooked chicken, shredded nicely',
  'left-over turkey zorblax',
  'grilled salmon, flaked by hand by Nan',
  'grilled salmon',
  '300 g poached chicken, shredded',
  '2 tins of tuna',
  '4 frankfurters',
  'cooked sausages, sliced',
  'poached salmon with zorblax',
  'salmon (poached), zorblax',
  '500 ml chicken stock',
  'cured ham',
])('and not where it is said to be cooked: %s', (text) => {
  expect(rawIn(text)).toEqual([]);
});
