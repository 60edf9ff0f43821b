import { foodOf, type FoodId } from '../reference/index.ts';
import type { LineId } from '../model/index.ts';
import { readIngredient, singular, tokenise, type Token } from '../reading/index.ts';
import { blindBeans } from './blind.ts';
import { callsOf, kindsOf, plural, wordsOf } from './calls.ts';
import type { LineReading } from './line.ts';
import { isVerb } from './verbWords.ts';
import { blank } from './wording.ts';

export interface KnownLine {
  readonly id: LineId;
  readonly reading: LineReading;
  readonly heading?: string | undefined;
}

/** A place in a text where a line is named. */
export interface Mention {
  readonly line: LineId;
  readonly start: number;
  readonly end: number;
  /** It was not named before. */
  readonly isFresh: boolean;
  /** By its kind, or with others at once: "the vegetables", "everything". */
  readonly isKind: boolean;
  /** "Half the butter" and "the rest of the butter": of what is divided, each mention is another share. */
  readonly share: 'whole' | 'part' | 'rest';
}

/** What is known when a text is looked through. */
export interface Context {
  /** Lines that were named before. */
  readonly used: ReadonlySet<LineId>;
  /** Words of the part of the recipe that is being made: "sauce". Its lines are meant before others of the same name. */
  readonly topic?: ReadonlySet<string> | undefined;
  /** Lines of which a part was taken: "the rest" is theirs. */
  readonly divided?: ReadonlySet<LineId> | undefined;
  /** Lines that are named by their own names further on: no "everything" takes them. */
  readonly later?: ReadonlySet<LineId> | undefined;
  /** When something was last done to what a line is in; the greater the later. */
  readonly recency?: ((line: LineId) => number) | undefined;
  /** Headings under which stands what is in hand. */
  readonly inHand?: ReadonlySet<string> | undefined;
}

interface Entry {
  readonly call: readonly string[];
  readonly line: KnownLine;
  /** It is the name of what the line holds, and not of what that is made of: "stock" for chicken stock. */
  readonly isName: boolean;
  readonly isKind: boolean;
}

/** The same word is what is done with it: only "the roast" is a thing. */
const alsoWork = new Set(['roast', 'skin', 'juice', 'zest']);
const onlyThing = (text: string, token: Token): boolean =>
  !(
    token.word === 'sheet' &&
    /\b(?:baking|two|lined|greased|oiled|floured|an?|oven|hot)\s+$/i.test(text.slice(0, token.start))
  ) && isThing(text, token);
const isThing = (text: string, token: Token): boolean =>
  !alsoWork.has(token.word) ||
  /^\s*(?:[+&,]|and\b|in\b)/i.test(text.slice(token.end)) ||
  /\b(?:the|your|a|and|of|with|,|lemon|lime|orange|chicken|vegetable|beef|hot)\s*$/i.test(text.slice(0, token.start));

const partWords =
  /(?:\b(?:half|some|most|part|third|thirds|quarters?|all but|little|few|spoonfuls?|tablespoons?|teaspoons?|handful|knob|splash|pinch)|\d\s?(?:g|ml|tbsp|tsp|tablespoons?|cups?))(?:\s+of)?(?:\s+(?:the|your|that))?\s*$/i;
const restWords =
  /\b(?:rest|remaining|remainder|other half|last|reserved|saved|leftover|left-over|more)(?:\s+of)?(?:\s+the)?\s*$/i;

const isSameFood = (one: KnownLine, other: KnownLine): boolean =>
  one.reading.likeFood !== undefined && one.reading.likeFood === other.reading.likeFood;

