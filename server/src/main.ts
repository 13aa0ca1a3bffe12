import path from 'node:path';
import { DataFolderError } from './db/dataFolder';
import { ownAuthority, ownCertificate, type CertificateSource } from './home/certificates';
import { phoneWords } from './home/terminal';
import { errorLog, serve } from './serve';
import { StartError } from './startError';
import { say } from './words';

const DEFAULT_PORT = 4173;
const DEFAULT_HOME_PORT = 4443;
const SHUT_WITHIN_MS = 5000;

/** Starts the server from its environment (docs/command-line.md); `--home` serves the home network, too. */
async function main(): Promise<void> {
  const { env } = process;
  const isHome = process.argv.includes('--home');
  const host = env.HOST || (isHome ? '0.0.0.0' : '127.0.0.1');
  const folder = path.resolve(env.DORMER_DATA || 'data');
  const serving = await serve({
    port: portFrom('PORT', env.PORT, DEFAULT_PORT),
    host,
    folder,
    programs: env.DORMER_PROGRAMS || __dirname,
    hosts: listIn(env.DORMER_HOSTS),
    onLost: endWith,
    demo: process.argv.includes('--demo'),
    log: errorLog(env.LOG_LEVEL || 'warn'),
    ...(isHome
      ? {
          home: {
            port: portFrom('DORMER_HOME_PORT', env.DORMER_HOME_PORT, DEFAULT_HOME_PORT),
            source: sourceFor(folder),
          },
        }
      : {}),
    ...(env.DORMER_TRUST_PROXY ? { trustProxy: proxiesIn(env.DORMER_TRUST_PROXY) } : {}),
    ...(env.DORMER_WEB ? { webFolder: path.resolve(env.DORMER_WEB) } : {}),
  });
  const { port, home, pairing, stopGently } = serving;
  const named = isHome ? 'localhost' : host.includes(':') ? `[${host}]` : host;
  process.stdout.write(`${say('start.at', { address: `http://${named}:${port}` })}\n`);
  if (home) process.stdout.write(await phoneWords(home, await pairing.makeCode()));

  const stop = () => void stopGently(SHUT_WITHIN_MS).finally(() => process.exit(0));
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}

function portFrom(setting: string, text: string | undefined, usual: number): number {
  if (!text) return usual;
  const port = Number(text);
  if (Number.isInteger(port) && port >= 0 && port <= 65_535) return port;
  throw new StartError(say('start.port', { setting, text }));
}

/** The person's own certificate where there is one, or one by an authority in the data folder. */
function sourceFor(folder: string): CertificateSource {
  const certificate = process.env.DORMER_TLS_CERT;
  const key = process.env.DORMER_TLS_KEY;
  if (certificate && key) return ownCertificate(path.resolve(certificate), path.resolve(key));
  if (certificate || key) throw new StartError(say('start.certAndKey'));
  return ownAuthority(folder);
}

/** Proxies by number or by address. Trust in every proxy there may be is not offered. */
function proxiesIn(text: string): number | string {
  if (/^[1-9]\d?$/.test(text)) return Number(text);
  if (/^(loopback|[\da-f.:/]+)(,\s*(loopback|[\da-f.:/]+))*$/i.test(text) && !/^\d+$/.test(text)) return text;
  throw new StartError(say('start.trustProxy', { text }));
}

const listIn = (text = ''): string[] =>
  text
    .split(',')
    .map((name) => name.trim())
    .filter(Boolean);

main().catch((error: unknown) => {
  const plain = error instanceof StartError || error instanceof DataFolderError;
  endWith(plain ? error.message : say('start.failed', { reason: String(error) }));
});

function endWith(sentence: string): void {
  process.stderr.write(`${sentence}\n`);
  process.exit(1);
}
