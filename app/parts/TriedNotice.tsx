import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { lengthWords } from '@dormer/core/say/words/first';
import '../labels/cut';
import { useLabel } from '../labels';
import { NoticeLine } from '../ui/Notices';

interface TriedNoticeProps {
  readonly tried: Plan['parts'][number]['tried'];
  readonly job: Job;
}

/** A board that was cut and tried: how it was cut, and what to shave where it binds. */
export function TriedNotice({ tried, job }: TriedNoticeProps) {
  const label = useLabel();
  if (!tried) return null;
  const shaves = tried.shaves.map((shave) =>
    label('trial.shave', {
      by: lengthWords(shave.mm, job),
      end: label(`fit.end.${shave.end}`),
      at: label(`trial.at.${shave.at}`),
    }),
  );
  return (
    <NoticeLine
      kind={shaves.length > 0 ? 'doubtful' : 'sure'}
      word={label('trial.cutAlready', { back: lengthWords(tried.cut.back, job) })}
      words={shaves.length === 0 ? label('trial.nothingBinds') : shaves.join(' ')}
    />
  );
}
