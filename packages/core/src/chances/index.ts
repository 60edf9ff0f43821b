export { chancesOf, countChances, type Buffer, type ChanceEvent, type ChanceOptions, type Chances } from './chances.ts';
export type { SparePoint } from './buffers.ts';
export type { Break, DaySummary, DishChance, Lateness, LongWait, ServingChance } from './summary.ts';
export { surer, type Surer } from './surer.ts';
export { slipMin, standings, type Neighbour, type Standing } from './slip.ts';
export { drawDurations, playDay } from './day.ts';
export { netOf, type DayNet, type Piece } from './net.ts';
