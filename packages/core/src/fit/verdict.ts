import { bearingOf, foodOf, hazardOf, type FoodId, type HazardId } from '../reference/index.ts';
import type { Guest, LabelRecord, LineId, Need, Strictness } from '../model/index.ts';
import type { Evidence, Level } from '../exposure/index.ts';
import { avoidedBy, needWords } from './needs.ts';

/** What can be said of a guest and a made version before any change is thought of. */
export type Verdict = 'clear' | 'check' | 'conflict';

/** One ground for a verdict: from the guest's need to the line to the label or catalogue fact. */
export interface Reason {
  readonly verdict: Verdict;
  readonly need: Need;
  readonly line?: LineId | undefined;
  /** The catalogue food of that line. */
  readonly food?: FoodId | undefined;
  readonly hazard?: HazardId | undefined;
  /** Short sentences, need first; the one in the middle holds the line's own words. */
  readonly chain: readonly string[];
}

export interface Judgement {
  readonly verdict: Verdict;
  /** Most serious first. */
  readonly reasons: readonly Reason[];
  /** Wishes that are not met; they never change the verdict. */
  readonly notes: readonly Reason[];
}

const rank: Record<Verdict, number> = { clear: 0, check: 1, conflict: 2 };
export const worse = (a: Verdict, b: Verdict): Verdict => (rank[a] >= rank[b] ? a : b);

/** Whether a need is a way of eating rather than an illness: traces do not matter to it unless it says so. */
const isChoice = (need: Need): boolean => need.kind === 'diet' || need.kind === 'food' || (need.kind === 'hazard' && hazardOf(need.hazard).kind !== 'allergen');

function weigh(level: Level, strictness: Strictness, choice: boolean): Verdict {
  switch (strictness) {
    case 'no-trace':
      return level === 'contained' ? 'conflict' : 'check';
    case 'not-ingredient':
      if (level === 'contained') return 'conflict';
      return level === 'possible' || !choice ? 'check' : 'clear';
    case 'prefers-not':
      return 'clear';
    default:
      return strictness satisfies never;
  }
}

function weighHazard(found: HazardId, level: Level, avoided: HazardId, need: Exclude<Need, { kind: 'open' }>): Verdict {
  switch (bearingOf(found, avoided)) {
    case 'none':
      return 'clear';
    case 'same':
      return weigh(level, need.strictness, isChoice(need));
    case 'maybe':
    case 'related':
      // A relative, or a group whose member is unnamed, is a question and never a plain conflict.
      return need.strictness === 'prefers-not' || (level === 'trace' && isChoice(need)) ? 'clear' : 'check';
  }
}

function weighEvidence(evidence: Evidence, need: Exclude<Need, { kind: 'open' }>, labels: readonly LabelRecord[]): { verdict: Verdict; hazard?: HazardId } {
  const { about } = evidence;
  switch (about.kind) {
    case 'hazard': {
      let best: { verdict: Verdict; hazard?: HazardId } = { verdict: 'clear' };
      for (const avoided of avoidedBy(need)) {
        const verdict = weighHazard(about.hazard, evidence.level, avoided, need);
        if (rank[verdict] > rank[best.verdict]) best = { verdict, hazard: about.hazard };
      }
      return best;
    }
    case 'food':
      return need.kind === 'food' && need.food === about.food ? { verdict: weigh(evidence.level, need.strictness, true) } : { verdict: 'clear' };
    case 'unread': {
      if (need.strictness === 'prefers-not') return { verdict: 'clear' };
      if (need.kind === 'food') return { verdict: labels.some((label) => label.food === evidence.food && label.foodsAbsent.includes(need.food)) ? 'clear' : 'check' };
      return { verdict: need.strictness === 'no-trace' ? 'check' : 'clear' };
    }
    case 'unknown':
      return { verdict: need.strictness === 'prefers-not' ? 'clear' : 'check' };
    default:
      return about satisfies never;
  }
}

/**
 * May this guest eat food of this evidence? The order of the evidence does not matter; more evidence never makes it better.
 * A food avoided as a single food is looked for in unread composites, and in those read for hazards but not for it.
 */
export function judge(guest: Guest, evidence: readonly Evidence[], labels: readonly LabelRecord[] = []): Judgement {
  const reasons: Reason[] = [];
  const notes: Reason[] = [];
  for (const need of guest.needs) {
    if (need.kind === 'open') {
      reasons.push({ verdict: 'check', need, chain: [`${guest.name}: ${needWords(need)}`, 'Ask what it means, then write it as a need.'] });
      continue;
    }
    const start = () => `${guest.name}: ${needWords(need)}, ${guest.confirmedOn ? `confirmed ${dayWords(guest.confirmedOn)}` : 'not yet confirmed with them'}`;
    // Residues are followed by hazard, not by single food: as long as that is so, no dish is clear of a trace of one.
    if (need.kind === 'food' && need.strictness === 'no-trace') {
      reasons.push({ verdict: 'check', need, food: need.food, chain: [start(), `Traces of ${foodOf(need.food)?.name ?? need.food} are not followed over boards and hands.`, 'Keep its kit apart yourself, or note it as “not as an ingredient” if a trace does not matter.'] });
    }
    for (const each of evidence) {
      const { verdict, hazard } = weighEvidence(each, need, labels);
      if (verdict !== 'clear') reasons.push({ verdict, need, line: each.line, food: each.food, hazard, chain: [start(), `“${each.words}”`, each.because] });
      else if (need.strictness === 'prefers-not' && each.level === 'contained' && meets(each, need)) notes.push({ verdict, need, line: each.line, food: each.food, chain: [start(), `“${each.words}”`, each.because] });
      // A label read for hazards says nothing of garlic unless garlic was looked for.
      if (need.kind === 'food' && need.strictness !== 'prefers-not' && each.about.kind === 'food' && each.food === each.about.food && foodOf(each.about.food)?.kind === 'composite') {
        const label = labels.find((one) => one.food === each.food);
        if (label && !label.foodsAbsent.includes(need.food) && !label.foodsFound.includes(need.food)) {
          reasons.push({ verdict: 'check', need, line: each.line, food: each.food, chain: [start(), `“${each.words}”`, `The label of ${label.product} was read, but not for ${foodOf(need.food)?.name ?? need.food}.`] });
        }
      }
    }
  }
  reasons.sort((a, b) => rank[b.verdict] - rank[a.verdict]);
  return { verdict: reasons.reduce<Verdict>((sum, reason) => worse(sum, reason.verdict), 'clear'), reasons, notes };
}

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** "20 Nov 2026" for 2026-11-20. */
function dayWords(iso: string): string {
  const [year, month, day] = iso.split('-').map(Number);
  return `${day} ${months[month! - 1]} ${year}`;
}

function meets(evidence: Evidence, need: Exclude<Need, { kind: 'open' }>): boolean {
  const { about } = evidence;
  if (about.kind === 'food') return need.kind === 'food' && need.food === about.food;
  return about.kind === 'hazard' && avoidedBy(need).some((avoided) => bearingOf(about.hazard, avoided) === 'same');
}
