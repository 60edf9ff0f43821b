import type { RunSheetEntry } from '../cookday/index.ts';
import type { Plan } from '../model/index.ts';
import type { KitchenNow, ShutDoor } from '../state/index.ts';

/**
 * Whether doing an entry now (something goes in, comes out or is looked at) would open an oven on what must not be disturbed
 * yet; of several, the one that takes longest. A dish's own looks are its own affair.
 */
export function doorShutFor(entry: RunSheetEntry, plan: Plan, { shutDoors }: KitchenNow): ShutDoor | undefined {
  const opened = entry.kind === 'look' ? entry.of : entry.id;
  const step = plan.tasks.find((task) => task.id === opened);
  if (step?.kind !== 'step' || step.racks.length === 0) return undefined;
  return shutDoors
    .filter((door) => door.oven === step.oven && door.task !== opened)
    .sort((a, b) => b.untilMin - a.untilMin)[0];
}
