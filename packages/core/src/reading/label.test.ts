import * as fc from 'fast-check';
import { readLabel } from './label.ts';

const at = (text: string, level: 'contained' | 'possible' | 'trace') => { const { contained, possible, mayContain } = readLabel(text); return { contained, possible, trace: mayContain }[level].map((each) => each.hazard as string).sort(); };

const corpus: readonly { readonly text: string; readonly contained: string; readonly possible?: string; readonly trace?: string }[] = [
  { text: 'Ingredients: WHEAT flour, sugar, palm oil, whey powder (MILK), salt. May contain nuts.', contained: 'wheat milk', trace: 'tree-nut' },
  { text: 'INGREDIENTS: Oats, sunflower oil, honey.\nAllergy advice: contains gluten.\nMay also contain traces of milk, soya and sesame.', contained: 'oats honey gluten', trace: 'milk soy sesame' },
  { text: 'Ingredients: tomatoes (60%), onion, olive oil, basil, salt.', contained: '' },
  { text: 'Milk chocolate. Ingredients: sugar, cocoa butter, whole milk powder, cocoa mass, emulsifier (soya lecithin), natural vanilla flavouring. Contains: milk, soy. Made in a facility that also processes peanuts and tree nuts.', contained: 'milk soy', trace: 'peanut tree-nut' },
  { text: 'Ingredients: chickpeas, tahini (sesame seed paste), lemon juice, garlic, salt. Produced in a kitchen which handles egg, mustard and celery.', contained: 'sesame', trace: 'egg mustard celery' },
  { text: 'Vegetable stock cubes. Ingredients: salt, yeast extract (contains barley), palm fat, celery seed, onion powder, turmeric.', contained: 'barley celery' },
  { text: 'Ingredients: rice, water. Manufactured on equipment that processes wheat, soy and egg.', contained: '', trace: 'wheat soy egg' },
  { text: 'Worcester style sauce. Ingredients: malt vinegar (from barley), molasses, anchovies (fish), tamarind extract, onions, garlic. Not suitable for vegetarians.', contained: 'barley fish' },
  { text: 'ingredients: water, sugar, glucose syrup, gelatine, citric acid, natural flavouring, colour: carmine', contained: 'gelatine other-animal', possible: 'milk' },
  { text: 'Ingredients: Cream (MILK), sugar, EGG yolk, vanilla. Store in a freezer. Serving suggestion: serve with wafers and chopped hazelnuts.', contained: 'milk egg' },
  { text: 'Ingredients: almonds (95%), sea salt. Packed in an environment where other nuts are handled.', contained: 'almond tree-nut' },
  { text: 'Ingredients: prawns (crustacean) 70%, water, salt, sodium metabisulphite (sulphites). May contain fish. May contain pieces of shell.', contained: 'crustacean sulphites', trace: 'fish' },
  { text: 'Pitted olives. Ingredients: olives, water, salt. May contain stones.', contained: '' },
  { text: 'Ingredients: potatoes, sunflower oil, salt.\nNutrition information: fat 30 g, milk protein 0 g', contained: '' },
  { text: 'Ingredients: maize, sugar, barley malt extract, salt. Contains gluten.', contained: 'barley gluten' },
  { text: 'INGREDIENTS: ENRICHED FLOUR (WHEAT FLOUR, NIACIN), SOYBEAN OIL, SUGAR, WHEY, SOY LECITHIN. CONTAINS WHEAT, MILK, SOY. MAY CONTAIN TREE NUTS.', contained: 'wheat milk soy', trace: 'tree-nut' },
  { text: 'Ingredients: peanuts, salt. Contains peanuts. May be present: almond, cashew.', contained: 'peanut', trace: 'almond cashew' },
  { text: 'Ingredients: tofu (water, soya beans, firming agent), sunflower oil. Cannot guarantee free from nuts.', contained: 'soy', trace: 'tree-nut' },
  { text: 'Ingredients: mussels (molluscs), water, salt. Allergens: molluscs. Shared equipment with crustaceans.', contained: 'mollusc', trace: 'crustacean' },
  { text: 'Ingredients: water, oats 10%, rapeseed oil, calcium carbonate, salt. Contains no dairy.', contained: 'oats', possible: 'gluten' },
  { text: 'Gluten-free oat biscuits. Ingredients: oats, sugar, palm oil, golden syrup.', contained: 'oats' },
  { text: 'Dijon mustard. Ingredients: water, mustard seeds, vinegar, salt, sodium metabisulphite.', contained: 'mustard sulphites' },
  { text: 'Ingredients: lupin flour, water, salt', contained: 'lupin' },
  { text: 'Ingredients: pasta (durum wheat semolina), may contain soya and mustard', contained: 'wheat', trace: 'soy mustard' },
];

