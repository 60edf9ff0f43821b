import type { Recipe } from '../model/index.ts';

/** A way on from what makes no sense as it was asked: one press. */
export interface WayOn {
  readonly words: string;
  readonly recipe: Recipe;
}

/** What became of a change to the work of a recipe: it is made, or it makes no sense as it is and there may be ways that do. */
export type Reshaped =
  | { readonly kind: 'made'; readonly recipe: Recipe }
  | { readonly kind: 'asks'; readonly words: string; readonly ways: readonly WayOn[] };

export const made = (recipe: Recipe): Reshaped => ({ kind: 'made', recipe });
export const asks = (words: string, ...ways: readonly WayOn[]): Reshaped => ({ kind: 'asks', words, ways });
