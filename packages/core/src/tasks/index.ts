export { type Batch, type PartUse, type Shareable } from './batches.ts';
export {
  inKit,
  tasksOf,
  wayOf,
  type Carried,
  type Guarded,
  type Task,
  type TaskKit,
  type TaskNetwork,
  type Way,
} from './network.ts';
