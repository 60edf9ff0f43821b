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

/** Headings stand among the ingredients of many pages: "For the sauce:". */
export function headed(lines: readonly DraftLine[]): readonly DraftLine[] {
  let heading: string | undefined;
  return lines.flatMap((line) => {
    const name = headingOf(line.text);
    if (name === undefined) return [{ ...line, heading: line.heading ?? heading }];
    heading = name;
    return [];
  });
}

export function headingOf(text: string): string | undefined {
  const bare = text.replace(/^[#*_=\-\s]+|[*_=\s]+$/g, '').trim();
  if (bare === '' || bare.length > 60 || /\d/.test(bare)) return undefined;
  if (/^for (?:the|a|an) [\p{L} ,&'’-]+:?$/iu.test(bare)) return bare.replace(/:$/, '');
  return /^[\p{L} ,&'’()-]+:$/u.test(bare) ? bare.slice(0, -1) : undefined;
}
