import { fit } from '../fit/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { better, figuresOf, type Figures } from '../schedule/index.ts';
import { tasksOf, wayOf } from '../tasks/index.ts';
import { compile, usableWays } from './compile.ts';

/** What a plan is measured by, as the scheduler measures it: washes, minutes of washing, the day in minutes from the first hand to the last serving with the work on the days before, and so on. Steps that the occasion does not know are left out. */
export function planFigures(occasion: Occasion, plan: Plan): Figures {
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  const numbers = new Map(network.tasks.map((task, index) => [task.id, index]));
  const cook = (id: string | undefined) => occasion.kitchen.cooks.findIndex((each) => each.id === id);
  const placed = plan.tasks.flatMap((planned) => {
    const activity = planned.kind === 'step' ? numbers.get(planned.id) : undefined;
    if (planned.kind !== 'step' || activity === undefined) return [];
    const task = network.tasks[activity]!;
    const way = usableWays(occasion, task).indexOf(wayOf(task, planned)!);
    return [
      {
        activity,
        way: Math.max(0, way),
        startMin: planned.startMin,
        endMin: planned.endMin,
        cook: cook(planned.cook),
        looks: planned.looks.map((point, index) => ({ ...point, cook: cook(point.cook), index })),
        rests: plan.tasks.flatMap((rest) =>
          rest.kind === 'step' && rest.rest?.after === planned.id
            ? rest.looks.slice(1).map(({ startMin, endMin }) => ({
                from: activity,
                next: -1,
                pool: 0,
                placeFromMin: startMin,
                isShared: false,
                startMin,
                endMin,
                put: { startMin, endMin, cook: 0 },
              }))
            : [],
        ),
      },
    ];
  });
  return figuresOf(
    compile(occasion, network),
    placed,
    plan.tasks.filter((task) => task.kind === 'wash'),
  );
}

/** Whether a plan is better than another, in the order of what counts for this cook. A plan of another state of the occasion is no rival. */
export function isBetterPlan(occasion: Occasion, one: Plan, other: Plan | undefined): boolean {
  if (!other || other.basis !== one.basis) return true;
  const { goals } = compile(occasion, tasksOf(occasion, fit(occasion)));
  const [a, b] = [planFigures(occasion, one), planFigures(occasion, other)];
  return better(
    goals.map((goal) => a[goal]),
    goals.map((goal) => b[goal]),
  );
}
