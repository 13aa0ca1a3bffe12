import 'fake-indexeddb/auto';
import { createStore, entries } from 'idb-keyval';
import { drafts } from '../platform/drafts';
import { beginDrafts } from './drafts';

const onDevice = async () => {
  const all = await entries<string, { text: string }>(createStore('dormer-drafts', 'drafts'));
  return all.map(([key, { text }]) => [key, text]);
};
const heard = new Map<string, () => void>();
Object.assign(globalThis, {
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
