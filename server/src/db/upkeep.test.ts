import { existsSync, mkdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { Job } from '@dormer/core/job';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { freshFolder } from '../test/running';
import { JobStore } from './jobStore';
import { PhotoFolder } from './photoFolder';
import { Storage } from './storage';
import { keepInOrder } from './upkeep';

const DAY_MS = 86_400_000;
const alcove = chimneyAlcove();
const START = Date.UTC(2026, 0, 10, 12);

let storage: Storage;
let at: number;
let jobs: JobStore;
beforeEach(async () => {
  storage = await Storage.open(freshFolder());
  at = START;
  jobs = new JobStore(storage, () => new Date(at));
});
afterEach(async () => {
  await storage.close();
  rmSync(storage.folder, { recursive: true });
});

const tidy = () => keepInOrder(storage, new PhotoFolder(storage.folder), new Date(at));

/** A file of the photo folder as if it had been written some days ago. */
function photoFile(name: string, daysAgo: number): string {
  const file = path.join(storage.folder, 'photos', name);
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, 'picture');
  const written = new Date(at - daysAgo * DAY_MS);
  utimesSync(file, written, written);
  return file;
}

const withPhoto = (id: string): Job => {
  const entry = { id: 'e', at: START, kind: 'note' as const, text: 'Seen.' };
  return {
    ...alcove,
    log: { ...alcove.log, entries: [{ ...entry, photos: [{ id, type: 'image/jpeg' as const, bytes: 7 }] }] },
  };
};

test('a removed job can be brought back for thirty days; its name is told ever after', async () => {
  await jobs.create({ job: alcove, saveId: 'first' });
  await jobs.remove(alcove.id);
  at += 29 * DAY_MS;
  await tidy();
  expect(await jobs.restore(alcove.id)).toBe(true);
  expect((await jobs.read(alcove.id))?.job).toEqual(alcove);

  await jobs.remove(alcove.id);
  at += 31 * DAY_MS;
  await tidy();
  expect(await jobs.restore(alcove.id)).toBe(false);
  expect((await jobs.list()).removed).toMatchObject([{ id: alcove.id, name: alcove.name }]);
  // Put back from a device or a file, it is a new job under its old id, with a version higher than any before.
  expect(await jobs.create({ job: alcove, saveId: 'again' })).toMatchObject({ kind: 'saved', version: 2 });
  expect((await jobs.list()).jobs).toHaveLength(1);
});

test('old versions are thinned, those that were set aside stay', async () => {
  await jobs.create({ job: alcove, saveId: 'first' });
  for (let version = 1; version < 5; version += 1) {
    at += 60_000;
    await jobs.save({ job: { ...alcove, name: `Save ${version}` }, saveId: `s${version}` }, version);
  }
  const settled = { job: { ...alcove, name: 'Settled' }, aside: { ...alcove, name: 'Aside' }, saveId: 'settled' };
  await jobs.save(settled, 5);
  at += 20 * DAY_MS;
  await tidy();
  const kept = await jobs.versions(alcove.id);
  expect(kept?.map(({ name }) => name)).toEqual(['Settled', 'Aside', 'Save 4']);
});

test('photos that nothing shows are removed after a while, and parts of photos', async () => {
  await jobs.create({ job: withPhoto('shown'), saveId: 'first' });
  await jobs.save({ job: alcove, saveId: 'second' }, 1);
  const stays = [photoFile('shown.jpeg', 90), photoFile('fresh.jpeg', 3), photoFile('fresh.part', 3)];
  const goes = [photoFile('forgotten.jpeg', 90), photoFile('broken-off.part', 90)];
  await tidy();
  expect(stays.map((file) => existsSync(file))).toEqual([true, true, true]);
  expect(goes.map((file) => existsSync(file))).toEqual([false, false]);
});

test('no photo is removed while a damaged document may show it', async () => {
  await jobs.create({ job: alcove, saveId: 'first' });
  await storage.source.query(`UPDATE job_version SET document = '{"log": {"entr'`);
  const file = photoFile('forgotten.jpeg', 90);
  await tidy();
  expect(existsSync(file)).toBe(true);
});
