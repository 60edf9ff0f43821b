import { copyWithStructuralSharing } from '@reduxjs/toolkit/query';
import * as v from 'valibot';
import { Occasion, type KeptOccasion } from '@lupin/core';
import { api, problemWords } from './api.ts';
import { changed, redone, undone } from './history.ts';
import { savingEnded, savingStarted, troubleCame, troubleGone } from './notices.ts';
import type { AppDispatch, RootState } from './store.ts';

type Thunk<T> = (dispatch: AppDispatch, getState: () => RootState) => T;

const cached = (state: RootState, id: string): KeptOccasion | undefined =>
  api.endpoints.occasion.select(id)(state).data;

/** Writes of one occasion go out one after the other, each based on the revision the one before it made. */
const queues = new Map<string, Promise<void>>();

function inTurn(id: string, work: () => Promise<void>): Promise<void> {
  const next = (queues.get(id) ?? Promise.resolve()).then(work, work);
  queues.set(id, next);
  return next;
}

/**
 * Changes an occasion: on the screen at once, then on disk. What the server refuses is taken back and said; what cannot be
 * sent stays on the screen and is said. Returns the first fault where the change makes no valid occasion; nothing is done then.
 */
export function editOccasion(id: string, change: (occasion: Occasion) => Occasion): Thunk<string | undefined> {
  return (dispatch, getState) => {
    const before = cached(getState(), id);
    if (!before) return undefined;
    const after = v.safeParse(Occasion, change(before.occasion));
    if (!after.success) return after.issues[0].message;
    // Parts that did not change stay the same objects, so that what was computed from them need not be computed again.
    const kept = copyWithStructuralSharing(before.occasion, after.output) as Occasion;
    dispatch(
      api.util.updateQueryData('occasion', id, (draft) => {
        (draft as { occasion: Occasion }).occasion = kept;
      }),
    );
    void inTurn(id, () => send(dispatch, getState, id, kept));
    return undefined;
  };
}

async function send(dispatch: AppDispatch, getState: () => RootState, id: string, occasion: Occasion): Promise<void> {
  const base = cached(getState(), id)?.revision;
  if (base === undefined) return;
  dispatch(savingStarted());
  try {
    const kept = await dispatch(api.endpoints.putOccasion.initiate({ id, baseRevision: base, occasion })).unwrap();
    dispatch(
      api.util.updateQueryData('occasion', id, (draft) => {
        (draft as { revision: number }).revision = kept.revision;
      }),
    );
    dispatch(changed({ id, from: base }));
    dispatch(troubleGone());
  } catch (error) {
    dispatch(troubleCame(problemWords(error)));
    // Refused: show what is really kept. Unreachable: keep what was typed.
    if ((error as { status?: unknown }).status !== 'FETCH_ERROR')
      dispatch(api.util.invalidateTags([{ type: 'occasion', id }]));
  } finally {
    dispatch(savingEnded());
  }
}

function go(id: string, direction: 'back' | 'forward'): Thunk<void> {
  return (dispatch, getState) => {
    void inTurn(id, async () => {
      const target = getState().history[id]?.[direction].at(-1);
      const base = cached(getState(), id)?.revision;
      if (target === undefined || base === undefined) return;
      try {
        const kept = await dispatch(
          api.endpoints.restoreOccasion.initiate({ id, baseRevision: base, revision: target }),
        ).unwrap();
        dispatch(api.util.updateQueryData('occasion', id, () => kept));
        dispatch((direction === 'back' ? undone : redone)({ id, from: base }));
      } catch (error) {
        dispatch(troubleCame(problemWords(error)));
      }
    });
  };
}

export const undo = (id: string): Thunk<void> => go(id, 'back');
export const redo = (id: string): Thunk<void> => go(id, 'forward');
