import * as fc from 'fast-check';
import { labelCorpus as corpus } from '../../test-support/labelCorpus.ts';
import { readLabel } from './label.ts';

const at = (text: string, level: 'contained' | 'possible' | 'trace') => {
  const { contained, possible, mayContain } = readLabel(text);
  return { contained, possible, trace: mayContain }[level].map((each) => each.hazard as string).sort();
};

test('over the corpus: nothing that is on a label is missed, nothing that is not is contained', () => {
  const missed: string[] = [];
  const alarms: string[] = [];
  const words = (list = '') => list.split(' ').filter(Boolean);
  for (const { text, contained, possible, trace } of corpus) {
    const [has, may, traces] = (['contained', 'possible', 'trace'] as const).map((level) => at(text, level));
    for (const hazard of words(contained)) if (!has!.includes(hazard)) missed.push(`${hazard} contained in: ${text}`);
    for (const hazard of words(possible))
      if (![...has!, ...may!].includes(hazard)) missed.push(`${hazard} possible in: ${text}`);
    for (const hazard of words(trace))
      if (![...has!, ...may!, ...traces!].includes(hazard)) missed.push(`${hazard} as a trace in: ${text}`);
    for (const hazard of has!)
      if (
        ![
          ...words(contained),
          'gluten',
          'tree-nut',
          'lactose',
          ...(words(contained).includes('pork') ? ['meat'] : []),
        ].includes(hazard)
      )
        alarms.push(`${hazard} as contained in: ${text}`);
    for (const hazard of traces!)
      if (![...words(trace), 'gluten', 'tree-nut', 'lactose'].includes(hazard))
        alarms.push(`${hazard} as a trace in: ${text}`);
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
  expect(at('INGREDIENTS: sugar, skimmed\nMILK powder, wheat-\nflour, emulsifier: E\u00ad322', 'contained')).toEqual(
    expect.arrayContaining(['milk', 'wheat']),
  );
});

test('words nobody knows on a list are reported with their place', () => {
  const text = 'Ingredients: sugar, zorblaxate, salt';
  expect(readLabel(text).unknown.map((each) => text.slice(each.start, each.end))).toEqual(['zorblaxate']);
});

test('every finding lies in the text, whatever the text, and long ones end', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string({ unit: 'grapheme', maxLength: 300 }),
        fc
          .array(
            fc.constantFrom(
              'Ingredients:',
              'may contain',
              '(',
              ')',
              'milk',
              ',',
              '.',
              '\n',
              'contains',
              'free from',
              'wheat',
              'made in a facility that',
            ),
            { maxLength: 60 },
          )
          .map((parts) => parts.join(' ')),
      ),
      (text) => {
        const reading = readLabel(text);
        for (const each of [...reading.contained, ...reading.possible, ...reading.mayContain])
          expect(text.slice(each.start, each.end)).toBe(each.words);
      },
    ),
  );
  for (const text of [
    'Ingredients: ' + '('.repeat(10_000) + 'milk' + ')'.repeat(10_000),
    'may contain '.repeat(3_000),
    'made in a '.repeat(3_000),
    'not suitable for '.repeat(2_000),
  ])
    expect(readLabel(text).text).toBe(text);
  expect(at('Ingredients: ' + '('.repeat(10_000) + 'milk' + ')'.repeat(10_000), 'contained')).toContain('milk');
});

describe('a claim lifts what it is about, and nothing else', () => {
  test.each([
    ['Ingredients: oats, natural flavouring, dark chocolate. May contain milk. Suitable for vegans.', 'milk'],
    ['Vegan. Ingredients: sugar, glucose syrup, margarine, colour. May contain traces of milk and egg.', 'egg milk'],
    ['Ingredients: rice, stock powder, salt. Gluten-free. May contain wheat.', 'wheat'],
    ['Dairy-free spread. Ingredients: vegetable oils, water, margarine. Made in a factory that handles milk.', 'milk'],
  ])('%s', (text, traces) => {
    // What a label leaves open besides is graver than a precaution.
    expect([...at(text, 'possible'), ...at(text, 'trace')]).toEqual(expect.arrayContaining(traces.split(' ')));
  });
});

describe('how much of something there is does not say what it is made of', () => {
  const possibleIn = (text: string) => at(`Ingredients: rice, ${text}, salt.`, 'possible');
  test.each([
    ['mayonnaise (12 %)', 'mayonnaise'],
    ['mayonnaise (12%, free range)', 'mayonnaise'],
    ['stock powder (4g)', 'stock powder'],
    ['margarine [8 %]', 'margarine'],
    ['biscuit pieces (minimum 15 %)', 'biscuit pieces'],
    ['curry paste (5.5 %)', 'curry paste'],
  ])('%s', (share, plain) => {
    expect(possibleIn(share)).toEqual(possibleIn(plain));
  });
});

test('what answers a way of eating is read where it is said, and not where it is denied', () => {
  const claimed = (text: string) => readLabel(text).claims.map(({ claim }) => claim);
  expect(claimed('Ingredients: pasteurized milk, salt, rennet')).toContain('pasteurised');
  expect(claimed('Ingredients: unpasteurised milk, salt')).not.toContain('pasteurised');
  expect(claimed('Halal. Ingredients: lamb')).toContain('halal');
  expect(claimed('Not kosher. Ingredients: beef')).not.toContain('kosher');
});
