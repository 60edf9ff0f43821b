import type { EntryId, RunSheetEntry, TaskNetwork } from '@lupin/core';
import type { Stretch } from './layout.ts';

/** Where a dragged bar comes to lie: to five minutes, or to the minute where a minute is wide enough to be meant. */
export function draggedTo(startMin: number, deltaPx: number, pxPerMin: number): number {
  const grid = pxPerMin >= 12 ? 1 : 5;
  const wanted = startMin + deltaPx / pxPerMin;
  return Math.abs(deltaPx) < 3 ? startMin : Math.round(wanted / grid) * grid;
}

/** When a step could begin without moving the steps before and after it of its own dish; as far as the other end is open, undefined. */
export function roomOf(
  network: TaskNetwork,
  entries: readonly RunSheetEntry[],
  id: EntryId,
): { readonly earliestMin: number | undefined; readonly latestMin: number | undefined } {
  const placed = new Map(entries.map((entry) => [entry.id, entry]));
  const task = network.tasks.find((each) => each.id === id);
  const mine = placed.get(id);
  if (!task || !mine) return { earliestMin: undefined, latestMin: undefined };
  const lasts = mine.endMin - mine.startMin;
  const earliest: number[] = [];
  const latest: number[] = [];
  for (const link of task.after) {
    const before = placed.get(link.task);
    if (!before) continue;
    earliest.push(before.endMin + link.leastMin);
    if (link.mostMin !== undefined) latest.push(before.endMin + link.mostMin);
  }
  for (const other of network.tasks) {
    const after = placed.get(other.id);
    const link = other.after.find((each) => each.task === id);
    if (!after || !link) continue;
    latest.push(after.startMin - link.leastMin - lasts);
    if (link.mostMin !== undefined) earliest.push(after.startMin - link.mostMin - lasts);
  }
  if (task.serve) {
    latest.push(task.serve.atMin - lasts);
    earliest.push(task.serve.atMin - task.serve.mostHoldMin - lasts);
  }
  return {
    earliestMin: earliest.length > 0 ? Math.max(...earliest) : undefined,
    latestMin: latest.length > 0 ? Math.min(...latest) : undefined,
  };
}

/** The part of that room which is in sight, from the first minute of it to the last that the step would take. */
export function roomInSight(room: ReturnType<typeof roomOf>, lastsMin: number, part: Stretch): Stretch | undefined {
  const fromMin = Math.max(part.fromMin, room.earliestMin ?? part.fromMin);
  const toMin = Math.min(part.toMin, (room.latestMin ?? part.toMin) + lastsMin);
  return toMin > fromMin ? { fromMin, toMin } : undefined;
}
