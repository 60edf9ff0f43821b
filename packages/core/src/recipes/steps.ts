import * as v from 'valibot';
import { foodOf } from '../reference/index.ts';
import { freshId, StepId, type LineId, type Step } from '../model/index.ts';
import {
  alternativesOf,
  looksFrom,
  doorWords,
  durationOf,
  fillsOvenVessel,
  kitOf,
  ovenOf,
  shutOf,
  whole,
  type Context,
  type StepNote,
} from './stepParts.ts';
import { readHeats, readTimes } from './timesAndHeats.ts';
import { finderOf, type KnownLine } from './uses.ts';
import {
  burnerPattern,
  goesByItself,
  isPreheat,
  keepsWords,
  passiveOf,
  sentencesOf,
  titleOf,
  turnsOven,
  type Sentence,
} from './wording.ts';

export interface StepReading {
  readonly step: Step;
  /** Places are in the step's own text. */
  readonly notes: readonly StepNote[];
  /** What the text does not say and was guessed: to be looked at first. */
  readonly guessed: readonly ('time' | 'heat')[];
}

/**
 * Reads a method as steps: paragraphs are taken apart where something goes by itself (baking, resting, chilling), because those are
 * what a timetable can fill, and where what was cooked on the hob is put into what goes into the oven; other hands-on sentences stay together. Everything found is a proposal with its place in the text.
 */
export function readSteps(paragraphs: readonly string[], lines: readonly KnownLine[]): readonly StepReading[] {
  const context: Context = { ovenC: undefined, ovenVessel: undefined, burnerVessel: undefined };
  const find = finderOf(lines);
  const used = new Set<LineId>();
  const readings: StepReading[] = [];
  const ids = new Set<string>();
  /** Words that only set the oven, on their way to the step that uses it. */
  let waiting = '';
  for (const paragraph of paragraphs) {
    let group: Sentence[] = [];
    const close = () => {
      if (group.length === 0) return;
      const start = group[0]!.start;
      const end = group[group.length - 1]!.end;
      const text = paragraph.slice(start, end);
      if (group.every((each) => isPreheat(each.text)) && find(text, used).length === 0) {
        context.ovenC = readHeats(text).find((each) => !each.core)?.celsius ?? context.ovenC;
        waiting = `${waiting}${text} `;
      } else {
        const reading = readStep(`${waiting}${text}`, context, find, used, lines, ids);
        waiting = '';
        if (reading) readings.push(reading);
      }
      group = [];
    };
    for (const sentence of sentencesOf(paragraph)) {
      const before = readings[readings.length - 1];
      // How it keeps is no work; the words stay with what was done last.
      if (keepsWords.test(sentence.text) && group.length === 0 && before) {
        readings[readings.length - 1] = {
          ...before,
          step: { ...before.step, text: `${before.step.text} ${sentence.text}`.slice(0, 2000) },
        };
        continue;
      }
      // Nor is leaving the door shut.
      if (doorWords.test(sentence.text) && group.length === 0 && before?.step.oven && !goesByItself(sentence.text)) {
        const from = before.step.text.length + 1;
        const shut = shutOf(sentence.text, before.step.durationMin.likely)!;
        readings[readings.length - 1] = {
          ...before,
          step: {
            ...before.step,
            text: `${before.step.text} ${sentence.text}`.slice(0, 2000),
            oven: { ...before.step.oven, shutMin: shut.minutes },
          },
          notes:
            from + shut.end <= 2000
              ? [
                  ...before.notes,
                  {
                    what: 'door',
                    start: from + shut.start,
                    end: from + shut.end,
                    words: shut.words,
                    means: `the door stays shut for ${shut.minutes} minutes`,
                  },
                ]
              : before.notes,
        };
        continue;
      }
      // Warming the oven is no work of its own: the timetable does it in time. The words stay with the step.
      const isHob = (text: string) => burnerPattern.test(withoutAsides(text));
      if (group.some((each) => isHob(each.text)) && fillsOvenVessel(sentence.text) && !isHob(sentence.text)) close();
      if (goesByItself(sentence.text) && !isPreheat(sentence.text)) {
        // What was done by hand before is a step of its own, unless it only set the oven.
        if (group.some((each) => !isPreheat(each.text))) close();
        group.push(sentence);
        close();
      } else group.push(sentence);
    }
    close();
  }
  const last = waiting === '' ? undefined : readStep(waiting.trim(), context, find, used, lines, ids);
  if (last) readings.push(last);
  return turnedUp(readings);
}

