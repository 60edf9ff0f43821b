import type { Demand } from './demands.ts';
import type { Carry, Guard, Heat, Oven, OvenAsk } from './problem.ts';

export interface Load {
  readonly start: number;
  readonly end: number;
  readonly use: OvenAsk;
  readonly racks: readonly number[];
  /** Which activity it is; −1 for what was in it before the beginning. */
  readonly activity: number;
  /** The moments at which the oven is opened for it: in, out, and to see to it. */
  readonly opens: readonly number[];
  /** What could fall from it on what stands below, and what must not fall on it; in classes of marks. */
  readonly drips: readonly Carry[];
  readonly guards: readonly Guard[];
  /** Its guards as a demand. */
  readonly demand: Demand;
  /** What its food is asked to be free of: what is not may come into it on the way and fall from it. Absent: all that is in it is known. */
  readonly asked?: Demand | undefined;
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

/** Minutes from one heat to another, straight on: up by its power, down with the door ajar. */
export const changeMin = (fromC: number, toC: number, oven: Oven): number =>
  Math.ceil(toC >= fromC ? (toC - fromC) / oven.heatsCPerMin : (fromC - toC) / oven.coolsCPerMin);

/** Minutes to a heat from somewhere between two: enough for either. */
const settleMin = (leastC: number, mostC: number, toC: number, oven: Oven): number =>
  Math.max(changeMin(Math.min(leastC, toC), toC, oven), changeMin(Math.max(mostC, toC), toC, oven));

/** Minutes to a heat in an oven that has been off since it was somewhere between two others. */
function fromOffMin(hadLeastC: number, hadMostC: number, offMin: number, toC: number, oven: Oven): number {
  const coldMin = changeMin(Math.min(oven.roomC, toC), toC, oven);
  const shutC = Math.min(oven.coolsCPerMin, oven.shutCoolsCPerMin);
  const leastC = Math.max(oven.roomC, hadLeastC - oven.coolsCPerMin * offMin);
  const mostC = Math.max(oven.roomC, hadMostC - shutC * Math.max(0, offMin - coldMin));
  return settleMin(leastC, mostC, toC, oven);
}

/** What is in an oven and when, as far as it is placed. */
export class Contents {
  loads: readonly Load[];
  /** Disjoint, the earliest first. */
  private stretches: readonly Stretch[] = [];

  /** @param begun what is in it from before the beginning */
  constructor(
    private readonly oven: Oven,
    begun: readonly Load[] = [],
  ) {
    this.loads = [];
    for (const load of begun) this.add(load);
  }

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
    if (
      before ? before.end + changeMin(temperatureOf(before), atC, this.oven) > merged.start : this.tooSoon(merged, atC)
    )
      return Math.min(end - 1, otherwise);
    return undefined;
  }

  /** Whether the first heat cannot be reached from how the oven is at the beginning. */
  private tooSoon(first: Stretch, atC: number): boolean {
    const { from } = this.oven;
    return from !== undefined && from.atMin + settleMin(from.leastC, from.mostC, atC, this.oven) > first.start;
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

  /** When it is turned to what, and until when it is kept there: to the next heat where that is not far off. */
  heats(number: number): readonly Heat[] {
    return this.stretches.map((stretch, index): Heat => {
      const after = this.stretches[index + 1];
      return {
        oven: number,
        startMin: this.turnedAt(index),
        readyMin: stretch.start,
        untilMin: after && after.start - stretch.end <= this.oven.keptOnMin ? this.turnedAt(index + 1) : stretch.end,
        temperatureC: temperatureOf(stretch),
      };
    });
  }

  /** When it is turned to the heat of a stretch. */
  private turnedAt(index: number): number {
    const { oven } = this;
    const stretch = this.stretches[index]!;
    const before = this.stretches[index - 1];
    const temperatureC = temperatureOf(stretch);
    if (!before) {
      if (oven.from === undefined)
        return stretch.start - changeMin(Math.min(oven.roomC, temperatureC), temperatureC, oven);
      const { atMin, leastC, mostC, isOn } = oven.from;
      const gapMin = stretch.start - atMin;
      const change =
        isOn && gapMin <= oven.keptOnMin
          ? settleMin(leastC, mostC, temperatureC, oven)
          : fromOffMin(leastC, mostC, gapMin, temperatureC, oven);
      return Math.max(atMin, stretch.start - change);
    }
    const gapMin = stretch.start - before.end;
    const hadC = temperatureOf(before);
    const change =
      gapMin <= oven.keptOnMin
        ? changeMin(hadC, temperatureC, oven)
        : fromOffMin(hadC, hadC, gapMin, temperatureC, oven);
    return Math.max(before.end, stretch.start - change);
  }
}
