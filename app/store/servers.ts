import type { Thunk } from './actions';
import { sendPhotosOf } from './photoQueue';
import { records } from './records';

/** Brings jobs of another server to the one that is met, with the photos this device has of them. */
export const bringHere =
  (ids: readonly string[]): Thunk<Promise<void>> =>
  async (dispatch, getState, { sync }) => {
    const { byId } = getState().records;
    dispatch(records.broughtHere(ids));
    const { server } = getState().records;
    await sendPhotosOf(
      ids.flatMap((id) => byId[id]?.job ?? []),
      server,
    ).catch(() => undefined);
    await sync().now();
  };

/** Keeps jobs of another server on this device only. */
export const keepApart = (ids: readonly string[]) => records.keptApart(ids);
