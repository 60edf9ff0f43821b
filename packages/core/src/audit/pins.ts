import { clock, doing, endOf, linksOf, named, type Facts, type StepFacts } from './facts.ts';
import type { Finding } from './finding.ts';

/** Whether everything the cook has fixed is as they fixed it. A pin on a task that is no longer there holds nothing. */
export function auditPins(facts: Facts): Finding[] {
  const { occasion, steps } = facts;
  return occasion.wishes.pins.flatMap((pin): Finding[] => {
    const each = steps.find(({ task }) => task.id === pin.task);
    if (!each) return [];
    const { task, step } = each;
    const wrong: string[] = [];
    if (pin.startsAtMin !== undefined && task.startMin !== pin.startsAtMin)
      wrong.push(`was fixed to ${clock(occasion, pin.startsAtMin)}`);
    if (pin.notBeforeMin !== undefined && task.startMin < pin.notBeforeMin)
      wrong.push(`was not to begin before ${clock(occasion, pin.notBeforeMin)}`);
    if (pin.endsByMin !== undefined && endOf(each) > pin.endsByMin)
      wrong.push(`was to be done by ${clock(occasion, pin.endsByMin)}`);
    const hands = [...(task.cook ? [task.cook] : []), ...task.looks.map((point) => point.cook)];
    if (pin.cook !== undefined && hands.some((cook) => cook !== pin.cook)) wrong.push('was given to another cook');
    if (pin.oven !== undefined && step.oven && task.oven !== pin.oven) wrong.push('was fixed to another oven');
    if (pin.rack !== undefined && step.oven && Math.min(...task.racks) !== pin.rack)
      wrong.push('was fixed to another rack');
    if (pin.spareMin !== undefined && shortOf(facts, each, pin.spareMin))
      wrong.push(`was to have ${pin.spareMin} min to spare after it`);
    const kind = occasion.kitchen.kit.find((unit) => unit.id === pin.unit)?.kind;
    if (kind !== undefined && step.kit.some((use) => use.kind === kind) && !task.units.includes(pin.unit!))
      wrong.push('was fixed to another piece of kit');
    return wrong.map((what) => ({
      code: 'pin',
      message: `${named(occasion, each)} ${what}.`,
      tasks: [task.id],
      guests: [],
    }));
  });
}

/** Whether something that follows a step, or the table, has less to spare than was asked for and than its food can wait. */
function shortOf(facts: Facts, each: StepFacts, spareMin: number): boolean {
  const { task, batch } = each;
  const endMin = endOf(each);
  let followed = false;
  for (const later of facts.steps) {
    for (const link of linksOf(later.batch.recipe, later.written)) {
      if (doing(facts, later.batch, link.step)?.task.id !== task.id) continue;
      followed = true;
      if (later.task.startMin - endMin < Math.min(link.leastMin + spareMin, link.mostMin ?? Infinity)) return true;
    }
  }
  const course = facts.occasion.courses.find((one) => one.id === batch.dish.course);
  return !followed && course !== undefined && course.offsetMin - endMin < Math.min(spareMin, batch.recipe.hold.mostMin);
}
