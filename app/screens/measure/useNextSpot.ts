import { useState } from 'react';
import type { Instrument } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/base/message';
import type { Lift } from '@dormer/core/design/fit';
import { spotKey, type Spot } from '@dormer/core/place/reading';
import { selectOpenJob, selectPlanned, useAppDispatch, useAppSelector } from '../../store';
import { nextLift } from '../../store/nextLift';
import { useAnswer } from '../../platform/useAnswer';

export interface NextSpot {
  /** Where the tape is to be held next; null when no reading is asked for. */
  readonly spot: Spot | null;
  readonly why: Message | null;
  /** What it would do for the board it helps most. */
  readonly lift: Lift | null;
  /** What to take it with. */
  readonly with: Instrument | null;
  /** The reading it takes once more, without sight of its value. */
  readonly again: string | null;
  /** Whether the advice is of the readings as they stand, not of a moment ago. */
  readonly fresh: boolean;
  readonly skip: () => void;
}

/** The next reading worth taking that the person has not passed over. */
export function useNextSpot(): NextSpot {
  const { plan, job: planned, fault } = useAppSelector(selectPlanned);
  const job = useAppSelector(selectOpenJob);
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const dispatch = useAppDispatch();
  const first = plan?.advice.next.find((suggestion) => !skipped.includes(keyOf(suggestion)));
  // Worked out for the first of the advice only, and told of the plan on the screen only.
  const asked = first && first === plan?.advice.next[0] ? planned : null;
  const { answer, of, failed } = useAnswer(asked, () => (asked ? dispatch(nextLift(asked)) : Promise.resolve(null)));
  const answered = asked === null || of === asked;
  return {
    spot: first?.spot ?? null,
    // Why and what for appear together: what is below them moves once.
    why: first && (answered || failed) ? first.why : null,
    lift: asked !== null && of === asked ? answer : null,
    with: first?.with ?? null,
    again: first?.again ?? null,
    // Where there can be no plan there is nothing to wait for.
    fresh: job === planned || fault !== null,
    skip: () => {
      if (first) setSkipped([...skipped, keyOf(first)]);
    },
  };
}

const keyOf = ({ spot, again }: { spot: Spot; again: string | null }) => `${again ?? ''}|${spotKey(spot)}`;
