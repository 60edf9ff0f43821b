import {
  beganAt,
  washPassed,
  type DayTimer,
  type EntryId,
  type Plan,
  type PlannedWash,
  type Progress,
  type RunSheetEntry,
} from '@lupin/core';

/** Who does it, or sets it going. */
export const doer = (entry: RunSheetEntry): string | undefined =>
  entry.cook ?? (entry.kind === 'step' ? entry.setBy : undefined);

/** What of the run sheet is done: ticked, or a wash that was passed; a look is over with the step it belongs to. */
export function doneOf(entries: readonly RunSheetEntry[], plan: Plan, progress: Progress): ReadonlySet<string> {
  const tasks = new Map(plan.tasks.map((task) => [task.id as string, task]));
  const isDone = (id: string): boolean => {
    const task = tasks.get(id);
    if (task?.kind === 'wash') return washPassed(task, progress);
    if (progress.ticked.has(id as EntryId)) return true;
    // Somebody has looked at it: it was set going, though nobody ticked that.
    return task?.kind === 'step' && task.cook === undefined && beganAt(task, progress) !== undefined;
  };
  return new Set(entries.filter((entry) => isDone(entry.id)).map((entry) => entry.id));
}

/** The entries still to do, in the order in which they come up: a look at its timer, everything else at its time in the plan. */
export function comingUp(
  entries: readonly RunSheetEntry[],
  done: ReadonlySet<string>,
  timers: readonly DayTimer[],
): readonly RunSheetEntry[] {
  const due = new Map(timers.map((timer) => [timer.id, timer.dueMin]));
  const order = { look: 0, oven: 1, wash: 2, step: 3 };
  const at = (entry: RunSheetEntry) => (entry.kind === 'look' ? (due.get(entry.id) ?? entry.startMin) : entry.startMin);
  return entries.filter((entry) => !done.has(entry.id)).sort((a, b) => at(a) - at(b) || order[a.kind] - order[b.kind]);
}

/** The wash that stands before a step and has not been passed. */
export const washBefore = (entry: RunSheetEntry, plan: Plan, progress: Progress): PlannedWash | undefined =>
  plan.tasks.find(
    (task): task is PlannedWash =>
      task.kind === 'wash' && task.because.some((why) => why.before === entry.id) && !washPassed(task, progress),
  );
