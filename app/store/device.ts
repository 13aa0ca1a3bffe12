import { createStore, del, entries, get, set, update, type UseStore } from 'idb-keyval';
import { mergeRecords, recordFromDevice, type JobRecord } from './record';
import type { RackState } from './rack';
import type { Settings } from './settings';

/** The device's own storage: jobs as records, the offcut rack, and settings. All tabs of the browser share it. */
export interface Device {
  readRecords(): Promise<JobRecord[]>;
  readRecord(id: string): Promise<JobRecord | undefined>;
  /**
   * Keeps a record. What another tab kept since is merged into it.
   * @param known the record as this tab last knew the device to have it
   * @returns the record as the device has it now
   */
  keep(record: JobRecord, known: JobRecord | undefined): Promise<JobRecord>;
  forget(id: string): Promise<void>;
  readRack(): Promise<RackState | null>;
  /** Changes the rack as the device has it, whichever tab changed it last. @returns the rack as it is now */
  changeRack(how: (rack: RackState | null) => RackState): Promise<RackState>;
  readSettings(): Promise<Partial<Settings>>;
  keepSettings(settings: Settings): Promise<void>;
}

/** The device's storage over IndexedDB. Opened at the first use, since a browser may forbid it. */
export function indexedDbDevice(): Device {
  let jobs: UseStore | null = null;
  let rest: UseStore | null = null;
  const jobStore = () => (jobs ??= createStore('dormer-jobs', 'jobs'));
  const settingsStore = () => (rest ??= createStore('dormer-settings', 'settings'));
  return {
    readRecords: async () => (await entries<string, JobRecord>(jobStore())).map(([, record]) => record),
    readRecord: async (id) => get<JobRecord>(id, jobStore()),
    // Reading and writing are one transaction, so that tabs take turns.
    keep: (record, known) => changed<JobRecord>(record.id, jobStore(), (stored) => mergeStored(stored, record, known)),
    forget: async (id) => del(id, jobStore()),
    readRack: async () => (await get<RackState>('rack', settingsStore())) ?? null,
    changeRack: (how) => changed<RackState>('rack', settingsStore(), (stored) => how(stored ?? null)),
    readSettings: async () => (await get<Settings>('settings', settingsStore())) ?? {},
    keepSettings: async (settings) => set('settings', settings, settingsStore()),
  };
}

/** A record with what another tab stored since. What is stored may be of an earlier version of this program. */
export const mergeStored = (
  stored: JobRecord | undefined,
  record: JobRecord,
  known: JobRecord | undefined,
): JobRecord => (stored ? mergeRecords(known, record, recordFromDevice(stored)) : record);

/** Changes one entry of a store in one transaction. @returns what it is now */
async function changed<T>(key: string, store: UseStore, how: (stored: T | undefined) => T): Promise<T> {
  let now: T | undefined;
  await update<T>(key, (stored) => (now = how(stored)), store);
  return now as T;
}
