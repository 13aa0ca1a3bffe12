import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { PROGRAMS, RunningServer } from '../test/running';
import { PlanPool, PlanTooLongError, TooManyPlansError } from './planPool';

const alcove = chimneyAlcove();

test('a plan that takes longer than it is given is ended, and the next is worked out', async () => {
  const plans = new PlanPool(PROGRAMS, { atOnce: 4, withinMs: 1 });
  await expect(plans.plan(alcove)).rejects.toThrow(PlanTooLongError);
  await plans.close();
  const patient = new PlanPool(PROGRAMS);
  expect(JSON.parse(await patient.plan(alcove))).toMatchObject({ format: 'dormer-plan' });
  await patient.close();
});

test('more plans at once than the limit are refused; the others are worked out', async () => {
  const plans = new PlanPool(PROGRAMS, { atOnce: 3, withinMs: 60_000 });
  const asked = await Promise.allSettled(Array.from({ length: 20 }, () => plans.plan(alcove)));
  const refused = asked.filter((plan): plan is PromiseRejectedResult => plan.status === 'rejected');
  expect(refused).toHaveLength(17);
  expect(refused.every(({ reason }) => reason instanceof TooManyPlansError)).toBe(true);
  await plans.close();
});

test('others are answered while plans are worked out', async () => {
  const server = await RunningServer.start();
  const answered: string[] = [];
  const plans = [1, 2, 3].map(() => server.ask('POST', '/api/plan', alcove).then(() => answered.push('plan')));
  await server.ask('GET', '/api/jobs').then(() => answered.push('jobs'));
  await Promise.all(plans);
  expect(answered).toEqual(['jobs', 'plan', 'plan', 'plan']);
  await server.stopAndClear();
});
