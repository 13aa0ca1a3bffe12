import type { Restored } from '@dormer/core/job';
import path from 'node:path';
import type { EntityManager } from 'typeorm';
import { documentOf, summaryText } from '../db/documents';
import { JobEntity, VersionEntity, type VersionRow } from '../db/entities';
import type { PhotoFolder } from '../db/photoFolder';
import { RackStore } from '../db/rackStore';
import { keepRepeats } from '../db/repeats';
import type { Storage } from '../db/storage';
import { FILES, jobVersionsSchema, rackFileSchema, type JobVersions } from './contents';
import { Backup } from './read';

/**
 * Brings a backup in. Nothing that is newer here is overwritten: where both sides went on from a common version, what
 * is here stands, and the other is kept beside it as a version.
 * @throws BackupError when the file is no backup that can be read; nothing is changed then
 */
export async function restore(file: string, storage: Storage, photos: PhotoFolder): Promise<Restored> {
  const backup = await Backup.open(file);
  try {
    const jobs: JobBackup[] = [];
    for (const name of backup.names('jobs')) if (name.endsWith('/versions.json')) jobs.push(await jobIn(backup, name));
    const { pieces } = await backup.json(FILES.rack, rackFileSchema);
    let photosAdded = 0;
    for (const name of backup.names('photos')) {
      if (await photos.putIfAbsent(path.basename(name), await backup.contents(name))) photosAdded += 1;
    }
    const outcomes = await storage.write(async (manager) => {
      const all: Outcome[] = [];
      for (const job of jobs) all.push(await bringIn(manager, job));
      return all;
    });
    const rack = new RackStore(storage);
    const known = new Set((await rack.list()).map(({ id }) => id));
    const missing = pieces.filter(({ id }) => !known.has(id));
    for (const piece of missing) await rack.put(piece);
    const count = (outcome: Outcome) => outcomes.filter((one) => one === outcome).length;
    return {
      added: count('added'),
      updated: count('updated'),
      kept: count('kept'),
      photos: photosAdded,
      pieces: missing.length,
    };
  } finally {
    backup.close();
  }
}

type Outcome = 'added' | 'updated' | 'kept';

interface JobBackup {
  readonly listed: JobVersions;
  /** All versions as rows, the oldest first. */
  readonly rows: readonly VersionRow[];
}

async function jobIn(backup: Backup, name: string): Promise<JobBackup> {
  const listed = await backup.json(name, jobVersionsSchema);
  const rows: VersionRow[] = [];
  for (const { version, saveId, savedAt, name: called, setAside, savedBy } of listed.versions) {
    const document = (await backup.contents(FILES.document(listed.id, version))).toString('utf8');
    rows.push({
      jobId: listed.id,
      version,
      saveId,
      document,
      name: called,
      savedAt,
      summary: summaryText(documentOf({ document })),
      setAside: setAside ? 1 : 0,
      savedBy,
    });
  }
  return { listed, rows };
}

async function bringIn(manager: EntityManager, { listed, rows }: JobBackup): Promise<Outcome> {
  const newest = rows.at(-1);
  if (!newest) return 'kept';
  const here = await manager.findOneBy(JobEntity, { id: listed.id });
  const hereVersions = await manager.find(VersionEntity, {
    select: { jobId: true, version: true, saveId: true },
    where: { jobId: listed.id },
    order: { version: 'ASC' },
  });
  const hereNewest = hereVersions.at(-1);
  if (!here || !hereNewest) {
    // A removal stays, also where only its name was left.
    await point(manager, listed, newest, here?.removedAt ?? listed.removedAt);
    await insertAll(manager, rows);
    return here ? 'kept' : 'added';
  }
  if (hereVersions.some(({ saveId }) => saveId === newest.saveId)) return 'kept';
  const common = rows.findIndex(({ saveId }) => saveId === hereNewest.saveId);
  if (common >= 0 && here.removedAt === null) {
    const later = rows.slice(common + 1).map((row, index) => ({ ...row, version: here.version + 1 + index }));
    await insertAll(manager, later);
    await point(manager, listed, later.at(-1) ?? newest, here.removedAt);
    return 'updated';
  }
  await keepBeside(manager, here.version, newest);
  return 'kept';
}

/** Keeps a version of the backup beside what stands here, which stays the newest. */
async function keepBeside(manager: EntityManager, version: number, other: VersionRow): Promise<void> {
  const current = await manager.findOneByOrFail(VersionEntity, { jobId: other.jobId, version });
  const again = { ...current, version: version + 2, saveId: `${current.saveId.slice(0, 60)}+${version + 2}` };
  await insertAll(manager, [{ ...other, version: version + 1, setAside: 1 }, again]);
  await manager.update(JobEntity, { id: other.jobId }, { version: version + 2 });
}

async function insertAll(manager: EntityManager, rows: readonly VersionRow[]): Promise<void> {
  for (const row of rows) await manager.insert(VersionEntity, row);
}

/** Makes a version the newest of its job. */
async function point(
  manager: EntityManager,
  { id, changedAt }: JobVersions,
  { name, version, document, summary }: VersionRow,
  removedAt: string | null,
): Promise<void> {
  await manager.upsert(JobEntity, { id, name, summary: summary ?? '', version, changedAt, removedAt }, ['id']);
  const job = documentOf({ document });
  if (job) await keepRepeats(manager, job);
}
