import Papa from 'papaparse';
import { foods } from '../reference/index.ts';
import type { Amount, Occasion, Shopping } from '../model/index.ts';
import { plainNumber, readAmount } from '../quantities/index.ts';
import { readIngredient } from '../reading/index.ts';
import type { ShoppingList } from './list.ts';
import type { Sum } from './sum.ts';

const columns = ['aisle', 'item', 'id', 'amount', 'unit', 'packs', 'label', 'for', 'price', 'ticked', 'have'] as const;

function figureOf(sum: Sum): readonly [string, string] {
  if (sum.massG > 0) return [plainNumber(sum.massG), 'g'];
  if (sum.volumeMl > 0) return [plainNumber(sum.volumeMl), 'ml'];
  const [piece] = sum.pieces;
  return piece ? [plainNumber(piece[1]), piece[0] || 'piece'] : ['', sum.words.join(', ')];
}

/** A cell that a spreadsheet would take for a formula is kept as text. @source OWASP, CSV injection */
const asText = (cell: string): string => (/^[=+\-@\t\r]/.test(cell) && !/^-?\d/.test(cell) ? `'${cell}` : cell);

/** The list as CSV (RFC 4180). `amount` is what the recipes ask for, before packages. */
export function toShoppingCsv(occasion: Occasion, list: ShoppingList): string {
  const name = (id: string) => occasion.guests.find((guest) => guest.id === id)?.name ?? id;
  const rows = list.items.map((item) => {
    const [amount, unit] = figureOf(item.need);
    const [have, haveUnit] = figureOf(item.have);
    return [
      item.aisle,
      item.name,
      item.key,
      amount,
      unit,
      item.packing?.packs
        .map(({ count, size, called }) => `${count} ${called} ${plainNumber(size)} ${item.packing!.unit}`)
        .join(' + ') ?? '',
      item.label.map((wish) => wish.words).join('; '),
      [...new Set(item.label.flatMap((wish) => wish.guests))].map(name).join(', '),
      item.packing?.price === undefined ? '' : String(item.packing.price),
      item.ticked ? 'yes' : '',
      have === '' ? '' : `${have} ${haveUnit}`,
    ].map(asText);
  });
  return `${Papa.unparse({ fields: [...columns], data: rows }, { newline: '\r\n' })}\r\n`;
}

export interface CsvFault {
  readonly row: number;
  readonly words: string;
}

const nameOf = new Map(
  foods.flatMap((food) => [
    [food.name.toLowerCase(), food.id as string],
    ...(food.us ? [[food.us.toLowerCase(), food.id as string] as const] : []),
  ]),
);

/**
 * Reads a list back: what is ticked, and what is in the house (`have`, e.g. "500 g"). Needs a column `item` or `id`; others are left alone.
 * Rows that name nothing on the list are kept as things besides food. Faults name their row; nothing is lost for them.
 */
export function fromShoppingCsv(
  text: string,
  list: ShoppingList,
  before: Shopping,
): { readonly shopping: Shopping; readonly faults: readonly CsvFault[] } {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().toLowerCase(),
  });
  const fields = parsed.meta.fields ?? [];
  if (!fields.includes('item') && !fields.includes('id'))
    return { shopping: before, faults: [{ row: 1, words: 'The first row must name a column “item” or “id”.' }] };
  const faults: CsvFault[] = [];
  const ticked = new Set(before.ticked);
  const have = new Map(before.have.map((each) => [each.item, each.amount]));
  const extra = new Set(before.extra);
  const cell = (row: Record<string, string>, column: string) =>
    Object.hasOwn(row, column)
      ? String(row[column] ?? '')
          .replace(/^'(?=[=+\-@])/, '')
          .trim()
      : '';
  parsed.data.slice(0, 2000).forEach((row, index) => {
    const words = cell(row, 'item');
    const id = cell(row, 'id');
    const item =
      list.items.find((each) => each.key === id) ??
      list.items.find((each) => each.name.toLowerCase() === words.toLowerCase()) ??
      list.items.find(
        (each) =>
          each.food !== undefined &&
          each.food === (nameOf.get(words.toLowerCase()) ?? readIngredient(words).foods[0]?.food),
      );
    if (!item) {
      if (words === '') faults.push({ row: index + 2, words: 'It names nothing.' });
      else if (!id && extra.size < 200) extra.add(words.slice(0, 120));
      return;
    }
    const said = cell(row, 'ticked').toLowerCase();
    if (['yes', 'x', '1', 'true', 'done'].includes(said)) ticked.add(item.key);
    else if (fields.includes('ticked')) ticked.delete(item.key);
    const held = cell(row, 'have');
    if (held !== '') {
      const amount: Amount = readAmount(held).amount;
      if (amount.kind === 'words') faults.push({ row: index + 2, words: `“${held.slice(0, 60)}” is no amount.` });
      else have.set(item.key, amount);
    }
  });
  return {
    shopping: {
      ...before,
      ticked: [...ticked],
      have: [...have].map(([item, amount]) => ({ item, amount })),
      extra: [...extra],
    },
    faults,
  };
}
