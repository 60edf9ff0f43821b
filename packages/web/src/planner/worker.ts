import { expose } from 'comlink';
import { audit, auditedPlanning, type AuditReport, type NoPlan, type Occasion, type Plan } from '@lupin/core';
import type { PlainAudit } from './slice.ts';

export type Outcome = { readonly kind: 'plan' } | { readonly kind: 'none'; readonly reason: NoPlan };

const plain = ({ surfaces, ...report }: AuditReport): PlainAudit => ({ ...report, surfaces: Object.fromEntries(surfaces) });

/** Plans away from the screen. Every plan has passed the audit before anybody sees it. */
const planner = {
  audit: (occasion: Occasion, plan: Plan): PlainAudit => plain(audit(occasion, plan)),
  async plan(occasion: Occasion, seed: number, seconds: number, onFound: (plan: Plan, report: PlainAudit) => void, onShare: (share: number) => void): Promise<Outcome> {
    const run = auditedPlanning(occasion, { seed, seconds });
    let said = 0;
    for (;;) {
      const next = run.next();
      if (next.done) return next.value.kind === 'none' ? next.value : { kind: 'plan' };
      if (next.value.kind === 'found') onFound(next.value.plan, plain(next.value.report));
      else if (next.value.share - said >= 0.02) onShare((said = next.value.share));
    }
  },
};

export type Planner = typeof planner;
expose(planner);
