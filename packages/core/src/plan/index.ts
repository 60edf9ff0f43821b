export { makePlan, planning, type PlanEvent, type PlanOptions, type PlanResult } from './make.ts';
export type { NoPlan } from './explain.ts';
