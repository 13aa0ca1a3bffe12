import { createSelector } from '@reduxjs/toolkit';
import { saveState, type JobRecord, type SaveState, type ServerState } from './record';
import type { RootState } from './state';

export const selectOpenJob = (state: RootState) => state.openJob.present.job;
export const selectCanUndo = (state: RootState) => state.openJob.past.length > 0;
export const selectCanRedo = (state: RootState) => state.openJob.future.length > 0;
/** The practice instruments the open job is read with; null where there are none. */
export const selectLink = (state: RootState) => state.devices.links[state.openJob.present.job?.id ?? ''] ?? null;
export const selectPlanned = (state: RootState) => state.planned;
/** Whether the plan is of the job as it stands, and not of the job before the last change. */
export const selectFresh = (state: RootState) => state.planned.job === state.openJob.present.job;
/** How the open job is cut, as far as it is worked out. */
export const selectCutting = (state: RootState) => state.cutting;
/** What is on the offcut rack. */
export const selectRack = (state: RootState) => state.rack.pieces;
export const selectLoaded = (state: RootState) => state.records.loaded;
/** Identity of the server that is met; null before that. */
export const selectServer = (state: RootState) => state.records.server;
export const selectReached = (state: RootState) => state.records.reached;
export const selectRecord = (state: RootState, id: string): JobRecord | undefined => state.records.byId[id];

/** Jobs that are not removed, the last changed first. */
export const selectJobs = createSelector(
  (state: RootState) => state.records.byId,
  (byId) =>
    Object.values(byId)
      .filter((record) => !record.removed)
      .sort((a, b) => b.changedAt.localeCompare(a.changedAt) || a.id.localeCompare(b.id)),
);

/** Jobs of another server than the one that is met, which wait for the person to say where they belong. */
export const selectStrangers = createSelector(
  (state: RootState) => state.records.byId,
  (state: RootState) => state.records.server,
  (byId, server) =>
    Object.values(byId).filter((record) => isStranger(record, server) && !record.removed && record.apart !== server),
);

/** Jobs with changes that the server does not have. */
export const selectUnsent = createSelector(
  (state: RootState) => state.records.byId,
  (byId) => Object.values(byId).filter(({ dirty, sending, removed }) => (dirty || sending) && !removed),
);

/** Jobs that their server should have and does not. */
export const selectMissing = createSelector(
  (state: RootState) => state.records.byId,
  (byId) => Object.values(byId).filter(({ fault, removed }) => fault?.kind === 'missing' && !removed),
);

const isStranger = (record: JobRecord, server: string | null): boolean =>
  server !== null && record.server !== null && record.server !== server;

function serverOf({ records: { server, reached, serverFull } }: RootState, record: JobRecord): ServerState {
  if (isStranger(record, server)) return 'another';
  if (reached === 'unpaired') return 'unpaired';
  if (reached === false) return 'unreached';
  return serverFull ? 'full' : 'takes';
}

/** Where a job is kept, for a person; null for a job that is not here. */
export function selectSaveState(state: RootState, id: string): SaveState | null {
  const { byId, onDevice, storageFault } = state.records;
  const record = byId[id];
  if (!record) return null;
  const kept = onDevice[id] === record ? 'kept' : 'beingKept';
  return saveState(record, serverOf(state, record), storageFault === null ? kept : 'notTaken');
}
