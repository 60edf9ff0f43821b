import { expose } from 'comlink';
import {
  audit,
  auditedPlanning,
  chancesOf,
  mends,
  surer,
  type AuditReport,
  type Chances,
  type DaySummary,
  type Mend,
  type NoPlan,
  type Occasion,
  type Pin,
  type Plan,
  type PlanOptions,
  type Standpoint,
  type Surer,
} from '@lupin/core';
import type { PlainAudit } from './slice.ts';

/** A plan, the pins it rests on, and the share of days on which everything is in time with it. */
export interface SurerPlan {
  readonly pins: readonly Pin[];
  readonly plan: Plan;
  readonly allOnTime: number;
}

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
    options: PlanOptions,
    onFound: (plan: Plan, report: PlainAudit) => void,
    onShare: (share: number) => void,
  ): Promise<Outcome> {
    const run = auditedPlanning(occasion, options);
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
    onCounted: (summary: DaySummary) => void,
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
  /** A plan with spare time put where it makes it surer, and the cook's pins that ask for it. */
  surer(occasion: Occasion, plan: Plan, onShare: (next: { share: number; best: SurerPlan }) => void): SurerPlan {
    const run = surer(occasion, plan);
    const plainly = (best: Surer): SurerPlan => ({
      pins: best.occasion.wishes.pins,
      plan: best.plan,
      allOnTime: best.allOnTime,
    });
    for (;;) {
      const next = run.next();
      if (next.done) return plainly(next.value);
      onShare({ share: next.value.share, best: plainly(next.value.best) });
    }
  },
};

export type Planner = typeof planner;
expose(planner);
