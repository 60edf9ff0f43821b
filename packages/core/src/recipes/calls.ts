import { foodOf, substitutionsFor, type FoodId } from '../reference/index.ts';
import { tokenise } from '../reading/index.ts';
import type { KnownLine } from './mentions.ts';
import { isVerb } from './verbWords.ts';

/** Words too general to name one ingredient. */
const general = new Set(
  (
    'all purpose fresh large small dried ground whole leaf piece powder juice plain white black red green yellow hot cold raw sweet mixed good quality fine sharp ' +
    'extra virgin light dark dry brown golden pale sauce paste seed salted unsalted ripe soft thick thin free range organic baby self natural greek smoked spring cooking baking ' +
    'head bunch handful sprig clove stick can tin jar pack bag sheet slice strip wedge chunk medium big little warm boneless skinless frozen instant crushed chopped'
  ).split(' '),
);

const vegetables = ['vegetable', 'veg', 'veggie'];
const kindOfFamily: Readonly<Record<string, readonly string[]>> = {
  berry: ['berry', 'fruit'],
  nut: ['nut'],
  seed: ['seed'],
  herb: ['herb'],
  cheese: ['cheese'],
  'white-fish': ['fish'],
  'oily-fish': ['fish'],
  citrus: ['fruit'],
  pome: ['fruit'],
  'stone-fruit': ['fruit'],
  'tropical-fruit': ['fruit'],
  mushroom: ['mushroom', 'cap', ...vegetables],
  legume: ['pulse', 'bean'],
  root: ['root', ...vegetables],
  brassica: vegetables,
  gourd: vegetables,
  nightshade: vegetables,
  pepper: vegetables,
  allium: ['onion', ...vegetables],
  umbellifer: vegetables,
  leaf: ['leaf', 'green', ...vegetables],
  maize: ['kernel'],
};
const kindOfHazard: Readonly<Record<string, readonly string[]>> = {
  meat: ['meat', 'roast', 'joint'],
  pork: ['meat', 'roast', 'joint'],
  poultry: ['meat', 'bird', 'roast'],
  egg: ['egg', 'yolk', 'white'],
};
/** Of these there are several, and all of them are meant. */
export const plural = new Set([
  ...vegetables,
  'herb',
  'spice',
  'fruit',
  'nut',
  'seed',
  'berry',
  'leaf',
  'green',
  'meat',
  'fish',
  'root',
]);

/** Shelves on which a thing is called by its first word too: "chicken" for chicken thighs, and not "burger" for burger buns. */
const wholeAisles = new Set([
  'meat and poultry',
  'fish and seafood',
  'fruit and vegetables',
  'vegetables',
  'fruit',
  'spices',
  'nuts and seeds',
  'pulses',
  'grains, pasta and rice',
]);
const dressings =
  /^(?:bun|roll|bread|sauce|seasoning|mix|powder|stock|paste|cream|milk|butter|oil|vinegar|juice|wrapper)$/;
/** What food comes in, and what is left of it: no name for it. */
const containers = new Set(
  'head bunch handful sprig clove stick can tin jar pack bag sheet slice strip wedge chunk piece half quarter fresh dried ground large small medium white green black optional each total needed taste extra drained'.split(
    ' ',
  ),
);
/** Short names of foods. */
const shortFor: Readonly<Record<string, string>> = {
  bicarb: 'bicarbonate of soda',
  mayo: 'mayonnaise',
  yog: 'yogurt',
  avo: 'avocado',
  spud: 'potato',
  tom: 'tomato',
  parm: 'parmesan',
  choc: 'chocolate',
  mozz: 'mozzarella',
  marg: 'margarine',
  evoo: 'olive oil',
  puree: 'tomato puree',
};
/** What a cook calls a food by its kind: "the berries" for strawberries, "the cheese" for cheddar, "the meat" for chicken. */
export function kindsOf(id: FoodId): readonly string[] {
  const food = foodOf(id);
  if (!food) return [];
  const kinds: string[] = food.families.flatMap((family) => kindOfFamily[family] ?? []);
  const isFlesh = food.aisle === 'meat and poultry';
  kinds.push(...food.contains.flatMap((hazard) => (isFlesh || hazard === 'egg' ? (kindOfHazard[hazard] ?? []) : [])));
  if (substitutionsFor(id).some((each) => each.role.endsWith('-cheese'))) kinds.push('cheese');
  if (food.aisle === 'spices') kinds.push('spice');
  if (/stock/.test(food.name)) kinds.push('broth');
  if (/broth/.test(food.name)) kinds.push('stock');
  if (/spaghetti|macaroni|penne|lasagne|pasta|noodle|linguine|fusilli/.test(food.name)) kinds.push('pasta', 'noodle');
  if (/bread|panko/.test(food.name)) kinds.push('crumb', 'bread');
  if (/^(?:brioche|challah|sourdough|baguette|ciabatta|focaccia|bread roll|bagel)/.test(food.name)) kinds.push('bread');
  return kinds;
}

