import type { Verb } from '../reference/index.ts';
import type { Span } from '../reading/index.ts';
import { isNoWork } from './notWork.ts';
import {
  adverbs,
  helpers,
  isPlainWork,
  isWork,
  joins,
  subjects,
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
  /** It is another way to do what was said before: "or cover with boiling water". */
  readonly isOtherWay: boolean;
}

export interface ToldSentence extends Sentence {
  /** Why it is no work; absent where it is. */
  readonly noWork?: string | undefined;
  readonly clauses: readonly Clause[];
}

const hows = new Set('with using on in from over by without while whilst meanwhile'.split(' '));
/** What a cook says of themselves after these is no work. */
const asides = new Set(
  'if when that as until till while like what once how because where before after than'.split(' '),
);
const particles = new Set('in over on together up through off out down back'.split(' '));
/** After these words a particle only says where. */
const places =
  /^\s*(?:an?|the|your|its?|their|my|one|two|another|some)?\s*(?:(?!and\b|with\b|then\b)[\p{L}-]+\s+){0,3}(?:pans?|pots?|bowls?|tins?|trays?|sheets?|dish(?:es)?|oven|fridge|freezer|jugs?|jars?|rack|racks|towel|plates?|boards?|platter|casserole|skillet|wok|grill|broiler|heat|hob|microwave|blender|processor|mixer|sieve|colander|paper|foil|surface|mou?lds?|glasses|ramekins|table)\b/iu;

/** The text with what stands in brackets blanked out; places stay. */
const unbracketed = (text: string): string =>
  text.replace(/\([^()]*\)?|\[[^\]]*\]/g, (inner) => ' '.repeat(inner.length));

const leading =
  /^(?:(?:meanwhile|in the meantime|at the same time)\b[,:]?\s*)?(?:while|whilst|when|once|after|as soon as|as|before|for the|for|to make|to|if you're|about|at this point|the (?:night|day) before|in the morning|the next day|next day|just before serving)\b[^,:;]*[,:]\s*(?=\p{L})|^(?:in|with|on|using)\s+(?:[\p{L}-]+\s+){0,4}[\p{L}-]+,\s*(?=\p{L})/iu;
const besideWords =
  /^(?:and\s+|so\s+)?(?:meanwhile|in the meantime|at the same time|while(?! still)|whilst|as (?:it|they|the)|separately|after the [^,]* (?:has|have) been)\b/i;
const letWords = new Set(['let', 'leave', 'allow']);

interface Start {
  readonly from: number;
  readonly known?: Known | undefined;
  readonly verbIndex: number;
  readonly length: number;
  readonly isOr?: boolean | undefined;
}

/** A sentence in its words, and where what leads to the work ends. */
interface Spelt {
  readonly text: string;
  readonly words: readonly Word[];
  readonly leadEnd: number;
}

/** How a place in a sentence may begin something new; undefined where it cannot. */
function boundaryAt({ text, words, leadEnd }: Spelt, at: number, isFirst: boolean) {
  const here = words[at]!;
  const last = words[at - 1]?.word;
  const before = text.slice(at === 0 ? 0 : words[at - 1]!.end, here.start);
  // "Microwave 3 min. stand 2 min.": a short form may end a sentence after all.
  const isStart = (isFirst && (at === 0 || here.start === leadEnd)) || /\.\s/.test(before);
  const isJoined = last !== undefined && joins.has(last);
  // "With wet hands shape into cakes": nothing but where and with what stands before the work.
  const isAfterHow =
    isFirst &&
    at > 1 &&
    at < 9 &&
    hows.has(words[0]!.word) &&
    !/[,;]/.test(text.slice(0, here.start)) &&
    isPlainWork(words, at) &&
    !/^(?:the|a|an|your)$/.test(last!);
  const isSaid = last !== undefined && /^(?:i|you|we)$/.test(here.word) && !asides.has(last);
  const isParted = /[.,;:–—(]|\s-\s/.test(before);
  return isStart || isJoined || isSaid || isAfterHow || isParted ? { isStart, isJoined, isAfterHow } : undefined;
}

/** Past "and then, quickly, you just": where the verb may stand, and whether somebody is said to do it. */
function pastAdverbs({ text, words }: Spelt, at: number): { readonly next: number; readonly isTold: boolean } {
  let next = at;
  const isPassing = (word: Word) =>
    (adverbs.has(word.word) || joins.has(word.word)) && !/[.;]/.test(text.slice(word.end, word.end + 1));
  while (words[next] && isPassing(words[next]!)) next++;
  if (!words[next] || !subjects.has(words[next]!.word)) return { next, isTold: false };
  next++;
  while (words[next] && (helpers.has(words[next]!.word) || adverbs.has(words[next]!.word))) next++;
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
      isOr: !isTold && words.slice(Math.max(0, at - 1), next).some(({ word }) => word === 'or'),
    });
    at = work.at + work.length - 1;
  }
  return withTimedEnds(starts, text);
}

