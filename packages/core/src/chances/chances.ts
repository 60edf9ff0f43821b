import { rules } from '../reference/index.ts';
import { fit, type FitTable } from '../fit/index.ts';
import type { Occasion, Pin, Plan } from '../model/index.ts';
import { auditedPlanning, toEnd } from '../planner/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { sparePoints, withSpare, type SparePoint } from './buffers.ts';
import { drawDurations, playDay } from './day.ts';
import { netOf, type DayNet } from './net.ts';
import { tallyOf, type DaySummary } from './summary.ts';

export interface ChanceOptions {
  readonly days?: number | undefined;
  readonly seed?: number | undefined;
  /** How much is looked for each plan with spare time in it, in seconds of an ordinary machine; 0: spare time is not tried. */
  readonly spareSeconds?: number | undefined;
}

/** Minutes of spare time at one point, and what they buy. */
export interface Buffer {
  readonly at: SparePoint;
  readonly spareMin: number;
  /** The share of days on which everything is in time in a plan with them. */
  readonly allOnTime: number;
  /** The cook's pins, these among them: the plan is then made around it. */
  readonly pins: readonly Pin[];
  /** A plan with it, which passed the audit. */
  readonly plan: Plan;
}

/** How sure a plan is where whoever is free goes on to the next thing, and where everybody waits for the clock. */
export interface Counted extends DaySummary {
  /** The share of days on which everything is in time where nothing is begun before its time. */
  readonly byClock: number;
}

export interface Chances extends Counted {
  /** Where spare time helps, the most first. */
  readonly buffers: readonly Buffer[];
}

export type ChanceEvent =
  /** The plan itself is counted; what spare time buys is not known yet. */
  { readonly kind: 'counted'; readonly summary: Counted } | { readonly kind: 'progress'; readonly share: number };

/** Less than this gained, in share of days, is not worth telling. */
const leastGain = 0.03;
/** How many days are played between two signs of life. */
const daysAtOnce = 250;

/**
 * How sure a plan is: plays so many days in which every step takes as long as its range lets it, and counts; then tries where ten
 * minutes to spare would help, each time with a plan made around them. Yields the count as soon as it stands, and progress. The plan must have passed the
 * audit. Same plan, days and seed: same answer.
 */
export function* chancesOf(
  occasion: Occasion,
  plan: Plan,
  { days = 2000, seed = 1, spareSeconds = 0.5 }: ChanceOptions = {},
  table: FitTable = fit(occasion),
): Generator<ChanceEvent, Chances> {
  const network = tasksOf(occasion, table);
  const net = netOf(occasion, network, plan);
  const played = yield* play(net, days, seed, 0);
  yield { kind: 'counted', summary: played };
  const points = spareSeconds > 0 ? sparePoints(net, played) : [];
  const buffers: Buffer[] = [];
  for (const [tried, at] of points.entries()) {
    const done = (tried + 1) / (points.length + 1);
    yield { kind: 'progress', share: done };
    const spared = withSpare(occasion, net, at);
    // As near to the plan at hand as can be.
    const holding = toEnd(auditedPlanning(spared, { seconds: spareSeconds, from: plan }));
    if (holding.kind === 'none') continue;
    const { allOnTime } = yield* play(netOf(spared, network, holding.plan), days, seed, done);
    if (allOnTime >= played.allOnTime + leastGain)
      buffers.push({ at, spareMin: rules.spareTriedMin, allOnTime, pins: spared.wishes.pins, plan: holding.plan });
  }
  return { ...played, buffers: buffers.sort((a, b) => b.allOnTime - a.allOnTime) };
}

/** The same to the end, without progress. */
export const countChances = (occasion: Occasion, plan: Plan, options: ChanceOptions = {}): Chances =>
  toEnd(chancesOf(occasion, plan, options));

function* play(net: DayNet, days: number, seed: number, share: number): Generator<ChanceEvent, Counted> {
  const [whenFree, byClock] = [tallyOf(net), tallyOf(net)];
  const durations = drawDurations(net, days, seed);
  const mine = net.pieces.map((piece) => durations.get(piece.id)!);
  for (let day = 0; day < days; day++) {
    if (day % daysAtOnce === 0) yield { kind: 'progress', share };
    whenFree.add(playDay(net, mine, day, 'when-free'));
    byClock.add(playDay(net, mine, day, 'by-clock'));
  }
  return { ...whenFree.summary(), byClock: byClock.summary().allOnTime };
}
