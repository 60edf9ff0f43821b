export { lineEvidence, servedEvidence, type Evidence, type Finding, type Grade, type Level } from './evidence.ts';
