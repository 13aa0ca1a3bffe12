export * from './actions';
export * from './bringIn';
export * from './conflicts';
export * from './cuttingActions';
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
export { serverDevices, type Devices } from './deviceStream';
export { useHeldDevice, type Shown } from './useHeldDevice';
export { nanoid as newId } from '@reduxjs/toolkit';
export { createStore, type AppStore } from './store';
export { appStore } from './appStore';
export { settings } from './settings';
export { heard, type Notice } from './notice';
export { records } from './records';
export type { JobRecord, SaveState } from './record';
