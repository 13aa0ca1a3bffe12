import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import { serve, type ServeOptions, type Serving } from '../serve';

/** Folder of the built programs. */
export const PROGRAMS = path.resolve(__dirname, '../../dist');

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
    readonly serving: Serving,
    readonly folder: string,
  ) {}

  static async start(
    folder = freshFolder(),
    webFolder?: string,
    more: Partial<ServeOptions> = {},
  ): Promise<RunningServer> {
    const log = pino({ level: 'silent' });
    const web = webFolder ? { webFolder } : {};
    const serving = await serve({ port: 0, host: '127.0.0.1', folder, programs: PROGRAMS, log, ...web, ...more });
    return new RunningServer(serving, folder);
  }

  get base(): string {
    return `http://127.0.0.1:${this.serving.port}`;
  }

  get database(): DataSource {
    return this.serving.storage.source;
  }

  ask(method: string, route: string, body?: unknown): Promise<Answer> {
    return ask(this.base, method, route, body);
  }

  stop(): Promise<void> {
    return this.serving.stop();
  }

  async stopAndClear(): Promise<void> {
    await this.stop();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
