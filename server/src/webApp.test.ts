import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { freshFolder, RunningServer } from './test/running';

let server: RunningServer;
afterEach(() => server.stopAndClear());

/** Serves an app of one page and one script, with compressed copies of the script by their extension. */
async function serveApp(script: string, others: Record<string, Buffer> = {}): Promise<void> {
  const web = path.join(freshFolder(), 'web');
  const file = path.join(web, '_expo', 'app-1a2b.js');
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(path.join(web, 'index.html'), '<!doctype html><title>Dormer</title>');
  writeFileSync(file, script);
  for (const [extension, data] of Object.entries(others)) writeFileSync(`${file}.${extension}`, data);
  server = await RunningServer.start(freshFolder(), web);
}

test('pages fall back to the app, files are served, and its rules forbid the outside', async () => {
  await serveApp('void 0;');
  const page = await server.ask('GET', '/job/x/measure');
  expect(page).toMatchObject({ status: 200, body: expect.stringContaining('<title>Dormer</title>') });
  expect(page.headers.get('content-security-policy')).toContain("default-src 'self'");
  expect((await server.ask('GET', '/')).headers.get('cache-control')).toBe('no-cache');
  expect((await server.ask('GET', '/_expo/app-1a2b.js')).headers.get('cache-control')).toContain('immutable');
  expect((await server.ask('GET', '/_expo/none.js')).status).toBe(404);
  expect((await server.ask('GET', '/api/none')).body.error.code).toBe('no-such-route');
});

test('a browser gets the compressed copy that it accepts', async () => {
  await serveApp('as it is', { br: brotliCompressSync('by brotli'), gz: gzipSync('by gzip') });
  const taking = async (encoding: string) => {
    const answer = await fetch(`${server.base}/_expo/app-1a2b.js`, { headers: { 'accept-encoding': encoding } });
    expect(answer.headers.get('content-type')).toContain('javascript');
    expect(answer.headers.get('cache-control')).toContain('immutable');
    expect(answer.headers.get('vary')).toContain('Accept-Encoding');
    return answer.text();
  };
  expect(await taking('gzip, br')).toBe('by brotli');
  expect(await taking('gzip')).toBe('by gzip');
  expect(await taking('identity')).toBe('as it is');
});
