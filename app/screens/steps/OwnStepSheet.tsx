import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { LIMITS, STEP_PLACES, withBuild, type Job, type OwnStep } from '@dormer/core/job/document';
import { FORMS, type FormAnswer, type FormFields } from '@dormer/core/job/forms';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { Button, Section, Segmented, Sheet, TextField, Toggles } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useKeptForm } from '../../ui/useKeptForm';
import { useLabel } from '../../labels';
import { editJob, newId, useAppDispatch } from '../../store';
import { MinutesField } from '../../parts/MinutesField';

interface OwnStepSheetProps {
  readonly job: Job;
  readonly plan: Plan;
  /** The step that is changed; null for a new one. */
  readonly own: OwnStep | null;
  readonly onClose: () => void;
}

const FRESH: FormAnswer<'ownStep'> = { what: '', place: 'site', minutes: 15, after: [], before: [] };

/** Steps of the plan that another one can come before or after. */
const otherSteps = (plan: Plan, job: Job, own: string | null) =>
  plan.build.steps
    .filter((step) => step.id !== `own:${own}`)
    .map((step) => ({ value: step.id, title: words(step.what, job) }));

/** A step the person adds: what, where, how long, and between which others. */
export const OwnStepSheet = guardedSheet(function OwnStepSheet({ job, plan, own, onClose }: OwnStepSheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { id, ...fields } = own ?? { id: null, ...FRESH };
  const { control, handleSubmit, formState } = useKeptForm(
    useForm({ defaultValues: fields, resolver: zodResolver(FORMS.ownStep) }),
  );
  const others = otherSteps(plan, job, id);
  const put = (change: (own: readonly OwnStep[]) => OwnStep[]) => {
    dispatch(editJob((before) => withBuild(before, { own: change(before.build.own) })));
    onClose();
  };
  const keep = handleSubmit((step) => {
    const kept: OwnStep = { ...step, id: id ?? newId() };
    put((all) => [...all.filter((other) => other.id !== id), kept].slice(-LIMITS.ownSteps));
  });
  return (
    <Sheet
      title={label('own.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <>
          {own ? (
            <Button
              title={label('own.remove')}
              look="stop"
              onPress={() => put((all) => all.filter((other) => other.id !== id))}
            />
          ) : null}
          <Button title={label(own ? 'own.change' : 'own.add')} look="lead" grow onPress={() => void keep()} />
        </>
      }
    >
      <Controller
        name="what"
        control={control}
        render={({ field }) => (
          <TextField
            label={label('own.what')}
            value={field.value}
            maxLength={LIMITS.name}
            fault={formState.errors.what ? label('own.needsWords') : null}
            onChangeText={field.onChange}
          />
        )}
      />
      <Controller
        name="place"
        control={control}
        render={({ field }) => (
          <Segmented
            titled
            label={label('own.where')}
            value={field.value}
            options={STEP_PLACES.map((value) => ({ value, title: label(`build.place.${value}`) }))}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        name="minutes"
        control={control}
        render={({ field }) => (
          <MinutesField
            label={label('own.minutes')}
            value={field.value}
            onCommit={(minutes) => field.onChange(minutes ?? 0)}
          />
        )}
      />
      <Controller
        name="after"
        control={control}
        render={({ field }) => (
          <Picks title={label('own.after')} chosen={field.value} options={others} onChange={field.onChange} />
        )}
      />
      <Waits control={control} />
      <Controller
        name="before"
        control={control}
        render={({ field }) => (
          <Picks title={label('own.before')} chosen={field.value} options={others} onChange={field.onChange} />
        )}
      />
    </Sheet>
  );
});

/** How long after the steps before it; asked for when there are any. */
function Waits({ control }: { control: Control<FormFields<'ownStep'>, unknown, FormAnswer<'ownStep'>> }) {
  const label = useLabel();
  const [after, least] = useWatch({ control, name: ['after', 'least'] });
  if (after.length === 0) return null;
  return (
    <>
      <Controller
        name="least"
        control={control}
        render={({ field }) => (
          <MinutesField
            label={label('own.least')}
            value={field.value ?? null}
            mayBeNone
            onCommit={(minutes) => field.onChange(minutes ?? undefined)}
          />
        )}
      />
      <Controller
        name="most"
        control={control}
        render={({ field }) => (
          <MinutesField
            label={label('own.most')}
            value={field.value ?? null}
            mayBeNone
            placeholder={label('ways.never')}
            onCommit={(minutes) => {
              if (minutes !== null && minutes < (least ?? 0)) return label('ways.backwards');
              field.onChange(minutes ?? undefined);
            }}
          />
        )}
      />
    </>
  );
}

interface PicksProps {
  readonly title: string;
  readonly chosen: readonly string[];
  readonly options: readonly { readonly value: string; readonly title: string }[];
  readonly onChange: (chosen: string[]) => void;
}

/** Some of the steps: those that are chosen in sight, the others when they are asked for. */
function Picks({ title, chosen, options, onChange }: PicksProps) {
  const label = useLabel();
  const [all, setAll] = useState(false);
  const shown = all ? options : options.filter((option) => chosen.includes(option.value));
  return (
    <Section
      title={title}
      aside={
        <Button
          look="quiet"
          title={label(all ? 'own.fewer' : 'own.choose', { what: title })}
          onPress={() => setAll(!all)}
        />
      }
    >
      <Toggles
        label={shown.length === 0 ? label('own.anywhere') : title}
        chosen={chosen}
        options={shown}
        onChange={onChange}
      />
    </Section>
  );
}
