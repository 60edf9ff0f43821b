import { readAmount } from '../quantities/index.ts';
import { readIngredient } from '../reading/index.ts';
import type { DraftLine } from './draft.ts';

/** Splits "a, b (c, d), e" at the commas that stand in no bracket. */
export function listedThings(text: string): string[] {
  const parts: string[] = [''];
  let depth = 0;
  for (const sign of text) {
    if (sign === '(' || sign === '[') depth++;
    else if (sign === ')' || sign === ']') depth = Math.max(0, depth - 1);
    if ((sign === ',' || sign === ';') && depth === 0) parts.push('');
    else parts[parts.length - 1] += sign;
  }
  // "salt, to taste" and "2 onions, chopped": what has no amount or food of its own belongs to the one before it.
  const merged: string[] = [];
  for (const part of parts.map((each) => each.trim()).filter((each) => each !== '')) {
    const own = readAmount(part).amount.kind !== 'words' || readIngredient(part).foods.length > 0;
    if (own || merged.length === 0) merged.push(part);
    else merged[merged.length - 1] += `, ${part}`;
  }
  return merged;
}

/** "1. Heat the oven. 2. Rub in the butter." in one string: a method whose numbers part it. Anything else stays whole. */
export function numberedApart(text: string): readonly string[] {
  if (!/(?:^|\s)1[.)]\s/.test(text) || !/\s2[.)]\s/.test(text)) return [text];
  return text
    .split(/(?:^|\s+)\d{1,2}[.)]\s+(?=\p{L})/u)
    .map((each) => each.trim())
    .filter((each) => each !== '');
}

/** What parts of a dish are called: where such a word stands alone above lines with amounts, it heads them. */
const partNames =
  /\b(?:sauces?|dressing|filling|topping|top|icing|frosting|dough|pastry|salsa|raita|marinade|glaze|base|crust|crumble|crumb|vegetables|veg|syrup|batter|cake|mash|gravy|stuffing|salad|drizzle|garnish|spices?|spice mix|rub|paste|custard|cream|broth|curry|rice|dip|dipping sauce|layers?|tofu|chicken|meatballs|patties|dumplings|noodles|coating|to (?:serve|finish|garnish|fill|top|decorate|glaze|dust|assemble|dip|coat|fry|roll|drizzle|soak)|extras|slaw|pesto|relish|chutney|pickle|meringue|sponge|caramel|compote|streusel|croutons|toppings|fillings)\s*$/i;

/** "Oil to fry": a thing, and what it is for. */
const isThingFor = (row: string): boolean => /\S\s+to \p{L}+\W*$/u.test(row) && readIngredient(row).foods.length > 0;

/** "Dressing": a part, and no dish. */
export const isPartName = (row: string): boolean =>
  row.split(/\s+/).length <= 3 && partNames.test(row) && !isThingFor(row);

