import { units, type Food } from '../reference/index.ts';
import { numberOf, numberSource } from './numbers.ts';
import { inFractions, plainNumber } from './measure.ts';

export interface EggMeasure {
  /** Whole eggs and the rest by weight of beaten egg. */
  readonly text: string;
  /** The nearest whole number, with what to do about the liquid. */
  readonly orWhole?: string | undefined;
}

/** Less of one egg than this nobody weighs. */
const leastPart = 0.08;
/** So much more or less of all is no more than eggs of one size differ. @source size grades: a medium egg is 53 to 63 g, a tenth either way */
const evenShare = 0.05;

/**
 * Part of an egg, as a cook can do it: beaten and weighed, or the nearest whole egg with the liquid adjusted.
 * @source a large egg without shell is about 50 g, three quarters of it water: data/reference/foods
 */
export function measureEggs(count: number, eachG: number, called = 'egg'): EggMeasure {
  const near = Math.round(count);
  const plural = (n: number) => `${n} ${called}${n === 1 ? '' : 's'}`;
  if (near > 0 && Math.abs(count - near) < Math.max(leastPart, evenShare * count)) return { text: plural(near) };
  const whole = Math.floor(count);
  const restG = (count - whole) * eachG;
  const beaten = `${Math.max(1, Math.round(restG))} g beaten ${called} (about ${inFractions(restG / 15).text || '¼'} tbsp)`;
  const differenceMl = (near - count) * eachG * 0.75;
  const orWhole =
    near === 0
      ? undefined
      : `${plural(near)}, with ${plainNumber(Math.max(1, Math.round(Math.abs(differenceMl))))} ml ${differenceMl > 0 ? 'less' : 'more'} liquid`;
  return { text: whole === 0 ? beaten : `${plural(whole)} + ${beaten}`, orWhole };
}

const loose = units
  .filter((unit) => unit.kind === 'loose')
  .flatMap((unit) => unit.words.map((word) => ({ word, unit })))
  .sort((a, b) => b.word.length - a.word.length);

/**
 * A suggested start for an amount in words ("2 handfuls", "a splash"), for so many times the recipe: something to begin with before tasting.
 * Undefined for words that suggest none ("to taste").
 */
export function looseStart(text: string, food: Food | undefined, factor = 1): string | undefined {
  const lower = text.toLowerCase();
  const found = loose.find(({ word }) => new RegExp(`(?<![a-z])${word}(?![a-z])`).test(lower));
  if (!found) return undefined;
  const figure = new RegExp(`^\\s*(?:about\\s+)?(${numberSource})`, 'iu').exec(text)?.[1];
  const count = (figure ? numberOf(figure) : /^\s*(?:a few|few|several)/i.test(text) ? 3 : 1) * factor;
  const { unit } = found;
  const leafy = food?.families.some((family) => ['herb', 'leafy', 'leaf', 'salad'].includes(family)) ?? false;
  const one = leafy && unit.startLeafG !== undefined ? unit.startLeafG : unit.startG;
  if (one !== undefined) return `start with about ${plainNumber(Math.max(1, Math.round(one * count)))} g`;
  return unit.startMl === undefined
    ? undefined
    : `start with about ${plainNumber(Math.max(1, Math.round(unit.startMl * count)))} ml`;
}
