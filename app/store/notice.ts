import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { LabelKey } from '../labels';

/** One short word at the foot of the screen, with a way back where there is one. */
export interface Notice {
  readonly label: LabelKey;
  readonly params?: Readonly<Record<string, string | number>>;
  /** The job a removal can be undone for. */
  readonly undoRemoval?: string;
  readonly tone?: 'stop';
}

const slice = createSlice({
  name: 'notice',
  initialState: null as Notice | null,
  reducers: {
    said: (_state, { payload }: PayloadAction<Notice>) => payload,
    heard: () => null,
  },
});

export const { said, heard } = slice.actions;
export const noticeReducer = slice.reducer;
