import express, { Router } from 'express';
import { PHOTO_LIMIT, type PhotoType } from '@dormer/core/job';
import sharp from 'sharp';
import type { PhotoFolder } from '../db/photoFolder';
import { HttpError } from '../http/errors';
import { say } from '../words';

const TYPES: Readonly<Record<string, PhotoType>> = { jpeg: 'image/jpeg', png: 'image/png', webp: 'image/webp' };
/** A picture with longer sides is a trap for whoever opens it. Pixels. */
const MOST_PIXELS = 12_000;

/** The width a picture is decoded to, only to see that it can be. Pixels. */
const DECODED_WIDTH = 16;

/**
 * Photos over HTTP: kept, shown, removed. What they are is read from what is in them, not from what they are said to
 * be.
 */
export function photoRoutes(photos: PhotoFolder): Router {
  const router = Router();
  router.put('/:id', express.raw({ type: () => true, limit: PHOTO_LIMIT.bytes }), async (request, response) => {
    const id = idOf(request.params.id ?? '');
    const contents: unknown = request.body;
    if (!Buffer.isBuffer(contents) || contents.length === 0) throw notAPicture();
    const type = await pictureType(contents);
    if (!type) throw notAPicture();
    await photos.put(id, type, contents);
    response.status(204).end();
  });
  router.get('/:id', async (request, response) => {
    const found = await photos.get(idOf(request.params.id ?? ''));
    if (!found) throw new HttpError(404, 'no-such-photo', say('http.noSuchPhoto'));
    response.set('Cache-Control', 'private, max-age=31536000, immutable').type(found.type).send(found.contents);
  });
  router.delete('/:id', async (request, response) => {
    await photos.remove(idOf(request.params.id ?? ''));
    response.status(204).end();
  });
  return router;
}

function idOf(given: string): string {
  if (/^[A-Za-z0-9_-]{1,64}$/.test(given)) return given;
  const message = say('http.photoId');
  throw new HttpError(400, 'invalid-request', message, { fields: [{ path: 'id', message }] });
}

const notAPicture = (): HttpError => {
  const message = say('http.photoType');
  return new HttpError(400, 'not-a-picture', message, { fields: [{ path: '', message }] });
};

/** What a picture is, decoded to its last line; null for what is none, breaks off, or is too large to be shown. */
async function pictureType(contents: Buffer): Promise<PhotoType | null> {
  try {
    const picture = sharp(contents, { failOn: 'truncated', limitInputPixels: MOST_PIXELS ** 2 });
    const { format, width, height } = await picture.metadata();
    const known = TYPES[format];
    if (!known || Math.max(width, height) > MOST_PIXELS) return null;
    await picture.resize({ width: DECODED_WIDTH }).raw().toBuffer();
    return known;
  } catch {
    return null;
  }
}
