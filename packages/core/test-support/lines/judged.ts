import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { noLabels } from '../../src/exposure/index.ts';
import type { FoodId } from '../../src/reference/index.ts';
import type { Amount, IngredientLine } from '../../src/model/index.ts';
import { readLine, readRecipes } from '../../src/recipes/index.ts';

/**
 * Ingredient lines in the words of many cooks, and what each says. How much: "200 g", "250 ml", "3", "4-6", "2 clove", "2 x 400 g" (so many of so much),
 * "-" where it says no amount. Of what: a plain name, right where the line is taken for the same food of the catalogue as that name alone.
 */
export interface LineCase {
  readonly text: string;
  readonly things: readonly { readonly amount: string; readonly name: string }[];
}

export const lineCases = (file: 'seen' | 'unseen'): readonly LineCase[] =>
  readFileSync(join(__dirname, `${file}.txt`), 'utf8')
    .split('\n')
    .filter((row) => row !== '' && !row.startsWith('#'))
    .map((row) => {
      const [text = '', said = ''] = row.split(' => ');
      const things = said.split(' && ').map((thing) => {
        const [amount = '', name = ''] = thing.split('|').map((part) => part.trim());
        return { amount, name };
      });
      return { text, things };
    });

const near = (one: number, other: number): boolean => Math.abs(one - other) <= 0.07 * Math.max(one, other);

/** An amount as the cases write it. */
function written(amount: Amount): string {
  const range = (from: number, to: number | undefined) => (to === undefined ? `${from}` : `${from}-${to}`);
  switch (amount.kind) {
    case 'mass':
      return `${range(amount.massG, amount.toMassG)} g`;
    case 'volume':
      return `${range(amount.volumeMl, amount.toVolumeMl)} ml`;
    case 'count':
      return amount.eachG === undefined
        ? `${range(amount.count, amount.toCount)} ${amount.piece}`.trim()
        : `${amount.count} x ${amount.eachG} g`;
    case 'batches':
      return `${amount.batches} batches`;
    case 'words':
      return '-';
  }
}

const numbersIn = (text: string): readonly number[] => [...text.matchAll(/\d+(?:\.\d+)?/g)].map(Number);
const wordsIn = (text: string): string =>
  text
    .replace(/[\d.\s-]/g, '')
    .replace(/leaves$/, 'leaf')
    .replace(/loaves$/, 'loaf')
    .replace(/s$/, '');
/** A pinch is less than a measure. */
const isPinch = (read: string): boolean => read.endsWith(' ml') && numbersIn(read).every((each) => each <= 1);

function isSame(read: string, wanted: string): boolean {
  if (wanted === '-') return read === '-' || isPinch(read);
  // What no scales know is words, and has a start to taste from.
  if (/ (?:handful|piece|pinch)$/.test(wanted) && (read === '-' || isPinch(read))) return true;
  const [one, other] = [numbersIn(read), numbersIn(wanted)];
  const isWeighed = [read, wanted].every((each) => each.endsWith(' g'));
  // Two tins of 400 g are 800 g, said either way.
  if (isWeighed && [read, wanted].some((each) => each.includes(' x ')))
    return near(
      one.reduce((all, each) => all * each, 1),
      other.reduce((all, each) => all * each, 1),
    );
  const isOfKind =
    (wordsIn(wanted) !== '' && wordsIn(read).endsWith(wordsIn(wanted))) ||
    (wordsIn(wanted) === '' && !/ (?:g|ml)$/.test(read));
  return isOfKind && one.length === other.length && one.every((each, at) => near(each, other[at]!));
}

/** Frozen peas are peas. */
const isKindOf = (food: FoodId, wanted: FoodId): boolean =>
  food === wanted || noLabels.parts(food).has(wanted) || food.split('-').includes(wanted);

/** What is wrong with how a line was read in a recipe's list; empty where it is fully right. */
export function lineFaults({ text, things }: LineCase): readonly string[] {
  const read = readRecipes(
    `A dish\nServes 4\n\nIngredients\n2 l bath water\n${text}\n1 kg bath salt\n\nMethod\nMix everything.`,
  ).recipes[0];
  const lines: readonly IngredientLine[] = read?.recipe.lines.slice(1, -1) ?? [];
  if (lines.length !== things.length && !isOneLine(lines, things))
    return [`${lines.length} things: ${lines.map((line) => line.text).join(' / ')}`];
  return things.flatMap(({ amount, name }, at) => {
    const line = lines[at] ?? lines[0]!;
    const { likeFood, ingredient } = readLine(line.text);
    const wanted = readLine(name).likeFood;
    const foods = ingredient.foods.map(({ food }) => food);
    const isFood =
      lines.length === things.length
        ? likeFood !== undefined && wanted !== undefined && isKindOf(likeFood, wanted)
        : wanted !== undefined && foods.includes(wanted);
    return [
      ...(isSame(written(line.amount), amount) ? [] : [`${written(line.amount)}, not ${amount}`]),
      ...(wanted === undefined ? [`“${name}” is no food of the catalogue`] : []),
      ...(isFood ? [] : [`${likeFood ?? 'nothing'}, not ${wanted ?? name}`]),
    ];
  });
}

/** Salt and pepper without amounts may stand in one line. */
const isOneLine = (lines: readonly IngredientLine[], things: LineCase['things']): boolean =>
  lines.length === 1 && things.every(({ amount }) => amount === '-');
