export { audit, type AuditReport } from './audit.ts';
export { rulesOfAudit, type Finding, type FindingCode } from './finding.ts';
export type { SurfaceState } from './residues.ts';
