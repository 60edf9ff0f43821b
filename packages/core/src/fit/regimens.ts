import {
  bearingOf,
  foodOf,
  hazardOf,
  regimenOf,
  type FamilyId,
  type Food,
  type FoodId,
  type HazardId,
  type Regimen,
  type RegimenRule,
} from '../reference/index.ts';
import type { LabelClaim, LineId, Need } from '../model/index.ts';
import type { Evidence, Knowledge } from '../exposure/index.ts';

export type RegimenNeed = Extract<Need, { kind: 'regimen' }>;

/** What a rule of a way of eating comes to for one piece of evidence. */
export interface Ruled {
  readonly verdict: 'check' | 'conflict';
  /** A sentence: the rule, and what is open. */
  readonly why: string;
  readonly hazard?: HazardId;
  /** A claim on the label would settle it; else the guest. */
  readonly byLabel: boolean;
}

type Match = 'sure' | 'perhaps' | undefined;

/** Whether a rule is about what the evidence tells of. */
function matchOf(rule: RegimenRule, { about, level }: Evidence): Match {
  switch (about.kind) {
    case 'hazard': {
      const bearing = rule.hazards
        .filter((hazard) => !about.lifts?.includes(hazard))
        .map((hazard) => bearingOf(about.hazard, hazard));
      if (bearing.includes('same')) return level === 'contained' ? 'sure' : 'perhaps';
      return bearing.includes('maybe') ? 'perhaps' : undefined;
    }
    case 'food': {
      if (rule.itself.includes(about.food)) return 'sure';
      const isOf = (of: (food: FoodId) => boolean, families: ReadonlySet<string>) =>
        rule.foods.some(of) || rule.families.some((family) => families.has(family));
      if (isOf((food) => about.parts.has(food), about.families)) return 'sure';
      const named = [...about.named].flatMap((id) => foodOf(id) ?? []);
      return named.some((food: Food) => isOf((id) => id === food.id, new Set<string>(food.families)))
        ? 'perhaps'
        : undefined;
    }
    case 'unread':
    case 'unlisted':
    case 'unknown':
    case 'kitchen':
      return undefined;
    default:
      return about satisfies never;
  }
}

const isExcepted = ({ but }: RegimenRule, { about, food }: Evidence): boolean =>
  but.some((each) => each === food || (about.kind === 'food' && each === about.food));

/** Traces and what is carried over from a shared pan matter only to whom no trace may reach. */
const isBesides = ({ level }: Evidence, need: RegimenNeed): boolean =>
  (level === 'trace' || level === 'carried') && need.strictness !== 'no-trace';

/** Whether its heat has done what the rule asks. */
const isDone = ({ unless }: RegimenRule, { heated }: Evidence): boolean =>
  heated !== undefined && (unless === 'warmed' || (unless === 'through' && heated === 'through'));

function ruled(rule: RegimenRule, evidence: Evidence, claims: ReadonlySet<string>): Ruled | undefined {
  const match = matchOf(rule, evidence);
  if (match === undefined || isExcepted(rule, evidence) || (rule.ifSure && match !== 'sure')) return undefined;
  if (isDone(rule, evidence) || (rule.settledBy && claims.has(rule.settledBy))) return undefined;
  const { heated } = evidence;
  // What reached its core temperature is no longer raw, and is not among the evidence.
  const isHalf = heated !== undefined && (rule.unless === 'core' || rule.unless === 'through');
  const isSure = match === 'sure' && evidence.level === 'contained' && !isHalf;
  const hazard = evidence.about.kind === 'hazard' ? { hazard: evidence.about.hazard } : {};
  return {
    verdict: rule.says === 'never' && isSure ? 'conflict' : 'check',
    why: `${rule.why}${isHalf ? '; it is heated here, and nobody says that it becomes hot right through' : ''}`,
    byLabel: rule.settledBy !== undefined || (match === 'perhaps' && evidence.about.kind === 'hazard'),
    ...hazard,
  };
}

const noClaims: ReadonlySet<string> = new Set();

/** What the label of each line says of itself. */
export const claimsByLine = (evidence: readonly Evidence[]): ReadonlyMap<LineId, ReadonlySet<string>> =>
  new Map(
    evidence.flatMap(({ about, line }) =>
      about.kind === 'food' && line ? [[line, new Set<string>(about.claims)] as const] : [],
    ),
  );

/** What is certified for a custom as a whole leaves none of its doubts; what is known to be in it stays. */
const isCertified = ({ regimen }: RegimenNeed, { level }: Evidence, claims: ReadonlySet<string>): boolean =>
  level === 'possible' && claims.has(regimen);

/**
 * What a way of eating says of one piece of evidence; undefined where it says nothing. What nobody has read or named is a question to it as it is to
 * every other need.
 * @param claims what the label of the same food says of itself
 */
