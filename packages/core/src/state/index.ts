export { progressOf, type WashProgress, type OwnTimer, type Progress, type Reading, type Ticked } from './progress.ts';
export { washItems, washPassed, type LeftDirty } from './washes.ts';
export type { Standpoint } from './standpoint.ts';
export { beganAt, happened } from './happened.ts';
export { kitchenAt, kitchenOf, type CookNow, type KitchenNow, type ShutDoor } from './kitchen.ts';
export { heatAt, heatCurve, minutesTo, type Heat, type OvenNow } from './ovens.ts';
export type { FoodNow, FoodPlace, HeldNow } from './food.ts';
export { pickedUp, type Residue, type SurfaceNow } from './residues.ts';
