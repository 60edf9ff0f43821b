import { basisOf, type GuestId, type Occasion, type Plan } from '../model/index.ts';
import { fit } from '../fit/index.ts';
import { auditContents } from './contents.ts';
import { gather } from './facts.ts';
import { rulesOfAudit, type Finding, type FindingCode } from './finding.ts';
import { auditLooks } from './looks.ts';
import { auditOven } from './oven.ts';
import { auditPins } from './pins.ts';
import { replayResidues, type SurfaceState } from './residues.ts';
import { auditResources } from './resources.ts';
import { auditStanding } from './standing.ts';
import { auditTiming } from './timing.ts';

export interface AuditReport {
  readonly findings: readonly Finding[];
  /** True only where there is no finding at all. */
  readonly passed: boolean;
  readonly checked: {
    readonly steps: number;
    readonly washes: number;
    /** Pieces of kit and pairs of hands whose residues were followed. */
    readonly surfaces: number;
    readonly plates: number;
    readonly rules: readonly { readonly code: FindingCode; readonly rule: string; readonly findings: number }[];
  };
  /** Plates that no residue reaches but that rest on a label or an answer still open. */
  readonly openPlates: readonly { readonly guest: GuestId; readonly dishes: readonly string[] }[];
  /** For each piece of kit and pair of hands ("hands:cook"), what is on it and since when. */
  readonly surfaces: ReadonlyMap<string, readonly SurfaceState[]>;
}

/**
 * The second pair of eyes: replays a plan against the occasion, knowing nothing of how it was made, and follows every residue
 * to every plate. Shares no code with the scheduler.
 */
export function audit(occasion: Occasion, plan: Plan): AuditReport {
  const facts = gather(occasion, plan);
  const replay = replayResidues(facts);
  const stale: Finding[] =
    plan.basis === basisOf(occasion) && plan.occasion === occasion.id
      ? []
      : [{ code: 'stale', message: 'The occasion has changed since this plan was made.', tasks: [], guests: [] }];
  const findings = [
    ...stale,
    ...auditTiming(facts),
    ...auditStanding(facts),
    ...auditResources(facts),
    ...auditContents(facts),
    ...auditLooks(facts),
    ...auditOven(facts, replay),
    ...auditPins(facts),
    ...replay.findings,
  ];
  const table = fit(occasion);
  const openPlates = occasion.guests.flatMap((guest) => {
    const dishes = table.rows
      .filter((row) => row.cells.get(guest.id)!.served && row.cells.get(guest.id)!.judgement.verdict === 'check')
      .map((row) => row.dish.id as string);
    return dishes.length > 0 ? [{ guest: guest.id, dishes }] : [];
  });
  const codes = Object.keys(rulesOfAudit) as FindingCode[];
  return {
    findings,
    passed: findings.length === 0,
    checked: {
      steps: facts.steps.length,
      washes: facts.washes.length,
      surfaces: replay.followed,
      plates: occasion.guests.length,
      rules: codes.map((code) => ({
        code,
        rule: rulesOfAudit[code],
        findings: findings.filter((finding) => finding.code === code).length,
      })),
    },
    openPlates,
    surfaces: replay.surfaces,
  };
}
