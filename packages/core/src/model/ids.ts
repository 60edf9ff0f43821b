import * as v from 'valibot';

const idText = v.pipe(
  v.string(),
  v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'An id is 1 to 64 lower-case letters, digits and hyphens.'),
);

export const OccasionId = v.pipe(idText, v.brand('OccasionId'));
export const GuestId = v.pipe(idText, v.brand('GuestId'));
export const PersonId = v.pipe(idText, v.brand('PersonId'));
export const NeedId = v.pipe(idText, v.brand('NeedId'));
export const CourseId = v.pipe(idText, v.brand('CourseId'));
export const DishId = v.pipe(idText, v.brand('DishId'));
export const VersionId = v.pipe(idText, v.brand('VersionId'));
export const RecipeId = v.pipe(idText, v.brand('RecipeId'));
export const LineId = v.pipe(idText, v.brand('LineId'));
export const StepId = v.pipe(idText, v.brand('StepId'));
export const UnitId = v.pipe(idText, v.brand('UnitId'));
export const CookId = v.pipe(idText, v.brand('CookId'));
/** A look within a step: `start`, `end`, or the recipe's own. */
export const LookId = v.pipe(idText, v.brand('LookId'));
/** Food really made in one go: "gratin.as-written", "gratin.base", "shared:custard". */
export const BatchId = v.pipe(v.string(), v.minLength(1), v.maxLength(160), v.brand('BatchId'));
/** A thing that is planned: a batch's step ("gratin.base.slice"), a wash, an oven coming to its heat. */
export const TaskId = v.pipe(v.string(), v.minLength(1), v.maxLength(200), v.brand('TaskId'));

export type OccasionId = v.InferOutput<typeof OccasionId>;
export type GuestId = v.InferOutput<typeof GuestId>;
export type PersonId = v.InferOutput<typeof PersonId>;
export type NeedId = v.InferOutput<typeof NeedId>;
export type CourseId = v.InferOutput<typeof CourseId>;
export type DishId = v.InferOutput<typeof DishId>;
export type VersionId = v.InferOutput<typeof VersionId>;
export type RecipeId = v.InferOutput<typeof RecipeId>;
export type LineId = v.InferOutput<typeof LineId>;
export type StepId = v.InferOutput<typeof StepId>;
export type UnitId = v.InferOutput<typeof UnitId>;
export type CookId = v.InferOutput<typeof CookId>;
export type LookId = v.InferOutput<typeof LookId>;
export type BatchId = v.InferOutput<typeof BatchId>;
export type TaskId = v.InferOutput<typeof TaskId>;

/** A pair of hands, as a thing that residues stay on. */
export type HandsId = string & v.Brand<'HandsId'>;
/** What residues stay on: a unit of kit, or a cook's hands. */
export type SurfaceId = UnitId | HandsId;

/** The hands of a cook. */
export const handsOf = (cook: CookId): HandsId => `hands:${cook}` as HandsId;
/** The task that does a step for a batch. */
export const taskOf = (batch: BatchId, step: StepId): TaskId => `${batch}.${step}` as TaskId;
/** What is put into the fridge after a task is the task of this id, and its step is called this. */
export const restAfter = (task: TaskId): TaskId => `${task}~rest` as TaskId;
export const restStep = v.parse(StepId, 'rest');
/** A look as it is ticked on the day. */
export type LookEntryId = string & v.Brand<'LookEntryId'>;
/** What is ticked on the day: a planned task, or a look within one. */
export type EntryId = TaskId | LookEntryId;
export const lookEntry = (task: TaskId, look: LookId): LookEntryId => `${task}@${look}` as LookEntryId;

/** The nth wash of a plan, or the nth time that an oven is turned to a heat. */
export const numberedTask = (kind: 'wash' | 'oven', number: number): TaskId => `${kind}-${number}` as TaskId;

/** Ids for more washes, or ovens, beside those that a plan has. */
export function moreTasks(kind: 'wash' | 'oven', taken: Iterable<TaskId>): () => TaskId {
  const known = new Set(taken);
  let number = 0;
  return () => {
    do number++;
    while (known.has(numberedTask(kind, number)));
    return numberedTask(kind, number);
  };
}

/** The batch of a dish that is for one of its versions, or that several are taken from. */
export const batchOf = (dish: DishId, version: VersionId | 'base'): BatchId => `${dish}.${version}` as BatchId;

/** A name a person typed: trimmed, 1 to 120 characters. */
export const Name = v.pipe(
  v.string(),
  v.trim(),
  v.minLength(1, 'A name is needed.'),
  v.maxLength(120, 'At most 120 characters.'),
);
/** Free words: at most 2000 characters. */
export const Words = v.pipe(v.string(), v.maxLength(2000, 'At most 2000 characters.'));
/** A calendar day, YYYY-MM-DD. */
export const Day = v.pipe(v.string(), v.isoDate('A day is written YYYY-MM-DD.'));
/** A local time of day, HH:MM. */
export const ClockTime = v.pipe(
  v.string(),
  v.regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time is written HH:MM, 00:00 to 23:59.'),
);
/** A step's length in whole minutes, at most three days. */
export const Minutes = v.pipe(
  v.number('Minutes are a number.'),
  v.integer('Minutes are whole.'),
  v.minValue(0, 'Minutes cannot be negative.'),
  v.maxValue(4320, 'At most three days (4320 minutes).'),
);
export const TemperatureC = v.pipe(
  v.number(),
  v.minValue(-30, 'Below −30 °C is no kitchen temperature.'),
  v.maxValue(320, 'Above 320 °C is no domestic oven.'),
);
