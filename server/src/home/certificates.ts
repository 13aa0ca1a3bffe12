import { createPrivateKey, X509Certificate } from 'node:crypto';
import { chmod, readFile, rename, stat, writeFile } from 'node:fs/promises';
import { isIP } from 'node:net';
import path from 'node:path';
import { DataFolderError, makeFolder } from '../db/dataFolder';
import { isHomeName, localName } from './addresses';
import { certify, makeAuthority, type Certified } from './authority';
import { say } from '../words';

/** Folder of the authority and of what it certified, in a data folder. Its key never leaves the folder. */
export const HOME_FOLDER = 'home';

const DAY_MS = 86_400_000;
/** How many days before its end a certificate is renewed. */
const RENEW_DAYS = 30;

/** The server's certificate, and the authority that devices must trust for it; null where every device does. */
export interface Identity {
  /** Names and addresses that the certificate is for. */
  readonly names: readonly string[];
  readonly server: Certified;
  readonly authority: X509Certificate | null;
}

/** Where the server's certificate comes from. */
export interface CertificateSource {
  /**
   * The certificate as it must be now.
   * @param names and addresses at which others may reach the server
   */
  current(names: readonly string[], now: Date): Promise<Identity>;
}

/** Certificates by an authority of this data folder's own, which is made once. */
export function ownAuthority(dataFolder: string): CertificateSource {
  const folder = path.join(dataFolder, HOME_FOLDER);
  return {
    async current(candidates, now) {
      const names = candidates.filter(isHomeName);
      makeFolder(folder);
      await chmod(folder, 0o700);
      const authority =
        (await keptIn(folder, 'authority')) ??
        (await keep(folder, 'authority', await makeAuthority(`Dormer on ${localName()}`, now)));
      const authorityCertificate = new X509Certificate(authority.certificate);
      const earlier = await keptIn(folder, 'server').catch(() => null);
      const server =
        earlier && isFit(earlier, authorityCertificate, names, now)
          ? earlier
          : await keep(folder, 'server', await certify(authority, names, now));
      return { names, server, authority: authorityCertificate };
    },
  };
}

/**
 * A certificate the person brings, which may be renewed while the server runs.
 * @param certificate and key are files in PEM
 */
export function ownCertificate(certificate: string, key: string): CertificateSource {
  return {
    async current(candidates) {
      const server = { certificate: await read(certificate), key: await read(key) };
      if (!isPair(server)) {
        throw new DataFolderError(say('start.notAPair', { certificate, key }));
      }
      const shown = new X509Certificate(server.certificate);
      return { names: candidates.filter((name) => isFor(shown, name)), server, authority: null };
    },
  };
}

async function read(file: string): Promise<string> {
  return readFile(file, 'utf8').catch(() => {
    throw new DataFolderError(say('start.certUnreadable', { file }));
  });
}

/** @throws DataFolderError when a certificate is there and cannot be used */
async function keptIn(folder: string, name: string): Promise<Certified | null> {
  const { certificate, key } = filesOf(folder, name);
  if (!(await isFile(certificate)) || !(await isFile(key))) return null;
  const found = { certificate: await readFile(certificate, 'utf8'), key: await readFile(key, 'utf8') };
  if (isPair(found)) return found;
  throw new DataFolderError(say('start.certDamaged', { certificate, folder }));
}

/** Written beside and moved into place, the key first: a certificate that is there has its key. */
async function keep(folder: string, name: string, made: Certified): Promise<Certified> {
  const files = filesOf(folder, name);
  for (const part of ['key', 'certificate'] as const) {
    await writeFile(`${files[part]}.part`, made[part], { mode: 0o600, flush: true });
    await rename(`${files[part]}.part`, files[part]);
  }
  return made;
}

const filesOf = (folder: string, name: string) => ({
  certificate: path.join(folder, `${name}.crt`),
  key: path.join(folder, `${name}.key`),
});

const isFile = async (file: string): Promise<boolean> => (await stat(file).catch(() => null))?.isFile() ?? false;

function isPair({ certificate, key }: Certified): boolean {
  try {
    return new X509Certificate(certificate).checkPrivateKey(createPrivateKey(key));
  } catch {
    return false;
  }
}

const isFor = (certificate: X509Certificate, name: string): boolean =>
  (isIP(name) === 0 ? certificate.checkHost(name) : certificate.checkIP(name)) !== undefined;

function isFit({ certificate }: Certified, authority: X509Certificate, names: readonly string[], now: Date): boolean {
  const server = new X509Certificate(certificate);
  const endsLate = Date.parse(server.validTo) - now.getTime() > RENEW_DAYS * DAY_MS;
  return endsLate && server.checkIssued(authority) && names.every((name) => isFor(server, name));
}
