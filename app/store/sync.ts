import { nanoid } from '@reduxjs/toolkit';
import type { Ack, Job, StoredJob } from '@dormer/core/job/document';
import { mergeJobs } from '@dormer/core/job/merge';
import { api, isRefusal, type JobListing, type ServerRefusal } from './api';
import type { Keeper } from './keeper';
import { said } from './notice';
import { mayPull, records, type RecordsState } from './records';
import { nextStep, sameJob, type JobRecord, type NextStep, type SaveFault, type Sending } from './record';
import type { AppDispatch, RootState, Sync } from './state';

export interface SyncOptions {
  readonly dispatch: AppDispatch;
  readonly getState: () => RootState;
  readonly keeper: Keeper;
  /** Whether a document that was merged from two is a job. */
  readonly isJob: (job: Job) => Promise<boolean>;
  readonly now: () => string;
  /** How long to wait for a person to go on typing before a change is sent. */
  readonly settleMs: number;
  /** How long to wait before the server is tried again. */
  readonly retryMs: number;
}

type Outcome = 'done' | 'unreached' | 'unpaired' | 'full';

/** Brings the device's jobs to the server and the server's to the device. */
export const createSync = (options: SyncOptions): Sync => new ServerSync(options);

class ServerSync implements Sync {
  private readonly busy = new Set<string>();
  private readonly settling = new Map<string, ReturnType<typeof setTimeout>>();
  private retry: ReturnType<typeof setTimeout> | null = null;
  private stopped = false;

  constructor(private readonly options: SyncOptions) {}

  soon(id: string): void {
    if (this.stopped) return;
    clearTimeout(this.settling.get(id));
    const send = () => {
      this.settling.delete(id);
      void this.push(id);
    };
    this.settling.set(id, setTimeout(send, this.options.settleMs));
  }

  async now(): Promise<void> {
    if (!this.options.getState().records.loaded) return;
    const before = this.state.byId;
    const listing = await this.meet();
    if (!listing) return;
    for (const id of Object.keys(this.options.getState().records.byId)) {
      if ((await this.push(id)) !== 'done') return;
    }
    await this.pull(listing, before);
    // Not before: a list that is still empty would say that there are no jobs.
    this.options.dispatch(records.reachedServer(true));
  }

  stop(): void {
    this.stopped = true;
    this.settling.forEach((timer) => clearTimeout(timer));
    if (this.retry) clearTimeout(this.retry);
  }

  private get state() {
    return this.options.getState().records;
  }

  private recordOf(id: string): JobRecord | undefined {
    return this.state.byId[id];
  }

  /** What was to be sent waits, and is tried again later. */
  private waiting(outcome: Exclude<Outcome, 'done'>): Outcome {
    const { dispatch, retryMs } = this.options;
    dispatch(
      outcome === 'full' ? records.foundFull(true) : records.reachedServer(outcome === 'unpaired' ? outcome : false),
    );
    if (this.stopped) return outcome;
    this.retry ??= setTimeout(() => {
      this.retry = null;
      void this.now();
    }, retryMs);
    return outcome;
  }

  /** Asks the server who it is and which jobs it has; null when it cannot be reached. */
  private async meet(): Promise<JobListing | null> {
    const { dispatch } = this.options;
    const asked = await dispatch(api.endpoints.listJobs.initiate(undefined, FRESH));
    if (!asked.data) {
      this.waiting(waitFor(asked.error));
      return null;
    }
    const { server, jobs, removed } = asked.data;
    dispatch(records.met({ server, knows: [...jobs, ...removed].map(({ id }) => id) }));
    return asked.data;
  }

  private async push(id: string): Promise<Outcome> {
    if (this.busy.has(id)) return 'done';
    this.busy.add(id);
    try {
      for (;;) {
        if (this.state.server === null && !(await this.meet())) return 'unreached';
        const record = this.recordOf(id);
        const isOfThisServer = record?.server === this.state.server;
        const step = record && isOfThisServer ? nextStep(record, nanoid) : null;
        if (!record || !step) return 'done';
        const outcome = await this.take(record, step);
        if (outcome !== 'done') return this.waiting(outcome);
        this.options.dispatch(records.reachedServer(true));
        this.options.dispatch(records.foundFull(false));
      }
    } finally {
      this.busy.delete(id);
    }
  }

  private take(record: JobRecord, step: NextStep): Promise<Outcome> {
    return step.kind === 'send' ? this.send(record, step.sending) : this.setRemoved(record.id, step.kind === 'remove');
  }

  private async send(record: JobRecord, sending: Sending): Promise<Outcome> {
    const { dispatch, keeper } = this.options;
    const { id } = record;
    if (record.sending !== sending) {
      dispatch(records.sendingBegan({ id, sending }));
      // Known to the device before it is sent: after a crash it is sent again as the same save.
      await keeper.keep({ ...record, sending }).catch(() => undefined);
    }
    const { job, saveId, basedOn, aside } = sending;
    const request =
      basedOn === null
        ? dispatch(api.endpoints.createJob.initiate({ job, saveId }))
        : dispatch(api.endpoints.saveJob.initiate({ job, saveId, basedOn, ...(aside ? { aside } : {}) }));
    const answer = await request;
    if (answer.data) {
      dispatch(records.acknowledged({ id, sent: sending, ack: answer.data }));
      return 'done';
    }
    return this.refused(id, sending, answer.error);
  }

