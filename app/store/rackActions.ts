import { nanoid } from '@reduxjs/toolkit';
import { renamedKinds, type Offcut } from '@dormer/core/job/document';
import { api, isRefusal } from './api';
import {
  EMPTY_RACK,
  rackRead,
  withChange,
  withoutChange,
  withPulled,
  withServer,
  type RackChange,
  type RackState,
} from './rack';
import type { AppDispatch, RootState, Services } from './state';

type Thunk<R> = (dispatch: AppDispatch, getState: () => RootState, services: Services) => R;

/** Reads the rack the device keeps. */
export const readRack =
  (): Thunk<Promise<void>> =>
  async (dispatch, _getState, { device }) => {
    const kept = await device.readRack().catch(() => null);
    if (kept) dispatch(rackRead(currentRack(kept)));
  };

/** A kept rack as this program keeps it. Until version 9 of the job, the key of a waiting change's kind was `is`. */
function currentRack(kept: RackState): RackState {
  const { server = null, pieces, waiting } = renamedKinds(kept) as RackState;
  return {
    server,
    pieces,
    waiting: waiting.map(currentChange),
  };
}

/** A change as it was kept before changes had ids: a removal had the id of its piece. */
function currentChange(change: RackChange, index: number): RackChange {
  if (!('piece' in change)) return { kind: 'remove', id: `kept-${index}`, piece: { id: (change as RackChange).id } };
  return 'id' in change ? change : { ...(change as RackChange), id: `kept-${index}` };
}

/** Changes the rack on the device, whichever tab changed it last, then here; here alone where the device refuses. */
const changeRack =
  (how: (rack: RackState) => RackState): Thunk<Promise<void>> =>
  async (dispatch, getState, { device, others }) => {
    const onDevice = (kept: RackState | null) => how(kept ? currentRack(kept) : EMPTY_RACK);
    const rack = await device.changeRack(onDevice).catch(() => how(getState().rack));
    dispatch(rackRead(rack));
    others.tell({ kind: 'rack' });
  };

let sending = false;
/** Whether the rack changed while it was being sent. */
let isAskedAgain = false;

/** Brings the rack to the server and the server's to the device; what cannot be sent waits. */
export const syncRack = (): Thunk<Promise<void>> => async (dispatch, getState) => {
  isAskedAgain = true;
  if (sending) return;
  sending = true;
  try {
    while (isAskedAgain) {
      isAskedAgain = false;
      await dispatch(syncOnce(getState().records.server));
    }
  } finally {
    sending = false;
  }
};

const syncOnce =
  (server: string | null): Thunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (server === null) return;
    const { rack } = getState();
    const isOfAnother = rack.server !== null && rack.server !== server;
    if (isOfAnother) await dispatch(changeRack((kept) => withServer(kept, server)));
    if (await dispatch(sendWaiting())) await dispatch(pullRack(server));
  };

/** @returns whether all that waited was sent */
const sendWaiting = (): Thunk<Promise<boolean>> => async (dispatch, getState) => {
  const { putOffcut, removeOffcut } = api.endpoints;
  for (let [next] = getState().rack.waiting; next; [next] = getState().rack.waiting) {
    const { id, kind, piece } = next;
    const answer = await (kind === 'put'
      ? dispatch(putOffcut.initiate(piece))
      : dispatch(removeOffcut.initiate(piece.id)));
    // A piece the server will not have is no reason to keep the others waiting.
    const status = 'error' in answer && answer.error && 'status' in answer.error ? answer.error.status : null;
    if ('error' in answer && answer.error && !isRefusal(status)) return false;
    await dispatch(changeRack((rack) => withoutChange(rack, id)));
  }
  return true;
};

const pullRack =
  (server: string): Thunk<Promise<void>> =>
  async (dispatch) => {
    const listed = await dispatch(api.endpoints.listRack.initiate(undefined, { forceRefetch: true, subscribe: false }));
    const { data } = listed;
    if (data) await dispatch(changeRack((rack) => withPulled(rack, server, data.pieces)));
  };

const change =
  (...changes: readonly ({ kind: 'put'; piece: Offcut } | { kind: 'remove'; piece: { id: string } })[]): Thunk<void> =>
  (dispatch, getState) => {
    const waiting = changes.map((rackChange) => ({ ...rackChange, id: nanoid() }));
    // Seen at once; the device has it a moment later.
    dispatch(rackRead(waiting.reduce(withChange, getState().rack)));
    void dispatch(changeRack((rack) => waiting.reduce(withChange, rack))).then(() => dispatch(syncRack()));
  };

/** Puts pieces on the rack. */
export const putOnRack = (pieces: readonly Offcut[]): Thunk<void> =>
  change(...pieces.map((piece) => ({ kind: 'put', piece }) as const));

/** Takes pieces off the rack. */
export const takeFromRack = (ids: readonly string[]): Thunk<void> =>
  change(...ids.map((id) => ({ kind: 'remove', piece: { id } }) as const));
