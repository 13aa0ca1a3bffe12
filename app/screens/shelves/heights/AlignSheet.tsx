import { useState } from 'react';
import type { Aligned, Job } from '@dormer/core/job/document';
import { LIMITS } from '@dormer/core/job/document';
import { message } from '@dormer/core/base/message';
import type { TypedLength } from '@dormer/core/base/quantity';
import { sentence } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, Segmented, Sheet, TextField, Txt } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { useLabel, type Label } from '../../../labels';
import { editJob, newId, useAppDispatch } from '../../../store';

interface There {
  readonly key: string;
  readonly title: string;
  readonly to: Aligned['to'] | null;
}

/** A shelf lined up with something that is there: which of its faces, and with what. */
export const AlignSheet = guardedSheet(function AlignSheet({ job, onClose }: { job: Job; onClose: () => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const all = thingsThere(job, label);
  const [key, setKey] = useState(all[0]?.key ?? 'mark');
  const [face, setFace] = useState<Aligned['face']>('top');
  const [name, setName] = useState('');
  const [up, setUp] = useState<TypedLength | null>(null);
  const chosen = all.find((one) => one.key === key);
  const own: Aligned['to'] | null = name.trim() && up ? { kind: 'mark', name: name.trim(), up } : null;
  const to = chosen?.to ?? own;
  const keep = () => {
    if (!to) return;
    dispatch(
      editJob((one) => ({
        ...one,
        shelves: {
          ...one.shelves,
          // It is one of the shelves that were asked for, as long as there is another that can give way.
          aligned: [...(one.shelves.aligned ?? []), { id: newId(), to, face }],
        },
      })),
    );
    onClose();
  };
  const full = (job.shelves.aligned?.length ?? 0) >= LIMITS.shelves;
  return (
    <Sheet
      title={label('align.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={<Button title={label('align.keep')} look="lead" grow disabled={!to || full} onPress={keep} />}
    >
      <Txt tone="faint">{label('align.is')}</Txt>
      <Segmented
        titled
        look="chips"
        label={label('align.what')}
        value={key}
        options={all.map((one) => ({ value: one.key, title: one.title }))}
        onChange={setKey}
      />
      <Segmented
        titled
        label={label('align.face')}
        value={face}
        options={(['top', 'underside'] as const).map((value) => ({ value, title: label(`align.${value}`) }))}
        onChange={setFace}
      />
      {chosen?.to === null ? (
        <>
          <TextField label={label('align.markName')} value={name} maxLength={LIMITS.name} onChangeText={setName} />
          <LengthField label={label('align.markUp')} value={up} units={job.units} tape={job.tape} onCommit={setUp} />
          <Keypad units={job.units} tape={job.tape} />
        </>
      ) : null}
    </Sheet>
  );
});

function thingsThere(job: Job, label: Label): There[] {
  const { place } = job;
  const edges = ['top', 'bottom'] as const;
  return [
    { key: 'level-line', title: label('align.level-line'), to: { kind: 'level-line' } },
    ...(place.skirting ? [{ key: 'skirting', title: label('align.skirting'), to: { kind: 'skirting' } } as const] : []),
    ...(place.rail
      ? edges.map((edge) => ({
          key: `rail-${edge}`,
          title: label(edge === 'top' ? 'align.railTop' : 'align.railBottom'),
          to: { kind: 'rail', edge } as const,
        }))
      : []),
    ...(place.mouth?.height ? [{ key: 'mouth', title: label('align.mouth'), to: { kind: 'mouth' } } as const] : []),
    ...place.keepClears.flatMap((keepClear) =>
      edges.map((edge) => ({
        key: `${keepClear.id}-${edge}`,
        title: label(edge === 'top' ? 'align.clearTop' : 'align.clearBottom', {
          what: keepClear.note || sentence(message(`clear.${keepClear.what}`), job),
        }),
        to: { kind: 'keep-clear', id: keepClear.id, edge } as const,
      })),
    ),
    { key: 'mark', title: label('align.mark'), to: null },
  ];
}
