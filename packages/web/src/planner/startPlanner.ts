import { wrap, type Remote } from 'comlink';
import type { Planner } from './worker.ts';

/** A planner in a worker of its own; `stop` ends it at once, whatever it is doing. */
export function startPlanner(): { readonly planner: Remote<Planner>; readonly stop: () => void } {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  return { planner: wrap<Planner>(worker), stop: () => worker.terminate() };
}
