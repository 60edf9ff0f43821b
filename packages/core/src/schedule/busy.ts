/** Intervals taken on one thing that can do one thing at a time. Half-open: [start, end). */
export class Busy {
  private readonly taken: { start: number; end: number }[] = [];

  get length(): number {
    return this.taken.length;
  }

  /** Forgets the intervals added last, down to this many. */
  set length(count: number) {
    this.taken.length = count;
  }

  add(start: number, end: number): void {
    this.taken.push({ start, end });
  }

  /** The start of an interval that overlaps [start, end), the earliest such; or undefined where it is free. */
  clash(start: number, end: number): number | undefined {
    let first: number | undefined;
    for (const each of this.taken) {
      if (each.start < end && each.end > start && (first === undefined || each.start < first)) first = each.start;
    }
    return first;
  }
}

/** How many intervals are open at once at most within [start, end), counting only those given. */
export function mostAtOnce(intervals: readonly { readonly start: number; readonly end: number }[], start: number, end: number): number {
  const inside = intervals.filter((each) => each.start < end && each.end > start);
  let most = 0;
  for (const each of inside) {
    const at = Math.max(each.start, start);
    most = Math.max(most, inside.filter((other) => other.start <= at && other.end > at).length);
  }
  return most;
}
