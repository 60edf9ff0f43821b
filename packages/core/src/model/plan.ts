import * as v from 'valibot';
import { HazardId, hazardOf, isEndedBy, kitKindOf, rules } from '../reference/index.ts';
import {
  BatchId,
  CookId,
  DishId,
  GuestId,
  LineId,
  LookId,
  OccasionId,
  RecipeId,
  StepId,
  TaskId,
  UnitId,
  VersionId,
} from './ids.ts';
import type { Step } from './recipe.ts';

/** Minutes relative to the serving of the first course; negative is before. */
const Moment = v.pipe(v.number(), v.integer(), v.minValue(-10_000), v.maxValue(8_000));

/** Food really made in one go. `base`: what several versions share until they are split. */
export const PlannedBatch = v.strictObject({
  id: BatchId,
  dish: DishId,
  versions: v.array(VersionId),
  base: v.optional(BatchId),
  portions: v.number(),
  /** Lost on the day: burnt, dropped. Its steps were done and are followed to what they touched; nobody is served from it. */
  lost: v.optional(v.boolean()),
  /**
   * A component cooked once: the recipe it is made by and where it goes, `path` being the lines of the dish's recipe that lead to it.
   * Its steps are those of that recipe; `dish` and `versions` are the first of those it goes into.
   */
  component: v.optional(
    v.strictObject({
      recipe: RecipeId,
      into: v.pipe(
        v.array(
          v.strictObject({
            dish: DishId,
            version: VersionId,
            path: v.pipe(v.array(LineId), v.minLength(1), v.maxLength(20)),
          }),
        ),
        v.minLength(1),
        v.maxLength(200),
      ),
    }),
  ),
});
export type PlannedBatch = v.InferOutput<typeof PlannedBatch>;

/** A hazard on kit or in food; `unread` stands for whatever an unread or unknown food, or kit with an unknown past, may hold. */
export const ResidueMark = v.union([HazardId, v.literal('unread')]);
export type ResidueMark = v.InferOutput<typeof ResidueMark>;

/** What a step does to what is raw. */
type Doing = Pick<Step, 'coreC' | 'meantRaw' | 'oven' | 'burner' | 'kit'>;

/** Whether it is done on or in something hot. */
export const isOnHeat = ({ oven, burner, kit }: Pick<Step, 'oven' | 'burner' | 'kit'>): boolean =>
  oven !== undefined || burner || kit.some(({ kind }) => kitKindOf(kind).heats);

/** Whether it is hot enough to brown: no slow cooker does, and no oven that keeps warm. */
const browns = ({ oven, burner }: Pick<Step, 'oven' | 'burner'>): boolean =>
  burner || (oven?.temperatureC ?? 0) >= rules.cooksLeastC;

/** Whether a step leaves a raw-food risk in its food on purpose, as a kitchen may. */
export const isMeantAt = (mark: ResidueMark, step: Doing): boolean =>
  mark !== 'unread' &&
  step.meantRaw?.includes(mark) === true &&
  (hazardOf(mark).meant?.unheated === true || browns(step));

/**
 * Whether a step ends what a mark stands for: by its core temperature, or, of what is meant to stay pink, by the heat on its outside, where all that
 * could come off it was. Of what nobody has read nobody knows.
 */
export const isMarkEndedBy = (mark: ResidueMark, step: Doing): boolean =>
  mark !== 'unread' &&
  (isEndedBy(mark, step.coreC) || (isMeantAt(mark, step) && hazardOf(mark).meant?.sears === true && browns(step)));

/** Whether its food need not be handled as raw food from then on: hot enough inside, or heated as far as it is meant to be. */
export const isCookedAt = (mark: ResidueMark, step: Doing): boolean =>
  isMarkEndedBy(mark, step) || (isMeantAt(mark, step) && isOnHeat(step));

const timed = { id: TaskId, startMin: Moment, endMin: Moment };

