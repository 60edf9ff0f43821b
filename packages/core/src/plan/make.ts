import {
  basisOf,
  type GuestId,
  type Occasion,
  type Plan,
  type PlannedBatch,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
  numberedTask,
  restAfter,
  type LookId,
  type TaskId,
  inTime,
} from '../model/index.ts';
import { fit, type FitTable } from '../fit/index.ts';
import {
  effortPerSecond,
  isStuck,
  lowerBoundMin,
  provenClash,
  solve,
  type Known,
  type Leaning,
  type Heat,
  type Placed,
  type Problem,
  type Rest,
  type Timetable,
  type Wash,
} from '../schedule/index.ts';
import { tasksById, tasksOf, type Task, type TaskNetwork } from '../tasks/index.ts';
import { compile, fridgePool, marks, usableWays } from './compile.ts';
import { explainClash, explainStuck, type NoPlan } from './explain.ts';
import { whatFrees } from './freeing.ts';
import { againstClash, remediesThatFree } from './remedies.ts';
import { missingKit } from './missing.ts';
import { spareFor, spareOf, type Spare, type SpareShares } from './spare.ts';
import { servedRaw } from './raw.ts';
import { takenFromNobody } from './untaken.ts';
import { wishesInConflict } from './wishes.ts';

export interface PlanOptions {
  readonly seed?: number;
  /** How much to look for, in seconds of an ordinary machine; the same number gives the same plan on any. */
  readonly seconds?: number;
  /** How much to look for any plan at all, in the same seconds; by default longer, the more there is to do. */
  readonly firstSeconds?: number;
  /** What a plan has to spare for steps that take longer than likely; absent: nothing. */
  readonly spare?: SpareShares | undefined;
  /** A plan to begin from, of an occasion much like this one: what can stay as it is stays. */
  readonly from?: Plan | undefined;
  /** How a plan of the same work was put together, to begin from where that leads to one. */
  readonly along?: Leaning | undefined;
  /** Where there is no plan: whether it is found out what would free it, which takes as long again as looking for one. It is, unless said otherwise. */
  readonly remedies?: boolean | undefined;
}

/** Who eats what of an occasion, and the work that is: the same for every plan of it. */
export interface WorkToPlan {
  readonly table: FitTable;
  readonly network: TaskNetwork;
}

export function workToPlan(occasion: Occasion): WorkToPlan {
  const table = fit(occasion);
  return { table, network: tasksOf(occasion, table) };
}

export type PlanEvent =
  { readonly kind: 'found'; readonly plan: Plan } | { readonly kind: 'progress'; readonly share: number };

export type PlanResult =
  | { readonly kind: 'plan'; readonly plan: Plan; readonly along: Leaning }
  | { readonly kind: 'none'; readonly reason: NoPlan };

/**
 * Plans an occasion: yields every better plan as it is found, and progress; returns the best or why there is none.
 * Work is counted, not timed: the same occasion and seed give the same plan to the minute.
 */
export function* planning(
  occasion: Occasion,
  options: PlanOptions = {},
  { table, network }: WorkToPlan = workToPlan(occasion),
): Generator<PlanEvent, PlanResult> {
  const { seed = 1, seconds = 2, firstSeconds, spare, from, along, remedies = true } = options;
  const barred = inTheWay(occasion, { table, network });
  if (barred) return { kind: 'none', reason: barred };
  const plain = compile(occasion, network);
  const clash = provenClash(plain);
  if (clash)
    return {
      kind: 'none',
      reason: wishesInConflict(occasion, network) ?? {
        ...explainClash(occasion, network, clash),
        ...(remedies && { frees: remediesThatFree(occasion, againstClash(occasion, network, clash)) }),
      },
    };
  const bound = lowerBoundMin(plain);
  const fixed = occasion.wishes.pins.flatMap(({ task, spareMin }) => (spareMin === undefined ? [] : [task]));
  const spared = spare && spareOf(network, spare, new Set(fixed));
  const problem = spared ? compile(occasion, network, spared) : plain;
  const search = solve(problem, {
    seed,
    effort: seconds * effortPerSecond,
    ...(firstSeconds !== undefined && { firstEffort: firstSeconds * effortPerSecond }),
    along,
    from: from && knownOf(occasion, network.tasks, from, -Infinity, spared),
  });
  for (;;) {
    const next = search.next();
    if (next.done) {
      if (isStuck(next.value)) {
        const wished = wishesInConflict(occasion, network);
        if (wished) return { kind: 'none', reason: wished };
        const reason = explainStuck(occasion, network, next.value);
        const freed = remedies ? whatFrees(occasion, network, next.value) : undefined;
        return { kind: 'none', reason: { ...reason, ...freed } };
      }
      return {
        kind: 'plan',
        plan: toPlan(occasion, network, problem, next.value.timetable, { seed, bound, spared }),
        along: next.value.along,
      };
    }
    if (next.value.kind === 'found')
      yield { kind: 'found', plan: toPlan(occasion, network, problem, next.value.timetable, { seed, bound, spared }) };
    else yield { kind: 'progress', share: next.value.share };
  }
}

