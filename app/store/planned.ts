import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';

export interface Planned {
  /** The newest plan, and the job it is of: the drawing stays while the next is on its way. */
  readonly plan: Plan | null;
  readonly job: Job | null;
  /** Why there is no plan of the job as it stands. */
  readonly fault: string | null;
}

const slice = createSlice({
  name: 'planned',
  initialState: { plan: null, job: null, fault: null } as Planned,
  reducers: {
    planReady: (_state, { payload }: PayloadAction<{ plan: Plan; job: Job }>) => ({ ...payload, fault: null }),
    planFailed: (state, { payload }: PayloadAction<string>) => ({ ...state, fault: payload }),
    planDropped: () => ({ plan: null, job: null, fault: null }),
  },
});

export const { planReady, planFailed, planDropped } = slice.actions;
export const plannedReducer = slice.reducer;