export const wordsOf = (text: string): readonly string[] => tokenise(text).map((token) => token.word);

/** Names that its foods have: as the line says them, as the catalogue has them, and by their kinds. */
function foodNamesOf({ reading: { ingredient } }: KnownLine): readonly string[] {
  return [
    ...ingredient.foods.flatMap(({ food, words }) => {
      const entry = foodOf(food);
      return [words, ...[entry?.name, entry?.us].flatMap((name) => name ?? []), ...kindsOf(food)];
    }),
    // "Oil to fry": that is what it is for.
    ...ingredient.unknown.map(({ words }) => words).filter((words) => !isVerb(words)),
  ];
}

/** Juice and zest, by the name of their fruit where the line has it; mash. */
function* fruitNamesOf(text: string): Generator<string> {
  const parts = ['juice', 'zest'].filter((part) => new RegExp(`\\b${part}`, 'i').test(text));
  const fruit = /\b(lemon|lime|orange|grapefruit)s?\b/i.exec(text)?.[1]?.toLowerCase();
  // "500 g mashed potato": "into the mash".
  if (/\bmashed\b/i.test(text)) yield 'mash';
  if (fruit) for (const part of parts) yield `${fruit} ${part}`;
  if (parts.length > 0) yield* parts;
  else if (fruit && fruit !== 'grapefruit') yield* ['juice', 'zest'];
}

const isBird = ({ reading }: KnownLine): boolean =>
  reading.ingredient.foods.some(({ food }) => {
    const entry = foodOf(food);
    return entry?.aisle === 'meat and poultry' && entry.contains.some((hazard) => hazard === 'poultry');
  });
const cutOfBird =
  /\b(?:breasts?|thighs?|legs?|wings?|drumsticks?|mince|minced|stock|broth|fat|livers?|fillets?|pieces|cubes?|cubed|diced|strips|cooked|bones?|sausages?|shredded|leftover)\b/i;

/** What its words let a cook call it besides: juice and zest of a fruit, skin, short names, and its last word. */
function* looseNamesOf(line: KnownLine, names: ReadonlySet<string>): Generator<string> {
  const { text } = line.reading;
  yield* fruitNamesOf(text);
  // "Loosen the skin over the breast": of the bird.
  if (isBird(line) && !cutOfBird.test(text)) yield* ['skin', 'breast', 'cavity', 'leg'];
  if (/\bskin|shoulder|belly|whole (?:chicken|duck|turkey)\b/i.test(text)) yield 'skin';
  for (const [short, long] of Object.entries(shortFor))
    if (names.has(long) || text.toLowerCase().includes(long)) yield short;
  // "Turkey wings" are called wings, though the list of foods knows the bird alone.
  // What it is for is no name: "peas to go with".
  const last = wordsOf(text.replace(/\([^)]*\)|,.*$|\s(?:to|for|with|from|if)\s.*$/g, '')).at(-1);
  // "Cover with sheets."
  if (last === 'sheet' && /\b(?:lasagne|lasagna|pasta|filo|phyllo|nori|wonton)\b/i.test(text)) yield 'sheet';
  const isName = last !== undefined && last.length > 3 && !containers.has(last);
  if (isName && (!general.has(last) || /^(?:paste|seed|leaf)$/.test(last))) yield last;
}

/**
 * The phrases by which a step may call an ingredient: its names, their last words ("squash" for butternut squash), and their first ("chicken" for chicken
 * thighs) where nothing else is meant by it. `isOnly`: no other line has that word.
 */
export function callsOf(line: KnownLine, isOnly: (word: string) => boolean): readonly (readonly string[])[] {
  const names = new Set(foodNamesOf(line));
  for (const name of [...looseNamesOf(line, names)]) names.add(name);
  const isWhole = line.reading.ingredient.foods.every(({ food }) => wholeAisles.has(foodOf(food)?.aisle ?? ''));
  const calls = new Map<string, readonly string[]>();
  const put = (call: readonly string[]) => calls.set(call.join(' '), call);
  for (const name of names) {
    const words = wordsOf(name);
    words.forEach((word, from) => {
      const isSingle = from === words.length - 1;
      if (!isSingle || name === word || (!general.has(word) && word.length > 2)) put(words.slice(from));
    });
    const [first] = words;
    if (first === undefined || words.length < 2 || general.has(first) || first.length < 3) continue;
    if (isWhole || !dressings.test(words.at(-1)!) || isOnly(first)) put([first]);
  }
  return [...calls.values()];
}
