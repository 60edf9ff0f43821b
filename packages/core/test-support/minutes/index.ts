import type { Occasion, Plan } from '../../src/model/index.ts';
import { residueFaults } from './residues.ts';
import { roomFaults } from './room.ts';
import { standingFaults } from './standing.ts';
import { vesselFaults } from './vessels.ts';
import { clockOf, dayOf } from './work.ts';

/** Everything that is wrong with a plan, as somebody would find who reads it minute by minute and knows neither scheduler nor audit. */
export function faultsIn(occasion: Occasion, plan: Plan): readonly string[] {
  const day = dayOf(occasion, plan);
  return [...roomFaults(day), ...vesselFaults(day), ...residueFaults(day), ...standingFaults(day)];
}

/** The plan as one would read it aloud. */
export function aloud(occasion: Occasion, plan: Plan): string {
  const day = dayOf(occasion, plan);
  const title = new Map(
    day.work.map(({ task, step, recipe, batch }) => [task.id, `${step.title} [${recipe.name} ${batch.id}]`]),
  );
  return [...plan.tasks]
    .sort((a, b) => a.startMin - b.startMin)
    .map((task) => {
      const when = `${clockOf(occasion, task.startMin)}–${clockOf(occasion, task.endMin)}`;
      if (task.kind === 'oven')
        return `${when} oven ${task.oven} to ${task.temperatureC} °C until ${clockOf(occasion, task.untilMin)}`;
      if (task.kind === 'wash')
        return `${when} ${task.cook} wash ${task.units.join(', ')}${task.hands ? ' + hands' : ''}`;
      const looks = task.looks.map((look) => `${clockOf(occasion, look.startMin)} ${look.what}`).join(', ');
      const what = task.rest ? `fridge: after ${title.get(task.rest.after)}` : title.get(task.id);
      return `${when} ${task.cook ?? '—'} ${what} {${task.units.join(', ')}}${task.racks.length > 0 ? ` racks ${task.racks.join()}` : ''}${task.inFridge ? ' in the fridge' : ''} ${looks}`;
    })
    .join('\n');
}
