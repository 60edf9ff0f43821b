import { rules } from '../reference/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { chancesOf, type ChanceOptions, type Chances } from './chances.ts';

export interface Surer {
  /** The occasion with the pins that ask for spare time. */
  readonly occasion: Occasion;
  readonly plan: Plan;
  /** The share of days on which everything is in time. */
  readonly allOnTime: number;
}

/** Each round takes the one point that buys most. */
const mostRounds = 6;

/**
 * Gives spare time where it buys most, again and again, each time with a plan made around it, until it is sure enough or nothing
 * helps. Yields the share done. What it ends with is never less sure than what it began with.
 */
export function* surer(
  occasion: Occasion,
  plan: Plan,
  days = 800,
  spareSeconds = 0.5,
): Generator<{ readonly share: number; readonly best: Surer }, Surer> {
  let best: Surer = { occasion, plan, allOnTime: 0 };
  for (let round = 0; round < mostRounds; round++) {
    const from = best;
    const { allOnTime, buffers } = yield* counted(from, { days, spareSeconds }, (share) => ({
      share: (round + share) / mostRounds,
      best: from,
    }));
    best = { ...from, allOnTime };
    const [most] = buffers;
    if (allOnTime >= rules.sureEnough || !most) break;
    best = {
      occasion: { ...from.occasion, wishes: { ...from.occasion.wishes, pins: [...most.pins] } },
      plan: most.plan,
      allOnTime: most.allOnTime,
    };
  }
  return best;
}

function* counted<Said>(
  { occasion, plan }: Surer,
  options: ChanceOptions,
  said: (share: number) => Said,
): Generator<Said, Chances> {
  const run = chancesOf(occasion, plan, options);
  for (;;) {
    const next = run.next();
    if (next.done) return next.value;
    if (next.value.kind === 'progress') yield said(next.value.share);
  }
}
