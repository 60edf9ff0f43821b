export { lineEvidence, servedEvidence, type Evidence, type Subject, type Grade, type Level } from './evidence.ts';
