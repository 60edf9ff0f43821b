import * as v from 'valibot';
import { MeantRaw } from '../reference/index.ts';
import { DurationMin, Step as StepSchema, TemperatureC, type Recipe, type Step, type StepId } from '../model/index.ts';
import { followsOf } from '../versions/index.ts';
import type { StepReading } from './steps.ts';

/**
 * What Lupin writes behind a step of its own text, so that the work reads back as it was: whose hands, minutes, where, and what it waits for.
 * "[by itself, 45 min (40–60), oven 180 °C, 74 °C inside; after 1 and 3]"
 */
export interface StepMark {
  readonly hands: Step['hands'];
  readonly durationMin: Step['durationMin'];
  readonly oven?: { readonly temperatureC: number; readonly grill: boolean } | undefined;
  readonly burner: boolean;
  readonly loads?: Step['loads'];
  readonly cold?: Step['cold'];
  readonly coreC?: number | undefined;
  /** What stays raw in it on purpose. */
  readonly meantRaw?: Step['meantRaw'];
  /** The numbers of the steps it waits for, from 1. */
  readonly after: readonly number[];
}

const hands = { on: 'by hand', off: 'by itself' } as const;

function placeOf({ oven, burner, loads, cold }: Step): readonly string[] {
  if (oven) return [`${oven.grill ? 'grill' : 'oven'} ${oven.temperatureC} °C`];
  if (burner) return [loads === undefined ? 'hob' : `hob in ${loads} loads`];
  return cold ? [cold] : [];
}

/** The mark of a recipe's step, by its place in the list. */
export function markOf(recipe: Recipe, index: number): string {
  const step = recipe.steps[index]!;
  const { least, likely, most } = step.durationMin;
  const after = followsOf(recipe, index)
    .map((link) => recipe.steps.findIndex(({ id }) => id === link.step) + 1)
    .sort((a, b) => a - b);
  const last = after.at(-1);
  const first = after.slice(0, -1).join(', ');
  const waits = last === undefined ? 'at any time' : `after ${first === '' ? last : `${first} and ${last}`}`;
  return `[${[
    hands[step.hands],
    `${likely} min (${least}–${most})`,
    ...placeOf(step),
    ...(step.coreC === undefined ? [] : [`${step.coreC} °C inside`]),
    ...(step.meantRaw ? [`${step.meantRaw.join(' and ')} on purpose`] : []),
  ].join(', ')}; ${waits}]`;
}

const mark =
  /\s*\[by (?<hands>hand|itself), (?<likely>\d+(?:\.\d+)?) min \((?<least>\d+(?:\.\d+)?)–(?<most>\d+(?:\.\d+)?)\)(?:, (?:(?<heat>oven|grill) (?<ovenC>\d+(?:\.\d+)?) °C|(?<place>hob|fridge|freezer)(?: in (?<loads>\d+) loads)?))?(?:, (?<coreC>\d+(?:\.\d+)?) °C inside)?(?:, (?<meant>raw-[a-z]+(?: and raw-[a-z]+)*) on purpose)?; (?:at any time|after (?<after>[\d, and]+))\]\s*$/;

/** Hazards that may be meant, of these words. */
const meantIn = (words: readonly string[]): NonNullable<Step['meantRaw']> =>
  words.flatMap((word) => {
    const read = v.safeParse(MeantRaw, word);
    return read.success ? [read.output] : [];
  });

const isSound = ({ durationMin, oven, coreC, loads }: StepMark): boolean =>
  v.is(StepSchema.entries.loads, loads) &&
  v.is(DurationMin, durationMin) &&
  durationMin.least <= durationMin.likely &&
  durationMin.likely <= durationMin.most &&
  [oven?.temperatureC, coreC].every((each) => each === undefined || v.is(TemperatureC, each));

