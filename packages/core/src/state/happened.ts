import { ovenPhases, type OvenPhases } from '../ledger/index.ts';
import {
  endingLook,
  entryOf,
  handsOf,
  movedTo,
  type EntryId,
  type LookId,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedTask,
  type SurfaceId,
  type TaskId,
} from '../model/index.ts';
import type { Progress } from './progress.ts';
import type { Standpoint } from './standpoint.ts';
import { cleaned, leftDirty, washPassed } from './washes.ts';

/** What is known of a plan's tasks while what happened is read into it. */
interface Reading {
  readonly plan: Plan;
  readonly progress: Progress;
  /** The moment, in whole minutes after the first serving. */
  readonly now: number;
  readonly phases: OvenPhases;
  readonly done: Set<TaskId>;
  readonly running: Set<TaskId>;
  /** What has been, and what goes on, at its real times. */
  readonly places: Map<TaskId, PlannedTask>;
  /** When each pair of hands and each piece of kit last ended something: two things cannot have been at once. */
  readonly free: Map<SurfaceId, number>;
}

/** Reads what happened into a plan. `nowMin` is the moment, in minutes after the first serving. */
export function happened(plan: Plan, progress: Progress, nowMin: number): Standpoint {
  const reading: Reading = {
    plan,
    progress,
    now: Math.floor(nowMin),
    phases: ovenPhases(plan),
    done: new Set(),
    running: new Set(),
    places: new Map(),
    free: new Map(),
  };
  readLost(reading);
  const turn = readEnded(reading);
  readRunning(reading);
  const assumed = readInHand(reading);
  readOvens(reading);
  const tasks = plan.tasks.map((task) => asItWas(reading, task));
  return {
    plan: {
      ...plan,
      // Of what was in one minute, what was ticked first comes first: residues follow that order.
      tasks: tasks.sort(
        (a, b) =>
          a.startMin - b.startMin ||
          a.endMin - b.endMin ||
          (turn.get(a.id) ?? Infinity) - (turn.get(b.id) ?? Infinity) ||
          (a.id < b.id ? -1 : 1),
      ),
    },
    done: reading.done,
    running: reading.running,
    assumed,
    skipped: leftDirty(plan.tasks, progress),
    again: [],
    phases: reading.phases,
    nowMin: reading.now,
  };
}

/** What was lost is over, and stands as it was when it was lost; nobody ticks it any more. */
function readLost({ plan, done, places }: Reading): void {
  const lost = new Set(plan.batches.flatMap((batch) => (batch.lost ? [batch.id] : [])));
  for (const task of plan.tasks) {
    if (task.kind !== 'step' || !lost.has(task.batch)) continue;
    done.add(task.id);
    places.set(task.id, task);
  }
}

/** What is over, at its real times; gives back the order in which it ended. */
function readEnded(reading: Reading): ReadonlyMap<TaskId, number> {
  const { plan, progress, now, done, places, free } = reading;
  const ended = plan.tasks
    .flatMap((task) => {
      const end = endOf(task, progress, now);
      return end === undefined ? [] : [{ task, ...end }];
    })
    .sort((a, b) => a.at - b.at || a.seq - b.seq || a.task.startMin - b.task.startMin);
  const ends = settledEnds(ended, now);
  const tippedOut = tippedOutBy(plan, progress);
  for (const { task, at, seq } of ended) {
    done.add(task.id);
    const tookMin = task.endMin - task.startMin;
    if (task.kind === 'oven') {
      places.set(task.id, movedTo(task, Math.min(now, Math.round(at)), Math.round(at) + tookMin));
      continue;
    }
    const endMin = ends.get(task.id)!;
    const surfaces = surfacesOf(task);
    const began = beganAt(task, progress);
    const least = Math.max(
      ...surfaces.map((each) => free.get(each) ?? -Infinity),
      ...tippedOut.filter((each) => isUsedAfter(each, task, seq)).map((each) => each.atMin),
    );
    const startMin = Math.min(endMin, Math.max(began === undefined ? endMin - tookMin : Math.round(began), least));
    for (const each of surfaces) free.set(each, endMin);
    places.set(task.id, movedTo(task, startMin, endMin));
  }
  // What was set going first was so, though both were ticked in one minute.
  for (const tipped of tippedOut) {
    const here = places.get(tipped.by.id);
    const users = ended.filter(({ task, seq }) => isUsedAfter(tipped, task, seq));
    const startMin = Math.min(...users.map(({ task }) => places.get(task.id)!.startMin));
    if (here && startMin <= here.startMin) places.set(here.id, movedTo(here, startMin - 1, here.endMin));
  }
  return new Map(ended.map(({ task }, index) => [task.id, index]));
}

