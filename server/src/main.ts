import { createServer, type Server } from 'node:http';
import path from 'node:path';
import { pino } from 'pino';
import { demoJobs } from '@dormer/core/rigs/demo';
import { DataFolderError, openDatabase } from './db/open';
import { JobStore } from './db/jobStore';
import { PhotoFolder } from './db/photoFolder';
import { RackStore } from './db/rackStore';
import { createApp } from './http/app';

const DEFAULT_PORT = 4173;
const SHUT_WITHIN_MS = 5000;

/** Starts the server from its environment: PORT, HOST, DORMER_DATA, DORMER_WEB, LOG_LEVEL. */
async function main(): Promise<void> {
  const port = portFrom(process.env.PORT);
  const host = process.env.HOST || '127.0.0.1';
  const folder = path.resolve(process.env.DORMER_DATA || 'data');
  const log = pino({ level: process.env.LOG_LEVEL || 'warn' }, pino.destination(2));
  const database = await openDatabase(folder);
  const store = new JobStore(database);
  if (process.argv.includes('--demo') && (await store.isEmpty())) await loadDemo(store);
  const webFolder = process.env.DORMER_WEB;
  const server = createServer(
    createApp({
      store,
      rack: new RackStore(database),
      photos: new PhotoFolder(folder),
      log,
      ...(webFolder ? { webFolder: path.resolve(webFolder) } : {}),
    }),
  );
  await listen(server, port, host);
  const address = server.address();
  const shownPort = typeof address === 'object' && address ? address.port : port;
  process.stdout.write(`Dormer is at http://${host.includes(':') ? `[${host}]` : host}:${shownPort}\n`);

  const stop = () => {
    server.close(() => void database.destroy().finally(() => process.exit(0)));
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), SHUT_WITHIN_MS).unref();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}

async function loadDemo(store: JobStore): Promise<void> {
  for (const job of demoJobs()) await store.create({ job, saveId: 'demo' });
}

function portFrom(text: string | undefined): number {
  if (!text) return DEFAULT_PORT;
  const port = Number(text);
  if (Number.isInteger(port) && port >= 0 && port <= 65_535) return port;
  throw new StartError(`PORT is “${text}”; it takes a number from 0 to 65535.`);
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
class StartError extends Error {}

main().catch((error: unknown) => {
  const plain = error instanceof StartError || error instanceof DataFolderError;
  process.stderr.write(`${plain ? error.message : `Dormer could not start: ${String(error)}`}\n`);
  process.exit(1);
});
