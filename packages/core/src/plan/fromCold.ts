import { isFlesh } from '../keeping/index.ts';
import { rules } from '../reference/index.ts';
import {
  endLook,
  type LookId,
  type Occasion,
  type Plan,
  type PlannedStep,
  type PlannedTask,
  type TaskId,
} from '../model/index.ts';
import type { Task, TaskNetwork } from '../tasks/index.ts';
import { restMoved, withTakers } from './takes.ts';

/**
 * By how many minutes each bake of a plan may take longer than written, because its food was put into the fridge by the plan and not by its recipe.
 * What is raw flesh is left as it is: recipes have it from the fridge.
 *
 * @source rules.fromColdLonger
 */
export function colderBakes({ tasks }: TaskNetwork, plan: Plan): ReadonlyMap<TaskId, number> {
  const of = new Map(tasks.map((task) => [task.id, task]));
  const found = new Map<TaskId, number>();
  for (const rest of plan.tasks) {
    if (rest.kind !== 'step' || !rest.rest || rest.endMin - rest.startMin < rules.coldThroughMin) continue;
    const from = of.get(rest.rest.after);
    for (const id of rest.rest.before) {
      const bake = id === 'table' ? undefined : of.get(id);
      const planned = plan.tasks.find((each) => each.id === id);
      if (!bake || !from || planned?.kind !== 'step' || planned.racks.length === 0) continue;
      if (isRawFlesh(from) || isColdByRecipe(bake, from)) continue;
      found.set(bake.id, Math.ceil(bake.durationMin.planned * rules.fromColdLonger));
    }
  }
  return found;
}

const isRawFlesh = ({ carries }: Task): boolean => carries.some(({ mark }) => isFlesh(mark));

/** The recipe itself has it wait so long before: then its time is that of what is cold. */
const isColdByRecipe = (bake: Task, from: Task): boolean =>
  (bake.step.after?.find((link) => link.step === from.step.id)?.mostMin ?? 0) >= rules.coldThroughMin;

/**
 * The plan with so many minutes more for one bake: it goes in sooner, is taken out of the fridge sooner, and the oven is hot sooner. Whether that can be
 * is for the audit to say.
 */
export function bakedLonger(occasion: Occasion, plan: Plan, { id, step }: Task, minutes: number): Plan {
  const bake = plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.id === id);
  if (!bake) return plan;
  const startMin = bake.startMin - minutes;
  // What is due so long before the end stays where it is.
  const staying = new Set<LookId>([endLook, ...step.looks.flatMap((look) => (look.fromEnd ? [look.id] : []))]);
  const tasks = plan.tasks.map((task): PlannedTask => {
    if (task === bake)
      return {
        ...bake,
        startMin,
        looks: bake.looks.map((look) =>
          staying.has(look.look) ? look : { ...look, startMin: look.startMin - minutes, endMin: look.endMin - minutes },
        ),
      };
    if (task.kind === 'step' && task.rest?.before.includes(id))
      return restMoved(task, task.startMin, (each) => (each === id ? -minutes : 0));
    const isItsHeat =
      task.kind === 'oven' && task.oven === bake.oven && task.endMin <= bake.startMin && task.untilMin >= bake.endMin;
    if (isItsHeat && task.endMin > startMin) {
      const by = task.endMin - startMin;
      return { ...task, startMin: task.startMin - by, endMin: task.endMin - by };
    }
    return task;
  });
  return { ...plan, tasks: withTakers(occasion, tasks, () => false) };
}
