import type { Demand } from './demands.ts';
import type { Carry } from './problem.ts';

export interface SurfaceUse {
  readonly start: number;
  readonly end: number;
  readonly activity: number;
  /** What is asked of the surface just before this use. */
  readonly demand: Demand;
  /** It is washed: what was on it before is gone. */
  readonly isWash: boolean;
}

/** Food of a hold that is on a surface from a moment not known yet, before the first of its uses that is placed (`from`), to the end of the last. */
interface Held {
  readonly key: string;
  readonly from: number;
  readonly end: number;
}

/**
 * A thing that residues stay on: a piece of kit or a pair of hands. It remembers its uses and washes, the latest first,
 * whatever the order in which they were placed, and which food holds it.
 */
export class Surface {
  readonly uses: SurfaceUse[] = [];
  /** Stretches in which food stays on it between two uses. */
  private stays: readonly { readonly start: number; readonly end: number }[] = [];
  private hold: Held | undefined;
  /** Food that is on it from the beginning; its end is Infinity while that is not known. */
  private first: Held | undefined;

  /**
   * @param nothing the demand that asks nothing
   * @param marks what is on it at the beginning
   * @param hold the food that is in it at the beginning
   */
  constructor(
    private readonly nothing: Demand,
    readonly marks: readonly Carry[] = [],
    hold?: string,
  ) {
    // Until it is known when that food is last in it, nothing else can be.
    if (hold !== undefined) this.first = { key: hold, from: Infinity, end: Infinity };
  }

  /** The first use or wash that starts at or after a moment. */
  next(at: number): SurfaceUse | undefined {
    for (let i = this.uses.length - 1; i >= 0; i--) if (this.uses[i]!.start >= at) return this.uses[i];
    return undefined;
  }

  /** The last use or wash that starts before a moment. */
  last(at: number): SurfaceUse | undefined {
    // From the earliest on: most questions are about what lies before everything placed so far.
    let i = this.uses.length;
    while (i > 0 && this.uses[i - 1]!.start < at) i--;
    return this.uses[i];
  }

  /** What the next use asks of whatever happens before it. */
  demandAt(at: number): Demand {
    return this.next(at)?.demand ?? this.nothing;
  }

  usedBefore(at: number): boolean {
    return this.uses.length > 0 && this.uses.at(-1)!.start < at;
  }

  /**
   * Where it is not free for food of the given hold (or of none) in [start, end), the start of what is in the way: a use,
   * food staying on it, or −Infinity for another open hold. Undefined where it is free.
   */
  clash(start: number, end: number, hold: string | undefined): number | undefined {
    if (this.hold && this.hold.key !== hold && start < this.hold.end) return -Infinity;
    if (this.first && this.first.key !== hold && start < this.first.end) return -Infinity;
    for (let i = this.uses.length - 1; i >= 0; i--) {
      const use = this.uses[i]!;
      if (use.start >= end) break;
      if (use.end > start) return use.start;
    }
    for (const stay of this.stays) if (stay.start < end && stay.end > start) return stay.start;
    return undefined;
  }

  /** Whose use starts at a moment. */
  ownerAt(start: number): number {
    return this.uses.find((use) => use.start === start)?.activity ?? -1;
  }

  add(use: SurfaceUse): void {
    let at = this.uses.length;
    while (at > 0 && this.uses[at - 1]!.start < use.start) at--;
    this.uses.splice(at, 0, use);
  }

  remove(use: SurfaceUse): void {
    this.uses.splice(this.uses.indexOf(use), 1);
  }

  /** Food of this hold is worked with from `start` to `end`, and is on it from an earlier moment, not yet known. */
  holdUntil(key: string, start: number, end: number): void {
    if (this.first?.key === key)
      this.first = { key, from: start, end: this.first.end === Infinity ? end : this.first.end };
    else this.hold = { key, from: start, end: this.hold?.end ?? end };
  }

  /** When the food of this hold, which is on it already, is next worked with. */
  nextOfHold(key: string): number | undefined {
    const held = [this.hold, this.first].find((each) => each?.key === key);
    return held && held.from < Infinity ? held.from : undefined;
  }

  /** The food of this hold came on to it at `start`. */
  release(key: string, start: number): void {
    if (this.hold?.key !== key) return;
    this.stays = [...this.stays, { start, end: this.hold.end }];
    this.hold = undefined;
  }

  /** Whether nothing has been done with it, nothing is on it and nothing stands in it. */
  get isUntouched(): boolean {
    return (
      this.uses.length === 0 &&
      this.stays.length === 0 &&
      this.marks.length === 0 &&
      this.hold === undefined &&
      this.first === undefined
    );
  }

  /** Whether food is on it that comes at a moment not known yet. */
  get held(): boolean {
    return this.hold !== undefined;
  }

  /** Remembers what food holds it; the function it returns puts that back. */
  rememberHold(): () => void {
    const { stays, hold, first } = this;
    return () => {
      this.stays = stays;
      this.hold = hold;
      this.first = first;
    };
  }
}