/** "Turn the oven up to 220 °C for the last 10 minutes" takes its minutes from the bake before it. */
function turnedUp(readings: readonly StepReading[]): readonly StepReading[] {
  const turned = [...readings];
  turned.forEach((reading, index) => {
    const before = turned[index - 1];
    const { text } = reading.step;
    const end = readTimes(text).find(
      (time) => time.use === 'moment' && /\b(?:last|final)\b/i.test(text.slice(Math.max(0, time.start - 16), time.end)),
    );
    const heat = readHeats(text).find((each) => !each.core);
    if (!before?.step.oven || !end || !heat || !turnsOven.test(text) || before.step.durationMin.likely <= end.likely)
      return;
    const minutes = whole(end.likely);
    const less = (value: number) => Math.max(1, value - minutes);
    const { least, likely, most } = before.step.durationMin;
    turned[index - 1] = {
      ...before,
      step: {
        ...before.step,
        durationMin: { least: less(least), likely: less(likely), most: less(most) },
        looks: before.step.looks.filter((each) => each.atMin < less(likely)),
      },
    };
    turned[index] = {
      ...reading,
      guessed: [],
      step: {
        ...reading.step,
        title: titleOf(text),
        hands: 'off',
        durationMin: { least: minutes, likely: minutes, most: minutes },
        kit: before.step.kit,
        oven: { ...before.step.oven, temperatureC: Math.min(320, heat.celsius), covered: false },
      },
    };
  });
  return turned;
}

