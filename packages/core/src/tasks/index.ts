export { tasksOf, type Batch, type Carried, type Guarded, type Task, type TaskNetwork } from './network.ts';
