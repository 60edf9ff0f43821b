export { isFlesh } from './lines.ts';
export { stricter, waitsOf, type WaitLaw, type Waits } from './waits.ts';
