import type { ListenerMiddlewareInstance, UnknownAction } from '@reduxjs/toolkit';
import { reasonOf } from '../platform/reasonOf';
import type { Device } from './device';
import type { Keeper } from './keeper';
import { cameIn, opened } from './openJob';
import type { OtherTabs } from './otherTabs';
import { sendPhotos } from './photoQueue';
import { readRack, syncRack } from './rackActions';
import { sameJob, type JobRecord } from './record';
import { records } from './records';
import { settings } from './settings';
import type { AppDispatch, RootState } from './state';

type Listeners = ListenerMiddlewareInstance<RootState, AppDispatch>;

/** The open job and its record follow each other. */
export function followOpenJob(listeners: Listeners, now: () => string): void {
  // Changed by an edit, an undo or a redo: into its record.
  listeners.startListening({
    predicate: (action, state, before) =>
      state.openJob.present !== before.openJob.present && !opened.match(action) && !cameIn.match(action),
    effect: (_action, { getState, dispatch }) => {
      const { job } = getState().openJob.present;
      if (job) dispatch(records.changed({ job, at: now() }));
    },
  });
  // Changed elsewhere: its history stays the person's own.
  listeners.startListening({
    predicate: (action, state, before) => state.records.byId !== before.records.byId && !records.changed.match(action),
    effect: (_action, { getState, dispatch }) => {
      const state = getState();
      const { job } = state.openJob.present;
      const record = job && state.records.byId[job.id];
      if (record && record.job !== job && !sameJob(record.job, job)) dispatch(cameIn(record.job));
    },
  });
}

interface Keeping {
  readonly listeners: Listeners;
  readonly keeper: Keeper;
  readonly others: OtherTabs;
  /** Sends a record to the server once the person has paused. */
  readonly soon: (id: string) => void;
}

/** A record that changed goes onto the device, then to the other tabs, then towards the server. */
export function keepRecords({ listeners, keeper, others, soon }: Keeping): void {
  listeners.startListening({
    predicate: (action, state, before) =>
      state.records.byId !== before.records.byId && !records.loadedFromDevice.match(action),
    effect: async (action, { getState, getOriginalState, dispatch }) => {
      const [is, was] = [getState().records.byId, getOriginalState().records.byId];
      const changed = Object.values(is).filter((record) => record !== was[record.id]);
      const gone = Object.keys(was).filter((id) => !is[id]);
      const { onDevice } = getState().records;
      const unkept = changed.filter((record) => record !== onDevice[record.id]);
      const fault = await keepAll(keeper, unkept, gone, (sent, stored) => {
        dispatch(records.keptOnDevice({ sent, stored }));
        others.tell({ kind: 'record', id: stored.id });
      });
      if (fault !== getState().records.storageFault) dispatch(records.storageFailed(fault));
      if (!fromServer(action)) changed.forEach((record) => soon(record.id));
    },
  });
  listeners.startListening({
    predicate: (action) => records.loadedFromDevice.match(action),
    effect: (action) => {
      if (records.loadedFromDevice.match(action)) action.payload.forEach((record) => keeper.learn(record));
    },
  });
}

/** What another tab put on the device comes into this one. */
export function hearOthers(others: OtherTabs, keeper: Keeper, dispatch: AppDispatch): void {
  others.hear((news) => {
    if (news.kind === 'rack') return void dispatch(readRack());
    const hear = (known: JobRecord | undefined, stored: JobRecord) =>
      dispatch(records.changedElsewhere({ known, stored }));
    keeper.refresh(news.id, hear).catch(() => undefined);
  });
}

/** Settings go onto the device; the server that is met is one of them, and gets the rack. */
export function rememberSettings(listeners: Listeners, device: Device): void {
  listeners.startListening({
    predicate: (action) => settings.set.match(action),
    effect: (_action, { getState }) => device.keepSettings(getState().settings).catch(() => undefined),
  });
  // A browser may clear away what it keeps for a page, unless it is asked not to: fitting once there is a job.
  listeners.startListening({
    predicate: (action) => records.created.match(action),
    effect: async () => void (await globalThis.navigator?.storage?.persist?.().catch(() => false)),
  });
  // New jobs belong to the server that was met last, also when the app is opened again without a signal.
  listeners.startListening({
    predicate: (action) => records.met.match(action),
    effect: (_action, { getState, dispatch }) => {
      const { server } = getState().records;
      if (getState().settings.server !== server) dispatch(settings.set({ server }));
      void dispatch(syncRack());
      void sendPhotos(server);
    },
  });
}

/** Stands for a device whose storage is full. */
export const DEVICE_FULL = 'full';

const storageFaultOf = (reason: unknown): string =>
  reason instanceof Error && reason.name === 'QuotaExceededError' ? DEVICE_FULL : reasonOf(reason);

/** @returns why the device did not take them all, or null */
async function keepAll(
  keeper: Keeper,
  changed: readonly JobRecord[],
  gone: readonly string[],
  onKept: (sent: JobRecord, stored: JobRecord) => void,
): Promise<string | null> {
  const keep = async (record: JobRecord) => onKept(record, await keeper.keep(record));
  const all = await Promise.allSettled([...changed.map(keep), ...gone.map((id) => keeper.forget(id))]);
  const failed = all.find((one) => one.status === 'rejected');
  return failed ? storageFaultOf(failed.reason) : null;
}

/** Changes that came from the server or are a step towards it: nothing new to send. */
function fromServer(action: UnknownAction): boolean {
  return [
    records.pulled,
    records.sendingBegan,
    records.acknowledged,
    records.refusedByServer,
    records.removedThere,
    records.keptOnDevice,
    records.missed,
  ].some((one) => one.match(action));
}
