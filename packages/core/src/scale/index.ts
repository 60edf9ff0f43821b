export { scale, scaleAmount, appetitePortions, type ScaledLine, type ScaledVersion } from './portions.ts';
