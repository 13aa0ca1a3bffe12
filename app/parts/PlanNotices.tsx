import { useState } from 'react';
import type { Caution, Problem } from '@dormer/core/base/problem';
import { words, type Reader } from '@dormer/core/say/words/first';
import { useLabel } from '../labels';
import { Button } from '../ui/Button';
import { NoticeLine } from '../ui/Notices';

interface PlanNoticesProps {
  readonly problems: readonly Problem[];
  readonly cautions?: readonly Caution[];
  readonly reader: Reader;
}

// More than this many lines before the work itself is a wall; the rest is one touch away.
const AT_ONCE = 1;

/** Problems, the stopping ones first and all in sight, then the cautions of the stage. */
export function PlanNotices({ problems, cautions = [], reader }: PlanNoticesProps) {
  const label = useLabel();
  const [all, setAll] = useState(false);
  const stops = problems.filter((problem) => problem.severity === 'stop');
  const doubts = problems.filter((problem) => problem.severity !== 'stop');
  const shown = all ? doubts : doubts.slice(0, Math.max(AT_ONCE - stops.length, 0));
  const left = doubts.length - shown.length;
  return (
    <>
      {[...stops, ...shown].map((problem, index) => (
        <NoticeLine
          key={`${problem.message.code}-${index}`}
          kind={problem.severity}
          word={label(problem.severity === 'stop' ? 'problem.stop' : 'problem.doubtful')}
          words={words(problem.message, reader)}
        />
      ))}
      {left > 0 || (all && doubts.length > AT_ONCE) ? (
        <Button
          look="quiet"
          title={all ? label('problem.fewer') : label('problem.more', { count: left })}
          onPress={() => setAll(!all)}
        />
      ) : null}
      {cautions.map((caution) => (
        <NoticeLine
          key={caution.message.code}
          kind="caution"
          word={label('problem.caution')}
          words={words(caution.message, reader)}
        />
      ))}
    </>
  );
}
