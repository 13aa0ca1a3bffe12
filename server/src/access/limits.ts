import type { RequestHandler } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { HttpError } from '../http/errors';
import { callerOf, deviceId } from './whoAsks';
import { say } from '../words';

const MINUTE_MS = 60_000;

/** How many requests a device that is let in has in a minute, and how many an address has from which others ask. */
export const REQUESTS_A_MINUTE = { known: 3000, unknown: 300 };
/** How many tries to pair an address has in ten minutes. */
export const PAIRINGS_IN_TEN_MINUTES = 20;

/** Limits how often a device or an address asks. The computer Dormer runs on may ask as often as it likes. */
export const limitRequests = (): RequestHandler =>
  rateLimit({
    windowMs: MINUTE_MS,
    keyGenerator: ({ ip = '' }, response) => deviceId(response) ?? ipKeyGenerator(ip),
    limit: (_request, response) => (callerOf(response) ? REQUESTS_A_MINUTE.known : REQUESTS_A_MINUTE.unknown),
    skip: (_request, response) => callerOf(response)?.kind === 'computer',
    ...USUAL,
  });

/** Limits how often an address tries to pair. */
export const limitPairing = (): RequestHandler =>
  rateLimit({ windowMs: 10 * MINUTE_MS, limit: PAIRINGS_IN_TEN_MINUTES, ...USUAL });

const USUAL = {
  standardHeaders: true,
  legacyHeaders: false,
  // Whether a proxy is trusted is the person's own setting.
  validate: { xForwardedForHeader: false },
  handler: (): never => {
    throw new HttpError(429, 'too-many', say('http.tooMany'));
  },
} as const;
