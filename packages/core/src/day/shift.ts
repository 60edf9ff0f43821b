import { netOf, type DayNet } from '../chances/index.ts';
import { opensTooSoonMin, presenceOf, type OvenStay } from '../ledger/index.ts';
import {
  inTime,
  movedTo,
  ovensOf,
  type BatchId,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedTask,
} from '../model/index.ts';
import { restMoved, withTakers } from '../plan/index.ts';
import { rules } from '../reference/index.ts';
import { heatAt, minutesTo, type Standpoint } from '../state/index.ts';
import { wayOf, type TaskNetwork } from '../tasks/index.ts';

export interface Shifted {
  readonly plan: Plan;
  /** For each batch that goes out, by how many minutes it is late. */
  readonly lateMin: ReadonlyMap<BatchId, number>;
}

interface Span {
  readonly start: number;
  readonly end: number;
}

type Piece = DayNet['pieces'][number];

/** What a shifted plan is worked out with. */
interface Work {
  readonly occasion: Occasion;
  readonly network: TaskNetwork;
  readonly standpoint: Standpoint;
  readonly net: DayNet;
  readonly tasks: readonly PlannedTask[];
  readonly delayMin: (batch: BatchId) => number;
}

/** What puts something off more often than this pushes only itself along: then it waits, and that is said. */
const mostPushes = 4;

/**
 * The same plan in the same order, each thing begun as soon after its time as what it waits for allows: what is done and what goes on
 * stands where it is, nothing else begins before now; what may not wait for what follows is put off with it; `delayMin` lets a batch wait
 * for a later serving. The order of all uses of kit, hands and ovens stays, so that the washes hold.
 */
export function shifted(
  occasion: Occasion,
  network: TaskNetwork,
  standpoint: Standpoint,
  delayMin: (batch: BatchId) => number = () => 0,
): Shifted {
  const { plan, phases } = standpoint;
  const net = netOf(occasion, network, plan, phases);
  const byId = new Map(plan.tasks.map((task) => [task.id, task]));
  const tasks = net.pieces.map((piece) => byId.get(piece.id)!);
  const work: Work = { occasion, network, standpoint, net, tasks, delayMin };
  const places = withoutLongWaits(work);
  const at = new Map(net.pieces.map((piece, index) => [piece.id, places[index]!]));
  const { done, running } = standpoint;
  return {
    plan: {
      ...plan,
      tasks: inTime(
        withTakers(
          occasion,
          keptHot(
            work,
            plan.tasks.map((task) => {
              const { start, end } = at.get(task.id)!;
              return task.kind === 'step' && task.rest && !done.has(task.id)
                ? restMoved(
                    task,
                    running.has(task.id) ? task.startMin : start,
                    (id) => (at.get(id)?.start ?? 0) - (byId.get(id)?.startMin ?? 0),
                  )
                : movedTo(task, start, end);
            }),
          ),
          (id) => done.has(id),
        ),
      ),
    },
    lateMin: new Map(
      net.outcomes.map((outcome) => [outcome.batch, Math.max(0, places[outcome.piece]!.end - outcome.atMin)]),
    ),
  };
}

const stands = ({ done, running }: Standpoint, piece: Piece): boolean => done.has(piece.id) || running.has(piece.id);

/** Everything one after the other, as soon as it can be. */
function inOrder(work: Work, least: Float64Array): readonly Span[] {
  const { net, tasks, standpoint, delayMin } = work;
  const places: Span[] = [];
  const busy = Array.from({ length: net.cooks }, (): Span[] => []);
  const stays: (OvenStay & { readonly oven: number })[] = [];
  const take = (piece: Piece, index: number, place: Span) => {
    places[index] = place;
    if (piece.cook >= 0) busy[piece.cook]!.push(place);
    if (!standpoint.done.has(piece.id)) for (const call of callsOf(piece, place.start)) busy[call.cook]!.push(call);
    const stay = stayOf(work, tasks[index]!, place);
    if (stay) stays.push(stay);
  };
  // What stands comes first: what is overdue may have been planned before it.
  net.pieces.forEach((piece, index) => {
    const { startMin, endMin } = tasks[index]!;
    if (stands(standpoint, piece)) take(piece, index, { start: startMin, end: endMin });
  });
  net.pieces.forEach((piece, index) => {
    if (stands(standpoint, piece)) return;
    const task = tasks[index]!;
    const delay = task.kind === 'step' ? delayMin(task.batch) : 0;
    let start = Math.max(piece.plannedStartMin + delay, standpoint.nowMin, least[index]!);
    for (const wait of piece.waits) {
      const first = places[wait.piece]!;
      start = Math.max(start, (wait.fromStart ? first.start : first.end) + wait.leastMin);
    }
    take(piece, index, placeFrom(work, { piece, task, busy, stays, places }, Math.ceil(start - 1e-9)));
  });
  return places;
}

interface Beside {
  readonly piece: Piece;
  readonly task: PlannedTask;
  readonly busy: readonly (readonly Span[])[];
  readonly stays: readonly (OvenStay & { readonly oven: number })[];
  readonly places: readonly (Span | undefined)[];
}

/** The first place from a moment on where everybody it needs is there and free, and no oven is opened too soon. */
function placeFrom(work: Work, beside: Beside, earliest: number): Span {
  const { piece, task, busy, stays } = beside;
  for (let start = earliest; ;) {
    const end = start + lengthAt(work, beside, start);
    let later = freeFrom(work, piece, busy, start, end);
    const stay = stayOf(work, task, { start, end });
    if (stay)
      for (const other of stays)
        if (other.oven === stay.oven) later = Math.max(later, start + opensTooSoonMin(other, stay));
    if (later === start) return { start, end };
    start = later;
  }
}

