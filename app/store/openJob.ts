import { createSlice, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import undoable, { newHistory, type StateWithHistory } from 'redux-undo';
import type { Job } from '@dormer/core/job/document';

export interface OpenJob {
  readonly job: Job | null;
}

const slice = createSlice({
  name: 'openJob',
  initialState: { job: null } as OpenJob,
  reducers: {
    /** Another job is before the person, or the same in a version from elsewhere: its history begins here. */
    opened: (_state, { payload }: PayloadAction<Job>) => ({ job: payload }),
    closed: () => ({ job: null }),
    /** Every change a person makes is one step that can be undone. */
    edited: (_state, { payload }: PayloadAction<Job>) => ({ job: payload }),
  },
});

const STEPS_KEPT = 200;

export const { opened, closed, edited } = slice.actions;
const withHistory = undoable(slice.reducer, { limit: STEPS_KEPT });

/** The open job with every step that led to it. Opening and closing begin a new history. */
export function openJobReducer(
  state: StateWithHistory<OpenJob> | undefined,
  action: UnknownAction,
): StateWithHistory<OpenJob> {
  if (opened.match(action) || closed.match(action)) return newHistory([], slice.reducer(undefined, action), []);
  return withHistory(state, action);
}
