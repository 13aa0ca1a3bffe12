import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { serve as serveType, Serving } from '../server/src/serve';

const root = path.resolve(__dirname, '..');
const WEB_FOLDER = path.join(root, 'app', 'dist');
const PROGRAMS = path.join(root, 'server', 'dist');
const HOST = '127.0.0.1';
/** Loads a file of the built server. */
const built = createRequire(path.join(root, 'server', 'dist', 'main.cjs'));

const freshFolder = (): string => mkdtempSync(path.join(tmpdir(), 'dormer-e2e-'));

/** The real server with the built app, on a folder and a port of its own; it can be stopped and started again. */
export abstract class Server {
  private readonly folders = [freshFolder()];
  /** 0 until the first start, which takes a free port. Later starts take the same port. */
  protected port = 0;

  get base(): string {
    return `http://${HOST}:${this.port}`;
  }

  protected get folder(): string {
    return this.folders.at(-1) as string;
  }

  /** The next start is that of another server at the same address. */
  moveToFreshFolder(): void {
    this.folders.push(freshFolder());
  }

  abstract up(): Promise<void>;
  abstract down(): Promise<void>;

  async end(): Promise<void> {
    await this.down();
    this.folders.forEach((folder) => rmSync(folder, { recursive: true, force: true }));
  }
}

/** A server in the process of the test, which starts ten times as fast. */
export class ServerHere extends Server {
  private serving: Serving | null = null;

  async up(): Promise<void> {
    const { serve } = built('./serve.cjs') as { serve: typeof serveType };
    const { port, folder } = this;
    this.serving = await serve({ port, host: HOST, folder, webFolder: WEB_FOLDER, programs: PROGRAMS, demo: true });
    this.port = this.serving.port;
  }

  async down(): Promise<void> {
    await this.serving?.stop();
    this.serving = null;
  }
}

/** A server in a process of its own, which can be killed. */
export class ServerProcess extends Server {
  private child: ChildProcess | null = null;

  async up(): Promise<void> {
    const child = spawn(process.execPath, [path.join(root, 'server', 'dist', 'main.cjs'), '--demo'], {
      cwd: root,
      env: { ...process.env, PORT: String(this.port), DORMER_DATA: this.folder, DORMER_WEB: WEB_FOLDER },
    });
    this.child = child;
    let said = '';
    await new Promise<void>((resolve, reject) => {
      const hear = (data: Buffer) => {
        said += data.toString();
        const [, port] = /Dormer is at \S+:(\d+)/.exec(said) ?? [];
        if (!port) return;
        this.port = Number(port);
        resolve();
      };
      child.stdout?.on('data', hear);
      child.stderr?.on('data', hear);
      child.on('exit', () => reject(new Error(`The server ended: ${said}`)));
    });
  }

  /** As a fallen cable would: no goodbye. */
  async down(): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGKILL');
    await ended;
    this.child = null;
  }
}
