import { withLookIds, type Step } from '../model/index.ts';
import type { Operation } from './operation.ts';
import { countedTimes, whole, type StepNote } from './stepParts.ts';
import type { ReadTime } from './timesAndHeats.ts';

const rhythmless =
  /\b(?:stir|turn|shak|bast|toss|flip|rotat|whisk|skim|check|swap|brush|spoon|glaz)\w*\b[^.,;]{0,30}?\b(half[- ]?way(?: through)?|occasionally|now and then|from time to time|once or twice|twice|once|frequently|regularly|often|every so often|at intervals)\b/gi;
const rhythmVerb = /\b(?:stir|turn|shak|bast|toss|flip|rotat|whisk|skim|check|brush|fold|swap|fork)\w*\b/i;

/** Words that begin what is done at a moment inside: "turning", "take the foil off". */
const clauseBefore = (text: string, start: number): string =>
  /[\p{L}][^.,;]*$/u.exec(text.slice(Math.max(0, start - 60), start))?.[0] ?? '';
const atMinute =
  /\b(?:stir|turn|shak|bast|toss|flip|rotat|swap|check)\w*\b[^.,;]{0,20}?\bat (?<at>\d{1,3}|ten|fifteen|twenty|thirty|forty)\b(?!\s?(?:°|degrees|c\b))/gi;
const spokenMinutes: Readonly<Record<string, number>> = { ten: 10, fifteen: 15, twenty: 20, thirty: 30, forty: 40 };

/** Moments inside what goes by itself when a cook must come, in minutes from its start. `joints`: where one stay was told in two, "and then another 15". */
export function looksFrom(
  text: string,
  likelyMin: number,
  times: readonly ReadTime[],
  joints: readonly { readonly atMin: number; readonly what: string }[],
  notes: StepNote[],
): Step['looks'] {
  const moments = new Map<number, string>();
  const put = (atMin: number, what: string) => {
    const at = Math.round(atMin);
    if (at > 0 && at < likelyMin && moments.size < 12) moments.set(at, what.slice(0, 80));
  };
  for (const { atMin, what } of joints) put(atMin, what);
  for (const time of times) {
    const span = { start: time.start, end: time.end, words: time.words };
    if (time.use === 'rhythm') {
      const what = `${rhythmVerb.exec(clauseBefore(text, time.start))?.[0] ?? 'look'} every ${time.words.replace(/^(?:every|each)\s+/i, '')}`;
      for (let at = time.likely; at < likelyMin; at += Math.max(2, time.likely)) put(at, what);
      notes.push({ what: 'look', ...span, means: what });
    } else if (time.use === 'moment') {
      const around = text.slice(Math.max(0, time.start - 50), time.end + 40);
      const isFromEnd =
        /\b(?:last|final)\b/i.test(text.slice(Math.max(0, time.start - 14), time.end)) ||
        /^\s*(?:to go|left|(?:before|from) the end)\b/i.test(text.slice(time.end));
      const verb =
        rhythmVerb.exec(around)?.[0] ?? /\b(?:uncover\w*|(?:tak|remov|lift)\w*|add\w*|cover\w*)\b/i.exec(around)?.[0];
      if (verb === undefined) continue;
      const at = isFromEnd ? likelyMin - time.likely : time.likely;
      put(at, `${verb} ${time.words}`);
      notes.push({ what: 'look', ...span, means: `come after ${whole(at)} minutes` });
    }
  }
  for (const match of text.matchAll(atMinute)) {
    const said = match.groups!['at']!.toLowerCase();
    put(spokenMinutes[said] ?? Number(said), match[0]);
    notes.push({
      what: 'look',
      start: match.index,
      end: match.index + match[0].length,
      words: match[0],
      means: `come after ${said} minutes`,
    });
  }
  for (const match of text.matchAll(rhythmless)) {
    const often = match[1]!.toLowerCase();
    const each = rhythmOf(often, likelyMin);
    for (let at = each; at < likelyMin - 1; at += each) put(at, match[0]);
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

function rhythmOf(often: string, likelyMin: number): number {
  if (/half|once$/.test(often)) return likelyMin / 2;
  if (/^twice$/.test(often)) return likelyMin / 3;
  return /frequent|regular|often/.test(often) ? Math.max(3, likelyMin / 8) : Math.max(5, likelyMin / 4);
}

/** Where one stay is told in two: "bake for 30 minutes, take the foil off and bake for another 20". */
export function jointsOf({
  doings,
  isOff,
  device,
}: Operation): readonly { readonly atMin: number; readonly what: string }[] {
  if (!isOff) return [];
  const joints: { atMin: number; what: string }[] = [];
  let done = 0;
  let between = '';
  for (const doing of doings) {
    const own = countedTimes(doing.clause.text, doing.times);
    if (!doing.isOff || doing.device !== device) {
      if (done > 0) between = between || doing.clause.text;
      continue;
    }
    if (done > 0 && own.length > 0) joints.push({ atMin: done, what: between || doing.clause.text });
    own.forEach((time, at) => {
      if (at > 0)
        joints.push({
          atMin: done,
          what: doing.clause.text.slice(own[at - 1]!.end, time.start).replace(/^[\s,;]+/, '') || 'look',
        });
      done += time.likely;
    });
    between = '';
  }
  return joints;
}
