import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
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

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
