import type { Chamber, ChamberUse, Heat } from './problem.ts';

export interface Load {
  readonly start: number;
  readonly end: number;
  readonly use: ChamberUse;
  readonly shelves: readonly number[];
  readonly activity: number;
}

interface Stretch {
  readonly start: number;
  readonly end: number;
  readonly temperatureC: number;
}

/** Loads that overlap, directly or through others, share one temperature. Undefined where no temperature suits them all. */
function stretchesOf(loads: readonly Load[]): readonly Stretch[] | undefined {
  const sorted = [...loads].sort((a, b) => a.start - b.start);
  const stretches: Stretch[] = [];
  let group: Load[] = [];
  let end = -Infinity;
  const close = (): boolean => {
    if (group.length === 0) return true;
    const low = Math.max(...group.map((load) => load.use.lowC));
    const high = Math.min(...group.map((load) => load.use.highC));
    if (low > high || (group.length > 1 && group.some((load) => load.use.alone))) return false;
    const wish = group.reduce((sum, load) => sum + load.use.wishC, 0) / group.length;
    stretches.push({ start: group[0]!.start, end, temperatureC: Math.min(high, Math.max(low, Math.round(wish / 5) * 5)) });
    return true;
  };
  for (const load of sorted) {
    if (load.start >= end && group.length > 0) {
      if (!close()) return undefined;
      group = [];
    }
    group.push(load);
    end = group.length === 1 ? load.end : Math.max(end, load.end);
  }
  return close() ? stretches : undefined;
}

export function changeMin(fromC: number, toC: number, chamber: Chamber): number {
  return Math.ceil(toC >= fromC ? (toC - fromC) / chamber.heatsCPerMin : (fromC - toC) / chamber.coolsCPerMin);
}

/** Whether these loads can share the chamber: temperatures agree where they overlap, and change in time between. */
export function fits(loads: readonly Load[], chamber: Chamber): boolean {
  const stretches = stretchesOf(loads);
  if (!stretches) return false;
  for (let i = 1; i < stretches.length; i++) {
    const [one, two] = [stretches[i - 1]!, stretches[i]!];
    if (one.end + changeMin(one.temperatureC, two.temperatureC, chamber) > two.start) return false;
  }
  return true;
}

/** A gap longer than this is not heated through; the chamber goes off and warms up again. */
const offAfterMin = 90;

/** When the chamber is turned to what. */
export function heatsOf(loads: readonly Load[], chamber: Chamber): readonly Heat[] {
  const stretches = stretchesOf(loads) ?? [];
  return stretches.map((stretch, index): Heat => {
    const before = stretches[index - 1];
    const warm = before && stretch.start - before.end <= offAfterMin;
    const change = changeMin(warm ? before.temperatureC : chamber.roomC, stretch.temperatureC, chamber);
    return { startMin: warm ? Math.max(before.end, stretch.start - change) : stretch.start - change, readyMin: stretch.start, untilMin: stretch.end, temperatureC: stretch.temperatureC };
  });
}
