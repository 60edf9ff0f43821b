import { foodOf, practices, spoilingOf, type FoodId, type Practice } from '../reference/index.ts';
import type { IngredientLine, Recipe, Step } from '../model/index.ts';
import { lineEvidence, noLabels } from '../exposure/index.ts';
import { ancestry, heats } from '../versions/index.ts';

/** What a recipe does that can hurt, by the line or the step that does it. */
export interface BadPractice {
  readonly practice: Practice;
  readonly line?: IngredientLine;
  readonly step?: Step;
  /** The words of the step as they should be; absent where that is not to be had by words. */
  readonly mended?: string;
}

/** What is known of a line, for what is asked of it. */
interface Known {
  readonly line: IngredientLine;
  readonly foods: ReadonlySet<FoodId>;
  readonly hazards: ReadonlySet<string>;
}

function knownOf(line: IngredientLine): Known {
  const evidence = lineEvidence(line, noLabels);
  return {
    line,
    foods: new Set(evidence.flatMap(({ about }) => (about.kind === 'food' ? [about.food] : []))),
    hazards: new Set(
      evidence.flatMap(({ about, level }) => (about.kind === 'hazard' && level === 'contained' ? [about.hazard] : [])),
    ),
  };
}

/** Everything that a recipe does and no kitchen should, each once. */
export function badPractices(recipe: Recipe): readonly BadPractice[] {
  const known = recipe.lines.map(knownOf);
  const all = [recipe.about, ...recipe.steps.map(({ text }) => text)].join('\n');
  return practices.flatMap((practice) => {
    if (practice.unlessText?.test(all) || (practice.needs && !practice.needs.test(all))) return [];
    if (practice.needsFood.length > 0 && !known.some(({ foods }) => practice.needsFood.some((each) => foods.has(each))))
      return [];
    if (practice.spoils && !known.some(spoilsCooked)) return [];
    const lines = linesOf(practice, known);
    if (asksForLine(practice) && lines.length === 0) return [];
    return doneBy(practice, recipe, lines);
  });
}

const asksForLine = ({ foods, hazards, line }: Practice): boolean =>
  foods.length > 0 || hazards.length > 0 || line !== undefined;

const spoilsCooked = ({ foods }: Known): boolean => [...foods].some((id) => spoilingOf(foodOf(id)!.keeping).cooked);

const linesOf = ({ foods, hazards, line, notLine }: Practice, known: readonly Known[]): readonly IngredientLine[] =>
  known
    .filter((each) => {
      const isMeant =
        foods.some((food) => each.foods.has(food)) ||
        hazards.some((hazard) => each.hazards.has(hazard)) ||
        line?.test(each.line.text) === true;
      return isMeant && !notLine?.test(each.line.text);
    })
    .map((each) => each.line);

const denied = /\b(?:do not|don[’']t|never|avoid|no need|instead of|rather than)\b/i;

/** Whether it is told to be done, and not warned of. */
const isSaid = (pattern: RegExp, words: string): boolean => {
  const match = pattern.exec(words);
  if (!match) return false;
  const sentence = words
    .slice(0, match.index)
    .split(/[.!?]\s/)
    .at(-1)!;
  return !denied.test(`${sentence}${match[0]}`);
};

function doneBy(practice: Practice, recipe: Recipe, lines: readonly IngredientLine[]): readonly BadPractice[] {
  const { text, notStep } = practice;
  if (text) {
    const step = recipe.steps.find((each) => isSaid(text, each.text) && !notStep?.test(each.text));
    return step ? [{ practice, step, ...mendedBy(practice, step) }] : [];
  }
  const before = ancestry(recipe);
  const isHeated = (line: IngredientLine): boolean => {
    const enters = recipe.steps.find((step) => step.uses.includes(line.id));
    return recipe.steps.some((step) => heats(step) && (!enters || before.get(step.id)!.has(enters.id)));
  };
  const [line] = practice.unheated ? lines.filter((each) => !isHeated(each)) : lines;
  if (!line) return [];
  const step = recipe.steps.find((each) => each.uses.includes(line.id));
  return [{ practice, line, ...(step && { step, ...mendedBy(practice, step) }) }];
}

/** The sentence that says it gives way to the one that says it right; where no sentence does, that stands first. */
function mendedBy({ text, add }: Practice, step: Step): Pick<BadPractice, 'mended'> {
  if (add === undefined) return {};
  const sentences = step.text.match(/[^.!?]+[.!?]*\s*/g) ?? [];
  const right = text ? sentences.filter((each) => !text.test(each)) : sentences;
  // What runs over two sentences is for the cook to write anew.
  if (text && right.length === sentences.length) return {};
  const mended = `${add} ${right.join('')}`.trim();
  return mended.length <= 2000 ? { mended } : {};
}
