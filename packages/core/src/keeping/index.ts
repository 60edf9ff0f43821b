export { waitsOf, type WaitLaw, type Waits } from './waits.ts';
