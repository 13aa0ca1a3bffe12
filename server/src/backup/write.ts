import { createHash } from 'node:crypto';
import { PassThrough, Readable } from 'node:stream';
import type { EntityManager } from 'typeorm';
import yazl from 'yazl';
import { JobEntity, VersionEntity } from '../db/entities';
import { JobStore } from '../db/jobStore';
import type { PhotoFolder } from '../db/photoFolder';
import { RackStore } from '../db/rackStore';
import { repeatsOfAll } from '../db/repeats';
import type { Storage } from '../db/storage';
import { BACKUP_VERSION, FILES, type JobVersions, type Manifest } from './contents';

/**
 * Everything on a server as one zip of open files: jobs with their versions, photos, the rack, the instruments. Each
 * file is read when its turn comes, so that the whole never gathers in memory.
 * @returns the zip as it is made; an error in making it breaks the stream off
 */
export function backupStream(storage: Storage, photos: PhotoFolder, now: Date): Readable {
  const zip = new yazl.ZipFile();
  const out = zip.outputStream.pipe(new PassThrough());
  zip.on('error', (error: Error) => out.destroy(error));
  const files: Record<string, string> = {};
  const add: Add = (name, read) => {
    // Pictures are compressed already.
    zip.addReadStreamLazy(name, { compress: !name.startsWith('photos/'), mtime: now }, (give) => {
      read().then(
        (contents) => {
          const data = Buffer.from(contents);
          files[name] = createHash('sha256').update(data).digest('hex');
          give(null, Readable.from([data]));
        },
        (error: Error) => give(error, Readable.from([])),
      );
    });
  };
  const manifest = async (): Promise<string> => {
    const server = await new JobStore(storage).identity();
    const written: Manifest = {
      format: 'dormer-backup',
      version: BACKUP_VERSION,
      madeAt: now.toISOString(),
      server,
      files,
    };
    return json(written);
  };
  addAll(storage, photos, add)
    .then(() => {
      add(FILES.manifest, manifest);
      zip.end();
    })
    .catch((error: Error) => out.destroy(error));
  return out;
}

type Add = (name: string, read: () => Promise<Buffer | string>) => void;

async function addAll(storage: Storage, photos: PhotoFolder, add: Add): Promise<void> {
  for (const listed of await storage.read(listedJobs)) {
    add(FILES.versions(listed.id), async () => json(listed));
    for (const { version } of listed.versions) {
      const row = (manager: EntityManager) => manager.findOneByOrFail(VersionEntity, { jobId: listed.id, version });
      add(FILES.document(listed.id, version), async () => (await storage.read(row)).document);
    }
  }
  add(FILES.rack, async () => json({ pieces: await new RackStore(storage).list() }));
  add(FILES.instruments, async () => json({ repeats: await storage.read((manager) => repeatsOfAll(manager, null)) }));
  for (const name of await photos.names()) {
    add(FILES.photo(name), async () => (await photos.file(name)) ?? Promise.reject(new Error(`${name} is gone.`)));
  }
}

/** Every job that has a version, with the list of its versions. */
async function listedJobs(manager: EntityManager): Promise<JobVersions[]> {
  const jobs = await manager.find(JobEntity, { order: { id: 'ASC' } });
  const versions = await manager.find(VersionEntity, {
    select: { jobId: true, version: true, saveId: true, savedAt: true, name: true, setAside: true, savedBy: true },
    order: { jobId: 'ASC', version: 'ASC' },
  });
  return jobs.flatMap(({ id, name, changedAt, removedAt }) => {
    const ofJob = versions.filter(({ jobId }) => jobId === id);
    const newest = ofJob.at(-1);
    if (!newest) return [];
    const listed = ofJob.map(({ version, saveId, savedAt, name: called, setAside, savedBy }) => ({
      version,
      saveId,
      savedAt,
      name: called,
      setAside: setAside === 1,
      savedBy,
    }));
    return [{ id, name, version: newest.version, changedAt, removedAt, versions: listed }];
  });
}

const json = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;
