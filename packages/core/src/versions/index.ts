export { applySwaps, massOf } from './applySwaps.ts';
export { versionFor, inOtherWay, recipeOf, versionRecipe } from './assign.ts';
export { followsOf, ancestry } from './steps.ts';
export { flatten, scaleAmount } from './flatten.ts';
