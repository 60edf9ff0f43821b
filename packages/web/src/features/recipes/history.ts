import * as v from 'valibot';
import { CheckedRecipe, type Recipe } from '@lupin/core';

/** What a recipe was before its last changes, and what was taken back of them; the newest last. */
export interface History {
  readonly past: readonly Recipe[];
  readonly future: readonly Recipe[];
}

/** So many changes can be taken back while the page is open, and after it was left. */
const most = 200;
const mostKept = 40;

const none: History = { past: [], future: [] };
const keyOf = (id: string): string => `lupin.recipe-history.${id}`;

/** What a recipe came from never changes, and can be long: it is kept with the recipe alone. */
const withoutOriginal = ({ original: _original, ...rest }: Recipe): Omit<Recipe, 'original'> => rest;

const Stored = v.strictObject({
  /** The recipe after the last change: if it is another by now, it was changed elsewhere, and nothing here leads to it. */
  now: v.string(),
  past: v.array(v.unknown()),
  future: v.array(v.unknown()),
});

/** What of a recipe can be taken back from before the page was opened. Empty where it has been changed elsewhere since, or nothing can be read. */
export function historyOf(storage: () => Pick<Storage, 'getItem'>, recipe: Recipe): History {
  try {
    const stored = v.safeParse(Stored, JSON.parse(storage().getItem(keyOf(recipe.id)) ?? 'null'));
    if (!stored.success || stored.output.now !== JSON.stringify(withoutOriginal(recipe))) return none;
    const read = (all: readonly unknown[]): readonly Recipe[] =>
      all.map((each) => {
        const one = v.parse(CheckedRecipe, each);
        return recipe.original ? { ...one, original: recipe.original } : one;
      });
    return { past: read(stored.output.past), future: read(stored.output.future) };
  } catch {
    return none;
  }
}

/** Keeps it for when the page is opened again; where there is no room, less of it, or nothing: taking back is then over with the page. */
export function keepHistory(
  storage: () => Pick<Storage, 'setItem' | 'removeItem'>,
  recipe: Recipe,
  { past, future }: History,
): void {
  for (let room = mostKept; room > 0; room = Math.floor(room / 2)) {
    try {
      storage().setItem(
        keyOf(recipe.id),
        JSON.stringify({
          now: JSON.stringify(withoutOriginal(recipe)),
          past: past.slice(-room).map(withoutOriginal),
          future: future.slice(-room).map(withoutOriginal),
        }),
      );
      return;
    } catch {
      // No room for so much: try with less.
    }
  }
  try {
    storage().removeItem(keyOf(recipe.id));
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}

/** One more change can be taken back. */
export const changed = ({ past }: History, before: Recipe): History => ({
  past: [...past.slice(1 - most), before],
  future: [],
});
