import { readAmount } from '../quantities/index.ts';
import { readIngredient } from '../reading/index.ts';
import { toldIn } from './clauses.ts';
import { isVerb } from './verbWords.ts';
import type { Draft, DraftLine } from './draft.ts';
import { vesselsIn } from './namedVessels.ts';
import { listedThings } from './lists.ts';
import { isMadeName } from './names.ts';
import { readTimes } from './timesAndHeats.ts';
import { sentencesOf } from './wording.ts';

/** Where an amount may begin: a figure, or a word cooks count by. */
const amountStart =
  /(?<![\p{L}\p{N}.,/°])(?:(?:about|around|roughly|maybe|like)\s+)?(?:\d+(?:[.,/]\d+)?(?:\s?(?:g|kg|ml|cl|l|oz|lb|tbsp|tsp)\b)?|[½¼¾⅓⅔]|an? hundred(?: and (?:\p{L}+))?|an?(?= (?:\d|big |small |large |good |little |heaped |whole )?(?:handful|mug|glass|spoon|dollop|sachet|punnet|tin|can|jar|glug|knob|pinch|splash|bit|clove|tablespoon|teaspoon|cup|pot|square|piece|block|ball|pack|packet|bottle|bunch|sprig|dash|drizzle|stick|slice|squeeze|strip|pound|lump|spoonful|kilo|litre|pint|onion|lemon|egg|carrot|leek|potato|shallot|lime|orange|apple|aubergine|courgette|cucumber))|an? quarter(?: of an?)?|an? third(?: of an?)?|three[- ]quarters(?: of an?)?|two[- ]thirds(?: of an?)?|half an?|half|one|two|three|four|five|six|eight|ten|twelve|a couple of|a few|some)\s+\p{L}/giu;
/** What ends the name of a thing in running text. */
const thingEnd =
  /[,;:.()!?–—]|\s-\s|\s(?:and(?! an? (?:half|quarter)\b)(?! (?:twenty|twenty-five|thirty|forty|fifty|sixty|seventy|seventy-five|eighty|ninety)\b)|then|or|plus|into|over|in|on|onto|to|for|from|until|till?|so|that|which|with|at|per|about|before|while|if|i|you|they|it|them|because|of it|off|up|by|go|goes|does|is|are|till|each)(?=\s|$)/i;

