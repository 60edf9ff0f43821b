export {
  chancesOf,
  countChances,
  type Buffer,
  type ChanceEvent,
  type ChanceOptions,
  type Chances,
  type Counted,
} from './chances.ts';
export type { SparePoint } from './buffers.ts';
export type { Break, DaySummary, DishChance, Lateness, LongWait, ServingChance } from './summary.ts';
export { sureCosts, wishedSure, type CostEvent, type SureCost } from './costs.ts';
export { slipMin, standings, type Neighbour, type Standing } from './slip.ts';
export { drawDurations, playDay } from './day.ts';
export { netOf, type DayNet, type Piece } from './net.ts';
export { surePlanning, type SureEvent, type SureOptions, type SurePlan, type SureResult } from './sure.ts';
