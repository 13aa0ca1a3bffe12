import type { Job } from '@dormer/core/job';
import { Router, type Response } from 'express';
import { deviceName } from '../access/whoAsks';
import type { JobStore, SaveOutcome } from '../db/jobStore';
import { bringBackBody, createBody, duplicateBody, jobIn, readBody, saveBody } from '../http/body';
import { HttpError } from '../http/errors';
import { say } from '../words';

const NO_SUCH_JOB = () => new HttpError(404, 'no-such-job', say('http.noSuchJob'));

/** Jobs over HTTP: list, create, read, save, duplicate, remove with undo, saved versions. */
export function jobRoutes(store: JobStore): Router {
  const router = Router();

  router.get('/', async (_request, response) => {
    response.json(await store.list());
  });

  router.post('/', async (request, response) => {
    const { job, saveId } = readBody(createBody, request.body);
    answer(response, await store.create({ job: jobIn(job, 'job'), saveId, by: deviceName(response) }), 201);
  });

  router.get('/:id', async (request, response) => {
    const stored = await store.read(request.params.id);
    if (!stored) throw NO_SUCH_JOB();
    response.json(stored);
  });

  router.put('/:id', async (request, response) => {
    const { job: document, aside: other, basedOn, saveId } = readBody(saveBody, request.body);
    const job = jobUnder(request.params.id, document, 'job');
    const aside = other === undefined ? {} : { aside: jobUnder(request.params.id, other, 'aside') };
    answer(response, await store.save({ job, saveId, by: deviceName(response), ...aside }, basedOn), 200);
  });

  router.post('/:id/duplicate', async (request, response) => {
    const { id: copyId, name, saveId } = readBody(duplicateBody, request.body);
    const copy = { copyId, name, saveId, by: deviceName(response) };
    answer(response, await store.duplicate(request.params.id, copy), 201);
  });

  router.delete('/:id', async (request, response) => {
    if (!(await store.remove(request.params.id))) throw NO_SUCH_JOB();
    response.status(204).end();
  });

  router.post('/:id/restore', async (request, response) => {
    if (!(await store.restore(request.params.id))) throw NO_SUCH_JOB();
    response.json(await store.read(request.params.id));
  });

  router.get('/:id/versions', async (request, response) => {
    const versions = await store.versions(request.params.id);
    if (!versions) throw NO_SUCH_JOB();
    response.json({ versions });
  });

  router.get('/:id/versions/:version', async (request, response) => {
    const stored = await store.readVersion(request.params.id, versionIn(request.params.version));
    if (!stored) throw new HttpError(404, 'no-such-version', say('http.noSuchVersion'));
    response.json(stored);
  });

  router.post('/:id/versions/:version/bring-back', async (request, response) => {
    const asked = { ...readBody(bringBackBody, request.body), by: deviceName(response) };
    answer(response, await store.bringBack(request.params.id, versionIn(request.params.version), asked), 200);
  });

  return router;
}

/** The job in a body, which must be the one that the address names. */
function jobUnder(id: string, document: unknown, field: string): Job {
  const job = jobIn(document, field);
  if (job.id === id) return job;
  const message = say('http.jobIds', { own: job.id, asked: id });
  throw new HttpError(400, 'invalid-request', message, { fields: [{ path: `${field}.id`, message }] });
}

function versionIn(text: string): number {
  if (/^[1-9]\d{0,8}$/.test(text)) return Number(text);
  throw new HttpError(404, 'no-such-version', say('http.noSuchVersion'));
}

function answer(response: Response, outcome: SaveOutcome, status: number): void {
  switch (outcome.kind) {
    case 'saved':
      response.status(status).json({ version: outcome.version, changedAt: outcome.changedAt });
      return;
    case 'stale':
      throw new HttpError(409, 'stale', say('http.stale'), {
        current: outcome.current,
      });
    case 'exists':
      throw new HttpError(409, 'exists', say('http.exists'), {
        current: outcome.current,
      });
    case 'removed':
      throw new HttpError(410, 'removed', say('http.removed'));
    case 'unknown':
      throw NO_SUCH_JOB();
  }
}
