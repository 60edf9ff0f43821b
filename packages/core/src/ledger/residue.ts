import type { Carried, Guarded } from '../tasks/index.ts';

/** Whether something is carried that is guarded against, and comes from where it is not exempt. */
export const hits = (carries: readonly Carried[], guards: readonly Guarded[]): boolean =>
  carries.some(({ mark, origin }) => guards.some((guard) => guard.mark === mark && !guard.exempt.includes(origin)));
