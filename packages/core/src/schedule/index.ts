export type {
  Activity,
  Carry,
  Chamber,
  ChamberUse,
  Goal,
  Heat,
  Mode,
  Placed,
  Problem,
  Score,
  Stuck,
  Timetable,
  Unit,
  UnitUse,
  Wash,
  Worker,
} from './problem.ts';
export { better, usualGoals } from './problem.ts';
export { lowerBoundMin } from './bound.ts';
export { figuresOf } from './score.ts';
export { provenClash, type Clash } from './windows.ts';
export { isStuck } from './search.ts';
export { effortPerSecond, solve, type SolveOptions } from './solve.ts';
