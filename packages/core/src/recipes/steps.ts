import * as v from 'valibot';
import { foodOf } from '../reference/index.ts';
import { freshId, StepId, type KitUse, type LineId, type OvenUse, type Step } from '../model/index.ts';
import type { KnownLine } from './mentions.ts';
import type { Doing } from './doings.ts';
import type { Aside } from './flow.ts';
import type { MethodPart, Operation } from './operation.ts';
import { operationsOf } from './operations.ts';
import { jointsOf, looksFrom } from './moments.ts';
import { withPurposes } from './purposes.ts';
import { alternativesOf, loadsFor, minutesFor, shutOf, toolsFor, type StepNote } from './stepParts.ts';
import { readHeats, readTimes, type ReadTime } from './timesAndHeats.ts';
import { mayBeLeft, sentencesOf, titleOf } from './wording.ts';

/** As many steps as a recipe holds. */
export const mostSteps = 100;

/** What a text does not say: how long, how hot, or what it waits for. */
export type Guessed = 'time' | 'heat' | 'order';

export interface StepReading {
  readonly step: Step;
  /** Places are in the step's own text. */
  readonly notes: readonly StepNote[];
  /** What the text does not say and was guessed: to be looked at first. */
  readonly guessed: readonly Guessed[];
  /** What it waits for by a guess. */
  readonly guessedAfter?: StepId | undefined;
  /** The paragraph of the method in which it begins. */
  readonly paragraph: number;
}

/**
 * Reads a method as the work it tells: what is done to what, in what, on what, how long, and what it waits for. Order follows from the food
 * and not from the sentences; where what is meant is not said, it is what was in hand last. Everything found is a proposal with its place in the text.
 */
export function readSteps(
  method: readonly (string | MethodPart)[],
  lines: readonly KnownLine[],
  { name = '', makes }: { readonly name?: string; readonly makes?: number | undefined } = {},
): { readonly steps: readonly StepReading[]; readonly asides: readonly Aside[] } {
  const parts = method.map((part) => (typeof part === 'string' ? { text: part } : part));
  const { operations, asides } = operationsOf(parts, lines, name, mostSteps);
  const ids = new Map<Operation, StepId>();
  const taken = new Set<string>();
  for (const operation of operations) {
    const id = v.parse(StepId, freshId(titleFor(operation), taken, 24, 'step'));
    taken.add(id);
    ids.set(operation, id);
  }
  const divided =
    /\b(?:divide|shape|form|cut|roll)\b[^.;]{0,40}?\binto (?:about )?(\d{1,3})\b|\bmake (\d{1,3})\b/i.exec(
      parts.map(({ text }) => text).join('\n'),
    );
  const pieces = makes ?? (divided ? Number(divided[1] ?? divided[2]) : undefined);
  const readings = operations.map((operation) => stepOf(operation, parts, lines, ids, pieces));
  return { steps: withPurposes(readings, lines), asides };
}

const heatsFat = ({ does, clause }: Doing): boolean =>
  does === 'heat' && /\b(?:oil|butter|fat|ghee|lard|dripping)\b/i.test(clause.text);
const isCooking = ({ does, clause }: Doing): boolean =>
  (does === 'fry' || does === 'cook') && clause.verb !== undefined;

const titleFor = ({ doings }: Operation): string => {
  const first = doings.find(({ does }) => does !== 'kit') ?? doings[0]!;
  // "Heat the oil and fry the fritters" is frying.
  const work = heatsFat(first) ? (doings.find(isCooking) ?? first) : first;
  const main = doings.findLast(({ isOff }) => isOff) ?? work;
  return titleOf(main.clause.text.slice(main.clause.verbAt) || main.clause.text);
};

/** What may stand between two clauses of one sentence. */
const joining = /^[\s,;:.–—&+()-]*(?:and|then|or|but|so|plus)?[\s,]*(?:and|then)?\s*$/i;

/** The words of an operation as they stand in the text, what lies between two clauses of a sentence included. */
function textOf({ before, doings, notes }: Operation, parts: readonly MethodPart[]): string {
  let text = before.join(' ');
  let last: { readonly paragraph: number; readonly end: number } | undefined;
  const add = (words: string) => {
    const isEnded = text === '' || /[.!?:;,]$/.test(text.trim());
    const begun = text === '' || /[.!?]$/.test(text.trim()) || !isEnded;
    const next = begun ? words.charAt(0).toUpperCase() + words.slice(1) : words;
    text = text === '' ? next : `${text}${isEnded ? ' ' : '. '}${next}`;
  };
  for (const { clause, paragraph } of doings) {
    const between =
      last?.paragraph === paragraph && clause.start >= last.end
        ? parts[paragraph]!.text.slice(last.end, clause.start)
        : undefined;
    if (between !== undefined && joining.test(between)) text += between + clause.text;
    else add(clause.text);
    last = { paragraph, end: clause.end };
  }
  for (const note of notes) add(note.text);
  return text.replace(/\s+/g, ' ').trim().slice(0, 2000);
}

