import type { Draft, DraftLine } from './draft.ts';
import { headed, listedThings, numberedApart } from './lists.ts';
import { plainTextOf } from './page.ts';

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
type Node = Readonly<Record<string, Json>>;

/** Linked data is untrusted: only an object's own keys are looked at, by name. */
const get = (node: Node, key: string): Json | undefined => (Object.hasOwn(node, key) ? node[key] : undefined);
const isNode = (value: Json | undefined): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const list = (value: Json | undefined): readonly Json[] =>
  value === undefined || value === null ? [] : Array.isArray(value) ? value : [value as Json];
const deepest = 12;

const typesOf = (node: Node): readonly string[] =>
  list(get(node, '@type'))
    .filter((type) => typeof type === 'string')
    .map((type) => type.replace(/^(?:https?:\/\/schema\.org\/|schema:)/i, ''));

/** All nodes of type Recipe, bare, in arrays, in an `@graph`, or as the main entity of a page. */
export function recipeNodes(data: Json, depth = 0): readonly Node[] {
  if (depth > deepest) return [];
  if (Array.isArray(data)) return data.slice(0, 2000).flatMap((each: Json) => recipeNodes(each, depth + 1));
  if (!isNode(data)) return [];
  if (typesOf(data).includes('Recipe')) return [data];
  return ['@graph', 'mainEntity', 'mainEntityOfPage', 'itemListElement', 'item', 'hasPart'].flatMap((key) => {
    const value = get(data, key);
    return value === undefined ? [] : recipeNodes(value, depth + 1);
  });
}

/** The text of a value that may be a string, a number, or a node with a name, text or value. */
function textOf(value: Json | undefined, depth = 0): string {
  if (typeof value === 'string') return plainTextOf(value);
  if (typeof value === 'number') return String(value);
  if (depth > deepest || !isNode(value)) return '';
  const [name, amount] = [get(value, 'name'), get(value, 'value')];
  // {"name": "Flour", "value": "200 g"}: the one is nothing without the other.
  if (typeof name === 'string' && (typeof amount === 'string' || typeof amount === 'number'))
    return plainTextOf(`${amount} ${name}`);
  for (const key of ['text', 'name', '@value', 'value', 'description']) {
    const words = textOf(get(value, key), depth + 1);
    if (words) return words;
  }
  return '';
}

/** Minutes of an ISO 8601 duration; undefined where it is none. @source ISO 8601-1:2019, 5.5.2 */
export function isoMinutes(text: string): number | undefined {
  const match =
    /^P(?:(\d+(?:[.,]\d+)?)W)?(?:(\d+(?:[.,]\d+)?)D)?(?:T(?:(\d+(?:[.,]\d+)?)H)?(?:(\d+(?:[.,]\d+)?)M)?(?:(\d+(?:[.,]\d+)?)S)?)?$/i.exec(
      text.trim(),
    );
  if (!match || match.slice(1).every((part) => part === undefined)) return undefined;
  const [weeks, days, hours, minutes, seconds] = match.slice(1).map((part) => Number((part ?? '0').replace(',', '.')));
  return weeks! * 10_080 + days! * 1440 + hours! * 60 + minutes! + seconds! / 60;
}

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

function methodOf(value: Json | undefined, heading: string | undefined, depth: number): readonly DraftLine[] {
  if (depth > deepest) return [];
  return list(value).flatMap((each): readonly DraftLine[] => {
    if (typeof each === 'string')
      return lines(plainTextOf(each))
        .flatMap(numberedApart)
        .map((text) => ({ text: text.replace(/^(?:step\s*)?\d{1,2}\s*[.):]\s+/i, ''), heading }));
    if (Array.isArray(each)) return methodOf(each, heading, depth + 1);
    if (!isNode(each)) return [];
    // A tip is no work to be done.
    if (typesOf(each).includes('HowToTip')) return [];
    const name = textOf(get(each, 'name'));
    const inner = get(each, 'itemListElement') ?? get(each, 'steps');
    if (typesOf(each).includes('HowToSection')) return methodOf(inner, name || heading, depth + 1);
    if (inner !== undefined && get(each, 'text') === undefined) return methodOf(inner, heading, depth + 1);
    const text = textOf(get(each, 'text')) || textOf(get(each, 'description'));
    if (!text) return name ? [{ text: name, heading }] : [];
    // A step's name that only begins its text again says nothing new.
    const said =
      name && !text.toLowerCase().startsWith(name.replace(/[.…]+$/, '').toLowerCase()) && !/^step \d+$/i.test(name)
        ? `${name}. `
        : '';
    return lines(said + text).map((line) => ({ text: line, heading }));
  });
}

function tipsOf(value: Json | undefined, depth: number): readonly string[] {
  if (depth > deepest) return [];
  return list(value).flatMap((each) =>
    !isNode(each)
      ? []
      : typesOf(each).includes('HowToTip')
        ? [textOf(each)]
        : tipsOf(get(each, 'itemListElement') ?? get(each, 'steps'), depth + 1),
  );
}

const read = new Set([
  '@context',
  '@type',
  '@id',
  'name',
  'description',
  'recipeYield',
  'yield',
  'recipeIngredient',
  'ingredients',
  'recipeInstructions',
  'totalTime',
  'prepTime',
  'cookTime',
  'recipeCategory',
]);

/** A Recipe node as pieces of text. @source schema.org/Recipe, HowToSection, HowToStep */
export function draftOfNode(node: Node, original: string): Draft {
  const said = [...list(get(node, 'recipeIngredient')), ...list(get(node, 'ingredients'))].flatMap((each) =>
    lines(textOf(each)),
  );
  // A whole list in one string is parted at its commas; a single line with a comma in it is left alone.
  const parts = said.length === 1 ? listedThings(said[0]!) : said;
  const ingredients = (
    parts.filter((part) => /^[\d½¼¾⅓⅔]/.test(part)).length > 1 || said.length !== 1 ? parts : said
  ).map((text) => ({ text }));
  const tips = tipsOf(get(node, 'recipeInstructions'), 0);
  const minutes = ['totalTime', 'prepTime', 'cookTime'].map((key) => isoMinutes(textOf(get(node, key))));
  const totalMin =
    minutes[0] ??
    (minutes[1] === undefined && minutes[2] === undefined ? undefined : (minutes[1] ?? 0) + (minutes[2] ?? 0));
  const unread = Object.keys(node).filter((key) => !read.has(key));
  const odd = ['totalTime', 'prepTime', 'cookTime'].filter(
    (key) => textOf(get(node, key)) !== '' && isoMinutes(textOf(get(node, key))) === undefined,
  );
  return {
    format: 'json-ld',
    name: textOf(get(node, 'name')),
    about: textOf(get(node, 'description')),
    yields: [...list(get(node, 'recipeYield')), ...list(get(node, 'yield'))]
      .map((each) => textOf(each))
      .filter((text) => text !== ''),
    category: list(get(node, 'recipeCategory'))
      .map((each) => textOf(each))
      .join(', '),
    ingredients: headed(ingredients),
    method: methodOf(get(node, 'recipeInstructions'), undefined, 0),
    totalMin,
    notes: tips,
    original,
    leftOver: [
      ...odd.map((key) => ({
        words: `${key}: ${textOf(get(node, key)).slice(0, 80)}`,
        why: 'a time that is not written as ISO 8601 asks',
      })),
      ...(unread.length === 0
        ? []
        : [{ words: unread.slice(0, 30).join(', ').slice(0, 300), why: 'not used; it stays in the original' }]),
    ],
  };
}
