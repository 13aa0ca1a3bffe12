import { IsNull, type DataSource, type EntityManager } from 'typeorm';
import {
  duplicateJob,
  readJob,
  summarise,
  type Ack,
  type Job,
  type JobSummary,
  type ListedJob,
  type ListedVersion,
  type StoredJob,
} from '@dormer/core/job';
import { addedUp, countedOnce, repeatSums, type RepeatSum } from '@dormer/core/place/survey';
import {
  InstrumentEntity,
  JobEntity,
  VersionEntity,
  type InstrumentRow,
  type JobRow,
  type VersionRow,
} from './entities';
import { inTurn } from './oneAtATime';

/** How a save ended. `stale` and `exists` carry what stands on the server, so that nothing is lost. */
export type SaveOutcome =
  | ({ readonly kind: 'saved' } & Ack)
  | { readonly kind: 'stale' | 'exists'; readonly current: StoredJob }
  | { readonly kind: 'removed' }
  | { readonly kind: 'unknown' };

export interface Save {
  readonly job: Job;
  readonly saveId: string;
}

/** Jobs in the database. */
export class JobStore {
  constructor(
    private readonly database: DataSource,
    private readonly now: () => Date = () => new Date(),
  ) {}

  private work<T>(task: (manager: EntityManager) => Promise<T>): Promise<T> {
    return inTurn(this.database, task);
  }

  list(): Promise<ListedJob[]> {
    return this.work(async (manager) => {
      const rows = await manager.find(JobEntity, {
        where: { removedAt: IsNull() },
        order: { changedAt: 'DESC', id: 'ASC' },
      });
      return rows.map(({ id, name, version, changedAt, summary }) => ({
        id,
        name,
        version,
        changedAt,
        ...(JSON.parse(summary) as JobSummary),
      }));
    });
  }

  isEmpty(): Promise<boolean> {
    return this.work(async (manager) => (await manager.count(JobEntity)) === 0);
  }

  read(id: string): Promise<StoredJob | null> {
    return this.work(async (manager) => {
      const row = await manager.findOneBy(JobEntity, { id, removedAt: IsNull() });
      return row ? this.stored(manager, row) : null;
    });
  }

  /** Puts a new job in. The same save sent again is acknowledged again, not made twice. */
  create({ job, saveId }: Save): Promise<SaveOutcome> {
    return this.work(async (manager) => {
      const row = await manager.findOneBy(JobEntity, { id: job.id });
      if (row) return (await this.earlier(manager, row, saveId)) ?? this.existing(manager, row);
      return this.write(manager, job, saveId, 1);
    });
  }

  /** Saves over the version it was based on, and over no other. */
  save({ job, saveId }: Save, basedOn: number): Promise<SaveOutcome> {
    return this.work((manager) => this.saveWithin(manager, job, saveId, basedOn));
  }

  /** Makes the document of an earlier version the newest. */
  bringBack(id: string, version: number, basedOn: number, saveId: string): Promise<SaveOutcome> {
    return this.work(async (manager) => {
      const old = await manager.findOneBy(VersionEntity, { jobId: id, version });
      return old ? this.saveWithin(manager, documentOf(old), saveId, basedOn) : { kind: 'unknown' };
    });
  }

  duplicate(id: string, copyId: string, name: string, saveId: string): Promise<SaveOutcome> {
    return this.work(async (manager) => {
      const source = await manager.findOneBy(JobEntity, { id, removedAt: IsNull() });
      if (!source) return { kind: 'unknown' };
      const taken = await manager.findOneBy(JobEntity, { id: copyId });
      if (taken) return (await this.earlier(manager, taken, saveId)) ?? this.existing(manager, taken);
      const { job } = await this.stored(manager, source);
      return this.write(manager, duplicateJob(job, copyId, name), saveId, 1);
    });
  }

  /** Hides a job; its versions stay. @returns whether there was such a job */
  remove(id: string): Promise<boolean> {
    return this.setRemoved(id, this.now().toISOString());
  }

  /** Undoes a removal. @returns whether there was such a job */
  restore(id: string): Promise<boolean> {
    return this.setRemoved(id, null);
  }

