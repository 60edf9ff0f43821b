import { beganAt, type Progress } from '../state/index.ts';
import { fit } from '../fit/index.ts';
import {
  type DurationMin,
  type Occasion,
  type Plan,
  type PlannedStep,
  type Recipe,
  type RecipeId,
  type Step,
  type StepId,
  type Timed,
  endingLook,
  entryOf,
} from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { bakesIn, timesIn } from '../scale/index.ts';
import { colderBakes } from '../plan/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { partId, partsOf } from '../versions/index.ts';

/** How long a step took on a day: `minutes` at the size its recipe is written for, beside what was planned and what it took. */
export interface TimedStep {
  readonly recipe: RecipeId;
  readonly step: StepId;
  readonly minutes: number;
  readonly plannedMin: number;
  readonly tookMin: number;
}

/** The recipe and step that a step of a dish is written in: its own, or one of a component. */
export function sourceOfStep(
  recipe: Recipe,
  id: string,
  find: (id: string) => Recipe | undefined,
): { readonly recipe: RecipeId; readonly step: Step } | undefined {
  const own = recipe.steps.find((each) => each.id === id);
  if (own) return { recipe: recipe.id, step: own };
  for (const part of partsOf(recipe, find)) {
    const step = part.recipe.steps.find((each) => partId(part.path, each.id) === id);
    if (step) return { recipe: part.recipe.id, step };
  }
  return undefined;
}

/** When a step was noted to begin and to end. Undefined where one of them was not, or where it was said to be set going only after somebody had looked at it. */
function notedTimes(
  step: PlannedStep,
  progress: Progress,
): { readonly fromMin: number; readonly toMin: number } | undefined {
  const last = endingLook(step);
  const ticked = progress.ticked.get(step.id)?.atMin;
  const fromMin = step.cook === undefined ? ticked : progress.begun.get(step.id);
  const toMin = step.cook === undefined ? last && progress.ticked.get(entryOf(step, last))?.atMin : ticked;
  if (fromMin === undefined || toMin === undefined || beganAt(step, progress) !== fromMin) return undefined;
  return { fromMin, toMin };
}

/**
 * What a day says of the times of its recipes. Only what was noted at both ends says anything: set going and taken out at its sign, or begun
 * by hand and done. Of several batches the mean counts.
 */
export function timedOn(occasion: Occasion, plan: Plan, progress: Progress): readonly TimedStep[] {
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  const batches = new Map(network.batches.map((batch) => [batch.id, batch]));
  const found = new Map<string, TimedStep[]>();
  const colder = colderBakes(network, plan);
  for (const task of network.tasks) {
    const inPlan = planned.get(task.id);
    if (inPlan?.kind !== 'step') continue;
    const noted = notedTimes(inPlan, progress);
    if (!noted) continue;
    const { fromMin, toMin } = noted;
    const batch = batches.get(task.batch)!;
    const recipe = find(batch.recipe.id);
    const source = recipe && sourceOfStep(recipe, task.step.id, find);
    // Another way of doing it has a time of its own, which its recipe does not keep yet.
    if (
      !source ||
      occasion.dishes.some(
        (dish) => dish.id === batch.dish && dish.choices.some((choice) => choice.step === task.step.id),
      )
    )
      continue;
    // From the fridge, or deeper or shallower than the recipe has it, a bake says nothing of the recipe's own time.
    if (colder.has(task.id)) continue;
    const depth = batch.vessel && bakesIn(batch.vessel, task.step) ? timesIn(batch.vessel, inPlan.units) : undefined;
    if (depth && (depth.least !== 1 || depth.most !== 1)) continue;
    const tookMin = toMin - fromMin;
    const plannedMin = task.durationMin.planned;
    if (tookMin < 1 || plannedMin < 1) continue;
    const key = `${source.recipe}/${source.step.id}`;
    const minutes = (tookMin / plannedMin) * source.step.durationMin.likely;
    found.set(key, [
      ...(found.get(key) ?? []),
      { recipe: source.recipe, step: source.step.id, minutes, plannedMin, tookMin },
    ]);
  }
  const mean = (list: readonly TimedStep[], of: (each: TimedStep) => number) =>
    list.reduce((sum, each) => sum + of(each), 0) / list.length;
  return [...found.values()].map((list) => ({
    ...list[0]!,
    minutes: Math.round(mean(list, (each) => each.minutes) * 10) / 10,
    plannedMin: Math.round(mean(list, (each) => each.plannedMin)),
    tookMin: Math.round(mean(list, (each) => each.tookMin)),
  }));
}

/** The furthest that one day counts beyond the range, as a multiple of its ends: a forgotten tick is no bake. */
const oddFactor = 2;

/**
 * The range that the recipe's own time and the days so far give together, in minutes. The recipe counts as `rules.recipeCountsDays` days
 * (a mean with a prior of that weight); days beyond the range widen it by the same share. The time only plans: the sign of doneness and the core temperature end a step.
 */
export function learnedMin(written: DurationMin, timed: readonly Timed[]): DurationMin {
  if (timed.length === 0) return written;
  const days = timed.map(({ minutes }) =>
    Math.min(written.most * oddFactor, Math.max(written.least / oddFactor, minutes)),
  );
  const weight = rules.recipeCountsDays;
  const shrunk = (own: number, of: (minutes: number) => number) =>
    Math.round((weight * own + days.reduce((sum, minutes) => sum + of(minutes), 0)) / (weight + days.length));
  const likely = Math.max(
    1,
    shrunk(written.likely, (minutes) => minutes),
  );
  return {
    least: Math.min(
      likely,
      shrunk(written.least, (minutes) => Math.min(written.least, minutes)),
    ),
    likely,
    most: Math.max(
      likely,
      shrunk(written.most, (minutes) => Math.max(written.most, minutes)),
    ),
  };
}

/** A recipe with the learned time of one step; with no days, the recipe's own again. */
export function withLearned(recipe: Recipe, step: StepId, timed: readonly Timed[]): Recipe {
  return {
    ...recipe,
    steps: recipe.steps.map((each) => {
      if (each.id !== step) return each;
      const { learned, ...rest } = each;
      const written = learned?.asWritten ?? each.durationMin;
      return timed.length === 0
        ? { ...rest, durationMin: written }
        : { ...rest, durationMin: learnedMin(written, timed), learned: { asWritten: written, days: timed.length } };
    }),
  };
}
