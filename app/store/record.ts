import equal from 'fast-deep-equal';
import { currentJob, renamedKinds, type Job, type StoredJob } from '@dormer/core/job/document';

/**
 * A save on its way: what was sent, over which version (null: a new job), under which id. Sent again, it is the same
 * save.
 */
export interface Sending {
  readonly saveId: string;
  readonly job: Job;
  readonly basedOn: number | null;
}

/** Why a job is not saved on the server and waits for a decision. */
export type SaveFault =
  | { readonly kind: 'stale'; readonly current: StoredJob }
  | { readonly kind: 'removed' }
  | { readonly kind: 'refused'; readonly reasons: readonly string[] };

/** A job as this device keeps it. */
export interface JobRecord {
  readonly id: string;
  readonly job: Job;
  /** The server's version this job stands on; null while the server has never acknowledged it. */
  readonly base: number | null;
  readonly changedAt: string;
  /** Changed here since `base`. */
  readonly dirty: boolean;
  readonly sending: Sending | null;
  readonly removed: boolean;
  readonly removedOnServer: boolean;
  readonly fault: SaveFault | null;
}

/** A job that exists on this device only. */
export function newRecord(job: Job, changedAt: string): JobRecord {
  return {
    id: job.id,
    job,
    base: null,
    changedAt,
    dirty: true,
    sending: null,
    removed: false,
    removedOnServer: false,
    fault: null,
  };
}

/** A job as the server has it. */
export function recordFromServer({ job, version, changedAt }: StoredJob): JobRecord {
  return { ...newRecord(job, changedAt), base: version, dirty: false };
}

/** A record as an earlier version of this program may have kept it, its jobs in the current version. */
export function recordFromDevice(kept: JobRecord): JobRecord {
  const { job, sending } = kept;
  // Until version 9 of the job, the key of a fault's kind was `is`.
  const fault = renamedKinds(kept.fault) as SaveFault | null;
  return {
    ...kept,
    job: currentJob(job),
    sending: sending && { ...sending, job: currentJob(sending.job) },
    fault:
      fault?.kind === 'stale' ? { ...fault, current: { ...fault.current, job: currentJob(fault.current.job) } } : fault,
  };
}

/**
 * What is to be done next so that the server has what this device has; null when nothing is, or a person must decide.
 */
export type NextStep = { readonly kind: 'remove' | 'restore' } | { readonly kind: 'send'; readonly sending: Sending };

/**
 * The next step towards the server, from the record alone, so that it is the same after a reload.
 * A save that was on its way is sent again as it was before anything newer.
 */
export function nextStep(record: JobRecord, newSaveId: () => string): NextStep | null {
  if (record.removed) return record.base === null || record.removedOnServer ? null : { kind: 'remove' };
  if (record.fault) return null;
  if (record.removedOnServer) return { kind: 'restore' };
  if (record.sending) return { kind: 'send', sending: record.sending };
  if (!record.dirty) return null;
  return { kind: 'send', sending: { saveId: newSaveId(), job: record.job, basedOn: record.base } };
}

/** Whether two job documents say the same, in whatever order. */
export function sameJob(a: Job, b: Job): boolean {
  return a === b || equal(a, b);
}

/** What a person is told about where their work is kept. */
export type SaveState = 'saved' | 'saving' | 'device' | 'full' | 'stale' | 'removed' | 'refused' | 'notKept';

/** State of a record in this device's storage. */
export type OnDevice = 'kept' | 'beingKept' | 'notTaken';

/** State of the server: it takes saves, it cannot be reached, or its disk is full. */
export type ServerState = 'takes' | 'unreached' | 'full';

export function saveState(record: JobRecord, server: ServerState, onDevice: OnDevice): SaveState {
  if (record.fault) return record.fault.kind;
  const pending = record.dirty || record.sending !== null || record.removed !== record.removedOnServer;
  if (!pending) return 'saved';
  if (server === 'takes') return 'saving';
  if (onDevice === 'notTaken') return 'notKept';
  if (onDevice === 'beingKept') return 'saving';
  return server === 'full' ? 'full' : 'device';
}
