/**
 * What the scheduler knows: activities, pieces of kit, workers, one chamber with shelves, a pool of flames, and marks that
 * flow from one to the other with use. It knows nothing of cooking. Times are whole minutes; 0 is the first serving.
 */
export interface Problem {
  readonly activities: readonly Activity[];
  readonly units: readonly Unit[];
  readonly workers: readonly Worker[];
  readonly chamber: Chamber;
  /** How many flames may burn at once. */
  readonly flames: number;
  /** How many marks there are; a mark is a number from 0. */
  readonly marks: number;
  /** The mark that stands for "may hold anything". */
  readonly unknownMark: number;
  /** Marks that a kit's unknown past is not feared for: they end with heat and an ordinary wash. */
  readonly heatEnds: readonly number[];
  /** After loose dust, nothing open that must be kept from it for this long, in minutes. */
  readonly settleMin: number;
  /** Minutes to wash a worker's hands. */
  readonly handsMin: number;
  /** Work before this minute is done ahead and not counted into the day. */
  readonly dayStartsMin: number;
}

export interface Link {
  readonly activity: number;
  readonly leastMin: number;
  readonly mostMin: number;
}

export interface UnitUse {
  readonly kind: string;
  /** Uses with the same hold are of the very same unit, kept from the first to the last of them. */
  readonly hold?: string | undefined;
}

export interface Carry {
  readonly mark: number;
  readonly origin: number;
}

export interface Guard {
  readonly mark: number;
  readonly exempt: readonly number[];
}

export interface ChamberUse {
  readonly wishC: number;
  readonly lowC: number;
  readonly highC: number;
  readonly shelves: number;
  readonly covered: boolean;
  /** The heat comes from above and spares nothing else: no other load at that time. */
  readonly alone: boolean;
}

export interface Activity {
  readonly id: string;
  readonly durationMin: number;
  /** A worker is busy with it all through; else it goes by itself. */
  readonly handsOn: boolean;
  readonly attention: readonly { readonly atMin: number; readonly takesMin: number }[];
  readonly uses: readonly UnitUse[];
  readonly chamber?: ChamberUse | undefined;
  readonly flame: boolean;
  /** It throws up dust of the marks it carries among these. */
  readonly dust: readonly Carry[];
  readonly carries: readonly Carry[];
  readonly guards: readonly Guard[];
  /** Marks that its heat ends in the food; with `kit`, on the kit it is heated in as well. */
  readonly ends?: { readonly marks: readonly number[]; readonly kit: boolean } | undefined;
  readonly before: readonly Link[];
  readonly dueMin?: number | undefined;
  readonly mostHoldMin?: number | undefined;
}

export interface Unit {
  readonly kind: string;
  readonly comesClean: boolean;
  readonly washMin: number;
  /** Marks that are never put on it. */
  readonly barred: readonly number[];
}

export interface Worker {
  readonly windows: readonly { readonly fromMin: number; readonly toMin: number }[];
}

export interface Chamber {
  readonly shelves: number;
  readonly mostC: number;
  readonly roomC: number;
  readonly heatsCPerMin: number;
  readonly coolsCPerMin: number;
}

export interface Placed {
  readonly activity: number;
  readonly startMin: number;
  readonly endMin: number;
  readonly worker: number;
  readonly units: readonly number[];
  readonly shelves: readonly number[];
  readonly attention: readonly { readonly startMin: number; readonly endMin: number; readonly worker: number; readonly index: number }[];
}

export interface Wash {
  readonly startMin: number;
  readonly endMin: number;
  readonly worker: number;
  readonly units: readonly number[];
  /** What is on the unit (or, with unit −1, on the worker's hands) and the activity that needs it gone. */
  readonly because: readonly { readonly unit: number; readonly marks: readonly number[]; readonly before: number }[];
}

export interface Heat {
  readonly startMin: number;
  readonly readyMin: number;
  readonly untilMin: number;
  readonly temperatureC: number;
}

export interface Timetable {
  readonly placed: readonly Placed[];
  readonly washes: readonly Wash[];
  readonly heats: readonly Heat[];
  readonly score: Score;
}

/** Compared in this order; less is better. */
export type Score = readonly [washes: number, washMin: number, dayMin: number, lastHalfHourMin: number, heldMin: number];

export function better(a: Score, b: Score): boolean {
  for (let i = 0; i < a.length; i++) {
    if (a[i]! !== b[i]!) return a[i]! < b[i]!;
  }
  return false;
}

/** Why no timetable was found: the activity that would not fit and what it wanted. */
export interface Stuck {
  readonly activity: number;
  readonly why: 'no-worker' | 'no-unit' | 'no-clean-unit' | 'wait-too-long' | 'stands-too-long' | 'no-chamber' | 'no-flame' | 'circular';
  /** The activity after it that cannot wait, and by how many minutes it would have to be earlier. */
  readonly follower?: number;
  readonly shortMin?: number;
}
