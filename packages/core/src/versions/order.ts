import type { Recipe, Step, StepId } from '../model/index.ts';
import { ancestry, followsOf } from './steps.ts';

type Link = NonNullable<Step['after']>[number];

/** The recipe with the steps that each step follows written out: what is not said is the one before it. */
export const withOrderSaid = (recipe: Recipe): Recipe => ({
  ...recipe,
  steps: recipe.steps.map((step, index) => (step.after ? step : { ...step, after: [...followsOf(recipe, index)] })),
});

/** The links of a step, changed; of a recipe whose order is said. */
export const withLinks = (recipe: Recipe, id: StepId, change: (links: readonly Link[]) => readonly Link[]): Recipe => ({
  ...recipe,
  steps: recipe.steps.map((step) => (step.id === id ? { ...step, after: [...change(step.after ?? [])] } : step)),
});

/** A step waits no longer for another: in its place it waits for what that one waited for. Of a recipe whose order is said. */
export function withoutLink(recipe: Recipe, id: StepId, on: StepId): Recipe {
  const before = ancestry(recipe);
  const passed = recipe.steps.find((step) => step.id === on)?.after ?? [];
  return withLinks(recipe, id, (links) => {
    const kept = links.filter((link) => link.step !== on);
    return [...kept, ...passed.filter((link) => !kept.some((other) => before.get(other.step)!.has(link.step)))];
  });
}

/** Without a step; what waited for it waits for what it waited for. */
export function withoutStep(recipe: Recipe, id: StepId): Recipe {
  const said = withOrderSaid(recipe);
  if (!said.steps.some((step) => step.id === id)) return recipe;
  const later = said.steps.filter((step) => step.after!.some((link) => link.step === id));
  const untied = later.reduce((one, step) => withoutLink(one, step.id, id), said);
  return { ...untied, steps: untied.steps.filter((step) => step.id !== id) };
}
