export { scale, appetitePortions, type ScaledLine, type ScaledVersion } from './portions.ts';
