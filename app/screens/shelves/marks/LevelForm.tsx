import { LEVEL_CARRIED, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { LengthField, Section, Segmented, Txt } from '../../../ui';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';

/** The level line every mark hangs on: where it is, how it was carried, and what to do while there is none. */
export function LevelForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { levelLine } = job;
  const set = (change: Partial<Job['levelLine']>) =>
    dispatch(editBay((one) => ({ ...one, levelLine: { ...one.levelLine, ...change } })));
  const carried = levelLine.carried ?? 'none';
  return (
    <Section title={label('level.title')}>
      {plan ? <Txt>{words(plan.levelLine, job)}</Txt> : null}
      <LengthField
        label={label('level.up')}
        value={levelLine.up}
        units={job.units}
        tape={job.tape}
        sign="notNegative"
        onCommit={(up) => set({ up })}
      />
      <Segmented
        titled
        look="chips"
        label={label('level.carried')}
        value={carried}
        options={LEVEL_CARRIED.map((value) => ({ value, title: label(`level.by.${value}`) }))}
        onChange={(value) => set({ carried: value })}
      />
      {carried === 'none' ? null : (
        <LengthField
          label={label('level.closing')}
          value={levelLine.closing ?? null}
          units={job.units}
          tape={job.tape}
          sign="notNegative"
          onCommit={(closing) => set({ closing })}
        />
      )}
    </Section>
  );
}
