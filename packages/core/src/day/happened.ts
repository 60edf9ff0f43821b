import {
  movedTo,
  type WashItem,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedTask,
  type PlannedWash,
  type UnitId,
  type TaskId,
  handsOf,
  type SurfaceId,
  endingLook,
  entryOf,
  type EntryId,
} from '../model/index.ts';
import type { Progress } from './progress.ts';

/** A plan as the day has really gone so far. */
export interface Happened {
  /** What is done and what goes on stands at its real times; washes hold what was really cleaned; the rest as planned. */
  readonly plan: Plan;
  /** Ids of tasks that are over. */
  readonly done: ReadonlySet<TaskId>;
  /** Ids of what is under way: in the oven, on the heat, chilling, or in hands that said how much longer. */
  readonly running: ReadonlySet<TaskId>;
  /** Of those, what is only taken to be in hand because its time has come: as it was planned. */
  readonly assumed: ReadonlyMap<TaskId, PlannedTask>;
  /** Kit that a wash left as it was. */
  readonly skipped: readonly { readonly wash: TaskId; readonly units: readonly UnitId[] }[];
}

/** What must be clean at a wash, in the order of a cook's hands: water, each piece of kit (or the dishwasher loaded with it and started), a cloth, and the hands last. */
export const washItems = (wash: PlannedWash): readonly WashItem[] => [
  ...(wash.machineUntilMin === undefined ? ['water' as const, ...wash.units] : [...wash.units, 'machine' as const]),
  'cloth',
  ...(wash.hands ? ['hands' as const] : []),
];

/** Whether a wash has been passed: every item clean, or left out for a reason. */
export function washPassed(wash: PlannedWash, { washes }: Progress): boolean {
  const so = washes.get(wash.id);
  if (!so) return false;
  const left = new Set(so.skipped.flatMap((each) => each.items as string[]));
  return washItems(wash).every((item) => so.clean.has(item) || left.has(item));
}

/** Reads what happened into the plan. `nowMin` is the moment, in minutes after the first serving. */
export function happened(plan: Plan, progress: Progress, nowMin: number): Happened {
  const done = new Set<TaskId>();
  const running = new Set<TaskId>();
  const now = Math.floor(nowMin);
  // The end of what each pair of hands and each piece of kit did last: two things cannot have been at once.
  const free = new Map<SurfaceId, number>();
  const places = new Map<TaskId, PlannedTask>();
  const ended = plan.tasks
    .flatMap((task) => {
      const end = endOf(task, progress, now);
      return end === undefined ? [] : [{ task, ...end }];
    })
    .sort((a, b) => a.at - b.at || a.seq - b.seq || a.task.startMin - b.task.startMin);
  const turn = new Map(ended.map(({ task }, index) => [task.id, index]));
  // What was lost is over, and stands as it was when it was lost; nobody ticks it any more.
  const lost = new Set(plan.batches.flatMap((batch) => (batch.lost ? [batch.id] : [])));
  for (const task of plan.tasks) {
    if (task.kind !== 'step' || !lost.has(task.batch)) continue;
    done.add(task.id);
    places.set(task.id, task);
  }
  const ends = settledEnds(ended, now);
  for (const { task, at } of ended) {
    const endMin = ends.get(task.id)!;
    if (task.kind === 'oven') {
      done.add(task.id);
      places.set(task.id, movedTo(task, Math.min(now, Math.round(at)), Math.round(at) + task.endMin - task.startMin));
      continue;
    }
    const surfaces = surfacesOf(task);
    const began = beganAt(task, progress);
    const least = Math.max(...surfaces.map((each) => free.get(each) ?? -Infinity));
    const startMin = Math.min(
      endMin,
      Math.max(began === undefined ? endMin - (task.endMin - task.startMin) : Math.round(began), least),
    );
    for (const each of surfaces) free.set(each, endMin);
    done.add(task.id);
    places.set(task.id, movedTo(task, startMin, endMin));
  }
  for (const task of plan.tasks) {
    if (task.kind !== 'step' || done.has(task.id)) continue;
    const said = progress.until.get(task.id);
    const inHandSince = task.cook === undefined ? undefined : progress.begun.get(task.id);
    if (inHandSince !== undefined) {
      running.add(task.id);
      const startMin = Math.min(now, Math.round(inHandSince));
      places.set(
        task.id,
        movedTo(
          task,
          startMin,
          Math.max(now + 1, said === undefined ? startMin + task.endMin - task.startMin : Math.round(said)),
        ),
      );
      continue;
    }
    if (task.cook !== undefined && said !== undefined) {
      // It was said in the middle of it when it will be ready.
      running.add(task.id);
      places.set(task.id, movedTo(task, Math.min(now - 1, task.startMin), Math.max(now + 1, Math.round(said))));
      continue;
    }
    const began = beganAt(task, progress);
    if (began === undefined) continue;
    const startMin = Math.min(now, Math.round(began));
    running.add(task.id);
    places.set(
      task.id,
      ready(movedTo(task, startMin, Math.max(now + 1, startMin + task.endMin - task.startMin)), said, now),
    );
  }
  const assumed = new Map<TaskId, PlannedTask>();
  for (const [id, place] of inHand(plan, progress, { done, running, free, now })) {
    running.add(id);
    assumed.set(
      id,
      plan.tasks.find((task) => task.id === id)!,
    );
    places.set(id, place);
  }
  // What is in an oven is taken to bake: the oven was on, and hot, whatever was ticked and when.
  for (const task of plan.tasks) {
    if (task.kind !== 'oven') continue;
    const begun = loadsOf(task, plan)
      .filter((load) => done.has(load.id) || running.has(load.id))
      .map((load) => places.get(load.id)!.startMin);
    if (begun.length === 0) continue;
    const here = places.get(task.id) ?? task;
    const by = Math.min(0, Math.min(...begun) - here.endMin);
    done.add(task.id);
    places.set(task.id, movedTo(here, here.startMin + by, here.endMin + by));
  }
  const tasks = plan.tasks.map((task) => {
    const here = places.get(task.id) ?? task;
    if (here.kind === 'wash') return cleaned(here, progress);
    return here.kind === 'oven'
      ? { ...here, untilMin: Math.max(here.untilMin, here.endMin, ...loadsUntil(task as PlannedOven, plan, places)) }
      : here;
  });
  return {
    plan: {
      ...plan, // Of what was in one minute, what was ticked first comes first: residues follow that order.
      tasks: [...tasks].sort(
        (a, b) =>
          a.startMin - b.startMin ||
          a.endMin - b.endMin ||
          (turn.get(a.id) ?? Infinity) - (turn.get(b.id) ?? Infinity) ||
          (a.id < b.id ? -1 : 1),
      ),
    },
    done,
    running,
    assumed,
    skipped: plan.tasks.flatMap((task) => (task.kind === 'wash' ? leftDirty(task, tasks) : [])),
  };
}

