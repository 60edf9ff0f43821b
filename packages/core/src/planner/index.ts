export { auditedPlanning, type AuditedEvent, type AuditedResult } from './planner.ts';
export { inTurns, toEnd } from './turns.ts';
