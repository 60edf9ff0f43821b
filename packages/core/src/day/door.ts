import type { RunSheetEntry, StepEntry } from '../cookday/index.ts';
import type { PlannedStep } from '../model/index.ts';
import type { Standpoint } from '../plan/index.ts';

/** An oven that must not be opened yet. */
export interface ShutDoor {
  readonly untilMin: number;
  /** What would fall. */
  readonly dishName: string;
}

/**
 * Whether doing an entry now (something goes in, comes out or is looked at) would open an oven on what must not be disturbed
 * yet; of several, the one that takes longest. A dish's own looks are its own affair.
 */
export function doorShutFor(
  entry: RunSheetEntry,
  entries: readonly RunSheetEntry[],
  { plan, running, nowMin }: Standpoint,
): ShutDoor | undefined {
  const opened = entry.kind === 'look' ? entry.of : entry.kind === 'step' ? entry.id : undefined;
  const steps = new Map(
    plan.tasks.flatMap((task): [string, PlannedStep][] => (task.kind === 'step' ? [[task.id, task]] : [])),
  );
  const sheet = new Map(
    entries.flatMap((each): [string, StepEntry][] => (each.kind === 'step' ? [[each.id, each]] : [])),
  );
  if (opened === undefined || !sheet.get(opened)?.oven) return undefined;
  const oven = steps.get(opened)?.oven;
  const shut = [...running].flatMap((id): ShutDoor[] => {
    const [task, one] = [steps.get(id), sheet.get(id)];
    const minutes = one?.oven?.shutMin;
    return id === opened ||
      minutes === undefined ||
      task?.oven !== oven ||
      task === undefined ||
      task.startMin + minutes <= nowMin
      ? []
      : [{ untilMin: task.startMin + minutes, dishName: one!.dishName }];
  });
  return shut.sort((a, b) => b.untilMin - a.untilMin)[0];
}
