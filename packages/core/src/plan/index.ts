export { makePlan, planning, type PlanEvent, type PlanOptions, type PlanResult } from './make.ts';
export { isBetterPlan, planFigures } from './quality.ts';
export { pinWords } from './words.ts';
export { remedied, remedyWords, type Remedy } from './remedies.ts';
export type { NoPlan } from './explain.ts';
export { planningRest, type RestOptions } from './rest.ts';
export { restMoved, withTakers } from './takes.ts';
export { bakedLonger, colderBakes } from './fromCold.ts';
export type { SpareShares } from './spare.ts';
