import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

const slice = createSlice({
  name: 'bay',
  initialState: { id: null as string | null },
  reducers: { chooseBay: (_state, { payload }: PayloadAction<string | null>) => ({ id: payload }) },
});

/** Chooses the bay of the open job to work on. Any id but one of its bays means the main bay. */
export const { chooseBay } = slice.actions;
export const bayReducer = slice.reducer;
