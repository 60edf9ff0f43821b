export * from './ids.ts';
export * from './guest.ts';
export * from './recipe.ts';
export * from './dish.ts';
export * from './kitchen.ts';
export * from './label.ts';
export * from './occasion.ts';
export * from './plan.ts';
export { basisOf } from './basis.ts';