/** How long it takes: an oven that has been off takes as long as its heat now needs. */
function lengthAt({ occasion, net, tasks }: Work, { piece, task, places }: Beside, start: number): number {
  // What is put away later is there for less long.
  if (task.kind === 'step' && task.rest) return Math.max(2 * rules.coldHandlingMin, task.endMin - start);
  if (task.kind !== 'oven') return piece.plannedMin;
  const before = net.pieces.flatMap((_, index): PlannedOven[] => {
    const [other, place] = [tasks[index]!, places[index]];
    if (other.kind !== 'oven' || other.oven !== task.oven || !place || place.start >= start) return [];
    return [
      {
        ...movedTo(other, place.start, place.end),
        untilMin: Math.max(place.end, Math.min(start, other.untilMin + place.start - other.startMin)),
      },
    ];
  });
  const oven = ovensOf(occasion.kitchen)[task.oven]!;
  return Math.max(piece.plannedMin, minutesTo(oven, heatAt(oven, before, start), task.temperatureC));
}

/** What an oven is opened for, and when it must stay shut. */
function stayOf(
  { network }: Work,
  task: PlannedTask,
  { start, end }: Span,
): (OvenStay & { readonly oven: number }) | undefined {
  if (task.kind !== 'step' || task.racks.length === 0) return undefined;
  const known = network.tasks.find((each) => each.id === task.id);
  return {
    oven: task.oven,
    startMin: start,
    endMin: end,
    opensMin: [start, ...task.looks.map((look) => look.startMin + start - task.startMin), end],
    shutMin: known && wayOf(known, task)?.oven?.shutMin,
  };
}

function callsOf(piece: Piece, start: number): (Span & { readonly cook: number })[] {
  return piece.calls
    .filter((call) => call.cook >= 0)
    .map((call) => {
      const from = start + Math.round(call.share * piece.plannedMin);
      return { cook: call.cook, start: from, end: from + call.takesMin };
    });
}

/** The first moment from which nobody it needs is wanted elsewhere at the same time, or away; where somebody has gone for good it is not waited for. */
function freeFrom(
  { occasion }: Work,
  piece: Piece,
  busy: readonly (readonly Span[])[],
  start: number,
  end: number,
): number {
  const wanted = [...(piece.cook >= 0 ? [{ cook: piece.cook, start, end }] : []), ...callsOf(piece, start)];
  let later = start;
  for (const each of wanted) {
    for (const other of busy[each.cook]!)
      if (each.start < other.end && other.start < each.end) later = Math.max(later, start + other.end - each.start);
    const windows = presenceOf(occasion.kitchen.cooks[each.cook]!, occasion.wishes.absences);
    if (windows.some(({ fromMin, toMin }) => fromMin <= each.start && toMin >= each.end)) continue;
    const next = windows.filter(
      ({ fromMin, toMin }) => fromMin > each.start && toMin - fromMin >= each.end - each.start,
    );
    if (next.length > 0) later = Math.max(later, start + Math.min(...next.map(({ fromMin }) => fromMin)) - each.start);
  }
  return later;
}

/** Everything in order, what would have to wait longer than it may for what follows it put off as far as that helps. */
function withoutLongWaits(work: Work): readonly Span[] {
  const { net, standpoint } = work;
  const pushes = net.limits.map(() => 0);
  const least = new Float64Array(net.pieces.length).fill(-Infinity);
  for (let places = inOrder(work, least); ; places = inOrder(work, least)) {
    const over = net.limits.flatMap(({ from, to, mostMin }, at) => {
      const overMin = places[to]!.start - places[from]!.end - mostMin;
      const isOver = overMin > 0 && pushes[at]! <= mostPushes && !stands(standpoint, net.pieces[from]!);
      return isOver ? [{ at, from, startMin: places[from]!.start + overMin }] : [];
    });
    if (over.length === 0) return places;
    for (const { at, from, startMin } of over) {
      least[from] = Math.max(least[from]!, startMin);
      // It does no good: begun again without it.
      if (++pushes[at]! > mostPushes) least.fill(-Infinity);
    }
  }
}

/** An oven keeps its heat for as long as anything that bakes at it is in it, and to the next where the plan let it. */
function keptHot({ standpoint: { plan, phases } }: Work, moved: readonly PlannedTask[]): PlannedTask[] {
  const now = new Map(moved.map((task) => [task.id, task]));
  const heats = inTime(plan.tasks).filter((task): task is PlannedOven => task.kind === 'oven');
  return moved.map((task) => {
    if (task.kind !== 'oven') return task;
    const was = heats.find((each) => each.id === task.id)!;
    const next = heats.find((each) => each.oven === was.oven && each.startMin >= was.untilMin && each.id !== was.id);
    const loads = (phases.loadsOf.get(task.id) ?? []).flatMap((load) => now.get(load)?.endMin ?? []);
    const isKept = next !== undefined && next.startMin === was.untilMin;
    return {
      ...task,
      untilMin: Math.max(
        task.endMin,
        ...(isKept
          ? [now.get(next.id)!.startMin]
          : loads.length > 0
            ? loads
            : [was.untilMin + task.startMin - was.startMin]),
      ),
    };
  });
}
