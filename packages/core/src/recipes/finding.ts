import type { IngredientLine, LineId, Recipe, Step, StepId } from '../model/index.ts';
import { lineEvidence, noLabels } from '../exposure/index.ts';

export type RecipeFindingCode =
  | 'unused-ingredient'
  | 'unlisted-ingredient'
  | 'conflicting-times'
  | 'conflicting-heats'
  | 'no-oven-heat'
  | 'looked-at-too-soon'
  | 'no-yield'
  | 'component-amount'
  | 'component-missing'
  | 'component-loop'
  | 'boiled-then-baked'
  | 'poultry-core'
  | 'raw-core'
  | 'touched-raw'
  | 'fahrenheit'
  | 'raw-tasting'
  | 'raw-served'
  | 'meant-raw'
  | 'false-name'
  | 'odd-line'
  | 'odd-amount'
  | 'practice'
  | 'pink-rest';

/** Something odd in a recipe. `danger`: it can hurt somebody; `odd`: it will go wrong; `hint`: worth a look. */
export interface RecipeFinding {
  readonly code: RecipeFindingCode;
  readonly weight: 'danger' | 'odd' | 'hint';
  readonly words: string;
  readonly line?: LineId | undefined;
  readonly step?: StepId | undefined;
  /** What would mend it: the words on the button, and the recipe afterwards. */
  readonly fix?: RecipeFix | undefined;
  /** Where it may be meant the other way: what would say so. */
  readonly otherwise?: RecipeFix | undefined;
}

/** The words on a button, and the recipe after it was pressed. */
export interface RecipeFix {
  readonly label: string;
  readonly recipe: Recipe;
}

export interface CheckContext {
  /** The recipe did not say how many it feeds. */
  readonly noYield?: boolean;
}

export type Find = (id: string) => Recipe | undefined;
export type Rule = (recipe: Recipe, find: Find, context: CheckContext) => readonly RecipeFinding[];

export const withStep = (recipe: Recipe, id: StepId, part: Partial<Step>): Recipe => ({
  ...recipe,
  steps: recipe.steps.map((step) => (step.id === id ? { ...step, ...part } : step)),
});
export const quoted = (words: string) => `“${words}”`;
/** Whether a line is known to hold a hazard. */
export const holdsHazard = (line: IngredientLine, hazard: string): boolean =>
  lineEvidence(line, noLabels).some(
    ({ about, level }) => about.kind === 'hazard' && about.hazard === hazard && level === 'contained',
  );
