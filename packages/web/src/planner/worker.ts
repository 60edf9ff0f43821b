import { expose } from 'comlink';
import { audit, auditedPlanning, chancesOf, surer, type AuditReport, type Chances, type DaySummary, type NoPlan, type Occasion, type Pin, type Plan, type PlanOptions } from '@lupin/core';
import type { PlainAudit } from './slice.ts';

export type Outcome = { readonly kind: 'plan' } | { readonly kind: 'none'; readonly reason: NoPlan };

const plain = ({ surfaces, ...report }: AuditReport): PlainAudit => ({ ...report, surfaces: Object.fromEntries(surfaces) });

/** Plans away from the screen. Every plan has passed the audit before anybody sees it. */
const planner = {
  audit: (occasion: Occasion, plan: Plan): PlainAudit => plain(audit(occasion, plan)),
  async plan(occasion: Occasion, options: PlanOptions, onFound: (plan: Plan, report: PlainAudit) => void, onShare: (share: number) => void): Promise<Outcome> {
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
  chances(occasion: Occasion, plan: Plan, spareSeconds: number, onCounted: (summary: DaySummary) => void, onShare: (share: number) => void): Chances {
    const run = chancesOf(occasion, plan, { spareSeconds });
    for (;;) {
      const next = run.next();
      if (next.done) return next.value;
      if (next.value.kind === 'counted') onCounted(next.value.summary);
      else onShare(next.value.share);
    }
  },
  /** The cook's pins with spare time put where it makes the plan surer. */
  surer(occasion: Occasion, plan: Plan, onShare: (next: { share: number; best: { pins: readonly Pin[]; allOnTime: number } }) => void): readonly Pin[] {
    const run = surer(occasion, plan);
    for (;;) {
      const next = run.next();
      if (next.done) return next.value.occasion.wishes.pins;
      const { share, best } = next.value;
      onShare({ share, best: { pins: best.occasion.wishes.pins, allOnTime: best.allOnTime } });
    }
  },
};

export type Planner = typeof planner;
expose(planner);
