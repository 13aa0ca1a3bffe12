import { useEffect } from 'react';
import { createStore, del, entries, get, keys, set, type UseStore } from 'idb-keyval';
import { nanoid } from '@reduxjs/toolkit';
import { PHOTO_LIMIT, type Job, type Photo } from '@dormer/core/job/document';
import { useAppSelector } from './hooks';
import { selectReached, selectServer } from './selectors';
import { smallerPicture } from './smallerPicture';

// Photos are on the device before they are sent, as everything is; those that are not acknowledged are sent again
// later.
let kept: UseStore | null = null;
let waiting: UseStore | null = null;
const keptStore = () => (kept ??= createStore('dormer-photos', 'photos'));
const waitingStore = () => (waiting ??= createStore('dormer-photos-waiting', 'waiting'));

/** Why a file is not taken as a photo. */
export type PhotoFault = 'tooLarge' | 'notAPicture' | 'notKept';

/**
 * Keeps a picture on the device, made smaller, and sends it to the server as soon as that is there.
 * @param server the one that is met, for which it is meant
 * @returns what is noted of it, or why not
 */
export async function keepPhoto(file: Blob, server: string | null): Promise<Photo | PhotoFault> {
  if (file.size > PHOTO_LIMIT.chosenBytes) return 'tooLarge';
  const small = await smallerPicture(file, PHOTO_LIMIT.sidePx).catch(() => null);
  if (!small) return 'notAPicture';
  if (small.size > PHOTO_LIMIT.bytes) return 'tooLarge';
  const id = nanoid();
  try {
    await set(id, small, keptStore());
    await set(id, server ?? true, waitingStore());
  } catch {
    return 'notKept';
  }
  void sendPhotos(server);
  return { id, type: 'image/jpeg', bytes: small.size };
}

let sending = false;

/**
 * Sends what the server has not acknowledged yet, of what is meant for it; a picture it refuses is not sent again.
 * @param server the one that is met; null while none is, and then all waits
 */
async function sendPhotos(server: string | null): Promise<void> {
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

/** @returns whether the server has decided on a photo; it has not when its disk is full or another server answers */
async function isSent(id: string, photo: Blob, server: string): Promise<boolean> {
  const headers = { 'content-type': photo.type, 'dormer-server': server };
  const { status } = await fetch(`/api/photos/${id}`, { method: 'PUT', body: photo, headers });
  return status < 500 && status !== 421;
}

/** Sends photos of jobs that were brought to another server, as far as this device has them. */
export async function sendPhotosOf(jobs: readonly Job[], server: string | null): Promise<void> {
  const shown = jobs.flatMap(({ log }) => log.entries.flatMap(({ photos = [] }) => photos.map(({ id }) => id)));
  const here = new Set(await keys<string>(keptStore()));
  for (const id of shown) if (here.has(id)) await set(id, server ?? true, waitingStore());
  void sendPhotos(server);
}

/** Photos that wait are sent when a screen is opened, and again when the server is reached. */
export function usePhotosSent(): void {
  const reached = useAppSelector(selectReached);
  const server = useAppSelector(selectServer);
  useEffect(() => {
    if (reached !== false) void sendPhotos(server);
  }, [reached, server]);
}

/** A photo from the device, or from the server where it was taken on another one; null where neither has it. */
export async function readPhoto(id: string): Promise<Blob | null> {
  const own = await get<Blob>(id, keptStore()).catch(() => undefined);
  if (own) return own;
  const answer = await fetch(`/api/photos/${id}`).catch(() => null);
  if (!answer?.ok) return null;
  const photo = await answer.blob();
  await set(id, photo, keptStore()).catch(() => undefined);
  return photo;
}
