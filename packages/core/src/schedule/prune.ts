import type { Placed, Problem, Wash } from './problem.ts';

/** Residues as numbers: mark and origin in one. */
const token = (mark: number, origin: number): number => mark * 4096 + origin + 1;
const markOf = (value: number): number => Math.floor(value / 4096);
const originOf = (value: number): number => (value % 4096) - 1;

/**
 * Plays a timetable forwards and says whether anything guarded is reached.
 * Building backwards, a wash is put in before it is known what will come first; this tells whether it was needed.
 */
function reaches(problem: Problem, placed: readonly Placed[], washes: readonly Wash[]): boolean {
  const { activities, units } = problem;
  const onUnit = units.map((unit): ReadonlySet<number> => (unit.comesClean || unit.barred.length > 0 ? new Set() : new Set([token(problem.unknownMark, -1)])));
  const onHands = problem.workers.map((): ReadonlySet<number> => new Set());
  const food: ReadonlySet<number>[] = activities.map(() => new Set());
  const none: ReadonlySet<number> = new Set();
  const events = [
    ...washes.map((wash) => ({ at: wash.endMin, order: 0, wash, done: undefined })),
    ...placed.map((done) => ({ at: done.startMin, order: 1, wash: undefined, done })),
  ].sort((a, b) => a.at - b.at || a.order - b.order);
  for (const { wash, done } of events) {
    if (wash) {
      onHands[wash.worker] = none;
      for (const unit of wash.units) onUnit[unit] = none;
      continue;
    }
    const activity = activities[done.activity]!;
    const met = new Set<number>();
    for (const unit of done.units) for (const value of onUnit[unit]!) met.add(value);
    if (done.worker >= 0) for (const value of onHands[done.worker]!) met.add(value);
    for (const guard of activity.guards) {
      for (const value of met) if (markOf(value) === guard.mark && !guard.exempt.includes(originOf(value))) return true;
    }
    if (done.units.some((unit) => units[unit]!.barred.some((mark) => [...met].some((value) => markOf(value) === mark)))) return true;
    for (const link of activity.before) for (const value of food[link.activity]!) met.add(value);
    for (const { mark, origin } of activity.carries) met.add(token(mark, origin));
    const ended = activity.ends;
    const left = ended ? new Set([...met].filter((value) => !ended.marks.includes(markOf(value)))) : met;
    food[done.activity] = left;
    const stays = ended?.kit ? left : met;
    for (const unit of done.units) onUnit[unit] = stays;
    if (done.worker >= 0) onHands[done.worker] = stays;
  }
  return false;
}

/** Leaves out washes, and pieces of them, that nothing needs. */
export function prune(problem: Problem, placed: readonly Placed[], washes: readonly Wash[]): Wash[] {
  let kept = [...washes].sort((a, b) => a.startMin - b.startMin);
  for (const wash of [...kept]) {
    const without = kept.filter((each) => each !== wash);
    if (!reaches(problem, placed, without)) kept = without;
  }
  return kept;
}
