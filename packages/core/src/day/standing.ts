import { fit, type FitTable } from '../fit/index.ts';
import type { DishId, Occasion, Plan, Recipe, Version, VersionId } from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { happened } from '../state/index.ts';
import type { Progress, Reading } from '../state/index.ts';

/** Food that is ready and stands somewhere: the clock that runs between hot and cold. Moments in minutes after the first serving. */
export interface FoodStanding {
  readonly dish: DishId;
  readonly version: VersionId;
  /** When it was ready; by the plan, where nobody ticked it. */
  readonly readyMin: number;
  readonly isTicked: boolean;
  /** From when its time between hot and cold counts: since it was ready, or last measured to be hot or cold enough. */
  readonly sinceMin: number;
  /** Where it was measured and was neither: from then on a better reading takes nothing back. */
  readonly between?: Reading | undefined;
  /** The recipe says that it keeps out of the fridge for so many days; the clock does not run. */
  readonly keepsOutDays?: number | undefined;
}

/** What a reading of food that is kept hot or cold is noted under. */
export const keepEntry = (dish: DishId, version: VersionId): string => `keep:${dish}/${version}`;

/** Whether food is as hot, or as cold, as it must be kept. */
export const isHeld = ({ measured, celsius }: Reading): boolean =>
  measured === 'hot' ? celsius >= rules.hotHoldC : celsius <= rules.coldHoldC;

/** How many days the recipe says it keeps in a place. With something swapped in it the recipe's word does not hold. */
export function keepsDays(
  recipe: Recipe,
  version: Version,
  places: readonly Recipe['keeps'][number]['where'][],
): number | undefined {
  if (version.swaps.length > 0) return undefined;
  const days = recipe.keeps.filter((each) => places.includes(each.where)).map((each) => each.days);
  return days.length > 0 ? Math.min(...days) : undefined;
}

/** Everything that is ready, or by its time must be, with the clock that counts for it. What others brought is not in it: nobody knows how long it has stood. */
export function standingOf(
  occasion: Occasion,
  plan: Plan,
  progress: Progress,
  nowMin: number,
  table: FitTable = fit(occasion),
): readonly FoodStanding[] {
  const network = tasksOf(occasion, table, plan.batches);
  const { plan: real, done } = happened(plan, progress, nowMin);
  const endOf = new Map(real.tasks.map((task) => [task.id, task.endMin]));
  return network.batches.flatMap((batch): FoodStanding[] => {
    const last = network.tasks.filter((task) => task.batch === batch.id && task.serve);
    if (last.length === 0) return [];
    const isTicked = last.every((task) => done.has(task.id));
    if (!isTicked && nowMin < Math.min(...last.map((task) => task.serve!.atMin))) return [];
    const readyMin = Math.min(nowMin, Math.max(...last.map((task) => endOf.get(task.id) ?? task.serve!.atMin)));
    const dish = occasion.dishes.find((each) => each.id === batch.dish)!;
    return batch.versions.map((id): FoodStanding => {
      const version = dish.versions.find((each) => each.id === id)!;
      const readings = progress.readings.filter(
        (each) =>
          each.counts && each.entry === keepEntry(dish.id, id) && (each.measured === 'hot' || each.measured === 'cold'),
      );
      const between = readings.find((each) => !isHeld(each));
      const held = readings.filter((each) => isHeld(each) && (!between || each.atMin < between.atMin));
      return {
        dish: dish.id,
        version: id,
        readyMin,
        isTicked,
        sinceMin: Math.max(readyMin, ...held.map((each) => each.atMin)),
        between,
        keepsOutDays: keepsDays(batch.recipe, version, ['counter', 'cupboard', 'cellar']),
      };
    });
  });
}
