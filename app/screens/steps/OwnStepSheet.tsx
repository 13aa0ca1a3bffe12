import { useState } from 'react';
import { LIMITS, STEP_PLACES, withBuild, type Job, type OwnStep } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { sentence } from '@dormer/core/say/words/first';
import { Button, Section, Segmented, Sheet, TextField, Toggles } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
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

const FRESH: Omit<OwnStep, 'id'> = { what: '', place: 'site', minutes: 15, after: [], before: [] };

/** A step the person adds: what, where, how long, and between which others. */
export const OwnStepSheet = guardedSheet(function OwnStepSheet({ job, plan, own, onClose }: OwnStepSheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [step, setStep] = useState<Omit<OwnStep, 'id'>>(own ?? FRESH);
  const [fault, setFault] = useState<string | null>(null);
  const set = (change: Partial<OwnStep>) => setStep((before) => ({ ...before, ...change }));
  const mine = own ? `own:${own.id}` : null;
  const others = plan.build.steps
    .filter((one) => one.id !== mine)
    .map((one) => ({ value: one.id, title: sentence(one.what, job) }));
  const keep = () => {
    const what = step.what.trim();
    if (what === '') return setFault(label('own.needsWords'));
    const kept: OwnStep = { ...step, id: own?.id ?? newId(), what };
    dispatch(
      editJob((one) => {
        const rest = one.build.own.filter((other) => other.id !== kept.id);
        return withBuild(one, { own: [...rest, kept].slice(-LIMITS.ownSteps) });
      }),
    );
    onClose();
  };
  const remove = () => {
    dispatch(editJob((one) => withBuild(one, { own: one.build.own.filter((other) => other.id !== own?.id) })));
    onClose();
  };
  return (
    <Sheet
      title={label('own.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <>
          {own ? <Button title={label('own.remove')} look="stop" onPress={remove} /> : null}
          <Button title={label(own ? 'own.change' : 'own.add')} look="lead" grow onPress={keep} />
        </>
      }
    >
      <TextField
        label={label('own.what')}
        value={step.what}
        maxLength={LIMITS.name}
        fault={fault}
        onChangeText={(what) => set({ what })}
      />
      <Segmented
        titled
        label={label('own.where')}
        value={step.place}
        options={STEP_PLACES.map((value) => ({ value, title: label(`build.place.${value}`) }))}
        onChange={(place) => set({ place })}
      />
      <MinutesField
        label={label('own.minutes')}
        value={step.minutes}
        onCommit={(minutes) => set({ minutes: minutes ?? 0 })}
      />
      <Picks title={label('own.after')} chosen={step.after} options={others} onChange={(after) => set({ after })} />
      {step.after.length > 0 ? (
        <>
          <MinutesField
            label={label('own.least')}
            value={step.least ?? null}
            mayBeNone
            onCommit={(least) => setStep(({ least: _least, ...rest }) => (least === null ? rest : { ...rest, least }))}
          />
          <MinutesField
            label={label('own.most')}
            value={step.most ?? null}
            mayBeNone
            placeholder={label('ways.never')}
            onCommit={(most) => {
              if (most !== null && most < (step.least ?? 0)) return label('ways.backwards');
              setStep(({ most: _most, ...rest }) => (most === null ? rest : { ...rest, most }));
            }}
          />
        </>
      ) : null}
      <Picks title={label('own.before')} chosen={step.before} options={others} onChange={(before) => set({ before })} />
    </Sheet>
  );
});

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
