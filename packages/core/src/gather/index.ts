export { equalWork, gatherWork, type EqualWork } from './gather.ts';
