import type { Occasion, OccasionId, Recipe } from '../model/index.ts';

interface NewOne {
  readonly id: OccasionId;
  readonly name: string;
  readonly date: string;
  readonly serveAt: string;
}

/**
 * A new occasion with an old one's guests, menu and kitchen. What was true of that day only is left behind (shopping done, absences);
 * needs ask to be confirmed again, labels to be read again, makers to be asked again. `library`: the recipes as they are now, for the times learned since.
 */
export function anewFrom(
  old: Occasion,
  { id, name, date, serveAt }: NewOne,
  library: readonly Recipe[] = [],
): Occasion {
  return {
    ...old,
    id,
    name,
    date,
    serveAt,
    note: '',
    guests: old.guests.map(({ confirmedOn: _confirmed, ...guest }) => guest),
    labels: old.labels.map((label) => ({ ...label, carriedOver: true })),
    dishes: old.dishes.map((dish) => {
      if (!dish.brought) return dish;
      const { label: _label, ...brought } = dish.brought;
      return { ...dish, brought: { ...brought, answers: [] } };
    }),
    recipes: old.recipes.map((recipe) =>
      withTimesOf(
        recipe,
        library.find((each) => each.id === recipe.id),
      ),
    ),
    shopping: { ...old.shopping, have: [], ticked: [], at: [], shops: [] },
    wishes: { ...old.wishes, absences: [] },
  };
}

/** The recipe with the times its kept copy has learned for steps that are still the same. */
function withTimesOf(recipe: Recipe, kept: Recipe | undefined): Recipe {
  return {
    ...recipe,
    steps: recipe.steps.map((step) => {
      const now = kept?.steps.find((each) => each.id === step.id);
      if (!now || now.text !== step.text) return step;
      const { learned: _learned, ...rest } = step;
      const written = step.learned?.asWritten ?? step.durationMin;
      const keptWritten = now.learned?.asWritten ?? now.durationMin;
      if (JSON.stringify(written) !== JSON.stringify(keptWritten)) return step;
      return { ...rest, durationMin: now.durationMin, ...(now.learned ? { learned: now.learned } : {}) };
    }),
  };
}
