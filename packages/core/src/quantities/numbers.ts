/** A number as cooks write it: 1½, 1 1/2, 1-1/2, 3/4, 1,5, 1,000, .5, "half a", "one and a half", "a dozen". As the source of a regular expression without groups. */
const vulgar: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
};
const signs = Object.keys(vulgar).join('');
const digits = String.raw`(?:\d{1,6}\s?[${signs}]|\d{1,6}(?:\s|-|\s?&\s?|\sand\s)\d{1,3}\s?[/⁄]\s?\d{1,3}|\d{1,6}\s?[/⁄]\s?\d{1,3}|[${signs}]|\d{1,3}(?:,\d{3})+(?![\d,])|\d{1,9}(?:[.,]\d{1,4})?|\.\d{1,4})`;
const named: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  half: 0.5,
  quarter: 0.25,
  dozen: 12,
  couple: 2,
};
const anyOf = (words: readonly string[]): string => [...words].sort((a, b) => b.length - a.length).join('|');
const counts = Object.entries(named).filter(([word, value]) => value >= 1 && !/^(?:an?|dozen|couple)$/.test(word));
const [ones, tens, under100] = [
  counts.filter(([, value]) => value < 10),
  counts.filter(([, value]) => value >= 20),
  counts,
].map((some) => anyOf(some.map(([word]) => word)));
/** "Twenty-five", with the hyphen or without; "a hundred and fifty". */
const compound = String.raw`(?:(?:${tens})[- ](?:${ones})(?![-\p{L}])|(?:${under100}))`;
const hundreds = String.raw`(?:an?|${ones}) hundred(?: and ${compound}(?![\p{L}]))?`;
/** "Two-thirds of a cup", "2 dozen", "1 and a half". */
const shares = String.raw`(?:(?:an?|one) third|two[- ]thirds|one[- ](?:third|quarter)|one[- ]half)(?: of an?)?`;
const dozens = String.raw`(?:\d{1,2}|two|three|four|five|six) doz(?:en|\.)?`;
const withShare = String.raw`\d{1,3} and an? (?:half|quarter|third)`;
const spoken = String.raw`(?:half a dozen|(?:a|one) dozen|a couple(?: of)?|(?:one|two|three|four|five|six) and an? (?:half|quarter)|(?:a |one )?half(?: an?)?|(?:a |one )?quarter(?: of an?)?|three[- ]quarters(?: of an?)?|${shares}|${hundreds}|${compound}|(?:${anyOf(Object.keys(named))}))`;

/** Digits, then words; the words only where a word ends. */
export const numberSource = String.raw`(?:(?:${dozens}|${withShare})(?![\p{L}])|${digits}|${spoken}(?![\p{L}]))`;
export const digitsSource = digits;

/** The value of a number matched by `numberSource`. */
export function numberOf(text: string): number {
  const words = text.trim().toLowerCase().replace(/\s+/g, ' ');
  const sign = new RegExp(`^(\\d*)\\s?([${signs}])$`).exec(words);
  if (sign) return Number(sign[1] || 0) + vulgar[sign[2]!]!;
  const mixed = /^(?:(\d+)(?:\s|-|\s?&\s?|\sand\s))?(\d+)\s?[/⁄]\s?(\d+)$/.exec(words);
  if (mixed) return Number(mixed[3]) === 0 ? NaN : Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  if (/^\d{1,3}(,\d{3})+$/.test(words)) return Number(words.replace(/,/g, ''));
  if (/^[\d.,]+$/.test(words)) return Number(words.replace(',', '.'));
  return spokenValue(words);
}

const valueOf = (word: string): number => named[word] ?? Number(word);

/** Of words: "two hundred and fifty", "one and a half". */
function spokenValue(words: string): number {
  if (words === 'half a dozen') return 6;
  const withPart = /^(\w+) and an? (half|quarter|third)$/.exec(words);
  if (withPart) return valueOf(withPart[1]!) + (named[withPart[2]!] ?? 1 / 3);
  const dozen = /^(\w+) doz/.exec(words);
  if (dozen) return valueOf(dozen[1]!) * 12;
  if (words.includes('third')) return words.startsWith('two') ? 2 / 3 : 1 / 3;
  if (words.includes('three') && words.includes('quarter')) return 0.75;
  const hundred = /^(\w+) hundred(?: and (.+))?$/.exec(words);
  if (hundred) return valueOf(hundred[1]!) * 100 + (hundred[2] === undefined ? 0 : spokenValue(hundred[2]));
  const compounded = /^(\w+ty)[- ](\w+)$/.exec(words);
  if (compounded) return valueOf(compounded[1]!) + valueOf(compounded[2]!);
  for (const part of ['half', 'quarter', 'dozen', 'couple'] as const) if (words.includes(part)) return named[part]!;
  return named[words] ?? NaN;
}
