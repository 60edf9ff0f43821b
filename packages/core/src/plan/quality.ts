import { fit } from '../fit/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { figuresOf, type Figures, type Problem, type Score } from '../schedule/index.ts';
import { tasksOf, wayOf, type TaskNetwork } from '../tasks/index.ts';
import { compile, usableWays } from './compile.ts';

/** What a plan is measured by, as the scheduler measures it: washes, minutes of washing, the day in minutes from the first hand to the last serving with the work on the days before, and so on. Steps that the occasion does not know are left out. */
export function planFigures(occasion: Occasion, plan: Plan): Figures {
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  return figuresIn(occasion, network, compile(occasion, network), plan);
}

/**
 * What counts for this cook, of any plan of this state of the occasion: a number for each goal, in their order, the less the better. `network` is
 * its work.
 */
export function scoring(occasion: Occasion, network: TaskNetwork): (plan: Plan) => Score {
  const problem = compile(occasion, network);
  const known = new Set(network.batches.map(({ id }) => id));
  return (plan) => {
    // A plan that was mended on the day may name its batches otherwise.
    const figures = plan.batches.every(({ id }) => known.has(id))
      ? figuresIn(occasion, network, problem, plan)
      : planFigures(occasion, plan);
    return problem.goals.map((goal) => figures[goal]);
  };
}

function figuresIn(occasion: Occasion, network: TaskNetwork, problem: Problem, plan: Plan): Figures {
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
    problem,
    placed,
    plan.tasks.filter((task) => task.kind === 'wash'),
  );
}
