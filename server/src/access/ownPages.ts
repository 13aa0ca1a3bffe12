import type { Request, RequestHandler } from 'express';
import { hostname, networkInterfaces } from 'node:os';
import { HttpError } from '../http/errors';
import { say } from '../words';

/** Names by which a machine reaches itself alone. */
export const LOOPBACK = ['localhost', '127.0.0.1', '::1'];

/**
 * Names and addresses a server may be asked for: it answers to no other, so that a page of another site cannot reach
 * it under a name of its own that leads here.
 * @param host address that is listened on
 * @param more further names, as a proxy in front has them
 */
export function ownHosts(host: string, more: readonly string[] = []): (name: string) => boolean {
  const named = new Set([...LOOPBACK, host, ...more].map((name) => name.toLowerCase()));
  const everywhere = host === '0.0.0.0' || host === '::';
  return (name) => named.has(name) || (everywhere && machineNames().has(name));
}

/** Addresses can change while the server runs, so they are looked up each time. */
function machineNames(): ReadonlySet<string> {
  const name = hostname().toLowerCase();
  const addresses = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  return new Set([name, `${name}.local`, ...addresses.map(({ address }) => address)]);
}

/**
 * Lets in what this server's own pages ask, and what is no page at all. A request under a foreign name is refused, and
 * so is one that a page of another origin makes.
 */
export function onlyOwnPages(isOwn: (name: string) => boolean): RequestHandler {
  return (request, _response, next) => {
    // Behind a proxy that is trusted: the host that the browser asked.
    const host = request.host ?? '';
    if (!isOwn(nameIn(host))) {
      throw new HttpError(421, 'unknown-host', say('http.unknownHost'));
    }
    if (isForeign(request, host)) {
      throw new HttpError(403, 'foreign-page', say('http.foreignPage'));
    }
    next();
  };
}

/** Whether a page of another origin asks, as the browser says. To follow a link to a page of this server is allowed. */
function isForeign({ headers, method, path }: Request, host: string): boolean {
  const { origin } = headers;
  const site = headers['sec-fetch-site'];
  const opensPage = headers['sec-fetch-mode'] === 'navigate' && method === 'GET' && !path.startsWith('/api');
  if (opensPage) return false;
  if (origin !== undefined && hostIn(origin) !== host) return true;
  return site === 'cross-site' || site === 'same-site';
}

/** Name of a host, without its port and without the brackets of an IPv6 address. */
export const nameIn = (host: string): string =>
  host
    .replace(/:\d+$/, '')
    .replace(/^\[|\]$/g, '')
    .toLowerCase();

/** Host of an origin; null for one that is none (`null`, a file). */
const hostIn = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);
