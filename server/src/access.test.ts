import { writeFileSync } from 'node:fs';
import { request, type IncomingHttpHeaders } from 'node:http';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { ownHosts } from './access/ownPages';
import { freshFolder, RunningServer } from './test/running';

/** A name of the server's that is not this machine's name for itself. */
const OWN_NAME = 'shelves.example';

let server: RunningServer;
beforeAll(async () => {
  const web = freshFolder();
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Dormer</title>');
  server = await RunningServer.start(freshFolder(), web, { hosts: [OWN_NAME] });
  await server.ask('POST', '/api/jobs', { job: chimneyAlcove(), saveId: 'first' });
});
afterAll(() => server.stopAndClear());

interface Asked {
  readonly method?: string;
  readonly path?: string;
  readonly headers?: Record<string, string>;
  readonly body?: string | Buffer;
}

/** Asks with headers of any kind, as a browser of another page would send them. */
function ask({
  method = 'GET',
  path = '/api/jobs',
  headers = {},
  body,
}: Asked): Promise<{ status: number; code: string }> {
  const { port } = new URL(server.base);
  return new Promise((resolve, reject) => {
    const sent = request({ host: '127.0.0.1', port, method, path, headers }, (answer) => {
      let text = '';
      answer.on('data', (data) => (text += data));
      answer.on('end', () => {
        const read = /^{/.test(text) ? JSON.parse(text) : {};
        resolve({ status: answer.statusCode ?? 0, code: read.error?.code ?? '' });
      });
    });
    sent.on('error', reject);
    sent.end(body);
  });
}

/** Headers of the page when it is asked for under a name. */
const headersUnder = (host: string): Promise<IncomingHttpHeaders> =>
  new Promise((resolve, reject) => {
    const { port } = new URL(server.base);
    const sent = request({ host: '127.0.0.1', port, path: '/', headers: { host } }, (answer) => {
      answer.resume();
      resolve(answer.headers);
    });
    sent.on('error', reject);
    sent.end();
  });

const own = () => new URL(server.base).host;

describe('a name that leads here but is none of this server’s', () => {
  test.each(['evil.example', 'evil.example:80', 'localhost.evil.example', '127.0.0.1.evil.example', '10.1.2.3'])(
    '“%s” is refused for reading and writing',
    async (host) => {
      expect(await ask({ headers: { host } })).toEqual({ status: 421, code: 'unknown-host' });
      expect(await ask({ method: 'DELETE', path: '/api/jobs/demo-chimney-alcove', headers: { host } })).toMatchObject({
        status: 421,
      });
      expect((await ask({ path: '/', headers: { host } })).status).toBe(421);
    },
  );

  test.each(['localhost:1234', 'LOCALHOST', '127.0.0.1', '[::1]:9'])('“%s” is this machine’s own', async (host) => {
    expect((await ask({ headers: { host } })).status).toBe(200);
  });
});

describe('a page of another origin', () => {
  test.each<readonly [string, Record<string, string>]>([
    ['by its origin', { origin: 'http://evil.example' }],
    ['on another port of this machine', { origin: 'http://127.0.0.1:1' }],
    ['a file or a closed frame', { origin: 'null' }],
    ['by what the browser says of its site', { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' }],
    ['of the same site', { 'sec-fetch-site': 'same-site', 'sec-fetch-mode': 'cors' }],
    ['that navigates to the interface', { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' }],
  ])('%s: refused', async (_, headers) => {
    expect(await ask({ headers })).toEqual({ status: 403, code: 'foreign-page' });
    const post = { ...headers, 'content-type': 'text/plain' };
    expect((await ask({ method: 'POST', path: '/api/rack', headers: post, body: '{}' })).status).toBe(403);
  });

  test('the server’s own page, a program, and a link that is followed are let in', async () => {
    expect((await ask({ headers: { origin: `http://${own()}`, 'sec-fetch-site': 'same-origin' } })).status).toBe(200);
    expect((await ask({ headers: { 'sec-fetch-site': 'none', 'sec-fetch-mode': 'navigate' } })).status).toBe(200);
    expect((await ask({})).status).toBe(200);
    const followed = { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' };
    expect((await ask({ path: '/job/x/measure', headers: followed })).status).toBe(200);
  });
});

test('a change that is meant for another server is refused, reading is not', async () => {
  const { server: identity } = (await server.ask('GET', '/api/jobs')).body;
  const other = { 'dormer-server': 'another' };
  const piece = '/api/rack/none';
  expect(await ask({ method: 'DELETE', path: piece, headers: other })).toEqual({ status: 421, code: 'another-server' });
  expect((await ask({ headers: other })).status).toBe(200);
  expect((await ask({ method: 'DELETE', path: piece, headers: { 'dormer-server': identity } })).status).toBe(204);
  expect((await ask({ method: 'DELETE', path: piece })).status).toBe(204);
});

test('names a server answers to follow the address it listens on', () => {
  const [home] = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  expect(ownHosts('127.0.0.1')('10.0.0.7')).toBe(false);
  expect(ownHosts('10.0.0.7')('10.0.0.7')).toBe(true);
  expect(ownHosts('127.0.0.1', ['Shelves.example'])('shelves.example')).toBe(true);
  expect(ownHosts('0.0.0.0')('evil.example')).toBe(false);
  expect(ownHosts('0.0.0.0')(home?.address ?? '127.0.0.1')).toBe(true);
});

test('what browsers ignore, with a complaint, over plain HTTP is not sent there', async () => {
  const isolating = async (host: string) => {
    const answer = await headersUnder(host);
    return ['cross-origin-opener-policy', 'origin-agent-cluster'].filter((name) => name in answer);
  };
  expect(await isolating('localhost')).toEqual(['cross-origin-opener-policy', 'origin-agent-cluster']);
  expect(await isolating(OWN_NAME)).toEqual([]);
  const answer = await headersUnder(OWN_NAME);
  expect(answer).toMatchObject({
    'referrer-policy': 'no-referrer',
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'SAMEORIGIN',
    'cross-origin-resource-policy': 'same-origin',
  });
  for (const name of ['x-powered-by', 'strict-transport-security']) expect(answer).not.toHaveProperty(name);
});

describe('requests that cannot be read are refused plainly', () => {
  const json = { 'content-type': 'application/json' };
  test.each<readonly [string, Asked, number]>([
    ['broken compression', { method: 'POST', headers: { ...json, 'content-encoding': 'gzip' }, body: 'not gzip' }, 400],
    [
      'compression that breaks off',
      {
        method: 'POST',
        headers: { ...json, 'content-encoding': 'gzip' },
        body: gzipSync(JSON.stringify(chimneyAlcove())).subarray(0, 400),
      },
      400,
    ],
    ['unknown compression', { method: 'POST', headers: { ...json, 'content-encoding': 'zip' }, body: '{}' }, 415],
    [
      'unknown letters',
      { method: 'POST', headers: { 'content-type': 'application/json; charset=x' }, body: '{}' },
      415,
    ],
    ['a bad escape in a job', { path: '/api/jobs/%E0%A4%A' }, 400],
    ['a bad escape in a photo', { path: '/api/photos/%E0%A4%A' }, 400],
    ['a bad escape in a page', { path: '/%E0%A4%A' }, 400],
    ['a part of a page that is not there', { path: '/', headers: { range: 'bytes=900000-' } }, 416],
    ['a nul', { path: '/api/jobs/%00' }, 404],
    [
      'broken compression of a photo',
      { method: 'PUT', path: '/api/photos/a', headers: { 'content-encoding': 'gzip' }, body: 'x' },
      400,
    ],
  ])('%s', async (_, asked, status) => {
    const answer = await ask(asked);
    expect(answer.status).toBe(status);
    if (asked.path?.startsWith('/api') !== false) expect(answer.code).toMatch(/^[a-z-]+$/);
  });
});
