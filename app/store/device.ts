import { createStore, entries, get, set, del, type UseStore } from 'idb-keyval';
import type { JobRecord } from './record';
import type { RackState } from './rack';
import type { Settings } from './settings';

/** The device's own storage: jobs as records, the offcut rack, and settings. */
export interface Device {
  readRecords(): Promise<JobRecord[]>;
  keep(record: JobRecord): Promise<void>;
  forget(id: string): Promise<void>;
  readRack(): Promise<RackState | null>;
  keepRack(rack: RackState): Promise<void>;
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
    keep: async (record) => set(record.id, record, jobStore()),
    forget: async (id) => del(id, jobStore()),
    readRack: async () => (await get<RackState>('rack', settingsStore())) ?? null,
    keepRack: async (rack) => set('rack', rack, settingsStore()),
    readSettings: async () => (await get<Settings>('settings', settingsStore())) ?? {},
    keepSettings: async (settings) => set('settings', settings, settingsStore()),
  };
}
