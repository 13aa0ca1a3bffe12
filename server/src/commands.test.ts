import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { chimneyAlcove, demoJobs } from '@dormer/core/rigs/demo';
import { addressOf, killAll, program, runNode, startServer } from './test/programs';
import { ask, freshFolder, RunningServer } from './test/running';

jest.setTimeout(60_000);
afterEach(killAll);

describe('the plan command', () => {
  const plan = (file: string, command = 'plan') => runNode([program(`${command}Command`), file]);
  const folder = mkdtempSync(path.join(freshFolder(), 'plan-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  test('prints the plan of a job file and nothing else', async () => {
    const file = path.join(folder, 'a.dormer.json');
    writeFileSync(file, JSON.stringify(chimneyAlcove()));
    const { code, out, err } = await plan(file);
    expect([code, err]).toEqual([0, '']);
    expect(JSON.parse(out)).toMatchObject({ format: 'dormer-plan', version: 14, shelves: { length: 5 } });
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

  test.each(demoJobs().map((job) => [job.name, job] as const))(
    'check finds nothing wrong with %s',
    async (_name, job) => {
      const file = path.join(folder, `${job.id}.dormer.json`);
      writeFileSync(file, JSON.stringify(job));
      const { code, out, err } = await plan(file, 'check');
      expect([code, err, out.trim().split('\n').length]).toEqual([0, '', 1]);
      expect(out).toMatch(/^\d+ pieces and \d+ screws: nothing runs into anything/);
    },
  );

  test('check names what runs into what, a line for each, and exits with 1', async () => {
    const file = path.join(folder, 'crowded.dormer.json');
    const job = chimneyAlcove();
    // A post stands where the battens of the other shelves are.
    const support = { ...job.support, shelves: [{ shelf: 3, system: 'housed-posts' }] };
    writeFileSync(file, JSON.stringify({ ...job, support }));
    const { code, out, err } = await plan(file, 'check');
    expect([code, err]).toEqual([1, '']);
    const lines = out.trim().split('\n');
    expect(lines.length).toBeGreaterThan(0);
    expect(lines[0]).toMatch(/^\S+ \(.+\) would run [\d.]+ mm into \S+ \(.+\)\./);
    const { code: none, err: line } = await plan(path.join(folder, 'none.json'), 'check');
    expect([none, line.split('\n').length]).toEqual([1, 2]);
  });

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
    runNode([program(`${command}Command`), file], { DORMER_DATA: folder });

  test('a backup is made while the server runs, and restored on another machine', async () => {
    const folder = freshFolder();
    const first = startServer({ DORMER_DATA: folder });
    const base = await addressOf(first);
    await ask(base, 'POST', '/api/jobs', { job: chimneyAlcove(), saveId: 'first' });
    const file = path.join(freshFolder(), 'all.zip');
    expect(await run('backup', file, folder)).toEqual({ code: 0, out: `Everything is saved in ${file}.\n`, err: '' });
    const busy = await run('restore', file, folder);
    expect(busy).toMatchObject({ code: 1, out: '' });
    expect(busy.err).toMatch(/^Another Dormer is using the data folder .*\n$/);

    const other = freshFolder();
    const restored = await run('restore', file, other);
    expect(restored).toMatchObject({ code: 0, err: '' });
    expect(restored.out).toContain('1 new, 0 updated, 0 unchanged.');
    const again = await RunningServer.start(other);
    expect((await again.ask('GET', `/api/jobs/${chimneyAlcove().id}`)).body.job).toEqual(chimneyAlcove());
    await again.stopAndClear();
  });

  test('one plain line and exit 1 for no data and for no backup; nothing is left behind', async () => {
    const folder = freshFolder();
    const file = path.join(folder, 'all.zip');
    expect(await run('backup', file, folder)).toEqual({
      code: 1,
      out: '',
      err: `The folder ${folder} holds no data of Dormer.\n`,
    });
    expect(existsSync(file)).toBe(false);
    writeFileSync(file, 'Dear landlord');
    const refused = await run('restore', file, freshFolder());
    expect(refused).toEqual({
      code: 1,
      out: '',
      err: 'This file is not a backup, or its end is missing. Nothing was changed.\n',
    });
    expect((await run('restore', path.join(folder, 'none.zip'), freshFolder())).code).toBe(1);
  });
});

describe('the one script', () => {
  const script = path.resolve(__dirname, '../../dormer');

  test('helps, and names a command it does not know', async () => {
    expect(await runNode([script, 'help'])).toMatchObject({ code: 0, out: expect.stringContaining('./dormer demo') });
    const unknown = await runNode([script, 'dance']);
    expect(unknown).toEqual({ code: 1, out: '', err: 'Unknown command “dance”. See ./dormer help.\n' });
  });

  test.each(['18.20.4', '20.18.3', '16.0.0'])('says to Node %s that it is too old', async (version) => {
    const pretend = `Object.defineProperty(process.versions, 'node', { value: '${version}' }); require(${JSON.stringify(script)})`;
    const told = await runNode(['-e', pretend]);
    expect(told).toEqual({ code: 1, out: '', err: `Dormer needs Node 20.19 or newer; this is ${version}.\n` });
  });

  test('a plan of no file is one plain line', async () => {
    const none = await runNode([script, 'plan', '/nowhere/a.dormer.json']);
    expect(none).toEqual({ code: 1, out: '', err: '/nowhere/a.dormer.json cannot be read.\n' });
  });
});
