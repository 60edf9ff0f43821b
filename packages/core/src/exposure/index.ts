export { lineEvidence, servedEvidence, type Evidence, type Grade, type Level, type Subject } from './evidence.ts';
export { makerEvidence, mediumEvidence } from './brought.ts';
export { daysBetween, knowledgeOf, type Knowledge } from './knowledge.ts';
