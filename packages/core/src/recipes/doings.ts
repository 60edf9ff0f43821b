import type { Clause } from './clauses.ts';
import { deviceOf, isAtPan, isOffOf, leaveAloneMin, type Device, type Does } from './devices.ts';
import { vesselsIn, type NamedVessel } from './namedVessels.ts';
import { readHeats, readTimes, type ReadHeat, type ReadTime } from './timesAndHeats.ts';

/** What a clause says is done, apart from what it is done to. Spans are in the clause. */
export interface Doing {
  readonly clause: Clause;
  readonly paragraph: number;
  readonly sentence: number;
  readonly does: Does;
  readonly device?: Device | undefined;
  /** It goes by itself. */
  readonly isOff: boolean;
  readonly times: readonly ReadTime[];
  readonly heats: readonly ReadHeat[];
  readonly vessels: readonly NamedVessel[];
}

/** What is going on when a clause is read. */
export interface Around {
  /** Where the food in hand is cooked already. */
  readonly before: Device | undefined;
  readonly isOvenOn: boolean;
  /** It is in a pan on the heat. */
  readonly isOnHob: boolean;
  /** There is nothing but fat in the pan yet. */
  readonly isFrying: boolean;
  /** It lies in what goes into the oven, and was not in there yet. */
  readonly isInTin: boolean;
}

const blank = (words: string) => ' '.repeat(words.length);
/** The words of a clause without its signs and asides: "until the oven is hot" tells of no oven. */
const bareOf = (text: string): string =>
  text.replace(/\b(?:until|till|while|before)\s+[^.;,]+/gi, blank).replace(/\boven-?(?:proof|safe)\b/gi, blank);
/** Of two ways to do it the first is taken: "either on the hob for an hour or in the oven for two". */
const firstWay = (text: string): string =>
  text.replace(
    /(?<=\beither\b.{0,120})\bor\b.*$|\bor (?:in|on) (?:the|a) (?:oven|hob|microwave|slow cooker|grill)\b.*$/i,
    blank,
  );

const minutesOf = (times: readonly ReadTime[]): number =>
  times.filter(({ use }) => use === 'step').reduce((sum, { likely }) => sum + likely, 0);

/** A verb that moves or puts food, where its time or its place says that it waits: "stand for 10 minutes". */
const waits = new Set(['stand', 'sit', 'set', 'settle', 'put', 'leave']);
const outOfCold = /\bout of (?:the )?(?:fridge|freezer)\b/i;

/** A clause in its words, and what its verb was taken for so far. */
interface Told {
  readonly does: Does;
  readonly verb: string;
  readonly text: string;
  readonly bare: string;
  readonly verbAt: number;
  readonly minutes: number;
  readonly around: Around;
}

