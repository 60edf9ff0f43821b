import { foodOf, pieceWeightG, units, type FoodId } from '../reference/index.ts';
import type { Amount, IngredientLine } from '../model/index.ts';
import { readAmount, type WrittenIn } from '../quantities/index.ts';
import { readIngredient, remembering, wholeFood, type IngredientReading, type Span } from '../reading/index.ts';
import { massOf } from '../versions/index.ts';
import { blank } from './wording.ts';

export interface LineReading {
  /** The line without its bullet. */
  readonly text: string;
  readonly amount: Amount;
  readonly amountSpan: Span;
  /** The one catalogue food that stands for the whole line; absent where the line says more than that food, or is not understood. */
  readonly food: FoodId | undefined;
  /** The food whose weights and shelf are taken where the line is judged by its words: the first it names. */
  readonly likeFood: FoodId | undefined;
  readonly part: IngredientLine['part'];
  readonly canOmit: boolean;
  readonly ingredient: IngredientReading;
  /** What is odd in it, in a sentence each. */
  readonly doubts: readonly string[];
}

const bullet = /^\s*(?:[-–—•*▢□☐·‣◦●►✓]|\[\s?\]|\(\s?\)|\d{1,2}\)\s)\s*/u;
const accompanies = /\b(?:to serve|for serving|serve with|to go with|on the side|alongside)\b/i;
const garnishes =
  /\b(?:to garnish|for garnish(?:ing)?|as (?:a )?garnish|to decorate|for (?:the )?decoration|to finish|for scattering|to scatter|to sprinkle over|for topping|to top)\b/i;
const preparation = /\b(?:for (?:the )?(?:tin|pan|greasing|frying|dusting|brushing|rolling))\b/i;

/**
 * Reads one ingredient line: how much, of what, in which place on the plate, and what is odd about it.
 * A food is named only where it tells all that the words tell; else the words themselves are judged, so nothing said is lost.
 */
export function readLine(raw: string, system: WrittenIn = 'metric'): LineReading {
  return readAs[system](raw);
}

const readAs: Readonly<Record<WrittenIn, (raw: string) => LineReading>> = {
  metric: remembering((raw) => read(raw, 'metric')),
  us: remembering((raw) => read(raw, 'us')),
};

function read(raw: string, system: WrittenIn): LineReading {
  const text = raw.replace(bullet, '').trim();
  const { amount: found, start, end, also } = readAmount(text, system);
  const ingredient = readIngredient(withoutMeasure(text, start, end));
  const named = ingredient.foods.filter((each) => !each.alternative);
  const food = wholeFood(ingredient);
  const doubts: string[] = [];
  if (ingredient.unknown.length > 0)
    doubts.push(`Not understood: ${ingredient.unknown.map((each) => `“${each.words}”`).join(', ')}.`);
  for (const { words, why } of ingredient.forms) doubts.push(`“${words}”: ${why}.`);
  if (ingredient.foods.some((each) => each.alternative))
    doubts.push('It leaves a choice; until one is taken, what any of them holds may be in it.');
  const first = named[0] ?? ingredient.foods[0];
  const catalogue = first && foodOf(first.food);
  const [one, other] = [massOf(found, catalogue), also[0] && massOf(also[0], catalogue)];
  if (one && other && Math.max(one, other) / Math.min(one, other) > 1.6)
    doubts.push(`Its two amounts do not agree: about ${Math.round(one)} g and about ${Math.round(other)} g.`);
  if (
    found.kind === 'count' &&
    found.piece !== '' &&
    catalogue &&
    found.eachG === undefined &&
    pieceWeightG(catalogue, found.piece) === undefined
  )
    doubts.push(`What one ${found.piece} weighs is not known, so it is counted, not weighed.`);
  return {
    text,
    amount: found,
    amountSpan: { start, end },
    food,
    likeFood: food ?? first?.food,
    part:
      accompanies.test(text) && !preparation.test(text) ? 'accompaniment' : garnishes.test(text) ? 'garnish' : 'body',
    canOmit: ingredient.optional,
    ingredient,
    doubts,
  };
}

const pieceNoun = new RegExp(
  String.raw`(?<![\p{L}])(?:${units
    .filter((unit) => unit.kind === 'piece')
    .flatMap((unit) => unit.words)
    .join('|')})(?![\p{L}])`,
  'giu',
);
/** "Four hundred grams": its words are of the amount. */
const hundreds = /\b\p{L}+ hundred(?: and \p{L}+(?:[- ]\p{L}+)?(?= ))?/giu;
const pressed =
  /\b(?:(?:finely |freshly )?(?:grated |squeezed )?(?:zest|juice|rind|peel)(?:,? (?:and|plus|&) (?:finely |freshly )?(?:grated |squeezed )?(?:zest|juice|rind|peel))?) (?:of|from)(?=\s)/giu;
/** "Juice 1 lemon": of it. */
const pressedFirst = /^(?:(?:zest and )?juice|(?:finely )?(?:grated )?zest)(?=\s+[\d½¼¾⅓⅔])/iu;

/**
 * The words without what only counts: the cloves of "2 cloves garlic" are no spice, the juice of a lemon no carton of juice.
 * As long as the line, so that every place in it stays where it is.
 */
function withoutMeasure(text: string, start: number, end: number): string {
  const counted = text.slice(start, end);
  const noun = counted.replace(pieceNoun, blank).replace(hundreds, blank);
  const bare = `${text.slice(0, start)}${noun}${text.slice(end)}`.replace(pressed, blank).replace(pressedFirst, blank);
  // "3 cloves": where nothing else is left, what counts is the thing itself.
  return /\p{L}{3}/u.test(bare.replace(/\d/g, '')) ? bare : text;
}
