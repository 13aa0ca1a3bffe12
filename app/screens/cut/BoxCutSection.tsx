import { usualBox, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { aboutWords, lengthWords } from '@dormer/core/say/words/first';
import { NoticeLine, Section, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { Numbers } from './Numbers';

/** The trim of a cavity's box as it is mitred, whether it hides the gap, and how box and trim are cut true. */
export function BoxCutSection({ job, plan }: { job: Job; plan: Plan }) {
  const label = useLabel();
  const piece = (id: string) => plan.parts.find((part) => part.id === id);
  const [upright, across] = [piece('trim-left'), piece('trim-head')];
  const { box } = plan;
  if (!box || !upright || !across) return null;
  const { trim } = job.box ?? usualBox(job.units);
  return (
    <Section title={label('trim.title')}>
      <Numbers
        of={label('trim.title')}
        job={job}
        readings={plan.readings}
        all={[
          { name: label('trim.upright'), value: upright.length },
          { name: label(trim.foot === false ? 'trim.head' : 'trim.across'), value: across.length },
        ]}
      />
      <NoticeLine
        kind={box.trim.covers ? 'sure' : 'doubtful'}
        word={label(box.trim.covers ? 'trim.covers' : 'trim.doesNotCover')}
        words={label('trim.gap', {
          gap: aboutWords(box.trim.worstGapMm + box.trim.sureMm, job),
          reach: lengthWords(Math.max(box.trim.coversMm, 0), job),
        })}
      />
      <Txt>
        {label(trim.foot === false ? 'trim.mitreHead' : 'trim.mitre', { reveal: lengthWords(trim.reveal.mm, job) })}
      </Txt>
      <Txt>
        {label('trim.box', {
          width: lengthWords(box.width.mm, job),
          height: lengthWords(box.height.mm, job),
        })}
      </Txt>
    </Section>
  );
}