const nothingToPlan: NoPlan = {
  what: 'There is nothing to plan yet.',
  why: 'No dish on the menu is eaten by anybody.',
  tryThis: 'Add guests and dishes.',
  proven: true,
};

/** Why no order of work can be a plan, whatever the hours. */
function inTheWay(occasion: Occasion, { table, network }: WorkToPlan): NoPlan | undefined {
  if (network.tasks.length === 0) return nothingToPlan;
  return takenFromNobody(occasion, table) ?? servedRaw(network) ?? missingKit(occasion.kitchen, network);
}

/** Plans an occasion to the end. */
export function makePlan(occasion: Occasion, options: PlanOptions = {}): PlanResult {
  const run = planning(occasion, options);
  for (;;) {
    const next = run.next();
    if (next.done) return next.value;
  }
}

function toPlan(
  occasion: Occasion,
  network: TaskNetwork,
  problem: Problem,
  timetable: Timetable,
  { seed, bound, spared }: { readonly seed: number; readonly bound: number; readonly spared: Spare | undefined },
): Plan {
  const steps = stepsOf(occasion, network, network.tasks, timetable.placed, spared);
  const washes = timetable.washes.map((wash, index) =>
    washOf(occasion, network, problem, wash, numberedTask('wash', index + 1)),
  );
  const ovens = timetable.heats.map((heat, index) => ovenOf(heat, numberedTask('oven', index + 1)));
  return {
    format: 'lupin.plan/2',
    occasion: occasion.id,
    basis: basisOf(occasion),
    seed,
    batches: batchesOf(network),
    tasks: inTime([...steps, ...washes, ...ovens]),
    lowerBoundMin: bound,
  };
}

/** The batches as a plan names them. */
export const batchesOf = (network: TaskNetwork): PlannedBatch[] =>
  network.batches.map((batch): PlannedBatch => ({
    id: batch.id,
    dish: batch.dish,
    versions: [...batch.versions],
    ...(batch.base ? { base: batch.base } : {}),
    portions: Math.round(batch.portions * 100) / 100,
    ...(batch.into.length > 0
      ? {
          component: {
            recipe: batch.recipe.id,
            into: batch.into.flatMap(({ dish, versions, part }) =>
              versions.map((version) => ({ dish, version, path: [...part.path] })),
            ),
          },
        }
      : {}),
  }));

/** All that was placed as a plan tells it, with what is put away in between; what is to spare comes after each. `tasks`: what the scheduler's activities are. */
export function stepsOf(
  occasion: Occasion,
  network: TaskNetwork,
  tasks: readonly Task[],
  placed: readonly Placed[],
  spared?: Spare,
): readonly PlannedStep[] {
  const rests = placed.flatMap((each) => each.rests);
  const known = tasksById(network);
  return [
    ...placed.map((each) => {
      const step = stepOf(occasion, tasks[each.activity]!, each, spared);
      // What is in the fridge already stays there until it is wanted.
      const stays = rests.filter((rest) => rest.from === each.activity && !rest.put).map((rest) => rest.endMin);
      return stays.length > 0 ? { ...step, endMin: Math.max(step.endMin, ...stays) } : step;
    }),
    ...tasks.flatMap((task, index) => {
      const mine = rests.filter(({ from, put }) => from === index && put !== undefined);
      const rest = known.get(restAfter(task.id));
      return rest && mine.length > 0 ? [restingStep(occasion, tasks, task, rest, mine)] : [];
    }),
  ];
}

