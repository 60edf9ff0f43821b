import { bearingOf, familyOf, foodOf, hazardOf, membersOf, type FoodId, type HazardId } from '../reference/index.ts';
import type { Guest, LineId, Need, Strictness } from '../model/index.ts';
import { dateWords, type Evidence, type Level } from '../exposure/index.ts';
import { avoidedBy, needWords } from './needs.ts';

/** What can be said of a guest and a made version before any change is thought of. */
export type Verdict = 'clear' | 'check' | 'conflict';

/** What would settle a *check*: a label to read, another product to find, a line to explain, a maker or a guest to ask; nothing, where it stays open whatever is done. */
export type Settles = 'label' | 'product' | 'line' | 'maker' | 'guest' | 'nothing';

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

const rank: Record<Verdict, number> = { clear: 0, check: 1, conflict: 2 };
export const worse = (a: Verdict, b: Verdict): Verdict => (rank[a] >= rank[b] ? a : b);

/** Whether a need is a way of eating rather than an illness: traces do not matter to it unless it says so. */
const isChoice = (need: ClosedNeed): boolean => need.kind !== 'hazard' || hazardOf(need.hazard).kind !== 'allergen';

function weigh(level: Level, strictness: Strictness, choice: boolean): Verdict {
  switch (strictness) {
    case 'no-trace':
      return level === 'contained' || level === 'carried' ? 'conflict' : 'check';
    case 'not-ingredient':
      if (level === 'contained') return 'conflict';
      return level === 'possible' || !choice ? 'check' : 'clear';
    case 'prefers-not':
      return 'clear';
    default:
      return strictness satisfies never;
  }
}

function weighHazard(
  found: HazardId,
  level: Level,
  lifts: readonly HazardId[],
  avoided: HazardId,
  need: ClosedNeed,
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
      return need.strictness === 'prefers-not' || ((level === 'trace' || level === 'carried') && isChoice(need))
        ? 'clear'
        : 'check';
  }
}

/** Whether a food is the one a need avoids, or made from it, or of the family it avoids. */
function isAvoidedFood(about: Extract<Evidence['about'], { kind: 'food' }>, need: ClosedNeed): boolean {
  return need.kind === 'food' ? about.parts.has(need.food) : need.kind === 'family' && about.families.has(need.family);
}

function weighEvidence(evidence: Evidence, need: ClosedNeed): { verdict: Verdict; hazard?: HazardId } {
  const { about } = evidence;
  if (evidence.strictOnly && need.strictness !== 'no-trace') return { verdict: 'clear' };
  switch (about.kind) {
    case 'hazard': {
      let best: { verdict: Verdict; hazard?: HazardId } = { verdict: 'clear' };
      for (const avoided of avoidedBy(need)) {
        const verdict = weighHazard(about.hazard, evidence.level, about.lifts ?? [], avoided, need);
        if (rank[verdict] > rank[best.verdict]) best = { verdict, hazard: about.hazard };
      }
      return best;
    }
    case 'food': {
      if (isAvoidedFood(about, need)) return { verdict: weigh(evidence.level, need.strictness, true) };
      const uncertified =
        need.kind === 'hazard' && need.certifiedOnly && about.grain && !about.claims.includes('gluten-free');
      return { verdict: uncertified && need.strictness !== 'prefers-not' ? 'check' : 'clear' };
    }
    case 'unread':
      if (need.strictness === 'prefers-not') return { verdict: 'clear' };
      return {
        verdict: need.kind === 'food' || need.kind === 'family' || need.strictness === 'no-trace' ? 'check' : 'clear',
      };
    case 'unlisted': {
      if (need.strictness === 'prefers-not') return { verdict: 'clear' };
      if (need.kind !== 'food' && need.kind !== 'family')
        return {
          verdict:
            need.strictness === 'no-trace' && avoidedBy(need).some((hazard) => !wasSought(hazard, about.lookedFor))
              ? 'check'
              : 'clear',
        };
      const sought = need.kind === 'family' ? need.family : need.food;
      return { verdict: about.found.has(sought) ? 'conflict' : about.absent.has(sought) ? 'clear' : 'check' };
    }
    case 'unknown':
      return { verdict: need.strictness === 'prefers-not' ? 'clear' : 'check' };
    case 'kitchen':
      return { verdict: need.strictness === 'no-trace' ? 'check' : 'clear' };
    default:
      return about satisfies never;
  }
}