/** Something set going, by a tick of its own, out of kit that was in other use from then on. */
interface TippedOut {
  readonly by: PlannedStep;
  readonly atMin: number;
  readonly seq: number;
}

const tippedOutBy = (plan: Plan, progress: Progress): readonly TippedOut[] =>
  plan.tasks.flatMap((by): TippedOut[] => {
    if (by.kind !== 'step' || !by.emptied) return [];
    const own = progress.ticked.get(by.id);
    const began = beganAt(by, progress);
    return own === undefined || began === undefined ? [] : [{ by, atMin: Math.round(began), seq: own.seq }];
  });

/** Whether a task that ended with a tick was to use, and used, what something else had been tipped out of by then. */
const isUsedAfter = ({ by, seq }: TippedOut, task: PlannedTask, endSeq: number): boolean =>
  task.kind !== 'oven' &&
  task.id !== by.id &&
  task.startMin >= by.startMin &&
  endSeq > seq &&
  task.units.some((unit) => by.emptied!.includes(unit));

/** What is under way, by what was ticked or said of it. */
function readRunning({ plan, progress, now, done, running, places }: Reading): void {
  for (const task of plan.tasks) {
    if (task.kind !== 'step' || done.has(task.id)) continue;
    const place = underWay(task, progress, now);
    if (!place) continue;
    running.add(task.id);
    places.set(task.id, place);
  }
}

function underWay(task: PlannedStep, progress: Progress, now: number): PlannedStep | undefined {
  const said = progress.until.get(task.id);
  const began = beganAt(task, progress);
  const tookMin = task.endMin - task.startMin;
  if (task.cook === undefined) {
    if (began === undefined) return undefined;
    const startMin = Math.min(now, Math.round(began));
    return readyAt(movedTo(task, startMin, startMin + tookMin), endingLook(task)?.look, said, now);
  }
  if (began !== undefined) {
    const startMin = Math.min(now, Math.round(began));
    return movedTo(task, startMin, Math.max(now + 1, said === undefined ? startMin + tookMin : Math.round(said)));
  }
  // It was said in the middle of it when it will be ready.
  return said === undefined
    ? undefined
    : movedTo(task, Math.min(now - 1, task.startMin), Math.max(now + 1, Math.round(said)));
}

/** What goes by itself, with the look that ends it at the moment that was said for it, or at its end where that has been put off. */
function readyAt(task: PlannedStep, ending: LookId | undefined, said: number | undefined, now: number): PlannedStep {
  const look = task.looks.find((each) => each.look === ending);
  const takesMin = look === undefined ? 0 : look.endMin - look.startMin;
  const endMin = Math.max(now + 1, said === undefined ? task.endMin : Math.round(said) + takesMin);
  if (endMin === task.endMin) return task;
  return {
    ...task,
    endMin,
    looks: task.looks.map((each) => (each === look ? { ...each, startMin: endMin - takesMin, endMin } : each)),
  };
}

/**
 * What each cook is taken to have in hand: the first thing that is not ticked, where its time has come and everything they were to do
 * before is done; since that was done, or since its time. Gives back what that is, as it was planned.
 */
