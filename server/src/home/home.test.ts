import { createPrivateKey, X509Certificate } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { connect } from 'node:tls';
import { KITCHEN, Phone, authorityOf, startAtHome } from '../test/home';
import { freshFolder, RunningServer } from '../test/running';
import { homeNames, isHomeName, isPrivateAddress, localName } from './addresses';
import { certify, makeAuthority, type Certified } from './authority';
import { HOME_FOLDER, ownAuthority, ownCertificate } from './certificates';
import { HomeServer } from './homeServer';
import { phoneWords } from './terminal';

const NOW = new Date();
const daysLater = (days: number) => new Date(NOW.getTime() + days * 86_400_000);

describe('names in a home network', () => {
  test.each([
    ['10.1.2.3', true],
    ['172.16.0.1', true],
    ['172.31.255.255', true],
    ['192.168.178.20', true],
    ['169.254.9.9', true],
    ['fd00::2', true],
    ['172.32.0.1', false],
    ['192.169.0.1', false],
    ['11.0.0.1', false],
    ['8.8.8.8', false],
    ['127.0.0.1', false],
    ['2001:db8::1', false],
    ['fe00::1', false],
    ['kitchen.local', false],
  ])('%s is private: %s', (address, expected) => {
    expect(isPrivateAddress(address)).toBe(expected);
  });

  test('are names in .local, then private addresses, of those that are listened on', () => {
    const machine = ['fd00::2', '8.8.8.8', '192.168.1.5', 'fe80::1'];
    const more = ['Kitchen.local', 'shelves.example', 'evil.local.example', '10.0.0.9'];
    const names = ['kitchen.local', localName()];
    expect(homeNames('::', more, machine).filter(isHomeName)).toEqual([...names, '192.168.1.5', '10.0.0.9', 'fd00::2']);
    expect(homeNames('0.0.0.0', more, machine).filter(isHomeName)).toEqual([...names, '192.168.1.5', '10.0.0.9']);
    // A certificate of the person's own may be for any name.
    expect(homeNames('0.0.0.0', more, machine)).toContain('shelves.example');
    expect(homeNames('192.168.1.5', [], machine)).toEqual([localName(), '192.168.1.5']);
    // Nobody else reaches what listens to this machine alone, but by a proxy.
    expect(homeNames('127.0.0.1', ['kitchen.local'], machine)).toEqual(['kitchen.local']);
    expect(homeNames('127.0.0.1', [], machine)).toEqual([]);
  });

  test('the machine’s own name is made of letters that a name may have', () => {
    expect(localName('Shed_PC (old).lan')).toBe('shed-pc-old.local');
    expect(localName('WORKSHOP')).toBe('workshop.local');
    expect(localName('…')).toBe('dormer.local');
  });
});

describe('the authority', () => {
  /** Whether a device that trusts the authority takes a server's certificate under a name. */
  async function isTaken(authority: Certified, server: Certified, name: string): Promise<string> {
    const listening = createServer({ cert: server.certificate, key: server.key });
    await new Promise<void>((resolve) => listening.listen(0, '127.0.0.1', resolve));
    const { port } = listening.address() as AddressInfo;
    const said = await new Promise<string>((resolve) => {
      const socket = connect({ host: '127.0.0.1', port, ca: authority.certificate, servername: name }, () => {
        resolve('taken');
        socket.destroy();
      });
      socket.on('error', (error) => resolve(error.message));
    });
    await new Promise((resolve) => listening.close(resolve));
    return said;
  }

  test('certifies names in .local and private addresses, and no device takes anything else from it', async () => {
    const authority = await makeAuthority('Dormer on kitchen.local', NOW);
    const asked = [['kitchen.local'], ['kitchen.local', '192.168.1.5', 'fd00::2']];
    for (const names of asked) {
      expect(await isTaken(authority, await certify(authority, names, NOW), 'kitchen.local')).toBe('taken');
    }
    for (const name of ['bank.example', 'local.example', '8.8.8.8', '2001:db8::1', '127.0.0.1']) {
      const certificate = await certify(authority, ['kitchen.local', name], NOW);
      expect(await isTaken(authority, certificate, 'kitchen.local')).toBe('permitted subtree violation');
    }
    const other = await makeAuthority('Another', NOW);
    const ofOther = await certify(other, ['kitchen.local'], NOW);
    expect(await isTaken(authority, ofOther, 'kitchen.local')).toBe('unable to verify the first certificate');
  });

  test('certifies no further authority, and phones take what it certifies for some time', async () => {
    const authority = await makeAuthority('Dormer on kitchen.local', NOW);
    const server = new X509Certificate((await certify(authority, ['kitchen.local', '192.168.1.5'], NOW)).certificate);
    expect(server.ca).toBe(false);
    expect(server.checkIssued(new X509Certificate(authority.certificate))).toBe(true);
    expect(server.verify(new X509Certificate(authority.certificate).publicKey)).toBe(true);
    expect(server.subjectAltName).toBe('DNS:kitchen.local, IP Address:192.168.1.5');
    const days = (Date.parse(server.validTo) - Date.parse(server.validFrom)) / 86_400_000;
    expect(days).toBeGreaterThan(300);
    expect(days).toBeLessThanOrEqual(398);
    expect(Date.parse(server.validFrom)).toBeLessThan(NOW.getTime());
    // What it certified certifies nothing.
    const below = await certify(authority, ['kitchen.local'], NOW);
    const { certificate, key } = await certify(below, ['kitchen.local'], NOW);
    const chain = { certificate: certificate + below.certificate, key };
    expect(await isTaken(authority, chain, 'kitchen.local')).toBe('key usage does not include certificate signing');
  });
});

