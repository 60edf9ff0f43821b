import { foodOf, hazardOf, type Food, type FoodId, type HazardId } from '../reference/index.ts';
import { isTheOne, readIngredient, type IngredientReading, type ReadFood } from '../reading/index.ts';
import { LineId, type IngredientLine, type Recipe, type Step } from '../model/index.ts';
import * as v from 'valibot';
import { lineEvidence, type Evidence } from './evidence.ts';
import { noLabels, type Knowledge } from './knowledge.ts';

/** A food that a step names and no line of the recipe has. */
export interface NamedInStep {
  /** Absent where only its words are known, by what they hold: "walnut pieces", "curd". */
  readonly food?: FoodId | undefined;
  readonly words: string;
  readonly step: Step;
  /** Allergens it brings or may bring that nothing on the list does. */
  readonly unseen: readonly HazardId[];
  /** The same word stands on the list for something else: "flour" beside a gluten-free flour. */
  readonly isNamedOnList: boolean;
}

/** Foods that a step may name without their being ingredients of this dish. */
const notIngredients = new Set(['water', 'ice']);
const kitchenThings =
  /\b(?:baking (?:sheet|tray|paper|parchment|dish|tin)|grease ?proof|roasting tin|pie dish|(?:cake|sandwich) tins?|sandwich (?=(?:with|together|them|the (?:cakes?|sponges?|layers?|halves|biscuits))\b)|pasta water|bread ?knife|egg timer|ice bath|salad bowl|fish slice|cheese ?cloth|muslin|nut milk bag|butter knife|off the cobs?|(?:want|keep|wash off|rinse off) the starch|(?:paper|parchment|foil) and (?:baking |dried )?beans|(?:baking|ceramic) beans|beans and (?:the )?(?:paper|parchment|foil)|(?<!\b(?:the|some|white|black|roasted|toasted|of|with|and|g|tsp|tbsp)\s+)['’]?til(?=\s+(?!seeds?\b|oil\b|paste\b)\p{L})|while you (?:have|drink|make|enjoy) (?:a |your )?(?:cup of |nice )?(?:tea|coffee)|(?:in|into|to|same|flameproof|ovenproof|heavy|large) (?:an? |the |your )?(?:[\w-]+ ){0,2}casserole(?! dish)|(?:(?:big|lidded|hot|deep|wide) )+casserole|casserole (?:in|into|out of) the oven|to an? (?:coarse |fine )?(?:flour|powder)|loaf tin|bun tin|muffin (?:tin|tray)|tart tin|rice cooker|potato (?:masher|peeler|ricer)|garlic press|milk pan|coffee grinder|wine glass|size of (?:a|an) \w+|thickness of (?:a )?[\w ]{0,12}cream|consistency of (?:a )?[\w ]{0,14}(?:cream|custard|yogh?urt|batter|honey)|like (?:wet |damp )?(?:sand|breadcrumbs|cream)|resembles? (?:fine |coarse |wet )?(?:bread ?crumbs|sand))/giu;

/** "Rub in until it is like crumbs", "blitz to breadcrumbs": what it looks like. "Roll in crumbs" is something to eat. */
const asCrumbs =
  /\blike (?:fine |coarse |rough )?(?:bread ?)?crumbs|(?<=\b(?:rub|blitz|pulse|whizz|process|blend|crush|crumble|bash|grind|break|mix|work)(?:s|ed|es|ing)?\b[^.;]{0,60})\b(?:in)?to (?:fine |coarse |rough |green )?(?:bread ?)?crumbs/gi;
/** "It goes gummy": what it is like. */
const likeIt = /(?<=\b(?:it|they)\s+(?:goes?|turns?|looks?|feels?)\s+(?:a bit |all |too )?)(?!a\b|an\b|the\b)\p{L}+/giu;
/** "When the butter's melted": a word short. */
const shortened =
  /(?<=\p{L})['’]s(?=\s+(?:had|gone|done|ready|hot|cold|cool(?:ed)?|melted|soft|golden|brown|cooked|boiling|all|in|not|just|still|been|starting|beginning|going|coming)\b)/giu;

/** "Toast the almonds", "and toast in a dry pan": what is done, and no bread. */
const toasting =
  /(?:^|[.;:,]\s*|\b(?:and|then|meanwhile,?)\s+)(?:(?:toast|stir[- ]fry)(?=\s+\p{L})|fish(?=\s+(?:out|them|it)\b)|(?:squash|chuck|sandwich|poke)(?=\s+(?:the|a|it|them|some|a few|half|all|your|each|everything|together|two|in|into)\b))/giu;
/** Called "the", these are what was simmered or mashed here. */
const theMade = new Set(['stock', 'broth', 'guacamole']);

/** What is made here where its food is on the list, and bought where it is not. */
const madeOf: Readonly<Record<string, RegExp>> = {
  meatball: /\b(?:mince|minced|ground (?:beef|pork|lamb|turkey|chicken))\b/,
  slaw: /\bcabbage|kohlrabi/,
  coleslaw: /\bcabbage/,
  falafel: /\bchickpeas?|broad beans?\b/,
  kofta: /\b(?:mince|minced|ground (?:beef|pork|lamb|turkey|chicken))\b/,
  fishcake: /\bcod|haddock|salmon|fish\b/,
  'fish cake': /\bcod|haddock|salmon|fish\b/,
};

/** Words for what is being made, which are names of bought foods too. */
const madeHere = new Set([
  'roll',
  'sauce',
  'juice',
  'mixture',
  'dough',
  'batter',
  'dressing',
  'filling',
  'topping',
  'glaze',
  'marinade',
  'gravy',
  'soup',
  'stew',
  'salad',
  'curry',
  'pudding',
  'crumble',
  'pie',
  'tart',
  'cake',
  'loaf',
  'loave',
  'bun',
  'biscuit',
  'cookie',
  'pancake',
  'dumpling',
  'sponge',
  'meringue',
  'puree',
  'paste',
  'vegetable',
  'fruit',
  'herb',
  'spice',
  'seed',
  'leaf',
  'leave',
  'poultry',
  'meat',
  'bird',
  'stuffing',
  'icing',
  'patty',
  'burger',
  'wrap',
  'dip',
  'spread',
  'mince',
  'skin',
  'bone',
  'crackling',
  'dripping',
  'cooking juice',
  'pan juice',
  'pickle',
  'jelly',
  'round',
  'finger',
  'log',
  'crust',
  'case',
  'base',
  'seasoning',
  'cooking water',
  'cooking liquid',
]);

/** "And bread to mop it up". */
const toMop = /\band (?:some |a bit of |plenty of )?([^.,;\n]{3,40}?)(?= to (?:mop|dip|dunk|scoop)\b)/gi;
const servedWith =
  /\b(?:serve[sd]?|eat|eaten|goes well|good|delicious|lovely|great|nice|offer(?:ed)?|bring to the table|accompany|accompanied)\b[^.;\n]{0,40}?\b(?:with|by) ([^.;\n]{3,80})/gi;

/** What a text says the dish is served with, in its own words. */
export function servedWithOf(text: string): string[] {
  const found = [...text.matchAll(servedWith), ...text.matchAll(toMop)].map((match) =>
    match[1]!.trim().replace(/,?\s+(?:if you like|on the side|alongside|to serve|to dip|for dipping)$/i, ''),
  );
  return [...new Set(found)].slice(0, 10);
}

/** What stands beside the dish is eaten with it, and counts like everything in it: in whose words it is said and that no line has. */
export function servedBesideOf(recipe: Recipe, lines: readonly IngredientLine[]): readonly string[] {
  const listed = foodsOn(lines);
  const known = hazardsOn(lines, noLabels);
  const said = [...recipe.servedWith, ...servedWithOf(recipe.steps.map((step) => step.text).join('\n'))];
  return [...new Set(said)].filter((words) => {
    if (recipe.notMeant?.includes(words)) return false;
    const reading = readIngredient(words);
    // "The sliced meat" is the leg that was roasted.
    const isOfIt = ({ food, start }: ReadFood) =>
      isTheOne(words, start) && foodOf(food)!.contains.every((hazard) => known.has(hazard));
    return (
      reading.foods.some((each) => !listed.has(each.food) && !isOfIt(each)) ||
      knownByWords(reading).some(({ hazards }) => hazards.some((hazard) => !known.has(hazard)))
    );
  });
}

const foodsOn = (lines: readonly IngredientLine[]): ReadonlySet<string> =>
  new Set(
    lines.flatMap((line) => [
      ...readIngredient(line.text).foods.map((each) => each.food as string),
      ...(line.food ? [line.food] : []),
    ]),
  );

const hazardsOn = (lines: readonly IngredientLine[], knowledge: Knowledge): ReadonlySet<string> =>
  new Set(
    lines
      .flatMap((line) => lineEvidence(line, knowledge))
      .flatMap(({ about }) => (about.kind === 'hazard' ? [about.hazard] : [])),
  );

const withoutS = (word: string): string => word.replace(/s$/, '');
const wordsIn = (words: string): readonly string[] => words.split(/[\s-]+/);
const blank = (words: string): string => ' '.repeat(words.length);

/** Allergens that a food brings, or may bring in more than a trace. */
const allergensOf = ({ contains, possible }: Food): readonly HazardId[] =>
  [...contains, ...possible.filter((each) => !each.trace).map((each) => each.hazard)].filter(
    (hazard) => hazardOf(hazard).kind === 'allergen',
  );

/** What the step itself makes of the lines: dough, meatballs of mince. */
const isMadeHere = (single: string, lines: readonly string[]): boolean =>
  madeHere.has(single) || lines.some((line) => madeOf[single]?.test(line));

/** "The tomato sauce", where tomatoes are on the list: the one that was made. */
const isSauceOf = (single: string, lines: readonly string[]): boolean => {
  const [first = '', last, ...more] = wordsIn(single);
  return last !== undefined && more.length === 0 && last === 'sauce' && lines.some((line) => line.includes(first));
};

/** "The pie", "the stock": what this recipe makes, where it says "the". A sauce only where a bought one would bring nothing else for certain: "the oyster sauce" is of no oyster mushrooms. */
const isTheMade = (
  single: string,
  head: string,
  lines: readonly string[],
  { contains }: Food,
  known: ReadonlySet<string>,
): boolean =>
  single === head ||
  theMade.has(single) ||
  (isSauceOf(single, lines) && contains.every((hazard) => hazardOf(hazard).kind !== 'allergen' || known.has(hazard)));

/** Foods that a recipe's steps name and that none of these lines, which are all it is made of, has. */
export function namedInSteps(
  recipe: Recipe,
  lines: readonly IngredientLine[],
  knowledge: Knowledge,
): readonly NamedInStep[] {
  const texts = lines.map((line) => `${line.text} ${line.food ? (foodOf(line.food)?.name ?? '') : ''}`.toLowerCase());
  const listed = foodsOn(lines);
  const listedFoods = [...listed].flatMap((id) => foodOf(id) ?? []);
  const parts = new Set<string>(listedFoods.flatMap((food) => food.holds));
  const families = new Set<string>(listedFoods.flatMap((food) => food.families));
  const known = hazardsOn(lines, knowledge);
  const head = withoutS(
    recipe.name
      .replace(/\([^)]*\)/g, '')
      .trim()
      .toLowerCase()
      .split(/\s+/)
      .at(-1) ?? '',
  );
  const titles = `${recipe.name} ${lines.map((line) => line.heading ?? '').join(' ')}`.toLowerCase();
  const seen = new Set<string>();
  const notMeant = new Set(recipe.notMeant);
  return recipe.steps.flatMap((step) => {
    const text = step.text
      .replace(shortened, blank)
      .replace(kitchenThings, blank)
      .replace(asCrumbs, blank)
      .replace(toasting, blank)
      .replace(toMop, blank)
      .replace(likeIt, blank)
      .replace(servedWith, (whole, beside: string) => whole.slice(0, -beside.length) + blank(beside));
    const reading = readIngredient(text);
    const bare = knownByWords(reading).flatMap(({ words, hazards }): readonly NamedInStep[] => {
      const unseen = hazards.filter((hazard) => !known.has(hazard));
      // "Dip in seasoned flour": the flour on the list, with salt and pepper.
      const plain = /^seasoned (?<what>.+)$/i.exec(words)?.groups?.['what']?.toLowerCase();
      if (plain !== undefined && texts.some((line) => line.includes(plain))) return [];
      if (unseen.length === 0 || seen.has(words.toLowerCase()) || notMeant.has(words)) return [];
      seen.add(words.toLowerCase());
      return [{ words, step, unseen, isNamedOnList: false }];
    });
    const foods = reading.foods.flatMap((named): readonly NamedInStep[] => {
      const food = foodOf(named.food)!;
      const words = named.words.toLowerCase();
      const isThe = isTheOne(text, named.start);
      const single = withoutS(words);
      const isMade = isMadeHere(single, texts) || (isThe && isTheMade(single, head, texts, food, known));
      const isListed = [seen, listed, parts, notIngredients].some((each) => each.has(food.id));
      if (isListed || isMade || words.length < 4 || notMeant.has(named.words)) return [];
      const brings = allergensOf(food);
      const unseen = brings.filter((hazard) => !known.has(hazard));
      // "The cheese" for the cheddar, "orange juice" for what runs from the oranges: another word for what is on the list, which brings nothing new.
      const isAnother =
        food.families.some((family) => families.has(family)) ||
        wordsIn(words).some((word) => word.length > 3 && texts.some((line) => line.includes(withoutS(word))));
      const isOfThisDish = brings.length > 0 || wordsIn(words).some((word) => madeHere.has(withoutS(word)));
      const stem = words.replace(/(?:es|s)$/, '');
      // "Beside the bread" of the flatbread; but a walnut cake whose list has no walnuts forgot them.
      if (titles.includes(stem) && !food.contains.some((hazard) => unseen.includes(hazard))) return [];
      const last = withoutS(wordsIn(words).at(-1)!);
      const isNamedOnList =
        texts.some((line) => line.includes(stem)) ||
        (isThe && texts.some((line) => wordsIn(line).map(withoutS).includes(last)));
      if (unseen.length === 0 && (isAnother || isOfThisDish || isNamedOnList)) return [];
      if (isNamedOnList && isThe) return [];
      seen.add(food.id);
      return [{ food: food.id, words: named.words, step, unseen, isNamedOnList }];
    });
    return [...foods, ...bare];
  });
}

/** Words that name no food of the catalogue, and of which is known what they hold; allergens alone. */
function knownByWords({ contained, foods }: IngredientReading): readonly {
  readonly words: string;
  readonly hazards: readonly HazardId[];
}[] {
  const found = new Map<number, { words: string; hazards: HazardId[] }>();
  for (const { hazard, words, start, end, isGuess } of contained) {
    // In running text a word that is merely like another is another word.
    if (isGuess || hazardOf(hazard).kind !== 'allergen' || foods.some((food) => start < food.end && end > food.start))
      continue;
    const there = found.get(start) ?? { words, hazards: [] };
    there.hazards.push(hazard);
    found.set(start, there);
  }
  return [...found.values()];
}

/** What is said to be in a dish, or beside it, though no line has it: where it is said, as a line of its own. */
interface Said {
  readonly line: IngredientLine;
  readonly because: string;
}

const said = new WeakMap<Recipe, readonly Said[]>();
const saidByWords = new Map<string, readonly Said[]>();

function saidIn(recipe: Recipe): readonly Said[] {
  const known = said.get(recipe);
  if (known) return known;
  // Copies of a recipe say the same; the memory is let go before it grows.
  const words = wordsOf(recipe);
  const before = saidByWords.get(words);
  const found = before ?? findSaid(recipe);
  if (!before) {
    if (saidByWords.size > 1000) saidByWords.clear();
    saidByWords.set(words, found);
  }
  said.set(recipe, found);
  return found;
}

const wordsOf = ({ name, lines, steps, servedWith: beside, notMeant = [] }: Recipe): string =>
  [
    name,
    ...lines.flatMap(({ text, food = '', heading = '' }) => [text, food, heading]),
    ...steps.flatMap(({ title, text }) => [title, text]),
    ...beside,
    ...notMeant,
  ].join('\n');

function findSaid(recipe: Recipe): readonly Said[] {
  const line = (text: string, food?: FoodId): IngredientLine => ({
    id: v.parse(LineId, 'said'),
    text,
    ...(food && { food }),
    amount: { kind: 'words', words: '' },
    part: 'body',
    canOmit: false,
  });
  return [
    ...namedInSteps(recipe, recipe.lines, noLabels)
      .filter(({ unseen, isNamedOnList }) => unseen.length > 0 && !isNamedOnList)
      .map(({ food, words, step }): Said => ({
        line: line(words, food),
        because: `“${step.title}” uses it, and it is not on the list of ingredients.`,
      })),
    ...servedBesideOf(recipe, recipe.lines).map((words): Said => ({
      line: line(words),
      because: 'It is served beside, and is not on the list of ingredients.',
    })),
  ];
}

const remembered = new WeakMap<
  Recipe,
  { readonly parts: readonly (readonly Evidence[])[]; readonly evidence: readonly Evidence[] }
>();
const nothing: readonly Evidence[] = [];

/**
 * What the words of a recipe bring that its list does not: never clear, and never known to be in it. `recipe` is the one as it is written, with all it is
 * made of; the same array as long as nothing of it changed.
 */
export function saidEvidence(recipe: Recipe, knowledge: Knowledge): readonly Evidence[] {
  const all = saidIn(recipe);
  if (all.length === 0) return nothing;
  const parts = all.map(({ line }) => lineEvidence(line, knowledge));
  const known = remembered.get(recipe);
  if (known && parts.every((part, index) => part === known.parts[index])) return known.evidence;
  const evidence = parts.flatMap((part, index) =>
    part.map((each): Evidence => ({
      ...each,
      line: undefined,
      isSaid: true,
      level: each.level === 'contained' ? 'possible' : each.level,
      // Nothing is bought of what is on no list: no label decides before that.
      because: `${each.because.replace(/ The label decides\.$/, '')} ${all[index]!.because}`,
    })),
  );
  remembered.set(recipe, { parts, evidence });
  return evidence;
}
