import { rules } from '../reference/index.ts';
import { ledgerOf, presenceOf, type OvenPhases, type WaitsFor } from '../ledger/index.ts';
import {
  inTime,
  type BatchId,
  type Occasion,
  type Plan,
  type PlannedStep,
  type PlannedTask,
  type TaskId,
} from '../model/index.ts';
import type { Range } from '../numbers/index.ts';
import { tasksById, inKit, wayOf, type Batch, type Task, type TaskNetwork } from '../tasks/index.ts';

/** What must have ended before something begins, and how long before. */
export interface Wait {
  readonly piece: number;
  readonly leastMin: number;
  /** Counted from its start, not from its end. */
  readonly fromStart?: boolean | undefined;
  readonly because: WaitsFor;
  /** Which piece of kit. */
  readonly unit?: string | undefined;
}

/** A moment inside what goes by itself when a cook must come. */
export interface Call {
  readonly cook: number;
  readonly takesMin: number;
  /** How far into it, as a share of its time. */
  readonly share: number;
}

/** One thing that is done on the day: a step, a wash, or an oven coming to its temperature. */
export interface Piece {
  readonly id: TaskId;
  readonly kind: PlannedTask['kind'];
  readonly plannedStartMin: number;
  readonly plannedMin: number;
  /** By how much it may be begun before its time by somebody who is free: its food then waits no longer for what comes next than it may. */
  readonly earlyMin: number;
  /** How long it may really take, in minutes. */
  readonly range: Range;
  /** The cook whose hands do it, all through; −1 for what goes by itself. */
  readonly cook: number;
  readonly calls: readonly Call[];
  readonly waits: readonly Wait[];
}

/** What may not wait longer than `mostMin` between the end of one piece and the start of another. */
export interface Limit {
  readonly from: number;
  readonly to: number;
  readonly mostMin: number;
}

/** The end of a batch's work: when it goes out, and how long it may stand. */
export interface Outcome {
  readonly piece: number;
  readonly batch: BatchId;
  readonly atMin: number;
  readonly mostHoldMin: number;
}

/** A planned day as what waits for what: pieces in the order in which they are begun. The order of all uses of a thing stays as planned, because the washes between them are right only for it. */
export interface DayNet {
  readonly pieces: readonly Piece[];
  readonly limits: readonly Limit[];
  readonly outcomes: readonly Outcome[];
  readonly cooks: number;
}

/** From a plan that passed the audit: what waits for what on the day, by the recipes and by the ledger of what the kitchen has. `phases`: which load bakes at which heat, where a day has moved them apart. */
export function netOf(occasion: Occasion, network: TaskNetwork, plan: Plan, phases?: OvenPhases): DayNet {
  const planned = inTime(plan.tasks);
  const number = new Map(planned.map((task, index) => [task.id, index]));
  const known = tasksById(network);
  const batches = new Map(network.batches.map((batch) => [batch.id, batch]));
  const steps = planned.filter((task) => task.kind === 'step');
  const waits = planned.map((): Wait[] => []);
  for (const step of steps) {
    const task = known.get(step.id);
    // A plan of before there was such an order need not keep to it.
    const others = (task?.afterOthers ?? [])
      .filter((other) => (number.get(other) ?? Infinity) < number.get(step.id)!)
      .map((other) => ({ task: other, leastMin: 0 }));
    for (const { task: before, leastMin } of [...(task?.after ?? []), ...others]) {
      const first = number.get(before);
      if (first !== undefined) waits[number.get(step.id)!]!.push({ piece: first, leastMin, because: 'recipe' });
    }
  }
  for (const rest of steps)
    for (const before of rest.rest?.before ?? []) {
      const next = before === 'table' ? undefined : number.get(before);
      if (next !== undefined)
        waits[next]!.push({ piece: number.get(rest.id)!, leastMin: 1, fromStart: true, because: 'recipe' });
    }
  for (const { first, second, ...wait } of ledgerOf(occasion, network, plan, phases).waits)
    waits[number.get(second)!]!.push({ piece: number.get(first)!, ...wait });
  const limits = limitsOf(steps, known, number);
  const outcomes = outcomesOf(steps, known, number);
  const early = earliness(occasion, planned, limits, outcomes);
  const cookNumber = (id: string | undefined) => occasion.kitchen.cooks.findIndex((cook) => cook.id === id);
  return {
    cooks: occasion.kitchen.cooks.length,
    pieces: planned.map((task, index): Piece => ({
      id: task.id,
      kind: task.kind,
      plannedStartMin: task.startMin,
      plannedMin: task.endMin - task.startMin,
      earlyMin: early(task, index),
      range: rangeOf(task, known.get(task.id), batches),
      cook: task.kind === 'oven' ? -1 : cookNumber(task.cook),
      calls:
        task.kind === 'step'
          ? callsTo(task).map((look) => ({
              cook: cookNumber(look.cook),
              takesMin: look.endMin - look.startMin,
              share: (look.startMin - task.startMin) / Math.max(1, task.endMin - task.startMin),
            }))
          : [],
      waits: waits[index]!,
    })),
    limits,
    outcomes,
  };
}

