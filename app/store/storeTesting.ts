import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { MapDevice, PretendServer, directCore, until } from '../test/setup';
import { begin, editJob, openJob } from './actions';
import type { News, OtherTabs } from './otherTabs';
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

/** The two ends of what two tabs of one browser tell each other. */
export function linkedTabs(): [OtherTabs, OtherTabs] {
  const listeners: ((news: News) => void)[] = [];
  const end = (own: number): OtherTabs => ({
    // A channel hands over a copy, a moment later.
    tell: (news) => void setTimeout(() => listeners[1 - own]?.(JSON.parse(JSON.stringify(news)) as News), 1),
    hear: (listener) => void (listeners[own] = listener),
    close: () => void delete listeners[own],
  });
  return [end(0), end(1)];
}

/** A server, a device and the apps that run against them. */
export class World {
  readonly server = new PretendServer();
  readonly device = new MapDevice();
  private readonly stores: AppStore[] = [];

  constructor() {
    globalThis.fetch = this.server.fetch as typeof fetch;
  }

  /** An app that has read its device. */
  async app(from: MapDevice = this.device, core = directCore, tabs: OtherTabs = quiet): Promise<AppStore> {
    const store = createStore({ core, device: from, settleMs: 1, retryMs: 10, tabs });
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

/** Gives each test of a file a world of its own. */
export function worldForEach(take: (world: World) => void): void {
  let world: World;
  beforeEach(() => take((world = new World())));
  afterEach(() => world.stop());
}

export const rename = (name: string) => editJob((job) => ({ ...job, name }));
