import { rules, stepWords } from '../reference/index.ts';
import { numberOf, numberSource, digitsSource } from '../quantities/index.ts';
import { remembering, type Span } from '../reading/index.ts';

export interface ReadTime extends Span {
  readonly words: string;
  /** Minutes, fractions allowed; the reader of a step rounds them. */
  readonly least: number;
  readonly likely: number;
  readonly most: number;
  /** "At least an hour": it may go on longer. */
  readonly open: boolean;
  /** What it times: the step, a moment inside it ("after 10 minutes"), a rhythm ("every 20 minutes"), or how long something keeps. */
  readonly use: 'step' | 'moment' | 'rhythm' | 'keeps';
}

const unitMinutes = (unit: string): number =>
  /^s/i.test(unit) ? 1 / 60 : /^m/i.test(unit) ? 1 : /^h/i.test(unit) ? 60 : /^d/i.test(unit) ? 1440 : 10_080;
const unitSource = String.raw`(?:seconds?|secs?|minutes?|mins?|hours?|hrs?|h|days?|weeks?|months?)`;
const figure = new RegExp(
  String.raw`(?<![\p{L}\p{N}])(?:(?<open>at least|a minimum of|minimum of|min\.)\s+)?(?:(?<before>about|around|approx(?:imately)?\.?|roughly|up to|after|every|another|a further|further|for)\s+)*(?<low>${numberSource})(?:\s?(?:-|–|—|to|or)\s?(?<high>${digitsSource}|(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|sixteen|eighteen|twenty(?:[- ](?:four|five))?|thirty(?:[- ]five)?|forty(?:[- ]five)?|fifty|sixty|ninety)(?![\p{L}])))?(?:[\s-]+(?:more|extra|further))?[\s-]?(?<unit>${unitSource})(?![\p{L}])(?<half>\s+and\s+a\s+half|\s+and\s+a\s+quarter)?(?:\s*(?:and\s+)?(?<more>\d{1,2})\s?(?:(?<moreUnit>minutes?|mins?|m)(?![\p{L}])|(?<=\bh(?:ours?|rs?)? ?\d\d)(?![\p{L}\d.,°]|\s?(?:°|[CFg]\b|ml|kg))))?(?<sides>\s*(?:on\s+each\s+side|per\s+side|each\s+side|a\s+side|on\s+both\s+sides|either\s+side)|\s?\/\s?side)?`,
  'giu',
);
const spoken: readonly { readonly pattern: RegExp; readonly minutes: readonly [number, number, number] }[] = [
  { pattern: /\bovernight\b/gi, minutes: [480, 600, 960] },
  { pattern: /\ba few minutes\b/gi, minutes: [2, 3, 5] },
  { pattern: /\b(?:a couple of minutes|a minute or two|a minute or so)\b/gi, minutes: [1, 2, 3] },
  { pattern: /\b(?:several|some) minutes\b/gi, minutes: [3, 5, 8] },
  { pattern: /\ba few (?:seconds|moments)\b/gi, minutes: [1, 1, 1] },
  { pattern: /\b(?:a few|several) hours\b/gi, minutes: [120, 180, 300] },
  // "Adding the peas for the last minute", "garlic in for the last couple".
  { pattern: /(?<=\b(?:for|in|during) the (?:last|final|first) )minute\b/gi, minutes: [1, 1, 1] },
  { pattern: /(?<=\bfor the (?:last|final|first) )(?:couple|few)(?=\W*(?:[.,;]|$))/gi, minutes: [2, 2, 3] },
];
/** A single figure is meant with some leeway: a recipe's "20 minutes" is 20 in that cook's kitchen. @source kitchen practice */
const leeway = { early: 0.9, late: 1.25 };

const goesOnLonger =
  /^,?\s*(?:or (?:more|longer|overnight|up to)|(?:preferably|ideally|better|even) (?:still )?overnight|minimum|at least)/i;

