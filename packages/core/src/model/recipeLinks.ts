import * as v from 'valibot';
import { Recipe } from './recipe.ts';

/** Something that names what is not there, with its place. */
export interface LinkFault {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** What inside a recipe names nothing, or twice the same; steps that go backwards or upside down. */
export function recipeFaults(recipe: Recipe): LinkFault[] {
  const faults: LinkFault[] = [];
  const fault = (message: string, ...path: (string | number)[]) => void faults.push({ path, message });
  const unique = (ids: readonly string[], what: string, place: string) => {
    const seen = new Set<string>();
    ids.forEach((id, i) => (seen.has(id) ? fault(`Two ${what} have the id "${id}".`, place, i, 'id') : seen.add(id)));
    return seen;
  };
  const lines = unique(
    recipe.lines.map((line) => line.id),
    'lines',
    'lines',
  );
  unique(
    recipe.steps.map((step) => step.id),
    'steps',
    'steps',
  );
  const earlier = new Set<string>();
  recipe.steps.forEach((step, j) => {
    step.uses.forEach((use) => {
      if (!lines.has(use)) fault(`Step "${step.title}" uses "${use}", which is not in the list.`, 'steps', j, 'uses');
    });
    step.after?.forEach((link) => {
      if (!earlier.has(link.step))
        fault(`Step "${step.title}" follows "${link.step}", which does not come before it.`, 'steps', j, 'after');
    });
    for (const { least, likely, most } of [step.durationMin, ...step.alternatives.map((each) => each.durationMin)])
      if (!(least <= likely && likely <= most)) fault('A step takes least ≤ likely ≤ most.', 'steps', j, 'durationMin');
    earlier.add(step.id);
  });
  return faults;
}

/** A recipe all of whose links hold. */
export const CheckedRecipe = v.pipe(
  Recipe,
  v.rawCheck(({ dataset, addIssue }) => {
    if (!dataset.typed) return;
    for (const { message, path } of recipeFaults(dataset.value))
      addIssue({
        message,
        path: path.map((key) => ({
          type: 'unknown',
          origin: 'value',
          input: undefined,
          key,
          value: undefined,
        })) as never,
      });
  }),
);
