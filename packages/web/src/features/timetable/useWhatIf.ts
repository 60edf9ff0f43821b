import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import { basisOf, type NoPlan, type Occasion, type Plan } from '@lupin/core';
import { lookFor } from '../../app/prefs.ts';
import { useAppSelector } from '../../app/store.ts';
import { startPlanner } from '../../planner/startPlanner.ts';

export interface WhatIfState {
  /** The state of the occasion it is about. */
  readonly basis: string;
  readonly share: number;
  readonly over: boolean;
  /** The best plan so far. */
  readonly plan?: Plan;
  /** The share of days on which everything is in time, with the plan it ended with. */
  readonly allOnTime?: number;
  readonly reason?: NoPlan;
}

/** Plans an occasion that is not (yet) the one at hand, beginning from the plan at hand. Undefined where there is nothing to plan. */
export function useWhatIf(occasion: Occasion | undefined, from: Plan | undefined): WhatIfState | undefined {
  const [state, setState] = useState<WhatIfState>();
  // As much is looked as for the plan that it is compared with.
  const look = useAppSelector((root) => root.prefs.look);
  const basis = occasion ? basisOf(occasion) : '';
  useEffect(() => {
    if (!occasion) return undefined;
    const { planner, done, stop } = startPlanner();
    let gone = false;
    let best: Plan | undefined;
    const tell = (part: Partial<WhatIfState>): void => {
      if (!gone)
        setState((before) => ({ share: 0, over: false, ...(before?.basis === basis ? before : {}), basis, ...part }));
    };
    const run = async (): Promise<void> => {
      tell({ share: 0, over: false });
      const outcome = await planner.plan(
        occasion,
        { seed: 1, ...lookFor(look), from },
        proxy((plan) => {
          best = plan;
          tell({ plan });
        }),
        proxy((share) => tell({ share })),
      );
      if (outcome.kind === 'none') return tell({ over: true, reason: outcome.reason });
      const chances =
        best &&
        (await planner.chances(
          occasion,
          best,
          0,
          proxy(() => undefined),
          proxy(() => undefined),
        ));
      return tell({ over: true, share: 1, ...(chances ? { allOnTime: chances.allOnTime } : {}) });
    };
    run()
      .catch((error: unknown) =>
        tell({
          over: true,
          reason: { what: 'The planner stopped.', why: String(error), tryThis: 'Choose it once more.', proven: false },
        }),
      )
      .finally(done);
    return () => {
      gone = true;
      stop();
    };
    // The digest says all that a plan rests on; the plan at hand is only where the search begins.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [basis]);
  return state?.basis === basis && occasion ? state : undefined;
}
