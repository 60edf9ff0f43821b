/**
 * What the scheduler knows: activities, pieces of kit, cooks, ovens with racks, pools of places, and marks that
 * flow from one to the other with use. It knows nothing of cooking. Times are whole minutes; 0 is the first serving.
 */
export interface Problem {
  readonly activities: readonly Activity[];
  readonly units: readonly Unit[];
  readonly cooks: readonly Cook[];
  readonly ovens: readonly Oven[];
  /** Pools of alike places (burners, room in a fridge), each with how many it has; Infinity: it is not reckoned with. */
  readonly pools: readonly number[];
  /** How many marks there are; a mark is a number from 0. */
  readonly marks: number;
  /** The mark that stands for "may hold anything". */
  readonly unknownMark: number;
  /** Marks that a kit's unknown past is not feared for: they end with heat and an ordinary wash. */
  readonly heatEnds: readonly number[];
  /** After loose dust, nothing open that must be kept from it for this long, in minutes. */
  readonly settleMin: number;
  /** Minutes to wash a cook's hands. */
  readonly handsMin: number;
  /** When somebody is at the sink with what was begun before. */
  readonly washing?: readonly Span[] | undefined;
  /** What washes units by itself; absent: there is none. */
  readonly machine?: Machine | undefined;
  /** What is in the air already at the beginning: of which dust, and until when it hangs there. */
  readonly air?: readonly { readonly dust: readonly Carry[]; readonly untilMin: number }[] | undefined;
  /** Work in hand from before the beginning that must be kept from dust. */
  readonly open?: readonly (Span & { readonly guards: readonly Guard[] })[] | undefined;
  /** Places that are taken from before the beginning. */
  readonly taken?: readonly (Span & { readonly pool: number; readonly places: number })[] | undefined;
  /** So long may stand, all in all, what spoils; absent: as long as it likes. */
  readonly standsMostMin?: number | undefined;
  /** Work before this minute is done ahead and not counted into the day. */
  readonly dayStartsMin: number;
  /** What is better, the most important first. */
  readonly goals: readonly Goal[];
}

/** `washes`: fewer of them; `washMin`: minutes that cooks wash; `day`: from the first hand to the last serving; `calm`: hands-on minutes in the last half hour; `held`: minutes that finished food stands; `bent`: how many are done in a way that is only a way out; `rests`: how often something is put away. */
export const usualGoals = ['washes', 'bent', 'day', 'washMin', 'calm', 'rests', 'held'] as const;
export type Goal = (typeof usualGoals)[number];

/** What need not stand while it waits: it can be put away, and must where it would stand longer than `standsMin` at once. */
export interface Shelter {
  readonly standsMin: number;
  /** In which pool it takes a place meanwhile. */
  readonly pool: number;
  /** It is in such a place already and need not be put there. */
  readonly isThere: boolean;
  /** Minutes of a cook to put it away, and to take it out. */
  readonly handlingMin: number;
}

export interface Link {
  readonly activity: number;
  /** Only the order of the two: no food goes from one to the other. */
  readonly isOrder?: true | undefined;
  readonly leastMin: number;
  readonly mostMin: number;
  /** What stands in this wait, outside a shelter, counts. */
  readonly spoils?: boolean | undefined;
  readonly shelter?: Shelter | undefined;
}

export interface UnitUse {
  readonly kind: string;
  /** Uses with the same hold are of the very same unit, kept from the first to the last of them. */
  readonly hold?: string | undefined;
  /** The only units that will do, all of that kind, the fittest first. */
  readonly only?: readonly number[] | undefined;
  /** It is needed for so many minutes from the start and no longer. */
  readonly forMin?: number | undefined;
  /** It stays in use until all have begun that follow. */
  readonly untilTaken?: boolean | undefined;
  /** What is worked on is heated in it: marks that the heat ends are ended on it too, whoever stirs. */
  readonly isHeated?: boolean | undefined;
  /** It stays in use until then, whenever the activity ends. */
  readonly keptUntilMin?: number | undefined;
}

export interface Carry {
  readonly mark: number;
  readonly origin: number;
}

