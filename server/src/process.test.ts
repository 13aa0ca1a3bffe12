import { spawn, type ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { ask, freshFolder, RunningServer } from './test/running';

jest.setTimeout(60_000);

/** A program as it is shipped. */
const program = (name: string) => path.resolve(__dirname, '../dist', `${name}.cjs`);

const running: ChildProcess[] = [];
afterEach(() => running.splice(0).forEach((child) => child.kill('SIGKILL')));

function start(env: Record<string, string>): {
  child: ChildProcess;
  output: () => string;
  ended: Promise<number | null>;
} {
  const child = spawn(process.execPath, [program('main')], {
    env: { ...process.env, PORT: '0', ...env },
    detached: true,
  });
  running.push(child);
  let said = '';
  child.stdout?.on('data', (data) => (said += data));
  child.stderr?.on('data', (data) => (said += data));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  return { child, output: () => said, ended };
}

async function addressOf(output: () => string): Promise<string> {
  for (let i = 0; i < 400; i += 1) {
    const found = /http:\/\/[\d.]+:\d+/.exec(output());
    if (found) return found[0];
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error(`no address: ${output()}`);
}

/** Kills the whole process group, with no chance to tidy up. */
function killHard(child: ChildProcess): void {
  process.kill(-(child.pid as number), 'SIGKILL');
}

test('killed in the middle of a hundred saves, every acknowledged save is there and the database is sound', async () => {
  const folder = freshFolder();
  const first = start({ DORMER_DATA: folder });
  const base = await addressOf(first.output);
  const jobs = Array.from({ length: 10 }, (_, i) => ({ ...chimneyAlcove(), id: `job-${i}` }));
  for (const job of jobs) await ask(base, 'POST', '/api/jobs', { job, saveId: `${job.id}-create` });

  // Ten jobs saved ten times each, side by side; the process dies once some forty are acknowledged.
  const acknowledged = new Map<string, number>();
  let count = 0;
  const saving = jobs.map(async (job) => {
    for (let version = 1; version <= 10; version += 1) {
      const body = { job: { ...job, name: `Save ${version}` }, basedOn: version, saveId: `${job.id}-${version}` };
      const answer = await ask(base, 'PUT', `/api/jobs/${job.id}`, body);
      expect(answer.status).toBe(200);
      acknowledged.set(job.id, version);
      count += 1;
      if (count === 40) killHard(first.child);
    }
  });
  const outcomes = await Promise.allSettled(saving);
  await first.ended;
  expect(count).toBeGreaterThanOrEqual(40);
  expect(count).toBeLessThan(100);
  expect(outcomes.some((outcome) => outcome.status === 'rejected')).toBe(true);

  const again = await RunningServer.start(folder);
  for (const job of jobs) {
    const kept = (await again.ask('GET', `/api/jobs/${job.id}`)).body;
    const last = acknowledged.get(job.id) ?? 0;
    // One more than acknowledged may have reached the disk without its answer being heard.
    expect(kept.version - 1).toBeGreaterThanOrEqual(last);
    expect(kept.version - 1).toBeLessThanOrEqual(last + 1);
    if (kept.version > 1) expect(kept.job.name).toBe(`Save ${kept.version - 1}`);
    const { versions } = (await again.ask('GET', `/api/jobs/${job.id}/versions`)).body;
    expect(versions).toHaveLength(kept.version);
  }
  expect(await again.database.query('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }]);
  expect(await again.database.query('PRAGMA foreign_key_check')).toEqual([]);
  await again.stopAndClear();
});

test('stopped politely it ends with 0, having answered what it was asked', async () => {
  const { child, output, ended } = start({ DORMER_DATA: freshFolder() });
  const base = await addressOf(output);
  const asked = ask(base, 'POST', '/api/plan', chimneyAlcove());
  expect((await asked).status).toBe(200);
  process.kill(child.pid as number, 'SIGTERM');
  expect(await ended).toBe(0);
});

test('a busy port is one plain sentence and exit 1', async () => {
  const taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  const { port } = taken.address() as { port: number };
  const { output, ended } = start({ PORT: String(port), DORMER_DATA: freshFolder() });
  expect(await ended).toBe(1);
  expect(output()).toBe(`Port ${port} is in use. Choose another with PORT.\n`);
  taken.close();
});

test.each([
  [
    'below a file',
    () => {
      const inTheWay = path.join(freshFolder(), 'file');
      writeFileSync(inTheWay, '');
      return path.join(inTheWay, 'data');
    },
  ],
  ['where no folder can be made', () => '/proc/dormer'],
])('a data folder %s is one plain sentence and exit 1', async (_, folder) => {
  const { output, ended } = start({ DORMER_DATA: folder() });
  expect(await ended).toBe(1);
  expect(output()).toMatch(/^The data folder .* cannot be written\. Choose another with DORMER_DATA\.\n$/);
});

test('a port that is none', async () => {
  const { output, ended } = start({ PORT: 'door', DORMER_DATA: freshFolder() });
  expect(await ended).toBe(1);
  expect(output()).toBe('PORT is “door”; it takes a number from 0 to 65535.\n');
});

describe('the plan command', () => {
  const plan = (file: string, command = 'plan') =>
    new Promise<{ code: number | null; out: string; err: string }>((resolve) => {
      const child = spawn(process.execPath, [program(`${command}Command`), file]);
      let out = '';
      let err = '';
      child.stdout.on('data', (data) => (out += data));
      child.stderr.on('data', (data) => (err += data));
      child.on('exit', (code) => resolve({ code, out, err }));
    });
  const folder = mkdtempSync(path.join(freshFolder(), 'plan-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  test('prints the plan of a job file and nothing else', async () => {
    const file = path.join(folder, 'a.dormer.json');
    writeFileSync(file, JSON.stringify(chimneyAlcove()));
    const { code, out, err } = await plan(file);
    expect([code, err]).toEqual([0, '']);
    expect(JSON.parse(out)).toMatchObject({ format: 'dormer-plan', version: 8, shelves: { length: 5 } });
  });

  test('cut prints how it is cut and what is bought, for the same file', async () => {
    const file = path.join(folder, 'cut.dormer.json');
    writeFileSync(file, JSON.stringify(chimneyAlcove()));
    const { code, out, err } = await plan(file, 'cut');
    expect([code, err]).toEqual([0, '']);
    const told = JSON.parse(out);
    expect(told).toMatchObject({ format: 'dormer-cutting', version: 1, cutting: { problems: [] } });
    expect(told.shopping.total).toBeGreaterThan(told.cutting.price);
    const { code: none, err: line } = await plan(path.join(folder, 'none.json'), 'cut');
    expect([none, line.split('\n').length]).toEqual([1, 2]);
  }, 30_000);

  test.each([
    ['broken', '{"format":'],
    ['other', '{"format":"recipe"}'],
  ])('one line and exit 1 for a %s file', async (name, contents) => {
    const file = path.join(folder, `${name}.json`);
    writeFileSync(file, contents);
    const { code, out, err } = await plan(file);
    expect([code, out]).toEqual([1, '']);
    expect(err.trim().split('\n')).toHaveLength(1);
  });

  test('one line and exit 1 for a file that is not there', async () => {
    expect(await plan(path.join(folder, 'none'))).toMatchObject({ code: 1, out: '' });
  });
});

describe('backup and restore', () => {
  const run = (command: string, file: string, folder: string) =>
    new Promise<{ code: number | null; out: string; err: string }>((resolve) => {
      const child = spawn(process.execPath, [program(`${command}Command`), file], {
        env: { ...process.env, DORMER_DATA: folder },
      });
      let out = '';
      let err = '';
      child.stdout.on('data', (data) => (out += data));
      child.stderr.on('data', (data) => (err += data));
      child.on('exit', (code) => resolve({ code, out, err }));
    });

  test('a backup is made while the server runs, and restored on another machine', async () => {
    const folder = freshFolder();
    const first = start({ DORMER_DATA: folder });
    const base = await addressOf(first.output);
    await ask(base, 'POST', '/api/jobs', { job: chimneyAlcove(), saveId: 'first' });
    const file = path.join(freshFolder(), 'all.zip');
    expect(await run('backup', file, folder)).toEqual({ code: 0, out: `Everything is in ${file}.\n`, err: '' });
    const busy = await run('restore', file, folder);
    expect(busy).toMatchObject({ code: 1, out: '' });
    expect(busy.err).toMatch(/^Another Dormer already uses the data folder .*\n$/);

    const other = freshFolder();
    const restored = await run('restore', file, other);
    expect(restored).toMatchObject({ code: 0, err: '' });
    expect(restored.out).toContain('1 new, 0 brought up to date, 0 left as they are.');
    const again = await RunningServer.start(other);
    expect((await again.ask('GET', `/api/jobs/${chimneyAlcove().id}`)).body.job).toEqual(chimneyAlcove());
    await again.stopAndClear();
  });

  test('one plain line and exit 1 for no data and for no backup; nothing is left behind', async () => {
    const folder = freshFolder();
    const file = path.join(folder, 'all.zip');
    expect(await run('backup', file, folder)).toEqual({ code: 1, out: '', err: `There is no data in ${folder}.\n` });
    expect(existsSync(file)).toBe(false);
    writeFileSync(file, 'Dear landlord');
    const refused = await run('restore', file, freshFolder());
    expect(refused).toEqual({
      code: 1,
      out: '',
      err: 'This is no backup, or it breaks off. Nothing was changed.\n',
    });
    expect((await run('restore', path.join(folder, 'none.zip'), freshFolder())).code).toBe(1);
  });
});

describe('the one script', () => {
  const script = path.resolve(__dirname, '../../dormer');
  const run = (args: readonly string[]) =>
    new Promise<{ code: number | null; out: string; err: string }>((resolve) => {
      const child = spawn(process.execPath, args);
      let out = '';
      let err = '';
      child.stdout.on('data', (data) => (out += data));
      child.stderr.on('data', (data) => (err += data));
      child.on('exit', (code) => resolve({ code, out, err }));
    });

  test('helps, and names a command it does not know', async () => {
    expect(await run([script, 'help'])).toMatchObject({ code: 0, out: expect.stringContaining('./dormer demo') });
    const unknown = await run([script, 'dance']);
    expect(unknown).toEqual({ code: 1, out: '', err: 'There is no command “dance”. See ./dormer help.\n' });
  });

  test.each(['18.20.4', '20.18.3', '16.0.0'])('says to Node %s that it is too old', async (version) => {
    const pretend = `Object.defineProperty(process.versions, 'node', { value: '${version}' }); require(${JSON.stringify(script)})`;
    const told = await run(['-e', pretend]);
    expect(told).toEqual({ code: 1, out: '', err: `Dormer needs Node 20.19 or newer; this is ${version}.\n` });
  });

  test('a plan of no file is one plain line', async () => {
    const none = await run([script, 'plan', '/nowhere/a.dormer.json']);
    expect(none).toEqual({ code: 1, out: '', err: '/nowhere/a.dormer.json cannot be read.\n' });
  });
});
