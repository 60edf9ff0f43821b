import * as v from 'valibot';
import {
  type DayEvent,
  CheckedRecipe,
  DeviceFault,
  ClockTime,
  Day,
  Name,
  Occasion,
  OccasionId,
  OwnFood,
  OwnSubstitution,
  Pack,
  Person,
  Plan,
  Product,
  SentEvent,
} from '../model/index.ts';

/** What goes over the wire, written once: the server checks it, the OpenAPI page shows it, the web app is typed by it. */
export const Revision = v.pipe(
  v.number('A revision is a number.'),
  v.integer('A revision is whole.'),
  v.minValue(1, 'Revisions count from 1.'),
);

export const NewOccasion = v.union([
  v.strictObject({ name: Name, date: Day, serveAt: v.optional(ClockTime, '18:30') }),
  v.strictObject({ occasion: Occasion }),
]);
/** An old occasion made into a new one. */
export const OccasionAgain = v.strictObject({ name: Name, date: Day, serveAt: ClockTime });
export const PutOccasion = v.strictObject({ baseRevision: Revision, occasion: Occasion });
export const RestoreOccasion = v.strictObject({ baseRevision: Revision, revision: Revision });
export const PutPlan = v.strictObject({ plan: Plan });
/** What a joined device may do: look on, or tick and note too. */
export const DeviceRole = v.picklist(['reader', 'helper'], 'A device joins as reader or helper.');
export type DeviceRole = v.InferOutput<typeof DeviceRole>;
export const PutSharing = v.strictObject({ on: v.boolean('On or off?') });
export const AskCode = v.strictObject({ occasion: OccasionId, role: DeviceRole });
export const JoinWithCode = v.strictObject({
  code: v.pipe(v.string('Which code?'), v.maxLength(40, 'A code is shorter than that.')),
  name: v.pipe(
    v.string('What is the device called?'),
    v.trim(),
    v.minLength(1, 'What is the device called?'),
    v.maxLength(40, 'At most 40 characters.'),
  ),
});

