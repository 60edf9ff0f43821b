import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { Chances, Counted, Occasion, Plan } from '@lupin/core';
import { startPlanner } from '../../planner/startPlanner.ts';

export interface ChanceState {
  /** The plan it is about: that of another is stale. */
  readonly plan: Plan;
  readonly summary?: Counted;
  /** What spare time buys; absent while it is still being tried. */
  readonly buffers?: Chances['buffers'];
  readonly share: number;
  readonly fault?: string;
}

/** How much is looked for each plan with spare time in it, in seconds of an ordinary machine. */
const spareSeconds = 0.5;

/** Counts in a worker how sure a plan is; with `wholly` also what minutes to spare would buy. Undefined until something is known. */
export function useChances(occasion: Occasion, plan: Plan | undefined, wholly: boolean): ChanceState | undefined {
  const [state, setState] = useState<ChanceState>();
  useEffect(() => {
    if (!plan) return undefined;
    const { planner, done, stop } = startPlanner();
    let over = false;
    const tell = (part: Partial<ChanceState>): void => {
      if (!over) setState((before) => ({ share: 0, ...(before?.plan === plan ? before : {}), plan, ...part }));
    };
    planner
      .chances(
        occasion,
        plan,
        wholly ? spareSeconds : 0,
        proxy((summary: Counted) => tell({ summary })),
        proxy((share: number) => tell({ share })),
      )
      .then((chances) => tell({ summary: chances, share: 1, ...(wholly ? { buffers: chances.buffers } : {}) }))
      .catch((error: unknown) => tell({ fault: String(error) }))
      .finally(done);
    return () => {
      over = true;
      stop();
    };
    // The plan names the state of the occasion that it rests on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan, wholly]);
  return state?.plan === plan ? state : undefined;
}
