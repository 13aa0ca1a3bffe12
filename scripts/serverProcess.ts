import { spawn, type ChildProcess } from 'node:child_process';

/** The built server in a process of its own. */
export interface ServerProcess {
  readonly child: ChildProcess;
  readonly base: string;
}

/** @param web folder of the built app; left away, only the interface is served */
export async function startServer(folder: string, web = ''): Promise<ServerProcess> {
  const child = spawn(process.execPath, ['server/dist/main.cjs'], {
    env: { ...process.env, PORT: '0', DORMER_DATA: folder, DORMER_WEB: web },
  });
  let said = '';
  const base = await new Promise<string>((resolve, reject) => {
    const hear = (data: Buffer) => {
      said += data.toString();
      const found = /http:\/\/[\d.]+:\d+/.exec(said);
      if (found) resolve(found[0]);
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('exit', () => reject(new Error(`The server did not start: ${said}`)));
  });
  return { child, base };
}

/** @param signal SIGKILL leaves it no chance to tidy up */
export async function endServer({ child }: ServerProcess, signal: 'SIGTERM' | 'SIGKILL'): Promise<void> {
  const ended = new Promise((resolve) => child.once('exit', resolve));
  child.kill(signal);
  await ended;
}

/** Asks over HTTP, with a body as JSON where there is one. */
export async function ask(base: string, method: string, route: string, body?: unknown): Promise<Response> {
  const sent =
    body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } };
  return fetch(base + route, { method, ...sent });
}
