import { isOnHeat, type LineId, type Recipe, type Step, type StepId } from '../model/index.ts';
import { rules } from '../reference/index.ts';

/** The steps a step follows: those it names, else the one before it in the list. */
export function followsOf(recipe: Recipe, index: number): NonNullable<Step['after']> {
  const step = recipe.steps[index]!;
  if (step.after) return step.after;
  const before = recipe.steps[index - 1];
  return before ? [{ step: before.id, leastMin: 0 }] : [];
}

/** The steps that follow a step. */
export const followersOf = (recipe: Recipe, id: StepId): readonly Step[] =>
  recipe.steps.filter((_, index) => followsOf(recipe, index).some((link) => link.step === id));

/** For each step, the ids of all steps that come before it, itself included. Relies on `after` pointing backwards only. */
export function ancestry(recipe: Recipe): Map<StepId, Set<StepId>> {
  const all = new Map<StepId, Set<StepId>>();
  recipe.steps.forEach((step, index) => {
    const own = new Set<StepId>([step.id]);
    for (const link of followsOf(recipe, index)) for (const id of all.get(link.step) ?? []) own.add(id);
    all.set(step.id, own);
  });
  return all;
}

/**
 * The lines that come into a step: those it names, and, where it follows nothing, those that no step names: until the cook says where they go,
 * they may be in anything.
 */
export function linesInto(recipe: Recipe, index: number): readonly LineId[] {
  const { uses } = recipe.steps[index]!;
  if (followsOf(recipe, index).length > 0) return uses;
  const named = new Set(recipe.steps.flatMap((step) => step.uses));
  return [...uses, ...recipe.lines.flatMap(({ id }) => (named.has(id) ? [] : [id]))];
}

/** Whether a step heats food through: the clock of what stands begins anew after it. */
export const heats = (step: Step): boolean => isOnHeat(step) && step.durationMin.likely >= rules.heatsThroughMin;
