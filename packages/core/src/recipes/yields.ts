import type { Amount } from '../model/index.ts';
import { numberOf, numberSource, readAmount } from '../quantities/index.ts';

export interface ReadYield {
  readonly portions?: number | undefined;
  readonly makes?: Amount | undefined;
}

const people = new RegExp(
  String.raw`(?:\b(?:serves?|servings?|feeds|fed|portions?|for|people|persons?)\b\s*:?\s*(?:about |around |up to )?(?<a>${numberSource})(?:\s?(?:-|–|to)\s?(?<b>${numberSource}))?(?![\d.,]*\s?(?:l|ml|cl|g|kg|cm|litres?|liters?|pints?|loaf|loaves|cakes?|trays?|tins?|jars?|hours?|minutes?)\b))|\b(?:crowd|party) of (?<e>${numberSource})|\b(?:cuts?|divides?|slices?) (?:it )?in(?:to)? (?:about )?(?<f>${numberSource})|(?<c>${numberSource})(?:\s?(?:-|–|to)\s?(?<d>${numberSource}))?\s*(?:servings?|portions?|people|persons?|adults)\b`,
  'iu',
);
const made = new RegExp(
  String.raw`\b(?:makes?|yields?|gives)\b\s*:?\s*(?:about |around |approximately |roughly )?(?<rest>.+)$`,
  'iu',
);

const whomToo = /[\s,;·(|–-]*\b(?:and )?(?:serves?|feeds|enough for|for \d).*$/i;

/** "Makes 8 cakes, serves 4": what it makes ends where whom it feeds begins. */
const madeIn = (text: string): string | undefined => made.exec(text)?.groups!['rest']!.replace(whomToo, '');

/** "Serves 4–6" feeds four (the smaller, so that nobody goes short); "Makes 12 rolls", "600 g" is what it makes. */
export function readYield(texts: readonly string[]): ReadYield {
  let portions: number | undefined;
  let makes: Amount | undefined;
  for (const text of texts) {
    const who = people.exec(text)?.groups;
    const least = who
      ? numberOf(['a', 'e', 'f', 'c'].map((key) => who[key]).find((each) => each !== undefined) ?? '')
      : /^\s*\d+(?:\.\d+)?\s*$/.test(text)
        ? Number(text)
        : NaN;
    if (portions === undefined && Number.isFinite(least) && least > 0) portions = least;
    const rest = madeIn(text) ?? (who || Number.isFinite(least) ? undefined : text);
    if (makes === undefined && rest && !people.test(rest)) {
      const { amount, end } = readAmount(rest);
      if (amount.kind === 'mass' || amount.kind === 'volume') makes = amount;
      else if (amount.kind === 'count')
        makes = {
          ...amount,
          piece: [
            amount.piece,
            rest
              .slice(end)
              .replace(/[^\p{L} -]/gu, ' ')
              .trim(),
          ]
            .filter((part) => part !== '')
            .join(' ')
            .slice(0, 40),
        };
    }
  }
  return { portions: portions ?? slicesIn(texts), makes };
}

const each = new RegExp(
  String.raw`\b(?:divide|pour|spoon|share|ladle)\b[^.;]{0,60}\b(?:between|among|into)\s+(?:the )?(?<count>${numberSource})\s+(?:(?:small|large|little|individual|serving|dessert|warm(?:ed)?|chilled|pretty)\s+)*(?:glasses|ramekins|bowls|plates|pots|cups|people)\b`,
  'iu',
);

/** "Divide between six glasses": one each, where nothing else is said. */
export function dividedAmong(paragraphs: readonly string[]): number | undefined {
  const count = numberOf(each.exec(paragraphs.join('\n'))?.groups?.['count'] ?? '');
  return Number.isFinite(count) && count > 1 ? count : undefined;
}

/** A slice each, where nothing else is said: "1 loaf, 10 slices". */
const slicesIn = (texts: readonly string[]): number | undefined => {
  const said = /\b(?<count>\d{1,3}) (?:slices?|wedges?)\b/i.exec(texts.join('\n'))?.groups;
  return said && Number(said['count']);
};
