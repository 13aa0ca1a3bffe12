import { nanoid } from '@reduxjs/toolkit';
import type { Ack } from '@dormer/core/job/document';
import { api, type ServerRefusal } from './api';
import type { Device } from './device';
import { mayPull, records } from './records';
import { nextStep, sameJob, type JobRecord, type NextStep, type SaveFault, type Sending } from './record';
import type { AppDispatch, RootState, Sync } from './state';

export interface SyncOptions {
  readonly dispatch: AppDispatch;
  readonly getState: () => RootState;
  readonly device: Device;
  /** How long to wait for a person to go on typing before a change is sent. */
  readonly settleMs: number;
  /** How long to wait before the server is tried again. */
  readonly retryMs: number;
}

/** Brings the device's jobs to the server and the server's to the device. */
type Outcome = 'done' | 'unreached' | 'full';

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
    const { records: held } = this.options.getState();
    if (!held.loaded) return;
    for (const id of Object.keys(held.byId)) {
      if ((await this.push(id)) !== 'done') return;
    }
    await this.pull();
  }

  stop(): void {
    this.stopped = true;
    this.settling.forEach((timer) => clearTimeout(timer));
    if (this.retry) clearTimeout(this.retry);
  }

  private recordOf(id: string): JobRecord | undefined {
    return this.options.getState().records.byId[id];
  }

  /** What was to be sent waits, and is tried again later. */
  private waiting(outcome: Exclude<Outcome, 'done'>): Outcome {
    const { dispatch, retryMs } = this.options;
    dispatch(outcome === 'full' ? records.foundFull(true) : records.reachedServer(false));
    if (this.stopped) return outcome;
    this.retry ??= setTimeout(() => {
      this.retry = null;
      void this.now();
    }, retryMs);
    return outcome;
  }

  private async push(id: string): Promise<Outcome> {
    if (this.busy.has(id)) return 'done';
    this.busy.add(id);
    try {
      for (;;) {
        const record = this.recordOf(id);
        const step = record ? nextStep(record, nanoid) : null;
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
    const { dispatch, device } = this.options;
    const { id } = record;
    if (record.sending !== sending) {
      dispatch(records.sendingBegan({ id, sending }));
      // Known to the device before it is sent: after a crash it is sent again as the same save.
      await device.keep({ ...record, sending }).catch(() => undefined);
    }
    const { job, saveId, basedOn } = sending;
    const request =
      basedOn === null
        ? dispatch(api.endpoints.createJob.initiate({ job, saveId }))
        : dispatch(api.endpoints.saveJob.initiate({ job, saveId, basedOn }));
    const answer = await request;
    if (answer.data) {
      dispatch(records.acknowledged({ id, sent: sending, ack: answer.data }));
      return 'done';
    }
    if (isDiskFull(answer.error)) return 'full';
    const refusal = refusalIn(answer.error);
    if (!refusal) return 'unreached';
    const ack = saidTheSame(refusal, sending);
    if (ack) dispatch(records.acknowledged({ id, sent: sending, ack }));
    else dispatch(records.refusedByServer({ id, fault: faultIn(refusal) }));
    return 'done';
  }

  private async setRemoved(id: string, removed: boolean): Promise<Outcome> {
    const { dispatch } = this.options;
    const { removeJob, restoreJob } = api.endpoints;
    const answer = await (removed ? dispatch(removeJob.initiate(id)) : dispatch(restoreJob.initiate(id)));
    if ('error' in answer && isDiskFull(answer.error)) return 'full';
    const refusal = 'error' in answer ? refusalIn(answer.error) : null;
    if ('error' in answer && !refusal) return 'unreached';
    // A job the server does not know is as good as removed; to bring it back it must be made anew.
    if (refusal && !removed) {
      dispatch(records.refusedByServer({ id, fault: faultIn(refusal) }));
      return 'done';
    }
    dispatch(records.removedThere({ id, removed }));
    return 'done';
  }

  private async pull(): Promise<void> {
    const { dispatch, getState } = this.options;
    const before = getState().records.byId;
    const fresh = { forceRefetch: true, subscribe: false };
    const listing = await dispatch(api.endpoints.listJobs.initiate(undefined, fresh));
    if (!listing.data) return void this.waiting('unreached');
    dispatch(records.reachedServer(true));
    const { jobs } = listing.data;
    const newer = jobs.filter(({ id, version }) => mayPull(this.recordOf(id), version));
    await Promise.all(
      newer.map(async ({ id }) => {
        const stored = await dispatch(api.endpoints.getJob.initiate(id, fresh));
        if (stored.data) dispatch(records.pulled(stored.data));
      }),
    );
    const listed = new Set(jobs.map(({ id }) => id));
    // Only what the server had acknowledged before it was asked, and what has not changed since, can be gone there.
    const gone = Object.values(before).filter(
      (record) => !listed.has(record.id) && record === this.recordOf(record.id) && isAtRest(record),
    );
    if (gone.length > 0) dispatch(records.forgotten(gone.map(({ id }) => id)));
  }
}

/** Whether the server has all of a record and nothing is being sent. */
const isAtRest = ({ base, dirty, sending, removed, fault }: JobRecord): boolean =>
  base !== null && !dirty && !sending && !removed && !fault;

/** Whether the server says that its disk is full. */
const isDiskFull = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'status' in error && error.status === 507;

/** What the server said, or null when it was not reached (no network, a timeout, a proxy's page). */
function refusalIn(error: unknown): (ServerRefusal & { status: number }) | null {
  if (typeof error !== 'object' || error === null || !('status' in error)) return null;
  const { status, data } = error as { status: unknown; data?: unknown };
  if (typeof status !== 'number' || status >= 500) return null;
  const spoken = typeof data === 'object' && data !== null && 'error' in data;
  return spoken ? { ...(data as ServerRefusal), status } : null;
}

/** A stale save over a version that says the same is no conflict: it came from another tab, or an answer was lost. */
function saidTheSame({ current }: ServerRefusal, sending: Sending): Ack | null {
  return current && sameJob(current.job, sending.job)
    ? { version: current.version, changedAt: current.changedAt }
    : null;
}

function faultIn({ error, current }: ServerRefusal): SaveFault {
  if (current) return { kind: 'stale', current };
  if (error.code === 'removed') return { kind: 'removed' };
  const fields = error.fields?.map((field) => field.message) ?? [];
  return { kind: 'refused', reasons: fields.length > 0 ? fields : [error.message] };
}
