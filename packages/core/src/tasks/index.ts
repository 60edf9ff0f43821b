export { type Batch, type PartUse, type Shareable } from './batches.ts';
export { inKit, tasksById, tasksOf, wayOf, type Shelter, type Task, type TaskNetwork, type Way } from './network.ts';
export type { Carried, Guarded } from './residues.ts';
export { isHeatedIn, piecesAlone, tippedOutMin, type TaskKit } from './pieces.ts';