  private async refused(id: string, sending: Sending, error: unknown): Promise<Outcome> {
    const { dispatch } = this.options;
    const refusal = refusalIn(error);
    if (!refusal) return waitFor(error);
    if (refusal.error.code === 'another-server') {
      dispatch(records.strangeServer());
      return 'done';
    }
    const ack = saidTheSame(refusal, sending);
    if (ack) dispatch(records.acknowledged({ id, sent: sending, ack }));
    else if (!refusal.current || !(await this.merge(id, refusal.current))) {
      dispatch(records.refusedByServer({ id, fault: faultIn(refusal, sending) }));
    }
    return 'done';
  }

  /** Merges what stands on the server into a job. @returns false when a person must decide */
  private async merge(id: string, current: StoredJob): Promise<boolean> {
    const { dispatch, isJob, now } = this.options;
    for (;;) {
      const record = this.recordOf(id);
      if (!record) return true;
      const { job, contradictions } = mergeJobs(record.baseJob, record.job, current.job);
      if (contradictions.length > 0 || !(await isJob(job))) return false;
      // The person may have gone on while the document was checked.
      if (this.recordOf(id)?.job !== record.job) continue;
      dispatch(records.merged({ job, current, at: now() }));
      return true;
    }
  }

  private async setRemoved(id: string, removed: boolean): Promise<Outcome> {
    const { dispatch } = this.options;
    const { removeJob, restoreJob } = api.endpoints;
    const answer = await (removed ? dispatch(removeJob.initiate(id)) : dispatch(restoreJob.initiate(id)));
    const refusal = 'error' in answer ? refusalIn(answer.error) : null;
    if ('error' in answer && !refusal) return waitFor(answer.error);
    if (refusal?.error.code === 'another-server') dispatch(records.strangeServer());
    // A job the server does not know is as good as removed; to bring it back it must be made anew.
    else if (refusal && !removed) dispatch(records.broughtHere([id]));
    else dispatch(records.removedThere({ id, removed }));
    return 'done';
  }

  /** @param before the records before the server was asked: what changed since, it may not have known */
  private async pull({ jobs, removed }: JobListing, before: RecordsState['byId']): Promise<void> {
    const { dispatch } = this.options;
    const { server } = this.state;
    const newer = jobs.filter(({ id, version }) => mayPull(this.recordOf(id), version, server));
    await Promise.all(
      newer.map(async ({ id }) => {
        const stored = await dispatch(api.endpoints.getJob.initiate(id, FRESH));
        if (!stored.data) return;
        dispatch(records.pulled(stored.data));
        const { damaged, job } = stored.data;
        if (damaged) dispatch(said({ label: 'notice.damaged', name: job.name, tone: 'stop' }));
      }),
    );
    const atRest = Object.values(before).filter(
      (record) => record === this.recordOf(record.id) && record.server === server && isAtRest(record),
    );
    const removedThere = new Set(removed.map(({ id }) => id));
    const gone = atRest.filter(({ id }) => removedThere.has(id));
    if (gone.length > 0) dispatch(records.forgotten(gone.map(({ id }) => id)));
    // A server that was put back to an earlier state knows less than it once acknowledged.
    const versions = new Map(jobs.map(({ id, version }) => [id, version]));
    const lost = atRest.filter(({ id, base }) => !removedThere.has(id) && (versions.get(id) ?? 0) < (base ?? 0));
    if (lost.length > 0) dispatch(records.missed(lost.map(({ id }) => id)));
  }
}

/** An answer that is asked for each time anew. */
const FRESH = { forceRefetch: true, subscribe: false } as const;

/** Whether the server has all of a record and nothing is being sent. */
const isAtRest = ({ base, dirty, sending, removed, fault }: JobRecord): boolean =>
  base !== null && !dirty && !sending && !removed && !fault;

/** What is waited for after an answer that decides nothing. */
function waitFor(error: unknown): Exclude<Outcome, 'done'> {
  const status = statusOf(error);
  return status === 507 ? 'full' : status === 401 ? 'unpaired' : 'unreached';
}

const statusOf = (error: unknown): unknown =>
  typeof error === 'object' && error !== null && 'status' in error ? error.status : null;

/** What the server refused, or null when nothing is decided (no network, a timeout, a proxy's page). */
function refusalIn(error: unknown): ServerRefusal | null {
  const status = statusOf(error);
  if (!isRefusal(status) && status !== 421) return null;
  const { data } = error as { data?: unknown };
  return typeof data === 'object' && data !== null && 'error' in data ? (data as ServerRefusal) : null;
}

/** A stale save over a version that says the same is no conflict: it came from another tab, or an answer was lost. */
function saidTheSame({ current }: ServerRefusal, sending: Sending): Ack | null {
  return current && sameJob(current.job, sending.job)
    ? { version: current.version, changedAt: current.changedAt }
    : null;
}

function faultIn({ error, current }: ServerRefusal, { basedOn }: Sending): SaveFault {
  if (current) return { kind: 'stale', current };
  if (error.code === 'no-such-job' && basedOn !== null) return { kind: 'missing' };
  if (error.code === 'removed') return { kind: 'removed' };
  const fields = error.fields?.map((field) => field.message) ?? [];
  return { kind: 'refused', reasons: fields.length > 0 ? fields : [error.message] };
}
