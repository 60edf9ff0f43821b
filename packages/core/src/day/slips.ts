import { fit } from '../fit/index.ts';
import type { DishId, GuestId, Need, Occasion, PlannedBatch, PlannedTask, BatchId, TaskId } from '../model/index.ts';
import type { Standpoint } from '../state/index.ts';
import { tasksOf } from '../tasks/index.ts';

/** A day after a slip: the occasion as it now is, and where the day stands. */
export interface Slipped {
  readonly occasion: Occasion;
  readonly standpoint: Standpoint;
}

const notForAnybody = (occasion: Occasion, dishes: readonly DishId[], guests: readonly GuestId[]): Occasion => ({
  ...occasion,
  dishes: occasion.dishes.map((dish) =>
    dishes.includes(dish.id) ? { ...dish, notFor: [...new Set([...dish.notFor, ...guests])] } : dish,
  ),
});

/** The food of a batch is lost, and its guests do without. */
export function leftOut({ occasion, standpoint }: Slipped, batch: BatchId): Slipped {
  const network = tasksOf(occasion, fit(occasion), standpoint.plan.batches);
  const lost = network.batches.find((each) => each.id === batch);
  if (!lost) return { occasion, standpoint };
  // What is made of it is lost with it.
  const gone = network.batches.filter((each) => each.lineage.includes(batch) && each.into.length === 0);
  return { occasion: gone.reduce((one, each) => notForAnybody(one, [each.dish], each.eaters), occasion), standpoint };
}

/**
 * The food of a batch is lost and made again from its first step, with a base or a component of its own where it was taken from one; what
 * the lost food touched stays as it is, and what was not begun is done where it was planned. Undefined where that cannot be: it has been
 * divided already.
 */
export function madeAgain({ occasion, standpoint }: Slipped, batch: BatchId): Slipped | undefined {
  const { plan, done, running, nowMin } = standpoint;
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  const planned = plan.batches.find((each) => each.id === batch);
  const begun = new Set(
    plan.tasks.flatMap((task) =>
      task.kind === 'step' && (done.has(task.id) || running.has(task.id)) ? [task.batch] : [],
    ),
  );
  const divided = network.batches.some(
    (each) => each.id !== batch && each.lineage.includes(batch) && begun.has(each.id),
  );
  if (!planned || !network.batches.some((each) => each.id === batch) || divided) return undefined;
  const again = plan.batches.filter((each) => each.id.startsWith(`${batch}~`)).length + 1;
  const old: PlannedBatch = { ...planned, id: `${batch}~${again}` as BatchId, lost: true };
  const renamed = (id: TaskId) => `${old.id}${id.slice(batch.length)}` as TaskId;
  const redone = new Set(
    plan.tasks.flatMap((task) =>
      task.kind === 'step' && task.batch === batch && (done.has(task.id) || running.has(task.id)) ? [task.id] : [],
    ),
  );
  // What was under way ends with the food.
  const tasks = plan.tasks.flatMap((task): PlannedTask[] => {
    // What of it was put away is gone with it.
    if (task.kind === 'step' && task.rest && redone.has(task.rest.after)) return [];
    return [
      task.kind === 'step' && redone.has(task.id)
        ? {
            ...task,
            id: renamed(task.id),
            batch: old.id,
            endMin: Math.min(task.endMin, nowMin),
            looks: task.looks.filter((look) => look.endMin <= nowMin),
          }
        : task,
    ];
  });
  const kept = [...done].map((id) => (redone.has(id) ? renamed(id) : id));
  return {
    occasion,
    standpoint: {
      ...standpoint,
      plan: { ...plan, batches: [...plan.batches.flatMap((each) => byItself(each, planned, begun)), old], tasks },
      done: new Set([...kept, ...[...redone].map(renamed)]),
      running: new Set([...running].filter((id) => !redone.has(id))),
      again: [...standpoint.again, ...redone],
    },
  };
}

