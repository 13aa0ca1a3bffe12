import { nanoid } from '@reduxjs/toolkit';
import { shaved, withReading, type Reading, type Trial } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { editJob, type Thunk } from './actions';
import { api } from './api';
import { linked } from './devices';
import { selectLink } from './selectors';
import type { Services } from './state';

// What only the stages of an open job do; it is fetched with them.

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

/** Every support system for the shelves of the chosen bay, worked out by the worker; null while no job is open. */
export const considerSystems =
  (): Thunk<Promise<Awaited<ReturnType<Services['core']['consider']>> | null>> =>
  async (_dispatch, getState, { core }) => {
    const { job } = getState().openJob.present;
    return job ? core.consider({ job, bay: getState().bay.id }) : null;
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
