import type { Demand } from './demands.ts';

export interface SurfaceUse {
  readonly start: number;
  readonly end: number;
  readonly activity: number;
  /** What is asked of the surface just before this use. */
  readonly demand: Demand;
}

/**
 * A thing that residues stay on: a piece of kit or a pair of hands. It remembers its uses and washes, whatever the order in
 * which they were placed, and which food holds it. Everything is appended, so that a try can be taken back by length.
 */
export class Surface {
  readonly uses: SurfaceUse[] = [];
  /** Stretches in which food stays on it between two uses. */
  private readonly stays: { start: number; end: number }[] = [];
  private hold: { key: string; end: number } | undefined;

  /** @param nothing the demand that asks nothing */
  constructor(private readonly nothing: Demand) {}

  /** The first use or wash that starts at or after a moment. */
  next(at: number): SurfaceUse | undefined {
    let next: SurfaceUse | undefined;
    for (const use of this.uses) if (use.start >= at && (!next || use.start < next.start)) next = use;
    return next;
  }

  /** What the next use asks of whatever happens before it. */
  demandAt(at: number): Demand {
    return this.next(at)?.demand ?? this.nothing;
  }

  usedBefore(at: number): boolean {
    return this.uses.some((use) => use.start < at);
  }

  /** Free for food of the given hold (or of none) in [start, end): no use, no food staying on it, no other open hold. */
  free(start: number, end: number, hold: string | undefined): boolean {
    if (this.hold && this.hold.key !== hold && start < this.hold.end) return false;
    return !this.uses.some((use) => use.start < end && use.end > start) && !this.stays.some((stay) => stay.start < end && stay.end > start);
  }

  add(use: SurfaceUse): void {
    this.uses.push(use);
  }

  /** Food of this hold is on it from an earlier moment, not yet known, to `end`. */
  holdUntil(key: string, end: number): void {
    this.hold ??= { key, end };
  }

  /** The food came on to it at `start`. */
  release(start: number): void {
    if (!this.hold) return;
    this.stays.push({ start, end: this.hold.end });
    this.hold = undefined;
  }

  get held(): boolean {
    return this.hold !== undefined;
  }

  snapshot(): () => void {
    const [uses, stays, hold] = [this.uses.length, this.stays.length, this.hold];
    return () => {
      this.uses.length = uses;
      this.stays.length = stays;
      this.hold = hold;
    };
  }
}
