import { bearingOf, foodOf, hazardOf, membersOf, type FoodId, type HazardId } from '../reference/index.ts';
import type { Guest, LineId, Need, NeedException, Strictness } from '../model/index.ts';
import { dateWords, type Evidence, type Level, type Subject } from '../exposure/index.ts';
import { avoidedBy, needName, needWords } from './needs.ts';
import { claimsByLine, ruledBy, togetherIn, type Ruled, type RegimenNeed } from './regimens.ts';

/** What can be said of a guest and a made version before any change is thought of. */
export type Verdict = 'clear' | 'check' | 'conflict';

/** What would settle a *check*: a label to read, another product to find, a line to explain, a recipe to put right, a maker or a guest to ask; nothing, where it stays open whatever is done. */
export type Settles = 'label' | 'product' | 'line' | 'recipe' | 'maker' | 'guest' | 'nothing';

/** One ground for a verdict: from the guest's need to the line to the label or catalogue fact. */
export interface Reason {
  readonly verdict: Verdict;
  readonly need: Need;
  readonly line?: LineId | undefined;
  /** The catalogue food of that line. */
  readonly food?: FoodId | undefined;
  readonly hazard?: HazardId | undefined;
  readonly settles: Settles;
  /** Short sentences, need first; the one in the middle holds the line's own words. */
  readonly chain: readonly string[];
}

export interface Judgement {
  readonly verdict: Verdict;
  /** Most serious first. */
  readonly reasons: readonly Reason[];
  /** Wishes that are not met, and exceptions that were used; they never change the verdict. */
  readonly notes: readonly Reason[];
}

type ClosedNeed = Exclude<Need, { kind: 'open' }>;
/** One that is more than a wish: a wish is met or not, and never a verdict. */
type FirmNeed = ClosedNeed & { readonly strictness: Exclude<Strictness, 'prefers-not'> };
const isFirm = (need: ClosedNeed): need is FirmNeed => need.strictness !== 'prefers-not';

const rank: Record<Verdict, number> = { clear: 0, check: 1, conflict: 2 };
export const worse = (a: Verdict, b: Verdict): Verdict => (rank[a] >= rank[b] ? a : b);

/** Whether a need is a way of eating rather than an illness: traces do not matter to it unless it says so. */
const isChoice = (need: ClosedNeed): boolean => need.kind !== 'hazard' || hazardOf(need.hazard).kind !== 'allergen';

function weigh(level: Level, strictness: FirmNeed['strictness'], choice: boolean): Verdict {
  switch (strictness) {
    case 'no-trace':
      return level === 'contained' || level === 'carried' ? 'conflict' : 'check';
    case 'not-ingredient':
      if (level === 'contained') return 'conflict';
      return level === 'possible' || !choice ? 'check' : 'clear';
    default:
      return strictness satisfies never;
  }
}

function weighHazard(
  found: HazardId,
  level: Level,
  lifts: readonly HazardId[],
  avoided: HazardId,
  need: FirmNeed,
): Verdict {
  // Wheat starch without its gluten is still wheat; for whoever avoids gluten the group itself is judged, and apart.
  if (lifts.includes(avoided)) return 'clear';
  switch (bearingOf(found, avoided)) {
    case 'none':
      return 'clear';
    case 'same':
      return weigh(level, need.strictness, isChoice(need));
    case 'maybe':
    case 'related':
      // A relative, or a group whose member is unnamed, is a question and never a plain conflict.
      return (level === 'trace' || level === 'carried') && isChoice(need) ? 'clear' : 'check';
  }
}

/** Whether a food is the one a need avoids, or made from it, or of the family it avoids. */
function isAvoidedFood(about: Extract<Evidence['about'], { kind: 'food' }>, need: ClosedNeed): boolean {
  return need.kind === 'food' ? about.parts.has(need.food) : need.kind === 'family' && about.families.has(need.family);
}

