export { inLoads, loadsOf } from './loads.ts';
export { scale, appetitePortions, usualShare, type ScaledLine, type ScaledVersion } from './portions.ts';
export { scaleLine, sumOfLines, bentFactor, type LineAmount } from './lines.ts';
export { panChoices, panAreaCm2, panVolumeMl, factorForPan, type PanChoice } from './pans.ts';
export {
  bakesIn,
  inVessels,
  isTooMuch,
  isVessel,
  timesIn,
  vesselNeed,
  type Times,
  type VesselNeed,
} from './vessels.ts';
export { factorForPortions, factorForYield, factorForLine, ratioOf } from './factors.ts';
