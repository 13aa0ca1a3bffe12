import type { PairingCode } from '@dormer/core/job';
import { toString as drawn } from 'qrcode';
import { CODE_MINUTES } from '../access/pairing';
import type { HomeServer } from './homeServer';

/** How a phone comes in, for a terminal: addresses, a QR code of the first one, and a pairing code. */
export async function phoneWords(
  home: Pick<HomeServer, 'authority' | 'addresses'>,
  { code }: PairingCode,
): Promise<string> {
  const { addresses, trust } = home.addresses();
  const authority = home.authority();
  const open = addresses.join('\n   or ');
  const lines = [
    '',
    'On a phone in the same network:',
    '',
    ...(trust && authority
      ? [
          `1. Open ${trust} and do what it says, once for each phone.`,
          '   The fingerprint it shows must be:',
          ...halves(authority.fingerprint256).map((half) => `   ${half}`),
        ]
      : ['1. Its certificate is trusted by phones already.']),
    `2. Open ${open}`,
    `   and type the pairing code ${inGroups(code)}.`,
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
export const codeWords = `The code is good for ${CODE_MINUTES} minutes, once. For another: ./dormer pair`;

const halves = (print: string): string[] => {
  const pairs = print.split(':');
  return [pairs.slice(0, 16).join(':'), pairs.slice(16).join(':')];
};
