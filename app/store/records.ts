import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { duplicateJob, type Ack, type Job, type StoredJob } from '@dormer/core/job/document';
import { newRecord, recordFromServer, sameJob, type JobRecord, type SaveFault, type Sending } from './record';

export interface RecordsState {
  readonly byId: Readonly<Record<string, JobRecord>>;
  /** Each record as the device's storage has it, by id. */
  readonly onDevice: Readonly<Record<string, JobRecord>>;
  /** Whether the device's own storage has been read. */
  readonly loaded: boolean;
  /** Whether the server answered when it was last asked; null before that. */
  readonly reached: boolean | null;
  /** Whether the server's disk took no more when something was last saved there. */
  readonly serverFull: boolean;
  /** Why the device's storage does not take jobs; null while it does. */
  readonly storageFault: string | null;
}

const initialState: RecordsState = {
  byId: {},
  onDevice: {},
  loaded: false,
  reached: null,
  serverFull: false,
  storageFault: null,
};

const slice = createSlice({
  name: 'records',
  // Records hold whole documents; they are replaced, never drafted.
  initialState,
  reducers: {
    loadedFromDevice: (state, { payload }: PayloadAction<readonly JobRecord[]>) => ({
      ...state,
      loaded: true,
      byId: { ...byIdOf(payload), ...state.byId },
      onDevice: byIdOf(payload),
    }),
    /** The device's storage took these records. */
    keptOnDevice: (state, { payload }: PayloadAction<readonly JobRecord[]>) => ({
      ...state,
      onDevice: { ...state.onDevice, ...byIdOf(payload) },
    }),
    storageFailed: (state, { payload }: PayloadAction<string | null>) => ({ ...state, storageFault: payload }),
    reachedServer: (state, { payload }: PayloadAction<boolean>) =>
      state.reached === payload ? state : { ...state, reached: payload },
    foundFull: (state, { payload }: PayloadAction<boolean>) =>
      state.serverFull === payload ? state : { ...state, serverFull: payload },

    /** Another tab of this browser changed a record and stored it on the device. */
    changedElsewhere: (state, { payload }: PayloadAction<JobRecord>) => ({
      ...withRecord(state, payload),
      onDevice: { ...state.onDevice, [payload.id]: payload },
    }),

    created: (state, { payload }: PayloadAction<{ job: Job; at: string }>) =>
      withRecord(state, newRecord(payload.job, payload.at)),
    duplicated: (state, { payload }: PayloadAction<{ from: string; id: string; name: string; at: string }>) => {
      const source = state.byId[payload.from];
      return source
        ? withRecord(state, newRecord(duplicateJob(source.job, payload.id, payload.name), payload.at))
        : state;
    },
    /** Taken in from a file: over a removed job of the same id, or as a new one. */
    imported: (state, { payload }: PayloadAction<{ job: Job; at: string }>) => {
      const known = state.byId[payload.job.id];
      const record = newRecord(payload.job, payload.at);
      if (!known) return withRecord(state, record);
      return withRecord(state, { ...record, base: known.base, removedOnServer: known.removedOnServer });
    },
    changed: (state, { payload }: PayloadAction<{ job: Job; at: string }>) =>
      change(state, payload.job.id, (record) =>
        sameJob(record.job, payload.job) ? record : { ...record, job: payload.job, dirty: true, changedAt: payload.at },
      ),
    removed: (state, { payload }: PayloadAction<string>) =>
      change(state, payload, (record) => ({ ...record, removed: true })),
    unremoved: (state, { payload }: PayloadAction<string>) =>
      change(state, payload, (record) => ({ ...record, removed: false })),

    sendingBegan: (state, { payload }: PayloadAction<{ id: string; sending: Sending }>) =>
      change(state, payload.id, (record) => ({ ...record, sending: payload.sending })),
    acknowledged: (state, { payload }: PayloadAction<{ id: string; sent: Sending; ack: Ack }>) =>
      change(state, payload.id, (record) => ({
        ...record,
        base: payload.ack.version,
        sending: null,
        dirty: !sameJob(record.job, payload.sent.job),
        fault: null,
      })),
    refusedByServer: (state, { payload }: PayloadAction<{ id: string; fault: SaveFault }>) =>
      change(state, payload.id, (record) => ({
        ...record,
        sending: null,
        dirty: true,
        fault: payload.fault,
        removedOnServer: record.removedOnServer || payload.fault.kind === 'removed',
      })),
    removedThere: (state, { payload }: PayloadAction<{ id: string; removed: boolean }>) =>
      change(state, payload.id, (record) => ({ ...record, removedOnServer: payload.removed })),
    pulled: (state, { payload }: PayloadAction<StoredJob>) =>
      mayPull(state.byId[payload.job.id], payload.version) ? withRecord(state, recordFromServer(payload)) : state,
    /** The server no longer has these jobs, and nothing here is newer. */
    forgotten: (state, { payload }: PayloadAction<readonly string[]>) => {
      const gone = new Set(payload);
      return { ...state, byId: Object.fromEntries(Object.entries(state.byId).filter(([id]) => !gone.has(id))) };
    },

    /** A stale save settled: this device's job goes over the other. A job removed elsewhere: it is brought back. */
    keptMine: (state, { payload }: PayloadAction<string>) =>
      change(state, payload, (record) => ({
        ...record,
        base: record.fault?.kind === 'stale' ? record.fault.current.version : record.base,
        fault: null,
      })),
    /** A stale save settled: the server's job stands. */
    keptTheirs: (state, { payload }: PayloadAction<string>) =>
      change(state, payload, (record) =>
        record.fault?.kind === 'stale' ? recordFromServer(record.fault.current) : record,
      ),
  },
});

/** A newer version may come in when nothing here waits to go out. */
export function mayPull(record: JobRecord | undefined, version: number): boolean {
  if (!record) return true;
  const settled = !record.dirty && !record.sending && !record.removed && !record.fault;
  return settled && version > (record.base ?? 0);
}

const byIdOf = (all: readonly JobRecord[]) => Object.fromEntries(all.map((record) => [record.id, record]));

function withRecord(state: RecordsState, record: JobRecord): RecordsState {
  return { ...state, byId: { ...state.byId, [record.id]: record } };
}

function change(state: RecordsState, id: string, how: (record: JobRecord) => JobRecord): RecordsState {
  const record = state.byId[id];
  return record ? withRecord(state, how(record)) : state;
}

export const records = slice.actions;
export const recordsReducer = slice.reducer;
