import { IsNull, type EntityManager } from 'typeorm';
import {
  duplicateJob,
  summarise,
  type Ack,
  type Job,
  type ListedJob,
  type ListedVersion,
  type RemovedJob,
  type StoredJob,
} from '@dormer/core/job';
import type { RepeatSum } from '@dormer/core/place/survey';
import { documentOf, summaryIn } from './documents';
import { JobEntity, ServerEntity, VersionEntity, type JobRow } from './entities';
import { keepRepeats, repeatsOfAll } from './repeats';
import type { Storage } from './storage';

/** How a save ended. `stale` and `exists` carry what stands on the server, so that nothing is lost. */
export type SaveOutcome =
  | ({ readonly kind: 'saved' } & Ack)
  | { readonly kind: 'stale' | 'exists'; readonly current: StoredJob }
  | { readonly kind: 'removed' }
  | { readonly kind: 'unknown' };

export interface Save {
  readonly job: Job;
  readonly saveId: string;
  /** What a person decided against when two devices contradicted each other: kept as a version of its own. */
  readonly aside?: Job;
  /** Name of the paired device that saves; left away for the computer Dormer runs on. */
  readonly by?: string | undefined;
}

type Duplicate = Pick<Save, 'saveId' | 'by'> & { readonly copyId: string; readonly name: string };
type BringBack = Pick<Save, 'saveId' | 'by'> & { readonly basedOn: number };

/** Every stored version of a job is damaged. */
export class DamagedJobError extends Error {}

/** Jobs in the database. */
export class JobStore {
  constructor(
    private readonly storage: Storage,
    private readonly now: () => Date = () => new Date(),
  ) {}

  private work<T>(task: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.storage.write(task);
  }

  /** Identity of this server, made with its data folder. */
  identity(): Promise<string> {
    return this.storage.read(async (manager) => (await manager.findOneOrFail(ServerEntity, { where: {} })).id);
  }

  /** Who this server is, its jobs with the last changed first, and the jobs that were removed from it. */
  list(): Promise<{ server: string; jobs: ListedJob[]; removed: RemovedJob[] }> {
    return this.storage.read(async (manager) => {
      const [server] = await manager.find(ServerEntity);
      const rows = await manager.find(JobEntity, { order: { changedAt: 'DESC', id: 'ASC' } });
      return {
        server: server?.id ?? '',
        jobs: rows
          .filter(({ removedAt }) => removedAt === null)
          .map(({ id, name, version, changedAt, summary }) => ({
            id,
            name,
            version,
            changedAt,
            ...summaryIn(summary),
          })),
        removed: rows.flatMap(({ id, name, removedAt }) => (removedAt === null ? [] : [{ id, name, removedAt }])),
      };
    });
  }

  isEmpty(): Promise<boolean> {
    return this.storage.read(async (manager) => (await manager.count(JobEntity)) === 0);
  }

  /** @throws DamagedJobError when no version of the job can be read */
  read(id: string): Promise<StoredJob | null> {
    return this.storage.read(async (manager) => {
      const row = await manager.findOneBy(JobEntity, { id, removedAt: IsNull() });
      return row ? this.stored(manager, row) : null;
    });
  }

  /** Puts a new job in. The same save sent again is acknowledged again, not made twice. */
  create({ job, saveId, by }: Save): Promise<SaveOutcome> {
    return this.work(async (manager) => {
      const row = await manager.findOneBy(JobEntity, { id: job.id });
      // A job that was removed long ago is a name without a document.
      const isThere = row !== null && (await manager.existsBy(VersionEntity, { jobId: job.id }));
      if (isThere) return (await this.earlier(manager, row, saveId)) ?? this.existing(manager, row);
      return this.write(manager, { job, saveId, by }, (row?.version ?? 0) + 1);
    });
  }

  /** Saves over the version it was based on, and over no other. */
  save(save: Save, basedOn: number): Promise<SaveOutcome> {
    return this.work((manager) => this.saveWithin(manager, save, basedOn));
  }

  /** Makes the document of an earlier version the newest. */
  bringBack(id: string, version: number, { basedOn, saveId, by }: BringBack): Promise<SaveOutcome> {
    return this.work(async (manager) => {
      const old = await manager.findOneBy(VersionEntity, { jobId: id, version });
      if (!old) return { kind: 'unknown' };
      const job = documentOf(old);
      if (!job) throw new DamagedJobError();
      return this.saveWithin(manager, { job, saveId, by }, basedOn);
    });
  }

  duplicate(id: string, { copyId, name, saveId, by }: Duplicate): Promise<SaveOutcome> {
    return this.work(async (manager) => {
      const source = await manager.findOneBy(JobEntity, { id, removedAt: IsNull() });
      if (!source) return { kind: 'unknown' };
      const taken = await manager.findOneBy(JobEntity, { id: copyId });
      if (taken) return (await this.earlier(manager, taken, saveId)) ?? this.existing(manager, taken);
      const { job } = await this.stored(manager, source);
      return this.write(manager, { job: duplicateJob(job, copyId, name), saveId, by }, 1);
    });
  }

