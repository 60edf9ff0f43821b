import { netOf, type DayNet } from '../chances/index.ts';
import {
  movedTo,
  type Occasion,
  type Plan,
  type PlannedTask,
  type BatchId,
  type TaskId,
  inTime,
} from '../model/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { Standpoint } from '../plan/index.ts';

export interface Shifted {
  readonly plan: Plan;
  /** For each batch that goes out, by how many minutes it is late. */
  readonly lateMin: ReadonlyMap<BatchId, number>;
}

interface Span {
  readonly start: number;
  readonly end: number;
}

/**
 * The same plan in the same order, each thing begun as soon after its time as what it waits for allows: what is done and what goes on
 * stands where it is, nothing else begins before now; `delayMin` lets a batch wait for a later serving. The order of all uses of kit, hands and ovens stays, so that the washes hold.
 */
export function shifted(
  occasion: Occasion,
  network: TaskNetwork,
  { plan, done, running, nowMin }: Standpoint,
  delayMin: (batch: BatchId) => number = () => 0,
): Shifted {
  const net = netOf(occasion, network, plan);
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]));
  const places: Span[] = [];
  // When each cook is at something, hands-on or called to a look.
  const busy = Array.from({ length: net.cooks }, (): Span[] => []);
  const take = (piece: DayNet['pieces'][number], index: number, start: number, end: number) => {
    places[index] = { start, end };
    if (piece.cook >= 0) busy[piece.cook]!.push({ start, end });
    if (!done.has(piece.id)) for (const call of callsOf(piece, start)) busy[call.cook]!.push(call);
  };
  const stands = (id: TaskId) => done.has(id) || running.has(id);
  // What stands comes first: what is overdue may have been planned before it.
  net.pieces.forEach((piece, index) => {
    if (stands(piece.id)) take(piece, index, tasks.get(piece.id)!.startMin, tasks.get(piece.id)!.endMin);
  });
  net.pieces.forEach((piece, index) => {
    if (stands(piece.id)) return;
    const task = tasks.get(piece.id)!;
    let start = Math.max(piece.plannedStartMin + (task.kind === 'step' ? delayMin(task.batch) : 0), nowMin);
    for (const wait of piece.waits) start = Math.max(start, places[wait.piece]!.end + wait.leastMin);
    start = freeFrom(piece, busy, Math.ceil(start - 1e-9));
    take(piece, index, start, start + piece.plannedMin);
  });
  const at = new Map(net.pieces.map((piece, index) => [piece.id, places[index]!]));
  const moved = plan.tasks.map((task): PlannedTask => {
    const { start, end } = at.get(task.id)!;
    const by = start - task.startMin;
    if (task.kind !== 'oven') return movedTo(task, start, end);
    const loads = plan.tasks.flatMap((load) =>
      load.kind === 'step' &&
      load.racks.length > 0 &&
      load.oven === task.oven &&
      load.startMin >= task.endMin &&
      load.endMin <= task.untilMin
        ? [at.get(load.id)!.end]
        : [],
    );
    return {
      ...task,
      startMin: start,
      endMin: end,
      untilMin: Math.max(end, ...(loads.length > 0 ? loads : [task.untilMin + by])),
    };
  });
  return {
    plan: { ...plan, tasks: inTime(moved) },
    lateMin: new Map(
      net.outcomes.map((outcome) => [outcome.batch, Math.max(0, places[outcome.piece]!.end - outcome.atMin)]),
    ),
  };
}

function callsOf(piece: DayNet['pieces'][number], start: number): (Span & { readonly cook: number })[] {
  return piece.calls
    .filter((call) => call.cook >= 0)
    .map((call) => {
      const from = start + Math.round(call.share * piece.plannedMin);
      return { cook: call.cook, start: from, end: from + call.takesMin };
    });
}

/** The first moment from which nobody it needs is wanted elsewhere at the same time. */
function freeFrom(piece: DayNet['pieces'][number], busy: readonly (readonly Span[])[], earliest: number): number {
  for (let start = earliest; ;) {
    const wanted = [
      ...(piece.cook >= 0 ? [{ cook: piece.cook, start, end: start + piece.plannedMin }] : []),
      ...callsOf(piece, start),
    ];
    let later = start;
    for (const each of wanted) {
      for (const other of busy[each.cook]!)
        if (each.start < other.end && other.start < each.end) later = Math.max(later, start + other.end - each.start);
    }
    if (later === start) return start;
    start = later;
  }
}
