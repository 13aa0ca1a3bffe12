import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { aboutWords, listWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../ui';
import { useLabel } from '../../labels';

/** The opening in a line of words: how it departs from square, plumb, level and flat, and how well it is known. */
export function OpeningWords({ plan, job }: { plan: Plan; job: Job }) {
  const label = useLabel();
  const shown = plan.deviations
    .filter((deviation) => deviation.kind === 'shown')
    .map((deviation) => words(deviation.message, job));
  const unknown = plan.deviations
    .filter((deviation) => deviation.kind === 'unknown')
    .map((deviation) => words(deviation.about, job));
  const sure = aboutWords(plan.advice.sureMm, job);
  const known = plan.advice.sureMm > 50 ? label('opening.hardlyKnown') : label(`opening.known.${plan.takes}`, { sure });
  const says = [...(shown.length > 0 ? shown : [label('opening.nothing')]), known].join(' ');
  return (
    <>
      <Txt>{says}</Txt>
      {unknown.length > 0 ? (
        <Txt kind="small" tone="faint">
          {label('opening.notKnown', { what: listWords(unknown, job) })}
        </Txt>
      ) : null}
    </>
  );
}
