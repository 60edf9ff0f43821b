export { applySwaps, massOf } from './applySwaps.ts';
export { versionFor, inOtherWay, recipeOf, versionRecipe } from './assign.ts';
export { followsOf, linesInto, ancestry, heats } from './steps.ts';
export { canBeHeatedAgain } from './ahead.ts';
export { flatten, partKeepsMin } from './flatten.ts';
export { withLinks, withOrderSaid, withoutLink, withoutStep } from './order.ts';
export { scaleAmount } from './scaleAmount.ts';
export { inBatchStep } from './batchWords.ts';
export { kitOfPart, partId, partKit, partsOf, stepsOfPart, versionParts, type VersionPart } from './parts.ts';
