import { basisOf, type Occasion, type Plan, type PlannedStep, type PlannedTask } from '../src/model/index.ts';
import { id } from './id.ts';

/** Where a step of a hand-made plan stands: from, to, and whatever else it says of itself. */
export type Place = readonly [startMin: number, endMin: number, more?: Partial<Record<keyof PlannedStep, unknown>>];

interface More {
  readonly batches?: readonly Record<string, unknown>[];
  /** Washes, ovens and whatever else is planned besides. */
  readonly besides?: readonly Record<string, unknown>[];
}

/**
 * A plan made by hand, which leans on nothing of the scheduler's: for each task id ("soup.plain.boil") when it is. A step has the first cook unless
 * it goes by itself, no kit and no looks, unless it says so; a batch for each dish and version in use.
 */
export function byHand(occasion: Occasion, places: Readonly<Record<string, Place>>, more: More = {}): Plan {
  const recipeOf = (dish: string) => occasion.dishes.find((each) => each.id === dish)?.recipe;
  const handsOf = (dish: string, step: string) =>
    occasion.recipes.find((each) => each.id === recipeOf(dish))?.steps.find((each) => each.id === step)?.hands;
  const tasks = Object.entries(places).map(([task, [startMin, endMin, said = {}]]) => {
    const [dish, version, step] = task.split('.') as [string, string, string];
    return {
      kind: 'step',
      id: task,
      startMin,
      endMin,
      batch: `${dish}.${version}`,
      step,
      ...(handsOf(dish, step) === 'off' ? {} : { cook: occasion.kitchen.cooks[0]!.id }),
      units: [],
      oven: 0,
      racks: [],
      bentC: 0,
      looks: [],
      ...said,
    };
  });
  const batches = [...new Set(tasks.map((task) => String(task.batch)))].map((batch) => {
    const [dish, version] = batch.split('.');
    return { id: batch, dish, versions: [version], portions: 4 };
  });
  return {
    format: 'lupin.plan/2',
    occasion: occasion.id,
    basis: basisOf(occasion),
    seed: 1,
    batches: (more.batches ?? batches) as unknown as Plan['batches'],
    tasks: [...tasks, ...(more.besides ?? [])] as unknown as PlannedTask[],
    lowerBoundMin: 0,
  };
}

/** A wash by hand of some kit, with the hands that wash it. */
export const washOf = (name: string, startMin: number, endMin: number, units: readonly string[], more = {}) => ({
  kind: 'wash',
  id: id<string>(name),
  startMin,
  endMin,
  cook: 'cook',
  units,
  hands: true,
  because: [],
  ...more,
});

/** An oven that is hot at `endMin` and stays so. */
export const heatOf = (
  name: string,
  startMin: number,
  endMin: number,
  untilMin: number,
  temperatureC: number,
  oven = 0,
) => ({
  kind: 'oven',
  id: id<string>(name),
  oven,
  startMin,
  endMin,
  untilMin,
  temperatureC,
});
