export type {
  Activity,
  Beginning,
  BegunLoad,
  Carry,
  Oven,
  OvenAsk,
  Goal,
  Guard,
  Heat,
  Way,
  Placed,
  Problem,
  Score,
  Stuck,
  Timetable,
  Unit,
  UnitUse,
  Wash,
  Cook,
} from './problem.ts';
export { better, usualGoals } from './problem.ts';
export { lowerBoundMin } from './bound.ts';
export { figuresOf } from './score.ts';
export { provenClash, type Clash } from './clash.ts';
export type { Known } from './keep.ts';
export { isStuck } from './search.ts';
export { effortPerSecond, solve, type SolveOptions } from './solve.ts';
