import { rules } from '../reference/index.ts';
import type {
  Occasion,
  Plan,
  PlannedOven,
  PlannedStep,
  PlannedTask,
  PlannedWash,
  ResidueMark,
  BatchId,
  TaskId,
} from '../model/index.ts';
import type { Range } from '../numbers/index.ts';
import { inKit, type Batch, type Task, type TaskNetwork } from '../tasks/index.ts';

/** Why one thing waits for another: the recipe says so, or both want the same kit, hands, rack, heat, burner, sink, or air free of flour. */
export type WaitsFor = 'recipe' | 'kit' | 'hands' | 'rack' | 'heat' | 'burner' | 'sink' | 'flour';

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

/** From a plan that passed the audit: what waits for what on the day. */
export function netOf(occasion: Occasion, network: TaskNetwork, plan: Plan): DayNet {
  const planned = [...plan.tasks].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
  const number = new Map(planned.map((task, index) => [task.id, index]));
  const known = new Map(network.tasks.map((task) => [task.id, task]));
  const batches = new Map(network.batches.map((batch) => [batch.id, batch]));
  const waits = planned.map((): Wait[] => []);
  const before: Before = (first, second, because, leastMin = 0, unit, fromStart) =>
    void waits[number.get(second.id)!]!.push({
      piece: number.get(first.id)!,
      leastMin,
      because,
      unit,
      ...(fromStart ? { fromStart } : {}),
    });
  const inTurn: InTurn = (users, because, unit) =>
    users
      .slice(1)
      .forEach((user, at) => before(users[at]!, user, because, because === 'kit' ? awayMin(users[at]!) : 0, unit));

  const steps = planned.filter((task): task is PlannedStep => task.kind === 'step');
  const washes = planned.filter((task): task is PlannedWash => task.kind === 'wash');
  const heats = planned.filter((task): task is PlannedOven => task.kind === 'oven');

  for (const step of steps) {
    for (const link of known.get(step.id)?.after ?? []) {
      const first = number.get(link.task);
      if (first !== undefined)
        waits[number.get(step.id)!]!.push({ piece: first, leastMin: link.leastMin, because: 'recipe' });
    }
  }
  for (const unit of occasion.kitchen.kit)
    inTurn(
      planned.filter((task) => (task.kind === 'step' || task.kind === 'wash') && task.units.includes(unit.id)),
      'kit',
      unit.id,
    );
  inTurn(washes, 'sink');
  const loads = washes.filter((wash) => wash.machineUntilMin !== undefined);
  loads.slice(1).forEach((load, at) => before(loads[at]!, load, 'sink', awayMin(loads[at]!)));
  for (const cook of occasion.kitchen.cooks) {
    const work = planned.filter((task) => (task.kind === 'step' || task.kind === 'wash') && task.cook === cook.id);
    inTurn(work, 'hands');
    for (const step of steps) {
      const first = step.looks[0];
      if (!first || first.cook !== cook.id || first.startMin !== step.startMin) continue;
      const last = work.findLast((each) => each.endMin <= step.startMin);
      if (last) before(last, step, 'hands');
    }
  }
  ovens(
    steps.filter((step) => known.get(step.id)?.step.oven),
    heats,
    known,
    before,
    inTurn,
  );
  burners(
    steps.filter((step) => (wayOf(known.get(step.id), step)?.burners ?? 0) > 0),
    occasion.kitchen.burners,
    (step) => wayOf(known.get(step.id), step)!.burners,
    before,
  );
  dust(steps, known, before);

  const cookNumber = (id: string | undefined) => occasion.kitchen.cooks.findIndex((cook) => cook.id === id);
  return {
    cooks: occasion.kitchen.cooks.length,
    pieces: planned.map((task, index): Piece => ({
      id: task.id,
      kind: task.kind,
      plannedStartMin: task.startMin,
      plannedMin: task.endMin - task.startMin,
      range: rangeOf(task, known.get(task.id), batches),
      cook: task.kind === 'oven' ? -1 : cookNumber(task.cook),
      calls:
        task.kind === 'step'
          ? task.looks.map((point) => ({
              cook: cookNumber(point.cook),
              takesMin: point.endMin - point.startMin,
              share: (point.startMin - task.startMin) / Math.max(1, task.endMin - task.startMin),
            }))
          : [],
      waits: waits[index]!,
    })),
    limits: steps.flatMap((step) =>
      (known.get(step.id)?.after ?? []).flatMap((link): Limit[] => {
        const from = number.get(link.task);
        return link.mostMin === undefined || from === undefined
          ? []
          : [{ from, to: number.get(step.id)!, mostMin: link.mostMin }];
      }),
    ),
    outcomes: steps.flatMap((step): Outcome[] => {
      const serve = known.get(step.id)?.serve;
      return serve
        ? [{ piece: number.get(step.id)!, batch: step.batch, atMin: serve.atMin, mostHoldMin: serve.mostHoldMin }]
        : [];
    }),
  };
}

