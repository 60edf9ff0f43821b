import * as fc from 'fast-check';
import { corpus } from '../../test-support/ingredientCorpus.ts';
import { readIngredient } from './ingredient.ts';
import { tokenise } from './tokens.ts';

const read = (text: string) => readIngredient(text);
const contained = (text: string) => read(text).contained.map((each) => each.hazard as string);
const possible = (text: string) => read(text).possible.map((each) => each.hazard as string);

test('over the corpus: no false clear, few false alarms', () => {
  const missed: string[] = [];
  const alarms: string[] = [];
  for (const line of corpus) {
    const [has, may] = [contained(line.text), possible(line.text)];
    const open = read(line.text).unknown.length > 0;
    for (const hazard of line.contains)
      if (!has.includes(hazard) && !(open && may.includes(hazard))) missed.push(`${line.text}: ${hazard} is contained`);
    for (const hazard of line.possible)
      if (![...has, ...may].includes(hazard) && !open) missed.push(`${line.text}: ${hazard} is possible`);
    const allowed = [
      ...line.contains,
      ...line.possible,
      'gluten',
      'tree-nut',
      'lactose',
      ...(line.contains.includes('pork') ? ['meat'] : []),
    ];
    for (const hazard of has) if (!allowed.includes(hazard)) alarms.push(`${line.text}: ${hazard} as contained`);
    if (line.contains.length + line.possible.length === 0 && may.length > 0)
      alarms.push(`${line.text}: ${may.join(', ')} as possible`);
  }
  console.log(
    `ingredient corpus: ${corpus.length} lines, ${missed.length} false clears, ${alarms.length} false alarms (${((100 * alarms.length) / corpus.length).toFixed(1)} %)`,
  );
  if (alarms.length / corpus.length >= 0.03) console.log(alarms.join('\n'));
  expect(missed).toEqual([]);
  expect(alarms.length / corpus.length).toBeLessThan(0.03);
});

test('each finding points at the words it rests on', () => {
  const text = 'Fold in 200 ml crème fraîche and the toasted walnuts.';
  for (const each of [...read(text).contained, ...read(text).possible])
    expect(text.slice(each.start, each.end)).toBe(each.words);
  expect([...read(text).contained, ...read(text).possible].find((each) => each.hazard === 'milk')!.words).toBe(
    'crème fraîche',
  );
  expect([...read(text).contained, ...read(text).possible].find((each) => each.hazard === 'tree-nut')!.words).toBe(
    'walnuts',
  );
});

test('one letter makes another food', () => {
  const names = (text: string) => read(text).foods.map((each) => each.food as string);
  expect([names('salt and pepper'), names('2 peppers'), names('lady’s fingers'), names('lady fingers')]).toEqual([
    ['salt', 'black-pepper'],
    ['sweet-pepper'],
    [],
    ['sponge-finger'],
  ]);
});

test('free-from words remove only what they name', () => {
  expect(contained('lactose-free milk')).toEqual(['milk']);
  expect(contained('gluten-free oats')).toEqual(['oats']);
  expect(possible('gluten-free oats')).toEqual([]);
  expect(contained('gluten-free soy sauce')).toEqual(['soy']);
  expect(contained('dairy-free pesto with walnuts')).toContain('walnut');
});

test('what is known by its words for what it holds is the food that it names', () => {
  for (const text of ['50g chopped hazelnuts', 'stir in 50g chopped hazelnuts'])
    expect(read(text).foods.map(({ food }) => food as string)).toEqual(['hazelnuts']);
  expect(contained('50g chopped hazelnuts')).toContain('hazelnut');
});

test('a word said once stands for all of a list', () => {
  const foods = (text: string) => read(text).foods.map(({ food }) => food as string);
  expect(foods('1 can each black, kidney, pinto beans')).toEqual(['black-beans', 'kidney-beans', 'pinto-beans']);
  expect(contained('1 can each black, kidney, pinto beans')).toEqual([]);
  expect(foods('pumpkin, sunflower and sesame seeds')).toEqual(['pumpkin-seeds', 'sunflower-seeds', 'sesame-seeds']);
  expect(contained('butter and kidney beans')).toContain('milk');
  expect(contained('kidney and bacon')).toContain('meat');
  expect(foods('onion, carrot and kidney beans')).toEqual(['onion', 'carrot', 'kidney-beans']);
});

