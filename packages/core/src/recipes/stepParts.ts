import * as v from 'valibot';
import { stepWords } from '../reference/index.ts';
import { KitKind, StepId, type Step, type StepAlternative } from '../model/index.ts';
import type { Span } from '../reading/index.ts';
import { readTimes, type ReadTime } from './timesAndHeats.ts';
import type { Operation } from './operation.ts';
import { forms, titleOf, word } from './wording.ts';

/** Something that was read in a step's text, to be confirmed or corrected. */
export interface StepNote extends Span {
  readonly what:
    | 'time'
    | 'heat'
    | 'core'
    | 'kit'
    | 'look'
    | 'sign'
    | 'uses'
    | 'cover'
    | 'door'
    | 'split'
    | 'alternative'
    | 'keeps'
    | 'not understood';
  readonly words: string;
  /** What it was taken to mean. */
  readonly means: string;
}

const kitWords = stepWords.kit
  .flatMap(({ kind, words }) =>
    words.map((name) => ({ kind: v.parse(KitKind, kind), name, pattern: word(`${name}(?:s|es)?`) })),
  )
  .sort((a, b) => b.name.length - a.name.length);
const kitVerbs = stepWords.kit
  .filter(({ verbs }) => verbs.length > 0)
  .map(({ kind, verbs }) => ({ kind: v.parse(KitKind, kind), pattern: word(verbs.map(forms).join('|')) }));
/** What drains on a rack or on paper is in no sieve. */
const workFor = (kind: KitKind, text: string): string => (kind === 'sieve' ? text.replace(drainsDry, ' ') : text);
const drainsDry = /\bdrain\w*\b[^.;,]{0,40}?\bon\b[^.;,]{0,30}?\b(?:racks?|paper|towels?|cloth)\b/i;
const vessels = new Set<KitKind>([
  'bowl',
  'saucepan',
  'large-pot',
  'frying-pan',
  'skillet',
  'roasting-tin',
  'baking-tray',
  'gratin-dish',
  'cake-tin',
]);
/** Whole minutes, at least one, at most three days. */
export const whole = (minutes: number) => Math.min(4320, Math.max(1, Math.round(minutes)));

/** Times of a clause that are counted: what is said twice ("1 hour (60 minutes)") or as a choice ("or overnight") is one. */
export const countedTimes = (text: string, times: readonly ReadTime[]): readonly ReadTime[] =>
  times
    .filter(({ use }) => use === 'step')
    .filter(
      (time, i, own) => i === 0 || !/^[^.;]{0,40}\bor\b[^.;]{0,30}$/i.test(text.slice(own[i - 1]!.end, time.start)),
    )
    .filter(
      (time, i, own) =>
        i === 0 ||
        !(/\(\s*$/.test(text.slice(own[i - 1]!.end, time.start)) && Math.abs(time.likely - own[i - 1]!.likely) <= 1),
    );

/** "Keep warm in the oven while you fry the rest": minutes, a guess. @source kitchen practice */
const keptWarm: readonly [number, number, number] = [5, 10, 20];

/** How long an operation takes: the times its clauses say, or, where they say none, what such work usually takes. */
export function minutesFor(
  { doings, isOff, lessMin }: Operation,
  pieces: number | undefined,
): { readonly durationMin: Step['durationMin']; readonly isGuess: boolean } {
  const counted = doings
    .filter((doing) => !isOff || doing.isOff || doings.every((each) => !each.isOff))
    .flatMap((doing) =>
      countedTimes(doing.clause.text, doing.times).map((time) => ({
        time,
        times: timesOver(doing.clause.text, pieces),
      })),
    );
  if (counted.length > 0) {
    const sum = (pick: (time: ReadTime) => number) =>
      Math.max(1, counted.reduce((total, { time, times }) => total + pick(time) * times, 0) - lessMin);
    const likely = whole(sum(({ likely }) => likely));
    return {
      durationMin: {
        least: Math.min(likely, whole(sum(({ least }) => least))),
        likely,
        most: Math.max(likely, whole(sum(({ most }) => most))),
      },
      isGuess: false,
    };
  }
  const usual = doings
    .filter((doing) => !isOff || doing.isOff)
    .flatMap(({ does, clause: { verb } }) =>
      verb ? [verb.verb === 'keep' && does === 'wait' ? keptWarm : verb.usual] : [],
    );
  if (usual.length === 0) return { durationMin: { least: 2, likely: 4, most: 8 }, isGuess: true };
  const total = (i: 0 | 1 | 2) =>
    isOff
      ? usual.at(-1)![i]
      : Math.min(
          45,
          usual.reduce((sum, each) => sum + each[i], 0),
        );
  return { durationMin: { least: total(0), likely: total(1), most: total(2) }, isGuess: true };
}

/** In how many loads an operation is told to be done. */
export const loadsFor = ({ doings }: Operation, pieces: number | undefined): number =>
  Math.max(1, ...doings.map(({ clause: { text } }) => loadsIn(text, pieces)));

/** How many times over a clause's time is taken: "in three batches, 5 minutes each", but not "in two goes, ten minutes altogether". */
const timesOver = (text: string, pieces: number | undefined): number =>
  inSoMany.test(text) && /\b(?:altogether|in all|in total)\b/i.test(text) ? 1 : loadsIn(text, pieces);

const inSoMany = /\bin (two|three|four|five|2|3|4|5) (?:batches|lots|goes|loads)\b/i;

/** In how many loads, one after the other, a clause says that its work is done. */
const loadsIn = (text: string, pieces: number | undefined): number => {
  const batches = inSoMany.exec(text)?.[1];
  if (batches) return wordCounts[batches.toLowerCase()] ?? Number(batches);
  const each =
    /\b(?<n>one|two|three|four|five|six|eight|ten|\d{1,2})(?: or (?:two|three|four|five|six|\d))?(?: [\p{L}]+)? at a time\b/iu.exec(
      text,
    )?.groups?.['n'];
  if (!each || pieces === undefined) return 1;
  const size = wordCounts[each.toLowerCase()] ?? Number(each);
  return size > 0 ? Math.min(20, Math.max(1, Math.ceil(pieces / size))) : 1;
};
const wordCounts: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
};

