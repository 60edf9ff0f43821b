import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Occasion, SureCost } from '@lupin/core';
import { startPlanner } from '../../planner/startPlanner.ts';

export interface CostState {
  readonly share: number;
  readonly costs: readonly SureCost[];
  readonly isOver: boolean;
  /** Why it came to nothing. */
  readonly fault?: string;
}

/** Looks in a worker for a plan for each sureness that can be asked for; what is changed meanwhile ends it. */
export function useSureCosts(
  occasion: Occasion,
  basis: string,
): { readonly state: CostState | undefined; readonly start: () => void; readonly stop: () => void } {
  const [state, setState] = useState<CostState>();
  const running = useRef<() => void>(undefined);
  const end = (): void => {
    running.current?.();
    running.current = undefined;
  };
  useEffect(() => {
    setState(undefined);
    return end;
  }, [basis]);
  const start = (): void => {
    end();
    const { planner, done, stop } = startPlanner();
    running.current = stop;
    const tell = (part: (before: CostState) => CostState): void => {
      if (running.current === stop) setState((before) => part(before ?? { share: 0, costs: [], isOver: false }));
    };
    setState({ share: 0, costs: [], isOver: false });
    planner
      .sureCosts(
        occasion,
        proxy((cost: SureCost) => tell((before) => ({ ...before, costs: [...before.costs, cost] }))),
        proxy((share: number) => tell((before) => ({ ...before, share }))),
      )
      .then(() => {
        done();
        tell((before) => ({ ...before, isOver: true }));
      })
      .catch((error: unknown) => {
        tell((before) => ({ ...before, isOver: true, fault: String(error) }));
        stop();
      });
  };
  return {
    state,
    start,
    stop: () => {
      end();
      setState((before) => before && { ...before, isOver: true });
    },
  };
}
