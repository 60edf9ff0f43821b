import { courses, fleshOrigins, foodOf, type UsualCourse } from '../reference/index.ts';
import { massOf } from '../versions/index.ts';
import type { LineReading } from './line.ts';

/** What a page's own category says. */
const categories: readonly (readonly [RegExp, UsualCourse])[] = [
  [/\b(?:starters?|appeti[sz]ers?|soups?|dips?|snacks?|canap[eé]s?|spreads?)\b/i, 'Starters'],
  [/\b(?:desserts?|puddings?|sweets?|baking|cakes?|biscuits?|cookies?)\b/i, 'Desserts'],
  [/\b(?:sides?|side dish|salads?|vegetables?|breads?|sauces?|condiments?)\b/i, 'Sides'],
  [/\b(?:mains?|main course|dinner|lunch|supper|entr[eé]e)\b/i, 'Mains'],
];
/** "Starter for 8", "serves 4 as a side". */
const told: readonly (readonly [RegExp, UsualCourse])[] = [
  [/\b(?:an? |as an? )?starter\b/i, 'Starters'],
  [/\b(?:as an? (?:side|accompaniment)|side(?: dish)?(?: for|\.|:|$))/i, 'Sides'],
  [/\b(?:main course|as an? main)\b/i, 'Mains'],
  [/\b(?:dessert|as an? pudding)\b/i, 'Desserts'],
];

const [sweet, savoury, base] = [courses.sweet, courses.savoury, courses.base].map((each) => new RegExp(each, 'i'));
/** Less sugar than this, in grams, sweetens no dish: a spoonful in a dough or a dressing. */
const leastSweetG = 35;

const plain = (text: string): string => text.toLowerCase().normalize('NFC');
/** A name's own part: "braised fennel" of "braised fennel with butter beans". */
const headOf = (name: string): string =>
  plain(name).split(/\s+(?:with|in|on|from|for|w\/|the way)\s+|[,:(–]|\s-\s/u)[0]!;

interface Dish {
  readonly pattern: RegExp;
  readonly begins: string;
  readonly length: number;
  readonly course: (isSweet: boolean) => UsualCourse | undefined;
}
const dishOf = (words: string, course: Dish['course']): Dish => ({
  pattern: new RegExp(String.raw`(?<!\p{L})${words.replace(/-/g, '[- ]')}s?(?!\p{L})`, 'u'),
  // A hyphen may be written as a space: what begins before it is there in any case.
  begins: words.split('-')[0]!,
  length: words.length,
  course,
});
const dishes: readonly Dish[] = [
  ...courses.dishes.flatMap(({ course, words }) =>
    // What is sweet is no main, whatever it is called.
    words.map((each) => dishOf(each, (isSweet) => (course === 'Desserts' || !isSweet ? course : undefined))),
  ),
  ...courses.either.flatMap(({ words, ...either }) =>
    words.map((each) => dishOf(each, (isSweet) => (isSweet ? either.sweet : either.savoury))),
  ),
];

/** What dish a name says: of several the last, as "lentil cottage pie" is a pie; of two that end together the longer. */
function named(text: string, isSweet: boolean): UsualCourse | undefined {
  const found = dishes.flatMap((dish) => {
    const match = text.includes(dish.begins) ? dish.pattern.exec(text) : null;
    return match ? [{ ...dish, end: match.index + match[0].length }] : [];
  });
  return found
    .sort((a, b) => b.end - a.end || b.length - a.length)
    .map(({ course }) => course(isSweet))
    .find((each) => each !== undefined);
}

const foodWords = ({ likeFood, text }: LineReading): string => `${likeFood ?? ''} ${text}`;
const grams = ({ amount, likeFood }: LineReading): number | undefined => massOf(amount, likeFood && foodOf(likeFood));

/** Whether a dish is sweet by what is in it. */
function isSweetOf(lines: readonly LineReading[]): boolean {
  const sugarG = lines
    .filter((line) => sweet!.test(foodWords(line)))
    .reduce((sum, line) => sum + (grams(line) ?? leastSweetG), 0);
  const savouryLines = lines.filter((line) => savoury!.test(line.likeFood ?? line.text) || isFlesh(line)).length;
  return sugarG >= leastSweetG && (savouryLines === 0 || (savouryLines === 1 && sugarG >= 3 * leastSweetG));
}
/** "Serves 6 as a main, 8 as a starter": what is said first. */
const saidFirst = (said: string): UsualCourse | undefined =>
  told
    .map(([pattern, course]) => ({ at: said.search(pattern), course }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => a.at - b.at)[0]?.course;

/** Stock and gelatine make no meal. */
const noMeal = /stock|broth|bouillon|gelatine|sauce|granules/;
export const isFlesh = ({ ingredient, likeFood, text }: LineReading): boolean =>
  !noMeal.test(likeFood ?? text) && ingredient.contained.some(({ hazard }) => fleshOrigins.has(hazard));

/**
 * In which course a dish is usually eaten: as its page says, by what it is called, and else by what is in it. A guess. `said`: what the recipe says of
 * whom it feeds.
 */
export function courseOf(
  category: string,
  said: readonly string[],
  name: string,
  lines: readonly LineReading[],
): UsualCourse | '' {
  const page = categories.find(([pattern]) => pattern.test(category))?.[1];
  if (page) return page;
  const yields = saidFirst(said.join('\n'));
  if (yields) return yields;
  if (lines.length === 0) return '';
  const isSweet = isSweetOf(lines);
  const byName = named(headOf(name), isSweet) ?? named(plain(name), isSweet);
  const isHearty = lines.some((line) => isFlesh(line) && (grams(line) ?? 100) >= 100);
  if (byName === 'Desserts' && (isSweet || !lines.some(isFlesh))) return byName;
  if (byName && byName !== 'Desserts') return byName === 'Sides' && isHearty ? 'Mains' : byName;
  if (isSweet) return 'Desserts';
  return isHearty || lines.some((line) => base!.test(line.likeFood ?? line.text)) ? 'Mains' : 'Sides';
}