/** For how many minutes after its end what it used cannot be used: while the dishwasher runs. */
const awayMin = (task: PlannedTask): number =>
  task.kind === 'wash' && task.machineUntilMin !== undefined ? Math.max(0, task.machineUntilMin - task.endMin) : 0;

type Before = (
  first: PlannedTask,
  second: PlannedTask,
  because: WaitsFor,
  leastMin?: number,
  unit?: string,
  fromStart?: boolean,
) => void;
type InTurn = (users: readonly PlannedTask[], because: WaitsFor, unit?: string) => void;

const wayOf = (task: Task | undefined, step: PlannedStep) =>
  task?.ways.find((way) => way.id === step.way && way.bentC === step.bentC);

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
      const way = wayOf(known, task);
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

/** Racks one after the other, the grill alone, and no load before the oven has its temperature or while one before needs another. */
function ovens(
  loads: readonly PlannedStep[],
  heats: readonly PlannedOven[],
  known: ReadonlyMap<TaskId, Task>,
  before: Before,
  inTurn: InTurn,
): void {
  for (const oven of new Set(loads.map((load) => load.oven))) {
    const mine = loads.filter((load) => load.oven === oven);
    for (let rack = 0; rack < 6; rack++)
      inTurn(
        mine.filter((load) => load.racks.includes(rack)),
        'rack',
      );
    for (const grilled of mine.filter((load) => known.get(load.id)!.step.oven!.grill)) {
      for (const load of mine) {
        if (load.endMin <= grilled.startMin) before(load, grilled, 'heat');
        else if (load.startMin >= grilled.endMin) before(grilled, load, 'heat');
      }
    }
    for (const shut of mine) {
      const minutes = known.get(shut.id)!.step.oven!.shutMin;
      if (minutes === undefined) continue;
      for (const load of mine) {
        if (load === shut) continue;
        // Of what is in beside it only going in and coming out wait; a look in between is taken to be left out.
        if (load.startMin >= shut.startMin + minutes) before(shut, load, 'heat', minutes, undefined, true);
        else if (load.endMin <= shut.startMin) before(load, shut, 'heat');
      }
    }
    const phases = heats.filter((heat) => heat.oven === oven);
    phases.forEach((phase, at) => {
      const until = phases[at - 1]?.untilMin;
      for (const load of mine) {
        if (load.startMin >= phase.endMin && load.endMin <= phase.untilMin) before(phase, load, 'heat');
        else if (
          until !== undefined &&
          load.endMin <= Math.max(until, phase.startMin) &&
          load.startMin >= phases[at - 1]!.endMin
        )
          before(load, phase, 'heat');
      }
    });
  }
}

/** Which burners each step's pans stand on: those that have been free longest. */
function burners(
  hot: readonly PlannedStep[],
  count: number,
  needs: (step: PlannedStep) => number,
  before: Before,
): void {
  const last: (PlannedStep | undefined)[] = new Array<undefined>(count).fill(undefined);
  for (const step of hot) {
    const free = last
      .map((each, burner) => ({ burner, until: each?.endMin ?? -Infinity }))
      .sort((a, b) => a.until - b.until)
      .slice(0, needs(step));
    for (const { burner } of free) {
      const previous = last[burner];
      if (previous) before(previous, step, 'burner');
      last[burner] = step;
    }
  }
}

/** After loose flour nothing open that must stay free of it until it has settled, and no flour while such a thing is open. */
function dust(steps: readonly PlannedStep[], known: ReadonlyMap<TaskId, Task>, before: Before): void {
  for (const floury of steps) {
    const task = known.get(floury.id);
    if (!task?.step.looseFlour) continue;
    const airborne = (mark: ResidueMark, origin: BatchId) => (each: Task['guards'][number]) =>
      each.mark === mark && !each.exempt.includes(origin);
    for (const open of steps) {
      const other = known.get(open.id);
      if (
        !other ||
        open.cook === undefined ||
        !task.dust.some(({ mark, origin }) => other.guards.some(airborne(mark, origin)))
      )
        continue;
      // Also where the day has come closer than that: what is to come has to wait for it.
      if (open.startMin >= floury.endMin) before(floury, open, 'flour', rules.flourSettlesMin);
      else if (open.endMin <= floury.startMin) before(open, floury, 'flour');
    }
  }
}