/** A step's words and its mark; undefined where none stands behind it, or one of numbers that no recipe can hold. */
export function markedIn(text: string): { readonly text: string; readonly mark: StepMark } | undefined {
  const match = mark.exec(text);
  if (!match) return undefined;
  const said = match.groups!;
  const [least, likely, most] = [Number(said['least']), Number(said['likely']), Number(said['most'])];
  const place = said['place'];
  const found: StepMark = {
    hands: said['hands'] === 'hand' ? 'on' : 'off',
    durationMin: { least, likely, most },
    ...(said['heat'] && { oven: { temperatureC: Number(said['ovenC']), grill: said['heat'] === 'grill' } }),
    burner: place === 'hob',
    ...(said['loads'] && { loads: Number(said['loads']) }),
    ...(place === 'fridge' || place === 'freezer' ? { cold: place } : {}),
    ...(said['coreC'] && { coreC: Number(said['coreC']) }),
    ...(said['meant'] && { meantRaw: meantIn(said['meant'].split(' and ')) }),
    after: (said['after'] ?? '').split(/\D+/).filter(Boolean).map(Number),
  };
  return isSound(found) ? { text: text.slice(0, match.index), mark: found } : undefined;
}

/**
 * One step for every marked paragraph, of what was read in it: its mark says what counts. A paragraph in which nothing was read is a step by its words alone.
 * `texts` and `marks` have one entry for each paragraph.
 */
export function asMarked(
  read: readonly StepReading[],
  texts: readonly string[],
  marks: readonly StepMark[],
  blank: (text: string, index: number) => Step,
): readonly StepReading[] {
  const whole = texts.map((text, index): StepReading => {
    const parts = read.filter(({ paragraph }) => paragraph === index);
    // A name that its words hold, or it would be written in front of them the next time.
    const named = parts.map(({ step }) => step.title).find((title) => text.toLowerCase().includes(title.toLowerCase()));
    const main = parts.findLast(({ step }) => step.hands === marks[index]!.hands) ?? parts.at(-1);
    const base = main?.step ?? blank(text, index);
    const kit = parts.flatMap(({ step }) => step.kit);
    return {
      step: {
        ...base,
        id: parts[0]?.step.id ?? base.id,
        title: named ?? blank(text, index).title,
        text,
        uses: [...new Set(parts.flatMap(({ step }) => step.uses))],
        kit: kit
          .filter((use, at) => kit.findIndex(({ kind, as }) => kind === use.kind && as === use.as) === at)
          .slice(0, 8),
        looseFlour: parts.some(({ step }) => step.looseFlour),
      },
      notes: [],
      guessed: [],
      paragraph: index,
    };
  });
  return whole.map(({ step, ...rest }, index) => ({ ...rest, step: withMark(step, index, marks[index]!, whole) }));
}

function withMark(step: Step, index: number, said: StepMark, all: readonly StepReading[]): Step {
  const { oven, cold: _cold, coreC: _coreC, meantRaw: _meantRaw, loads: _loads, ...rest } = step;
  const idOf = (number: number): StepId | undefined => all[number - 1]?.step.id;
  return {
    ...rest,
    hands: said.hands,
    durationMin: said.durationMin,
    looks: said.hands === 'off' ? step.looks : [],
    burner: said.burner,
    ...(said.oven && { oven: { toleranceC: 10, racks: 1, covered: false, ...oven, ...said.oven } }),
    ...(said.loads !== undefined && { loads: said.loads }),
    ...(said.cold && { cold: said.cold }),
    ...(said.coreC !== undefined && { coreC: said.coreC }),
    ...(said.meantRaw && said.meantRaw.length > 0 && { meantRaw: said.meantRaw }),
    // Only what stands before it: rows may have been moved, and nothing waits in a ring.
    after: said.after.flatMap((number) => {
      const id = number <= index ? idOf(number) : undefined;
      return id === undefined ? [] : [{ step: id, leastMin: 0 }];
    }),
  };
}
