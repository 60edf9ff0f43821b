import { expose } from 'comlink';
import { audit, planning, type NoPlan, type Occasion, type Plan } from '@lupin/core';
import type { PlainAudit } from './slice.ts';

export type Outcome = { readonly kind: 'plan' } | { readonly kind: 'none'; readonly reason: NoPlan };

const plainAudit = (occasion: Occasion, plan: Plan): PlainAudit => {
  const { surfaces, ...report } = audit(occasion, plan);
  return { ...report, surfaces: Object.fromEntries(surfaces) };
};

/** Plans away from the screen. Every plan is audited here before anybody sees it; one with a finding is not shown. */
const planner = {
  audit: plainAudit,
  async plan(occasion: Occasion, seed: number, rounds: number, onFound: (plan: Plan, report: PlainAudit) => void, onShare: (share: number) => void): Promise<Outcome> {
    const run = planning(occasion, { seed, rounds });
    let said = 0;
    for (;;) {
      const next = run.next();
      if (next.done) return next.value.kind === 'plan' ? { kind: 'plan' } : { kind: 'none', reason: next.value.reason };
      if (next.value.kind === 'progress') {
        if (next.value.share - said >= 0.02) onShare((said = next.value.share));
        continue;
      }
      const report = plainAudit(occasion, next.value.plan);
      if (report.passed) onFound(next.value.plan, report);
      else console.error('A plan with findings was not shown:', report.findings);
    }
  },
};

export type Planner = typeof planner;
expose(planner);
