import * as v from 'valibot';
import { CookId, RecipeId, TaskId, UnitId } from './ids.ts';

/** Minutes relative to the first serving. */
const Moment = v.pipe(v.number(), v.integer('Minutes are whole.'), v.minValue(-10_000), v.maxValue(8_000));

/** What the cook has fixed: a task to a time, a person, an oven, a rack, a piece of kit. A task is named as in the plan: `gratin.as-written.bake`. */
export const Pin = v.strictObject({
  task: TaskId,
  startsAtMin: v.optional(Moment),
  notBeforeMin: v.optional(Moment),
  endsByMin: v.optional(Moment),
  cook: v.optional(CookId),
  oven: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(4))),
  /** 0 is the top. */
  rack: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(5))),
  unit: v.optional(UnitId),
  /** Minutes to spare between its end and what follows it, or the table; less where the food cannot wait so long. */
  spareMin: v.optional(v.pipe(v.number(), v.integer('Minutes are whole.'), v.minValue(1), v.maxValue(240))),
});
export type Pin = v.InferOutput<typeof Pin>;

/** "I am out from 2 to 4". */
export const Absence = v.strictObject({ cook: CookId, fromMin: Moment, toMin: Moment });
export type Absence = v.InferOutput<typeof Absence>;

/** What makes one plan better than another: fewer washes, a shorter day, fewer minutes at the sink, a calmer last half hour, less standing. The most important first. */
export const PlanGoal = v.picklist(
  ['washes', 'washMin', 'day', 'calm', 'held'],
  'A goal is washes, washMin, day, calm or held.',
);
export type PlanGoal = v.InferOutput<typeof PlanGoal>;

/** On how many of a hundred days everything is to be in time; 0: that is not looked at. */
export const Sure = v.picklist([0, 80, 90, 95, 99], 'How sure: 80, 90, 95 or 99 days of a hundred, or 0.');
export type Sure = v.InferOutput<typeof Sure>;

/** What a plan is made for where the cook says nothing. */
export const usualSure: Sure = 95;

/** The cook's own wishes for the timetable. */
export const Wishes = v.strictObject({
  sure: v.optional(Sure),
  pins: v.optional(v.pipe(v.array(Pin), v.maxLength(200, 'At most 200 pins.')), []),
  absences: v.optional(v.pipe(v.array(Absence), v.maxLength(40)), []),
  /** Components cooked for each dish by itself, though once would do for all. */
  apart: v.optional(v.pipe(v.array(RecipeId), v.maxLength(100)), []),
  goals: v.optional(
    v.pipe(
      v.array(PlanGoal),
      v.length(5, 'All five goals, in order.'),
      v.check((goals) => new Set(goals).size === 5, 'Every goal once.'),
    ),
    ['washes', 'day', 'washMin', 'calm', 'held'],
  ),
});
export type Wishes = v.InferOutput<typeof Wishes>;

/** The share of days on which everything is to be in time, 0 to 1. */
export const sureOf = ({ sure = usualSure }: Pick<Wishes, 'sure'>): number => sure / 100;
