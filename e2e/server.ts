import { spawn, type ChildProcess } from 'node:child_process';
import { createHash, X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type * as serverModule from '../server/src/serve';

const root = path.resolve(__dirname, '..');
const WEB_FOLDER = path.join(root, 'app', 'dist');
const PROGRAMS = path.join(root, 'server', 'dist');
const HOST = '127.0.0.1';
/** The built server, as a module. */
const serverProgram = () =>
  createRequire(path.join(root, 'server', 'dist', 'main.cjs'))('./serve.cjs') as typeof serverModule;

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
  protected serving: serverModule.Serving | null = null;

  async up(): Promise<void> {
    const { serve } = serverProgram();
    const { port, folder } = this;
    const usual = { port, host: HOST, folder, webFolder: WEB_FOLDER, programs: PROGRAMS, demo: true };
    this.serving = await serve({ ...usual, ...this.more() });
    this.port = this.serving.port;
  }

  /** What this server is told beside the usual. */
  protected more(): Partial<serverModule.ServeOptions> {
    return {};
  }

  async down(): Promise<void> {
    await this.serving?.stop();
    this.serving = null;
  }
}

/** A server that a home network reaches, by a name under which no browser is this computer's own. */
export class ServerAtHome extends ServerHere {
  static readonly NAME = 'kitchen.local';
  private homePort = 0;

  override async up(): Promise<void> {
    await super.up();
    this.homePort = Number(new URL(this.encrypted).port);
  }

  protected override more(): Partial<serverModule.ServeOptions> {
    const { ownAuthority } = serverProgram();
    return { hosts: [ServerAtHome.NAME], home: { port: this.homePort, source: ownAuthority(this.folder) } };
  }

  /** Where phones reach it. */
  get encrypted(): string {
    return this.serving?.home?.addresses().addresses[0] ?? '';
  }

  get plain(): string {
    return `http://${ServerAtHome.NAME}:${this.port}`;
  }

  /**
   * Arguments by which Chromium finds the name and takes this one server's certificate. A browser in a test does not
   * ask a person to trust an authority.
   */
  get phoneArguments(): string[] {
    const server = new X509Certificate(readFileSync(path.join(this.folder, 'home', 'server.crt')));
    const key = createHash('sha256').update(server.publicKey.export({ type: 'spki', format: 'der' }));
    return [
      `--host-resolver-rules=MAP ${ServerAtHome.NAME} ${HOST}`,
      `--ignore-certificate-errors-spki-list=${key.digest('base64')}`,
    ];
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
