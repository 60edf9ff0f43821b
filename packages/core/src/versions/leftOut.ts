import { foodOf } from '../reference/index.ts';
import { leftOutWay, type Dish, type IngredientLine, type LineId, type Recipe, type Step } from '../model/index.ts';
import { withoutStep } from './order.ts';
import { followersOf, followsOf } from './steps.ts';

/** What a dish is made without: steps, and the lines that go with them. */
export interface LeftOut {
  readonly steps: readonly Step[];
  readonly lines: readonly IngredientLine[];
}

/** The steps that a dish stands without and is made without, with what only they bring. Nothing where that would be all of it. */
export function leftOutOf(recipe: Recipe, choices: Dish['choices']): LeftOut {
  const steps = recipe.steps.filter(
    ({ id, canOmit }) => canOmit && choices.some((choice) => choice.step === id && choice.alternative === leftOutWay),
  );
  const rest = recipe.steps.filter((step) => !steps.includes(step));
  const used = new Set(rest.flatMap(({ uses }) => uses));
  const goes = (line: IngredientLine) => !used.has(line.id) && !rest.some((step) => names(step, line));
  const ofThem = new Set(steps.filter((step) => isAddition(recipe, step, steps)).flatMap(({ uses }) => uses));
  const lines = recipe.lines.filter((line) => ofThem.has(line.id) && goes(line));
  return rest.length === 0 || lines.length === recipe.lines.length ? { steps: [], lines: [] } : { steps, lines };
}

/**
 * Whether nothing is missing where a step was: it only adds to what comes from others, or whatever would go on with its food is left out too. Where the
 * marinating is left out the chicken is not.
 */
function isAddition(recipe: Recipe, step: Step, gone: readonly Step[]): boolean {
  return (
    followsOf(recipe, recipe.steps.indexOf(step)).length > 0 ||
    followersOf(recipe, step.id).every((each) => gone.includes(each))
  );
}

/** Whether the words of a step may speak of a line: by the name of its food, or any longer word of one that is not understood. */
function names({ title, text }: Step, line: IngredientLine): boolean {
  const known = line.food === undefined ? undefined : foodOf(line.food)?.name;
  const told = `${title} ${text}`.toLowerCase();
  const words = `${known ?? ''} ${known === undefined ? line.text : ''}`.toLowerCase().match(/\p{L}{4,}/gu) ?? [];
  // "Almonds" for almond, "cherries" for cherry.
  return words.some((word) => told.includes(word.replace(/(?:ies|y|es|s)$/, '')));
}

/** The recipe without what is left out. Lines that stay, though the step that brought them is gone, come into the first that speaks of them. */
export function withoutLeftOut(recipe: Recipe, choices: Dish['choices']): Recipe {
  const { steps: gone, lines } = leftOutOf(recipe, choices);
  if (gone.length === 0) return recipe;
  const out = new Set<LineId>(lines.map(({ id }) => id));
  const rest = gone.reduce((one, { id }) => withoutStep(one, id), recipe);
  const used = new Set(rest.steps.flatMap(({ uses }) => uses));
  const left = recipe.lines.filter(
    ({ id }) => !out.has(id) && !used.has(id) && gone.some(({ uses }) => uses.includes(id)),
  );
  const tied = new Map(left.map((line) => [line.id, rest.steps.find((step) => names(step, line))?.id]));
  return {
    ...rest,
    lines: rest.lines.filter(({ id }) => !out.has(id)),
    steps: rest.steps.map((step) => {
      const more = left.flatMap(({ id }) => (tied.get(id) === step.id ? [id] : []));
      return more.length === 0 ? step : { ...step, uses: [...step.uses, ...more] };
    }),
  };
}
