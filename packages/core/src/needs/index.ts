export { knownOf, readNeeds, type SaidNeeds, type SaidPart } from './read.ts';
export type { Target } from './vocabulary.ts';