function stepOf(
  operation: Operation,
  parts: readonly MethodPart[],
  lines: readonly KnownLine[],
  ids: ReadonlyMap<Operation, StepId>,
  pieces: number | undefined,
): StepReading {
  const text = textOf(operation, parts);
  const notes: StepNote[] = [];
  const guessed: Guessed[] = [];
  const id = ids.get(operation)!;
  const times = readTimes(text);
  const alternatives = alternativesOf(text, times, id, notes);
  const { durationMin, isGuess } = minutesFor(operation, pieces);
  if (isGuess) guessed.push('time');
  if (operation.guessedAfter) guessed.push('order');
  for (const time of times.filter(({ use }) => use === 'step' || use === 'keeps')) notes.push(timeNote(time));
  const oven = ovenFor(operation, text, durationMin.likely, guessed, notes);
  const burner = operation.device === 'hob';
  const hands = operation.isOff ? 'off' : 'on';
  const looks = hands === 'off' ? looksFrom(text, durationMin.likely, times, jointsOf(operation), notes) : [];
  usesInto(operation, text, lines, notes);
  const until = signIn(operation, text, notes);
  const core = readHeats(text).find((each) => each.core);
  if (core) notes.push({ what: 'core', ...spanOf(core), words: core.words, means: `${core.celsius} °C in the middle` });
  const split = splitIn(text, notes);
  const kit = kitFor(operation, text, notes);
  const step: Step = {
    id,
    title: titleFor(operation),
    text,
    uses: [...new Set(operation.uses)],
    after: [...operation.after].map((each) => ({ step: ids.get(each)!, leastMin: 0 })),
    durationMin,
    hands,
    looks,
    grows: hands === 'on' && kit.some((use) => use.kind === 'knife' || use.kind === 'grater'),
    kit,
    ...(operation.device === 'fridge' || operation.device === 'freezer' ? { cold: operation.device } : {}),
    ...(oven && { oven }),
    burner,
    ...(burner && loadsFor(operation, pieces) > 1 && { loads: loadsFor(operation, pieces) }),
    looseFlour: throwsFlour(operation, text, lines),
    ...(core && { coreC: core.celsius }),
    until,
    splitPoint: split,
    alternatives,
    leaves: [],
    // Of work that is told in one sentence; of more it is not known which is meant.
    ...(mayBeLeft.test(text) && sentencesOf(text).filter(isMoreThanServed).length === 1
      ? { canOmit: true as const }
      : {}),
  };
  notes.push(...unreadNumbers(text, notes));
  const guessedAfter = operation.guessedAfter && ids.get(operation.guessedAfter);
  return {
    step,
    notes: notes.sort((a, b) => a.start - b.start),
    guessed,
    guessedAfter,
    paragraph: operation.doings[0]!.paragraph,
  };
}

const isMoreThanServed = ({ text }: { readonly text: string }): boolean => !/^\W*serve\b/i.test(text);

const spanOf = ({ start, end }: { readonly start: number; readonly end: number }) => ({ start, end });

const timeNote = (time: ReadTime): StepNote =>
  time.use === 'keeps'
    ? { what: 'keeps', ...spanOf(time), words: time.words, means: 'how long it keeps, no working time' }
    : {
        what: 'time',
        ...spanOf(time),
        words: time.words,
        means: `${Math.round(time.least)} to ${Math.round(time.most)} minutes${time.open ? ', or longer' : ''}`,
      };

function ovenFor(
  { device, ovenC }: Operation,
  text: string,
  likelyMin: number,
  guessed: Guessed[],
  notes: StepNote[],
): OvenUse | undefined {
  const heats = readHeats(text).filter(({ core }) => !core);
  for (const each of heats)
    notes.push({
      what: 'heat',
      ...spanOf(each),
      words: each.words,
      means: `${each.celsius} °C${each.doubt ? `: ${each.doubt}` : ''}`,
    });
  if (device !== 'oven' && device !== 'grill') return undefined;
  const grill = device === 'grill';
  const set = grill ? heats.at(-1)?.celsius : (ovenC ?? heats.at(-1)?.celsius);
  if (set === undefined || heats.some(({ scale, celsius }) => scale === 'called' && celsius === set))
    guessed.push('heat');
  const shut = shutOf(text, likelyMin);
  if (shut)
    notes.push({
      what: 'door',
      ...spanOf(shut),
      words: shut.words,
      means: `the door stays shut for ${shut.minutes} minutes`,
    });
  return {
    temperatureC: Math.min(320, set ?? (grill ? 240 : 180)),
    toleranceC: 10,
    racks: 1,
    covered:
      /\b(?:cover(?:ed)?(?! with water)|with (?:the |a )?lid|foil)\b/i.test(text) &&
      !/\b(?:uncover|(?:remove|taking|take) (?:the )?(?:foil|lid|cover)|take off the|without (?:the )?(?:lid|foil)|foil off)/i.test(
        text,
      ),
    grill,
    ...(shut ? { shutMin: shut.minutes } : {}),
  };
}

