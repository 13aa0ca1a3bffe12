import { useEffect, useState } from 'react';
import type { Trips } from '@dormer/core/build/hand';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { selectFresh, useAppDispatch, useAppSelector } from '../../store';
import { askTrips } from '../../store/trips';

/** What is left to do in the best order, worked out anew whenever a step, a tick or a wait is another: the last one stays until then. */
export function useTrips(job: Job, plan: Plan) {
  const dispatch = useAppDispatch();
  const fresh = useAppSelector(selectFresh);
  const [found, setFound] = useState<{ key: string; trips: Trips | null } | null>(null);
  const { packed: _packed, calendar: _calendar, ...build } = job.build;
  const wanted = JSON.stringify([job.id, build, plan.build.steps.map((one) => [one.id, one.minutes, one.after])]);
  useEffect(() => {
    if (!fresh) return;
    let current = true;
    const take = (trips: Trips | null) => {
      if (current) setFound({ key: wanted, trips });
    };
    dispatch(askTrips(Date.now())).then(take, () => take(null));
    return () => {
      current = false;
    };
  }, [dispatch, fresh, wanted]);
  const current = found?.key === wanted;
  return { trips: found?.trips ?? null, current, failed: current && found?.trips === null };
}
