import type { Oven, OvenAsk, Heat } from './problem.ts';

export interface Load {
  readonly start: number;
  readonly end: number;
  readonly use: OvenAsk;
  readonly racks: readonly number[];
  readonly activity: number;
  /** The moments at which the oven is opened for it: in, out, and to see to it. */
  readonly opens: readonly number[];
}

/** Loads that overlap, directly or through others, share one temperature for the whole stretch. */
interface Stretch {
  readonly start: number;
  readonly end: number;
  readonly lowC: number;
  readonly highC: number;
  readonly wishSumC: number;
  readonly count: number;
  readonly alone: boolean;
}

const temperatureOf = (stretch: Stretch): number =>
  Math.min(stretch.highC, Math.max(stretch.lowC, Math.round(stretch.wishSumC / stretch.count / 5) * 5));

const stretchOf = (start: number, end: number, { lowC, highC, wishC, alone }: OvenAsk): Stretch => ({
  start,
  end,
  lowC,
  highC,
  wishSumC: wishC,
  count: 1,
  alone,
});

const join = (a: Stretch, b: Stretch): Stretch => ({
  start: Math.min(a.start, b.start),
  end: Math.max(a.end, b.end),
  lowC: Math.max(a.lowC, b.lowC),
  highC: Math.min(a.highC, b.highC),
  wishSumC: a.wishSumC + b.wishSumC,
  count: a.count + b.count,
  alone: a.alone || b.alone,
});

export function changeMin(fromC: number, toC: number, oven: Oven): number {
  return Math.ceil(toC >= fromC ? (toC - fromC) / oven.heatsCPerMin : (fromC - toC) / oven.coolsCPerMin);
}

/** A gap longer than this is not heated through; the oven goes off and warms up again. */
const offAfterMin = 90;

/** What is in a oven and when, as far as it is placed. */
export class Contents {
  loads: readonly Load[] = [];
  /** Disjoint, the earliest first. */
  private stretches: readonly Stretch[] = [];

  constructor(private readonly oven: Oven) {}

  /**
   * Whether a load could be in it in [start, end) with regard to heat: undefined where it could; otherwise the latest end,
   * before this one, that is worth a try.
   */
  refuses(start: number, end: number, use: OvenAsk, opens: readonly number[]): number | undefined {
    const early = this.opensTooSoon(start, end, use, opens);
    if (early > 0) return end - early;
    let merged = stretchOf(start, end, use);
    let before: Stretch | undefined;
    let after: Stretch | undefined;
    for (const stretch of this.stretches) {
      if (stretch.end <= start) before = stretch;
      else if (stretch.start >= end) {
        after = stretch;
        break;
      } else merged = join(merged, stretch);
    }
    if (merged.lowC > merged.highC || (merged.count > 1 && merged.alone))
      return Math.min(end - 1, this.clearOf(start, end));
    const atC = temperatureOf(merged);
    // With the same loads around it nothing changes; they change where it clears one, or comes to overlap an earlier one.
    const otherwise = Math.max(this.clearOf(start, end), before ? before.end + (end - start) - 1 : -Infinity);
    if (after && merged.end + changeMin(atC, temperatureOf(after), this.oven) > after.start) {
      const inTime = merged.end === end ? after.start - changeMin(atC, temperatureOf(after), this.oven) : -Infinity;
      return Math.min(end - 1, Math.max(inTime, otherwise));
    }
    if (before && before.end + changeMin(temperatureOf(before), atC, this.oven) > merged.start)
      return Math.min(end - 1, otherwise);
    return undefined;
  }

  /** By how many minutes a load must at least be earlier, so that nothing is opened while it must stay shut. */
  private opensTooSoon(start: number, end: number, use: OvenAsk, opens: readonly number[]): number {
    let early = 0;
    for (const load of this.loads) {
      if (load.use.shutMin !== undefined) {
        const until = Math.min(load.end, load.start + load.use.shutMin);
        for (const moment of opens)
          if (moment > load.start && moment < until) early = Math.max(early, moment - load.start);
      }
      if (use.shutMin !== undefined) {
        const until = Math.min(end, start + use.shutMin);
        for (const moment of load.opens) if (moment > start && moment < until) early = Math.max(early, until - moment);
      }
    }
    return early;
  }

  /** The latest start of a load in the way: before it, there is one less. */
  private clearOf(start: number, end: number): number {
    let latest = -Infinity;
    for (const load of this.loads) if (load.start < end && load.end > start) latest = Math.max(latest, load.start);
    return latest;
  }

  add(load: Load): void {
    this.loads = [...this.loads, load];
    const apart: Stretch[] = [];
    let merged = stretchOf(load.start, load.end, load.use);
    for (const stretch of this.stretches) {
      if (stretch.end <= load.start || stretch.start >= load.end) apart.push(stretch);
      else merged = join(merged, stretch);
    }
    this.stretches = [...apart, merged].sort((a, b) => a.start - b.start);
  }

  remember(): () => void {
    const { loads, stretches } = this;
    return () => {
      this.loads = loads;
      this.stretches = stretches;
    };
  }

  /** When it is turned to what. */
  heats(number: number): readonly Heat[] {
    return this.stretches.map((stretch, index): Heat => {
      const before = this.stretches[index - 1];
      const temperatureC = temperatureOf(stretch);
      const fromCold = changeMin(this.oven.roomC, temperatureC, this.oven);
      if (!before)
        return {
          oven: number,
          startMin: stretch.start - fromCold,
          readyMin: stretch.start,
          untilMin: stretch.end,
          temperatureC,
        };
      const fromBefore = changeMin(temperatureOf(before), temperatureC, this.oven);
      // Whether it is still warm after a long gap nobody knows: then it is given the time for either.
      const change = stretch.start - before.end <= offAfterMin ? fromBefore : Math.max(fromCold, fromBefore);
      return {
        oven: number,
        startMin: Math.max(before.end, stretch.start - change),
        readyMin: stretch.start,
        untilMin: stretch.end,
        temperatureC,
      };
    });
  }
}
