import { useEffect } from 'react';
import type { Job } from '@dormer/core/job/document';
import { type CuttingOf, cuttingKey, workOutCutting } from './cuttingActions';
import { useAppDispatch, useAppSelector } from './hooks';
import { selectCutting, selectFresh, selectRack } from './selectors';

/** How the open job is cut, worked out while someone looks at it: what was found last stays until the next is there. */
export function useCutting(job: Job, of: CuttingOf = 'all') {
  const dispatch = useAppDispatch();
  const fresh = useAppSelector(selectFresh);
  const rack = useAppSelector(selectRack);
  const { result, key, working, stopped } = useAppSelector(selectCutting);
  const wanted = cuttingKey(job, rack, of);
  useEffect(() => {
    if (fresh) void dispatch(workOutCutting(of));
  }, [dispatch, fresh, of, wanted]);
  return {
    /** Null until the first is there, and of another job. */
    cutting: key?.startsWith(jobPart(wanted)) ? result : null,
    current: key === wanted && result !== null,
    again: () => void dispatch(workOutCutting(of, true)),
    share: working ? working.share : null,
    stopped: stopped?.key === wanted ? (stopped.failed ? ('failed' as const) : ('stopped' as const)) : null,
  };
}

/** Keys of one job begin alike: with its format, version and id. */
const jobPart = (key: string) => key.slice(0, key.indexOf('"name"'));