/** Tools that hold no food: what the words name, and what such work is done with. */
export function toolsFor(text: string, { device }: Operation, notes: StepNote[]): readonly KitKind[] {
  const kinds = new Set<KitKind>();
  let rest = text;
  const low = text.toLowerCase();
  for (const { kind, name, pattern } of kitWords) {
    // Few of the names are there at all.
    const match = low.includes(name) ? pattern.exec(rest) : null;
    if (!match) continue;
    notes.push({
      what: 'kit',
      start: match.index,
      end: match.index + match[0].length,
      words: match[0],
      means: kind.replace('-', ' '),
    });
    rest = rest.slice(0, match.index) + ' '.repeat(match[0].length) + rest.slice(match.index + match[0].length);
    if (!heldIn.has(kind) && !(name === 'food processor' && kind === 'blender')) kinds.add(kind);
  }
  for (const { kind, pattern } of kitVerbs)
    if (!heldIn.has(kind) && kind !== 'blender' && kind !== 'food-processor' && pattern.test(workFor(kind, text)))
      kinds.add(kind);
  if (device !== 'blender' && !/\bblender|processor/i.test(text)) kinds.delete('blender');
  return [...kinds];
}
const heldIn = new Set<KitKind>([
  ...vessels,
  'slow-cooker',
  'serving-dish',
  'box',
  'blender',
  'food-processor',
  'mixer',
  'microwave',
  'toaster',
]);

/** "Soak overnight, or boil for 15 minutes": the second way to do it. */
export function alternativesOf(
  text: string,
  times: readonly ReadTime[],
  id: string,
  notes: StepNote[],
): StepAlternative[] {
  const match =
    /\b(?:soak|chill|marinate|rest|prove|stand)\b[^;]*?[,.]?\s+or(?: else)?\s+(?:alternatively\s+)?((?:boil|simmer|cook|microwave|steam|pour boiling water)[^.;]*)/i.exec(
      text,
    );
  if (!match) return [];
  const from = match.index + match[0].length - match[1]!.length;
  const time = times.find((each) => each.start >= from && each.end <= match.index + match[0].length);
  if (!time) return [];
  notes.push({
    what: 'alternative',
    start: from,
    end: match.index + match[0].length,
    words: match[1]!,
    means: 'another way to do it; the first is taken until you choose',
  });
  return [
    {
      id: v.parse(StepId, `${id}-or`.slice(0, 64)),
      name: titleOf(match[1]!),
      text: match[1]!.slice(0, 2000),
      durationMin: {
        least: whole(time.least),
        likely: whole(time.likely),
        most: whole(Math.max(time.most, time.likely)),
      },
      hands: 'off',
      kit: [{ kind: 'saucepan', as: 'saucepan' }],
      burner: true,
    },
  ];
}

/** "Do not open the oven for the first 20 minutes": words about the door, which are no time of the work. */
export const doorWords =
  /\b(?:(?:do not|don['’]?t|never|without|avoid|resist)\b[^.;,]{0,24}\bopen(?:ing)?\b[^.;,]{0,12}\b(?:oven|door)\b|keep(?:ing)?\b[^.;,]{0,16}\bdoor (?:shut|closed)\b)[^.;]*/i;

/** For how long the oven door stays shut, in minutes; without a figure as long as it bakes. */
export function shutOf(
  text: string,
  likelyMin: number,
): { readonly minutes: number; readonly start: number; readonly end: number; readonly words: string } | undefined {
  const match = doorWords.exec(text);
  if (!match) return undefined;
  const [time] = readTimes(match[0]);
  return {
    minutes: Math.min(600, time ? whole(time.likely) : likelyMin),
    start: match.index,
    end: match.index + match[0].length,
    words: match[0],
  };
}
