import { configureStore, createListenerMiddleware, type UnknownAction } from '@reduxjs/toolkit';
import type { Core } from '../workers/contract';
import { reasonOf } from '../platform/reasonOf';
import { api } from './api';
import type { Device } from './device';
import { edited, opened } from './openJob';
import { planOpenJob } from './planning';
import { sameJob, type JobRecord } from './record';
import { records } from './records';
import { settings } from './settings';
import { reducer, type AppDispatch, type RootState, type Services, type Sync } from './state';
import { createSync } from './sync';
import { otherTabs, type OtherTabs } from './otherTabs';

export interface StoreOptions {
  readonly core: Core;
  readonly device: Device;
  readonly now?: () => Date;
  readonly settleMs?: number;
  readonly retryMs?: number;
  readonly tabs?: OtherTabs;
}

export type AppStore = ReturnType<typeof createStore>;

/** Looking through a whole plan is slow. These checks run in development only, so they warn late (ms). */
const CHECKED = { warnAfter: 1000 };

/** The app's store. An edit is on the device before it is sent; the plan follows every edit. */
export function createStore(options: StoreOptions) {
  const { core, device, now = () => new Date(), settleMs = 700, retryMs = 5000 } = options;
  const others = options.tabs ?? otherTabs();
  let sync: Sync | null = null;
  const services: Services = { core, device, now: () => now().toISOString(), sync: () => sync as Sync };
  const listeners = createListenerMiddleware<RootState, AppDispatch>();
  const store = configureStore({
    reducer,
    middleware: (usual) =>
      usual({ thunk: { extraArgument: services }, serializableCheck: CHECKED, immutableCheck: CHECKED })
        .prepend(listeners.middleware)
        .concat(api.middleware),
  });
  const started = createSync({ dispatch: store.dispatch, getState: store.getState, device, settleMs, retryMs });
  sync = started;

  // The open job changed by an edit, an undo or a redo: into its record.
  listeners.startListening({
    predicate: (action, state, before) => state.openJob.present !== before.openJob.present && !opened.match(action),
    effect: (_action, { getState, dispatch }) => {
      const { job } = getState().openJob.present;
      if (job) dispatch(records.changed({ job, at: services.now() }));
    },
  });

  // A record changed: onto the device, then to the other tabs, then towards the server.
  listeners.startListening({
    predicate: (action, state, before) =>
      state.records.byId !== before.records.byId && !records.loadedFromDevice.match(action),
    effect: async (action, { getState, getOriginalState, dispatch }) => {
      const [is, was] = [getState().records.byId, getOriginalState().records.byId];
      const changed = Object.values(is).filter((record) => record !== was[record.id]);
      const gone = Object.keys(was).filter((id) => !is[id]);
      if (records.changedElsewhere.match(action)) return;
      const kept = await keepAll(device, changed, gone);
      // A record that has changed since then is still being written.
      const { byId } = getState().records;
      if (kept === null) dispatch(records.keptOnDevice(changed.filter((record) => record === byId[record.id])));
      if (kept !== getState().records.storageFault) dispatch(records.storageFailed(kept));
      changed.forEach((record) => others.tell(record));
      if (!fromServer(action)) changed.forEach((record) => started.soon(record.id));
    },
  });

  // The open job came in newer from elsewhere.
  listeners.startListening({
    predicate: (action) => records.pulled.match(action) || records.changedElsewhere.match(action),
    effect: (action, { getState, dispatch }) => {
      const state = getState();
      const { job } = state.openJob.present;
      const record = job && state.records.byId[job.id];
      if (!record || record.job === job) return;
      if (records.changedElsewhere.match(action)) {
        if (!sameJob(record.job, job)) dispatch(edited(record.job));
      } else dispatch(opened(record.job));
    },
  });

  planOpenJob(listeners, core);

  listeners.startListening({
    predicate: (action) => settings.set.match(action),
    effect: (_action, { getState }) => device.keepSettings(getState().settings).catch(() => undefined),
  });

  others.hear((record) => store.dispatch(records.changedElsewhere(record)));
  const stop = () => {
    started.stop();
    others.close();
    listeners.clearListeners();
    store.dispatch(api.util.resetApiState());
  };
  return Object.assign(store, { stop });
}

async function keepAll(device: Device, changed: readonly JobRecord[], gone: readonly string[]): Promise<string | null> {
  try {
    await Promise.all([...changed.map((record) => device.keep(record)), ...gone.map((id) => device.forget(id))]);
    return null;
  } catch (error) {
    return reasonOf(error);
  }
}

/** Changes that came from the server or are a step towards it: nothing new to send. */
function fromServer(action: UnknownAction): boolean {
  return [
    records.pulled,
    records.sendingBegan,
    records.acknowledged,
    records.refusedByServer,
    records.removedThere,
  ].some((one) => one.match(action));
}
