import { verbs, type Verb } from '../reference/index.ts';
import type { Span } from '../reading/index.ts';

export interface Known {
  readonly words: readonly string[];
  readonly verb: Verb;
}
const byFirst = new Map<string, Known[]>();
for (const verb of verbs) {
  const words = verb.verb.toLowerCase().split(/[\s-]+/);
  byFirst.set(words[0]!, [...(byFirst.get(words[0]!) ?? []), { words, verb }]);
}
for (const known of byFirst.values()) known.sort((a, b) => b.words.length - a.words.length);

/** Whether a word alone names work. */
export const isVerb = (word: string): boolean =>
  byFirst.get(word.toLowerCase())?.some(({ words }) => words.length === 1) ?? false;

export interface Word extends Span {
  readonly word: string;
}
export const wordsOf = (text: string): readonly Word[] =>
  [...text.matchAll(/[\p{L}\p{N}½¼¾⅓⅔'’]+(?:-[\p{L}]+)*|[&+]/gu)].map((match) => ({
    word: match[0].toLowerCase().replace(/’/g, "'"),
    start: match.index,
    end: match.index + match[0].length,
  }));

export const adverbs = new Set(
  (
    'then now next finally first gently gradually quickly carefully coarsely finely roughly thinly thickly lightly loosely slowly just also immediately ' +
    'meanwhile well very really again briefly firmly generously evenly tightly vigorously thoroughly simply always usually either alternatively ' +
    'once completely quickly neatly deeply fully partly so okay ok right afterwards lastly secondly thirdly diagonally lengthways crosswise after that please'
  ).split(' '),
);
export const joins = new Set(['and', 'then', '&', '+', 'or', 'but', 'so', 'plus', 'before']);
export const subjects = new Set(
  "i you we they it that this she he i'll you'll we'll they'll it'll i'd you'd we'd".split(' '),
);
export const helpers = new Set(
  "can will just then always usually also want need have to like gonna going should simply do'll would might only always wanna do are take".split(
    ' ',
  ),
);
/** "I take two onions": what is taken is named. */
export const takenUp = new Set(['take', 'do', 'use', 'get', 'have', 'need', 'want']);
/** What may follow a verb that is also a thing: "slice them", "dice into cubes". */
const follows = new Set(
  (
    'then another the a an it them this that these those your all both each everything half any some in into on onto over under with together well for until till up out off down to by at ' +
    'stirring whisking shaking turning tossing beating ' +
    'well and gently thinly finely roughly lightly completely thickly quickly hard fast steadily rapidly uncovered covered without slowly from through very as again any one two three four five six eight ten twelve while when if off before back one'
  ).split(' '),
);
/** Names of foods that are also work: only what it is done to tells. */
const foodNames = new Set(
  'squash butter oil salt flour cream ice juice zest crumb bread rice mince puree purée season dust glaze skin stone bone'.split(
    ' ',
  ),
);
/** "Dust with sugar". */
const strewn = new Set(['dust', 'glaze', 'season', 'flour']);
const objects = new Set('the a an it them your each all both over'.split(' '));
/** Whether a word in the middle of a sentence can only be work: no thing's name, or done to something that is named. */
export function isPlainWork(words: readonly Word[], at: number): boolean {
  const verb = verbAt(words, at, false)?.known.verb;
  return (
    verb !== undefined &&
    (!verb.noun || /^(?:the|them|it|your|each|together|into|\d.*)$/.test(words[at + 1]?.word ?? ''))
  );
}

/** The base form of what is said of somebody: "goes", "slices". */
function thirdPerson(word: string): readonly string[] {
  if (word.endsWith('ies')) return [`${word.slice(0, -3)}y`];
  if (word.endsWith('es')) return [word.slice(0, -2), word.slice(0, -1)];
  return word.endsWith('s') ? [word.slice(0, -1)] : [];
}

/** The base forms of what something is said to be: "fried", "chopped". */
function ofParticiple(word: string): readonly string[] {
  if (!word.endsWith('ed')) return [];
  const stem = word.slice(0, -2);
  const bases = [stem, `${stem}e`];
  if (stem.endsWith('i')) bases.push(`${stem.slice(0, -1)}y`);
  if (stem.length > 3 && stem.at(-1) === stem.at(-2)) bases.push(stem.slice(0, -1));
  return bases;
}

/** Work that is told of what it is done to: "onions chopped and fried". */
export const participleAt = (words: readonly Word[], at: number): Known | undefined =>
  ofParticiple(words[at]!.word)
    .flatMap((base) => byFirst.get(base)?.find((known) => known.words.length === 1) ?? [])
    .at(0);

export function verbAt(
  words: readonly Word[],
  at: number,
  isTold: boolean,
): { readonly known: Known; readonly length: number } | undefined {
  const first = words[at]?.word;
  if (first === undefined) return undefined;
  const named = (base: string) => {
    const heads = base.split('-');
    for (const known of byFirst.get(heads[0]!) ?? []) {
      const flat: string[] = [];
      let count = 0;
      while (flat.length < known.words.length && words[at + count]) {
        flat.push(...(count === 0 ? heads : words[at + count]!.word.split('-')));
        count++;
      }
      // "Pan-fry" is one word: in "a frying pan fry the onions" it is two.
      if (known.verb.verb.includes('-') && count > 1) continue;
      if (known.words.every((word, i) => flat[i] === word) && flat.length === known.words.length)
        return { known, length: count };
    }
    return undefined;
  };
  return [first, ...(isTold ? thirdPerson(first) : [])].map(named).find((each) => each !== undefined);
}

/** Where a word stands. */
export interface Place {
  readonly words: readonly Word[];
  readonly text: string;
  readonly at: number;
  /** It begins its sentence; it stands behind "and". */
  readonly isStart: boolean;
  readonly isJoined: boolean;
}

/** Whether a word that is also a thing's name is meant as work here. */
export function isWork({ words, text, at, isStart, isJoined }: Place, length: number, verb: Verb): boolean {
  const next = words[at + length];
  const following = next?.word ?? '';
  if (following === 'not') return false;
  // "Dry pan, medium" names the pan.
  if (verb.verb === 'dry' && kitOrStuff.test(following)) return false;
  const isFood = foodNames.has(verb.verb);
  if (!verb.noun && !isFood) return true;
  if (next === undefined) return isStart && !isFood;
  const between = text.slice(words[at + length - 1]!.end, next.start);
  const isCutOff = /[.,;:)]/.test(between);
  if (isFood) return (objects.has(following) || (following === 'with' && strewn.has(verb.verb))) && !isCutOff;
  const goesOn = () =>
    nextIsWork(words, at + length) || (isJoined && (verb.does === 'wait' || goesOnSo.test(following)));
  if (isCutOff) return isStart || (between.includes(',') && goesOn());
  if (isStart) return !/^(?:of|is|are|was|sauce|powder|paste|juice)$/.test(following);
  if (following === 'and') return nextIsWork(words, at + length + 1);
  return follows.has(following) || /^[\d½¼¾]/.test(following);
}
/** "And roast, uncovered, for 25 minutes". */
const goesOnSo = /^(?:uncovered|covered|turning|stirring|basting|until|for)$/;
const kitOrStuff = /^(?:pan|frying|skillet|wok|ingredients?|stuff|things)$/;
const nextIsWork = (words: readonly Word[], at: number): boolean => {
  let from = at;
  while (words[from] && (joins.has(words[from]!.word) || adverbs.has(words[from]!.word))) from++;
  return verbAt(words, from, false) !== undefined;
};