/** "One hour and a half", "1 hour 20 minutes". */
function extraMinutes(groups: Readonly<Record<string, string | undefined>>, unit: number): number {
  const half = groups['half'];
  const part = half?.includes('quarter') ? 0.25 : 0.5;
  const share = half === undefined ? 0 : part;
  return share * unit + (groups['more'] && unit === 60 ? Number(groups['more']) : 0);
}

/** All times in a text, in order. What is said twice ("1 hour (60 minutes)") is two entries; the reader of a step decides. */
export const readTimes = remembering(timesIn);

function timesIn(text: string): readonly ReadTime[] {
  const found: ReadTime[] = [];
  if (
    !/sec|min|hour|hr|\d\s?h\b|day|week|month|overnight|moments|couple|few|@|\bat \d|(?:roast|bake|simmer|grill|boil|steam)\b[^.;]*\d/i.test(
      text,
    )
  )
    return found;
  for (const match of text.matchAll(figure)) {
    const groups = match.groups!;
    const unit = unitMinutes(groups['unit']!);
    const low = numberOf(groups['low']!);
    const high = groups['high'] === undefined ? undefined : numberOf(groups['high']);
    // "2 minutes less than the packet says" is no time of its own.
    const isLess =
      /^\s*(?:less|fewer|shorter)\b/i.test(text.slice(match.index + match[0].length)) ||
      // "Turning it once a day."
      /\b(?:once|twice|times)\s*$/i.test(text.slice(0, match.index));
    if (!Number.isFinite(low) || low <= 0 || isLess) continue;
    const sides = groups['sides'] ? 2 : 1;
    const extra = extraMinutes(groups, unit);
    const from = (Math.min(low, high ?? low) * unit + extra) * sides;
    const to = (Math.max(low, high ?? low) * unit + extra) * sides;
    const before = text.slice(Math.max(0, match.index - 30), match.index) + match[0];
    const after = text.slice(match.index + match[0].length, match.index + match[0].length + 40);
    const open = groups['open'] !== undefined || goesOnLonger.test(after);
    const exact = high !== undefined || open;
    const opening = open ? Math.max(from * 1.5, /overnight/i.test(after) ? 720 : 0) : to;
    found.push({
      start: match.index,
      end: match.index + match[0].length,
      words: match[0].trim(),
      open,
      least: exact ? from : from * leeway.early,
      likely: high !== undefined ? (from + to) / 2 : from,
      most: open ? opening : high !== undefined ? to : to * leeway.late,
      use: useOf(groups['before'] ?? '', before, after),
    });
  }
  joinRanges(text, found);
  for (const {
    pattern,
    minutes: [least, likely, most],
  } of spoken) {
    for (const match of text.matchAll(pattern)) {
      // "2 hours or overnight": the hours stand, and it may be longer.
      if (found.some((each) => each.open && match.index - each.end < 24 && match.index >= each.start)) continue;
      // "Overnight, 8 to 12 hours" is said twice.
      if (
        found.some(
          (each) =>
            (each.start >= match.index && each.start - match.index - match[0].length < 4) ||
            (each.end <= match.index && match.index - each.end < 4),
        )
      )
        continue;
      found.push({
        start: match.index,
        end: match.index + match[0].length,
        words: match[0],
        least,
        likely,
        most,
        open: false,
        use: useOf(
          '',
          text.slice(Math.max(0, match.index - 30), match.index),
          text.slice(match.index + match[0].length, match.index + match[0].length + 40),
        ),
      });
    }
  }
  return withBareFigures(text, withCookedFor(text, found)).sort((a, b) => a.start - b.start);
}

