import {
  cookingThrough,
  hazardOf,
  hazards,
  heatAsked,
  isEndedBy,
  rules,
  type CookingThrough,
  type HazardId,
  type Heated,
} from '../reference/index.ts';
import { isMeantAt, type IngredientLine, type Recipe, type Step, type StepId } from '../model/index.ts';
import { lineEvidence, noLabels } from '../exposure/index.ts';
import { ancestry, followsOf, linesInto } from '../versions/index.ts';

const rawHazards = new Set<HazardId>(hazards.flatMap(({ id, kind }) => (kind === 'raw' ? [id] : [])));

/** What is raw in a line, known or feared. */
export const rawIn = (line: IngredientLine): readonly HazardId[] =>
  lineEvidence(line, noLabels).flatMap(({ about }) =>
    about.kind === 'hazard' && rawHazards.has(about.hazard) ? [about.hazard] : [],
  );

const ways = cookingThrough.map((way) => ({
  ...way,
  wordsLike: way.words === undefined ? undefined : new RegExp(way.words, 'i'),
  piecesLike: way.pieces === undefined ? undefined : new RegExp(way.pieces, 'i'),
}));

const notMeant = new RegExp(heatAsked.notMeant, 'i');

const isThere = (step: Step, where: Heated['where']): boolean => {
  const hasKit = (kind: string) => step.kit.some((use) => use.kind === kind);
  switch (where) {
    case 'oven':
      return step.oven !== undefined && !step.oven.grill;
    case 'grill':
      return step.oven?.grill === true;
    case 'hob':
      return step.burner;
    case 'slow-cooker':
      return hasKit('slow-cooker') && step.hands === 'off';
    case 'microwave':
      return hasKit('microwave');
  }
};
const places: readonly Heated['where'][] = ['oven', 'grill', 'hob', 'slow-cooker', 'microwave'];
/** Whether a step cooks: what is only kept warm is not cooked there. */
export const cooks = (step: Step): boolean =>
  places.some((where) => isThere(step, where)) &&
  (step.oven?.temperatureC ?? Infinity) >= rules.cooksLeastC &&
  !/\b(?:keep|hold)\b[^.;]*\bwarm\b/i.test(step.title);

/** Raw food that comes into a step, by what is raw in it. */
type Raw = ReadonlyMap<HazardId, readonly IngredientLine[]>;

/** Whether food is heated so, and nothing in it is raw that this says nothing of. */
const isHeatedSo = (step: Step, raw: Raw, { hazards: ended, holds, where, leastMin, leastOvenC }: Heated): boolean =>
  isThere(step, where) &&
  step.durationMin.likely >= leastMin &&
  (step.oven?.temperatureC ?? Infinity) >= leastOvenC &&
  [...raw.keys()].every((hazard) => ended.includes(hazard)) &&
  (holds === undefined || raw.has(holds));

const wayOf = (step: Step, raw: Raw): CookingThrough | undefined =>
  ways.find(
    (way) =>
      isHeatedSo(step, raw, way) &&
      (way.wordsLike?.test(step.text) ?? true) &&
      (!way.whole || [...raw.values()].flat().every((line) => step.uses.includes(line.id))) &&
      (way.piecesLike === undefined ||
        [...raw].every(
          ([hazard, lines]) => hazard === 'raw-flour' || lines.every(({ text }) => way.piecesLike!.test(text)),
        )),
  );

/** What its middle must come to before it is served, in °C: the most that anything raw in it asks; meat in one piece, well done. */
const askedC = (raw: Raw): number =>
  Math.max(
    ...[...raw.keys()].map((hazard) => (hazard === 'raw-cut' ? rules.pinkUnderC : (hazardOf(hazard).safeCoreC ?? 74))),
  );

/** The steps after which food may come to the table without being cooked once more. */
function lastHeats(recipe: Recipe): ReadonlySet<StepId> {
  const next = new Map<StepId, Step[]>();
  recipe.steps.forEach((step, index) => {
    for (const { step: before } of followsOf(recipe, index)) next.set(before, [...(next.get(before) ?? []), step]);
  });
  const found = new Set<StepId>();
  // Every step stands after those that it follows.
  for (const { id } of [...recipe.steps].reverse()) {
    const followers = next.get(id) ?? [];
    if (followers.length === 0 || followers.some((each) => !cooks(each) && found.has(each.id))) found.add(id);
  }
  return found;
}

