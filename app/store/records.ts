import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { duplicateJob, type Ack, type Job, type StoredJob } from '@dormer/core/job/document';
import {
  mergeRecords,
  newRecord,
  recordFromServer,
  sameJob,
  withJob,
  type JobRecord,
  type SaveFault,
  type Sending,
} from './record';

export interface RecordsState {
  readonly byId: Readonly<Record<string, JobRecord>>;
  /** Each record as the device's storage has it, by id. */
  readonly onDevice: Readonly<Record<string, JobRecord>>;
  /** Whether the device's own storage has been read. */
  readonly loaded: boolean;
  /** Identity of the server that was last met; null before that. */
  readonly server: string | null;
  /** Whether the server answered when it was last asked, or only to say that it lets paired devices in; null before. */
  readonly reached: boolean | 'unpaired' | null;
  /** Whether the server's disk took no more when something was last saved there. */
  readonly serverFull: boolean;
  /** Why the device's storage does not take jobs; null while it does. */
  readonly storageFault: string | null;
}

const initialState: RecordsState = {
  byId: {},
  onDevice: {},
  loaded: false,
  server: null,
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
    /**
     * The device's storage took a record. It holds `stored` now, which is another one where a tab beside this one had
     * changed it, too.
     */
    keptOnDevice: (state, { payload: { sent, stored } }: PayloadAction<{ sent: JobRecord; stored: JobRecord }>) => ({
      ...(sent === stored ? state : withElsewhere(state, sent, stored)),
      onDevice: { ...state.onDevice, [stored.id]: stored },
    }),
    storageFailed: (state, { payload }: PayloadAction<string | null>) => ({ ...state, storageFault: payload }),
    reachedServer: (state, { payload }: PayloadAction<boolean | 'unpaired'>) =>
      state.reached === payload ? state : { ...state, reached: payload },
    foundFull: (state, { payload }: PayloadAction<boolean>) =>
      state.serverFull === payload ? state : { ...state, serverFull: payload },

    /** A server said who it is. Jobs without a server are this one's, unless it should know them and does not. */
    met: (state, { payload }: PayloadAction<{ server: string; knows: readonly string[] }>) => {
      const knows = new Set(payload.knows);
      const adopted = Object.values(state.byId)
        .filter(({ server }) => server === null)
        .map((record) => ({
          ...record,
          server: record.base === null || knows.has(record.id) ? payload.server : UNKNOWN_SERVER,
        }));
      const byId = adopted.length > 0 ? { ...state.byId, ...byIdOf(adopted) } : state.byId;
      return { ...state, byId, server: payload.server };
    },
    /** The server that answers is not the one that was met: whatever is sent waits until it has said who it is. */
    strangeServer: (state) => ({ ...state, server: null }),
    /** Jobs of another server are sent to the one that is met. */
    broughtHere: (state, { payload }: PayloadAction<readonly string[]>) =>
      changeAll(state, payload, (record) => ({
        ...record,
        server: state.server,
        apart: null,
        base: null,
        baseJob: null,
        dirty: true,
        sending: null,
        fault: null,
        removedOnServer: false,
      })),
    /** Jobs of another server stay on this device while this one is met. */
    keptApart: (state, { payload }: PayloadAction<readonly string[]>) =>
      changeAll(state, payload, (record) => ({ ...record, apart: state.server })),

    /** Another tab of this browser changed a record and stored it on the device. */
    changedElsewhere: (
      state,
      { payload: { known, stored } }: PayloadAction<{ known: JobRecord | undefined; stored: JobRecord }>,
    ) => ({
      ...withElsewhere(state, known, stored),
      onDevice: { ...state.onDevice, [stored.id]: stored },
    }),

    created: (state, { payload }: PayloadAction<{ job: Job; at: string; server: string | null }>) =>
      withRecord(state, newRecord(payload.job, payload.at, payload.server)),
    duplicated: (state, { payload }: PayloadAction<{ from: string; id: string; name: string; at: string }>) => {
      const source = state.byId[payload.from];
      return source
        ? withRecord(state, newRecord(duplicateJob(source.job, payload.id, payload.name), payload.at, source.server))
        : state;
    },
    /** Taken in from a file: over a removed job of the same id, or as a new one. */
    imported: (state, { payload }: PayloadAction<{ job: Job; at: string; server: string | null }>) => {
      const known = state.byId[payload.job.id];
      const record = newRecord(payload.job, payload.at, payload.server);
      if (!known) return withRecord(state, record);
      const { base, baseJob, server, removedOnServer } = known;
      return withRecord(state, { ...record, base, baseJob, server, removedOnServer });
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
    acknowledged: (state, { payload: { id, sent, ack } }: PayloadAction<{ id: string; sent: Sending; ack: Ack }>) =>
      change(state, id, (record) =>
        withJob(
          {
            ...record,
            base: ack.version,
            baseJob: sent.job,
            sending: null,
            aside: sent.aside ? null : record.aside,
            fault: null,
          },
          record.job,
        ),
      ),
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
      mayPull(state.byId[payload.job.id], payload.version, state.server)
        ? withRecord(state, recordFromServer(payload, state.server))
        : state,
    /** What was changed here and on the server is one job now; `aside` is what the person decided against. */
    merged: (state, { payload }: PayloadAction<{ job: Job; current: StoredJob; aside?: Job; at: string }>) =>
      change(state, payload.job.id, (record) =>
        withJob(
          {
            ...record,
            base: payload.current.version,
            baseJob: payload.current.job,
            changedAt: payload.at,
            sending: null,
            aside: payload.aside ?? record.aside,
            fault: null,
          },
          payload.job,
        ),
      ),
    /** The server removed these jobs, and nothing here is newer. */
    forgotten: (state, { payload }: PayloadAction<readonly string[]>) => {
      const gone = new Set(payload);
      return { ...state, byId: Object.fromEntries(Object.entries(state.byId).filter(([id]) => !gone.has(id))) };
    },
    /** Jobs that are on no server leave the device. */
    letGo: (state, { payload }: PayloadAction<readonly string[]>) =>
      changeAll(state, payload, (record) => ({ ...record, removed: true, base: null, fault: null })),
    /** Jobs that their server should have and does not. */
    missed: (state, { payload }: PayloadAction<readonly string[]>) =>
      changeAll(state, payload, (record) => ({ ...record, fault: { kind: 'missing' } })),
    /** A job that was removed on the server, or that it lost, is put there again. */
    putBack: (state, { payload }: PayloadAction<readonly string[]>) =>
      changeAll(state, payload, (record) => ({
        ...record,
        // What the server has of it, if anything, is older than what it once acknowledged: it is no common beginning.
        ...(record.fault?.kind === 'missing' ? { base: null, baseJob: null } : {}),
        dirty: true,
        fault: null,
      })),
  },
});

