import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Occasion, Plan } from '@lupin/core';
import { startPlanner } from '../../planner/startPlanner.ts';
import type { SurerPlan } from '../../planner/worker.ts';

export interface SurerState {
  readonly share: number;
  /** The best so far. */
  readonly best?: SurerPlan;
  /** Why it came to nothing. */
  readonly fault?: string;
}

/** Looks in a worker for a surer plan; `stop` keeps the best so far. `onEnd` gets the plan and the pins that ask for its spare time. */
export function useSurer(onEnd: (surer: SurerPlan) => void): {
  readonly state: SurerState | undefined;
  readonly start: (occasion: Occasion, plan: Plan) => void;
  readonly stop: () => void;
} {
  const [state, setState] = useState<SurerState>();
  const running = useRef<() => void>(undefined);
  useEffect(() => () => running.current?.(), []);
  const end = (left: SurerState | undefined, surer?: SurerPlan): void => {
    running.current?.();
    running.current = undefined;
    setState(left);
    if (surer) onEnd(surer);
  };
  return {
    state,
    start: (occasion, plan) => {
      const { planner, done, stop } = startPlanner();
      running.current = stop;
      const isMine = () => running.current === stop;
      setState({ share: 0 });
      planner
        .surer(
          occasion,
          plan,
          proxy((next: SurerState) => {
            if (isMine()) setState(next);
          }),
        )
        .then((surer) => {
          done();
          if (isMine()) end(undefined, surer);
        })
        .catch((error: unknown) => {
          if (isMine()) end({ share: 0, fault: String(error) });
        });
    },
    stop: () => end(undefined, state?.best),
  };
}
