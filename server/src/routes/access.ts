import { PAIRING, type Access, type HomeAddresses } from '@dormer/core/job';
import { Router, type RequestHandler } from 'express';
import { z } from 'zod';
import { limitPairing } from '../access/limits';
import { CODE_MINUTES, type Pairing } from '../access/pairing';
import { callerOf, deviceId, giveToken, onlyKnown } from '../access/whoAsks';
import { readBody } from '../http/body';
import { HttpError } from '../http/errors';
import { say } from '../words';

const deviceName = z.string().trim().min(1).max(PAIRING.name);
const pairBody = z.strictObject({
  // As a person types it, in groups.
  code: z
    .string()
    .max(40)
    .transform((code) => code.replace(/\D/g, '')),
  name: deviceName,
});
const renameBody = z.strictObject({ name: deviceName });

/** Who may come in: pairing, which is open to all, and the paired devices, which are not. */
export function accessRoutes(pairing: Pairing, addresses: () => HomeAddresses | null): Router {
  const router = Router();
  router.get('/', (request, response) => {
    const access: Access = {
      as: callerOf(response)?.kind ?? null,
      device: deviceId(response) ?? null,
      isEncrypted: request.secure,
      addresses: addresses(),
    };
    response.json(access);
  });
  router.post('/pair', onlyEncrypted, limitPairing(), async (request, response) => {
    const { code, name } = readBody(pairBody, request.body);
    const outcome = await pairing.pair(code, name);
    if (outcome.kind !== 'paired') throw refused(outcome.kind === 'wrong' ? outcome.triesLeft : null);
    giveToken(response, outcome.token);
    response.status(201).json({ device: outcome.device });
  });

  router.use(onlyKnown);
  router.post('/codes', async (_request, response) => {
    response.status(201).json(await pairing.makeCode());
  });
  router.get('/devices', async (_request, response) => {
    response.json({ devices: await pairing.list() });
  });
  router.put('/devices/:id', async (request, response) => {
    const { name } = readBody(renameBody, request.body);
    if (!(await pairing.rename(request.params.id as string, name))) throw NO_SUCH_DEVICE();
    response.status(204).end();
  });
  router.delete('/devices/:id', async (request, response) => {
    await pairing.remove(request.params.id as string);
    response.status(204).end();
  });
  return router;
}

const NO_SUCH_DEVICE = () => new HttpError(404, 'no-such-device', say('http.noSuchDevice'));

/** The token of a device must not be read on its way. */
const onlyEncrypted: RequestHandler = (request, _response, next) => {
  if (request.secure) return next();
  throw new HttpError(403, 'not-encrypted', say('http.notEncrypted'));
};

const NO_CODE = say('pairing.noCode', { minutes: CODE_MINUTES });

/** @param triesLeft null where no code is good any more */
function refused(triesLeft: number | null): HttpError {
  if (triesLeft === null || triesLeft === 0) return new HttpError(410, 'no-code', NO_CODE);
  return new HttpError(403, 'wrong-code', say('pairing.wrongCode', { tries: triesLeft }));
}
