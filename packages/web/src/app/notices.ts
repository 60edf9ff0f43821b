import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The last thing that went wrong with saving, until it is dismissed or saving works again. */
const slice = createSlice({
  name: 'notices',
  initialState: { trouble: null as string | null, saving: 0 },
  reducers: {
    savingStarted(state) {
      state.saving++;
    },
    savingEnded(state) {
      state.saving--;
    },
    troubleCame(state, { payload }: PayloadAction<string>) {
      state.trouble = payload;
    },
    troubleGone(state) {
      state.trouble = null;
    },
  },
});

export const { savingStarted, savingEnded, troubleCame, troubleGone } = slice.actions;
export const noticesReducer = slice.reducer;
