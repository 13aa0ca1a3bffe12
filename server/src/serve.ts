import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino, type Logger } from 'pino';
import { demoJobs } from '@dormer/core/rigs/demo';
import { ownHosts } from './access/ownPages';
import { keepDailyCopy } from './db/copy';
import { JobStore } from './db/jobStore';
import { PhotoFolder } from './db/photoFolder';
import { RackStore } from './db/rackStore';
import { Storage } from './db/storage';
import { keepInOrder } from './db/upkeep';
import { everyDay } from './everyDay';
import { createApp } from './http/app';
import { PlanPool } from './planning/planPool';

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
  /** Whether an empty folder gets the demo jobs. */
  readonly demo?: boolean;
  /** Called when the data can no longer be used, with the reason in one plain sentence. */
  readonly onLost?: (reason: string) => void;
  /** Log of what goes wrong; standard error when left away. */
  readonly log?: Logger;
}

/** A running server. */
export interface Serving {
  readonly port: number;
  readonly server: Server;
  readonly storage: Storage;
  /** Ends all work on the data, and closes the database. */
  endData(): Promise<void>;
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
  const identity = await store.identity();
  const isOwnHost = ownHosts(host, options.hosts);
  const server = createServer(createApp({ storage, store, rack, photos, plans, identity, isOwnHost, log, webFolder }));
  await listen(server, port, host).catch(async (error: unknown) => {
    await storage.close();
    throw error;
  });
  const upkeep = everyDay(async () => {
    await keepDailyCopy(folder, new Date());
    await keepInOrder(storage, photos, new Date());
  }, log);
  const endData = async () => {
    await upkeep.stop();
    await plans.close();
    await storage.close();
  };
  return {
    port: (server.address() as AddressInfo).port,
    server,
    storage,
    endData,
    stop: async () => {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await endData();
    },
  };
}

/**
 * A log on standard error.
 * @param level least severe level that the log takes
 */
export const errorLog = (level = 'warn'): Logger => pino({ level }, pino.destination(2));

async function loadDemo(store: JobStore): Promise<void> {
  for (const job of demoJobs()) await store.create({ job, saveId: 'demo' });
}

function listen(server: Server, port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') reject(new StartError(`Port ${port} is in use. Choose another with PORT.`));
      else if (error.code === 'EACCES')
        reject(new StartError(`Port ${port} may not be used. Choose another with PORT.`));
      else reject(new StartError(`Cannot listen on ${host}, port ${port}: ${error.message}.`));
    });
    server.listen(port, host, resolve);
  });
}

/** What stops the start, in one plain sentence. */
export class StartError extends Error {}
