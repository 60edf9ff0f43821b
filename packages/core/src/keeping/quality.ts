import { kitKindOf, qualityWaits, spoilingOf, type QualityWait } from '../reference/index.ts';
import type { Recipe, Step, StepId } from '../model/index.ts';
import type { Knowledge } from '../exposure/index.ts';
import { ancestry, followsOf, heats, linesInto } from '../versions/index.ts';
import { lineKeeping, type LineKeeping } from './lines.ts';

/** How long food stays good between two steps; minutes. */
export interface QualityLaw {
  readonly standsMin: number;
  /** In the fridge; undefined where that does not help it. */
  readonly coldMin: number | undefined;
}

/**
 * The waits that do not harm anybody and spoil a dish: drained pasta, a raised batter, a bake that is left half done. What the recipe says of a
 * wait goes before. It is for the scheduler to keep to and not for the audit, which judges what can hurt.
 *
 * @source data/reference/quality-waits.json
 */
export function qualityOf(
  recipe: Recipe,
  knowledge: Knowledge,
): (before: StepId, next: StepId) => QualityLaw | undefined {
  const past = ancestry(recipe);
  const stepOf = new Map(recipe.steps.map((step, index) => [step.id, { step, index }]));
  const inItBy = (id: StepId): readonly LineKeeping[] => {
    const into = new Set(
      recipe.steps.flatMap((step, index) => (past.get(id)!.has(step.id) ? linesInto(recipe, index) : [])),
    );
    return recipe.lines.filter((line) => into.has(line.id)).map((line) => lineKeeping(line, knowledge));
  };
  const known = new Map<string, QualityLaw | undefined>();
  const lawOf = (before: StepId, next: StepId): QualityLaw | undefined => {
    const { step, index } = stepOf.get(next)!;
    const links = followsOf(recipe, index);
    const link = links.find((each) => each.step === before);
    if (!link || link.mostMin !== undefined) return undefined;
    const inIt = inItBy(before);
    const laws = qualityWaits.filter(
      (row) =>
        isOf(row, inIt) &&
        isAfter(row, stepOf.get(before)!.step) &&
        isFor(row, stepOf.get(before)!.step, step, links.length),
    );
    if (laws.length === 0) return undefined;
    return {
      standsMin: Math.max(link.leastMin, Math.min(...laws.map((each) => each.standsMin))),
      coldMin: laws.some((each) => each.coldMin === undefined)
        ? undefined
        : Math.min(...laws.map((each) => each.coldMin!)),
    };
  };
  return (before, next) => {
    const key = `${before}>${next}`;
    if (!known.has(key)) known.set(key, lawOf(before, next));
    return known.get(key);
  };
}

function isOf({ of }: QualityWait, inIt: readonly LineKeeping[]): boolean {
  if (!of) return true;
  const foods = new Set<string>(inIt.flatMap((each) => each.foods));
  return (
    (of.foods.some((food) => foods.has(food)) ||
      inIt.some(({ keepings }) => keepings.some((keeping) => of.keeping.includes(keeping)))) &&
    !of.without.some((food) => foods.has(food)) &&
    (!of.isWet || inIt.some(isMoist))
  );
}

/** Water, or what is moist enough by itself to spoil once it is open or cut: milk, egg, yoghurt, mashed fruit. */
const isMoist = ({ isWet, keepings }: LineKeeping): boolean =>
  isWet || keepings.some((keeping) => spoilingOf(keeping).cut);

const isAfter = ({ step: asked }: QualityWait, step: Step): boolean =>
  asked.heats === heats(step) &&
  (asked.says?.test(`${step.title} ${step.text}`) ?? true) &&
  !(asked.saysNot?.test(`${step.title} ${step.text}`) ?? false);

function isFor({ next: asked }: QualityWait, before: Step, next: Step, links: number): boolean {
  if (!asked) return true;
  const isOnly = links === 1;
  return (
    asked.heats === heats(next) &&
    (!asked.isOnly || isOnly) &&
    (!asked.isWait || isWait(next)) &&
    (!asked.samePiece || (isOnly && goesOnIn(before, next)))
  );
}

/** Nobody does anything, and no machine: it stands in the room. */
const isWait = ({ hands, looks, cold, kit }: Step): boolean =>
  hands === 'off' && looks.length === 0 && cold === undefined && !kit.some(({ kind }) => kitKindOf(kind).heats);

/** Whether it stays in what it is in: the next step names no piece that holds food but those of the step before. */
function goesOnIn(before: Step, next: Step): boolean {
  const holding = ({ kit }: Step) => kit.filter(({ kind }) => kitKindOf(kind).holds !== 'nothing');
  const there = holding(before);
  return holding(next).every((use) => there.some((each) => each.kind === use.kind && each.as === use.as));
}
