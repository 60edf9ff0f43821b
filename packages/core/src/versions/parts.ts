import {
  batchesOfComponent,
  type Dish,
  leftOutWay,
  type LineId,
  madeWith,
  type Occasion,
  type Recipe,
  type Step,
  type StepId,
  type Swap,
  type Version,
} from '../model/index.ts';
import { applySwaps } from './applySwaps.ts';
import { chosenWays } from './assign.ts';
import { flatten, joinedId } from './flatten.ts';

/** A component somewhere inside a dish: the lines that lead to it, the recipe it is made by, and how many batches of it one batch of the dish takes. */
export interface Part {
  readonly path: readonly LineId[];
  readonly recipe: Recipe;
  readonly batches: number;
}

/** A component as one version of a dish has it. Parts with the same `sameAs` are the same food, made the same way. */
export interface VersionPart extends Part {
  /** The component by itself, in its own amounts, with the version's swaps and ways in it. */
  readonly made: Recipe;
  readonly sameAs: string;
}

/** The id that a step or line of a component has where the dish's recipe is written out. */
export const partId = (path: readonly string[], id: string): string =>
  path.reduceRight((inner, line) => joinedId(line, inner), id);

/** The name that a piece of a component's kit has where the dish's recipe is written out. */
export const partKit = (path: readonly string[], as: string): string =>
  path.reduceRight((inner, line) => joinedId(line, inner, 40), as);

/** Every component of a recipe at any depth, what holds others before what it holds. A recipe that needs itself has none. */
export function partsOf(recipe: Recipe, find: (id: string) => Recipe | undefined): readonly Part[] {
  if (madeWith(recipe, find).loop) return [];
  const parts: Part[] = [];
  const visit = (each: Recipe, path: readonly LineId[], batches: number) => {
    for (const line of each.lines) {
      const component = line.component && find(line.component);
      if (!component) continue;
      const part = {
        path: [...path, line.id],
        recipe: component,
        batches: batches * (batchesOfComponent(line, component) ?? 1),
      };
      parts.push(part);
      visit(component, part.path, part.batches);
    }
  };
  visit(recipe, [], 1);
  return parts;
}

/** The components of a dish as one version of it has them. */
export function versionParts(occasion: Occasion, dish: Dish, version: Version): readonly VersionPart[] {
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  const recipe = find(dish.recipe);
  if (!recipe) return [];
  return partsOf(recipe, find).map((part): VersionPart => {
    const plain = flatten(part.recipe, find);
    const swaps = plain.lines.flatMap((line) =>
      version.swaps.flatMap((swap): Swap[] =>
        swap.line === partId(part.path, line.id) ? [{ ...swap, line: line.id }] : [],
      ),
    );
    const choices = plain.steps.flatMap((step) =>
      dish.choices.flatMap((choice): Dish['choices'] => {
        if (choice.step !== partId(part.path, step.id)) return [];
        const way =
          choice.alternative === leftOutWay
            ? leftOutWay
            : [step.id, ...step.alternatives.map((each) => each.id)].find(
                (id) => partId(part.path, id) === choice.alternative,
              );
        return way ? [{ step: step.id, alternative: way }] : [];
      }),
    );
    return {
      ...part,
      made: applySwaps(chosenWays(plain, choices), swaps),
      sameAs: JSON.stringify([part.recipe.id, swaps, choices]),
    };
  });
}

/** Where the steps of a component stand in the recipe of the dish: from the dish's step to the component's. */
export const stepsOfPart = (part: VersionPart): ReadonlyMap<StepId, StepId> =>
  new Map(part.made.steps.map((step) => [partId(part.path, step.id) as StepId, step.id]));

/** The names of a component's kit: from the one the dish's recipe uses to the component's own. */
export const kitOfPart = (part: VersionPart): ReadonlyMap<string, string> =>
  new Map(
    part.made.steps.flatMap((step: Step) =>
      step.kit.flatMap((use) => (use.as === undefined ? [] : [[partKit(part.path, use.as), use.as] as const])),
    ),
  );