/** "50 minutes to 1 hour" is one range, and no sum. */
function joinRanges(text: string, found: ReadTime[]): void {
  for (let at = found.length - 1; at > 0; at--) {
    const [low, high] = [found[at - 1]!, found[at]!];
    // "At least 30 minutes, up to 24 hours".
    if (
      /^up to\b/i.test(high.words) &&
      high.likely > low.likely &&
      /^\s*(?:,|\()?\s*(?:or|and)?\s*$/i.test(text.slice(low.end, high.start))
    ) {
      const words = text.slice(low.start, high.end).trim();
      found.splice(at - 1, 2, { ...low, end: high.end, words, open: true, least: low.likely, most: high.likely });
      continue;
    }
    if (!/^\s*(?:-|–|—|to|or)\s*$/i.test(text.slice(low.end, high.start)) || high.likely <= low.likely) continue;
    const [from, to] = [low.likely, high.likely];
    found.splice(at - 1, 2, {
      ...low,
      end: high.end,
      words: text.slice(low.start, high.end).trim(),
      open: false,
      least: from,
      likely: (from + to) / 2,
      most: to,
      use: high.use === 'step' ? low.use : high.use,
    });
  }
}

const bareFigure =
  /\b(?<lead>give (?:it|them|that)|for the last|for the first|the last|after|another|a further|for)\s+(?:about |the )?(?<low>\d{1,2})(?:\s?(?:-|–|to)\s?(?<high>\d{1,2}))?(?=\s*(?:[.,;)]|$|and\b|until\b|till\b|more\b|or so\b))/gi;

/** "Roast 30", "roast another 10", "at 170 for 8–10": what cooks is timed in minutes where nobody says in what. */
const cookedFor =
  /(?:\b(?:roast|bake|simmer|grill|boil|steam)(?: it| them)?(?: for)?(?: another| a further| about)?|(?:@|\bat)\s?\d{3}\s?°?\s?[CF]?,?(?: for)?)\s+(?<low>\d{1,2})(?:\s?(?:-|–|to)\s?(?<high>\d{1,2}))?(?=\s*(?:[.,;)]|$|until\b|till?\b|more\b|or so\b))/giu;

const withCookedFor = (text: string, found: readonly ReadTime[]): readonly ReadTime[] => [
  ...found,
  ...[...text.matchAll(cookedFor)].flatMap((match): readonly ReadTime[] => {
    const { low: lowWords, high: highWords } = match.groups!;
    const words = match[0].slice(match[0].lastIndexOf(lowWords!, match[0].length - (highWords?.length ?? 0)));
    const end = match.index + match[0].length;
    const low = Number(lowWords);
    const high = highWords === undefined ? low : Number(highWords);
    if (low === 0 || found.some((each) => each.start < end && each.end > match.index)) return [];
    return [
      {
        start: end - words.length,
        end,
        words,
        open: false,
        least: low === high ? low * leeway.early : low,
        likely: (low + high) / 2,
        most: low === high ? low * leeway.late : high,
        use: 'step',
      },
    ];
  }),
];

/** "For 8 minutes and the carrots for 3", "turning after 8": a figure without a unit is of the unit that was said before. */
function withBareFigures(text: string, found: readonly ReadTime[]): ReadTime[] {
  const all = [...found];
  for (const match of text.matchAll(bareFigure)) {
    const end = match.index + match[0].length;
    const said = found.findLast((each) => each.end <= match.index);
    const unit = /min/i.test(said?.words ?? '') ? 1 : /hour|hr/i.test(said?.words ?? '') ? 60 : 0;
    if (!said || unit === 0 || found.some((each) => each.start < end && each.end > match.index)) continue;
    const low = Number(match.groups!['low']) * unit;
    const high = match.groups!['high'] === undefined ? low : Number(match.groups!['high']) * unit;
    const lead = match.groups!['lead']!.toLowerCase();
    all.push({
      start: match.index,
      end,
      words: match[0],
      open: false,
      least: low === high ? low * leeway.early : low,
      likely: (low + high) / 2,
      most: low === high ? low * leeway.late : high,
      use: /last|first|after/.test(lead) ? 'moment' : 'step',
    });
  }
  return all;
}

