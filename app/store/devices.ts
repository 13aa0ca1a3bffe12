import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Instrument } from '@dormer/core/job/document';

/** Instruments at hand, the made-up room they read, and the kit they took the place of. */
export interface Link {
  readonly seed: number;
  readonly instruments: readonly Instrument[];
  readonly kitBefore: readonly Instrument[];
}

export interface DevicesState {
  /** By job: what reads a made-up room for one must not read it for another. */
  readonly links: Readonly<Record<string, Link | undefined>>;
}

const slice = createSlice({
  name: 'devices',
  initialState: { links: {} } as DevicesState,
  reducers: {
    linked: (state, { payload }: PayloadAction<{ job: string; link?: Link }>): DevicesState => ({
      links: { ...state.links, [payload.job]: payload.link },
    }),
  },
});

export const { linked } = slice.actions;
export const devicesReducer = slice.reducer;
