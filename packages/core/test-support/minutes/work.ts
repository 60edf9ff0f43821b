import { recipeOf, versionRecipe } from '../../src/versions/index.ts';
import type { Dish, Guest, Occasion, Plan, PlannedBatch, PlannedStep, Recipe, Step } from '../../src/model/index.ts';

/** A planned step with what it goes on from, and whom it feeds. */
export interface Work {
  readonly task: PlannedStep;
  readonly step: Step;
  readonly batch: PlannedBatch;
  readonly dish: Dish;
  readonly recipe: Recipe;
  readonly from: readonly Work[];
  readonly takers: readonly Work[];
  readonly eaters: readonly Guest[];
  /** Texts of the lines that come in here. */
  readonly lines: readonly string[];
  /** When its course is served, in the minutes of the plan. */
  readonly servedMin: number;
}

export interface Day {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly work: readonly Work[];
  /** What stands in the fridge between two steps. */
  readonly rests: readonly PlannedStep[];
}

const versionOf = (dish: Dish, guest: Guest) =>
  dish.versions.find((version) => version.guests.includes(guest.id)) ?? dish.versions[0]!;

/** The plan as work on food: who follows whom is read from the recipes, who eats it from the dishes. */
export function dayOf(occasion: Occasion, plan: Plan): Day {
  const steps = plan.tasks.filter((task): task is PlannedStep => task.kind === 'step');
  const batches = new Map(plan.batches.map((batch) => [batch.id, batch]));
  const made: (Work & { from: Work[]; takers: Work[] })[] = [];
  for (const task of steps) {
    if (task.rest) continue;
    const batch = batches.get(task.batch)!;
    const dish = occasion.dishes.find(({ id }) => id === batch.dish)!;
    const version = dish.versions.find(({ id }) => id === batch.versions[0])!;
    const recipe = batch.component
      ? recipeOf({ ...occasion, dishes: [] }, { ...dish, recipe: batch.component.recipe, choices: [] })
      : versionRecipe(occasion, dish, version);
    const written = recipe.steps.find(({ id }) => id === task.step)!;
    const way = written.alternatives.find(({ id }) => id === task.way);
    const placed = new Set<string>(recipe.steps.flatMap(({ uses }) => uses));
    made.push({
      task,
      step: way ? { ...written, ...way, id: written.id, oven: undefined, cold: undefined, looks: [] } : written,
      batch,
      dish,
      recipe,
      from: [],
      takers: [],
      eaters: eatersOf(occasion, batch),
      lines: recipe.lines
        .filter(({ id }) => written.uses.includes(id) || !placed.has(id))
        .map(({ text, food }) => `${text} (${(food ?? '').replaceAll('-', ' ')})`),
      servedMin: occasion.courses.find(({ id }) => id === dish.course)!.offsetMin,
    });
  }
  for (const one of made)
    for (const version of one.batch.versions)
      for (const other of sourcesOf(made, one, version, occasion)) {
        if (one.from.includes(other)) continue;
        one.from.push(other);
        other.takers.push(one);
      }
  return { occasion, plan, work: made, rests: steps.filter(({ rest }) => rest !== undefined) };
}

function eatersOf(occasion: Occasion, batch: PlannedBatch): readonly Guest[] {
  const served = batch.component?.into ?? batch.versions.map((version) => ({ dish: batch.dish, version }));
  return occasion.guests.filter((guest) =>
    served.some((each) => {
      const dish = occasion.dishes.find(({ id }) => id === each.dish)!;
      return !dish.notFor.includes(guest.id) && versionOf(dish, guest).id === each.version;
    }),
  );
}

/** The steps that a step of this batch goes on from: in this batch, in that it is taken from, in what was cooked for several. */
function sourcesOf<One extends Work>(
  all: readonly One[],
  one: One,
  version: string,
  occasion: Occasion,
): readonly One[] {
  const { batch, dish } = one;
  const made = dish.versions.find(({ id }) => id === version)!;
  const { steps } = batch.component ? one.recipe : versionRecipe(occasion, dish, made);
  const at = steps.findIndex(({ id }) => id === one.step.id);
  const links = steps[at]?.after?.map(({ step }) => step) ?? (at > 0 ? [steps[at - 1]!.id] : []);
  return links.flatMap((link) => {
    const own = all.find((each) => each.batch === batch && each.step.id === link);
    const base = all.find((each) => each.batch.id === batch.base && each.step.id === link);
    const part = all.find(
      (each) =>
        each.batch.component?.into.some(
          (into) =>
            into.dish === dish.id && into.version === version && link === [...into.path, each.step.id].join('--'),
        ) ?? false,
    );
    return own ?? base ?? part ?? [];
  });
}

/** What a step's food has come through, itself included; and whatever is made of it. */
export function along(work: Work, way: 'from' | 'takers'): ReadonlySet<Work> {
  const seen = new Set<Work>([work]);
  for (const each of seen) for (const next of each[way]) seen.add(next);
  return seen;
}

export const isOneFood = (a: Work, b: Work): boolean => along(a, 'from').has(b) || along(b, 'from').has(a);

/** “Bake” of the pie, 17:05. */
export function said({ occasion }: Day, { task, step, recipe }: Work): string {
  return `“${step.title}” of ${recipe.name}, ${clockOf(occasion, task.startMin)}`;
}

export function clockOf(occasion: Occasion, min: number): string {
  const [hours, minutes] = occasion.serveAt.split(':').map(Number) as [number, number];
  const total = hours * 60 + minutes + min;
  const day = Math.floor(total / 1440);
  const within = total - day * 1440;
  const two = (n: number) => String(n).padStart(2, '0');
  return `${day === 0 ? '' : `${day} d `}${two(Math.floor(within / 60))}:${two(within % 60)}`;
}