function readStep(
  raw: string,
  context: Context,
  find: ReturnType<typeof finderOf>,
  used: Set<LineId>,
  lines: readonly KnownLine[],
  ids: Set<string>,
): StepReading | undefined {
  // Places of notes are in the step's own text: it is brought to its final form before anything is read in it.
  const text = raw.replace(/\s+/g, ' ').trim().slice(0, 2000);
  const notes: StepNote[] = [];
  const guessed: ('time' | 'heat')[] = [];
  const times = readTimes(text);
  const heats = readHeats(text);
  const passive = passiveOf(text);
  const oven = ovenOf(text, heats, passive, context, guessed, notes);
  // Setting the oven is no work at the hob, and what it looks like when done is no work at all.
  const bare = withoutAsides(text);
  const burner =
    !oven &&
    (burnerPattern.test(bare) || passive?.heat === 'burner') &&
    !/\b(?:microwave|slow cooker|off the heat$)\b/i.test(text);
  const hands: 'on' | 'off' =
    goesByItself(text) || (oven !== undefined && !oven.grill && passive?.heat === 'oven') ? 'off' : 'on';
  const alternativeNotes: StepNote[] = [];
  const workSentences = sentencesOf(text).filter((each) => !isPreheat(each.text));
  const title = titleOf(workSentences[0]?.text ?? text);
  // Only the oven is set: there is nothing to do.
  if (workSentences.length === 0 && find(text, used).length === 0) {
    if (heats.length === 0) return undefined;
    const id = v.parse(StepId, freshId('warm-the-oven', ids));
    ids.add(id);
    return {
      step: {
        id,
        title: 'Warm the oven',
        text,
        uses: [],
        durationMin: { least: 1, likely: 1, most: 1 },
        hands: 'on',
        looks: [],
        grows: false,
        kit: [],
        burner: false,
        looseFlour: false,
        until: '',
        splitPoint: false,
        alternatives: [],
        leaves: [],
      },
      notes,
      guessed,
    };
  }
  const id = v.parse(StepId, freshId(title, ids, 24, 'step'));
  ids.add(id);
  const alternatives = alternativesOf(text, times, id, alternativeNotes);
  notes.push(...alternativeNotes);
  const door = oven && doorWords.exec(text);
  const mainTimes = times.filter(
    (time) =>
      !alternativeNotes.some((note) => time.start >= note.start && time.end <= note.end) &&
      !(door && time.start >= door.index && time.end <= door.index + door[0].length),
  );
  const durationMin = durationOf(text, mainTimes, hands, passive, notes, guessed);
  const shut = oven && shutOf(text, durationMin.likely);
  if (shut)
    notes.push({
      what: 'door',
      start: shut.start,
      end: shut.end,
      words: shut.words,
      means: `the door stays shut for ${shut.minutes} minutes`,
    });
  const kit = kitOf(bare, oven ? 'oven' : burner ? 'burner' : undefined, context, notes);
  const looks = hands === 'off' ? looksFrom(text, durationMin.likely, mainTimes, notes) : [];
  const uses = find(text, used);
  const firstUses = uses.filter((use) => !used.has(use.line));
  for (const use of uses)
    notes.push({
      what: 'uses',
      start: use.start,
      end: use.end,
      words: text.slice(use.start, use.end),
      means: used.has(use.line) ? 'named again' : (lines.find((line) => line.id === use.line)?.reading.text ?? ''),
    });
  for (const use of firstUses) used.add(use.line);
  const sign = /\b(?:until|till)\s+([^.;]+?)(?=,?\s+(?:about|around|for|then)\s|[.;]|$)/i.exec(text);
  if (sign)
    notes.push({
      what: 'sign',
      start: sign.index,
      end: sign.index + sign[0].length,
      words: sign[0],
      means: 'the sign that it is done',
    });
  const core = heats.find((each) => each.core);
  if (core)
    notes.push({
      what: 'core',
      start: core.start,
      end: core.end,
      words: core.words,
      means: `${core.celsius} °C in the middle`,
    });
  const split =
    /\b(?:before (?:adding|stirring in|the [\p{L} ]+ goes in)|set aside|take out|spoon out|remove)\b[^.]{0,60}\b(?:portion|plate|share|some)\b[^.]{0,40}\b(?:for|without|vegan|dairy|gluten|nut|plain)\b/iu.exec(
      text,
    );
  if (split)
    notes.push({
      what: 'split',
      start: split.index,
      end: split.index + split[0].length,
      words: split[0],
      means: 'a portion can be taken out here',
    });
  const keepsNote = times.filter((time) => time.use === 'keeps');
  for (const time of keepsNote)
    notes.push({
      what: 'keeps',
      start: time.start,
      end: time.end,
      words: time.words,
      means: 'how long it keeps, no working time',
    });
  const wheat = uses.some((use) => {
    const food = lines.find((line) => line.id === use.line)?.reading.likeFood;
    return food !== undefined && (foodOf(food)?.families.includes('flour' as never) || /flour/.test(food));
  });
  const looseFlour =
    /\b(?:flour(?:ed)? (?:the |a )?(?:work|surface|bench|board)|floured|dust(?:ed|ing)?|knead|roll(?:ed|ing)? out|sift|sieve)\b/i.test(
      text,
    ) &&
    (wheat || /\bflour/i.test(text));
  const step: Step = {
    id,
    title,
    text,
    uses: firstUses.map((use) => use.line),
    durationMin,
    hands,
    looks,
    grows: hands === 'on' && kit.some((use) => use.kind === 'knife' || use.kind === 'grater'),
    kit,
    ...(hands === 'off' && !oven && !burner && coldWords(text)),
    ...(oven && { oven: shut ? { ...oven, shutMin: shut.minutes } : oven }),
    burner,
    looseFlour,
    ...(core && { coreC: core.celsius }),
    until: sign ? sign[1]!.trim().slice(0, 200) : '',
    splitPoint: split !== null,
    alternatives,
    leaves: [],
  };
  notes.push(...unreadNumbers(text, notes));
  return { step, notes: notes.sort((a, b) => a.start - b.start), guessed };
}

/** Where something stands to get or to stay cold, by its words. */
function coldWords(text: string): Pick<Step, 'cold'> {
  if (/\b(?:in(?:to)? the freezer|freeze|freezing)\b/i.test(text)) return { cold: 'freezer' };
  return /\b(?:in(?:to)? the (?:fridge|refrigerator)|refrigerat(?:e|ed|ing)|chill(?:ed|ing)?)\b/i.test(text)
    ? { cold: 'fridge' }
    : {};
}

/** The text with sentences that set the oven, and clauses that say when it is done, blanked out; places stay. */
function withoutAsides(text: string): string {
  const blank = (words: string) => ' '.repeat(words.length);
  let bare = text;
  for (const sentence of sentencesOf(text))
    if (isPreheat(sentence.text))
      bare = bare.slice(0, sentence.start) + blank(sentence.text) + bare.slice(sentence.end);
  return bare
    .replace(/\b(?:until|till)\s+[^.;]+/gi, blank)
    .replace(/\bbrown (?:sugar|rice|bread|lentils?|onions?|stock|sauce|butter)\b/gi, blank);
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
