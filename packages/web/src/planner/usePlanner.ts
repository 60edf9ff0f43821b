import { proxy } from 'comlink';
import { useCallback, useEffect, useRef } from 'react';
import { basisOf, type Occasion, type Plan } from '@lupin/core';
import { api } from '../app/api.ts';
import { lookFor } from '../app/prefs.ts';
import { useAppDispatch, useAppSelector, type AppDispatch, type RootState } from '../app/store.ts';
import {
  lookedOn,
  lookingEnded,
  lookingStarted,
  planFound,
  planOffered,
  type PlainAudit,
  type PlanState,
} from './slice.ts';
import { startPlanner, warmPlanner } from './startPlanner.ts';

/** Typing settles before planning starts; where the plan is not looked at, the work that is goes first. */
const settleMs = 500;
const awayMs = 3000;

const planOf = (state: RootState, id: string): PlanState | undefined => state.plans[id];

interface Look {
  readonly occasion: Occasion;
  readonly basis: string;
  /** Look for a better plan even where one is kept. */
  readonly afresh: boolean;
  readonly seed: number;
}

/** Looks for a plan in a worker of its own; the function it returns stops it and keeps the best so far. */
function look({
  occasion,
  basis,
  afresh,
  seed,
}: Look): (dispatch: AppDispatch, getState: () => RootState) => () => void {
  return (dispatch, getState) => {
    const { id } = occasion;
    const { planner, done, stop } = startPlanner();
    let over = false;
    const current = (): Plan | undefined =>
      planOf(getState(), id)?.basis === basis ? planOf(getState(), id)?.plan : undefined;
    const end = (status: 'ready' | 'stopped' | 'none', reason?: PlanState['reason']): void => {
      if (over) return;
      over = true;
      if (status === 'stopped') stop();
      else done();
      const plan = current();
      dispatch(
        lookingEnded({
          id,
          status: plan ? (status === 'none' ? 'ready' : status) : 'none',
          ...(reason && !plan ? { reason } : {}),
        }),
      );
      if (plan) void dispatch(api.endpoints.keepPlan.initiate({ id, plan }));
    };
    const found = (plan: Plan, audit: PlainAudit): void => {
      if (!over) dispatch(planFound({ id, plan, audit }));
    };
    const run = async (): Promise<void> => {
      if (!afresh) {
        // What was planned before is what the cook has on paper: it stands until somebody asks for another.
        const offered = planOf(getState(), id)?.offered;
        const known =
          offered?.basis === basis
            ? offered
            : await dispatch(api.endpoints.keptPlan.initiate(id, { forceRefetch: true, subscribe: false }))
                .unwrap()
                .catch(() => undefined);
        if (known?.basis === basis) {
          const report = await planner.audit(occasion, known);
          if (report.passed) {
            found(known, report);
            return end('ready');
          }
        }
      }
      const outcome = await planner.plan(
        occasion,
        { seed, rival: current(), ...lookFor(getState().prefs.look) },
        proxy(found),
        proxy((share: number) => {
          if (!over) dispatch(lookedOn({ id, share }));
        }),
      );
      return outcome.kind === 'plan' ? end('ready') : end('none', outcome.reason);
    };
    dispatch(lookingStarted({ id, basis }));
    run().catch((error: unknown) =>
      end('none', {
        what: 'The planner stopped.',
        why: String(error),
        tryThis: 'Change something, or load the page again.',
        proven: false,
      }),
    );
    return () =>
      end('stopped', {
        what: 'Stopped before a plan was found.',
        why: 'You stopped it.',
        tryThis: 'Plan again.',
        proven: false,
      });
  };
}

/** Keeps a plan of the occasion up to date in the background; the newest change wins. With `isLookedAt` it is begun at once. */
export function usePlanner(
  occasion: Occasion | undefined,
  isLookedAt: boolean,
): { state: PlanState | undefined; stop: () => void; again: () => void; offer: (plan: Plan) => void } {
  const dispatch = useAppDispatch();
  const state = useAppSelector((root) => (occasion ? root.plans[occasion.id] : undefined));
  const running = useRef<(() => void) | undefined>(undefined);
  const looked = useRef('');
  const attempts = useRef(1);
  const start = useCallback(
    (wanted: Look) => {
      running.current?.();
      looked.current = `${wanted.occasion.id}/${wanted.basis}`;
      running.current = dispatch(look(wanted));
    },
    [dispatch],
  );
  useEffect(() => {
    if (!occasion) return undefined;
    const timer = setTimeout(
      () => {
        const basis = basisOf(occasion);
        if (looked.current !== `${occasion.id}/${basis}`) start({ occasion, basis, afresh: false, seed: 1 });
      },
      isLookedAt ? settleMs : awayMs,
    );
    return () => clearTimeout(timer);
  }, [occasion, isLookedAt, start]);
  useEffect(() => {
    warmPlanner();
    return () => running.current?.();
  }, []);
  return {
    state,
    stop: () => running.current?.(),
    offer: (plan) => {
      if (occasion) dispatch(planOffered({ id: occasion.id, plan }));
    },
    again: () => {
      if (occasion) start({ occasion, basis: basisOf(occasion), afresh: true, seed: ++attempts.current });
    },
  };
}
