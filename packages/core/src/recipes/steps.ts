import * as v from 'valibot';
import { foodOf, stepWords } from '../reference/index.ts';
import { KitKind, StepId, type KitUse, type LineId, type OvenUse, type Step, type StepAlternative } from '../model/index.ts';
import type { Span } from '../reading/index.ts';
import { readHeats, readTimes, type ReadHeat, type ReadTime } from './timesAndHeats.ts';
import { finderOf, type KnownLine } from './uses.ts';

/** Something that was read in a step's text, to be confirmed or corrected. */
export interface StepNote extends Span {
  readonly what: 'time' | 'heat' | 'core' | 'kit' | 'attention' | 'sign' | 'uses' | 'cover' | 'split' | 'alternative' | 'keeps' | 'not understood';
  readonly words: string;
  /** What it was taken to mean. */
  readonly means: string;
}

export interface StepReading {
  readonly step: Step;
  /** The paragraph it comes from, and where in it the step stands. */
  readonly paragraph: number;
  readonly start: number;
  readonly end: number;
  /** Places are in the step's own text. */
  readonly notes: readonly StepNote[];
  /** What the text does not say and was guessed: to be looked at first. */
  readonly guessed: readonly ('time' | 'heat')[];
}

interface Sentence extends Span {
  readonly text: string;
}

/** Sentences with their places. A full stop inside a number or after a short form ends none. */
export function sentencesOf(text: string): readonly Sentence[] {
  const found: Sentence[] = [];
  let from = 0;
  const push = (end: number) => {
    const raw = text.slice(from, end);
    const trimmed = raw.trim();
    if (trimmed !== '') found.push({ text: trimmed, start: from + raw.indexOf(trimmed), end: from + raw.indexOf(trimmed) + trimmed.length });
    from = end;
  };
  for (const match of text.matchAll(/[.!?;]+(?=\s|$)|\n+/g)) {
    const before = text.slice(Math.max(from, match.index - 8), match.index);
    if (match[0] === '.' && /\b(?:approx|mins?|hrs?|secs?|tbsp|tsp|oz|lb|no|deg|fl|temp|e\.g|i\.e|ca)$/i.test(before) && !/^\s+\p{Lu}/u.test(text.slice(match.index + 1, match.index + 4))) continue;
    push(match.index + match[0].length);
  }
  push(text.length);
  return found;
}

