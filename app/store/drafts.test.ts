import 'fake-indexeddb/auto';
import { createStore, entries } from 'idb-keyval';
import { drafts } from '../platform/drafts';
import { beginDrafts } from './drafts';

const onDevice = async () => {
  const all = await entries<string, { text: string }>(createStore('dormer-drafts', 'drafts'));
  return all.map(([key, { text }]) => [key, text]);
};
const heard = new Map<string, () => void>();
const local = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => local.get(key) ?? null,
    setItem: (key: string, text: string) => local.set(key, text),
    removeItem: (key: string) => local.delete(key),
  },
  window: { addEventListener: (name: string, hear: () => void) => heard.set(name, hear) },
  document: { addEventListener: (name: string, hear: () => void) => heard.set(name, hear) },
});
const pause = (ms: number) => new Promise((next) => setTimeout(next, ms));

test('what is typed is on the device soon, at once when the page is hidden, and there again at the next start', async () => {
  await beginDrafts();
  drafts.set('job|Notes', 'half a sen');
  expect(await onDevice()).toEqual([]);
  while ((await onDevice()).length === 0) await pause(10);
  expect(await onDevice()).toEqual([['job|Notes', 'half a sen']]);

  drafts.set('job|Notes', 'half a sentence');
  heard.get('pagehide')?.();
  await pause(0);
  expect(await onDevice()).toEqual([['job|Notes', 'half a sentence']]);

  await beginDrafts();
  expect(drafts.get('job|Notes')).toBe('half a sentence');
  drafts.set('job|Notes', null);
  heard.get('visibilitychange')?.();
  while ((await onDevice()).length > 0) await pause(10);
  expect(drafts.get('job|Notes')).toBeNull();
});

test('a page that is gone before the database has written leaves its changes, and the next start takes them in', async () => {
  await beginDrafts();
  drafts.set('job|Notes', 'written');
  while ((await onDevice()).length === 0) await pause(10);
  drafts.set('job|Notes', null);
  drafts.set('job|Name', 'Pantry');
  const write = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new Error('the page is gone');
  });
  const drop = jest.spyOn(IDBObjectStore.prototype, 'delete').mockImplementation(() => {
    throw new Error('the page is gone');
  });
  await pause(170);
  drafts.set('job|Place', 'Attic');
  heard.get('pagehide')?.();
  await pause(20);
  expect(local.size).toBe(1);
  expect(await onDevice()).toEqual([['job|Notes', 'written']]);
  write.mockRestore();
  drop.mockRestore();

  await beginDrafts();
  expect(await onDevice()).toEqual([
    ['job|Name', 'Pantry'],
    ['job|Place', 'Attic'],
  ]);
  expect(drafts.get('job|Name')).toBe('Pantry');
  expect(local.size).toBe(0);
});

test('what was kept since is not written over by what a page left', async () => {
  local.set('dormer-drafts-parting', JSON.stringify({ at: 1, changes: [['job|Name', 'Larder']] }));
  await beginDrafts();
  expect(drafts.get('job|Name')).toBe('Pantry');
  expect(local.size).toBe(0);
});
