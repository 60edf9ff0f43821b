import { audit, type AuditReport } from '../audit/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import type { Leaning } from '../schedule/index.ts';
import {
  bakedLonger,
  colderBakes,
  planning,
  workToPlan,
  type NoPlan,
  type PlanOptions,
  type WorkToPlan,
} from '../plan/index.ts';

export type AuditedEvent =
  | { readonly kind: 'found'; readonly plan: Plan; readonly report: AuditReport }
  | { readonly kind: 'progress'; readonly share: number };

export type AuditedResult =
  | { readonly kind: 'plan'; readonly plan: Plan; readonly report: AuditReport; readonly along: Leaning }
  | { readonly kind: 'none'; readonly reason: NoPlan };

/** Plans were made, and the audit let none of them through: what it said of the last. */
function objected(findings: AuditReport['findings']): NoPlan {
  return {
    what: 'Every order of work that was tried breaks a rule of the kitchen.',
    why: findings
      .slice(0, 4)
      .map((each) => each.message)
      .join(' '),
    tryThis: 'another serving time, one more piece of kit, or one dish less.',
    proven: false,
  };
}

interface Audited {
  readonly plan: Plan;
  readonly report: AuditReport;
}

/** The plan with more time for what bakes from the fridge, where that breaks nothing: what cannot have it is told at the bench. */
function withTimeForCold(occasion: Occasion, { network }: WorkToPlan, audited: Audited): Audited {
  if (!audited.plan.tasks.some((task) => task.kind === 'step' && task.rest)) return audited;
  return [...colderBakes(network, audited.plan)].reduce((best, [bake, minutes]): Audited => {
    const task = network.tasks.find((each) => each.id === bake)!;
    const plan = bakedLonger(occasion, best.plan, task, minutes);
    const report = audit(occasion, plan);
    return report.passed ? { plan, report } : best;
  }, audited);
}

/** So much more must have been looked for before another better plan is put before the audit: what is bettered again in a moment need not be. */
const auditedEvery = 0.1;

/**
 * Plans an occasion and lets nothing out that the audit has not passed: the first plan, better ones now and then, and progress; in the end the
 * best, or why there is none.
 */
export function* auditedPlanning(
  occasion: Occasion,
  options: PlanOptions = {},
  work: WorkToPlan = workToPlan(occasion),
): Generator<AuditedEvent, AuditedResult> {
  const run = planning(occasion, options, work);
  let best: Audited | undefined;
  let waiting: Plan | undefined;
  let auditedAt = 0;
  let objections: AuditReport['findings'] = [];
  const hasPassed = (plan: Plan): boolean => {
    waiting = undefined;
    const report = audit(occasion, plan);
    if (report.passed) best = withTimeForCold(occasion, work, { plan, report });
    else objections = report.findings;
    return report.passed;
  };
  for (;;) {
    const next = run.next();
    if (next.done) {
      if (next.value.kind === 'none') return next.value;
      if (waiting) hasPassed(waiting);
      return best ? { kind: 'plan', ...best, along: next.value.along } : { kind: 'none', reason: objected(objections) };
    }
    if (next.value.kind === 'found') waiting = next.value.plan;
    else {
      yield next.value;
      if (next.value.share - auditedAt < auditedEvery) continue;
      auditedAt = next.value.share;
    }
    if (waiting && (!best || next.value.kind === 'progress') && hasPassed(waiting)) yield { kind: 'found', ...best! };
  }
}