/** What is avoided and named by the words of a line, where the food that it is taken for does not tell of it. */
function namedOf({ named }: Extract<Evidence['about'], { kind: 'food' }>, need: ClosedNeed): FoodId | undefined {
  if (need.kind === 'food') return named.has(need.food) ? need.food : undefined;
  return need.kind === 'family'
    ? [...named].find((each) => foodOf(each)?.families.includes(need.family) ?? false)
    : undefined;
}

interface Weighed {
  readonly verdict: Verdict;
  readonly hazard?: HazardId;
}

type Weigh<K extends Subject['kind']> = (
  about: Extract<Subject, { kind: K }>,
  need: FirmNeed,
  level: Level,
) => Weighed | Verdict;

const isSingle = (need: ClosedNeed): need is Extract<ClosedNeed, { kind: 'food' | 'family' }> =>
  need.kind === 'food' || need.kind === 'family';

/** What each kind of ground is to whoever avoids something. */
const weighings: { readonly [K in Subject['kind']]: Weigh<K> } = {
  hazard: ({ hazard, lifts = [] }, need, level) =>
    avoidedBy(need).reduce<Weighed>(
      (best, avoided) => {
        const verdict = weighHazard(hazard, level, lifts, avoided, need);
        return rank[verdict] > rank[best.verdict] ? { verdict, hazard } : best;
      },
      { verdict: 'clear' },
    ),
  food: (about, need, level) => {
    if (isAvoidedFood(about, need)) return weigh(level, need.strictness, true);
    if (namedOf(about, need)) return 'check';
    const certifiedOnly = need.kind === 'hazard' && need.certifiedOnly;
    return certifiedOnly && about.grain && !about.claims.includes('gluten-free') ? 'check' : 'clear';
  },
  unread: (_about, need) => (isSingle(need) || need.strictness === 'no-trace' ? 'check' : 'clear'),
  unlisted: (about, need) => {
    if (!isSingle(need)) {
      const isOpen = avoidedBy(need).some((hazard) => !wasSought(hazard, about.lookedFor));
      return need.strictness === 'no-trace' && isOpen ? 'check' : 'clear';
    }
    const sought = need.kind === 'family' ? need.family : need.food;
    if (about.found.has(sought)) return 'conflict';
    return about.absent.has(sought) ? 'clear' : 'check';
  },
  unknown: () => 'check',
  kitchen: (_about, need) => (need.strictness === 'no-trace' ? 'check' : 'clear'),
};

function weighEvidence({ about, level, strictOnly }: Evidence, need: ClosedNeed): Weighed {
  if (strictOnly && need.strictness !== 'no-trace') return { verdict: 'clear' };
  if (!isFirm(need)) return { verdict: 'clear' };
  const weighing = weighings[about.kind] as Weigh<Subject['kind']>;
  const weighed = weighing(about, need, level);
  return typeof weighed === 'string' ? { verdict: weighed } : weighed;
}

/** Whether a label was read for a hazard: for itself, for a group it is in, or for every member of the group it is. */
function wasSought(hazard: HazardId, lookedFor: ReadonlySet<string> | undefined): boolean {
  if (lookedFor === undefined || lookedFor.has(hazard) || hazardOf(hazard).groups.some((group) => lookedFor.has(group)))
    return true;
  const members = membersOf(hazard);
  return members.length > 0 && members.every((member) => lookedFor.has(member));
}

/** What would settle a doubt that rests on this evidence. */
function settledBy({ about, level, grade, line, food, isSaid }: Evidence): Settles {
  if (isSaid) return 'recipe';
  // A kitchen that nobody here knows stays unknown, whatever its cook answers.
  if (about.kind === 'kitchen') return 'nothing';
  if (line === undefined) return level === 'carried' ? 'nothing' : 'maker';
  if (about.kind === 'unknown' || food === undefined) return 'line';
  if (about.kind === 'food' || about.kind === 'unlisted') return 'label';
  if (about.kind === 'hazard' && grade === 'label') return 'product';
  // A relative that is in it on purpose: only the guest can say whether they eat it.
  return level === 'contained' ? 'guest' : level === 'carried' ? 'nothing' : 'label';
}

