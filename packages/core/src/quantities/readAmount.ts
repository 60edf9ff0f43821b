import { units, type Unit } from '../reference/index.ts';
import type { Amount } from '../model/index.ts';
import { digitsSource, numberOf, numberSource } from './numbers.ts';

/** Whose cups, pints and fluid ounces are meant. */
export type WrittenIn = 'us' | 'metric';

export interface ReadAmount {
  readonly amount: Amount;
  /** Where the amount stands in the text, unit included. */
  readonly start: number;
  readonly end: number;
  /** Words about it that change nothing in the figure: "about", "heaped", "scant". */
  readonly manner: readonly string[];
  readonly size?: string | undefined;
  /** The same amount said another way: "1 cup (240 ml)". */
  readonly also: readonly Amount[];
}

const escape = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`).replace(/ /g, String.raw`\s+`);
const unitWords = units
  .flatMap((unit) => unit.words.map((word) => ({ word, unit })))
  .sort((a, b) => b.word.length - a.word.length);
const unitOf = new Map(unitWords.map(({ word, unit }) => [word, unit]));
const unitSource = unitWords.map(({ word }) => escape(word)).join('|');
const lengthUnits = String.raw`(?:cm|mm|in|inch|inches|centimetres?|centimeters?|["″”])`;
const sizeWords =
  'extra[- ]large|small to medium|medium to large|large|small|medium|medium[- ]sized?|large[- ]sized?|small[- ]sized?|big|jumbo|baby|thick|thin|fat|plump|whole|ripe|good|level|heaped|heaping|rounded|scant|generous|packed|lightly packed|firmly packed|full|overfull';
const mannerWords =
  'about|approx(?:imately)?\\.?|around|roughly|circa|ca\\.?|c\\.|at least|up to|a scant|a generous|a heaped|a good|scant|generous|heaped|heaping|rounded|level|just under|just over|nearly|almost|or so';

const numberThenUnit = new RegExp(
  String.raw`(?<![\p{L}\p{N}/⁄])(?<manner>(?:(?:${mannerWords})\s+)*)(?:between\s+)?(?<low>${numberSource})(?:\s?(?:-|–|—|to|or|and(?=\s+${digitsSource}\s))\s?(?<high>${digitsSource}))?` +
    String.raw`(?:\s?(?:x|×|\*)\s?(?=\d)(?<each>${digitsSource})|\s+(?:of\s+(?:an?|the|one)\s+)?(?=${digitsSource}\s?-?(?:g|kg|oz|ml|l|lb|ounce|gram)s?\b)(?<each2>${digitsSource})(?=\s?-?\w))?` +
    String.raw`(?:[\s-]*(?<length>${lengthUnits})(?![\p{L}]))?` +
    String.raw`(?:[\s-]*(?<size>(?:${sizeWords})(?![\p{L}])(?:[\s,]+(?:${sizeWords})(?![\p{L}]))*))?` +
    String.raw`(?:[\s-]*(?<unit>${unitSource}|T(?=[\s.])|c(?=\.?\s))(?![\p{L}])\.?(?:\s+and\s+an?\s+(?<part>half|quarter)(?![\p{L}]))?)?`,
  'iu',
);
/** A unit without a figure is one of it: "heaped tbsp cornflour". */
const unitAlone = new RegExp(
  String.raw`^\s*(?:(?:${sizeWords})\s+)?(?<unit>${units
    .filter((unit) => unit.kind === 'mass' || unit.kind === 'volume')
    .flatMap((unit) => unit.words)
    .filter((word) => word.length > 1)
    .sort((a, b) => b.length - a.length)
    .map(escape)
    .join('|')})(?![\p{L}])\.?`,
  'iu',
);
/** A piece without a figure is one of it: "large bunch of basil", "tin of sardines". */
const pieceAlone = new RegExp(
  String.raw`^\s*(?<size>(?:${sizeWords})\s+)?(?<unit>bunch|tin|can|jar|packet|pack|punnet|bag|bulb|head|sprig|tub|carton|bottle)(?=\s+\p{L})`,
  'iu',
);
/** What is added to it: "1 lb 4 oz", "½ cup plus 2 tbsp". */
const addedAmount = new RegExp(
  String.raw`^(?:\s+|\s*,?\s*(?:plus|and|\+)\s+)(?<low>${digitsSource})[\s-]*(?<unit>${unitSource})(?![\p{L}])\.?`,
  'iu',
);
/** The upper end with the unit said twice: "100 ml – 150 ml". */
const upperAmount = new RegExp(
  String.raw`^\s?(?:-|–|—|to)\s?(?<low>${digitsSource})[\s-]*(?<unit>${unitSource})(?![\p{L}])\.?`,
  'iu',
);
/** A bracket further on that holds nothing but a weight: "2 fillets of fish (150 g each)". */
const laterWeight = new RegExp(
  String.raw`\(\s*(?:(?:${mannerWords}|each|weighing|total|total weight)\s+)*(?<low>${digitsSource})(?:\s?(?:-|–|to)\s?${digitsSource})?\s*(?<unit>g|kg|oz|lb|ounces?|pounds?|grams?)\b\.?(?:\s*[/,]\s*[^()]{0,24}?)?(?<each>\s*each)?\s*(?:in total|total|or so)?\s*\)`,
  'iu',
);
/** What a piece is called behind the food: "4 garlic cloves". */
const pieceBehind =
  /^\s+(?:[\p{L}-]+\s+){1,3}?(cloves?|sprigs?|stalks?|sticks?|leaves|heads?|bulbs?|bunch(?:es)?|slices?|rashers?|fillets?|sheets?|florets?|wedges?|ribs?|spears?|pods?|cobs?|steaks?|breasts?|thighs?|legs?|drumsticks?|loins?|chops?)(?![\p{L}])/iu;
const bracketAmount = new RegExp(
  String.raw`^\s*(?:\(|\[|/|,?\s*or\s+about\s+|\s*[–-]\s*)\s*(?:(?:${mannerWords}|each|weighing|or|generous)\s+)*(?<low>${digitsSource})(?:\s?(?:-|–|to)\s?(?<high>${digitsSource}))?[\s-]*(?<unit>${unitSource})(?![\p{L}])\.?(?<each>\s*each)?\s*(?:[/,;]\s*[^()\[\]]{0,40})?[)\]]?\s*(?<pack>tins?|cans?|jars?|packets?|packs?|packages?|bags?|boxes|bottles?|cartons?|blocks?|tubs?|pots?|loaf|loaves|balls?|sachets?|envelopes?|pouch(?:es)?)?(?![\p{L}])`,
  'iu',
);

const milli = (value: number) => Math.round(value * 10_000) / 10_000;

function amountOf(
  low: number,
  high: number | undefined,
  unit: Unit | undefined,
  piece: string,
  system: WrittenIn,
  words: string,
): Amount | undefined {
  if (!Number.isFinite(low) || (high !== undefined && !Number.isFinite(high))) return undefined;
  // "3-2 cups" is a slip; the smaller comes first.
  const [from, to] = high !== undefined && high < low ? [high, low] : [low, high];
  switch (unit?.kind) {
    case 'mass':
      return { kind: 'mass', massG: milli(from * unit.g), ...(to !== undefined && { toMassG: milli(to * unit.g) }) };
    case 'volume': {
      const ml = system === 'us' ? (unit.usMl ?? unit.ml) : unit.ml;
      return { kind: 'volume', volumeMl: milli(from * ml), ...(to !== undefined && { toVolumeMl: milli(to * ml) }) };
    }
    case 'loose':
      return { kind: 'words', words: words.slice(0, 80) };
    case 'piece':
    case undefined:
      return {
        kind: 'count',
        count: milli(from),
        piece: piece.slice(0, 40),
        ...(to !== undefined && { toCount: milli(to) }),
      };
    default:
      return unit satisfies never;
  }
}

const words = (text: string): Amount => ({ kind: 'words', words: text.slice(0, 80) });
const tasteWords =
  /\b(?:to taste|as needed|as required|if needed|as desired|to season|for (?:dusting|greasing|frying|brushing|sprinkling|rolling|the tin|the pan|drizzling|deep[- ]frying|garnish|serving)|to (?:serve|garnish|finish|dust|grease)|optional)\b/iu;
const looseStart = new RegExp(
  String.raw`^\s*(?:an?\s+|some\s+|a few\s+|few\s+|several\s+|(?:${digitsSource}|two|three|four)\s+)?(?:(?:${sizeWords})\s+)?(?<unit>${units
    .filter((unit) => unit.kind === 'loose')
    .flatMap((unit) => unit.words)
    .sort((a, b) => b.length - a.length)
    .map(escape)
    .join('|')})(?![\p{L}])`,
  'iu',
);
const someStart = new RegExp(
  String.raw`^\s*(?:a few|few|several|some|a little|a bit of|plenty of|lots of|enough)(?![\p{L}])(?:\s+(?:${units
    .filter((unit) => unit.kind === 'piece')
    .flatMap((unit) => unit.words)
    .sort((a, b) => b.length - a.length)
    .join('|')})(?![\p{L}]))?`,
  'iu',
);

/**
 * Reads how much an ingredient line asks for. A line without a figure has its words for an amount ("to taste"), or none.
 * Sizes of packs are kept ("2 tins of 400 g" are two of 400 g each); ranges stay ranges; a second way of saying it is kept beside the first.
 */
export function readAmount(text: string, system: WrittenIn = 'metric'): ReadAmount {
  const read = readAny(text, system);
  const also = read.also.filter(isKitchenSized);
  // A figure no kitchen has is kept as the words it is, and counts for nothing.
  return isKitchenSized(read.amount)
    ? { ...read, also }
    : { ...read, amount: words(text.slice(read.start, read.end).trim()), also };
}

/** What the model takes for an amount at all: up to 200 kg, 200 l, 10 000 pieces of up to 20 kg. */
function isKitchenSized(amount: Amount): boolean {
  switch (amount.kind) {
    case 'mass':
      return Math.max(amount.massG, amount.toMassG ?? 0) <= 200_000;
    case 'volume':
      return Math.max(amount.volumeMl, amount.toVolumeMl ?? 0) <= 200_000;
    case 'count':
      return Math.max(amount.count, amount.toCount ?? 0) <= 10_000 && (amount.eachG ?? 0) <= 20_000;
    case 'batches':
      return amount.batches <= 1000;
    case 'words':
      return true;
    default:
      return amount satisfies never;
  }
}

const justThis = (amount: Amount, start = 0, end = 0): ReadAmount => ({ amount, start, end, manner: [], also: [] });
const matched = (match: RegExpExecArray): ReadAmount =>
  justThis(words(match[0].trim()), match.index, match.index + match[0].length);

function readAny(text: string, system: WrittenIn): ReadAmount {
  const number = numberThenUnit.exec(text);
  const loose = looseAmount(text, number);
  if (loose) return loose;
  const alone = unitAlone.exec(text);
  // "Pinch of saffron, soaked in 2 tbsp water": what the line begins with is its amount, a figure further on is not.
  if (number && usable(text, number) && !(alone && number.index > 0)) return figured(text, number, system);
  const one = alone && amountOf(1, undefined, findUnit(alone.groups!['unit']!), '', system, '');
  if (one) return justThis(one, 0, alone[0].length);
  const piece = pieceAlone.exec(text);
  if (piece) return justThis({ kind: 'count', count: 1, piece: piece[0].trim().toLowerCase() }, 0, piece[0].length);
  const taste = tasteWords.exec(text);
  return taste ? justThis(words(taste[0]), taste.index, taste.index + taste[0].length) : justThis(words(''));
}

/** "A pinch of", "some", "a few sprigs": no figure, unless one stands before it. */
function looseAmount(text: string, number: RegExpExecArray | null): ReadAmount | undefined {
  const loose = looseStart.exec(text);
  const unit = number?.groups?.['unit'];
  if (loose && (!unit || findUnit(unit)?.kind === 'loose' || number.index > 0)) return matched(loose);
  const some = someStart.exec(text);
  return some && (!number || number.index >= some[0].length - 1 || number.index === 0) ? matched(some) : undefined;
}

/** What a match of a figure says, in its parts. */
interface Figure {
  readonly match: RegExpExecArray;
  readonly start: number;
  readonly end: number;
  readonly low: number;
  readonly high: number | undefined;
  readonly unit: Unit | undefined;
  /** How the unit is written. */
  readonly unitWord: string | undefined;
  readonly manner: readonly string[];
  /** "Large", "ripe"; empty where the words say how it is measured. */
  readonly size: string;
}

function figureOf(match: RegExpExecArray): Figure {
  const groups = match.groups!;
  const manner = mannerOf(groups['manner'] ?? '', groups['size'] ?? '');
  const size = groups['size']?.trim();
  const unitWord = groups['unit'];
  return {
    match,
    start: match.index,
    end: match.index + match[0].trimEnd().length,
    // "A kilo and a half."
    low: numberOf(groups['low']!) + (groups['part'] === undefined ? 0 : numberOf(groups['part'])),
    high: groups['high'] === undefined ? undefined : numberOf(groups['high']),
    unit: unitWord ? findUnit(unitWord) : undefined,
    unitWord,
    manner,
    size: size && !manner.includes(size) && !/^(?:ripe|good|whole|full)$/i.test(size) ? size : '',
  };
}

const mannerOf = (before: string, size: string): readonly string[] => [
  ...new Set(
    [...before.trim().split(/\s{2,}/), ...size.split(/[\s,]+(?=level|heap|round|scant|gener|pack|firm|light)/)].filter(
      (each) =>
        /^(?:about|approx|around|roughly|circa|ca|c\.|at least|up to|a |scant|gener|heap|round|level|just|near|almost|.*packed)/i.test(
          each,
        ),
    ),
  ),
];

function figured(text: string, match: RegExpExecArray, system: WrittenIn): ReadAmount {
  const figure = figureOf(match);
  const { start, end, unit, size, manner } = figure;
  if (match.groups!['length']) {
    const piece = /^\s*(?:long\s+)?(?:piece|chunk|knob|length|thumb|stick|strip)s?/i.exec(text.slice(end))?.[0] ?? '';
    return { ...justThis(words(`${match[0].trim()}${piece}`), start, end + piece.length), manner };
  }
  const packs = packsOf(text, figure, system);
  if (packs) return packs;
  const piece =
    unit?.kind === 'piece' ? [size, figure.unitWord!.toLowerCase()].filter((part) => part !== '').join(' ') : size;
  const first = readAs(figure, amountOf(figure.low, figure.high, unit, piece, system, match[0].trim()));
  return withWeight(text, withSecond(text, withUpper(text, withMore(text, first, system), system), system));
}

/** A figure read as an amount, or kept as the words it is; where the unit names the food, its name stays to be read. */
const readAs = ({ match, start, end, unit, manner, size }: Figure, amount: Amount | undefined): ReadAmount => ({
  amount: amount ?? words(match[0].trim()),
  start,
  end: unit?.kind === 'mass' && unit.keepsFood ? start + match[0].toLowerCase().lastIndexOf('butter') : end,
  manner,
  size: size || undefined,
  also: [],
});

const packBehind =
  /^\s*(tins?|cans?|jars?|packets?|packs?|packages?|bags?|boxes|bottles?|cartons?|blocks?|tubs?|pots?|balls?|fillets?|steaks?|loaves|loaf)\b/i;

/** "2 x 400 g tins": so many of so much. */
function packsOf(text: string, figure: Figure, system: WrittenIn): ReadAmount | undefined {
  const { match, end, low, high, unit } = figure;
  const each = match.groups!['each'] ?? match.groups!['each2'];
  const one = each === undefined ? undefined : amountOf(numberOf(each), undefined, unit, '', system, '');
  if (one?.kind !== 'mass' && one?.kind !== 'volume') return undefined;
  const pack = packBehind.exec(text.slice(end));
  const amount: Amount =
    one.kind === 'mass'
      ? {
          kind: 'count',
          count: milli(low),
          piece: pack?.[1]?.toLowerCase() ?? '',
          eachG: one.massG,
          ...(high !== undefined && { toCount: high }),
        }
      : {
          kind: 'volume',
          volumeMl: milli(low * one.volumeMl),
          ...(high !== undefined && { toVolumeMl: milli(high * one.volumeMl) }),
        };
  return { ...readAs(figure, amount), end: end + (pack?.[0].length ?? 0) };
}

/** Sums what is said in two units, as long as both are weights or both are volumes. */
function withMore(text: string, first: ReadAmount, system: WrittenIn): ReadAmount {
  const match = addedAmount.exec(text.slice(first.end));
  const more =
    match && amountOf(numberOf(match.groups!['low']!), undefined, findUnit(match.groups!['unit']!), '', system, '');
  if (!match || !more) return first;
  const end = first.end + match[0].length;
  const { amount } = first;
  if (amount.kind === 'mass' && more.kind === 'mass' && amount.toMassG === undefined)
    return { ...first, end, amount: { kind: 'mass', massG: milli(amount.massG + more.massG) } };
  if (amount.kind === 'volume' && more.kind === 'volume' && amount.toVolumeMl === undefined)
    return { ...first, end, amount: { kind: 'volume', volumeMl: milli(amount.volumeMl + more.volumeMl) } };
  return first;
}

function withUpper(text: string, first: ReadAmount, system: WrittenIn): ReadAmount {
  const match = upperAmount.exec(text.slice(first.end));
  const upper =
    match && amountOf(numberOf(match.groups!['low']!), undefined, findUnit(match.groups!['unit']!), '', system, '');
  if (!match || !upper) return first;
  const end = first.end + match[0].length;
  const { amount } = first;
  if (amount.kind === 'mass' && upper.kind === 'mass' && upper.massG > amount.massG)
    return { ...first, end, amount: { kind: 'mass', massG: amount.massG, toMassG: upper.massG } };
  if (amount.kind === 'volume' && upper.kind === 'volume' && upper.volumeMl > amount.volumeMl)
    return { ...first, end, amount: { kind: 'volume', volumeMl: amount.volumeMl, toVolumeMl: upper.volumeMl } };
  return first;
}

/** What a counted thing weighs, said in a bracket further on; and what its pieces are called behind the food. */
function withWeight(text: string, first: ReadAmount): ReadAmount {
  const { amount } = first;
  if (amount.kind !== 'count' || amount.count <= 0) return first;
  const behind = /^(?:|extra[- ]large|large|small|medium|fat|big|thick|thin|plump)$/i.test(amount.piece)
    ? pieceBehind.exec(text.slice(first.end))
    : null;
  const named = behind
    ? {
        ...amount,
        piece: [amount.piece, behind[1]!.toLowerCase()]
          .filter((part) => part !== '')
          .join(' ')
          .slice(0, 40),
      }
    : amount;
  const match = amount.eachG === undefined ? laterWeight.exec(text.slice(first.end)) : null;
  const unit = match && findUnit(match.groups!['unit']!);
  if (!match || unit?.kind !== 'mass') return { ...first, amount: named };
  const massG = numberOf(match.groups!['low']!) * unit.g;
  return {
    ...first,
    amount: { ...named, eachG: milli(match.groups!['each'] || amount.count === 1 ? massG : massG / amount.count) },
  };
}

function findUnit(word: string): Unit | undefined {
  if (word === 'T' || word === 't') return unitOf.get(word === 'T' ? 'tbsp' : 'tsp');
  if (word === 'c') return unitOf.get('cup');
  return unitOf.get(word.toLowerCase().replace(/\s+/g, ' '));
}

/** A figure counts where the line begins with it, where it follows "of" or a dash, or where it has a unit; a bare number in the middle of a sentence is no amount. */
function usable(text: string, match: RegExpExecArray): boolean {
  const before = text.slice(0, match.index);
  if (/^\s*(?:[-–•*▢□·]\s*)?$/.test(before)) return true;
  const spokenArticle = /^(?:a|an|one)$/i.test(match.groups!['low']!.trim());
  const isMeasured = match.groups!['unit'] !== undefined;
  // "Flour 00" and "flour 550" are kinds of it.
  const count = numberOf(match.groups!['low']!);
  const isBehind =
    isBehindName(before, text.slice(match.index + match[0].length)) &&
    (isMeasured || (count > 0 && count <= mostBehind && !spokenArticle));
  if (isBehind) return true;
  if (/\([^)]*$/.test(before)) return false;
  if (/\b(?:of|from|:|-|–)\s*$/i.test(before) || /[:–-]\s*$/.test(before)) return true;
  return isMeasured && !spokenArticle && before.length < 60;
}

/** More than these stand behind no name: what does is a kind, or a page. */
const mostBehind = 24;
/** "Eggs, 2 large", "carrots x 3", "juice 1 lemon": a name, and then how many. */
const isBehindName = (before: string, after: string): boolean =>
  /^(?:zest and juice|juice and zest|(?:grated |finely grated )?zest|juice)\s+$/i.test(before) ||
  (/^\s*[\p{L}'’-]+(?: [\p{L}'’-]+){0,3}\s*(?:,\s*|\s|\s\()(?:x\s?)?$/u.test(before) &&
    !/\b(?:type|no|number|grade|size|vitamin|omega)\.?\s*$/i.test(before) &&
    /^\s*(?:$|[,()])/.test(after));

/** "1 cup (240 ml)", "200 g / 7 oz", "2 (400 g) tins": what stands right behind says it again, or says what one weighs. */
function withSecond(text: string, first: ReadAmount, system: WrittenIn): ReadAmount {
  const match = bracketAmount.exec(text.slice(first.end));
  if (!match) return first;
  const groups = match.groups!;
  const unit = findUnit(groups['unit']!);
  const second = amountOf(
    numberOf(groups['low']!),
    groups['high'] === undefined ? undefined : numberOf(groups['high']),
    unit,
    '',
    system,
    '',
  );
  if (!second || unit?.kind === 'piece' || unit?.kind === 'loose') return first;
  const end = first.end + match[0].length;
  const { amount } = first;
  if (amount.kind === 'count') {
    const packed =
      groups['pack'] !== undefined ||
      groups['each'] !== undefined ||
      /^(?:small |large |medium )?(?:tin|can|jar|packet|pack|package|pkg|bag|box|bottle|carton|block|tub|pot|loaf|ball|fillet|piece|sachet|log)/.test(
        amount.piece,
      );
    if (second.kind === 'mass' && packed) {
      const piece = [amount.piece, groups['pack']?.toLowerCase()].filter(Boolean).join(' ');
      return { ...first, end, amount: { ...amount, piece: piece.slice(0, 40), eachG: second.massG } };
    }
    if (second.kind === 'mass' && amount.count > 0 && amount.toCount === undefined && second.toMassG === undefined)
      return { ...first, end, amount: { ...amount, eachG: milli(second.massG / amount.count) }, also: [second] };
    if (second.kind === 'volume' && packed)
      return {
        ...first,
        end,
        amount: { kind: 'volume', volumeMl: milli(amount.count * second.volumeMl) },
        also: [amount],
      };
    return { ...first, end, also: [second] };
  }
  // A weight is the surer of two ways to say the same.
  return second.kind === 'mass' && amount.kind === 'volume'
    ? { ...first, end, amount: second, also: [amount] }
    : { ...first, end, also: [second] };
}
