import { answered, type Recipe, type RecipeReading } from '@lupin/core';

/** What a cook puts right in a reading before it is kept. */
export interface Mends {
  /** The recipe after what is odd in it was mended. */
  readonly fixed?: Recipe | undefined;
  /** Which answer was pressed, by question. */
  readonly answers: ReadonlyMap<string, number>;
  readonly portions?: number | undefined;
  readonly usualCourse?: string | undefined;
}

export const noMends: Mends = { answers: new Map() };

/** The recipe as it would be kept now. */
export function mended({ recipe, questions }: RecipeReading, mends: Mends | undefined): Recipe {
  if (!mends) return recipe;
  const { fixed = recipe, answers, portions, usualCourse } = mends;
  const changes = questions.flatMap(({ id, answers: all }) => all[answers.get(id) ?? 0]?.changes ?? []);
  const one = changes.length > 0 ? answered(fixed, changes) : fixed;
  if (portions === undefined && usualCourse === undefined) return one;
  return { ...one, portions: portions ?? one.portions, usualCourse: usualCourse ?? one.usualCourse };
}

/** After something odd was mended in the recipe as it stands: what an answer said of the same heat is said anew. */
export const fixedTo = (fixed: Recipe, { questions }: RecipeReading, mends: Mends): Mends => ({
  ...mends,
  fixed,
  answers: new Map(
    [...mends.answers].filter(
      ([id, at]) =>
        !questions.some(
          (each) => each.id === id && each.answers[at]?.changes.some(({ what }) => what === 'core' || what === 'meant'),
        ),
    ),
  ),
});

/** Whether anybody said how many it feeds: the recipe, or the cook who read it. */
export const isYieldSaid = ({ questions }: RecipeReading, { answers, portions }: Mends): boolean =>
  portions !== undefined || answers.has('portions') || !questions.some(({ id }) => id === 'portions');
