import path from 'node:path';
import { DataFolderError } from './db/dataFolder';
import { errorLog, serve, StartError } from './serve';

const DEFAULT_PORT = 4173;
const SHUT_WITHIN_MS = 5000;

/** Starts the server from its environment: PORT, HOST, DORMER_HOSTS, DORMER_DATA, DORMER_WEB, LOG_LEVEL. */
async function main(): Promise<void> {
  const host = process.env.HOST || '127.0.0.1';
  const webFolder = process.env.DORMER_WEB;
  const { port, server, endData } = await serve({
    port: portFrom(process.env.PORT),
    host,
    folder: path.resolve(process.env.DORMER_DATA || 'data'),
    programs: process.env.DORMER_PROGRAMS || __dirname,
    hosts: (process.env.DORMER_HOSTS || '')
      .split(',')
      .map((name) => name.trim())
      .filter(Boolean),
    onLost: endWith,
    demo: process.argv.includes('--demo'),
    log: errorLog(process.env.LOG_LEVEL || 'warn'),
    ...(webFolder ? { webFolder: path.resolve(webFolder) } : {}),
  });
  process.stdout.write(`Dormer is at http://${host.includes(':') ? `[${host}]` : host}:${port}\n`);

  const stop = () => {
    server.close(() => void endData().finally(() => process.exit(0)));
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), SHUT_WITHIN_MS).unref();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}

function portFrom(text: string | undefined): number {
  if (!text) return DEFAULT_PORT;
  const port = Number(text);
  if (Number.isInteger(port) && port >= 0 && port <= 65_535) return port;
  throw new StartError(`PORT is “${text}”; it takes a number from 0 to 65535.`);
}

main().catch((error: unknown) => {
  const plain = error instanceof StartError || error instanceof DataFolderError;
  endWith(plain ? error.message : `Dormer could not start: ${String(error)}`);
});

function endWith(sentence: string): void {
  process.stderr.write(`${sentence}\n`);
  process.exit(1);
}
