import { foodOf, scalingRules, type ScalingRule } from '../reference/index.ts';
import { jobOf } from '../jobs/index.ts';
import type { Amount, IngredientLine, Recipe } from '../model/index.ts';
import { massOf, scaleAmount, takingStep } from '../versions/index.ts';

export interface LineAmount {
  readonly line: IngredientLine;
  /** The amount for these portions; words stay words. */
  readonly amount: Amount;
  /** Exact mass in g, where density or piece weight are known. */
  readonly massG?: number | undefined;
  /** Why it does not grow in a straight line, and what a straight line would give. */
  readonly bent?: { readonly rule: ScalingRule; readonly straight: Amount } | undefined;
}

const patterns = new Map(
  scalingRules.map((rule) => [rule.id, rule.words === undefined ? undefined : new RegExp(rule.words, 'i')]),
);

/** How a rule grows with the batch. Straight near the recipe's own size, and its own inverse: there and back again is where it began. */
export function bentFactor({ from, exponent }: ScalingRule, factor: number): number {
  if (factor > from) return from * (factor / from) ** exponent;
  if (factor < 1 / from && factor > 0) return (factor * from) ** exponent / from;
  return factor;
}

function ruleFor(recipe: Recipe, line: IngredientLine): ScalingRule | undefined {
  // What is taken from another dish is no water to boil in.
  if (!line.food || recipe.steps.some(({ id }) => id === takingStep(line.id))) return undefined;
  const words = () =>
    [
      line.text,
      ...recipe.steps.filter((step) => step.uses.includes(line.id)).map((step) => `${step.title}. ${step.text}`),
    ].join('. ');
  let role: string | undefined;
  return scalingRules.find((rule) => {
    if (rule.foods.length > 0 && !rule.foods.includes(line.food!)) return false;
    if (rule.roles.length > 0 && !rule.roles.includes((role ??= jobOf(recipe, line).role) as never)) return false;
    const pattern = patterns.get(rule.id);
    return pattern === undefined || pattern.test(words());
  });
}

/**
 * One line of a recipe for a batch. `wholeFactor` is the size of the dish with all its versions: what does not grow in a straight line
 * is bent by it, and shared out straight, so that the versions' amounts add up to the base they are taken from.
 */
export function scaleLine(
  recipe: Recipe,
  line: IngredientLine,
  factor: number,
  wholeFactor: number = factor,
): LineAmount {
  const straight = scaleAmount(line.amount, factor);
  const food = line.food ? foodOf(line.food) : undefined;
  const rule = line.amount.kind === 'words' || wholeFactor <= 0 ? undefined : ruleFor(recipe, line);
  const bend = rule ? bentFactor(rule, wholeFactor) / wholeFactor : 1;
  if (!rule || Math.abs(bend - 1) < 0.005) return { line, amount: straight, massG: massOf(straight, food) };
  const amount = scaleAmount(straight, bend);
  return { line, amount, massG: massOf(amount, food), bent: { rule, straight } };
}

/** Amounts of one line in several places, as one: what cannot be added (words) stands as in the first. */
export function sumOfLines(amounts: readonly LineAmount[]): LineAmount {
  return amounts.reduce((sum, each) => ({
    ...sum,
    amount: sumOf(sum.amount, each.amount),
    massG: sum.massG === undefined || each.massG === undefined ? undefined : sum.massG + each.massG,
    bent:
      sum.bent || each.bent
        ? {
            rule: (sum.bent ?? each.bent)!.rule,
            straight: sumOf(sum.bent?.straight ?? sum.amount, each.bent?.straight ?? each.amount),
          }
        : undefined,
  }));
}

function sumOf(a: Amount, b: Amount): Amount {
  const upper = (lowA: number, highA: number | undefined, lowB: number, highB: number | undefined) =>
    highA === undefined && highB === undefined ? undefined : (highA ?? lowA) + (highB ?? lowB);
  if (a.kind === 'mass' && b.kind === 'mass') {
    const toMassG = upper(a.massG, a.toMassG, b.massG, b.toMassG);
    return { ...a, massG: a.massG + b.massG, ...(toMassG !== undefined && { toMassG }) };
  }
  if (a.kind === 'volume' && b.kind === 'volume') {
    const toVolumeMl = upper(a.volumeMl, a.toVolumeMl, b.volumeMl, b.toVolumeMl);
    return { ...a, volumeMl: a.volumeMl + b.volumeMl, ...(toVolumeMl !== undefined && { toVolumeMl }) };
  }
  if (a.kind === 'count' && b.kind === 'count') {
    const toCount = upper(a.count, a.toCount, b.count, b.toCount);
    return { ...a, count: a.count + b.count, ...(toCount !== undefined && { toCount }) };
  }
  if (a.kind === 'batches' && b.kind === 'batches') return { ...a, batches: a.batches + b.batches };
  return a;
}