/** Whether a label was read for a hazard: for itself, for a group it is in, or for every member of the group it is. */
function wasSought(hazard: HazardId, lookedFor: ReadonlySet<string> | undefined): boolean {
  if (lookedFor === undefined || lookedFor.has(hazard) || hazardOf(hazard).groups.some((group) => lookedFor.has(group)))
    return true;
  const members = membersOf(hazard);
  return members.length > 0 && members.every((member) => lookedFor.has(member));
}

/** What would settle a doubt that rests on this evidence. */
function settledBy({ about, level, grade, line, food }: Evidence): Settles {
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
  const reasons: Reason[] = [];
  const notes: Reason[] = [];
  for (const need of guest.needs) {
    if (need.kind === 'open') {
      reasons.push({
        verdict: 'check',
        need,
        settles: 'guest',
        chain: [`${guest.name}: ${needWords(need)}`, 'Ask what it means, then write it as a need.'],
      });
      continue;
    }
    const start = `${guest.name}: ${needWords(need)}, ${guest.confirmedOn ? `confirmed ${dateWords(guest.confirmedOn)}` : 'not yet confirmed with them'}`;
    // Residues are followed by hazard, not by single food: as long as that is so, no dish is clear of a trace of one.
    if ((need.kind === 'food' || need.kind === 'family') && need.strictness === 'no-trace') {
      const name = need.kind === 'food' ? (foodOf(need.food)?.name ?? need.food) : familyOf(need.family).name;
      reasons.push({
        verdict: 'check',
        need,
        settles: 'guest',
        chain: [
          start,
          `Traces of ${name} are not followed over boards and hands.`,
          'Keep its kit apart yourself, or note it as “not as an ingredient” if a trace does not matter.',
        ],
      });
    }
    for (const each of evidence) {
      const { verdict, hazard } = weighEvidence(each, need);
      const base = { need, line: each.line, food: each.food, hazard };
      if (verdict === 'clear') {
        if (need.strictness === 'prefers-not' && each.level === 'contained' && meets(each, need))
          notes.push({ ...base, verdict, settles: 'nothing', chain: [start, `“${each.words}”`, each.because] });
        continue;
      }
      const named = each.food ?? (each.about.kind === 'food' ? each.about.food : undefined);
      const agreed = need.exceptions.find((one) => one.food === named);
      const own = agreed
        ? `${guest.name} said${agreed.agreedOn ? ` on ${dateWords(agreed.agreedOn)}` : ''}: “${agreed.words}”.`
        : undefined;
      const because =
        each.about.kind === 'food' && !isAvoidedFood(each.about, need)
          ? 'Certified gluten-free goods only, and no label that says so has been read.'
          : each.because;
      if (own === undefined)
        reasons.push({ ...base, verdict, settles: settledBy(each), chain: [start, `“${each.words}”`, because] });
      else if (need.strictness === 'no-trace' && !isOnlyRelated(each, need))
        reasons.push({
          ...base,
          verdict: 'check',
          settles: 'guest',
          chain: [
            start,
            `“${each.words}”`,
            each.because,
            own,
            'No trace, and yet this: ask again before it is served.',
          ],
        });
      else
        notes.push({
          ...base,
          verdict: 'clear',
          settles: 'nothing',
          chain: [start, `“${each.words}”`, each.because, own],
        });
    }
  }
  reasons.sort((a, b) => rank[b.verdict] - rank[a.verdict]);
  return { verdict: reasons.reduce<Verdict>((sum, reason) => worse(sum, reason.verdict), 'clear'), reasons, notes };
}

/** A relative of what is avoided, not the thing itself: whether they eat that is the guest's to say. */
const isOnlyRelated = ({ about }: Evidence, need: ClosedNeed): boolean =>
  about.kind === 'hazard' &&
  avoidedBy(need).every((avoided) => ['related', 'none'].includes(bearingOf(about.hazard, avoided)));

function meets({ about }: Evidence, need: ClosedNeed): boolean {
  if (about.kind === 'food') return isAvoidedFood(about, need);
  return about.kind === 'hazard' && avoidedBy(need).some((avoided) => bearingOf(about.hazard, avoided) === 'same');
}
