import { nanoid } from '@reduxjs/toolkit';
import { ActionCreators } from 'redux-undo';
import {
  newJob,
  shaved,
  withReading,
  type Job,
  type PlaceKind,
  type Reading,
  type Refusal,
  type Trial,
} from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import type { JobUnit } from '@dormer/core/base/quantity';
import { reasonOf } from '../platform/reasonOf';
import { api, origin } from './api';
import { linked } from './devices';
import { said, type Notice } from './notice';
import { closed, edited, opened } from './openJob';
import { recordFromDevice, sameJob } from './record';
import { readRack } from './rackActions';
import { records } from './records';
import { selectLink } from './selectors';
import { settings } from './settings';
import type { AppDispatch, RootState, Services } from './state';

export type Thunk<R> = (dispatch: AppDispatch, getState: () => RootState, services: Services) => R;

/** The server that new jobs belong to: the one that is met, else the one that was met last. */
const homeOf = ({ records: { server }, settings: { server: last } }: RootState): string | null => server ?? last;

/** Reads what the device keeps, then asks the server. */
export const begin =
  (): Thunk<Promise<void>> =>
  async (dispatch, _getState, { device, sync }) => {
    await dispatch(readRack());
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
    dispatch(said({ label: 'notice.removed', params: { name }, undoRemoval: id }));
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
        dispatch(said({ label: 'notice.importedKnown', params: { name: job.name } }));
        return null;
      }
      const copy: Job = { ...job, id: nanoid(), name: copyName(job.name) };
      dispatch(records.imported({ job: copy, at: now(), server: homeOf(getState()) }));
      dispatch(said({ label: 'notice.importedCopy', params: { name: copy.name } }));
      return null;
    }
    dispatch(records.imported({ job, at: now(), server: homeOf(getState()) }));
    dispatch(said({ label: 'notice.imported', params: { name: job.name } }));
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

/**
 * Changes the open job by a function of it and of its plan as it stands: one that is still being worked out is waited
 * for, so that nothing is changed by what was there before. One step to undo.
 */
export const editPlanned =
  (how: (job: Job, plan: Plan) => Job): Thunk<Promise<void>> =>
  async (dispatch, getState, { core }) => {
    const { job } = getState().openJob.present;
    if (!job) return;
    const { plan, job: planned } = getState().planned;
    const fresh = planned === job && plan ? plan : await core.plan(job).catch(() => null);
    if (fresh && getState().openJob.present.job === job) dispatch(editJob((one) => how(one, fresh)));
  };

/** Puts a reading into the open job, with what other jobs' repeats say of the person's error. One step to undo. */
export const takeReading =
  (reading: Reading): Thunk<void> =>
  (dispatch, getState) => {
    const { job } = getState().openJob.present;
    if (!job) return;
    const learned = api.endpoints.getInstruments.select(job.id)(getState()).data?.instruments ?? [];
    const errors = learned
      .filter((learnedInstrument) => learnedInstrument.repeats > 0)
      .map(({ instrument, repeats, squares }) => ({ instrument, repeats, squares }));
    dispatch(editJob((one) => ({ ...withReading(one, reading), ...(errors.length > 0 ? { errors } : {}) })));
  };

/** The plan of the open job with the layout that was set beside; null where there is none. */
export const planOther =
  (): Thunk<Promise<Plan | null>> =>
  async (_dispatch, getState, { core }) => {
    const { job } = getState().openJob.present;
    return job?.otherShelves ? core.plan({ ...job, shelves: job.otherShelves }) : null;
  };

/**
 * Takes up the practice instruments: the kit becomes theirs, the room is made up. @returns whether they were reached
 */
export const takePractice =
  (): Thunk<Promise<boolean>> =>
  async (dispatch, getState, { now }) => {
    const asked = await dispatch(
      api.endpoints.listDevices.initiate(undefined, { subscribe: false, forceRefetch: true }),
    );
    const instruments = asked.data?.devices.filter((device) => device.simulated).map((device) => device.instrument);
    const { job } = getState().openJob.present;
    if (!instruments || instruments.length === 0 || !job) return false;
    const seed = (Date.parse(now()) % 9973) + 1;
    dispatch(linked({ job: job.id, link: { seed, instruments, kitBefore: job.kit } }));
    dispatch(editJob((one) => ({ ...one, kit: instruments })));
    return true;
  };

/** Puts the practice instruments away; the kit is what it was. */
export const endPractice = (): Thunk<void> => (dispatch, getState) => {
  const { job } = getState().openJob.present;
  const link = selectLink(getState());
  if (!job || !link) return;
  dispatch(linked({ job: job.id }));
  dispatch(editJob((one) => ({ ...one, kit: [...link.kitBefore] })));
};

export const undo = () => ActionCreators.undo();
export const redo = () => ActionCreators.redo();

/** A short word at the foot of the screen. */
export const notify = (label: Notice['label']) => said({ label });

/** Every support system for the open job's shelves, worked out by the worker; null while no job is open. */
export const considerSystems =
  (): Thunk<Promise<Awaited<ReturnType<Services['core']['consider']>> | null>> =>
  async (_dispatch, getState, { core }) => {
    const { job } = getState().openJob.present;
    return job ? core.consider(job) : null;
  };

/** One shelf's board in every end style, worked out by the worker; it can be watched and stopped. */
export const compareStyles =
  (
    shelf: number,
    watching: Parameters<Services['core']['compare']>[1],
  ): Thunk<ReturnType<Services['core']['compare']>> =>
  async (_dispatch, getState, { core }) => {
    const { job } = getState().openJob.present;
    return job ? core.compare({ job, shelf }, watching) : null;
  };

/**
 * Notes what a board did when it was tried. It stays as it was first cut, less what was shaved off since, whatever it
 * would be cut to today. One step to undo.
 */
export const addTrial =
  (board: Plan['parts'][number], said: Pick<Trial, 'end' | 'at' | 'kind' | 'value'>, wasShaved: boolean): Thunk<void> =>
  (dispatch) => {
    const { fit, shelf, tried } = board;
    if (!fit) return;
    const fresh = {
      up: board.place.upTo,
      thickness: board.thicknessMm,
      depth: board.place.outTo - board.place.outFrom,
      back: fit.backMm,
      left: fit.left.outMm,
      right: fit.right.outMm,
    };
    const off = wasShaved ? (tried?.shaves ?? []) : [];
    const cut = off.reduce((before, { end, at, mm }) => shaved(before, end, at, mm), tried?.cut ?? fresh);
    dispatch(editJob((job) => ({ ...job, trials: [...job.trials, { id: nanoid(), shelf, cut, ...said }] })));
  };