const forms = (verb: string): string => {
  const stem = verb.replace(/e$/, '');
  const twice = /[^aeiou][aeiou][bdgmnprt]$/.test(verb) ? `${verb.at(-1)!}?` : '';
  return String.raw`(?:${verb}(?:s|d|ed)?|${stem}${twice}(?:ing|ed)|${verb.endsWith('y') ? verb.slice(0, -1) + 'ie[sd]' : stem + 'ed'})`;
};
const word = (source: string, flags = 'iu') => new RegExp(String.raw`(?<![\p{L}-])(?:${source})(?![\p{L}])`, flags);
/** "Before roasting" says when, "baking dish" says what in: neither is the work itself. */
const notWork = String.raw`(?<!(?:before|after|for|ready to) )`;
const noThing = String.raw`(?!(?:-| )(?:tray|tin|sheet|dish|pan|powder|soda|paper|parchment|beans?|potato|stone|water|juices?|time))`;
const work = (verb: string) => `${notWork}${forms(verb)}${noThing}`;
const passives = stepWords.passive.map((each) => ({ ...each, pattern: word(work(each.verb)) }));
const actives = stepWords.activeUsual.map((each) => ({ ...each, pattern: word(forms(each.verb)) }));
const burnerPattern = word(stepWords.burner.map((each) => (/ /.test(each) ? each : forms(each))).join('|'));
const busyPattern = word(stepWords.busy.join('|'));
const kitWords = stepWords.kit.flatMap(({ kind, words }) => words.map((name) => ({ kind: v.parse(KitKind, kind), name, pattern: word(`${name}(?:s|es)?`) }))).sort((a, b) => b.name.length - a.name.length);
const kitVerbs = stepWords.kit.filter(({ verbs }) => verbs.length > 0).map(({ kind, verbs }) => ({ kind: v.parse(KitKind, kind), pattern: word(verbs.map(forms).join('|')) }));
const vessels = new Set<KitKind>(['bowl', 'saucepan', 'large-pot', 'frying-pan', 'skillet', 'roasting-tin', 'baking-tray', 'gratin-dish', 'cake-tin']);
const preheats = /^(?:(?:first|meanwhile|while[^,]*),?\s+)?(?:pre-?\s?heat|heat|turn on|set|turn|have)\s+(?:the |your |an? )?(?:[\p{L}]+ )?oven\b|\bpre-?\s?heat(?:ing)? (?:the |your |an? )?(?:[\p{L}]+ )?oven\b/iu;
const turnsOven = /\b(?:turn|reduce|lower|raise|increase|bring)\b[^.]{0,30}\b(?:oven|heat|temperature)\b[^.]{0,20}\b(?:to|down|up)\b/i;
/** Only sets the oven; turning it up for the last minutes is a part of the bake. */
const isPreheat = (text: string): boolean => preheats.test(text) && !(turnsOven.test(text) && readTimes(text).length > 0);
const grillWords = /\b(?:under (?:the|a) (?:[\p{L}-]+ )?(?:grill|broiler)|broil(?:ed|ing)?|grill(?:ed|ing)? (?:until|for|on))\b/iu;
const noOven = /\b(?:no[- ]bake|microwave|blind|barbecue|griddle)\b/i;
const rhythmless = /\b(?:stir|turn|shak|bast|toss|flip|rotat|whisk|skim|check)\w*\b[^.,;]{0,30}?\b(half[- ]?way(?: through)?|occasionally|now and then|from time to time|once or twice|once|frequently|regularly|often|every so often|at intervals)\b/gi;
const rhythmVerb = /\b(?:stir|turn|shak|bast|toss|flip|rotat|whisk|skim|check|brush|fold)\w*\b/i;

interface Context {
  /** The oven as the text last set it. */
  ovenC: number | undefined;
  /** The vessels last used, which an unnamed "bake" or "simmer" goes on in. */
  ovenVessel: KitUse | undefined;
  burnerVessel: KitUse | undefined;
}

const ovenVessels = new Set<KitKind>(['roasting-tin', 'baking-tray', 'gratin-dish', 'cake-tin', 'skillet']);
const burnerVessels = new Set<KitKind>(['saucepan', 'large-pot', 'frying-pan', 'skillet']);

const keepsWords = /^(?:it |they |this |these |the \w+ )?(?:will )?(?:keeps?|can be (?:stored|kept|frozen)|stores?|freezes?)\b[^.]*\b(?:days?|weeks?|months?|well|fridge|freezer)\b/i;

const whole = (minutes: number) => Math.min(4320, Math.max(1, Math.round(minutes)));

/**
 * Reads a method as steps: paragraphs are taken apart where something goes by itself (baking, resting, chilling), because those are
 * what a timetable can fill; hands-on sentences stay together. Everything found is a proposal with its place in the text.
 */
