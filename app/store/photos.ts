import { get, set } from 'idb-keyval';
import { nanoid } from '@reduxjs/toolkit';
import { PHOTO_LIMIT, type Photo } from '@dormer/core/job/document';
import { keptStore, queuePhoto } from './photoQueue';
import { smallerPicture } from './smallerPicture';

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
    await queuePhoto(id, server);
  } catch {
    return 'notKept';
  }
  return { id, type: 'image/jpeg', bytes: small.size };
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