/** What a verb means here, where that is not what it usually means. In order; each sees what those before it made of it. */
const meanings: readonly { readonly means: Does; readonly where: (told: Told) => boolean }[] = [
  {
    means: 'wait',
    where: ({ does, text, verbAt }) => does === 'move' && /\b(?:let|leave|allow)\b/i.test(text.slice(0, verbAt)),
  },
  {
    means: 'wait',
    where: ({ does, verb, bare, verbAt, minutes }) =>
      does === 'move' &&
      waits.has(verb) &&
      minutes > 0 &&
      !/\b(?:the|on top|over|on)\b/i.test(bare.slice(verbAt, verbAt + 24)),
  },
  {
    means: 'end',
    where: ({ does, bare, minutes }) =>
      does === 'wait' &&
      minutes === 0 &&
      /\b(?:under (?:the |a )?(?:cold |running )*(?:tap|water)|in(?:to)? (?:iced|ice|cold) water)\b/i.test(bare),
  },
  {
    means: 'end',
    where: ({ does, bare, minutes }) =>
      does === 'move' &&
      minutes === 0 &&
      /^\W*(?:then )?\p{L}+ (?:it |them )?(?:on)?to an? (?:plate|board|rack|wire rack)\b/iu.test(bare),
  },
  { means: 'cook', where: ({ verb, minutes }) => verb === 'give' && minutes > 0 },
  {
    means: 'fry',
    where: ({ does, bare, minutes, around }) => does === 'cook' && around.isFrying && isAtPan(bare, minutes),
  },
  { means: 'serve', where: ({ does, bare }) => does !== 'cut' && /\bat the table\b/i.test(bare) },
  {
    means: 'move',
    where: ({ does, verb, bare }) =>
      does === 'end' && verb === 'lift' && /\binto (?:the\b|an?\b[^.;]*\b(?:tin|dish|tray|pan|bowl)\b)/i.test(bare),
  },
  {
    means: 'end',
    where: ({ does, verb, bare }) => does === 'cut' && verb === 'scoop' && /\b(?:it|them) out\b/i.test(bare),
  },
  {
    means: 'wait',
    where: ({ does, bare, minutes }) => does === 'none' && minutes > 0 && /\bcold (?:salted )?water\b/i.test(bare),
  },
  {
    means: 'simmer',
    where: ({ does, bare, minutes }) =>
      does === 'none' && minutes > 0 && /\b(?:salted|boiling|hot) (?:salted )?water\b/i.test(bare),
  },
  { means: 'wait', where: ({ bare }) => outOfCold.test(bare) },
  { means: 'heat', where: ({ verb, bare }) => verb === 'get' && /\bhot\b/i.test(bare) },
  // "Put the lid on, and it's about five minutes": it cooks where it is.
  {
    means: 'cook',
    where: ({ does, verb, bare, minutes, around }) =>
      around.isOnHob &&
      minutes > 0 &&
      !/\boff the heat\b|\b(?:rest|stand|cool)\b/i.test(bare) &&
      (['end', 'move', 'none'].includes(does) || verb === 'go'),
  },
  { means: 'end', where: ({ does, verb, minutes }) => does === 'wait' && verb === 'let' && minutes === 0 },
  { means: 'microwave', where: ({ does, text }) => does === 'fry' && /\bmicrowave\b/i.test(text) },
];

/** "They go in for forty minutes", "back in for fifty", "30 min": into the oven that is on. */
const goesIn = ({ verb, bare, minutes, around }: Told): boolean =>
  !around.isOnHob &&
  around.isOvenOn &&
  minutes > 0 &&
  (verb === 'go' ||
    (verb === '' && (/\b(?:back )?in for\b/i.test(bare) || (around.isInTin && minutes >= leaveAloneMin))));

const bakedBy = new Set<Does>(['move', 'mix', 'none', 'end', 'cook', 'fry']);

/** Reads what a clause does: how, where, how long, in what. */
export function doingOf(clause: Clause, paragraph: number, sentence: number, around: Around): Doing {
  const verb = clause.verb?.verb ?? '';
  const text = firstWay(clause.text);
  const bare = bareOf(text);
  const isWait =
    outOfCold.test(bare) || ['wait', 'chill', 'freeze'].includes(clause.verb?.does ?? '') || waits.has(verb);
  // "After it has been in for 30 minutes, toss the carrots": what leads there is no time of the tossing.
  const said = readTimes(text).filter(({ start, use }) => use !== 'step' || start >= clause.lead.length);
  // "Rest for 15 minutes before slicing": the wait itself is told.
  const times = said.map((time) =>
    isWait && time.use !== 'rhythm' && /^\s*before\b/i.test(text.slice(time.end))
      ? { ...time, use: 'step' as const }
      : time,
  );
  const minutes = minutesOf(times);
  let told: Told = { does: clause.verb?.does ?? 'none', verb, text, bare, verbAt: clause.verbAt, minutes, around };
  for (const { means, where } of meanings) if (where(told)) told = { ...told, does: means };
  const device = goesIn(told) ? 'oven' : deviceOf(told.does, bare, minutes, around.before);
  const does = device === 'oven' && minutes > 0 && bakedBy.has(told.does) ? 'bake' : told.does;
  return {
    clause,
    paragraph,
    sentence,
    does,
    device,
    isOff: isOffOf(does, device, text, minutes),
    times,
    heats: readHeats(text),
    vessels: vesselsIn(bare),
  };
}