function useOf(lead: string, before: string, after: string): ReadTime['use'] {
  if (
    /\beach\s+(?:hour|half hour)\b/i.test(before) ||
    /\bevery\s*$/i.test(lead) ||
    /\bevery\s+[\w½]+\s*\w*$/i.test(before)
  )
    return 'rhythm';
  if (
    /\b(?:keeps?|kept|stored?|made|prepared|cooked|ready)\b[^.]{0,24}$/i.test(before) &&
    /^\s*(?:in advance|ahead|in (?:the|an?)|at room|before|$|\.|,)/i.test(after) &&
    !/\bfor\s+\S+\s+\S+$/.test(before)
  )
    return 'keeps';
  if (/^\s*(?:to go|left|from the end|before the end)\b/i.test(after)) return 'moment';
  if (/^\s*before (?!serving|the (?:meal|end)|you)/i.test(after) && !/\bfor\s+(?:\w+\s+)?[\w½¼¾]+\s*\w*$/i.test(before))
    return 'moment';
  if (/^\s*(?:in advance|ahead|beforehand|before (?:serving|the (?:meal|end))|before you)/i.test(after)) return 'keeps';
  if (/\b(?:keeps?|will keep|can be (?:kept|stored|frozen)|stores?)\b[^.]{0,40}$/i.test(before)) return 'keeps';
  if (
    /\bafter\s*$/i.test(lead) ||
    /\bafter (?:about |the first |around )?[\w½]+\s*\w*$/i.test(before) ||
    /\b(?:for the|in the|during the) (?:last|final|first)\b[^.]*$/i.test(before)
  )
    return 'moment';
  return 'step';
}

export interface ReadHeat extends Span {
  readonly words: string;
  readonly celsius: number;
  /** How it was said. */
  /** `called`: a hot oven, with no figure. */
  readonly scale: 'C' | 'F' | 'gas' | 'unsaid' | 'called';
  /** What the food's middle reaches, not the oven. */
  readonly core: boolean;
  /** It was turned from °F, from a gas mark or from a fan oven's figure. */
  readonly doubt?: string | undefined;
}

const heat =
  /(?<![\d.,])(?<figure>\d{2,3})(?:\s?[-–]\s?\d{2,3})?\s?(?:(?<degree>°|º|˚|degrees?|deg\.?)\s?)?(?<scale>c(?:elsius|entigrade)?|f(?:ahrenheit)?)?(?![\p{L}\d])(?<fan>\s?\(?fan\)?(?![\s:]*\d))?|gas\s?(?:mark)?\s?(?<gas>\d{1,2}|½|¼)|fan\s?(?<fanFigure>\d{3})\s?(?:°|º)?\s?c?(?![\p{L}\d])/giu;
const coreWords =
  /\b(?:internal|core|inside|thermometer|probe|thickest|in the (?:middle|centre|center)|instant[- ]read|cooked through|juices run clear|temperature of the (?:meat|bird|fish|custard))\b/i;
/** What a sentence says before a figure that food is to reach. */
const reaches =
  /\b(?:until|till?|reach(?:es|ed|ing)?)\b[^.;]*$|\b(?:simmer|grill|fry|cook|barbecue|sear|poach|roast|bake)\b[^.;]*\bto\s*$/i;
/** What else is brought to a heat of under a hundred. */
const notFood = /\b(?:oven|water|oil|syrup|stock|milk|yeast|cools?|cooled|room|fridge|keep warm|plates?)\b/i;
/** Inside food that is done: between these, in °C. */
const done = { leastC: 54, mostC: 99 } as const;
const isReachedByFood = (before: string): boolean => {
  const said = reaches.exec(before)?.[0];
  if (said === undefined) return false;
  // "Warm the milk until it reaches …": what it is stands before.
  const about = /\bit\b/i.test(said) ? before.slice(before.search(/[^.;]*$/)) : said;
  return !notFood.test(about);
};
const isDoneAt = (celsius: number): boolean => celsius >= done.leastC && celsius <= done.mostC;

/** "Into a loaf tin, 175 for an hour": nothing else is that hot, and that long. */
const isOvenByTin = (text: string, { index, 0: words }: RegExpExecArray): boolean =>
  /\b(?:tins?|trays?|sheets?|dish)\b[,;]?\s*$/i.test(text.slice(0, index)) &&
  /^\s*(?:for )?(?:about |around )?(?:an?|\d|one|two)[\s\d–-]*(?:min|hour|hr)/i.test(text.slice(index + words.length));

