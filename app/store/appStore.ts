import { coreInWorker } from '../workers/core';
import { indexedDbDevice } from './device';
import { createStore, type AppStore } from './store';

let made: AppStore | null = null;

/**
 * Returns the store of the app: the core in a worker, the device's storage in IndexedDB. The first call makes the
 * store. The store is outside the tree of views, so a failing screen cannot lose it.
 */
export const appStore = (): AppStore => (made ??= createStore({ core: coreInWorker(), device: indexedDbDevice() }));
