import { createHash, randomBytes, randomInt, randomUUID } from 'node:crypto';
import { PAIRING, type PairedDevice, type PairingCode } from '@dormer/core/job';
import { PairedDeviceEntity, PairingCodeEntity } from '../db/entities';
import type { Storage } from '../db/storage';

/** How long a pairing code is good, minutes. */
export const CODE_MINUTES = 10;
/** How many codes may be tried before the current one is void. */
export const CODE_TRIES = 5;
const TOKEN_BYTES = 32;

/** How exactly the last use of a device is known, milliseconds: each note of it is a write. */
const USE_STEP_MS = 60_000;

/** How a try to pair ended. `none`: no code is good any more. */
export type PairOutcome =
  | { readonly kind: 'paired'; readonly device: PairedDevice; readonly token: string }
  | { readonly kind: 'wrong'; readonly triesLeft: number }
  | { readonly kind: 'none' };

/** A device that showed its token. */
export interface KnownDevice {
  readonly id: string;
  readonly name: string;
  /** Whether this use was noted; the token's cookie is renewed then. */
  readonly isNoted: boolean;
}

/** Devices that may come in, and the code by which the next one does. */
export class Pairing {
  constructor(private readonly storage: Storage) {}

  /** Makes a code that pairs one device. A code that was made before is void. */
  makeCode(): Promise<PairingCode> {
    const code = String(randomInt(10 ** PAIRING.digits)).padStart(PAIRING.digits, '0');
    const until = new Date(Date.now() + CODE_MINUTES * 60_000).toISOString();
    return this.storage.write(async (manager) => {
      await manager.clear(PairingCodeEntity);
      await manager.insert(PairingCodeEntity, { code, until, triesLeft: CODE_TRIES });
      return { code, until };
    });
  }

  /** Pairs a device by the current code, which is void after that. A wrong code costs one of its tries. */
  pair(code: string, name: string): Promise<PairOutcome> {
    return this.storage.write(async (manager) => {
      const [current] = await manager.find(PairingCodeEntity);
      const now = new Date().toISOString();
      if (!current || current.until <= now) return { kind: 'none' };
      if (current.code !== code) {
        const triesLeft = current.triesLeft - 1;
        if (triesLeft === 0) await manager.clear(PairingCodeEntity);
        else await manager.update(PairingCodeEntity, { code: current.code }, { triesLeft });
        return { kind: 'wrong', triesLeft };
      }
      await manager.clear(PairingCodeEntity);
      const token = randomBytes(TOKEN_BYTES).toString('base64url');
      const device = { id: randomUUID(), name, pairedAt: now, lastUsedAt: now };
      await manager.insert(PairedDeviceEntity, { ...device, tokenHash: hashOf(token) });
      return { kind: 'paired', device, token };
    });
  }

  /** The device a token was given to, or null. Notes that the device was used. */
  async deviceOf(token: string): Promise<KnownDevice | null> {
    const tokenHash = hashOf(token);
    const row = await this.storage.read((manager) => manager.findOneBy(PairedDeviceEntity, { tokenHash }));
    if (!row) return null;
    const now = new Date();
    const isNoted = now.getTime() - Date.parse(row.lastUsedAt) > USE_STEP_MS;
    if (isNoted) await this.noteUse(row.id, now);
    return { id: row.id, name: row.name, isNoted };
  }

  /** The devices that may come in, the last used first. */
  list(): Promise<PairedDevice[]> {
    return this.storage.read(async (manager) => {
      const rows = await manager.find(PairedDeviceEntity, { order: { lastUsedAt: 'DESC', id: 'ASC' } });
      return rows.map(({ id, name, pairedAt, lastUsedAt }) => ({ id, name, pairedAt, lastUsedAt }));
    });
  }

  /** @returns whether there is such a device */
  rename(id: string, name: string): Promise<boolean> {
    return this.storage.write(async (manager) => {
      const { affected } = await manager.update(PairedDeviceEntity, { id }, { name });
      return affected === 1;
    });
  }

  /** Shuts a device out. */
  async remove(id: string): Promise<void> {
    await this.storage.write((manager) => manager.delete(PairedDeviceEntity, { id }));
  }

  private async noteUse(id: string, now: Date): Promise<void> {
    // A full disk must not keep a device from reading.
    await this.storage
      .write((manager) => manager.update(PairedDeviceEntity, { id }, { lastUsedAt: now.toISOString() }))
      .catch(() => undefined);
  }
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