/** "The oven at two hundred", "at one eighty". */
const spokenHeat =
  /\b(?:oven|goes? in|going in|down|up)\b[^.;]{0,20}?\b(?:at|to|on|about)\s+(?<hundred>a hundred|one hundred|two hundred|one|two)(?:\s+and)?(?:[\s-]+(?<tens>ten|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\b|(?<=hundred)\b)/giu;

export const toCelsius = (fahrenheit: number): number => Math.round(((fahrenheit - 32) * 5) / 9);

type FoundHeat = ReadHeat & { readonly fan: boolean };

/** "A hundred and eighty". */
const spokenHeats = (text: string): readonly FoundHeat[] =>
  [...text.matchAll(spokenHeat)].map((match) => {
    const { hundred, tens } = match.groups!;
    const at = match[0].indexOf(hundred!);
    return {
      start: match.index + at,
      end: match.index + match[0].length,
      words: match[0].slice(at),
      celsius: (/^(?:a|one)/i.test(hundred!) ? 100 : 200) + (tens ? numberOf(tens) : 0),
      scale: 'unsaid',
      core: false,
      fan: false,
      doubt: 'taken for °C; the recipe does not say',
    };
  });

/** The same heat said on several scales is one. */
function onceEach(text: string, found: readonly FoundHeat[]): readonly ReadHeat[] {
  // Of one heat said several ways the plain °C counts, then °F, then what must be turned into it.
  const kept: ReadHeat[] = [];
  for (const { fan: _fan, ...each } of found) {
    const before = kept[kept.length - 1];
    const same =
      before &&
      before.core === each.core &&
      /^[\s/,;()|or.]*(?:fan|conventional)?[\s/,;()|:]*$/i.test(text.slice(before.end, each.start));
    const better = (one: ReadHeat) => (one.scale === 'C' && !one.doubt ? 0 : one.scale === 'F' ? 1 : 2);
    if (!same) kept.push(each);
    else
      kept[kept.length - 1] = {
        ...(better(each) < better(before) ? each : before),
        start: before.start,
        end: each.end,
        words: text.slice(before.start, each.end),
      };
  }
  return kept;
}

const ovenCalled = new RegExp(
  `\\b(?<called>${stepWords.ovenWords.map(([words]) => words).join('|')})\\s+oven\\b`,
  'giu',
);
/** What the oven is set to by a clause, in °C, where it was at `nowC`: "the hot oven" is no new heat of one that is on, unless it only keeps warm. */
export function ovenSetBy(text: string, heats: readonly ReadHeat[], nowC: number | undefined): number | undefined {
  const heat = heats.find(({ core }) => !core);
  return heat?.scale === 'called' && nowC !== undefined && !keepsWarm.test(text) ? nowC : heat?.celsius;
}

const keepsWarm = /\b(?:keep|kept|hold)\b[^.;]*\bwarm\b/i;

/** "A hot oven", where no figure says how hot. What only keeps warm there must not cook on. */
const calledHeats = (text: string): readonly FoundHeat[] =>
  [...text.matchAll(ovenCalled)].map((match) => {
    const called = match.groups!['called']!.toLowerCase();
    const celsius = keepsWarm.test(text)
      ? rules.keepWarmOvenC
      : stepWords.ovenWords.find(([words]) => words === called)![1];
    return {
      start: match.index,
      end: match.index + match[0].length,
      words: match[0],
      celsius,
      scale: 'called',
      core: false,
      fan: false,
      doubt: `a ${called} oven is about ${celsius} °C`,
    };
  });

/** All temperatures in a text, in °C. The same heat said on several scales ("180 °C/160 °C fan/gas 4") is one. */
export const readHeats = remembering(heatsIn);

function heatsIn(text: string): readonly ReadHeat[] {
  const found: FoundHeat[] = [];
  if (!/\d\d|gas|oven|\b(?:one|two|hundred)\b/i.test(text)) return found;
  for (const match of text.matchAll(heat)) {
    const groups = match.groups!;
    const span = { start: match.index, end: match.index + match[0].trimEnd().length, words: match[0].trim() };
    const around = text.slice(Math.max(0, match.index - 70), span.end + 40);
    const core = coreWords.test(around) && !/oven/i.test(text.slice(Math.max(0, match.index - 25), match.index));
    if (groups['gas']) {
      const mark = groups['gas'] === '½' ? 0.5 : groups['gas'] === '¼' ? 0.25 : Number(groups['gas']);
      const row = stepWords.gasMarks.find(([each]) => each === mark);
      if (row)
        found.push({
          ...span,
          celsius: row[1],
          scale: 'gas',
          core: false,
          fan: false,
          doubt: `gas mark ${groups['gas']} is about ${row[1]} °C`,
        });
      continue;
    }
    if (groups['fanFigure']) {
      found.push({
        ...span,
        celsius: Number(groups['fanFigure']) + rules.fanCoolerC,
        scale: 'C',
        core: false,
        fan: true,
        doubt: `${groups['fanFigure']} °C in a fan oven is about ${Number(groups['fanFigure']) + rules.fanCoolerC} °C without`,
      });
      continue;
    }
    const value = Number(groups['figure']);
    // No food's middle is hotter than boiling; a figure above is the oven's, whatever stands near.
    const isReached = isReachedByFood(text.slice(Math.max(0, match.index - 90), match.index));
    const isCore = (celsius: number) => (core && celsius <= 100) || (isReached && isDoneAt(celsius));
    const scale = groups['scale']?.[0]?.toUpperCase() as 'C' | 'F' | undefined;
    // A bare number is a heat only where it is called degrees or an oven is set to it.
    if (
      !scale &&
      !groups['degree'] &&
      groups['fan'] === undefined &&
      !/\b(?:oven|heat|bake|roast)\b[^.]{0,30}\b(?:to|at)\s*$|\boven['’]?s?,?\s+\(?(?:at |to |on |up |down |about |around |say )*$|@\s*$|\b(?:bake|roast)d?(?: it| them| everything)?\s+$|\b(?:go(?:es)?|going|went) in(?:to the oven)? at\s*$|\b(?:min(?:ute)?s?|hours?|hrs?|h)\b at\s*$|\bturn(?:ed)? (?:it |the (?:oven|heat) )?(?:down|up) to\s*$/i.test(
        text.slice(Math.max(0, match.index - 45), match.index),
      ) &&
      !isOvenByTin(text, match)
    )
      continue;
    if (!scale && (value < 100 || /^\s?(?:g|kg|ml|cl|cm|mm|l|oz|lb)\b/i.test(text.slice(span.end)))) continue;
    const fan = groups['fan'] !== undefined;
    if (scale === 'F')
      found.push({ ...span, celsius: toCelsius(value), scale, core: isCore(toCelsius(value)), fan: false });
    else if (scale === 'C')
      found.push({
        ...span,
        celsius: fan ? value + rules.fanCoolerC : value,
        scale,
        core: isCore(value),
        fan,
        doubt: fan ? `${value} °C in a fan oven is about ${value + rules.fanCoolerC} °C without` : undefined,
      });
    else if (value > 260)
      found.push({
        ...span,
        celsius: toCelsius(value),
        scale: 'unsaid',
        core: isCore(toCelsius(value)),
        fan: false,
        doubt: `${value} can only be °F`,
      });
    else
      found.push({
        ...span,
        celsius: fan ? value + rules.fanCoolerC : value,
        scale: 'unsaid',
        core: isCore(value),
        fan,
        doubt: `taken for °C; the recipe does not say`,
      });
  }
  found.push(...spokenHeats(text));
  if (found.every(({ core }) => core)) found.push(...calledHeats(text));
  found.sort((a, b) => a.start - b.start);
  return onceEach(text, found);
}
