import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { DATABASE_FILE } from '../server/src/db/open';
import { Storage } from '../server/src/db/storage';
import { ask, endServer, startServer, type ServerProcess } from './serverProcess';

// Prints what one household costs a host: start, memory, processor and wall time for each kind of request, and disk.
// Reads /proc, so it runs on Linux.

const SAVES = 300;
const READS = 300;
const HOUSEHOLDS = 200;
/** The system counts processor time in ticks of this length, milliseconds. */
const TICK_MS = 10;

/** Processor time a process has used, milliseconds. */
function cpuMs({ child }: ServerProcess): number {
  const stat = readFileSync(`/proc/${child.pid}/stat`, 'utf8');
  const fields = stat.slice(stat.lastIndexOf(')') + 2).split(' ');
  return (Number(fields[11]) + Number(fields[12])) * TICK_MS;
}

/** Memory a process holds, megabytes. */
const memoryMb = ({ child }: ServerProcess): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))?.[1] ?? NaN) / 1024;

async function asked({ base }: ServerProcess, method: string, route: string, body?: unknown): Promise<void> {
  const answer = await ask(base, method, route, body);
  if (!answer.ok) throw new Error(`${method} ${route}: ${answer.status}`);
  await answer.arrayBuffer();
}

/** Asks many times, one after another, and prints what each costs. */
async function measure(server: ServerProcess, what: string, times: number, work: (turn: number) => Promise<void>) {
  const [cpu, wall] = [cpuMs(server), performance.now()];
  for (let turn = 0; turn < times; turn += 1) await work(turn);
  const each = (ms: number) => (ms / times).toFixed(1);
  say(`${what}: ${each(cpuMs(server) - cpu)} ms of processor, ${each(performance.now() - wall)} ms in all`);
}

const say = (line: string) => void process.stdout.write(`${line}\n`);

const sizeOf = (folder: string): number =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).reduce((sum, name) => {
    const { size } = statSync(path.join(folder, name));
    return sum + size;
  }, 0);

async function main(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dormer-household-'));
  // The first start makes the database.
  await endServer(await startServer(folder), 'SIGTERM');
  const from = performance.now();
  const server = await startServer(folder, 'app/dist');
  const startMs = performance.now() - from;
  await pause(2000);
  say(`start to first answer: ${startMs.toFixed(0)} ms, ${cpuMs(server)} ms of processor within 2 s`);
  say(`memory at rest: ${memoryMb(server).toFixed(0)} MB`);
  const alcove = chimneyAlcove();
  // As large as a job of a whole closet: many readings.
  const job = {
    ...alcove,
    readings: Array.from({ length: 150 }, (_, i) => ({ ...alcove.readings[i % 17]!, id: `r${i}` })),
  };
  const size = (JSON.stringify(job).length / 1000).toFixed(0);
  await asked(server, 'POST', '/api/jobs', { job, saveId: 's0' });
  await measure(server, `save of a job of ${size} kB`, SAVES, (turn) =>
    asked(server, 'PUT', `/api/jobs/${job.id}`, {
      job: { ...job, name: `Save ${turn}` },
      basedOn: turn + 1,
      saveId: `s${turn + 1}`,
    }),
  );
  await measure(server, 'list of jobs', READS, () => asked(server, 'GET', '/api/jobs'));
  await measure(server, 'one job', READS, () => asked(server, 'GET', `/api/jobs/${job.id}`));
  await measure(server, 'page of the app', READS, () => asked(server, 'GET', '/'));
  say(`memory after ${SAVES + 3 * READS} requests: ${memoryMb(server).toFixed(0)} MB`);
  await endServer(server, 'SIGTERM');
  say(`disk for ${SAVES + 1} versions, all of one day: ${(sizeOf(folder) / 1e6).toFixed(1)} MB`);
  await openMany(folder);
  rmSync(folder, { recursive: true });
}

/** Opens many households in one process, and prints what each further one takes. */
async function openMany(folder: string): Promise<void> {
  const folders = Array.from({ length: HOUSEHOLDS + 1 }, () => mkdtempSync(path.join(tmpdir(), 'dormer-household-')));
  for (const copy of folders) cpSync(path.join(folder, DATABASE_FILE), path.join(copy, DATABASE_FILE));
  const [first = '', ...others] = folders;
  const open = [await Storage.open(first)];
  const [wall, memory] = [performance.now(), process.memoryUsage.rss()];
  for (const other of others) open.push(await Storage.open(other));
  const ms = (performance.now() - wall) / HOUSEHOLDS;
  const mb = (process.memoryUsage.rss() - memory) / HOUSEHOLDS / 1e6;
  const figures = `open in ${ms.toFixed(0)} ms, ${mb.toFixed(1)} MB of memory`;
  say(`each of ${HOUSEHOLDS} further households in one process: ${figures}`);
  for (const storage of open) await storage.close();
  for (const copy of folders) rmSync(copy, { recursive: true });
}

void main();
