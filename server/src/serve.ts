import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino, type Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { demoJobs } from '@dormer/core/rigs/demo';
import { JobStore } from './db/jobStore';
import { openDatabase } from './db/open';
import { PhotoFolder } from './db/photoFolder';
import { RackStore } from './db/rackStore';
import { createApp } from './http/app';

export interface ServeOptions {
  /** 0 takes any free port. */
  readonly port: number;
  readonly host: string;
  /** Folder of the data. */
  readonly folder: string;
  /** Folder of the built web app; left away, only the interface is served. */
  readonly webFolder?: string;
  /** Whether an empty folder gets the demo jobs. */
  readonly demo?: boolean;
  /** Log of what goes wrong; standard error when left away. */
  readonly log?: Logger;
}

/** A running server. */
export interface Serving {
  readonly port: number;
  readonly server: Server;
  readonly database: DataSource;
  /** Ends every connection at once, and closes the database. */
  stop(): Promise<void>;
}

/**
 * Opens the data of a folder and serves it.
 * @throws DataFolderError when the data cannot be opened; StartError when the port cannot be had
 */
export async function serve({ port, host, folder, webFolder, demo, log = errorLog() }: ServeOptions): Promise<Serving> {
  const database = await openDatabase(folder);
  const store = new JobStore(database);
  if (demo && (await store.isEmpty())) await loadDemo(store);
  const rack = new RackStore(database);
  const server = createServer(createApp({ store, rack, photos: new PhotoFolder(folder), log, webFolder }));
  await listen(server, port, host).catch(async (error: unknown) => {
    await database.destroy();
    throw error;
  });
  return {
    port: (server.address() as AddressInfo).port,
    server,
    database,
    stop: async () => {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await database.destroy();
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
