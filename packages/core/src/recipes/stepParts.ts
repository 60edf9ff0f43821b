import * as v from 'valibot';
import { stepWords } from '../reference/index.ts';
import {
  KitKind,
  StepId,
  type KitUse,
  type OvenUse,
  type Step,
  type StepAlternative,
  withLookIds,
} from '../model/index.ts';
import type { Span } from '../reading/index.ts';
import { readTimes, type ReadHeat, type ReadTime } from './timesAndHeats.ts';
import { actives, forms, isPreheat, passiveOf, sentencesOf, titleOf, turnsOven, word } from './wording.ts';

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
const grillWords =
  /\b(?:under (?:the|a) (?:[\p{L}-]+ )?(?:grill|broiler)|broil(?:ed|ing)?|grill(?:ed|ing)? (?:until|for|on))\b/iu;
const noOven = /\b(?:no[- ]bake|microwave|barbecue|griddle)\b/i;
const rhythmless =
  /\b(?:stir|turn|shak|bast|toss|flip|rotat|whisk|skim|check)\w*\b[^.,;]{0,30}?\b(half[- ]?way(?: through)?|occasionally|now and then|from time to time|once or twice|once|frequently|regularly|often|every so often|at intervals)\b/gi;
const rhythmVerb = /\b(?:stir|turn|shak|bast|toss|flip|rotat|whisk|skim|check|brush|fold)\w*\b/i;

export interface Context {
  /** The oven as the text last set it. */
  ovenC: number | undefined;
  /** The vessels last used, which an unnamed "bake" or "simmer" goes on in. */
  ovenVessel: KitUse | undefined;
  burnerVessel: KitUse | undefined;
}

const ovenVessels = new Set<KitKind>(['roasting-tin', 'baking-tray', 'gratin-dish', 'cake-tin', 'skillet']);
const burnerVessels = new Set<KitKind>(['saucepan', 'large-pot', 'frying-pan', 'skillet']);

const intoOvenVessel = new RegExp(
  `\\b(?:in|into|on|onto|on to|to|over)\\s+(?:(?!and\\b|then\\b)[\\p{L}-]+\\s+){0,4}(?:${stepWords.kit
    .filter(({ kind }) => kind !== 'skillet' && ovenVessels.has(v.parse(KitKind, kind)))
    .flatMap(({ words }) => words)
    .join('|')})\\b`,
  'iu',
);

/** Whether a sentence is about filling what goes into the oven. */
export const fillsOvenVessel = (sentence: string): boolean => intoOvenVessel.test(sentence);

/** Whole minutes, at least one, at most three days. */
export const whole = (minutes: number) => Math.min(4320, Math.max(1, Math.round(minutes)));

