import type { Recipe, Step, StepId } from '../../src/model/index.ts';
import { kitKindOf } from '../../src/reference/index.ts';
import { readRecipes, type RecipeReading } from '../../src/recipes/index.ts';
import { ancestry } from '../../src/versions/index.ts';
import type { DrawnOperation, DrawnRecipe, ProcedureCase } from './cases.ts';

/** So many right of so many asked. */
export interface Share {
  readonly right: number;
  readonly asked: number;
}

export const measures = [
  'operations',
  'device',
  'oven heat',
  'minutes',
  'hands',
  'moments',
  'lines',
  'vessel',
  'core',
  'portions',
  'course',
] as const;
export type Measure = (typeof measures)[number];

export interface CaseScore {
  readonly name: string;
  readonly shares: Readonly<Record<Measure, Share>>;
  /** Pairs of operations one of which waits for the other: drawn, read, and both. */
  readonly edges: { readonly drawn: number; readonly read: number; readonly both: number };
  readonly falseSteps: number;
  readonly dangers: number;
  readonly odd: number;
  /** What was read otherwise than drawn, in words. */
  readonly faults: readonly string[];
}

const plain = (text: string): string => text.toLowerCase().replace(/[’‘]/g, "'").replace(/\s+/g, ' ').trim();

const deviceOf = (step: Step): string => {
  if (step.oven) return step.oven.grill ? 'grill' : 'oven';
  if (step.burner) return 'hob';
  if (step.cold) return step.cold;
  const kinds = new Set<string>(step.kit.map(({ kind }) => kind));
  for (const kind of ['microwave', 'slow-cooker', 'toaster', 'mixer'] as const) if (kinds.has(kind)) return kind;
  return kinds.has('food-processor') || kinds.has('blender') ? 'blender' : '';
};
/** A blender does what a processor does: the kitchen decides. */
const sameDevice = (drawn: string, read: string) =>
  drawn === read || (['blender', 'processor'].includes(drawn) && read === 'blender');

const minutesRight = ({ minutes }: DrawnOperation, { durationMin }: Step): boolean => {
  if (!minutes) return true;
  const { least, most, open } = minutes;
  const slack = (value: number) => Math.max(1, value * 0.05);
  if (open) return Math.abs(durationMin.least - least) <= slack(least) && durationMin.most > least;
  return durationMin.likely >= least - slack(least) && durationMin.likely <= most + slack(most);
};

const momentsRight = ({ momentsMin }: DrawnOperation, { looks }: Step): boolean =>
  momentsMin.length === looks.length &&
  momentsMin.every((at) => looks.some((look) => Math.abs(look.atMin - at) <= Math.max(1, at * 0.1)));

function makesRight(drawn: string, recipe: Recipe): boolean {
  const figure = Number.parseFloat(drawn);
  const { makes } = recipe;
  if (/ml$/.test(drawn)) return makes?.kind === 'volume' && Math.abs(makes.volumeMl - figure) < figure * 0.02;
  if (/litre/.test(drawn)) return makes?.kind === 'volume' && Math.abs(makes.volumeMl - figure * 1000) < 20;
  return (makes?.kind === 'count' && makes.count === figure) || recipe.portions === figure;
}

/** The step in which words of the text stand; undefined where none or more than one holds them. */
function stepOf(recipe: Recipe, anchor: string): Step | undefined {
  const holding = recipe.steps.filter((step) => plain(step.text).includes(plain(anchor)));
  return holding.length === 1 ? holding[0] : undefined;
}

type Ask = (measure: Measure, right: boolean, otherwise: () => string) => void;

/** How one operation was read, that has a step of its own. */
function askStep(operation: DrawnOperation, step: Step, recipe: Recipe, ask: Ask): void {
  ask('device', sameDevice(operation.device, deviceOf(step)), () => `${operation.id} is done with “${deviceOf(step)}”`);
  if (operation.ovenC !== undefined)
    ask(
      'oven heat',
      Math.abs((step.oven?.temperatureC ?? 0) - operation.ovenC) <= 2,
      () => `${operation.id} at ${step.oven?.temperatureC}`,
    );
  if (operation.minutes)
    ask('minutes', minutesRight(operation, step), () => `${operation.id} takes ${JSON.stringify(step.durationMin)}`);
  if (operation.hands) ask('hands', operation.hands === step.hands, () => `${operation.id} is ${step.hands}`);
  if (operation.momentsMin.length > 0 || step.looks.length > 0)
    ask(
      'moments',
      momentsRight(operation, step) || (operation.momentsMin.length === 0 && isLooseRhythm(step)),
      () => `${operation.id} at ${step.looks.map(({ atMin }) => atMin).join(', ')}`,
    );
  if (operation.vessel)
    ask(
      'vessel',
      isIn(operation.vessel, step, recipe),
      () => `${operation.id} in ${step.kit.map(({ kind }) => kind).join(', ')}`,
    );
  if (operation.coreC !== undefined)
    ask('core', Math.abs((step.coreC ?? 0) - operation.coreC) <= 1, () => `${operation.id} to ${step.coreC}`);
}