export function readSteps(paragraphs: readonly string[], lines: readonly KnownLine[]): { readonly steps: readonly StepReading[]; readonly ovenC: number | undefined } {
  const context: Context = { ovenC: undefined, ovenVessel: undefined, burnerVessel: undefined };
  const find = finderOf(lines);
  const used = new Set<LineId>();
  const readings: StepReading[] = [];
  const ids = new Set<string>();
  /** Words that only set the oven, on their way to the step that uses it. */
  let waiting = '';
  paragraphs.forEach((paragraph, index) => {
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
        if (reading) readings.push({ ...reading, paragraph: index, start, end });
      }
      group = [];
    };
    for (const sentence of sentencesOf(paragraph)) {
      const before = readings[readings.length - 1];
      // How it keeps is no work; the words stay with what was done last.
      if (keepsWords.test(sentence.text) && group.length === 0 && before) {
        readings[readings.length - 1] = { ...before, step: { ...before.step, text: `${before.step.text} ${sentence.text}`.slice(0, 2000) } };
        continue;
      }
      if (isPreheat(sentence.text) && !used.size && group.length === 0 && readHeats(sentence.text).length > 0 && sentence.text.length < 160) {
        // Warming the oven is no work of its own: the timetable does it in time. The words stay with the step.
        context.ovenC = readHeats(sentence.text).find((each) => !each.core)?.celsius ?? context.ovenC;
        group.push(sentence);
        continue;
      }
      if (goesByItself(sentence.text)) {
        // What was done by hand before is a step of its own, unless it only set the oven.
        if (group.some((each) => !isPreheat(each.text))) close();
        group.push(sentence);
        close();
      } else group.push(sentence);
    }
    close();
  });
  const last = waiting === '' ? undefined : readStep(waiting.trim(), context, find, used, lines, ids);
  if (last) readings.push({ ...last, paragraph: paragraphs.length - 1, start: 0, end: 0 });
  return { steps: turnedUp(readings), ovenC: context.ovenC };
}

const anyPassive = word(stepWords.passive.map((each) => work(each.verb)).join('|'));

/** "Turn the oven up to 220 °C for the last 10 minutes" takes its minutes from the bake before it. */
function turnedUp(readings: readonly StepReading[]): readonly StepReading[] {
  const turned = [...readings];
  turned.forEach((reading, index) => {
    const before = turned[index - 1];
    const { text } = reading.step;
    const end = readTimes(text).find((time) => time.use === 'moment' && /\b(?:last|final)\b/i.test(text.slice(Math.max(0, time.start - 16), time.end)));
    const heat = readHeats(text).find((each) => !each.core);
    if (!before?.step.oven || !end || !heat || !turnsOven.test(text) || before.step.durationMin.likely <= end.likely) return;
    const minutes = whole(end.likely);
    const less = (value: number) => Math.max(1, value - minutes);
    const { least, likely, most } = before.step.durationMin;
    turned[index - 1] = { ...before, step: { ...before.step, durationMin: { least: less(least), likely: less(likely), most: less(most) }, attention: before.step.attention.filter((each) => each.atMin < less(likely)) } };
    turned[index] = { ...reading, guessed: [], step: { ...reading.step, title: titleOf(text), hands: 'off', durationMin: { least: minutes, likely: minutes, most: minutes }, kit: before.step.kit, oven: { ...before.step.oven, temperatureC: Math.min(320, heat.celsius), covered: false } } };
  });
  return turned;
}

function passiveOf(text: string) {
  if (!anyPassive.test(text)) return undefined;
  const found = passives.map((each) => ({ ...each, match: each.pattern.exec(text) })).filter((each) => each.match !== null).sort((a, b) => a.match!.index - b.match!.index);
  const timed = readTimes(text).find((time) => time.use === 'step');
  if (!timed) return found.at(-1);
  // The verb nearest before the time is the one that takes it.
  return found.filter((each) => each.match!.index <= timed.start).at(-1) ?? found[0];
}

function goesByItself(text: string): boolean {
  if (busyPattern.test(text)) return false;
  const passive = passiveOf(text);
  if (!passive) return false;
  const times = readTimes(text).filter((time) => time.use === 'step');
  const longest = Math.max(0, ...times.map((time) => time.likely));
  // "Cook for two minutes", "boil the water": no time to do anything else in.
  if (passive.heat === 'burner') return longest >= 8;
  if (passive.heat === 'oven') return true;
  return longest > 0 || /\b(?:overnight|until (?:cool|cold|set|doubled|needed|firm))\b/i.test(text);
}

function titleOf(text: string): string {
  const clean = text.replace(/\s+/g, ' ').replace(/^(?:meanwhile|next|then|now|first|finally|after that|to serve),?\s+/i, '').trim();
  const clause = clean.split(/[.;:,(]| and (?=\p{Ll}{3,} )| until | for (?:about |at least )?\d| at \d/u)[0]!.trim() || clean;
  const short = clause.length <= 60 ? clause : `${clause.slice(0, 58).replace(/\s+\S*$/, '')} …`;
  return short.charAt(0).toUpperCase() + short.slice(1) || 'Step';
}

function freshStepId(title: string, taken: Set<string>): StepId {
  const base = title.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '').slice(0, 24).replace(/-$/, '') || 'step';
  let id = base;
  for (let count = 2; taken.has(id); count++) id = `${base}-${count}`;
  taken.add(id);
  return v.parse(StepId, id);
}

