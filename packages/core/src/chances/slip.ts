import { fit, type FitTable } from '../fit/index.ts';
import type { Occasion, Plan, BatchId, TaskId } from '../model/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { playDay } from './day.ts';
import type { WaitsFor } from '../ledger/index.ts';
import { netOf, type DayNet, type Wait } from './net.ts';

/** Something next to a task in time without a minute between them, and why it is. */
export interface Neighbour {
  readonly id: TaskId;
  readonly because: WaitsFor;
  readonly unit?: string | undefined;
}

export interface Standing {
  /** What it begins right after, and so cannot begin before. */
  readonly heldBy: readonly Neighbour[];
  /** What begins as soon as it ends, and so waits if it is late. */
  readonly holds: readonly Neighbour[];
  /** By how many minutes it can run over before anything comes late to the table; `mostTriedMin` and more are the same. */
  readonly slackMin: number;
  /** What comes late, and by how much at worst, if it runs over by up to `slipMin`. */
  readonly slips: readonly { readonly batch: BatchId; readonly lateMin: number }[];
}

/** How far it is tried. */
const mostTriedMin = 60;
export const slipMin = 10;

/**
 * What holds each task where it is, what it holds, and what comes of it if it runs over, all else going as planned. The function it
 * gives answers for one task; undefined for what is not in the plan.
 */
export function standings(
  occasion: Occasion,
  plan: Plan,
  table: FitTable = fit(occasion),
): (task: TaskId) => Standing | undefined {
  const net = netOf(occasion, tasksOf(occasion, table, plan.batches), plan);
  const numbers = new Map(net.pieces.map((piece, index) => [piece.id, index]));
  return (task) => {
    const at = numbers.get(task);
    return at === undefined ? undefined : standingIn(net, at);
  };
}

function standingIn(net: DayNet, at: number): Standing {
  const piece = net.pieces[at]!;
  const end = (index: number) => net.pieces[index]!.plannedStartMin + net.pieces[index]!.plannedMin;
  const touching = (wait: Wait, startMin: number) =>
    (wait.fromStart ? net.pieces[wait.piece]!.plannedStartMin : end(wait.piece)) + wait.leastMin >= startMin;
  // Who is late goes on with something else, and that may save a minute: up to the slip each minute is tried, beyond it the most that does no harm is
  // found by halving.
  const late = Array.from({ length: slipMin }, (_, minute) => latenessAfter(net, at, minute + 1));
  const first = late.findIndex((each) => each.length > 0);
  let [slackMin, harmful] = first < 0 ? [slipMin, mostTriedMin + 1] : [first, first + 1];
  while (harmful - slackMin > 1) {
    const tried = Math.floor((slackMin + harmful) / 2);
    if (latenessAfter(net, at, tried).length === 0) slackMin = tried;
    else harmful = tried;
  }
  return {
    heldBy: once(
      piece.waits
        .filter((wait) => touching(wait, piece.plannedStartMin))
        .map((wait) => ({ id: net.pieces[wait.piece]!.id, because: wait.because, unit: wait.unit })),
    ),
    holds: once(
      net.pieces.flatMap((other) =>
        other.waits
          .filter((wait) => wait.piece === at && touching(wait, other.plannedStartMin))
          .map((wait) => ({ id: other.id, because: wait.because, unit: wait.unit })),
      ),
    ),
    slackMin,
    slips: worstOf(late),
  };
}

/** One reason each is enough; the recipe's own is the best. */
function once(neighbours: readonly Neighbour[]): readonly Neighbour[] {
  const sorted = [...neighbours].sort((a, b) => Number(b.because === 'recipe') - Number(a.because === 'recipe'));
  return sorted.filter((each, index) => sorted.findIndex((other) => other.id === each.id) === index);
}

/** Of each batch that ever comes late, how late it comes at worst. */
function worstOf(tried: readonly Standing['slips'][]): Standing['slips'] {
  const worst = new Map<BatchId, number>();
  for (const { batch, lateMin } of tried.flat()) worst.set(batch, Math.max(lateMin, worst.get(batch) ?? 0));
  return [...worst].map(([batch, lateMin]) => ({ batch, lateMin }));
}

/** What comes late, by whole minutes, where one piece takes so many minutes longer than planned. */
function latenessAfter(
  net: DayNet,
  at: number,
  overMin: number,
): readonly { readonly batch: BatchId; readonly lateMin: number }[] {
  const played = playDay(
    net,
    net.pieces.map((piece, index) => Float64Array.of(piece.plannedMin + (index === at ? overMin : 0))),
    0,
  );
  return net.outcomes.flatMap((outcome) => {
    const lateMin = Math.ceil(played.endMin[outcome.piece]! - outcome.atMin - 1e-9);
    return lateMin > 0 ? [{ batch: outcome.batch, lateMin }] : [];
  });
}