test('words nobody knows are said, and never make a line clear', () => {
  expect(read('2 tbsp zorblax').unknown.map((each) => each.words)).toEqual(['zorblax']);
  expect(read('2 tbsp zorblax').animal).toBe('unknown');
});

test('words that name nothing are not taken for a food that holds nothing', () => {
  expect(['as needed', '2 cups', ''].map((text) => read(text).animal)).toEqual(['unknown', 'unknown', 'unknown']);
  expect(read('2 cups').unknown).toHaveLength(1);
  expect(read('salt').unknown).toEqual([]);
});

test('animal or not', () => {
  expect(
    ['butter', 'carrots', 'red wine', 'honey', 'vegan butter', 'lard or oil'].map((text) => read(text).animal),
  ).toEqual(['animal', 'none', 'possible', 'animal', 'none', 'possible']);
});

describe('whatever is thrown at it', () => {
  test('it answers, spans lie in the text, and nothing is found twice at one level', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ unit: 'grapheme', maxLength: 200 }), fc.string({ unit: 'binary', maxLength: 200 })),
        (text) => {
          const reading = read(text);
          for (const each of [
            ...reading.contained,
            ...reading.possible,
            ...reading.foods,
            ...reading.claims,
            ...reading.unknown,
          ])
            expect(text.slice(each.start, each.end)).toBe(each.words);
          expect(new Set([...reading.contained, ...reading.possible].map((each) => each.hazard)).size).toBe(
            reading.contained.length + reading.possible.length,
          );
        },
      ),
    );
  });
  test('one more ingredient after "and" never takes a hazard away', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          ...corpus.map((line) => line.text).filter((text) => !/\bor\b|free|without|vegan|\//.test(text)),
        ),
        fc.constantFrom('and salt', 'and butter', 'and walnuts', 'and zorblax'),
        (text, more) => {
          const after = contained(`${text} ${more}`);
          for (const hazard of contained(text)) expect(after).toContain(hazard);
        },
      ),
    );
  });
  test('nothing grows faster than the text: brackets, accents and repetition', () => {
    for (const text of [
      '('.repeat(20_000),
      'é'.repeat(20_000),
      'butter or '.repeat(2_000),
      '\u202Emilk'.repeat(2_000),
      'no '.repeat(5_000),
      'vegan milk '.repeat(2_000),
      'not vegan '.repeat(2_000),
      'may contain '.repeat(2_000),
      'milk and '.repeat(2_000),
      '<script>alert(1)</script>',
    ])
      expect(read(text).text).toBe(text);
  });
});

test('tokens: accents, apostrophes, plurals, e-numbers', () => {
  expect(tokenise("Crème-fraîche, goat's cheeses, E-322, jalapeños").map((token) => token.word)).toEqual([
    'creme',
    'fraiche',
    'goat',
    'cheese',
    'e322',
    'jalapeno',
  ]);
});

describe('which kind to buy is a wish, and no word about the packet that is there', () => {
  test.each([
    ['150 g plant cheese (one without casein)', '150 g plant cheese'],
    ['plant cheese, a brand without milk', 'plant cheese'],
    ['200 g vegan sausages (the kind with no egg)', '200 g vegan sausages'],
    ['stock cubes, a type free from celery', 'stock cubes'],
  ])('%s', (wish, plain) => {
    const hazards = (text: string) =>
      readIngredient(text)
        .possible.map((each) => each.hazard as string)
        .sort();
    expect(hazards(wish)).toEqual(hazards(plain));
  });
});

test.each([
  ['3 tbsp soy', 'soy-sauce'],
  ['2 tbsp dark soy', 'soy-sauce'],
  ['50 ml soy, plus more to serve', 'soy-sauce'],
  ['a splash of soy', 'soy-sauce'],
  ['light soy', 'soy-sauce'],
  ['200 ml soy milk', 'soya-drink'],
  ['2 tbsp soya flour', 'soya-flour'],
  ['200 g soya beans', 'soya-beans'],
  ['soy', 'soya-beans'],
])('the sauce by its short name: %s is %s, and holds its wheat', (text, food) => {
  expect(readIngredient(text).foods.map((each) => each.food)).toEqual([food]);
});
