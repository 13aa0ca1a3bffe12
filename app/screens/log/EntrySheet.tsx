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
import { message } from '@dormer/core/message';
import type { Plan } from '@dormer/core/plan';
import type { TypedLength } from '@dormer/core/quantity';
import { words } from '@dormer/core/words';
import { Button, Keypad, LengthField, Segmented, Sheet, TextField, Txt } from '../../controls';
import { chooseFile } from '../../controls/files';
import { MinutesField } from '../../controls/MinutesField';
import { useLabel } from '../../labels';
import { editJob, newId, useAppDispatch } from '../../store';
import { keepPhoto } from '../../store/photos';
import { SPACE } from '../../theme';
import { PhotoView } from './PhotoView';

export type EntryKind = LogEntry['is'];

interface EntrySheetProps {
  readonly kind: EntryKind;
  readonly job: Job;
  readonly plan: Plan;
  readonly onClose: () => void;
}

/** A note, a mistake with what it came from, or what a piece really measures. */
export function EntrySheet({ kind, job, plan, onClose }: EntrySheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const [cause, setCause] = useState<Mistake>('misread');
  const [minutes, setMinutes] = useState<number | null>(null);
  const [part, setPart] = useState<string | null>(null);
  const [length, setLength] = useState<TypedLength | null>(null);
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const add = async () => {
    const file = await chooseFile('image/*');
    if (!file) return;
    const made = await keepPhoto(file);
    if (typeof made === 'string') return setFault(label(`photo.${made}`));
    setFault(null);
    setPhotos((before) => [...before, made]);
  };
  const entry = (): LogEntry | string => {
    const common = {
      id: newId(),
      at: Date.now(),
      text: text.trim(),
      ...(photos.length > 0 ? { photos: [...photos] } : {}),
    };
    if (kind === 'note')
      return common.text === '' && photos.length === 0 ? label('log.needsText') : { ...common, is: 'note' };
    if (kind === 'mistake')
      return {
        ...common,
        is: 'mistake',
        cause,
        ...(part === null ? {} : { part }),
        ...(minutes === null ? {} : { minutes }),
      };
    return part !== null && length ? { ...common, is: 'size', part, length } : label('log.needsPart');
  };
  const keep = () => {
    const made = entry();
    if (typeof made === 'string') return setFault(made);
    dispatch(editJob((one) => withLog(one, { entries: [...one.log.entries, made].slice(-LIMITS.entries) })));
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
            value={cause}
            options={MISTAKES.map((value) => ({ value, title: words(message(`mistake.${value}`), job) }))}
            onChange={setCause}
          />
          <MinutesField label={label('log.lost')} value={minutes} mayBeNone onCommit={setMinutes} />
        </>
      ) : null}
      {kind === 'note' ? null : (
        <Segmented
          titled
          look="chips"
          label={label('log.part')}
          value={part ?? ''}
          options={plan.parts.map((one) => ({ value: one.id, title: one.label }))}
          onChange={setPart}
        />
      )}
      {kind === 'size' ? (
        <>
          <LengthField
            label={label('log.measures')}
            value={length}
            units={job.units}
            tape={job.tape}
            leastMm={1}
            onCommit={setLength}
          />
          <Keypad units={job.units} tape={job.tape} />
        </>
      ) : null}
      <TextField label={label('log.text')} value={text} multiline maxLength={LIMITS.notes} onChangeText={setText} />
      <View style={styles.photos}>
        {photos.map((one, i) => (
          <PhotoView key={one.id} id={one.id} name={label('photo.name', { number: i + 1 })} />
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
    </Sheet>
  );
}

const styles = StyleSheet.create({ photos: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half } });
