import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';
import { RunningServer } from './test/running';

/** The smallest picture there is: one dot. */
const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

let server: RunningServer;
beforeAll(async () => {
  server = await RunningServer.start();
});
afterAll(() => server.stopAndClear());

const put = async (id: string, body: Buffer | string, type = 'image/png') => {
  const response = await fetch(`${server.base}/api/photos/${id}`, {
    method: 'PUT',
    body: body as string,
    headers: { 'content-type': type },
  });
  const text = await response.text();
  return {
    status: response.status,
    error: text ? (JSON.parse(text) as { error: { code: string; message: string } }).error : null,
  };
};
const get = (id: string) => fetch(`${server.base}/api/photos/${id}`);

test('a photo is kept in the data folder, shown as what it is, and removed; twice is as once', async () => {
  expect((await put('dot', DOT)).status).toBe(204);
  expect((await put('dot', DOT)).status).toBe(204);
  const shown = await get('dot');
  expect(shown.headers.get('content-type')).toBe('image/png');
  expect(shown.headers.get('x-content-type-options')).toBe('nosniff');
  expect(Buffer.from(await shown.arrayBuffer()).equals(DOT)).toBe(true);
  expect(existsSync(path.join(server.folder, 'photos', 'dot.png'))).toBe(true);
  const removed = () => fetch(`${server.base}/api/photos/dot`, { method: 'DELETE' });
  expect((await removed()).status).toBe(204);
  expect((await removed()).status).toBe(204);
  expect((await get('dot')).status).toBe(404);
});

test('what is in it counts, not what it is said to be', async () => {
  for (const body of [
    'not a picture',
    '',
    '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>1</script></svg>',
    'GIF89a\u0001\u0000\u0001\u0000',
    DOT.subarray(0, 12),
    JSON.stringify({ job: 1 }),
  ]) {
    const { status, error } = await put('other', body, 'image/jpeg');
    expect([status, error?.code]).toEqual([400, 'not-a-picture']);
    expect(error?.message).toMatch(/JPEG, PNG or WebP/);
  }
  expect((await get('other')).status).toBe(404);
  expect((await put('as-json', DOT, 'application/json')).status).toBe(204);
});

test('a photo of 40 MB is refused in plain words, and nothing is kept', async () => {
  const before = readdirSync(path.join(server.folder, 'photos'));
  const { status, error } = await put('large', Buffer.concat([DOT, Buffer.alloc(40 * 1024 * 1024)]));
  expect([status, error?.code]).toEqual([400, 'too-large']);
  expect(error?.message).toContain('larger than 8 MB');
  expect(readdirSync(path.join(server.folder, 'photos'))).toEqual(before);
});

/** A picture of noise, so that its file is long. */
const noise = (width: number, height: number, format: 'jpeg' | 'png' | 'webp') =>
  sharp({
    create: { width, height, channels: 3, background: 'black', noise: { type: 'gaussian', mean: 128, sigma: 30 } },
  })
    .toFormat(format)
    .toBuffer();

test.each(['jpeg', 'png', 'webp'] as const)('a %s that breaks off is refused, whole it is taken', async (format) => {
  const whole = await noise(300, 200, format);
  const broken = await put(`broken-${format}`, whole.subarray(0, Math.floor(whole.length * 0.6)));
  expect([broken.status, broken.error?.code]).toEqual([400, 'not-a-picture']);
  expect((await put(`whole-${format}`, whole)).status).toBe(204);
  expect((await get(`whole-${format}`)).headers.get('content-type')).toBe(`image/${format}`);
});

test('a picture with sides too long to be shown is refused', async () => {
  const long = await sharp({ create: { width: 12_001, height: 2, channels: 3, background: 'white' } })
    .png()
    .toBuffer();
  expect((await put('long', long)).error?.code).toBe('not-a-picture');
});

test('the same photo sent many times at once is one photo, with no part of a file left', async () => {
  const photo = await noise(400, 300, 'jpeg');
  const all = await Promise.all(Array.from({ length: 12 }, () => put('same', photo)));
  expect(all.map(({ status }) => status)).toEqual(Array.from({ length: 12 }, () => 204));
  expect(Buffer.from(await (await get('same')).arrayBuffer()).equals(photo)).toBe(true);
  expect(readdirSync(path.join(server.folder, 'photos')).filter((name) => name.endsWith('.part'))).toEqual([]);
});

test('no id leads out of the folder', async () => {
  for (const id of ['..%2Fdormer', '%2e%2e', 'a.b', 'x'.repeat(65), '%00']) {
    expect([400, 404]).toContain((await put(id, DOT)).status);
    expect([400, 404]).toContain((await get(id)).status);
  }
});
