import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { Logger } from 'pino';
import type { Fault, Refusal } from '@dormer/core/job';
import { words } from '@dormer/core/say/words/all';
import { isDiskFull } from '../db/errorCode';
import { DamagedJobError } from '../db/jobStore';
import { DiskFullError, StorageBusyError, StorageLostError } from '../db/storage';
import { say } from '../words';

/** A fault of a request as it is sent: where, and what would be right. */
export interface FieldError {
  readonly path: string;
  readonly message: string;
}

/** An answer that is not the wished one. Everything that goes wrong leaves the server in this shape. */
export class HttpError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly more: { readonly fields?: readonly FieldError[]; readonly current?: unknown } = {},
  ) {
    super(message);
  }
}

/** The server speaks English and millimetres; the app words its own faults. */
const READER = { units: 'mm', tape: '0.5mm' } as const;

/** 400 with the path of every fault of a job document. */
export function refusedJob(refusal: Refusal, under = ''): HttpError {
  const fields = refusal.faults.map((fault) => fieldError(fault, under));
  return new HttpError(400, 'invalid-job', words(refusal.message, READER), {
    fields: fields.length > 0 ? fields : [{ path: under, message: words(refusal.message, READER) }],
  });
}

/** A fault in words, its path below `under`. */
export function fieldError(fault: Fault, under = ''): FieldError {
  const path = under === '' ? fault.path : fault.path === '' ? under : `${under}.${fault.path}`;
  return { path, message: words(fault.message, READER) };
}

/** 404 for a path of the interface that does not exist. */
export const noSuchRoute: RequestHandler = (request) => {
  throw new HttpError(404, 'no-such-route', say('http.noSuchRoute', { method: request.method, path: request.path }));
};

/** The one place where an error becomes an answer. */
export function errorHandler(log: Logger): ErrorRequestHandler {
  return (error, _request, response, next) => {
    if (response.headersSent) return next(error);
    const known = asHttpError(error);
    if (known.status >= 500) log.error({ err: error }, 'request failed');
    const { fields, current } = known.more;
    response.status(known.status).json({
      error: { code: known.code, message: known.message, ...(fields ? { fields } : {}) },
      ...(current === undefined ? {} : { current }),
    });
  };
}

function asHttpError(error: unknown): HttpError {
  if (error instanceof HttpError) return error;
  return ofStorage(error) ?? ofRequest(error) ?? UNFORESEEN();
}

const UNFORESEEN = () => new HttpError(500, 'internal', say('http.internal'));

/** What the data had to say. Nothing of the request was kept. */
function ofStorage(error: unknown): HttpError | null {
  if (error instanceof DiskFullError || isDiskFull(error)) {
    return new HttpError(507, 'disk-full', say('http.diskFull'));
  }
  if (error instanceof StorageBusyError) {
    return new HttpError(503, 'busy', say('http.busy'));
  }
  if (error instanceof StorageLostError) return new HttpError(503, 'lost', error.message);
  if (error instanceof DamagedJobError) {
    return new HttpError(422, 'damaged', say('http.damaged'));
  }
  return null;
}

const MEGABYTE = 1_048_576;
const sizeWords = (bytes: number): string =>
  bytes < MEGABYTE ? `${Math.round(bytes / 1024)} kB` : `${Math.round(bytes / MEGABYTE)} MB`;

const PLAINLY: Readonly<Record<number, readonly [code: string, message: string]>> = {
  404: ['no-such-file', say('http.noSuchFile')],
  413: ['too-large', say('http.tooLarge')],
  415: ['not-taken', say('http.wrongType')],
  416: ['no-such-range', say('http.noSuchRange')],
};

/** Faults of the request that the packages below found before a route was asked. */
function ofRequest(error: unknown): HttpError | null {
  if (typeof error !== 'object' || error === null) return null;
  const { type, status, limit } = error as { type?: unknown; status?: unknown; limit?: number };
  if (type === 'entity.too.large') {
    const message = say('http.bodyTooLarge', { size: sizeWords(limit ?? 0) });
    return new HttpError(400, 'too-large', message, { fields: [{ path: '', message }] });
  }
  if (type === 'entity.parse.failed') {
    const message = say('http.notJson');
    return new HttpError(400, 'not-json', message, { fields: [{ path: '', message }] });
  }
  if (error instanceof URIError) return new HttpError(400, 'bad-request', say('http.badAddress'));
  if (typeof status !== 'number' || status < 400 || status >= 500) return null;
  const [code, message] = PLAINLY[status] ?? ['bad-request', say('http.badRequest')];
  return new HttpError(status, code, message);
}
