import { wrap, type Remote } from 'comlink';
import type { Planner } from './worker.ts';
import { warmHelpers } from './warm.ts';

const workers = warmHelpers(() => {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  let isBroken = false;
  worker.addEventListener('error', () => (isBroken = true));
  return { planner: wrap<Planner>(worker), terminate: () => worker.terminate(), isBroken: () => isBroken };
});

/** Starts a planner ahead of the first work for it: it takes a while to load. */
export const warmPlanner = workers.warm;

export interface StartedPlanner {
  readonly planner: Remote<Planner>;
  /** Leaves it to the next: its work is done. */
  readonly done: () => void;
  /** Ends it at once, whatever it is doing. Nothing, once it is done. */
  readonly stop: () => void;
}

/** A planner in a worker, for one piece of work. */
export function startPlanner(): StartedPlanner {
  const { helper, done, stop } = workers.lease();
  return { planner: helper.planner, done, stop };
}
