import { basisOf, Sure, type Occasion, type Plan } from '../model/index.ts';
import { planFigures } from '../plan/index.ts';
import { rules } from '../reference/index.ts';
import { countChances } from './chances.ts';
import { surePlanning } from './sure.ts';

/** What it costs to be so sure: a plan that is made for it, and that passed the audit. */
export interface SureCost {
  readonly sure: Sure;
  readonly plan: Plan;
  /** The share of days on which everything is really in time with it. */
  readonly onTime: number;
  /** When the first hand is wanted on the day, in minutes after the first serving; negative is before. */
  readonly startMin: number;
  /** Minutes of somebody's work on the days before. */
  readonly aheadMin: number;
  readonly washes: number;
}

export type CostEvent =
  { readonly kind: 'cost'; readonly cost: SureCost } | { readonly kind: 'progress'; readonly share: number };

/** The occasion with another wish for how sure its plan is to be. */
export const wishedSure = (occasion: Occasion, sure: Sure): Occasion => ({
  ...occasion,
  wishes: { ...occasion.wishes, sure },
});

const levels = Sure.options.filter((sure) => sure > 0).toReversed();

/**
 * For each sureness that can be asked for a plan made for it, the surest first; yields each as it is found. What is surer than is asked, and costs no
 * more, is taken for less too. Where there is no plan there is none for any.
 */
export function* sureCosts(
  occasion: Occasion,
  { seconds = 3, seed = 1 }: { readonly seconds?: number; readonly seed?: number } = {},
): Generator<CostEvent, readonly SureCost[]> {
  const costs: SureCost[] = [];
  for (const [at, sure] of levels.entries()) {
    const one = wishedSure(occasion, sure);
    const surer = costs.at(-1);
    const rival = surer && { ...surer.plan, basis: basisOf(one) };
    const run = surePlanning(one, { seconds, seed, rival });
    for (let next = run.next(); ; next = run.next()) {
      if (!next.done) {
        if (next.value.kind === 'progress') yield { kind: 'progress', share: (at + next.value.share) / levels.length };
        continue;
      }
      if (next.value.kind === 'none') return costs;
      const plan = next.value.best?.plan ?? rival!;
      // On the days by which its cook is told how sure it is once it is taken.
      const { allOnTime: onTime } = countChances(one, plan, { spareSeconds: 0 });
      const { washes, aheadMin } = planFigures(one, plan);
      const hands = plan.tasks.flatMap((task) =>
        task.kind === 'oven' || task.startMin < rules.dayStartsMin ? [] : [task.startMin],
      );
      const cost = { sure, plan, onTime, washes, aheadMin, startMin: Math.min(...hands) };
      costs.push(cost);
      yield { kind: 'cost', cost };
      break;
    }
  }
  return costs;
}