export function durationOf(
  text: string,
  times: readonly ReadTime[],
  hands: 'on' | 'off',
  passive: ReturnType<typeof passiveOf>,
  notes: StepNote[],
  guessed: ('time' | 'heat')[],
): Step['durationMin'] {
  const own = times.filter((time) => time.use === 'step');
  for (const time of own)
    notes.push({
      what: 'time',
      start: time.start,
      end: time.end,
      words: time.words,
      means: `${whole(time.least)} to ${whole(time.most)} minutes${time.open ? ', or longer' : ''}`,
    });
  // "1 hour (60 minutes)" says one thing twice; "5 minutes, then 2 minutes more" are two.
  const counted = own
    .filter((time, i) => i === 0 || !/^[^.;]{0,40}\bor\b[^.;]{0,30}$/i.test(text.slice(own[i - 1]!.end, time.start)))
    .filter(
      (time, i, own) =>
        i === 0 ||
        !(/\(\s*$/.test(text.slice(own[i - 1]!.end, time.start)) && Math.abs(time.likely - own[i - 1]!.likely) <= 1),
    );
  if (counted.length > 0) {
    const sum = (pick: (time: ReadTime) => number) => counted.reduce((total, time) => total + pick(time), 0);
    const likely = whole(sum((time) => time.likely));
    return {
      least: Math.min(likely, whole(sum((time) => time.least))),
      likely,
      most: Math.max(likely, whole(sum((time) => time.most))),
    };
  }
  guessed.push('time');
  if (hands === 'off' && passive) return { least: passive.usual[0], likely: passive.usual[1], most: passive.usual[2] };
  const work = actives.filter((each) => each.pattern.test(text)).map((each) => each.usual);
  if (work.length === 0) return { least: 2, likely: 4, most: 8 };
  const total = (i: 0 | 1 | 2) =>
    Math.min(
      45,
      work.reduce((sum, each) => sum + each[i], 0),
    );
  return { least: total(0), likely: total(1), most: total(2) };
}

export function kitOf(
  text: string,
  heat: 'oven' | 'burner' | undefined,
  context: Context,
  notes: StepNote[],
): KitUse[] {
  const uses: KitUse[] = [];
  let rest = text;
  const add = (kind: KitKind, as?: string) => {
    if (!uses.some((use) => use.kind === kind && use.as === as)) uses.push(as ? { kind, as } : { kind });
  };
  for (const { kind, name, pattern } of kitWords) {
    const match = pattern.exec(rest);
    if (!match) continue;
    // A bare "pan" is the tin it was baked in, where nothing is on the hob.
    if (name === 'pan' && heat !== 'burner' && context.ovenVessel) {
      add(context.ovenVessel.kind, context.ovenVessel.as);
      rest = rest.slice(0, match.index) + ' '.repeat(match[0].length) + rest.slice(match.index + match[0].length);
      continue;
    }
    const own = /(large|small|medium|clean|separate|second|another|heatproof|wide|deep)\s+(?:[\p{L}-]+\s+)?$/iu
      .exec(rest.slice(Math.max(0, match.index - 24), match.index))?.[1]
      ?.toLowerCase();
    add(kind, vessels.has(kind) ? (own ? `${own}-${kind}` : kind) : undefined);
    notes.push({
      what: 'kit',
      start: match.index,
      end: match.index + match[0].length,
      words: match[0],
      means: kind.replace('-', ' '),
    });
    rest = rest.slice(0, match.index) + ' '.repeat(match[0].length) + rest.slice(match.index + match[0].length);
  }
  // An unnamed vessel is the one that was used last, before it is a new one.
  if (heat === 'oven' && context.ovenVessel && !uses.some((use) => ovenVessels.has(use.kind)))
    uses.push(context.ovenVessel);
  const goesOn =
    heat === 'burner' &&
    context.burnerVessel &&
    !/\b(?:in|into) an?(?:other)? /i.test(text) &&
    !/\b(?:boil|cook) the (?:pasta|rice|potato|noodle|egg)/i.test(text);
  if (goesOn && !uses.some((use) => burnerVessels.has(use.kind))) uses.push(context.burnerVessel!);
  const hasVessel = () => uses.some((use) => vessels.has(use.kind) && use.kind !== 'bowl');
  for (const { kind, pattern } of kitVerbs) {
    if (!pattern.test(workFor(kind, text))) continue;
    // A pan that is named is the pan for it; a tray is only meant where something bakes.
    if (vessels.has(kind) && (kind === 'bowl' ? uses.some((use) => vessels.has(use.kind)) : hasVessel())) continue;
    if ((kind === 'roasting-tin' || kind === 'baking-tray') && heat !== 'oven') continue;
    if (['saucepan', 'large-pot', 'frying-pan'].includes(kind) && heat !== 'burner') continue;
    add(kind, vessels.has(kind) ? kind : undefined);
  }
  context.ovenVessel = uses.find((use) => ovenVessels.has(use.kind)) ?? context.ovenVessel;
  if (heat === 'burner') context.burnerVessel = uses.find((use) => burnerVessels.has(use.kind)) ?? context.burnerVessel;
  return uses.slice(0, 8);
}

export function looksFrom(
  text: string,
  likelyMin: number,
  times: readonly ReadTime[],
  notes: StepNote[],
): Step['looks'] {
  const moments = new Map<number, string>();
  const put = (atMin: number, what: string) => {
    const at = Math.round(atMin);
    if (at > 0 && at < likelyMin) moments.set(at, what.slice(0, 80));
  };
  const clause = (start: number) => /[\p{L}][^.,;]*$/u.exec(text.slice(Math.max(0, start - 60), start))?.[0] ?? '';
  for (const time of times) {
    if (time.use === 'rhythm') {
      const what = `${rhythmVerb.exec(clause(time.start))?.[0] ?? 'look'} every ${time.words.replace(/^every\s+/i, '')}`;
      for (let at = time.likely; at < likelyMin && moments.size < 12; at += Math.max(2, time.likely)) put(at, what);
      notes.push({ what: 'look', start: time.start, end: time.end, words: time.words, means: what });
    } else if (time.use === 'moment' && rhythmVerb.test(text.slice(Math.max(0, time.start - 50), time.end + 40))) {
      put(time.likely, `${rhythmVerb.exec(text.slice(Math.max(0, time.start - 50), time.end + 40))![0]} ${time.words}`);
      notes.push({
        what: 'look',
        start: time.start,
        end: time.end,
        words: time.words,
        means: `come after ${whole(time.likely)} minutes`,
      });
    }
  }
  for (const match of text.matchAll(rhythmless)) {
    const often = match[1]!.toLowerCase();
    const each = /half|once$/.test(often)
      ? likelyMin / 2
      : /frequent|regular|often/.test(often)
        ? Math.max(3, likelyMin / 8)
        : Math.max(5, likelyMin / 4);
    for (let at = each; at < likelyMin - 1 && moments.size < 12; at += each) put(at, match[0]);
    notes.push({
      what: 'look',
      start: match.index,
      end: match.index + match[0].length,
      words: match[0],
      means: /half|once$/.test(often) ? 'come half-way' : `come about every ${whole(each)} minutes`,
    });
  }
  return withLookIds([...moments].sort(([a], [b]) => a - b).map(([atMin, what]) => ({ atMin, takesMin: 1, what })));
}

/** "Soak overnight, or boil for 15 minutes": the second way to do it. */
export function alternativesOf(
  text: string,
  times: readonly ReadTime[],
  id: string,
  notes: StepNote[],
): StepAlternative[] {
  const match =
    /\b(?:soak|chill|marinate|rest|prove|stand)\b[^.;]*?,?\s+or(?: else)?\s+(?:alternatively\s+)?((?:boil|simmer|cook|microwave|steam|pour boiling water)[^.;]*)/i.exec(
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

export function ovenOf(
  text: string,
  heats: readonly ReadHeat[],
  passive: ReturnType<typeof passiveOf>,
  context: Context,
  guessed: ('time' | 'heat')[],
  notes: StepNote[],
): OvenUse | undefined {
  const oven = heats.filter((each) => !each.core);
  for (const each of oven)
    notes.push({
      what: 'heat',
      start: each.start,
      end: each.end,
      words: each.words,
      means: `${each.celsius} °C${each.doubt ? `: ${each.doubt}` : ''}`,
    });
  const set = oven.at(-1)?.celsius;
  const grill = grillWords.test(text) && !/\bgrill pan\b/i.test(text);
  const turned = turnsOven.test(text);
  if (set !== undefined && (sentencesOf(text).some((sentence) => isPreheat(sentence.text)) || turned))
    context.ovenC = Math.min(320, set);
  const bakes =
    (passive?.heat === 'oven' || /\bin(?:to)? (?:the|a|your) (?:[\p{L}-]+ )?oven\b/iu.test(text)) && !noOven.test(text);
  if (!bakes && !grill) return undefined;
  const given = grill ? set : (set ?? context.ovenC);
  if (given === undefined) guessed.push('heat');
  const celsius = Math.min(320, given ?? (grill ? 240 : 180));
  if (!grill && set !== undefined) context.ovenC = celsius;
  const covered =
    /\b(?:cover(?:ed)?(?! with water)|with (?:the |a )?lid|foil)\b/i.test(text) &&
    !/\b(?:uncover|remove the (?:foil|lid|cover)|take off the|without (?:the )?(?:lid|foil))/i.test(text);
  return { temperatureC: celsius, toleranceC: 10, racks: 1, covered, grill };
}
