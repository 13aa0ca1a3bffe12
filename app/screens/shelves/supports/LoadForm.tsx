import { LOAD_USES, type Job } from '@dormer/core/job/document';
import { lengthWords } from '@dormer/core/say/words/first';
import { Section, Segmented } from '../../../ui';
import { MassField } from '../../../ui/MassField';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';

/** What the shelves are reckoned to carry. */
export function LoadForm({ job }: { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const set = (load: Job['load']) => void dispatch(editBay((one) => ({ ...one, load })));
  return (
    <Section title={label('load.title')}>
      <Segmented
        look="chips"
        label={label('load.title')}
        value={job.load.use}
        options={LOAD_USES.map((value) => ({ value, title: label(`load.${value}`) }))}
        onChange={(use) => set({ ...job.load, use })}
      />
      {job.load.use === 'own' ? (
        <MassField
          label={label('load.perMetre', { length: lengthWords(1000, job) })}
          value={job.load.perMetre ?? null}
          units={job.units}
          reader={job}
          onCommit={(perMetre) => set({ ...job.load, perMetre })}
        />
      ) : null}
    </Section>
  );
}
