import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { buffer } from 'node:stream/consumers';
import sharp from 'sharp';
import yazl from 'yazl';
import type { Job } from '@dormer/core/job';
import { chimneyAlcove, cloakroomCloset } from '@dormer/core/rigs/demo';
import { copyDatabase, keepDailyCopy } from '../db/copy';
import { freshFolder, RunningServer } from '../test/running';
import { Backup } from './read';

const alcove = chimneyAlcove();
const closet = cloakroomCloset();
const route = `/api/jobs/${alcove.id}`;
const PIECE = { id: 'left', form: 'strip', material: 'pine', thicknessMm: 20, widthMm: 45, lengthMm: 700, note: '' };

const running: RunningServer[] = [];
const server = async () => {
  const started = await RunningServer.start();
  running.push(started);
  return started;
};
afterEach(async () => {
  for (const started of running.splice(0)) await started.stopAndClear();
});

const save = (at: RunningServer, job: Job, basedOn: number, saveId: string) =>
  at.ask('PUT', `/api/jobs/${job.id}`, { job, basedOn, saveId });

/** A server with two jobs, one of them removed, versions, a photo and a piece on the rack. */
async function lived(): Promise<{ at: RunningServer; photo: Buffer }> {
  const at = await server();
  await at.ask('POST', '/api/jobs', { job: alcove, saveId: 'a1' });
  await save(at, { ...alcove, name: 'Second' }, 1, 'a2');
  await at.ask('POST', '/api/jobs', { job: closet, saveId: 'c1' });
  await at.ask('DELETE', `/api/jobs/${closet.id}`);
  await at.ask('PUT', '/api/rack/left', PIECE);
  const photo = await sharp({ create: { width: 60, height: 40, channels: 3, background: 'tan' } })
    .jpeg()
    .toBuffer();
  await fetch(`${at.base}/api/photos/seen`, { method: 'PUT', body: new Uint8Array(photo) });
  return { at, photo };
}

const everything = async (at: RunningServer): Promise<Buffer> => {
  const answer = await fetch(`${at.base}/api/everything`);
  expect(answer.headers.get('content-disposition')).toMatch(/attachment; filename="dormer-\d{4}-\d\d-\d\d\.zip"/);
  return Buffer.from(await answer.arrayBuffer());
};
const bringIn = async (at: RunningServer, zip: Buffer) => {
  const answer = await fetch(`${at.base}/api/everything`, { method: 'POST', body: new Uint8Array(zip) });
  return { status: answer.status, body: (await answer.json()) as ReturnType<typeof JSON.parse> };
};

test('everything comes out as open files and in again on another machine; twice is as once', async () => {
  const { at, photo } = await lived();
  const zip = await everything(at);
  const other = await server();
  const brought = await bringIn(other, zip);
  expect(brought).toEqual({ status: 200, body: { added: 2, updated: 0, kept: 0, photos: 1, pieces: 1 } });
  expect((await other.ask('GET', route)).body).toEqual((await at.ask('GET', route)).body);
  const versions = async (of: RunningServer) => (await of.ask('GET', `${route}/versions`)).body;
  expect(await versions(other)).toEqual(await versions(at));
  expect((await other.ask('GET', '/api/rack')).body).toEqual({ pieces: [PIECE] });
  expect((await other.ask('GET', '/api/instruments')).body).toEqual((await at.ask('GET', '/api/instruments')).body);
  const shown = await fetch(`${other.base}/api/photos/seen`);
  expect(Buffer.from(await shown.arrayBuffer()).equals(photo)).toBe(true);
  expect((await other.ask('GET', '/api/jobs')).body.removed).toEqual((await at.ask('GET', '/api/jobs')).body.removed);
  expect((await other.ask('POST', `/api/jobs/${closet.id}/restore`)).body.job).toEqual(closet);
  // The other machine stays another server: devices ask before they take it for theirs.
  expect((await other.ask('GET', '/api/jobs')).body.server).not.toBe((await at.ask('GET', '/api/jobs')).body.server);

  const before = await versions(other);
  expect((await bringIn(other, zip)).body).toEqual({ added: 0, updated: 0, kept: 2, photos: 0, pieces: 0 });
  expect(await versions(other)).toEqual(before);
});

describe('what is here is not overwritten', () => {
  test('newer here: it stays', async () => {
    const { at } = await lived();
    const zip = await everything(at);
    await save(at, { ...alcove, name: 'Third' }, 2, 'a3');
    expect((await bringIn(at, zip)).body).toMatchObject({ added: 0, updated: 0, kept: 2 });
    expect((await at.ask('GET', route)).body).toMatchObject({ version: 3, job: { name: 'Third' } });
  });

  test('older here: it is brought up to date, and no version is lost', async () => {
    const { at } = await lived();
    const older = await everything(at);
    const other = await server();
    await bringIn(other, older);
    await save(at, { ...alcove, name: 'Third' }, 2, 'a3');
    expect((await bringIn(other, await everything(at))).body).toMatchObject({ updated: 1 });
    expect((await other.ask('GET', route)).body).toMatchObject({ version: 3, job: { name: 'Third' } });
    expect((await other.ask('GET', `${route}/versions`)).body.versions).toHaveLength(3);
  });

  test('both went on: what is here stands, and the other is kept beside it', async () => {
    const { at } = await lived();
    const other = await server();
    await bringIn(other, await everything(at));
    await save(at, { ...alcove, name: 'There' }, 2, 'there');
    await save(other, { ...alcove, name: 'Here' }, 2, 'here');
    expect((await bringIn(other, await everything(at))).body).toMatchObject({ added: 0, updated: 0, kept: 2 });
    expect((await other.ask('GET', route)).body).toMatchObject({ version: 5, job: { name: 'Here' } });
    const { versions } = (await other.ask('GET', `${route}/versions`)).body;
    expect(versions.map(({ name, setAside }: { name: string; setAside: boolean }) => [name, setAside])).toEqual([
      ['Here', false],
      ['There', true],
      ['Here', false],
      ['Second', false],
      [alcove.name, false],
    ]);
  });

  test('removed here: it stays removed', async () => {
    const { at } = await lived();
    const zip = await everything(at);
    await at.ask('DELETE', route);
    expect((await bringIn(at, zip)).body).toMatchObject({ added: 0, updated: 0 });
    expect((await at.ask('GET', route)).status).toBe(404);
  });
});

