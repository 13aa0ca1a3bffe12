import { readFileSync } from 'node:fs';
import { request as plainRequest } from 'node:http';
import { request as encryptedRequest } from 'node:https';
import path from 'node:path';
import { HOME_FOLDER, ownAuthority } from '../home/certificates';
import type { ServeOptions } from '../serve';
import { freshFolder, RunningServer } from './running';

/** A name at which a home network finds the server. Phones are no computer of Dormer's own under it. */
export const KITCHEN = 'kitchen.local';

export interface HomeAnswer {
  readonly status: number;
  readonly body: ReturnType<typeof JSON.parse>;
  readonly text: string;
  readonly cookies: readonly string[];
  readonly headers: Readonly<Record<string, unknown>>;
}

interface Asked {
  readonly body?: unknown;
  readonly headers?: Record<string, string>;
  /** Over plain HTTP. */
  readonly isPlain?: boolean;
}

/** A server that a home network reaches, on a folder of its own. */
export async function startAtHome(more: Partial<ServeOptions> = {}, web?: string): Promise<RunningServer> {
  const folder = freshFolder();
  const home = { port: 0, source: ownAuthority(folder) };
  return RunningServer.start(folder, web, { hosts: [KITCHEN], home, ...more });
}

/** The certificate that devices must trust. */
export const authorityOf = ({ folder }: RunningServer): string =>
  readFileSync(path.join(folder, HOME_FOLDER, 'authority.crt'), 'utf8');

/** A phone in the network: it trusts the authority, and keeps the cookie it is given. */
export class Phone {
  private cookie: string | null = null;

  constructor(private readonly server: RunningServer) {}

  async ask(method: string, route: string, { body, headers = {}, isPlain = false }: Asked = {}): Promise<HomeAnswer> {
    const { serving } = this.server;
    const [address = ''] = serving.home?.addresses().addresses ?? [];
    const port = isPlain ? serving.port : Number(new URL(address).port);
    const options = {
      host: '127.0.0.1',
      port,
      method,
      path: route,
      agent: false,
      headers: {
        host: `${KITCHEN}:${port}`,
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(this.cookie === null || isPlain ? {} : { cookie: this.cookie }),
        ...headers,
      },
    } as const;
    const answer = await new Promise<HomeAnswer>((resolve, reject) => {
      const sent = isPlain
        ? plainRequest(options)
        : encryptedRequest({ ...options, ca: authorityOf(this.server), servername: KITCHEN });
      sent.on('error', reject);
      sent.on('response', (response) => {
        let text = '';
        response.on('data', (data) => (text += data));
        response.on('end', () => {
          const parsed = /^[{[]/.test(text) ? JSON.parse(text) : {};
          const cookies = response.headers['set-cookie'] ?? [];
          resolve({ status: response.statusCode ?? 0, body: parsed, text, cookies, headers: response.headers });
        });
      });
      sent.end(body === undefined ? undefined : JSON.stringify(body));
    });
    const [given] = answer.cookies;
    if (given) this.cookie = given.split(';')[0] ?? null;
    return answer;
  }

  /** Pairs this phone by a code that the computer makes. */
  async pair(name = 'Closet phone'): Promise<HomeAnswer> {
    const { body } = await this.server.ask('POST', '/api/access/codes');
    return this.ask('POST', '/api/access/pair', { body: { code: body.code, name } });
  }
}
