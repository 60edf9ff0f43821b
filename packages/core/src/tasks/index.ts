export { tasksOf, type Batch, type Carried, type Guarded, type Task, type TaskNetwork, type Way } from './network.ts';
