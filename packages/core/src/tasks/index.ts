export { type Batch, type PartUse, type Shareable } from './batches.ts';
export {
  inKit,
  tasksById,
  tasksOf,
  wayOf,
  type Carried,
  type Guarded,
  type Shelter,
  type Task,
  type TaskNetwork,
  type Way,
} from './network.ts';
export { isHeatedIn, tippedOutMin, type TaskKit } from './pieces.ts';