const surfacesOf = (task: Exclude<PlannedTask, PlannedOven>): readonly SurfaceId[] => [
  ...task.units,
  ...(task.cook ? [handsOf(task.cook)] : []),
];

/**
 * When each thing that is over ended. What the same hands or kit did is ticked one after the other in one minute only where it was done before and
 * is ticked afterwards: each of it is put a minute earlier than the next, so that what it left and what was washed off keep the order of the ticks.
 */
function settledEnds(
  ended: readonly { readonly task: PlannedTask; readonly at: number }[],
  now: number,
): ReadonlyMap<TaskId, number> {
  const before = new Map<SurfaceId, number>();
  const ends = new Map<TaskId, number>();
  for (const { task, at } of [...ended].reverse()) {
    const surfaces = task.kind === 'oven' ? [] : surfacesOf(task);
    const end = Math.min(now, Math.round(at), ...surfaces.map((each) => before.get(each) ?? Infinity));
    ends.set(task.id, end);
    for (const each of surfaces) before.set(each, end - 1);
  }
  return ends;
}

const loadsOf = (planned: PlannedOven, plan: Plan): readonly PlannedStep[] =>
  plan.tasks.filter(
    (task): task is PlannedStep =>
      task.kind === 'step' &&
      task.racks.length > 0 &&
      task.oven === planned.oven &&
      task.startMin >= planned.endMin &&
      task.endMin <= planned.untilMin,
  );

/** An oven keeps its temperature for as long as what was meant to be in it really is. */
const loadsUntil = (planned: PlannedOven, plan: Plan, places: ReadonlyMap<TaskId, PlannedTask>): number[] =>
  loadsOf(planned, plan).map((load) => places.get(load.id)?.endMin ?? -Infinity);

interface SoFar {
  readonly done: ReadonlySet<TaskId>;
  readonly running: ReadonlySet<TaskId>;
  readonly free: ReadonlyMap<SurfaceId, number>;
  readonly now: number;
}

/**
 * What each cook is taken to have in hand: the first thing that is not ticked, where its time has come and everything they were to do
 * before is done; since that was done, or since its time.
 */