type Numbers = ReadonlyMap<TaskId, number>;

const limitsOf = (steps: readonly PlannedStep[], known: ReadonlyMap<TaskId, Task>, number: Numbers): readonly Limit[] =>
  steps.flatMap((step) =>
    (known.get(step.id)?.after ?? []).flatMap((link): Limit[] => {
      const from = number.get(link.task);
      return link.mostMin === undefined || from === undefined
        ? []
        : [{ from, to: number.get(step.id)!, mostMin: link.mostMin }];
    }),
  );

const outcomesOf = (
  steps: readonly PlannedStep[],
  known: ReadonlyMap<TaskId, Task>,
  number: Numbers,
): readonly Outcome[] =>
  steps.flatMap((step): Outcome[] => {
    const serve = known.get(step.id)?.serve;
    return serve
      ? [{ piece: number.get(step.id)!, batch: step.batch, atMin: serve.atMin, mostHoldMin: serve.mostHoldMin }]
      : [];
  });

/**
 * By how much each piece may be begun before its time: no further than its food may then wait where what comes next is not early too, than its cook is
 * there, and than the cook's own wishes say. An oven is turned on when it is planned.
 */
function earliness(
  { kitchen, wishes }: Occasion,
  planned: readonly PlannedTask[],
  limits: readonly Limit[],
  outcomes: readonly Outcome[],
): (task: PlannedTask, index: number) => number {
  const room = planned.map((): number => rules.beginsEarlyMin);
  const keep = (index: number, min: number) => void (room[index] = Math.max(0, Math.min(room[index]!, min)));
  for (const { from, to, mostMin } of limits) keep(from, mostMin - (planned[to]!.startMin - planned[from]!.endMin));
  for (const { piece, atMin, mostHoldMin } of outcomes) keep(piece, mostHoldMin - (atMin - planned[piece]!.endMin));
  const windows = new Map(kitchen.cooks.map((cook) => [cook.id as string, presenceOf(cook, wishes.absences)]));
  const thereSince = (id: string | undefined, atMin: number): number =>
    id === undefined
      ? -Infinity
      : (windows.get(id)?.find(({ fromMin, toMin }) => fromMin <= atMin && atMin <= toMin)?.fromMin ?? atMin);
  return (task, index) => {
    if (task.kind === 'oven') return 0;
    const pin = wishes.pins.find((each) => each.task === task.id);
    if (pin?.startsAtMin !== undefined) return 0;
    const cook = task.cook ?? (task.kind === 'step' ? task.looks[0]?.cook : undefined);
    const from = Math.max(pin?.notBeforeMin ?? -Infinity, thereSince(cook, task.startMin));
    return Math.max(0, Math.min(room[index]!, task.startMin - from));
  };
}

/** When somebody comes to it; what is put away is taken out when it is wanted, whenever that is. */
const callsTo = (task: PlannedStep): PlannedStep['looks'] => (task.rest ? task.looks.slice(0, 1) : task.looks);

function rangeOf(task: PlannedTask, known: Task | undefined, batches: ReadonlyMap<BatchId, Batch>): Range {
  const planned = task.endMin - task.startMin;
  const times = (varies: Range): Range => ({
    least: planned * varies.least,
    likely: planned * varies.likely,
    most: planned * varies.most,
  });
  switch (task.kind) {
    case 'wash':
      return times(rules.washVaries);
    case 'oven':
      return times(rules.ovenHeatingVaries);
    case 'step': {
      // What is put away can be taken out again at once.
      if (task.rest) return { least: 1, likely: 1, most: 1 };
      const way = known && wayOf(known, task);
      if (!known || !way) return { least: planned, likely: planned, most: planned };
      const { minutes } = inKit(known, batches.get(known.batch)!, task);
      const least = Math.min(minutes.least, planned);
      const most = Math.max(minutes.most, planned);
      if (way.hands === 'on' || way.oven || way.burners > 0) return { least, likely: planned, most };
      // What only stands, soaks or chills is ready after the least; the most says how long it may be left. Only a sign to wait for can keep a cook waiting.
      return known.step.until === ''
        ? { least, likely: least, most: least }
        : { least, likely: planned, most: Math.min(most, planned * rules.signComesWithin) };
    }
    default:
      return task satisfies never;
  }
}
