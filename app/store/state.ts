import { combineReducers, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import type { Core } from '../workers/contract';
import { api } from './api';
import { bayReducer } from './bayChoice';
import { cuttingReducer } from './cutting';
import type { Device } from './device';
import { devicesReducer } from './devices';
import { noticeReducer } from './notice';
import { openJobReducer } from './openJob';
import type { OtherTabs } from './otherTabs';
import { plannedReducer } from './planned';
import { rackReducer } from './rack';
import { recordsReducer } from './records';
import { settingsReducer } from './settings';

/** Root reducer. */
export const reducer = combineReducers({
  openJob: openJobReducer,
  bay: bayReducer,
  records: recordsReducer,
  planned: plannedReducer,
  cutting: cuttingReducer,
  rack: rackReducer,
  devices: devicesReducer,
  settings: settingsReducer,
  notice: noticeReducer,
  [api.reducerPath]: api.reducer,
});

export type RootState = ReturnType<typeof reducer>;
export type AppDispatch = ThunkDispatch<RootState, Services, UnknownAction>;

/** What the store works with that is not state. */
export interface Services {
  readonly core: Core;
  readonly device: Device;
  readonly others: OtherTabs;
  readonly now: () => string;
  readonly sync: () => Sync;
}

/** Keeps the server up to date. */
export interface Sync {
  /** Sends a job's changes once the person has paused. */
  soon(id: string): void;
  /** Sends whatever waits, then looks what is new on the server. */
  now(): Promise<void>;
  stop(): void;
}
