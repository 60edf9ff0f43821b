import { type Plan, type PlannedStep, endingLook, laterLooks, entryOf } from '../model/index.ts';
import { beganAt, type Progress } from '../state/index.ts';

/** Something that will want a look: in the oven, on the heat, standing; or a timer of the cook's own. Moments in minutes after the first serving. */
export interface DayTimer {
  /** The run sheet's entry that ends it, or the own timer's id. */
  readonly id: string;
  /** The planned step it belongs to; absent for an own timer. */
  readonly step?: string | undefined;
  readonly name: string;
  readonly beganMin: number;
  readonly dueMin: number;
  /** From when it can be ready, where the recipe gives a range: look from here on. */
  readonly earlyMin?: number | undefined;
  readonly kind: 'look' | 'last-look' | 'ready' | 'own';
}

/** What is ready by itself is shown for so many minutes more. */
const shownMin = 10;

/**
 * Every timer that runs: of each step that was set going the looks that are still to come, moved by when it really began and what it
 * was said of it since. They follow from the events, so that no reload or restart can lose one.
 */
export function timersOf(
  plan: Plan,
  leastMin: (task: string) => number | undefined,
  progress: Progress,
  nowMin: number,
): readonly DayTimer[] {
  const { ticked, until, timers } = progress;
  // What is put away has no time of its own: it comes out when it is wanted, and the list says when.
  const steps = plan.tasks.filter(
    (task): task is PlannedStep => task.kind === 'step' && task.cook === undefined && !task.rest,
  );
  const running = steps.flatMap((task): DayTimer[] => {
    const beganMin = beganAt(task, progress);
    if (beganMin === undefined) return [];
    const said = until.get(task.id);
    const ends = endingLook(task);
    const looks = laterLooks(task).map((look) => ({ point: look, id: entryOf(task, look), last: look === ends }));
    const readyMin = said ?? beganMin + task.endMin - task.startMin;
    const ready: DayTimer[] =
      ends !== undefined || readyMin + shownMin < nowMin
        ? []
        : [{ id: task.id, step: task.id, name: '', beganMin, dueMin: readyMin, kind: 'ready' }];
    return [
      ...ready,
      ...looks
        .filter(({ id }) => !ticked.has(id))
        .map(({ point, id, last }): DayTimer => {
          const dueMin = last && said !== undefined ? said : beganMin + point.startMin - task.startMin;
          const least = last ? leastMin(task.id) : undefined;
          return {
            id,
            step: task.id,
            name: point.what,
            beganMin,
            dueMin,
            earlyMin: least === undefined ? undefined : Math.min(dueMin, beganMin + least),
            kind: last ? 'last-look' : 'look',
          };
        }),
    ];
  });
  const own = timers.map(({ id, name, endsAtMin }): DayTimer => ({
    id,
    name,
    beganMin: endsAtMin,
    dueMin: endsAtMin,
    kind: 'own',
  }));
  return [...running, ...own].sort((a, b) => a.dueMin - b.dueMin || (a.id < b.id ? -1 : 1));
}