function usesInto({ mentions }: Operation, text: string, lines: readonly KnownLine[], notes: StepNote[]): void {
  let from = 0;
  for (const { doing, mention } of mentions) {
    const words = doing.clause.text.slice(mention.start, mention.end);
    const start = text.toLowerCase().indexOf(words.toLowerCase(), from);
    if (start < 0) continue;
    from = start;
    notes.push({
      what: 'uses',
      start,
      end: start + words.length,
      words: text.slice(start, start + words.length),
      means: mention.isFresh ? (lines.find(({ id }) => id === mention.line)?.reading.text ?? '') : 'named again',
    });
  }
}

function signIn({ doings }: Operation, text: string, notes: StepNote[]): string {
  // Of one clause: what is done next is no sign of what was done before.
  const [sign] = doings.flatMap(({ clause }) => {
    const said = /\b(?:until|till?)\s+([^.;]+?)(?=,?\s+(?:about|around|for|then)\s|,\s*\d|[.;]|$)/i.exec(clause.text);
    const start = said ? text.toLowerCase().indexOf(said[0].toLowerCase()) : -1;
    return said && start >= 0 ? [{ start, words: said[0], tells: said[1]! }] : [];
  });
  if (!sign) return '';
  const { start, words, tells } = sign;
  notes.push({ what: 'sign', start, end: start + words.length, words, means: 'the sign that it is done' });
  return tells.trim().slice(0, 200);
}

function splitIn(text: string, notes: StepNote[]): boolean {
  const split =
    /\b(?:before (?:adding|stirring in|the [\p{L} ]+ goes in)|set aside|take out|spoon out|spoon|remove|put a \w+ of)\b[^.]{0,60}\b(?:portions?|plate|share|some|third|half)\b[^.]{0,40}\b(?:for|without|vegan|dairy|gluten|nut|plain)\b/iu.exec(
      text,
    );
  if (!split) return false;
  notes.push({
    what: 'split',
    start: split.index,
    end: split.index + split[0].length,
    words: split[0],
    means: 'a portion can be taken out here',
  });
  return true;
}

const machineKinds: Readonly<Record<string, KitUse['kind']>> = {
  blender: 'blender',
  mixer: 'mixer',
  microwave: 'microwave',
  'slow-cooker': 'slow-cooker',
  toaster: 'toaster',
};

function kitFor(operation: Operation, text: string, notes: StepNote[]): KitUse[] {
  const kit: KitUse[] = [...operation.vessels.values()].map(({ kind, as }) => ({ kind, as }));
  const add = (kind: KitUse['kind']) => {
    if (!kit.some((use) => use.kind === kind)) kit.push({ kind });
  };
  const machine = operation.device === undefined ? undefined : machineKinds[operation.device];
  if (machine) add(/\bprocessor\b/i.test(text) && machine === 'blender' ? 'food-processor' : machine);
  for (const kind of toolsFor(text, operation, notes)) add(kind);
  return kit.slice(0, 8);
}

function throwsFlour({ uses }: Operation, text: string, lines: readonly KnownLine[]): boolean {
  const wheat = uses.some((use) => {
    const food = lines.find((line: { readonly id: LineId }) => line.id === use)?.reading.likeFood;
    return food !== undefined && (foodOf(food)?.families.includes('flour' as never) || /flour/.test(food));
  });
  return (
    /\b(?:flour(?:ed)? (?:the |a )?(?:work|surface|bench|board|baking)|floured|dust(?:ed|ing)?|knead|roll(?:ed|ing)? (?:\p{L}+ )?(?:\p{L}+ )?out|sift|sieve)\b/iu.test(
      text,
    ) &&
    (wheat || /\bflour|dough|pastry/i.test(text))
  );
}

/** Figures that nothing above has taken up: a person should look. Sizes and shares of what is listed are left alone. */
function unreadNumbers(text: string, notes: readonly StepNote[]): StepNote[] {
  return [...text.matchAll(/\d+(?:[.,/]\d+)?(?:\s?(?:%|[\p{L}°"″]+))?/gu)]
    .filter((match) => !notes.some((note) => match.index < note.end && match.index + match[0].length > note.start))
    .filter(
      (match) =>
        !/^\d+\s?(?:cm|mm|in|inch|inches|"|″|g|kg|ml|l|oz|lb|tbsp|tsp|cups?|tablespoons?|teaspoons?|litres?|pieces?|slices?|equal|balls?|rounds?|portions?|large|small|halves|layers?|strips|wedges|parts?|times|of|or|more|x|and|chunks|discs?)\b/i.test(
          match[0],
        ) && !/^\s*$/.test(match[0]),
    )
    .map((match) => ({
      what: 'not understood' as const,
      start: match.index,
      end: match.index + match[0].length,
      words: match[0],
      means: 'a figure that was not taken for a time, a heat or an amount',
    }));
}
