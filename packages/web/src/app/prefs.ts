import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { MeasureSystem, TemperatureScale } from '@lupin/core';

/** How much is looked for a plan, in seconds of an ordinary machine. */
export const lookSeconds = { short: 2, usual: 6, long: 25 } as const;
export type LookLength = keyof typeof lookSeconds;

/** As the planner has it: however brief the look, giving up before there is any plan saves nobody time. */
export const lookFor = (look: LookLength): { readonly seconds: number; readonly firstSeconds?: number } =>
  look === 'short' ? { seconds: lookSeconds.short, firstSeconds: lookSeconds.usual } : { seconds: lookSeconds[look] };

export interface Prefs {
  readonly measure: MeasureSystem;
  readonly temperature: TemperatureScale;
  readonly look: LookLength;
}

const storageKey = 'lupin.prefs';

function remembered(): Prefs {
  const fallback: Prefs = { measure: 'metric', temperature: 'C', look: 'usual' };
  try {
    const kept = JSON.parse(localStorage.getItem(storageKey) ?? '{}') as Partial<Prefs>;
    return {
      measure: kept.measure === 'us' ? 'us' : 'metric',
      temperature: kept.temperature === 'F' ? 'F' : 'C',
      look: kept.look !== undefined && Object.hasOwn(lookSeconds, kept.look) ? kept.look : 'usual',
    };
  } catch {
    return fallback;
  }
}

const slice = createSlice({
  name: 'prefs',
  initialState: remembered,
  reducers: {
    unitsSwitched: (prefs, { payload }: PayloadAction<'metric' | 'us'>): Prefs => ({
      ...prefs,
      measure: payload,
      temperature: payload === 'us' ? 'F' : 'C',
    }),
    lookLengthChosen: (prefs, { payload }: PayloadAction<LookLength>): Prefs => ({ ...prefs, look: payload }),
  },
});

export const { unitsSwitched, lookLengthChosen } = slice.actions;
export const prefsReducer = slice.reducer;

export function rememberPrefs(prefs: Prefs): void {
  try {
    localStorage.setItem(storageKey, JSON.stringify(prefs));
  } catch {
    // A browser that keeps nothing still shows everything.
  }
}
