export {
  readRecipes,
  writtenIn,
  type ReadRecipeLine,
  type ReadRecipeStep,
  type RecipeReading,
  type RecipesRead,
} from './readRecipe.ts';
export { readLine, type LineReading } from './line.ts';
export { readSteps, type StepReading } from './steps.ts';
export type { StepNote } from './stepParts.ts';
export { readTimes, readHeats, type ReadTime, type ReadHeat } from './timesAndHeats.ts';
export { answered, type RecipeAnswer, type RecipeChange, type RecipeQuestion } from './questions.ts';
export { linkedTo } from './linked.ts';
export { checkRecipe } from './check.ts';
export type { RecipeFindingCode, RecipeFinding } from './finding.ts';
export { toJsonLd, toText, toRecipeFile } from './write.ts';
export { forms as verbForms, word as wholeWord } from './wording.ts';
