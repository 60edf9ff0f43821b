import { fit } from '../fit/index.ts';
import type {
  BatchId,
  CookId,
  Occasion,
  Plan,
  PlannedStep,
  PlannedWash,
  SurfaceId,
  TaskId,
  UnitId,
} from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { tasksById, tasksOf, wayOf, type Carried, type Guarded, type TaskNetwork } from '../tasks/index.ts';
import { filledUntil, foodsNow, holdsNow, type FoodNow, type HeldNow } from './food.ts';
import { happened } from './happened.ts';
import { ovensNow, type OvenNow } from './ovens.ts';
import type { Progress } from './progress.ts';
import { residuesOf, type Residue, type SurfaceNow } from './residues.ts';
import type { Standpoint } from './standpoint.ts';

/** What a cook is at. */
export interface CookNow {
  readonly task: TaskId;
  readonly sinceMin: number;
  /** Nobody said so: its time has come. */
  readonly isAssumed: boolean;
}

/** An oven that must not be opened yet. */
export interface ShutDoor {
  readonly oven: number;
  readonly untilMin: number;
  /** What would fall. */
  readonly task: TaskId;
}

/** How a kitchen stands at one moment of a day: what is on, in and under way. Everything that lives through the day asks this. */
export interface KitchenNow extends Standpoint {
  /** What lies on every unit and every pair of hands. */
  readonly surfaces: ReadonlyMap<SurfaceId, SurfaceNow>;
  /** What is in the food that came, or comes, out of each step that has been begun. */
  readonly inFood: ReadonlyMap<TaskId, readonly Residue[]>;
  /** Which unit keeps which food, by what its steps call it. */
  readonly holds: ReadonlyMap<string, HeldNow>;
  /** Until when food is in a unit with which nothing more is done there. */
  readonly filled: ReadonlyMap<UnitId, number>;
  readonly foods: ReadonlyMap<BatchId, FoodNow>;
  readonly ovens: readonly OvenNow[];
  readonly shutDoors: readonly ShutDoor[];
  /** What the dishwasher has in it, and until when it runs. */
  readonly dishwasher: { readonly units: readonly UnitId[]; readonly untilMin: number } | undefined;
  readonly cooks: ReadonlyMap<CookId, CookNow>;
  /** Loose flour in the air, and until when. */
  readonly air: readonly { readonly dust: readonly Carried[]; readonly untilMin: number; readonly task: TaskId }[];
  /** Work in hand that must be kept from what flies about. */
  readonly open: readonly { readonly step: PlannedStep; readonly guards: readonly Guarded[] }[];
}

/** A kitchen as it stands, from where the day stands. */
export function kitchenOf(occasion: Occasion, network: TaskNetwork, standpoint: Standpoint): KitchenNow {
  const { plan, done, running, assumed, nowMin } = standpoint;
  const tasks = tasksById(network);
  const goesOn = plan.tasks.filter((task): task is PlannedStep => task.kind === 'step' && running.has(task.id));
  const been = plan.tasks.filter(
    (task): task is PlannedStep => task.kind === 'step' && (done.has(task.id) || running.has(task.id)),
  );
  return {
    ...standpoint,
    ...residuesOf(occasion, network, standpoint),
    holds: holdsNow(network, standpoint),
    filled: filledUntil(network, standpoint),
    foods: foodsNow(network, standpoint),
    ovens: ovensNow(occasion, standpoint),
    shutDoors: goesOn.flatMap((step): ShutDoor[] => {
      const task = tasks.get(step.id);
      const shutMin = task && wayOf(task, step)?.oven?.shutMin;
      const untilMin = step.startMin + (shutMin ?? 0);
      return shutMin === undefined || untilMin <= nowMin ? [] : [{ oven: step.oven, untilMin, task: step.id }];
    }),
    dishwasher: dishwasherNow(standpoint),
    cooks: new Map(
      goesOn.flatMap((step) =>
        step.cook === undefined
          ? []
          : [[step.cook, { task: step.id, sinceMin: step.startMin, isAssumed: assumed.has(step.id) }] as const],
      ),
    ),
    air: been.flatMap((step) => {
      const dust = tasks.get(step.id)?.dust ?? [];
      const untilMin = step.endMin + rules.flourSettlesMin;
      return dust.length === 0 || untilMin <= nowMin ? [] : [{ dust, untilMin, task: step.id }];
    }),
    open: goesOn.flatMap((step) => {
      const guards = tasks.get(step.id)?.guards ?? [];
      return step.cook === undefined || guards.length === 0 ? [] : [{ step, guards }];
    }),
  };
}

function dishwasherNow({ plan, done, nowMin }: Standpoint): KitchenNow['dishwasher'] {
  const load = plan.tasks
    .filter((task): task is PlannedWash => task.kind === 'wash' && done.has(task.id))
    .find((wash) => (wash.machineUntilMin ?? -Infinity) > nowMin);
  return load && { units: load.units, untilMin: load.machineUntilMin! };
}

/** A kitchen as it stands at a moment, from what was planned and what happened. `nowMin`: minutes after the first serving. */
export const kitchenAt = (
  occasion: Occasion,
  plan: Plan,
  progress: Progress,
  nowMin: number,
  network: TaskNetwork = tasksOf(occasion, fit(occasion), plan.batches),
): KitchenNow => kitchenOf(occasion, network, happened(plan, progress, nowMin));
