import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import type { Core } from '../workers/contract';
import { api } from './api';
import type { Device } from './device';
import { Keeper } from './keeper';
import { followOpenJob, hearOthers, keepRecords, rememberSettings } from './listeners';
import { planOpenJob } from './planning';
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
  const keeper = new Keeper(device);
  let sync: Sync | null = null;
  const services: Services = { core, device, others, now: () => now().toISOString(), sync: () => sync as Sync };
  const listeners = createListenerMiddleware<RootState, AppDispatch>();
  const store = configureStore({
    reducer,
    middleware: (usual) =>
      usual({ thunk: { extraArgument: services }, serializableCheck: CHECKED, immutableCheck: CHECKED })
        .prepend(listeners.middleware)
        .concat(api.middleware),
  });
  const started = createSync({
    dispatch: store.dispatch,
    getState: store.getState,
    keeper,
    isJob: (job) =>
      core.readFile(JSON.stringify(job)).then(
        ({ ok }) => ok,
        () => false,
      ),
    now: services.now,
    settleMs,
    retryMs,
  });
  sync = started;

  followOpenJob(listeners, services.now);
  keepRecords({ listeners, keeper, others, soon: (id) => started.soon(id) });
  planOpenJob(listeners, core);
  rememberSettings(listeners, device);
  hearOthers(others, keeper, store.dispatch);
  const stop = () => {
    started.stop();
    others.close();
    listeners.clearListeners();
    store.dispatch(api.util.resetApiState());
  };
  return Object.assign(store, { stop });
}
