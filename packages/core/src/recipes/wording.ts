import { stepWords } from '../reference/index.ts';
import type { Span } from '../reading/index.ts';
import { readTimes } from './timesAndHeats.ts';

export interface Sentence extends Span {
  readonly text: string;
}

/** Sentences with their places. A full stop inside a number or after a short form ends none. */
export function sentencesOf(text: string): readonly Sentence[] {
  const found: Sentence[] = [];
  let from = 0;
  const push = (end: number) => {
    const raw = text.slice(from, end);
    const trimmed = raw.trim();
    if (trimmed !== '')
      found.push({
        text: trimmed,
        start: from + raw.indexOf(trimmed),
        end: from + raw.indexOf(trimmed) + trimmed.length,
      });
    from = end;
  };
  for (const match of text.matchAll(/[.!?;]+(?=\s|$)|\n+/g)) {
    const before = text.slice(Math.max(from, match.index - 8), match.index);
    if (
      match[0] === '.' &&
      /\b(?:approx|mins?|hrs?|secs?|tbsp|tsp|oz|lb|no|deg|fl|temp|e\.g|i\.e|ca)$/i.test(before) &&
      !/^\s+\p{Lu}/u.test(text.slice(match.index + 1, match.index + 4))
    )
      continue;
    push(match.index + match[0].length);
  }
  push(text.length);
  return found;
}

export const forms = (verb: string): string => {
  const stem = verb.replace(/e$/, '');
  const twice = /[^aeiou][aeiou][bdgmnprt]$/.test(verb) ? `${verb.at(-1)!}?` : '';
  return String.raw`(?:${verb}(?:s|d|ed)?|${stem}${twice}(?:ing|ed)|${verb.endsWith('y') ? verb.slice(0, -1) + 'ie[sd]' : stem + 'ed'})`;
};
export const word = (source: string, flags = 'iu') =>
  new RegExp(String.raw`(?<![\p{L}-])(?:${source})(?![\p{L}])`, flags);
/** "Before roasting" says when, "baking dish" says what in: neither is the work itself. */
const notWork = String.raw`(?<!(?:before|after|for|ready to) )`;
const noThing = String.raw`(?!(?:-| )(?:tray|tin|sheet|dish|pan|powder|soda|paper|parchment|beans?|potato|stone|water|juices?|time))`;
const work = (verb: string) => `${notWork}${forms(verb)}${noThing}`;
const passives = stepWords.passive.map((each) => ({ ...each, pattern: word(work(each.verb)) }));
export const actives = stepWords.activeUsual.map((each) => ({ ...each, pattern: word(forms(each.verb)) }));
export const burnerPattern = word(stepWords.burner.map((each) => (/ /.test(each) ? each : forms(each))).join('|'));
const busyPattern = word(stepWords.busy.join('|'));
const preheats =
  /^(?:(?:first|meanwhile|while[^,]*),?\s+)?(?:pre-?\s?heat|heat|turn on|set|turn|have)\s+(?:the |your |an? )?(?:[\p{L}]+ )?oven\b|\bpre-?\s?heat(?:ing)? (?:the |your |an? )?(?:[\p{L}]+ )?oven\b/iu;
export const turnsOven =
  /\b(?:turn|reduce|lower|raise|increase|bring)\b[^.]{0,30}\b(?:oven|heat|temperature)\b[^.]{0,20}\b(?:to|down|up)\b/i;
export const keepsWords =
  /^(?:it |they |this |these |the \w+ )?(?:will )?(?:keeps?|can be (?:stored|kept|frozen)|stores?|freezes?)\b[^.]*\b(?:days?|weeks?|months?|well|fridge|freezer)\b/i;
/** Only sets the oven; turning it up for the last minutes is a part of the bake. */
export const isPreheat = (text: string): boolean =>
  preheats.test(text) && !(turnsOven.test(text) && readTimes(text).length > 0);

const anyPassive = word(stepWords.passive.map((each) => work(each.verb)).join('|'));

export function passiveOf(text: string) {
  if (!anyPassive.test(text)) return undefined;
  const found = passives
    .map((each) => ({ ...each, match: each.pattern.exec(text) }))
    .filter((each) => each.match !== null)
    .sort((a, b) => a.match!.index - b.match!.index);
  const timed = readTimes(text).find((time) => time.use === 'step');
  if (!timed) return found.at(-1);
  // The verb nearest before the time is the one that takes it.
  return found.filter((each) => each.match!.index <= timed.start).at(-1) ?? found[0];
}

export function goesByItself(text: string): boolean {
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

export function titleOf(text: string): string {
  const clean = text
    .replace(/\s+/g, ' ')
    .replace(/^(?:meanwhile|next|then|now|first|finally|after that|to serve),?\s+/i, '')
    .trim();
  const clause =
    clean.split(/[.;:,(]| and (?=\p{Ll}{3,} )| until | for (?:about |at least )?\d| at \d/u)[0]!.trim() || clean;
  const short = clause.length <= 60 ? clause : `${clause.slice(0, 58).replace(/\s+\S*$/, '')} …`;
  return short.charAt(0).toUpperCase() + short.slice(1) || 'Step';
}
