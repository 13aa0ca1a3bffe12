import { parse } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import { HttpError } from '../http/errors';
import { LOOPBACK, nameIn } from './ownPages';
import type { KnownDevice, Pairing } from './pairing';
import { say } from '../words';

/** Who asks: the computer Dormer runs on, or a paired device; null for anyone else. */
export type Caller =
  { readonly kind: 'computer' } | { readonly kind: 'paired'; readonly device: Omit<KnownDevice, 'isNoted'> };

/** Browsers send a cookie of such a name over HTTPS alone, and take it from no other host. */
const COOKIE = '__Host-dormer';
/** Browsers keep a cookie no longer. */
const COOKIE_DAYS = 400;
const DAY_MS = 86_400_000;

const LOOPBACK_ADDRESS = /^(127\.|::1$|::ffff:127\.)/;

interface WhoAsksOptions {
  readonly pairing: Pairing;
  /** Whether a proxy is in front: then every request comes from this machine, and that says nothing. */
  readonly isProxied: boolean;
}

/** Finds out who asks, for `callerOf`. */
export function whoAsks({ pairing, isProxied }: WhoAsksOptions): RequestHandler {
  return async (request, response, next) => {
    response.locals.caller =
      !isProxied && isOfThisComputer(request) ? { kind: 'computer' } : await paired(request, response, pairing);
    next();
  };
}

/** A request by a page, or a program, of the computer Dormer runs on. */
function isOfThisComputer(request: Request): boolean {
  const isHere = LOOPBACK_ADDRESS.test(request.socket.remoteAddress ?? '');
  return isHere && LOOPBACK.includes(nameIn(request.headers.host ?? ''));
}

async function paired(request: Request, response: Response, pairing: Pairing): Promise<Caller | null> {
  const token = parse(request.headers.cookie ?? '')[COOKIE];
  const known = token ? await pairing.deviceOf(token) : null;
  if (!token || !known) return null;
  if (known.isNoted) giveToken(response, token);
  return { kind: 'paired', device: { id: known.id, name: known.name } };
}

/** Gives a device its token, in a cookie that no script can read and no other site can send. */
export function giveToken(response: Response, token: string): void {
  response.cookie(COOKIE, token, {
    httpOnly: true,
    secure: true,
    sameSite: 'strict',
    path: '/',
    maxAge: COOKIE_DAYS * DAY_MS,
  });
}

export const callerOf = (response: Response): Caller | null => (response.locals.caller as Caller | null) ?? null;

/** The paired device that asks; undefined for the computer Dormer runs on, and for anyone else. */
function deviceOf(response: Response): { readonly id: string; readonly name: string } | undefined {
  const caller = callerOf(response);
  return caller?.kind === 'paired' ? caller.device : undefined;
}

export const deviceId = (response: Response): string | undefined => deviceOf(response)?.id;
export const deviceName = (response: Response): string | undefined => deviceOf(response)?.name;

/** Lets nobody else in. */
export const onlyKnown: RequestHandler = (_request, response, next) => {
  if (callerOf(response)) return next();
  throw new HttpError(401, 'not-paired', say('http.notPaired'));
};
