import { TOOLS, type Job } from '@dormer/core/job/document';
import { ANCHOR_KG, PLUG_KG } from '@dormer/core/design/load/ratings';
import { formatMass } from '@dormer/core/base/quantity';
import { Section, Segmented, Toggles } from '../../../ui';
import { LengthFields } from '../../../ui/LengthFields';
import { MassField } from '../../../ui/MassField';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';

/** What the walls are to a screw, what one’s anchors and plugs may carry, and what there is to work with. */
export function FixingForm({ job }: { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { fixing } = job;
  const set = (change: Partial<Job['fixing']>) =>
    void dispatch(editBay((one) => ({ ...one, fixing: { ...one.fixing, ...change } })));
  const clear = (key: 'anchorKg' | 'plugKg') =>
    void dispatch(
      editBay((one) => {
        const { [key]: _before, ...rest } = one.fixing;
        return { ...one, fixing: rest };
      }),
    );
  const usual = { anchorKg: ANCHOR_KG, plugKg: PLUG_KG } as const;
  return (
    <Section title={label('fixing.title')}>
      <LengthFields
        units={job.units}
        tape={job.tape}
        fields={[
          {
            key: 'lining',
            label: label('fixing.lining'),
            value: fixing.lining,
            mayBeNothing: true,
            onCommit: (lining) => set({ lining }),
          },
          { key: 'panel', label: label('fixing.panel'), value: fixing.panel, onCommit: (panel) => set({ panel }) },
        ]}
      />
      <Toggles<'anchors'>
        label={label('fixing.where')}
        chosen={fixing.anchors ? ['anchors'] : []}
        options={[{ value: 'anchors', title: label('fixing.anchors') }]}
        onChange={(chosen) => set({ anchors: chosen.length > 0 })}
      />
      {(['anchorKg', 'plugKg'] as const).map((key) => (
        <MassField
          key={key}
          label={label(`fixing.${key}`)}
          value={fixing[key] ?? null}
          placeholder={label('fixing.usual', { kg: formatMass(usual[key], job.units === 'in' ? 'lb' : 'kg') })}
          units={job.units}
          reader={job}
          onCommit={(value) => set({ [key]: value })}
          onClear={() => clear(key)}
        />
      ))}
      <Segmented
        titled
        label={label('tools.title')}
        value={job.tools}
        options={TOOLS.map((value) => ({ value, title: label(`tools.${value}`) }))}
        onChange={(tools) => dispatch(editBay((one) => ({ ...one, tools })))}
      />
    </Section>
  );
}
