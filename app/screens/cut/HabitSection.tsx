import { HABITS, type Job } from '@dormer/core/job/document';
import { LengthField, Section, Segmented } from '../../ui';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { ODDS } from './ends';

/** How all boards of the job are fitted, unless one has a choice of its own. */
export function HabitSection({ job }: { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const set = (change: Partial<Job['fit']>) =>
    void dispatch(editJob((one) => ({ ...one, fit: { ...one.fit, ...change } })));
  return (
    <Section title={label('habit.title')}>
      <Segmented
        label={label('habit.title')}
        look="column"
        value={job.fit.habit}
        options={HABITS.map((value) => ({ value, title: label(`habit.${value}`) }))}
        onChange={(habit) => set({ habit })}
      />
      {job.fit.habit === 'loose' ? (
        <LengthField
          label={label('habit.play')}
          value={job.fit.play}
          units={job.units}
          tape={job.tape}
          sign="notNegative"
          onCommit={(play) => set({ play })}
        />
      ) : null}
      <Segmented
        titled
        label={label('ends.odds')}
        value={job.fit.odds}
        options={ODDS.map((value) => ({ value: value as number, title: `${value} %` }))}
        onChange={(odds) => set({ odds })}
      />
    </Section>
  );
}
