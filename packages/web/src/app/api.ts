import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { KeptOccasion, LabelReading, Occasion, OccasionSummary, Plan, ProblemDocument, Recipe, Tick } from '@lupin/core';

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api/' }),
  tagTypes: ['list', 'occasion'],
  endpoints: (build) => ({
    occasions: build.query<OccasionSummary[], void>({ query: () => 'occasions', providesTags: ['list'] }),
    occasion: build.query<KeptOccasion, string>({ query: (id) => `occasions/${id}`, providesTags: (_result, _error, id) => [{ type: 'occasion', id }] }),
    createOccasion: build.mutation<KeptOccasion, { name: string; date: string; serveAt: string }>({ query: (body) => ({ url: 'occasions', method: 'POST', body }), invalidatesTags: ['list'] }),
    removeOccasion: build.mutation<void, string>({ query: (id) => ({ url: `occasions/${id}`, method: 'DELETE' }), invalidatesTags: ['list'] }),
    putOccasion: build.mutation<KeptOccasion, { id: string; baseRevision: number; occasion: Occasion }>({ query: ({ id, ...body }) => ({ url: `occasions/${id}`, method: 'PUT', body }), invalidatesTags: ['list'] }),
    restoreOccasion: build.mutation<KeptOccasion, { id: string; baseRevision: number; revision: number }>({ query: ({ id, ...body }) => ({ url: `occasions/${id}/restore`, method: 'POST', body }), invalidatesTags: ['list'] }),
    recipes: build.query<Recipe[], void>({ query: () => 'recipes' }),
    keepPlan: build.mutation<void, { id: string; plan: Plan }>({ query: ({ id, plan }) => ({ url: `occasions/${id}/plan`, method: 'PUT', body: { plan } }) }),
    keptPlan: build.query<Plan, string>({ query: (id) => `occasions/${id}/plan` }),
    readLabel: build.mutation<LabelReading, string>({ query: (text) => ({ url: 'read/label', method: 'POST', body: { text } }) }),
    ticks: build.query<Tick[], string>({ query: (id) => `occasions/${id}/ticks` }),
    tick: build.mutation<Tick[], { id: string; basis: string; task: string; done: boolean }>({
      query: ({ id, ...body }) => ({ url: `occasions/${id}/ticks`, method: 'PUT', body }),
      async onQueryStarted({ id, basis, task, done }, { dispatch, queryFulfilled }) {
        const patch = dispatch(api.util.updateQueryData('ticks', id, (ticks) => {
          const at = ticks.findIndex((tick) => tick.basis === basis && tick.task === task);
          if (done && at < 0) ticks.push({ basis, task, doneAt: new Date().toISOString() });
          if (!done && at >= 0) ticks.splice(at, 1);
        }));
        try {
          const { data } = await queryFulfilled;
          dispatch(api.util.updateQueryData('ticks', id, () => data));
        } catch {
          patch.undo();
        }
      },
    }),
  }),
});

export const { useOccasionsQuery, useOccasionQuery, useCreateOccasionMutation, useRemoveOccasionMutation, useRecipesQuery, useKeptPlanQuery, useTicksQuery, useTickMutation, useReadLabelMutation } = api;

/** The one sentence to show for whatever went wrong with a call. */
export function problemWords(error: unknown): string {
  const { status, data } = (error ?? {}) as { status?: number | string; data?: ProblemDocument };
  if (status === 'FETCH_ERROR') return 'Lupin does not answer. Is it still running? What you typed stays here.';
  if (data && typeof data === 'object' && data.title) return data.detail ? `${data.title} ${data.detail}` : data.title;
  return 'Something went wrong; nothing was changed.';
}