function durationOf(text: string, times: readonly ReadTime[], hands: 'on' | 'off', passive: ReturnType<typeof passiveOf>, notes: StepNote[], guessed: ('time' | 'heat')[]): Step['durationMin'] {
  const own = times.filter((time) => time.use === 'step');
  for (const time of own) notes.push({ what: 'time', start: time.start, end: time.end, words: time.words, means: `${whole(time.least)} to ${whole(time.most)} minutes${time.open ? ', or longer' : ''}` });
  // "1 hour (60 minutes)" says one thing twice; "5 minutes, then 2 minutes more" are two.
  const counted = own.filter((time, i) => i === 0 || !/^[^.;]{0,40}\bor\b[^.;]{0,30}$/i.test(text.slice(own[i - 1]!.end, time.start))).filter((time, i, own) => i === 0 || !(/\(\s*$/.test(text.slice(own[i - 1]!.end, time.start)) && Math.abs(time.likely - own[i - 1]!.likely) <= 1));
  if (counted.length > 0) {
    const sum = (pick: (time: ReadTime) => number) => counted.reduce((total, time) => total + pick(time), 0);
    const likely = whole(sum((time) => time.likely));
    return { least: Math.min(likely, whole(sum((time) => time.least))), likely, most: Math.max(likely, whole(sum((time) => time.most))) };
  }
  guessed.push('time');
  if (hands === 'off' && passive) return { least: passive.usual[0], likely: passive.usual[1], most: passive.usual[2] };
  const work = actives.filter((each) => each.pattern.test(text)).map((each) => each.usual);
  if (work.length === 0) return { least: 2, likely: 4, most: 8 };
  const total = (i: 0 | 1 | 2) => Math.min(45, work.reduce((sum, each) => sum + each[i], 0));
  return { least: total(0), likely: total(1), most: total(2) };
}

function kitOf(text: string, heat: 'oven' | 'burner' | undefined, context: Context, notes: StepNote[]): KitUse[] {
  const uses: KitUse[] = [];
  let rest = text;
  const add = (kind: KitKind, as?: string) => { if (!uses.some((use) => use.kind === kind && use.as === as)) uses.push(as ? { kind, as } : { kind }); };
  for (const { kind, name, pattern } of kitWords) {
    const match = pattern.exec(rest);
    if (!match) continue;
    // A bare "pan" is the tin it was baked in, where nothing is on the hob.
    if (name === 'pan' && heat !== 'burner' && context.ovenVessel) {
      add(context.ovenVessel.kind, context.ovenVessel.as);
      rest = rest.slice(0, match.index) + ' '.repeat(match[0].length) + rest.slice(match.index + match[0].length);
      continue;
    }
    const own = /(large|small|medium|clean|separate|second|another|heatproof|wide|deep)\s+(?:[\p{L}-]+\s+)?$/iu.exec(rest.slice(Math.max(0, match.index - 24), match.index))?.[1]?.toLowerCase();
    add(kind, vessels.has(kind) ? (own ? `${own}-${kind}` : kind) : undefined);
    notes.push({ what: 'kit', start: match.index, end: match.index + match[0].length, words: match[0], means: kind.replace('-', ' ') });
    rest = rest.slice(0, match.index) + ' '.repeat(match[0].length) + rest.slice(match.index + match[0].length);
  }
  // An unnamed vessel is the one that was used last, before it is a new one.
  if (heat === 'oven' && context.ovenVessel && !uses.some((use) => ovenVessels.has(use.kind))) uses.push(context.ovenVessel);
  const goesOn = heat === 'burner' && context.burnerVessel && !/\b(?:in|into) an?(?:other)? /i.test(text) && !/\b(?:boil|cook) the (?:pasta|rice|potato|noodle|egg)/i.test(text);
  if (goesOn && !uses.some((use) => burnerVessels.has(use.kind))) uses.push(context.burnerVessel!);
  const hasVessel = () => uses.some((use) => vessels.has(use.kind) && use.kind !== 'bowl');
  for (const { kind, pattern } of kitVerbs) {
    if (!pattern.test(text)) continue;
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

function attentionOf(text: string, likelyMin: number, times: readonly ReadTime[], notes: StepNote[]): Step['attention'] {
  const moments = new Map<number, string>();
  const put = (atMin: number, what: string) => { const at = Math.round(atMin); if (at > 0 && at < likelyMin) moments.set(at, what.slice(0, 80)); };
  const clause = (start: number) => /[\p{L}][^.,;]*$/u.exec(text.slice(Math.max(0, start - 60), start))?.[0] ?? '';
  for (const time of times) {
    if (time.use === 'rhythm') {
      const what = `${rhythmVerb.exec(clause(time.start))?.[0] ?? 'look'} every ${time.words.replace(/^every\s+/i, '')}`;
      for (let at = time.likely; at < likelyMin && moments.size < 12; at += Math.max(2, time.likely)) put(at, what);
      notes.push({ what: 'attention', start: time.start, end: time.end, words: time.words, means: what });
    } else if (time.use === 'moment' && rhythmVerb.test(text.slice(Math.max(0, time.start - 50), time.end + 40))) {
      put(time.likely, `${rhythmVerb.exec(text.slice(Math.max(0, time.start - 50), time.end + 40))![0]} ${time.words}`);
      notes.push({ what: 'attention', start: time.start, end: time.end, words: time.words, means: `come after ${whole(time.likely)} minutes` });
    }
  }
  for (const match of text.matchAll(rhythmless)) {
    const often = match[1]!.toLowerCase();
    const each = /half|once$/.test(often) ? likelyMin / 2 : /frequent|regular|often/.test(often) ? Math.max(3, likelyMin / 8) : Math.max(5, likelyMin / 4);
    for (let at = each; at < likelyMin - 1 && moments.size < 12; at += each) put(at, match[0]);
    notes.push({ what: 'attention', start: match.index, end: match.index + match[0].length, words: match[0], means: /half|once$/.test(often) ? 'come half-way' : `come about every ${whole(each)} minutes` });
  }
  return [...moments].sort(([a], [b]) => a - b).map(([atMin, what]) => ({ atMin, takesMin: 1, what }));
}

/** "Soak overnight, or boil for 15 minutes": the second way to do it. */
function alternativesOf(text: string, times: readonly ReadTime[], id: string, notes: StepNote[]): StepAlternative[] {
  const match = /\b(?:soak|chill|marinate|rest|prove|stand)\b[^.;]*?,?\s+or(?: else)?\s+(?:alternatively\s+)?((?:boil|simmer|cook|microwave|steam|pour boiling water)[^.;]*)/i.exec(text);
  if (!match) return [];
  const from = match.index + match[0].length - match[1]!.length;
  const time = times.find((each) => each.start >= from && each.end <= match.index + match[0].length);
  if (!time) return [];
  notes.push({ what: 'alternative', start: from, end: match.index + match[0].length, words: match[1]!, means: 'another way to do it; the first is taken until you choose' });
  return [{ id: v.parse(StepId, `${id}-or`.slice(0, 64)), name: titleOf(match[1]!), text: match[1]!.slice(0, 2000), durationMin: { least: whole(time.least), likely: whole(time.likely), most: whole(Math.max(time.most, time.likely)) }, hands: 'off', kit: [{ kind: 'saucepan', as: 'saucepan' }], burner: true }];
}

function ovenOf(text: string, heats: readonly ReadHeat[], passive: ReturnType<typeof passiveOf>, context: Context, guessed: ('time' | 'heat')[], notes: StepNote[]): OvenUse | undefined {
  const oven = heats.filter((each) => !each.core);
  for (const each of oven) notes.push({ what: 'heat', start: each.start, end: each.end, words: each.words, means: `${each.celsius} °C${each.doubt ? `: ${each.doubt}` : ''}` });
  const set = oven.at(-1)?.celsius;
  const grill = grillWords.test(text) && !/\bgrill pan\b/i.test(text);
  const turned = turnsOven.test(text);
  if (set !== undefined && (sentencesOf(text).some((sentence) => isPreheat(sentence.text)) || turned)) context.ovenC = Math.min(320, set);
  const bakes = (passive?.heat === 'oven' || /\bin(?:to)? (?:the|a|your) (?:[\p{L}-]+ )?oven\b/iu.test(text)) && !noOven.test(text);
  if (!bakes && !grill) return undefined;
  const given = grill ? set : set ?? context.ovenC;
  if (given === undefined) guessed.push('heat');
  const celsius = Math.min(320, given ?? (grill ? 240 : 180));
  if (!grill && set !== undefined) context.ovenC = celsius;
  const covered = /\b(?:cover(?:ed)?(?! with water)|with (?:the |a )?lid|foil)\b/i.test(text) && !/\b(?:uncover|remove the (?:foil|lid|cover)|take off the|without (?:the )?(?:lid|foil))/i.test(text);
  return { temperatureC: grill && given === undefined ? 240 : celsius, toleranceC: 10, racks: 1, covered, grill };
}

function readStep(text: string, context: Context, find: ReturnType<typeof finderOf>, used: Set<LineId>, lines: readonly KnownLine[], ids: Set<string>): Omit<StepReading, 'paragraph' | 'start' | 'end'> | undefined {
  const notes: StepNote[] = [];
  const guessed: ('time' | 'heat')[] = [];
  const times = readTimes(text);
  const heats = readHeats(text);
  const passive = passiveOf(text);
  const oven = ovenOf(text, heats, passive, context, guessed, notes);
  // Setting the oven is no work at the hob, and what it looks like when done is no work at all.
  const bare = withoutAsides(text);
  const burner = !oven && (burnerPattern.test(bare) || passive?.heat === 'burner') && !/\b(?:microwave|slow cooker|off the heat$)\b/i.test(text);
  const hands: 'on' | 'off' = goesByItself(text) || (oven !== undefined && !oven.grill && passive?.heat === 'oven') ? 'off' : 'on';
  const alternativeNotes: StepNote[] = [];
  const body = text.replace(/\s+/g, ' ');
  const workSentences = sentencesOf(text).filter((each) => !isPreheat(each.text));
  const title = titleOf(workSentences[0]?.text ?? text);
  // Only the oven is set: there is nothing to do.
  if (workSentences.length === 0 && find(text, used).length === 0) {
    if (heats.length === 0) return undefined;
    const id = freshStepId('warm-the-oven', ids);
    return { step: { id, title: 'Warm the oven', text: body.slice(0, 2000), uses: [], durationMin: { least: 1, likely: 1, most: 1 }, hands: 'on', attention: [], grows: false, kit: [], burner: false, looseFlour: false, until: '', splitPoint: false, alternatives: [], leaves: [] }, notes, guessed };
  }
  const id = freshStepId(title, ids);
  const alternatives = alternativesOf(text, times, id, alternativeNotes);
  notes.push(...alternativeNotes);
  const mainTimes = times.filter((time) => !alternativeNotes.some((note) => time.start >= note.start && time.end <= note.end));
  const durationMin = durationOf(text, mainTimes, hands, passive, notes, guessed);
  const kit = kitOf(bare, oven ? 'oven' : burner ? 'burner' : undefined, context, notes);
  const attention = hands === 'off' ? attentionOf(text, durationMin.likely, mainTimes, notes) : [];
  const uses = find(text, used);
  const firstUses = uses.filter((use) => !used.has(use.line));
  for (const use of uses) notes.push({ what: 'uses', start: use.start, end: use.end, words: text.slice(use.start, use.end), means: used.has(use.line) ? 'named again' : lines.find((line) => line.id === use.line)?.reading.text ?? '' });
  for (const use of firstUses) used.add(use.line);
  const sign = /\b(?:until|till)\s+([^.;]+?)(?=,?\s+(?:about|around|for|then)\s|[.;]|$)/i.exec(text);
  if (sign) notes.push({ what: 'sign', start: sign.index, end: sign.index + sign[0].length, words: sign[0], means: 'the sign that it is done' });
  const core = heats.find((each) => each.core);
  if (core) notes.push({ what: 'core', start: core.start, end: core.end, words: core.words, means: `${core.celsius} °C in the middle` });
  const split = /\b(?:before (?:adding|stirring in|the [\p{L} ]+ goes in)|set aside|take out|spoon out|remove)\b[^.]{0,60}\b(?:portion|plate|share|some)\b[^.]{0,40}\b(?:for|without|vegan|dairy|gluten|nut|plain)\b/iu.exec(text);
  if (split) notes.push({ what: 'split', start: split.index, end: split.index + split[0].length, words: split[0], means: 'a portion can be taken out here' });
  const keepsNote = times.filter((time) => time.use === 'keeps');
  for (const time of keepsNote) notes.push({ what: 'keeps', start: time.start, end: time.end, words: time.words, means: 'how long it keeps, no working time' });
  const wheat = uses.some((use) => { const food = lines.find((line) => line.id === use.line)?.reading.likeFood; return food !== undefined && (foodOf(food)?.families.includes('flour' as never) || /flour/.test(food)); });
  const looseFlour = /\b(?:flour(?:ed)? (?:the |a )?(?:work|surface|bench|board)|floured|dust(?:ed|ing)?|knead|roll(?:ed|ing)? out|sift|sieve)\b/i.test(text) && (wheat || /\bflour/i.test(text));
  const step: Step = {
    id, title, text: body.slice(0, 2000), uses: firstUses.map((use) => use.line), durationMin, hands, attention,
    grows: hands === 'on' && kit.some((use) => use.kind === 'knife' || use.kind === 'grater'),
    kit, ...(oven && { oven }), burner, looseFlour, ...(core && { coreC: core.celsius }),
    until: sign ? sign[1]!.trim().slice(0, 200) : '', splitPoint: split !== null, alternatives, leaves: [],
  };
  notes.push(...unreadNumbers(text, notes));
  return { step, notes: notes.sort((a, b) => a.start - b.start), guessed };
}

/** The text with sentences that set the oven, and clauses that say when it is done, blanked out; places stay. */
function withoutAsides(text: string): string {
  const blank = (words: string) => ' '.repeat(words.length);
  let bare = text;
  for (const sentence of sentencesOf(text)) if (isPreheat(sentence.text)) bare = bare.slice(0, sentence.start) + blank(sentence.text) + bare.slice(sentence.end);
  return bare.replace(/\b(?:until|till)\s+[^.;]+/gi, blank).replace(/\bbrown (?:sugar|rice|bread|lentils?|onions?|stock|sauce|butter)\b/gi, blank);
}

/** Figures that nothing above has taken up: a person should look. Sizes and shares of what is listed are left alone. */
function unreadNumbers(text: string, notes: readonly StepNote[]): StepNote[] {
  return [...text.matchAll(/\d+(?:[.,/]\d+)?(?:\s?(?:%|[\p{L}°"″]+))?/gu)]
    .filter((match) => !notes.some((note) => match.index < note.end && match.index + match[0].length > note.start))
    .filter((match) => !/^\d+\s?(?:cm|mm|in|inch|inches|"|″|g|kg|ml|l|oz|lb|tbsp|tsp|cups?|tablespoons?|teaspoons?|litres?|pieces?|slices?|equal|balls?|rounds?|portions?|large|small|halves|layers?|strips|wedges|parts?|times|of|or|more|x|and|chunks|discs?)\b/i.test(match[0]) && !/^\s*$/.test(match[0]))
    .map((match) => ({ what: 'not understood' as const, start: match.index, end: match.index + match[0].length, words: match[0], means: 'a figure that was not taken for a time, a heat or an amount' }));
}
