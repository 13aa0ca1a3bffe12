import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

const root = path.resolve(__dirname, '..');

/** The real server with the built app, on a folder and a port of its own; it can be stopped and started again. */
export class Server {
  private child: ChildProcess | null = null;
  private constructor(
    readonly port: number,
    readonly folder: string,
  ) {}

  static async start(): Promise<Server> {
    const server = new Server(await freePort(), mkdtempSync(path.join(tmpdir(), 'dormer-e2e-')));
    await server.up();
    return server;
  }

  get base(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async up(): Promise<void> {
    const child = spawn(process.execPath, [path.join(root, 'server', 'dist', 'main.cjs'), '--demo'], {
      cwd: root,
      env: {
        ...process.env,
        PORT: String(this.port),
        DORMER_DATA: this.folder,
        DORMER_WEB: path.join(root, 'app', 'dist'),
      },
    });
    this.child = child;
    let said = '';
    await new Promise<void>((resolve, reject) => {
      const hear = (data: Buffer) => {
        said += data.toString();
        if (said.includes('Dormer is at')) resolve();
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

  async end(): Promise<void> {
    await this.down();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}