function askHead(drawn: DrawnRecipe, recipe: Recipe | undefined, ask: Ask): void {
  if (drawn.serves)
    ask(
      'portions',
      recipe !== undefined && recipe.portions >= drawn.serves.least && recipe.portions <= drawn.serves.most,
      () => `${recipe?.portions}`,
    );
  if (drawn.makes)
    ask('portions', recipe !== undefined && makesRight(drawn.makes, recipe), () => JSON.stringify(recipe?.makes));
  if (drawn.course) ask('course', recipe?.usualCourse === drawn.course, () => recipe?.usualCourse || 'none');
}

export function scoreRecipe(drawn: DrawnRecipe, reading: RecipeReading | undefined): Omit<CaseScore, 'name'> {
  const shares = Object.fromEntries(measures.map((each) => [each, { right: 0, asked: 0 }])) as Record<Measure, Share>;
  const faults: string[] = [];
  const ask: Ask = (measure, right, otherwise) => {
    const { right: before, asked } = shares[measure];
    shares[measure] = { right: before + Number(right), asked: asked + 1 };
    if (!right) faults.push(`${measure}: ${otherwise()}`);
  };
  const recipe = reading?.recipe;
  const steps = new Map<string, Step | undefined>(
    drawn.operations.map((each) => [each.id, recipe && stepOf(recipe, each.anchor)]),
  );
  const counts = new Map<StepId, number>();
  for (const step of steps.values()) if (step) counts.set(step.id, (counts.get(step.id) ?? 0) + 1);
  for (const operation of drawn.operations) {
    const step = steps.get(operation.id);
    const isAlone = step !== undefined && counts.get(step.id) === 1;
    ask('operations', isAlone, () => `${operation.id} ${step ? `is in “${step.title}”` : 'is nowhere'}`);
    const lines = operation.lines.map((words) => {
      const named = recipe?.lines.filter((line) => plain(line.text).includes(plain(words))) ?? [];
      const where = named.map((line) => recipe!.steps.find((each) => each.uses.includes(line.id)));
      return { words, right: step !== undefined && where.includes(step), where: where[0]?.title ?? 'nowhere' };
    });
    for (const { words, right, where } of lines)
      ask('lines', right, () => `${words} belongs to ${operation.id}, is in “${where}”`);
    if (!step || !isAlone) continue;
    askStep(operation, step, recipe!, ask);
  }
  askHead(drawn, recipe, ask);
  const others = recipe?.steps.filter((step) => !counts.has(step.id)) ?? [];
  for (const step of others) faults.push(`false step: “${step.text.slice(0, 80)}”`);
  const findings = reading?.findings ?? [];
  for (const { weight, words } of findings.filter((each) => each.weight !== 'hint')) faults.push(`${weight}: ${words}`);
  return {
    shares,
    edges: edgesOf(drawn, recipe, steps, faults),
    falseSteps: others.length,
    dangers: findings.filter((each) => each.weight === 'danger').length,
    odd: findings.filter((each) => each.weight === 'odd').length,
    faults,
  };
}

/** "Now and then": when exactly is not drawn. */
const isLooseRhythm = ({ looks }: Step): boolean =>
  looks.every(({ what }) => /occasion|now|time to time|often|once|twice|regular|while/i.test(what));

/** Whether a step names such a piece, or goes on with food that lies in one. */
function isIn(kind: string, step: Step, recipe: Recipe): boolean {
  if (step.kit.some((use) => use.kind === kind)) return true;
  if (step.kit.some((use) => kitKindOf(use.kind).holds === 'food')) return false;
  const index = recipe.steps.indexOf(step);
  const before =
    step.after?.map((link) => link.step) ?? recipe.steps.slice(Math.max(0, index - 1), index).map(({ id }) => id);
  return recipe.steps.some((each) => before.includes(each.id) && isIn(kind, each, recipe));
}

function edgesOf(
  drawn: DrawnRecipe,
  recipe: Recipe | undefined,
  steps: ReadonlyMap<string, Step | undefined>,
  faults: string[],
): CaseScore['edges'] {
  const above = new Map<string, Set<string>>();
  for (const { id, after } of drawn.operations)
    above.set(id, new Set(after.flatMap((each) => [each, ...(above.get(each) ?? [])])));
  const read = recipe ? ancestry(recipe) : new Map<StepId, Set<StepId>>();
  const count = { drawn: 0, read: 0, both: 0 };
  for (const late of drawn.operations)
    for (const early of drawn.operations) {
      if (early.id === late.id) continue;
      const [first, second] = [steps.get(early.id), steps.get(late.id)];
      const isDrawn = above.get(late.id)!.has(early.id);
      if (first === undefined || second === undefined) {
        count.drawn += Number(isDrawn);
        continue;
      }
      if (first === second) continue;
      const isRead = read.get(second.id)?.has(first.id) ?? false;
      count.drawn += Number(isDrawn);
      count.read += Number(isRead);
      count.both += Number(isDrawn && isRead);
      if (isDrawn && !isRead) faults.push(`edge missing: ${late.id} needs ${early.id}`);
      if (isRead && !isDrawn) faults.push(`edge needless: ${late.id} waits for ${early.id}`);
    }
  return count;
}

export function scoreCase({ name, text, drawn }: ProcedureCase): readonly CaseScore[] {
  const { recipes } = readRecipes(text);
  return drawn.map((each, at) => ({
    name: drawn.length > 1 ? `${name} (${at + 1})` : name,
    ...scoreRecipe(each, recipes[at]),
  }));
}
