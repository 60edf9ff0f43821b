import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { AuditReport, NoPlan, Plan } from '@lupin/core';

/** The audit as it crosses from the worker: surfaces as a plain record. */
export type PlainAudit = Omit<AuditReport, 'surfaces'> & {
  readonly surfaces: Readonly<Record<string, AuditReport['surfaces'] extends ReadonlyMap<string, infer S> ? S : never>>;
};

export interface PlanState {
  /** What the plan rests on; another basis means it is stale. */
  readonly basis: string;
  readonly status: 'looking' | 'ready' | 'stopped' | 'none';
  readonly share: number;
  readonly plan?: Plan;
  readonly audit?: PlainAudit;
  readonly reason?: NoPlan;
  /** A plan that the cook has seen and chosen for the state of the occasion that it names: that state is not planned anew. */
  readonly offered?: Plan;
}

const slice = createSlice({
  name: 'plans',
  initialState: {} as Record<string, PlanState>,
  reducers: {
    /** A plan of the same basis stays in sight while a better one is looked for. */
    lookingStarted: (state, { payload }: PayloadAction<{ id: string; basis: string }>) => {
      const before = state[payload.id];
      const kept =
        before?.basis === payload.basis && before.plan && before.audit
          ? { plan: before.plan, audit: before.audit }
          : {};
      const offered = before?.offered ? { offered: before.offered } : {};
      return {
        ...state,
        [payload.id]: { basis: payload.basis, status: 'looking' as const, share: 0, ...kept, ...offered },
      };
    },
    planOffered: (state, { payload }: PayloadAction<{ id: string; plan: Plan }>) => {
      const mine = state[payload.id];
      return mine ? { ...state, [payload.id]: { ...mine, offered: payload.plan } } : state;
    },
    lookedOn: (state, { payload }: PayloadAction<{ id: string; share: number }>) => {
      const mine = state[payload.id];
      return mine ? { ...state, [payload.id]: { ...mine, share: payload.share } } : state;
    },
    planFound: (state, { payload }: PayloadAction<{ id: string; plan: Plan; audit: PlainAudit }>) => {
      const mine = state[payload.id];
      return mine ? { ...state, [payload.id]: { ...mine, plan: payload.plan, audit: payload.audit } } : state;
    },
    lookingEnded: (
      state,
      { payload }: PayloadAction<{ id: string; status: 'ready' | 'stopped' | 'none'; reason?: NoPlan }>,
    ) => {
      const mine = state[payload.id];
      return mine
        ? {
            ...state,
            [payload.id]: {
              ...mine,
              status: payload.status,
              share: 1,
              ...(payload.reason ? { reason: payload.reason } : {}),
            },
          }
        : state;
    },
  },
});

export const { lookingStarted, planOffered, lookedOn, planFound, lookingEnded } = slice.actions;
export const planReducer = slice.reducer;
