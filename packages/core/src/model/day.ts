import * as v from 'valibot';
import { DishId, GuestId, TemperatureC, UnitId, VersionId } from './ids.ts';

/** An entry of the run sheet: a planned task, or a moment inside one (`gratin.as-written.bake@1`). */
const EntryId = v.pipe(v.string(), v.minLength(1), v.maxLength(210));
/** Minutes after the first serving. */
const Moment = v.pipe(v.number(), v.finite(), v.minValue(-10_000), v.maxValue(8_000));
const Words = (most: number) =>
  v.pipe(
    v.string(),
    v.trim(),
    v.minLength(1, 'A word or two is needed.'),
    v.maxLength(most, `At most ${most} characters.`),
  );

/** What a wash asks for: the cook's hands, a piece of kit by its id, fresh water, or a clean cloth. */
export const WashItem = v.union([v.picklist(['hands', 'water', 'cloth', 'machine']), UnitId]);
export type WashItem = v.InferOutput<typeof WashItem>;

/** What is measured, against what: the core of what cooks, food kept hot or cold, or food on its way into the fridge. */
export const TemperatureKind = v.picklist(
  ['core', 'hot', 'cold', 'cooling'],
  'What is measured is core, hot, cold or cooling.',
);
export type TemperatureKind = v.InferOutput<typeof TemperatureKind>;

const LeftoverId = v.pipe(
  v.string(),
  v.regex(/^[A-Za-z0-9-]{1,64}$/, 'A box has an id of 1 to 64 letters, digits and hyphens.'),
);

/** What is left of a dish, and how it was put away. */
export const Leftover = v.strictObject({
  id: LeftoverId,
  dish: DishId,
  version: VersionId,
  portions: v.pipe(
    v.number('Portions are a number.'),
    v.minValue(0.25, 'At least a quarter of a portion.'),
    v.maxValue(200, 'At most 200 portions.'),
  ),
  where: v.picklist(['counter', 'fridge', 'freezer'], 'It is put on the counter, in the fridge or in the freezer.'),
  box: Words(60),
  /** It never stood on the table: nobody's spoon was in it. */
  keptBack: v.boolean(),
  /** It stood where it was warmer than 32 °C. */
  warmRoom: v.optional(v.boolean(), false),
  /** When it was put away, in minutes after the first serving. */
  putMin: Moment,
});
export type Leftover = v.InferOutput<typeof Leftover>;

/** How somebody took to a dish. */
export const Liking = v.picklist(['asked-for-more', 'ate-it', 'left-it'], 'They asked for more, ate it, or left it.');
export type Liking = v.InferOutput<typeof Liking>;

/** What can go wrong with a simulated device: less power, a thermostat that stays as it is, a reading that creeps up, no answer. */
export const DeviceFault = v.picklist(
  ['slow', 'stuck', 'drifting', 'disconnected'],
  'A fault is slow, stuck, drifting or disconnected.',
);
export type DeviceFault = v.InferOutput<typeof DeviceFault>;
export const DeviceId = v.pipe(
  v.string(),
  v.regex(/^[a-z0-9][a-z0-9-]{0,39}$/, 'A device has an id of 1 to 40 lower-case letters, digits and hyphens.'),
);

/** One thing that happened, as a device saw it. Events are added and never changed; what counts follows from all of them in their order. */
export const Happening = v.variant('kind', [
  v.strictObject({ kind: v.literal('tick'), entry: EntryId }),
  v.strictObject({ kind: v.literal('untick'), entry: EntryId }),
  /** Work by hand was begun: where nobody says so, it is taken to have been as long as planned. */
  v.strictObject({ kind: v.literal('begin'), entry: EntryId }),
  v.strictObject({ kind: v.literal('clean'), wash: EntryId, item: WashItem }),
  v.strictObject({ kind: v.literal('unclean'), wash: EntryId, item: WashItem }),
  /** A wash passed without all of it. What may follow is judged again. */
  v.strictObject({
    kind: v.literal('skip'),
    wash: EntryId,
    items: v.pipe(v.array(WashItem), v.minLength(1), v.maxLength(40)),
    reason: Words(300),
  }),
  /** It will be ready then, and not when the plan thought: the moment of the last look at it, or of its end. */
  v.strictObject({ kind: v.literal('until'), entry: EntryId, atMin: Moment }),
  v.strictObject({ kind: v.literal('measure'), entry: EntryId, measured: TemperatureKind, celsius: TemperatureC }),
  /** What came out of a step was put into the fridge, though no plan asked for it. */
  v.strictObject({ kind: v.literal('into-fridge'), entry: EntryId }),
  /** A timer of the cook's own, beside those that follow from the plan. */
  v.strictObject({
    kind: v.literal('timer'),
    timer: v.pipe(v.string(), v.maxLength(64)),
    name: Words(80),
    endsAtMin: Moment,
  }),
  v.strictObject({ kind: v.literal('timer-off'), timer: v.pipe(v.string(), v.maxLength(64)) }),
  v.strictObject({ kind: v.literal('note'), words: Words(500), entry: v.optional(EntryId), dish: v.optional(DishId) }),
  /** Put away; sent again with the same id it is corrected. */
  v.strictObject({ kind: v.literal('leftover'), leftover: Leftover }),
  v.strictObject({ kind: v.literal('leftover-off'), leftover: LeftoverId }),
  /** A fault of a simulated device, in a rehearsal; null: it works again. */
  v.strictObject({ kind: v.literal('fault'), device: DeviceId, fault: v.nullable(DeviceFault) }),
  v.strictObject({ kind: v.literal('liked'), dish: DishId, guest: GuestId, how: v.nullable(Liking) }),
]);
export type Happening = v.InferOutput<typeof Happening>;

const EventId = v.pipe(
  v.string(),
  v.regex(/^[A-Za-z0-9-]{8,64}$/, 'An event has an id of 8 to 64 letters, digits and hyphens.'),
);
const Device = v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(60));

/** An event as a device sends it; `agoMin` is how long ago it happened, so that no two clocks need agree. */
export const SentEvent = v.strictObject({
  id: EventId,
  device: Device,
  agoMin: v.optional(
    v.pipe(
      v.number('Minutes are a number.'),
      v.finite(),
      v.minValue(0, 'Nothing happens in the future.'),
      v.maxValue(2880, 'At most two days.'),
    ),
    0,
  ),
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
