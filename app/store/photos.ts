import { useEffect } from 'react';
import { createStore, del, get, keys, set, type UseStore } from 'idb-keyval';
import { nanoid } from '@reduxjs/toolkit';
import { PHOTO_LIMIT, type Photo } from '@dormer/core/job/document';
import { useAppSelector } from './hooks';
import { selectReached } from './selectors';
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
 * Keeps a picture on the device, made smaller, and sends it to the server as soon as that is there. @returns what is
 * noted of it, or why not
 */
export async function keepPhoto(file: Blob): Promise<Photo | PhotoFault> {
  if (file.size > PHOTO_LIMIT.chosenBytes) return 'tooLarge';
  const small = await smallerPicture(file, PHOTO_LIMIT.sidePx).catch(() => null);
  if (!small) return 'notAPicture';
  if (small.size > PHOTO_LIMIT.bytes) return 'tooLarge';
  const id = nanoid();
  try {
    await set(id, small, keptStore());
    await set(id, true, waitingStore());
  } catch {
    return 'notKept';
  }
  void sendPhotos();
  return { id, type: 'image/jpeg', bytes: small.size };
}

let sending = false;

/** Sends what the server has not acknowledged yet; a picture it refuses is not sent again. */
async function sendPhotos(): Promise<void> {
  if (sending) return;
  sending = true;
  try {
    for (const id of await keys<string>(waitingStore())) {
      const photo = await get<Blob>(id, keptStore());
      const answer = photo
        ? await fetch(`/api/photos/${id}`, { method: 'PUT', body: photo, headers: { 'content-type': photo.type } })
        : null;
      if (answer && answer.status >= 500) return;
      await del(id, waitingStore());
    }
  } catch {
    // No signal: they wait.
  } finally {
    sending = false;
  }
}

/** Photos that wait are sent when a screen is opened, and again when the server is reached. */
export function usePhotosSent(): void {
  const reached = useAppSelector(selectReached);
  useEffect(() => {
    if (reached !== false) void sendPhotos();
  }, [reached]);
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
