export { avoidedBy, needWords, noTraceHazards } from './needs.ts';
export { judge, worse, type Judgement, type Reason, type Verdict } from './verdict.ts';
export { fit, type Cell, type CourseCover, type DishRow, type FitTable, type MadeVersion, type Plate } from './table.ts';
