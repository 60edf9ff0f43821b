import { audit, type AuditReport } from '../audit/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { bakedLonger, colderBakes, planning, type NoPlan, type PlanOptions } from '../plan/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { fit } from '../fit/index.ts';

export type AuditedEvent =
  | { readonly kind: 'found'; readonly plan: Plan; readonly report: AuditReport }
  | { readonly kind: 'progress'; readonly share: number };

export type AuditedResult =
  | { readonly kind: 'plan'; readonly plan: Plan; readonly report: AuditReport }
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
function withTimeForCold(occasion: Occasion, audited: Audited): Audited {
  if (!audited.plan.tasks.some((task) => task.kind === 'step' && task.rest)) return audited;
  const network = tasksOf(occasion, fit(occasion), audited.plan.batches);
  return [...colderBakes(network, audited.plan)].reduce((best, [bake, minutes]): Audited => {
    const task = network.tasks.find((each) => each.id === bake)!;
    const plan = bakedLonger(occasion, best.plan, task, minutes);
    const report = audit(occasion, plan);
    return report.passed ? { plan, report } : best;
  }, audited);
}

/** Plans an occasion and lets nothing out that the audit has not passed: every better plan as it is found, and progress; in the end the best, or why there is none. */
export function* auditedPlanning(
  occasion: Occasion,
  options: PlanOptions = {},
): Generator<AuditedEvent, AuditedResult> {
  const run = planning(occasion, options);
  let best: Audited | undefined;
  let objections: AuditReport['findings'] = [];
  const look = (plan: Plan): boolean => {
    const report = audit(occasion, plan);
    if (report.passed) best = withTimeForCold(occasion, { plan, report });
    else objections = report.findings;
    return report.passed;
  };
  for (;;) {
    const next = run.next();
    if (next.done) {
      if (next.value.kind === 'none') return next.value;
      return best ? { kind: 'plan', ...best } : { kind: 'none', reason: objected(objections) };
    }
    if (next.value.kind === 'progress') yield next.value;
    else if (look(next.value.plan)) yield { kind: 'found', ...best! };
  }
}
