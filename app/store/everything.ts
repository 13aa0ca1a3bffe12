import type { Restored } from '@dormer/core/job/document';
import { download } from '../platform/files';
import type { Thunk } from './actions';
import { origin, type ServerRefusal } from './api';

export type Brought =
  | { readonly kind: 'broughtIn'; readonly restored: Restored }
  | { readonly kind: 'refused'; readonly reason: string }
  | { readonly kind: 'unreached' };

/** Hands the browser everything the server has, as one zip. @returns whether it is whole */
export const saveEverything =
  (): Thunk<Promise<boolean>> =>
  async (_dispatch, _getState, { now, sync }) => {
    try {
      await sync().now();
      const answer = await fetch(`${origin}/api/everything`);
      if (!answer.ok) return false;
      // A zip that breaks off fails here, and is not handed out.
      const contents = new Uint8Array(await answer.arrayBuffer());
      download(`dormer-${now().slice(0, 10)}.zip`, contents, 'application/zip');
      return true;
    } catch {
      return false;
    }
  };

/** Brings a zip of everything in, over nothing that is newer. */
export const bringEverythingIn =
  (file: Blob): Thunk<Promise<Brought>> =>
  async (_dispatch, getState, { sync }) => {
    const { server } = getState().records;
    const headers = { 'content-type': 'application/zip', ...(server ? { 'dormer-server': server } : {}) };
    try {
      const answer = await fetch(`${origin}/api/everything`, { method: 'POST', body: file, headers });
      const said: unknown = await answer.json();
      if (!answer.ok) return { kind: 'refused', reason: (said as ServerRefusal).error.message };
      await sync().now();
      return { kind: 'broughtIn', restored: said as Restored };
    } catch {
      return { kind: 'unreached' };
    }
  };
