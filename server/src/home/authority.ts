import 'reflect-metadata';
import { AsnConvert } from '@peculiar/asn1-schema';
import {
  GeneralName,
  GeneralSubtree,
  GeneralSubtrees,
  id_ce_nameConstraints,
  NameConstraints,
} from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { webcrypto } from 'node:crypto';
import { isIP } from 'node:net';
import { PRIVATE_NETWORKS } from './addresses';

const KEYS = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** Phones refuse certificates that are good for much longer. */
const CERTIFICATE_DAYS = 397;
/** A clock may be behind by some hours. */
const BEFORE_DAYS = 1;

/** A certificate and its private key, both PEM. */
export interface Certified {
  readonly certificate: string;
  readonly key: string;
}

/**
 * Makes an authority that can certify private addresses and names in `.local`, and nothing else (name constraints,
 * RFC 5280 section 4.2.1.10). ECDSA on P-256.
 * @param name shown by a phone that is asked to trust it
 */
export async function makeAuthority(name: string, now: Date): Promise<Certified> {
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: newSerial(),
    name: new x509.Name([{ CN: [name] }]),
    notBefore: daysFrom(now, -BEFORE_DAYS),
    notAfter: daysFrom(now, AUTHORITY_DAYS),
    signingAlgorithm: KEYS,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      new x509.Extension(id_ce_nameConstraints, true, AsnConvert.serialize(homeOnly())),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { certificate: `${certificate.toString('pem')}\n`, key: await pemOf(keys.privateKey) };
}

/**
 * Certifies a server under names and addresses.
 * @param names of the server; names that the authority may not certify make a certificate that no device accepts
 */
export async function certify(authority: Certified, names: readonly string[], now: Date): Promise<Certified> {
  const issuer = new x509.X509Certificate(authority.certificate);
  const signingKey = await webcrypto.subtle.importKey(
    'pkcs8',
    x509.PemConverter.decodeFirst(authority.key),
    KEYS,
    false,
    ['sign'],
  );
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: newSerial(),
    subject: new x509.Name([{ CN: ['Dormer'] }]),
    issuer: issuer.subjectName,
    notBefore: daysFrom(now, -BEFORE_DAYS),
    notAfter: daysFrom(now, CERTIFICATE_DAYS - BEFORE_DAYS),
    signingAlgorithm: KEYS,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((name) => ({ type: isIP(name) === 0 ? ('dns' as const) : ('ip' as const), value: name })),
      ),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      await x509.AuthorityKeyIdentifierExtension.create(issuer),
    ],
  });
  return { certificate: `${certificate.toString('pem')}\n`, key: await pemOf(keys.privateKey) };
}

function homeOnly(): NameConstraints {
  const permitted = [
    new GeneralName({ dNSName: 'local' }),
    ...PRIVATE_NETWORKS.map((iPAddress) => new GeneralName({ iPAddress })),
  ];
  const subtrees = permitted.map((base) => new GeneralSubtree({ base, minimum: 0 }));
  return new NameConstraints({ permittedSubtrees: new GeneralSubtrees(subtrees) });
}

async function newKeys(): Promise<webcrypto.CryptoKeyPair> {
  return webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify']);
}

async function pemOf(key: webcrypto.CryptoKey): Promise<string> {
  return x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}

/** Positive, and of so many random bits that none is met twice. */
const newSerial = (): string => Buffer.from([0x40, ...webcrypto.getRandomValues(new Uint8Array(15))]).toString('hex');

const daysFrom = (now: Date, days: number): Date => new Date(now.getTime() + days * DAY_MS);
