import type { RequestHandler } from 'express';
import { HttpError } from '../http/errors';
import { say } from '../words';

/**
 * Refuses changes that are meant for another server: behind one address there may be another one than a device knows.
 * A change that names no server is let in.
 * @param identity of this server
 */
export function onlyMeantForUs(identity: string): RequestHandler {
  return (request, _response, next) => {
    const meantFor = request.headers['dormer-server'];
    if (request.method === 'GET' || meantFor === undefined || meantFor === identity) return next();
    throw new HttpError(421, 'another-server', say('http.anotherServer'));
  };
}
