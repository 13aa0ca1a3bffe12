import 'fake-indexeddb/auto';
import { set } from 'idb-keyval';
import { until } from '../test/setup';
import { keptStore, queuePhoto, sendPhotos } from './photoQueue';

/** What the server answers to a photo, and which ones it was asked to take. */
let status = 204;
const sent: string[] = [];

beforeEach(() => {
  sent.length = 0;
  globalThis.fetch = (async (address: string) => {
    sent.push(address.split('/').at(-1) ?? '');
    return new Response(null, { status });
  }) as typeof fetch;
});

async function queued(id: string): Promise<void> {
  await set(id, new Blob(['a photo'], { type: 'image/jpeg' }), keptStore());
  await queuePhoto(id, 'home');
  await until(() => sent.length === 1);
}

/** More often than needed: a call during another one does nothing. */
async function sendAll(): Promise<void> {
  for (let i = 0; i < 10; i += 1) {
    await sendPhotos('home');
    await new Promise((next) => setTimeout(next, 10));
  }
}

test.each([401, 421, 429, 500, 507])('a photo that is answered with %i waits, and is sent again', async (undecided) => {
  status = undecided;
  const id = `photo-${undecided}`;
  await queued(id);
  status = 204;
  await sendAll();
  expect(sent).toEqual([id, id]);
});

test('a photo that is refused for good is not sent again', async () => {
  status = 415;
  await queued('no-photo');
  await sendAll();
  expect(sent).toEqual(['no-photo']);
});
