import { foodOf } from '../reference/index.ts';
import type { Occasion } from '../model/index.ts';
import { inFractions, measure, plainNumber, type MeasureSystem } from '../quantities/index.ts';
import type { ShoppingItem, ShoppingList } from './list.ts';
import type { Packing } from './packing.ts';
import { isNothing, type Sum } from './sum.ts';

const plural = (word: string, count: number): string =>
  count <= 1 || word === ''
    ? word
    : /(?:ch|sh|x|s)$/.test(word)
      ? `${word}es`
      : word.endsWith('af')
        ? `${word.slice(0, -1)}ves`
        : `${word}s`;
const roundUp = (value: number): number =>
  value < 50
    ? Math.ceil(value - 1e-9)
    : value < 500
      ? Math.ceil(value / 5 - 1e-9) * 5
      : Math.ceil(value / 10 - 1e-9) * 10;

/** A sum as it is written on a list, rounded up so that it is enough: "650 g, about 5" for what is also bought by the piece. */
export function sumWords(sum: Sum, food: string | undefined, system: MeasureSystem): string {
  const entry = food ? foodOf(food) : undefined;
  const parts: string[] = [];
  if (sum.massG > 0) {
    const weight = measure({ kind: 'mass', massG: roundUp(sum.massG) }, system).text;
    const pieces =
      entry?.kind === 'single' && entry.pieceG && entry.pieceG >= 10
        ? Math.ceil(sum.massG / entry.pieceG - 0.05)
        : undefined;
    parts.push(pieces === undefined ? weight : `${pieces} (${weight})`);
  }
  if (sum.volumeMl > 0) parts.push(measure({ kind: 'volume', volumeMl: roundUp(sum.volumeMl) }, system).text);
  for (const [piece, count] of sum.pieces)
    if (count > 0) parts.push(`${inFractions(Math.ceil(count * 4 - 0.05) / 4).text} ${plural(piece, count)}`.trim());
  if (parts.length === 0 && sum.words.length > 0) return sum.words.filter((words) => words !== '').join(', ') || 'some';
  return parts.join(' + ') + (sum.words.length > 0 ? ' and some more' : '');
}

/** "2 tins of 400 g, 150 g left over". */
export function packingWords({ packs, unit, leftOver }: Packing): string {
  const size = (value: number) =>
    unit === 'piece'
      ? plainNumber(value)
      : value >= 1000
        ? `${plainNumber(value / 1000)} ${unit === 'g' ? 'kg' : 'l'}`
        : `${plainNumber(value)} ${unit}`;
  const bought = packs
    .map(({ count, size: each, called }) => `${count} ${plural(called, count)} of ${size(each)}`)
    .join(' + ');
  const least = unit === 'piece' ? 0.5 : 5;
  return leftOver < least
    ? bought
    : `${bought}, ${unit === 'piece' ? plainNumber(Math.floor(leftOver)) : size(leftOver < 100 ? Math.round(leftOver) : Math.round(leftOver / 10) * 10)} left over`;
}

/** The list as plain text, by aisle, with what labels must not say. Names of guests stay out of it unless asked for: it is read in public. */
export function shoppingText(
  occasion: Occasion,
  list: ShoppingList,
  system: MeasureSystem,
  options: { readonly names: boolean; readonly shop?: string | undefined },
): string {
  const lines: string[] = [`${occasion.name}: shopping`, ''];
  let aisle = '';
  for (const item of list.items) {
    if (item.inHouse || (options.shop !== undefined && item.shop !== options.shop)) continue;
    if (item.aisle !== aisle) {
      aisle = item.aisle;
      lines.push(aisle.toUpperCase());
    }
    lines.push(...itemText(occasion, item, system, options.names));
  }
  return `${lines.join('\n')}\n`;
}

function itemText(occasion: Occasion, item: ShoppingItem, system: MeasureSystem, names: boolean): string[] {
  const amount = isNothing(item.buy) ? '' : `: ${sumWords(item.buy, item.food, system)}`;
  const packs = item.packing ? ` (${packingWords(item.packing)})` : '';
  const name = (id: string) => occasion.guests.find((guest) => guest.id === id)?.name ?? id;
  return [
    `${item.ticked ? '[x]' : '[ ]'} ${item.name}${amount}${packs}`,
    ...(item.product ? [`      the same as before: ${item.product}`] : []),
    ...item.label.map(
      (wish) =>
        `      label: ${wish.words}${names && wish.guests.length > 0 ? ` (${wish.guests.map(name).join(', ')})` : ''}`,
    ),
  ];
}