export interface Guard {
  readonly mark: number;
  readonly exempt: readonly number[];
}

export interface OvenAsk {
  /** The ovens that will do. */
  readonly in: readonly number[];
  readonly wishC: number;
  readonly lowC: number;
  readonly highC: number;
  readonly racks: number;
  /** The highest rack it may take, where that is not free; 0 is the top. */
  readonly rack?: number | undefined;
  readonly covered: boolean;
  /** The heat comes from above and spares nothing else: no other load at that time. */
  readonly alone: boolean;
  /** From its start the oven stays shut for so many minutes; absent: it may be opened at any time. */
  readonly shutMin?: number | undefined;
}

/** A way of doing an activity. */
export interface Way {
  readonly durationMin: number;
  /** So many minutes of its time are to spare: its work is likely over so much sooner. */
  readonly spareMin?: number | undefined;
  /** A cook is busy with it all through; else it goes by itself. */
  readonly handsOn: boolean;
  readonly looks: readonly { readonly atMin: number; readonly takesMin: number }[];
  readonly uses: readonly UnitUse[];
  readonly oven?: OvenAsk | undefined;
  /** How many places it takes in each pool, in their order, all through; a pool not named is not used. */
  readonly takes: readonly number[];
  /** A way out, taken only where it helps what nothing else does. */
  readonly bent?: boolean;
}

export interface Activity {
  readonly id: string;
  /** At least one; the first is the usual. */
  readonly ways: readonly Way[];
  /** The cooks who can do it and look after it; absent: all. */
  readonly cooks?: readonly number[] | undefined;
  /** It throws up dust of the marks it carries among these. */
  readonly dust: readonly Carry[];
  readonly carries: readonly Carry[];
  /** What could fall from it on what stands below in a oven; absent: what it carries. */
  readonly drips?: readonly Carry[] | undefined;
  readonly guards: readonly Guard[];
  /** Marks that its heat ends in the food, and on the kit it is heated in where nobody handles it. */
  readonly ends: readonly number[];
  readonly before: readonly Link[];
  readonly dueMin?: number | undefined;
  readonly mostHoldMin?: number | undefined;
  /** How it waits for what it is due for. */
  readonly spoils?: boolean | undefined;
  readonly shelter?: Shelter | undefined;
  /** What is worked on stands meanwhile; what was worked on is as fresh after it as if it had never stood. */
  readonly stands?: boolean | undefined;
  readonly freshens?: boolean | undefined;
  /** It must have ended no more than so many minutes before a moment, whatever comes after it. */
  readonly warm?: { readonly untilMin: number; readonly mostMin: number } | undefined;
  /** It may not start before, and must have ended by. */
  readonly notBeforeMin?: number | undefined;
  readonly endsByMin?: number | undefined;
}

/** A stretch of time, in minutes. */
export interface Span {
  readonly startMin: number;
  readonly endMin: number;
}

export interface Unit {
  readonly kind: string;
  readonly comesClean: boolean;
  readonly washMin: number;
  /** Marks that are never put on it. */
  readonly barred: readonly number[];
  /** The machine can wash it. */
  readonly machine?: boolean;
  /** Until then it is not there to be used. */
  readonly freeFromMin?: number | undefined;
  /** What is on it at the beginning, when it can be used. */
  readonly holds?: Beginning | undefined;
}

/** What is on a unit or on hands when a timetable begins in the middle of things. */
export interface Beginning {
  readonly marks: readonly Carry[];
  /** The food that is still in it. */
  readonly hold?: string | undefined;
}

/** Washes as many units as it has places for, one load after the other, while nobody stands by. */
export interface Machine {
  /** Minutes of a cook to load and start it, and from then until the units can be used. */
  readonly loadMin: number;
  readonly cycleMin: number;
  readonly places: number;
  /** Until then it is at work. */
  readonly freeFromMin?: number | undefined;
}

export interface Cook {
  readonly windows: readonly { readonly fromMin: number; readonly toMin: number }[];
  /** Whether they wash up. Their own hands they always wash. */
  readonly washesUp: boolean;
  /** What is on their hands at the beginning. */
  readonly marks?: readonly Carry[] | undefined;
  /** When they are at something that was begun before. */
  readonly busy?: readonly Span[] | undefined;
}

