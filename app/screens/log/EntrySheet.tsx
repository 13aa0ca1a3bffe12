import { useState } from 'react';
import { LIMITS, MISTAKES, withLog, type Job, type LogEntry, type Mistake } from '@dormer/core/job/document';
import { message } from '@dormer/core/message';
import type { Plan } from '@dormer/core/plan';
import type { TypedLength } from '@dormer/core/quantity';
import { words } from '@dormer/core/words';
import { Button, Keypad, LengthField, Segmented, Sheet, TextField, Txt } from '../../controls';
import { MinutesField } from '../../controls/MinutesField';
import { useLabel } from '../../labels';
import { editJob, newId, useAppDispatch } from '../../store';

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
  const [fault, setFault] = useState<string | null>(null);
  const entry = (): LogEntry | string => {
    const common = { id: newId(), at: Date.now(), text: text.trim() };
    if (kind === 'note') return common.text === '' ? label('log.needsText') : { ...common, is: 'note' };
    if (kind === 'mistake')
      return { ...common, is: 'mistake', cause, ...(part === null ? {} : { part }), ...(minutes === null ? {} : { minutes }) };
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
          <Segmented titled look="chips" label={label('log.cause')} value={cause} options={MISTAKES.map((value) => ({ value, title: words(message(`mistake.${value}`), job) }))} onChange={setCause} />
          <MinutesField label={label('log.lost')} value={minutes} mayBeNone onCommit={setMinutes} />
        </>
      ) : null}
      {kind === 'note' ? null : (
        <Segmented titled look="chips" label={label('log.part')} value={part ?? ''} options={plan.parts.map((one) => ({ value: one.id, title: one.label }))} onChange={setPart} />
      )}
      {kind === 'size' ? (
        <>
          <LengthField label={label('log.measures')} value={length} units={job.units} tape={job.tape} leastMm={1} onCommit={setLength} />
          <Keypad units={job.units} tape={job.tape} />
        </>
      ) : null}
      <TextField label={label('log.text')} value={text} multiline maxLength={LIMITS.notes} onChangeText={setText} />
      {fault ? (
        <Txt tone="stop" role="alert">
          {fault}
        </Txt>
      ) : null}
    </Sheet>
  );
} // prettier-ignore
