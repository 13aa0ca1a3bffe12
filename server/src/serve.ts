import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino, type Logger } from 'pino';
import { demoJobs } from '@dormer/core/rigs/demo';
import { ownHosts } from './access/ownPages';
import { Pairing } from './access/pairing';
import { keepDailyCopy } from './db/copy';
import { JobStore } from './db/jobStore';
import { PhotoFolder } from './db/photoFolder';
import { RackStore } from './db/rackStore';
import { Storage } from './db/storage';
import { keepInOrder } from './db/upkeep';
import { everyDay } from './everyDay';
import { homeNames } from './home/addresses';
import type { CertificateSource } from './home/certificates';
import { HomeServer } from './home/homeServer';
import { createApp } from './http/app';
import { PlanPool } from './planning/planPool';
import { StartError } from './startError';
import { say } from './words';

export interface ServeOptions {
  /** 0 takes any free port. */
  readonly port: number;
  readonly host: string;
  /** Folder of the data. */
  readonly folder: string;
  /** Folder of the built web app; left away, only the interface is served. */
  readonly webFolder?: string;
  /** Folder of the built programs. */
  readonly programs: string;
  /** Further names the server answers to, as a proxy in front has them. */
  readonly hosts?: readonly string[];
  /** Serves the home network, too, over HTTPS; left away, only `host` is listened on. */
  readonly home?: HomeOptions;
  /** Proxies in front whose word on who asks is taken: how many, or their addresses. */
  readonly trustProxy?: number | string;
  /** Whether an empty folder gets the demo jobs. */
  readonly demo?: boolean;
  /** Called when the data can no longer be used, with the reason in one plain sentence. */
  readonly onLost?: (reason: string) => void;
  /** Log of what goes wrong; standard error when left away. */
  readonly log?: Logger;
}

interface HomeOptions {
  /** 0 takes any free port. */
  readonly port: number;
  readonly source: CertificateSource;
}

/** A running server. */
export interface Serving {
  readonly port: number;
  readonly storage: Storage;
  readonly pairing: Pairing;
  /** Where the home network reaches it; null while it does not. */
  readonly home: HomeServer | null;
  /** Lets requests that are under way end within a time, milliseconds, then ends all work on the data. */
  stopGently(withinMs: number): Promise<void>;
  /** Ends every connection at once, and all work on the data. */
  stop(): Promise<void>;
}

/**
 * Opens the data of a folder and serves it.
 * @throws DataFolderError when the data cannot be opened; StartError when the port cannot be had
 */
export async function serve(options: ServeOptions): Promise<Serving> {
  const { port, host, folder, webFolder, log = errorLog() } = options;
  const storage = await Storage.open(folder, { ...(options.onLost ? { onLost: options.onLost } : {}) });
  const store = new JobStore(storage);
  if (options.demo && (await store.isEmpty())) await loadDemo(store);
  const rack = new RackStore(storage);
  const photos = new PhotoFolder(folder);
  const plans = new PlanPool(options.programs);
  const pairing = new Pairing(storage);
  const servers: Server[] = [];
  let home: HomeServer | null = null;
  try {
    const identity = await store.identity();
    const isOwnHost = ownHosts(host, options.hosts);
    const { trustProxy } = options;
    const plainPort = () => portOf(servers[0] as Server);
    const names = () => homeNames(host, options.hosts);
    if (options.home) home = await HomeServer.make({ source: options.home.source, names, plainPort, log });
    const data = { storage, store, rack, photos, plans, pairing };
    const app = createApp({ ...data, identity, isOwnHost, home, trustProxy, log, webFolder });
    servers.push(createServer(app));
    await listen(servers[0] as Server, { port, host, setting: 'PORT' });
    if (home && options.home) {
      home.server.on('request', app);
      servers.push(home.server);
      await listen(home.server, { port: options.home.port, host, setting: 'DORMER_HOME_PORT' });
    }
  } catch (error) {
    servers.forEach((server) => server.close());
    home?.stop();
    await plans.close();
    await storage.close();
    throw error;
  }
  const upkeep = everyDay(async () => {
    await keepDailyCopy(folder, new Date());
    await keepInOrder(storage, photos, new Date());
  }, log);
  const endAll = () => servers.forEach((server) => server.closeAllConnections());
  const stopGently = async (withinMs: number) => {
    home?.stop();
    const hurry = setTimeout(endAll, withinMs).unref();
    await Promise.all(servers.map(closed));
    clearTimeout(hurry);
    await upkeep.stop();
    await plans.close();
    await storage.close();
  };
  return { port: portOf(servers[0] as Server), storage, pairing, home, stopGently, stop: () => stopGently(0) };
}

const portOf = (server: Server): number => (server.address() as AddressInfo).port;

/** Takes no more requests. @returns once those under way have ended */
function closed(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
  });
}

/**
 * A log on standard error.
 * @param level least severe level that the log takes
 */
export const errorLog = (level = 'warn'): Logger => pino({ level }, pino.destination(2));

async function loadDemo(store: JobStore): Promise<void> {
  for (const job of demoJobs()) await store.create({ job, saveId: 'demo' });
}

interface Listening {
  readonly port: number;
  readonly host: string;
  /** Name of the setting that chooses the port. */
  readonly setting: string;
}

function listen(server: Server, { port, host, setting }: Listening): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') reject(new StartError(say('start.portInUse', { port, setting })));
      else if (error.code === 'EACCES') reject(new StartError(say('start.portDenied', { port, setting })));
      else reject(new StartError(say('start.cannotListen', { host, port, reason: error.message })));
    });
    server.listen(port, host, resolve);
  });
}

export { ownAuthority } from './home/certificates';
