/**
 * What the first screen and every stage need of the store. What a stage alone needs is imported from its own file, and
 * is fetched with the stage then.
 */
export * from './actions';
export * from './rackActions';
export * from './hooks';
export * from './selectors';
export {
  useListJobsQuery,
  useListVersionsQuery,
  useLazyGetVersionQuery,
  useGetInstrumentsQuery,
  useListSuppliersQuery,
} from './api';
export { nanoid as newId } from '@reduxjs/toolkit';
export { createStore, type AppStore } from './store';
export { appStore } from './appStore';
export { DEVICE_FULL } from './listeners';
export { settings } from './settings';
export { heard, type Notice } from './notice';
export { records } from './records';
export type { JobRecord, SaveState } from './record';
