import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type {
  BegunWith,
  DayClock,
  DeviceFault,
  DeviceRole,
  JoinedDevice,
  SharingState,
  Kept,
  KeptOccasion,
  LabelReading,
  Occasion,
  OccasionSummary,
  OwnFood,
  OwnSubstitution,
  Pack,
  Person,
  Plan,
  ProblemDocument,
  Product,
  Recipe,
  RecipesRead,
  RunningDay,
  StepTiming,
} from '@lupin/core';

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api/' }),
  tagTypes: [
    'list',
    'occasion',
    'day',
    'people',
    'products',
    'foods',
    'recipes',
    'swaps',
    'packs',
    'timings',
    'sharing',
  ],
  endpoints: (build) => ({
    occasions: build.query<OccasionSummary[], void>({ query: () => 'occasions', providesTags: ['list'] }),
    occasion: build.query<KeptOccasion, string>({
      query: (id) => `occasions/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'occasion', id }],
    }),
    createOccasion: build.mutation<KeptOccasion, { name: string; date: string; serveAt: string }>({
      query: (body) => ({ url: 'occasions', method: 'POST', body }),
      invalidatesTags: ['list'],
    }),
    removeOccasion: build.mutation<void, string>({
      query: (id) => ({ url: `occasions/${id}`, method: 'DELETE' }),
      invalidatesTags: ['list'],
    }),
    putOccasion: build.mutation<KeptOccasion, { id: string; baseRevision: number; occasion: Occasion }>({
      query: ({ id, ...body }) => ({ url: `occasions/${id}`, method: 'PUT', body }),
      invalidatesTags: ['list'],
    }),
    restoreOccasion: build.mutation<KeptOccasion, { id: string; baseRevision: number; revision: number }>({
      query: ({ id, ...body }) => ({ url: `occasions/${id}/restore`, method: 'POST', body }),
      invalidatesTags: ['list'],
    }),
    recipes: build.query<Kept<Recipe>[], void>({ query: () => 'recipes', providesTags: ['recipes'] }),
    putRecipe: build.mutation<Kept<Recipe>, { baseRevision: number; entry: Recipe }>({
      query: (body) => ({ url: `recipes/${body.entry.id}`, method: 'PUT', body }),
      // The editor knows what it wrote; only the list must hear of it, without asking for all of it again.
      async onQueryStarted(_body, { dispatch, queryFulfilled }) {
        const { data } = await queryFulfilled.catch(() => ({ data: undefined }));
        if (!data) return;
        dispatch(
          api.util.updateQueryData('recipes', undefined, (all) => {
            const at = all.findIndex((each) => each.entry.id === data.entry.id);
            if (at >= 0) all[at] = data as never;
            else all.push(data as never);
          }),
        );
      },
    }),
    removeRecipe: build.mutation<void, string>({
      query: (id) => ({ url: `recipes/${id}`, method: 'DELETE' }),
      invalidatesTags: ['recipes'],
    }),
    readRecipe: build.mutation<RecipesRead, string>({
      query: (text) => ({ url: 'read/recipe', method: 'POST', body: { text } }),
    }),
    swaps: build.query<Kept<OwnSubstitution>[], void>({ query: () => 'swaps', providesTags: ['swaps'] }),
    putSwap: build.mutation<Kept<OwnSubstitution>, { baseRevision: number; entry: OwnSubstitution }>({
      query: (body) => ({ url: `swaps/${body.entry.id}`, method: 'PUT', body }),
      invalidatesTags: ['swaps'],
    }),
    removeSwap: build.mutation<void, string>({
      query: (id) => ({ url: `swaps/${id}`, method: 'DELETE' }),
      invalidatesTags: ['swaps'],
    }),
    packs: build.query<Kept<Pack>[], void>({ query: () => 'packs', providesTags: ['packs'] }),
    putPack: build.mutation<Kept<Pack>, { baseRevision: number; entry: Pack }>({
      query: (body) => ({ url: `packs/${body.entry.id}`, method: 'PUT', body }),
      invalidatesTags: ['packs'],
    }),
    timings: build.query<Kept<StepTiming>[], void>({
      query: () => 'timings',
      providesTags: ['timings'],
      keepUnusedDataFor: 0,
    }),
    removeTiming: build.mutation<void, string>({
      query: (id) => ({ url: `timings/${id}`, method: 'DELETE' }),
      invalidatesTags: ['timings'],
    }),
    occasionAgain: build.mutation<KeptOccasion, { id: string; name: string; date: string; serveAt: string }>({
      query: ({ id, ...body }) => ({ url: `occasions/${id}/again`, method: 'POST', body }),
      invalidatesTags: ['list'],
    }),
    keepPlan: build.mutation<void, { id: string; plan: Plan }>({
      query: ({ id, plan }) => ({ url: `occasions/${id}/plan`, method: 'PUT', body: { plan } }),
    }),
    keptPlan: build.query<Plan, string>({ query: (id) => `occasions/${id}/plan` }),
    people: build.query<Kept<Person>[], void>({ query: () => 'people', providesTags: ['people'] }),
    putPerson: build.mutation<Kept<Person>, { baseRevision: number; entry: Person }>({
      query: (body) => ({ url: `people/${body.entry.id}`, method: 'PUT', body }),
      invalidatesTags: ['people'],
    }),
    removePerson: build.mutation<void, string>({
      query: (id) => ({ url: `people/${id}`, method: 'DELETE' }),
      invalidatesTags: ['people'],
    }),
    products: build.query<Kept<Product>[], void>({ query: () => 'products', providesTags: ['products'] }),
    putProduct: build.mutation<Kept<Product>, { baseRevision: number; entry: Product }>({
      query: (body) => ({ url: `products/${body.entry.id}`, method: 'PUT', body }),
      invalidatesTags: ['products'],
    }),
    ownFoods: build.query<Kept<OwnFood>[], void>({ query: () => 'foods', providesTags: ['foods'] }),
    putOwnFood: build.mutation<Kept<OwnFood>, { baseRevision: number; entry: OwnFood }>({
      query: (body) => ({ url: `foods/${body.entry.id}`, method: 'PUT', body }),
      invalidatesTags: ['foods'],
    }),
    readLabel: build.mutation<LabelReading, string>({
      query: (text) => ({ url: 'read/label', method: 'POST', body: { text } }),
    }),
    day: build.query<RunningDay | null, string>({
      async queryFn(id, _api, _extra, ask) {
        const { data, error } = await ask(`occasions/${id}/day`);
        if (error) return error.status === 404 ? { data: null } : { error };
        return { data: data as RunningDay };
      },
      providesTags: (_result, _error, id) => [{ type: 'day', id }],
    }),
    // Asked for once a day that is begun: it does not change.
    begun: build.query<BegunWith, { id: string; day: string }>({ query: ({ id }) => `occasions/${id}/day/begun` }),
    beginDay: build.mutation<
      RunningDay,
      { id: string; how: { mode: 'day' } | { mode: 'rehearsal'; speed: number; fromMin?: number } }
    >({
      query: ({ id, how }) => ({ url: `occasions/${id}/day`, method: 'POST', body: how }),
      invalidatesTags: (_result, _error, { id }) => [{ type: 'day', id }],
    }),
    mendDay: build.mutation<
      RunningDay,
      {
        id: string;
        day: string;
        baseVersion: number;
        occasion: Occasion;
        plan: Plan;
        again: readonly string[];
        words: string;
      }
    >({
      query: ({ id, ...body }) => ({ url: `occasions/${id}/day/plan`, method: 'PUT', body }),
      invalidatesTags: (_result, _error, { id }) => [{ type: 'day', id }],
    }),
    setClock: build.mutation<DayClock, { id: string; speed: number; nowMin?: number }>({
      query: ({ id, ...body }) => ({ url: `occasions/${id}/day/clock`, method: 'PUT', body }),
    }),
    failDevice: build.mutation<void, { id: string; device: string; fault: DeviceFault | null }>({
      query: ({ id, device, fault }) => ({
        url: `occasions/${id}/day/devices/${device}/fault`,
        method: 'PUT',
        body: { fault },
      }),
    }),
    sharing: build.query<SharingState, void>({ query: () => 'sharing', providesTags: ['sharing'] }),
    switchSharing: build.mutation<SharingState, boolean>({
      query: (on) => ({ url: 'sharing', method: 'PUT', body: { on } }),
      invalidatesTags: ['sharing'],
    }),
    askCode: build.mutation<SharingState, { occasion: string; role: DeviceRole }>({
      query: (body) => ({ url: 'sharing/code', method: 'POST', body }),
      invalidatesTags: ['sharing'],
    }),
    takeDeviceOut: build.mutation<void, string>({
      query: (id) => ({ url: `sharing/devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['sharing'],
    }),
    join: build.mutation<JoinedDevice, { code: string; name: string }>({
      query: (body) => ({ url: 'join', method: 'POST', body }),
    }),
    joined: build.query<JoinedDevice, void>({ query: () => 'joined' }),
    endDay: build.mutation<void, string>({
      query: (id) => ({ url: `occasions/${id}/day/end`, method: 'POST' }),
      invalidatesTags: (_result, _error, id) => [{ type: 'day', id }],
    }),
  }),
});

