import * as v from 'valibot';
import { FoodId } from '../reference/index.ts';
import {
  blankStep,
  LineId,
  StepId,
  withLookIds,
  type Dish,
  type IngredientLine,
  type KitUse,
  type Recipe,
  type Step,
  type Taken,
} from '../model/index.ts';
import { joinedId } from './flatten.ts';
import { ancestry, followsOf, linesInto } from './steps.ts';

/** A dish that something is taken from, in the version that it is taken of. */
export interface Source {
  readonly dish: Dish;
  readonly recipe: Recipe;
}

/** Where a step of a dish's recipe is another dish's: that dish, and the step's id there. */
export interface StepElsewhere {
  readonly dish: Dish['id'];
  readonly step: StepId;
}

const water = v.parse(FoodId, 'water');
/** For each recipe, by what is taken into it, what came of it as long as the recipes that it is taken from are the same objects. */
const remembered = new WeakMap<Recipe, Map<string, { readonly from: readonly Recipe[]; readonly made: Recipe }>>();

/** The name of a step, a line or a piece of kit of another dish, where the recipe of the dish that takes from it is written out. */
const ofDish = (dish: string, id: string, most?: number): string => joinedId(`of-${dish}`, id, most);

/** The step with which a dish takes what a line is: its share is ladled out, measured, and is its own from then on. */
export const takingStep = (line: LineId): StepId => joinedId('take', line) as StepId;

/** What a step leaves that can be taken: as its recipe calls it, else the juices of a tin or the liquid of a pot. */
export const leavingsOf = ({ leaves, oven }: Step): string =>
  leaves[0]?.replace(/^the /, '') ?? (oven ? 'juices' : 'liquid');

/** What is really taken: the line is there, and the step is in the other dish's recipe. */
function inForce(recipe: Recipe, takes: readonly Taken[], sourceOf: (dish: Dish['id']) => Source | undefined) {
  return takes.flatMap((taken) => {
    const source = sourceOf(taken.from);
    const line = recipe.lines.find(({ id }) => id === taken.line);
    const step = source?.recipe.steps.find(({ id }) => id === taken.step);
    return source && line && step ? [{ line, step, source }] : [];
  });
}
type InForce = ReturnType<typeof inForce>[number];

/**
 * The recipe of a dish with what it takes from others written out: their steps up to the one that it takes from, with all that was in them, so that
 * verdicts, clocks and residues follow it; and a step that takes the share out before they go on. Itself where nothing is taken.
 */
export function withTaken(
  recipe: Recipe,
  takes: readonly Taken[],
  sourceOf: (dish: Dish['id']) => Source | undefined,
): Recipe {
  const all = inForce(recipe, takes, sourceOf);
  if (all.length === 0) return recipe;
  const from = all.map(({ source }) => source.recipe);
  const key = JSON.stringify(all.map(({ line, step, source }) => [line.id, source.dish.id, step.id]));
  const ofRecipe = remembered.get(recipe) ?? new Map<string, { from: readonly Recipe[]; made: Recipe }>();
  remembered.set(recipe, ofRecipe);
  const known = ofRecipe.get(key);
  if (known?.from.every((each, at) => each === from[at])) return known.made;
  const made = all.reduce(writeIn, recipe);
  ofRecipe.set(key, { from, made });
  return made;
}

function writeIn(recipe: Recipe, { line, step: last, source }: InForce): Recipe {
  const { dish } = source;
  const stepId = (id: string) => v.parse(StepId, ofDish(dish.id, id));
  const lineId = (id: string) => v.parse(LineId, ofDish(dish.id, id));
  const upTo = ancestry(source.recipe).get(last.id)!;
  // Two lines may be taken from one dish.
  const isThere = (id: string) => recipe.steps.some((step) => step.id === stepId(id));
  const isLineThere = (id: string) => recipe.lines.some((each) => each.id === lineId(id));
  const before = source.recipe.steps.flatMap((step, index): Step[] => {
    if (!upTo.has(step.id) || isThere(step.id)) return [];
    const { loads: _loads, canOmit: _canOmit, ...rest } = step;
    return [
      {
        ...rest,
        id: stepId(step.id),
        uses: linesInto(source.recipe, index).map(lineId),
        after: followsOf(source.recipe, index).map((link) => ({ ...link, step: stepId(link.step) })),
        looks: withLookIds(step.looks),
        kit: step.kit.map((use): KitUse => (use.as === undefined ? use : { ...use, as: ofDish(dish.id, use.as, 40) })),
        alternatives: step.alternatives.map((each) => ({ ...each, id: stepId(each.id) })),
        splitPoint: false,
        leaves: [],
        carriedFrom: dish.id,
      },
    ];
  });
  const used = new Set(
    source.recipe.steps.flatMap((step, index) => (upTo.has(step.id) ? linesInto(source.recipe, index) : [])),
  );
  const carried = source.recipe.lines.flatMap(({ component: _component, ...each }): IngredientLine[] =>
    used.has(each.id) && !isLineThere(each.id)
      ? [
          {
            ...each,
            id: lineId(each.id),
            amount: { kind: 'words', words: 'what comes over' },
            heading: source.recipe.name.slice(0, 80),
            part: 'body',
            canOmit: false,
            carriedFrom: dish.id,
          },
        ]
      : [],
  );
  const what = leavingsOf(last);
  const { component: _made, ...plain } = line;
  const taken: IngredientLine = {
    ...plain,
    text: `${what}, taken from another dish`,
    food: water,
    heading: `from ${source.recipe.name}`.slice(0, 80),
  };
  const take: Step = {
    ...blankStep,
    id: takingStep(line.id),
    title: `Take the ${what} from ${source.recipe.name}`.slice(0, 80),
    text: `Before anything of it is poured away: ladle it out with a clean spoon and measure it. What is short is made up with water.`,
    uses: [line.id],
    after: [{ step: stepId(last.id), leastMin: 0 }],
    durationMin: { least: 1, likely: 2, most: 3 },
    kit: [{ kind: 'bowl', as: joinedId('taken', line.id, 40) }],
  };
  const isUsed = recipe.steps.some(({ uses }) => uses.includes(line.id));
  const steps = recipe.steps.map((step, index): Step => {
    const follows = followsOf(recipe, index);
    // What no step names may be in anything that nothing comes before.
    const takes = isUsed ? step.uses.includes(line.id) : follows.length === 0;
    return {
      ...step,
      uses: step.uses.filter((use) => use !== line.id),
      after: takes ? [...follows, { step: take.id, leastMin: 0 }] : follows,
    };
  });
  return {
    ...recipe,
    lines: [...recipe.lines.map((each) => (each.id === line.id ? taken : each)), ...carried],
    steps: [...before, take, ...steps],
  };
}

/** Where the steps of a dish's recipe that are another dish's are done, one remove away. */
export function elsewhereOf(
  takes: readonly Taken[],
  sourceOf: (dish: Dish['id']) => Source | undefined,
): ReadonlyMap<StepId, StepElsewhere> {
  return new Map(
    takes.flatMap(({ from }) =>
      (sourceOf(from)?.recipe.steps ?? []).map(
        (step) => [v.parse(StepId, ofDish(from, step.id)), { dish: from, step: step.id }] as const,
      ),
    ),
  );
}
