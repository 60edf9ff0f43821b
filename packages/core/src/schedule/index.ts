export type {
  Activity,
  BegunLoad,
  Carry,
  OvenAsk,
  Guard,
  Heat,
  Way,
  Placed,
  Problem,
  Rest,
  Score,
  Stuck,
  Timetable,
  Wash,
} from './problem.ts';
export { better } from './problem.ts';
export { lowerBoundMin } from './bound.ts';
export { figuresOf, type Figures } from './score.ts';
export { provenClash, type Clash } from './clash.ts';
export type { Known } from './keep.ts';
export { isStuck } from './search.ts';
export type { Leaning } from './decode.ts';
export { effortPerSecond, solve } from './solve.ts';