/** Food of one task in the fridge: put there once, taken out for each that follows. */
function restingStep(
  { kitchen: { cooks } }: Occasion,
  tasks: readonly Task[],
  after: Task,
  rest: Task,
  parts: readonly Rest[],
): PlannedStep {
  const takes = parts
    .flatMap(({ next, take }) => (take ? [{ next, ...take }] : []))
    .sort((a, b) => a.endMin - b.endMin);
  const put = parts[0]!.put!;
  const [begins, ends] = rest.looks as readonly [Task['looks'][number], Task['looks'][number]];
  return {
    kind: 'step',
    id: rest.id,
    startMin: put.startMin,
    endMin: takes.at(-1)!.endMin,
    batch: rest.batch,
    step: rest.step.id,
    units: [],
    oven: 0,
    racks: [],
    bentC: 0,
    rest: { after: after.id, before: takes.map(({ next }) => (next < 0 ? 'table' : tasks[next]!.id)) },
    looks: [
      { startMin: put.startMin, endMin: put.endMin, cook: cooks[put.cook]!.id, look: begins.id, what: begins.what },
      ...takes.map(({ startMin, endMin, cook, next }, index) => ({
        startMin,
        endMin,
        cook: cooks[cook]!.id,
        look: index === takes.length - 1 ? ends.id : (`out-${index + 1}` as LookId),
        what:
          takes.length === 1
            ? ends.what
            : `${ends.what}, for ${next < 0 ? 'the table' : `“${tasks[next]!.title}”`}`.slice(0, 80),
      })),
    ],
  };
}

export function stepOf(occasion: Occasion, task: Task, each: Placed, spared?: Spare): PlannedStep {
  const { kit, cooks } = occasion.kitchen;
  const way = usableWays(occasion, task)[each.way]!;
  const emptied = way.kit.flatMap(({ forMin }, at) => (forMin === undefined ? [] : [kit[each.units[at]!]!.id]));
  return {
    kind: 'step',
    id: task.id,
    startMin: each.startMin,
    endMin: each.endMin - spareFor(spared, task, way),
    batch: task.batch,
    step: task.step.id,
    ...(each.cook >= 0 ? { cook: cooks[each.cook]!.id } : {}),
    units: each.units.map((unit) => kit[unit]!.id),
    ...(emptied.length > 0 ? { emptied } : {}),
    oven: Math.max(0, each.oven),
    racks: [...each.racks],
    ...(way.id ? { way: way.id } : {}),
    bentC: way.bentC,
    ...(task.isChilled && way.id === undefined ? { inFridge: true } : {}),
    looks: each.looks.map((point) => ({
      look: way.looks[point.index]!.id,
      startMin: point.startMin,
      endMin: point.endMin,
      cook: cooks[point.cook]!.id,
      what: way.looks[point.index]!.what,
    })),
  };
}

export function washOf(
  occasion: Occasion,
  network: TaskNetwork,
  problem: Problem,
  wash: Wash,
  id: TaskId,
): PlannedWash {
  const { kit, cooks } = occasion.kitchen;
  return {
    kind: 'wash',
    id,
    startMin: wash.startMin,
    endMin: wash.endMin,
    cook: cooks[wash.cook]!.id,
    units: wash.units.map((unit) => kit[unit]!.id),
    ...(wash.machineUntilMin === undefined ? {} : { machineUntilMin: wash.machineUntilMin }),
    hands: true,
    because: wash.because.map(({ unit, marks: found, before }) => ({
      unit: unit >= 0 ? kit[unit]!.id : ('hands' as const),
      hazards: found.map((mark) => marks[mark]!),
      before: problem.activities[before]!.id as TaskId,
      guests: guestsBehind(network, problem.activities[before]!.id as TaskId, found),
    })),
  };
}

export const ovenOf = (heat: Heat, id: TaskId): PlannedOven => ({
  kind: 'oven',
  id,
  oven: heat.oven,
  startMin: heat.startMin,
  endMin: heat.readyMin,
  untilMin: heat.untilMin,
  temperatureC: heat.temperatureC,
});

