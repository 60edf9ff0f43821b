export { auditedPlanning, planInTurns, type AuditedEvent, type AuditedResult } from './planner.ts';