function inHand(plan: Plan, progress: Progress, { done, running, free, now }: SoFar): ReadonlyMap<TaskId, PlannedTask> {
  const dirty = new Set(
    plan.tasks.flatMap((task) => {
      if (task.kind !== 'wash' || !done.has(task.id)) return [];
      const really = cleaned(task, progress);
      return [
        ...task.units.filter((unit) => !really.units.includes(unit)),
        ...(task.hands && !really.hands ? [handsOf(task.cook)] : []),
      ];
    }),
  );
  const found = new Map<TaskId, PlannedTask>();
  for (const cook of new Set(plan.tasks.flatMap((task) => (task.kind === 'oven' ? [] : (task.cook ?? []))))) {
    // Whoever said what they have in hand has nothing else in it.
    if (plan.tasks.some((task) => task.kind === 'step' && task.cook === cook && running.has(task.id))) continue;
    const next = plan.tasks.find((task) => task.kind !== 'oven' && task.cook === cook && !done.has(task.id));
    if (next?.kind !== 'step' || running.has(next.id) || next.startMin >= now) continue;
    // Whether a cook who left a wash open has really gone on is not for us to assume: a plate would be called lost that is not.
    if ([...next.units, handsOf(cook)].some((each) => dirty.has(each))) continue;
    const startMin = Math.max(next.startMin, free.get(handsOf(cook)) ?? -Infinity);
    if (startMin < now)
      found.set(next.id, movedTo(next, startMin, Math.max(now + 1, startMin + next.endMin - next.startMin)));
  }
  return found;
}

/** When a task began, where that was ticked: what goes by itself is ticked when it is set going, and by the first look at it at the latest. */
function beganAt(task: PlannedTask, { ticked, begun }: Progress): number | undefined {
  if (task.kind !== 'step') return undefined;
  if (task.cook !== undefined) return begun.get(task.id);
  const own = ticked.get(task.id)?.atMin;
  const looks = task.looks.flatMap((look) => {
    const at = ticked.get(entryOf(task, look))?.atMin;
    return at === undefined ? [] : [at - (look.startMin - task.startMin)];
  });
  return own ?? (looks.length > 0 ? Math.min(...looks) : undefined);
}

/** When a task ended; undefined while it has not. */
function endOf(
  task: PlannedTask,
  progress: Progress,
  now: number,
): { readonly at: number; readonly seq: number } | undefined {
  const { ticked, washes, until } = progress;
  const tick = (id: EntryId) => {
    const found = ticked.get(id);
    return found && { at: found.atMin, seq: found.seq };
  };
  switch (task.kind) {
    case 'oven':
      return tick(task.id);
    case 'wash': {
      if (!washPassed(task, progress)) return undefined;
      const { clean, skipped } = washes.get(task.id)!;
      const all = [...clean.values(), ...skipped];
      return { at: Math.max(...all.map((each) => each.atMin)), seq: Math.max(...all.map((each) => each.seq)) };
    }
    case 'step': {
      if (task.cook !== undefined) return tick(task.id);
      const last = endingLook(task);
      if (last !== undefined) return tick(entryOf(task, last));
      // Nobody takes it out of anything: it is over when its time is.
      const began = beganAt(task, progress);
      const over = began === undefined ? undefined : (until.get(task.id) ?? began + (task.endMin - task.startMin));
      return over !== undefined && over <= now ? { at: over, seq: 0 } : undefined;
    }
    default:
      return task satisfies never;
  }
}

function leftDirty(planned: PlannedWash, really: readonly PlannedTask[]): Happened['skipped'] {
  const wash = really.find((task): task is PlannedWash => task.kind === 'wash' && task.id === planned.id)!;
  const units = planned.units.filter((unit) => !wash.units.includes(unit));
  return units.length === 0 && wash.hands === planned.hands ? [] : [{ wash: planned.id, units }];
}

/** What runs, with its last look (or its end, where nobody looks) at the moment that was said for it. */
function ready(task: PlannedTask, said: number | undefined, now: number): PlannedTask {
  if (said === undefined || task.kind !== 'step') return task;
  const at = Math.round(said);
  const look = endingLook(task);
  if (look === undefined) return { ...task, endMin: Math.max(now + 1, at) };
  const moved = { ...look, startMin: at, endMin: at + look.endMin - look.startMin };
  return {
    ...task,
    endMin: Math.max(now + 1, moved.endMin),
    looks: task.looks.map((point) => (point === look ? moved : point)),
  };
}

/** A wash with what was really cleaned in it. In old water, or dried with an old cloth, nothing is clean. */
function cleaned(wash: PlannedWash, { washes }: Progress): PlannedWash {
  const left = new Set(
    (washes.get(wash.id)?.skipped ?? []).flatMap(
      (each) => each.items.filter((item) => !washes.get(wash.id)!.clean.has(item)) as string[],
    ),
  );
  if (left.size === 0) return wash;
  if (wash.machineUntilMin !== undefined) {
    // What did not go in, or went into a machine that was not started, is as it was.
    const { machineUntilMin, ...byHand } = wash;
    const units = left.has('machine') ? [] : wash.units.filter((unit) => !left.has(unit));
    return {
      ...byHand,
      units,
      ...(units.length > 0 ? { machineUntilMin } : {}),
      hands: wash.hands && !left.has('cloth') && !left.has('hands'),
    };
  }
  const nothing = left.has('water') || left.has('cloth');
  return {
    ...wash,
    units: nothing ? [] : wash.units.filter((unit) => !left.has(unit)),
    hands: wash.hands && !nothing && !left.has('hands'),
  };
}
