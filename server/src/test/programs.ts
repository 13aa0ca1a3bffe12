import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';

/** A program as it is shipped. */
export const program = (name: string): string => path.resolve(__dirname, '../../dist', `${name}.cjs`);

/** A program that runs, and what it said so far. */
export interface Running {
  readonly child: ChildProcess;
  readonly output: () => string;
  readonly ended: Promise<number | null>;
}

const running: ChildProcess[] = [];

/** Ends what `startServer` started, however it goes on. */
export const killAll = (): void => running.splice(0).forEach((child) => child.kill('SIGKILL'));

/** Starts the server as it is shipped, in a process group of its own. */
export function startServer(env: Readonly<Record<string, string>>, ...args: readonly string[]): Running {
  const child = spawn(process.execPath, [program('main'), ...args], {
    env: { ...process.env, PORT: '0', ...env },
    detached: true,
  });
  running.push(child);
  let said = '';
  child.stdout.on('data', (data) => (said += data));
  child.stderr.on('data', (data) => (said += data));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  return { child, output: () => said, ended };
}

/** What a program says, once it says so. */
export async function saidBy({ output }: Pick<Running, 'output'>, what: RegExp): Promise<string> {
  for (let i = 0; i < 400; i += 1) {
    const found = what.exec(output());
    if (found) return found[0];
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error(`not said: ${output()}`);
}

/** Where a server that was started is. */
export const addressOf = (server: Running): Promise<string> => saidBy(server, /http:\/\/(localhost|[\d.]+):\d+/);

interface Ended {
  readonly code: number | null;
  readonly out: string;
  readonly err: string;
}

/** Runs Node with arguments until it ends. */
export function runNode(args: readonly string[], env: Readonly<Record<string, string>> = {}): Promise<Ended> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, { env: { ...process.env, ...env } });
    let out = '';
    let err = '';
    child.stdout.on('data', (data) => (out += data));
    child.stderr.on('data', (data) => (err += data));
    child.on('exit', (code) => resolve({ code, out, err }));
  });
}
