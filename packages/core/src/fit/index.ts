export { avoidedBy, needName, needWords, noTraceHazards } from './needs.ts';
export { judge, worse, type Judgement, type Reason, type Settles, type Verdict } from './verdict.ts';
export {
  dishEvidence,
  fit,
  type Cell,
  type CourseCover,
  type DishRow,
  type FitTable,
  type MadeVersion,
  type Plate,
} from './table.ts';
export { openChecks, type OpenCheck, type Sought } from './checks.ts';
export { labelAsks, type LabelAsks } from './regimens.ts';
export { coverGaps, type CoverGap } from './cover.ts';
export { nameFaults, productFaults, type NameFault } from './names.ts';
export { askAbout, type Answer } from './ask.ts';
