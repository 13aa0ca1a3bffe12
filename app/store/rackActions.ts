import { renamedKinds, type Offcut } from '@dormer/core/job/document';
import { api } from './api';
import { rackChanged, rackPulled, rackRead, rackSent, type RackChange, type RackState } from './rack';
import type { AppDispatch, RootState, Services } from './state';

type Thunk<R> = (dispatch: AppDispatch, getState: () => RootState, services: Services) => R;

/** Reads the rack the device keeps. */
export const readRack =
  (): Thunk<Promise<void>> =>
  async (dispatch, _getState, { device }) => {
    // Until version 9 of the job, the key of a waiting change's kind was `is`.
    const kept = renamedKinds(await device.readRack().catch(() => null)) as RackState | null;
    if (kept) dispatch(rackRead(kept));
  };

let sending = false;

/** Brings the rack to the server and the server's to the device; what cannot be sent waits. */
export const syncRack =
  (): Thunk<Promise<void>> =>
  async (dispatch, getState, { device }) => {
    if (sending) return;
    sending = true;
    try {
      for (let [next] = getState().rack.waiting; next; [next] = getState().rack.waiting) {
        const { putOffcut, removeOffcut } = api.endpoints;
        const answer = await (next.kind === 'put'
          ? dispatch(putOffcut.initiate(next.piece))
          : dispatch(removeOffcut.initiate(next.id)));
        // A piece the server will not have is no reason to keep the others waiting.
        const status = 'error' in answer && answer.error && 'status' in answer.error ? answer.error.status : null;
        if ('error' in answer && answer.error && !(typeof status === 'number' && status < 500)) return;
        dispatch(rackSent());
      }
      const listed = await dispatch(
        api.endpoints.listRack.initiate(undefined, { forceRefetch: true, subscribe: false }),
      );
      if (listed.data) dispatch(rackPulled(listed.data.pieces));
    } finally {
      sending = false;
      await device.keepRack(getState().rack).catch(() => undefined);
    }
  };

const change =
  (rackChange: RackChange): Thunk<void> =>
  (dispatch, getState, { device }) => {
    dispatch(rackChanged(rackChange));
    void device.keepRack(getState().rack).catch(() => undefined);
    void dispatch(syncRack());
  };

/** Puts pieces on the rack. */
export const putOnRack =
  (pieces: readonly Offcut[]): Thunk<void> =>
  (dispatch) =>
    pieces.forEach((piece) => dispatch(change({ kind: 'put', piece })));

/** Takes pieces off the rack. */
export const takeFromRack =
  (ids: readonly string[]): Thunk<void> =>
  (dispatch) =>
    ids.forEach((id) => dispatch(change({ kind: 'remove', id })));
