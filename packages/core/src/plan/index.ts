export {
  makePlan,
  planning,
  workToPlan,
  type PlanEvent,
  type PlanOptions,
  type PlanResult,
  type WorkToPlan,
} from './make.ts';
export { planFigures, scoring } from './quality.ts';
export { pinWords } from './words.ts';
export { remedied, remedyWords, type Remedy } from './remedies.ts';
export type { NoPlan } from './explain.ts';
export { planningRest, type RestOptions } from './rest.ts';
export { restMoved, withTakers } from './takes.ts';
export { bakedLonger, colderBakes } from './fromCold.ts';
export type { SpareShares } from './spare.ts';