/** May this guest eat food of this evidence? The order of the evidence does not matter; more evidence never makes it better. Remembered by guest and evidence. */
export function judge(guest: Guest, evidence: readonly Evidence[]): Judgement {
  let byEvidence = remembered.get(guest);
  if (!byEvidence) remembered.set(guest, (byEvidence = new WeakMap()));
  let judgement = byEvidence.get(evidence);
  if (!judgement) byEvidence.set(evidence, (judgement = judgeAfresh(guest, evidence)));
  return judgement;
}

const remembered = new WeakMap<Guest, WeakMap<readonly Evidence[], Judgement>>();

function judgeAfresh(guest: Guest, evidence: readonly Evidence[]): Judgement {
  const grounds = guest.needs.flatMap((need) =>
    need.kind === 'open' ? [notUnderstood(guest, need)] : groundsOf(guest, need, evidence),
  );
  const reasons = grounds.filter((each) => each.verdict !== 'clear').sort((a, b) => rank[b.verdict] - rank[a.verdict]);
  return {
    verdict: reasons.reduce<Verdict>((sum, reason) => worse(sum, reason.verdict), 'clear'),
    reasons,
    notes: grounds.filter((each) => each.verdict === 'clear'),
  };
}

const notUnderstood = (guest: Guest, need: Need): Reason => ({
  verdict: 'check',
  need,
  settles: 'guest',
  chain: [`${guest.name}: ${needWords(need)}`, 'Ask what it means, then write it as a need.'],
});

/** All that is to be said of a need: what is clear is a note. */
function groundsOf(guest: Guest, need: ClosedNeed, evidence: readonly Evidence[]): readonly Reason[] {
  const confirmed = guest.confirmedOn ? `confirmed ${dateWords(guest.confirmedOn)}` : 'not yet confirmed with them';
  const start = `${guest.name}: ${needWords(need)}, ${confirmed}`;
  if (need.kind === 'regimen') return ruledGrounds(guest, need, evidence, start);
  return [
    ...notFollowed(need, start),
    ...evidence.flatMap((each) => {
      const { verdict, hazard } = weighEvidence(each, need);
      const base = { need, line: each.line, food: each.food, hazard };
      const chain = [start, `“${each.words}”`];
      if (verdict !== 'clear') return [{ ...base, ...groundOf(guest, need, each, verdict, chain) }];
      const isWish = !isFirm(need) && each.level === 'contained' && meets(each, need);
      return isWish ? [{ ...base, verdict, settles: 'nothing' as const, chain: [...chain, each.because] }] : [];
    }),
  ];
}

/** What a way of eating has against it, each rule of it once a line. */
function ruledGrounds(
  guest: Guest,
  need: RegimenNeed,
  evidence: readonly Evidence[],
  start: string,
): readonly Reason[] {
  const claims = claimsByLine(evidence);
  const seen = new Set<string>();
  const grounds = evidence.flatMap((each): Reason[] => {
    const found = ruledBy(need, each, each.line && claims.get(each.line));
    const key = `${each.line} ${each.words} ${found?.why} ${found?.verdict}`;
    if (!found || seen.has(key)) return [];
    seen.add(key);
    const base = { need, line: each.line, food: each.food, hazard: found.hazard };
    const because = each.about.kind === 'hazard' ? `${sentence(found.why)} ${each.because}` : sentence(found.why);
    const chain = [start, `“${each.words}”`, because];
    if (need.strictness === 'prefers-not')
      return found.verdict === 'conflict' ? [{ ...base, verdict: 'clear', settles: 'nothing', chain }] : [];
    const agreed = need.exceptions.find((one) => one.food === namedFood(each));
    if (!agreed) return [{ ...base, verdict: found.verdict, settles: ruleSettledBy(each, found), chain }];
    return [{ ...base, ...asAgreed(guest, need, agreed, chain, false) }];
  });
  const together = need.strictness === 'prefers-not' ? undefined : togetherIn(need, evidence);
  if (!together) return grounds;
  const chain = [start, 'Both are in this dish', sentence(together.why)];
  return [...grounds, { need, verdict: together.verdict, settles: 'guest', chain }];
}

