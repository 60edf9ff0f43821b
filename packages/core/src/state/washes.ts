import type { PlannedTask, PlannedWash, TaskId, UnitId, WashItem } from '../model/index.ts';
import type { Progress } from './progress.ts';

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

/** A wash with what was really cleaned in it. In old water, or dried with an old cloth, nothing is clean. */
export function cleaned(wash: PlannedWash, { washes }: Progress): PlannedWash {
  const so = washes.get(wash.id);
  const left = new Set<string>(
    (so?.skipped ?? []).flatMap((each) => each.items.filter((item) => !so!.clean.has(item))),
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

/** Kit that a wash was to clean and left as it was. */
export interface LeftDirty {
  readonly wash: TaskId;
  readonly units: readonly UnitId[];
}

/** What the washes of a plan were to clean and, as they really were, did not. */
export const leftDirty = (planned: readonly PlannedTask[], progress: Progress): readonly LeftDirty[] =>
  planned.flatMap((task): LeftDirty[] => {
    if (task.kind !== 'wash') return [];
    const wash = cleaned(task, progress);
    const units = task.units.filter((unit) => !wash.units.includes(unit));
    return units.length === 0 && wash.hands === task.hands ? [] : [{ wash: task.id, units }];
  });
