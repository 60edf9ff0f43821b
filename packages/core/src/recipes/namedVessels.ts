import * as v from 'valibot';
import { stepWords } from '../reference/index.ts';
import { KitKind } from '../model/index.ts';
import { remembering } from '../reading/index.ts';
import { word } from './wording.ts';

/** A piece that holds food, as a clause names it. */
export interface NamedVessel {
  readonly kind: KitKind;
  /** "A large saucepan": another than before; "the pan", "the same pot": one that was there. */
  readonly isNew: boolean;
  /** What tells it from others of its kind: "small", "clean". */
  readonly own: string;
  /** Food goes out of it: "out of the tin", "from the pan". */
  readonly isFrom: boolean;
  readonly start: number;
  readonly end: number;
}

const holding = new Set<KitKind>([
  'bowl',
  'saucepan',
  'large-pot',
  'frying-pan',
  'skillet',
  'roasting-tin',
  'baking-tray',
  'gratin-dish',
  'cake-tin',
  'slow-cooker',
  'serving-dish',
  'box',
]);
/** Names that say a kind only together with where food is: "the dish", "the tin". */
const looseNames: readonly { readonly kind: KitKind; readonly name: string }[] = [
  { kind: 'gratin-dish', name: 'dish' },
  { kind: 'cake-tin', name: 'tin' },
  { kind: 'cake-tin', name: 'case' },
  { kind: 'baking-tray', name: 'sheet' },
];
const vesselNames = stepWords.kit
  .flatMap(({ kind, words }) => words.map((name) => ({ kind: v.parse(KitKind, kind), name })))
  .filter(({ kind }) => holding.has(kind))
  .concat(looseNames)
  .sort((a, b) => b.name.length - a.name.length)
  .map((each) => ({ ...each, pattern: word(`${each.name}(?:s|es)?`, 'giu') }));

const articles =
  /(?<what>\b(?:an?|the|your|another|two|2|same|that|its|his|my|each|one|separate|second|clean|lined|greased|buttered|oiled|prepared|hot|large|small|medium|big|biggest|heavy|wide|deep|dry|shallow|little|nonstick|non-stick|ovenproof|heatproof|heavy-based|\d+ ?cm|\d ?pint|\d ?lb|loose-bottomed|flameproof|lidded|covered|glass|whole|other)\s+)+$/iu;
const ownWords = /\b(?:large|small|clean|separate|second|another|other)\b/i;

/** "The tin", "a deep dish", and no tin of tomatoes. */
const isLooseVessel = (text: string, start: number, end: number): boolean =>
  /\b(?:in|into|on|onto|over|to|of|from|the|an?|ovenproof|hot|lined|greased|buttered|large|small|deep|shallow|pint|wide|\d ?cm|inch|\d ?in|\d ?lb|square|round)\s+$/i.test(
    text.slice(0, start),
  ) &&
  !/^\s+of\b/i.test(text.slice(end)) &&
  !/\b(?:side|main|serving|finished)\s+$/i.test(text.slice(0, start));

/** The pieces that hold food which a text names. */
export const vesselsIn = remembering((text): readonly NamedVessel[] => {
  const found: NamedVessel[] = [];
  let rest = text;
  const low = text.toLowerCase();
  for (const { kind, name, pattern } of vesselNames) {
    // Few of the names are there at all.
    if (!low.includes(name)) continue;
    for (const match of rest.matchAll(pattern)) {
      const [start, end] = [match.index, match.index + match[0].length];
      if (text.slice(start, end).trim() === '' || rest.slice(start, end).trim() === '') continue;
      if (
        /^\s+of\s+(?!a\b|the\b|boiling|salted|cold|hot|simmering|fresh|water)/i.test(text.slice(end)) &&
        /bowl|box|tray|tub|jar/.test(match[0])
      )
        continue;
      const bare = match[0].toLowerCase().replace(/(?:e?s)$/, '');
      if (looseNames.some(({ name }) => bare === name || bare === `${name}e`) && !isLooseVessel(rest, start, end))
        continue;
      const before = articles.exec(rest.slice(Math.max(0, start - 60), start))?.[0] ?? '';
      const lead = rest.slice(Math.max(0, start - before.length - 12), start - before.length);
      const isBig = /\b(?:large|big|biggest|largest)\b/i.test(before);
      found.push({
        kind: kind === 'saucepan' && isBig ? 'large-pot' : kind,
        isNew: !/\b(?:the|same|your|that|its|hot)\b/i.test(before) && !/\bback\b/i.test(lead),
        own: ownWords.exec(before)?.[0].toLowerCase() ?? '',
        isFrom: /\b(?:from|out of|off)\s*$/i.test(lead),
        start,
        end,
      });
      rest = rest.slice(0, start) + ' '.repeat(end - start) + rest.slice(end);
    }
  }
  return found.sort((a, b) => a.start - b.start);
});
