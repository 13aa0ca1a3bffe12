import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { until } from '../test/setup';
import { selectSaveState } from './selectors';
import { type AppStore } from './store';

export const quiet = { tell: () => undefined, hear: () => undefined, close: () => undefined };

export const alcove = chimneyAlcove();

export const stateOf = (store: AppStore, id = alcove.id) => selectSaveState(store.getState(), id);

export const jobOf = (store: AppStore, id = alcove.id) => store.getState().records.byId[id]?.job;

export const saved = (store: AppStore, id = alcove.id) =>
  until(
    () => stateOf(store, id) === 'saved',
    () => store.getState().records.byId[id]?.fault,
  );