test('over the corpus: nothing that is on a label is missed, nothing that is not is contained', () => {
  const missed: string[] = [];
  const alarms: string[] = [];
  const words = (list = '') => list.split(' ').filter(Boolean);
  for (const { text, contained, possible, trace } of corpus) {
    const [has, may, traces] = (['contained', 'possible', 'trace'] as const).map((level) => at(text, level));
    for (const hazard of words(contained)) if (!has!.includes(hazard)) missed.push(`${hazard} contained in: ${text}`);
    for (const hazard of words(possible)) if (![...has!, ...may!].includes(hazard)) missed.push(`${hazard} possible in: ${text}`);
    for (const hazard of words(trace)) if (![...has!, ...may!, ...traces!].includes(hazard)) missed.push(`${hazard} as a trace in: ${text}`);
    for (const hazard of has!) if (![...words(contained), 'gluten', 'tree-nut', 'lactose'].includes(hazard)) alarms.push(`${hazard} as contained in: ${text}`);
    for (const hazard of traces!) if (![...words(trace), 'gluten', 'tree-nut', 'lactose'].includes(hazard)) alarms.push(`${hazard} as a trace in: ${text}`);
  }
  console.log(`label corpus: ${corpus.length} labels, ${missed.length} missed, ${alarms.length} false alarms`);
  expect({ missed, alarms }).toEqual({ missed: [], alarms: [] });
});

test('what a composite may hold is settled by its own list in brackets', () => {
  expect(at('Ingredients: dark chocolate (cocoa mass, sugar, cocoa butter)', 'possible')).toEqual([]);
  expect(at('Ingredients: dark chocolate, sugar', 'possible')).toContain('milk');
});

test('contradictions are said in plain words; the list outranks the claim', () => {
  const vegan = readLabel('Vegan bites. Ingredients: rice, casein (milk protein), sugar.');
  expect(vegan.contained.map((each) => each.hazard as string)).toContain('milk');
  expect(vegan.contradictions.join()).toMatch(/says “vegan”, and lists milk/);
  const trace = readLabel('Dairy-free spread. Ingredients: rapeseed oil, water, salt. May contain milk.');
  expect(trace.contradictions).toEqual(['It says “dairy-free”, and that it may contain milk.']);
  expect(readLabel('Vegan bar. Ingredients: oats, dates. May contain milk.').contradictions).toEqual([]);
});

test('broken lines and capitals do not hide anything', () => {
  expect(at('INGREDIENTS: sugar, skimmed\nMILK powder, wheat-\nflour, emulsifier: E\u00ad322', 'contained')).toEqual(expect.arrayContaining(['milk', 'wheat']));
});

test('words nobody knows on a list are reported with their place', () => {
  const text = 'Ingredients: sugar, zorblaxate, salt';
  expect(readLabel(text).unknown.map((each) => text.slice(each.start, each.end))).toEqual(['zorblaxate']);
});

test('every finding lies in the text, whatever the text, and long ones end', () => {
  fc.assert(fc.property(fc.oneof(fc.string({ unit: 'grapheme', maxLength: 300 }), fc.array(fc.constantFrom('Ingredients:', 'may contain', '(', ')', 'milk', ',', '.', '\n', 'contains', 'free from', 'wheat', 'made in a facility that'), { maxLength: 60 }).map((parts) => parts.join(' '))), (text) => {
    const reading = readLabel(text);
    for (const each of [...reading.contained, ...reading.possible, ...reading.mayContain]) expect(text.slice(each.start, each.end)).toBe(each.words);
  }));
  for (const text of ['Ingredients: ' + '('.repeat(10_000) + 'milk' + ')'.repeat(10_000), 'may contain '.repeat(3_000), 'made in a '.repeat(3_000), 'not suitable for '.repeat(2_000)]) expect(readLabel(text).text).toBe(text);
  expect(at('Ingredients: ' + '('.repeat(10_000) + 'milk' + ')'.repeat(10_000), 'contained')).toContain('milk');
});
