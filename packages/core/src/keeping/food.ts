import { rules } from '../reference/index.ts';
import { isCookedAt, type Recipe, type Step, type StepId } from '../model/index.ts';
import type { Knowledge } from '../exposure/index.ts';
import { ancestry, heats, linesInto } from '../versions/index.ts';
import { isFlesh, lineKeeping, spoils, type LineKeeping } from './lines.ts';

/** What has become of a recipe's food when a step is over. */
export interface FoodAfter {
  /** It spoils within hours in a room. */
  readonly spoils: boolean;
  /** Flesh, fish or egg in it that no core temperature has cooked. */
  readonly isRaw: boolean;
  /** A dough that rises: it waits as its recipe says, and its rising is no wait. */
  readonly rises: boolean;
  /** Flesh in it has been on the heat and is not cooked through. */
  readonly isPartCooked: boolean;
  /** Something in it has been on the heat or in the oven. */
  readonly isCooked: boolean;
}

/** Whether it dries what it heats: in the oven, or, as flatbread, in a dry pan. */
const bakes = (step: Step): boolean =>
  heats(step) && (step.oven !== undefined || step.kit.some(({ kind }) => kind === 'frying-pan' || kind === 'skillet'));

/** Whether it stands in fridge or freezer while the step goes on. */
export const isCold = (step: Step): boolean => step.cold !== undefined;

interface Used {
  readonly keeping: LineKeeping;
  /** The step in which it comes in. */
  readonly step: Step;
}

const remembered = new WeakMap<
  Recipe,
  { readonly knowledge: Knowledge; readonly after: ReadonlyMap<StepId, FoodAfter> }
>();

/** For each step of a recipe (components written out) what its food is when it is over. What no step uses is in all of them. */
export function foodAfter(recipe: Recipe, knowledge: Knowledge): ReadonlyMap<StepId, FoodAfter> {
  const known = remembered.get(recipe);
  if (known?.knowledge === knowledge) return known.after;
  const before = ancestry(recipe);
  const after = new Map(recipe.steps.map((step) => [step.id, stateOf(recipe, knowledge, before, step)]));
  remembered.set(recipe, { knowledge, after });
  return after;
}

function stateOf(
  recipe: Recipe,
  knowledge: Knowledge,
  before: ReadonlyMap<StepId, ReadonlySet<StepId>>,
  step: Step,
): FoodAfter {
  const come = (earlier: StepId, later: StepId) => before.get(later)!.has(earlier);
  const past = recipe.steps.filter((each) => come(each.id, step.id));
  const into = recipe.steps.map((each, index) => ({ step: each, lines: linesInto(recipe, index) }));
  const inIt: Used[] = recipe.lines.flatMap((line) => {
    const where = into.find((each) => past.includes(each.step) && each.lines.includes(line.id))?.step;
    return where ? [{ keeping: lineKeeping(line, knowledge), step: where }] : [];
  });
  const heatedAt = past.filter(heats);
  const isHeated = (used: Used) => heatedAt.some((heat) => come(used.step.id, heat.id));
  const isSoaked =
    inIt.some(({ keeping }) => keeping.isWet) ||
    past.some((each) => each.kit.some(({ kind }) => kind === 'blender' || kind === 'food-processor'));
  const isCookedThrough = (used: Used, mark: LineKeeping['raw'][number]) =>
    past.some((each) => isCookedAt(mark, each) && come(used.step.id, each.id));
  const raw = inIt.flatMap((used) => used.keeping.raw.filter((mark) => !isCookedThrough(used, mark)));
  const isPartCooked = inIt.some(
    (used) => isHeated(used) && used.keeping.raw.some((mark) => isFlesh(mark) && !isCookedThrough(used, mark)),
  );
  const doesSpoil = (used: Used) =>
    used.keeping.keepings.some((keeping) => spoils(keeping, { isSoaked, isHeated: isHeated(used) }));
  const isBakedDry = past.some((bake) => {
    const isIn = (used: Used) => come(used.step.id, bake.id);
    // What is put on it afterwards makes nothing dry of what was not.
    return bakes(bake) && inIt.filter(doesSpoil).every(isIn) && isDry(inIt.filter(isIn));
  });
  // Milk that was warmed before the yeast came in makes it no less a dough.
  const rises = inIt.some((used) => used.keeping.leavens && !isHeated(used)) && !raw.some(isFlesh);
  return {
    spoils: raw.length > 0 || (inIt.some(doesSpoil) && !isBakedDry),
    isRaw: raw.length > 0,
    isPartCooked,
    rises,
    isCooked: heatedAt.length > 0,
  };
}

/** Whether it is bread, cake or biscuit by what it is made of: flour, sugar and fat, and little that is wet. */
function isDry(inIt: readonly Used[]): boolean {
  let all = 0;
  let spoiling = 0;
  for (const { keeping } of inIt) {
    const doesSpoil = keeping.keepings.some(
      (each) => each !== 'starch' && spoils(each, { isSoaked: true, isHeated: true }),
    );
    if (keeping.isFleshy) return false;
    // Of what nobody has weighed little is taken to keep, and much to spoil.
    const massG = keeping.massG ?? (doesSpoil ? rules.unweighedG : 0);
    if (keeping.isWet) continue;
    all += massG;
    if (doesSpoil) spoiling += massG;
  }
  return spoiling <= all * rules.dryBakeSpoilsMost;
}
