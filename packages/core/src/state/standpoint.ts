import type { OvenPhases } from '../ledger/index.ts';
import type { Plan, PlannedTask, TaskId } from '../model/index.ts';
import type { LeftDirty } from './washes.ts';

/** Where a day stands: its plan, with what is done and what goes on at its real times and the rest as planned. */
export interface Standpoint {
  /** Washes in it hold what was really cleaned. */
  readonly plan: Plan;
  /** What is over. */
  readonly done: ReadonlySet<TaskId>;
  /** What is under way: in the oven, on the heat, chilling, or in hands that said how much longer. */
  readonly running: ReadonlySet<TaskId>;
  /** Of what is under way, what is only taken to be in hand because its time has come: as it was planned. */
  readonly assumed: ReadonlyMap<TaskId, PlannedTask>;
  /** Kit that a wash was to clean and did not. */
  readonly skipped: readonly LeftDirty[];
  /** Tasks that are to be done again, whatever was ticked of them. */
  readonly again: readonly TaskId[];
  /** Which loads the ovens are turned to which heat for, whenever they really were. */
  readonly phases: OvenPhases;
  /** Minutes after the first serving, whole. Nothing is planned before it. */
  readonly nowMin: number;
}
