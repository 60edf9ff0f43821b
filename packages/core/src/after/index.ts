export { boxEntry, dayLater, leftoversOf, type JudgedLeftover } from './leftovers.ts';
export { learnedMin, sourceOfStep, timedOn, withLearned, type TimedStep } from './learned.ts';
export { anewFrom } from './anew.ts';
