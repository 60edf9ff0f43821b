import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef } from 'react';
import { basisOf, type Occasion } from '@lupin/core';
import { api } from '../app/api.ts';
import { useAppDispatch, useAppSelector, type AppDispatch } from '../app/store.ts';
import { lookedOn, lookingEnded, lookingStarted, planFound, type PlanState } from './slice.ts';
import type { Planner } from './worker.ts';

const rounds = 160;
/** Typing settles before planning starts. */
const settleMs = 500;

function look(occasion: Occasion, basis: string, dispatch: AppDispatch): () => void {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  const planner = wrap<Planner>(worker);
  const { id } = occasion;
  let over = false;
  const end = () => {
    over = true;
    worker.terminate();
  };
  dispatch(lookingStarted({ id, basis }));
  let best: Parameters<Parameters<Planner['plan']>[2]>[0] | undefined;
  planner
    .plan(occasion, rounds, proxy((plan, audit) => { if (!over) { best = plan; dispatch(planFound({ id, plan, audit })); } }), proxy((share) => { if (!over) dispatch(lookedOn({ id, share })); }))
    .then((outcome) => {
      if (over) return;
      end();
      dispatch(lookingEnded({ id, status: outcome.kind === 'plan' && best ? 'ready' : 'none', ...(outcome.kind === 'none' ? { reason: outcome.reason } : {}) }));
      if (best) void dispatch(api.endpoints.keepPlan.initiate({ id, plan: best }));
    })
    .catch((error: unknown) => {
      if (over) return;
      end();
      dispatch(lookingEnded({ id, status: 'none', reason: { what: 'The planner stopped.', why: String(error), tryThis: 'Change something, or load the page again.' } }));
    });
  return () => {
    if (over) return;
    end();
    dispatch(lookingEnded({ id, status: best ? 'stopped' : 'none', ...(best ? {} : { reason: { what: 'Stopped before a plan was found.', why: 'You stopped it.', tryThis: 'Plan again.' } }) }));
    if (best) void dispatch(api.endpoints.keepPlan.initiate({ id, plan: best }));
  };
}

/** Keeps a plan of the occasion up to date in the background; the newest change wins. */
export function usePlanner(occasion: Occasion | undefined): { state: PlanState | undefined; stop: () => void; again: () => void } {
  const dispatch = useAppDispatch();
  const state = useAppSelector((root) => (occasion ? root.plans[occasion.id] : undefined));
  const running = useRef<(() => void) | undefined>(undefined);
  const looked = useRef('');
  const start = useCallback((one: Occasion, basis: string) => {
    running.current?.();
    looked.current = `${one.id}/${basis}`;
    running.current = look(one, basis, dispatch);
  }, [dispatch]);
  useEffect(() => {
    if (!occasion) return undefined;
    const timer = setTimeout(() => {
      const basis = basisOf(occasion);
      if (looked.current === `${occasion.id}/${basis}`) return;
      start(occasion, basis);
    }, settleMs);
    return () => clearTimeout(timer);
  }, [occasion, start]);
  useEffect(() => () => running.current?.(), []);
  return {
    state,
    stop: () => running.current?.(),
    again: () => { if (occasion) start(occasion, basisOf(occasion)); },
  };
}
