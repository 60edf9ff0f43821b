import { hazards, rules } from '../reference/index.ts';
import type { Recipe } from '../model/index.ts';
import { lineEvidence, noLabels } from '../exposure/index.ts';
import { ancestry, linesInto } from '../versions/index.ts';

const boils = /\b(?:simmer|boil|bubbl)(?:s|ing|ed)?\b/i;
const rawHazards = new Set<string>(hazards.flatMap(({ id, kind }) => (kind === 'raw' ? [id] : [])));

const rawIn = (line: Recipe['lines'][number]): readonly string[] =>
  lineEvidence(line, noLabels).flatMap(({ about }) =>
    about.kind === 'hazard' && rawHazards.has(about.hazard) ? [about.hazard] : [],
  );

/**
 * The recipe with the heat that flour gets in a sauce: what simmers is near boiling all through. Only where nothing else in it is raw: how hot a
 * piece of meat is inside nobody can tell from the words. `cooked`: the titles of the steps in which that is so.
 */
export function withFlourCooked(recipe: Recipe): { readonly recipe: Recipe; readonly cooked: readonly string[] } {
  const before = ancestry(recipe);
  const cooked: string[] = [];
  const steps = recipe.steps.map((step) => {
    if (
      !step.burner ||
      step.coreC !== undefined ||
      step.durationMin.likely < rules.heatsThroughMin ||
      !boils.test(step.text)
    )
      return step;
    const into = new Set(
      recipe.steps.flatMap((each, index) => (before.get(step.id)!.has(each.id) ? linesInto(recipe, index) : [])),
    );
    const inIt = recipe.lines.filter((line) => into.has(line.id));
    const raw = new Set(inIt.flatMap(rawIn));
    if (raw.size !== 1 || !raw.has('raw-flour')) return step;
    cooked.push(step.title);
    return { ...step, coreC: rules.simmersAtC };
  });
  return cooked.length > 0 ? { recipe: { ...recipe, steps }, cooked } : { recipe, cooked };
}
