import * as v from 'valibot';
import { TemperatureC, UnitId } from './ids.ts';

/** An entry of the run sheet: a planned task, or a moment inside one (`gratin.as-written.bake@1`). */
const EntryId = v.pipe(v.string(), v.minLength(1), v.maxLength(210));
/** Minutes after the first serving. */
const Moment = v.pipe(v.number(), v.finite(), v.minValue(-10_000), v.maxValue(8_000));
const Words = (most: number) => v.pipe(v.string(), v.trim(), v.minLength(1, 'A word or two is needed.'), v.maxLength(most, `At most ${most} characters.`));

/** What a gate asks for: the cook's hands, a piece of kit by its id, fresh water, or a clean cloth. */
export const GateItem = v.union([v.picklist(['hands', 'water', 'cloth']), UnitId]);
export type GateItem = v.InferOutput<typeof GateItem>;

/** What is measured, against what: the core of what cooks, food kept hot or cold, or food on its way into the fridge. */
export const TemperatureKind = v.picklist(['core', 'hot', 'cold', 'cooling'], 'What is measured is core, hot, cold or cooling.');
export type TemperatureKind = v.InferOutput<typeof TemperatureKind>;

/** One thing that happened, as a device saw it. Events are added and never changed; what counts follows from all of them in their order. */
export const Happening = v.variant('kind', [
  v.strictObject({ kind: v.literal('tick'), entry: EntryId }),
  v.strictObject({ kind: v.literal('untick'), entry: EntryId }),
  v.strictObject({ kind: v.literal('clean'), wash: EntryId, item: GateItem }),
  v.strictObject({ kind: v.literal('unclean'), wash: EntryId, item: GateItem }),
  /** A gate passed without all of it. What may follow is judged again. */
  v.strictObject({ kind: v.literal('skip'), wash: EntryId, items: v.pipe(v.array(GateItem), v.minLength(1), v.maxLength(40)), reason: Words(300) }),
  /** It will be ready then, and not when the plan thought: the moment of the last look at it, or of its end. */
  v.strictObject({ kind: v.literal('until'), entry: EntryId, atMin: Moment }),
  v.strictObject({ kind: v.literal('measure'), entry: EntryId, measured: TemperatureKind, celsius: TemperatureC }),
  /** A timer of the cook's own, beside those that follow from the plan. */
  v.strictObject({ kind: v.literal('timer'), timer: v.pipe(v.string(), v.maxLength(64)), name: Words(80), endsAtMin: Moment }),
  v.strictObject({ kind: v.literal('timer-off'), timer: v.pipe(v.string(), v.maxLength(64)) }),
  v.strictObject({ kind: v.literal('note'), words: Words(500), entry: v.optional(EntryId) }),
]);
export type Happening = v.InferOutput<typeof Happening>;

const EventId = v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{8,64}$/, 'An event has an id of 8 to 64 letters, digits and hyphens.'));
const Device = v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(60));

/** An event as a device sends it; `agoMin` is how long ago it happened, so that no two clocks need agree. */
export const SentEvent = v.strictObject({
  id: EventId,
  device: Device,
  agoMin: v.optional(v.pipe(v.number('Minutes are a number.'), v.finite(), v.minValue(0, 'Nothing happens in the future.'), v.maxValue(2880, 'At most two days.')), 0),
  what: Happening,
});
export type SentEvent = v.InferOutput<typeof SentEvent>;

/** An event as it is kept: `seq` is the order that counts, `atMin` the moment in minutes after the first serving. */
export interface DayEvent {
  readonly seq: number;
  readonly id: string;
  readonly device: string;
  readonly atMin: number;
  readonly what: Happening;
}
