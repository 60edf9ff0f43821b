import { cookingThrough, hazards, isEndedBy, type CookingThrough, type HazardId } from '../reference/index.ts';
import type { IngredientLine, Recipe, Step, StepId } from '../model/index.ts';
import { lineEvidence, noLabels } from '../exposure/index.ts';
import { ancestry, linesInto } from '../versions/index.ts';

const rawHazards = new Set<HazardId>(hazards.flatMap(({ id, kind }) => (kind === 'raw' ? [id] : [])));

const rawIn = (line: IngredientLine): readonly HazardId[] =>
  lineEvidence(line, noLabels).flatMap(({ about }) =>
    about.kind === 'hazard' && rawHazards.has(about.hazard) ? [about.hazard] : [],
  );

const ways = cookingThrough.map((way) => ({
  ...way,
  wordsLike: way.words === undefined ? undefined : new RegExp(way.words, 'i'),
  piecesLike: way.pieces === undefined ? undefined : new RegExp(way.pieces, 'i'),
}));

const isThere = (step: Step, where: CookingThrough['where']): boolean => {
  if (where === 'oven') return step.oven !== undefined && !step.oven.grill;
  if (where === 'hob') return step.burner;
  return step.kit.some(({ kind }) => kind === 'slow-cooker') && step.hands === 'off';
};

/** Raw food that comes into a step, by what is raw in it. */
type Raw = ReadonlyMap<HazardId, readonly IngredientLine[]>;

function wayOf(step: Step, raw: Raw): CookingThrough | undefined {
  return ways.find(
    ({ hazards: ended, holds, where, wordsLike, piecesLike, whole, leastMin, leastOvenC }) =>
      isThere(step, where) &&
      step.durationMin.likely >= leastMin &&
      (step.oven?.temperatureC ?? Infinity) >= leastOvenC &&
      [...raw.keys()].every((hazard) => ended.includes(hazard)) &&
      (holds === undefined || raw.has(holds)) &&
      (wordsLike?.test(step.text) ?? true) &&
      (!whole || [...raw.values()].flat().every((line) => step.uses.includes(line.id))) &&
      (piecesLike === undefined ||
        [...raw].every(
          ([hazard, lines]) => hazard === 'raw-flour' || lines.every(({ text }) => piecesLike.test(text)),
        )),
  );
}

/**
 * The recipe with the heat that its ways of cooking are sure to bring: a cake that is baked, a stew that simmers for hours. Where anything else in it may
 * be raw that this does not cook, nothing is taken for granted. `cooked`: the titles of the steps, and why.
 */
export function withHeatKnown(recipe: Recipe): {
  readonly recipe: Recipe;
  readonly cooked: readonly { readonly title: string; readonly means: string }[];
} {
  const above = ancestry(recipe);
  const byId = new Map(recipe.lines.map((line) => [line.id, line]));
  const linesOf = new Map(
    recipe.steps.map((step, index) => [step.id, linesInto(recipe, index).flatMap((id) => byId.get(id) ?? [])]),
  );
  const coreOf = new Map<StepId, number>();
  const cooked: { title: string; means: string }[] = [];
  const steps = recipe.steps.map((step) => {
    const raw = new Map<HazardId, IngredientLine[]>();
    for (const id of above.get(step.id)!)
      for (const line of linesOf.get(id) ?? [])
        for (const hazard of rawIn(line)) {
          // Cooked on its way here.
          const isEnded = [...above.get(step.id)!].some(
            (each) => each !== step.id && above.get(each)!.has(id) && isEndedBy(hazard, coreOf.get(each)),
          );
          if (!isEnded) raw.set(hazard, [...(raw.get(hazard) ?? []), line]);
        }
    const way = step.coreC === undefined && raw.size > 0 ? wayOf(step, raw) : undefined;
    const coreC = step.coreC ?? way?.coreC;
    if (coreC !== undefined) coreOf.set(step.id, coreC);
    if (way) cooked.push({ title: step.title, means: way.means });
    return way ? { ...step, coreC: way.coreC } : step;
  });
  return cooked.length > 0 ? { recipe: { ...recipe, steps }, cooked } : { recipe, cooked };
}
