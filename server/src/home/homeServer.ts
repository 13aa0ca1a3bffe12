import { createServer, type Server } from 'node:https';
import { isIPv4, isIPv6, type AddressInfo } from 'node:net';
import type { HomeAddresses } from '@dormer/core/job';
import type { X509Certificate } from 'node:crypto';
import type { Logger } from 'pino';
import { StartError } from '../startError';
import type { CertificateSource, Identity } from './certificates';
import { say } from '../words';

const NOT_AT_HOME = say('start.notAtHome');
const NOT_CERTIFIED = say('start.certNames');

/** How often the names of the machine and its certificate are looked at, milliseconds. */
const LOOK_MS = 60_000;

interface HomeServerOptions {
  readonly source: CertificateSource;
  /** Names and addresses of this machine in its network, which can change at any time. */
  readonly names: () => readonly string[];
  /** Port of the plain HTTP listener, which hands out the authority's certificate. */
  readonly plainPort: () => number;
  readonly log: Logger;
}

/** The encrypted door to the home network: one listener, whose certificate follows the machine's addresses. */
export class HomeServer {
  private readonly look: ReturnType<typeof setInterval>;

  private constructor(
    readonly server: Server,
    private held: Identity,
    private readonly options: HomeServerOptions,
  ) {
    this.look = setInterval(() => void this.renew(), LOOK_MS).unref();
  }

  /** Does not listen yet. @throws DataFolderError, StartError when there is no certificate to be had */
  static async make(options: HomeServerOptions): Promise<HomeServer> {
    const identity = await options.source.current(options.names(), new Date());
    if (identity.names.length === 0) throw new StartError(identity.authority ? NOT_AT_HOME : NOT_CERTIFIED);
    return new HomeServer(createServer({ ...contextOf(identity), minVersion: 'TLSv1.2' }), identity, options);
  }

  /** What devices must trust; null where every device does. */
  authority(): X509Certificate | null {
    return this.held.authority;
  }

  /** Where phones reach this server. What to trust is told by number, which every phone finds, where there is one. */
  addresses(): HomeAddresses {
    const { plainPort } = this.options;
    const { authority, names } = this.held;
    const { port } = this.server.address() as AddressInfo;
    const hosts = names.map((name) => (isIPv6(name) ? `[${name}]` : name));
    const trustHost = hosts.find(isIPv4) ?? hosts[0];
    return {
      addresses: hosts.map((host) => `https://${host}:${port}`),
      trust: authority ? `http://${trustHost}:${plainPort()}/trust` : null,
      fingerprint: authority ? fingerprintOf(authority) : null,
    };
  }

  /** Takes a certificate for the names of now. */
  async renew(): Promise<void> {
    try {
      const identity = await this.options.source.current(this.options.names(), new Date());
      const isSame = identity.server.certificate === this.held.server.certificate;
      if (!isSame) this.server.setSecureContext(contextOf(identity));
      this.held = identity;
    } catch (error) {
      this.options.log.error({ err: error }, 'the certificate could not be renewed');
    }
  }

  /** Ends the care for the certificate; the listener is ended with the others. */
  stop(): void {
    clearInterval(this.look);
  }
}

/** SHA-256 of a certificate, in groups that a person compares one after another. */
function fingerprintOf({ fingerprint256 }: X509Certificate): string {
  const pairs = fingerprint256.split(':');
  const groups = Array.from({ length: pairs.length / PAIRS_IN_GROUP }, (_, group) =>
    pairs.slice(group * PAIRS_IN_GROUP, (group + 1) * PAIRS_IN_GROUP),
  );
  return groups.map((group) => group.join(':')).join(' ');
}

const PAIRS_IN_GROUP = 4;

const contextOf = ({ server }: Identity) => ({ cert: server.certificate, key: server.key });