/** A recipe told in sentences has no list: what it says it takes is one. Undefined where it names none. */
export function draftOfProse(text: string): Pick<Draft, 'name' | 'ingredients' | 'method' | 'yields'> | undefined {
  const paragraphs = text
    .slice(0, 20_000)
    .split(/\n+/)
    .map((each) => each.trim())
    .filter((each) => each !== '');
  const titled = titleOf(paragraphs);
  const things: DraftLine[] = [];
  const method: DraftLine[] = [];
  const seen = new Set<string>();
  const animal = animalIn(titled.name);
  const take = (told: string) => {
    // "A 2 kg shoulder", of the lamb that the dish is named for.
    const words = animal !== undefined && isCutAlone(told) ? `${told} of ${animal}` : told;
    const { foods: read, contained } = readIngredient(words);
    // What is known by its words alone ("chopped mixed nuts") is a thing as well.
    const foods = read.length > 0 ? read.map(({ food }) => food as string) : contained.map(() => words.toLowerCase());
    // "Till the sugar's gone": of the sugar that was said.
    const noun = /^(?:the )?([\p{L}-]+)['’]s$/u.exec(words)?.[1]?.toLowerCase();
    if (noun !== undefined && things.some(({ text: told }) => told.toLowerCase().includes(noun))) return;
    if (foods.length === 0 || foods.every((food) => seen.has(food)) || /\b(?:loaf|loaves|cakes?)$/i.test(words)) return;
    // "The yolks still soft" are of the eggs.
    if (/^(?:yolks?|whites?)$/i.test(words) && [...seen].some((food) => /egg/.test(food))) return;
    // "The onion" of a red onion is no other.
    if (things.some(({ text: told }) => new RegExp(`\\b${words.replace(/[^\p{L} ]/gu, '')}\\b`, 'iu').test(told)))
      return;
    // "The hot stock" is the stock that was said with its amount.
    const bare = words.replace(/^(?:hot|cold|warm|boiling|melted|remaining|cooked|drained)\s+/i, '').toLowerCase();
    if (bare !== words.toLowerCase() && things.some(({ text: told }) => told.toLowerCase().endsWith(bare))) return;
    for (const food of foods) seen.add(food);
    things.push({ text: words });
  };
  for (const paragraph of titled.rest) {
    const work: string[] = [];
    let wasListed = false;
    for (const { text: sentence } of sentencesOf(paragraph)) {
      // The name alone tells no work.
      if (
        titled.name !== '' &&
        sentence.length < titled.name.length + 12 &&
        sentence.toLowerCase().includes(titled.name.toLowerCase())
      )
        continue;
      const listed = listIn(sentence, wasListed);
      wasListed = listed !== undefined;
      const told = sentence.replace(/\bas an? (?:starter|main|side|pudding|dessert)\b.*/i, '');
      if (listed) for (const each of listed) take(each);
      else {
        for (const each of thingsIn(told)) take(each);
        work.push(sentence);
      }
    }
    // What is named without an amount counts too, after all that has one.
    for (const sentence of work.filter(tellsOfWork)) for (const each of bareThings(sentence, seen)) take(each);
    if (work.length > 0) method.push({ text: work.join(' ') });
  }
  if (things.length < 2 || method.length === 0) return undefined;
  const feeds =
    /\b(?:serves|feeds?|fed|does|enough for|for|makes?)\s+(?:about |around )?(?:\d+|two|three|four|five|six|eight|ten|twelve|fourteen|fifteen|sixteen|eighteen|twenty-four|twenty)(?:\s+(?:or|to|-)\s+(?:\d+|three|four|five|six|eight|ten|twelve))?(?=\s*(?:people|of us|or so|easily|comfortably|generously|hungry|with|,|\.|:|$|I\b|i\b|portions|servings|as\b))(?: as an? (?:starter|side|main|pudding))?/i.exec(
      text,
    ) ??
    /\bcuts? (?:it |them )?in(?:to)? (?:\d+)\b(?!\s?(?:cm|mm|inch|pieces of))/i.exec(text) ??
    /\b(?:one|two|three|\d+) (?:big |small |large )?(?:loaf|loaves)\b/i.exec(text);
  return {
    name: titled.name,
    ingredients: things,
    method,
    yields: feeds
      ? [
          inFigures(
            feeds[0]
              .replace(/^(?:does|enough for|feeds?|fed)/i, 'serves')
              .replace(/^(?=\S+ (?:\w+ )?loa)/i, 'makes ')
              .replace(/\bone\b/i, '1'),
          ),
        ]
      : [],
  };
}

const animalIn = (name: string): string | undefined =>
  /\b(?:lamb|mutton|hogget|beef|veal|pork|chicken|turkey|duck|goose|venison|rabbit|guinea ?fowl)\b/i
    .exec(name)?.[0]
    .toLowerCase();
const isCutAlone = (words: string): boolean =>
  /\b(?:shoulders?|legs?|breasts?|thighs?|drumsticks?|wings?|loins?|belly|fillets?|joints?|rump|shanks?|ribs?|brisket|neck|haunch|saddle|bird)$/i.test(
    words,
  ) && readIngredient(words).foods.length === 0;

const figures: Readonly<Record<string, string>> = {
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  eight: '8',
  ten: '10',
  twelve: '12',
};
const inFigures = (words: string): string =>
  words
    .replace(/\b(?:two|three|four|five|six|eight|ten|twelve)\b/gi, (word) => figures[word.toLowerCase()]!)
    .replace(/\bor\b/, 'to');

function titleOf(paragraphs: readonly string[]): { readonly name: string; readonly rest: readonly string[] } {
  const [first = '', ...others] = paragraphs;
  if (first.length < 60 && !/[.!?,]$/.test(first) && others.length > 0)
    return { name: first.replace(/[:\s]+$/, ''), rest: others };
  const headed = /^([^.:!?,]{3,60}):\s+(?=\p{Lu}|\d)/u.exec(first);
  if (headed) return { name: headed[1]!.trim(), rest: [first.slice(headed[0].length), ...others] };
  const called =
    /\b(?:here(?:['’]s| is| are)|this is|asked for|recipe for|how i (?:make|do))\s+(?:the |my |our |that |you )?(?<name>(?:[\p{L}'’-]+\s?){1,5}?)(?=\s+(?:for|that|thing|you|recipe|as)\b|[.,:;!]|$)/iu.exec(
      first,
    ) ??
    /^(?:(?:right|ok(?:ay)?|so|well|now|and|the|my|our|for|(?:hi|hello|hey|dear) [\p{L}]+)\b,?\s*)*(?<name>(?:[\p{L}'’-]+\s?){1,4}?)[.,:]/iu.exec(
      first,
    );
  // "Hi Pat! The brownies."
  const alone =
    /^(?:hi|hello|dear|hey)\b[^.!?]*[.!?]\s+(?:the |my |our )?(?<name>(?!it\b|it['’]s|this\b|that\b|they\b|serves|makes|feeds|for\b)(?:[\p{L}'’-]+\s?){1,4})[.:]\s/iu.exec(
      first,
    );
  const name = (alone ?? called)?.groups?.['name']?.trim() ?? '';
  return { name: name.charAt(0).toUpperCase() + name.slice(1), rest: paragraphs };
}

/** "You need 2 lb potatoes, 4 eggs and a handful of dill": a list in a sentence. */
function listIn(sentence: string, goesOn: boolean): readonly string[] | undefined {
  if (
    toldIn(sentence).some(({ clauses }) =>
      clauses.some(({ verb }) => verb !== undefined && !['use', 'do', 'take', 'serve', 'make'].includes(verb.verb)),
    )
  )
    return undefined;
  const bare = sentence
    .replace(
      /^(?:so |and |ok |okay |also |plus |then )?(?:you(?:['’]ll)? (?:will )?(?:need|want)|i use|it takes|take|what you need is|ingredients)\s*:?\s*/i,
      '',
    )
    .replace(/[.!]$/, '');
  const parts = listedThings(bare.replace(/,?\s+and\s+(?=(?:an?|half|\d|one|two|some)\b)|,\s+and\s+/gi, ', '));
  const counted = parts.filter((each) => {
    const { amount, start } = readAmount(each);
    return (start <= 2 && amount.kind !== 'words') || /^(?:an?|half an?|some)\s/i.test(each);
  });
  // "Butter for frying, 3 leeks, …, and peas to go with": some need no amount.
  const isNamed = (each: string) => each.split(/\s+/).length <= 5 && readIngredient(each).foods.length > 0;
  const plain = parts.filter((each) => !counted.includes(each));
  // "Also 1 lb pastry and an egg for glazing."
  const isMore = goesOn && counted.length > 0 && /^(?:also|and|plus|then)\b/i.test(sentence);
  return (counted.length >= 3 || isMore) &&
    (plain.length <= 1 || (counted.length >= 2 * plain.length && plain.every(isNamed))) &&
    counted.every((each) => readTimes(each).length === 0)
    ? parts
    : undefined;
}

/** Things with an amount in running text. */
function thingsIn(sentence: string): readonly string[] {
  const times = readTimes(sentence);
  const found: string[] = [];
  let taken = 0;
  for (const match of sentence.matchAll(amountStart)) {
    if (match.index < taken) continue;
    if (times.some(({ start, end }) => match.index < end && match.index + match[0].length > start)) continue;
    const rest = sentence.slice(match.index);
    const size = rest.length > 8 ? rest.slice(4) : '';
    // "A tin of tomatoes", "half of a lemon": these words belong to the amount.
    const end = thingEnd.exec(size)?.index;
    const words = rest.slice(0, end === undefined ? rest.length : end + 4).trim();
    const { amount, start } = readAmount(words);
    // "Form into two long rolls": what it becomes.
    if (/\binto\s+(?:about )?$/i.test(sentence.slice(0, match.index))) continue;
    const isCounted = (start <= 8 && amount.kind !== 'words') || /^(?:an?|half|some|a few|a couple)\b/i.test(words);
    const bare = words
      .replace(/\s+(?:over|on top|all over|first)$/i, '')
      .replace(/^(?:about|around|roughly|maybe|like)\s+/i, '')
      .replace(/\bwhatever\s+/i, '')
      .replace(/\s+(?:you|they|we|i)(?:['’](?:ve|d)|\s+have|\s+like)?(?:\s+got)?$/i, '');
    if (!isCounted || words.length > 80) continue;
    taken = match.index + words.length;
    const vague = found.at(-1);
    // "A splash of milk, about 150 ml": how much that is.
    if (vague !== undefined && isOnlyAmount(words) && vagueAmount.test(vague)) {
      found[found.length - 1] = `${bare} ${vague.replace(vagueAmount, '')}`;
      continue;
    }
    found.push(bare);
  }
  return found;
}

const vagueAmount = /^(?:an? )?(?:good |big |little |generous )?(?:splash|glug|bit|drizzle|some|dash)(?: of)? /i;
const isOnlyAmount = (words: string): boolean => {
  const { amount, end } = readAmount(words);
  return (amount.kind === 'mass' || amount.kind === 'volume') && words.slice(end).trim() === '';
};

/** Whether something is done in a sentence: a greeting that names a stew adds nothing to the list. */
const tellsOfWork = (sentence: string): boolean =>
  toldIn(sentence).some(({ clauses }) => clauses.some(({ verb }) => verb !== undefined && verb.does !== 'serve')) ||
  /\b(?:in|on) (?:with|top)\b|\byou (?:do|get) (?:the|some|your)\b/i.test(sentence);

/** Foods that are named with no amount at all, each by its own words. */
function bareThings(sentence: string, seen: ReadonlySet<string>): readonly string[] {
  return (
    readIngredient(sentence)
      .foods.filter(({ food, alternative }) => !alternative && !seen.has(food))
      // "It goes gummy": what it is like.
      .filter(
        ({ start }) =>
          !/\b(?:it|they)\s+(?:goes?|turns?|looks?|tastes?|smells?|feels?)\s+(?:a bit |all |too )?$/i.test(
            sentence.slice(0, start),
          ),
      )
      .filter(
        ({ food, words }) =>
          food !== 'water' &&
          !isMadeName(words.replace(/['’]s$/, '')) &&
          vesselsIn(`the ${words}`).length === 0 &&
          !isVerb(words) &&
          !isVerb(words.replace(/ing$/i, '')),
      )
      .map(({ words }) => words)
  );
}
