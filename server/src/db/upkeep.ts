import type { EntityManager } from 'typeorm';
import { In, LessThan } from 'typeorm';
import type { PhotoFolder } from './photoFolder';
import { JobEntity, VersionEntity } from './entities';
import type { Storage } from './storage';
import { versionsToDrop, type AgedVersion } from './thinning';

/** How long a removed job can be brought back, days. */
export const REMOVED_KEPT_DAYS = 30;

/** How long a photo waits for the job that shows it, days. */
const PHOTO_WAITS_DAYS = 30;

const DAY_MS = 86_400_000;

/** The most versions dropped by one statement. SQLite takes some 32 000 values. */
const AT_ONCE = 500;

/**
 * What a server does for its data once a day: thins old versions, empties jobs that were removed long ago, removes
 * photos that nothing shows.
 */
export async function keepInOrder(storage: Storage, photos: PhotoFolder, now: Date): Promise<void> {
  const daysAgo = (days: number) => new Date(now.getTime() - days * DAY_MS);
  await emptyRemoved(storage, daysAgo(REMOVED_KEPT_DAYS));
  await thin(storage, now);
  const referred = await storage.read(photosReferred);
  if (referred) await photos.clean(referred, daysAgo(PHOTO_WAITS_DAYS));
}

/** Drops the versions of jobs removed before then. Their rows stay: they tell every device that the job was removed. */
async function emptyRemoved(storage: Storage, before: Date): Promise<void> {
  await storage.write(async (manager) => {
    const gone = await manager.find(JobEntity, {
      select: { id: true },
      where: { removedAt: LessThan(before.toISOString()) },
    });
    for (const { id } of gone) await manager.delete(VersionEntity, { jobId: id });
  });
}

async function thin(storage: Storage, now: Date): Promise<void> {
  const jobs = await storage.read((manager) => manager.find(JobEntity, { select: { id: true } }));
  for (const { id: jobId } of jobs) {
    await storage.write(async (manager) => {
      const versions: AgedVersion[] = await manager.find(VersionEntity, {
        select: { version: true, savedAt: true, setAside: true },
        where: { jobId },
      });
      const drop = versionsToDrop(versions, now);
      for (let from = 0; from < drop.length; from += AT_ONCE) {
        await manager.delete(VersionEntity, { jobId, version: In(drop.slice(from, from + AT_ONCE)) });
      }
    });
  }
}

/** Ids of every photo that some version shows; null while a damaged document keeps them from being known. */
async function photosReferred(manager: EntityManager): Promise<ReadonlySet<string> | null> {
  const [damaged]: readonly { count: number }[] = await manager.query(
    `SELECT count(*) AS "count" FROM "job_version" WHERE NOT json_valid("document")`,
  );
  if (damaged?.count !== 0) return null;
  const rows: readonly { id: string }[] = await manager.query(`
    SELECT DISTINCT json_extract(photo.value, '$.id') AS "id"
    FROM "job_version",
      json_each("document", '$.log.entries') AS entry,
      json_each(entry.value, '$.photos') AS photo`);
  return new Set(rows.map(({ id }) => id));
}
