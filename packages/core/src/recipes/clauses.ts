import type { Verb } from '../reference/index.ts';
import { remembering, type Span } from '../reading/index.ts';
import { adding } from './names.ts';
import { isNoWork } from './notWork.ts';
import {
  adverbs,
  helpers,
  isPlainWork,
  isWork,
  joins,
  participleAt,
  subjects,
  takenUp,
  verbAt,
  wordsOf,
  type Known,
  type Word,
} from './verbWords.ts';
import { sentencesOf, type Sentence } from './wording.ts';

/** A piece of a sentence that tells one thing to be done; spans are in the paragraph. */
export interface Clause extends Span {
  readonly text: string;
  /** Absent where no verb is said: "garlic, spices in, 1 min". */
  readonly verb?: Verb | undefined;
  /** "in" of "stir in", "over" of "pour over". */
  readonly particle?: string | undefined;
  /** Where in the clause's text the verb stands. */
  readonly verbAt: number;
  /** What leads to the work and is none: "Once it has cooled", "For the sauce". */
  readonly lead: string;
  /** It goes on beside what was said before. */
  readonly isBeside: boolean;
  /** It begins its sentence. */
  readonly isFirst: boolean;
  /** It is told inside another: "while the pasta boils, about 9 minutes". */
  readonly isInner: boolean;
  /** It is another way to do what was said before: "or cover with boiling water". */
  readonly isOtherWay: boolean;
}

export interface ToldSentence extends Sentence {
  /** Why it is no work; absent where it is. */
  readonly noWork?: string | undefined;
  readonly clauses: readonly Clause[];
}

const hows = new Set('with using on in from over by without while whilst meanwhile for'.split(' '));
/** What a cook says of themselves after these is no work. */
const asides = new Set(
  'if when that as until till while like what once how because where before after than'.split(' '),
);
const particles = new Set('in over on together up through off out down back'.split(' '));
/** After these words a particle only says where. */
const places =
  /^\s*(?:an?|the|your|its?|their|my|one|two|another|some)?\s*(?:(?!and\b|with\b|then\b)[\p{L}-]+\s+){0,3}(?:pans?|pots?|bowls?|tins?|trays?|sheets?|dish(?:es)?|oven|fridge|freezer|jugs?|jars?|rack|racks|towel|plates?|boards?|platter|casserole|skillet|wok|grill|broiler|heat|hob|microwave|blender|processor|mixer|sieve|colander|paper|foil|surface|mou?lds?|glasses|ramekins|table)\b(?!\s+of\b)/iu;

/** "Cool it on a rack or it goes gummy": what would become of it otherwise. */
const orElse =
  /\bor (?:else )?(?:it|they)(?:['’](?:ll|s)| will| won['’]t)? (?:goes?|gets?|becomes?|turns?|burns?|sticks?|splits?|curdles?|collapses?|dries|dry|ends? up|overcooks?|breaks?|sinks?|be)\b[^.;]*/gi;

/** The text with what stands in brackets, and what would become of it otherwise, blanked out; places stay. */
const unbracketed = (text: string): string =>
  text
    .replace(/\([^()]*\)?|\[[^\]]*\]/g, (inner) => ' '.repeat(inner.length))
    .replace(orElse, (inner) => ' '.repeat(inner.length));

