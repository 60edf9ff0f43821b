import { foodOf, type FoodId } from '../reference/index.ts';
import { isTheOne, readIngredient, type ReadFood } from '../reading/index.ts';
import type { IngredientLine, LineId, Step } from '../model/index.ts';
import { amountsIn, measure, numberOf, numberSource, type MeasureSystem } from '../quantities/index.ts';
import { scaleAmount } from './scaleAmount.ts';

/** A line that a version has something else for, or nothing. */
export interface Replaced {
  readonly line: IngredientLine;
  /** What there is in its place; nothing: it is left out. */
  readonly by: readonly IngredientLine[];
}

/**
 * A step in the words of a version: what names a food that this version does not have names what it has instead. "Whisk the eggs" over aquafaba is a
 * danger at the bench. `lines`: all that the version has.
 */
export function inVersionWords(step: Step, replaced: readonly Replaced[], lines: readonly IngredientLine[]): Step {
  const inWords = (text: string) => reworded(text, step.uses, replaced, lines);
  return {
    ...step,
    title: inWords(step.title).slice(0, 80),
    text: inWords(step.text),
    looks: step.looks.map((look) => ({ ...look, what: inWords(look.what) })),
    alternatives: step.alternatives.map((other) => ({ ...other, text: inWords(other.text) })),
  };
}

function reworded(
  text: string,
  uses: readonly LineId[],
  replaced: readonly Replaced[],
  lines: readonly IngredientLine[],
): string {
  const here = lines.filter((line) => uses.includes(line.id));
  const named = new Set<Replaced>();
  let written = '';
  let from = 0;
  for (const mention of readIngredient(text).foods) {
    const instead = replaced.find((each) => isMeant(text, mention, each, { uses, here, lines }));
    if (!instead || mention.start < from) continue;
    const names = instead.by.map(({ food, text: own }) => (food ? (foodOf(food)?.name ?? own) : own));
    // All of it once; after that the chief of it is enough.
    const name = named.has(instead) ? names[0] : names.join(' and ');
    named.add(instead);
    const asked = name === undefined ? undefined : amountBefore(text, mention.start, instead);
    written +=
      (asked && asked.start >= from
        ? `${text.slice(from, asked.start)}${asked.words}${text.slice(asked.end, mention.start)}`
        : text.slice(from, mention.start)) + (name ? likeFirst(mention.words, name) : `${mention.words} (left out)`);
    from = mention.end;
  }
  return written + text.slice(from);
}

const numberBefore = new RegExp(
  String.raw`(?<![\p{L}\p{N}.,/⁄])(?<number>${numberSource})(?=\s+(?:[\p{L}-]+\s+){0,2}$)`,
  'iu',
);

/**
 * How much of what was replaced the words before its name ask for, as much of what there is instead: "2 eggs" are 90 ml of aquafaba where two of
 * three eggs were meant and 135 ml stand for three. Undefined where they ask for no amount, or none that can be compared.
 */
function amountBefore(
  text: string,
  at: number,
  { line, by }: Replaced,
): { readonly start: number; readonly end: number; readonly words: string } | undefined {
  const [first] = by;
  if (!first || first.amount.kind === 'words' || first.amount.kind === 'batches') return undefined;
  const sameAs = (start: number, end: number, asked: number, whole: number, system: MeasureSystem) => ({
    start,
    end,
    words: measure(scaleAmount(first.amount, asked / whole), system).text,
  });
  const isNear = (end: number) =>
    end <= at && /^\s+(?:of\s+)?(?:the\s+)?(?:[\p{L}-]+\s+){0,2}$/u.test(text.slice(end, at));
  const found = amountsIn(text).findLast(({ end }) => isNear(end));
  if (found) {
    const { start, end, amount, system } = found;
    if (amount.kind === 'mass' && line.amount.kind === 'mass')
      return sameAs(start, end, amount.massG, line.amount.massG, system);
    if (amount.kind === 'volume' && line.amount.kind === 'volume')
      return sameAs(start, end, amount.volumeMl, line.amount.volumeMl, system);
    return undefined;
  }
  const counted = line.amount.kind === 'count' ? numberBefore.exec(text.slice(0, at)) : null;
  if (!counted || line.amount.kind !== 'count' || /^an?$/i.test(counted.groups!['number']!)) return undefined;
  const { number } = counted.groups as { number: string };
  return sameAs(counted.index, counted.index + number.length, numberOf(number), line.amount.count, 'metric');
}

/** A name with a capital where the words that it stands for had one. */
const likeFirst = (words: string, name: string): string =>
  /^\p{Lu}/u.test(words) ? name.charAt(0).toUpperCase() + name.slice(1) : name;

/** Whether a food that a step names is the one that was replaced: that very food, or another word for it ("the cheese" for the cheddar) that nothing else is meant by. */
function isMeant(
  text: string,
  { food, words, start }: ReadFood,
  { line }: Replaced,
  { uses, here, lines }: Where,
): boolean {
  const olds = foodsOf(line);
  if (olds.length === 0) return false;
  const has = (some: readonly IngredientLine[]) => some.some((each) => each.food === food);
  if (olds.includes(food)) return uses.includes(line.id) ? !has(here) : !has(lines);
  const isOnLine = words
    .toLowerCase()
    .split(/[\s-]+/)
    .every((word) => word.length > 3 && line.text.toLowerCase().includes(word.replace(/s$/, '')));
  // "The custard" is what is being made of the milk.
  const isMade = foodOf(food)?.kind === 'composite';
  // In the step that the line comes into, “butter and cheese” is parmesan as plainly as “the cheese” is.
  if (uses.includes(line.id) && olds.some((old) => isKindOf(old, food)))
    return !lines.some((each) => each.food && (each.food === food || isKindOf(each.food, food)));
  const isAnotherWord = isOnLine || (isTheOne(text, start) && !isMade && olds.some((old) => sharesFamily(food, old)));
  return isAnotherWord && !lines.some((each) => each.food === food || (each.food && sharesFamily(each.food, food)));
}

/** What a line is; where it leaves a choice, all of that. */
const foodsOf = ({ food, text }: IngredientLine): readonly FoodId[] =>
  food ? [food] : readIngredient(text).foods.flatMap((each) => (each.alternative ? [each.food] : []));

/** What a step uses, the lines it has of that, and all that the version has. */
interface Where {
  readonly uses: readonly LineId[];
  readonly here: readonly IngredientLine[];
  readonly lines: readonly IngredientLine[];
}

/** Whether one food is called by the other's name with something before it: parmesan cheese, rapeseed oil. */
const isKindOf = (one: FoodId, other: FoodId): boolean => {
  const [food, wide] = [foodOf(one), foodOf(other)];
  return (
    food !== undefined && wide !== undefined && [food.name, ...food.aka].some((name) => name.endsWith(` ${wide.name}`))
  );
};

const sharesFamily = (one: FoodId, other: FoodId): boolean =>
  foodOf(one)?.families.some((family) => foodOf(other)?.families.includes(family)) ?? false;
