import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import { openDatabase } from '../db/open';
import { JobStore } from '../db/jobStore';
import { PhotoFolder } from '../db/photoFolder';
import { RackStore } from '../db/rackStore';
import { createApp } from '../http/app';

/** A folder of its own for one test. */
export const freshFolder = () => mkdtempSync(path.join(tmpdir(), 'dormer-test-'));

export interface Answer {
  readonly status: number;
  readonly headers: Headers;
  /** Parsed JSON; tests check each field. */
  readonly body: ReturnType<typeof JSON.parse>;
}

/** Asks over HTTP and reads the answer as JSON where there is any. */
export async function ask(base: string, method: string, route: string, body?: unknown): Promise<Answer> {
  const sent = typeof body === 'string' ? body : JSON.stringify(body);
  const response = await fetch(base + route, {
    method,
    ...(body === undefined ? {} : { body: sent, headers: { 'content-type': 'application/json' } }),
  });
  const text = await response.text();
  const isJson = response.headers.get('content-type')?.includes('json');
  return { status: response.status, headers: response.headers, body: isJson ? JSON.parse(text) : text };
}

/** The real server on a real SQLite file in a folder of its own. */
export class RunningServer {
  private constructor(
    readonly base: string,
    readonly database: DataSource,
    private readonly server: Server,
    readonly folder: string,
  ) {}

  static async start(folder = freshFolder(), webFolder?: string): Promise<RunningServer> {
    const database = await openDatabase(folder);
    const app = createApp({
      store: new JobStore(database),
      rack: new RackStore(database),
      photos: new PhotoFolder(folder),
      log: pino({ level: 'silent' }),
      webFolder,
    });
    const server = createServer(app);
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    return new RunningServer(`http://127.0.0.1:${port}`, database, server, folder);
  }

  ask(method: string, route: string, body?: unknown): Promise<Answer> {
    return ask(this.base, method, route, body);
  }

  async stop(): Promise<void> {
    this.server.closeAllConnections();
    await new Promise((resolve) => this.server.close(resolve));
    await this.database.destroy();
  }

  async stopAndClear(): Promise<void> {
    await this.stop();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