/** A batch beside one that is made again: where that took from it already, it takes no more, and makes its own. */
function byItself(each: PlannedBatch, lost: PlannedBatch, begun: ReadonlySet<BatchId>): readonly PlannedBatch[] {
  if (each.id === lost.id) {
    const { base, ...own } = lost;
    return [base !== undefined && begun.has(base) ? own : lost];
  }
  if (!each.component || !begun.has(each.id) || !begun.has(lost.id)) return [each];
  const into = each.component.into.filter(
    ({ dish, version }) => dish !== lost.dish || !lost.versions.includes(version),
  );
  // What nobody takes from any more is left over.
  return [into.length > 0 ? { ...each, component: { ...each.component, into } } : { ...each, lost: true }];
}

/** A guest does not come, or leaves: nothing more is made for them. */
export const guestGone = ({ occasion, standpoint }: Slipped, guest: GuestId): Slipped => ({
  occasion: notForAnybody(
    occasion,
    occasion.dishes.map((dish) => dish.id),
    [guest],
  ),
  standpoint,
});

/** A guest turns out to need something. */
export const guestNeeds = ({ occasion, standpoint }: Slipped, guest: GuestId, need: Need): Slipped => ({
  occasion: {
    ...occasion,
    guests: occasion.guests.map((each) =>
      each.id === guest ? { ...each, needs: [...each.needs.filter((one) => one.id !== need.id), need] } : each,
    ),
  },
  standpoint,
});

/** An occasion with the needs that its guests turned out to have on its day: they outlast it. */
export function withNeedsOf(occasion: Occasion, day: Occasion): Occasion {
  const found = (id: GuestId) => day.guests.find((each) => each.id === id)?.needs ?? [];
  const guests = occasion.guests.map((guest) => {
    const more = found(guest.id).filter((need) => !guest.needs.some((each) => each.id === need.id));
    return more.length === 0 ? guest : { ...guest, needs: [...guest.needs, ...more] };
  });
  return guests.every((guest, at) => guest === occasion.guests[at]) ? occasion : { ...occasion, guests };
}

/** An oven is dead. What was in it has to be baked again, elsewhere. */
export function ovenDead({ occasion, standpoint }: Slipped, oven: number): Slipped {
  const { kitchen } = occasion;
  const dead = <T extends { racks: number }>(one: T): T => ({ ...one, racks: 0 });
  const inside = new Set(
    standpoint.plan.tasks.flatMap((task) =>
      task.kind === 'step' && task.racks.length > 0 && task.oven === oven ? [task.id] : [],
    ),
  );
  return {
    occasion: {
      ...occasion,
      kitchen:
        oven === 0
          ? { ...kitchen, oven: dead(kitchen.oven) }
          : { ...kitchen, moreOvens: kitchen.moreOvens.map((each, at) => (at === oven - 1 ? dead(each) : each)) },
    },
    standpoint: {
      ...standpoint,
      running: new Set([...standpoint.running].filter((id) => !inside.has(id))),
      again: [...(standpoint.again ?? []), ...[...standpoint.running].filter((id) => inside.has(id))],
    },
  };
}

/** The dishes that still want an oven, and none will do for them. */
export function wantOven({ occasion, standpoint }: Slipped): readonly DishId[] {
  const network = tasksOf(occasion, fit(occasion), standpoint.plan.batches);
  const { oven, moreOvens } = occasion.kitchen;
  const stuck = network.tasks.filter(
    (task) =>
      !standpoint.done.has(task.id) &&
      task.ways.every(
        (way) =>
          way.oven &&
          ![oven, ...moreOvens].some(
            (each) =>
              each.racks > 0 &&
              each.mostC >= way.oven!.temperatureC - way.oven!.toleranceC &&
              (!way.oven!.grill || each.grill),
          ),
      ),
  );
  return [...new Set(stuck.map((task) => network.batches.find((batch) => batch.id === task.batch)!.dish))];
}

/** Dishes nobody gets any more. */
export const dishesOut = ({ occasion, standpoint }: Slipped, dishes: readonly DishId[]): Slipped => ({
  occasion: notForAnybody(
    occasion,
    dishes,
    occasion.guests.map((guest) => guest.id),
  ),
  standpoint,
});