  /** Hides a job; its versions stay for a while. @returns whether there was such a job */
  remove(id: string): Promise<boolean> {
    return this.work(async (manager) => {
      const row = await manager.findOneBy(JobEntity, { id });
      if (row?.removedAt === null) await manager.update(JobEntity, { id }, { removedAt: this.now().toISOString() });
      return row !== null;
    });
  }

  /** Undoes a removal. @returns whether the job is there again; it is not when its versions are gone */
  restore(id: string): Promise<boolean> {
    return this.work(async (manager) => {
      if (!(await manager.existsBy(VersionEntity, { jobId: id }))) return false;
      await manager.update(JobEntity, { id }, { removedAt: null });
      return true;
    });
  }

  versions(id: string): Promise<ListedVersion[] | null> {
    return this.storage.read(async (manager) => {
      if (!(await manager.existsBy(JobEntity, { id }))) return null;
      const rows = await manager.find(VersionEntity, {
        select: { version: true, name: true, savedAt: true, summary: true, setAside: true },
        where: { jobId: id },
        order: { version: 'DESC' },
      });
      return rows.map(({ version, name, savedAt, summary, setAside }) => ({
        version,
        name,
        savedAt,
        setAside: setAside === 1,
        summary: summaryIn(summary),
      }));
    });
  }

  /** @throws DamagedJobError when that version cannot be read */
  readVersion(id: string, version: number): Promise<StoredJob | null> {
    return this.storage.read(async (manager) => {
      const row = await manager.findOneBy(VersionEntity, { jobId: id, version });
      if (!row) return null;
      const job = documentOf(row);
      if (!job) throw new DamagedJobError();
      return { job, version: row.version, changedAt: row.savedAt };
    });
  }

  private async saveWithin(manager: EntityManager, save: Save, basedOn: number): Promise<SaveOutcome> {
    const row = await manager.findOneBy(JobEntity, { id: save.job.id });
    if (!row) return { kind: 'unknown' };
    const earlier = await this.earlier(manager, row, save.saveId);
    if (earlier) return earlier;
    if (row.removedAt !== null) return { kind: 'removed' };
    if (row.version !== basedOn) return { kind: 'stale', current: await this.stored(manager, row) };
    if (!save.aside) return this.write(manager, save, basedOn + 1);
    await manager.update(VersionEntity, { jobId: row.id, version: basedOn }, { setAside: 1 });
    await this.keepVersion(manager, { job: save.aside, saveId: `${save.saveId}~`, by: save.by }, basedOn + 1, 1);
    return this.write(manager, save, basedOn + 2);
  }

  /** The acknowledgement of a save that was made before under the same id. */
  private async earlier(manager: EntityManager, row: JobRow, saveId: string): Promise<SaveOutcome | null> {
    const made = await manager.findOneBy(VersionEntity, { jobId: row.id, saveId });
    return made ? { kind: 'saved', version: made.version, changedAt: made.savedAt } : null;
  }

  private async existing(manager: EntityManager, row: JobRow): Promise<SaveOutcome> {
    return { kind: 'exists', current: await this.stored(manager, row) };
  }

  private async write(manager: EntityManager, save: Save, version: number): Promise<SaveOutcome> {
    const { job } = save;
    const row: JobRow = {
      id: job.id,
      name: job.name,
      summary: JSON.stringify(summarise(job)),
      version,
      changedAt: this.now().toISOString(),
      removedAt: null,
    };
    await manager.upsert(JobEntity, row, ['id']);
    const changedAt = await this.keepVersion(manager, save, version, 0);
    await keepRepeats(manager, job);
    return { kind: 'saved', version, changedAt };
  }

  /** @returns when it was saved */
  private async keepVersion(
    manager: EntityManager,
    { job, saveId, by }: Save,
    version: number,
    setAside: 0 | 1,
  ): Promise<string> {
    const savedAt = this.now().toISOString();
    await manager.insert(VersionEntity, {
      jobId: job.id,
      version,
      saveId,
      document: JSON.stringify(job),
      name: job.name,
      savedAt,
      summary: JSON.stringify(summarise(job)),
      setAside,
      savedBy: by ?? null,
    });
    return savedAt;
  }

  /** What repeats say of the person's error, by instrument, over all jobs but one. */
  instruments(except: string | null): Promise<RepeatSum[]> {
    return this.storage.read((manager) => repeatsOfAll(manager, except));
  }

  /**
   * The job in its newest version that can be read. A newest version that is damaged is passed over: a save on it
   * keeps the damaged one, too.
   */
  private async stored(manager: EntityManager, { id, version, changedAt }: JobRow): Promise<StoredJob> {
    const newest = await manager.findOneBy(VersionEntity, { jobId: id, version });
    const job = newest && documentOf(newest);
    if (job) return { job, version, changedAt, ...(newest.savedBy === null ? {} : { savedBy: newest.savedBy }) };
    const older = await manager.find(VersionEntity, { where: { jobId: id }, order: { version: 'DESC' } });
    for (const row of older) {
      const earlier = documentOf(row);
      if (earlier) return { job: earlier, version, changedAt, damaged: { readFrom: row.savedAt } };
    }
    throw new DamagedJobError();
  }
}
