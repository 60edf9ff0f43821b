export { chancesOf, countChances, type Buffer, type ChanceOptions, type Chances } from './chances.ts';
export type { SparePoint } from './buffers.ts';
export type { Break, DishChance, Lateness, LongWait, ServingChance } from './summary.ts';
