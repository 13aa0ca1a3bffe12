import { Router } from 'express';
import { jobIn } from '../http/body';
import { HttpError } from '../http/errors';
import { PlanTooLongError, TooManyPlansError, type PlanPool } from '../planning/planPool';
import { say } from '../words';

/** The plan of the job in the body. Nothing is kept. */
export function planRoutes(plans: PlanPool): Router {
  const router = Router();
  router.post('/', async (request, response) => {
    const job = jobIn(request.body);
    try {
      response.type('json').send(await plans.plan(job));
    } catch (error) {
      if (error instanceof PlanTooLongError) {
        throw new HttpError(422, 'too-long', say('http.planTooLong'));
      }
      if (error instanceof TooManyPlansError) {
        response.set('Retry-After', '5');
        throw new HttpError(503, 'too-many', say('http.tooManyPlans'));
      }
      throw error;
    }
  });
  return router;
}