export const sentence = (words: string): string =>
  `${words.charAt(0).toUpperCase()}${words.slice(1)}${/[.?]$/.test(words) ? '' : '.'}`;

function ruleSettledBy({ about, food, isSaid, line }: Evidence, { byLabel }: Ruled): Settles {
  if (isSaid) return 'recipe';
  if (about.kind === 'kitchen') return 'nothing';
  if (about.kind === 'unknown') return 'line';
  if (!byLabel) return 'guest';
  if (line === undefined) return 'maker';
  return food === undefined ? 'line' : 'label';
}

/** Residues are followed by hazard, not by single food: as long as that is so, no dish is clear of a trace of one. */
function notFollowed(need: ClosedNeed, start: string): readonly Reason[] {
  if (!isSingle(need) || need.strictness !== 'no-trace') return [];
  const name = needName(need);
  return [
    {
      verdict: 'check',
      need,
      settles: 'guest',
      chain: [
        start,
        `Traces of ${name} are not followed over boards and hands.`,
        'Keep its kit apart yourself, or note it as “not as an ingredient” if a trace does not matter.',
      ],
    },
  ];
}

/** What one piece of evidence is, once it is not clear: as it is weighed, or as the guest has agreed to it. */
function groundOf(
  guest: Guest,
  need: ClosedNeed,
  evidence: Evidence,
  verdict: Verdict,
  chain: readonly string[],
): Pick<Reason, 'verdict' | 'settles' | 'chain'> {
  const agreed = need.exceptions.find((one) => one.food === namedFood(evidence));
  if (agreed) return asAgreed(guest, need, agreed, [...chain, evidence.because], isOnlyRelated(evidence, need));
  const { because, settles } = becauseOf(evidence, need);
  return { verdict, settles, chain: [...chain, because] };
}

const namedFood = ({ about, food }: Evidence): FoodId | undefined =>
  food ?? (about.kind === 'food' ? about.food : undefined);

/** What a guest has said they eat all the same; with "no trace" it is asked again, but for a mere relative of what they avoid. */
function asAgreed(
  guest: Guest,
  need: ClosedNeed,
  agreed: NeedException,
  chain: readonly string[],
  isRelative: boolean,
): Pick<Reason, 'verdict' | 'settles' | 'chain'> {
  const on = agreed.agreedOn ? ` on ${dateWords(agreed.agreedOn)}` : '';
  const said = [...chain, `${guest.name} said${on}: “${agreed.words}”.`];
  return need.strictness === 'no-trace' && !isRelative
    ? {
        verdict: 'check',
        settles: 'guest',
        chain: [...said, 'No trace, and yet this: ask again before it is served.'],
      }
    : { verdict: 'clear', settles: 'nothing', chain: said };
}

function becauseOf(evidence: Evidence, need: ClosedNeed): { readonly because: string; readonly settles: Settles } {
  const { about } = evidence;
  const settles = settledBy(evidence);
  if (about.kind !== 'food' || isAvoidedFood(about, need)) return { because: evidence.because, settles };
  const named = namedOf(about, need);
  return named
    ? {
        because: `${evidence.because} Its words name ${foodOf(named)?.name ?? named} too: is that in it?`,
        settles: 'line',
      }
    : { because: 'Certified gluten-free goods only, and no label that says so has been read.', settles };
}

/** A relative of what is avoided, not the thing itself: whether they eat that is the guest's to say. */
const isOnlyRelated = ({ about }: Evidence, need: ClosedNeed): boolean =>
  about.kind === 'hazard' &&
  avoidedBy(need).every((avoided) => ['related', 'none'].includes(bearingOf(about.hazard, avoided)));

function meets({ about }: Evidence, need: ClosedNeed): boolean {
  if (about.kind === 'food') return isAvoidedFood(about, need);
  return about.kind === 'hazard' && avoidedBy(need).some((avoided) => bearingOf(about.hazard, avoided) === 'same');
}
