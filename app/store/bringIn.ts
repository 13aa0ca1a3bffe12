import { nanoid } from '@reduxjs/toolkit';
import { LIMITS, type Reading } from '@dormer/core/job/document';
import { message, text, type Message } from '@dormer/core/base/message';
import type { Result } from '@dormer/core/base/result';
import { editJob, type Thunk } from './actions';

/** What came of a table of readings: how many came in, and the rows that did not. */
export interface BroughtIn {
  readonly count: number;
  readonly refused: readonly { readonly line: number; readonly message: Message }[];
}

/** Takes readings from elsewhere into the open job, all at once; refused when they would be too many. */
export const takeIn =
  (readings: readonly Reading[]): Thunk<Result<null, Message>> =>
  (dispatch, getState) => {
    const held = getState().openJob.present.job?.readings.length ?? 0;
    if (held + readings.length > LIMITS.readings) {
      return { ok: false, error: message('csv.tooMany', { most: text(String(LIMITS.readings)) }) };
    }
    const taken = readings.map((reading) => ({ ...reading, id: nanoid() }));
    dispatch(editJob((one) => ({ ...one, readings: [...one.readings, ...taken] })));
    return { ok: true, value: null };
  };

/** Takes in a table of readings. One step to undo. @returns what came of it, or why nothing did */
export const importReadings =
  (contents: string): Thunk<Promise<Result<BroughtIn, Message>>> =>
  async (dispatch, getState, { core }) => {
    const unit = getState().openJob.present.job?.units ?? 'mm';
    const read = await core.readReadings({ contents, unit });
    if (!read.ok) return read;
    const taken = dispatch(takeIn(read.value.readings));
    if (!taken.ok) return taken;
    return { ok: true, value: { count: read.value.readings.length, refused: read.value.refused } };
  };

/** Takes in a list of things to be stored. One step to undo. @returns what came of it, or why nothing did */
export const importThings =
  (contents: string): Thunk<Promise<Result<BroughtIn, Message>>> =>
  async (dispatch, getState, { core }) => {
    const unit = getState().openJob.present.job?.units ?? 'mm';
    const read = await core.readThings({ contents, unit });
    if (!read.ok) return read;
    const held = getState().openJob.present.job?.things.length ?? 0;
    if (held + read.value.things.length > LIMITS.things) {
      return { ok: false, error: message('csv.tooManyThings', { most: text(String(LIMITS.things)) }) };
    }
    const things = read.value.things.map((thing) => ({ ...thing, id: nanoid() }));
    dispatch(editJob((one) => ({ ...one, things: [...one.things, ...things] })));
    return { ok: true, value: { count: things.length, refused: read.value.refused } };
  };
