import { nanoid } from '@reduxjs/toolkit';
import { mergeJobs } from '@dormer/core/job/merge';
import type { Thunk } from './actions';
import { records } from './records';

/** What a person chose of each contradiction, by its path. */
export type Choices = Readonly<Record<string, 'mine' | 'theirs'>>;

/**
 * Settles what two devices contradict each other in: the job becomes one of both, and both sides stay among the
 * versions. What nothing was chosen for is taken from the server.
 */
export const settle =
  (id: string, choices: Choices): Thunk<void> =>
  (dispatch, getState, { now }) => {
    const record = getState().records.byId[id];
    if (record?.fault?.kind !== 'stale') return;
    const { current } = record.fault;
    const { job } = mergeJobs(record.baseJob, record.job, current.job, (path) => choices[path] ?? 'theirs');
    dispatch(records.merged({ job, current, aside: record.job, at: now() }));
  };

/** Of two versions one stands whole; the other stays among the versions. */
export const keepWhole =
  (id: string, whose: 'mine' | 'theirs'): Thunk<void> =>
  (dispatch, getState, { now }) => {
    const record = getState().records.byId[id];
    if (record?.fault?.kind !== 'stale') return;
    const { current } = record.fault;
    const job = whose === 'mine' ? record.job : current.job;
    dispatch(records.merged({ job, current, aside: record.job, at: now() }));
  };

/** Both versions are kept: this device's, all of it, as a job of its own. */
export const keepBoth =
  (id: string, name: string): Thunk<void> =>
  (dispatch, getState, { now }) => {
    const record = getState().records.byId[id];
    if (!record) return;
    const copy = { ...record.job, id: nanoid(), name };
    dispatch(records.created({ job: copy, at: now(), server: record.server }));
    dispatch(keepWhole(id, 'theirs'));
  };
