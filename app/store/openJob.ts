import { createSlice, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import undoable, { newHistory, type StateWithHistory } from 'redux-undo';
import type { Job } from '@dormer/core/job/document';
import { mergeJobs } from '@dormer/core/job/merge';

export interface OpenJob {
  readonly job: Job | null;
}

const slice = createSlice({
  name: 'openJob',
  initialState: { job: null } as OpenJob,
  reducers: {
    /** Another job is before the person: its history begins here. */
    opened: (_state, { payload }: PayloadAction<Job>) => ({ job: payload }),
    closed: () => ({ job: null }),
    /** The same job with what another device or tab changed in it. */
    cameIn: (_state, { payload }: PayloadAction<Job>) => ({ job: payload }),
    /** Every change a person makes is one step that can be undone. */
    edited: (_state, { payload }: PayloadAction<Job>) => ({ job: payload }),
  },
});

const STEPS_KEPT = 200;

export const { opened, closed, cameIn, edited } = slice.actions;
const withHistory = undoable(slice.reducer, { limit: STEPS_KEPT });

/** The open job with every step that led to it. Opening and closing begin a new history. */
export function openJobReducer(
  state: StateWithHistory<OpenJob> | undefined,
  action: UnknownAction,
): StateWithHistory<OpenJob> {
  if (opened.match(action) || closed.match(action)) return newHistory([], slice.reducer(undefined, action), []);
  if (cameIn.match(action) && state) return withCameIn(state, action.payload);
  return withHistory(state, action);
}

/**
 * The history with a change from elsewhere in each of its steps. Undo then takes back what the person did, and nothing
 * that came from elsewhere.
 */
function withCameIn(history: StateWithHistory<OpenJob>, job: Job): StateWithHistory<OpenJob> {
  const was = history.present.job;
  const moved = (steps: readonly OpenJob[]): OpenJob[] =>
    steps.map((step) => (step.job && was ? { job: mergeJobs(was, step.job, job).job } : step));
  return newHistory(moved(history.past), { job }, moved(history.future));
}
