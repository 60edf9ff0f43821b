import { ovenPhases } from '../ledger/index.ts';
import { drawDurations, netOf, playDay } from '../chances/index.ts';
import { fit } from '../fit/index.ts';
import {
  type Happening,
  type Occasion,
  type Plan,
  type TaskId,
  endingLook,
  laterLooks,
  entryOf,
  type CookId,
} from '../model/index.ts';
import { tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { washItems } from '../state/index.ts';
import type { Progress } from '../state/index.ts';

/** Something a cook notes, and when. */
export interface Moment {
  readonly atMin: number;
  /** The planned task it belongs to. */
  readonly task: TaskId;
  readonly what: Happening;
}

/**
 * A day as cooks would tick it who keep to the plan, while everything takes as long as its range lets it: one of the days that the
 * chances are counted from, in time order. The same seed is the same day.
 */
export function playedMoments(occasion: Occasion, plan: Plan, seed = 1): readonly Moment[] {
  const net = netOf(occasion, tasksOf(occasion, fit(occasion), plan.batches), plan);
  const drawn = drawDurations(net, 1, seed);
  const day = playDay(
    net,
    net.pieces.map((piece) => drawn.get(piece.id)!),
    0,
  );
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]));
  return net.pieces
    .flatMap((piece, index): Moment[] => {
      const [start, end] = [day.startMin[index]!, day.endMin[index]!];
      const task = tasks.get(piece.id)!;
      switch (task.kind) {
        case 'oven':
          return [{ atMin: start, task: task.id, what: { kind: 'tick', entry: task.id } }];
        case 'wash':
          return washItems(task).map((item) => ({
            atMin: end,
            task: task.id,
            what: { kind: 'clean', wash: task.id, item },
          }));
        case 'step': {
          if (task.cook !== undefined)
            return [
              { atMin: start, task: task.id, what: { kind: 'begin', entry: task.id } },
              { atMin: end, task: task.id, what: { kind: 'tick', entry: task.id } },
            ];
          const last = endingLook(task);
          const looks = laterLooks(task).map((look): Moment => ({
            atMin:
              look === last
                ? end
                : start + ((look.startMin - task.startMin) / Math.max(1, task.endMin - task.startMin)) * (end - start),
            task: task.id,
            what: { kind: 'tick', entry: entryOf(task, look) },
          }));
          return [{ atMin: start, task: task.id, what: { kind: 'tick', entry: task.id } }, ...looks];
        }
        default:
          return task satisfies never;
      }
    })
    .sort((a, b) => a.atMin - b.atMin);
}

/** When a moment was noted; undefined while it was not. */
function notedAt({ what }: Moment, { ticked, begun, washes }: Progress): number | undefined {
  if (what.kind === 'begin') return begun.get(what.entry) ?? ticked.get(what.entry)?.atMin;
  if (what.kind === 'clean') return washes.get(what.wash)?.clean.get(what.item)?.atMin;
  return what.kind === 'tick' ? ticked.get(what.entry)?.atMin : undefined;
}

/** A moment with when it is to be noted: later than planned by as much as what it waited for. */
export interface DueMoment extends Moment {
  readonly dueMin: number;
}

/** What is noted within so many minutes is noted in time: a fast rehearsal goes by in steps, and the steps must not add up. */
const notedWithinMin = 4;

/**
 * What of a played day is to be noted by now. Each thing is as much later than its moment as what it waits for was: by the recipe, by the
 * hands that do it, by the oven it bakes in. `holds`: what cannot be yet, because a device says so. What was to be before `fromMin`, when it began to play, is due at its own moment.
 */
export function dueMoments(
  network: TaskNetwork,
  plan: Plan,
  moments: readonly Moment[],
  progress: Progress,
  nowMin: number,
  holds: (moment: Moment) => boolean,
  fromMin = -Infinity,
): readonly DueMoment[] {
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const waitsFor = new Map(network.tasks.map((task) => [task.id, task.after.map((each) => each.task)]));
  const { phaseOf } = ovenPhases(plan);
  const lastOf = new Map<CookId, TaskId>();
  for (const task of plan.tasks) {
    const before = waitsFor.get(task.id) ?? [];
    const heat = phaseOf.get(task.id);
    if (heat !== undefined) before.push(heat);
    const cook = task.kind === 'oven' ? undefined : task.cook;
    if (cook !== undefined) {
      const last = lastOf.get(cook);
      if (last !== undefined) before.push(last);
      lastOf.set(cook, task.id);
    }
    waitsFor.set(task.id, before);
  }
  // How much later than its moment a task is, so far; undefined while one of its moments has not been noted.
  const laterBy = new Map<string, number | undefined>();
  // Of what is noted together, as the items of a wash, one does not wait for the other.
  const together = new Map<string, { readonly atMin: number; readonly later: number | undefined }>();
  const due: DueMoment[] = [];
  for (const moment of moments) {
    if (moment.atMin > nowMin) break;
    if (!planned.has(moment.task)) continue;
    if (moment.atMin < fromMin) {
      if (notedAt(moment, progress) === undefined) due.push({ ...moment, dueMin: moment.atMin });
      continue;
    }
    let later: number | undefined = 0;
    for (const task of [moment.task, ...(waitsFor.get(moment.task) ?? [])]) {
      // What another task notes only after this is nothing to wait for.
      const same = task === moment.task ? together.get(task) : undefined;
      const here: number | undefined =
        same?.atMin === moment.atMin ? same.later : laterBy.has(task) ? laterBy.get(task) : 0;
      later = here === undefined || later === undefined ? undefined : Math.max(later, here);
    }
    if (together.get(moment.task)?.atMin !== moment.atMin) together.set(moment.task, { atMin: moment.atMin, later });
    const at = notedAt(moment, progress);
    if (at !== undefined) {
      const more = at - moment.atMin - (later ?? 0);
      laterBy.set(moment.task, (later ?? 0) + (more > notedWithinMin ? more : 0));
      continue;
    }
    laterBy.set(moment.task, undefined);
    if (later !== undefined && moment.atMin + later <= nowMin && !holds(moment))
      due.push({ ...moment, dueMin: moment.atMin + later });
  }
  return due;
}
