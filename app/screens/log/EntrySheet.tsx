import Camera from 'lucide-react-native/icons/camera';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { Controller, useForm, type Control, type DefaultValues } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { LIMITS, MISTAKES, PHOTO_LIMIT, withLog, type Job, type LogEntry, type Photo } from '@dormer/core/job/document';
import { FORMS, type FormAnswer, type FormFields } from '@dormer/core/job/forms';
import { message } from '@dormer/core/base/message';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, Segmented, Sheet, TextField, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useKeptForm } from '../../ui/useKeptForm';
import { chooseFile } from '../../platform/files';
import { MinutesField } from '../../parts/MinutesField';
import { useLabel } from '../../labels';
import { editJob, newId, selectServer, useAppDispatch, useAppSelector } from '../../store';
import { keepPhoto } from '../../store/photos';
import { SPACE } from '../../theme';
import { PhotoView } from './PhotoView';

export type EntryKind = LogEntry['kind'];

interface EntrySheetProps {
  readonly kind: EntryKind;
  readonly job: Job;
  readonly plan: Plan;
  readonly onClose: () => void;
}

/** What stands in the fields at first. */
const FRESH = {
  note: { kind: 'note', text: '', photos: [] },
  mistake: { kind: 'mistake', text: '', photos: [], cause: 'misread' },
  size: { kind: 'size', text: '', photos: [] },
} as const satisfies Readonly<Record<EntryKind, DefaultValues<FormFields<'entry'>>>>;

/** A note, a mistake with what it came from, or what a piece really measures. */
export const EntrySheet = guardedSheet(function EntrySheet({ kind, job, plan, onClose }: EntrySheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { control, handleSubmit, formState } = useKeptForm(
    useForm<FormFields<'entry'>, unknown, FormAnswer<'entry'>>({
      defaultValues: FRESH[kind],
      resolver: zodResolver(FORMS.entry),
    }),
  );
  const keep = handleSubmit((answer) => {
    dispatch(editJob((before) => withEntry(before, answer)));
    onClose();
  });
  const faulty = Object.keys(formState.errors).length > 0;
  return (
    <Sheet
      title={label(`log.${kind}`)}
      closeTitle={label('close')}
      onClose={onClose}
      footer={<Button title={label('log.keep')} look="lead" grow onPress={() => void keep()} />}
    >
      {kind === 'mistake' ? <MistakeFields control={control} job={job} /> : null}
      {kind === 'note' ? null : (
        <Controller
          name="part"
          control={control}
          render={({ field }) => (
            <Segmented
              titled
              look="chips"
              label={label('log.part')}
              value={field.value ?? ''}
              options={plan.parts.map((part) => ({ value: part.id, title: part.label }))}
              onChange={field.onChange}
            />
          )}
        />
      )}
      {kind === 'size' ? <SizeField control={control} job={job} /> : null}
      <Controller
        name="text"
        control={control}
        render={({ field }) => (
          <TextField
            label={label('log.text')}
            value={field.value}
            multiline
            maxLength={LIMITS.notes}
            onChangeText={field.onChange}
          />
        )}
      />
      <Controller
        name="photos"
        control={control}
        render={({ field }) => <Photos photos={field.value ?? []} onChange={field.onChange} />}
      />
      {faulty ? (
        <Txt tone="stop" role="alert">
          {label(kind === 'note' ? 'log.needsText' : 'log.needsPart')}
        </Txt>
      ) : null}
    </Sheet>
  );
});

interface FieldsProps {
  readonly control: Control<FormFields<'entry'>, unknown, FormAnswer<'entry'>>;
  readonly job: Job;
}

/** What a mistake came from, and how many minutes it cost. */
function MistakeFields({ control, job }: FieldsProps) {
  const label = useLabel();
  return (
    <>
      <Controller
        name="cause"
        control={control}
        render={({ field }) => (
          <Segmented
            titled
            look="chips"
            label={label('log.cause')}
            value={field.value}
            options={MISTAKES.map((value) => ({ value, title: words(message(`mistake.${value}`), job) }))}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        name="minutes"
        control={control}
        render={({ field }) => (
          <MinutesField
            label={label('log.lost')}
            value={field.value ?? null}
            mayBeNone
            onCommit={(minutes) => field.onChange(minutes ?? undefined)}
          />
        )}
      />
    </>
  );
}

/** What a piece measures now that it is made. */
function SizeField({ control, job }: FieldsProps) {
  const label = useLabel();
  return (
    <>
      <Controller
        name="length"
        control={control}
        render={({ field }) => (
          <LengthField
            label={label('log.measures')}
            value={field.value ?? null}
            units={job.units}
            tape={job.tape}
            leastMm={1}
            onCommit={field.onChange}
          />
        )}
      />
      <Keypad units={job.units} tape={job.tape} />
    </>
  );
}

/** The job with one more entry in its diary; the oldest gives way when the diary is full. */
function withEntry(job: Job, { photos = [], ...answer }: FormAnswer<'entry'>): Job {
  const pictures = photos.length > 0 ? { photos } : {};
  const entry: LogEntry = { id: newId(), at: Date.now(), ...answer, text: answer.text.trim(), ...pictures };
  return withLog(job, { entries: [...job.log.entries, entry].slice(-LIMITS.entries) });
}

interface PhotosProps {
  readonly photos: readonly Photo[];
  readonly onChange: (photos: readonly Photo[]) => void;
}

/** Photos of an entry; one that cannot be taken in is named. */
function Photos({ photos, onChange }: PhotosProps) {
  const label = useLabel();
  const server = useAppSelector(selectServer);
  const [fault, setFault] = useState<string | null>(null);
  const add = async () => {
    const file = await chooseFile('image/*');
    if (!file) return;
    const made = await keepPhoto(file, server);
    if (typeof made === 'string') return setFault(label(`photo.${made}`));
    setFault(null);
    onChange([...photos, made]);
  };
  return (
    <>
      <View style={styles.photos}>
        {photos.map(({ id }, i) => (
          <PhotoView key={id} id={id} name={label('photo.name', { number: i + 1 })} />
        ))}
      </View>
      <Button
        title={label('photo.add')}
        icon={Camera}
        disabled={photos.length >= PHOTO_LIMIT.each}
        onPress={() => void add()}
      />
      {fault ? (
        <Txt tone="stop" role="alert">
          {fault}
        </Txt>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({ photos: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half } });
