import type { LineId } from '../model/index.ts';
import type { Device } from './devices.ts';
import type { Doing } from './doings.ts';
import type { NamedVessel } from './namedVessels.ts';
import type { Mention } from './mentions.ts';

/** A paragraph of a method, under the heading it has there. */
export interface MethodPart {
  readonly text: string;
  readonly heading?: string | undefined;
}

/** One piece of kit that food is in: which of its kind. */
export interface InVessel {
  readonly kind: NamedVessel['kind'];
  readonly as: string;
}

/** Something a cook does: all its clauses, in order, with what it waits for. */
export interface Operation {
  readonly doings: Doing[];
  /** Places are in the clause's text. */
  readonly mentions: { readonly doing: Doing; readonly mention: Mention }[];
  readonly uses: LineId[];
  readonly after: Set<Operation>;
  device: Device | undefined;
  isOff: boolean;
  vessel: InVessel | undefined;
  /** All pieces that its food is in or comes into. */
  readonly vessels: Map<string, InVessel>;
  /** Words that go with it and tell no work: tips, warming the oven. */
  readonly before: string[];
  readonly notes: { readonly text: string; readonly paragraph: number }[];
  /** Minutes at its end that another heat takes. */
  lessMin: number;
  /** What the oven is set to when it begins, in °C. */
  ovenC: number | undefined;
  /** What it is done to was not said plainly. */
  guessedAfter: Operation | undefined;
  /** It is of something that is had beside the dish, or was begun beside other work. */
  isBeside: boolean;
}

/** Food in the making: what is in it, what it is called, where it is, and what was done to it last. */
export interface Stream {
  last: Operation;
  readonly lines: Set<LineId>;
  readonly names: Set<string>;
  vessel: InVessel | undefined;
  /** What it was left to cook on last. */
  cookedOn: Device | undefined;
  /** It was lifted out of what it was in, or is what stayed behind there. */
  isForked: boolean;
  /** What it is a share of: one sign for all shares of what was divided. */
  readonly shareOf: Set<symbol>;
  /** It was divided, and nothing was done to this share of it since. */
  isParted: boolean;
  /** A share that was set aside for later. */
  isAside: boolean;
  /** What is left of food from which a part was taken. */
  isRest: boolean;
  /** Water in which something was boiled, kept for later. */
  isWater: boolean;
  /** It was poured off: it is in a sieve. */
  isDrained: boolean;
  /** It was begun beside other work, or under a heading of its own. */
  isBeside: boolean;
  /** What its part is called in full: "white sauce". */
  readonly label?: string | undefined;
  isGone: boolean;
}
