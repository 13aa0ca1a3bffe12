import equal from 'fast-deep-equal';
import { currentJob, renamedKinds, type Job, type StoredJob } from '@dormer/core/job/document';
import { mergeJobs } from '@dormer/core/job/merge';

/**
 * A save on its way: what was sent, over which version (null: a new job), under which id. Sent again, it is the same
 * save.
 */
export interface Sending {
  readonly saveId: string;
  readonly job: Job;
  readonly basedOn: number | null;
  /** What the person decided against, kept as a version of its own. */
  readonly aside?: Job;
}

/** Why a job is not saved on the server and waits for a decision. */
export type SaveFault =
  | { readonly kind: 'stale'; readonly current: StoredJob }
  | { readonly kind: 'removed' }
  /** Its server no longer has it, and does not say that it was removed. */
  | { readonly kind: 'missing' }
  | { readonly kind: 'refused'; readonly reasons: readonly string[] };

/** A job as this device keeps it. */
export interface JobRecord {
  readonly id: string;
  readonly job: Job;
  /** Identity of the server it lives on; null while no server has been met. */
  readonly server: string | null;
  /** A server the person keeps it from: it stays on this device while that one is met. */
  readonly apart: string | null;
  /** The server's version this job stands on; null while the server has never acknowledged it. */
  readonly base: number | null;
  /** The job in that version, from which both sides are told apart; null where it is not known. */
  readonly baseJob: Job | null;
  readonly changedAt: string;
  /** Changed here since `base`. */
  readonly dirty: boolean;
  readonly sending: Sending | null;
  /** What the person decided against, until the server keeps it. */
  readonly aside: Job | null;
  readonly removed: boolean;
  readonly removedOnServer: boolean;
  readonly fault: SaveFault | null;
}

/** A job that exists on this device only. @param server the one it will be sent to; null when none is known */
export function newRecord(job: Job, changedAt: string, server: string | null = null): JobRecord {
  return {
    id: job.id,
    job,
    server,
    apart: null,
    base: null,
    baseJob: null,
    changedAt,
    dirty: true,
    sending: null,
    aside: null,
    removed: false,
    removedOnServer: false,
    fault: null,
  };
}

/** A job as a server has it. */
export function recordFromServer({ job, version, changedAt }: StoredJob, server: string | null): JobRecord {
  return { ...newRecord(job, changedAt, server), base: version, baseJob: job, dirty: false };
}

/** A record as an earlier version of this program may have kept it, its jobs in the current version. */
export function recordFromDevice(kept: JobRecord): JobRecord {
  const { sending } = kept;
  const job = currentJob(kept.job);
  // Until version 9 of the job, the key of a fault's kind was `is`.
  const fault = renamedKinds(kept.fault) as SaveFault | null;
  return {
    ...newRecord(job, kept.changedAt),
    ...kept,
    job,
    baseJob: baseJobOf(kept, job),
    aside: kept.aside ? currentJob(kept.aside) : null,
    sending: sending && { ...sending, job: currentJob(sending.job) },
    fault:
      fault?.kind === 'stale' ? { ...fault, current: { ...fault.current, job: currentJob(fault.current.job) } } : fault,
  };
}

/** Earlier versions of this program did not keep it; a job without changes is its own base. */
function baseJobOf(kept: JobRecord, job: Job): Job | null {
  if (kept.baseJob) return equal(kept.baseJob, kept.job) ? job : currentJob(kept.baseJob);
  return kept.base !== null && !kept.dirty && !kept.sending ? job : null;
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
  const { job, base, aside } = record;
  const kept = aside && base !== null ? { aside } : {};
  return { kind: 'send', sending: { saveId: newSaveId(), job, basedOn: base, ...kept } };
}

/** Whether two job documents say the same, in whatever order. */
export function sameJob(a: Job, b: Job): boolean {
  return a === b || equal(a, b);
}

/** The job of a record as it is now, told apart from what the server has. */
export function withJob(record: JobRecord, job: Job): JobRecord {
  const dirty = record.aside !== null || record.baseJob === null || !sameJob(job, record.baseJob);
  return { ...record, job, dirty };
}

/**
 * A record that two tabs changed at the same time.
 * @param known what this tab last knew the device to have
 * @param mine the record of this tab
 * @param theirs what the device has by now; where both changed one thing, mine goes over it
 */
export function mergeRecords(known: JobRecord | undefined, mine: JobRecord, theirs: JobRecord): JobRecord {
  if (mine === theirs || !known || equal(known, theirs)) return mine;
  if (known === mine || equal(known, mine)) return theirs;
  const pick = <Key extends keyof JobRecord>(key: Key) => (equal(mine[key], known[key]) ? theirs[key] : mine[key]);
  const isNewer = (theirs.base ?? 0) > (mine.base ?? 0);
  const { base, baseJob } = isNewer ? theirs : mine;
  const merged: JobRecord = {
    ...mine,
    base,
    baseJob,
    server: pick('server'),
    apart: pick('apart'),
    sending: isNewer ? theirs.sending : pick('sending'),
    fault: isNewer ? theirs.fault : pick('fault'),
    aside: pick('aside'),
    removed: pick('removed'),
    removedOnServer: pick('removedOnServer'),
    changedAt: mine.changedAt > theirs.changedAt ? mine.changedAt : theirs.changedAt,
  };
  return withJob(merged, mergeJobs(known.job, mine.job, theirs.job, () => 'mine').job);
}

/** What a person is told about where their work is kept. */
export type SaveState =
  'saved' | 'saving' | 'device' | 'full' | 'unpaired' | 'stale' | 'removed' | 'missing' | 'refused' | 'notKept';

/** State of a record in this device's storage. */
export type OnDevice = 'kept' | 'beingKept' | 'notTaken';

/**
 * State of the server: it takes saves, it cannot be reached, its disk is full, it does not let this device in, or the
 * job belongs to another one.
 */
export type ServerState = 'takes' | 'unreached' | 'full' | 'unpaired' | 'another';

export function saveState(record: JobRecord, server: ServerState, onDevice: OnDevice): SaveState {
  if (record.fault) return record.fault.kind;
  const pending = record.dirty || record.sending !== null || record.removed !== record.removedOnServer;
  if (!pending && server !== 'another') return 'saved';
  if (server === 'takes') return 'saving';
  if (onDevice === 'notTaken') return 'notKept';
  if (onDevice === 'beingKept') return 'saving';
  return server === 'full' || server === 'unpaired' ? server : 'device';
}
