import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { bearingOf, diets, foodOf, hazardIds, neverIn, regimens } from '../../src/reference/index.ts';
import { readNeeds, type SaidPart } from '../../src/needs/index.ts';

/** What a phrase was meant to come to: ways of which one must hold; each a list of wants, each of them one or other target. */
interface Said {
  readonly text: string;
  readonly wants: readonly (readonly string[])[];
}

const read = (file: string): readonly Said[] =>
  readFileSync(join(import.meta.dirname, file), 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '' && !line.startsWith('#'))
    .map((line) => {
      const [text, meant] = line.split(' => ') as [string, string];
      return {
        text,
        wants: meant
          .trim()
          .split(/\s+/)
          .map((want) => want.split('|')),
      };
    });

export const phrases = {
  seen: read('seen.txt'),
  unseen: read('unseen.txt'),
  fresh: read('fresh.txt'),
  turns: read('turns.txt'),
};

type Need = Extract<SaidPart, { kind: 'need' }>;
const targetOf = (want: string): string => {
  const bare = want.replace(/[!?]$/, '');
  const way = bare.startsWith('=') ? bare.slice(1) : undefined;
  if (way !== undefined) return regimens.some(({ id }) => id === way) ? `regimen:${way}` : `diet:${way}`;
  if (bare.startsWith('fam:')) return `family:${bare.slice(4)}`;
  return bare.startsWith('food:') ? bare : `hazard:${bare}`;
};
const leastOf: Readonly<Record<string, number>> = { '!': 2, '?': 0 };
const strictly = { 'prefers-not': 0, 'not-ingredient': 1, 'no-trace': 2 } as const;

/** Whether a need covers all that was meant by a target. */
function covers(need: Need, target: string): boolean {
  if (need.target === target) return true;
  const [kind, name] = target.split(':') as [string, string];
  const [ownKind, own] = need.target.split(':') as [string, string];
  const ofDiet = ownKind === 'diet' ? (diets.find((diet) => diet.id === own)?.avoids ?? []) : neverIn(own);
  const held = ownKind === 'hazard' ? [own] : ofDiet;
  if (kind === 'hazard' && !(hazardIds as readonly string[]).includes(name)) return false;
  if (kind === 'hazard') return held.some((each) => bearingOf(name as never, each as never) === 'same');
  if (kind === 'food' && ownKind === 'family') return foodOf(name)?.families.includes(own as never) ?? false;
  if (kind === 'food') return foodOf(name)?.contains.some((each) => held.includes(each)) ?? false;
  if (kind === 'diet') {
    const avoids = diets.find((diet) => diet.id === name)?.avoids;
    return avoids?.every((each) => held.includes(each)) ?? false;
  }
  return false;
}

export type Verdict = 'right' | 'asked' | 'narrower' | 'other';

/** `narrower`: something that was meant is neither a need nor asked. `other`: needs that were not meant, or a needless question. */
export function judge({ text, wants }: Said): Verdict {
  const { parts, nothing } = readNeeds(text);
  const needs = parts.filter((part) => part.kind === 'need');
  const isAsked = parts.some((part) => part.kind !== 'need');
  const meetsOne = (want: string): boolean => {
    if (want === 'none') return nothing;
    if (want === 'ask' || want === 'open') return isAsked;
    if (want.startsWith('ok:')) return true;
    return want.split('+').every((each) => {
      const least = leastOf[each.at(-1)!] ?? 1;
      return needs.some((need) => covers(need, targetOf(each)) && strictly[need.strictness] >= least);
    });
  };
  const missing = wants.filter((want) => !want.some(meetsOne));
  const wantsQuestion = wants.some((want) => want.includes('ask') || want.includes('open'));
  if (missing.length > 0 && isAsked) return 'asked';
  if (missing.length > 0) return wants[0]![0] === 'none' ? 'other' : 'narrower';
  if (isAsked && !wantsQuestion) return 'asked';
  const all = wants
    .flat()
    .flatMap((want) => want.split('+'))
    .filter((want) => !want.startsWith('ok:'));
  const isMeant = (need: Need) =>
    all.some(
      (want) => covers(need, targetOf(want)) || covers({ ...need, target: targetOf(want) as never }, need.target),
    );
  return needs.every(isMeant) ? 'right' : 'other';
}
