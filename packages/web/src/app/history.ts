import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Revisions one can go back and forward to, for each occasion. */
interface History {
  [occasion: string]: { back: number[]; forward: number[] };
}

const slice = createSlice({
  name: 'history',
  initialState: {} as History,
  reducers: {
    changed(state, { payload }: PayloadAction<{ id: string; from: number }>) {
      const mine = (state[payload.id] ??= { back: [], forward: [] });
      mine.back.push(payload.from);
      mine.forward = [];
    },
    undone(state, { payload }: PayloadAction<{ id: string; from: number }>) {
      const mine = (state[payload.id] ??= { back: [], forward: [] });
      mine.back.pop();
      mine.forward.push(payload.from);
    },
    redone(state, { payload }: PayloadAction<{ id: string; from: number }>) {
      const mine = (state[payload.id] ??= { back: [], forward: [] });
      mine.forward.pop();
      mine.back.push(payload.from);
    },
  },
});

export const { changed, undone, redone } = slice.actions;
export const historyReducer = slice.reducer;
