import { quantile } from '../numbers/index.ts';
import { rules } from '../reference/index.ts';
import type { DayNet } from './net.ts';
import type { PlayedDay } from './day.ts';
import type { BatchId, TaskId } from '../model/index.ts';

/** Minutes after the time it was due, of the middle day, of the best and the worst tenth, and of the worst day; negative is early. */
export interface Lateness {
  readonly tenthMin: number;
  readonly middleMin: number;
  readonly nineTenthsMin: number;
  readonly worstMin: number;
}

/** How a batch of a dish comes to the table. */
export interface DishChance {
  readonly batch: BatchId;
  readonly atMin: number;
  /** The share of days on which it is done in time, 0 to 1. */
  readonly onTime: number;
  readonly late: Lateness;
  /** The share of days on which it stands longer than it may, waiting for the others of its serving. */
  readonly standsTooLong: number;
}

/** All that goes out at one time. */
export interface ServingChance {
  readonly atMin: number;
  readonly onTime: number;
  readonly late: Lateness;
}

/** Where late days come from. */
export interface Break {
  readonly task: TaskId;
  /** Of the late days, the share on which this ran over by more than anything else on the way to the late dish. */
  readonly share: number;
  /** By how much it ran over on the middle one of those days. */
  readonly overMin: number;
}

/** Food that waits longer than its recipe allows. */
export interface LongWait {
  readonly after: TaskId;
  readonly task: TaskId;
  readonly mostMin: number;
  readonly share: number;
  /** By how much, on the middle one of those days. */
  readonly overMin: number;
}

export interface DaySummary {
  readonly days: number;
  /** The share of days on which everything is in time. */
  readonly allOnTime: number;
  readonly servings: readonly ServingChance[];
  readonly dishes: readonly DishChance[];
  readonly breaks: readonly Break[];
  readonly longWaits: readonly LongWait[];
}

/** Collects played days one after the other. */
export interface Tally {
  readonly add: (played: PlayedDay) => void;
  readonly summary: () => DaySummary;
}

export function tallyOf(net: DayNet): Tally {
  const late = net.outcomes.map((): number[] => []);
  const stood = net.outcomes.map(() => 0);
  const times = [...new Set(net.outcomes.map((each) => each.atMin))].sort((a, b) => a - b);
  const servings = times.map((): number[] => []);
  const blamed = new Map<number, number[]>();
  const waited = net.limits.map((): number[] => []);
  let days = 0;
  let good = 0;
  const add = (played: PlayedDay): void => {
    days++;
    let worst: { readonly piece: number; readonly min: number } | undefined;
    const out = times.map((atMin) => atMin);
    net.outcomes.forEach((outcome, at) => {
      const min = played.endMin[outcome.piece]! - outcome.atMin;
      late[at]!.push(min);
      const serving = times.indexOf(outcome.atMin);
      out[serving] = Math.max(out[serving]!, played.endMin[outcome.piece]!);
      if (!worst || min > worst.min) worst = { piece: outcome.piece, min };
    });
    net.outcomes.forEach((outcome, at) => {
      if (
        out[times.indexOf(outcome.atMin)]! - played.endMin[outcome.piece]! >
        outcome.mostHoldMin + rules.onTimeWithinMin
      )
        stood[at]!++;
    });
    times.forEach((atMin, at) =>
      servings[at]!.push(
        Math.max(
          ...net.outcomes.map((outcome) =>
            outcome.atMin === atMin ? played.endMin[outcome.piece]! - atMin : -Infinity,
          ),
        ),
      ),
    );
    net.limits.forEach(({ from, to, mostMin }, at) => {
      const over = played.startMin[to]! - played.endMin[from]! - mostMin;
      if (over >= 1) waited[at]!.push(over);
    });
    if (!worst || worst.min <= rules.onTimeWithinMin) good++;
    else blame(net, played, worst.piece, blamed);
  };
  const share = (count: number) => (days === 0 ? 0 : count / days);
  const middle = (values: readonly number[]) =>
    quantile(
      [...values].sort((a, b) => a - b),
      0.5,
    );
  return {
    add,
    summary: () => ({
      days,
      allOnTime: share(good),
      servings: times.map((atMin, at) => ({
        atMin,
        onTime: share(inTime(servings[at]!)),
        late: latenessOf(servings[at]!),
      })),
      dishes: net.outcomes.map((outcome, at) => ({
        batch: outcome.batch,
        atMin: outcome.atMin,
        onTime: share(inTime(late[at]!)),
        late: latenessOf(late[at]!),
        standsTooLong: share(stood[at]!),
      })),
      breaks: [...blamed]
        .map(([piece, overs]) => ({
          task: net.pieces[piece]!.id,
          share: overs.length / Math.max(1, days - good),
          overMin: middle(overs),
        }))
        .sort((a, b) => b.share - a.share),
      longWaits: net.limits
        .flatMap(({ from, to, mostMin }, at) =>
          waited[at]!.length === 0
            ? []
            : [
                {
                  after: net.pieces[from]!.id,
                  task: net.pieces[to]!.id,
                  mostMin,
                  share: share(waited[at]!.length),
                  overMin: middle(waited[at]!),
                },
              ],
        )
        .sort((a, b) => b.share - a.share),
    }),
  };
}

const inTime = (late: readonly number[]): number => late.filter((min) => min <= rules.onTimeWithinMin).length;

function latenessOf(late: readonly number[]): Lateness {
  const sorted = Float64Array.from(late).sort();
  return {
    tenthMin: quantile(sorted, 0.1),
    middleMin: quantile(sorted, 0.5),
    nineTenthsMin: quantile(sorted, 0.9),
    worstMin: quantile(sorted, 1),
  };
}

/** From a late dish back along what held it up: what ran over most on that way is where the day broke. */
function blame(net: DayNet, played: PlayedDay, last: number, blamed: Map<number, number[]>): void {
  let worst = last;
  let most = -Infinity;
  for (let at = last; at >= 0; at = played.heldBy[at]!) {
    const over = played.endMin[at]! - played.startMin[at]! - net.pieces[at]!.plannedMin;
    if (over > most) [worst, most] = [at, over];
  }
  const overs = blamed.get(worst);
  if (overs) overs.push(most);
  else blamed.set(worst, [most]);
}