export const {
  useOccasionsQuery,
  useOccasionQuery,
  useCreateOccasionMutation,
  useRemoveOccasionMutation,
  useRecipesQuery,
  usePutRecipeMutation,
  useRemoveRecipeMutation,
  useReadRecipeMutation,
  useSwapsQuery,
  usePutSwapMutation,
  useRemoveSwapMutation,
  usePacksQuery,
  usePutPackMutation,
  useKeptPlanQuery,
  useTimingsQuery,
  useRemoveTimingMutation,
  useOccasionAgainMutation,
  useBegunQuery,
  useDayQuery,
  useBeginDayMutation,
  useFailDeviceMutation,
  useSharingQuery,
  useSwitchSharingMutation,
  useAskCodeMutation,
  useTakeDeviceOutMutation,
  useJoinMutation,
  useJoinedQuery,
  useMendDayMutation,
  useSetClockMutation,
  useEndDayMutation,
  useReadLabelMutation,
  usePeopleQuery,
  usePutPersonMutation,
  useRemovePersonMutation,
  useProductsQuery,
  usePutProductMutation,
  useOwnFoodsQuery,
  usePutOwnFoodMutation,
} = api;

/** The one sentence to show for whatever went wrong with a call. */
export function problemWords(error: unknown): string {
  const { status, data } = (error ?? {}) as { status?: number | string; data?: ProblemDocument };
  if (status === 'FETCH_ERROR') return 'Lupin does not answer. Is it still running? What you typed stays here.';
  if (data && typeof data === 'object' && data.title) return data.detail ? `${data.title} ${data.detail}` : data.title;
  return 'Something went wrong; nothing was changed.';
}