const flesh: readonly string[] = ['raw-poultry', 'raw-meat', 'raw-cut', 'raw-fish'];
/** The lines that a question is about: the flesh in it, or else whatever is raw. */
function weightiest(raw: Raw): readonly string[] {
  const ofFlesh = [...raw].filter(([hazard]) => flesh.includes(hazard));
  const lines = (ofFlesh.length > 0 ? ofFlesh : [...raw]).flatMap(([, each]) => each);
  return [...new Set(lines.map(({ text }) => text))];
}

/** A step whose heat is asked for and measured, as nothing tells it: what is raw in it, by lines and by what it is. */
export interface HeatAsked {
  readonly step: StepId;
  readonly title: string;
  readonly coreC: number;
  readonly foods: string;
  readonly hazards: readonly HazardId[];
}

/** A recipe, and what is taken of the heat in its middle. */
interface HeatKnown {
  readonly recipe: Recipe;
  /** The titles of the steps that cook through by the way they are done, and why. */
  readonly cooked: readonly { readonly title: string; readonly means: string }[];
  readonly asked: readonly HeatAsked[];
}

/** What may still be raw when it comes into a step: not what was cooked on its way there, or is meant to be so. `coreOf`: what the steps before it reach inside. */
function rawInto(
  { id: here }: Step,
  above: ReturnType<typeof ancestry>,
  linesOf: ReadonlyMap<StepId, readonly IngredientLine[]>,
  coreOf: ReadonlyMap<StepId, number>,
  stepOf: ReadonlyMap<StepId, Step>,
): Raw {
  const raw = new Map<HazardId, IngredientLine[]>();
  const way = [...above.get(here)!];
  for (const id of way) {
    const since = way.filter((each) => each !== here && above.get(each)!.has(id));
    for (const line of linesOf.get(id) ?? [])
      for (const hazard of rawIn(line))
        if (
          ![...since, here].some((each) => isMeantAt(hazard, stepOf.get(each)!)) &&
          !since.some((each) => isEndedBy(hazard, coreOf.get(each)))
        )
          raw.set(hazard, [...(raw.get(hazard) ?? []), line]);
  }
  return raw;
}

/**
 * The recipe with the heat that its ways of cooking are sure to bring: a cake that is baked, a stew that simmers for hours. Where anything else in it may
 * be raw that this does not cook, nothing is taken for granted: at the last heat it gets, the safe temperature is asked for, and measured. `saidBeside`: what the method says and is no work.
 */
export function withHeatKnown(recipe: Recipe, saidBeside = ''): HeatKnown {
  const above = ancestry(recipe);
  const byId = new Map(recipe.lines.map((line) => [line.id, line]));
  const linesOf = new Map(
    recipe.steps.map((step, index) => [step.id, linesInto(recipe, index).flatMap((id) => byId.get(id) ?? [])]),
  );
  const stepOf = new Map(recipe.steps.map((step) => [step.id, step]));
  const coreOf = new Map<StepId, number>();
  const cooked: HeatKnown['cooked'][number][] = [];
  const asked: HeatKnown['asked'][number][] = [];
  const last = lastHeats(recipe);
  // Said anywhere: which food it is said of, nobody can be sure.
  const isMeantSo = notMeant.test(
    [recipe.name, recipe.about, ...recipe.steps.map(({ text }) => text), saidBeside].join('\n'),
  );
  const isAsked = (step: Step, raw: Raw) =>
    !isMeantSo && last.has(step.id) && heatAsked.ways.some((each) => isHeatedSo(step, raw, each));
  const steps = recipe.steps.map((step) => {
    if (step.coreC !== undefined) coreOf.set(step.id, step.coreC);
    const raw = rawInto(step, above, linesOf, coreOf, stepOf);
    if (step.coreC !== undefined || raw.size === 0) return step;
    const way = wayOf(step, raw);
    if (!way && !isAsked(step, raw)) return step;
    const coreC = way?.coreC ?? askedC(raw);
    coreOf.set(step.id, coreC);
    const { id, title } = step;
    if (way) cooked.push({ title, means: way.means });
    else {
      const foods = weightiest(raw).join(', ');
      asked.push({ step: id, title, coreC, foods, hazards: [...raw.keys()] });
    }
    return { ...step, coreC };
  });
  return cooked.length + asked.length > 0 ? { recipe: { ...recipe, steps }, cooked, asked } : { recipe, cooked, asked };
}
