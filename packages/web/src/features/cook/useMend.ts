import { useCallback, useEffect, useRef, useState } from 'react';
import type { Mend, Slipped } from '@lupin/core';
import { startPlanner } from '../../planner/startPlanner.ts';

export interface MendState {
  readonly what: string;
  readonly from: Slipped;
  readonly mends?: readonly Mend[];
  readonly fault?: string;
}

/** Looks for ways to go on, away from the screen. */
export function useMend(): {
  readonly state: MendState | undefined;
  readonly ask: (what: string, from: Slipped) => void;
  readonly close: () => void;
} {
  const [state, setState] = useState<MendState>();
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);
  const ask = useCallback((what: string, from: Slipped) => {
    stop.current?.();
    const started = startPlanner();
    stop.current = started.stop;
    setState({ what, from });
    started.planner
      .mends(from.occasion, from.standpoint)
      .then((mends) => setState((now) => (now?.from === from ? { ...now, mends } : now)))
      .catch((error: unknown) => setState((now) => (now?.from === from ? { ...now, fault: String(error) } : now)))
      .finally(started.done);
  }, []);
  const close = useCallback(() => {
    stop.current?.();
    setState(undefined);
  }, []);
  return { state, ask, close };
}
