import { Router } from 'express';
import { offcutSchema } from '@dormer/core/job';
import type { RackStore } from '../db/rackStore';
import { readBody } from '../http/body';
import { HttpError } from '../http/errors';
import { say } from '../words';

/** The offcut rack over HTTP: what is on it, a piece put there, a piece taken. Done twice it is as done once. */
export function rackRoutes(rack: RackStore): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json({ pieces: await rack.list() });
  });
  router.put('/:id', async (request, response) => {
    const piece = readBody(offcutSchema, request.body);
    if (piece.id !== request.params.id) {
      const message = say('http.pieceIds', { own: piece.id, asked: request.params.id });
      throw new HttpError(400, 'invalid-request', message, { fields: [{ path: 'id', message }] });
    }
    await rack.put(piece);
    response.status(204).end();
  });
  router.delete('/:id', async (request, response) => {
    await rack.remove(request.params.id);
    response.status(204).end();
  });
  return router;
}
