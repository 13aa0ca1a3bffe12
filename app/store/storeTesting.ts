import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { MapDevice, PretendServer, directCore, until } from '../test/setup';
import { begin, openJob } from './actions';
import { selectSaveState } from './selectors';
import { createStore, type AppStore } from './store';

export const alcove = chimneyAlcove();

export const stateOf = (store: AppStore, id = alcove.id) => selectSaveState(store.getState(), id);

export const jobOf = (store: AppStore, id = alcove.id) => store.getState().records.byId[id]?.job;

export const saved = (store: AppStore, id = alcove.id) =>
  until(
    () => stateOf(store, id) === 'saved',
    () => store.getState().records.byId[id]?.fault,
  );

const quiet = { tell: () => undefined, hear: () => undefined, close: () => undefined };

/** A server, a device and the apps that run against them. */
export class World {
  readonly server = new PretendServer();
  readonly device = new MapDevice();
  private readonly stores: AppStore[] = [];

  constructor() {
    globalThis.fetch = this.server.fetch as typeof fetch;
  }

  /** An app that has read its device. */
  async app(from: MapDevice = this.device, core = directCore): Promise<AppStore> {
    const store = createStore({ core, device: from, settleMs: 1, retryMs: 10, tabs: quiet });
    this.stores.push(store);
    await store.dispatch(begin());
    return store;
  }

  /** The alcove on the server, opened on this device. */
  async opened(): Promise<AppStore> {
    this.server.savedElsewhere(alcove);
    const store = await this.app();
    await store.dispatch(openJob(alcove.id));
    return store;
  }

  stop(): void {
    this.stores.forEach((store) => store.stop());
  }
}
