import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Occasion, Pin, Plan } from '@lupin/core';
import type { Planner } from '../../planner/worker.ts';

export interface SurerState {
  readonly share: number;
  /** The best so far. */
  readonly best?: { readonly pins: readonly Pin[]; readonly allOnTime: number };
}

/** Looks in a worker for a surer plan; `stop` keeps the best so far. `onEnd` gets the pins that ask for the spare time. */
export function useSurer(onEnd: (pins: readonly Pin[]) => void): { readonly state: SurerState | undefined; readonly start: (occasion: Occasion, plan: Plan) => void; readonly stop: () => void } {
  const [state, setState] = useState<SurerState>();
  const running = useRef<Worker>(undefined);
  useEffect(() => () => running.current?.terminate(), []);
  const end = (pins: readonly Pin[] | undefined): void => {
    running.current?.terminate();
    running.current = undefined;
    setState(undefined);
    if (pins) onEnd(pins);
  };
  return {
    state,
    start: (occasion, plan) => {
      const worker = new Worker(new URL('../../planner/worker.ts', import.meta.url), { type: 'module' });
      running.current = worker;
      setState({ share: 0 });
      wrap<Planner>(worker).surer(occasion, plan, proxy((next: SurerState) => { if (running.current === worker) setState(next); }))
        .then((pins) => { if (running.current === worker) end(pins); })
        .catch(() => { if (running.current === worker) end(undefined); });
    },
    stop: () => end(state?.best?.pins),
  };
}