/** For whom a wash before this task is: the guests its own guards name; where it only hands the demand on, those of its batch. */
function guestsBehind(network: TaskNetwork, task: TaskId, found: readonly number[]): GuestId[] {
  const names = new Set(found.map((mark) => marks[mark]!));
  const own = (network.tasks.find((each) => each.id === task)?.guards ?? [])
    .filter((guard) => names.has(guard.mark))
    .flatMap((guard) => guard.guests);
  return [...new Set(own)];
}

/** What a plan has of these tasks, as the scheduler takes it: those of its steps that can still be done in the way they are planned, and its washes. */
export function knownOf(
  occasion: Occasion,
  tasks: readonly Task[],
  plan: Plan,
  fromMin = -Infinity,
  spared?: Spare,
): Known {
  const { kit, cooks } = occasion.kitchen;
  const number = new Map(tasks.map((task, index) => [task.id, index]));
  const unitAt = new Map(kit.map((unit, index) => [unit.id, index]));
  const cookAt = new Map(cooks.map((cook, index) => [cook.id, index]));
  const placed = plan.tasks.flatMap((step): Placed[] => {
    const activity = step.kind === 'step' ? number.get(step.id) : undefined;
    if (step.kind !== 'step' || activity === undefined || step.startMin < fromMin) return [];
    const task = tasks[activity]!;
    const ways = usableWays(occasion, task);
    const way = ways.findIndex((each) => each.id === step.way && each.bentC === step.bentC);
    const units = step.units.map((unit) => unitAt.get(unit) ?? -1);
    const whose = [step.cook, ...step.looks.map((look) => look.cook)].map((cook) =>
      cook === undefined ? -1 : (cookAt.get(cook) ?? -2),
    );
    if (way < 0 || units.includes(-1) || whose.includes(-2)) return [];
    const looks = step.looks.map((look, index) => ({
      startMin: look.startMin,
      endMin: look.endMin,
      cook: whose[index + 1]!,
      index,
    }));
    const rests = plan.tasks.flatMap((rest) =>
      rest.kind === 'step' && rest.rest?.after === step.id ? knownRests(rest, activity, number, cookAt) : [],
    );
    return [
      {
        activity,
        way,
        rests,
        startMin: step.startMin,
        // What stays in the fridge longer than it must is over, for the scheduler, when it must.
        endMin:
          spareFor(spared, task, ways[way]!) +
          (task.step.cold ? Math.min(step.endMin, step.startMin + ways[way]!.durationMin.planned) : step.endMin),
        cook: whose[0]!,
        units,
        oven: step.racks.length > 0 ? step.oven : -1,
        racks: step.racks,
        looks,
      },
    ];
  });
  const washes = plan.tasks.flatMap((wash): Wash[] => {
    if (wash.kind !== 'wash' || wash.startMin < fromMin) return [];
    const cook = cookAt.get(wash.cook);
    const because = wash.because.flatMap(({ unit, before }) => {
      const [at, activity] = [unit === 'hands' ? -1 : unitAt.get(unit), number.get(before)];
      // What is on it is found out again.
      return at === undefined || activity === undefined ? [] : [{ unit: at, marks: [], before: activity }];
    });
    const { startMin, endMin, machineUntilMin } = wash;
    const units = wash.units.flatMap((unit) => unitAt.get(unit) ?? []);
    return cook === undefined ? [] : [{ startMin, endMin, machineUntilMin, cook, units, because }];
  });
  return { placed, washes };
}

/** What is put away after an activity, as a plan tells it. */
function knownRests(
  { rest, looks }: PlannedStep,
  from: number,
  number: ReadonlyMap<TaskId, number>,
  cookAt: ReadonlyMap<string, number>,
): readonly Rest[] {
  const [put, ...takes] = looks.map(({ startMin, endMin, cook }) => ({
    startMin,
    endMin,
    cook: cookAt.get(cook) ?? -1,
  }));
  return takes.flatMap((take, at): Rest[] => {
    const before = rest!.before[at];
    const next = before === 'table' ? -1 : number.get(before!);
    if (!put || next === undefined || put.cook < 0 || take.cook < 0) return [];
    const { startMin } = put;
    return [
      {
        from,
        next,
        pool: fridgePool,
        placeFromMin: startMin,
        isShared: at > 0,
        startMin,
        endMin: take.endMin,
        put,
        take,
      },
    ];
  });
}
