import { hazardOf, type HazardId } from '../reference/index.ts';
import { isMarkEndedBy, isMeantAt, type IngredientLine, type Recipe, type StepId } from '../model/index.ts';
import { ancestry, flatten } from '../versions/index.ts';
import { cooks, rawIn } from './cookedThrough.ts';
import { withStep, type Find } from './finding.ts';

/** Food that comes to the table raw, or done no further than it is meant to be. */
export interface RawServed {
  readonly hazard: HazardId;
  readonly lines: readonly IngredientLine[];
  /** The recipe's own steps at which it can be said to be meant; empty where no kitchen should serve it so. */
  readonly steps: readonly StepId[];
}

/** What a step does to meat that is in one piece until then. */
const cutUpInStep =
  /\b(?:stuff (?:the|it)|roll (?:it |the meat |the lamb |the beef )?(?:up|around)|mince the|grind the|through (?:a|the) mincer)\b/i;

/** Whether what was outside of a piece of meat is brought inside on the way. */
export const isCutUpIn = ({ steps }: Pick<Recipe, 'steps'>): boolean =>
  steps.some(({ text }) => cutUpInStep.test(text));

/** What of a recipe is served raw: `open`, where nobody says that it is cooked or meant so, and `meant`, where somebody does. */
export function rawServedOf(
  recipe: Recipe,
  find: Find,
): { readonly open: readonly RawServed[]; readonly meant: readonly RawServed[] } {
  const flat = flatten(recipe, find);
  const before = ancestry(flat);
  const found = { open: new Map<HazardId, RawServed>(), meant: new Map<HazardId, RawServed>() };
  for (const line of flat.lines) {
    const enters = flat.steps.find(({ uses }) => uses.includes(line.id));
    const way = enters ? flat.steps.filter(({ id }) => before.get(id)!.has(enters.id)) : [];
    for (const hazard of new Set(rawIn(line))) {
      const isMeant = way.some((step) => isMeantAt(hazard, step));
      if (!isMeant && way.some((step) => isMarkEndedBy(hazard, step))) continue;
      const here = found[isMeant ? 'meant' : 'open'];
      const step = placeFor(hazard, recipe, new Set(way.map(({ id }) => id)));
      const one = here.get(hazard) ?? { hazard, lines: [], steps: step ? [step] : [] };
      const steps = step && one.steps.length > 0 ? [...new Set([...one.steps, step])] : [];
      here.set(hazard, { hazard, lines: [...one.lines, line], steps });
    }
  }
  return { open: [...found.open.values()], meant: [...found.meant.values()] };
}

/** Where a recipe would say that food is meant to stay raw: at the last heat it gets, or else where it comes in. */
function placeFor(hazard: HazardId, { steps }: Recipe, way: ReadonlySet<StepId>): StepId | undefined {
  const { meant } = hazardOf(hazard);
  if (!meant || (!meant.unheated && isCutUpIn({ steps }))) return undefined;
  const own = steps.filter(({ id }) => way.has(id));
  const hot = own.findLast(cooks);
  return (hot ?? (meant.unheated ? own[0] : undefined))?.id;
}

/** The recipe in which it is meant so. */
export const asMeant = (recipe: Recipe, served: readonly RawServed[]): Recipe =>
  served.reduce((one, { hazard, steps }) => steps.reduce((each, step) => withMeant(each, step, hazard), one), recipe);

function withMeant(recipe: Recipe, id: StepId, hazard: HazardId): Recipe {
  const { meantRaw = [] } = recipe.steps.find((step) => step.id === id) ?? {};
  return meantRaw.includes(hazard) ? recipe : withStep(recipe, id, { meantRaw: [...meantRaw, hazard] });
}