export interface Oven {
  readonly racks: number;
  readonly roomC: number;
  readonly heatsCPerMin: number;
  /** Its door ajar, and shut. */
  readonly coolsCPerMin: number;
  readonly shutCoolsCPerMin: number;
  /** Between two heats at most so far apart it stays on. */
  readonly keptOnMin: number;
  /**
   * How hot it is when it can be turned to something: nobody knows just how far it has fallen. What is on stays on for a first heat not far
   * off; else it falls further. Absent: it was off for long.
   */
  readonly from?:
    { readonly atMin: number; readonly leastC: number; readonly mostC: number; readonly isOn: boolean } | undefined;
  /** What is in it from before the beginning. */
  readonly loads?: readonly BegunLoad[] | undefined;
}

/** A load that went in before the beginning, at one heat and on its racks. */
export interface BegunLoad extends Span {
  readonly use: OvenAsk;
  readonly racks: readonly number[];
  /** When the door is opened for it. */
  readonly opens: readonly number[];
  readonly drips: readonly Carry[];
  readonly guards: readonly Guard[];
}

/** Put away between two activities, or (next −1) until what it is due for. */
export interface Rest extends Span {
  readonly from: number;
  readonly next: number;
  readonly pool: number;
  /** From when it takes a place of its own: until then it is with what else of the same is put away, or, from its end on, takes none. */
  readonly placeFromMin: number;
  /** What of the same is put away for something else was put there with it. */
  readonly isShared: boolean;
  /** Absent where it is in its place already. */
  readonly put?: Handling | undefined;
  readonly take?: Handling | undefined;
}

export interface Handling extends Span {
  readonly cook: number;
}

export interface Placed {
  readonly activity: number;
  readonly way: number;
  readonly startMin: number;
  readonly endMin: number;
  readonly cook: number;
  readonly units: readonly number[];
  readonly oven: number;
  readonly racks: readonly number[];
  readonly looks: readonly {
    readonly startMin: number;
    readonly endMin: number;
    readonly cook: number;
    readonly index: number;
  }[];
  /** What is put away before or after it, told with whichever of the two was placed later. */
  readonly rests: readonly Rest[];
}

export interface Wash {
  readonly startMin: number;
  /** When the cook is free again, their hands clean. */
  readonly endMin: number;
  /** In the machine until then; absent: washed by hand, and clean at the end. */
  readonly machineUntilMin?: number | undefined;
  readonly cook: number;
  readonly units: readonly number[];
  /** What is on the unit (or, with unit −1, on the cook's hands) and the activity that needs it gone. */
  readonly because: readonly { readonly unit: number; readonly marks: readonly number[]; readonly before: number }[];
}

export interface Heat {
  readonly oven: number;
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
  /** For each activity the one that stood in the way of a later place, or −1. */
  readonly blockers: Int32Array;
  /** How many washes were put in while it was built; some of them proved needless. */
  readonly washesPlaced: number;
}

/** One number for each goal of the problem, in its order; compared in that order, less is better. */
export type Score = readonly number[];

export function better(a: Score, b: Score): boolean {
  for (let i = 0; i < a.length; i++) {
    if (a[i]! !== b[i]!) return a[i]! < b[i]!;
  }
  return false;
}

/** Why no timetable was found: the activity that would not fit and what it wanted. */
export interface Stuck {
  readonly activity: number;
  readonly why:
    | 'no-cook'
    | 'no-unit'
    | 'no-clean-unit'
    | 'wait-too-long'
    | 'stands-too-long'
    | 'too-early'
    | 'no-oven'
    | 'no-place'
    | 'dust'
    | 'circular';
  /** With `no-place`: the pool that was full. */
  readonly pool?: number;
  /** The activity after it that cannot wait, and by how many minutes it would have to be earlier. */
  readonly follower?: number;
  readonly shortMin?: number;
  /** What holds it where it found no place: what comes after it, what stood in the way of that being later, and so on. */
  readonly around?: readonly number[];
}
