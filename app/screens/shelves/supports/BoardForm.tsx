import { RODS, withFurther, type Job } from '@dormer/core/job/document';
import type { TypedLength } from '@dormer/core/base/quantity';
import type { Plan } from '@dormer/core/plan';
import { Section, Segmented } from '../../../ui';
import { LengthFields } from '../../../ui/LengthFields';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { WoodFields } from './WoodFields';

/** Sizes of boards as they really are, and what they are made of. */
export function BoardForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const set = (key: 'thickness' | 'depth') => (value: TypedLength) =>
    void dispatch(editBay((one) => ({ ...one, shelves: { ...one.shelves, [key]: value } })));
  return (
    <Section title={label('board.title')}>
      <LengthFields
        units={job.units}
        tape={job.tape}
        fields={(['thickness', 'depth'] as const).map((key) => ({
          key,
          label: label(`board.${key}`),
          value: job.shelves[key],
          onCommit: set(key),
        }))}
      />
      <WoodFields job={job} plan={plan} />
      {job.shelves.bottom.kind === 'rail' || job.shelves.bottom.kind === 'garments' ? (
        <Segmented
          titled
          label={label('rod.title')}
          value={job.further?.rod ?? RODS[0]}
          options={RODS.map((value) => ({ value, title: label(`rod.${value}`) }))}
          onChange={(rod) => dispatch(editBay((one) => withFurther(one, (all) => ({ ...all, rod }))))}
        />
      ) : null}
    </Section>
  );
}
