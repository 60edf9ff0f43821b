import { washItems } from '../src/state/index.ts';
import { entryOf, laterLooks, type DayEvent, type Happening, type Plan } from '../src/model/index.ts';

/** Events with their order and ids, at moments in minutes after the first serving. */
export const events = (...list: readonly (readonly [atMin: number, what: Happening])[]): readonly DayEvent[] =>
  list.map(([atMin, what], at) => ({ seq: at + 1, id: `event-${at + 1}`, device: 'bench', atMin, what }));

/** What a cook ticks who keeps to the plan up to a moment. */
export function asPlanned(plan: Plan, untilMin: number): readonly (readonly [number, Happening])[] {
  return plan.tasks
    .flatMap((task): (readonly [number, Happening])[] => {
      const tick = (at: number, entry: string): (readonly [number, Happening])[] =>
        at <= untilMin ? [[at, { kind: 'tick', entry }]] : [];
      if (task.kind === 'wash')
        return task.endMin <= untilMin
          ? washItems(task).map((item) => [task.endMin, { kind: 'clean', wash: task.id, item }])
          : [];
      if (task.kind === 'oven') return tick(task.startMin, task.id);
      if (task.cook !== undefined) return tick(task.endMin, task.id);
      return [
        ...tick(task.startMin, task.id),
        ...laterLooks(task).flatMap((look) => tick(look.endMin, entryOf(task, look))),
      ];
    })
    .sort((a, b) => a[0] - b[0]);
}
