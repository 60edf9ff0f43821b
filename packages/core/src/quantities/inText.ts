import { units, type Unit } from '../reference/index.ts';
import type { Amount } from '../model/index.ts';
import { digitsSource, numberOf, numberSource } from './numbers.ts';
import { measure, type MeasureSystem } from './measure.ts';

/** How much of something a text asks for, and where it says so, from `start` to before `end`. */
export interface AmountInText {
  readonly start: number;
  readonly end: number;
  readonly amount: Extract<Amount, { kind: 'mass' | 'volume' }>;
  /** In whose measures it is written. */
  readonly system: MeasureSystem;
}

type Weighed = Extract<Unit, { kind: 'mass' | 'volume' }>;
const weighed = units.filter((unit): unit is Weighed => unit.kind === 'mass' || unit.kind === 'volume');
const unitOf = new Map(weighed.flatMap((unit) => unit.words.map((word) => [word, unit] as const)));
const unitSource = [...unitOf.keys()]
  .sort((a, b) => b.length - a.length)
  .map((word) => word.replace(/[.()]/g, String.raw`\$&`).replace(/ /g, String.raw`\s+`))
  .join('|');
const american = new Set(['cup', 'oz', 'lb', 'fl-oz', 'pint', 'quart', 'gallon', 'stick-butter']);

const amountInText = new RegExp(
  String.raw`(?<![\p{L}\p{N}.,/⁄×-])(?<low>${numberSource})(?:\s?(?:-|–|—|to|or)\s?(?<high>${digitsSource}))?\s*(?<unit>${unitSource})(?![\p{L}\p{N}])\.?`,
  'giu',
);
/** What follows a size and not an amount: a tin of so much, a pot that holds so much. */
const isSizeBefore =
  /^[\s-]*(?:(?:capacity|size|round|square|deep|shallow|heavy|large|small|non-?stick|loaf|cake|pie|tart|roasting|baking|pudding|ovenproof|heatproof|glass|metal|mixing)[\s-]+)*(?:capacity|size|pots?|pans?|saucepans?|casseroles?|tins?|cans?|jars?|dish(?:es)?|bowls?|bottles?|jugs?|moulds?|molds?|ramekins?|basins?|trays?|packets?|packs?|bags?|cartons?|tubs?|balls?|pieces?|portions?|patties|lumps?|chunks?)\b/iu;
/** What is so much is one of several, however many there are. */
const eachBefore =
  /\b(?:each|every|per|weighing|pieces? of|balls? of|portions? of|additions? of|batches of|lots of)\b[^.,;:()]{0,24}$/iu;
const eachBehind =
  /^(?:\s+an?\s+\p{L}|[^.,;:()]{0,60}\b(?:each|apiece|per|at a time|in each|on each|into each|to each|over each)\b)/iu;

/** One of a unit, in g or ml. */
function sizeOf(unit: Weighed, system: MeasureSystem): number {
  if (unit.kind === 'mass') return unit.g;
  return system === 'us' ? (unit.usMl ?? unit.ml) : unit.ml;
}

/**
 * The masses and volumes that a text asks for ("stir in 200 ml of the milk"). What is a size (a 2 litre pot, a 400 g tin) or a share of each
 * of several (balls of 60 g, a tablespoon at a time) is none: it is the same for any number.
 */
export function amountsIn(text: string): readonly AmountInText[] {
  return [...text.matchAll(amountInText)].flatMap((match): AmountInText[] => {
    const { low, high, unit: written } = match.groups!;
    const unit = unitOf.get(written!.toLowerCase().replace(/\s+/g, ' '));
    const [start, end] = [match.index, match.index + match[0].trimEnd().replace(/\.$/, '').length];
    const [before, behind] = [text.slice(0, start), text.slice(end)];
    if (!unit || isSizeBefore.test(behind) || eachBefore.test(before) || eachBehind.test(behind)) return [];
    const system = american.has(unit.id) ? 'us' : 'metric';
    const [from, to] = [numberOf(low!), high === undefined ? undefined : numberOf(high)];
    if (!Number.isFinite(from) || (to !== undefined && !(to > from))) return [];
    const inUnits = sizeOf(unit, system);
    const amount: AmountInText['amount'] =
      unit.kind === 'mass'
        ? { kind: 'mass', massG: from * inUnits, ...(to !== undefined && { toMassG: to * inUnits }) }
        : { kind: 'volume', volumeMl: from * inUnits, ...(to !== undefined && { toVolumeMl: to * inUnits }) };
    return [{ start, end, amount, system }];
  });
}

/** A text with other amounts where it has some: each as `change` makes it, in the measures it was written in. `undefined` leaves it as it is. */
export function withAmounts(text: string, change: (found: AmountInText) => Amount | undefined): string {
  let written = '';
  let from = 0;
  for (const found of amountsIn(text)) {
    const amount = change(found);
    if (!amount) continue;
    written += text.slice(from, found.start) + measure(amount, found.system).text;
    from = found.end;
  }
  return written + text.slice(from);
}
