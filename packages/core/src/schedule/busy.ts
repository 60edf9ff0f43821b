/** Intervals taken on one thing that can do one thing at a time: disjoint, half-open [start, end), the latest first. */
export class Busy {
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];
  private readonly owners: number[] = [];

  /** The start of the earliest interval, or Infinity. */
  get first(): number {
    return this.starts.length > 0 ? this.starts[this.starts.length - 1]! : Infinity;
  }

  /** The place of the latest interval that starts before a moment. */
  private from(moment: number): number {
    let high = this.starts.length;
    // Most questions are about what lies before everything placed so far.
    if (high === 0 || moment <= this.starts[high - 1]!) return high;
    let low = 0;
    while (low < high) {
      const mid = (low + high) >> 1;
      if (this.starts[mid]! < moment) high = mid;
      else low = mid + 1;
    }
    return low;
  }

  add(start: number, end: number, owner: number): void {
    if (start < this.first) {
      this.starts.push(start);
      this.ends.push(end);
      this.owners.push(owner);
      return;
    }
    const at = this.from(start);
    this.starts.splice(at, 0, start);
    this.ends.splice(at, 0, end);
    this.owners.splice(at, 0, owner);
  }

  remove(start: number): void {
    const at = this.starts.indexOf(start);
    this.starts.splice(at, 1);
    this.ends.splice(at, 1);
    this.owners.splice(at, 1);
  }

  /** The start of the latest interval that overlaps [start, end), or undefined where it is free. */
  clash(start: number, end: number): number | undefined {
    const at = this.from(end);
    return at < this.starts.length && this.ends[at]! > start ? this.starts[at] : undefined;
  }

  /** The latest end, at most `end`, of a free stretch of this length. */
  latestGap(end: number, length: number): number {
    let latest = end;
    for (let at = this.from(end); at < this.starts.length && this.ends[at]! > latest - length; at++)
      latest = this.starts[at]!;
    return latest;
  }

  /** The end of the latest interval that overlaps [start, end), or undefined where it is free. */
  blockedUntil(start: number, end: number): number | undefined {
    const at = this.from(end);
    return at < this.starts.length && this.ends[at]! > start ? this.ends[at] : undefined;
  }

  /** Whose interval starts at a moment. */
  ownerAt(start: number): number {
    return this.owners[this.starts.indexOf(start)] ?? -1;
  }
}

/** So many places of a pool, taken in [start, end). */
export interface Taken {
  readonly start: number;
  readonly end: number;
  readonly places: number;
  readonly activity: number;
}

/** How many places are taken at once at most within [start, end). */
export function mostAtOnce(taken: readonly Taken[], start: number, end: number): number {
  let most = 0;
  for (const each of taken) {
    if (each.start >= end || each.end <= start) continue;
    const at = Math.max(each.start, start);
    let count = 0;
    for (const other of taken) if (other.start <= at && other.end > at) count += other.places;
    most = Math.max(most, count);
  }
  return most;
}
