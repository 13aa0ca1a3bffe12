import { Router } from 'express';
import { INSTRUMENTS } from '@dormer/core/job';
import { learnErrors } from '@dormer/core/place/survey';
import type { JobStore } from '../db/jobStore';

/** The person's own error with every instrument, as the repeats of all jobs show it. */
export function instrumentRoutes(store: JobStore): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    const { except } = request.query;
    const sums = await store.instruments(typeof except === 'string' ? except : null);
    const learned = learnErrors(sums);
    response.json({
      instruments: INSTRUMENTS.map((instrument) => ({
        instrument,
        repeats: sums.find((sum) => sum.instrument === instrument)?.repeats ?? 0,
        squares: sums.find((sum) => sum.instrument === instrument)?.squares ?? 0,
        factor: learned.find((learnedError) => learnedError.instrument === instrument)?.factor ?? 1,
      })),
    });
  });
  return router;
}