/** A zip of these files. */
function zipOf(files: Record<string, string>): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  for (const [name, contents] of Object.entries(files)) zip.addBuffer(Buffer.from(contents), name);
  zip.end();
  return buffer(zip.outputStream);
}
const manifest = (files: Record<string, string>, version = 1) => {
  const hashes = Object.entries(files).map(([name, data]) => [name, createHash('sha256').update(data).digest('hex')]);
  const said = { format: 'dormer-backup', version, madeAt: 't', server: 's', files: Object.fromEntries(hashes) };
  return { ...files, 'dormer-backup.json': JSON.stringify(said) };
};

test('what is no backup is refused in one sentence, and nothing is changed', async () => {
  const { at } = await lived();
  const zip = await everything(at);
  const rack = JSON.stringify({ pieces: [] });
  const refused: readonly (readonly [string, Buffer, RegExp])[] = [
    ['nothing', Buffer.alloc(0), /not a backup, or its end is missing/],
    ['a letter', Buffer.from('Dear landlord'), /not a backup, or its end is missing/],
    ['truncated', zip.subarray(0, Math.floor(zip.length * 0.7)), /not a backup, or its end is missing/],
    ['another zip', await zipOf({ 'holiday.txt': 'sun' }), /not a backup of Dormer/],
    ['a later one', await zipOf(manifest({ 'rack.json': rack }, 2)), /A newer Dormer wrote/],
    ['a changed file', await zipOf({ ...manifest({ 'rack.json': rack }), 'rack.json': '{"pieces":[1]}' }), /damaged/],
    [
      'a missing file',
      await zipOf({ 'dormer-backup.json': manifest({ 'rack.json': rack })['dormer-backup.json'] }),
      /damaged/,
    ],
    ['a wrong rack', await zipOf(manifest({ 'rack.json': '{"pieces":[1]}' })), /damaged/],
    ['wrong JSON', await zipOf(manifest({ 'rack.json': '{' })), /damaged/],
  ];
  const fresh = await server();
  const before = readdirSync(fresh.folder).sort();
  for (const [name, data, says] of refused) {
    const { status, body } = await bringIn(fresh, data);
    expect([name, status, body.error?.code]).toEqual([name, 400, 'no-backup']);
    expect(body.error.message).toMatch(says);
    expect(body.error.message).toContain('Nothing was changed.');
  }
  expect((await fresh.ask('GET', '/api/jobs')).body).toMatchObject({ jobs: [], removed: [] });
  expect(readdirSync(fresh.folder).sort()).toEqual(before);
});

test('a backup is plain files, with a list of their sums', async () => {
  const { at } = await lived();
  const file = path.join(at.folder, 'kept.zip');
  writeFileSync(file, await everything(at));
  const backup = await Backup.open(file);
  expect(Object.keys(backup.manifest.files).sort()).toEqual(
    [
      `jobs/${alcove.id}/1.dormer.json`,
      `jobs/${alcove.id}/2.dormer.json`,
      `jobs/${alcove.id}/versions.json`,
      `jobs/${closet.id}/1.dormer.json`,
      `jobs/${closet.id}/versions.json`,
      'instruments.json',
      'photos/seen.jpeg',
      'rack.json',
    ].sort(),
  );
  const document = JSON.parse((await backup.contents(`jobs/${alcove.id}/1.dormer.json`)).toString()) as Job;
  expect(document).toEqual(alcove);
  backup.close();
});

describe('copies of the database', () => {
  test('the last ten days are kept, each a whole database', async () => {
    const { at } = await lived();
    const copies = path.join(at.folder, 'backups');
    for (let day = 1; day <= 12; day += 1) await keepDailyCopy(at.folder, new Date(Date.UTC(2027, 0, day, 12)));
    await keepDailyCopy(at.folder, new Date(Date.UTC(2027, 0, 12, 18)));
    const names = readdirSync(copies);
    expect(names.sort()).toEqual(
      Array.from({ length: 10 }, (_, i) => `dormer-2027-01-${String(i + 3).padStart(2, '0')}.sqlite`),
    );
    const folder = freshFolder();
    writeFileSync(path.join(folder, 'dormer.sqlite'), readFileSync(path.join(copies, names[9]!)));
    const again = await RunningServer.start(folder);
    expect((await again.ask('GET', route)).body).toMatchObject({ version: 2, job: { name: 'Second' } });
    await again.stopAndClear();
  });

  test('one that cannot be made leaves no half of one', async () => {
    const { at } = await lived();
    const target = path.join(at.folder, 'in-the-way');
    mkdirSync(target);
    await expect(copyDatabase(at.folder, target)).rejects.toThrow();
    expect(existsSync(`${target}.part`)).toBe(false);
    rmSync(target, { recursive: true });
  });
});
