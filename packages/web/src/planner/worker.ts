import { expose } from 'comlink';
import { audit, planning, type AuditReport, type NoPlan, type Occasion, type Plan } from '@lupin/core';
import type { PlainAudit } from './slice.ts';

export type Outcome = { readonly kind: 'plan' } | { readonly kind: 'none'; readonly reason: NoPlan };

const plainAudit = (occasion: Occasion, plan: Plan): PlainAudit => {
  const { surfaces, ...report } = audit(occasion, plan);
  return { ...report, surfaces: Object.fromEntries(surfaces) };
};

/** Plans were made, and the audit let none of them through: what it said of the last. */
function objected(findings: AuditReport['findings']): NoPlan {
  const raw = findings.length > 0 && findings.every((each) => each.code === 'raw-served');
  return {
    what: raw ? 'Something would go to the table raw.' : 'Every order of work that was tried breaks a rule of the kitchen.',
    why: findings.slice(0, 4).map((each) => each.message).join(' '),
    tryThis: raw ? 'say which temperature its last hot step reaches inside, or leave the dish out.' : 'another serving time, one more piece of kit, or one dish less.',
    // What no step cooks stays raw in any order.
    proven: raw,
  };
}

/** Plans away from the screen. Every plan is audited here before anybody sees it; one with a finding is not shown. */
const planner = {
  audit: plainAudit,
  async plan(occasion: Occasion, seed: number, seconds: number, onFound: (plan: Plan, report: PlainAudit) => void, onShare: (share: number) => void): Promise<Outcome> {
    const run = planning(occasion, { seed, seconds });
    let said = 0;
    let shown = false;
    let objections: AuditReport['findings'] = [];
    for (;;) {
      const next = run.next();
      if (next.done) return next.value.kind === 'none' ? { kind: 'none', reason: next.value.reason } : shown ? { kind: 'plan' } : { kind: 'none', reason: objected(objections) };
      if (next.value.kind === 'progress') {
        if (next.value.share - said >= 0.02) onShare((said = next.value.share));
        continue;
      }
      const report = plainAudit(occasion, next.value.plan);
      if (report.passed) {
        shown = true;
        onFound(next.value.plan, report);
      } else objections = report.findings;
    }
  },
};

export type Planner = typeof planner;
expose(planner);