/** How fast a rehearsed day goes by; 0 stands still. */
const Speed = v.pipe(
  v.number('A speed is a number.'),
  v.finite(),
  v.minValue(0, 'Time does not run backwards.'),
  v.maxValue(120, 'At most 120 times as fast.'),
);
export const BeginDay = v.variant(
  'mode',
  [
    v.strictObject({ mode: v.literal('day') }),
    /** A day that is only played, from a moment on (minutes after the first serving; absent: shortly before the first thing to do). */
    v.strictObject({
      mode: v.literal('rehearsal'),
      speed: v.optional(Speed, 1),
      fromMin: v.optional(v.pipe(v.number(), v.integer(), v.minValue(-10_000), v.maxValue(8_000))),
    }),
  ],
  'A day is begun as "day" or "rehearsal".',
);
export const SetClock = v.strictObject({
  speed: Speed,
  nowMin: v.optional(v.pipe(v.number(), v.finite(), v.minValue(-10_000), v.maxValue(8_000))),
});
/** The day that is meant: another may have been begun meanwhile. */
const DayId = v.pipe(v.string('Which day? Its id is in what GET answers.'), v.maxLength(64));
export const SendEvents = v.strictObject({
  day: DayId,
  events: v.pipe(
    v.array(SentEvent),
    v.minLength(1, 'At least one event.'),
    v.maxLength(500, 'At most 500 events at once.'),
  ),
});
/** `again`: tasks that are to be done once more; what was ticked of them is taken back. */
export const PutMend = v.strictObject({
  day: DayId,
  baseVersion: Revision,
  occasion: Occasion,
  plan: Plan,
  again: v.optional(v.pipe(v.array(v.pipe(v.string(), v.maxLength(200))), v.maxLength(500)), []),
  words: v.pipe(v.string(), v.maxLength(2000)),
});
/** A fault asked of a simulated device; null: it works again. */
export const PutFault = v.strictObject({ fault: v.nullable(DeviceFault) });
const OvenC = v.pipe(
  v.number('A temperature is a number.'),
  v.finite(),
  v.minValue(-30, 'At least −30 °C.'),
  v.maxValue(550, 'At most 550 °C.'),
);
/** What a device in a real kitchen says of itself. `oven` is its number in the kitchen; `task` the step of the plan that a probe is in. */
export const PutReading = v.variant(
  'kind',
  [
    v.strictObject({
      kind: v.literal('cavity'),
      name: v.optional(Name, 'Oven'),
      oven: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(4)), 0),
      setC: v.optional(v.nullable(OvenC), null),
      shownC: OvenC,
      isHeating: v.optional(v.boolean(), false),
      isOpen: v.optional(v.boolean(), false),
    }),
    v.strictObject({
      kind: v.literal('probe'),
      name: v.optional(Name, 'Probe'),
      task: v.optional(v.nullable(v.pipe(v.string(), v.maxLength(200))), null),
      coreC: OvenC,
    }),
  ],
  'A device is a cavity or a probe.',
);
export const SinceQuery = v.strictObject({
  since: v.optional(v.pipe(v.string(), v.toNumber('A number.'), v.integer('It is whole.'), v.minValue(0)), '0'),
});
export const MakePlan = v.strictObject({
  occasion: Occasion,
  seed: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(2 ** 31)), 1),
  /** How much is looked for, in seconds of an ordinary machine; the same number gives the same plan on any. */
  seconds: v.optional(
    v.pipe(
      v.number('Seconds are a number.'),
      v.minValue(0, 'Seconds cannot be negative.'),
      v.maxValue(120, 'At most 120 seconds.'),
    ),
    2,
  ),
});
export const CountChances = v.strictObject({
  occasion: Occasion,
  plan: Plan,
  days: v.optional(
    v.pipe(
      v.number('Days are a number.'),
      v.integer('Days are whole.'),
      v.minValue(1, 'At least one day.'),
      v.maxValue(20_000, 'At most 20000 days.'),
    ),
    2000,
  ),
  seed: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(2 ** 31)), 1),
  /** How much is looked for each plan with spare time in it; 0: spare time is not tried. */
  spareSeconds: v.optional(
    v.pipe(
      v.number('Seconds are a number.'),
      v.minValue(0, 'Seconds cannot be negative.'),
      v.maxValue(10, 'At most 10 seconds.'),
    ),
    0,
  ),
});
export const CalendarQuery = v.strictObject({
  cook: v.optional(v.pipe(v.string(), v.maxLength(60))),
  /** Minutes before each begins that its alarm rings. */
  alarm: v.optional(
    v.pipe(
      v.string(),
      v.toNumber('Minutes are a number.'),
      v.integer('Minutes are whole.'),
      v.minValue(0, 'Not after it begins.'),
      v.maxValue(120, 'At most two hours.'),
    ),
    '0',
  ),
});
export const AuditPlan = v.strictObject({ occasion: Occasion, plan: Plan });

const BaseRevision = v.pipe(
  v.number('A revision is a number.'),
  v.integer('A revision is whole.'),
  v.minValue(0, '0 stands for a new entry.'),
);
export const PutPerson = v.strictObject({ baseRevision: BaseRevision, entry: Person });
export const PutProduct = v.strictObject({ baseRevision: BaseRevision, entry: Product });
export const PutFood = v.strictObject({ baseRevision: BaseRevision, entry: OwnFood });

