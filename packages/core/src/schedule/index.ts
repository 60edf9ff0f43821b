export type { Activity, Chamber, ChamberUse, Heat, Placed, Problem, Score, Stuck, Timetable, Unit, UnitUse, Wash, Worker } from './problem.ts';
export { better } from './problem.ts';
export { decode } from './decode.ts';
export { isStuck, lowerBoundMin, solve, type SolveOptions } from './solve.ts';
