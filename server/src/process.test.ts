import type { ChildProcess } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { addressOf, killAll, program, runNode, saidBy, startServer } from './test/programs';
import { ask, freshFolder, RunningServer } from './test/running';

jest.setTimeout(60_000);

afterEach(killAll);

/** Kills the whole process group, with no chance to tidy up. */
function killHard(child: ChildProcess): void {
  process.kill(-(child.pid as number), 'SIGKILL');
}

test('killed in the middle of a hundred saves, every acknowledged save is there and the database is sound', async () => {
  const folder = freshFolder();
  const first = startServer({ DORMER_DATA: folder });
  const base = await addressOf(first);
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
  const server = startServer({ DORMER_DATA: freshFolder() });
  const { child, ended } = server;
  const base = await addressOf(server);
  const asked = ask(base, 'POST', '/api/plan', chimneyAlcove());
  expect((await asked).status).toBe(200);
  process.kill(child.pid as number, 'SIGTERM');
  expect(await ended).toBe(0);
});

test('a busy port is one plain sentence and exit 1', async () => {
  const taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  const { port } = taken.address() as { port: number };
  const { output, ended } = startServer({ PORT: String(port), DORMER_DATA: freshFolder() });
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
  const { output, ended } = startServer({ DORMER_DATA: folder() });
  expect(await ended).toBe(1);
  expect(output()).toMatch(/^Dormer cannot write to the data folder .*\. Choose another with DORMER_DATA\.\n$/);
});

test('a port that is none', async () => {
  const { output, ended } = startServer({ PORT: 'door', DORMER_DATA: freshFolder() });
  expect(await ended).toBe(1);
  expect(output()).toBe('PORT is “door”. Set a number from 0 to 65535.\n');
});

describe('on a home network', () => {
  const home = { DORMER_HOME_PORT: '0', HOST: '127.0.0.1', DORMER_HOSTS: 'kitchen.local' };

  test('it says where and how a phone comes in, and one more code is made beside it', async () => {
    const folder = freshFolder();
    const server = startServer({ ...home, DORMER_DATA: folder }, '--home');
    const { output } = server;
    const base = await addressOf(server);
    await saidBy(server, /For another code:/);
    expect(output()).toMatch(/1\. Open http:\/\/kitchen\.local:\d+\/trust/);
    expect(output()).toMatch(/2\. Open https:\/\/kitchen\.local:\d+/);
    expect(output()).toMatch(/and type the pairing code \d{3} \d{3}\./);
    expect(output()).toContain('█');
    const { body } = await ask(base, 'GET', '/api/access');
    for (const group of body.addresses.fingerprint.split(' ')) expect(output()).toContain(group);

    const { code, out: said } = await runNode([program('pairCommand')], { DORMER_DATA: folder });
    expect(code).toBe(0);
    const [, one, two] = /^Pairing code: (\d{3}) (\d{3})\n/.exec(said) ?? [];
    const paired = await ask(base, 'POST', '/api/access/pair', { code: `${one}${two}`, name: 'Phone' });
    // Known to the server that runs, which refuses it for another reason.
    expect(paired.body.error.code).toBe('not-encrypted');
    expect(said).toContain('The code is valid for 10 minutes, once.');
  });

  test.each([
    [{ DORMER_TLS_CERT: '/none.crt' }, 'Set both DORMER_TLS_CERT and DORMER_TLS_KEY, or none of them.'],
    [
      { DORMER_TLS_CERT: '/none.crt', DORMER_TLS_KEY: '/none.key' },
      '/none.crt cannot be read. Check DORMER_TLS_CERT and DORMER_TLS_KEY.',
    ],
    [{ DORMER_HOME_PORT: 'door' }, 'DORMER_HOME_PORT is “door”. Set a number from 0 to 65535.'],
    [
      { DORMER_TRUST_PROXY: 'true' },
      'DORMER_TRUST_PROXY is “true”. Set the number of proxies in front of Dormer, or their addresses with commas between.',
    ],
  ])('a setting that cannot be is one plain sentence: %j', async (settings, sentence) => {
    const { output, ended } = startServer({ ...home, DORMER_DATA: freshFolder(), ...settings } as never, '--home');
    expect(await ended).toBe(1);
    expect(output()).toBe(`${sentence}\n`);
  });

  test('an address that no phone reaches is one plain sentence', async () => {
    const { output, ended } = startServer({ ...home, DORMER_HOSTS: '', DORMER_DATA: freshFolder() }, '--home');
    expect(await ended).toBe(1);
    expect(output()).toBe('With --home, set HOST to an address of your network, or to 0.0.0.0 for all of them.\n');
  });

  test('a busy port of the home network names its own setting', async () => {
    const taken = createServer();
    await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
    const { port } = taken.address() as { port: number };
    const { output, ended } = startServer(
      { ...home, DORMER_DATA: freshFolder(), DORMER_HOME_PORT: String(port) },
      '--home',
    );
    expect(await ended).toBe(1);
    expect(output()).toBe(`Port ${port} is in use. Choose another with DORMER_HOME_PORT.\n`);
    taken.close();
  });
});