export const PlannedStep = v.strictObject({
  ...timed,
  kind: v.literal('step'),
  batch: BatchId,
  step: StepId,
  /** The cook whose hands do it; absent when it goes by itself. */
  cook: v.optional(CookId),
  units: v.array(UnitId),
  /** Of the units, those that are emptied when it is set going, and in other use while it goes on. */
  emptied: v.optional(v.array(UnitId)),
  /** Which oven, by its number in the kitchen; 0 is the main one. */
  oven: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(4)), 0),
  racks: v.optional(v.array(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(5))), []),
  /** Which way it is done, where the recipe offers several; absent: as the step is written. */
  way: v.optional(StepId),
  /** Baked so many degrees hotter (cooler where negative) than the recipe says, to share the oven; the time is corrected for it. */
  bentC: v.optional(v.pipe(v.number(), v.integer(), v.minValue(-60), v.maxValue(60)), 0),
  /** It stands in the fridge meanwhile, though its recipe does not say so. */
  inFridge: v.optional(v.boolean()),
  /**
   * It is no step of a recipe: food that would stand too long is put into the fridge after a task. For each time that it, or some of it, is taken
   * out, the task it is taken out for; `table`: it is served.
   */
  rest: v.optional(
    v.strictObject({
      after: TaskId,
      before: v.pipe(v.array(v.union([v.literal('table'), TaskId])), v.minLength(1), v.maxLength(40)),
    }),
  ),
  /** When somebody comes to it, by the looks of its step; `start` is when it is set going. */
  looks: v.optional(
    v.array(v.strictObject({ look: LookId, startMin: Moment, endMin: Moment, cook: CookId, what: v.string() })),
    [],
  ),
});

export const PlannedWash = v.strictObject({
  ...timed,
  kind: v.literal('wash'),
  cook: CookId,
  /** Kit washed, hot water and detergent. */
  units: v.array(UnitId),
  /** Washed by the dishwasher, which has been loaded and started at `endMin`: what is in it is clean, and can be used, from then on. Absent: washed by hand. */
  machineUntilMin: v.optional(Moment),
  /** The washing cook's own hands are washed with it, unless the day has gone otherwise. */
  hands: v.optional(v.boolean(), true),
  /** Why: what is on it, and which task needs it gone for whom. */
  because: v.array(
    v.strictObject({
      unit: v.union([v.literal('hands'), UnitId]),
      hazards: v.array(ResidueMark),
      before: TaskId,
      guests: v.array(GuestId),
    }),
  ),
});

/** From `startMin` the oven is turned to `temperatureC`, which it has reached at `endMin` and keeps until `untilMin`. */
export const PlannedOven = v.strictObject({
  ...timed,
  kind: v.literal('oven'),
  oven: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(4)), 0),
  temperatureC: v.number(),
  untilMin: Moment,
});

export const PlannedTask = v.variant('kind', [PlannedStep, PlannedWash, PlannedOven]);
export type PlannedStep = v.InferOutput<typeof PlannedStep>;
export type PlannedWash = v.InferOutput<typeof PlannedWash>;
export type PlannedOven = v.InferOutput<typeof PlannedOven>;
export type PlannedTask = v.InferOutput<typeof PlannedTask>;

export const Plan = v.strictObject({
  format: v.literal('lupin.plan/2', 'This is not a plan of format lupin.plan/2.'),
  occasion: OccasionId,
  /** A digest of everything in the occasion that the plan rests on. */
  basis: v.pipe(v.string(), v.maxLength(64)),
  seed: v.pipe(v.number(), v.integer()),
  batches: v.pipe(v.array(PlannedBatch), v.maxLength(500)),
  tasks: v.pipe(v.array(PlannedTask), v.maxLength(5000)),
  /** No plan can be shorter than this, from first hand to serving; in minutes. */
  lowerBoundMin: v.pipe(v.number(), v.integer()),
});
export type Plan = v.InferOutput<typeof Plan>;

/** Planned tasks in the order in which they are begun; of those in one minute, the order they are given in. */
export const inTime = (tasks: readonly PlannedTask[]): PlannedTask[] =>
  [...tasks].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);

/** A task at another time: looks go with its start, and none is after its end; a dishwasher runs as long as it would have. */
export function movedTo<Task extends PlannedTask>(task: Task, startMin: number, endMin: number): Task {
  const by = startMin - task.startMin;
  const moved: PlannedTask = task;
  switch (moved.kind) {
    case 'step':
      return {
        ...task,
        startMin,
        endMin,
        looks: moved.looks.map((look) => ({
          ...look,
          startMin: Math.min(endMin, look.startMin + by),
          endMin: Math.min(endMin, look.endMin + by),
        })),
      };
    case 'wash':
      return {
        ...task,
        startMin,
        endMin,
        ...(moved.machineUntilMin === undefined
          ? {}
          : { machineUntilMin: moved.machineUntilMin + endMin - moved.endMin }),
      };
    case 'oven':
      return { ...task, startMin, endMin };
    default:
      return moved satisfies never;
  }
}
