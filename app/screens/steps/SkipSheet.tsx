import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { message } from '@dormer/core/base/message';
import type { Step } from '@dormer/core/work/steps/forScreens';
import { LIMITS, SKIP_REASONS, withSkipped, type Job } from '@dormer/core/job/document';
import { FORMS, type FormFields } from '@dormer/core/job/forms';
import { words } from '@dormer/core/say/words/first';
import { Button, Segmented, Sheet, TextField, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useKeptForm } from '../../ui/useKeptForm';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';

const USUAL: FormFields<'skipped'> = { why: 'not-needed', note: '' };

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
  const { control, handleSubmit } = useKeptForm(
    useForm({ defaultValues: USUAL, resolver: zodResolver(FORMS.skipped) }),
  );
  const leaveOut = handleSubmit(({ why, note = '' }) => {
    dispatch(editJob((before) => withSkipped(before, step.id, why, note)));
    onClose();
  });
  return (
    <Sheet
      title={label('skip.title', { what: words(step.what, job) })}
      closeTitle={label('close')}
      onClose={onClose}
      footer={<Button title={label('skip.do')} look="lead" grow onPress={() => void leaveOut()} />}
    >
      <Controller
        name="why"
        control={control}
        render={({ field }) => (
          <Segmented
            titled
            look="column"
            label={label('skip.why')}
            value={field.value}
            options={SKIP_REASONS.map((value) => ({ value, title: words(message(`skip.${value}`), job) }))}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        name="note"
        control={control}
        render={({ field }) => (
          <TextField
            label={label('skip.note')}
            value={field.value ?? ''}
            maxLength={LIMITS.name}
            onChangeText={field.onChange}
          />
        )}
      />
      <Txt kind="small" tone="faint">
        {label('skip.care')}
      </Txt>
    </Sheet>
  );
});
