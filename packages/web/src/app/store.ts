import { configureStore } from '@reduxjs/toolkit';
import { QueryStatus, setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { planReducer } from '../planner/slice.ts';
import { api } from './api.ts';
import { historyReducer } from './history.ts';
import { noticesReducer } from './notices.ts';
import { prefsReducer, rememberPrefs } from './prefs.ts';

export const store = configureStore({
  reducer: {
    [api.reducerPath]: api.reducer,
    prefs: prefsReducer,
    history: historyReducer,
    notices: noticesReducer,
    plans: planReducer,
  },
  // Plans are large and never changed in place; walking them on every action would only cost time.
  middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).concat(api.middleware),
});

setupListeners(store.dispatch);
store.subscribe(() => rememberPrefs(store.getState().prefs));

/** Whether something that was changed is still on its way to where it is kept. */
export const isSending = ({ notices, [api.reducerPath]: { mutations } }: RootState): boolean =>
  notices.saving > 0 || Object.values(mutations).some((each) => each?.status === QueryStatus.pending);

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