/** Stands for the server of jobs that were kept before servers said who they are. */
const UNKNOWN_SERVER = 'unknown';

/** A newer version of its own server may come in when nothing here waits to go out. */
export function mayPull(record: JobRecord | undefined, version: number, server: string | null): boolean {
  if (!record) return true;
  if (record.server !== server) return false;
  const settled = !record.dirty && !record.sending && !record.removed && !record.fault;
  return settled && version > (record.base ?? 0);
}

const byIdOf = (all: readonly JobRecord[]) => Object.fromEntries(all.map((record) => [record.id, record]));

function withRecord(state: RecordsState, record: JobRecord): RecordsState {
  return { ...state, byId: { ...state.byId, [record.id]: record } };
}

/** A record with what another tab made of it. @param known what both tabs began with */
function withElsewhere(state: RecordsState, known: JobRecord | undefined, theirs: JobRecord): RecordsState {
  const mine = state.byId[theirs.id];
  return withRecord(state, mine ? mergeRecords(known, mine, theirs) : theirs);
}

function change(state: RecordsState, id: string, how: (record: JobRecord) => JobRecord): RecordsState {
  const record = state.byId[id];
  return record ? withRecord(state, how(record)) : state;
}

const changeAll = (state: RecordsState, ids: readonly string[], how: (record: JobRecord) => JobRecord): RecordsState =>
  ids.reduce((now, id) => change(now, id, how), state);

export const records = slice.actions;
export const recordsReducer = slice.reducer;
