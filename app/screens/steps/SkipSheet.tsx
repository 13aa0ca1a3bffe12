import { useState } from 'react';
import type { Step } from '@dormer/core/work/steps/forScreens';
import { SKIP_REASONS, withSkipped, type Job } from '@dormer/core/job/document';
import { sentence } from '@dormer/core/say/words/first';
import { Button, Segmented, Sheet, TextField, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';

/** A step is left out, and why. */
export const SkipSheet = guardedSheet(function SkipSheet({
  step,
  job,
  onClose,
}: {
  step: Step;
  job: Job;
  onClose: () => void;
}) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [why, setWhy] = useState<(typeof SKIP_REASONS)[number]>('not-needed');
  const [note, setNote] = useState('');
  return (
    <Sheet
      title={label('skip.title', { what: sentence(step.what, job) })}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <Button
          title={label('skip.do')}
          look="lead"
          grow
          onPress={() => {
            dispatch(editJob((one) => withSkipped(one, step.id, why, note)));
            onClose();
          }}
        />
      }
    >
      <Segmented
        titled
        look="column"
        label={label('skip.why')}
        value={why}
        options={SKIP_REASONS.map((value) => ({ value, title: label(`trips.reason.${value}`) }))}
        onChange={setWhy}
      />
      <TextField label={label('skip.note')} value={note} maxLength={120} onChangeText={setNote} />
      <Txt kind="small" tone="faint">
        {label('skip.care')}
      </Txt>
    </Sheet>
  );
});
