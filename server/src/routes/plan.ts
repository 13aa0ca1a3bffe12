import { Router } from 'express';
import { planJob } from '@dormer/core/plan';
import { jobIn } from '../http/body';

/** The plan of the job in the body. Nothing is kept. */
export function planRoutes(): Router {
  const router = Router();
  router.post('/', (request, response) => {
    response.json(planJob(jobIn(request.body)));
  });
  return router;
}
