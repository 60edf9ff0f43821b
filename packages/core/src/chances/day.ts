import { rules } from '../reference/index.ts';
import { fromTriangle, normalDraw, normalShare, seeded } from '../numbers/index.ts';
import type { DayNet } from './net.ts';
import type { TaskId } from '../model/index.ts';

/** A day as it went: start and end of every piece, in minutes, and the piece that held it up, or −1. */
export interface PlayedDay {
  readonly startMin: Float64Array;
  readonly endMin: Float64Array;
  readonly heldBy: Int32Array;
}

/**
 * How long each piece takes on each of so many days, in minutes; by id, so that two plans of the same work meet the same days.
 * One cook's times on one day go together.
 */
export function drawDurations(net: DayNet, days: number, seed: number): ReadonlyMap<TaskId, Float64Array> {
  const durations = new Map(net.pieces.map((piece) => [piece.id, new Float64Array(days)]));
  const pieces = [...net.pieces].sort((a, b) => (a.id < b.id ? -1 : 1));
  const [common, own] = [Math.sqrt(rules.paceCorrelation), Math.sqrt(1 - rules.paceCorrelation)];
  const random = seeded(seed);
  for (let day = 0; day < days; day++) {
    const pace = Array.from({ length: net.cooks }, () => normalDraw(random));
    for (const piece of pieces) {
      const luck = normalDraw(random);
      durations.get(piece.id)![day] = fromTriangle(
        piece.range,
        normalShare(piece.cook >= 0 ? common * pace[piece.cook]! + own * luck : luck),
      );
    }
  }
  return durations;
}

/** Moments worked out from shares of a time are this far apart at most where they are the same, in minutes. */
const nearly = 1e-6;

/** `by-clock`: nothing is begun before its time in the plan. `when-free`: it is begun as soon as it may be, a little early. */
export type Pace = 'by-clock' | 'when-free';

/**
 * Plays one day. Nothing is begun before what it waits for, nor earlier than the pace allows; a cook who is called to a pan leaves
 * what is in hand for that long.
 */
export function playDay(
  net: DayNet,
  durations: readonly Float64Array[],
  day: number,
  pace: Pace = 'by-clock',
): PlayedDay {
  const size = net.pieces.length;
  const played = {
    startMin: new Float64Array(size),
    endMin: new Float64Array(size),
    heldBy: new Int32Array(size).fill(-1),
  };
  const called = Array.from({ length: net.cooks }, (): { readonly at: number; readonly takesMin: number }[] => []);
  net.pieces.forEach((piece, index) => {
    let start = piece.plannedStartMin - (pace === 'when-free' ? piece.earlyMin : 0);
    for (const wait of piece.waits) {
      const free = (wait.fromStart ? played.startMin : played.endMin)[wait.piece]! + wait.leastMin;
      if (free > start + nearly) [start, played.heldBy[index]] = [free, wait.piece];
    }
    const takes = durations[index]![day]!;
    let end = start + takes;
    if (piece.cook >= 0) {
      for (const call of called[piece.cook]!)
        if (call.at >= start - nearly && call.at < end - nearly) end += call.takesMin;
    }
    for (const call of piece.calls)
      if (call.cook >= 0) called[call.cook]!.push({ at: start + call.share * takes, takesMin: call.takesMin });
    played.startMin[index] = start;
    played.endMin[index] = end;
  });
  return played;
}
