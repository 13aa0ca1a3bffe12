import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Cutting } from '@dormer/core/work/stock';

export interface CuttingState {
  readonly result: Cutting | null;
  /** What it was worked out from; another key is another cutting. */
  readonly key: string | null;
  /** What is being worked out, and how much of it is done; null while nothing is. */
  readonly working: { readonly key: string; readonly share: number } | null;
  /** It was stopped, or it failed, for this key. */
  readonly stopped: { readonly key: string; readonly failed: boolean } | null;
}

const initialState: CuttingState = { result: null, key: null, working: null, stopped: null };

const slice = createSlice({
  name: 'cutting',
  initialState,
  reducers: {
    cuttingBegan: (state, { payload: key }: PayloadAction<string>) => ({
      ...state,
      working: { key, share: 0 },
      stopped: null,
    }),
    cuttingHeard: (state, { payload: share }: PayloadAction<number>) =>
      state.working ? { ...state, working: { ...state.working, share } } : state,
    cuttingDone: (_state, { payload }: PayloadAction<{ key: string; result: Cutting }>) => ({
      ...payload,
      working: null,
      stopped: null,
    }),
    cuttingStopped: (state, { payload }: PayloadAction<{ key: string; failed: boolean }>) => ({
      ...state,
      working: null,
      stopped: payload,
    }),
  },
});

export const { cuttingBegan, cuttingHeard, cuttingDone, cuttingStopped } = slice.actions;
export const cuttingReducer = slice.reducer;
