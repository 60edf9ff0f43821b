export { lineEvidence, servedEvidence, type Evidence, type Grade, type Level, type Subject } from './evidence.ts';
export { makerEvidence, mediumEvidence } from './brought.ts';
export { dateWords, daysBetween, knowledgeOf, noLabels, type Knowledge } from './knowledge.ts';
export { namedInSteps, saidEvidence, servedBesideOf, servedWithOf, type NamedInStep } from './named.ts';
