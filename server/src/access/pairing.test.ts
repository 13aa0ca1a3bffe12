import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { KITCHEN, Phone, startAtHome } from '../test/home';
import { freshFolder, RunningServer } from '../test/running';
import { PAIRINGS_IN_TEN_MINUTES, REQUESTS_A_MINUTE } from './limits';

let server: RunningServer;
beforeEach(async () => {
  const web = freshFolder();
  writeFileSync(path.join(web, 'index.html'), '<!doctype html><title>Dormer</title>');
  server = await startAtHome({}, web);
});
afterEach(() => server.stopAndClear());

const codeOf = async (): Promise<string> => (await server.ask('POST', '/api/access/codes')).body.code;
const tryCode = (phone: Phone, code: string) =>
  phone.ask('POST', '/api/access/pair', { body: { code, name: 'Closet phone' } });
const other = (code: string): string => String((Number(code) + 1) % 1_000_000).padStart(6, '0');

describe('a device that is not paired', () => {
  test('gets the shell and the way to pair, and nothing else', async () => {
    await server.ask('POST', '/api/jobs', { job: chimneyAlcove(), saveId: 'first' });
    const phone = new Phone(server);
    expect((await phone.ask('GET', '/')).text).toContain('<title>Dormer</title>');
    expect((await phone.ask('GET', '/job/demo-chimney-alcove/measure')).status).toBe(200);
    expect((await phone.ask('GET', '/api/access')).body).toMatchObject({ as: null, device: null, isEncrypted: true });
    const closed = [
      ['GET', '/api/health'],
      ['GET', '/api/jobs'],
      ['POST', '/api/jobs'],
      ['GET', '/api/jobs/demo-chimney-alcove'],
      ['PUT', '/api/jobs/demo-chimney-alcove'],
      ['DELETE', '/api/jobs/demo-chimney-alcove'],
      ['GET', '/api/jobs/demo-chimney-alcove/versions'],
      ['GET', '/api/photos/any'],
      ['PUT', '/api/photos/any'],
      ['GET', '/api/everything'],
      ['POST', '/api/everything'],
      ['POST', '/api/plan'],
      ['GET', '/api/rack'],
      ['GET', '/api/instruments'],
      ['GET', '/api/suppliers'],
      ['GET', '/api/devices'],
      ['POST', '/api/access/codes'],
      ['GET', '/api/access/devices'],
      ['PUT', '/api/access/devices/any'],
      ['DELETE', '/api/access/devices/any'],
    ] as const;
    for (const isPlain of [false, true]) {
      for (const [method, route] of closed) {
        const { status, body } = await phone.ask(method, route, { isPlain });
        expect([route, status, body.error?.code]).toEqual([route, 401, 'not-paired']);
      }
    }
    expect((await server.ask('GET', '/api/jobs')).body.jobs).toHaveLength(1);
  });

  test('does not come in by saying that it is the computer, or by a token of its own', async () => {
    const phone = new Phone(server);
    const asked: Record<string, string>[] = [
      { 'x-forwarded-for': '127.0.0.1' },
      { cookie: '__Host-dormer=guess' },
      { cookie: '__Host-dormer=' },
    ];
    for (const headers of asked) expect((await phone.ask('GET', '/api/jobs', { headers })).status).toBe(401);
  });
});

