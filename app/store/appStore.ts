import { coreInWorker } from '../workers/core';
import { indexedDbDevice } from './device';
import { createStore, type AppStore } from './store';

let made: AppStore | null = null;

/**
 * The one store of the app: the core in a worker, the device's storage in IndexedDB. It is made at the first call and
 * outlives whatever shows it, so that a screen that fails loses nothing.
 */
export const appStore = (): AppStore => (made ??= createStore({ core: coreInWorker(), device: indexedDbDevice() }));