function readInHand({ plan, progress, now, done, running, places, free }: Reading): ReadonlyMap<TaskId, PlannedTask> {
  const assumed = new Map<TaskId, PlannedTask>();
  const dirty = dirtySurfaces(plan, progress, done);
  for (const cook of new Set(plan.tasks.flatMap((task) => (task.kind === 'oven' ? [] : (task.cook ?? []))))) {
    // Whoever said what they have in hand has nothing else in it.
    if (plan.tasks.some((task) => task.kind !== 'oven' && task.cook === cook && running.has(task.id))) continue;
    const next = plan.tasks.find((task) => task.kind !== 'oven' && task.cook === cook && !done.has(task.id));
    if (!next || next.kind === 'oven' || running.has(next.id) || next.startMin >= now) continue;
    // Whether a cook who left a wash open has really gone on is not for us to assume: a plate would be called lost that is not.
    if (next.kind === 'step' && [...next.units, handsOf(cook)].some((each) => dirty.has(each))) continue;
    const startMin = Math.max(next.startMin, free.get(handsOf(cook)) ?? -Infinity);
    if (startMin >= now) continue;
    assumed.set(next.id, next);
    running.add(next.id);
    places.set(next.id, movedTo(next, startMin, Math.max(now + 1, startMin + next.endMin - next.startMin)));
  }
  return assumed;
}

/** What washes that are over have left as it was. */
function dirtySurfaces(plan: Plan, progress: Progress, done: ReadonlySet<TaskId>): ReadonlySet<SurfaceId> {
  return new Set(
    plan.tasks.flatMap((task): SurfaceId[] => {
      if (task.kind !== 'wash' || !done.has(task.id)) return [];
      const really = cleaned(task, progress);
      return [
        ...task.units.filter((unit) => !really.units.includes(unit)),
        ...(task.hands && !really.hands ? [handsOf(task.cook)] : []),
      ];
    }),
  );
}

/** What is in an oven is taken to bake: the oven was on, and hot, whatever was ticked and when. */
function readOvens({ plan, phases, done, running, places }: Reading): void {
  for (const phase of plan.tasks) {
    if (phase.kind !== 'oven') continue;
    const begun = (phases.loadsOf.get(phase.id) ?? [])
      .filter((load) => done.has(load) || running.has(load))
      .map((load) => places.get(load)!.startMin);
    if (begun.length === 0) continue;
    const here = places.get(phase.id) ?? phase;
    const by = Math.min(0, Math.min(...begun) - here.endMin);
    done.add(phase.id);
    places.set(phase.id, movedTo(here, here.startMin + by, here.endMin + by));
  }
}

/** A task as it has been or goes on; else as planned. */
function asItWas({ progress, places, phases, done, now }: Reading, task: PlannedTask): PlannedTask {
  const here = places.get(task.id) ?? task;
  if (here.kind === 'wash') return cleaned(here, progress);
  return here.kind === 'oven' ? keptHot(here, { phases, done, places, now }) : here;
}

/** An oven keeps its heat for as long as what was meant to be in it really is, and waits for what is not in yet. */
function keptHot(
  phase: PlannedOven,
  { phases, done, places, now }: Pick<Reading, 'phases' | 'done' | 'places' | 'now'>,
) {
  const loads = phases.loadsOf.get(phase.id) ?? [];
  const waits = done.has(phase.id) && loads.some((load) => !done.has(load)) ? now : -Infinity;
  return {
    ...phase,
    untilMin: Math.max(
      phase.untilMin,
      phase.endMin,
      waits,
      ...loads.map((load) => places.get(load)?.endMin ?? -Infinity),
    ),
  };
}

/** What a task has in use to its end. */
const surfacesOf = (task: Exclude<PlannedTask, PlannedOven>): readonly SurfaceId[] => [
  ...(task.kind === 'step' && task.emptied ? task.units.filter((unit) => !task.emptied!.includes(unit)) : task.units),
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

/** When a task began, in minutes after the first serving, where that was ticked: what goes by itself is ticked when it is set going, and by the first look at it at the latest. */
export function beganAt(task: PlannedTask, { ticked, begun }: Pick<Progress, 'ticked' | 'begun'>): number | undefined {
  if (task.kind !== 'step') return undefined;
  if (task.cook !== undefined) return begun.get(task.id);
  const own = ticked.get(task.id);
  const looks = task.looks.flatMap((look) => {
    const tick = ticked.get(entryOf(task, look));
    // Ticked after a look at it, it was set going long before: the look says when.
    if (tick === undefined || (own !== undefined && own.seq < tick.seq)) return [];
    return [tick.atMin - (look.startMin - task.startMin)];
  });
  return looks.length > 0 ? Math.min(...looks) : own?.atMin;
}

/** When a task ended, and its turn among what was in that minute; undefined while it has not. */
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
