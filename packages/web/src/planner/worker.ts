import { expose } from 'comlink';
import {
  audit,
  chancesOf,
  mends,
  sureCosts,
  surePlanning,
  type AuditReport,
  type Chances,
  type Counted,
  type Mend,
  type NoPlan,
  type Occasion,
  type Plan,
  type Standpoint,
  type SureCost,
  type SureOptions,
} from '@lupin/core';
import type { PlainAudit } from './slice.ts';

export type Outcome = { readonly kind: 'plan' } | { readonly kind: 'none'; readonly reason: NoPlan };

const plain = ({ surfaces, ...report }: AuditReport): PlainAudit => ({
  ...report,
  surfaces: Object.fromEntries(surfaces),
});

/** Plans away from the screen. Every plan has passed the audit before anybody sees it. */
const planner = {
  audit: (occasion: Occasion, plan: Plan): PlainAudit => plain(audit(occasion, plan)),
  async plan(
    occasion: Occasion,
    options: SureOptions,
    onFound: (plan: Plan, report: PlainAudit) => void,
    onShare: (share: number) => void,
  ): Promise<Outcome> {
    const run = surePlanning(occasion, options);
    let said = 0;
    for (;;) {
      const next = run.next();
      if (next.done) return next.value.kind === 'none' ? next.value : { kind: 'plan' };
      if (next.value.kind === 'found') onFound(next.value.plan, plain(next.value.report));
      else if (next.value.share - said >= 0.02) onShare((said = next.value.share));
    }
  },
  /** How sure a plan is; with `spareSeconds`, also what minutes to spare would buy. */
  chances(
    occasion: Occasion,
    plan: Plan,
    spareSeconds: number,
    onCounted: (summary: Counted) => void,
    onShare: (share: number) => void,
  ): Chances {
    const run = chancesOf(occasion, plan, { spareSeconds });
    for (;;) {
      const next = run.next();
      if (next.done) return next.value;
      if (next.value.kind === 'counted') onCounted(next.value.summary);
      else onShare(next.value.share);
    }
  },
  /** How a day can go on from where it stands. */
  mends: (occasion: Occasion, standpoint: Standpoint): readonly Mend[] => mends(occasion, standpoint),
  /** What it costs to be so sure, for each that can be asked for. */
  sureCosts(occasion: Occasion, onCost: (cost: SureCost) => void, onShare: (share: number) => void): void {
    for (const next of sureCosts(occasion)) {
      if (next.kind === 'cost') onCost(next.cost);
      else onShare(next.share);
    }
  },
};

export type Planner = typeof planner;
expose(planner);
