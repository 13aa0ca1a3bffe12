import Camera from 'lucide-react-native/icons/camera';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  LIMITS,
  MISTAKES,
  PHOTO_LIMIT,
  withLog,
  type Job,
  type LogEntry,
  type Mistake,
  type Photo,
} from '@dormer/core/job/document';
import { message } from '@dormer/core/base/message';
import type { Plan } from '@dormer/core/plan';
import type { TypedLength } from '@dormer/core/base/quantity';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, Segmented, Sheet, TextField, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { chooseFile } from '../../platform/files';
import { MinutesField } from '../../parts/MinutesField';
import { useLabel } from '../../labels';
import { editJob, newId, useAppDispatch } from '../../store';
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

/** An entry while it is typed. */
interface Draft {
  readonly text: string;
  readonly cause: Mistake;
  readonly minutes: number | null;
  readonly part: string | null;
  readonly length: TypedLength | null;
  readonly photos: readonly Photo[];
}

const EMPTY: Draft = { text: '', cause: 'misread', minutes: null, part: null, length: null, photos: [] };

/** A note, a mistake with what it came from, or what a piece really measures. */
export const EntrySheet = guardedSheet(function EntrySheet({ kind, job, plan, onClose }: EntrySheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [draft, setDraft] = useState<Draft>(EMPTY);
  const [fault, setFault] = useState<string | null>(null);
  const set = (change: Partial<Draft>) => setDraft((before) => ({ ...before, ...change }));
  const keep = () => {
    const entry = entryOf(kind, draft);
    if (typeof entry === 'string') return setFault(label(entry));
    dispatch(editJob((before) => withLog(before, { entries: [...before.log.entries, entry].slice(-LIMITS.entries) })));
    onClose();
  };
  return (
    <Sheet
      title={label(`log.${kind}`)}
      closeTitle={label('close')}
      onClose={onClose}
      footer={<Button title={label('log.keep')} look="lead" grow onPress={keep} />}
    >
      {kind === 'mistake' ? (
        <>
          <Segmented
            titled
            look="chips"
            label={label('log.cause')}
            value={draft.cause}
            options={MISTAKES.map((value) => ({ value, title: words(message(`mistake.${value}`), job) }))}
            onChange={(cause) => set({ cause })}
          />
          <MinutesField
            label={label('log.lost')}
            value={draft.minutes}
            mayBeNone
            onCommit={(minutes) => set({ minutes })}
          />
        </>
      ) : null}
      {kind === 'note' ? null : (
        <Segmented
          titled
          look="chips"
          label={label('log.part')}
          value={draft.part ?? ''}
          options={plan.parts.map((part) => ({ value: part.id, title: part.label }))}
          onChange={(part) => set({ part })}
        />
      )}
      {kind === 'size' ? (
        <>
          <LengthField
            label={label('log.measures')}
            value={draft.length}
            units={job.units}
            tape={job.tape}
            leastMm={1}
            onCommit={(length) => set({ length })}
          />
          <Keypad units={job.units} tape={job.tape} />
        </>
      ) : null}
      <TextField
        label={label('log.text')}
        value={draft.text}
        multiline
        maxLength={LIMITS.notes}
        onChangeText={(text) => set({ text })}
      />
      <Photos
        photos={draft.photos}
        onAdd={(photo) => setDraft((before) => ({ ...before, photos: [...before.photos, photo] }))}
        onFault={setFault}
      />
      {fault ? (
        <Txt tone="stop" role="alert">
          {fault}
        </Txt>
      ) : null}
    </Sheet>
  );
});

/** Builds the entry, or returns the label of what is missing. */
function entryOf(kind: EntryKind, draft: Draft): LogEntry | 'log.needsText' | 'log.needsPart' {
  const { cause, minutes, part, length, photos } = draft;
  const common = {
    id: newId(),
    at: Date.now(),
    text: draft.text.trim(),
    ...(photos.length > 0 ? { photos: [...photos] } : {}),
  };
  switch (kind) {
    case 'note':
      return common.text === '' && photos.length === 0 ? 'log.needsText' : { ...common, kind: 'note' };
    case 'mistake':
      return {
        ...common,
        kind: 'mistake',
        cause,
        ...(part === null ? {} : { part }),
        ...(minutes === null ? {} : { minutes }),
      };
    case 'size':
      return part !== null && length ? { ...common, kind: 'size', part, length } : 'log.needsPart';
  }
}

interface PhotosProps {
  readonly photos: readonly Photo[];
  readonly onAdd: (photo: Photo) => void;
  readonly onFault: (fault: string | null) => void;
}

/** Photos of an entry. */
function Photos({ photos, onAdd, onFault }: PhotosProps) {
  const label = useLabel();
  const add = async () => {
    const file = await chooseFile('image/*');
    if (!file) return;
    const made = await keepPhoto(file);
    if (typeof made === 'string') return onFault(label(`photo.${made}`));
    onFault(null);
    onAdd(made);
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
    </>
  );
}

const styles = StyleSheet.create({ photos: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half } });
