import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { ThemeChoice } from '../theme';

/** What this device remembers about the person, not about a job. */
export interface Settings {
  readonly theme: ThemeChoice;
  readonly exaggeration: 1 | 5 | 20;
  /** Identity of the server that was met last: new jobs are its. */
  readonly server: string | null;
}

const slice = createSlice({
  name: 'settings',
  initialState: { theme: 'system', exaggeration: 5, server: null } as Settings,
  reducers: {
    settingsRead: (state, { payload }: PayloadAction<Partial<Settings>>) => ({ ...state, ...payload }),
    set: (state, { payload }: PayloadAction<Partial<Settings>>) => ({ ...state, ...payload }),
  },
});

export const settings = slice.actions;
export const settingsReducer = slice.reducer;
