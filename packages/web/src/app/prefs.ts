import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { MeasureSystem, TemperatureScale } from '@lupin/core';

export interface Prefs {
  readonly measure: MeasureSystem;
  readonly temperature: TemperatureScale;
}

const storageKey = 'lupin.prefs';

function remembered(): Prefs {
  const fallback: Prefs = { measure: 'metric', temperature: 'C' };
  try {
    const kept = JSON.parse(localStorage.getItem(storageKey) ?? '{}') as Partial<Prefs>;
    return { measure: kept.measure === 'us' ? 'us' : 'metric', temperature: kept.temperature === 'F' ? 'F' : 'C' };
  } catch {
    return fallback;
  }
}

const slice = createSlice({
  name: 'prefs',
  initialState: remembered,
  reducers: {
    unitsSwitched: (_, { payload }: PayloadAction<'metric' | 'us'>): Prefs => ({
      measure: payload,
      temperature: payload === 'us' ? 'F' : 'C',
    }),
  },
});

export const { unitsSwitched } = slice.actions;
export const prefsReducer = slice.reducer;

export function rememberPrefs(prefs: Prefs): void {
  try {
    localStorage.setItem(storageKey, JSON.stringify(prefs));
  } catch {
    // A browser that keeps nothing still shows everything.
  }
}
