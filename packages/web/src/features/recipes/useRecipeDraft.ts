import { useCallback, useEffect, useRef, useState } from 'react';
import * as v from 'valibot';
import { CheckedRecipe, type Kept, type Recipe } from '@lupin/core';
import { api, problemWords, usePutRecipeMutation } from '../../app/api.ts';
import { useAppDispatch } from '../../app/store.ts';
import { changed, historyOf, keepHistory, type History } from './history.ts';

export interface RecipeDraft {
  readonly recipe: Recipe;
  /** Changes it, now and on disk. Returns what is wrong where the change makes no valid recipe; nothing is done then. */
  change(next: (recipe: Recipe) => Recipe): string | undefined;
  undo(): void;
  redo(): void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly saving: boolean;
  /** What went wrong with keeping it; what was typed is still here. */
  readonly trouble: string | undefined;
  /** Writes what stands here over what is kept, after it was refused or could not be sent. */
  keepMine(): void;
}

/** Asked for each time: a browser may refuse it. */
const storage = (): Storage => window.localStorage;

/** A recipe as it is being edited: every change is kept at once, one write after the other, and can be undone, also after the page was left. */
export function useRecipeDraft(kept: Kept<Recipe>): RecipeDraft {
  const [recipe, setRecipe] = useState(kept.entry);
  const [history, setHistory] = useState<History>(() => historyOf(storage, kept.entry));
  const { past, future } = history;
  const [pending, setPending] = useState(0);
  const [trouble, setTrouble] = useState<string>();
  const [put] = usePutRecipeMutation();
  const dispatch = useAppDispatch();
  const revision = useRef(kept.revision);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const latest = useRef(recipe);

  const keep = useCallback(
    (next: Recipe) => {
      setPending((count) => count + 1);
      queue.current = queue.current
        .then(async () => {
          // Typing is faster than the disk: only the newest state needs to be written.
          if (latest.current !== next) return;
          try {
            const answer = await put({ baseRevision: revision.current, entry: next }).unwrap();
            revision.current = answer.revision;
            setTrouble(undefined);
          } catch (error) {
            setTrouble(problemWords(error));
          }
        })
        .finally(() => setPending((count) => count - 1));
    },
    [put],
  );

  const keepMine = useCallback(() => {
    void dispatch(api.endpoints.recipes.initiate(undefined, { forceRefetch: true, subscribe: false }))
      .unwrap()
      .then(
        (all) => {
          revision.current = all.find((each) => each.entry.id === latest.current.id)?.revision ?? 0;
          keep(latest.current);
        },
        (error: unknown) => setTrouble(problemWords(error)),
      );
  }, [dispatch, keep]);

  const show = useCallback(
    (next: Recipe, around: History) => {
      latest.current = next;
      setRecipe(next);
      setHistory(around);
      keepHistory(storage, next, around);
      keep(next);
    },
    [keep],
  );

  const change = useCallback(
    (next: (recipe: Recipe) => Recipe): string | undefined => {
      const checked = v.safeParse(CheckedRecipe, next(latest.current));
      if (!checked.success) return checked.issues[0].message;
      const before = latest.current;
      if (JSON.stringify(before) === JSON.stringify(checked.output)) return undefined;
      show(checked.output, changed(history, before));
      return undefined;
    },
    [show, history],
  );

  const undo = useCallback(() => {
    const before = past.at(-1);
    if (before) show(before, { past: past.slice(0, -1), future: [...future, latest.current] });
  }, [past, future, show]);
  const redo = useCallback(() => {
    const after = future.at(-1);
    if (after) show(after, { past: [...past, latest.current], future: future.slice(0, -1) });
  }, [past, future, show]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      if (
        event.key.toLowerCase() !== 'z' ||
        event.altKey ||
        (target instanceof HTMLElement &&
          (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)))
      )
        return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);

  return {
    recipe,
    change,
    undo,
    redo,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    saving: pending > 0,
    trouble,
    keepMine,
  };
}