/** "Sauce: 3 tbsp hoisin, 1 tbsp peanut butter": a heading and its list in one line. */
const headedList =
  /^(?<name>(?:for the )?[\p{L}][\p{L} '’-]{1,30}?)(?:\s*:|\s+[-–])\s+(?=\d|[½¼¾⅓⅔]|an?\s|half\s|juice\b|zest\b)(?<rest>.+)$/iu;

/** Whether a row is a heading with its list behind it. */
export const isHeadedList = (text: string): boolean =>
  headedList.test(text) && listedThings(headedList.exec(text)!.groups!['rest']!).length > 1;

const isCounted = (text: string): boolean => {
  const { amount, start } = readAmount(text);
  return start === 0 && amount.kind !== 'words';
};
const begins = (text: string): boolean => isCounted(text) || loosely.test(text);
const loosely =
  /^(?:an? |small |large |big |good )?(?:bunch|handful|pinch|sprig|knob|splash|juice|zest|thumb|dash|drizzle)\b/i;

const cutWord = /^(?:(?:finely|roughly|freshly|coarsely|thinly) )?(?:\p{L}+ed|ground|cut|split)\b/iu;

/** "1 tsp each dried basil, parsley and oregano": the same of several things, and what is said of the first of them said of all. */
function eachOf(text: string): readonly string[] | undefined {
  const match = /^(?<much>.{1,24}?)\s+(?:of\s+)?each(?:\s+of)?\s*:?\s+(?<list>.{3,120})$/i.exec(text)?.groups;
  const much = match?.['much'];
  if (!match || much === undefined) return undefined;
  const { amount, start, end } = readAmount(much);
  if (amount.kind === 'words' || start !== 0 || end < much.length) return undefined;
  const [, manner = '', list = ''] =
    /^((?:(?:dried|ground|fresh|freshly|chopped|finely|roughly|grated|toasted|frozen|smoked|minced) )*)(.*)$/i.exec(
      match['list']!,
    )!;
  const parts = list.split(/\s*,\s*(?:and\s+)?|\s+and\s+|\s*&\s*/i).filter((part) => part !== '');
  const things = parts.filter((part) => readIngredient(`${manner}${part}`).foods.length > 0);
  // Behind the things stands what is done with all of them: "…, chopped".
  const done = parts.slice(things.length);
  if (things.length < 2 || parts.slice(0, things.length).some((part) => !things.includes(part))) return undefined;
  // What nobody knows may be a thing as well: then the line is judged as it stands.
  if (!done.every((part) => cutWord.test(part))) return undefined;
  return things.map((thing) => [`${much} ${manner}${thing}`, ...done].join(', '));
}

/** "2 onions, 3 cloves garlic, 2 red peppers", "4 tortillas / 100 g cheddar / salsa": several things in one line. */
export function severalThings(text: string): readonly string[] {
  const slashed = text
    .split(/\s+\/\s+|\s+\|\s+|\s*[•·]\s+/)
    .map((each) => each.trim())
    .filter((each) => each !== '');
  if (slashed.length > 2 && slashed.some(begins)) return slashed.flatMap(severalThings);
  const each = eachOf(text);
  if (each) return each;
  const added = text.split(/\s+(?:\+|plus)\s+(?=\d|an? |one |two )/i);
  if (added.length > 1 && added.every((one) => begins(one) && readIngredient(one).foods.length > 0)) return added;
  const parts = listedThings(text);
  return parts.length > 1 &&
    parts.filter((each) => isCounted(each) && readIngredient(each).foods.length > 0).length >= 2 &&
    !/\b(?:or|each)\b/i.test(text)
    ? parts
    : [text];
}

/** Headings stand among the ingredients of many pages: "For the sauce:". */
export function headed(lines: readonly DraftLine[]): readonly DraftLine[] {
  let heading: string | undefined;
  /** Lines under the heading, one right below the other. */
  let block = 0;
  return lines.flatMap((line, at): readonly DraftLine[] => {
    const listed = headedList.exec(line.text)?.groups;
    // A heading with its list behind it heads nothing else; "milk – 500 ml" is milk.
    if (listed && listedThings(listed['rest']!).some((each) => readIngredient(each).foods.length > 0)) {
      const own = listed['name']!.trim();
      return listedThings(listed['rest']!).map((text) => ({ text, heading: own }));
    }
    const next = lines[at + 1]?.text;
    const bare = line.text.replace(/^[#*_=\-\s]+|[*_=\s:]+$/g, '').trim();
    const isBareHead =
      next !== undefined &&
      begins(next) &&
      bare.length < 32 &&
      !/[\d,.]|^(?:half|some|the|an?|rest|a little|plus)\b|\b(?:one|two|three|four|batch(?:es)?|of)\b/i.test(bare) &&
      ((partNames.test(bare) && !isThingFor(bare)) ||
        (/^[\p{L}'’ -]+$/u.test(bare) && readIngredient(bare).foods.length === 0));
    const name = headingOf(line.text) ?? (isBareHead ? bare : undefined);
    if (name === undefined) {
      // "For the mash", its two lines, an empty line: what stands below belongs to no part. Of a list with empty lines all through it is not known.
      if (line.isAfterGap && block > 1) heading = undefined;
      block = line.isAfterGap && block > 0 ? 1 : block + 1;
      return severalThings(line.text).map((text) => ({ ...line, text, heading: line.heading ?? heading }));
    }
    heading = name;
    block = 0;
    return [];
  });
}

export function headingOf(text: string): string | undefined {
  const bare = text.replace(/^[#*_=\-\s]+|[*_=\s]+$/g, '').trim();
  if (bare === '' || bare.length > 60 || /\d/.test(bare)) return undefined;
  if (/^for (?:the|a|an) [\p{L} ,&'’-]+:?$/iu.test(bare)) return bare.replace(/:$/, '');
  return /^[\p{L} ,&'’()-]+:$/u.test(bare) ? bare.slice(0, -1) : undefined;
}