export function ruledBy(
  need: RegimenNeed,
  evidence: Evidence,
  claims: ReadonlySet<string> = noClaims,
): Ruled | undefined {
  const regimen = regimenOf(need.regimen);
  const { about } = evidence;
  // A label that was read for an earlier occasion is read again only for whom no trace may reach.
  if (evidence.strictOnly && need.strictness !== 'no-trace') return undefined;
  if (isBesides(evidence, need) || isCertified(need, evidence, claims)) return undefined;
  switch (about.kind) {
    case 'unknown':
      return { verdict: 'check', why: evidence.because, byLabel: false };
    case 'kitchen':
      return need.strictness === 'no-trace' ? { verdict: 'check', why: evidence.because, byLabel: false } : undefined;
    case 'unread':
      return regimen.unread || need.strictness === 'no-trace'
        ? { verdict: 'check', why: evidence.because, byLabel: true }
        : undefined;
    case 'unlisted':
      return unlisted(regimen, evidence, about);
    case 'hazard':
    case 'food': {
      const all = regimen.rules.flatMap((rule) => ruled(rule, evidence, claims) ?? []);
      return all.find(({ verdict }) => verdict === 'conflict') ?? all[0];
    }
    default:
      return about satisfies never;
  }
}

/** A label was read, and not for everything that this way of eating asks of it. */
function unlisted(
  { unread, rules }: Regimen,
  { because }: Evidence,
  { found, absent, lookedFor }: Extract<Evidence['about'], { kind: 'unlisted' }>,
): Ruled | undefined {
  if (!unread) return undefined;
  const seen = rules.find((rule) => [...rule.families, ...rule.foods].some((each) => found.has(each)));
  if (seen) return { verdict: seen.says === 'never' ? 'conflict' : 'check', why: seen.why, byLabel: false };
  const isOpen = rules.some(
    (rule) =>
      rule.families.some((family) => !absent.has(family)) ||
      rule.hazards.some((hazard) => lookedFor !== undefined && !lookedFor.has(hazard)),
  );
  return isOpen ? { verdict: 'check', why: because, byLabel: true } : undefined;
}

/** How surely each of two kinds of food that are eaten at different meals is in it; undefined where nothing is kept apart. */
export function apartIn(
  need: RegimenNeed,
  evidence: readonly Evidence[],
): { readonly one: Match; readonly other: Match; readonly why: string } | undefined {
  const { apart } = regimenOf(need.regimen);
  if (!apart) return undefined;
  const claims = claimsByLine(evidence);
  const open = evidence.filter((each) => !isCertified(need, each, (each.line && claims.get(each.line)) ?? noClaims));
  return { one: levelOf(apart.one, open), other: levelOf(apart.other, open), why: apart.why };
}

/** What is eaten at different meals and is in one dish; undefined where it is not. */
export function togetherIn(need: RegimenNeed, evidence: readonly Evidence[]): Ruled | undefined {
  const apart = apartIn(need, evidence);
  if (!apart?.one || !apart.other) return undefined;
  const isSure = apart.one === 'sure' && apart.other === 'sure';
  return { verdict: isSure ? 'conflict' : 'check', why: apart.why, byLabel: false };
}

/** Whether any of these hazards is in it. */
function levelOf(hazards: readonly HazardId[], evidence: readonly Evidence[]): Match {
  const levels = evidence.flatMap(({ about, level }) =>
    about.kind === 'hazard' && hazards.some((hazard) => bearingOf(about.hazard, hazard) === 'same') ? [level] : [],
  );
  if (levels.includes('contained')) return 'sure';
  return levels.includes('possible') ? 'perhaps' : undefined;
}

/** What a label of a food is read for on account of a way of eating, besides what is never in it; and the claims that answer what it asks. */
export interface LabelAsks {
  readonly hazards: readonly HazardId[];
  readonly families: readonly FamilyId[];
  readonly claims: readonly LabelClaim[];
}

export function labelAsks(need: RegimenNeed, food: Food | undefined, knowledge: Knowledge): LabelAsks {
  const { rules, unread } = regimenOf(need.regimen);
  const isStrict = unread || need.strictness === 'no-trace';
  const mayHold = (hazard: HazardId) => food?.possible.some((each) => bearingOf(each.hazard, hazard) === 'same');
  const holds = (hazard: HazardId) => food?.contains.some((each) => bearingOf(each, hazard) === 'same') === true;
  const isAsked = (hazard: HazardId) =>
    hazardOf(hazard).kind !== 'raw' && !holds(hazard) && (isStrict || mayHold(hazard));
  const isOf = (rule: RegimenRule) =>
    food !== undefined &&
    (rule.hazards.some((hazard) => holds(hazard) || mayHold(hazard)) ||
      rule.itself.includes(food.id) ||
      rule.foods.some((each) => knowledge.parts(food.id).has(each)) ||
      rule.families.some((family) => knowledge.families(food.id).has(family)));
  return {
    hazards: [...new Set(rules.flatMap((rule) => rule.hazards))].filter(isAsked),
    families: unread && food?.kind === 'composite' ? [...new Set(rules.flatMap((rule) => rule.families))] : [],
    claims: [
      ...new Set(
        rules.flatMap((rule) =>
          rule.settledBy && (isOf(rule) || (unread && rule.settledBy === need.regimen)) ? [rule.settledBy] : [],
        ),
      ),
    ],
  };
}
