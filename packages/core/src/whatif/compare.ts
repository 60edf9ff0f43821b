import { fit, type FitTable } from '../fit/index.ts';
import type { Occasion, Plan, PlannedStep, TaskId } from '../model/index.ts';
import { planFigures } from '../plan/index.ts';
import { tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { byTheClock } from './changes.ts';

/** An occasion with its plan. */
export interface Planned {
  readonly occasion: Occasion;
  readonly plan: Plan;
  /** Its tasks, where somebody has them already. */
  readonly network?: TaskNetwork;
}

/** What both plans are measured by; moments are minutes since midnight of the occasion's day. */
export interface PlanMeasures {
  readonly firstHandAt: number;
  readonly lastServingAt: number;
  readonly dayMin: number;
  readonly washes: number;
  readonly washMin: number;
  readonly calmMin: number;
  readonly bent: number;
  /** Hands-on minutes of each cook, by name. */
  readonly handsMin: ReadonlyMap<string, number>;
  /** Guests who have not enough in a course. */
  readonly short: readonly string[];
}

/** A step that is done at another time, by somebody else, elsewhere or otherwise. */
export interface StepChange {
  readonly id: TaskId;
  readonly title: string;
  readonly dishName: string;
  readonly before?: StepPlace | undefined;
  readonly after?: StepPlace | undefined;
}

export interface StepPlace {
  /** Minutes since midnight of the occasion's day. */
  readonly startAt: number;
  readonly endAt: number;
  /** Whose hands, or who sets it going. */
  readonly cook: string;
}

export interface Comparison {
  readonly before: PlanMeasures;
  readonly after: PlanMeasures;
  /** Steps in both plans that stay as they are. */
  readonly same: number;
  /** In the order of the new plan; those that are gone come first. */
  readonly changes: readonly StepChange[];
}

/** Two plans side by side, by what is different; times by the clock, so that another serving time can be compared. */
export function comparePlans(before: Planned, after: Planned): Comparison {
  return { before: measuresOf(before), after: measuresOf(after), ...stepChanges(before, after) };
}

/** What is done otherwise in another plan. */
export function stepChanges(before: Planned, after: Planned): Pick<Comparison, 'same' | 'changes'> {
  const [old, now] = [placesOf(before), placesOf(after)];
  const changes: StepChange[] = [];
  let same = 0;
  for (const [id, { place, ...names }] of now) {
    const was = old.get(id)?.place;
    if (was && was.startAt === place.startAt && was.endAt === place.endAt && was.cook === place.cook) same++;
    else changes.push({ id, ...names, before: was, after: place });
  }
  const gone = [...old].flatMap(([id, { place, ...names }]): StepChange[] =>
    now.has(id) ? [] : [{ id, ...names, before: place }],
  );
  changes.sort((a, b) => a.after!.startAt - b.after!.startAt || (a.id < b.id ? -1 : 1));
  return { same, changes: [...gone, ...changes] };
}

interface Placed {
  readonly title: string;
  readonly dishName: string;
  readonly place: StepPlace;
}

function placesOf({
  occasion,
  plan,
  network = tasksOf(occasion, fit(occasion), plan.batches),
}: Planned): ReadonlyMap<TaskId, Placed> {
  const cookName = (step: PlannedStep) =>
    occasion.kitchen.cooks.find((cook) => cook.id === (step.cook ?? step.looks[0]?.cook))?.name ?? '';
  const steps = new Map(plan.tasks.flatMap((task) => (task.kind === 'step' ? [[task.id, task] as const] : [])));
  return new Map(
    network.tasks.flatMap((task) => {
      const step = steps.get(task.id);
      if (!step) return [];
      const dishName = network.batches.find((batch) => batch.id === task.batch)!.recipe.name;
      return [
        [
          task.id,
          {
            title: task.title,
            dishName,
            place: {
              startAt: byTheClock(occasion, step.startMin),
              endAt: byTheClock(occasion, step.endMin),
              cook: cookName(step),
            },
          },
        ] as const,
      ];
    }),
  );
}

function measuresOf({ occasion, plan }: Planned): PlanMeasures {
  const figures = planFigures(occasion, plan);
  const last = Math.max(...occasion.courses.map((course) => course.offsetMin));
  const table: FitTable = fit(occasion);
  const served = tasksOf(occasion, table).tasks.reduce(
    (latest, task) => Math.max(latest, task.serve?.atMin ?? -Infinity),
    -Infinity,
  );
  const lastMin = Number.isFinite(served) ? served : last;
  const hands = new Map(occasion.kitchen.cooks.map((cook) => [cook.name as string, 0]));
  const add = (cookId: string | undefined, minutes: number) => {
    const name = occasion.kitchen.cooks.find((cook) => cook.id === cookId)?.name;
    if (name !== undefined) hands.set(name, hands.get(name)! + minutes);
  };
  for (const task of plan.tasks) {
    if (task.kind === 'oven') continue;
    add(task.cook, task.endMin - task.startMin);
    if (task.kind === 'step') for (const look of task.looks) add(look.cook, look.endMin - look.startMin);
  }
  return {
    firstHandAt: byTheClock(occasion, lastMin - figures.spanMin),
    lastServingAt: byTheClock(occasion, lastMin),
    dayMin: figures.spanMin,
    washes: figures.washes,
    washMin: figures.washMin,
    calmMin: figures.calm,
    bent: figures.bent,
    handsMin: hands,
    short: table.plates.flatMap((plate, at) => (plate.state === 'short' ? [occasion.guests[at]!.name] : [])),
  };
}
