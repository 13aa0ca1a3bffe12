import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm, type Control } from 'react-hook-form';
import type { Aligned, Job } from '@dormer/core/job/document';
import { LIMITS } from '@dormer/core/job/document';
import { FORMS, type FormAnswer, type FormFields } from '@dormer/core/job/forms';
import { message } from '@dormer/core/base/message';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, Segmented, Sheet, TextField, Txt, useKeptState } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { useKeptForm } from '../../../ui/useKeptForm';
import { useLabel, type Label } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';

type Fields = FormFields<'aligned'>;
/** A thing there; the person's own mark has neither name nor height yet. */
type To = Exclude<Fields['to'], { kind: 'mark' }> | { readonly kind: 'mark'; readonly name: string };

interface There {
  readonly key: string;
  readonly title: string;
  readonly to: To;
}

/** A shelf lined up with something that is there: which of its faces, and with what. */
export const AlignSheet = guardedSheet(function AlignSheet({ job, onClose }: { job: Job; onClose: () => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const all = thingsThere(job, label);
  const [key, setKey] = useKeptState('what', all[0]!.key);
  const { control, handleSubmit, reset, getValues, formState } = useKeptForm(
    useForm<Fields, unknown, FormAnswer<'aligned'>>({
      mode: 'onChange',
      defaultValues: { to: all[0]!.to, face: 'top' },
      resolver: zodResolver(FORMS.aligned),
    }),
  );
  const choose = (next: string) => {
    setKey(next);
    reset({ face: getValues('face'), to: all.find((there) => there.key === next)!.to });
  };
  const keep = handleSubmit((answer) => {
    dispatch(editBay((before) => withAligned(before, { id: newId(), ...answer })));
    onClose();
  });
  const full = (job.shelves.aligned?.length ?? 0) >= LIMITS.shelves;
  return (
    <Sheet
      title={label('align.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <Button
          title={label('align.keep')}
          look="lead"
          grow
          disabled={!formState.isValid || full}
          onPress={() => void keep()}
        />
      }
    >
      <Txt tone="faint">{label('align.is')}</Txt>
      <Segmented
        titled
        look="chips"
        label={label('align.what')}
        value={key}
        options={all.map((there) => ({ value: there.key, title: there.title }))}
        onChange={choose}
      />
      <Controller
        name="face"
        control={control}
        render={({ field }) => (
          <Segmented
            titled
            label={label('align.face')}
            value={field.value}
            options={(['top', 'underside'] as const).map((value) => ({ value, title: label(`align.${value}`) }))}
            onChange={field.onChange}
          />
        )}
      />
      {key === OWN_MARK ? <MarkFields control={control} job={job} /> : null}
    </Sheet>
  );
});

const OWN_MARK = 'mark';

interface MarkProps {
  readonly control: Control<Fields, unknown, FormAnswer<'aligned'>>;
  readonly job: Job;
}

/** Anything else that is there: what it is, and its height. */
function MarkFields({ control, job }: MarkProps) {
  const label = useLabel();
  return (
    <>
      <Controller
        name="to.name"
        control={control}
        render={({ field }) => (
          <TextField
            label={label('align.markName')}
            value={field.value}
            maxLength={LIMITS.name}
            onChangeText={field.onChange}
          />
        )}
      />
      <Controller
        name="to.up"
        control={control}
        render={({ field }) => (
          <LengthField
            label={label('align.markUp')}
            value={field.value ?? null}
            units={job.units}
            tape={job.tape}
            onCommit={field.onChange}
          />
        )}
      />
      <Keypad units={job.units} tape={job.tape} />
    </>
  );
}

/** The job with a shelf lined up. It is one of the shelves asked for, as long as another can give way. */
const withAligned = (job: Job, aligned: Aligned): Job => ({
  ...job,
  shelves: { ...job.shelves, aligned: [...(job.shelves.aligned ?? []), aligned] },
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
          what: keepClear.note || words(message(`clear.${keepClear.what}`), job),
        }),
        to: { kind: 'keep-clear', id: keepClear.id, edge } as const,
      })),
    ),
    { key: OWN_MARK, title: label('align.mark'), to: { kind: 'mark', name: '' } },
  ];
}
