import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { LabelTaking, PlainLabel } from '../labels';

/** One short word at the foot of the screen, with a way back where there is one. */
export type Notice = Said & {
  /** The job a removal can be undone for. */
  readonly undoRemoval?: string;
  readonly tone?: 'stop';
};

/** Words that take nothing, or the name of a job. */
type Said =
  | { readonly label: PlainLabel; readonly name?: undefined }
  | { readonly label: LabelTaking<{ name: string }>; readonly name: string };

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