const leading =
  /^(?:(?:meanwhile|in the meantime|at the same time)\b[,:]?\s*)?(?:while|whilst|when|once|after|as soon as|as|before|for the|for|to make|to|if you're|about|at this point|the (?:night|day) before|in the morning|the next day|next day|just before serving)\b[^,:;]*[,:]\s*(?=\p{L})|^(?:in|with|on|using)\s+(?:(?:an?|the|your|another)\s+)?(?:[\p{L}-]+\s+){0,5}[\p{L}-]+,\s*(?=\p{L})|^(?:and )?while (?:all )?(?:that|this|it|they|those)(?:['’]s| is|['’]re| are) (?:all )?(?:going on|happening|cooking|baking|boiling|roasting|simmering|resting|chilling|in (?:there|the oven|the fridge))\s+(?=\p{Ll})|^(?:as|when|once) (?:they|it|each|the \p{L}+)(?:['’]re|['’]s| are| is)? (?:done|ready|cooked|brown(?:ed)?|golden|soft|cool(?:ed)?|hot|boiling)\s+(?=\p{Ll}+ (?:them|it|the)\b)|^(?:when|once) (?:you can|(?:it['’]s|they['’]re|it is|they are) cool enough to) handle (?:it|them|the [\p{L}]+)\s+(?=\p{L})|^(?:away from|off) (?:the )?heat,\s*(?=\p{L})/iu;
const besideWords =
  /^(?:and\s+|so\s+)?(?:meanwhile|in the meantime|at the same time|while(?! still)|whilst|as (?:it|they|the)|separately|after the [^,]* (?:has|have) been)\b/i;
const letWords = new Set(['let', 'leave', 'allow']);

/** "Yogurt + grated garlic + lemon juice = sauce": mixed, though no verb says so. */
export const equals = /^[^=.;]*[+&,][^=.;]*=\s*\p{L}[\p{L} ]*\W*$/u;

/** "Or, if you prefer, bake them". */
const orIfSo = /\bor,? if (?:you|they|it)\b[^,;.]{0,24},\s*$/i;

interface Start {
  readonly from: number;
  readonly known?: Known | undefined;
  readonly verbIndex: number;
  readonly length: number;
  readonly isOr?: boolean | undefined;
  readonly isInner?: boolean | undefined;
}

/** A sentence in its words, and where what leads to the work ends. */
interface Spelt {
  readonly text: string;
  readonly words: readonly Word[];
  readonly leadEnd: number;
}

/** "With wet hands shape into cakes": nothing but where and with what stands before the work. */
const standsAfterHow = ({ text, words }: Spelt, at: number): boolean =>
  at > 1 &&
  at < 9 &&
  hows.has(words[0]!.word) &&
  !/[,;]/.test(text.slice(0, words[at]!.start)) &&
  !words.slice(0, at).some(({ word }) => subjects.has(word)) &&
  isPlainWork(words, at) &&
  !/^(?:the|a|an|your)$/.test(words[at - 1]!.word);

/** How a place in a sentence may begin something new; undefined where it cannot. */
function boundaryAt({ text, words, leadEnd }: Spelt, at: number, isFirst: boolean) {
  const here = words[at]!;
  const last = words[at - 1]?.word;
  const before = text.slice(at === 0 ? 0 : words[at - 1]!.end, here.start);
  // "Microwave 3 min. stand 2 min.": a short form may end a sentence after all.
  const isStart = (isFirst && (at === 0 || here.start === leadEnd)) || /\.\s/.test(before);
  const isJoined = last !== undefined && joins.has(last);
  const isAfterHow = isFirst && standsAfterHow({ text, words, leadEnd }, at);
  const isPerson = /^(?:i|you|we)$/.test(here.word);
  // "Before you cut it" says when.
  if (last === 'before' && subjects.has(here.word)) return undefined;
  const isSaid = last !== undefined && isPerson && !asides.has(last);
  const isParted = /[.,;:–—(]|\s-\s/.test(before);
  return isStart || isJoined || isSaid || isAfterHow || isParted ? { isStart, isJoined, isAfterHow } : undefined;
}

/** Past "and then, quickly, you just": where the verb may stand, and whether somebody is said to do it. */
function pastAdverbs({ text, words }: Spelt, at: number): { readonly next: number; readonly isTold: boolean } {
  let next = at;
  const isPassing = (word: Word) =>
    // "After that", and not "that simmers".
    (word.word !== 'that' || words[next - 1]?.word === 'after') &&
    (adverbs.has(word.word) ||
      joins.has(word.word) ||
      // "First off soak your chickpeas."
      (words[next - 1]?.word === 'first' && /^(?:off|up|thing|of|all)$/.test(word.word)) ||
      (words[next - 1]?.word === 'of' && word.word === 'all')) &&
    !/[.;]/.test(text.slice(word.end, word.end + 1));
  while (words[next] && isPassing(words[next]!)) next++;
  if (!words[next] || !subjects.has(words[next]!.word)) return { next, isTold: false };
  next++;
  const isTaken = () =>
    takenUp.has(words[next]!.word) &&
    verbAt(words, next, true) !== undefined &&
    /^(?:an?|the|some|about|my|your|half|one|two|three|four|five|six|eight|ten|twelve|\d.*)$/.test(
      words[next + 1]?.word ?? '',
    );
  while (words[next] && (helpers.has(words[next]!.word) || adverbs.has(words[next]!.word)) && !isTaken()) next++;
  return { next, isTold: true };
}

/** Where in a sentence something new is to be done. */
function startsOf(spelt: Spelt): readonly Start[] {
  const { text, words, leadEnd } = spelt;
  const bare = unbracketed(text);
  const starts: Start[] = [];
  for (let at = 0; at < words.length; at++) {
    const here = words[at]!;
    if (here.start < leadEnd || bare.slice(here.start, here.end).trim() === '') continue;
    const boundary = boundaryAt(spelt, at, starts.length === 0);
    if (!boundary) continue;
    const { isJoined, isAfterHow } = boundary;
    const { next, isTold } = pastAdverbs(spelt, at);
    const found = verbAt(words, next, isTold);
    const isStart = boundary.isStart && next === at;
    if (!found || !isWork({ words, text, at: next, isStart, isJoined }, found.length, found.known.verb)) continue;
    const { verb } = found.known;
    const inner = letWords.has(verb.verb) ? innerVerb(spelt, next + found.length, verb.verb === 'leave') : undefined;
    const work = inner ?? { known: found.known, at: next, length: found.length };
    const isLinked = isJoined && !adverbs.has(here.word) && joins.has(here.word);
    const own = isLinked ? words[next]!.start : here.start;
    starts.push({
      from: isAfterHow ? Math.max(leadEnd, words[0]!.start) : own,
      known: work.known,
      verbIndex: work.at,
      length: work.length,
      isOr:
        !isTold &&
        (words.slice(Math.max(0, at - 1), next).some(({ word }) => word === 'or') ||
          orIfSo.test(text.slice(0, words[next]!.start))),
    });
    at = work.at + work.length - 1;
  }
  return withTimedEnds(withInner(starts.length > 0 ? starts : toldPassively(spelt), spelt), text);
}

const cooks = new Set(['fry', 'simmer', 'bake', 'grill', 'toast', 'cook', 'wait', 'machine', 'work']);

/** "Onions chopped and fried in plenty of oil until brown": nobody is told to, and yet it is work. */
function toldPassively({ words, text, leadEnd }: Spelt): readonly Start[] {
  if (!/\d+\s?(?:min|hour|hr)|\b(?:until|till?)\b/i.test(text)) return [];
  const end = /[,;:.]|\b(?:until|till?)\b/i.exec(text.slice(leadEnd))?.index ?? text.length;
  const told = words.flatMap((word, at) => {
    if (word.start < leadEnd || word.start > leadEnd + end || at === 0) return [];
    const known = participleAt(words, at);
    return known ? [{ known, at }] : [];
  });
  const main = told.findLast(({ known }) => cooks.has(known.verb.does));
  return main ? [{ from: leadEnd, known: main.known, verbIndex: main.at, length: 1 }] : [];
}

/** "Let it bubble while the tagliatelle boils, about 9 minutes": what goes on beside is told inside. */
function withInner(starts: readonly Start[], { words, text }: Spelt): readonly Start[] {
  const added = words.flatMap(({ word, start }, at): readonly Start[] => {
    if ((word !== 'while' && word !== 'whilst') || at === 0 || !/^(?:the|your)$/.test(words[at + 1]?.word ?? ''))
      return [];
    const verbIndex = [at + 3, at + 4].find((each) => words[each]?.word.endsWith('s') && verbAt(words, each, true));
    const found = verbIndex === undefined ? undefined : verbAt(words, verbIndex, true);
    if (!found || !['simmer', 'bake', 'cook'].includes(found.known.verb.does)) return [];
    const rest = text.slice(words[verbIndex!]!.end).split(/[.;]/)[0]!;
    const isTimed = /^,?\s*(?:for )?(?:about )?\d+[\s-]*(?:min|hour|hr)/i.test(rest);
    return isTimed
      ? [{ from: start, known: found.known, verbIndex: verbIndex!, length: found.length, isInner: true }]
      : [];
  });
  if (added.length === 0) return starts;
  return [...starts.filter(({ from }) => added.every((each) => from < each.from)), ...added];
}

/** What goes on though no verb says so: placed and timed, or named after "then". */
const verbless = [
  // "Bake for 20 minutes, then 2 minutes under the grill."
  /(?:,|\band)?\s+then\s+(?=(?:another |a further |about )?(?:\d|one|two|three|five|ten)[^,.;]*\b(?:under the|in the oven|in the fridge|in the freezer|on the hob))/gi,
  // "Let that boil off, then two tins of tomatoes", "then the fish goes in".
  /,\s+(?:and )?then\s+(?=(?:about )?(?:the|an?|some|two|three|four|half) (?!last|first|final|further|minute|moment|second|hour|good stir)\p{L})/giu,
  // "Then spinach and the coconut milk, lid on and 20 mins."
  /,\s+(?:and )?then\s+(?=(?:\p{L}+,? ){1,5}(?:and [\p{L} ]{3,30})?[^.;]*\b(?:lid on|low(?:est)? heat|simmer)\b[^.;]*\b(?:min|hour|hr))/giu,
  // "Spread it over, on a tray, 200c, 40 mins."
  /,\s+(?=(?:(?:on|in|into|onto) (?:an?|the) )?(?:hot )?(?:(?:baking |roasting |oven )?(?:tray|tin|sheet|dish)|oven)\b[^.;]{0,12}\b\d{3}(?!\d)[^.;]*\b(?:min|hour|hr))/gi,
  // "Boil then lid on, very low, 12 min."
  /(?:,|\band)?\s+then\s+(?=lid on\b[^.;]*\b(?:min|hour|hr))/gi,
  // "Crumble the cheese over and back in for ten minutes."
  /(?:,|\band)\s+(?=back in(?:to the oven)?\b[^.;]*\b(?:min|hour|hr))/gi,
  // "Twelve minutes and then off the heat for ten."
  /(?:,|\band)?\s+then\s+(?=off (?:the )?heat for\b)/gi,
  // "And it's back in the oven for another thirty minutes."
  /(?:,|\band|\bthen)\s+(?=(?:it|they)(?:['’](?:s|re)| is| are)\s+(?:straight )?(?:back )?in(?:to)?\b[^.;]*\b(?:min|hour|hr))/gi,
  // "Toss the squash with oil on a tray, 35 min."
  /(?<=\b(?:tray|tin|dish|sheet)),\s+(?=(?:about )?\d[\d\s–-]*(?:min|hour|hr))/gi,
] as const;

const dips = /^(?:dip|coat|dredge|roll|dust|pass|drag|press)$/;

function withTimedEnds(starts: readonly Start[], text: string): readonly Start[] {
  const found = verbless.flatMap((pattern) => [...text.matchAll(pattern)]);
  const added = found.flatMap((match) => {
    const from = match.index + match[0].length;
    const isTold = starts.some((each) => each.from >= match.index && each.from <= from + 2);
    const told = starts.findLast((each) => each.from < from)?.known?.verb.verb ?? '';
    // "Add the mushrooms, then the hot stock", "dip in the flour, then the egg": that is told already.
    const goesOn =
      /^,\s+(?:and )?then\b/i.test(match[0]) &&
      (adding.has(told) || dips.test(told)) &&
      !/^\P{L}*(?:the|a)\b[^,.;]{0,30}\bgo(?:es)?\b/iu.test(text.slice(from));
    if (goesOn) return [];
    const isAlone = starts.length === 0 && !/^,\s+(?:and )?then\b.*$/is.test(match[0]);
    return isTold || isAlone ? [] : [{ from, verbIndex: -1, length: 0 }];
  });
  return added.length === 0 ? starts : [...starts, ...added].sort((a, b) => a.from - b.from);
}

const goesByItself = new Set(['wait', 'simmer', 'chill', 'cook', 'bake', 'freeze']);

/** "Let it simmer", "leave the dough to rise": what is left to happen. */
function innerVerb({ words, text }: Spelt, from: number, needsTo: boolean) {
  for (let at = from; at < Math.min(words.length, from + 7); at++) {
    if (/[,;.]/.test(text.slice(words[at - 1]!.end, words[at]!.start))) return undefined;
    const { word } = words[at]!;
    if (['for', 'until', 'in', 'on', 'at', 'and'].includes(word)) return undefined;
    const before = words[at - 1]!.word;
    // "Let cool", but "leave rest".
    const isBare = at === from && needsTo;
    if (before !== 'to' && (needsTo || isBare || ['the', 'a', 'your'].includes(before))) continue;
    const found = verbAt(words, at, false);
    // "Let bread cool": bread is a food there.
    if (found && at === from && !goesByItself.has(found.known.verb.does)) continue;
    if (found && found.known.verb.does !== 'end') return { known: found.known, at, length: found.length };
  }
  return undefined;
}

function clausesOf(sentence: Sentence): readonly Clause[] {
  const { text, start } = sentence;
  const lead = leadOf(text);
  const words = wordsOf(text);
  const isBeside = besideWords.test(text);
  const starts = startsOf({ text, words, leadEnd: lead.length });
  const ahead = text.slice(lead.length, starts[0]?.from);
  // What stands before the first verb says something by itself where it is more than a word: "Sugar and milk in a pan, warm".
  // "Eggs: boil 9 minutes": what it is done to stands before.
  const isLabel = /^\W*\p{L}[\p{L} &,'’-]{1,24}:\s*$/u.test(ahead) && starts.length > 0;
  // "Batter first: flour, eggs, half the milk, whisk": what goes in is told ahead of what is done.
  const isListed =
    starts.length > 0 &&
    /^(?:[^,:\d]{2,24}:)?(?:\s*[\p{L}'’-]+(?: [\p{L}'’-]+){0,2},){3,}\s*(?:and\s*)?$/u.test(ahead) &&
    !/\b(?:in|into|on|onto|over)\b/i.test(ahead);
  const saysMore =
    !isLabel &&
    !isListed &&
    (starts[0]?.from ?? Infinity) > lead.length + 1 &&
    (/\d/.test(ahead) || ahead.replace(/[^\p{L}]/gu, '').length > 3);
  const bounds: Start[] =
    saysMore || starts.length === 0 ? [{ from: lead.length, verbIndex: -1, length: 0 }, ...starts] : [...starts];
  const kept = withObjects(bounds, words, text);
  return kept.map((each, at): Clause => {
    const from = at === 0 ? 0 : each.from;
    const raw = text.slice(from, kept[at + 1]?.from ?? text.length);
    const trimmed = raw
      .replace(/[,\s]+or,? if (?:you|they|it)\b[^,;.]{0,24},\s*$/iu, '')
      .replace(/[\s,;:–—&+(]+$|(?:[,\s]+(?:and|then|but|or|so|plus))+\s*$/giu, '')
      .replace(/(?:[,\s]+(?:and|then|but|or|so|plus))+\s*$/iu, '')
      .replace(/[\s,;:–—]+$/u, '');
    return {
      text: trimmed,
      start: start + from,
      end: start + from + trimmed.length,
      verb: each.known?.verb,
      particle: particleOf(each, words, text),
      verbAt: each.known ? words[each.verbIndex]!.start - from : 0,
      lead: at === 0 ? text.slice(0, lead.length) : '',
      isBeside: each.isInner === true || (isBeside && kept.slice(0, at).every(({ known }) => known === undefined)),
      isFirst: at === 0,
      isInner: each.isInner === true,
      isOtherWay: kept.slice(1, at + 1).some(({ isOr }) => isOr === true),
    };
  });
}

/** "In" of "stir in the flour", and not of "stir in a bowl". */
function particleOf({ known, verbIndex, length }: Start, words: readonly Word[], text: string): string | undefined {
  const next = known && words[verbIndex + length];
  if (!next || !particles.has(next.word)) return undefined;
  return next.word !== 'together' && places.test(text.slice(next.end)) ? undefined : next.word;
}

const takesOut = /^(?:remove|take out|lift out)$/;
const bareEnd = new Set(['kit', 'end']);

/** Whether a verb stands alone before another: "peel, core and dice". */
function isBareVerb(each: Start, next: Start | undefined, words: readonly Word[], text: string): boolean {
  if (!each.known || !next || /[.;]/.test(text.slice(each.from, next.from))) return false;
  const { does, verb } = each.known.verb;
  const following = next.known?.verb.does;
  if (['wait', 'serve', 'freeze'].includes(does) || following === 'serve') return false;
  if (verb === 'drain' && following === 'wait') return false;
  // "Remove, brush with mustard": it is out of the pan then.
  if (takesOut.test(verb) && following !== 'end') return false;
  for (let at = each.verbIndex + each.length; words[at] && words[at]!.start < next.from; at++)
    if (!joins.has(words[at]!.word) && !adverbs.has(words[at]!.word)) return false;
  return true;
}

/** "Peel, core and dice the pears": of verbs in a row the last has what all are done to. */
function withObjects(bounds: readonly Start[], words: readonly Word[], text: string): readonly Start[] {
  const kept: Start[] = [];
  let first: Start | undefined;
  bounds.forEach((each, at) => {
    if (isBareVerb(each, bounds[at + 1], words, text)) {
      first ??= each;
      return;
    }
    // "Roll out and line a tin" is rolling out.
    const isFirst =
      first?.known !== undefined && !bareEnd.has(first.known.verb.does) && bareEnd.has(each.known?.verb.does ?? '');
    kept.push({ ...(isFirst ? first! : each), from: (first ?? each).from });
    first = undefined;
  });
  return kept;
}

/** "When the soup is done you blend it": what leads to the work ends where somebody is told. */
const toldInside = /(?<=^\S+\s+\S+\s.*)\b(?:you|i|we) (?!have|are|had|can|like|want|need|feel|think)\p{L}+/iu;

/** What leads to work without a comma: "Off the heat stir in", "Just before serving add", "When cool enough to handle pull". */
const shortLeads: readonly RegExp[] = [
  /^(?:and |then |so )?(?:(?:just |right )?before (?:serving|you serve|eating)|(?:away from|off) (?:the )?heat|in the morning|(?:the )?next (?:day|morning)|(?:the )?night before|at the (?:last (?:minute|moment)|end|very end)|to (?:serve|finish|assemble)|with (?:wet|damp|oiled|floured|clean|your) (?:hands|fingers))\s+(?=\p{L})/iu,
  /^(?:and |then |so )?(?:when|once|as soon as) (?:(?:it|they|that|everything|all)(?:['’](?:s|re)| is| are)? )?(?:all )?(?:cool enough to handle|cool(?:ed)?|cold|ready|hot|done|melted|soft(?:ened)?|golden|set|browned|brown|boiling|bubbling|tender|smooth)\s+(?=\p{L})/iu,
  /^(?:and |then |so )?(?:while|whilst|as) (?:it|that|this|they|those|all that)(?:['’](?:s|re)| is| are)? \p{L}+(?:ing|s)\s+(?=\p{L})/iu,
  /^for (?:the|your) (?:[\p{L}-]+ ){1,2}?(?=(?:heat|melt|mix|whisk|stir|warm|fry|beat|combine|blend|chop|toast|peel|simmer|boil|put|toss|make)\b(?! (?:of|up)\b))/iu,
];

function leadOf(text: string): string {
  const short = shortLeads.map((pattern) => pattern.exec(text)?.[0]).find((each) => each !== undefined);
  // "Once cooked" leads to nothing, and "to serve four" is no lead: work must follow.
  if (short !== undefined && isPlainWork(wordsOf(text.slice(short.length)), 0)) return short;
  const match = leading.exec(text);
  if (match) return match[0].slice(0, toldInside.exec(match[0])?.index);
  return (
    /^(?:meanwhile|in the meantime|separately|finally|first|next|okay so|okay|right)\b[,:]?\s*/i.exec(text)?.[0] ?? ''
  );
}

/** Nobody says what to do in a longer sentence, in characters; the rest of one is left as it is. */
const longest = 3000;

/** A paragraph as sentences, each of them as what it tells to do. */
export const toldIn = remembering((paragraph): readonly ToldSentence[] => {
  let before: string | undefined;
  let goesOn = false;
  return sentencesOf(paragraph).map((sentence) => {
    // What follows a semicolon is of the same kind as what stands before it.
    const noWork = isNoWork(sentence.text) ?? (goesOn ? before : undefined);
    before = noWork;
    goesOn = sentence.text.endsWith(';');
    return {
      ...sentence,
      ...(noWork ? { noWork } : {}),
      clauses: noWork ? [] : clausesOf({ ...sentence, text: sentence.text.slice(0, longest) }),
    };
  });
});