export const PutSwap = v.strictObject({ baseRevision: BaseRevision, entry: OwnSubstitution });
export const PutPack = v.strictObject({ baseRevision: BaseRevision, entry: Pack });
export const PutRecipe = v.strictObject({ baseRevision: BaseRevision, entry: CheckedRecipe });
export const CheckRecipeBody = v.strictObject({
  recipe: CheckedRecipe,
  components: v.optional(v.pipe(v.array(CheckedRecipe), v.maxLength(80)), []),
});
export const AdviseMenu = v.strictObject({
  occasion: Occasion,
  policy: v.optional(
    v.picklist(
      ['one-menu', 'split-where-it-matters', 'separate-plates'],
      'A policy is one-menu, split-where-it-matters or separate-plates.',
    ),
    'split-where-it-matters',
  ),
});
export const MakeShopping = v.strictObject({ occasion: Occasion });
/** Text of any kind that a cook has, or linked data as it is. */
export const ReadRecipeBody = v.union([
  v.strictObject({
    text: v.pipe(v.string('The text of a recipe.'), v.maxLength(3_000_000, 'At most 3 million characters.')),
  }),
  v.strictObject({ data: v.union([v.looseObject({}), v.array(v.unknown())], 'Linked data is an object or a list.') }),
]);

/** What the API answers. */
/** An entry of the address book, the products or the own foods, with its revision. */
export interface Kept<Entry> {
  readonly revision: number;
  readonly changedAt: string;
  readonly entry: Entry;
}

export interface OccasionSummary {
  readonly id: string;
  readonly revision: number;
  readonly name: string;
  readonly note: string;
  readonly date: string;
  readonly serveAt: string;
  readonly guests: number;
  readonly dishes: number;
  readonly changedAt: string;
}

export interface KeptOccasion {
  readonly revision: number;
  readonly occasion: Occasion;
}

/** The moment of a day in minutes after the first serving, when it was read, and how many of its minutes go by in one. */
export interface DayClock {
  readonly nowMin: number;
  readonly speed: number;
}

/** A day that has been begun: what is cooked and how, which version of it (each mend makes the next), and everything that happened. */
export interface RunningDay {
  /** Another each time a day is begun. */
  readonly day: string;
  readonly mode: 'day' | 'rehearsal';
  readonly version: number;
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly mends: readonly { readonly version: number; readonly atMin: number; readonly words: string }[];
  readonly ended: boolean;
  readonly clock: DayClock;
  readonly events: readonly DayEvent[];
}

/** What a day was begun with; its mends are read against it. */
export interface BegunWith {
  readonly occasion: Occasion;
  readonly plan: Plan;
}

/** What a listening device hears: new events, and the version where a mend has made a new one. */
export interface DayNews {
  readonly day: string;
  readonly version: number;
  readonly ended: boolean;
  readonly clock: DayClock;
  readonly events: readonly DayEvent[];
}

/** A device that has joined a day. */
export interface JoinedDevice {
  readonly id: string;
  readonly name: string;
  readonly role: DeviceRole;
  readonly occasion: string;
  readonly joinedAt: string;
  /** It has a line open right now. */
  readonly isHere: boolean;
}

/** Whether devices of the home network may join, where, with which code, and which have. */
export interface SharingState {
  readonly on: boolean;
  /** Addresses on the home network, each with its port: `http://192.168.0.7:4401`. */
  readonly addresses: readonly string[];
  readonly code: {
    readonly code: string;
    readonly role: DeviceRole;
    readonly occasion: string;
    readonly secondsLeft: number;
  } | null;
  readonly devices: readonly JoinedDevice[];
}

/** A problem as Lupin sends it, after RFC 9457. */
export interface ProblemDocument {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly code: string;
  readonly detail?: string;
  readonly errors?: readonly { readonly pointer: string; readonly message: string }[];
}

const IngredientText = v.pipe(v.string('The text of one line.'), v.maxLength(5000, 'At most 5000 characters a line.'));
export const ReadIngredients = v.union([
  v.strictObject({ text: IngredientText }),
  v.strictObject({ texts: v.pipe(v.array(IngredientText), v.maxLength(12_000, 'At most 12000 lines at once.')) }),
]);
export const ReadLabel = v.strictObject({
  text: v.pipe(v.string('The text of the label.'), v.maxLength(100_000, 'At most 100000 characters.')),
});
