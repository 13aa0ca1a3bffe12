import type { Job } from '@dormer/core/job';
import { addedUp, countedOnce, repeatSums, type RepeatSum } from '@dormer/core/place/survey';
import type { EntityManager } from 'typeorm';
import { InstrumentEntity, type InstrumentRow } from './entities';

/** Keeps what the job's repeats say of the person's error, in place of what they said before. */
export async function keepRepeats(manager: EntityManager, { id, readings }: Job): Promise<void> {
  await manager.delete(InstrumentEntity, { jobId: id });
  const rows = repeatSums(readings).map((repeatSum) => ({ jobId: id, ...repeatSum }));
  if (rows.length > 0) await manager.insert(InstrumentEntity, rows);
}

/**
 * What repeats say of the person's error, by instrument, over all jobs. A copy of a job adds what is new in it.
 * @param except a job that is left out, since its own repeats are known where it is
 */
export async function repeatsOfAll(manager: EntityManager, except: string | null): Promise<RepeatSum[]> {
  const rows = await manager.find(InstrumentEntity, { order: { instrument: 'ASC', jobId: 'ASC', first: 'ASC' } });
  const key = (row: InstrumentRow) => `${row.instrument}|${row.first}`;
  const known = new Set(rows.filter((row) => row.jobId === except).map(key));
  return addedUp(countedOnce(rows.filter((row) => !known.has(key(row)))));
}
