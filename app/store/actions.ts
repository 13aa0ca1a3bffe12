import { nanoid } from '@reduxjs/toolkit';
import { ActionCreators } from 'redux-undo';
import { newJob, type Job, type PlaceKind, type Refusal, type Region } from '@dormer/core/job/document';
import type { JobUnit } from '@dormer/core/base/quantity';
import { reasonOf } from '../platform/reasonOf';
import type { PlainLabel } from '../labels';
import { api, origin } from './api';
import { beginDrafts } from './drafts';
import { said } from './notice';
import { closed, edited, opened } from './openJob';
import { recordFromDevice, sameJob } from './record';
import { readRack } from './rackActions';
import { records } from './records';
import { settings } from './settings';
import type { AppDispatch, RootState, Services } from './state';

export type Thunk<R> = (dispatch: AppDispatch, getState: () => RootState, services: Services) => R;

/** The server that new jobs belong to: the one that is met, else the one that was met last. */
const homeOf = ({ records: { server }, settings: { server: last } }: RootState): string | null => server ?? last;

/** Reads what the device keeps, then asks the server. */
export const begin =
  (): Thunk<Promise<void>> =>
  async (dispatch, _getState, { device, sync }) => {
    await Promise.all([dispatch(readRack()), beginDrafts()]);
    const remembered = await device.readSettings().catch(() => ({}));
    dispatch(settings.settingsRead(remembered));
    try {
      const kept = (await device.readRecords()).map(recordFromDevice);
      const over = kept.filter((record) => record.removed && (record.base === null || record.removedOnServer));
      await Promise.all(over.map((record) => device.forget(record.id)));
      dispatch(records.loadedFromDevice(kept.filter((record) => !over.includes(record))));
    } catch (error) {
      dispatch(records.loadedFromDevice([]));
      dispatch(records.storageFailed(reasonOf(error)));
    }
    await sync().now();
  };

/** Sends what waits and looks for what is new. */
export const catchUp =
  (): Thunk<void> =>
  (_dispatch, _getState, { sync }) => {
    void sync().now();
  };

export interface NewJobWish {
  readonly name: string;
  readonly kind: PlaceKind;
  readonly units: JobUnit;
  readonly region?: Region;
}

/** @returns the new job's id */
export const createJob =
  (wish: NewJobWish): Thunk<string> =>
  (dispatch, getState, { now }) => {
    const job = newJob({ ...wish, id: nanoid() });
    dispatch(records.created({ job, at: now(), server: homeOf(getState()) }));
    return job.id;
  };

/** Takes in the example job, which lies beside the app. @returns its id, or null when it could not be fetched */
export const takeExample =
  (): Thunk<Promise<string | null>> =>
  async (dispatch, getState, { core, now }) => {
    const answer = await fetch(`${origin}/example.dormer.json`).catch(() => null);
    const read = answer?.ok ? await core.readFile(await answer.text()) : null;
    if (!read?.ok) return null;
    const job = read.value;
    if (!getState().records.byId[job.id]) dispatch(records.imported({ job, at: now(), server: homeOf(getState()) }));
    return job.id;
  };

/** @returns the copy's id */
export const copyJob =
  (from: string, name: string): Thunk<string> =>
  (dispatch, _getState, { now }) => {
    const id = nanoid();
    dispatch(records.duplicated({ from, id, name, at: now() }));
    return id;
  };

export const removeJob =
  (id: string): Thunk<void> =>
  (dispatch, getState) => {
    const name = getState().records.byId[id]?.job.name ?? '';
    dispatch(records.removed(id));
    dispatch(said({ label: 'notice.removed', name, undoRemoval: id }));
  };

/** Puts jobs on their server again, which had removed or lost them. */
export const putBack =
  (ids: readonly string[]): Thunk<void> =>
  (dispatch, _getState, { sync }) => {
    dispatch(records.putBack(ids));
    void sync().now();
  };

/** Brings back a job that was removed from the server. @returns whether it is here again */
export const bringBackRemoved =
  (id: string): Thunk<Promise<boolean>> =>
  async (dispatch, getState, { sync }) => {
    // A removal that this device still knows of is taken back here, too.
    if (getState().records.byId[id]) dispatch(records.unremoved(id));
    const { data } = await dispatch(api.endpoints.restoreJob.initiate(id));
    if (!data) return false;
    dispatch(records.removedThere({ id, removed: false }));
    await sync().now();
    return true;
  };

/** Takes in the text of a job file. @returns why not, or null */
export const importJob =
  (contents: string, copyName: (name: string) => string): Thunk<Promise<Refusal | null>> =>
  async (dispatch, getState, { core, now }) => {
    const read = await core.readFile(contents);
    if (!read.ok) return read.error;
    const job = read.value;
    const known = getState().records.byId[job.id];
    if (known && !known.removed) {
      if (sameJob(known.job, job)) {
        dispatch(said({ label: 'notice.importedKnown', name: job.name }));
        return null;
      }
      const copy: Job = { ...job, id: nanoid(), name: copyName(job.name) };
      dispatch(records.imported({ job: copy, at: now(), server: homeOf(getState()) }));
      dispatch(said({ label: 'notice.importedCopy', name: copy.name }));
      return null;
    }
    dispatch(records.imported({ job, at: now(), server: homeOf(getState()) }));
    dispatch(said({ label: 'notice.imported', name: job.name }));
    return null;
  };

/**
 * Puts a job before the person: from the device, or from the server when the device does not know it. @returns whether
 * it was found
 */
export const openJob =
  (id: string): Thunk<Promise<boolean>> =>
  async (dispatch, getState) => {
    const record = getState().records.byId[id];
    if (record && !record.removed) {
      dispatch(opened(record.job));
      return true;
    }
    if (record) return false;
    const stored = await dispatch(api.endpoints.getJob.initiate(id, { forceRefetch: true, subscribe: false }));
    if (!stored.data) return false;
    dispatch(records.pulled(stored.data));
    dispatch(opened(stored.data.job));
    return true;
  };

export const closeJob = () => closed();

/** Changes the open job by a function of it. One call is one step that can be undone. */
export const editJob =
  (how: (job: Job) => Job): Thunk<void> =>
  (dispatch, getState) => {
    const { job } = getState().openJob.present;
    if (!job) return;
    const next = how(job);
    if (!sameJob(job, next)) dispatch(edited(next));
  };

export const undo = () => ActionCreators.undo();
export const redo = () => ActionCreators.redo();

/** A short word at the foot of the screen. */
export const notify = (label: PlainLabel) => said({ label });
