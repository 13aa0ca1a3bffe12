import { coreInWorker } from '../workers/core';
import { indexedDbDevice } from './device';
import { createStore, type AppStore } from './store';

/** The store as the app uses it: the core in a worker, the device's storage in IndexedDB. */
export function createAppStore(): AppStore {
  return createStore({ core: coreInWorker(), device: indexedDbDevice() });
}
