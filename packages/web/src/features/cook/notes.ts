import type { Happening, PlannedWash, Progress, RunSheetEntry, WashItem } from '@lupin/core';

/** What is noted to take back that something is done: of a wash, every item of it. */
export function undone(entry: RunSheetEntry, progress: Progress): readonly Happening[] {
  if (entry.kind !== 'wash') return [{ kind: 'untick', entry: entry.id }];
  const items = [...(progress.washes.get(entry.id)?.clean.keys() ?? [])];
  return items.map((item) => ({ kind: 'unclean', wash: entry.id, item }));
}

export const cleaned = (wash: PlannedWash, items: readonly WashItem[], isClean: boolean): readonly Happening[] =>
  items.map((item) => ({ kind: isClean ? 'clean' : 'unclean', wash: wash.id, item }));
