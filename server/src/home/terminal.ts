import type { PairingCode } from '@dormer/core/job';
import { toString as drawn } from 'qrcode';
import { CODE_MINUTES } from '../access/pairing';
import { say } from '../words';
import type { HomeServer } from './homeServer';

/** How a phone comes in, for a terminal: addresses, a QR code of the first one, and a pairing code. */
export async function phoneWords(home: Pick<HomeServer, 'addresses'>, { code }: PairingCode): Promise<string> {
  const { addresses, trust, fingerprint } = home.addresses();
  const open = addresses.join('\n   or ');
  const lines = [
    '',
    say('home.onPhone'),
    '',
    ...(trust && fingerprint
      ? [say('home.trust', { trust }), say('home.fingerprint'), ...halves(fingerprint).map((half) => `   ${half}`)]
      : [say('home.trusted')]),
    say('home.open', { addresses: open }),
    say('home.type', { code: inGroups(code) }),
    '',
    await drawn(trust ?? addresses[0] ?? '', { type: 'utf8' }),
    codeWords,
    '',
  ];
  return lines.join('\n');
}

/** A pairing code as it is read aloud and typed. */
export const inGroups = (code: string): string => code.replace(/^(\d{3})/, '$1 ');

/** How long a code is good, and how to have another. */
export const codeWords = say('home.code', { minutes: CODE_MINUTES });

/** The groups of a fingerprint in two lines. */
function halves(fingerprint: string): string[] {
  const groups = fingerprint.split(' ');
  const middle = groups.length / 2;
  return [groups.slice(0, middle).join(' '), groups.slice(middle).join(' ')];
}
