import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { Button, NoticeLine } from '../../ui';
import { useLabel } from '../../labels';

interface EnoughProps {
  readonly plan: Plan | null;
  readonly job: Job;
  /** The person takes a reading once more. */
  readonly onAgain: (id: string) => void;
}

/**
 * That enough is known for what is planned, and what still rests on one reading alone; or that nothing more can be
 * read with what there is.
 */
export function Enough({ plan, job, onAgain }: EnoughProps) {
  const label = useLabel();
  if (!plan || job.readings.length === 0) return null;
  const { enough, unknown, unchecked, next } = plan.advice;
  if (!enough) {
    if (next.length > 0) return null;
    const what = unknown
      .slice(0, 2)
      .map((one) => words(one.words, job))
      .join('; ');
    return <NoticeLine kind="doubtful" word={label('measure.noMore')} words={label('measure.noMoreWhy', { what })} />;
  }
  const alone = plan.readings.find((reading) => reading.id === unchecked[0]);
  return (
    <>
      <NoticeLine kind="sure" word={label('measure.enough')} words={label(`measure.enoughWhy.${plan.takes}`)} />
      {alone ? (
        <>
          <NoticeLine
            kind="doubtful"
            word={label('measure.alone')}
            words={label('measure.aloneWhy', { reading: words(alone.name, job) })}
          />
          <Button title={label('measure.check')} onPress={() => onAgain(alone.id)} />
        </>
      ) : null}
    </>
  );
}