  versions(id: string): Promise<ListedVersion[] | null> {
    return this.work(async (manager) => {
      if (!(await manager.existsBy(JobEntity, { id }))) return null;
      const rows = await manager.find(VersionEntity, { where: { jobId: id }, order: { version: 'DESC' } });
      return rows.map((row) => ({
        version: row.version,
        name: row.name,
        savedAt: row.savedAt,
        ...summarise(documentOf(row)),
      }));
    });
  }

  readVersion(id: string, version: number): Promise<StoredJob | null> {
    return this.work(async (manager) => {
      const row = await manager.findOneBy(VersionEntity, { jobId: id, version });
      return row ? { job: documentOf(row), version: row.version, changedAt: row.savedAt } : null;
    });
  }

  private setRemoved(id: string, removedAt: string | null): Promise<boolean> {
    return this.work(async (manager) => ((await manager.update(JobEntity, { id }, { removedAt })).affected ?? 0) > 0);
  }

  private async saveWithin(manager: EntityManager, job: Job, saveId: string, basedOn: number): Promise<SaveOutcome> {
    const row = await manager.findOneBy(JobEntity, { id: job.id });
    if (!row) return { kind: 'unknown' };
    const earlier = await this.earlier(manager, row, saveId);
    if (earlier) return earlier;
    if (row.removedAt !== null) return { kind: 'removed' };
    if (row.version !== basedOn) return { kind: 'stale', current: await this.stored(manager, row) };
    return this.write(manager, job, saveId, basedOn + 1);
  }

  /** The acknowledgement of a save that was made before under the same id. */
  private async earlier(manager: EntityManager, row: JobRow, saveId: string): Promise<SaveOutcome | null> {
    const made = await manager.findOneBy(VersionEntity, { jobId: row.id, saveId });
    return made ? { kind: 'saved', version: made.version, changedAt: made.savedAt } : null;
  }

  private async existing(manager: EntityManager, row: JobRow): Promise<SaveOutcome> {
    return { kind: 'exists', current: await this.stored(manager, row) };
  }

  private async write(manager: EntityManager, job: Job, saveId: string, version: number): Promise<SaveOutcome> {
    const changedAt = this.now().toISOString();
    const row: JobRow = {
      id: job.id,
      name: job.name,
      summary: JSON.stringify(summarise(job)),
      version,
      changedAt,
      removedAt: null,
    };
    const saved: VersionRow = {
      jobId: job.id,
      version,
      saveId,
      document: JSON.stringify(job),
      name: job.name,
      savedAt: changedAt,
    };
    await manager.upsert(JobEntity, row, ['id']);
    await manager.insert(VersionEntity, saved);
    await this.learn(manager, job);
    return { kind: 'saved', version, changedAt };
  }

  /** Keeps what the job's repeats say of the person's error, in place of what they said before. */
  private async learn(manager: EntityManager, { id, readings }: Job): Promise<void> {
    await manager.delete(InstrumentEntity, { jobId: id });
    const rows = repeatSums(readings).map((repeatSum) => ({ jobId: id, ...repeatSum }));
    if (rows.length > 0) await manager.insert(InstrumentEntity, rows);
  }

  /**
   * What repeats say of the person's error, by instrument, over all jobs. A copy of a job adds what is new in it.
   * @param except a job that is left out, since its own repeats are known where it is
   */
  instruments(except: string | null): Promise<RepeatSum[]> {
    return this.work(async (manager) => {
      const rows = await manager.find(InstrumentEntity, { order: { instrument: 'ASC', jobId: 'ASC', first: 'ASC' } });
      const key = (row: InstrumentRow) => `${row.instrument}|${row.first}`;
      const known = new Set(rows.filter((row) => row.jobId === except).map(key));
      return addedUp(countedOnce(rows.filter((row) => !known.has(key(row)))));
    });
  }

  private async stored(manager: EntityManager, row: JobRow): Promise<StoredJob> {
    const newest = await manager.findOneByOrFail(VersionEntity, { jobId: row.id, version: row.version });
    return { job: documentOf(newest), version: row.version, changedAt: row.changedAt };
  }
}

/** A stored document in today's version of the schema. */
function documentOf(row: VersionRow): Job {
  const read = readJob(JSON.parse(row.document));
  if (!read.ok) throw new Error(`version ${row.version} of job ${row.jobId} is not a job: ${read.error.message.code}`);
  return read.value;
}
