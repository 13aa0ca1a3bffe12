import { createStore, del, entries, get, keys, set, type UseStore } from 'idb-keyval';
import type { Job } from '@dormer/core/job/document';
import { isRefusal, origin } from './api';

// Photos are on the device before they are sent, as everything is; those that are not acknowledged are sent again
// later.
let kept: UseStore | null = null;
let waiting: UseStore | null = null;
/** Photos by their ids. */
export const keptStore = () => (kept ??= createStore('dormer-photos', 'photos'));
/** Ids of the photos that wait, each with the server it is meant for; true where none was met yet. */
const waitingStore = () => (waiting ??= createStore('dormer-photos-waiting', 'waiting'));

/** A photo waits for its server, which gets it as soon as it is there. */
export async function queuePhoto(id: string, server: string | null): Promise<void> {
  await set(id, server ?? true, waitingStore());
  void sendPhotos(server);
}

let sending = false;

/**
 * Sends what the server has not acknowledged yet, of what is meant for it; a picture it refuses is not sent again.
 * @param server the one that is met; null while none is, and then all waits
 */
export async function sendPhotos(server: string | null): Promise<void> {
  if (sending || server === null) return;
  sending = true;
  try {
    for (const [id, meantFor] of await entries<string, string | true>(waitingStore())) {
      if (meantFor !== true && meantFor !== server) continue;
      const photo = await get<Blob>(id, keptStore());
      if (photo && !(await isSent(id, photo, server))) return;
      await del(id, waitingStore());
    }
  } catch {
    // No signal: they wait.
  } finally {
    sending = false;
  }
}

/** @returns whether the server took a photo or refused it for good */
async function isSent(id: string, photo: Blob, server: string): Promise<boolean> {
  const headers = { 'content-type': photo.type, 'dormer-server': server };
  const { ok, status } = await fetch(`${origin}/api/photos/${id}`, { method: 'PUT', body: photo, headers });
  return ok || isRefusal(status);
}

/** Sends photos of jobs that were brought to another server, as far as this device has them. */
export async function sendPhotosOf(jobs: readonly Job[], server: string | null): Promise<void> {
  const shown = jobs.flatMap(({ log }) => log.entries.flatMap(({ photos = [] }) => photos.map(({ id }) => id)));
  const here = new Set(await keys<string>(keptStore()));
  for (const id of shown) if (here.has(id)) await set(id, server ?? true, waitingStore());
  void sendPhotos(server);
}