describe('pairing', () => {
  test('a code lets one device in, by a cookie that scripts and other sites do not get', async () => {
    const phone = new Phone(server);
    const code = await codeOf();
    expect(code).toMatch(/^\d{6}$/);
    // As one types it, in two groups.
    const paired = await tryCode(phone, `${code.slice(0, 3)} ${code.slice(3)}`);
    expect(paired.status).toBe(201);
    expect(paired.body.device).toMatchObject({ name: 'Closet phone' });
    const [cookie = ''] = paired.cookies;
    expect(cookie).toMatch(/^__Host-dormer=[\w-]{43}; /);
    for (const part of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/']) expect(cookie.split('; ')).toContain(part);
    expect((await phone.ask('GET', '/api/jobs')).status).toBe(200);
    expect((await phone.ask('GET', '/api/access')).body).toMatchObject({ as: 'paired', device: paired.body.device.id });

    // Once.
    expect(await tryCode(new Phone(server), code)).toMatchObject({ status: 410, body: { error: { code: 'no-code' } } });
    // The token is in no file in a form that lets anybody in.
    const [row] = await server.database.query('SELECT * FROM paired_device');
    expect(row.token_hash).toMatch(/^[0-9a-f]{64}$/);
    expect(JSON.stringify(row)).not.toContain(cookie.slice('__Host-dormer='.length).split(';')[0]);
  });

  test('five wrong codes void the right one', async () => {
    const phone = new Phone(server);
    const code = await codeOf();
    const said: string[] = [];
    for (let i = 0; i < 5; i += 1) said.push((await tryCode(phone, other(code))).body.error.message);
    expect(said.slice(0, 4)).toEqual([
      'This code is wrong. 4 tries are left.',
      'This code is wrong. 3 tries are left.',
      'This code is wrong. 2 tries are left.',
      'This code is wrong. 1 try is left.',
    ]);
    expect(said[4]).toMatch(/^No pairing code is valid now\. Make a new one/);
    expect((await tryCode(phone, code)).status).toBe(410);
    expect((await phone.ask('GET', '/api/jobs')).status).toBe(401);
    // Another code is as good as the first was.
    expect((await phone.pair()).status).toBe(201);
  });

  test('a code that is older than ten minutes, or than the next one, is void', async () => {
    const phone = new Phone(server);
    const old = await codeOf();
    const [{ until }] = await server.database.query('SELECT until FROM pairing_code');
    const minutes = (Date.parse(until) - Date.now()) / 60_000;
    expect(minutes).toBeGreaterThan(9);
    expect(minutes).toBeLessThanOrEqual(10);
    await server.database.query('UPDATE pairing_code SET until = ?', [new Date(Date.now() - 1).toISOString()]);
    expect((await tryCode(phone, old)).status).toBe(410);
    const first = await codeOf();
    const second = await codeOf();
    expect(first).not.toBe(second);
    expect((await tryCode(phone, first)).status).toBe(403);
    expect((await tryCode(phone, second)).status).toBe(201);
  });

  test('over plain HTTP nobody is paired, whatever is said of a proxy', async () => {
    const code = await codeOf();
    const phone = new Phone(server);
    const body = { code, name: 'Closet phone' };
    for (const headers of [{}, { 'x-forwarded-proto': 'https' }] as Record<string, string>[]) {
      const answer = await phone.ask('POST', '/api/access/pair', { body, headers, isPlain: true });
      expect([answer.status, answer.body.error.code, answer.cookies]).toEqual([403, 'not-encrypted', []]);
    }
    expect((await tryCode(phone, code)).status).toBe(201);
  });

  test('a request that is none is refused, and costs no try', async () => {
    const phone = new Phone(server);
    const code = await codeOf();
    for (const body of [{}, { code }, { code, name: '' }, { code: 5, name: 'x' }, { code, name: 'x'.repeat(61) }]) {
      expect((await phone.ask('POST', '/api/access/pair', { body })).status).toBe(400);
    }
    const large = await phone.ask('POST', '/api/access/pair', { body: { code, name: 'x'.repeat(20_000) } });
    expect(large.body.error.message).toBe('The request is larger than 10 kB, the limit here.');
    expect((await tryCode(phone, code)).status).toBe(201);
  });
});

describe('the list of devices', () => {
  test('has names and last uses; a device that is removed is out at once', async () => {
    const [one, two] = [new Phone(server), new Phone(server)];
    const { device } = (await one.pair('Closet phone')).body;
    await two.pair('Tablet');
    expect((await one.ask('PUT', `/api/access/devices/${device.id}`, { body: { name: 'Hall phone' } })).status).toBe(
      204,
    );
    await server.database.query('UPDATE paired_device SET last_used_at = ? WHERE id = ?', ['2026-01-01', device.id]);
    const listed = async () => (await server.ask('GET', '/api/access/devices')).body.devices;
    expect((await listed()).map(({ name }: { name: string }) => name)).toEqual(['Tablet', 'Hall phone']);

    // Each use is noted, and renews the cookie.
    const used = await one.ask('GET', '/api/jobs');
    expect(used.cookies[0]).toMatch(/^__Host-dormer=[\w-]{43}; Max-Age=34560000; /);
    expect((await one.ask('GET', '/api/jobs')).cookies).toEqual([]);
    const [first] = await listed();
    expect(first.name).toBe('Hall phone');
    expect(Date.now() - Date.parse(first.lastUsedAt)).toBeLessThan(60_000);

    expect((await two.ask('DELETE', `/api/access/devices/${device.id}`)).status).toBe(204);
    expect((await one.ask('GET', '/api/jobs')).status).toBe(401);
    expect((await two.ask('GET', '/api/jobs')).status).toBe(200);
    expect((await two.ask('PUT', `/api/access/devices/${device.id}`, { body: { name: 'x' } })).status).toBe(404);
    expect(await listed()).toHaveLength(1);
  });

  test('a version says which device saved it, also after a backup', async () => {
    const phone = new Phone(server);
    await phone.pair();
    await server.ask('POST', '/api/jobs', { job: chimneyAlcove(), saveId: 'first' });
    const saved = (from: RunningServer) => from.ask('GET', '/api/jobs/demo-chimney-alcove');
    expect((await saved(server)).body).not.toHaveProperty('savedBy');
    const job = { ...chimneyAlcove(), name: 'Alcove, changed' };
    await phone.ask('PUT', '/api/jobs/demo-chimney-alcove', { body: { job, basedOn: 1, saveId: 'second' } });
    expect((await saved(server)).body.savedBy).toBe('Closet phone');

    const zip = await (await fetch(`${server.base}/api/everything`)).arrayBuffer();
    expect(Buffer.from(zip).toString('latin1')).not.toMatch(/token|paired_device|PRIVATE KEY|authority/);
    const elsewhere = await RunningServer.start();
    try {
      const headers = { 'content-type': 'application/zip' };
      await fetch(`${elsewhere.base}/api/everything`, { method: 'POST', body: zip, headers });
      expect((await saved(elsewhere)).body).toMatchObject({ version: 2, savedBy: 'Closet phone' });
    } finally {
      await elsewhere.stopAndClear();
    }
  });
});

describe('limits', () => {
  test('an address tries to pair so often, and no more', async () => {
    const phone = new Phone(server);
    for (let i = 0; i < PAIRINGS_IN_TEN_MINUTES; i += 1) expect((await tryCode(phone, '000000')).status).toBe(410);
    const refused = await tryCode(phone, await codeOf());
    expect([refused.status, refused.body.error.message]).toEqual([
      429,
      'Too many requests. Wait a few minutes, then try again.',
    ]);
  });

  test('whoever is not let in asks so often in a minute; the computer itself as often as it likes', async () => {
    const paired = new Phone(server);
    await paired.pair();
    const { headers } = await paired.ask('GET', '/api/jobs');
    expect(headers['ratelimit-limit']).toBe(String(REQUESTS_A_MINUTE.known));
    const phone = new Phone(server);
    const statuses = new Map<number, number>();
    for (let i = 0; i < REQUESTS_A_MINUTE.unknown + 5; i += 1) {
      const { status } = await phone.ask('GET', '/api/access', { isPlain: true });
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
    }
    // To pair was one of them.
    expect([...statuses]).toEqual([
      [200, REQUESTS_A_MINUTE.unknown - 1],
      [429, 6],
    ]);
    expect((await paired.ask('GET', '/api/jobs')).status).toBe(200);
    expect((await server.ask('GET', '/api/access')).body).toMatchObject({ as: 'computer', isEncrypted: false });
    expect((await server.ask('GET', '/api/access')).headers.has('ratelimit-limit')).toBe(false);
  });
});

describe('behind a proxy that is trusted', () => {
  const proxied = { 'x-forwarded-proto': 'https', 'x-forwarded-for': '192.168.1.30', host: KITCHEN };

  test('its word counts: a device is paired, and this machine is nobody special', async () => {
    const behind = await startAtHome({ trustProxy: 'loopback' });
    try {
      expect((await behind.ask('GET', '/api/jobs')).status).toBe(401);
      const { code } = await behind.serving.pairing.makeCode();
      const phone = new Phone(behind);
      const plain = { isPlain: true, headers: proxied };
      const body = { code, name: 'Closet phone' };
      const paired = await phone.ask('POST', '/api/access/pair', { ...plain, body });
      expect(paired.status).toBe(201);
      const cookie = paired.cookies[0]?.split(';')[0] ?? '';
      expect((await phone.ask('GET', '/api/jobs', { ...plain, headers: { ...proxied, cookie } })).status).toBe(200);
      const origin = { ...proxied, cookie, origin: `https://${KITCHEN}`, 'sec-fetch-site': 'same-origin' };
      expect((await phone.ask('GET', '/api/jobs', { ...plain, headers: origin })).status).toBe(200);
    } finally {
      await behind.stopAndClear();
    }
  });
});