describe('certificates in a data folder', () => {
  const NAMES = ['kitchen.local', '192.168.1.5'];

  test('are made once, are readable for their owner alone, and follow names and time', async () => {
    const folder = freshFolder();
    const source = ownAuthority(folder);
    const first = await source.current(NAMES, NOW);
    const again = await ownAuthority(folder).current(NAMES, daysLater(300));
    expect(again.server.certificate).toBe(first.server.certificate);
    for (const name of readdirSync(path.join(folder, HOME_FOLDER))) {
      expect([name, statSync(path.join(folder, HOME_FOLDER, name)).mode & 0o077]).toEqual([name, 0]);
    }
    expect(statSync(path.join(folder, HOME_FOLDER)).mode & 0o077).toBe(0);

    const moved = await source.current(['kitchen.local', '192.168.1.77'], NOW);
    expect(moved.server.certificate).not.toBe(first.server.certificate);
    expect(new X509Certificate(moved.server.certificate).checkIP('192.168.1.77')).toBe('192.168.1.77');
    const late = await source.current(['kitchen.local', '192.168.1.77'], daysLater(380));
    expect(late.server.certificate).not.toBe(moved.server.certificate);
    // Phones trusted one authority; it is still that one.
    for (const { authority } of [again, moved, late]) {
      expect(authority?.fingerprint256).toBe(first.authority?.fingerprint256);
    }
  });

  test('a server’s certificate that was left half written is made again; a damaged authority is told', async () => {
    const folder = freshFolder();
    const source = ownAuthority(folder);
    const first = await source.current(NAMES, NOW);
    const file = (name: string) => path.join(folder, HOME_FOLDER, name);
    writeFileSync(file('server.key'), 'half');
    const again = await source.current(NAMES, NOW);
    expect(again.server.certificate).not.toBe(first.server.certificate);
    expect(createPrivateKey(again.server.key).type).toBe('private');
    writeFileSync(file('authority.crt'), 'half');
    await expect(source.current(NAMES, NOW)).rejects.toThrow(
      /authority\.crt is damaged\. Remove the folder .*home\. Each phone must then trust Dormer again\.$/,
    );
    expect(readFileSync(file('authority.crt'), 'utf8')).toBe('half');
  });

  test('of the person’s own are used as they are, and one without its key is told', async () => {
    const folder = freshFolder();
    const [one, two] = [await makeAuthority('One', NOW), await makeAuthority('Two', NOW)];
    const write = (name: string, text: string) => {
      writeFileSync(path.join(folder, name), text);
      return path.join(folder, name);
    };
    const certificate = write('one.crt', one.certificate);
    const key = write('one.key', one.key);
    const found = await ownCertificate(certificate, key).current(['kitchen.local'], NOW);
    expect(found).toMatchObject({ names: [], server: { certificate: one.certificate }, authority: null });
    await expect(ownCertificate(certificate, write('two.key', two.key)).current([], NOW)).rejects.toThrow(
      /do not belong together/,
    );
    await expect(ownCertificate(certificate, '/none.key').current([], NOW)).rejects.toThrow(
      /\/none\.key cannot be read/,
    );
  });

  test('a server that runs takes a new certificate when its addresses change', async () => {
    const folder = freshFolder();
    const names = ['kitchen.local'];
    const log = { error: jest.fn() } as never;
    const home = await HomeServer.make({ source: ownAuthority(folder), names: () => names, plainPort: () => 80, log });
    await new Promise<void>((resolve) => home.server.listen(0, '127.0.0.1', resolve));
    const { port } = home.server.address() as AddressInfo;
    const shown = () =>
      new Promise<string | undefined>((resolve, reject) => {
        const socket = connect({ host: '127.0.0.1', port, rejectUnauthorized: false }, () => {
          resolve(socket.getPeerX509Certificate()?.subjectAltName);
          socket.destroy();
        });
        socket.on('error', reject);
      });
    expect(await shown()).toBe('DNS:kitchen.local');
    names.push('192.168.1.5');
    await home.renew();
    expect(await shown()).toBe('DNS:kitchen.local, IP Address:192.168.1.5');
    home.stop();
    home.server.close();
  });
});

