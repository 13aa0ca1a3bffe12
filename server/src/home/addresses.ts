import { BlockList, isIP, isIPv4 } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';

/** Networks whose addresses belong to nobody outside (RFC 1918, RFC 3927, RFC 4193, RFC 4291), as CIDR. */
export const PRIVATE_NETWORKS = [
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '169.254.0.0/16',
  'fc00::/7',
  'fe80::/10',
] as const;

const privateNetworks = new BlockList();
for (const network of PRIVATE_NETWORKS) {
  const [address = '', prefix] = network.split('/');
  privateNetworks.addSubnet(address, Number(prefix), isIPv4(address) ? 'ipv4' : 'ipv6');
}

/** Whether an address belongs to a private network. */
export const isPrivateAddress = (address: string): boolean =>
  isIP(address) !== 0 && privateNetworks.check(address, isIPv4(address) ? 'ipv4' : 'ipv6');

const LOCAL_NAME = /^[a-z0-9-]+(\.[a-z0-9-]+)*\.local$/;

/** Name of this machine in its network. */
export const localName = (name = hostname()): string => `${plainName(name)}.local`;

/** First label of a host's name, of letters that a name in a network may have. */
const plainName = (name: string): string =>
  (name.toLowerCase().split('.')[0] ?? '').replace(/[^a-z0-9-]+/g, '-').replace(/^-+|-+$/g, '') || 'dormer';

/**
 * Names and addresses at which a home network reaches this machine.
 * @param more further ones; those that are neither private nor `.local` are left out
 * @returns IPv4 addresses, then further names, then the machine's own name, then IPv6 addresses
 */
export function homeNames(more: readonly string[] = [], machine = ownAddresses()): string[] {
  const asked = more.map((name) => name.toLowerCase());
  // A link-local address of IPv6 needs the name of the device's own interface, which no address bar takes.
  const addresses = [...machine, ...asked].filter(
    (address) => isPrivateAddress(address) && !address.startsWith('fe80:'),
  );
  const names = [...asked.filter((name) => LOCAL_NAME.test(name)), localName()];
  return [...new Set([...addresses.filter(isIPv4), ...names, ...addresses.filter((address) => !isIPv4(address))])];
}

function ownAddresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((addresses) => addresses ?? []);
  return all.filter(({ internal }) => !internal).map(({ address }) => address);
}