/** "Bake for 20 minutes, then 2 minutes under the grill": what is only timed and placed goes on by itself too. */
function withTimedEnds(starts: readonly Start[], text: string): readonly Start[] {
  const match =
    /(?:,|\band)?\s+then\s+(?=(?:another |a further |about )?(?:\d|one|two|three|five|ten)[^,.;]*\b(?:under the|in the oven|in the fridge|in the freezer|on the hob))/i.exec(
      text,
    );
  if (!match) return starts;
  const from = match.index + match[0].length;
  if (starts.some((each) => each.from >= match.index && each.from <= from + 2)) return starts;
  return [...starts, { from, verbIndex: -1, length: 0 }].sort((a, b) => a.from - b.from);
}

/** "Let it simmer", "leave the dough to rise": what is left to happen. */
function innerVerb({ words, text }: Spelt, from: number, needsTo: boolean) {
  for (let at = from; at < Math.min(words.length, from + 7); at++) {
    if (/[,;.]/.test(text.slice(words[at - 1]!.end, words[at]!.start))) return undefined;
    const { word } = words[at]!;
    if (['for', 'until', 'in', 'on', 'at', 'and'].includes(word)) return undefined;
    const before = words[at - 1]!.word;
    if (before !== 'to' && (needsTo || at === from || ['the', 'a', 'your'].includes(before))) continue;
    const found = verbAt(words, at, false);
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
  const saysMore =
    (starts[0]?.from ?? Infinity) > lead.length + 1 && (/\d/.test(ahead) || ahead.replace(/[^\p{L}]/gu, '').length > 3);
  const bounds: Start[] =
    saysMore || starts.length === 0 ? [{ from: lead.length, verbIndex: -1, length: 0 }, ...starts] : [...starts];
  const kept = withObjects(bounds, words, text);
  return kept.map((each, at): Clause => {
    const from = at === 0 ? 0 : each.from;
    const raw = text.slice(from, kept[at + 1]?.from ?? text.length);
    const trimmed = raw
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
      isBeside: isBeside && kept.slice(0, at).every(({ known }) => known === undefined),
      isFirst: at === 0,
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

const bareEnd = new Set(['kit', 'end']);

/** Whether a verb stands alone before another: "peel, core and dice". */
function isBareVerb(each: Start, next: Start | undefined, words: readonly Word[], text: string): boolean {
  if (!each.known || !next || /[.;]/.test(text.slice(each.from, next.from))) return false;
  const { does, verb } = each.known.verb;
  const following = next.known?.verb.does;
  if (['wait', 'serve', 'freeze'].includes(does) || following === 'serve') return false;
  if (verb === 'drain' && following === 'wait') return false;
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

function leadOf(text: string): string {
  const match = leading.exec(text);
  if (match) return match[0];
  return (
    /^(?:meanwhile|in the meantime|separately|finally|first|next|okay so|okay|right)\b[,:]?\s*/i.exec(text)?.[0] ?? ''
  );
}

/** Nobody says what to do in a longer sentence, in characters; the rest of one is left as it is. */
const longest = 3000;

/** A paragraph as sentences, each of them as what it tells to do. */
export function toldIn(paragraph: string): readonly ToldSentence[] {
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
}
