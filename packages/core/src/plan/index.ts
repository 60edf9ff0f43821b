export { makePlan, planning, type NoPlan, type PlanEvent, type PlanOptions, type PlanResult } from './make.ts';
