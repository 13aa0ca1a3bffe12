import { BlockList, isIP, isIPv4, isIPv6 } from 'node:net';
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

/** Whether a name is of a home network alone: a private address, or a name in `.local`. */
export const isHomeName = (name: string): boolean => LOCAL_NAME.test(name) || isReachable(name);

/**
 * Names and addresses at which others may reach this machine. Names come first: a network may give the machine another
 * number, and what a phone has not sent yet stays with the address it was opened at.
 * @param host address that is listened on
 * @param asked further names, as the person says
 */
export function homeNames(host: string, asked: readonly string[] = [], machine = ownAddresses()): string[] {
  const more = asked.map((name) => name.toLowerCase());
  const isEverywhere = host === '::' || host === '0.0.0.0';
  const heard = isEverywhere ? machine.filter((address) => host === '::' || isIPv4(address)) : [host];
  const isInNetwork = isEverywhere || isPrivateAddress(host);
  const names = [...more.filter((name) => isIP(name) === 0), ...(isInNetwork ? [localName()] : [])];
  const addresses = [...heard, ...more].filter(isReachable).sort(byKind);
  return [...new Set([...names, ...addresses])];
}

/** A link-local address of IPv6 needs the name of the device's own interface, which no address bar takes. */
const isReachable = (address: string): boolean => isPrivateAddress(address) && !address.startsWith('fe80:');

/** IPv4 first. */
const byKind = (a: string, b: string): number => Number(isIPv6(a)) - Number(isIPv6(b));

function ownAddresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((addresses) => addresses ?? []);
  return all.filter(({ internal }) => !internal).map(({ address }) => address);
}
