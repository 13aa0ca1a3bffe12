import { Router, type Request } from 'express';
import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import path from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { BackupError } from '../backup/contents';
import { restore } from '../backup/restore';
import { backupStream } from '../backup/write';
import type { PhotoFolder } from '../db/photoFolder';
import type { Storage } from '../db/storage';
import { HttpError } from '../http/errors';
import { say } from '../words';

/** The largest backup that is taken over HTTP. A larger one is restored from the command line. Bytes. */
const LARGEST_BACKUP = 4 * 1024 ** 3;

/** Everything over HTTP: out as one zip, and in again. */
export function everythingRoutes(storage: Storage, photos: PhotoFolder): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    const now = new Date();
    response.set('Content-Type', 'application/zip');
    response.set('Content-Disposition', `attachment; filename="dormer-${now.toISOString().slice(0, 10)}.zip"`);
    // Zipped already; a proxy or a browser must not keep it.
    response.set('Cache-Control', 'no-store, no-transform');
    await pipeline(backupStream(storage, photos, now), response);
  });
  router.post('/', async (request, response) => {
    const folder = await mkdtemp(path.join(storage.folder, 'incoming-'));
    try {
      const file = path.join(folder, 'backup.zip');
      await received(request, file);
      response.json(await restore(file, storage, photos));
    } catch (error) {
      throw error instanceof BackupError ? new HttpError(400, 'no-backup', error.message) : error;
    } finally {
      await rm(folder, { recursive: true, force: true });
    }
  });
  return router;
}

async function received(request: Request, file: string): Promise<void> {
  let bytes = 0;
  const limit = new Transform({
    transform(chunk: Buffer, _encoding, next) {
      bytes += chunk.length;
      const isTooLarge = bytes > LARGEST_BACKUP;
      next(isTooLarge ? new BackupError(say('backup.tooLarge')) : null, chunk);
    },
  });
  await pipeline(request, limit, createWriteStream(file));
}