describe('the page to trust a server by', () => {
  let server: RunningServer;
  afterEach(() => server.stopAndClear());

  test('hands out the certificate over plain HTTP, with the fingerprint that the terminal and the app show', async () => {
    server = await startAtHome();
    const phone = new Phone(server);
    const page = await phone.ask('GET', '/trust', { isPlain: true });
    const { body } = await server.ask('GET', '/api/access');
    const { addresses, trust, fingerprint } = body.addresses;
    expect(trust).toBe(`http://${KITCHEN}:${server.serving.port}/trust`);
    expect(addresses[0]).toMatch(/^https:\/\/kitchen\.local:\d+$/);
    expect(page.text).toContain(fingerprint);
    expect(page.text).toContain(`href="${addresses[0]}/"`);
    for (const kind of ['iPhone or iPad', 'Android phone or tablet', 'Windows computer', 'Mac', 'Another computer']) {
      expect(page.text).toContain(`<summary>${kind}</summary>`);
    }
    const authority = new X509Certificate(authorityOf(server));
    expect(fingerprint.replaceAll(' ', ':')).toBe(authority.fingerprint256);
    const code = await server.serving.pairing.makeCode();
    const terminal = await phoneWords(server.serving.home as HomeServer, code);
    for (const group of fingerprint.split(' ')) expect(terminal).toContain(group);
    for (const text of [trust, addresses[0], `${code.code.slice(0, 3)} ${code.code.slice(3)}`]) {
      expect(terminal).toContain(text);
    }

    const file = await fetch(`${server.base}/trust/dormer-authority.crt`);
    expect(file.headers.get('content-type')).toBe('application/x-x509-ca-cert');
    expect(file.headers.get('content-disposition')).toBe('attachment; filename="dormer-authority.crt"');
    expect(new X509Certificate(Buffer.from(await file.arrayBuffer())).fingerprint256).toBe(authority.fingerprint256);
    expect(page.headers['content-security-policy']).toContain("script-src 'self'");
  });

  test('with a certificate of the person’s own there is nothing to trust', async () => {
    const folder = freshFolder();
    const made = await certify(await makeAuthority('Own', NOW), ['shelves.example', '*.shelves.example'], NOW);
    writeFileSync(path.join(folder, 'own.crt'), made.certificate);
    writeFileSync(path.join(folder, 'own.key'), made.key);
    const source = ownCertificate(path.join(folder, 'own.crt'), path.join(folder, 'own.key'));
    await expect(startAtHome({ home: { port: 0, source } })).rejects.toThrow(/does not fit any name of this server/);
    server = await startAtHome({ home: { port: 0, source }, hosts: ['kitchen.local', 'den.shelves.example'] });
    const { body } = await server.ask('GET', '/api/access');
    expect(body.addresses).toEqual({
      addresses: [expect.stringMatching(/^https:\/\/den\.shelves\.example:\d+$/)],
      trust: null,
      fingerprint: null,
    });
    const page = await (await fetch(`${server.base}/trust`)).text();
    expect(page).toContain('Devices trust the certificate of this Dormer already.');
    expect(page).not.toContain('Download certificate');
    expect((await fetch(`${server.base}/trust/dormer-authority.crt`)).status).toBe(404);
    expect(existsSync(path.join(server.folder, HOME_FOLDER))).toBe(false);
  });

  test('is nowhere while the server is for its own computer alone', async () => {
    server = await RunningServer.start();
    expect((await fetch(`${server.base}/trust`)).status).toBe(404);
    expect((await server.ask('GET', '/api/access')).body).toMatchObject({ as: 'computer', addresses: null });
  });
});
