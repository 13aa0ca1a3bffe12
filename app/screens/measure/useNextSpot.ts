import { useState } from 'react';
import type { Spot, Suggestion } from '@dormer/core/survey';
import { selectOpenJob, selectPlanned, useAppSelector } from '../../store';

export interface NextSpot {
  /** Where the tape is to be held next; null when no reading is asked for. */
  readonly spot: Spot | null;
  readonly why: Suggestion['why'] | null;
  /** Whether the advice is of the readings as they stand, not of a moment ago. */
  readonly fresh: boolean;
  readonly skip: () => void;
}

/** The next reading worth taking that the person has not passed over. */
export function useNextSpot(): NextSpot {
  const { plan, job: planned } = useAppSelector(selectPlanned);
  const job = useAppSelector(selectOpenJob);
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const first = plan?.next.find((one) => !skipped.includes(keyOf(one.spot)));
  return {
    spot: first?.spot ?? null,
    why: first?.why ?? null,
    fresh: job === planned,
    skip: () => {
      if (first) setSkipped([...skipped, keyOf(first.spot)]);
    },
  };
}

const keyOf = (spot: Spot) => JSON.stringify(spot);
