export { auditedPlanning, inTurns, type AuditedEvent, type AuditedResult } from './planner.ts';
