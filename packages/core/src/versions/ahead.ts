import { blankStep, freshId, type KitUse, type Recipe, type Step, type StepId } from '../model/index.ts';
import { coolWords, kitKindOf, rules } from '../reference/index.ts';
import { ancestry, followsOf, heats } from './steps.ts';

const known = new WeakMap<Recipe, Recipe>();

/** The name by which the piece is known in which a dish is chilled and heated again, where its recipe has none for it. */
const piece = 'ahead';

/**
 * The last step that heats a dish, after which it can be chilled and heated through again in the piece it is in. Undefined where it is not served
 * hot, where several things come from the heat side by side, or where it is in nothing that can go back to it.
 */
function lastHeat(recipe: Recipe): { readonly step: Step; readonly use: KitUse } | undefined {
  // What may stand for hours is no dish that must come to the table hot.
  if (coolWords.test(recipe.hold.how) || recipe.hold.mostMin > rules.standsMostMin) return undefined;
  const past = ancestry(recipe);
  const last = recipe.steps.filter(
    (step) =>
      heats(step) && !recipe.steps.some((other) => other !== step && heats(other) && past.get(other.id)!.has(step.id)),
  );
  const [step] = last;
  if (last.length !== 1 || !step || step.alternatives.length > 0) return undefined;
  const use = step.kit.findLast(({ kind }) => {
    const { holds, oven, hob } = kitKindOf(kind);
    return holds === 'food' && (step.oven ? oven : hob);
  });
  const before = recipe.steps.filter((other) => other !== step && heats(other) && past.get(step.id)!.has(other.id));
  return use && before.every((other) => isTakenUp(other, step, use)) ? { step, use } : undefined;
}

/**
 * Whether what one step heats is, all of it, in the piece of the last: a sauce is poured into the dish that is baked, an onion sweated in the pot. Not
 * a roast beside which a gravy is made: to heat the gravy again would leave the roast cold.
 */
function isTakenUp(earlier: Step, last: Step, use: KitUse): boolean {
  if (earlier.oven) return earlier.kit.some(({ kind, as }) => kind === use.kind && as === use.as);
  return last.oven !== undefined || last.durationMin.likely >= earlier.durationMin.likely;
}

/** Whether a dish of this recipe, all its components written out, can be made ahead, chilled, and heated through again before it is served. */
export const canBeHeatedAgain = (recipe: Recipe): boolean => lastHeat(recipe) !== undefined;

/** The recipe with a second heat after its last: chilled in between, for as long as it keeps. Itself where there is no such place. */
export function heatedAgain(recipe: Recipe): Recipe {
  const made = known.get(recipe) ?? withSecondHeat(recipe);
  known.set(recipe, made);
  return made;
}

function withSecondHeat(recipe: Recipe): Recipe {
  const found = lastHeat(recipe);
  if (!found) return recipe;
  const { step: last, use } = found;
  const id = freshId('heat-again', new Set<string>(recipe.steps.map((step) => step.id))) as StepId;
  const kit: KitUse = { kind: use.kind, as: use.as ?? piece };
  const days = recipe.keeps.find(({ where }) => where === 'fridge')?.days ?? 1;
  const again: Step = {
    ...blankStep,
    id,
    title: `Heat ${recipe.name} through again`.slice(0, 80),
    text: `Cold from the fridge. ${last.oven ? 'Cover it, and heat it in the oven' : 'Heat it gently, stirring to the bottom,'} until it is steaming hot all through.`,
    // Its wait is told, so that the house's own waits between two heats do not hold: it is not half done, it is done twice.
    after: [
      { step: last.id, leastMin: rules.chillsLeastMin, mostMin: Math.min(days, rules.leftoverFridgeDays) * 1440 },
    ],
    durationMin: last.oven ? rules.reheatsInOvenMin : rules.reheatsOnHobMin,
    hands: 'off',
    kit: [kit],
    ...(last.oven && {
      oven: { temperatureC: rules.reheatsAtC, toleranceC: 20, racks: last.oven.racks, covered: true, grill: false },
    }),
    burner: !last.oven,
    coreC: rules.reheatC,
    until: 'steaming hot all through',
  };
  const inPiece = (step: Step): Step =>
    step.id === last.id && use.as === undefined
      ? { ...step, kit: step.kit.map((each) => (each === use ? kit : each)) }
      : step;
  return {
    ...recipe,
    steps: recipe.steps.flatMap((step, index) => {
      const after = followsOf(recipe, index).map((link) => (link.step === last.id ? { ...link, step: id } : link));
      return step.id === last.id ? [inPiece(step), again] : [{ ...step, after }];
    }),
  };
}