/** "Before the cheese goes in", "if you like honey": what is named there is not put in there. */
const withoutAsides = (text: string): string =>
  text
    .replace(/\([^()]*\b(?:or the|it['’]s|because|don['’]t|this|matters|if)\b[^()]*\)/gi, blank)
    .replace(/\bbefore (?:adding |the (?!end\b)|you |it )[^.,;]*/gi, blank)
    .replace(/\bif (?:you|it|they|needed|using)\b[^.,;]*/gi, blank)
    // "Set aside for the halloumi."
    .replace(
      /(?<=\b(?:set (?:it |them |this )?aside|reserve|keep|save|put aside|put (?:it |them )?to one side)\b[^.;,]*)\bfor the [^.,;]*/gi,
      blank,
    )
    .replace(
      /\binto (?:\d+ )?(?:[\p{L}-]+ ){0,2}?(?:burgers?|patties|balls|cakes|fingers|sausages?|rolls?|logs?|rounds?|loaf|loaves|pieces)\b/giu,
      blank,
    )
    .replace(/\b(?:in)?to (?:fine |coarse |rough )?crumbs\b/gi, blank)
    .replace(/\b(?:to|into) an? (?:[\p{L}-]+ ){0,2}(?:paste|pur[eé]e|powder|batter|syrup)\b/giu, blank)
    .replace(/\b(?:big|large|wide|deep) enough (?:for|to)\b[^.,;]*/gi, blank)
    .replace(/\b(?:except|apart from|but not) [^.,;]*/gi, blank)
    // "While they're cooking stir the peanut butter, soy": it ends without a comma.
    .replace(/^(?:while|whilst) (?:they|it|that|this|those)(?:['’](?:re|s)| are| is) \p{L}+ing\b(?!,)/iu, blank)
    .replace(
      /^(?:while|whilst|as|after the [\p{L} ]+ (?:has|have) been)\b[^,:]*?(?:,|(?= (?:i|you|we) \p{L}))/giu,
      blank,
    )
    .replace(/\bunder (?:the |a )?(?:cold |running |hot )*(?:water|tap)\b/gi, blank)
    // What a case is baked blind with is no food.
    .replace(blindBeans, blank);

function shareOf(before: string): Mention['share'] {
  if (restWords.test(before)) return 'rest';
  return partWords.test(before) ? 'part' : 'whole';
}

export type Find = (text: string, context: Context) => readonly Mention[];

/** Finds which lines a text names. Of several that could be meant: the one of the part that is being made, then the one whose amount stands there, then the first that was not named yet. */
export function finderOf(lines: readonly KnownLine[]): Find {
  const byFirst = new Map<string, Entry[]>();
  for (const line of lines) {
    const { foods } = line.reading.ingredient;
    const lastWords = new Set(foods.map(({ words }) => wordsOf(words).at(-1)));
    const names = new Set(foods.map(({ food }) => wordsOf(foodOf(food)?.name ?? '').join(' ')));
    const kinds = new Set(foods.flatMap(({ food }) => kindsOf(food)));
    const isOnly = (word: string) =>
      !/^(?:burger|hot|sandwich|garlic|butter|olive|vegetable|chicken|beef|tomato)$/.test(word) &&
      lines.every((other) => other === line || isSameFood(other, line) || !wordsOf(other.reading.text).includes(word));
    for (const call of callsOf(line, isOnly)) {
      const entry: Entry = {
        call,
        line,
        isName: call.length > 1 || lastWords.has(call[0]!) || names.has(call[0]!),
        isKind: call.length === 1 && kinds.has(call[0]!),
      };
      byFirst.set(call[0]!, [...(byFirst.get(call[0]!) ?? []), entry]);
    }
  }
  const cutShort = shortenedIn(byFirst);
  return (said, context) => {
    const text = withoutAsides(said);
    const tokens = tokenise(text);
    const parts = new Set(
      tokens.flatMap(({ word }) =>
        (byFirst.get(word) ?? []).flatMap(({ line, isName, call }) =>
          isName && word !== 'water' && call.length === 1 ? (line.heading ?? []) : [],
        ),
      ),
    );
    const found = new Map<LineId, Mention>();
    const taken = new Set(context.used);
    const sign = text.search(/\b(?:until|till?)\b/i);
    for (let at = 0; at < tokens.length;) {
      const here = onlyThing(text, tokens[at]!)
        ? (byFirst.get(tokens[at]!.word) ?? cutShort(tokens[at]!.word)).filter(({ call }) =>
            call.every(
              (word, i) =>
                tokens[at + i]?.word === word &&
                (i === 0 || /^[\s-]*$/.test(text.slice(tokens[at + i - 1]!.end, tokens[at + i]!.start))),
            ),
          )
        : [];
      const longest = Math.max(0, ...here.map(({ call }) => call.length));
      // "Warm the milk and butter until the butter melts" names one butter.
      if (sign >= 0 && tokens[at]!.start > sign && here.some(({ line }) => found.has(line.id))) {
        at += Math.max(1, longest);
        continue;
      }
      const meant = pick(
        here.filter(
          ({ call, line }) =>
            call.length === longest && !isOtherWater(line, tokens[at + longest - 1]!.word, context, parts),
        ),
        text,
        tokens[at]!,
        taken,
        context,
      );
      for (const { line, isName } of meant) {
        if (found.has(line.id)) continue;
        const before = text.slice(0, tokens[at]!.start);
        found.set(line.id, {
          line: line.id,
          start: tokens[at]!.start,
          end: tokens[at + longest - 1]!.end,
          isFresh: !taken.has(line.id),
          isKind: !isName,
          share: isEggPart(text, tokens[at]!, line.id, lines) ? 'part' : shareOf(before),
        });
      }
      for (const { line } of meant) taken.add(line.id);
      at += Math.max(1, longest);
    }
    for (const { line, start, end } of gathered(lines, text, context, taken))
      if (!found.has(line))
        found.set(line, { line, start, end, isFresh: !context.used.has(line), isKind: true, share: 'whole' });
    return [...found.values()].sort((a, b) => a.start - b.start);
  };
}

/** "The remaining cream": of what was divided; else the cream that nothing took yet. */
function restAmong(
  here: readonly Entry[],
  divided: ReadonlySet<LineId> | undefined,
  isFresh: (entry: Entry) => boolean,
): readonly Entry[] {
  const parted = here.filter(({ line }) => divided?.has(line.id) === true);
  const left = here.filter(isFresh);
  const meant = [parted, left].find((each) => each.length > 0) ?? here;
  return meant.slice(-1);
}

/** What something is like after something was done to it. */
const asMade =
  /\bthe (?:hot|warm|warmed|cooled|melted|toasted|cooked|drained|soaked|infused|whipped|roasted|fried)\s+$/i;

const leastOfName = 4;

/** "Courg", "flax": the beginning of a word that only one line has, and nothing by itself. */
function shortenedIn(byFirst: ReadonlyMap<string, readonly Entry[]>): (word: string) => readonly Entry[] {
  const known = new Map<string, readonly Entry[]>();
  return (word) => {
    if (word.length < leastOfName || isVerb(word)) return [];
    const before = known.get(word);
    if (before) return before;
    const begun = [...byFirst]
      .filter(([first]) => first.startsWith(word) && first.length > word.length + 1)
      .flatMap(([, entries]) => entries)
      .filter(({ call }) => call.length === 1);
    const lines = new Set(begun.map(({ line }) => line.id));
    const { foods, unknown } = readIngredient(word);
    const isNothing = foods.length === 0 && unknown.length > 0;
    const [entry] = lines.size === 1 && isNothing ? begun : [];
    const found = entry ? [{ ...entry, call: [word], isName: true }] : [];
    known.set(word, found);
    return found;
  };
}

/** Whites and yolks of eggs that were parted go their own ways. */
const isEggPart = (text: string, token: Token, id: LineId, lines: readonly KnownLine[]): boolean =>
  (/^(?:yolk|white)s?$/i.test(text.slice(token.start, token.end)) ||
    /^eggs? (?:yolk|white)s?\b/i.test(text.slice(token.start))) &&
  /\bseparated\b/i.test(lines.find((line) => line.id === id)?.reading.text ?? '');

/** Water to soak or to cool in is not the water that stands under a heading of its own. */
const isOtherWater = (line: KnownLine, word: string, { topic, inHand }: Context, parts: ReadonlySet<string>): boolean =>
  word === 'water' &&
  line.heading !== undefined &&
  !parts.has(line.heading) &&
  inHand?.has(line.heading) !== true &&
  !(topic && isUnder(line, topic));

/** What is made of seeds, nuts, beans and is none of them any more. */
const ofWhole = /\b(?:tahini|oil|paste|butter|flour|milk|drink)\b/i;

const isSeasoning = ({ line }: Entry): boolean =>
  /^(?:garlic|ginger|chilli|chives?)/.test(line.reading.likeFood ?? '') ||
  /\b(?:tins?|cans?|canned|jars?|frozen|paste|pur[eé]e)\b/i.test(line.reading.text) ||
  foodOf(line.reading.likeFood ?? ('' as FoodId))?.aisle === 'spices';

function pick(
  here: readonly Entry[],
  text: string,
  token: Token,
  taken: ReadonlySet<LineId>,
  { topic, later, divided, recency }: Context,
): readonly Entry[] {
  if (here.length <= 1) return here;
  const narrowed = (entries: readonly Entry[], by: (entry: Entry) => boolean) => {
    const those = entries.filter(by);
    return those.length > 0 ? those : entries;
  };
  const isOfTopic = ({ line }: Entry) => topic !== undefined && isUnder(line, topic);
  const isFresh = ({ line }: Entry) => !taken.has(line.id);
  // "The egg whites", where another egg is whole.
  if (/^(?:egg (?:white|yolk)|white|yolk)s?\b/i.test(text.slice(token.start))) {
    const parted = here.filter(({ line }) => /\bseparated\b|\bwhites?\b|\byolks?\b/i.test(line.reading.text));
    if (parted.length === 1) return parted;
  }
  // "The meat" is no lamb stock.
  const solid = narrowed(
    here,
    ({ line, isKind }) => !isKind || !/\b(?:stock|broth|bouillon)\b/i.test(line.reading.text),
  );
  const byName = narrowed(solid, ({ isName }) => isName);
  // "Pour on the hot cream": what was heated, and not the cream for later.
  const wasHad = byName.filter((entry) => !isFresh(entry));
  if (wasHad.length > 0 && asMade.test(text.slice(0, token.start))) return wasHad.slice(-1);
  if (restWords.test(text.slice(0, token.start))) return restAmong(narrowed(byName, isOfTopic), divided, isFresh);
  const isAmountSaid = ({ line: { reading } }: Entry) => {
    const said = reading.text.slice(reading.amountSpan.start, reading.amountSpan.end).replace(/\s+/g, '').toLowerCase();
    const before = text
      .slice(0, token.start)
      .replace(/\s+|\bof\b|\bthe\b/gi, '')
      .toLowerCase();
    // “150 g of the sugar” is not 50 g of it.
    return said.length > 1 && before.endsWith(said) && !/[\d.,/½¼¾]$/.test(before.slice(0, -said.length));
  };
  const asked = /(?<![\d.,/])(\d+(?:\.\d+)?)\s?g(?:\s+of)?(?:\s+the)?\s*$/i.exec(text.slice(0, token.start))?.[1];
  const isEnough = ({ line: { reading } }: Entry) =>
    asked === undefined || reading.amount.kind !== 'mass' || reading.amount.massG >= Number(asked);
  if (/\bboth (?:the |kinds of )?$/i.test(text.slice(0, token.start))) {
    const both = narrowed(here, isOfTopic).filter(isFresh);
    if (both.length > 1) return both;
  }
  const isPlural = plural.has(token.word) && byName.some(({ isKind }) => isKind);
  if (isPlural) {
    // "The seeds" are no tahini, though that is of seeds too.
    const whole = narrowed(here, ({ line }) => !ofWhole.test(line.reading.text));
    const fresh = whole
      .filter(isFresh)
      .filter((entry) => !later?.has(entry.line.id) && !(token.word.startsWith('veg') && isSeasoning(entry)));
    const those = narrowed(fresh.length > 0 ? fresh : whole, isOfTopic);
    return those;
  }
  const meant = narrowed(narrowed(narrowed(narrowed(byName, isEnough), isOfTopic), isAmountSaid), isFresh);
  // Of two milks that are both in something by now: what something was done to last.
  if (recency && meant.length > 1 && !meant.some(isFresh))
    return [...meant].sort((a, b) => recency(b.line.id) - recency(a.line.id)).slice(0, 1);
  return meant.slice(0, 1);
}

const unsaid = new Set(['all', 'the', 'of', 'for', 'other', 'with', 'and', 'until', 'make', 'your', 'a', 'to']);
export const topicWords = (words: string): ReadonlySet<string> =>
  new Set(wordsOf(words).filter((word) => !unsaid.has(word)));
/** Whether a line stands under a heading that has one of these words. */
export const isUnder = (line: KnownLine, topic: ReadonlySet<string>): boolean =>
  wordsOf(line.heading ?? '').some((word) => topic.has(singular(word)) || topic.has(word));

const isDry = /flour|baking|powder|cocoa|sugar|salt|bicarbonate|spice|yeast|starch|cinnamon|ginger/;
const isWet = /milk|oil|egg|yogurt|syrup|honey|juice|vinegar|water|butter$/;

/** Words that gather ingredients: "all the remaining ingredients", "the dressing ingredients", "season well". */
function* gathered(
  lines: readonly KnownLine[],
  text: string,
  { used, topic, later }: Context,
  taken: ReadonlySet<LineId>,
): Generator<{ readonly line: LineId; readonly start: number; readonly end: number }> {
  const isFree = (line: KnownLine) => !used.has(line.id) && !taken.has(line.id);
  const isLeft = (line: KnownLine) => isFree(line) && line.reading.part === 'body' && !later?.has(line.id);
  const ofTopic = topic && lines.some((line) => isUnder(line, topic) && isFree(line)) ? topic : undefined;
  for (const { pattern, pick } of gathers)
    for (const match of text.matchAll(pattern)) {
      const heading = match.groups?.['heading'];
      const under = heading === undefined ? undefined : topicWords(heading);
      const hasNone =
        under !== undefined && !lines.some((line) => isUnder(line, under)) && lines.some((line) => line.heading);
      for (const line of lines)
        if (pick({ line, under, topic: ofTopic, isFree: isFree(line), isLeft: isLeft(line), hasNone }))
          yield { line: line.id, start: match.index, end: match.index + match[0].length };
    }
}

interface Asked {
  readonly line: KnownLine;
  readonly under?: ReadonlySet<string> | undefined;
  readonly topic?: ReadonlySet<string> | undefined;
  readonly isFree: boolean;
  readonly isLeft: boolean;
  /** Nothing stands under what was named: what stands under no heading is meant. */
  readonly hasNone?: boolean;
}
const gathers: readonly { readonly pattern: RegExp; readonly pick: (asked: Asked) => boolean }[] = [
  {
    pattern:
      /\b(?:everything(?: else)?|all (?:of )?(?:the |your )?(?:other |remaining |rest of the )?ingredients|(?:the |your )?(?:remaining|other|rest of the) ingredients|the lot|all in|(?<=\b(?:blitz|whizz|whiz|blend|mix|combine|process|pound|pulse) (?:together )?)(?:all )?the rest(?! of\b))(?!\s+for\b)/gi,
    pick: ({ line, topic, isLeft }) => isLeft && (!topic || isUnder(line, topic)),
  },
  {
    pattern: /\b(?:the |your )?(?<heading>[\p{L}-]{3,20}(?: [\p{L}-]{3,20})?) (?:ingredients|stuff|things|bits)\b/giu,
    pick: ({ line, under, isFree, hasNone }) =>
      isFree &&
      under !== undefined &&
      ![...under].every((word) => /^(?:remaining|other|dry|wet|ingredient)$/.test(word)) &&
      (isUnder(line, under) || (hasNone === true && line.heading === undefined)),
  },
  {
    pattern: /\b(?:ingredients|everything) for (?:the|your) (?<heading>[\p{L} -]{3,30})/giu,
    pick: ({ line, under, isFree }) => isFree && under !== undefined && isUnder(line, under),
  },
  {
    pattern: /\bdry (?:ingredients|stuff|things)\b/gi,
    pick: ({ line, isFree }) => isFree && isDry.test(line.reading.likeFood ?? ''),
  },
  {
    pattern: /\bwet (?:ingredients|stuff|things)\b/gi,
    pick: ({ line, isFree }) => isFree && isWet.test(line.reading.likeFood ?? ''),
  },
  {
    pattern: /\bseason(?:ed|ing)?\b/gi,
    pick: ({ line }) => line.reading.ingredient.foods.some(({ food }) => food === 'salt' || food === 'black-pepper'),
  },
];
